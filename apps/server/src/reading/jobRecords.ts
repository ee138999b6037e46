import { rateFrom, type LearnedRate, type StepKind, type Substrate, type TrialWord } from '@rustic/core';
import { In } from 'typeorm';
import {
  DamageMarkEntity,
  FindingEntity,
  JointEntity,
  PhotoEntity,
  TestRecordEntity,
} from '../record/evidenceEntities.ts';
import { FirmEntity } from '../record/firmEntities.ts';
import { JobEntity, RoomEntity, SurfaceEntity } from '../record/jobEntities.ts';
import { FaultMarkEntity } from '../record/punchEntities.ts';
import {
  AirReadingEntity,
  AirSeriesEntity,
  StepHoldEntity,
  TroubleEntity,
  WorkLogEntity,
} from '../record/siteEntities.ts';
import { JobPaceEntity } from '../record/jobPace.ts';
import { SystemChoiceEntity } from '../record/systemEntities.ts';
import { TrialActEntity } from '../record/trialEntities.ts';
import { LookEntity, VisitActEntity, VisitEntity } from '../record/visitEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { readFirmShelf, type FirmShelf } from './firmShelf.ts';

/** Everything a job's pages are computed from, read in as few queries as it takes. */
export interface JobRecords {
  firm: FirmEntity;
  /** The firm's own picture on its papers; null: none. */
  logo: string | null;
  job: JobEntity;
  rooms: RoomEntity[];
  surfaces: SurfaceEntity[];
  /** Rooms and surfaces that were taken out, a surface with its room: nothing of them stands anywhere else here. */
  takenOut: { rooms: RoomEntity[]; surfaces: SurfaceEntity[] };
  tests: TestRecordEntity[];
  choices: SystemChoiceEntity[];
  /** Logs that stand, by when the work ended. */
  work: WorkLogEntity[];
  readings: AirReadingEntity[];
  /** Hourly readings from files; the newest of a room last. */
  series: AirSeriesEntity[];
  findings: FindingEntity[];
  /** Damage marked where it is, and what was taken back. */
  damage: DamageMarkEntity[];
  /** Joints that are drawn. */
  joints: JointEntity[];
  /** Holds that stand. */
  holds: StepHoldEntity[];
  /** Films that looked wrong, with the way back; the newest last. */
  troubles: TroubleEntity[];
  photos: PhotoEntity[];
  /** Faults that were marked after the work, mended or not. */
  faults: FaultMarkEntity[];
  /** What was looked at again after hand-over. */
  looks: LookEntity[];
  /** Visits that are fixed and not made yet, by their day. */
  visits: VisitEntity[];
  /** Accepted trials: this job's, and those that the firm keeps for every job. */
  trials: AcceptedTrial[];
  shelf: FirmShelf;
  /** The firm's own pace, from what it logged on every job. */
  learned: LearnedRate[];
}

/** A conclusion that stands: what it says of bonds, and what it was tried on. */
export interface AcceptedTrial {
  trialId: string;
  words: TrialWord[];
  substrate: Substrate | null;
}

/** Reads one job whole, or as it was written down by a moment; another firm's job is not found. */
export async function readJob(scope: FirmScope, jobId: string, until?: Date): Promise<JobRecords> {
  const job = await scope.one(JobEntity, jobId, 'job');
  const [records] = await readJobs(scope, [job], until);
  return records!;
}

/** Reads jobs whole with their own rows read again: nothing of them is older than a mark that was asked before. */
export async function readJobsAnew(scope: FirmScope, jobs: readonly JobEntity[]): Promise<JobRecords[]> {
  return readJobs(scope, await scope.find(JobEntity, { id: In(jobs.map((j) => j.id)) }));
}

