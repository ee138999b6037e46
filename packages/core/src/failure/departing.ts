import { FAULTS, type Family, type Fault, type StepKind } from '../vocabulary/index.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';
import { bondWords } from './bond.ts';
import { CAUSES, NO } from './causes.ts';
import { oddsOf, redoOf, worstCause } from './faults.ts';
import { FACE_ROWS } from './knowledge/faces.ts';
import { outlookOf, outlookWithout, type Outlook, type Truth } from './tallyOf.ts';

/**
 * A fault that follows from departing from a system: how much likelier it is than under the system. `odds` 0 to 1;
 * `shows` an ISO 8601 duration; `cost` in minor units of putting it right once.
 */
export interface Consequence {
  kind: StepKind;
  fault: Fault;
  text: string;
  odds: number;
  shows: string;
  cost: number;
}

/** A difference below this is not worth a sentence. */
const WORTH_TELLING = 0.005;
const round = (odds: number) => Math.round(odds * 1000) / 1000;

/** What grew most in a bond, under what it grew most. */
function bondGrown(before: Outlook, after: Outlook): { text: string; by: string } {
  const was = before.places.flat();
  const pairs = after.places.flat().map((now, i) => [now, was[i]!] as const);
  const grew = ([now, then]: readonly [Truth, Truth]) =>
    now.chance * (now.tally.odds[NO.bond]! - then.tally.odds[NO.bond]!);
  const [now, then] = pairs.reduce((a, b) => (grew(b) > grew(a) ? b : a));
  const words = bondWords(now.tally.bond!);
  const earlier = then.tally.bond ? bondWords(then.tally.bond) : words.map(([text]) => [text, 0] as const);
  const most = words
    .map(([text, points], i) => [text, points - earlier[i]![1]] as const)
    .reduce((a, b) => (b[1] > a[1] ? b : a));
  return { text: most[0], by: FACE_ROWS[now.tally.bond!.kind].by };
}

/** What is likelier to come after than before: for each fault the difference, the dearest first. */
export function worsened(before: Outlook, after: Outlook, kind: StepKind, price: number): Consequence[] {
  const found: Consequence[] = [];
  for (const fault of FAULTS) {
    const odds = oddsOf(after.tally, fault) - oddsOf(before.tally, fault);
    if (odds < WORTH_TELLING) continue;
    const cause = worstCause(after.tally, fault, before.tally);
    const { text, by } = cause === NO.bond ? bondGrown(before, after) : CAUSES[cause]!;
    const redo = (redoOf(after.tally, fault) - redoOf(before.tally, fault)) / odds;
    found.push({ kind, fault, text, odds: round(odds), shows: by, cost: Math.max(1, Math.round(redo * price)) });
  }
  return found.sort((a, b) => b.odds * b.cost - a.odds * a.cost);
}

/** What follows where some steps are left out: the dearest fault; null where nothing does. `price` is what the system costs, in minor units. */
export function ifLeftOut(c: Case, steps: readonly Step[], left: readonly Step[], price: number): Consequence | null {
  const first = left[0];
  if (!first) return null;
  return worsened(outlookOf(c, steps), outlookWithout(c, steps, left), first.kind, price)[0] ?? null;
}

/** What follows where another family is taken for a step. Empty where it does as well. */
export function ifSwapped(c: Case, steps: readonly Step[], step: Step, to: Family, price: number): Consequence[] {
  const after = steps.map((s) => (s === step ? { ...s, family: to } : s));
  return worsened(outlookOf(c, steps), outlookOf(c, after), step.kind, price);
}
