import { Controller, Get, Injectable } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { aftercareOf } from '@rustic/core';
import { JobEntity } from '../database/entities.ts';
import { FaultActEntity, FaultMarkEntity } from '../database/punchEntities.ts';
import type { Who } from '../database/firmScope.ts';
import { lastRead } from '../weather/airOfRoom.ts';
import { readJobs } from '../jobs/jobRecords.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../writes/writes.service.ts';
import { filmLives } from './filmLives.ts';
import { lastCoatOf } from './lastCoat.ts';

/** What follows from what was really laid: cure dates, visits, the next painting. */
@Injectable()
export class Aftercare {
  constructor(private readonly writes: Writes) {}

  async all(who: Who): Promise<unknown> {
    const scope = this.writes.reading(who);
    const jobs = (await scope.find(JobEntity)).filter((job) => job.status === 'active' || job.status === 'aftercare');
    const [all, marks, closed] = await Promise.all([
      readJobs(scope, jobs),
      scope.find(FaultMarkEntity),
      scope.find(FaultActEntity, { kind: 'withdrawn' }),
    ]);
    const finished = all.flatMap((records) =>
      records.surfaces.flatMap((surface) => {
        const laid = lastCoatOf(records, surface);
        return laid ? [{ records, surface, surfaceId: surface.id, ...laid }] : [];
      }),
    );
    const stand = marks.filter((m) => !closed.some((a) => a.markId === m.id));
    const lives = filmLives(finished, stand, who.now);
    const surfaces = finished.map(({ records, surface, c, log, last }) => ({
      jobId: records.job.id,
      jobTitle: records.job.title,
      place: records.job.place,
      surfaceId: surface.id,
      name: surface.name,
      room: records.rooms.find((r) => r.id === surface.roomId)?.name ?? '',
      finishedAt: log.endedAt,
      product: last.product.name,
      batch: log.batch,
      items: aftercareOf(
        c,
        last,
        lastRead(records, surface.roomId),
        records.firm.timeZone,
        records.firm.hemisphere,
        lives,
      ),
    }));
    return { now: who.now.toISOString(), surfaces };
  }
}

@ApiTags('aftercare')
@Controller('api/aftercare')
export class AftercareController {
  constructor(private readonly aftercare: Aftercare) {}

  @Get() all(@Sender() who: Who) {
    return this.aftercare.all(who);
  }
}
