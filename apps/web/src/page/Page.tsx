import { useEffect, type ReactNode } from 'react';
import { Margin, NotesProvider, type Note } from './notes.tsx';
import { refusalOf } from '../store/api.ts';

interface Props {
  title: string;
  above?: ReactNode;
  acts?: ReactNode;
  notes?: readonly Note[];
  footing?: ReactNode;
  beside?: ReactNode;
  /** On a phone, what the thumb reaches: a row above the footing. */
  bar?: ReactNode;
  wide?: boolean;
  children: ReactNode;
}
const NONE: readonly Note[] = [];

/** A ledger page: leaf, margin, footing. */
export function Page({ title, above, acts, notes = NONE, footing, beside, bar, wide = false, children }: Props) {
  useEffect(() => {
    document.title = `${title} · Rustic Ledger`;
  }, [title]);
  return (
    <NotesProvider notes={notes}>
      <div className="flex min-h-0 flex-1">
        {beside && (
          <div className="hidden w-[268px] shrink-0 overflow-y-auto border-r border-rule bg-leaf px-[22px] py-5 wide:block">
            {beside}
          </div>
        )}
        <main className="min-w-0 flex-1 overflow-y-auto px-4 pt-4 pb-6 wide:px-[22px] wide:pt-5">
          {above && <div className="text-sm text-faded">{above}</div>}
          <div className="mb-3 flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
            <h1 className="text-[26px] leading-tight wide:text-[27px]">{title}</h1>
            {acts && <div className="no-print flex flex-wrap gap-2.5">{acts}</div>}
          </div>
          {children}
        </main>
        {!wide && <Margin />}
      </div>
      {bar && <div className="no-print flex shrink-0 gap-2 border-t border-strong bg-paper p-2 wide:hidden">{bar}</div>}
      {footing && (
        <footer
          tabIndex={0}
          aria-label="Running totals"
          className="flex h-11 shrink-0 items-center gap-x-2.5 overflow-x-auto border-t-4 border-double border-strong bg-leaf px-4 text-[13px] whitespace-nowrap wide:gap-x-5 wide:px-6 wide:text-[14.5px]"
        >
          {footing}
        </footer>
      )}
    </NotesProvider>
  );
}

/** One running total of the footing. */
export function Total({ words, figure, end = false }: { words: string; figure: ReactNode; end?: boolean }) {
  return (
    <span className={end ? 'ml-auto' : 'border-r border-rule pr-2.5 last:border-0 wide:pr-5'}>
      {words} <strong className="font-serif text-[15px] font-semibold wide:text-[16px]">{figure}</strong>
    </span>
  );
}

/** What an error says: what happened, what was kept, what to do; each fault on a line of its own. */
export function Refused({ error }: { error: unknown }) {
  const refusal = refusalOf(error);
  if (!refusal) return null;
  return (
    <div role="alert" className="my-2 border-l-4 border-madder bg-leaf px-3 py-2">
      <p className="font-semibold">{refusal.message}</p>
      {refusal.errors?.map((fault) => (
        <p key={fault.path + fault.message} className="text-sm">
          {fault.path}: {fault.message}
        </p>
      ))}
    </div>
  );
}

/** While a page is on its way, and when it does not come. */
export function Coming({ error, again }: { error?: unknown; again?: () => void }) {
  if (!error)
    return (
      <div className="p-8 text-faded" role="status">
        Fetching …
      </div>
    );
  return (
    <div className="p-6">
      <Refused error={error} />
      {again && (
        <button type="button" className="mt-2 min-h-[44px] underline" onClick={again}>
          Try again
        </button>
      )}
    </div>
  );
}
