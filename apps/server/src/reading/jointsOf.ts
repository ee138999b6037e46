import { jointFields, jointLengthOf, type JointSaid } from '@rustic/core';
import type { JointEntity } from '../record/evidenceEntities.ts';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { JobRecords } from './jobRecords.ts';

const SAID = Object.keys(jointFields) as (keyof typeof jointFields)[];

/** A joint as the core is asked about it. */
export const asJoint = (row: JointEntity): JointSaid =>
  ({ ...Object.fromEntries(SAID.map((field) => [field, row[field]])), lengthM: jointLengthOf(row)! }) as JointSaid;

/** Rows of the joints that are done with a surface, in the order in which they were drawn. */
export const jointRowsOn = (records: JobRecords, surface: SurfaceEntity): JointEntity[] =>
  records.joints.filter((j) => j.surfaceId === surface.id);

/** What the core is told of the joints of a surface. */
export const jointsOn = (records: JobRecords, surface: SurfaceEntity): JointSaid[] =>
  jointRowsOn(records, surface).map(asJoint);
