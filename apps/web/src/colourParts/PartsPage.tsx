import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { drawParts, hashOf, sayArea, sayVolume, wallsOf, type ColourParts, type PartsFace } from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { EditedElsewhere } from '../form/EditedElsewhere.tsx';
import { DraftIsBack } from '../form/Form.tsx';
import { useDraft } from '../form/useDraft.ts';
import { Act, Chip } from '../page/Act.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { SurfacePath } from '../page/SurfacePath.tsx';
import { newId } from '../store/newId.ts';
import {
  useColourPartsQuery,
  useKeepPartsMutation,
  useTryPartsQuery,
  type PartsPage as Data,
} from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { useMay } from '../store/useMay.ts';
import { isTold, sayHours, sayRoundMoney } from '../words/figures.ts';
import { PartFields } from './PartFields.tsx';
import { PartLines } from './PartLines.tsx';
import { SaidMetres } from './SaidMetres.tsx';
import {
  addPart,
  changePart,
  handlesOf,
  liftPart,
  SHAPE_WORDS,
  withoutPart,
  withPoint,
  type ShapeKind,
} from './partActs.ts';

/** In what colours parts begin that nobody has chosen yet, told apart at a glance. */
const FIRST_COLOURS = ['#3f5b4c', '#8a4f3a', '#c9a86a', '#33466f'];
/** The smallest a metre is drawn, in px: so that a thumb finds what it draws. */
const LEAST_PER_M = 60;

/** Parts of a surface in colours of their own: drawn on the walls, measured as they are drawn. */
export default function PartsPage() {
  const { surfaceId = '' } = useParams();
  const { data, error, refetch } = useColourPartsQuery(surfaceId);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return <Drawing key={data.surface.id} data={data} />;
}

function Drawing({ data }: { data: Data }) {
  const { job, room, surface } = data;
  const may = useMay();
  const units = useSight((s) => s.units);
  const kept: ColourParts = surface.colourParts ?? { face: data.usual, parts: [] };
  const draft = useDraft(`parts/${surface.id}`, { given: kept, version: surface.version });
  const { given, version } = draft.said;
  const [before, setBefore] = useState<ColourParts[]>([]);
  const [chosen, setChosen] = useState<string | null>(given.parts[0]?.id ?? null);
  // Told by what they hold: the database gives fields in an order of its own.
  const isKept = hashOf(given) === hashOf(kept);
  const [put, keeping] = useKeepPartsMutation();
  const late = useDeferredValue(given);
  const { end } = draft;
  useEffect(() => {
    if (isKept && version === surface.version) end();
  }, [isKept, version, surface.version, end]);
  const tried = useTryPartsQuery({ surfaceId: surface.id, colourParts: late }, { skip: isKept });
  const reckoned = isKept ? data.reckoned : (tried.currentData ?? undefined);
  const walls = wallsOf(given.face, room.sketch);
  const drawn = useMemo(
    () => drawParts(late, room.sketch, surface.areaM2, surface.colour),
    [late, room.sketch, surface.areaM2, surface.colour],
  );
  const part = given.parts.find((p) => p.id === chosen) ?? null;
  const move = (now: ColourParts) => {
    setBefore([...before.slice(-49), given]);
    draft.say({ given: now });
  };
  const add = (kind: ShapeKind) => {
    const now = addPart(given, kind, walls, FIRST_COLOURS[given.parts.length % FIRST_COLOURS.length]!);
    move(now);
    setChosen(now.parts.at(-1)!.id);
  };
  const undo = () => {
    const last = before.at(-1);
    if (!last) return;
    setBefore(before.slice(0, -1));
    draft.say({ given: last });
  };
  const keep = async () => {
    const colourParts = given.parts.length ? given : null;
    const sent = await put({ surfaceId: surface.id, id: newId(), version, colourParts });
    if (!sent.data) return;
    setBefore([]);
    // Until the page is read again, what was kept stands on it as it was drawn.
    draft.say({ version: sent.data.version });
  };
  const { shape } = part ?? {};
  return (
    <Page
      title="Parts in colours of their own"
      above={<SurfacePath job={job} room={room} surface={surface} />}
      acts={
        may.make && (
          <>
            <Act letter="u" words="Undo" disabled={before.length === 0} onAct={undo} />
            <Act letter="k" words="Keep" main busy={keeping.isLoading} disabled={isKept} onAct={() => void keep()} />
          </>
        )
      }
      notes={NOTES}
      footing={
        <>
          <Total words="parts" figure={given.parts.length} />
          <Total words="rounds of taping" figure={drawn.rounds} />
          <Total words="of the ground seen" figure={sayArea(drawn.groundM2, units)} />
          {reckoned && <Total words="more hours" figure={sayHours(reckoned.addsMinutes)} />}
          {reckoned && <Total words="more paint" figure={sayVolume(Math.max(0, reckoned.addsLitres), units)} />}
          {reckoned && isTold(reckoned.adds) && (
            <Total end words="more labour and paint" figure={sayRoundMoney(reckoned.adds, data.currency)} />
          )}
        </>
      }
    >
      <DraftIsBack draft={draft} />
      <Refused error={keeping.error} />
      <EditedElsewhere draft={draft} error={keeping.error} onTheirs={draft.end} />
      {may.make && (
        <div role="group" aria-label="Put on it" className="no-print mb-2 flex flex-wrap gap-1.5">
          {(Object.keys(SHAPE_WORDS) as ShapeKind[])
            .filter((kind) => kind === 'figures' || walls.length > 0)
            .map((kind) => (
              <Chip key={kind} onPress={() => add(kind)}>
                {SHAPE_WORDS[kind]}
              </Chip>
            ))}
        </div>
      )}
      <FaceChoice data={data} face={given.face} onFace={(face) => move({ ...given, face })} />
      {walls.length > 0 && (
        <RoomSketch
          sketch={{ walls: [...walls] }}
          width={900}
          leastPerM={LEAST_PER_M}
          ground={surface.colour}
          painted={drawn.parts.map((p) => ({
            id: p.part.id,
            words: p.part.name,
            colour: p.part.colour,
            regions: p.regions,
          }))}
          chosenPart={chosen}
          onChoosePart={setChosen}
          handles={
            part && may.make
              ? handlesOf(part.shape, walls).map((h) => ({
                  ...h,
                  onMove: (x, y) => move(changePart(given, part.id, { shape: h.to(x, y) })),
                }))
              : []
          }
          {...(part && shape?.kind === 'outline' && may.make
            ? {
                onPlace: (at) => {
                  if (at.wall === shape.wall) move(changePart(given, part.id, { shape: withPoint(shape, at.x, at.y) }));
                },
              }
            : {})}
        />
      )}
      {given.parts.length === 0 && (
        <p className="py-4">
          All of it is in one colour. Put a band, stripes, a wave or an outline of your own on it, and draw its edges to
          where they belong.
        </p>
      )}
      {part && may.make && (
        <PartFields
          key={part.id}
          part={part}
          walls={walls}
          colours={data.colours}
          isFirst={given.parts[0] === part}
          isLast={given.parts.at(-1) === part}
          onChange={(change) => move(changePart(given, part.id, change))}
          onLift={(by) => move(liftPart(given, part.id, by))}
          onTakeAway={() => {
            move(withoutPart(given, part.id));
            setChosen(null);
          }}
        />
      )}
      <PartLines
        drawn={drawn.parts}
        reckoned={reckoned}
        colours={data.colours}
        chosen={chosen}
        templates={isKept ? (p, paper) => `/api/surfaces/${surface.id}/parts/${p.id}/template?paper=${paper}` : null}
        onChoose={setChosen}
      />
    </Page>
  );
}

