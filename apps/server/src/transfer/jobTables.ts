import type { EntityManager, EntityTarget } from 'typeorm';
import type { JobFile } from '@rustic/core';
import { AgreementEntity, DocumentEntity } from '../database/documentEntities.ts';
import {
  AirReadingEntity,
  AirSeriesEntity,
  FindingEntity,
  PhotoEntity,
  PostedPlanEntity,
  RoomEntity,
  SurfaceEntity,
  SystemChoiceEntity,
  TestRecordEntity,
  WorkLogEntity,
} from '../database/entities.ts';
import type { FirmOwned } from '../database/firmOwned.ts';
import { FaultActEntity, FaultMarkEntity, HandoverCheckEntity } from '../database/punchEntities.ts';
import { FollowUpEntity, StepHoldEntity, TroubleEntity } from '../database/siteEntities.ts';
import { TrialActEntity, TrialEntity } from '../database/trialEntities.ts';
import { LookEntity, VisitActEntity, VisitEntity } from '../database/visitEntities.ts';

type JobOwned = FirmOwned & { jobId: string };
export type RowKind = Exclude<keyof JobFile, 'format' | 'version' | 'job' | 'products' | 'ledger'>;

/** Every table whose rows are part of a job, under the name that a job file has for them; what points comes after what it points at. */
export const JOB_TABLES: Readonly<Record<RowKind, EntityTarget<JobOwned>>> = {
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
  photos: PhotoEntity,
  faults: FaultMarkEntity,
  faultActs: FaultActEntity,
  checks: HandoverCheckEntity,
  visits: VisitEntity,
  visitActs: VisitActEntity,
  looks: LookEntity,
};
export const ROW_KINDS = Object.keys(JOB_TABLES) as RowKind[];

/** Whose a row is, and how often it was changed, is for the database alone; a photo's picture lies beside the file. */
const NOT_IN_FILES = ['firmId', 'jobId', 'version', 'content'];

const columnsOf = (manager: EntityManager, entity: EntityTarget<object>) =>
  manager.connection
    .getMetadata(entity)
    .columns.filter((c) => !NOT_IN_FILES.includes(c.propertyName))
    .map((c) => ({
      column: c.propertyName,
      field: c.propertyName === 'byName' ? 'by' : c.propertyName,
      isTime: c.type === 'datetime',
    }));

/** A row as a job file has it: plain JSON, times as ISO 8601. */
export function fileRow(manager: EntityManager, entity: EntityTarget<object>, row: object): Record<string, unknown> {
  const from = row as Record<string, unknown>;
  return Object.fromEntries(
    columnsOf(manager, entity).map(({ column, field }) => {
      const value = from[column];
      return [field, value instanceof Date ? value.toISOString() : value];
    }),
  );
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
