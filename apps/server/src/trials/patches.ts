import { Body, Controller, Get, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  JOB_RECORDS,
  newId,
  nextPatchLook,
  optional,
  patchLooks,
  pick,
  testsThatStand,
  type Product,
} from '@rustic/core';
import { In, MoreThan } from 'typeorm';
import { TestRecordEntity } from '../record/evidenceEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { STANDS, standingSurface } from '../record/takenOut.ts';
import { PatchEntity, PatchPictureEntity } from '../record/trialEntities.ts';
import { Writes } from '../record/writes.service.ts';
import { PatchPictures, PictureBody, picturesOf } from './patchPictures.ts';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { Answers } from '../answers/answer.ts';
import { laidPatches, patchAnswer, patchList, patchPictureAnswer } from '../answers/trials.ts';
import { ForHands } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { readFirmShelf } from '../reading/firmShelf.ts';
import { systemOf } from '../reading/houseReading.ts';
import { readJobs } from '../reading/jobRecords.ts';
import { standingSurfaces } from '../reading/standingSurfaces.ts';

const { patches } = JOB_RECORDS;
const MINUTE_MS = 60_000;
/** Patches that nobody has come back to for so long are asked for no more. */
const GIVEN_UP_MS = 21 * 86_400_000;

export class PatchBody extends bodyOf({
  id: newId,
  ...pick(patches, 'families', 'coats'),
  ...optional(patches, 'place'),
  at: noted(patches.fields.at),
}) {}

/** Primer patches: laid side by side in one act, looked at when it is time, read as tests. */
@Injectable()
export class Patches {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async lay(who: Who, surfaceId: string, { id, families, coats, place = '', at }: PatchBody) {
    return this.writes.run(who, async (scope) => {
      const surface = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, surface.jobId);
      const laid = { families: [...new Set(families)], coats, place: place.trim() };
      const written = { id, jobId: surface.jobId, surfaceId, ...laid, byName: who.name, at: new Date(at) };
      const row = await scope.add(PatchEntity, written);
      await this.ledger.append(scope, {
        jobId: surface.jobId,
        kind: 'patches-laid',
        subject: surfaceId,
        at: row.at,
        payload: { id, ...laid },
      });
      return row;
    });
  }

  /** The patches of a surface, each with its looks and what was read of it. */
  async of(who: Who, surfaceId: string) {
    const scope = this.writes.reading(who);
    await standingSurface(scope, surfaceId);
    const [rows, tests, pictures, { kept }] = await Promise.all([
      scope.find(PatchEntity, { surfaceId }, { at: 'DESC', id: 'ASC' }),
      scope.find(TestRecordEntity, { surfaceId }, { at: 'ASC', id: 'ASC' }),
      scope.find(PatchPictureEntity, { surfaceId }, { at: 'ASC', id: 'ASC' }),
      readFirmShelf(scope),
    ]);
    const stand = testsThatStand(tests);
    return { patches: rows.map((row) => ({ ...standing(row, stand, kept), ...picturesOf(row, pictures) })) };
  }

  /** The next look at each patch of the firm that waits for one. */
  async due(scope: FirmScope, names: ReadonlyMap<string, string>) {
    const since = new Date(scope.who.now.getTime() - GIVEN_UP_MS);
    const rows = (await scope.find(PatchEntity, { at: MoreThan(since) })).filter((p) => names.has(p.jobId));
    if (rows.length === 0) return [];
    const surfaceId = rows.map((p) => p.surfaceId);
    const [tests, surfaces, { kept }] = await Promise.all([
      scope.find(TestRecordEntity, { surfaceId: In(surfaceId) }, { at: 'ASC', id: 'ASC' }),
      standingSurfaces(scope, surfaceId),
      readFirmShelf(scope),
    ]);
    const stand = testsThatStand(tests);
    return rows.flatMap((row) => {
      const surface = surfaces.get(row.surfaceId);
      const { next } = standing(row, stand, kept);
      if (!surface || !next) return [];
      const { id: patchId, jobId, place } = row;
      return [
        { patchId, jobId, jobTitle: names.get(jobId)!, surfaceId: surface.id, name: surface.name, place, ...next },
      ];
    });
  }

  /** Those that systems ask for, and those that were read: the small form of a trial. */
  async list(who: Who) {
    const scope = this.writes.reading(who);
    const jobs = (await scope.find(JobEntity, STANDS)).filter((j) => j.status !== 'aftercare');
    return (await readJobs(scope, jobs))
      .flatMap((records) =>
        records.surfaces.map((surface) => ({
          jobId: records.job.id,
          jobTitle: records.job.title,
          surfaceId: surface.id,
          name: surface.name,
          asked: systemOf(records, surface)
            .steps.filter((s) => s.kind === 'test-patch')
            .map((s) => ({ family: s.family ?? null, waitMin: s.waitMin ?? 0, why: s.why })),
          read: testsThatStand(records.tests)
            .filter((t) => t.surfaceId === surface.id && t.test.kind === 'test-patch')
            .map((t) => ({ id: t.id, test: t.test, at: t.at, by: t.byName })),
        })),
      )
      .filter((s) => s.asked.length + s.read.length > 0);
  }
}

/** How patches stand, by the tests that do: when they are looked at, what was read of them, and which look is next. */
function standing(row: PatchEntity, tests: readonly TestRecordEntity[], shelf: readonly Product[]) {
  const { jobId: _jobId, firmId: _firmId, ...patch } = row;
  const looks = patchLooks(row.families, shelf).map((look) => ({
    ...look,
    due: new Date(row.at.getTime() + look.at * MINUTE_MS).toISOString(),
  }));
  const reads = tests.flatMap(({ id, test, at, byName, surfaceId }) => {
    const { family, result, place } = test;
    const isOf = surfaceId === row.surfaceId && at >= row.at && (place ?? '') === row.place;
    if (!isOf || test.kind !== 'test-patch' || !family || !result || !row.families.includes(family)) return [];
    return [{ id, family, result, minutes: Math.round((at.getTime() - row.at.getTime()) / MINUTE_MS), at, byName }];
  });
  return { ...patch, looks, reads, next: nextPatchLook(row.families, looks, reads) };
}

@ApiTags('trials')
@Controller('api')
export class PatchesController {
  constructor(
    private readonly patches: Patches,
    private readonly pictures: PatchPictures,
  ) {}

  @Answers('patches', patchList) @Get('patches') list(@Sender() who: Who) {
    return this.patches.list(who);
  }
  @Answers('laidPatches', laidPatches) @Get('surfaces/:surfaceId/patches') of(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
  ) {
    return this.patches.of(who, id);
  }
  @ForHands() @Answers('layPatches', patchAnswer) @Post('surfaces/:surfaceId/patches') lay(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: PatchBody,
  ) {
    return this.patches.lay(who, id, body);
  }
  @ForHands()
  @Answers('keepPatchPicture', patchPictureAnswer)
  @Post('surfaces/:surfaceId/patches/:patchId/pictures')
  keepPicture(
    @Sender() who: Who,
    @Param('surfaceId') surfaceId: string,
    @Param('patchId') patchId: string,
    @Body() body: PictureBody,
  ) {
    return this.pictures.keep(who, surfaceId, patchId, body);
  }
}
