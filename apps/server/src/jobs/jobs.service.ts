import { Injectable } from '@nestjs/common';
import { standingSurface } from '../record/takenOut.ts';
import { IsNull, Not } from 'typeorm';
import { PersonEntity } from '../record/firmEntities.ts';
import { JobEntity, RoomEntity } from '../record/jobEntities.ts';
import { AirReadingEntity } from '../record/siteEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Writes } from '../record/writes.service.ts';
import { readJob } from '../reading/jobRecords.ts';
import type { JobBody, JobChange, ReadingBody } from './jobs.dto.ts';
import { asItStood } from '../reading/asItStood.ts';
import { surfaceView } from '../reading/surfaceView.ts';

/** Jobs, and what is computed of them as a whole. */
@Injectable()
export class Jobs {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  /** Jobs that were taken out, the newest first. */
  async takenOut(who: Who) {
    const jobs = await this.writes.reading(who).find(JobEntity, { withdrawn: Not(IsNull()) });
    return jobs
      .map(({ id, title, place, withdrawn }) => ({ id, title, place, withdrawn: withdrawn! }))
      .sort((a, b) => b.withdrawn.at.localeCompare(a.withdrawn.at));
  }

  async add(who: Who, body: JobBody) {
    return this.writes.run(who, async (scope) => {
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
        property: {},
        client: '',
        offers: [],
        withdrawn: null,
        handedOver: null,
        ownSums: null,
        clientEmail: null,
        cameFrom: null,
        clientPhotos: null,
        colours: null,
      });
      await this.ledger.append(scope, {
        jobId: job.id,
        kind: 'job-opened',
        subject: null,
        at: who.now,
        payload: { ...body },
      });
      return job;
    });
  }

  async change(who: Who, jobId: string, body: JobChange) {
    return this.writes.run(who, async (scope) => {
      const job = await scope.one(JobEntity, jobId, 'job');
      const { id: _id, version: _version, property, startsAt, ...change } = body;
      const saved = await scope.change(JobEntity, job, body, {
        ...change,
        ...(startsAt ? { startsAt: new Date(startsAt) } : {}),
        // What was not said of the house stays as it is.
        ...(property ? { property: { ...job.property, ...property } } : {}),
      });
      await this.ledger.append(scope, { jobId, kind: 'job-changed', subject: null, at: who.now, payload: change });
      return saved;
    });
  }

  async addReading(who: Who, roomId: string, body: ReadingBody) {
    return this.writes.run(who, async (scope) =>
      this.noteReading(scope, await scope.one(RoomEntity, roomId, 'room'), body),
    );
  }

  /** Notes a reading within a write that is under way. */
  async noteReading(scope: FirmScope, room: RoomEntity, body: ReadingBody): Promise<AirReadingEntity> {
    const reading = await scope.add(AirReadingEntity, {
      ...body,
      at: new Date(body.at),
      jobId: room.jobId,
      roomId: room.id,
      byName: scope.who.name,
    });
    await this.ledger.append(scope, {
      jobId: room.jobId,
      kind: 'air-read',
      subject: room.id,
      at: reading.at,
      payload: { ...body },
    });
    return reading;
  }

  async surface(who: Who, surfaceId: string) {
    const scope = this.writes.reading(who);
    const surface = await standingSurface(scope, surfaceId);
    const records = await readJob(scope, surface.jobId);
    return surfaceView(records, surface, who.now);
  }

  /** A surface by what the record had at the end of a day. */
  asItStood(who: Who, surfaceId: string, day: string) {
    return asItStood(this.writes.reading(who), this.ledger, surfaceId, day);
  }
}
