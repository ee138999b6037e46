import { Link } from 'react-router';
import { isCoat } from '@rustic/core';
import { Wedge } from '../drawing/Wedge.tsx';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { sayFromNow, sayLength } from '../words/time.ts';
import { type TodayLine, useReleaseHoldMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { useWords } from '../words/Words.tsx';

const minuteOf = (iso: string) => Date.parse(iso) / 60_000;

/** Lines that ask for the same thing, under one heading. */
export function Group({
  words,
  empty,
  lines,
  now,
  ofLine,
  any,
  onLog,
}: {
  words: string;
  empty?: string;
  lines: TodayLine[];
  now: number;
  ofLine: Map<string, number>;
  any: boolean;
  onLog: (line: TodayLine) => void;
}) {
  if (lines.length === 0 && (!empty || !any)) return null;
  return (
    <section className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">
        {words}
        {lines.length > 0 && <span className="ml-2 font-sans text-sm font-normal text-faded">{lines.length}</span>}
      </h2>
      {lines.length === 0 && <p className="py-2 text-faded">{empty}</p>}
      <ul>
        {lines.map((line) => (
          <Line key={line.surfaceId} line={line} now={now} note={ofLine.get(line.surfaceId)} onLog={onLog} />
        ))}
      </ul>
    </section>
  );
}

function Line({
  line,
  now,
  note,
  onLog,
}: {
  line: TodayLine;
  now: number;
  note: number | undefined;
  onLog: (line: TodayLine) => void;
}) {
  const { sayStep } = useWords();
  const next = line.next!;
  const act = sayStep({
    kind: next.plan.kind,
    ...(next.parts ? { scope: next.parts } : {}),
    ...(next.product && isCoat(next.plan.kind) ? { family: next.product.family } : {}),
    why: [],
  });
  const may = line.standing !== 'drying' && line.held === null;
  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <div className="min-w-0 flex-1 basis-[170px]">
          <Link
            to={`/jobs/${line.jobId}/surfaces/${line.surfaceId}`}
            className="text-[16.5px] font-semibold hover:underline"
          >
            {line.name}
          </Link>
          {note && <Mark n={note} />}
          <div className="text-sm text-faded">
            {line.jobTitle} · {line.room}
          </div>
        </div>
        {line.standing === 'drying' && line.opensAt !== null && line.last && (
          <Wedge
            chemistry={line.last.plan.drying?.chemistry ?? 'waterborne'}
            share={
              line.lastEnd === null ? 0 : Math.min(1, (now - line.lastEnd) / Math.max(1, line.opensAt - line.lastEnd))
            }
          />
        )}
        <div className="ml-auto text-right wide:basis-[150px]">
          <Clock line={line} now={now} />
        </div>
        <button
          type="button"
          disabled={!may}
          onClick={() => onLog(line)}
          className={`min-h-[48px] w-full rounded border px-4 text-left font-semibold wide:w-[250px] ${line.standing === 'to-start' ? 'border-ink bg-leaf' : may ? 'border-ink bg-ink text-onink' : 'border-strong text-faded'}`}
        >
          {may ? act : `then: ${act}`}
        </button>
      </div>
      {line.held && <HeldLine held={line.held} />}
      {note && <NotesUnder ns={[note]} />}
    </li>
  );
}

/** Why the next step is not to begin, and the way to let it go. */
function HeldLine({ held }: { held: NonNullable<TodayLine['held']> }) {
  const { sayTime } = useWords();
  const [release, { isLoading }] = useReleaseHoldMutation();
  return (
    <p className="mt-1 border-l-4 border-ochre pl-3 text-[14.5px]">
      <strong>{held.kind === 'looks-wrong' ? 'Looked wrong' : 'Another trade comes first'}:</strong> {held.reason}
      {held.until ? `, until ${sayTime(held.until)}` : ''} ({held.byName}).{' '}
      <button
        type="button"
        disabled={isLoading}
        className="min-h-[44px] underline"
        onClick={() => void release({ holdId: held.id, id: newId() })}
      >
        {held.kind === 'looks-wrong' ? 'It is put right' : 'Let it go'}
      </button>
    </p>
  );
}

function Clock({ line, now }: { line: TodayLine; now: number }) {
  const { sayTime } = useWords();
  if (line.standing === 'drying')
    return line.opensAt === null ? (
      <strong className="text-madder">does not dry in this air</strong>
    ) : (
      <>
        <strong className="font-serif text-lg">{sayTime(line.opensAt)}</strong>
        <div className="text-sm text-faded">opens {sayFromNow(line.opensAt, now)}</div>
      </>
    );
  if (line.standing === 'closing')
    return (
      <>
        <strong className="font-serif text-lg text-madder">⚑ {sayTime(line.closesAt!)}</strong>
        <div className="text-sm">closes {sayFromNow(line.closesAt!, now)}</div>
      </>
    );
  if (line.standing === 'closed')
    return (
      <>
        <strong className="text-madder">closed</strong>
        <div className="text-sm">scuff again first</div>
      </>
    );
  if (line.standing === 'open')
    return (
      <>
        <span className="inline-block border-b-4 border-verdigris font-semibold">open</span>
        <div className="text-sm text-faded">
          {line.opensAt !== null && `since ${sayTime(line.opensAt)}`}
          {line.closesAt !== null && `, closes ${sayTime(line.closesAt)}`}
        </div>
      </>
    );
  return (
    <>
      <span className="font-semibold">
        {!line.plannedStart
          ? 'not planned'
          : minuteOf(line.plannedStart) < now
            ? `since ${sayTime(line.plannedStart)}`
            : sayTime(line.plannedStart)}
      </span>
      <div className="text-sm text-faded">{sayLength(line.next!.plan.minutes)} hands on</div>
    </>
  );
}
