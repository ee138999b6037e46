import { Injectable, NotFoundException } from '@nestjs/common';
import { invitationMail } from '@rustic/core';
import { DateTime } from 'luxon';
import { digest } from '../people/tokens.ts';
import type { Who } from '../record/firmScope.ts';
import { InvitationEntity } from '../record/peopleEntities.ts';
import { Writes } from '../record/writes.service.ts';
import { Post } from './post.ts';
import type { InvitationMailBody } from './post.dto.ts';

/** Writes to somebody who is asked into the firm. */
@Injectable()
export class InvitationMails {
  constructor(
    private readonly writes: Writes,
    private readonly post: Post,
  ) {}

  async write(who: Who, invitationId: string, { id, token }: InvitationMailBody, origin: string) {
    const scope = this.writes.reading(who);
    const invitation = await scope.one(InvitationEntity, invitationId, 'invitation');
    const { tokenHash, takenAt, withdrawnAt, expiresAt, name, email } = invitation;
    if (tokenHash !== digest(token) || takenAt || withdrawnAt || expiresAt <= who.now)
      throw new NotFoundException({
        code: 'not-found',
        message: 'This invitation is not open any more. Nothing was written; make a new one.',
      });
    const firm = await scope.firm();
    const until = DateTime.fromJSDate(expiresAt, { zone: firm.timeZone }).setLocale('en-GB').toFormat('cccc d LLLL');
    const words = invitationMail({ firm: firm.name, name, from: who.name, link: `${origin}/join/${token}`, until });
    return this.post.write(who, { id, kind: 'invitation', jobId: null, to: email, ...words, attached: null });
  }
}
