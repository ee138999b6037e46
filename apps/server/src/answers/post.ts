import { z } from 'zod';
import { MAIL_KINDS, MAIL_STATES } from '@rustic/core';
import { answer, figure, flag, moment, named, oneOf, text, texts } from './answer.ts';

const mail = {
  id: text,
  kind: oneOf(MAIL_KINDS),
  jobId: text.nullable(),
  toAddress: text,
  subject: text,
  attached: text.nullable(),
  state: oneOf(MAIL_STATES),
  fault: text.nullable(),
  byName: text,
  at: moment,
};

/** A message that leaves the firm, and where it stands. */
export const mailAnswer = named('Mail', mail);
/** The messages of the firm, newest first; where they go is said in words. */
export const postPage = named('PostPage', {
  where: text,
  mails: z.array(answer({ ...mail, job: text.nullable() })),
  more: flag,
});
export const mailTextAnswer = named('MailText', { ...mail, fromAddress: text, text });
export const roundMailAnswer = answer({ written: figure, without: texts });
