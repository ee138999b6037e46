import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What can be derived of a job and is asked for often. */
export type DerivedKind = 'care' | 'demands' | 'figures' | 'page' | 'page-unpriced';

/**
 * What was derived from the record of a job, under the mark of that record: it can be made anew at any time, and counts
 * only while the mark is the same.
 */
@Entity('derived_answer')
export class DerivedAnswerEntity {
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
  @PrimaryColumn('varchar', { length: 20 }) kind: DerivedKind;
  @PrimaryColumn('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 43 }) mark: string;
  /** By which release of the program it was made. */
  @Column('varchar', { length: 36 }) release: string;
  /** The minute from which the clock alone makes it another; null: never. Minutes since the epoch. */
  @Column('int', { name: 'turns_at', nullable: true }) turnsAt: number | null;
  /** JSON. */
  @Column('longtext') body: string;
}
