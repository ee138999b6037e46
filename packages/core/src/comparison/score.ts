import { smellsStrongly } from '../systems/smell.ts';
import type { SystemPrice } from '../pricing/price.ts';
import { USUAL_SETTINGS } from '../pricing/settings.ts';
import type { Case } from '../systems/case.ts';
import { expectedRedo } from '../failure/faults.ts';
import { outlookOf, type Outlook } from '../failure/tallyOf.ts';
import { YEARS } from '../failure/knowledge/wear.ts';
import { wearAYear } from '../failure/lasting.ts';
import type { Step } from '../model/step.ts';

/** A day's waiting weighs about as much as an hour of work. */
const DAY_OF_WAITING = USUAL_SETTINGS.hourCost;
/** Strong vapour indoors: masks, airing, people kept out. About an hour and a half of work. */
const FUMES = USUAL_SETTINGS.hourCost * 1.5;
/** Each call-back costs so much of the work. */
const CALL_BACK_SHARE = 0.5;

/**
 * What a system weighs before anything goes wrong with it but wear, in minor units as if it were money. What may go
 * wrong only adds to it: see `scoreOf`.
 */
export function scoreOfWork(c: Case, steps: readonly Step[], price: SystemPrice): number {
  const { weights } = c;
  const fumes = smellsStrongly(steps) && !c.outside ? FUMES : 0;
  const callBacks = wearAYear(c, steps) * YEARS * CALL_BACK_SHARE * price.cost;
  return (
    weights.cost * price.cost +
    weights.time * (price.waitingMin / 1440) * DAY_OF_WAITING +
    weights.fumes * fumes * (c.wanted.lowOdour ? 3 : 1) +
    weights.durability * callBacks
  );
}

/** What a system weighs, in minor units as if it were money: the lower the better. Each part times the firm's weight for it. */
export function scoreOf(
  c: Case,
  steps: readonly Step[],
  price: SystemPrice,
  outlook: Outlook = outlookOf(c, steps),
): number {
  return scoreOfWork(c, steps, price) + c.weights.risk * expectedRedo(outlook.tally) * price.cost;
}
