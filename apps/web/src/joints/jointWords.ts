import {
  BEAD_STATE_LABELS,
  isPaintedOver,
  JOINT_FILL_LABELS,
  readLength,
  sayLengthM,
  type JointAct,
} from '@rustic/core';
import type { JointOfRoom } from '../store/endpoints.ts';
import type { Units } from '../store/store.ts';
import { sayPercent } from '../words/figures.ts';

const ACT_WORDS: Record<JointAct, string> = {
  seal: 'Seal',
  'cut-out': 'Cut out, and seal again',
  bridge: 'Bridge with a bead that takes paint',
  block: 'Block with oil primer',
  leave: 'Leave it',
  'find-out': 'Read it before anything is painted',
  'close-first': 'Close it first',
};

/** What is done along a joint, as a heading. */
export function actWords({ plan }: Pick<JointOfRoom, 'plan'>): string {
  if (plan.act !== 'leave') return ACT_WORDS[plan.act];
  return isPaintedOver(plan) ? 'Leave it, and paint over it' : 'Leave it, taped off';
}

/** A width as people say it. */
export const sayWidth = (mm: number, units: Units) => (units === 'us' ? sayLengthM(mm / 1000, units) : `${mm} mm`);

/** A width as people write it: "5", "5 mm", `3/16"`. In millimetres; null where it cannot be read. */
export function readWidth(typed: string, units: Units): number | null {
  const hasUnit = /[a-z'"′″]/i.test(typed);
  const metres = readLength(hasUnit ? typed : `${typed}${units === 'us' ? '"' : ' mm'}`);
  return metres === null ? null : Math.round(metres * 10_000) / 10;
}

/** A bead as it was read, with how surely. */
const readAs: Record<JointOfRoom['plan']['known'], (silicone: string) => string> = {
  open: () => 'stands open',
  silicone: (p) => `silicone, ${p} sure`,
  'takes-paint': () => 'a bead that takes paint',
  unknown: (p) => `a bead, silicone at ${p}`,
};

/** What is in a joint, as far as anybody knows. */
export function insideWords({
  holds,
  state,
  silicone,
  plan,
}: Pick<JointOfRoom, 'holds' | 'state' | 'silicone' | 'plan'>): string {
  if (holds === 'open') return 'stands open';
  const what = holds === 'unread' ? readAs[plan.known](sayPercent(silicone ?? 0)) : JOINT_FILL_LABELS[holds];
  return state === 'sound' ? what : `${what}, ${BEAD_STATE_LABELS[state]}`;
}
