import { useEffect, useRef, type ReactNode } from 'react';
import { useFocusAtHead } from './focus.ts';
import { Margin, NotesProvider, type Note } from './notes.tsx';
import { NO_PRICE } from '../words/figures.ts';

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
  const head = useRef<HTMLHeadingElement>(null);
  useFocusAtHead(head);
  return (
    <NotesProvider notes={notes}>
      <div className="flex min-h-0 flex-1">
        {beside && (
          <aside
            aria-label="Drawn beside it"
            className="hidden w-[268px] shrink-0 overflow-y-auto border-r border-rule bg-leaf px-[22px] py-5 wide:block"
          >
            {beside}
          </aside>
        )}
        <main className="min-w-0 flex-1 overflow-y-auto px-4 pt-4 pb-6 wide:px-[22px] wide:pt-5">
          {above && <div className="text-sm text-faded">{above}</div>}
          <div className="mb-3 flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
            <h1 ref={head} tabIndex={-1} className="outline-none text-[26px] leading-tight wide:text-[27px]">
              {title}
            </h1>
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
          className="flex h-[52px] shrink-0 items-center gap-x-2 overflow-x-auto border-t-4 border-double border-strong bg-leaf px-3 text-[11.5px] whitespace-nowrap wide:h-11 wide:gap-x-5 wide:px-6 wide:text-[14.5px]"
        >
          {footing}
        </footer>
      )}
    </NotesProvider>
  );
}

/** One running total of the footing; a price only for those who see it. */
export function Total({ words, figure, end = false }: { words: string; figure: ReactNode; end?: boolean }) {
  if (figure === NO_PRICE) return null;
  return (
    <span
      className={`flex flex-col-reverse leading-tight wide:inline wide:leading-normal ${end ? 'ml-auto text-right' : 'border-r border-rule pr-2 last:border-0 wide:pr-5'}`}
    >
      {words} <strong className="font-serif text-[15px] font-semibold wide:text-[16px]">{figure}</strong>
    </span>
  );
}

export { Refused } from './Refused.tsx';
export { Coming } from './Coming.tsx';
