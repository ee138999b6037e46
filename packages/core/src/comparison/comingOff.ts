import { priceOn, type SystemPrice } from '../pricing/price.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';
import { chemistryOf, type Family } from '../vocabulary/index.ts';
import { rowsOff } from '../systems/comingOff.ts';

/** A way in which a coat that should not be there comes off, and while its film is how old. Money in minor units. */
export interface WayOff {
  words: string;
  /** Hours since the coat was laid, from when on and until when it is the way; null: for good. */
  fromHours: number;
  untilHours: number | null;
  steps: Step[];
  price: SystemPrice;
  /** It is the way at the age that was asked for. */
  isNow: boolean;
}

/**
 * How the coat laid last comes off again, by the age of its film: rag, scraper, stripper, each dearer than the one
 * before. Waiting for it to cure is never the way. `ageHours` since it was laid.
 */
export function comingOff(c: Case, family: Family, ageHours: number): WayOff[] {
  let fromHours = 0;
  return rowsOff(c, chemistryOf(family)).map((row) => {
    const steps = row.steps(c).map((step) => ({ ...step }));
    const way: WayOff = {
      words: row.words,
      fromHours,
      untilHours: row.untilHours,
      steps,
      price: priceOn(c, steps),
      isNow: ageHours >= fromHours && (row.untilHours === null || ageHours < row.untilHours),
    };
    fromHours = row.untilHours ?? fromHours;
    return way;
  });
}
