import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { JobEntity } from '../database/entities.ts';
import type { Who } from '../database/firmScope.ts';
import { readJob, standingTests, systemOf } from '../jobs/jobRecords.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../writes/writes.service.ts';

/** Primer patches: those that systems ask for, and those that were laid and read. */
@ApiTags('trials')
@Controller('api/patches')
export class PatchesController {
  constructor(private readonly writes: Writes) {}

  @Get()
  async all(@Sender() who: Who): Promise<unknown> {
    const scope = this.writes.reading(who);
    const jobs = await scope.find(JobEntity);
    const found = await Promise.all(
      jobs
        .filter((j) => j.status !== 'aftercare')
        .map(async (job) => {
          const records = await readJob(scope, job.id);
          return records.surfaces
            .map((surface) => ({
              jobId: job.id,
              jobTitle: job.title,
              surfaceId: surface.id,
              name: surface.name,
              asked: systemOf(records, surface)
                .steps.filter((s) => s.kind === 'test-patch')
                .map((s) => ({ family: s.family ?? null, waitMin: s.waitMin ?? 0, why: s.why })),
              read: standingTests(records.tests)
                .filter((t) => t.surfaceId === surface.id && t.test.kind === 'test-patch')
                .map((t) => ({ id: t.id, test: t.test, at: t.at, by: t.byName })),
            }))
            .filter((s) => s.asked.length + s.read.length > 0);
        }),
    );
    return found.flat();
  }
}
