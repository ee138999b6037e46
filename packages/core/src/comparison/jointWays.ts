import { conditionFindings } from '../evidence/conditions.ts';
import { isOutside } from '../evidence/facts.ts';
import { jointPlan } from '../joints/plan.ts';
import { priceOn } from '../pricing/price.ts';
import type { Joint } from '../model/joint.ts';
import { rediagnosed, type Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';
import { REMEDIES, type Remedy } from '../vocabulary/index.ts';
import { holdsOf, type Holds } from './holds.ts';

/** One way with the bead that is in a joint: what it takes, and how the surface holds then. Money in minor units. */
export interface JointWay {
  remedy: Remedy;
  /** What the joint adds to the surface. */
  minutes: number;
  cost: number;
  waitingMin: number;
  callBackAYear: number;
  guaranteeMonths: number | null;
  /** What is likeliest to go wrong because of it, and how much likelier than with the best of the ways; null: nothing. */
  risk: { because: string; odds: number } | null;
}

/** The same surface, were its joints these. */
function withJoints(c: Case, joints: readonly Joint[]): Case {
  const surface = { ...c.d.surface, joints };
  return rediagnosed(c, {
    ...c.d,
    surface,
    findings: conditionFindings(surface, c.d.tests),
    zones: c.d.zones.map((zone) => ({ ...zone, findings: conditionFindings(surface, zone.tests) })),
  });
}

/** What may be done about the bead in a joint: bridging and blocking are for silicone that paint goes over. */
export function remediesFor(joint: Joint, c: Case): Remedy[] {
  const { known, use } = jointPlan({ ...joint, remedy: null }, isOutside(c.d.surface), c.rules);
  if (known === 'open') return [];
  return REMEDIES.filter(
    (remedy) => remedy === 'leave' || remedy === 'cut-out' || (use.painted && known !== 'takes-paint'),
  );
}

/** Fault by fault, how likely it is, and why. */
const faultsOf = ({ faults }: Holds) => new Map(faults.map((f) => [f.fault, f]));

/**
 * The ways with the bead in the joint at `at`, each with what it adds in hours, money and waiting, and how the surface
 * holds. Empty where the joint stands open: there is no bead to decide about.
 */
export function jointWays(c: Case, at: number): JointWay[] {
  const { joints } = c.d.surface;
  const joint = joints[at]!;
  const remedies = remediesFor(joint, c);
  if (!remedies.length) return [];
  const others = withJoints(
    c,
    joints.filter((_, i) => i !== at),
  );
  const without = priceOn(others, compose(others).steps);
  const ways = remedies.map((remedy) => {
    const as = withJoints(
      c,
      joints.map((one, i) => (i === at ? { ...one, remedy } : one)),
    );
    const { steps } = compose(as);
    const price = priceOn(as, steps);
    return { remedy, price, holds: holdsOf(as, steps, price) };
  });
  const least = new Map<string, number>();
  for (const { holds } of ways)
    for (const fault of new Set(ways.flatMap((w) => w.holds.faults.map((f) => f.fault))))
      least.set(fault, Math.min(least.get(fault) ?? 1, faultsOf(holds).get(fault)?.odds ?? 0));
  return ways.map(({ remedy, price, holds }) => {
    const [worst] = holds.faults
      .map((f) => ({ because: f.because, odds: f.odds - least.get(f.fault)! }))
      .sort((a, b) => b.odds - a.odds);
    return {
      remedy,
      minutes: price.minutes - without.minutes,
      cost: price.cost - without.cost,
      waitingMin: price.waitingMin - without.waitingMin,
      callBackAYear: holds.callBackAYear,
      guaranteeMonths: holds.guaranteeMonths,
      risk: worst && worst.odds >= WORTH_SAYING ? { because: worst.because, odds: worst.odds } : null,
    };
  });
}
/** From here a difference between ways is said. */
const WORTH_SAYING = 0.01;
