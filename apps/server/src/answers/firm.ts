import { z } from 'zod';
import { aboutMoney, answer, plain, sum } from './answer.ts';
import { productFields } from './parts.ts';

export const sessionAnswer = answer({
  person: answer(plain('id', 'name', 'initials', 'role')),
  firm: answer({
    ...plain('id', 'name', 'timeZone', 'hemisphere', 'currency', 'houseRules', 'terms', 'weights', 'version'),
    pricing: aboutMoney,
  }),
});

export const peoplePage = answer({
  ...plain('planning', 'version'),
  people: z.array(answer(plain('id', 'name', 'initials', 'role', 'hours', 'skills', 'version', 'email', 'sessions'))),
  invitations: z.array(answer(plain('id', 'email', 'name', 'role', 'expiresAt'))).optional(),
  access: z.array(answer(plain('id', 'kind', 'detail', 'byName', 'at'))).optional(),
});

export const done = answer(plain('changed', 'closed', 'open', 'busy'));
export const calendarPage = answer(plain('madeAt', 'busy', 'next'));

export const tinAnswer = answer(plain('id', 'productId', 'batch', 'colour', 'openedAt', 'litres', 'version'));
export const noteAnswer = answer(
  plain('id', 'productId', 'kind', 'text', 'standing', 'trialId', 'jobId', 'about', 'byName', 'at'),
);
export const shelfPage = z.array(
  answer({ ...productFields, ...plain('own', 'kept', 'version'), van: z.array(tinAnswer), notes: z.array(noteAnswer) }),
);
export const comingPage = answer(plain('jobs', 'demands', 'products', 'uncovered'));

export const shoppingPage = answer({
  ...plain('job', 'currency', 'fromVan'),
  items: z.array(answer({ ...plain('key', 'supplier', 'words', 'detail', 'count', 'had', 'by'), price: sum })),
});
export const tickAnswer = answer(plain('item', 'had'));

/** An entry of a ledger. Its payload holds sums: whoever does not see prices is told what its kind has to say, and no more. */
export const ledgerEntry = answer({
  ...plain('jobId', 'seq', 'kind', 'subject', 'by', 'at', 'recordedAt', 'payload', 'previousHash', 'hash'),
});
export const ledgerEntries = z.array(ledgerEntry);
export const chainCheck = answer(plain('whole', 'entries', 'brokenAt', 'why'));
