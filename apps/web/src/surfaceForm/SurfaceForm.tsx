import { useState } from 'react';
import { useNavigate } from 'react-router';
import {
  ACCESS,
  ACCESS_LABELS,
  CHEMISTRY_LABELS,
  CONDITION_LABELS,
  CONDITION_SIZE,
  ELEMENT_LABELS,
  ELEMENTS,
  EXPOSURE_LABELS,
  EXPOSURES,
  FAMILY_LABELS,
  FINISH_FAMILIES,
  FINISH_LABELS,
  FINISHES,
  readArea,
  SHEENS,
  SUBSTRATE_LABELS,
  SUBSTRATES,
  TEXTURE_LABELS,
  TEXTURES,
  type Condition,
} from '@rustic/core';
import { CodeField } from '../form/CodeField.tsx';
import { FigureField, TextField, TickField } from '../form/fields.tsx';
import { Form } from '../form/Form.tsx';
import { useDraft } from '../form/useDraft.ts';
import { type Surface, useAddSurfaceMutation, useChangeSurfaceMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { useSight } from '../store/store.ts';
import { capital } from '../words/figures.ts';
import { ColourNow, ColourWanted } from './ColourFields.tsx';
import { ConditionChips } from './ConditionChips.tsx';
import { measureOf } from './measure.ts';
import { MeasureFields } from './MeasureFields.tsx';
import { readSize, sizeUnit } from './extents.ts';
import { readSurface, surfaceSaid, type SurfaceSaid } from './surfaceSaid.ts';

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

interface Props {
  jobId: string;
  roomId: string;
  surface?: Surface;
  onDone: () => void;
}

/** Adding a surface, or changing what was said of one. What was typed stays when it is refused. */
export function SurfaceForm({ jobId, roomId, surface, onDone }: Props) {
  const navigate = useNavigate();
  const [id] = useState(newId);
  const units = useSight((u) => u.units);
  const draft = useDraft<SurfaceSaid>(`surface/${surface?.id ?? `new/${roomId}`}`, surfaceSaid(surface, units));
  const { conditions } = draft.said;
  const [add, added] = useAddSurfaceMutation();
  const [change, changed] = useChangeSurfaceMutation();
  const send = (said: SurfaceSaid) => {
    const measure = measureOf(said.measure, units);
    if (measure && 'fault' in measure) return null;
    const read = { ...readSurface(said, surface, units), measure };
    return surface
      ? change({ surfaceId: surface.id, id: newId(), version: said.version!, ...read })
      : add({ jobId, id, roomId, ...read });
  };
  const sent = () => {
    onDone();
    if (!surface) void navigate(`/jobs/${jobId}/surfaces/${id}`);
  };
  return (
    <Form
      draft={draft}
      label={surface ? 'Change the surface' : 'Add a surface'}
      words={surface ? 'Keep' : 'Add'}
      busy={added.isLoading || changed.isLoading}
      error={added.error ?? changed.error}
      className="mb-3 border-b-2 border-ink bg-leaf p-4"
      onSend={send}
      onSent={sent}
      onLeave={onDone}
    >
      <div className="grid grid-cols-2 gap-3 wide:grid-cols-4">
        <TextField name="name" words="Name" required maxLength={120} autoFocus className="col-span-2" />
        <CodeField name="element" words="Element" options={ELEMENTS} labels={ELEMENT_LABELS} />
        <CodeField name="substrate" words="Made of" options={SUBSTRATES} labels={SUBSTRATE_LABELS} />
        <CodeField name="exposure" words="Exposure" options={EXPOSURES} labels={EXPOSURE_LABELS} />
        <CodeField name="texture" words="Texture" options={TEXTURES} labels={TEXTURE_LABELS} />
        <FigureField
          name="area"
          words={units === 'us' ? 'Size, sq ft' : 'Size, m²'}
          isRead={(text) => readArea(text, units) !== null}
          width="w-full"
        />
        <TextField name="campaign" words="Campaign, if shared" maxLength={60} />
        <ColourNow />
        <ColourWanted jobId={jobId} draft={draft} />
        <CodeField name="sheen" words="Sheen wanted" options={SHEENS} labels={{}} unsaid="the usual" />
        <TickField name="isNew" words="new, never coated" className="self-end" />
      </div>
      <div className="mt-3">
        <ConditionChips
          label="Condition"
          usual={USUAL}
          chosen={conditions}
          onChoose={(chosen) => draft.say({ conditions: chosen })}
        />
      </div>
      {conditions.some((c) => CONDITION_SIZE[c]) && (
        <div className="mt-2 flex flex-wrap gap-3" role="group" aria-label="How much of each">
          {conditions
            .filter((c) => CONDITION_SIZE[c])
            .map((c) => (
              <FigureField
                key={c}
                name={`extents.${c}`}
                words={`${capital(CONDITION_LABELS[c])}, ${sizeUnit(c, units)}`}
                placeholder="not known"
                isRead={(text) => readSize(c, text, units) !== null}
                width="w-28"
              />
            ))}
        </div>
      )}
      <MeasureFields said={draft.said.measure} onSay={(measure) => draft.say({ measure })} />
      <WhatElse />
    </Form>
  );
}

function WhatElse() {
  return (
    <details className="mt-2">
      <summary className="min-h-[44px] cursor-pointer py-2.5 text-sm">What else is known or wanted</summary>
      <div className="grid grid-cols-2 gap-3 wide:grid-cols-4">
        <CodeField
          name="currentFinish"
          words="On record as"
          options={FINISHES}
          labels={FINISH_LABELS}
          unsaid="nothing on record"
        />
        <FigureField name="groundMonths" words="Age of the ground, months" width="w-full" />
        <CodeField
          name="chemistry"
          words="Chemistry wanted"
          options={['waterborne', 'solvent-borne'] as const}
          labels={CHEMISTRY_LABELS}
          unsaid="as it suits"
        />
        <CodeField
          name="family"
          words="Finish wanted"
          options={FINISH_FAMILIES}
          labels={FAMILY_LABELS}
          unsaid="as it suits"
        />
        <CodeField
          name="handling"
          words="Handled"
          options={['normal', 'light', 'heavy'] as const}
          labels={{ normal: 'as usual', light: 'seldom', heavy: 'hard' }}
        />
        <CodeField name="access" words="Reached" options={ACCESS} labels={ACCESS_LABELS} />
        <TickField name="sanded" words="the texture was sanded" />
        <TickField name="lowOdour" words="low odour" />
        <TickField name="distressed" words="rubbed back at the edges" />
        <TickField name="leaveBare" words="taken off, and left bare" />
      </div>
    </details>
  );
}
