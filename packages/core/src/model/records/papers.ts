import { z } from 'zod';
import { computed, count, hex, id, instant, money, text, words } from '../fields.ts';
import { record } from '../record.ts';

/** A quote or a variation as it was sent: numbered, and never changed. The newest of a job is the one that counts. */
export const documentRecord = record(
  'document',
  {
    id,
    /** Runs through the firm's documents without a gap; versions of one job share it. */
    number: count,
    versionNo: count,
    quote: computed,
    /** What it changes in the version before it. */
    changes: z.array(computed).max(10_000),
    hash: hex,
    byName: text(120),
    sentAt: instant,
  },
  { versionNo: 'version' },
);

/** What a client agreed to: exactly one version, and the options taken with it. */
export const agreementRecord = record('agreement', {
  id,
  documentId: id,
  /** As the client wrote it. */
  name: text(120),
  options: z.array(text(200)).max(500),
  total: money,
  at: instant,
});

/** What was said about a document: the client's question or no, and the firm's answer to it. */
export const REPLY_KINDS = ['question', 'no', 'answer'] as const;
export const replyRecord = record('client_reply', {
  id,
  documentId: id,
  kind: z.enum(REPLY_KINDS),
  /** The question that it answers. */
  answers: id.nullable(),
  /** Which line it is about, in words; empty: the whole. */
  about: text(200),
  words: words(2000),
  /** Who says it: as the client wrote it, or who of the firm. */
  name: text(120),
  at: instant,
});

/** What of a reply says whether somebody waits for an answer. */
interface ReplyStanding {
  id: string;
  kind: (typeof REPLY_KINDS)[number];
  answers: string | null;
}

/** What the firm has to do something about: a question without an answer, a no that is not looked at. */
export const unanswered = <T extends ReplyStanding>(replies: readonly T[]): T[] =>
  replies.filter((r) => r.kind !== 'answer' && !replies.some((other) => other.answers === r.id));
