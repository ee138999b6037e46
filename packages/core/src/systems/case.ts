import {
  DEFAULT_HOUSE_RULES,
  type Chemistry,
  type Condition,
  type Family,
  type HouseRules,
  type Sheen,
} from '../vocabulary/index.ts';
import { groundOf, isFurniture, isJoinery, isOutside, type Ground } from '../evidence/facts.ts';
import type { Diagnosis } from '../evidence/diagnosis.ts';
import type { Treatment } from '../evidence/treatment.ts';
import { gripHeld } from '../evidence/conditions.ts';
import type { Product } from '../shelf/product.ts';
import { lightness, chroma, colourDifference } from '../units/colour.ts';

/** What is wished for. A wish: where it would fail, the system departs from it and says why. */
export interface Wanted {
  chemistry: 'waterborne' | 'solvent-borne' | null;
  sheen: Sheen | null;
  colour: string | null;
  family: Family | null;
  lowOdour: boolean;
  maxNightsOut: number | null;
  handling: 'light' | 'normal' | 'heavy';
  distressed: boolean;
}

export const NOTHING_WANTED: Wanted = {
  chemistry: null,
  sheen: null,
  colour: null,
  family: null,
  lowOdour: false,
  maxNightsOut: null,
  handling: 'normal',
  distressed: false,
};

/** Everything the knowledge tables ask of a surface, read once. */
export interface Case {
  d: Diagnosis;
  wanted: Wanted;
  rules: HouseRules;
  shelf: readonly Product[];
  ground: Ground;
  outside: boolean;
  joinery: boolean;
  furniture: boolean;
  treatAs: Treatment;
  /** Standing condition. */
  is: (...any: Condition[]) => boolean;
  /** Never coated, or stripped to the ground. */
  bare: boolean;
  /** Lead presumed or found: nothing is sanded, scraped or burnt off dry. */
  wetOnly: boolean;
  /** The chemistry of the finish the system goes to. */
  goesTo: Chemistry;
  /** A clear film is wanted. */
  clear: boolean;
  /** How far the colour moves. */
  shift: ColourShift;
  /** A grip patch on this surface, old enough to count, has held. */
  gripPatchHeld: boolean;
  /** A radiator, or a place that gets hot. */
  hot: boolean;
}

export interface ColourShift {
  difference: number | null;
  from: number | null;
  to: number | null;
  chroma: number | null;
  /** Deep or vivid new colour over something far from it. */
  toDeep: boolean;
  /** Pale new colour over a deep one. */
  toPale: boolean;
}

const STRONG_DIFFERENCE = 35;

function colourShift(d: Diagnosis, wanted: Wanted): ColourShift {
  const now = [...(d.surface.currentColour ? [d.surface.currentColour] : []), ...d.surface.currentColours];
  const to = lightness(wanted.colour);
  const depths = now.map((c) => lightness(c)!).filter((l) => l !== undefined);
  // The hardest of the old colours to hide decides: the one farthest from the new.
  const differences = wanted.colour ? now.map((c) => colourDifference(c, wanted.colour!)) : [];
  const difference = differences.length ? Math.max(...differences) : null;
  const from = depths.length ? Math.min(...depths) : null;
  const strong = difference !== null && difference > STRONG_DIFFERENCE;
  return {
    difference,
    from,
    to,
    chroma: chroma(wanted.colour),
    toDeep: strong && to !== null && to < 55,
    toPale: strong && to !== null && from !== null && to >= 55 && from < 55,
  };
}

const CLEAR: readonly (Family | null)[] = ['waterborne-clear', 'oil-varnish', 'clear-shellac'];

function finishChemistry(
  d: Diagnosis,
  wanted: Wanted,
  rules: HouseRules,
  joinery: boolean,
  outside: boolean,
): Chemistry {
  if (wanted.chemistry) return wanted.chemistry;
  const timberInside = groundOf(d.surface.substrate) === 'timber' && !outside && joinery;
  // On old oil the rule for old oil outranks the rule for woodwork.
  if (timberInside && (d.treatAs === 'oil' || d.treatAs === 'over-oil'))
    return rules.oilTrim === 'stay-oil' ? 'solvent-borne' : 'waterborne';
  if (joinery && rules.woodwork === 'oil') return 'solvent-borne';
  const greaseOrWet = d.surface.exposure === 'interior-grease' || d.surface.exposure === 'interior-wet';
  if (greaseOrWet && rules.greaseRooms === 'oil') return 'solvent-borne';
  return 'waterborne';
}

/** The same surface under other rules or another wish; what they do not touch is not read again. */
export function recase(c: Case, rules: Partial<HouseRules>, wanted: Partial<Wanted> = {}): Case {
  return asCase(
    c.d,
    { ...c.wanted, ...wanted },
    { ...c.rules, ...rules },
    c.shelf,
    wanted.colour === undefined ? c.shift : undefined,
  );
}

/** Reads a diagnosis, a wish, the house rules and a shelf into one case. */
export function asCase(
  d: Diagnosis,
  wanted: Wanted,
  given: Partial<HouseRules>,
  shelf: readonly Product[],
  shift = colourShift(d, wanted),
): Case {
  const rules = { ...DEFAULT_HOUSE_RULES, ...given };
  const surface = d.surface;
  const outside = isOutside(surface);
  const joinery = isJoinery(surface.element);
  return {
    d,
    wanted,
    rules,
    shelf,
    outside,
    joinery,
    ground: groundOf(surface.substrate),
    furniture: isFurniture(surface.element),
    treatAs: d.treatAs,
    is: (...any) => {
      for (const c of any) if (d.findings.standing.has(c)) return true;
      return false;
    },
    bare: d.treatAs === 'bare',
    wetOnly: d.lead === 'presumed' || d.lead === 'positive',
    goesTo: finishChemistry(d, wanted, rules, joinery, outside),
    clear: CLEAR.includes(wanted.family),
    shift,
    hot: surface.exposure === 'interior-hot' || surface.element === 'radiator',
    gripPatchHeld: d.tests.some((t) => t.plane === 'primer' && gripHeld(t)),
  };
}
