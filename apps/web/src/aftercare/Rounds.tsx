import { useMemo, useState } from 'react';
import { type MapPlace, ROUNDABOUT, type Round, type VisitWish } from '@rustic/core';
import type { Note } from '../page/notes.tsx';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { useMay } from '../store/useMay.ts';
import { sayLength } from '../words/time.ts';
import { Places } from './Places.tsx';
import { RoundLine } from './RoundLine.tsx';
import { houseSketch, type HouseSketch } from './houseSketch.ts';
import { PlacesFromFile } from './PlacesFromFile.tsx';
import { roundsAsked, USUAL_ROUND, type RoundWish } from './roundsAsked.ts';
import { TownSketch, type House } from './TownSketch.tsx';
import { useRounds } from './useRounds.ts';
import { newId } from '../store/newId.ts';
import {
  type AftercarePage,
  type CareJob,
  useAftercareQuery,
  useChangeJobMutation,
  useSessionQuery,
} from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Choice } from '../form/atOnce.tsx';
import { useMeasures } from '../words/useMeasures.ts';

/** What is due grouped into rounds: by place and by season, on the sketch of the town. */
export default function Rounds() {
  const { data, error, refetch } = useAftercareQuery();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return <RoundsOf data={data} />;
}

const NOTES: Note[] = [
  {
    n: 1,
    head: 'Season and place.',
    text: 'Every stop suits its round’s day: joints after their year, walks after the wet season, coats when they can dry. Among those days, the least time on the way that was found: rounds are taken apart and put together again some ten thousand times.',
  },
  {
    n: 2,
    head: 'At the least.',
    text: 'However the stops are grouped and ordered, it cannot take less than this. Where there are many it comes nearer while the page is open.',
  },
];

/** What a firm without a map of streets is told of its ways. */
const STRAIGHT: Note = {
  n: 3,
  head: 'Ways.',
  text: `There is no map of streets here: a way is the straight line times ${ROUNDABOUT}, which is usual where town and country meet.`,
};

const sayBound = (bound: number | null | 'unknown') =>
  bound === null ? '…' : bound === 'unknown' ? 'not known here' : sayLength(bound);

function RoundsOf({ data }: { data: AftercarePage }) {
  const { localDay } = useWords();
  const may = useMay();
  const [wish, setWish] = useState<RoundWish>(USUAL_ROUND);
  const [shown, setShown] = useState(0);
  const [placing, setPlacing] = useState<CareJob | null>(null);
  const { firm } = useSessionQuery().data!;
  const sketch = useMemo(() => houseSketch(firm, data.jobs), [firm, data.jobs]);
  const { map, placed } = sketch;
  const { asked, wishes } = useMemo(() => roundsAsked(data, wish, localDay, sketch), [data, wish, localDay, sketch]);
  const { rounds, bound, busy, failed } = useRounds(asked.visits.length ? asked : null);
  const found = busy ? null : rounds;
  const round = found?.rounds[shown];
  const unplaced = data.jobs.filter((j) => !placed.has(j.id) && data.calls.some((c) => c.jobId === j.id && !c.visitId));
  return (
    <Page
      title="Rounds"
      above={<Places />}
      notes={firm.shelfFrom === 'demo' ? NOTES : [...NOTES, STRAIGHT]}
      footing={
        <>
          <Total words="rounds" figure={found?.rounds.length ?? '…'} />
          <Total words="stops" figure={asked.visits.length} />
          <Total words="on the way" figure={found ? sayLength(found.costMin) : '…'} />
          <Total end words="at the least" figure={busy ? '…' : sayBound(bound)} />
        </>
      }
    >
      <WishForm wish={wish} onWish={setWish} />
      {asked.visits.length === 0 && (
        <p className="max-w-[60ch] py-3">
          Nothing that is on the map is due in that time. What falls due stands under Due; a job comes onto the map
          below.
        </p>
      )}
      {busy && <p role="status">Trying rounds for {asked.visits.length} stops …</p>}
      {failed && <p role="alert">The rounds could not be worked out here. Nothing was changed; load the page again.</p>}
      <TownSketch
        map={map}
        houses={housesOf(data, placed, round, wishes)}
        path={round?.path}
        label={round ? `${map.name}, with the stops of round ${shown + 1}` : map.name}
      />
      {found && (
        <section aria-labelledby="rounds" className="mt-4 mb-5">
          <h2 id="rounds" className="border-b-2 border-ink pb-0.5 text-[19px]">
            {found.rounds.length === 1 ? 'One round' : `${found.rounds.length} rounds`}
            <Mark n={1} />
            <Mark n={2} />
          </h2>
          <NotesUnder ns={[1, 2]} />
          <ul>
            {found.rounds.map((one, i) => (
              <RoundLine
                key={`${one.day} ${one.stops.map((s) => s.id).join()}`}
                data={data}
                round={one}
                number={i + 1}
                wishes={wishes}
                open={i === shown}
                mayFix={may.make}
                onOpen={() => setShown(i)}
              />
            ))}
          </ul>
          <NotTaken data={data} ids={found.notTaken} wishes={wishes} />
        </section>
      )}
      {firm.shelfFrom !== 'demo' && may.make && <PlacesFromFile jobs={data.jobs} />}
      <Unplaced sketch={sketch} jobs={unplaced} placing={placing} onPlacing={setPlacing} mayPlace={may.make} />
    </Page>
  );
}

