import { Column, Entity, VersionColumn } from 'typeorm';
import type { CLAIM_STANDINGS, NOTE_KINDS, Product } from '@rustic/core';
import { FirmOwned } from './firmOwned.ts';

/** A product of the firm's own, or its own sheet for a shipped one; the sheet stands over what shipped. */
@Entity('product')
export class ProductEntity extends FirmOwned {
  @Column('varchar', { length: 80, name: 'product_id' }) productId: string;
  @Column('json') sheet: Product;
  /** False once it is no longer kept: it is still known where it was laid. */
  @Column('boolean') kept: boolean;
  @VersionColumn() version: number;
}

/** A tin in the van or the store. */
@Entity('van_tin')
export class VanTinEntity extends FirmOwned {
  @Column('varchar', { length: 80, name: 'product_id' }) productId: string;
  @Column('varchar', { length: 80 }) batch: string;
  /** What it was tinted to; null where it is as it came. */
  @Column('varchar', { length: 20, nullable: true }) colour: string | null;
  @Column('datetime', { precision: 3, name: 'opened_at', nullable: true }) openedAt: Date | null;
  @Column('double') litres: number;
  @VersionColumn() version: number;
}

/** What the firm has found out about a product. A claim of the label stands by its newest note; none is changed. */
@Entity('product_note')
export class ProductNoteEntity extends FirmOwned {
  @Column('varchar', { length: 80, name: 'product_id' }) productId: string;
  @Column('varchar', { length: 8 }) kind: (typeof NOTE_KINDS)[number];
  @Column('varchar', { length: 600 }) text: string;
  @Column('varchar', { length: 8, nullable: true }) standing: (typeof CLAIM_STANDINGS)[number] | null;
  /** The trial or the job that showed it. */
  @Column('char', { length: 36, name: 'trial_id', nullable: true }) trialId: string | null;
  @Column('char', { length: 36, name: 'job_id', nullable: true }) jobId: string | null;
  /** The claim whose standing this note changes. */
  @Column('char', { length: 36, nullable: true }) about: string | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}
