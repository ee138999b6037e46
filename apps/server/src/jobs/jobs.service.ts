import { Injectable } from '@nestjs/common';
import {
  priceOn,
  productFor,
  rankedFinishes,
  sectionOf,
  FINISH_TESTS,
  type HouseTest,
  testsThatStand,
} from '@rustic/core';
import { STANDS, standingSurface } from '../record/takenOut.ts';
import { IsNull, Not } from 'typeorm';
import { PersonEntity } from '../record/firmEntities.ts';
import { JobEntity, RoomEntity, SurfaceEntity } from '../record/jobEntities.ts';
import { AirReadingEntity } from '../record/siteEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { sentQuotes } from '../reading/sentQuotes.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Writes } from '../record/writes.service.ts';
import { composeAll, standingOf, surfaceOfMember, systemOf, unknownOf } from '../reading/houseReading.ts';
import { readJob, readJobs, type JobRecords } from '../reading/jobRecords.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import type { JobBody, JobChange, ReadingBody } from './jobs.dto.ts';
import { asItStood } from '../reading/asItStood.ts';
import { surfaceView } from '../reading/surfaceView.ts';

const TESTS_SHOWN = 12;

/** What a surface takes and costs; nothing where the client keeps it out. */
function priceIn(records: JobRecords, surface: SurfaceEntity): { minutes: number; cost: number } {
  if (isLeftOut(surface)) return { minutes: 0, cost: 0 };
  const { c, steps } = systemOf(records, surface);
  return priceOn(c, steps);
}

/** What was taken out of a job by itself: a surface that only went with its room comes back with it. */
const takenOutOf = ({ takenOut }: JobRecords) =>
  [
    ...takenOut.rooms.map((row) => ({ what: 'room' as const, row })),
    ...takenOut.surfaces.map((row) => ({ what: 'surface' as const, row })),
  ].flatMap(({ what, row: { id, name, withdrawn } }) => (withdrawn ? [{ what, id, name, withdrawn }] : []));

/** Jobs, and what is computed of them as a whole. */
@Injectable()
export class Jobs {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async list(who: Who) {
    const scope = this.writes.reading(who);
    const jobs = await scope.find(JobEntity, STANDS, { startsAt: 'ASC' });
    const quotes = await sentQuotes(scope);
    const briefs = [];
    for (const records of await readJobs(scope, jobs)) {
      await composeAll(records);
      briefs.push({ ...this.brief(records, who.now), quote: quotes.get(records.job.id) ?? null });
    }
    return briefs;
  }

  /** Jobs that were taken out, the newest first. */
  async takenOut(who: Who) {
    const jobs = await this.writes.reading(who).find(JobEntity, { withdrawn: Not(IsNull()) });
    return jobs
      .map(({ id, title, place, withdrawn }) => ({ id, title, place, withdrawn: withdrawn! }))
      .sort((a, b) => b.withdrawn.at.localeCompare(a.withdrawn.at));
  }

  private brief(records: JobRecords, now: Date) {
    const surfaces = records.surfaces.map((s) => standingOf(records, s, now).standing);
    const count = (standing: string) => surfaces.filter((s) => s === standing).length;
    return {
      ...records.job,
      surfaces: surfaces.length,
      drying: count('drying'),
      open: count('open') + count('closing'),
      done: count('done'),
      tested: new Set(testsThatStand(records.tests).map((t) => t.surfaceId)).size,
      ...this.totals(records),
    };
  }

  private totals(records: JobRecords): { minutes: number; cost: number } {
    return records.surfaces.reduce(
      (sum, surface) => {
        const price = priceIn(records, surface);
        return { minutes: sum.minutes + price.minutes, cost: sum.cost + price.cost };
      },
      { minutes: 0, cost: 0 },
    );
  }

  async whole(who: Who, jobId: string) {
    const records = await readJob(this.writes.reading(who), jobId);
    await composeAll(records);
    return {
      job: records.job,
      rooms: records.rooms,
      totals: this.totals(records),
      unknown: this.unknown(records),
      photos: records.photos,
      takenOut: takenOutOf(records),
      surfaces: records.surfaces.map((surface) => {
        const { c, steps } = systemOf(records, surface);
        const { work: _work, ...standing } = standingOf(records, surface, who.now);
        const price = priceIn(records, surface);
        return {
          ...surface,
          likeliest: rankedFinishes(c.d.odds)[0]!,
          tested: testsThatStand(records.tests).some((t) => t.surfaceId === surface.id),
          tests: records.tests.filter((t) => t.surfaceId === surface.id),
          conditions: [...c.d.findings.standing],
          inferred: c.d.tests.length === 0,
          zones: c.d.zones.length,
          conflicts: c.d.conflicts.length,
          lastCoatAt: records.work.filter((w) => w.surfaceId === surface.id).at(-1)?.endedAt ?? null,
          minutes: price.minutes,
          cost: price.cost,
          section: sectionOf(
            c,
            steps,
            (step) => productFor(step, c.shelf),
            new Set(records.work.filter((w) => w.surfaceId === surface.id).map((w) => w.stepId)),
          ),
          standing,
        };
      }),
    };
  }

  /** What is not known of the house, in money, and the tests that would tell most for their minutes. */
  private unknown(records: JobRecords) {
    const { atStake, tests: all } = unknownOf(records);
    // Of the tests that tell the finish of a surface, the one worth most: the others are other ways to the same answer.
    const question = (t: HouseTest) => `${t.member}/${FINISH_TESTS.includes(t.kind) ? 'finish' : t.kind}`;
    const tests = all.filter((t, i) => all.findIndex((o) => question(o) === question(t)) === i);
    return {
      atStake,
      tests: tests
        .slice(0, TESTS_SHOWN)
        .map(({ member, ...test }) => ({ ...test, surfaceId: surfaceOfMember(member) })),
      more: Math.max(0, tests.length - TESTS_SHOWN),
    };
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
    return this.writes.run(who, (scope) => this.noteReading(scope, roomId, body));
  }

  /** Notes a reading within a write that is under way. */
  async noteReading(scope: FirmScope, roomId: string, body: ReadingBody): Promise<AirReadingEntity> {
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
