import { useState } from 'react';
import { Link, useParams } from 'react-router';
import {
  CONDITION_LABELS,
  facesSun,
  RESULT_LABELS,
  TEST_RESULTS,
  type Condition,
  type TestKind,
  testWords,
} from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Mark, NotesUnder, type Note } from '../page/notes.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { capital, sayPercent } from '../words/figures.ts';
import { stopsOf, type RoundStop } from './stops.ts';
import { nowText } from '../clock/clock.ts';
import { readFigure } from '../words/readFigure.ts';
import { newId } from '../store/newId.ts';
import { useJobQuery, useNoteFindingMutation, useRecordTestMutation, useSessionQuery } from '../store/endpoints.ts';
import { Typed } from '../form/atOnce.tsx';

/** A round counts what was read since about the last season. */
const THIS_SEASON_MS = 150 * 86_400_000;

/** The season's round outside: places that hold water, catch sun or move, with readings and the likely cause. */
export default function Round() {
  const { jobId = '' } = useParams();
  const [now] = useState(() => Date.now());
  const { data, error, refetch } = useJobQuery(jobId);
  const { data: session } = useSessionQuery();
  if (!data || !session) return <Coming error={error} again={() => void refetch()} />;
  const stops = stopsOf(data, session.firm.hemisphere, now);
  const notes: Note[] = stops
    .filter((s) => s.cause)
    .map(({ cause, surface }, i) => ({
      n: i + 1,
      head: `${capital(cause!.words)}.`,
      text: `${surface.name}: ${sayPercent(cause!.probability)} of the belief. ${cause!.clues.join(' ') || 'The place alone says so.'}`,
      source: 'practice',
    }));
  const read = stops.filter((s) =>
    s.surface.tests.some((t) => s.place.tests.includes(t.test.kind) && now - Date.parse(t.at) < THIS_SEASON_MS),
  );
  return (
    <Page
      title="Season’s round"
      notes={notes}
      above={
        <Link className="hover:underline" to={`/jobs/${jobId}`}>
          {data.job.title}
        </Link>
      }
      footing={
        <>
          <Total words="places" figure={stops.length} />
          <Total words="read this season" figure={read.length} />
          <Total end words="need work" figure={notes.length} />
        </>
      }
    >
      {stops.length === 0 && (
        <p className="py-6">
          No elevation yet. On the job’s page press Room, choose Elevation, and say which way it faces.
        </p>
      )}
      {data.rooms
        .filter((r) => r.kind === 'elevation')
        .map((room) => (
          <section key={room.id} className="mb-5">
            <h2 className="border-b-2 border-ink pb-0.5 text-[18px]">
              {room.name}
              {room.facing && (
                <span className="font-sans text-sm font-normal text-faded">
                  {' '}
                  faces {room.facing}
                  {facesSun(room.facing, session.firm.hemisphere) && ', into the sun'}
                </span>
              )}
            </h2>
            <ul>
              {stops
                .filter((s) => s.room === room)
                .map((stop) => (
                  <StopLine
                    key={stop.key}
                    stop={stop}
                    note={notes.find((_, i) => stops.filter((s) => s.cause)[i] === stop)?.n ?? null}
                  />
                ))}
            </ul>
          </section>
        ))}
    </Page>
  );
}

function StopLine({ stop, note }: { stop: RoundStop; note: number | null }) {
  const { place, surface, cause } = stop;
  const [open, setOpen] = useState(false);
  const made = surface.tests.filter((t) => place.tests.includes(t.test.kind));
  return (
    <li className="border-b border-rule py-2">
      <div className="flex items-start justify-between gap-3">
        <div>
          <strong>{place.words}</strong>, {surface.name.toLowerCase()}
          {note !== null && <Mark n={note} />}
          <p className="text-sm text-faded">{place.look}</p>
          {cause && (
            <p className="text-[14.5px]">
              Likely {cause.words}, {sayPercent(cause.probability)}
            </p>
          )}
          {note !== null && <NotesUnder ns={[note]} />}
          {made.length > 0 && (
            <p className="text-sm">
              {made
                .slice(-3)
                .map((t) => testWords(t.test))
                .join(' · ')}
            </p>
          )}
        </div>
        <button
          type="button"
          aria-expanded={open}
          className="min-h-[44px] shrink-0 rounded border border-strong bg-leaf px-3 hover:border-ink wide:min-h-[34px]"
          onClick={() => setOpen(!open)}
        >
          Look
        </button>
      </div>
      {open && <LookHere stop={stop} />}
    </li>
  );
}

/** Readings and flags for one place: each is a record as soon as it is pressed. */
function LookHere({ stop: { place, surface } }: { stop: RoundStop }) {
  const [record, tested] = useRecordTestMutation();
  const [find, found] = useNoteFindingMutation();
  const [value, setValue] = useState('');
  const at = () => nowText();
  const send = (kind: TestKind, result: { result?: string; value?: number }) =>
    void record({ surfaceId: surface.id, id: newId(), at: at(), test: { kind, place: place.words, ...result } });
  const flag = (condition: Condition) =>
    void find({ surfaceId: surface.id, id: newId(), at: at(), conditions: [condition], note: place.words });
  return (
    <div className="mt-2 grid gap-2 bg-leaf p-3">
      {place.tests.map((kind) =>
        kind === 'moisture-meter' ? (
          <form
            key={kind}
            className="flex items-end gap-2 text-sm"
            onSubmit={(e) => {
              e.preventDefault();
              send(kind, { value: readFigure(value) });
              setValue('');
            }}
          >
            <Typed words="Moisture, %" required inputMode="decimal" value={value} onType={setValue} width="w-24" />
            <button type="submit" className="min-h-[44px] rounded border border-ink px-3">
              Record
            </button>
          </form>
        ) : (
          <div key={kind} className="flex flex-wrap gap-1.5" role="group" aria-label={kind}>
            {(TEST_RESULTS[kind] as readonly string[]).map((result) => (
              <Chip key={result} onPress={() => send(kind, { result })}>
                {capital(RESULT_LABELS[result] ?? result)}
              </Chip>
            ))}
          </div>
        ),
      )}
      <div className="flex flex-wrap gap-1.5" role="group" aria-label="What is wrong">
        {place.flags.map((c) => (
          <Chip key={c} pressed={surface.conditions.includes(c)} onPress={() => flag(c)}>
            {capital(CONDITION_LABELS[c])}
          </Chip>
        ))}
      </div>
      <Refused error={tested.error ?? found.error} />
    </div>
  );
}
