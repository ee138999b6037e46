import {
  readArea,
  sayArea,
  type Access,
  type Condition,
  type Element,
  type Exposure,
  type Extent,
  type Family,
  type Finish,
  type NamedColour,
  type Sheen,
  type Substrate,
  type Texture,
} from '@rustic/core';
import type { Surface } from '../store/endpoints.ts';
import type { Units } from '../store/store.ts';
import { readFigure } from '../words/readFigure.ts';
import { saidOf, type MeasureSaid } from './measure.ts';

/** Conditions whose size matters to what is done about them. */
export const SIZED: readonly Condition[] = [
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

/** The form of a surface as it is typed. */
export interface SurfaceSaid {
  /** The version that was opened: a newer one behind the form must not pass for the one that was read. */
  version: number | null;
  name: string;
  element: Element;
  substrate: Substrate;
  exposure: Exposure;
  texture: Texture;
  area: string;
  campaign: string;
  currentColour: string;
  knowsColour: boolean;
  colour: string;
  wantsColour: boolean;
  /** What the wanted colour is called, where it was chosen from a card; null: by eye, or as it stood. */
  chip: { name: string; code: string; maker: string } | null;
  sheen: Sheen | '';
  isNew: boolean;
  conditions: Condition[];
  /** In m², by condition. */
  extents: Record<string, string>;
  measure: MeasureSaid;
  currentFinish: Finish | '';
  groundMonths: string;
  chemistry: 'waterborne' | 'solvent-borne' | '';
  family: Family | '';
  handling: 'light' | 'normal' | 'heavy';
  access: Access;
  sanded: boolean;
  lowOdour: boolean;
  distressed: boolean;
  leaveBare: boolean;
}

const shown = (figure: number | null | undefined) => (figure == null ? '' : String(figure));

/** How the form begins: what stands of a surface, or what is usual for a new one. */
export function surfaceSaid(surface: Surface | undefined, units: Units): SurfaceSaid {
  const { facts, wanted } = surface ?? { facts: undefined, wanted: undefined };
  return {
    version: surface?.version ?? null,
    name: surface?.name ?? '',
    element: facts?.element ?? 'wall',
    substrate: facts?.substrate ?? 'skim-plaster',
    exposure: facts?.exposure ?? 'interior-dry',
    texture: facts?.texture ?? 'smooth',
    area: facts?.areaM2 ? sayArea(facts.areaM2, units).replace(/ .*/, '') : '',
    campaign: surface?.campaign ?? '',
    currentColour: facts?.currentColour ?? '#efe9d8',
    knowsColour: Boolean(facts?.currentColour),
    colour: wanted?.colour ?? '#e8e0cc',
    wantsColour: Boolean(wanted?.colour),
    chip: null,
    sheen: wanted?.sheen ?? '',
    isNew: facts?.isNew === true,
    conditions: [...(facts?.conditions ?? [])],
    extents: Object.fromEntries(SIZED.map((c) => [c, shown(facts?.extents?.[c]?.areaM2)])),
    measure: saidOf(surface?.measure, units),
    currentFinish: facts?.currentFinish ?? '',
    groundMonths: shown(facts?.substrateAgeMonths),
    chemistry: wanted?.chemistry ?? '',
    family: wanted?.family ?? '',
    handling: wanted?.handling ?? 'normal',
    access: surface?.access ?? 'floor',
    sanded: facts?.sanded === true,
    lowOdour: wanted?.lowOdour === true,
    distressed: wanted?.distressed === true,
    leaveBare: wanted?.leaveBare === true,
  };
}

const figure = (text: string) => (text.trim() === '' ? null : readFigure(text));

/** Reads what the form of a surface says. A figure that cannot be read is no number, and is never sent as none. */
export function readSurface(
  said: SurfaceSaid,
  was: Surface | undefined,
  units: Units,
): Pick<Surface, 'name' | 'campaign' | 'facts' | 'wanted' | 'access'> & { colourNamed: NamedColour | null } {
  const extents = extentsOf(said, was);
  const age = figure(said.groundMonths);
  return {
    name: said.name.trim(),
    campaign: said.campaign.trim() || null,
    access: said.access,
    colourNamed: said.wantsColour && said.chip ? { ...said.chip, colour: said.colour, note: '' } : null,
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
      leaveBare: said.leaveBare,
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
