import { FAULTS, type Fault } from '../vocabulary/index.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';
import { bondText } from './bond.ts';
import { CAUSES, NO } from './causes.ts';
import { FAULT_ROWS } from './knowledge/faultRows.ts';
import { FACE_ROWS } from './knowledge/faces.ts';
import type { Tally } from './tally.ts';
import { outlookOf, type Outlook, type Truth } from './tallyOf.ts';

/** How likely a fault comes on one surface under one system, and what it means. */
export interface FaultChance {
  fault: Fault;
  /** 0 to 1. */
  odds: number;
  /** ISO 8601 duration by which it shows. */
  by: string;
  /** The likeliest reason, a sentence. */
  because: string;
  /** What putting it right costs where it has come, as a share of doing the surface anew. */
  redo: number;
}

/** Nothing is surer to fail than this, and nothing is certain to hold. */
const SUREST = 0.98;
/** The least that putting a fault right costs, as a share of it all over: somebody has to come. */
const LEAST_SPOILED = 0.15;

/** The causes of each fault, by number. */
const CAUSES_OF = new Map(FAULTS.map((fault) => [fault, CAUSES.flatMap((row, i) => (row.fault === fault ? [i] : []))]));
const FAULT_CAUSES = [...CAUSES_OF].filter(([, causes]) => causes.length > 0);

/** Causes of one fault come independently: 1 − ∏(1 − p). */
export function oddsOf(tally: Tally, fault: Fault): number {
  let holds = 1;
  for (const i of CAUSES_OF.get(fault)!) holds *= 1 - tally.odds[i]!;
  return Math.min(SUREST, 1 - holds);
}

/** What putting one fault right is expected to cost, as a share of doing the surface anew. */
export function redoOf(tally: Tally, fault: Fault): number {
  let odds = 0;
  let spoiled = 0;
  for (const i of CAUSES_OF.get(fault)!) {
    odds += tally.odds[i]!;
    spoiled += Math.max(LEAST_SPOILED * tally.odds[i]!, tally.spoiled[i]!);
  }
  return odds > 0 ? (oddsOf(tally, fault) * spoiled * FAULT_ROWS[fault].redo) / odds : 0;
}

/** What all faults are expected to cost, as a share of doing the surface anew. */
export const expectedRedo = (tally: Tally): number =>
  FAULT_CAUSES.reduce((sum, [fault]) => sum + redoOf(tally, fault), 0);

/** The chance that somebody rings for one of the faults. */
export const rungFor = (tally: Tally): number =>
  1 - FAULT_CAUSES.reduce((quiet, [fault]) => quiet * (1 - oddsOf(tally, fault) * FAULT_ROWS[fault].callsBack), 1);

/** The cause of a fault that weighs most, by its number: its odds, or how far they are above those of `before`. */
export function worstCause({ odds }: Tally, fault: Fault, before?: Tally): number {
  const weight = (i: number) => odds[i]! - (before?.odds[i] ?? 0);
  return CAUSES_OF.get(fault)!.reduce((a, b) => (weight(b) > weight(a) ? b : a));
}

/** What is there where a cause weighs most. */
function whereItWeighs({ places }: Outlook, cause: number): Truth {
  return places.flat().reduce((a, b) => (b.chance * b.tally.odds[cause]! > a.chance * a.tally.odds[cause]! ? b : a));
}

/** What is said of a cause, and by when it shows. */
function saidOf(outlook: Outlook, cause: number): { by: string; text: string } {
  if (cause !== NO.bond) return CAUSES[cause]!;
  const { tally, chance } = whereItWeighs(outlook, cause);
  const { bond } = tally;
  return bond ? { by: FACE_ROWS[bond.kind].by, text: bondText(bond, chance) } : CAUSES[cause]!;
}

/** Every fault that an outlook holds, the dearest first. */
export function faultsIn(outlook: Outlook): FaultChance[] {
  const { tally } = outlook;
  return FAULT_CAUSES.flatMap(([fault]): FaultChance[] => {
    const odds = oddsOf(tally, fault);
    if (odds <= 0) return [];
    const { by, text } = saidOf(outlook, worstCause(tally, fault));
    return [{ fault, odds, by, because: text, redo: redoOf(tally, fault) / odds }];
  }).sort((a, b) => b.odds * b.redo - a.odds * a.redo);
}

/** Every fault that these steps may leave on this surface, the dearest first. */
export const faultsOf = (c: Case, steps: readonly Step[]): FaultChance[] => faultsIn(outlookOf(c, steps));