/** Reads several jobs whole, in as many queries as one takes. */
export async function readJobs(scope: FirmScope, jobs: readonly JobEntity[], until?: Date): Promise<JobRecords[]> {
  if (jobs.length === 0) return [];
  const jobId = In(jobs.map((j) => j.id));
  const [firm, logo] = await Promise.all([scope.firm(), scope.logo()]);
  const [
    rooms,
    surfaces,
    tests,
    choices,
    work,
    readings,
    series,
    findings,
    damage,
    joints,
    holds,
    troubles,
    photos,
    faults,
    looks,
    visits,
    ended,
    concluded,
    shelf,
    learned,
  ] = await Promise.all([
    scope.find(RoomEntity, { jobId }, { position: 'ASC', id: 'ASC' }),
    scope.find(SurfaceEntity, { jobId }, { position: 'ASC', id: 'ASC' }),
    scope.find(TestRecordEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(SystemChoiceEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(WorkLogEntity, { jobId }, { endedAt: 'ASC' }),
    scope.find(AirReadingEntity, { jobId }, { at: 'ASC' }),
    scope.find(AirSeriesEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(FindingEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(DamageMarkEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(JointEntity, { jobId, withdrawn: false }, { at: 'ASC', id: 'ASC' }),
    scope.find(StepHoldEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(TroubleEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(PhotoEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(FaultMarkEntity, { jobId }, { number: 'ASC' }),
    scope.find(LookEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(VisitEntity, { jobId }, { onDay: 'ASC', fromTime: 'ASC', id: 'ASC' }),
    scope.find(VisitActEntity, { jobId }),
    scope.find(TrialActEntity, { kind: 'concluded' }, { at: 'ASC', id: 'ASC' }),
    readFirmShelf(scope),
    learnedRates(scope),
  ]);
  const newest = [...new Map(concluded.map((act) => [act.trialId, act])).values()];
  return jobs.map((job): JobRecords => {
    const takenOut = takenOutOf(job.id, rooms, surfaces);
    const hidden = new Set([...takenOut.rooms, ...takenOut.surfaces].map((row) => row.id));
    const own = <T extends { jobId: string }>(rows: readonly T[]) =>
      rows.filter(
        (row) => row.jobId === job.id && !isOf(hidden, row as About) && (!until || writtenBy(row as Written, until)),
      );
    return {
      firm,
      logo,
      job,
      takenOut,
      rooms: own(rooms),
      surfaces: own(surfaces),
      tests: own(tests),
      choices: own(choices),
      work: standingWork(own(work)),
      readings: own(readings),
      series: own(series),
      findings: own(findings),
      damage: own(damage),
      joints: own(joints),
      holds: standingHolds(own(holds)),
      troubles: own(troubles),
      photos: own(photos),
      faults: own(faults),
      looks: own(looks),
      visits: visitsThatStand(own(visits), own(ended)),
      trials: newest
        .filter((act) => act.jobId === job.id || act.body.forFirm === true)
        .map(({ trialId, body }) => ({ trialId, words: body.words ?? [], substrate: body.substrate ?? null })),
      shelf,
      learned,
    };
  });
}

/** What was taken out of a job: of a room that was, its surfaces too. */
function takenOutOf(jobId: string, rooms: readonly RoomEntity[], surfaces: readonly SurfaceEntity[]) {
  const out = rooms.filter((r) => r.jobId === jobId && r.withdrawn);
  const roomIds = new Set(out.map((r) => r.id));
  return {
    rooms: out,
    surfaces: surfaces.filter((s) => s.jobId === jobId && (s.withdrawn !== null || roomIds.has(s.roomId))),
  };
}

/** What a row is, and what it is about. */
interface About {
  id?: string;
  surfaceId?: string | null;
  roomId?: string | null;
}
/** Whether a row is one of these, or is about one of them. */
const isOf = (ids: ReadonlySet<string>, row: About) =>
  [row.id, row.surfaceId, row.roomId].some((id) => id != null && ids.has(id));

/** When a row was written, by whatever it calls it. */
interface Written {
  at?: Date;
  writtenAt?: Date | null;
  endedAt?: Date;
}

/** Whether a row had been written by a moment; what has no time of its own always was. */
function writtenBy(row: Written, until: Date): boolean {
  const at = row.at ?? row.writtenAt ?? row.endedAt;
  return at === undefined || at <= until;
}

/** The firm's own rates, from the hours that somebody said on any of its jobs. */
export async function learnedRates({ manager, who }: FirmScope): Promise<LearnedRate[]> {
  const rows = await manager
    .createQueryBuilder(JobPaceEntity, 'p')
    .select('p.stepKind', 'kind')
    .addSelect('SUM(p.seen)', 'seen')
    .addSelect('SUM(p.logSum)', 'sum')
    .where('p.firmId = :firmId', { firmId: who.firmId })
    .groupBy('p.stepKind')
    .getRawMany<{ kind: StepKind; seen: string; sum: string }>();
  return rows.map(({ kind, seen, sum }) => rateFrom(kind, Number(seen), Number(sum)));
}

/** Logs that stand: those that a correction names are kept, but count no more, nor do those that only take one back. */
export function standingWork(work: readonly WorkLogEntity[]): WorkLogEntity[] {
  const corrected = new Set(work.map((w) => w.corrects).filter((id) => id !== null));
  return work.filter((w) => !corrected.has(w.id) && !w.withdrawn);
}

/** Holds that stand: those that were released are kept, but hold nothing. */
export function standingHolds(holds: readonly StepHoldEntity[]): StepHoldEntity[] {
  const released = new Set(holds.map((h) => h.releases).filter((id) => id !== null));
  return holds.filter((h) => h.releases === null && !released.has(h.id));
}

/** Visits that stand: neither made nor called off. */
export function visitsThatStand(visits: readonly VisitEntity[], ended: readonly VisitActEntity[]): VisitEntity[] {
  const over = new Set(ended.map((a) => a.visitId));
  return visits.filter((v) => !over.has(v.id));
}

/** Whether a hold that stands binds at a moment: always, where it has no date. */
export const bindsAt = ({ until }: Pick<StepHoldEntity, 'until'>, at: Date) => until === null || until > at;
