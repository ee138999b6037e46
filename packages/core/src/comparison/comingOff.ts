import { priceOn, type SystemPrice } from '../pricing/price.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';
import { chemistryOf, type Family } from '../vocabulary/index.ts';
import { COMES_OFF, DRY_ONLY, INCH_BY_INCH, SOAKED_IN, type OffRow } from './knowledge/comingOff.ts';

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

/** Ground that drinks: bare timber, plaster, paper and masonry keep what goes into them. */
const drinks = (c: Case) => c.bare && c.ground !== 'metal' && c.ground !== 'hard' && c.ground !== 'laminate';
/** Films that alcohol and stripper take off as well as the wrong coat. */
const isSoftUnder = (c: Case) => c.treatAs === 'waterborne' || c.treatAs === 'primed' || c.treatAs === 'distemper';
/** Foil, plastic and paper stand no stripper. */
const refusesStripper = (c: Case) =>
  c.ground === 'paper' ||
  c.ground === 'laminate' ||
  c.d.surface.substrate === 'upvc' ||
  c.d.surface.substrate === 'plastic';

/** The rows that hold here: while it is wet it comes off anything; then what lies under it has its say. */
function rowsOn(c: Case, family: Family): OffRow[] {
  const chemistry = chemistryOf(family);
  const [wet, ...later] = COMES_OFF[chemistry];
  if (drinks(c)) return [wet!, SOAKED_IN];
  if (isSoftUnder(c) && chemistry !== 'two-part') return [wet!, DRY_ONLY];
  return [wet!, ...later.map((row) => (row.strips && refusesStripper(c) ? INCH_BY_INCH : row))];
}

/**
 * How the coat laid last comes off again, by the age of its film: rag, scraper, stripper, each dearer than the one
 * before. Waiting for it to cure is never the way. `ageHours` since it was laid.
 */
export function comingOff(c: Case, family: Family, ageHours: number): WayOff[] {
  let fromHours = 0;
  return rowsOn(c, family).map((row) => {
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
