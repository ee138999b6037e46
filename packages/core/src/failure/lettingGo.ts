import type { Step } from '../model/step.ts';
import type { Case } from '../systems/case.ts';
import { NO } from './causes.ts';
import { YEARS } from './knowledge/wear.ts';
import { outlookOf } from './tallyOf.ts';

const NOTHING_DONE: readonly Step[] = [];

/** The chance that what stands there lets go within a year, were nothing done to it: its old bonds, over all it may be. 0 to 1. */
export const letsGoInAYear = (c: Case): number =>
  1 - (1 - outlookOf(c, NOTHING_DONE).tally.odds[NO.oldBond]!) ** (1 / YEARS);
