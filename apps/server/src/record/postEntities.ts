import type { MailKind, MailState } from '@rustic/core';
import { Column, Entity } from 'typeorm';
import { FirmOwned } from './firmOwned.ts';

/** A message that leaves the firm, whole as it leaves. */
@Entity('mail')
export class MailEntity extends FirmOwned {
  @Column('varchar', { length: 20 }) kind: MailKind;
  /** The job that it is about; null where it is about none. */
  @Column('char', { length: 36, name: 'job_id', nullable: true }) jobId: string | null;
  @Column('varchar', { length: 160, name: 'to_address' }) toAddress: string;
  @Column('varchar', { length: 160, name: 'from_address' }) fromAddress: string;
  @Column('varchar', { length: 300 }) subject: string;
  @Column('text') text: string;
  /** What is attached, by its file name; null: nothing. */
  @Column('varchar', { length: 160, nullable: true }) attached: string | null;
  /** As it leaves, with what is attached. Not read with the rest of the row. */
  @Column('longblob', { select: false }) content: Buffer;
  @Column('varchar', { length: 10 }) state: MailState;
  /** Why it did not leave, in words. */
  @Column('varchar', { length: 400, nullable: true }) fault: string | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
  /** When its state was set last. */
  @Column('datetime', { precision: 3, name: 'moved_at' }) movedAt: Date;
}
