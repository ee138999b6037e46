import type { Fault } from '../vocabulary/index.ts';
import { faultsOf } from '../failure/faults.ts';
import { guaranteeOf } from '../failure/lasting.ts';
import { priceOn, type SystemPrice } from '../pricing/price.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';

/** How one system holds on one surface, and what it takes. Money in minor units, labour and paint. */
export interface Holds {
  /** Chance of a call-back in a year, over its first five, 0 to 1. */
  callBackAYear: number;
  /** Null where no term can be stood behind. */
  guaranteeMonths: number | null;
  hours: number;
  cost: number;
  /** Label waits added up. */
  waitingHours: number;
  /** What may go wrong, the dearest first: `odds` 0 to 1, `by` an ISO 8601 duration. */
  faults: { fault: Fault; odds: number; by: string; because: string }[];
}

/** Below this chance a fault is not worth a line. */
const WORTH_A_LINE = 0.005;
const thousandth = (x: number) => Math.round(x * 1000) / 1000;
const tenth = (x: number) => Math.round(x * 10) / 10;

/** How these steps hold here: from the layers, the preparation, the primer and the film of that very system. */
export function holdsOf(c: Case, steps: readonly Step[], price: SystemPrice = priceOn(c, steps)): Holds {
  const { months, aYear } = guaranteeOf(c, steps);
  return {
    callBackAYear: thousandth(aYear),
    guaranteeMonths: months,
    hours: tenth(price.minutes / 60),
    cost: price.cost,
    waitingHours: tenth(price.waitingMin / 60),
    faults: faultsOf(c, steps)
      .filter((one) => one.odds >= WORTH_A_LINE)
      .map(({ fault, odds, by, because }) => ({ fault, odds: thousandth(odds), by, because })),
  };
}
