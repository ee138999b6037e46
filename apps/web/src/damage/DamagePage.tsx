import { useState } from 'react';
import { useParams } from 'react-router';
import {
  DAMAGE,
  DAMAGE_LABELS,
  FEATURE_LABELS,
  placedWords,
  sayArea,
  WALL_FEATURES,
  type Damage,
  type SketchPlace,
  type WallFeature,
} from '@rustic/core';
import { nowText } from '../clock/clock.ts';
import { RoomSketch, type Tick } from '../drawing/RoomSketch.tsx';
import { Chip } from '../page/Act.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { SurfacePath } from '../page/SurfacePath.tsx';
import { newId } from '../store/newId.ts';
import { useDamageQuery, useMarkDamageMutation, type DamagePage as Data } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { useMay } from '../store/useMay.ts';
import { capital } from '../words/figures.ts';
import { sayMetres } from '../words/length.ts';
import { CausesOf } from './CausesOf.tsx';
import { PhotoMarks } from './PhotoMarks.tsx';
import { ZoneLines } from './ZoneLines.tsx';

type Mark = Data['marks'][number];
/** The smallest a metre is drawn, in px: a thumb finds its place. */
const LEAST_PER_M = 60;

/** Damage put where it is: how large it may be, what that comes to, where to look next, and why it is there. */
export default function DamagePage() {
  const { surfaceId = '' } = useParams();
  const { data, error, refetch } = useDamageQuery(surfaceId);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return <Marking key={surfaceId} data={data} />;
}

function Marking({ data }: { data: Data }) {
  const { job, room, surface, marks, zones, walls } = data;
  const may = useMay();
  const units = useSight((s) => s.units);
  const [put, putting] = useMarkDamageMutation();
  const [what, setWhat] = useState<Damage | WallFeature>(zones[0]?.damage ?? 'peeling');
  const [there, setThere] = useState(true);
  const zone = zones.find((z) => z.damage === what);
  const send = ({ what, there, place }: Pick<Mark, 'what' | 'there' | 'place'>, takesBack: string | null = null) =>
    put({ surfaceId: surface.id, id: newId(), at: nowText(), what, there, place, takesBack });
  const place = (at: SketchPlace) => void send({ what, there: there || isFeature(what), place: at });
  const placed = zones.reduce((sum, z) => sum + z.likelyM2, 0);
  return (
    <Page
      title="Where it is"
      above={<SurfacePath job={job} room={room} surface={surface} />}
      notes={NOTES}
      footing={
        <>
          <Total words="marks" figure={marks.length} />
          <Total words="kinds of damage" figure={zones.length} />
          <Total end words="in all, likely" figure={sayArea(Math.round(placed * 10) / 10, units)} />
        </>
      }
    >
      {may.work && walls.length > 0 && (
        <>
          <div role="group" aria-label="What is there" className="no-print mb-2 flex flex-wrap gap-1.5">
            {DAMAGE.map((one) => (
              <Chip key={one} pressed={what === one} onPress={() => setWhat(one)}>
                {capital(DAMAGE_LABELS[one])}
              </Chip>
            ))}
          </div>
          <div
            role="group"
            aria-label="What stands there"
            className="no-print mb-2 flex flex-wrap items-center gap-1.5 text-sm"
          >
            <span className="text-faded">or what stands there:</span>
            {WALL_FEATURES.map((one) => (
              <Chip key={one} pressed={what === one} onPress={() => setWhat(one)}>
                {capital(FEATURE_LABELS[one])}
              </Chip>
            ))}
          </div>
          <div className="no-print mb-2 flex flex-wrap items-center gap-1.5">
            {!isFeature(what) && (
              <>
                <Chip pressed={there} onPress={() => setThere(true)}>
                  It is there
                </Chip>
                <Chip pressed={!there} onPress={() => setThere(false)}>
                  Looked, and sound
                </Chip>
              </>
            )}
            <span className="text-sm text-faded">
              Tap the wall where{data.photos.length > 0 && ', here or in a photo of it'}.
            </span>
          </div>
        </>
      )}
      <Refused error={putting.error} />
      {walls.length === 0 ? (
        <p className="py-4">The room has no sketch: enter its walls, and damage can be put where it is.</p>
      ) : (
        <RoomSketch
          sketch={{ walls }}
          width={900}
          leastPerM={LEAST_PER_M}
          ticks={marks.map(tickOf)}
          shaded={zone ? zone.cells.map((cell, i) => ({ ...cell, odds: zone.odds[i]! })) : []}
          chosen={zone?.next?.place ?? null}
          {...(may.work && !putting.isLoading ? { onPlace: place } : {})}
        />
      )}
      {zone?.next && (
        <p className="mt-1 text-sm">
          <strong className="font-semibold">Look next</strong> where the ring is
          {walls.length > 1 && `, on wall ${zone.next.place.wall + 1}`}: {sayMetres(zone.next.place.x, units)} from the
          left, {sayMetres(zone.next.place.y, units)} up. It leaves {Math.round(zone.next.doubtLeft * 100)} % of the
          doubt about its size.
        </p>
      )}
      {marks.length === 0 && walls.length > 0 && (
        <p className="py-3">
          Nothing is marked yet. Put each place where it comes away, is stained or wet on the wall, and some where it is
          sound: the bad part gets its size.
        </p>
      )}
      <PhotoMarks data={data} mayMark={may.work && !putting.isLoading} onPlace={place} />
      <ZoneLines zones={zones} currency={data.currency} chosen={what} onChoose={setWhat} />
      <CausesOf causes={data.causes} />
      {marks.length > 0 && (
        <ul className="mt-4 text-[14.5px]" aria-label="Marks">
          {marks.map((mark, i) => (
            <li key={mark.id} className="flex items-center justify-between gap-3 border-b border-rule py-0.5">
              <span>
                <strong className="font-semibold">{i + 1}</strong> {wordsOf(mark)}
                <span className="text-faded"> {mark.byName}</span>
              </span>
              {may.work && (
                <button
                  type="button"
                  disabled={putting.isLoading}
                  aria-label={`Take back mark ${i + 1}`}
                  className="no-print min-h-[44px] px-2 text-sm underline wide:min-h-[28px]"
                  onClick={() => void send(mark, mark.id)}
                >
                  Take back
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </Page>
  );
}

const isFeature = (what: string) => (WALL_FEATURES as readonly string[]).includes(what);
const wordsOf = ({ what, there }: Mark) => `${placedWords(what)}${there ? '' : ': sound here'}`;
const tickOf = (mark: Mark, i: number): Tick => ({
  id: mark.id,
  n: i + 1,
  place: mark.place,
  words: wordsOf(mark),
  kind: isFeature(mark.what) ? 'feature' : mark.there ? 'fault' : 'sound',
});

const NOTES = [
  {
    n: 1,
    text: 'Reckoned from every look and every test that was made at a place: near a look it is as it was there, far from all it is as on most such walls. One in ten lies beyond either end.',
    source: 'Gaussian process, every look kept to its side',
  },
  {
    n: 2,
    text: 'Labour and paint of this surface at either end of its size. Until somebody measures it, the likely size is priced.',
  },
];
