import { Body, Controller, Get, HttpCode, Param, Post, Req } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { Answers } from '../answers/answer.ts';
import { recoveredAnswer, recoveryAskedAnswer, recoveryPage } from '../answers/firm.ts';
import { ForOwners } from '../people/roles.ts';
import { Open, Sender } from '../people/session.ts';
import { steadyNow } from '../people/steadyClock.ts';
import { IdBody, JoinBody, RecoveryBody } from '../people/staff.dto.ts';
import type { Who } from '../record/firmScope.ts';
import { Recovery } from './recovery.ts';

/** A lost password. */
@ApiTags('people')
@Controller('api')
export class RecoveryController {
  constructor(private readonly recovery: Recovery) {}

  @Open()
  @Answers('askRecovery', recoveryAskedAnswer)
  @Post('recovery')
  @HttpCode(200)
  async ask(@Body() { email }: RecoveryBody, @Req() request: Request) {
    await this.recovery.ask(email, request.ip ?? '', request.get('origin')!, steadyNow());
    return { asked: true };
  }

  @Open() @Answers('recoveryLink', recoveryPage) @Get('recovery/:token') look(@Param('token') token: string) {
    return this.recovery.look(token, steadyNow());
  }

  @Open()
  @Answers('recover', recoveredAnswer)
  @Post('recovery/:token')
  @HttpCode(200)
  async use(@Param('token') token: string, @Body() { password }: JoinBody) {
    await this.recovery.use(token, password, steadyNow());
    return { recovered: true };
  }

  @ForOwners() @Answers('sendRecovery', recoveryAskedAnswer) @Post('people/:personId/recovery') async send(
    @Sender() who: Who,
    @Param('personId') id: string,
    @Body() _body: IdBody,
    @Req() request: Request,
  ) {
    await this.recovery.send(who, id, request.get('origin')!, steadyNow());
    return { asked: true };
  }
}
