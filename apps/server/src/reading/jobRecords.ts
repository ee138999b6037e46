import type { LearnedRate, Substrate, TrialWord } from '@rustic/core';
import { In } from 'typeorm';
import type {
  DamageMarkEntity,
  FindingEntity,
  JointEntity,
  PhotoEntity,
  TestRecordEntity,
} from '../record/evidenceEntities.ts';
import type { FirmEntity } from '../record/firmEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { JobEntity, type RoomEntity, type SurfaceEntity } from '../record/jobEntities.ts';
import type { FaultMarkEntity } from '../record/punchEntities.ts';
import type {
  AirReadingEntity,
  AirSeriesEntity,
  StepHoldEntity,
  TroubleEntity,
  WorkLogEntity,
} from '../record/siteEntities.ts';
import type { SystemChoiceEntity } from '../record/systemEntities.ts';
import { standingSurface } from '../record/takenOut.ts';
import type { JobOwned } from '../record/tableOf.ts';
import type { LookEntity, VisitActEntity, VisitEntity } from '../record/visitEntities.ts';
import { readFirm, type FirmReading } from './firmReading.ts';
import type { FirmShelf } from './firmShelf.ts';
import type { JobRows } from './jobRows.ts';
import { readRows } from './jobsAtHand.ts';
import { firmMark, type FirmMark } from './marks.ts';
import { reckonedWith } from './reckoned.ts';

/** Everything a job's pages are computed from. */
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
export async function readJobsAnew(scope: FirmScope, jobs: readonly Pick<JobEntity, 'id'>[]): Promise<JobRecords[]> {
  return readJobs(scope, await scope.find(JobEntity, { id: In(jobs.map((j) => j.id)) }));
}

/** Reads several jobs whole: of what lies at hand, only what moved since. */
export async function readJobs(scope: FirmScope, jobs: readonly JobEntity[], until?: Date): Promise<JobRecords[]> {
  if (jobs.length === 0) return [];
  const mark = await firmMark(scope);
  const firm = await readFirm(scope, mark);
  const readings = await readRows(scope, jobs, firm, mark);
  return jobs.map((job) => {
    const { rows, reckoned } = readings.get(job.id)!;
    const records = recordsOf(job, firm, mark, rows, until);
    return until ? records : reckonedWith(records, reckoned);
  });
}

/** The records of a job from its rows, without what was taken out, or was written after a moment. */
function recordsOf(
  job: JobEntity,
  { concluded, ...firm }: FirmReading,
  { learned }: FirmMark,
  rows: JobRows,
  until?: Date,
): JobRecords {
  const takenOut = takenOutOf(rows);
  const hidden = new Set([...takenOut.rooms, ...takenOut.surfaces].map((row) => row.id));
  const own = <T extends JobOwned>(all: readonly T[]) =>
    all.filter((row) => !isOf(hidden, row as About) && (!until || writtenBy(row as Written, until)));
  return {
    ...firm,
    learned,
    job,
    takenOut,
    rooms: own(rows.rooms),
    surfaces: own(rows.surfaces),
    tests: own(rows.tests),
    choices: own(rows.choices),
    work: standingWork(own(rows.work)),
    readings: own(rows.readings),
    series: own(rows.series),
    findings: own(rows.findings),
    damage: own(rows.damageMarks),
    joints: own(rows.joints).filter((joint) => !joint.withdrawn),
    holds: standingHolds(own(rows.holds)),
    troubles: own(rows.troubles),
    photos: own(rows.photos),
    faults: own(rows.faults),
    looks: own(rows.looks),
    visits: visitsThatStand(own(rows.visits), own(rows.visitActs)),
    trials: concluded
      .filter((act) => act.jobId === job.id || act.body.forFirm === true)
      .map(({ trialId, body }) => ({ trialId, words: body.words ?? [], substrate: body.substrate ?? null })),
  };
}

/** What was taken out of a job: of a room that was, its surfaces too. */
function takenOutOf({ rooms, surfaces }: JobRows) {
  const out = rooms.filter((r) => r.withdrawn);
  const roomIds = new Set(out.map((r) => r.id));
  return { rooms: out, surfaces: surfaces.filter((s) => s.withdrawn !== null || roomIds.has(s.roomId)) };
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

/** A surface of a job that somebody is about to write to: there, and not taken out. */
export const standingIn = async (scope: FirmScope, records: JobRecords, id: string): Promise<SurfaceEntity> =>
  records.surfaces.find((surface) => surface.id === id) ?? standingSurface(scope, id, records.job.id);

/** The room of a surface that stands. */
export const roomOf = ({ rooms }: JobRecords, { roomId }: SurfaceEntity): RoomEntity =>
  rooms.find((room) => room.id === roomId)!;

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
