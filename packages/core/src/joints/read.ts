import { BEAD_READING_CODES, type Bead, type BeadReading } from '../vocabulary/index.ts';
import type { Joint } from '../model/joint.ts';
import {
  BEAD_ORDER,
  BEADS_USUALLY,
  READING_MINUTES,
  READING_ROWS,
  SURELY_NONE,
  SURELY_SILICONE,
} from './knowledge/readings.ts';
import { SIDES } from './knowledge/sides.ts';

/** What is usual of a joint between its sides, where nobody said it. */
export interface JointUse {
  wet: boolean;
  painted: boolean;
  moves: boolean;
  slick: boolean;
  acidHarms: boolean;
}

/** A bead that tore was pulled. */
const hasSplit = ({ holds, state }: Joint) => holds !== 'open' && state === 'split';

/** How a joint is used: as it was said, else as is usual between its sides. Outside everything moves. */
export function useOf(joint: Joint, outside: boolean): JointUse {
  const rows = [SIDES[joint.side], SIDES[joint.otherSide]];
  const wet = joint.wet ?? rows.some((r) => r.wet);
  return {
    wet,
    painted: joint.painted ?? !(wet || rows.some((r) => r.unpainted)),
    moves: joint.moves ?? (outside || hasSplit(joint) || rows.some((r) => r.moves)),
    slick: rows.some((r) => r.slick),
    acidHarms: rows.some((r) => r.acidHarms),
  };
}

const usuallyOf = (joint: Joint, outside: boolean) => {
  if (joint.side === 'glass' || joint.otherSide === 'glass') return BEADS_USUALLY.glass;
  if (useOf(joint, outside).wet) return BEADS_USUALLY.wet;
  return outside ? BEADS_USUALLY.outside : BEADS_USUALLY.inside;
};

type Odds = Readonly<Record<Bead, number>>;
const shared = (weights: readonly number[]): Odds => {
  const sum = weights.reduce((a, b) => a + b, 0);
  return Object.fromEntries(BEAD_ORDER.map((bead, i) => [bead, weights[i]! / sum])) as Odds;
};
const rowOf = (reading: BeadReading, says: string): readonly number[] =>
  (READING_ROWS[reading] as Record<string, readonly number[]>)[says]!;

/** What the bead in a joint is of, 0 to 1 each, from what was read of it; what somebody says it is, it is. Null: it stands open. */
export function beadOdds(joint: Joint, outside: boolean): Odds | null {
  const { holds } = joint;
  if (holds === 'open') return null;
  if (holds !== 'unread') return shared(BEAD_ORDER.map((bead) => Number(bead === holds)));
  const weights = BEAD_READING_CODES.reduce<readonly number[]>(
    (sofar, reading) => {
      const says = joint[reading];
      return says === null ? sofar : sofar.map((w, i) => w * rowOf(reading, says)[i]!);
    },
    usuallyOf(joint, outside),
  );
  return shared(weights);
}

/** What is known of a joint: it stands open, it holds silicone, something that takes paint, or nobody can say. */
export type JointKnown = 'open' | 'silicone' | 'takes-paint' | 'unknown';

export function knownOf(odds: Odds | null): JointKnown {
  if (!odds) return 'open';
  if (odds.silicone >= SURELY_SILICONE) return 'silicone';
  return odds.silicone <= SURELY_NONE ? 'takes-paint' : 'unknown';
}

const bits = (p: number) => (p <= 0 || p >= 1 ? 0 : -(p * Math.log2(p) + (1 - p) * Math.log2(1 - p)));

/** The reading that tells most of whether it is silicone, for the minutes that it takes; null where that is known. */
export function nextReading(joint: Joint, outside: boolean): BeadReading | null {
  const odds = beadOdds(joint, outside);
  if (joint.holds !== 'unread' || !odds || knownOf(odds) !== 'unknown') return null;
  const worth = (reading: BeadReading) => {
    const left = Object.keys(READING_ROWS[reading]).reduce((sum, says) => {
      const weights = BEAD_ORDER.map((bead, i) => odds[bead] * rowOf(reading, says)[i]!);
      const p = weights.reduce((a, b) => a + b, 0);
      return p > 0 ? sum + p * bits(weights[0]! / p) : sum;
    }, 0);
    return (bits(odds.silicone) - left) / Math.sqrt(READING_MINUTES[reading]);
  };
  const unread = BEAD_READING_CODES.filter((reading) => joint[reading] === null);
  return unread.reduce<BeadReading | null>((best, one) => (best && worth(best) >= worth(one) ? best : one), null);
}
