import type { RowsOfJob } from '@rustic/core';
import { In, type EntityTarget, type FindOptionsOrder } from 'typeorm';
import {
  DamageMarkEntity,
  FindingEntity,
  JointEntity,
  PhotoEntity,
  TestRecordEntity,
} from '../record/evidenceEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { RoomEntity, SurfaceEntity } from '../record/jobEntities.ts';
import { FaultMarkEntity } from '../record/punchEntities.ts';
import {
  AirReadingEntity,
  AirSeriesEntity,
  StepHoldEntity,
  TroubleEntity,
  WorkLogEntity,
} from '../record/siteEntities.ts';
import { fixed } from './fixed.ts';
import { SystemChoiceEntity } from '../record/systemEntities.ts';
import type { JobOwned } from '../record/tableOf.ts';
import { LookEntity, VisitActEntity, VisitEntity } from '../record/visitEntities.ts';

/** One table whose rows a job is read with, and their order. */
interface Part<T extends JobOwned> {
  entity: EntityTarget<T>;
  order: FindOptionsOrder<T>;
}
const part = <T extends JobOwned>(entity: new () => T, order: FindOptionsOrder<T>): Part<T> => ({ entity, order });

const byTime = { at: 'ASC', id: 'ASC' } as const;

/** The tables whose rows a job's pages are computed from, by the names that its ledger has for them. */
const PARTS = {
  rooms: part(RoomEntity, { position: 'ASC', id: 'ASC' }),
  surfaces: part(SurfaceEntity, { position: 'ASC', id: 'ASC' }),
  tests: part(TestRecordEntity, byTime),
  choices: part(SystemChoiceEntity, byTime),
  work: part(WorkLogEntity, { endedAt: 'ASC', id: 'ASC' }),
  readings: part(AirReadingEntity, byTime),
  series: part(AirSeriesEntity, byTime),
  findings: part(FindingEntity, byTime),
  damageMarks: part(DamageMarkEntity, byTime),
  joints: part(JointEntity, byTime),
  holds: part(StepHoldEntity, byTime),
  troubles: part(TroubleEntity, byTime),
  photos: part(PhotoEntity, byTime),
  faults: part(FaultMarkEntity, { number: 'ASC' }),
  looks: part(LookEntity, byTime),
  visits: part(VisitEntity, { onDay: 'ASC', fromTime: 'ASC', id: 'ASC' }),
  visitActs: part(VisitActEntity, byTime),
} satisfies Partial<Record<RowsOfJob, object>>;

export type PartOfJob = keyof typeof PARTS;
type RowOf<P> = P extends Part<infer T> ? T : never;
/** A job's rows as they were read. They are shared by whoever reads the job: nobody changes one. */
export type JobRows = { readonly [P in PartOfJob]: readonly RowOf<(typeof PARTS)[P]>[] };

export const ALL_PARTS = Object.keys(PARTS) as PartOfJob[];
export const isPart = (rows: string): rows is PartOfJob => rows in PARTS;

/** The parts of these jobs, each in one query however many jobs there are; by the job's id. */
export async function readParts(
  scope: FirmScope,
  jobIds: readonly string[],
  parts: readonly PartOfJob[],
): Promise<Map<string, Partial<JobRows>>> {
  const found = new Map(jobIds.map((id) => [id, {} as Record<PartOfJob, JobOwned[]>]));
  const read = async (name: PartOfJob) => {
    const { entity, order } = PARTS[name] as unknown as Part<JobOwned>;
    for (const rows of found.values()) rows[name] = [];
    for (const row of await scope.find(entity, { jobId: In([...jobIds]) }, order))
      found.get(row.jobId)![name].push(fixed(row));
  };
  await Promise.all(parts.map(read));
  return found as ReadonlyMap<string, object> as Map<string, Partial<JobRows>>;
}
