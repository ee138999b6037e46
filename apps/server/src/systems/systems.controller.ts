import { Body, ConflictException, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { productFor, schoolsSideBySide, sectionOf, type Step, type WhatIf } from '@rustic/core';
import { standingSurface } from '../record/takenOut.ts';
import { SurfaceEntity } from '../record/jobEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { caseIn } from '../reading/houseReading.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';
import { systemByKey } from '../reading/surfaceView.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { Writes } from '../record/writes.service.ts';
import { whatFollows } from './departures.ts';
import { Systems } from './systems.ts';
import { ChoiceBody, WhatIfBody } from './systems.dto.ts';
import { Answers } from '../answers/answer.ts';
import { choiceAnswer } from '../answers/jobs.ts';
import { schoolsPage, whatIfAnswer } from '../answers/site.ts';

/** What a system is asked, and what is settled. */
@ApiTags('systems')
@Controller('api/surfaces/:surfaceId')
export class SystemsController {
  constructor(
    private readonly systems: Systems,
    private readonly writes: Writes,
  ) {}

  @Answers('chooseSystem', choiceAnswer) @Post('choices') choose(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: ChoiceBody,
  ) {
    return this.systems.choose(who, id, body);
  }

  /** What follows from skipping, swapping or reordering; nothing is written. */
  @ForHands()
  @Answers('whatIf', whatIfAnswer)
  @Post('what-if')
  @HttpCode(200)
  async whatIf(@Sender() who: Who, @Param('surfaceId') id: string, @Body() body: WhatIfBody) {
    const { records, surface } = await this.read(who, id);
    const found = systemByKey(records, surface, body.key);
    if (!found)
      throw new ConflictException({
        code: 'moved-on',
        message: 'The evidence has moved since this was shown. Look at the systems again; nothing was changed.',
      });
    const { c, made } = caseIn(records, surface);
    const told: WhatIf = whatFollows(c, made, found.steps, body.departures);
    const productOf = (step: Step) => productFor(step, c.shelf);
    return { ...told, section: sectionOf(c, told.steps, productOf, new Set()) };
  }

  /** Every rule on which good firms part here, with each school's whole system. */
  @Answers('schools', schoolsPage)
  @Get('schools')
  async schools(@Sender() who: Who, @Param('surfaceId') id: string) {
    const { records, surface } = await this.read(who, id);
    const { c, made } = caseIn(records, surface);
    return {
      surface: { id: surface.id, name: surface.name, houseRules: surface.houseRules, version: surface.version },
      job: { id: records.job.id, title: records.job.title },
      currency: records.firm.currency,
      rules: [...schoolsSideBySide(c, made)].map(([rule, ways]) => ({ rule, ways })),
    };
  }

  private async read(who: Who, surfaceId: string): Promise<{ records: JobRecords; surface: SurfaceEntity }> {
    const scope = this.writes.reading(who);
    const surface = await standingSurface(scope, surfaceId);
    return { surface, records: await readJob(scope, surface.jobId) };
  }
}
