import {
  chemistryOf,
  CLEAR_FINISHES,
  DEFAULT_HOUSE_RULES,
  isFinish,
  PRIMER_FAMILIES,
  type BoardWork,
  type Chemistry,
  type Condition,
  type Element,
  type Family,
  type Ground,
  type HouseRules,
} from '../vocabulary/index.ts';
import { groundOf, isFurniture, isJoinery, isOutside, isWalkedOn, isWoodwork, wetOrGreasy } from '../evidence/facts.ts';
import type { Diagnosis, ZoneDiagnosis } from '../evidence/diagnosis.ts';
import { beatenBy, liftedBy, provenBy, waterborneBeaten } from '../evidence/patches.ts';
import type { Treatment } from '../evidence/treatment.ts';
import { cutFailed, cutHeld, isOfPatch } from '../evidence/conditions.ts';
import type { TestRecord } from '../model/test.ts';
import type { HoursBy } from '../model/hoursBy.ts';
import type { SurfaceFacts, Wanted } from '../model/surface.ts';
import type { Product } from '../model/product.ts';
import { usableOn } from '../shelf/usable.ts';
import type { Held } from './held.ts';
import type { PrimerNeed } from './primer.ts';
import type { Weights } from '../model/records/firm.ts';
import { OUTSIDE_FINISHES } from './knowledge/outsideFinishes.ts';
import { USUAL_WEIGHTS } from './weights.ts';
import { lightness, chroma, colourDifference } from '../units/colour.ts';

/** Everything the knowledge tables ask of a surface, read once. */
export interface Case {
  /** What bears on its hours: how it is reached, the firm's own pace. */
  by?: HoursBy;
  /** How the firm's own systems have held, where it lets that count. */
  held?: Held;
  d: Diagnosis;
  wanted: Wanted;
  rules: HouseRules;
  shelf: readonly Product[];
  ground: Ground;
  outside: boolean;
  joinery: boolean;
  furniture: boolean;
  treatAs: Treatment;
  /** One place of a surface that differs from place to place. */
  isPlace?: true;
  /** The primer that goes over every place alike, where places differ and one does for all. */
  onePrimer?: Family;
  /** What a primer is asked for beyond what the surface asks. */
  alsoAsked?: readonly PrimerNeed[];
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
  /** Families whose patch, old enough to count, has held when it was scratched or cut; null where nobody said of which. */
  gripHeldBy: ReadonlySet<Family | null>;
  /** Families whose patch let go when it was cut at cure. */
  gripFailedBy: ReadonlySet<Family>;
  /** A radiator, or a place that gets hot. */
  hot: boolean;
  /** Primers that a patch here, or a trial that was accepted, has shown to hold (above 0) or to fail (below 0), in points of preference. */
  shown: ReadonlyMap<Family, number>;
  /** Accepted trials that speak for this surface. */
  trials: readonly TrialWord[];
  /** What matters to the firm when ways are set against each other. */
  weights: Weights;
}

