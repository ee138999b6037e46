import type { Step } from '../model/step.ts';
import { chemistryOf, isCoat } from '../vocabulary/index.ts';
import { PRIMERS } from './knowledge/primers.ts';

/** Solvents that hardly smell: their vapour is aired out all the same. */
const HARDLY_SMELL = new Set(PRIMERS.filter((row) => row.lowOdour).map((row) => row.family));

/** True where a coat of it smells strongly: solvent or alcohol. */
export const smellsStrongly = (steps: readonly Step[]) =>
  steps.some(
    (s) => s.family && isCoat(s.kind) && chemistryOf(s.family) !== 'waterborne' && !HARDLY_SMELL.has(s.family),
  );
