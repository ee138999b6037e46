import { diagnoseBy } from '../evidence/diagnosis.ts';
import { isCoat, type Condition, type Finish } from '../vocabulary/index.ts';
import { priceOn, type SystemPrice } from '../pricing/price.ts';
import { surfaceFacts } from '../evidence/facts.ts';
import { posteriorStacks } from '../evidence/posterior.ts';
import { asCase, type Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';
import { comingOff, type WayOff } from './comingOff.ts';
import { RESCUES, type Wrong } from './knowledge/rescues.ts';
import { inOrder } from '../systems/order.ts';
import type { Step } from '../model/step.ts';

/** The way back from a system that went wrong. Money in minor units. */
export interface Rescue {
  cause: string;
  backTo: string;
  /** Taking it off, then the right system, in order. */
  steps: Step[];
  /** How many of the steps undo what was done; the rest is the right system. */
  undoes: number;
  price: SystemPrice;
  /** Where a coat comes off: how, by the age of its film, and which way it is now. */
  ways: WayOff[];
}

const KEPT_OUT: readonly Step['kind'][] = ['revisit', 'clean-up', 'rehang', 'refit-hardware'];

/** The surface as it is once the undoing is done. */
function after(c: Case, finish: Finish | undefined, add: readonly Condition[], without: readonly Condition[]): Case {
  const { surface } = c.d;
  const standing = [...new Set([...surface.conditions, ...c.d.findings.standing, ...add])];
  const conditions = standing.filter((one) => !without.includes(one));
  const facts = surfaceFacts({ ...surface, conditions, ...(finish ? { currentFinish: finish, isNew: false } : {}) });
  // What the tests said of the film that came off is heard no more; what they said of the ground still is.
  const tests = finish ? c.d.tests.filter((t) => t.kind === 'lead-swab' || t.kind === 'moisture-meter') : c.d.tests;
  const d = diagnoseBy(facts, tests, (zone) => posteriorStacks(facts, zone, []));
  return asCase(d, c.wanted, c.rules, c.shelf, undefined, c.trials, c.weights);
}

/** One more finish coat over what was put right, as the system lays it. */
function oneCoatMore(c: Case): Step[] {
  const made = compose(c);
  const finish = made.steps.find((s) => s.kind === 'finish-coat')!;
  const dust = made.steps.find((s) => s.kind === 'tack-off' || s.kind === 'dust-off');
  return [
    { ...(dust ?? { kind: 'dust-off' as const }), why: ['Until a palm stays clean.'] },
    { ...finish, coats: 1, why: ['One coat more over the whole face, corner to corner.'] },
  ];
}

const A_DAY_H = 24;
/** Hours since the last coat; what is wet was laid just now, whatever a log says. */
const ageOf = ({ wet, ageHours = A_DAY_H }: Wrong) => (wet ? 0 : ageHours);

/**
 * The way back from a fault: what to take off, with what, to which layer, and then the right system for what is there
 * once that is done. Deterministic.
 */
export function rescueFrom(c: Case, wrong: Wrong): Rescue {
  const row = RESCUES.find((r) => r.fault === wrong.fault && r.when(c, wrong))!;
  const ways = wrong.laid.length ? comingOff(c, wrong.laid.at(-1)!, ageOf(wrong)) : [];
  const undo = row.steps(c, wrong, ways.find((way) => way.isNow)?.steps ?? []).map((step) => ({ ...step }));
  const next = row.then
    ? compose(after(c, row.then.finish, row.then.conditions ?? [], row.then.without ?? [])).steps
    : oneCoatMore(c);
  // What the undoing did already is not done twice.
  const done = new Set(undo.filter((s) => !isCoat(s.kind) && s.kind !== 'sand').map((s) => s.kind));
  const right = next.filter((s) => !done.has(s.kind) || KEPT_OUT.includes(s.kind));
  const contain = right.filter((s) => s.kind === 'contain-lead' || s.kind === 'protect' || s.kind === 'ventilate');
  const rest = right.filter((s) => !contain.includes(s));
  const steps = [...inOrder(contain, true), ...undo, ...rest];
  return {
    cause: row.cause,
    backTo: row.backTo,
    steps,
    undoes: contain.length + undo.length,
    price: priceOn(c, steps),
    ways: row.fault === 'wrong-coat' ? ways : [],
  };
}
