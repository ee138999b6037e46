import { Body, Controller, ForbiddenException, Get, Param, Post, Req } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Who } from '../record/firmScope.ts';
import { Sender, type SessionRequest } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { ConclusionBody, LaidBody, CellLookBody, TrialBody } from './trials.dto.ts';
import { Trials } from './trials.service.ts';
import { Answers } from '../answers/answer.ts';
import { designedAnswer, trialActAnswer, trialList, trialPage } from '../answers/trials.ts';

@ApiTags('trials')
@Controller('api')
export class TrialsController {
  constructor(private readonly trials: Trials) {}

  @Answers('trials', trialList) @Get('trials') list(@Sender() who: Who) {
    return this.trials.list(who);
  }
  @Answers('trial', trialPage) @Get('trials/:trialId') one(@Sender() who: Who, @Param('trialId') id: string) {
    return this.trials.one(who, id);
  }
  @Answers('designTrial', designedAnswer) @Post('jobs/:jobId/trials') design(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: TrialBody,
  ) {
    return this.trials.design(who, id, body);
  }
  @ForHands() @Answers('layTrial', trialActAnswer) @Post('trials/:trialId/laid') lay(
    @Sender() who: Who,
    @Param('trialId') id: string,
    @Body() body: LaidBody,
  ) {
    return this.trials.lay(who, id, body);
  }
  @ForHands() @Answers('lookAtCell', trialActAnswer) @Post('trials/:trialId/looks') look(
    @Sender() who: Who,
    @Param('trialId') id: string,
    @Body() body: CellLookBody,
  ) {
    return this.trials.look(who, id, body);
  }
  @Answers('concludeTrial', trialActAnswer) @Post('trials/:trialId/conclusion') conclude(
    @Sender() who: Who,
    @Param('trialId') id: string,
    @Body() body: ConclusionBody,
    @Req() request: SessionRequest,
  ) {
    if (body.weighs && body.forFirm && request.signedIn!.person.role !== 'owner')
      throw new ForbiddenException({
        code: 'not-allowed',
        message:
          'Only the owner lets a board count in every job. Nothing was written: accept it for this job, and ask the owner.',
      });
    return this.trials.conclude(who, id, body);
  }
}
