import { Column, Entity, PrimaryColumn } from 'typeorm';
import { JOB_RECORDS, type Quote, type QuoteChange } from '@rustic/core';
import { FirmOwned } from './firmOwned.ts';
import { jobTableOf } from './tableOf.ts';

const { documents, agreements, replies } = JOB_RECORDS;

@Entity(documents.table)
export class DocumentEntity extends jobTableOf<typeof documents.fields, { quote: Quote; changes: QuoteChange[] }>(
  documents,
) {}

@Entity(agreements.table)
export class AgreementEntity extends jobTableOf(agreements) {}

@Entity(replies.table)
export class ClientReplyEntity extends jobTableOf(replies) {}

/** A number that was given to a quote of the firm: only one row can have it, wherever it is written. */
@Entity('quote_number')
export class QuoteNumberEntity {
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
  @PrimaryColumn('int') number: number;
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
}

/** The private way to a job's papers. The token itself is nowhere kept. */
@Entity('client_link')
export class ClientLinkEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 64, name: 'token_hash' }) tokenHash: string;
  @Column('datetime', { precision: 3, name: 'expires_at' }) expiresAt: Date;
  @Column('datetime', { precision: 3, name: 'revoked_at', nullable: true }) revokedAt: Date | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3, name: 'made_at' }) madeAt: Date;
}

/** An opening of a client link, or a guess at one: what the brake counts. */
@Entity('client_visit')
export class ClientVisitEntity {
  @Column('char', { length: 36, primary: true }) id: string;
  /** The link that was opened, or where the guess came from, hashed. */
  @Column('char', { length: 64 }) whose: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** Something of a shopping list that is in the van by now. */
@Entity('shopping_tick')
export class ShoppingTickEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('varchar', { length: 160 }) item: string;
  /** How many were had. */
  @Column('int') had: number;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}
