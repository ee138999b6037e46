import { Body, Controller, Get, HttpCode, Param, Patch, Post, Put, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import type { Who } from '../record/firmScope.ts';
import { letIn } from './people.controller.ts';
import { People } from './people.service.ts';
import { ForEverybody, ForOwners } from './roles.ts';
import { Open, Sender, type SessionRequest } from './session.ts';
import { IdBody, InvitationBody, JoinBody, PasswordBody, PersonChange, PlanningBody } from './staff.dto.ts';
import { Staff } from './staff.ts';
import { Answers } from '../answers/answer.ts';
import {
  changedAnswer,
  closedAnswer,
  invitationAnswer,
  invitedAnswer,
  leftAnswer,
  peoplePage,
  personAnswer,
  planningAnswer,
  sessionAnswer,
  withdrawnAnswer,
} from '../answers/firm.ts';

@ApiTags('people')
@Controller('api')
export class StaffController {
  constructor(
    private readonly staff: Staff,
    private readonly people: People,
  ) {}

  @Answers('people', peoplePage) @Get('people') all(@Sender() who: Who, @Req() request: SessionRequest) {
    return this.staff.all(who, request.signedIn!.person.role === 'owner');
  }
  @ForOwners() @Answers('invite', invitedAnswer) @Post('people/invitations') invite(
    @Sender() who: Who,
    @Body() body: InvitationBody,
  ) {
    return this.staff.invite(who, body);
  }
  @ForOwners()
  @Answers('withdrawInvitation', withdrawnAnswer)
  @Post('people/invitations/:invitationId/withdraw')
  withdraw(@Sender() who: Who, @Param('invitationId') id: string, @Body() _body: IdBody) {
    return this.staff.withdraw(who, id);
  }
  @ForOwners() @Answers('changePerson', personAnswer) @Patch('people/:personId') change(
    @Sender() who: Who,
    @Param('personId') id: string,
    @Body() body: PersonChange,
  ) {
    return this.staff.change(who, id, body);
  }
  @ForOwners() @Answers('personLeaves', leftAnswer) @Post('people/:personId/leave') leave(
    @Sender() who: Who,
    @Param('personId') id: string,
    @Body() _body: IdBody,
  ) {
    return this.staff.leave(who, id);
  }
  @ForOwners()
  @Answers('signOutPerson', closedAnswer)
  @Post('people/:personId/sign-out')
  signOutSomebody(@Sender() who: Who, @Param('personId') id: string, @Body() _body: IdBody) {
    return this.staff.signOutEverywhere(who, id);
  }
  /** Oneself, on every device. */
  @ForEverybody() @Answers('signOutEverywhere', closedAnswer) @Post('session/everywhere') everywhere(
    @Sender() who: Who,
    @Body() _body: IdBody,
  ) {
    return this.staff.signOutEverywhere(who, who.personId);
  }
  @ForEverybody()
  @Answers('changePassword', changedAnswer)
  @Put('session/password')
  async password(
    @Sender() who: Who,
    @Body() body: PasswordBody,
    @Req() request: SessionRequest,
    @Res({ passthrough: true }) response: Response,
  ) {
    const session = await this.staff.changePassword(who, body, request.ip ?? '');
    await letIn(this.people, session, request, response);
    return { changed: true };
  }
  @ForOwners() @Answers('setPlanning', planningAnswer) @Put('firm/planning') planning(
    @Sender() who: Who,
    @Body() body: PlanningBody,
  ) {
    return this.staff.setPlanning(who, body);
  }

  @Open() @Answers('invitation', invitationAnswer) @Get('invitations/:token') invitation(
    @Param('token') token: string,
  ) {
    return this.staff.invitation(token, new Date());
  }
  @Open()
  @Answers('join', sessionAnswer)
  @Post('invitations/:token')
  @HttpCode(200)
  async join(
    @Param('token') token: string,
    @Body() body: JoinBody,
    @Req() request: SessionRequest,
    @Res({ passthrough: true }) response: Response,
  ) {
    const session = await this.staff.join(token, body, new Date(), request.sentWrite ?? null);
    return letIn(this.people, session, request, response);
  }
}
