import type { AssessInput, Case, Composed, Diagnosis, House, NextTest, PartsDrawn } from '@rustic/core';
import type { JobRecords } from './jobRecords.ts';
import type { PartOfJob } from './jobRows.ts';

/** What is computed from what was found on a job, once: the house, and the case of each surface. */
export interface Reckoned {
  house: House | null;
  questions: Map<string, AssessInput>;
  cases: Map<string, { d: Diagnosis; c: Case; made: Composed }>;
  parts: Map<string, PartsDrawn>;
  /** What is open on a surface beside its finish. */
  open: Map<string, NextTest[]>;
}

/** Nothing was asked for yet. */
export const notReckoned = (): Reckoned => ({
  house: null,
  questions: new Map(),
  cases: new Map(),
  parts: new Map(),
  open: new Map(),
});

/** What it is computed from, beside the job's own row and what its firm is read with: what is logged on site moves nothing of it. */
export const RECKONED_FROM: readonly PartOfJob[] = ['rooms', 'surfaces', 'tests', 'findings', 'damageMarks', 'joints'];

/** Beside the records, and no field of them: a copy that was changed is reckoned anew. */
const reckonedFrom = new WeakMap<JobRecords, Reckoned>();

/** What was computed from these records so far. */
export function reckoned(records: JobRecords): Reckoned {
  let known = reckonedFrom.get(records);
  if (!known) reckonedFrom.set(records, (known = notReckoned()));
  return known;
}

/** Records for which all that was reckoned stands the same. */
export function reckonedWith(records: JobRecords, known: Reckoned): JobRecords {
  reckonedFrom.set(records, known);
  return records;
}
