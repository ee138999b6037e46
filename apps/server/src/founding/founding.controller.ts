import { Body, Controller, Get, NotFoundException, Post, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { Answers } from '../answers/answer.ts';
import { firstRunAnswer, sessionAnswer } from '../answers/firm.ts';
import { letIn } from '../people/people.controller.ts';
import { People } from '../people/people.service.ts';
import { Open, type SessionRequest } from '../people/session.ts';
import { FoundingBody } from './founding.dto.ts';
import { Founding } from './founding.service.ts';

/** The page that opens on an empty database, and on no other. */
@ApiTags('people')
@Controller('api/first-run')
export class FoundingController {
  constructor(
    private readonly founding: Founding,
    private readonly people: People,
  ) {}

  @Open() @Answers('firstRun', firstRunAnswer) @Get() async open() {
    if (await this.founding.isOpen()) return { open: true };
    throw new NotFoundException({ code: 'not-found', message: 'A firm is here already. Sign in to it.' });
  }

  @Open()
  @Answers('found', sessionAnswer)
  @Post()
  async found(
    @Body() body: FoundingBody,
    @Req() request: SessionRequest,
    @Res({ passthrough: true }) response: Response,
  ) {
    return letIn(this.people, await this.founding.first(body, new Date()), request, response);
  }
}
