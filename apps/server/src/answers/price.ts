import { z } from 'zod';
import { clientPhotosSchema, FAMILIES, JOB_RECORDS, priceSettingsSchema } from '@rustic/core';
import { answer, core, figure, flag, like, moment, named, oneOf, rowOf, text, texts } from './answer.ts';
import { job } from './parts.ts';

/** Pages about money as a whole: whoever does not see prices is refused them, whatever their fields are. */

const agreed = named('Agreed', { name: text, at: moment, total: figure, options: texts });

/** What was said about a document. */
const reply = named('ClientReply', rowOf(JOB_RECORDS.replies));

/** The price of a job, how it comes about, and how it stands to what was sent. */
export const pricePage = named('PricePage', {
  job,
  draft: core('ShownQuote'),
  /** Names the draft: what is sent is what was looked at. */
  seen: text,
  changes: z.array(core('QuoteChange')),
  sums: core('JobSums'),
  lines: z.array(core('PricedLine')),
  /** Sums set by hand in another currency, which stand in no price here. */
  elsewhere: z.array(answer({ words: text, amount: figure, currency: text })),
  settings: like(priceSettingsSchema),
  learned: z.array(core('LearnedRate')),
  /** Kinds of product of which the firm has none: typical figures and prices stand in. */
  typical: z.array(oneOf(FAMILIES)),
  sent: z.array(
    answer({
      id: text,
      number: figure,
      version: figure,
      total: figure,
      currency: text,
      byName: text,
      sentAt: moment,
      agreement: agreed.nullable(),
    }),
  ),
  latest: answer({ id: text, number: figure, version: figure }).nullable(),
  agreement: answer({ ...agreed.shape, documentId: text }).nullable(),
  link: answer({ expiresAt: moment, madeAt: moment, opened: moment.nullable() }).nullable(),
  replies: z.array(reply),
});
export const fanAnswer = core('FanInput');
export const offersAnswer = answer({ version: figure, offers: like(job.shape.offers.unwrap()) });
export const ownSumsAnswer = answer({ version: figure, ownSums: like(job.shape.ownSums.unwrap()) });
export const clientPhotosAnswer = answer({ version: figure, clientPhotos: like(clientPhotosSchema) });
export const sentAnswer = answer({ id: text, number: figure, version: figure, linked: flag });
export const linkAnswer = answer({ linked: flag });

/** What a client sees behind a private link. */
export const clientView = named('ClientView', {
  documentId: text,
  marked: text,
  sentAt: moment,
  expiresAt: moment,
  timeZone: text,
  quote: core('ShownQuote'),
  changes: z.array(core('QuoteChange')),
  agreement: agreed.nullable(),
  before: agreed.nullable(),
  /** As it was found and as it was left, from the same stand. */
  pairs: like(clientPhotosSchema),
  /** How to look after what is finished; null while nothing is. */
  care: core('Paper').nullable(),
  /** What was asked and answered. */
  replies: z.array(reply),
});
export const replyAnswer = reply;
export const agreedAnswer = agreed;
export const paperAnswer = core('Paper');
