import { BadRequestException, ConflictException, Injectable } from '@nestjs/common';
import {
  checkIns,
  designFaults,
  designWarnings,
  layOut,
  labelAdvice,
  sayTrialWord,
  standingActs,
  standingLooks,
  trialWords,
  type Case,
  type CheckIn,
  type LedgerEvent,
  type Product,
  type TrialActKind,
  type TrialWord,
} from '@rustic/core';
import { standingSurface } from '../record/takenOut.ts';
import { JobEntity, SurfaceEntity } from '../record/jobEntities.ts';
import { type TrialActBody, TrialActEntity, TrialEntity } from '../record/trialEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { caseBeside } from '../reading/houseReading.ts';
import { readJob } from '../reading/jobRecords.ts';
import { readFirmShelf } from '../reading/firmShelf.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Writes } from '../record/writes.service.ts';
import type { ConclusionBody, LaidBody, CellLookBody, TrialBody } from './trials.dto.ts';

const MINUTE_MS = 60_000;
const HOUR_MS = 3_600_000;

/** A check-in with the moment it falls on. */
export type Due = CheckIn & { due: string };

const last = (acts: readonly TrialActEntity[], kind: TrialActKind) => acts.filter((a) => a.kind === kind).at(-1);

/** When to come back, by the firm's own products: recoat from the primers, the rest from the topcoats; nothing before it is laid, or once concluded. */
function dueOn(trial: TrialEntity, acts: readonly TrialActEntity[], shelf: readonly Product[]): Due[] {
  const primed = last(acts, 'primed');
  const topcoated = last(acts, 'topcoated');
  if (last(acts, 'concluded')) return [];
  return checkIns(trial.design, shelf).flatMap((check): Due[] => {
    const from = check.kind === 'recoat' ? (topcoated ? null : primed) : topcoated;
    if (!from) return [];
    const due = from.at.getTime() + check.at * MINUTE_MS;
    const looked = acts.some((a) => a.kind === 'look' && a.at.getTime() >= due);
    return looked ? [] : [{ ...check, due: new Date(due).toISOString() }];
  });
}

/** Trial boards: designed, laid, looked at, concluded. */
@Injectable()
export class Trials {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async list(who: Who) {
    const scope = this.writes.reading(who);
    const [trials, acts, jobs, { kept }] = await Promise.all([
      scope.find(TrialEntity, {}, { at: 'DESC', id: 'DESC' }),
      scope.find(TrialActEntity, {}, { at: 'ASC', id: 'ASC' }),
      scope.find(JobEntity),
      readFirmShelf(scope),
    ]);
    return trials.map((trial) => {
      const own = acts.filter((a) => a.trialId === trial.id);
      return {
        ...this.view(trial, own, kept),
        jobTitle: jobs.find((j) => j.id === trial.jobId)?.title ?? '',
      };
    });
  }

  private view(trial: TrialEntity, acts: readonly TrialActEntity[], shelf: readonly Product[]) {
    return {
      ...trial,
      warnings: designWarnings(trial.design),
      primedAt: last(acts, 'primed')?.at ?? null,
      topcoatedAt: last(acts, 'topcoated')?.at ?? null,
      looks: standingLooks(acts).length,
      due: dueOn(trial, acts, shelf),
      concluded: last(acts, 'concluded') ?? null,
    };
  }

  async one(who: Who, id: string) {
    const scope = this.writes.reading(who);
    const trial = await scope.one(TrialEntity, id, 'trial');
    const [acts, job, { kept }] = await Promise.all([
      this.actsOf(scope, id),
      scope.one(JobEntity, trial.jobId, 'job'),
      readFirmShelf(scope),
    ]);
    const surface = trial.surfaceId ? await scope.one(SurfaceEntity, trial.surfaceId, 'surface') : null;
    const concluded = last(acts, 'concluded');
    const words = concluded ? (concluded.body.words ?? []) : await this.wordsOf(scope, trial, acts);
    return {
      ...this.view(trial, acts, kept),
      jobTitle: job.title,
      surfaceName: surface?.name ?? null,
      label: labelAdvice(trial.design),
      acts,
      says: [...words].sort((a, b) => Math.abs(b.logOdds) - Math.abs(a.logOdds)).map(sayTrialWord),
    };
  }

  /** What a board says beside what is expected of the surface that it speaks for, other boards heeded. */
  private async wordsOf(scope: FirmScope, trial: TrialEntity, acts: readonly TrialActEntity[]): Promise<TrialWord[]> {
    const looks = standingLooks(acts);
    if (looks.length === 0) return [];
    return trialWords(trial.design, trial.cells, looks, await this.expected(scope, trial), trial.title);
  }

  private async expected(scope: FirmScope, trial: TrialEntity): Promise<Case | null> {
    if (!trial.surfaceId) return null;
    const records = await readJob(scope, trial.jobId);
    const surface = records.surfaces.find((one) => one.id === trial.surfaceId);
    return surface ? caseBeside(records, surface, trial.id) : null;
  }

  private actsOf(scope: FirmScope, trialId: string): Promise<TrialActEntity[]> {
    return scope.find(TrialActEntity, { trialId }, { at: 'ASC', id: 'ASC' });
  }

