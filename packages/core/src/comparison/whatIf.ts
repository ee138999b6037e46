import {
  FINISH_FAMILIES,
  isCoat,
  isTopcoat,
  PRIMER_FAMILIES,
  STEP_LABELS,
  type Family,
  type Fault,
  type StepKind,
} from '../vocabulary/index.ts';
import { priceOn, type SystemPrice } from '../pricing/price.ts';
import { forbiddenIn, type Block } from '../systems/blocks.ts';
import type { Case } from '../systems/case.ts';
import type { Composed } from '../systems/compose.ts';
import { outlookOf } from '../failure/tallyOf.ts';
import { worsened, type Consequence } from '../failure/departing.ts';
import { FAULT_ROWS, type FaultPlace } from '../failure/knowledge/faultRows.ts';
import { NEVER_SKIPPED } from '../systems/knowledge/neverSkipped.ts';
import type { Departure } from '../model/records/system.ts';
import type { Step } from '../model/step.ts';

/** What a system becomes with its departures, and what follows. Money in minor units. */
export interface WhatIf {
  steps: Step[];
  consequences: Consequence[];
  /** Where the likeliest fault sits in the section, or null where none is known. */
  fails: { fault: Fault; where: FaultPlace } | null;
  /** Chance that at least one of the faults comes, 0 to 1. */
  odds: number;
  /** Odds times cost, added up. */
  expectedCost: number;
  price: SystemPrice;
  /** Against the system as it stands; below 0 where it takes more. */
  saves: { minutes: number; cost: number; waitingMin: number };
  /** Blocks it would break: it may not be signed for. */
  forbidden: Block[];
  /** Why it may not be done at all, in words; empty where it may. */
  refused: string[];
}

const CLEANERS: readonly Family[] = ['alkaline-cleaner', 'degreaser'];
const BEADS: readonly Family[] = ['acrylic-caulk', 'elastomeric-caulk', 'paintable-hybrid-sealant', 'silicone-sealant'];
const FILLERS: readonly Family[] = ['filler', 'exterior-filler'];
const OTHERS_FOR: Partial<Record<StepKind, readonly Family[]>> = {
  wash: CLEANERS,
  caulk: BEADS,
  fill: FILLERS,
  'finish-coat': FINISH_FAMILIES,
  'clear-coat': ['waterborne-clear', 'oil-varnish', 'clear-shellac'],
};

/** The families that might be taken for a step instead; empty where there is nothing to choose. */
export function othersFor(step: Step): Family[] {
  if (!step.family) return [];
  const all = isCoat(step.kind) ? (OTHERS_FOR[step.kind] ?? PRIMER_FAMILIES) : (OTHERS_FOR[step.kind] ?? []);
  return all.filter((family) => family !== step.family);
}

const inRange = (steps: readonly Step[], at: number) => Number.isInteger(at) && at >= 0 && at < steps.length;

/** Applies departures to a list; each names a line of the list as it stands before any of them. */
function departed(before: readonly Step[], departures: readonly Departure[]): Step[] {
  const swapped = new Map<Step, Step>();
  let after = [...before];
  for (const d of departures) {
    const step = before[d.step]!;
    const now = swapped.get(step) ?? step;
    if (d.act === 'skip') after = after.filter((s) => s !== now);
    else if (d.act === 'swap') {
      const other = { ...now, family: d.family, why: ['Taken instead, by decision.'] };
      swapped.set(step, other);
      after = after.map((s) => (s === now ? other : s));
    } else {
      const from = after.indexOf(now);
      if (from < 0) continue;
      after.splice(from, 1);
      after.splice(Math.min(d.to, after.length), 0, now);
    }
  }
  return after;
}

/** What each departure adds to what those before it left: a fault that two of them bring is told once for each. */
function followingOneByOne(
  c: Case,
  steps: readonly Step[],
  departures: readonly Departure[],
  price: number,
): Consequence[] {
  let before = outlookOf(c, steps);
  const found = departures.flatMap((d, i) => {
    const after = outlookOf(c, departed(steps, departures.slice(0, i + 1)));
    const follows = worsened(before, after, steps[d.step]!.kind, price);
    before = after;
    return follows;
  });
  return found.sort((a, b) => b.odds * b.cost - a.odds * a.cost);
}

function refusals(before: readonly Step[], after: readonly Step[], departures: readonly Departure[]): string[] {
  const found: string[] = [];
  for (const d of departures) {
    const { kind } = before[d.step]!;
    if (d.act === 'skip' && NEVER_SKIPPED.includes(kind))
      found.push(`${STEP_LABELS[kind]} guards people: it is not left out.`);
    if (d.act === 'swap' && !othersFor(before[d.step]!).includes(d.family))
      found.push(`${STEP_LABELS[kind]} cannot be done with that.`);
  }
  const wasPainted = before.some((s) => isTopcoat(s.kind));
  if (wasPainted && !after.some((s) => isTopcoat(s.kind)))
    found.push('Without a finish there is no system: leave the surface out instead.');
  return [...new Set(found)];
}

/**
 * What follows from leaving steps out, taking other products for them, or doing them in another order. Deterministic.
 * `made` is the composed system of the case, `steps` the list departed from: usually the same. Throws `RangeError`
 * for a line that is not there.
 */
export function whatIf(c: Case, made: Composed, steps: readonly Step[], departures: readonly Departure[]): WhatIf {
  for (const d of departures)
    if (!inRange(steps, d.step) || (d.act === 'move' && !inRange(steps, d.to)))
      throw new RangeError('There is no such line in this system.');
  const base = priceOn(c, steps);
  const after = departed(steps, departures);
  const consequences = followingOneByOne(c, steps, departures, base.cost);
  const price = priceOn(c, after);
  const worst = consequences[0];
  return {
    steps: after,
    consequences,
    fails: worst ? { fault: worst.fault, where: FAULT_ROWS[worst.fault].place } : null,
    odds: 1 - consequences.reduce((held, one) => held * (1 - one.odds), 1),
    expectedCost: Math.round(consequences.reduce((sum, one) => sum + one.odds * one.cost, 0)),
    price,
    saves: {
      minutes: base.minutes - price.minutes,
      cost: base.cost - price.cost,
      waitingMin: base.waitingMin - price.waitingMin,
    },
    forbidden: forbiddenIn(after, c, made),
    refused: refusals(steps, after, departures),
  };
}