const NOTES = [
  {
    n: 1,
    text: 'A part that has a line in common with another is painted in another round: tape never lies on what is still wet. There are as few rounds as can be: what reaches under another comes before it, else pale before deep.',
  },
  {
    n: 2,
    text: 'Tape goes on a night after waterborne paint, two after oil. Its edge is sealed with the colour under it, and it comes off while the last coat is soft.',
  },
  {
    n: 3,
    text: 'Coats come from both colours and how well the paint hides (ISO 6504-3). A part of more than a third is not painted twice: the ground stops a little past its line.',
  },
];

/** What is drawn on: the walls of the room, or a face of its own with its size and how often it is there. */
function FaceChoice({ data, face, onFace }: { data: Data; face: PartsFace; onFace: (face: PartsFace) => void }) {
  const { sketch } = data.room;
  const own: PartsFace = data.usual.kind === 'own' ? data.usual : { kind: 'own', widthM: 2, heightM: 2, count: 1 };
  if (face.kind === 'walls')
    return (
      <p className="no-print mb-2 text-sm text-faded">
        {sketch
          ? 'On the walls of the room as they were measured.'
          : 'The room has no sketch: nothing can be drawn on its walls.'}{' '}
        <button type="button" className="min-h-[44px] underline wide:min-h-[26px]" onClick={() => onFace(own)}>
          On a face of its own
        </button>
      </p>
    );
  return (
    <div className="no-print mb-3 flex flex-wrap items-end gap-3">
      <SaidMetres
        words="Its face is wide"
        metres={face.widthM}
        least={0.01}
        onSay={(widthM) => onFace({ ...face, widthM })}
      />
      <SaidMetres
        words="and high"
        metres={face.heightM}
        least={0.01}
        onSay={(heightM) => onFace({ ...face, heightM })}
      />
      <label className="text-sm">
        How many alike
        <input
          type="number"
          min={1}
          max={1000}
          value={face.count}
          onChange={(e) => {
            const count = Math.round(Number(e.target.value));
            if (count >= 1 && count <= 1000) onFace({ ...face, count });
          }}
          className="block w-20"
        />
      </label>
      {sketch && (
        <button
          type="button"
          className="min-h-[44px] text-sm underline wide:min-h-[26px]"
          onClick={() => onFace({ kind: 'walls' })}
        >
          On the walls of the room
        </button>
      )}
    </div>
  );
}
