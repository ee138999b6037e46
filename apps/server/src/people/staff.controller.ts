import { Body, Controller, Get, HttpCode, Param, Patch, Post, Put, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import type { Who } from '../record/firmScope.ts';
import { cookie, shown } from './people.controller.ts';
import { People } from './people.service.ts';
import { ForEverybody, ForOwners } from './roles.ts';
import { COOKIE, Open, Sender, type SessionRequest } from './session.ts';
import { IdBody, InvitationBody, JoinBody, PasswordBody, PersonChange, PlanningBody } from './staff.dto.ts';
import { Staff } from './staff.ts';
import { Answers } from '../answers/answer.ts';
import { done, peoplePage, sessionAnswer } from '../answers/firm.ts';

@ApiTags('people')
@Controller('api')
export class StaffController {
  constructor(
    private readonly staff: Staff,
    private readonly people: People,
  ) {}

  @Answers(peoplePage) @Get('people') all(@Sender() who: Who, @Req() request: SessionRequest) {
    return this.staff.all(who, request.signedIn!.person.role === 'owner');
  }
  @ForOwners() @Post('people/invitations') invite(@Sender() who: Who, @Body() body: InvitationBody) {
    return this.staff.invite(who, body);
  }
  @ForOwners()
  @Post('people/invitations/:id/withdraw')
  withdraw(@Sender() who: Who, @Param('id') id: string, @Body() _body: IdBody) {
    return this.staff.withdraw(who, id);
  }
  @ForOwners() @Patch('people/:id') change(@Sender() who: Who, @Param('id') id: string, @Body() body: PersonChange) {
    return this.staff.change(who, id, body);
  }
  @ForOwners() @Post('people/:id/leave') leave(@Sender() who: Who, @Param('id') id: string, @Body() _body: IdBody) {
    return this.staff.leave(who, id);
  }
  @ForOwners()
  @Post('people/:id/sign-out')
  signOutSomebody(@Sender() who: Who, @Param('id') id: string, @Body() _body: IdBody) {
    return this.staff.signOutEverywhere(who, id);
  }
  /** Oneself, on every device. */
  @ForEverybody() @Answers(done) @Post('session/everywhere') everywhere(@Sender() who: Who, @Body() _body: IdBody) {
    return this.staff.signOutEverywhere(who, who.personId);
  }
  @ForEverybody()
  @Answers(done)
  @Put('session/password')
  password(@Sender() who: Who, @Body() body: PasswordBody, @Req() request: SessionRequest) {
    const token = (request.cookies as Record<string, unknown> | undefined)?.[COOKIE];
    return this.staff.changePassword(who, body, typeof token === 'string' ? token : undefined);
  }
  @ForOwners() @Put('firm/planning') planning(@Sender() who: Who, @Body() body: PlanningBody) {
    return this.staff.setPlanning(who, body);
  }

  @Open() @Get('invitations/:token') invitation(@Param('token') token: string) {
    return this.staff.invitation(token, new Date());
  }
  @Open()
  @Answers(sessionAnswer)
  @Post('invitations/:token')
  @HttpCode(200)
  async join(
    @Param('token') token: string,
    @Body() body: JoinBody,
    @Req() request: SessionRequest,
    @Res({ passthrough: true }) response: Response,
  ) {
    const now = new Date();
    const session = await this.staff.join(token, body, now, request.sentWrite ?? null);
    response.cookie(COOKIE, session.token, { ...cookie(request), expires: session.expiresAt });
    return shown(await this.people.whoIs(session.token, now));
  }
}
