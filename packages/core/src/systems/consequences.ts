import { treatmentOdds, type Treatment } from '../evidence/treatment.ts';
import type { Family, Fault, Need, StepKind } from '../vocabulary/index.ts';
import { asIf, type Case } from './case.ts';
import { MISPLACED } from './knowledge/misplaced.ts';
import { NEED_FAULTS } from './knowledge/needFaults.ts';
import { PRIMERS } from './knowledge/primers.ts';
import { SKIPPED, type SkippedRow } from './knowledge/skipped.ts';
import { SWAPPED } from './knowledge/swapped.ts';
import { skippedFactor } from './held.ts';
import type { PrimerNeed } from './primer.ts';
import type { Step } from '../model/step.ts';

/**
 * A fault that follows from departing from a system. `odds` 0 to 1 that it comes; `shows` an ISO 8601 duration;
 * `cost` in minor units of putting it right once.
 */
export interface Consequence {
  kind: StepKind;
  fault: Fault;
  text: string;
  odds: number;
  shows: string;
  cost: number;
}

/** A chance below this is not worth composing a case for. */
const WORTH_ASKING = 0.02;
/** A record that is so near the typical is not worth a sentence. */
const WORTH_SAYING = 0.05;
/** Nothing is surer to fail than this, whatever a firm has seen. */
const SUREST = 0.98;
const round = (odds: number) => Math.round(odds * 100) / 100;

const shares = new WeakMap<object, readonly (readonly [Case, number])[]>();

/** What the surface may be, each with its share of the odds. Read once for each case. */
function truths(c: Case): readonly (readonly [Case, number])[] {
  const known = shares.get(c);
  if (known) return known;
  const odds = Object.entries(treatmentOdds(c.d.odds)) as [Treatment, number][];
  const likely = odds.filter(([, share]) => share >= WORTH_ASKING);
  const total = likely.reduce((sum, [, share]) => sum + share, 0);
  const found = likely.map(([treatAs, share]) => [asIf(c, treatAs), share / total] as const);
  shares.set(c, found);
  return found;
}

/**
 * What follows where a step is left out, over everything the surface may be: the likeliest fault, its odds mixed by
 * the odds of what is there. Null where no fault is known. `price` is what the system costs, in minor units.
 */
export function ifSkipped(step: Step, c: Case, price: number): Consequence | null {
  const told = new Map<Fault, { mass: number; odds: number; redo: number; row: SkippedRow }>();
  for (const [truth, share] of truths(c)) {
    const row = SKIPPED.find((r) => r.kind === step.kind && r.when(truth, step));
    if (!row) continue;
    const now = told.get(row.fault);
    if (!now) told.set(row.fault, { mass: share, odds: share * row.odds, redo: share * row.odds * row.redo, row });
    else {
      if (share > now.mass) now.row = row;
      now.mass += share;
      now.odds += share * row.odds;
      now.redo += share * row.odds * row.redo;
    }
  }
  const worst = [...told.values()].sort((a, b) => b.odds - a.odds)[0];
  if (!worst) return null;
  const { fault, text, shows } = worst.row;
  const own = skippedFactor(c.held, step.kind);
  return {
    kind: step.kind,
    fault,
    text:
      Math.abs(own - 1) < WORTH_SAYING
        ? text
        : `${text} The firm's own record: ${own.toFixed(1)} times what is typical.`,
    shows,
    odds: round(Math.min(SUREST, worst.odds * own)),
    cost: Math.round((worst.redo / worst.odds) * price),
  };
}

const PRIMING: readonly StepKind[] = ['pre-prime', 'spot-prime', 'prime', 'undercoat'];
const does = (family: Family | undefined, need: Need) => PRIMERS.find((p) => p.family === family)?.does[need] ?? 0;

/** What the primer was there for and the other does not do as well, unless another coat of the system does it. */
function unmet(step: Step, to: Family, needs: readonly PrimerNeed[], others: readonly Step[]) {
  return needs.filter(
    (n) =>
      does(step.family, n.need) >= n.atLeast &&
      does(to, n.need) < n.atLeast &&
      !others.some((o) => PRIMING.includes(o.kind) && does(o.family, n.need) >= n.atLeast),
  );
}

