import { readArea, type Condition, type Extent } from '@rustic/core';
import type { Surface } from '../store/endpoints.ts';
import type { Units } from '../store/store.ts';
import { readFigure } from '../words/readFigure.ts';
import { SIZED, type SurfaceSaid } from './surfaceSaid.ts';

const figure = (text: string) => (text.trim() === '' ? null : readFigure(text));

/** Reads what the form of a surface says. A figure that cannot be read is no number, and is never sent as none. */
export function readSurface(
  said: SurfaceSaid,
  was: Surface | undefined,
  units: Units,
): Pick<Surface, 'name' | 'campaign' | 'facts' | 'wanted' | 'access'> {
  const extents = extentsOf(said, was);
  const age = figure(said.groundMonths);
  return {
    name: said.name.trim(),
    campaign: said.campaign.trim() || null,
    access: said.access,
    facts: {
      element: said.element,
      substrate: said.substrate,
      exposure: said.exposure,
      texture: said.texture,
      conditions: said.conditions,
      areaM2: said.area.trim() === '' ? null : (readArea(said.area.trim(), units) ?? Number.NaN),
      currentColour: said.knowsColour ? said.currentColour : null,
      isNew: said.isNew ? true : null,
      ...(was?.facts.currentColours ? { currentColours: was.facts.currentColours } : {}),
      ...(Object.keys(extents).length ? { extents } : {}),
      ...(said.currentFinish ? { currentFinish: said.currentFinish } : {}),
      ...(age !== null ? { substrateAgeMonths: age } : {}),
      ...(said.sanded ? { sanded: true } : {}),
    },
    wanted: {
      ...was?.wanted,
      sheen: said.sheen || null,
      colour: said.wantsColour ? said.colour : null,
      chemistry: said.chemistry || null,
      family: said.family || null,
      handling: said.handling,
      lowOdour: said.lowOdour,
      distressed: said.distressed,
    },
  };
}

function extentsOf(said: SurfaceSaid, was: Surface | undefined): Partial<Record<Condition, Extent>> {
  const extents: Partial<Record<Condition, Extent>> = { ...was?.facts.extents };
  for (const c of said.conditions.filter((one) => SIZED.includes(one))) {
    const size = figure(said.extents[c] ?? '');
    if (size !== null) extents[c] = { ...extents[c], areaM2: size };
    // A size that was rubbed out is not known again.
    else delete extents[c];
  }
  return extents;
}
