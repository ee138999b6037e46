import { FURTHEST, rateFrom, type LearnedRate, type StepKind, type Substrate, type TrialWord } from '@rustic/core';
import { In } from 'typeorm';
import {
  AirReadingEntity,
  AirSeriesEntity,
  FindingEntity,
  FirmEntity,
  JobEntity,
  PhotoEntity,
  RoomEntity,
  SurfaceEntity,
  SystemChoiceEntity,
  TestRecordEntity,
  WorkLogEntity,
} from '../database/entities.ts';
import { TrialActEntity } from '../database/trialEntities.ts';
import type { FirmScope } from '../database/firmScope.ts';
import { readFirmShelf, type FirmShelf } from '../shelf/firmShelf.ts';

/** Everything a job's pages are computed from, read in as few queries as it takes. */
export interface JobRecords {
  firm: FirmEntity;
  job: JobEntity;
  rooms: RoomEntity[];
  surfaces: SurfaceEntity[];
  tests: TestRecordEntity[];
  choices: SystemChoiceEntity[];
  work: WorkLogEntity[];
  readings: AirReadingEntity[];
  /** Hourly readings from files; the newest of a room last. */
  series: AirSeriesEntity[];
  findings: FindingEntity[];
  photos: PhotoEntity[];
  /** Accepted trials: this job's, and those that the firm keeps for every job. */
  trials: AcceptedTrial[];
  shelf: FirmShelf;
  /** The firm's own pace, from what it logged on every job. */
  learned: LearnedRate[];
}

/** A conclusion that stands: what it says of each primer, and what it was tried on. */
export interface AcceptedTrial {
  words: TrialWord[];
  substrate: Substrate | null;
}

/** Reads one job whole; another firm's job is not found. */
export async function readJob(scope: FirmScope, jobId: string): Promise<JobRecords> {
  const job = await scope.one(JobEntity, jobId, 'job');
  const [records] = await readJobs(scope, [job]);
  return records!;
}

/** Reads several jobs whole, in as many queries as one takes. */
export async function readJobs(scope: FirmScope, jobs: readonly JobEntity[]): Promise<JobRecords[]> {
  if (jobs.length === 0) return [];
  const jobId = In(jobs.map((j) => j.id));
  const firm = await scope.manager.findOneByOrFail(FirmEntity, { id: scope.who.firmId });
  const [rooms, surfaces, tests, choices, work, readings, series, findings, photos, concluded, shelf, learned] =
    await Promise.all([
      scope.find(RoomEntity, { jobId }, { position: 'ASC', id: 'ASC' }),
      scope.find(SurfaceEntity, { jobId }, { position: 'ASC', id: 'ASC' }),
      scope.find(TestRecordEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
      scope.find(SystemChoiceEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
      scope.find(WorkLogEntity, { jobId }, { endedAt: 'ASC' }),
      scope.find(AirReadingEntity, { jobId }, { at: 'ASC' }),
      scope.find(AirSeriesEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
      scope.find(FindingEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
      scope.find(PhotoEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
      scope.find(TrialActEntity, { kind: 'concluded' }, { at: 'ASC', id: 'ASC' }),
      readFirmShelf(scope),
      learnedRates(scope),
    ]);
  const newest = [...new Map(concluded.map((act) => [act.trialId, act])).values()];
  return jobs.map((job): JobRecords => {
    const own = <T extends { jobId: string }>(rows: readonly T[]) => rows.filter((row) => row.jobId === job.id);
    return {
      firm,
      job,
      rooms: own(rooms),
      surfaces: own(surfaces),
      tests: own(tests),
      choices: own(choices),
      work: own(work),
      readings: own(readings),
      series: own(series),
      findings: own(findings),
      photos: own(photos),
      trials: newest
        .filter((act) => act.jobId === job.id || act.body.forFirm === true)
        .map(({ body }) => ({ words: body.words ?? [], substrate: body.substrate ?? null })),
      shelf,
      learned,
    };
  });
}

/** The firm's own rates, summed where its logs are kept: a page need not read them all. */
export async function learnedRates(scope: FirmScope): Promise<LearnedRate[]> {
  const rows = await scope.manager
    .createQueryBuilder(WorkLogEntity, 'w')
    .select('w.stepKind', 'kind')
    .addSelect('COUNT(*)', 'seen')
    .addSelect(
      'SUM(GREATEST(-:furthest, LEAST(:furthest, LN(TIMESTAMPDIFF(SECOND, w.startedAt, w.endedAt) / 60 / w.usualMin))))',
      'sum',
    )
    .where('w.firmId = :firmId AND w.usualMin > 0 AND w.endedAt > w.startedAt', { firmId: scope.who.firmId })
    .setParameter('furthest', FURTHEST)
    .groupBy('w.stepKind')
    .getRawMany<{ kind: StepKind; seen: string; sum: string }>();
  return rows.map(({ kind, seen, sum }) => rateFrom(kind, Number(seen), Number(sum)));
}

/** Tests that stand: those that a correction names are kept, but count no more. */
export function standingTests(tests: readonly TestRecordEntity[]): TestRecordEntity[] {
  const corrected = new Set(tests.map((t) => t.corrects).filter((id) => id !== null));
  return tests.filter((t) => !corrected.has(t.id));
}
