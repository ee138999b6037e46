import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import {
  ACCESS,
  ACCESS_LABELS,
  CHEMISTRY_LABELS,
  CONDITION_LABELS,
  ELEMENT_LABELS,
  ELEMENTS,
  EXPOSURE_LABELS,
  EXPOSURES,
  FAMILY_LABELS,
  FINISH_FAMILIES,
  FINISH_LABELS,
  FINISHES,
  SHEENS,
  SUBSTRATE_LABELS,
  SUBSTRATES,
  TEXTURE_LABELS,
  TEXTURES,
  type Condition,
  sayArea,
} from '@rustic/core';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { ConditionChips } from './ConditionChips.tsx';
import { useSight } from '../store/store.ts';
import { capital } from '../words/figures.ts';
import { measureOf, saidOf } from './measure.ts';
import { Pick, Tick, Unreadable } from './fields.tsx';
import { MeasureFields } from './MeasureFields.tsx';
import { readSurface, unreadableFields } from './readSurface.ts';
import { newId } from '../store/newId.ts';
import { refusalOf } from '../outbox/refusal.ts';
import { type Surface, useAddSurfaceMutation, useChangeSurfaceMutation } from '../store/endpoints.ts';

/** The flags met most often, shown first. */
const USUAL: Condition[] = [
  'glossy',
  'peeling',
  'greasy',
  'chalking',
  'water-stain',
  'mould',
  'knots',
  'nail-holes',
  'gaps',
  'filler-patches',
  'damp',
  'scratches',
];

/** Conditions whose size matters to what is done about them. */
const SIZED: Condition[] = [
  'water-stain',
  'mould',
  'damp',
  'peeling',
  'flaking',
  'rot',
  'marker',
  'rust-stain',
  'tannin-bleed',
];

