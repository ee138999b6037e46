import { Column, Entity, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm';

/** A write as it was sent, and what it was answered: sent again, it is answered the same. */
@Entity('sent_write')
export class SentWriteEntity {
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
  @PrimaryColumn('varchar', { length: 64, name: 'write_id' }) writeId: string;
  @Column('char', { length: 64, name: 'request_hash' }) requestHash: string;
  @Column('json', { nullable: true }) answer: unknown;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** An entry of a job's ledger. */
@Entity('ledger_entry')
export class LedgerEntryEntity {
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
  @PrimaryColumn('char', { length: 36, name: 'job_id' }) jobId: string;
  @PrimaryColumn('int') seq: number;
  @Column('varchar', { length: 60 }) kind: string;
  @Column('char', { length: 36, nullable: true }) subject: string | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  /** ISO 8601 text, as it was hashed. */
  @Column('varchar', { length: 40 }) at: string;
  @Column('varchar', { length: 40, name: 'recorded_at' }) recordedAt: string;
  @Column('json') payload: unknown;
  @Column('char', { length: 64, name: 'previous_hash' }) previousHash: string;
  @Column('char', { length: 64 }) hash: string;
}

/** What has just happened on a job, in the order it was written: what open pages listen to. */
@Entity('event')
export class EventEntity {
  @PrimaryGeneratedColumn({ type: 'bigint' }) id: string;
  @Column('char', { length: 36, name: 'firm_id' }) firmId: string;
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('varchar', { length: 60 }) kind: string;
  /** What its entry is about: a surface, a room, a paper. */
  @Column('char', { length: 36, nullable: true }) subject: string | null;
  /** The client's own id of the write: whoever sent it knows it. */
  @Column('varchar', { length: 64, name: 'write_id', nullable: true }) writeId: string | null;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** A feed of what happens that is open now, on whatever server. */
@Entity('open_feed')
export class OpenFeedEntity {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { length: 36, name: 'person_id' }) personId: string;
  /** When its server last said that it is open. */
  @Column('datetime', { precision: 3 }) at: Date;
}
