import { Body, Controller, HttpCode, Post, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { newId } from '@rustic/core';
import type { Response } from 'express';
import { z } from 'zod';
import { Answers } from '../answers/answer.ts';
import { sessionAnswer } from '../answers/firm.ts';
import { bodyOf } from '../http/bodyOf.ts';
import { letIn } from '../people/people.controller.ts';
import { People } from '../people/people.service.ts';
import { ForOwners } from '../people/roles.ts';
import { Sender, type SessionRequest } from '../people/session.ts';
import type { Who } from '../record/firmScope.ts';
import { DemoFirms } from './demoFirms.ts';

export class EnterBody extends bodyOf({ id: newId }) {}
export class LeaveDemoBody extends bodyOf({ id: newId, throwAway: z.boolean() }) {}

/** The demo, to look round in. */
@ApiTags('people')
@Controller('api/demo-firm')
export class DemoController {
  constructor(
    private readonly demos: DemoFirms,
    private readonly people: People,
  ) {}

  @ForOwners() @Answers('enterDemo', sessionAnswer) @Post() @HttpCode(200) async enter(
    @Sender() who: Who,
    @Body() _body: EnterBody,
    @Req() request: SessionRequest,
    @Res({ passthrough: true }) response: Response,
  ) {
    return letIn(this.people, await this.demos.enter(who), request, response);
  }

  @ForOwners() @Answers('leaveDemo', sessionAnswer) @Post('leave') @HttpCode(200) async leave(
    @Sender() who: Who,
    @Body() body: LeaveDemoBody,
    @Req() request: SessionRequest,
    @Res({ passthrough: true }) response: Response,
  ) {
    return letIn(this.people, await this.demos.leave(who, body.throwAway), request, response);
  }
}
