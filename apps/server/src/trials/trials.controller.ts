import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Who } from '../record/firmScope.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { ConclusionBody, LaidBody, LookBody, TrialBody } from './trials.dto.ts';
import { Trials } from './trials.service.ts';
import { Answers } from '../answers/answer.ts';
import { patchList, trialActAnswer, trialList, trialPage } from '../answers/aftercare.ts';

@ApiTags('trials')
@Controller('api')
export class TrialsController {
  constructor(private readonly trials: Trials) {}

  @Answers(trialList) @Get('trials') list(@Sender() who: Who) {
    return this.trials.list(who);
  }
  @Answers(trialPage) @Get('trials/:id') one(@Sender() who: Who, @Param('id') id: string) {
    return this.trials.one(who, id);
  }
  @Post('jobs/:id/trials') design(@Sender() who: Who, @Param('id') id: string, @Body() body: TrialBody) {
    return this.trials.design(who, id, body);
  }
  @ForHands() @Answers(trialActAnswer) @Post('trials/:id/laid') lay(
    @Sender() who: Who,
    @Param('id') id: string,
    @Body() body: LaidBody,
  ) {
    return this.trials.lay(who, id, body);
  }
  @ForHands() @Answers(trialActAnswer) @Post('trials/:id/looks') look(
    @Sender() who: Who,
    @Param('id') id: string,
    @Body() body: LookBody,
  ) {
    return this.trials.look(who, id, body);
  }
  @Post('trials/:id/conclusion') conclude(@Sender() who: Who, @Param('id') id: string, @Body() body: ConclusionBody) {
    return this.trials.conclude(who, id, body);
  }
  @Answers(patchList) @Get('patches') patches(@Sender() who: Who) {
    return this.trials.patches(who);
  }
}
