import {
  sayArea,
  type Access,
  type Condition,
  type Element,
  type Exposure,
  type Family,
  type Finish,
  type Sheen,
  type Substrate,
  type Texture,
} from '@rustic/core';
import type { Surface } from '../store/endpoints.ts';
import type { Units } from '../store/store.ts';
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
  };
}
