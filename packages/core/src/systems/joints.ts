import { staysWet } from '../evidence/facts.ts';
import { jointPlan, type JointPlan } from '../joints/plan.ts';
import type { Joint } from '../model/joint.ts';
import { metresAlong } from '../model/step.ts';
import type { Condition, HouseRules } from '../vocabulary/index.ts';
import type { Case } from './case.ts';

/** A joint with what is done along it. */
export interface Planned {
  joint: Joint;
  plan: JointPlan;
}

/** Every joint of a surface with its plan under the rules of the case. */
export const plannedOn = (c: Case): Planned[] =>
  c.d.surface.joints.map((joint) => ({ joint, plan: jointPlan(joint, c.outside, c.rules) }));

/** True where a condition stands, and no joint that somebody drew is what it is. */
export function isUndrawn(c: Case, ...conditions: Condition[]): boolean {
  if (!c.is(...conditions)) return false;
  const drawn = plannedOn(c).map(({ plan }) => plan.condition);
  return conditions.some((condition) => c.is(condition) && !drawn.includes(condition));
}

/** What is done with silicone that nobody drew: where a joint stays wet silicone belongs, and it is renewed, not covered. */
export const siliconeRule = (c: Case): HouseRules['silicone'] => (staysWet(c.d.surface) ? 'cut-out' : c.rules.silicone);

/** True where silicone is drawn that is not cut out. */
export const siliconeStays = (c: Case): boolean =>
  isUndrawn(c, 'silicone')
    ? siliconeRule(c) !== 'cut-out'
    : plannedOn(c).some(({ plan }) => plan.act === 'bridge' || plan.act === 'block');

/** Of the silicone that paint would meet, the share that is cut out, by length; 1 where none is drawn. */
export function shareCutOut(c: Case): number {
  const inTheWay = plannedOn(c).filter(({ plan }) => plan.condition === 'silicone');
  const metres = (of: readonly Planned[]) => metresAlong(of.map(({ joint }) => joint));
  const all = metres(inTheWay);
  return all > 0 ? metres(inTheWay.filter(({ plan }) => plan.act === 'cut-out')) / all : 1;
}

/** True where an acrylic bead would lie in a joint that moves. */
export const acrylicTears = (c: Case): boolean => {
  if (c.outside || isUndrawn(c, 'moving-joints')) return true;
  const sealed = plannedOn(c).filter(({ plan }) => plan.act === 'seal' || plan.act === 'cut-out');
  return c.is('moving-joints') && !sealed.some(({ plan }) => !plan.use.moves);
};

/** True where silicone is laid into a joint that is painted over. */
export const siliconePainted = (c: Case): boolean => {
  if (staysWet(c.d.surface)) return false;
  const planned = plannedOn(c);
  return planned.length === 0 || planned.every(({ plan }) => plan.family !== 'silicone-sealant');
};
