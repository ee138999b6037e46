import { Injectable } from '@nestjs/common';
import { priceSystem, rankedFinishes, readBy, sectionOf, estimateStep, surfaceSchema } from '@rustic/core';
import { AirReadingEntity, JobEntity, PersonEntity, RoomEntity, SurfaceEntity } from '../database/entities.ts';
import type { FirmScope, Who } from '../database/firmScope.ts';
import { editedElsewhere } from '../http/conflict.ts';
import { Ledger } from '../ledger/ledger.service.ts';
import { Writes } from '../writes/writes.service.ts';
import { readJob, standingOf, systemOf, type JobRecords } from './jobRecords.ts';
import type { JobBody, JobChange, ReadingBody, RoomBody, SurfaceBody, SurfaceChange } from './jobs.dto.ts';
import { surfaceView } from './surfaceView.ts';

/** Jobs, their rooms and their surfaces. */
@Injectable()
export class Jobs {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async list(who: Who): Promise<unknown[]> {
    const scope = this.writes.reading(who);
    const jobs = await scope.find(JobEntity, {}, { startsAt: 'ASC' });
    return Promise.all(jobs.map(async (job) => this.brief(await readJob(scope, job.id), who.now)));
  }

  private brief(records: JobRecords, now: Date): unknown {
    const surfaces = records.surfaces.map((s) => standingOf(records, s, now).standing);
    const count = (standing: string) => surfaces.filter((s) => s === standing).length;
    const { c: _case, ...rest } = this.totals(records);
    return {
      ...records.job,
      surfaces: surfaces.length,
      drying: count('drying'),
      open: count('open') + count('closing'),
      done: count('done'),
      tested: new Set(records.tests.map((t) => t.surfaceId)).size,
      ...rest,
    };
  }

  private totals(records: JobRecords): { minutes: number; cost: number; c?: never } {
    return records.surfaces.reduce(
      (sum, surface) => {
        const { c, steps } = systemOf(records, surface);
        const price = priceSystem(steps, c.d.surface, c.shelf);
        return { minutes: sum.minutes + price.minutes, cost: sum.cost + price.cost };
      },
      { minutes: 0, cost: 0 },
    );
  }

  async whole(who: Who, jobId: string): Promise<unknown> {
    const records = await readJob(this.writes.reading(who), jobId);
    return {
      job: records.job,
      rooms: records.rooms,
      totals: this.totals(records),
      surfaces: records.surfaces.map((surface) => {
        const { c, steps } = systemOf(records, surface);
        const { work: _work, ...standing } = standingOf(records, surface, who.now);
        const price = priceSystem(steps, c.d.surface, c.shelf);
        return {
          ...surface,
          likeliest: rankedFinishes(c.d.odds)[0],
          tested: records.tests.some((t) => t.surfaceId === surface.id),
          minutes: price.minutes,
          cost: price.cost,
          section: sectionOf(
            c,
            steps,
            (step) => estimateStep(step, c.d.surface, c.shelf).product,
            new Set(records.work.filter((w) => w.surfaceId === surface.id).map((w) => w.stepId)),
          ),
          standing,
        };
      }),
    };
  }

  async add(who: Who, body: JobBody): Promise<unknown> {
    return this.writes.once(who, body.id, body, async (scope) => {
      const crew = (await scope.find(PersonEntity)).filter((p) => p.hours !== null).map((p) => p.id);
      const job = await scope.add(JobEntity, {
        id: body.id,
        title: body.title,
        place: body.place,
        builtYear: body.builtYear ?? null,
        status: 'walk-round',
        note: body.note ?? '',
        startsAt: new Date(body.startsAt),
        temperatureC: 18,
        relativeHumidityPct: 55,
        houseRules: {},
        crewIds: crew,
        racks: 4,
      });
      await this.ledger.append(scope, { jobId: job.id, kind: 'job-opened', subject: null, at: who.now, payload: body });
      return job;
    });
  }

