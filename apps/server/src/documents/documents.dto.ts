import { clientPhotosSchema, id, JOB_RECORDS, jobRecord, newId, ownSumsSchema, version } from '@rustic/core';
import { z } from 'zod';
import { bodyOf } from '../http/bodyOf.ts';
import { token } from '../people/tokens.ts';

const { agreements, replies } = JOB_RECORDS;

export class SendBody extends bodyOf({
  id: newId,
  /** The draft that was looked at. */
  seen: z.string().regex(/^[0-9a-f]{64}$/, 'names no draft'),
  token,
}) {}

/** Null revokes the link there is and makes none. */
export class LinkBody extends bodyOf({ id: newId, token: token.nullish() }) {}

export class OffersBody extends bodyOf({ id: newId, version, offers: jobRecord.fields.offers }) {}

export class ClientPhotosBody extends bodyOf({ id: newId, version, clientPhotos: clientPhotosSchema }) {}

export class OwnSumsBody extends bodyOf({ id: newId, version, ownSums: ownSumsSchema }) {}

export class AgreeBody extends bodyOf({
  id: newId,
  documentId: id,
  name: agreements.fields.name.min(2, 'write your name'),
  options: agreements.fields.options,
}) {}

/** What a client says of a quote instead of agreeing: a question about a line, or no. */
export class ReplyBody extends bodyOf({
  id: newId,
  documentId: id,
  kind: z.enum(['question', 'no']),
  about: replies.fields.about.optional(),
  words: replies.fields.words.min(2, 'say it in a few words'),
  name: replies.fields.name.min(2, 'write your name'),
}) {}
/** What the firm answers. */
export class AnswerBody extends bodyOf({ id: newId, answers: id, words: replies.fields.words }) {}

export const PAPER_KINDS = [
  'quote',
  'job-pack',
  'run-sheet',
  'shopping',
  'labels',
  'care-sheet',
  'visit-letter',
] as const;
/** Papers with prices on them. */
export const PRICED_PAPERS: readonly PaperKind[] = ['quote', 'shopping'];
export type PaperKind = (typeof PAPER_KINDS)[number];
export const PAPER_FORMATS = ['page', 'pdf', 'csv'] as const;
export type PaperFormat = (typeof PAPER_FORMATS)[number];

export class PaperParams extends bodyOf({ jobId: id, kind: z.enum(PAPER_KINDS) }) {}

export class PaperQuery extends bodyOf({ format: z.enum(PAPER_FORMATS).optional() }) {}

/** How many of something were had; nothing takes the tick back. */
export class TickBody extends bodyOf({
  id: newId,
  item: z.string().min(3).max(160),
  had: z.number().int().min(0).max(10_000),
}) {}
