import { Column, Entity } from 'typeorm';
import type { Cell, Substrate, TestRecord, TrialDesign, TrialWord } from '@rustic/core';
import { FirmOwned } from './firmOwned.ts';

/** A trial as it was designed and laid out; what happens on it are acts of their own. */
@Entity('trial')
export class TrialEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'surface_id', nullable: true }) surfaceId: string | null;
  @Column('varchar', { length: 120 }) title: string;
  @Column('varchar', { length: 200 }) place: string;
  @Column('json') design: TrialDesign;
  @Column('json') cells: Cell[];
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

export type TrialActKind = 'primed' | 'topcoated' | 'look' | 'concluded';

/** Something done on a trial: laid, looked at, concluded. Inserted, never changed; a correction names what it corrects. */
@Entity('trial_act')
export class TrialActEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'trial_id' }) trialId: string;
  @Column('varchar', { length: 12 }) kind: TrialActKind;
  @Column('json') body: TrialActBody;
  @Column('char', { length: 36, nullable: true }) corrects: string | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

export interface TrialActBody {
  cell?: string;
  part?: 'cell' | 'strip';
  test?: TestRecord;
  /** The accepted conclusion: in words, and what it says of each primer in the choice of a system. */
  text?: string;
  words?: TrialWord[];
  /** What it was tried on: it speaks for surfaces of the same make. */
  substrate?: Substrate | null;
  /** Kept for the whole firm, not only for this job. */
  forFirm?: boolean;
}
