import { Column, Entity } from 'typeorm';
import type { Fault, Light, Mend, SketchPlace, View } from '@rustic/core';
import { FirmOwned } from './firmOwned.ts';

/** A fault marked after the work: a numbered tick on the room's sketch or on a photo. Never changed; an act closes it. */
@Entity('fault_mark')
export class FaultMarkEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'room_id' }) roomId: string;
  @Column('char', { length: 36, name: 'surface_id' }) surfaceId: string;
  /** Runs through the job. */
  @Column('int') number: number;
  @Column('varchar', { length: 20 }) fault: Fault;
  @Column('varchar', { length: 600 }) note: string;
  @Column('json', { nullable: true }) mark: SketchPlace | null;
  @Column('char', { length: 36, name: 'photo_id', nullable: true }) photoId: string | null;
  /** Where on the photo, as shares of its width and height. */
  @Column('json', { name: 'photo_place', nullable: true }) photoPlace: { x: number; y: number } | null;
  @Column('double', { name: 'size_m2' }) sizeM2: number;
  @Column('varchar', { length: 8 }) view: View;
  @Column('varchar', { length: 20, nullable: true }) light: Light | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** What became of a marked fault: mended in a way, or taken back. */
@Entity('fault_act')
export class FaultActEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'mark_id' }) markId: string;
  @Column('varchar', { length: 10 }) kind: 'mended' | 'withdrawn';
  @Column('varchar', { length: 20, nullable: true }) way: Mend | null;
  /** With what, in words: product, batch, tool. */
  @Column('varchar', { length: 300, name: 'with_what' }) withWhat: string;
  @Column('varchar', { length: 600 }) note: string;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** Something that was tried before hand-over; the newest of a surface and a check stands. */
@Entity('handover_check')
export class HandoverCheckEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'surface_id' }) surfaceId: string;
  @Column('varchar', { length: 30 }) code: string;
  @Column('boolean') holds: boolean;
  @Column('varchar', { length: 600 }) note: string;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}