  async design(who: Who, jobId: string, body: TrialBody): Promise<TrialEntity> {
    const { design } = body;
    const faults = designFaults(design);
    if (faults.length)
      throw new BadRequestException({
        code: 'invalid',
        message: 'This trial cannot be laid. Nothing was written.',
        errors: faults.map((f) => ({ ...f, path: `design.${f.path}` })),
      });
    return this.writes.run(who, async (scope) => {
      await scope.one(JobEntity, jobId, 'job');
      if (body.surfaceId) await standingSurface(scope, body.surfaceId, jobId);
      const trial = await scope.add(TrialEntity, {
        id: body.id,
        jobId,
        surfaceId: body.surfaceId ?? null,
        title: body.title,
        place: body.place,
        design,
        cells: layOut(design),
        byName: who.name,
        at: who.now,
      });
      await this.ledger.append(scope, {
        jobId,
        kind: 'trial-designed',
        subject: body.surfaceId ?? null,
        at: who.now,
        payload: { ...body, cells: trial.cells },
      });
      return trial;
    });
  }

  async lay(who: Who, trialId: string, body: LaidBody): Promise<TrialActEntity> {
    return this.act(who, trialId, body.id, async (_scope, _trial, acts) => {
      if (acts.some((a) => a.kind === body.kind))
        throw new ConflictException({
          code: 'already-laid',
          message: 'This is laid already. Nothing was written twice.',
        });
      if (body.kind === 'topcoated' && !acts.some((a) => a.kind === 'primed'))
        throw new ConflictException({
          code: 'not-primed',
          message: 'The primers are not laid yet. Nothing was written.',
        });
      return { kind: body.kind, at: new Date(body.at), body: {}, corrects: null };
    });
  }

  async look(who: Who, trialId: string, body: CellLookBody): Promise<TrialActEntity> {
    const { test } = body;
    return this.act(who, trialId, body.id, async (_scope, trial, acts) => {
      if (!trial.cells.some((c) => c.id === body.cell))
        throw new BadRequestException({
          code: 'invalid',
          message: 'This board has no such cell. Nothing was written.',
          errors: [{ path: 'cell', message: 'is not on this board' }],
        });
      if (body.corrects && !standingActs(acts).some((a) => a.id === body.corrects && a.kind === 'look'))
        throw new ConflictException({
          code: 'already-corrected',
          message: 'That look does not stand. Nothing was written.',
        });
      const laid = last(acts, body.part === 'strip' ? 'primed' : 'topcoated') ?? last(acts, 'primed');
      const at = new Date(body.at);
      const filmAgeHours =
        test.filmAgeHours ?? (laid ? Math.max(0, (at.getTime() - laid.at.getTime()) / HOUR_MS) : null);
      return {
        kind: 'look',
        at,
        body: { cell: body.cell, part: body.part, test: { ...test, filmAgeHours }, bond: body.bond ?? null },
        corrects: body.corrects ?? null,
      };
    });
  }

  async conclude(who: Who, trialId: string, body: ConclusionBody): Promise<TrialActEntity> {
    return this.act(who, trialId, body.id, async (scope, trial, acts) => {
      if (standingLooks(acts).length === 0)
        throw new ConflictException({ code: 'not-scored', message: 'Nothing is scored yet. Nothing was written.' });
      const surface = trial.surfaceId ? await standingSurface(scope, trial.surfaceId) : null;
      return {
        kind: 'concluded',
        at: who.now,
        corrects: null,
        body: {
          text: body.text,
          words: body.weighs ? await this.wordsOf(scope, trial, acts) : [],
          forFirm: body.weighs && body.forFirm,
          substrate: surface?.facts.substrate ?? null,
        },
      };
    });
  }

  /** Writes one act on a trial, and its entry, once. */
  private act(
    who: Who,
    trialId: string,
    id: string,
    make: (
      scope: FirmScope,
      trial: TrialEntity,
      acts: TrialActEntity[],
    ) => Promise<{ kind: TrialActKind; at: Date; body: TrialActBody; corrects: string | null }>,
  ): Promise<TrialActEntity> {
    return this.writes.run(who, async (scope) => {
      const trial = await scope.one(TrialEntity, trialId, 'trial');
      await this.ledger.hold(scope, trial.jobId);
      const made = await make(scope, trial, await this.actsOf(scope, trialId));
      const act = await scope.add(TrialActEntity, { id, jobId: trial.jobId, trialId, byName: who.name, ...made });
      const event = { kind: `trial-${made.kind}`, payload: { trial: trialId, ...made.body, corrects: made.corrects } };
      const { jobId, surfaceId: subject } = trial;
      await this.ledger.append(scope, { jobId, subject, at: made.at, ...(event as LedgerEvent) });
      return act;
    });
  }

  /** Check-ins that fall due, for the run sheet. */
  async due(scope: FirmScope, names: ReadonlyMap<string, string>) {
    const [trials, acts, { kept }] = await Promise.all([
      scope.find(TrialEntity),
      scope.find(TrialActEntity, {}, { at: 'ASC', id: 'ASC' }),
      readFirmShelf(scope),
    ]);
    return trials.flatMap((trial) => {
      const next = dueOn(
        trial,
        acts.filter((a) => a.trialId === trial.id),
        kept,
      ).sort((a, b) => a.due.localeCompare(b.due))[0];
      const { id: trialId, title, jobId } = trial;
      const jobTitle = names.get(jobId);
      return next && jobTitle !== undefined ? [{ trialId, title, jobId, jobTitle, ...next }] : [];
    });
  }
}
