import { JOB_RECORDS } from '@rustic/core';
import { Column, Entity } from 'typeorm';
import { jobTableOf } from './tableOf.ts';

const { tests, findings, photos } = JOB_RECORDS;

@Entity(tests.table)
export class TestRecordEntity extends jobTableOf(tests) {}

@Entity(findings.table)
export class FindingEntity extends jobTableOf(findings) {}

@Entity(photos.table)
export class PhotoEntity extends jobTableOf(photos) {
  /** JPEG, made anew from what was sent: nothing but the picture is kept. Not read with the rest of the row. */
  @Column('longblob', { select: false }) content: Buffer;
}