/** What an accepted trial says of a bond or of what rises, beside what was expected of it. */
export interface TrialWord {
  /** The coat; null: any first coat. */
  family: Family | null;
  /** Whether it grips, or lets nothing rise. */
  trait: 'grip' | 'block';
  /** The coat of ours that it lies on; null: what stood there. */
  over: Family | null;
  /** Only where this was done to the face before; null: whatever was done. */
  after: BoardWork | null;
  /** How much better it held than was expected, in odds on a logarithmic scale. */
  logOdds: number;
  /** The trial that showed it. */
  text: string;
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

/** A patch that blocked outranks what the table prefers; what a patch put out is taken only where nothing else would do. */
const PATCH_HELD = 2.5;
const PATCH_FAILED = -20;
const WATERBORNE_BEATEN = -3;
/** A trial may outweigh the table's preference, and no more. */
const MOST_OF_A_TRIAL = 3;

function shownBy(d: Diagnosis, trials: readonly TrialWord[]): Map<Family, number> {
  const shown = new Map<Family, number>();
  const add = (family: Family, points: number) => shown.set(family, (shown.get(family) ?? 0) + points);
  for (const { family, over, after, logOdds } of trials)
    if (family && !over && !after) add(family, Math.max(-MOST_OF_A_TRIAL, Math.min(MOST_OF_A_TRIAL, logOdds)));
  for (const family of provenBy(d.patches)) add(family, PATCH_HELD);
  const beaten = beatenBy(d.patches);
  for (const family of beaten) add(family, PATCH_FAILED);
  if (waterborneBeaten(d.patches))
    for (const family of PRIMER_FAMILIES) if (chemistryOf(family) === 'waterborne') add(family, WATERBORNE_BEATEN);
  const lifts = liftedBy(d.patches);
  for (const family of PRIMER_FAMILIES)
    if (lifts.has(chemistryOf(family)) && !beaten.has(family)) add(family, PATCH_FAILED);
  return shown;
}

const STRONG_DIFFERENCE = 35;

function colourShift(d: Diagnosis, wanted: Wanted): ColourShift {
  const now = [...(d.surface.currentColour ? [d.surface.currentColour] : []), ...d.surface.currentColours];
  const to = lightness(wanted.colour);
  const depths = now.map((c) => lightness(c)).filter((l) => l !== null);
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

/** A door, sash, gate or front that is wanted back by the next day. */
export const outOneNight = ({ element }: Pick<SurfaceFacts, 'element'>, wanted: Wanted) =>
  HUNG.includes(element) && wanted.maxNightsOut !== null && wanted.maxNightsOut <= 1;
const HUNG: readonly Element[] = ['door', 'window', 'gate', 'cabinet'];

function finishChemistry(
  d: Diagnosis,
  wanted: Wanted,
  rules: HouseRules,
  joinery: boolean,
  outside: boolean,
): Chemistry {
  const wished = wanted.family;
  // What is walked on takes floor paint, or is seen through.
  if (isWalkedOn(d.surface) && !endsClear(wanted, groundOf(d.surface.substrate))) return 'waterborne';
  // The solvent of an oil lifts what lies there: a patch has shown it.
  if (liftedBy(d.patches).has('solvent-borne')) return 'waterborne';
  // A finish that was wished for by name decides what it is prepared for.
  const isSeenThrough =
    wished !== null && CLEAR_FINISHES.includes(wished) && !endsClear(wanted, groundOf(d.surface.substrate));
  if (wished && isFinish(wished) && !isSeenThrough && (!outside || OUTSIDE_FINISHES.includes(wished)))
    return chemistryOf(wished) === 'waterborne' ? 'waterborne' : 'solvent-borne';
  // Oil takes days between its coats, and traps water in masonry.
  if (outOneNight(d.surface, wanted) || (outside && groundOf(d.surface.substrate) === 'masonry')) return 'waterborne';
  if (wanted.chemistry) return wanted.chemistry;
  // A wish outranks the firm's rules: no oil is without smell.
  if (wanted.lowOdour && !outside) return 'waterborne';
  const timberInside = groundOf(d.surface.substrate) === 'timber' && !outside && joinery;
  const oilInGrease = wetOrGreasy(d.surface) && rules.greaseRooms === 'oil';
  // On old oil the rule for old oil outranks the rule for woodwork; where the firm has not departed from it, it says
  // nothing against oil in greasy rooms.
  if (timberInside && (d.treatAs === 'oil' || d.treatAs === 'over-oil')) {
    const isOil = rules.oilTrim === 'stay-oil' || (oilInGrease && rules.oilTrim === DEFAULT_HOUSE_RULES.oilTrim);
    return isOil ? 'solvent-borne' : 'waterborne';
  }
  if (isWoodwork(d.surface) && rules.woodwork === 'oil') return 'solvent-borne';
  return oilInGrease ? 'solvent-borne' : 'waterborne';
}

/** The same surface under other rules or another wish; what they do not touch is not read again. */
export function recase(c: Case, given: Partial<HouseRules>, wish: Partial<Wanted> = {}): Case {
  const wanted = { ...c.wanted, ...wish };
  const rules = { ...c.rules, ...given };
  return {
    ...c,
    wanted,
    rules,
    goesTo: finishChemistry(c.d, wanted, rules, c.joinery, c.outside),
    clear: endsClear(wanted, c.ground),
    shift: wish.colour === undefined ? c.shift : colourShift(c.d, wanted),
  };
}

/** A clear film is wished for, and there is timber to be seen through it. */
const endsClear = (wanted: Wanted, ground: Ground) =>
  ground === 'timber' && wanted.family !== null && CLEAR_FINISHES.includes(wanted.family);

/** The same surface, were what is on it this; its zones with it. */
export function asIf(c: Case, treatAs: Treatment): Case {
  if (treatAs === c.treatAs) return c;
  const as = { ...c, treatAs, bare: treatAs === 'bare', d: diagnosisAsIf(c.d, treatAs) };
  return { ...as, goesTo: finishChemistry(as.d, as.wanted, as.rules, as.joinery, as.outside) };
}

const readAsIf = new WeakMap<Diagnosis, Map<Treatment, Diagnosis>>();
/** A diagnosis, were this what is there: read once, so that what was learned of it is found again. */
function diagnosisAsIf(d: Diagnosis, treatAs: Treatment): Diagnosis {
  let read = readAsIf.get(d);
  if (!read) readAsIf.set(d, (read = new Map<Treatment, Diagnosis>()));
  let as = read.get(treatAs);
  if (!as) read.set(treatAs, (as = { ...d, treatAs, zones: d.zones.map((zone) => ({ ...zone, treatAs })) }));
  return as;
}

const readInZone = new WeakMap<Case, Map<ZoneDiagnosis, Case>>();
/** The case of one zone: the same surface, rules and wishes, with what was found there. Read once for each case. */
export function caseInZone(c: Case, zone: ZoneDiagnosis): Case {
  let read = readInZone.get(c);
  if (!read) readInZone.set(c, (read = new Map<ZoneDiagnosis, Case>()));
  let there = read.get(zone);
  if (!there) read.set(zone, (there = { ...rediagnosed(c, { ...c.d, ...zone, zones: [zone] }), isPlace: true }));
  return there;
}

/** The same surface, rules and wishes, were this what is there. */
export function rediagnosed(c: Case, d: Diagnosis): Case {
  return { ...asCase(d, c.wanted, c.rules, c.shelf, c.shift, c.trials, c.weights), by: c.by, held: c.held };
}

/** A patch that was scratched or cut at cure and held; where nobody says what was cut, the primer is named as what held. */
const isHeldPatch = (test: TestRecord) => cutHeld(test) && (isOfPatch(test) || test.plane === 'primer');
/** A patch of this family held here, or one of which nobody said what it was. */
export const patchGripped = ({ gripHeldBy }: Case, family: Family): boolean =>
  gripHeldBy.has(family) || gripHeldBy.has(null);

/** Reads a diagnosis, a wish, the house rules and a shelf into one case. Laminate that nobody painted is laminate, and not bare. */
export function asCase(
  found: Diagnosis,
  wanted: Wanted,
  given: Partial<HouseRules>,
  shelf: readonly Product[],
  shift = colourShift(found, wanted),
  trials: readonly TrialWord[] = [],
  weights: Weights = USUAL_WEIGHTS,
): Case {
  const rules = { ...DEFAULT_HOUSE_RULES, ...given };
  const surface = found.surface;
  const outside = isOutside(surface);
  const ground = groundOf(surface.substrate);
  const joinery = isJoinery(surface.element);
  const treatAs = found.treatAs === 'bare' && ground === 'laminate' ? 'laminate' : found.treatAs;
  const d = treatAs === found.treatAs ? found : diagnosisAsIf(found, treatAs);
  return {
    d,
    wanted,
    rules,
    shelf: usableOn(shelf, { ground, sheen: wanted.sheen }),
    outside,
    joinery,
    ground,
    furniture: isFurniture(surface.element),
    treatAs,
    is: (...any) => {
      for (const c of any) if (d.findings.standing.has(c)) return true;
      return false;
    },
    bare: treatAs === 'bare',
    wetOnly: d.lead === 'presumed' || d.lead === 'positive',
    goesTo: finishChemistry(d, wanted, rules, joinery, outside),
    clear: endsClear(wanted, ground),
    shift,
    hot: surface.exposure === 'interior-hot' || surface.element === 'radiator',
    gripHeldBy: new Set(d.tests.filter(isHeldPatch).map((t) => t.family ?? null)),
    gripFailedBy: new Set(d.tests.flatMap((t) => (t.family && isOfPatch(t) && cutFailed(t) ? [t.family] : []))),
    trials,
    weights,
    shown: shownBy(d, trials),
  };
}
