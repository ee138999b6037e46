import type { SurfaceFacts } from '../model/surface.ts';
import { isCoat, type StepKind } from '../vocabulary/index.ts';
import type { HoursBy } from '../model/hoursBy.ts';
import { minutesAlong } from './joints.ts';
import { isJoinery } from '../evidence/facts.ts';
import type { Step, StepParts } from '../model/step.ts';
import {
  ACCESS_HOURS,
  CEILING_FACTOR,
  JOINERY_FACTOR,
  LINE_MINUTES,
  METHOD_FACTOR,
  RATES,
  TEXTURE_FACTOR,
} from './knowledge/rates.ts';
import { areaOf } from './paint.ts';

const USUALLY: HoursBy = {};

/** Minutes along the line of parts: taped, and sealed at its edge. */
const tapingMinutes = ({ tapeM, curvedM }: StepParts) =>
  (tapeM - curvedM) * LINE_MINUTES.straight + curvedM * LINE_MINUTES.curved + tapeM * LINE_MINUTES.sealing;

/** Each step is set up for; only laying and rubbing go slower by how the place is reached. */
export function minutesOf(step: Step, surface: SurfaceFacts, by: HoursBy = USUALLY): number {
  const [perM2, setUp] = RATES[step.kind];
  if (perM2 === 0 && setUp === 0) return 0;
  const joinery = isJoinery(surface.element);
  const reach = ACCESS_HOURS[by.access ?? 'floor'];
  if (step.parts && step.kind === 'mask')
    return Math.round((setUp + tapingMinutes(step.parts) * reach.factor) * (by.pace?.mask ?? 1) + reach.setUpMin);
  const alongJoints = minutesAlong(step, surface);
  if (alongJoints !== null)
    return Math.round((setUp + alongJoints * reach.factor) * (by.pace?.[step.kind] ?? 1) + reach.setUpMin);
  const slow =
    (joinery ? JOINERY_FACTOR : surface.element === 'ceiling' ? CEILING_FACTOR : 1) *
    TEXTURE_FACTOR[surface.texture] *
    (step.method ? (METHOD_FACTOR[joinery ? 'joinery' : 'faces'][step.method] ?? 1) : 1) *
    reach.factor;
  // Tape is drawn off with the last coat.
  const off = (step.parts?.tapeM ?? 0) * LINE_MINUTES.off;
  const minutes =
    ((step.coats ?? 1) * (setUp + perM2 * areaOf(step, surface) * slow) + off) * (by.pace?.[step.kind] ?? 1);
  return Math.round(minutes + (perM2 > 0 ? reach.setUpMin : 0));
}

/** Nobody books less than five minutes, nor parts of them. */
const inFives = (minutes: number) => Math.max(5, Math.ceil(minutes / 5) * 5);

/** Into how many turns the work of a step falls: each coat is one, anything else is done at one go. */
export const turnsOf = (step: Step): number => (isCoat(step.kind) ? (step.coats ?? 1) : 1);

/** Minutes of one turn at a step as a plan books them; `minutes` are those of the whole step. */
export const bookedMinutes = (step: Step, minutes: number): number => inFives(minutes / turnsOf(step));

/** One logged step against what the usual rates would have said of it, both in minutes. */
export interface PaceSeen {
  kind: StepKind;
  usualMin: number;
  loggedMin: number;
}

/** The firm's own pace for a kind of step. */
export interface LearnedRate {
  kind: StepKind;
  /** Times the usual minutes. */
  pace: number;
  /** How many logged steps it rests on. */
  seen: number;
  /** What the firm's own steps say by themselves, before they are drawn toward the usual rate. */
  own: number;
}

/** The usual rate counts as much as this many logged steps. */
export const USUAL_COUNTS = 6;
/** A step logged at a fifth or at five times the usual is a slip of the pen, and counts only so far. In logarithms. */
export const FURTHEST = Math.log(5);

const rounded = (log: number) => Math.round(Math.exp(log) * 1000) / 1000;

/**
 * The firm's own rate for a kind of step from `seen` logged steps, `sum` being the sum of the logarithms of logged over
 * usual minutes: their mean, drawn toward the usual rate as though that were `USUAL_COUNTS` steps more. In logarithms,
 * so that half and twice the time balance.
 */
export const rateFrom = (kind: StepKind, seen: number, sum: number): LearnedRate => ({
  kind,
  seen,
  own: rounded(sum / seen),
  pace: rounded(sum / (seen + USUAL_COUNTS)),
});

/** The firm's own rates from its logged steps, each kind by itself. */
export function learnRates(seen: readonly PaceSeen[]): LearnedRate[] {
  const sums = new Map<StepKind, { n: number; sum: number }>();
  for (const { kind, usualMin, loggedMin } of seen) {
    if (!(usualMin > 0) || !(loggedMin > 0)) continue;
    const { n, sum } = sums.get(kind) ?? { n: 0, sum: 0 };
    const ratio = Math.max(-FURTHEST, Math.min(FURTHEST, Math.log(loggedMin / usualMin)));
    sums.set(kind, { n: n + 1, sum: sum + ratio });
  }
  return [...sums].map(([kind, { n, sum }]) => rateFrom(kind, n, sum));
}

/** Learned rates as the hours take them. */
export const paceOf = (learned: readonly LearnedRate[]): NonNullable<HoursBy['pace']> =>
  Object.fromEntries(learned.map(({ kind, pace }) => [kind, pace]));
