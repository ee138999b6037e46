import { Body, Controller, Get, Param, Post as HttpPost, Query, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { instant, MAIL_KINDS, type Role } from '@rustic/core';
import type { Request, Response } from 'express';
import { In, LessThan } from 'typeorm';
import { Answers } from '../answers/answer.ts';
import { mailAnswer, mailTextAnswer, postPage, roundMailAnswer } from '../answers/post.ts';
import { queryOf } from '../http/bodyOf.ts';
import { ForMakers, ForOwners } from '../people/roles.ts';
import { Sender, type SessionRequest } from '../people/session.ts';
import { IdBody } from '../people/staff.dto.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { MailEntity } from '../record/postEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import { Writes } from '../record/writes.service.ts';
import { Carrier, fileNameOf } from './carrier.ts';
import { InvitationMails } from './invitationMail.ts';
import { JobMails } from './jobMail.ts';
import { InvitationMailBody, JobMailBody } from './post.dto.ts';
import { RoundMails } from './roundMail.ts';

/** How many are shown at once. */
const SHOWN = 60;

/** Only what was written before this moment: how older ones are turned to. */
class PostQuery extends queryOf({ before: instant.optional() }) {}

/** An invitation opens the firm to whoever holds it: it is read by owners alone. */
const kindsFor = (role: Role) => MAIL_KINDS.filter((kind) => role === 'owner' || kind !== 'invitation');

/** Where the pages are that a link in a mail leads to: whence this was sent, which is our own page. */
const originOf = (request: Request) => request.get('origin')!;

@ApiTags('post')
@Controller('api')
export class PostController {
  constructor(
    private readonly writes: Writes,
    private readonly carrier: Carrier,
    private readonly jobMails: JobMails,
    private readonly roundMails: RoundMails,
    private readonly invitations: InvitationMails,
  ) {}

  @ForMakers()
  @Answers('post', postPage)
  @Get('mails')
  async page(@Sender() who: Who, @Query() { before }: PostQuery, @Req() request: SessionRequest) {
    const scope = this.writes.reading(who);
    const mails = await scope.manager.find(MailEntity, {
      where: {
        firmId: who.firmId,
        kind: In(kindsFor(request.signedIn!.person.role)),
        ...(before ? { at: LessThan(new Date(before)) } : {}),
      },
      order: { at: 'DESC', id: 'DESC' },
      take: SHOWN + 1,
    });
    const firm = await scope.firm();
    const jobs = await scope.find(JobEntity, { id: In(mails.flatMap((m) => m.jobId ?? [])) });
    return {
      where: this.carrier.outward.where(firm),
      mails: mails
        .slice(0, SHOWN)
        .map((mail) => ({ ...mail, job: jobs.find((j) => j.id === mail.jobId)?.title ?? null })),
      more: mails.length > SHOWN,
    };
  }

  @ForMakers()
  @Answers('mail', mailTextAnswer)
  @Get('mails/:mailId')
  async one(@Sender() who: Who, @Param('mailId') id: string, @Req() request: SessionRequest) {
    return this.readable(this.writes.reading(who), id, request);
  }

  /** The message as it leaves, with what is attached. */
  @ForMakers()
  @Get('mails/:mailId/file')
  async file(
    @Sender() who: Who,
    @Param('mailId') id: string,
    @Req() request: SessionRequest,
    @Res() response: Response,
  ) {
    const scope = this.writes.reading(who);
    const mail = await this.readable(scope, id, request);
    response.setHeader('Content-Type', 'message/rfc822');
    response.setHeader('Content-Disposition', `attachment; filename="${fileNameOf(mail)}"`);
    response.setHeader('Cache-Control', 'private, no-store');
    response.end(await this.carrier.content(mail));
  }

  /** Lets a message that did not leave try once more. */
  @Answers('sendAgain', mailAnswer)
  @HttpPost('mails/:mailId/again')
  async again(@Sender() who: Who, @Param('mailId') id: string, @Body() _body: IdBody, @Req() request: SessionRequest) {
    await this.readable(this.writes.reading(who), id, request);
    return this.carrier.carry(who.firmId, id, who.now);
  }

  @Answers('writeToClient', mailAnswer)
  @HttpPost('jobs/:jobId/mails')
  toClient(@Sender() who: Who, @Param('jobId') id: string, @Body() body: JobMailBody, @Req() request: Request) {
    return this.jobMails.write(who, id, body, originOf(request));
  }

  @Answers('writeToRound', roundMailAnswer)
  @HttpPost('aftercare/rounds/:roundId/mails')
  toRound(@Sender() who: Who, @Param('roundId') id: string, @Body() body: IdBody) {
    return this.roundMails.write(who, id, body.id);
  }

  @ForOwners()
  @Answers('writeInvitation', mailAnswer)
  @HttpPost('people/invitations/:invitationId/mail')
  toInvited(
    @Sender() who: Who,
    @Param('invitationId') id: string,
    @Body() body: InvitationMailBody,
    @Req() request: Request,
  ) {
    return this.invitations.write(who, id, body, originOf(request));
  }

  private async readable(scope: FirmScope, id: string, { signedIn }: SessionRequest): Promise<MailEntity> {
    const mail = await scope.one(MailEntity, id, 'message');
    return kindsFor(signedIn!.person.role).includes(mail.kind) ? mail : scope.one(MailEntity, '', 'message');
  }
}
