import {
  assessSchema,
  caseOf,
  readBy,
  runLine,
  SHIPPED_SHELF,
  workOf,
  type Air,
  type AssessInput,
  type Case,
  type Done,
  type Product,
  type RunLine,
  type Step,
  type WorkStep,
} from '@rustic/core';
import {
  AirReadingEntity,
  FirmEntity,
  JobEntity,
  RoomEntity,
  SurfaceEntity,
  SystemChoiceEntity,
  TestRecordEntity,
  WorkLogEntity,
} from '../database/entities.ts';
import type { FirmScope } from '../database/firmScope.ts';

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
}

/** Reads one job whole; another firm's job is not found. */
export async function readJob(scope: FirmScope, jobId: string): Promise<JobRecords> {
  const job = await scope.one(JobEntity, jobId, 'job');
  const [firm, rooms, surfaces, tests, choices, work, readings] = await Promise.all([
    scope.manager.findOneByOrFail(FirmEntity, { id: scope.who.firmId }),
    scope.find(RoomEntity, { jobId }, { position: 'ASC', id: 'ASC' }),
    scope.find(SurfaceEntity, { jobId }, { position: 'ASC', id: 'ASC' }),
    scope.find(TestRecordEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(SystemChoiceEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
    scope.find(WorkLogEntity, { jobId }, { endedAt: 'ASC' }),
    scope.find(AirReadingEntity, { jobId }, { at: 'ASC' }),
  ]);
  return { firm, job, rooms, surfaces, tests, choices, work, readings };
}

/** Tests that stand: those that a correction names are kept, but count no more. */
export function standingTests(tests: readonly TestRecordEntity[]): TestRecordEntity[] {
  const corrected = new Set(tests.map((t) => t.corrects).filter((id) => id !== null));
  return tests.filter((t) => !corrected.has(t.id));
}

/** The question the core is asked about a surface: its facts, its tests, and its neighbours in the house. */
export function questionOf(records: JobRecords, surface: SurfaceEntity): AssessInput {
  const standing = standingTests(records.tests);
  const testsOf = (id: string) => standing.filter((t) => t.surfaceId === id).map((t) => t.test);
  const neighbours = records.surfaces
    .filter((other) => other.id !== surface.id && testsOf(other.id).length > 0)
    .map((other) => ({
      campaign: (surface.campaign !== null && other.campaign === surface.campaign ? 'same' : 'unknown') as
        'same' | 'unknown',
      element: other.facts.element,
      tests: testsOf(other.id),
    }))
    .filter((n) => n.campaign === 'same' || n.element === surface.facts.element);
  return readBy(assessSchema, {
    surface: { builtYear: records.job.builtYear, ...surface.facts },
    tests: testsOf(surface.id),
    neighbours,
    wanted: surface.wanted,
    houseRules: { ...records.firm.houseRules, ...records.job.houseRules },
  });
}

/** The system that stands for a surface: the one settled, else the one the core would take. */
export function systemOf(
  records: JobRecords,
  surface: SurfaceEntity,
): { c: Case; steps: Step[]; choice: SystemChoiceEntity | null; computed: Step[] } {
  const { c, made } = caseOf(questionOf(records, surface));
  const choice = records.choices.filter((one) => one.surfaceId === surface.id).at(-1) ?? null;
  return { c, steps: choice?.steps ?? made.steps, choice, computed: made.steps };
}

/** The air of a room: its last reading, else the job's. */
export function airOfRoom(records: JobRecords, roomId: string): Air & { kind: 'steady' } {
  const reading = records.readings.filter((r) => r.roomId === roomId).at(-1);
  return {
    kind: 'steady',
    temperatureC: reading?.temperatureC ?? records.job.temperatureC,
    relativeHumidityPct: reading?.relativeHumidityPct ?? records.job.relativeHumidityPct,
  };
}

export const productById = (id: string | null): Product | null => SHIPPED_SHELF.find((p) => p.id === id) ?? null;

/** A step's work with the products that were really laid, where they were logged. */
export function workOn(
  records: JobRecords,
  surface: SurfaceEntity,
  system: { c: Case; steps: Step[] },
): { work: WorkStep[]; done: Done[]; logs: WorkLogEntity[] } {
  const logs = records.work.filter((w) => w.surfaceId === surface.id);
  const work = workOf(system.steps, system.c.d.surface, system.c.shelf).map((w): WorkStep => {
    const laid = productById(logs.find((log) => log.stepId === w.plan.id)?.productId ?? null);
    return laid ? { ...w, product: laid, plan: { ...w.plan, drying: laid.drying } } : w;
  });
  const done = logs.map((log): Done => {
    const label = productById(log.productId)?.wetFilmUm;
    return {
      stepId: log.stepId,
      start: minute(log.startedAt),
      end: minute(log.endedAt),
      thickness: log.wetFilmUm && label ? log.wetFilmUm / label : 1,
    };
  });
  return { work, done, logs };
}

export const minute = (at: Date) => Math.ceil(at.getTime() / 60_000);

/** Where a surface stands by the clock. */
export function standingOf(records: JobRecords, surface: SurfaceEntity, now: Date): RunLine & { work: WorkStep[] } {
  const { work, done } = workOn(records, surface, systemOf(records, surface));
  return { ...runLine(work, done, airOfRoom(records, surface.roomId), Math.floor(now.getTime() / 60_000)), work };
}
