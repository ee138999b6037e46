import { Column, Entity, PrimaryGeneratedColumn } from 'typeorm';
import type { Fault, Rescue } from '@rustic/core';
import { FirmOwned } from './firmOwned.ts';

/** A step that is not to begin: until another trade's date, or until what looked wrong is put right. */
@Entity('step_hold')
export class StepHoldEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'surface_id' }) surfaceId: string;
  @Column('varchar', { length: 40, name: 'step_id' }) stepId: string;
  @Column('varchar', { length: 12 }) kind: 'other-trade' | 'looks-wrong';
  @Column('datetime', { precision: 3, nullable: true }) until: Date | null;
  @Column('varchar', { length: 400 }) reason: string;
  /** The hold that this one ends; the record keeps both. */
  @Column('char', { length: 36, nullable: true }) releases: string | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** A film that looked wrong, with the way back as it was computed then. */
@Entity('trouble')
export class TroubleEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'surface_id' }) surfaceId: string;
  @Column('varchar', { length: 40, name: 'step_id' }) stepId: string;
  @Column('varchar', { length: 20 }) fault: Fault;
  @Column('varchar', { length: 1000 }) note: string;
  @Column('char', { length: 36, name: 'photo_id', nullable: true }) photoId: string | null;
  @Column('json') rescue: Rescue;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** Something to look at again: opened by a coat outside its limits, closed by whoever looked. */
@Entity('follow_up')
export class FollowUpEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'surface_id' }) surfaceId: string;
  @Column('char', { length: 36, name: 'work_id', nullable: true }) workId: string | null;
  @Column('varchar', { length: 30 }) kind: string;
  @Column('varchar', { length: 600 }) words: string;
  @Column('datetime', { precision: 3, name: 'due_at' }) dueAt: Date;
  @Column('datetime', { precision: 3, name: 'closed_at', nullable: true }) closedAt: Date | null;
  @Column('varchar', { length: 120, name: 'closed_by', nullable: true }) closedBy: string | null;
  @Column('varchar', { length: 600, name: 'closed_note', nullable: true }) closedNote: string | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** What has just happened on a job, in the order it was written: what open pages listen to. */
@Entity('event')
export class EventEntity {
  @PrimaryGeneratedColumn({ type: 'bigint' }) id: string;
  @Column('char', { length: 36, name: 'firm_id' }) firmId: string;
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('varchar', { length: 60 }) kind: string;
  @Column('datetime', { precision: 3 }) at: Date;
}