/** Adding a surface, or changing what was said of one. What was typed stays when it is refused. */
export function SurfaceForm({
  jobId,
  roomId,
  surface,
  onDone,
}: {
  jobId: string;
  roomId: string;
  surface?: Surface;
  onDone: () => void;
}) {
  const navigate = useNavigate();
  const [id] = useState(newId);
  // The version that was opened: a newer one behind the form must not pass for the one that was read.
  const [opened] = useState(surface);
  const [conditions, setConditions] = useState<Condition[]>([...(surface?.facts.conditions ?? [])]);
  const units = useSight((u) => u.units);
  const [said, setSaid] = useState(() => saidOf(surface?.measure, units));
  const [unreadable, setUnreadable] = useState<ReadonlySet<string>>(new Set());
  const [add, added] = useAddSurfaceMutation();
  const [change, changed] = useChangeSurfaceMutation();
  const error = added.error ?? changed.error;
  const busy = added.isLoading || changed.isLoading;
  const send = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const measure = measureOf(said, units);
    const form = new FormData(event.currentTarget);
    const unread = unreadableFields(form, units);
    setUnreadable(unread);
    if (unread.size > 0 || (measure && 'fault' in measure)) return;
    const read = { ...readSurface(form, conditions, surface, units), measure };
    if (surface) {
      const sent = await change({ surfaceId: surface.id, id: newId(), version: opened!.version, ...read });
      if (!('error' in sent)) onDone();
      return;
    }
    const sent = await add({ jobId, id, roomId, ...read });
    if ('error' in sent) return;
    onDone();
    void navigate(`/jobs/${jobId}/surfaces/${id}`);
  };
  const f = surface?.facts;
  return (
    <form
      onSubmit={(e) => void send(e)}
      className="mb-3 border-b-2 border-ink bg-leaf p-4"
      aria-label={surface ? 'Change the surface' : 'Add a surface'}
    >
      <div className="grid grid-cols-2 gap-3 wide:grid-cols-4">
        <label className="col-span-2 text-sm">
          Name
          <input name="name" required maxLength={120} defaultValue={surface?.name} autoFocus className="block w-full" />
        </label>
        <Pick name="element" words="Element" options={ELEMENTS} labels={ELEMENT_LABELS} value={f?.element ?? 'wall'} />
        <Pick
          name="substrate"
          words="Made of"
          options={SUBSTRATES}
          labels={SUBSTRATE_LABELS}
          value={f?.substrate ?? 'skim-plaster'}
        />
        <Pick
          name="exposure"
          words="Exposure"
          options={EXPOSURES}
          labels={EXPOSURE_LABELS}
          value={f?.exposure ?? 'interior-dry'}
        />
        <Pick
          name="texture"
          words="Texture"
          options={TEXTURES}
          labels={TEXTURE_LABELS}
          value={f?.texture ?? 'smooth'}
        />
        <label className="text-sm">
          {units === 'us' ? 'Size, sq ft' : 'Size, m²'}
          <input
            name="areaM2"
            inputMode="decimal"
            defaultValue={f?.areaM2 ? sayArea(f.areaM2, units).replace(/ .*/, '') : ''}
            className="block w-full"
            aria-invalid={unreadable.has('areaM2')}
            aria-describedby="areaM2-unreadable"
          />
          <Unreadable name="areaM2" unreadable={unreadable} />
        </label>
        <label className="text-sm">
          Campaign, if shared
          <input name="campaign" maxLength={60} defaultValue={surface?.campaign ?? ''} className="block w-full" />
        </label>
        <label className="text-sm">
          Colour now
          <span className="flex gap-1">
            <input
              type="color"
              name="currentColour"
              defaultValue={f?.currentColour ?? '#efe9d8'}
              className="w-14 p-0.5"
            />
            <span className="flex items-center gap-1">
              <input
                type="checkbox"
                name="knowsColour"
                defaultChecked={!!f?.currentColour}
                className="size-5 min-h-0"
              />
              known
            </span>
          </span>
        </label>
        <label className="text-sm">
          Colour wanted
          <span className="flex gap-1">
            <input
              type="color"
              name="colour"
              defaultValue={surface?.wanted.colour ?? '#e8e0cc'}
              className="w-14 p-0.5"
            />
            <span className="flex items-center gap-1">
              <input
                type="checkbox"
                name="wantsColour"
                defaultChecked={!!surface?.wanted.colour}
                className="size-5 min-h-0"
              />
              chosen
            </span>
          </span>
        </label>
        <Pick
          name="sheen"
          words="Sheen wanted"
          options={['', ...SHEENS]}
          labels={{ '': 'the usual' }}
          value={surface?.wanted.sheen ?? ''}
        />
        <label className="flex items-end gap-2 pb-2 text-sm">
          <input type="checkbox" name="isNew" defaultChecked={f?.isNew === true} className="size-5 min-h-0" />
          new, never coated
        </label>
      </div>
      <div className="mt-3">
        <ConditionChips label="Condition" usual={USUAL} chosen={conditions} onChoose={setConditions} />
      </div>
      {conditions.length > 0 && (
        <div className="mt-2 flex flex-wrap gap-3 text-sm" role="group" aria-label="How much of each">
          {conditions
            .filter((c) => SIZED.includes(c))
            .map((c) => (
              <label key={c}>
                {capital(CONDITION_LABELS[c])}, m²
                <input
                  name={`extent-${c}`}
                  inputMode="decimal"
                  defaultValue={f?.extents?.[c]?.areaM2 ?? ''}
                  placeholder="not known"
                  className="block w-28"
                  aria-invalid={unreadable.has(`extent-${c}`)}
                  aria-describedby={`extent-${c}-unreadable`}
                />
                <Unreadable name={`extent-${c}`} unreadable={unreadable} />
              </label>
            ))}
        </div>
      )}
      <MeasureFields said={said} onSay={setSaid} />
      <details className="mt-2">
        <summary className="min-h-[44px] cursor-pointer py-2.5 text-sm">What else is known or wanted</summary>
        <div className="grid grid-cols-2 gap-3 wide:grid-cols-4">
          <Pick
            name="currentFinish"
            words="On record as"
            options={['', ...FINISHES]}
            labels={{ '': 'nothing on record', ...FINISH_LABELS }}
            value={f?.currentFinish ?? ''}
          />
          <label className="text-sm">
            Age of the ground, months
            <input
              name="substrateAgeMonths"
              type="number"
              min={0}
              defaultValue={f?.substrateAgeMonths ?? ''}
              className="block w-full"
            />
          </label>
          <Pick
            name="chemistry"
            words="Chemistry wanted"
            options={['', 'waterborne', 'solvent-borne']}
            labels={{ '': 'as it suits', ...CHEMISTRY_LABELS }}
            value={surface?.wanted.chemistry ?? ''}
          />
          <Pick
            name="family"
            words="Finish wanted"
            options={['', ...FINISH_FAMILIES]}
            labels={{ '': 'as it suits', ...FAMILY_LABELS }}
            value={surface?.wanted.family ?? ''}
          />
          <Pick
            name="handling"
            words="Handled"
            options={['normal', 'light', 'heavy']}
            labels={{ normal: 'as usual', light: 'seldom', heavy: 'hard' }}
            value={surface?.wanted.handling ?? 'normal'}
          />
          <Pick
            name="access"
            words="Reached"
            options={ACCESS}
            labels={ACCESS_LABELS}
            value={surface?.access ?? 'floor'}
          />
          <Tick name="sanded" words="the texture was sanded" on={f?.sanded === true} />
          <Tick name="lowOdour" words="low odour" on={surface?.wanted.lowOdour === true} />
          <Tick name="distressed" words="rubbed back at the edges" on={surface?.wanted.distressed === true} />
        </div>
      </details>
      <Refused error={error} />
      {refusalOf(error)?.code === 'edited-elsewhere' && (
        <p className="text-sm">
          Theirs: {(refusalOf(error)?.theirs as Surface | undefined)?.name}. Close this, look at theirs, and change it
          again.
        </p>
      )}
      <FormFoot words={surface ? 'Keep' : 'Add'} busy={busy} onLeave={onDone} />
    </form>
  );
}
