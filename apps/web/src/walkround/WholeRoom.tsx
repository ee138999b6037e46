import { useState } from 'react';
import {
  ELEMENT_LABELS,
  EXPOSURE_LABELS,
  EXPOSURES,
  FACINGS,
  SUBSTRATE_LABELS,
  type Exposure,
  type Facing,
  type Substrate,
  type SurfaceSeen,
  sayArea,
} from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { Chip } from '../page/Act.tsx';
import { useSight } from '../store/store.ts';
import { capital } from '../words/figures.ts';
import { readTyped } from '../words/length.ts';
import { madeOf } from './roomSaid.ts';
import { newId } from '../store/newId.ts';
import { useAddWholeRoomMutation } from '../store/endpoints.ts';
import { Form } from '../form/Form.tsx';
import { CodeField } from '../form/CodeField.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { counted } from '../words/counted.ts';

const PLASTERS: Substrate[] = ['skim-plaster', 'drywall', 'lime-plaster', 'wallpaper-paper', 'softwood'];
const TIMBERS: Substrate[] = ['softwood', 'hardwood', 'tannin-wood', 'mdf', 'upvc'];
const MASONRIES: Substrate[] = ['render', 'brick', 'concrete', 'softwood'];
const USUAL_HEIGHT = { metric: '2.4', us: "8'" };

/** A whole room or elevation in one go: its size and what there is in it become its surfaces. */
export function WholeRoom({ jobId, onDone }: { jobId: string; onDone: () => void }) {
  const units = useSight((s) => s.units);
  const [ids] = useState(() => ({ write: newId(), room: newId(), surfaces: Array.from({ length: 8 }, newId) }));
  const [add, { isLoading, error }] = useAddWholeRoomMutation();
  const draft = useDraft(`whole-room/${jobId}`, {
    name: '',
    outside: false,
    facing: null as Facing | null,
    length: '',
    width: '',
    height: USUAL_HEIGHT[units],
    windows: 1,
    doors: 1,
    ceiling: true,
    walls: true,
    trim: true,
    exposure: 'interior-dry' as Exposure,
    ground: 'skim-plaster' as Substrate,
    timber: 'softwood' as Substrate,
    campaign: '',
  });
  const { said, say } = draft;
  const made = madeOf(said, (text) => readTyped(text, units));
  const send = () => {
    if (!made) return null;
    return add({
      jobId,
      id: ids.write,
      room: {
        id: ids.room,
        name: said.name.trim(),
        kind: said.outside ? 'elevation' : 'room',
        facing: said.facing,
        sketch: { walls: made.sketch.walls.map((w) => ({ ...w, openings: [...w.openings] })) },
      },
      surfaces: made.surfaces.map((s, i) => ({
        id: ids.surfaces[i]!,
        roomId: ids.room,
        name: s.name,
        campaign: isWoodwork(s) && said.campaign.trim() ? said.campaign.trim() : null,
        facts: { element: s.element, substrate: s.substrate, exposure: s.exposure, areaM2: s.areaM2 },
        wanted: {},
      })),
    });
  };
  const grounds = said.outside ? MASONRIES : PLASTERS;
  return (
    <Form
      draft={draft}
      label="A whole room"
      words={made ? `Add ${counted(made.surfaces.length, 'surface')}` : 'Add'}
      busy={isLoading}
      disabled={!made}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf p-3 wide:p-4"
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <div className="mb-3 flex flex-wrap gap-1.5" role="group" aria-label="Inside or outside">
        <Chip
          pressed={!said.outside}
          onPress={() => say({ outside: false, exposure: 'interior-dry', ground: 'skim-plaster' })}
        >
          Room
        </Chip>
        <Chip
          pressed={said.outside}
          onPress={() => say({ outside: true, exposure: 'exterior-exposed', ground: 'render' })}
        >
          Elevation, outside
        </Chip>
      </div>
      <div className="grid grid-cols-2 gap-3 wide:grid-cols-6">
        <TextField
          name="name"
          words={said.outside ? 'Elevation' : 'Room'}
          required
          autoFocus
          maxLength={120}
          className="col-span-2 wide:col-span-3"
        />
        <TextField name="length" words={said.outside ? 'Width' : 'Length'} required inputMode="text" />
        {!said.outside && <TextField name="width" words="Width" required inputMode="text" />}
        <TextField name="height" words="Height" required inputMode="text" />
        <Count words="Windows" value={said.windows} onChange={(windows) => say({ windows })} />
        <Count words="Doors" value={said.doors} onChange={(doors) => say({ doors })} />
        <CodeField
          name="ground"
          words={said.outside ? 'Face' : 'Walls of'}
          options={grounds}
          labels={SUBSTRATE_LABELS}
        />
        <CodeField name="timber" words="Joinery of" options={TIMBERS} labels={SUBSTRATE_LABELS} />
        <CodeField name="exposure" words="Exposure" options={EXPOSURES} labels={EXPOSURE_LABELS} />
        <TextField name="campaign" words="Joinery campaign" maxLength={60} placeholder="if one paint" />
      </div>
      <div className="mt-3 flex flex-wrap gap-1.5" role="group" aria-label={said.outside ? 'Faces' : 'What is painted'}>
        {said.outside
          ? FACINGS.map((f) => (
              <Chip key={f} pressed={said.facing === f} onPress={() => say({ facing: said.facing === f ? null : f })}>
                faces {f}
              </Chip>
            ))
          : (['ceiling', 'walls', 'trim'] as const).map((part) => (
              <Chip key={part} pressed={said[part]} onPress={() => say({ [part]: !said[part] })}>
                {capital(part)}
              </Chip>
            ))}
      </div>
      {made ? (
        <div className="mt-3">
          <p className="mb-1 text-sm" role="status">
            {made.surfaces.map((s) => `${s.name} ${sayArea(s.areaM2, units)}`).join(' · ') ||
              'Nothing is painted here.'}
          </p>
          <RoomSketch sketch={made.sketch} width={560} />
        </div>
      ) : (
        <p className="mt-3 text-sm text-faded">
          {units === 'us' ? 'Sizes as 12\' 6" or 12.5' : 'Sizes as 3.6 or 360 cm'}: the surfaces follow from them.
        </p>
      )}
    </Form>
  );
}

const isWoodwork = (s: SurfaceSeen) => ['trim', 'window', 'door', 'sill'].includes(s.element);

function Count({ words, value, onChange }: { words: string; value: number; onChange: (v: number) => void }) {
  const step = 'min-h-[44px] w-11 rounded border border-strong bg-paper text-lg wide:min-h-[38px] wide:w-9';
  return (
    <div className="text-sm" role="group" aria-label={words}>
      {words}
      <span className="flex items-center gap-2">
        <button
          type="button"
          aria-label={`One ${ELEMENT_LABELS[words === 'Doors' ? 'door' : 'window'].toLowerCase()} less`}
          className={step}
          onClick={() => onChange(Math.max(0, value - 1))}
        >
          −
        </button>
        <strong className="w-5 text-center font-serif text-[17px]">{value}</strong>
        <button
          type="button"
          aria-label={`One ${ELEMENT_LABELS[words === 'Doors' ? 'door' : 'window'].toLowerCase()} more`}
          className={step}
          onClick={() => onChange(Math.min(12, value + 1))}
        >
          +
        </button>
      </span>
    </div>
  );
}
