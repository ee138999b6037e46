import { OUTSIDE_ROWS, type Laid } from './knowledge/outsideLimits.ts';

/** Something to look at again because of how a coat was laid. `afterDays` from the coat's end. */
export interface OutsideLimits {
  kind: string;
  /** What is said at once. */
  warning: string;
  /** What to look at again. */
  followUp: string;
  afterDays: number;
}

/** What a coat laid outside its limits means; nothing where it was laid as its sheet and its system say. */
export const outsideLimits = (laid: Laid): OutsideLimits[] =>
  OUTSIDE_ROWS.filter((row) => row.when(laid)).map(({ kind, warning, followUp, afterDays }) => ({
    kind,
    warning: warning(laid),
    followUp,
    afterDays,
  }));
