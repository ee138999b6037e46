import {
  CONDITIONS,
  readArea,
  type Access,
  type Condition,
  type Element,
  type Exposure,
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
import { extentsOf, shownArea, shownSize } from './extents.ts';
import { saidOf, type MeasureSaid } from './measure.ts';

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
  /** As they are typed, in the units of the firm, by condition. */
  extents: Partial<Record<Condition, string>>;
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
    area: sizeShown(facts?.areaM2, units),
    campaign: surface?.campaign ?? '',
    currentColour: facts?.currentColour ?? '#efe9d8',
    knowsColour: Boolean(facts?.currentColour),
    colour: wanted?.colour ?? '#e8e0cc',
    wantsColour: Boolean(wanted?.colour),
    chip: null,
    sheen: wanted?.sheen ?? '',
    isNew: facts?.isNew === true,
    conditions: [...(facts?.conditions ?? [])],
    extents: Object.fromEntries(CONDITIONS.map((c) => [c, shownSize(c, facts?.extents?.[c], units)])),
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

const sizeShown = (areaM2: number | null | undefined, units: Units) => (areaM2 ? shownArea(areaM2, units) : '');
/** What nobody touched stays to the letter: whole square feet are not the size that was measured. */
function areaOf(text: string, was: number | null, units: Units): number | null {
  if (text === sizeShown(was, units)) return was;
  return text === '' ? null : (readArea(text, units) ?? Number.NaN);
}

const figure = (text: string) => (text.trim() === '' ? null : readFigure(text));

/** Reads what the form of a surface says. A figure that cannot be read is no number, and is never sent as none. */
export function readSurface(
  said: SurfaceSaid,
  was: Surface | undefined,
  units: Units,
): Pick<Surface, 'name' | 'campaign' | 'facts' | 'wanted' | 'access'> & { colourNamed: NamedColour | null } {
  const extents = extentsOf(said, was?.facts.extents ?? {}, units);
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
      areaM2: areaOf(said.area.trim(), was?.facts.areaM2 ?? null, units),
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
