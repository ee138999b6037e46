import type { EntityManager, EntityTarget } from 'typeorm';
import type { JobRecordKind, RowsOfJob } from '@rustic/core';
import { AgreementEntity, ClientReplyEntity, DocumentEntity } from './documentEntities.ts';
import {
  DamageMarkEntity,
  FindingEntity,
  JointEntity,
  PhotoEntity,
  PhotoFrameEntity,
  TestRecordEntity,
} from './evidenceEntities.ts';
import type { FirmOwned } from './firmOwned.ts';
import { JobEntity, RoomEntity, SurfaceEntity } from './jobEntities.ts';
import { FaultActEntity, FaultMarkEntity, HandoverCheckEntity } from './punchEntities.ts';
import {
  AirReadingEntity,
  AirSeriesEntity,
  FollowUpEntity,
  StepHoldEntity,
  TroubleEntity,
  WorkLogEntity,
} from './siteEntities.ts';
import { PostedPlanEntity, SystemChoiceEntity } from './systemEntities.ts';
import type { JobOwned } from './tableOf.ts';
import { PatchEntity, PatchPictureEntity, TrialActEntity, TrialEntity } from './trialEntities.ts';
import { LookEntity, VisitActEntity, VisitEntity } from './visitEntities.ts';

/** Every table whose rows are part of a job, under the name that a job file has for them; what points comes after what it points at. */
export const JOB_TABLES: Readonly<Record<JobRecordKind, EntityTarget<JobOwned>>> = {
  rooms: RoomEntity,
  surfaces: SurfaceEntity,
  tests: TestRecordEntity,
  findings: FindingEntity,
  choices: SystemChoiceEntity,
  work: WorkLogEntity,
  readings: AirReadingEntity,
  series: AirSeriesEntity,
  holds: StepHoldEntity,
  troubles: TroubleEntity,
  followUps: FollowUpEntity,
  trials: TrialEntity,
  trialActs: TrialActEntity,
  plans: PostedPlanEntity,
  documents: DocumentEntity,
  agreements: AgreementEntity,
  replies: ClientReplyEntity,
  photos: PhotoEntity,
  faults: FaultMarkEntity,
  faultActs: FaultActEntity,
  checks: HandoverCheckEntity,
  visits: VisitEntity,
  visitActs: VisitActEntity,
  looks: LookEntity,
  patches: PatchEntity,
  patchPictures: PatchPictureEntity,
  damageMarks: DamageMarkEntity,
  joints: JointEntity,
  photoFrames: PhotoFrameEntity,
};
export const ROW_KINDS = Object.keys(JOB_TABLES) as JobRecordKind[];

const KIND_OF = new Map<EntityTarget<FirmOwned>, RowsOfJob>([
  [JobEntity, 'job'],
  ...ROW_KINDS.map((kind) => [JOB_TABLES[kind], kind] as const),
]);
/** What the rows of a table are called in the record of a job; null where they are no part of one. */
export const rowsOf = (entity: EntityTarget<FirmOwned>): RowsOfJob | null => KIND_OF.get(entity) ?? null;

/** Whose a row is, and how often it was changed and entered, is for the database alone; a photo's picture lies beside the file. */
const NOT_IN_FILES = ['firmId', 'jobId', 'version', 'entries', 'content'];

const columnsOf = (manager: EntityManager, entity: EntityTarget<object>) =>
  manager.connection
    .getMetadata(entity)
    .columns.filter((c) => !NOT_IN_FILES.includes(c.propertyName))
    .map((c) => ({
      column: c.propertyName,
      field: c.propertyName === 'byName' ? 'by' : c.propertyName,
      isTime: c.type === 'datetime',
    }));

/** A row, or some fields of one, as a job file has it: plain JSON, times as ISO 8601. */
export function fileRow(manager: EntityManager, entity: EntityTarget<object>, row: object): Record<string, unknown> {
  const from = row as Record<string, unknown>;
  const said = columnsOf(manager, entity).filter(({ column }) => from[column] !== undefined);
  // What has no place in JSON is not written, and so it is not in the record either.
  return JSON.parse(
    JSON.stringify(Object.fromEntries(said.map(({ column, field }) => [field, from[column]]))),
  ) as Record<string, unknown>;
}

/** A row of a job file as its table has it. */
export function tableRow(manager: EntityManager, entity: EntityTarget<object>, row: object): Record<string, unknown> {
  const from = row as Record<string, unknown>;
  return Object.fromEntries(
    columnsOf(manager, entity).map(({ column, field, isTime }) => {
      const value = from[field];
      return [column, isTime && typeof value === 'string' ? new Date(value) : value];
    }),
  );
}
