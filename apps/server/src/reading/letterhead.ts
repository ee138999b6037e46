import type { Buying, PaperHead } from '@rustic/core';
import { DateTime } from 'luxon';
import type { JobEntity } from '../record/jobEntities.ts';
import type { FirmEntity } from '../record/firmEntities.ts';
import { unitsOf } from './firmUnits.ts';

const lines = (text: string | undefined) =>
  (text ?? '')
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

/** What stands under a firm's name on its papers. */
export const letterheadLines = ({ letterhead }: FirmEntity): string[] => [
  ...lines(letterhead.address),
  ...lines([letterhead.phone, letterhead.email].filter(Boolean).join(' · ')),
  ...lines([letterhead.taxNumber, letterhead.registration].filter(Boolean).join(' · ')),
];

/** When what is paid, and the firm's terms, a paragraph each. */
export const termsLines = ({ letterhead }: FirmEntity): string[] => [
  ...lines(letterhead.payment),
  ...lines(letterhead.quoteTerms),
];

/** How a firm buys for a job: where, in which sizes it says them, and what the job's colours are called. */
export const buyingOf = ({ firm, job }: { firm: FirmEntity; job: JobEntity }): Buying => ({
  suppliers: firm.suppliers,
  units: unitsOf(firm),
  colours: job.colours,
});

/** The firm's own picture, where it has one. */
export const logoOf = ({ logo }: { logo: string | null }): { logo?: string } => (logo ? { logo } : {});

/** The head of a paper of a job that is made today. */
export const paperHead = (
  { firm, job, logo }: { firm: FirmEntity; job: JobEntity; logo: string | null },
  now: Date,
): PaperHead => ({
  firm: firm.name,
  letterhead: letterheadLines(firm),
  ...logoOf({ logo }),
  about: [job.title, job.place].filter(Boolean).join(', '),
  marked: DateTime.fromJSDate(now, { zone: firm.timeZone }).setLocale('en-GB').toFormat('d LLLL yyyy'),
});