/** How far ahead, how long a day, how fast: what the rounds are sought by. */
function WishForm({ wish, onWish }: { wish: RoundWish; onWish: (wish: RoundWish) => void }) {
  const { inUnits } = useMeasures();
  const field = (words: string, key: keyof RoundWish, options: readonly (readonly [number, string])[]) => (
    <Choice
      words={words}
      value={String(wish[key])}
      options={options.map(([value, said]) => [String(value), said] as const)}
      onChoose={(value) => onWish({ ...wish, [key]: Number(value) })}
      width="min-h-[44px] wide:min-h-[34px]"
    />
  );
  return (
    <div className="no-print mb-3 flex flex-wrap gap-x-5 gap-y-2">
      {field('Due within', 'months', [
        [3, '3 months'],
        [6, '6 months'],
        [12, 'a year'],
      ])}
      {field('A day on the road', 'hours', [
        [4, '4 hours'],
        [6, '6 hours'],
        [7.5, '7½ hours'],
        [9, '9 hours'],
      ])}
      {field('About as fast as', 'kmPerHour', [
        [15, inUnits('15 km/h, lanes')],
        [25, inUnits('25 km/h, town')],
        [45, inUnits('45 km/h, open road')],
      ])}
    </div>
  );
}

/** Stops of the round that is shown by their number, every other house as a ring. */
function housesOf(
  data: AftercarePage,
  placed: HouseSketch['placed'],
  round: Round | undefined,
  wishes: ReadonlyMap<string, VisitWish>,
): House[] {
  const stopOf = (jobId: string) => round?.stops.findIndex((s) => wishes.get(s.id)?.jobId === jobId) ?? -1;
  return data.jobs.flatMap((job): House[] => {
    const place = placed.get(job.id);
    if (!place) return [];
    const stop = stopOf(job.id);
    return [{ id: job.id, place, words: job.title, ...(stop >= 0 ? { n: stop + 1 } : {}) }];
  });
}

const WHY = {
  'longer-than-a-day': 'takes longer than a day on the road: fix it as a visit by itself',
  'no-day-in-its-season': 'finds no day left in its season',
} as const;

function NotTaken({
  data,
  ids,
  wishes,
}: {
  data: AftercarePage;
  ids: readonly { id: string; why: keyof typeof WHY }[];
  wishes: ReadonlyMap<string, VisitWish>;
}) {
  if (ids.length === 0) return null;
  return (
    <ul className="mt-2">
      {ids.map(({ id, why }) => (
        <li key={id} className="border-l-4 border-ochre pl-3">
          {data.jobs.find((j) => j.id === wishes.get(id)?.jobId)?.title}: {WHY[why]}.
        </li>
      ))}
    </ul>
  );
}

/** Jobs with something due that are not on the map yet: a tap says where they are. */
function Unplaced({
  sketch,
  jobs,
  placing,
  onPlacing,
  mayPlace,
}: {
  sketch: HouseSketch;
  jobs: readonly CareJob[];
  placing: CareJob | null;
  onPlacing: (job: CareJob | null) => void;
  mayPlace: boolean;
}) {
  const [change, { error, isLoading }] = useChangeJobMutation();
  if (jobs.length === 0) return null;
  const put = async (tapped: MapPlace) => {
    if (!placing) return;
    const property = sketch.said(tapped);
    const sent = await change({ jobId: placing.id, id: newId(), version: placing.version, property });
    if (!('error' in sent)) onPlacing(null);
  };
  return (
    <section aria-labelledby="unplaced" className="mb-5">
      <h2 id="unplaced" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Not on the map yet
      </h2>
      <ul>
        {jobs.map((job) => (
          <li key={job.id} className="border-b border-rule py-1.5">
            <div className="flex flex-wrap items-center justify-between gap-x-4">
              <span>
                <span className="font-semibold">{job.title}</span>
                {job.place && <span className="text-faded">, {job.place}</span>}
              </span>
              {mayPlace && (
                <button
                  type="button"
                  className="min-h-[44px] underline"
                  onClick={() => onPlacing(placing?.id === job.id ? null : job)}
                >
                  {placing?.id === job.id ? 'Leave it' : 'Say where it is'}
                </button>
              )}
            </div>
            {placing?.id === job.id && (
              <div>
                <p className="py-1 text-sm">
                  {isLoading
                    ? 'Writing …'
                    : 'Tap the sketch where the house stands, or write its coordinates on the job’s page under The house.'}
                </p>
                <TownSketch
                  map={sketch.wider}
                  houses={[]}
                  label={`Where ${job.title} stands`}
                  onPlace={(p) => void put(p)}
                />
              </div>
            )}
          </li>
        ))}
      </ul>
      <Refused error={error} />
    </section>
  );
}
