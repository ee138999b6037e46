import {
  JOB_RECORDS,
  type BoardBond,
  type Cell,
  type Substrate,
  type TestRecord,
  type TrialDesign,
  type TrialWord,
} from '@rustic/core';
import { Entity } from 'typeorm';
import { jobTableOf } from './tableOf.ts';

const { trials, trialActs, patches, patchPictures } = JOB_RECORDS;

@Entity(trials.table)
export class TrialEntity extends jobTableOf<typeof trials.fields, { design: TrialDesign; cells: Cell[] }>(trials) {}

@Entity(trialActs.table)
export class TrialActEntity extends jobTableOf<typeof trialActs.fields, { body: TrialActBody }>(trialActs) {}

@Entity(patches.table)
export class PatchEntity extends jobTableOf(patches) {}

@Entity(patchPictures.table)
export class PatchPictureEntity extends jobTableOf(patchPictures) {}

export interface TrialActBody {
  cell?: string;
  part?: 'cell' | 'strip';
  test?: TestRecord;
  /** Which bond let go, where it was seen. */
  bond?: BoardBond | null;
  /** The accepted conclusion: in words, and what it says of each bond. */
  text?: string;
  words?: TrialWord[];
  /** What it was tried on: it speaks for surfaces of the same make. */
  substrate?: Substrate | null;
  /** Kept for the whole firm, not only for this job. */
  forFirm?: boolean;
}
