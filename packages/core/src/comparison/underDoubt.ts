import { FINISH_LABELS, FINISHES } from '../vocabulary/index.ts';
import { TREATMENT_OF } from '../evidence/knowledge/treatments.ts';
import type { NextTest } from '../evidence/nextTest.ts';
import { expectedLoss, pricesFor, treatmentOdds, worthTreating, type Treatment } from '../evidence/treatment.ts';
import { USUAL_AREA_M2 } from '../quantities/paint.ts';
import { priceOn } from '../pricing/price.ts';
import { asIf, type Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';

/** A system made for one thing that the surface may be. Money in minor units. */
export interface DoubtOption {
  treatAs: Treatment;
  /** What it would be right for, in words: the likeliest finish of that kind. */
  words: string;
  /** Chance that this is what is there, 0 to 1. */
  share: number;
  /** What doing it costs, labour and paint. */
  cost: number;
  /** What it is expected to lose against knowing what is there. */
  expectedLoss: number;
  chosen: boolean;
}

/** A decision under doubt: the options, the least expected loss first, and what the figures say. */
export interface Doubt {
  options: DoubtOption[];
  /** True where the system is not the one for the likeliest finish. */
  safer: boolean;
  /** What testing on is worth beyond its minutes, or null where it is worth nothing more. */
  test: NextTest | null;
}

const wordsFor = (treatAs: Treatment, c: Case) => {
  const alike = FINISHES.filter((f) => TREATMENT_OF[f] === treatAs);
  return FINISH_LABELS[alike.reduce((best, f) => (c.d.odds[f] > c.d.odds[best] ? f : best))];
};

/**
 * The systems for everything the surface may be, set against each other by what they are expected to lose over the
 * whole of the odds. Null where there is no doubt worth the name: one thing, and nothing else above 4 in 100.
 */
export function underDoubt(c: Case, test: NextTest | null): Doubt | null {
  if (c.d.zones.length > 1) return null;
  const shares = treatmentOdds(c.d.odds);
  const prices = pricesFor(c.d.surface);
  const area = c.d.surface.areaM2 ?? USUAL_AREA_M2;
  const likely = (Object.keys(shares) as Treatment[]).filter((t) => shares[t] >= worthTreating(t) || t === c.treatAs);
  if (likely.length < 2) return null;
  const options = likely.map((treatAs): DoubtOption => {
    return {
      treatAs,
      words: wordsFor(treatAs, c),
      share: shares[treatAs],
      cost: priceOn(c, compose(asIf(c, treatAs)).steps).cost,
      expectedLoss: Math.round(expectedLoss(treatAs, c.d.odds, prices) * area),
      chosen: treatAs === c.treatAs,
    };
  });
  options.sort((a, b) => a.expectedLoss - b.expectedLoss);
  const likeliest = options.reduce((best, o) => (o.share > best.share ? o : best));
  return { options, safer: !likeliest.chosen, test };
}
