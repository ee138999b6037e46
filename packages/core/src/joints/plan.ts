import { capital } from '../units/capital.ts';
import {
  JOINT_SIDE_LABELS,
  REMEDIES,
  type Condition,
  type Family,
  type HouseRules,
  type Remedy,
} from '../vocabulary/index.ts';
import type { Joint } from '../model/joint.ts';
import { AFTER_SILICONE, BELONGS, ON_NO_TRACE, ROD_FROM_MM } from './knowledge/belongs.ts';
import { beadOdds, knownOf, useOf, type JointUse, type JointKnown } from './read.ts';

/** What is done along a joint. `find-out`: nobody knows what is in it, and it is to be painted. */
export type JointAct = Remedy | 'seal' | 'find-out' | 'close-first';

/** What belongs into a joint, what is done along it, and why. */
export interface JointPlan {
  act: JointAct;
  known: JointKnown;
  use: JointUse;
  /** What belongs there; null: no bead. */
  family: Family | null;
  why: string;
  /** A rod goes in before the bead. */
  rod: boolean;
  /** The condition of the surface that it is; null: none that paint minds. */
  condition: Condition | null;
}

type Rules = Pick<HouseRules, 'silicone'>;
const REMEDY_OF: Record<HouseRules['silicone'], Remedy> = {
  'cut-out': 'cut-out',
  bridge: 'bridge',
  'block-with-oil': 'block',
};

/** Whether something can be done about a bead: what is bridged or blocked is silicone that paint goes over. */
const isFor = (remedy: Remedy, known: JointKnown, use: JointUse): boolean =>
  remedy === 'leave' || remedy === 'cut-out' || (use.painted && known !== 'takes-paint');

/** What may be done about the bead in a joint; nothing where it stands open. */
export function remediesFor(joint: Joint, outside: boolean): Remedy[] {
  const known = knownOf(beadOdds(joint, outside));
  const use = useOf(joint, outside);
  return known === 'open' ? [] : REMEDIES.filter((remedy) => isFor(remedy, known, use));
}

/** A bead that takes paint, in a joint that is painted: where it is left, it is painted over. */
export const isPaintedOver = ({ known, use }: Pick<JointPlan, 'known' | 'use'>): boolean =>
  known === 'takes-paint' && use.painted;

/** What is done about a bead that is there. */
function actOn(joint: Joint, known: JointKnown, use: JointUse, rules: Rules): JointAct {
  const { remedy, state } = joint;
  if (remedy !== null && isFor(remedy, known, use)) return remedy;
  if (known === 'takes-paint' || !use.painted) return state === 'sound' ? 'leave' : 'cut-out';
  if (known === 'unknown') return 'find-out';
  return REMEDY_OF[rules.silicone];
}

function conditionOf(act: JointAct, known: JointKnown, use: JointUse): Condition | null {
  if (act === 'find-out') return 'sealant-unknown';
  const opened = act === 'seal' || act === 'close-first' || (act === 'cut-out' && known === 'takes-paint');
  if (opened) return use.moves ? 'moving-joints' : 'gaps';
  return use.painted && act !== 'leave' ? 'silicone' : null;
}

/** What a joint is to a firm that keeps to these rules. */
export function jointPlan(joint: Joint, outside: boolean, rules: Rules): JointPlan {
  const use = useOf(joint, outside);
  const known = knownOf(beadOdds(joint, outside));
  const row = BELONGS.find((one) => one.when(joint, use, outside))!;
  const act: JointAct =
    known !== 'open' ? actOn(joint, known, use, rules) : row.family === null ? 'close-first' : 'seal';
  // Where silicone was, its trace stays in the joint.
  const { family, why } =
    act === 'cut-out' && known !== 'takes-paint' && ON_NO_TRACE.includes(row.family) ? AFTER_SILICONE : row;
  return {
    act,
    known,
    use,
    family,
    why,
    rod: family !== null && joint.widthMm >= ROD_FROM_MM,
    condition: conditionOf(act, known, use),
  };
}

/** What a surface has for conditions because of its joints: the same whatever the house rules are. */
export const jointConditions = (joints: readonly Joint[], outside: boolean): Condition[] =>
  joints.flatMap((joint) => jointPlan(joint, outside, { silicone: 'cut-out' }).condition ?? []);

/**
 * Flags that joints which were drawn take the place of: open ones those of gaps, beads that of a bead nobody knows.
 * Silicone that was flagged stands until it is drawn: an acrylic bead says nothing of another.
 */
export function flagsDrawn(joints: readonly Joint[], outside: boolean): Condition[] {
  const known = new Set(joints.map((joint) => knownOf(beadOdds(joint, outside))));
  return [
    ...(known.has('open') ? (['gaps', 'moving-joints'] as const) : []),
    ...(known.size > Number(known.has('open')) ? (['sealant-unknown'] as const) : []),
    ...(known.has('silicone') ? (['silicone'] as const) : []),
  ];
}

/** A joint by its two sides, as it is spoken of. */
export const jointName = ({ side, otherSide }: Pick<Joint, 'side' | 'otherSide'>): string =>
  capital(`${JOINT_SIDE_LABELS[side]} to ${JOINT_SIDE_LABELS[otherSide]}`);
