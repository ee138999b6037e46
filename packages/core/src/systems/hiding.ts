import type { Family, StepKind } from '../vocabulary/index.ts';
import type { Step } from '../model/step.ts';
import type { Case } from './case.ts';
import {
  HIDES,
  MOST_COATS,
  TINT_LIES,
  UNDERCOAT_HIDES,
  UNKNOWN_DIFFERENCE,
  UNSEEN,
  VIVID_FROM,
  WHITE,
} from './knowledge/hiding.ts';
import { primes } from './onOil.ts';

/** What share of the difference in colour one coat of a finish takes away: as usual, or as its own patch here showed. */
function finishHides(family: Family, c: Case): number {
  if (family === 'waterborne-clear' || family === 'oil-varnish') return HIDES.clear;
  const usual = (c.shift.chroma ?? 0) > VIVID_FROM ? HIDES.vivid : HIDES.finish;
  const patch = c.d.patches.find((p) => p.family === family && p.coats !== null);
  if (!patch) return usual;
  const from = Math.max(c.shift.difference ?? UNKNOWN_DIFFERENCE, 2 * UNSEEN);
  // A hair less than what is just seen, so that the last coat counted is the last one needed.
  const hidden = 1 - ((0.999 * UNSEEN) / from) ** (1 / patch.coats!);
  return patch.verdict === 'covers' ? Math.max(usual, hidden) : Math.min(usual, hidden);
}

/** How many coats of this finish covered in its patch, on the face as it is; null where none did. */
export const coatsShown = (family: Family, c: Case): number | null =>
  c.d.patches.find((p) => p.family === family && p.verdict === 'covers')?.coats ?? null;

/** How far the colour of a primer of this tint lies from the finish. CIEDE2000, roughly. */
function primerLies({ tint }: Step, c: Case): number {
  const lies =
    tint === 'toward-finish' ? TINT_LIES.towardFinish : tint && tint !== 'white' ? TINT_LIES.grey : TINT_LIES.white;
  return lies.depth * Math.max(0, WHITE - (c.shift.to ?? WHITE)) + lies.chroma * (c.shift.chroma ?? 0);
}

/** How far what is seen lies from the colour that is wanted, once this coat is on. CIEDE2000. */
export function colourLeftAfter(step: Step, family: Family, left: number, c: Case): number {
  if (c.clear || step.kind === 'clear-coat') return left;
  const coats = step.coats ?? 1;
  if (step.kind === 'finish-coat') return left * (1 - finishHides(family, c)) ** coats;
  // A primer hides what is under it, and is seen itself.
  const through = (1 - HIDES.primer[UNDERCOAT_HIDES[family] ?? primes(family, 'hide')]) ** coats;
  return left * through + primerLies(step, c) * (1 - through);
}

const UNDER: readonly StepKind[] = ['prime', 'undercoat'];

/**
 * How many coats of a finish it takes until nothing under it is seen any more, over what is laid under them; null where
 * the new colour is not known. An old colour that nobody said is taken to lie as far off as most do.
 */
export function coatsThatHide(c: Case, under: readonly Step[], family: Family): number | null {
  if (c.shift.to === null) return null;
  let left = under
    .filter((step) => step.family && UNDER.includes(step.kind) && (step.scope ?? 'all') === 'all')
    .reduce((rest, step) => colourLeftAfter(step, step.family!, rest, c), c.shift.difference ?? UNKNOWN_DIFFERENCE);
  let coats = 0;
  while (left > UNSEEN && coats < MOST_COATS) {
    left *= 1 - finishHides(family, c);
    coats++;
  }
  return coats;
}
