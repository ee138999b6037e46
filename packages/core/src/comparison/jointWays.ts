import { conditionFindings } from '../evidence/conditions.ts';
import { remediesFor } from '../joints/plan.ts';
import { priceOn } from '../pricing/price.ts';
import type { Joint } from '../model/joint.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import { rediagnosed, type Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';
import type { Fault, Remedy } from '../vocabulary/index.ts';
import { holdsOf, type Holds } from './holds.ts';

/** One way with the bead that is in a joint: what it takes, and how it holds by itself. Money in minor units. */
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

/** The same surface, were its joints these, and these its tests. */
function withJoints(c: Case, joints: readonly Joint[], facts: Partial<SurfaceFacts> = {}, tests = c.d.tests): Case {
  const surface = { ...c.d.surface, ...facts, joints };
  return rediagnosed(c, {
    ...c.d,
    surface,
    findings: conditionFindings(surface, tests),
    zones: c.d.zones.map((zone) => ({
      ...zone,
      findings: conditionFindings(surface, tests === c.d.tests ? zone.tests : tests),
    })),
  });
}

/** The joint by itself, on a surface that has nothing else wrong: what goes wrong there comes from the joint. */
const alone = (c: Case, joint: Joint) => withJoints(c, [joint], { conditions: [], extents: {} }, []);

/**
 * The ways with the bead in the joint at `at`, each with what it adds in hours, money and waiting, and how the joint
 * holds by itself. Empty where the joint stands open: there is no bead to decide about.
 */
export function jointWays(c: Case, at: number): JointWay[] {
  const { joints } = c.d.surface;
  const joint = joints[at]!;
  const remedies = remediesFor(joint, c.outside);
  if (!remedies.length) return [];
  const others = withJoints(
    c,
    joints.filter((_, i) => i !== at),
  );
  const without = priceOn(others, compose(others).steps);
  const ways = remedies.map((remedy) => {
    const as = { ...joint, remedy };
    const onIt = withJoints(
      c,
      joints.map((one, i) => (i === at ? as : one)),
    );
    const byItself = alone(c, as);
    return {
      remedy,
      price: priceOn(onIt, compose(onIt).steps),
      holds: holdsOf(byItself, compose(byItself).steps),
    };
  });
  const least = leastOdds(ways.map(({ holds }) => holds));
  return ways.map(({ remedy, price, holds }) => ({
    remedy,
    minutes: price.minutes - without.minutes,
    cost: price.cost - without.cost,
    waitingMin: price.waitingMin - without.waitingMin,
    callBackAYear: holds.callBackAYear,
    guaranteeMonths: holds.guaranteeMonths,
    risk: riskBeside(holds, least),
  }));
}

/** Each fault as seldom as it comes with the best of the ways. */
function leastOdds(all: readonly Holds[]): Map<Fault, number> {
  const faults = new Set(all.flatMap(({ faults: found }) => found.map((f) => f.fault)));
  const oddsIn = (holds: Holds, fault: Fault) => holds.faults.find((f) => f.fault === fault)?.odds ?? 0;
  return new Map([...faults].map((fault) => [fault, Math.min(...all.map((holds) => oddsIn(holds, fault)))]));
}

/** What comes oftener with this way than it need, most of all. */
function riskBeside({ faults }: Holds, least: ReadonlyMap<Fault, number>): JointWay['risk'] {
  const [worst] = faults
    .map((f) => ({ because: f.because, odds: f.odds - least.get(f.fault)! }))
    .sort((a, b) => b.odds - a.odds);
  return worst && worst.odds >= WORTH_SAYING ? worst : null;
}
/** From here a difference between ways is said. */
const WORTH_SAYING = 0.01;
