import { FINISHES } from '../vocabulary/index.ts';
import { normal, type FinishProbabilities, type Vector } from './odds.ts';
import { TOP_OF } from './stackSpace.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import { groundOf, isFurniture, isJoinery, isOutside } from './facts.ts';
import { TREATMENTS, TREATMENT_OF, type Setting, type Treatment } from './knowledge/treatments.ts';
import { WRONG_TREATMENT } from './knowledge/wrongTreatment.ts';

export { SETTINGS, TREATMENTS, type Setting, type Treatment } from './knowledge/treatments.ts';

/** Which prices of a wrong treatment a surface goes by. */
export function settingOf(surface: Pick<SurfaceFacts, 'element' | 'substrate' | 'exposure'>): Setting {
  const ground = groundOf(surface.substrate);
  if (ground === 'metal' || ground === 'paper' || ground === 'laminate' || ground === 'hard') return ground;
  if (isOutside(surface))
    return ground === 'timber' || isJoinery(surface.element) ? 'timber-outside' : 'masonry-outside';
  if (isFurniture(surface.element)) return 'fittings';
  return isJoinery(surface.element) || ground === 'timber' ? 'woodwork' : 'walls';
}

const oddsBy = new WeakMap<FinishProbabilities, Readonly<Record<Treatment, number>>>();
/** The odds gathered by what each finish calls for; sums to 1. */
export function treatmentOdds(odds: FinishProbabilities): Readonly<Record<Treatment, number>> {
  let by = oddsBy.get(odds);
  if (!by) {
    const shares = Object.fromEntries(TREATMENTS.map((t) => [t, 0])) as Record<Treatment, number>;
    for (const finish of FINISHES) shares[TREATMENT_OF[finish]] += odds[finish];
    oddsBy.set(odds, (by = shares));
  }
  return by;
}

/** A share too small to be told from none, so that every stack of a treatment can be spoken of. */
const ALMOST_NONE = 1e-12;
/** Odds over stacks, were the surface what a treatment is for. */
export const stacksOf = (treatment: Treatment, lies: ArrayLike<number>): Vector =>
  normal(Array.from(TOP_OF, (top, i) => (TREATMENT_OF[FINISHES[top]!] === treatment ? lies[i]! + ALMOST_NONE : 0)));

const TREATED = Uint8Array.from(FINISHES, (finish) => TREATMENTS.indexOf(TREATMENT_OF[finish]));
const SIZE = TREATMENTS.length;

/** What wrong treatments cost in one setting, row after row: the treatment down and the truth across. Minor units per m². */
export type Prices = Float64Array;
const PRICES = Object.fromEntries(
  Object.entries(WRONG_TREATMENT).map(([setting, rows]) => [setting, Float64Array.from(rows.flat())]),
) as Record<Setting, Prices>;

/** The prices that a surface goes by. */
export const pricesFor = (surface: Pick<SurfaceFacts, 'element' | 'substrate' | 'exposure'>): Prices =>
  PRICES[settingOf(surface)];

/** What treating a surface as one thing costs where it is another, in minor units per m². */
export const priceOfWrong = (treatAs: Treatment, truth: Treatment, prices: Prices): number =>
  prices[TREATMENTS.indexOf(treatAs) * SIZE + TREATMENTS.indexOf(truth)]!;

/** Shares in the order of FINISHES, gathered by treatment. */
function gathered(shares: ArrayLike<number>, by = new Float64Array(SIZE)): Float64Array {
  by.fill(0);
  for (let i = 0; i < shares.length; i++) by[TREATED[i]!]! += shares[i]!;
  return by;
}

function lossOf(at: number, by: Float64Array, prices: Prices): number {
  let loss = 0;
  for (let i = 0; i < SIZE; i++) loss += by[i]! * prices[at * SIZE + i]!;
  return loss;
}

/**
 * Below this share of the odds nobody treats a surface for it: the system of a thing that is hardly there says nothing.
 * Paint out of a can is patched for where somebody saw it, or little else is likely. So that something is always worth
 * treating, these come to less than 1 together.
 */
export const worthTreating = (treatAs: Treatment): number => (treatAs === 'aerosol' ? 0.25 : 0.08);
const WORTH_BY = TREATMENTS.map(worthTreating);

/** The treatment that can expect the least loss, of those worth asking, and that loss. Shares need not sum to 1. */
function leastOf(by: Float64Array, prices: Prices): { at: number; loss: number } {
  let total = 0;
  for (let i = 0; i < SIZE; i++) total += by[i]!;
  const least = { at: -1, loss: Infinity };
  for (let at = 0; at < SIZE; at++) {
    if (by[at]! < WORTH_BY[at]! * total) continue;
    const loss = lossOf(at, by, prices);
    if (loss < least.loss) [least.at, least.loss] = [at, loss];
  }
  return least;
}

const scratch = new Float64Array(SIZE);

/** The least loss that any treatment can expect, per m², for shares in the order of FINISHES; as they sum, so it does. */
export const leastLoss = (shares: ArrayLike<number>, prices: Prices): number =>
  leastOf(gathered(shares, scratch), prices).loss;

const inOrder = (odds: FinishProbabilities) => gathered(FINISHES.map((finish) => odds[finish]));

/** What a treatment is expected to lose, in minor units per m², against knowing the truth. */
export function expectedLoss(treatAs: Treatment, odds: FinishProbabilities, prices: Prices): number {
  return lossOf(TREATMENTS.indexOf(treatAs), inOrder(odds), prices);
}

/** The treatment with the least expected loss over the whole posterior: not always that of the likeliest finish. */
export const chooseTreatment = (odds: FinishProbabilities, prices: Prices): Treatment =>
  TREATMENTS[leastOf(inOrder(odds), prices).at]!;
