import type { Rescue } from './rescue.ts';
import { perLitre, priceOn, type SystemPrice } from '../pricing/price.ts';
import type { Step } from '../model/step.ts';
import type { Case } from '../systems/case.ts';
import { colourLeftAfter } from '../systems/hiding.ts';
import { UNKNOWN_DIFFERENCE } from '../systems/knowledge/hiding.ts';
import { PRIMERS, type PrimerRow } from '../systems/knowledge/primers.ts';
import { mayPrime } from '../systems/primer.ts';
import { chemistryOf, coatsIn, FAMILY_LABELS, isCoat, type Family } from '../vocabulary/index.ts';

export const SECOND_COATS = ['same-again', 'cheaper-primer', 'more-finish'] as const;

/** What may follow a first coat of primer that looks splotchy. Money in minor units, against going on as it is. */
export interface SecondCoat {
  code: (typeof SECOND_COATS)[number];
  words: string;
  /** All that is laid from here on. */
  steps: Step[];
  /** What it adds to going on as it is. */
  adds: Pick<SystemPrice, 'minutes' | 'litres' | 'waitingMin' | 'cost'>;
  /** How far what is seen in the end lies from the colour that is wanted. CIEDE2000; below 2 next to nobody sees it. */
  left: number;
}

/** Evens a splotchy coat at least this well. */
const EVENS = 2;

/** The primer on the shelf that evens the first one for the least money, laid by spray or roller. */
function cheaperThan(first: Family, c: Case): Family | null {
  const fits = (row: PrimerRow) =>
    row.family !== first &&
    !row.clear &&
    (row.does.hide ?? 0) >= EVENS &&
    chemistryOf(row.family) === 'waterborne' &&
    mayPrime(row, c, 'all');
  const costOf = (family: Family) =>
    Math.min(...c.shelf.filter((p) => p.family === family && p.tins.length > 0).map(perLitre), Infinity);
  const [cheapest] = PRIMERS.filter(fits)
    .map(({ family }) => ({ family, cost: costOf(family) }))
    .filter(({ cost }) => cost < costOf(first))
    .sort((a, b) => a.cost - b.cost);
  return cheapest?.family ?? null;
}

/** The old colour that is left to see once all this is laid. */
const leftAfter = (c: Case, steps: readonly Step[]): number =>
  steps.reduce(
    (left, step) => (isCoat(step.kind) && step.family ? colourLeftAfter(step, step.family, left, c) : left),
    c.shift.difference ?? UNKNOWN_DIFFERENCE,
  );

/**
 * The ways on from a first coat of primer that looks splotchy: the same again, a cheaper or sprayable one over it (it
 * grips and blocks nothing, and need not: the first does), or one more coat of finish; each with what it adds and how
 * even it ends. None where the system has no primer over all and no finish. `steps` is the system with one primer coat.
 */
export function secondCoats(c: Case, steps: readonly Step[]): SecondCoat[] {
  const at = steps.findIndex((s) => s.kind === 'prime' && s.family !== undefined && (s.scope ?? 'all') === 'all');
  const finishAt = steps.findLastIndex((s) => s.kind === 'finish-coat');
  if (at < 0 || finishAt < at) return [];
  const asItIs = steps.map((s, i): Step => (i === at ? { ...s, coats: 1 } : s));
  const before = priceOn(c, asItIs);
  const way = (code: SecondCoat['code'], words: string, all: Step[]): SecondCoat => {
    const after = priceOn(c, all);
    return {
      code,
      words,
      steps: all.slice(at),
      adds: {
        minutes: after.minutes - before.minutes,
        litres: Math.round((after.litres - before.litres) * 100) / 100,
        waitingMin: after.waitingMin - before.waitingMin,
        cost: after.cost - before.cost,
      },
      left: leftAfter(c, all),
    };
  };
  const primer = asItIs[at]!;
  const finish = asItIs[finishAt]!;
  const cheaper = cheaperThan(primer.family!, c);
  const over: Step | null = cheaper && {
    kind: 'prime',
    family: cheaper,
    coats: 1,
    scope: 'all',
    ...(primer.tint ? { tint: primer.tint } : {}),
    ...(primer.method ? { method: primer.method } : {}),
    why: ['Over a primer that grips and blocks, a second need only be even.'],
  };
  return [
    way(
      'same-again',
      `${FAMILY_LABELS[primer.family!]} again`,
      asItIs.map((s, i): Step => (i === at ? { ...s, coats: 2 } : s)),
    ),
    ...(over ? [way('cheaper-primer', `${FAMILY_LABELS[cheaper!]} over it`, asItIs.toSpliced(at + 1, 0, over))] : []),
    way(
      'more-finish',
      `${coatsIn((finish.coats ?? 1) + 1)} of finish in place of ${coatsIn(finish.coats ?? 1)}`,
      asItIs.map((s, i): Step => (i === finishAt ? { ...s, coats: (s.coats ?? 1) + 1 } : s)),
    ),
  ];
}

/** What is written down where one of the ways on was chosen: nothing is undone, and the rest of the system follows it. */
export const onFromFirst = (c: Case, { words, steps }: SecondCoat): Omit<Rescue, 'ways'> => ({
  cause: 'The first coat of primer is uneven.',
  backTo: words,
  steps,
  undoes: 0,
  price: priceOn(c, steps),
});
