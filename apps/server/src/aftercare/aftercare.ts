import { Controller, Get, Injectable } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { aftercareOf, isCoat } from '@rustic/core';
import { JobEntity } from '../database/entities.ts';
import type { Who } from '../database/firmScope.ts';
import { systemOf, workOn } from '../jobs/houseReading.ts';
import { lastRead } from '../weather/airOfRoom.ts';
import { productById } from '../shelf/firmShelf.ts';
import { readJobs } from '../jobs/jobRecords.ts';
import { Sender } from '../people/session.ts';
import { isFinished } from '../work/work.ts';
import { Writes } from '../writes/writes.service.ts';

/** What follows from what was really laid: cure dates, visits, the next painting. */
@Injectable()
export class Aftercare {
  constructor(private readonly writes: Writes) {}

  async all(who: Who): Promise<unknown> {
    const scope = this.writes.reading(who);
    const jobs = (await scope.find(JobEntity)).filter((job) => job.status === 'active' || job.status === 'aftercare');
    const surfaces = (await readJobs(scope, jobs)).flatMap((records) => {
      const { job } = records;
      return records.surfaces
        .filter((s) => isFinished(records, s))
        .flatMap((surface) => {
          const system = systemOf(records, surface);
          const { work, logs, done } = workOn(records, surface, system);
          const last = work.findLast((w) => isCoat(w.plan.kind))!;
          const log = logs.find((l) => l.stepId === last.plan.id)!;
          const product = productById(records.shelf, log.productId);
          if (!product) return [];
          const thickness = done.find((d) => d.stepId === log.stepId)!.thickness;
          const items = aftercareOf(
            system.c,
            { end: log.endedAt.toISOString(), product, thickness },
            lastRead(records, surface.roomId),
            records.firm.timeZone,
            records.firm.hemisphere,
          );
          return [
            {
              jobId: job.id,
              jobTitle: job.title,
              place: job.place,
              surfaceId: surface.id,
              name: surface.name,
              room: records.rooms.find((r) => r.id === surface.roomId)?.name ?? '',
              finishedAt: log.endedAt,
              product: product.name,
              batch: log.batch,
              items,
            },
          ];
        });
    });
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
