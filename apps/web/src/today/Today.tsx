import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { CHEMISTRY_LABELS, dryingSource, isCoat } from '@rustic/core';
import { Wedge } from '../drawing/Wedge.tsx';
import { Mark, NotesUnder, type Note } from '../page/notes.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { useTodayQuery } from '../store/api.ts';
import type { TodayLine } from '../store/types.ts';
import { sayStep } from '../words/step.ts';
import { nowMinute, sayFromNow, sayLength, sayTime } from '../words/time.ts';
import { LogWork } from './LogWork.tsx';

const GROUPS: { of: TodayLine['standing'][]; words: string; empty?: string }[] = [
  { of: ['closed', 'closing'], words: 'Closing soon' },
  { of: ['open'], words: 'Hands on now', empty: 'Nothing is open this minute.' },
  { of: ['drying'], words: 'Opening next', empty: 'Nothing is drying.' },
  { of: ['to-start'], words: 'To start' },
];
const TICK_MS = 30_000;

/** The run sheet by the clock. */
export default function Today() {
  const { data, error, refetch } = useTodayQuery(undefined, { pollingInterval: 60_000, skipPollingIfUnfocused: true });
  const [now, setNow] = useState(nowMinute);
  const [logging, setLogging] = useState<TodayLine | null>(null);
  useEffect(() => {
    const timer = setInterval(() => setNow(nowMinute()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  // The clock runs on between fetches: what has opened since is open.
  const lines = data.lines
    .filter((l) => l.standing !== 'done')
    .map((l) =>
      l.standing === 'drying' && l.opensAt !== null && l.opensAt <= now ? { ...l, standing: 'open' as const } : l,
    );
  const { notes, ofLine } = notesOf(lines);
  const count = (s: TodayLine['standing']) => lines.filter((l) => l.standing === s).length;
  const opening = lines
    .filter((l) => l.standing === 'drying' && l.opensAt !== null)
    .sort((a, b) => a.opensAt! - b.opensAt!);
  const closing = lines
    .filter((l) => l.closesAt !== null && l.closesAt > now)
    .sort((a, b) => a.closesAt! - b.closesAt!);
  return (
    <Page
      title="Today"
      above={`${sayTime(now, now)} · by the clock`}
      notes={notes}
      footing={
        <>
          <Total words="open" figure={count('open') + count('closing')} />
          <Total words="drying" figure={count('drying')} />
          {opening[0] && (
            <Total
              words="opens next"
              figure={
                <>
                  {sayTime(opening[0].opensAt!)} <span className="max-wide:hidden">{opening[0].name}</span>
                </>
              }
            />
          )}
          {closing[0] && (
            <Total
              end
              words="closes"
              figure={
                <>
                  {sayTime(closing[0].closesAt!)} {closing[0].name}
                </>
              }
            />
          )}
        </>
      }
    >
      {lines.length === 0 && (
        <p className="max-w-[60ch] py-6">
          No job is planned yet. Open a job, settle its systems, and post its drying plan: the run sheet writes itself
          from there.{' '}
          <Link className="underline" to="/jobs">
            Jobs
          </Link>
        </p>
      )}
      {/* Above the groups: logged, a line moves to another group, and what was said of it stays. */}
      {logging && (
        <div ref={(panel) => panel?.scrollIntoView({ block: 'nearest' })}>
          <LogWork
            key={`${logging.surfaceId} ${logging.next?.plan.id}`}
            line={logging}
            onDone={() => setLogging(null)}
          />
        </div>
      )}
      {data.checks.length > 0 && (
        <section className="mb-5">
          <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">
            Trials to look at
            <span className="ml-2 font-sans text-sm font-normal text-faded">{data.checks.length}</span>
          </h2>
          <ul>
            {data.checks.map((check) => (
              <li key={check.trialId} className="flex items-center justify-between gap-3 border-b border-rule py-2">
                <div>
                  <Link to={`/trials/${check.trialId}`} className="font-semibold hover:underline">
                    {check.title}
                  </Link>
                  <div className="text-sm text-faded">
                    {check.jobTitle} · {check.words}
                  </div>
                </div>
                <span className="text-right whitespace-nowrap">
                  {minuteOf(check.due) <= now ? 'now' : sayFromNow(Math.round(minuteOf(check.due)), now)}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {GROUPS.map((group) => (
        <Group
          key={group.words}
          {...group}
          lines={sorted(lines.filter((l) => group.of.includes(l.standing)))}
          now={now}
          ofLine={ofLine}
          any={lines.length > 0}
          onLog={setLogging}
        />
      ))}
    </Page>
  );
}

const minuteOf = (iso: string) => Date.parse(iso) / 60_000;
const key = (l: TodayLine) => l.surfaceId;
const sorted = (lines: TodayLine[]) =>
  [...lines].sort(
    (a, b) =>
      (a.opensAt ?? Infinity) - (b.opensAt ?? Infinity) ||
      (a.plannedStart ?? '9').localeCompare(b.plannedStart ?? '9') ||
      a.name.localeCompare(b.name),
  );

function Group({
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
          <Line key={key(line)} line={line} now={now} note={ofLine.get(key(line))} onLog={onLog} />
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
  const next = line.next!;
  const act = sayStep({
    kind: next.plan.kind,
    ...(next.product && isCoat(next.plan.kind) ? { family: next.product.family } : {}),
    why: [],
  });
  const may = line.standing !== 'drying';
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
      {note && <NotesUnder ns={[note]} />}
    </li>
  );
}

function Clock({ line, now }: { line: TodayLine; now: number }) {
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

/** Why each coat opens when it does. */
function notesOf(lines: TodayLine[]): { notes: Note[]; ofLine: Map<string, number> } {
  const notes: Note[] = [];
  const ofLine = new Map<string, number>();
  for (const line of lines.filter((l) => l.standing !== 'to-start')) {
    const drying = line.last?.plan.drying;
    if (
      !drying?.recoatMin ||
      !drying.chemistry ||
      !line.last?.product ||
      line.opensAt === null ||
      line.lastEnd === null
    )
      continue;
    const took = line.opensAt - line.lastEnd;
    const label = drying.recoatMin;
    ofLine.set(key(line), notes.length + 1);
    notes.push({
      n: notes.length + 1,
      head: `${line.last.product.name}.`,
      text: `${CHEMISTRY_LABELS[drying.chemistry]}: ${sayLength(label)} by its label at 23 °C and 50 %. At ${line.offered.temperatureC} °C and ${line.offered.relativeHumidityPct} % here, ${sayLength(took)}. The label is a floor: better air never shortens it.`,
      source: dryingSource(drying.chemistry),
    });
  }
  return { notes, ofLine };
}
