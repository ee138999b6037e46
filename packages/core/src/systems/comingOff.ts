import type { Step } from '../model/step.ts';
import type { Chemistry } from '../vocabulary/index.ts';
import type { Case } from './case.ts';
import { COMES_OFF, DRY_ONLY, INCH_BY_INCH, SOAKED_IN, type OffRow } from './knowledge/comingOff.ts';

/** Ground that drinks: bare timber, plaster, paper and masonry keep what goes into them. */
const drinks = (c: Case) => c.bare && c.ground !== 'metal' && c.ground !== 'hard' && c.ground !== 'laminate';
/** Films that alcohol and stripper take off as well as the wrong coat. */
const isSoftUnder = (c: Case) => c.treatAs === 'waterborne' || c.treatAs === 'primed' || c.treatAs === 'distemper';
/** Foil, plastic and paper stand no stripper. */
export const refusesStripper = (c: Case): boolean =>
  c.ground === 'paper' ||
  c.ground === 'laminate' ||
  c.d.surface.substrate === 'upvc' ||
  c.d.surface.substrate === 'plastic';

/** The rows that hold here, by the film's age: while it is wet it comes off anything; then what lies under it has its say. */
export function rowsOff(c: Case, chemistry: Chemistry): OffRow[] {
  const [wet, ...later] = COMES_OFF[chemistry];
  if (drinks(c)) return [wet!, SOAKED_IN];
  if (isSoftUnder(c) && chemistry !== 'two-part') return [wet!, DRY_ONLY];
  return [wet!, ...later.map((row) => (row.strips && refusesStripper(c) ? INCH_BY_INCH : row))];
}

/** How a waterborne coat comes off again at an age in hours. A film that was tested is not wet any more. */
export const takenOffAt = (c: Case, ageHours: number): Step[] =>
  rowsOff(c, 'waterborne')
    .find((row, i) => i > 0 && (row.untilHours === null || ageHours < row.untilHours))!
    .steps(c);
