import { readArea } from '@rustic/core';
import type {
  Access,
  Condition,
  Element,
  Exposure,
  Extent,
  Family,
  Finish,
  Sheen,
  Substrate,
  Texture,
} from '@rustic/core';
import type { Units } from '../store/store.ts';
import { readFigure } from '../words/readFigure.ts';
import type { Surface } from '../store/endpoints.ts';

const number = (text: string) => (text === '' ? null : readFigure(text));

/** The fields of the form whose figure cannot be read. */
export function unreadableFields(form: FormData, units: Units): Set<string> {
  const said = [...form].filter(([, value]) => typeof value === 'string' && value.trim() !== '') as [string, string][];
  const isFigure = (name: string) => name === 'substrateAgeMonths' || name.startsWith('extent-');
  return new Set(
    said
      .filter(([name, text]) =>
        name === 'areaM2' ? readArea(text, units) === null : isFigure(name) && Number.isNaN(readFigure(text)),
      )
      .map(([name]) => name),
  );
}

/** Reads what the form of a surface says. A figure that cannot be read is no number, and is never sent as none. */
export function readSurface(
  form: FormData,
  conditions: Condition[],
  was: Surface | undefined,
  units: Units,
): Pick<Surface, 'name' | 'campaign' | 'facts' | 'wanted' | 'access'> {
  const text = (name: string) => ((form.get(name) as string | null) ?? '').trim();
  const area = text('areaM2');
  const extents: Partial<Record<Condition, Extent>> = { ...was?.facts.extents };
  for (const c of conditions) {
    const size = number(text(`extent-${c}`));
    if (size !== null) extents[c] = { ...extents[c], areaM2: size };
    // A size that was rubbed out is not known again.
    else if (form.has(`extent-${c}`)) delete extents[c];
  }
  const age = number(text('substrateAgeMonths'));
  return {
    name: text('name'),
    campaign: text('campaign') || null,
    access: (text('access') || 'floor') as Access,
    facts: {
      element: text('element') as Element,
      substrate: text('substrate') as Substrate,
      exposure: text('exposure') as Exposure,
      texture: text('texture') as Texture,
      conditions,
      areaM2: area === '' ? null : (readArea(area, units) ?? Number.NaN),
      currentColour: form.get('knowsColour') ? text('currentColour') : null,
      isNew: form.get('isNew') ? true : null,
      ...(was?.facts.currentColours ? { currentColours: was.facts.currentColours } : {}),
      ...(Object.keys(extents).length ? { extents } : {}),
      ...(text('currentFinish') ? { currentFinish: text('currentFinish') as Finish } : {}),
      ...(age !== null ? { substrateAgeMonths: age } : {}),
      ...(form.get('sanded') ? { sanded: true } : {}),
    },
    wanted: {
      ...was?.wanted,
      sheen: (text('sheen') || null) as Sheen | null,
      colour: form.get('wantsColour') ? text('colour') : null,
      chemistry: (text('chemistry') || null) as 'waterborne' | 'solvent-borne' | null,
      family: (text('family') || null) as Family | null,
      handling: (text('handling') || 'normal') as 'light' | 'normal' | 'heavy',
      lowOdour: form.get('lowOdour') !== null,
      distressed: form.get('distressed') !== null,
    },
  };
}