  async change(who: Who, jobId: string, body: JobChange): Promise<unknown> {
    return this.writes.once(who, body.id, body, async (scope) => {
      const job = await scope.one(JobEntity, jobId, 'job');
      if (job.version !== body.version) throw editedElsewhere(body, job);
      const { id: _id, version: _version, ...change } = body;
      const saved = await scope.manager.save(JobEntity, { ...job, ...change });
      await this.ledger.append(scope, { jobId, kind: 'job-changed', subject: null, at: who.now, payload: change });
      return saved;
    });
  }

  async addRoom(who: Who, jobId: string, body: RoomBody): Promise<unknown> {
    return this.writes.once(who, body.id, body, async (scope) => {
      await scope.one(JobEntity, jobId, 'job');
      const position = (await scope.find(RoomEntity, { jobId })).length;
      const room = await scope.add(RoomEntity, {
        id: body.id,
        jobId,
        name: body.name,
        position,
        noDustWhileWet: true,
        backBy: null,
      });
      await this.ledger.append(scope, { jobId, kind: 'room-added', subject: room.id, at: who.now, payload: body });
      return room;
    });
  }

  async addSurface(who: Who, jobId: string, body: SurfaceBody): Promise<unknown> {
    readBy(surfaceSchema, JSON.parse(JSON.stringify(body.facts)));
    return this.writes.once(who, body.id, body, async (scope) => {
      await scope.one(JobEntity, jobId, 'job');
      const room = await scope.one(RoomEntity, body.roomId, 'room');
      if (room.jobId !== jobId) await scope.one(RoomEntity, '', 'room');
      const position = (await scope.find(SurfaceEntity, { jobId })).length;
      const surface = await scope.add(SurfaceEntity, {
        id: body.id,
        jobId,
        roomId: body.roomId,
        name: body.name,
        campaign: body.campaign ?? null,
        facts: { ...body.facts },
        wanted: { ...body.wanted },
        position,
      });
      await this.ledger.append(scope, {
        jobId,
        kind: 'surface-added',
        subject: surface.id,
        at: who.now,
        payload: body,
      });
      return { ...surface, version: 1 };
    });
  }

  async changeSurface(who: Who, surfaceId: string, body: SurfaceChange): Promise<unknown> {
    if (body.facts) readBy(surfaceSchema, JSON.parse(JSON.stringify(body.facts)));
    return this.writes.once(who, body.id, body, async (scope) => {
      const surface = await scope.one(SurfaceEntity, surfaceId, 'surface');
      if (surface.version !== body.version) throw editedElsewhere(body, surface);
      const change = {
        name: body.name ?? surface.name,
        campaign: body.campaign === undefined ? surface.campaign : body.campaign,
        facts: body.facts ? { ...body.facts } : surface.facts,
        wanted: body.wanted ? { ...body.wanted } : surface.wanted,
      };
      const saved = await scope.manager.save(SurfaceEntity, { ...surface, ...change });
      await this.ledger.append(scope, {
        jobId: surface.jobId,
        kind: 'surface-changed',
        subject: surfaceId,
        at: who.now,
        payload: change,
      });
      return saved;
    });
  }

  async addReading(who: Who, roomId: string, body: ReadingBody): Promise<unknown> {
    return this.writes.once(who, body.id, body, (scope) => this.noteReading(scope, roomId, body));
  }

  /** Notes a reading within a write that is under way. */
  async noteReading(scope: FirmScope, roomId: string, body: ReadingBody): Promise<unknown> {
    const room = await scope.one(RoomEntity, roomId, 'room');
    const reading = await scope.add(AirReadingEntity, {
      ...body,
      at: new Date(body.at),
      jobId: room.jobId,
      roomId,
      byName: scope.who.name,
    });
    await this.ledger.append(scope, {
      jobId: room.jobId,
      kind: 'air-read',
      subject: roomId,
      at: reading.at,
      payload: body,
    });
    return reading;
  }

  async surface(who: Who, surfaceId: string): Promise<unknown> {
    const scope = this.writes.reading(who);
    const surface = await scope.one(SurfaceEntity, surfaceId, 'surface');
    const records = await readJob(scope, surface.jobId);
    return surfaceView(records, surface, who.now);
  }
}
