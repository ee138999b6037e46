import { text } from '@rustic/core';
import { Controller, Get, Query } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { standingSurfaces } from '../reading/standingSurfaces.ts';
import { likeWords } from '../record/likeWords.ts';
import { STANDS } from '../record/takenOut.ts';
import { JobEntity, SurfaceEntity } from '../record/jobEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../record/writes.service.ts';
import { bodyOf } from '../http/bodyOf.ts';
import { Answers } from '../answers/answer.ts';
import { foundAnswer } from '../answers/jobs.ts';

class FindQuery extends bodyOf({ q: text(80) }) {}

@ApiTags('find')
@Controller('api/find')
export class FindController {
  constructor(private readonly writes: Writes) {}

  @Answers('find', foundAnswer)
  @Get()
  async find(@Sender() who: Who, @Query() { q }: FindQuery) {
    const scope = this.writes.reading(who);
    const like = likeWords(q);
    const [jobs, named] = await Promise.all([
      scope.find(JobEntity, { title: like, ...STANDS }),
      scope.find(SurfaceEntity, { name: like, ...STANDS }),
    ]);
    const standing = await standingSurfaces(
      scope,
      named.map((s) => s.id),
    );
    const surfaces = [...standing.values()];
    return {
      jobs: jobs.slice(0, 8).map((j) => ({ id: j.id, title: j.title, place: j.place })),
      surfaces: surfaces.slice(0, 12).map((s) => ({ id: s.id, jobId: s.jobId, name: s.name })),
    };
  }
}
