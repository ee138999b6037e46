import { useState } from 'react';
import { Link } from 'react-router';
import { RESULT_LABELS } from '@rustic/core';
import { Act } from '../page/Act.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { Mark, NotesUnder, type Note } from '../page/notes.tsx';
import { capital } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { BoardIcon } from './Grid.tsx';
import { TrialForm } from './TrialForm.tsx';
import { type PatchSurface, type TrialBrief, usePatchesQuery, useTrialsQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

const HEAD = 'border-b-2 border-ink pb-0.5 text-[19px]';
const LINK = 'font-semibold hover:underline';

/** Trial boards, and the primer patches that systems wait for: what is tried before a whole surface is. */
export default function Trials() {
  const { sayFamily } = useWords();
  const { data: boards, error, refetch } = useTrialsQuery();
  const { data: patches, error: unread } = usePatchesQuery();
  const [adding, setAdding] = useState(false);
  if (!boards || !patches) return <Coming error={error ?? unread} again={() => void refetch()} />;
  const notes: Note[] = [];
  const noteOf = (text: string) => {
    const known = notes.find((x) => x.text === text);
    if (known) return known.n;
    notes.push({ n: notes.length + 1, text });
    return notes.length;
  };
  const asked = patches.flatMap((s) => s.asked.map((a) => ({ s, a, n: noteOf(a.why.join(' ')) })));
  const read = patches.flatMap((s) => s.read.map((r) => ({ s, r })));
  return (
    <Page
      title="Trials"
      above="tried before whole surfaces are"
      notes={notes}
      acts={<Act letter="n" words="New trial" main onAct={() => setAdding(!adding)} />}
      footing={
        <>
          <Total words="boards" figure={boards.length} />
          <Total
            words="to look at"
            figure={boards.filter((b) => b.due.some((d) => Date.parse(d.due) <= Date.now())).length}
          />
          <Total words="patches asked for" figure={asked.length} />
        </>
      }
    >
      {adding && <TrialForm onDone={() => setAdding(false)} />}
      {boards.length > 0 && (
        <section className="mb-5">
          <h2 className={HEAD}>Boards</h2>
          <ul className="wide:grid wide:grid-cols-[repeat(auto-fill,minmax(250px,1fr))] wide:gap-x-8">
            {boards.map((b) => (
              <BoardLine key={b.id} board={b} />
            ))}
          </ul>
        </section>
      )}
      {boards.length + asked.length + read.length === 0 && !adding && (
        <p className="max-w-[60ch] py-6">
          Nothing is tried yet. Press New trial: preparations against primers against topcoats, on a board or a hidden
          place, with an untreated cell beside them.
        </p>
      )}
      {asked.length > 0 && (
        <section className="mb-5">
          <h2 className={HEAD}>Lay a patch first</h2>
          <ul>
            {asked.map(({ s, a, n }) => (
              <li key={s.surfaceId + (a.family ?? '')} className="border-b border-rule py-2">
                <div className="flex justify-between gap-4">
                  <div>
                    <Link className={LINK} to={`/jobs/${s.jobId}/surfaces/${s.surfaceId}`}>
                      {s.name}
                    </Link>
                    <Mark n={n} />
                    <div className="text-sm text-faded">{s.jobTitle}</div>
                  </div>
                  <div className="text-right">
                    {a.family ? capital(sayFamily(a.family)) : 'A dab on the bead'}
                    <div className="text-sm text-faded">{a.waitMin ? `read after ${sayLength(a.waitMin)}` : ''}</div>
                  </div>
                </div>
                <NotesUnder ns={[n]} />
              </li>
            ))}
          </ul>
        </section>
      )}
      {read.length > 0 && (
        <section>
          <h2 className={HEAD}>Patches read</h2>
          <ul>
            {read.map(({ s, r }) => (
              <PatchLine key={r.id} s={s} r={r} />
            ))}
          </ul>
        </section>
      )}
    </Page>
  );
}

function BoardLine({ board }: { board: TrialBrief }) {
  const { sayTime } = useWords();
  const next = [...board.due].sort((a, b) => a.due.localeCompare(b.due))[0];
  const late = next && Date.parse(next.due) <= Date.now();
  return (
    <li className="flex items-center gap-3 border-b border-rule py-2 wide:flex-col wide:items-start wide:py-3">
      <BoardIcon cells={board.cells} />
      <div className="min-w-0 flex-1">
        <Link className={LINK} to={`/trials/${board.id}`}>
          {board.title}
        </Link>
        <div className="text-sm text-faded">
          {board.jobTitle}
          {board.place && `, ${board.place}`} · {board.cells.length} cells
        </div>
      </div>
      <div className="text-right wide:text-left">
        {board.concluded
          ? 'concluded'
          : !board.primedAt
            ? 'to lay'
            : !board.topcoatedAt
              ? 'primed'
              : `${board.looks} looks`}
        <div className={`text-sm ${late ? 'text-madder' : 'text-faded'}`}>
          {board.concluded ? sayTime(board.concluded.at) : next && `${late ? 'look now' : sayTime(next.due)}`}
        </div>
      </div>
    </li>
  );
}

function PatchLine({ s, r }: { s: PatchSurface; r: PatchSurface['read'][number] }) {
  const { sayFamily, sayTime } = useWords();
  return (
    <li className="flex justify-between gap-4 border-b border-rule py-2">
      <div>
        <Link className={LINK} to={`/jobs/${s.jobId}/surfaces/${s.surfaceId}`}>
          {s.name}
        </Link>
        <div className="text-sm text-faded">
          {s.jobTitle}
          {r.test.place && `, ${r.test.place}`}
        </div>
      </div>
      <div className="text-right">
        {r.test.family ? `${capital(sayFamily(r.test.family))}: ` : ''}
        {RESULT_LABELS[r.test.result ?? '']}
        <div className="text-sm text-faded">
          {r.by}, {sayTime(r.at)}
          {r.test.minutes ? `, after ${sayLength(r.test.minutes)}` : ''}
        </div>
      </div>
    </li>
  );
}
