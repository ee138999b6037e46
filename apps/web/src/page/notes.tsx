import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { useWords } from '../words/Words.tsx';

/** One reason in the margin. */
export interface Note {
  n: number;
  head?: string;
  text: string;
  /** The weight of the evidence, or the figure behind it. */
  weight?: string | undefined;
  source?: string | null | undefined;
}

interface Lit {
  lit: number | null;
  light: (n: number | null) => void;
  opened: number | null;
  open: (n: number | null) => void;
  notes: readonly Note[];
}
const NotesContext = createContext<Lit>({ lit: null, light: () => {}, opened: null, open: () => {}, notes: [] });

export function NotesProvider({ notes, children }: { notes: readonly Note[]; children: ReactNode }) {
  const [lit, light] = useState<number | null>(null);
  const [opened, open] = useState<number | null>(null);
  const value = useMemo(() => ({ lit, light, opened, open, notes }), [lit, opened, notes]);
  return <NotesContext.Provider value={value}>{children}</NotesContext.Provider>;
}

/** The small red number beside a decision. On a phone a tap opens its note under the line. */
export function Mark({ n }: { n: number }) {
  const { light, lit, open, opened } = useContext(NotesContext);
  return (
    <button
      type="button"
      aria-label={`Why: note ${n}`}
      aria-expanded={opened === n}
      onMouseEnter={() => light(n)}
      onMouseLeave={() => light(null)}
      onFocus={() => light(n)}
      onBlur={() => light(null)}
      onClick={() => open(opened === n ? null : n)}
      className={`-my-3 inline-block min-w-[24px] px-1 py-3 max-wide:-my-4 max-wide:min-h-[44px] max-wide:min-w-[44px] align-super text-xs leading-none font-bold text-madder ${lit === n ? 'underline' : ''}`}
    >
      {n}
    </button>
  );
}

function Words({ note }: { note: Note }) {
  const { inOurWords } = useWords();
  return (
    <>
      {note.head && <strong className="text-madder">{inOurWords(note.head)} </strong>}
      {inOurWords(note.text)}
      {note.weight && <> Weight: {note.weight}.</>}
      {note.source && <em className="block text-faded">{note.source}</em>}
    </>
  );
}

/** Where the notes of a line open on a phone. */
export function NotesUnder({ ns }: { ns: readonly number[] }) {
  const { opened, notes } = useContext(NotesContext);
  const note = opened !== null && ns.includes(opened) ? notes.find((x) => x.n === opened) : undefined;
  return note ? (
    <div className="my-1 border-l-2 border-madder/70 py-1 pl-3 text-sm wide:hidden">
      <Words note={note} />
    </div>
  ) : null;
}

/** The margin right of the red rule. */
export function Margin() {
  const { notes, lit, light } = useContext(NotesContext);
  return (
    <aside
      tabIndex={0}
      aria-label="Reasons"
      className="no-print hidden w-[291px] shrink-0 overflow-y-auto border-l-2 border-madder/65 px-4 py-5 text-[14.5px] leading-[1.38] wide:block"
    >
      <ol>
        {notes.map((note) => (
          <li
            key={note.n}
            onMouseEnter={() => light(note.n)}
            onMouseLeave={() => light(null)}
            className={`mb-3 grid grid-cols-[22px_1fr] rounded px-1 ${lit === note.n ? 'bg-wash' : ''}`}
          >
            <span className="text-xs leading-5 font-bold text-madder">{note.n}</span>
            <div>
              <Words note={note} />
            </div>
          </li>
        ))}
      </ol>
    </aside>
  );
}
