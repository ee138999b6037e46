import {
  coordinatesSchema,
  HEMISPHERES,
  ROLES,
  SHELF_BEGINNINGS,
  houseRulesSchema,
  letterheadSchema,
  noteFields,
  planningSchema,
  priceSettingsSchema,
  retentionSchema,
  supplierSchema,
  termsSchema,
  tinFields,
  weightsSchema,
} from '@rustic/core';
import { z } from 'zod';
import {
  aboutMoney,
  answer,
  core,
  figure,
  flag,
  from,
  like,
  moment,
  named,
  oneOf,
  rowOf,
  sum,
  text,
  texts,
} from './answer.ts';
import { hours, productFields } from './parts.ts';

export const houseRules = like(houseRulesSchema);
const role = oneOf(ROLES);
const planning = like(planningSchema.partial());
const pricing = like(priceSettingsSchema.partial());

const firm = named('Firm', {
  id: text,
  name: text,
  timeZone: text,
  hemisphere: oneOf(HEMISPHERES),
  currency: text,
  houseRules,
  terms: like(termsSchema.partial()),
  weights: like(weightsSchema.partial()),
  version: figure,
  letterhead: like(letterheadSchema.partial()),
  suppliers: z.array(like(supplierSchema)),
  shelfFrom: oneOf(SHELF_BEGINNINGS),
  lentTo: text.nullable(),
  /** Its owners open a second lock beside their password. */
  ownersSecond: flag,
  /** Where its van stands. */
  yard: like(coordinatesSchema).nullable(),
  pricing: aboutMoney(pricing),
});
export const firstRunAnswer = answer({ open: flag });
export const firmAnswer = firm;
/** The firm's own picture, as a PNG in a data address. */
export const logoAnswer = answer({ logo: text.nullable(), version: figure });
export const sessionAnswer = named('Session', {
  person: answer({ id: text, name: text, initials: text, role, hasSecond: flag, needsSecond: flag }),
  firm,
});

export const peoplePage = named('StaffPage', {
  planning,
  version: figure,
  people: z.array(
    named('StaffPerson', {
      id: text,
      name: text,
      initials: text,
      role,
      hours: hours.nullable(),
      skills: texts,
      version: figure,
      email: text.optional(),
      sessions: figure.optional(),
      hasSecond: flag.optional(),
    }),
  ),
  invitations: z.array(answer({ id: text, email: text, name: text, role, expiresAt: moment })).optional(),
  access: z.array(answer({ id: text, kind: text, detail: text, byName: text, at: moment })).optional(),
});
export const invitationAnswer = named('Invited', { firm: text, name: text, email: text, role, byName: text });
export const invitedAnswer = answer({ id: text, expiresAt: moment });
export const withdrawnAnswer = answer({ withdrawn: flag });
export const changedAnswer = answer({ changed: flag });
export const personAnswer = answer({ changed: flag, version: figure });
export const closedAnswer = answer({ closed: flag });
/** What opens somebody's own second lock. */
export const lockStandAnswer = named('SecondLock', {
  phone: flag,
  keys: z.array(z.object({ id: text, name: text, at: text })),
  onPaper: figure,
});
export const keyAskedAnswer = answer({ asked: like(z.record(z.string(), z.unknown())) });
export const lockAnswer = named('NewLock', { secret: text, address: text, picture: text });
export const lockClosedAnswer = answer({ onPaper: texts });
export const lockOpenAnswer = answer({ open: flag });
export const recoveryAskedAnswer = answer({ asked: flag });
export const recoveryPage = answer({ firm: text, name: text, email: text });
export const recoveredAnswer = answer({ recovered: flag });
/** Whether everything is kept elsewhere, since when, and what went wrong since. */
export const backupsAnswer = named('Backups', {
  made: flag,
  folder: text.nullable(),
  everyH: figure.nullable(),
  keep: figure.nullable(),
  days: figure.nullable(),
  last: answer({ at: text, bytes: figure }).nullable(),
  fault: answer({ at: text, words: text }).nullable(),
});
export const leftAnswer = answer({ left: flag });
export const planningAnswer = answer({ holidays: texts, version: figure });
export const busyAnswer = answer({ busy: figure });
export const feedAnswer = answer({ open: flag });
/** Where somebody's feed stands, and when they are taken by something else. */
export const calendarPage = named('OwnCalendar', {
  madeAt: moment.nullable(),
  busy: figure,
  /** In the weeks ahead, in their order. */
  taken: z.array(answer({ title: text, startsAt: moment, endsAt: moment })),
  work: z.array(answer({ id: text, jobId: text, job: text, words: text, startsAt: moment, endsAt: moment })),
});

const letGo = named('LetGo', { notes: figure, photos: figure });
export const retentionPage = answer({ rule: like(retentionSchema), would: letGo });
export const letGoAnswer = letGo;

export const tinAnswer = named('Tin', {
  id: text,
  ...rowOf({ table: '', columns: {}, fields: tinFields }),
  openedAt: moment.nullable(),
  version: figure,
});
export const noteAnswer = named('ProductNote', {
  id: text,
  productId: text,
  ...rowOf({ table: '', columns: {}, fields: noteFields }),
  byName: text,
  at: moment,
});
/** A product as this firm keeps it: its sheet, its tins, what was found out. */
export const shelfPage = z.array(
  named('KeptProduct', {
    ...productFields,
    own: flag,
    kept: flag,
    version: figure.nullable(),
    van: z.array(tinAnswer),
    notes: z.array(noteAnswer),
  }),
);
export const keptAnswer = answer({ id: text, productId: text, sheet: core('Product'), kept: flag, version: figure });
/** What a file would do to the shelf. */
export const shelfLook = named('ShelfLook', {
  added: z.array(core('Product')),
  changed: z.array(answer({ product: core('Product'), fields: texts })),
  same: figure,
  faults: z.array(core('BadRow')),
  columns: z.array(answer({ header: text, column: text.nullable(), us: flag })),
  seen: text,
});
export const takenIn = answer({ added: figure, changed: figure, same: figure, leftOut: figure });
/** What is done with a product on a job, and on which surfaces there. */
const use = { job: text, surface: text, words: text };
/** The fewest products for the jobs ahead. */
export const comingPage = named('Coming', {
  jobs: figure,
  demands: figure,
  products: z.array(answer({ id: text, inVan: flag, lines: figure, uses: z.array(answer(use)) })),
  uncovered: z.array(answer(use)),
});

export const shoppingPage = named('ShoppingPage', {
  job: answer({ id: text, title: text }),
  currency: text,
  fromVan: z.array(answer({ name: text, maker: text, colour: text, batch: text, litres: figure })),
  items: z.array(
    answer({
      ...from('ShoppingItem', 'key', 'supplier', 'words', 'detail', 'count'),
      had: figure,
      by: text.nullable(),
      price: sum,
    }),
  ),
});
export const tickAnswer = answer({ item: text, had: figure });

/** An entry of a ledger. Its payload holds sums: whoever does not see prices is told what its kind has to say, and no more. */
export const ledgerEntry = named('LedgerEntry', {
  ...from('Entry', 'seq', 'kind', 'subject', 'by', 'at', 'recordedAt', 'payload', 'previousHash', 'hash'),
  jobId: text,
});
export const ledgerEntries = z.array(ledgerEntry);
export const chainCheck = core('ChainCheck');
export const healthAnswer = answer({ process: text, database: text });
export const aliveAnswer = answer({ process: text });
export const readyAnswer = answer({ ready: flag });
