import { Column, Entity } from 'typeorm';
import type { VisitCall } from '@rustic/core';
import { FirmOwned } from './firmOwned.ts';

/** A visit that is fixed: a day and an hour, and what it is for. Never changed; an act ends it. */
@Entity('visit')
export class VisitEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  /** A local date, YYYY-MM-DD, and a local time, HH:MM. */
  @Column('char', { length: 10, name: 'on_day' }) onDay: string;
  @Column('char', { length: 5, name: 'from_time' }) fromTime: string;
  @Column('int') minutes: number;
  @Column('json') calls: VisitCall[];
  @Column('char', { length: 36, name: 'person_id', nullable: true }) personId: string | null;
  /** The round that it is driven in; null where it is a visit by itself. */
  @Column('char', { length: 36, name: 'round_id', nullable: true }) roundId: string | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** What became of a visit: made, or called off. */
@Entity('visit_act')
export class VisitActEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'visit_id' }) visitId: string;
  @Column('varchar', { length: 10 }) kind: 'made' | 'called-off';
  @Column('varchar', { length: 600 }) note: string;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** Something that was looked at again, by the code of its follow-up: it holds, or it does not. */
@Entity('look')
export class LookEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  /** Of the surface, decision, test or trial that was looked at. */
  @Column('char', { length: 36 }) subject: string;
  @Column('varchar', { length: 30 }) code: string;
  @Column('boolean') holds: boolean;
  @Column('varchar', { length: 600 }) note: string;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}