/** What follows where another family is taken for a step. Empty where it does as well. */
export function ifSwapped(
  step: Step,
  to: Family,
  c: Case,
  needs: readonly PrimerNeed[],
  others: readonly Step[],
  price: number,
): Consequence[] {
  const found = new Map<Fault, Consequence>();
  const add = (row: { fault: Fault; text: string; odds: number; shows: string; redo: number }) => {
    const one = {
      kind: step.kind,
      fault: row.fault,
      text: row.text,
      odds: round(row.odds),
      shows: row.shows,
      cost: Math.round(row.redo * price),
    };
    if ((found.get(row.fault)?.odds ?? 0) < one.odds) found.set(row.fault, one);
  };
  if (PRIMING.includes(step.kind)) {
    for (const need of unmet(step, to, needs, others)) {
      const row = NEED_FAULTS[need.need];
      // Half of what is needed fails half as often as nothing at all.
      add({ ...row, odds: row.odds * ((need.atLeast - does(to, need.need)) / need.atLeast) });
    }
    return [...found.values()];
  }
  for (const row of SWAPPED) if (row.to.includes(to) && row.when(c)) add(row);
  return [...found.values()];
}

/** What follows where steps are done in another order: every pair that should not have changed places. */
export function ifReordered(before: readonly Step[], after: readonly Step[], price: number): Consequence[] {
  const at = new Map(after.map((step, i) => [step, i]));
  const found = new Map<string, Consequence>();
  before.forEach((first, i) => {
    for (const then of before.slice(i + 1)) {
      const turned = at.has(first) && at.has(then) && at.get(first)! > at.get(then)!;
      if (!turned) continue;
      const row = MISPLACED.find((r) => r.first.includes(first.kind) && r.then.includes(then.kind));
      if (!row || found.has(row.text)) continue;
      if (row.lastCounts && after.slice(at.get(first)! + 1).some((s) => row.then.includes(s.kind))) continue;
      found.set(row.text, {
        kind: first.kind,
        fault: row.fault,
        text: row.text,
        odds: row.odds,
        shows: row.shows,
        cost: Math.round(row.redo * price),
      });
    }
  });
  return [...found.values()];
}

const FAILS: readonly Fault[] = ['peels', 'bleeds', 'bubbles', 'crackles', 'crawls', 'wrinkles'];
/** Kinds of which one does the work of the other. */
const ALIKE: readonly (readonly StepKind[])[] = [
  ['dust-off', 'tack-off'],
  ['degloss', 'sand'],
];
const sameWork = (a: Step, b: Step) =>
  a.kind === b.kind || ALIKE.some((kinds) => kinds.includes(a.kind) && kinds.includes(b.kind));

/** True where some step does this step's work: the same kind, and a primer that does as much for what is there. */
function doneBy(need: Step, steps: readonly Step[]): boolean {
  if (!PRIMING.includes(need.kind)) return steps.some((s) => sameWork(s, need));
  const primers = steps.filter((s) => PRIMING.includes(s.kind) && (need.scope === 'spots' || s.scope !== 'spots'));
  const row = PRIMERS.find((p) => p.family === need.family);
  const gripsOrBlocks = Object.entries(row?.does ?? {}).filter(([n, well]) => /^(grip|block)/.test(n) && well >= 2);
  // A plain primer is replaced by any other; one that grips or blocks only by one that does so too.
  return primers.some(
    (s) =>
      s.family === need.family ||
      gripsOrBlocks.length === 0 ||
      gripsOrBlocks.some(([n]) => does(s.family, n as Need) >= 2),
  );
}

/** The chance that `steps` let go early, were this the truth and `needed` what it asks for. 0 where nothing is missing. */
export function failureIf(truth: Case, needed: readonly Step[], steps: readonly Step[]): number {
  let held = 1;
  for (const step of needed) {
    if (doneBy(step, steps)) continue;
    const row = SKIPPED.find((r) => r.kind === step.kind && r.when(truth, step));
    if (row && FAILS.includes(row.fault)) held *= 1 - row.odds;
  }
  return 1 - held;
}
