import { eMail, newId, text } from '@rustic/core';
import { z } from 'zod';
import { bodyOf } from '../http/bodyOf.ts';
import { token } from '../people/tokens.ts';

/** What is written to the client of a job, and to which address. A quote and its reminder carry a link of their own. */
export const JOB_MAILS = ['quote', 'reminder', 'visit-letter', 'care-sheet'] as const;
export type JobMail = (typeof JOB_MAILS)[number];

export class JobMailBody extends bodyOf({
  id: newId,
  what: z.enum(JOB_MAILS),
  to: eMail,
  /** What the sender adds in their own words. */
  note: text(2000).optional(),
  /** For a quote and its reminder: the way in that the mail carries. */
  token: token.optional(),
}) {}

/** The token that the invitation was made with: only its hash is kept here. */
export class InvitationMailBody extends bodyOf({ id: newId, token }) {}
