import { JOB_RECORDS } from '@rustic/core';
import { Column, Entity, PrimaryColumn, VersionColumn } from 'typeorm';
import { jobTableOf } from './tableOf.ts';

const { tests, findings, photos, damageMarks, joints, photoFrames } = JOB_RECORDS;

@Entity(tests.table)
export class TestRecordEntity extends jobTableOf(tests) {}

@Entity(findings.table)
export class FindingEntity extends jobTableOf(findings) {}

@Entity(photos.table)
export class PhotoEntity extends jobTableOf(photos) {}

@Entity(damageMarks.table)
export class DamageMarkEntity extends jobTableOf(damageMarks) {}

@Entity(photoFrames.table)
export class PhotoFrameEntity extends jobTableOf(photoFrames) {}

@Entity(joints.table)
export class JointEntity extends jobTableOf(joints) {
  @VersionColumn() version: number;
}

/** A picture itself, known by its hash: two photos of a firm that are the same picture are kept once. */
@Entity('photo_content')
export class PhotoContentEntity {
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
  @PrimaryColumn('char', { length: 64 }) hash: string;
  /** JPEG, made anew from what was sent: nothing but the picture is kept. */
  @Column('longblob') content: Buffer;
  /** When it was last put in. */
  @Column('datetime', { precision: 3 }) at: Date;
}
