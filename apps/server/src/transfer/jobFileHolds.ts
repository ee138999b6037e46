import { quoteMark, type JobFile, type Quote } from '@rustic/core';

/** The firm where a job began, by its file; an older file does not say it. */
export const beganAt = ({ from, job }: Pick<JobFile, 'from' | 'job'>) => job.cameFrom ?? from ?? null;

/** What the file of a job holds, for somebody who decides whether to bring it in. */
export function heldBy({ from, job, ledger, ...rows }: JobFile) {
  const standing = <R extends { withdrawn: unknown }>(all: readonly R[]) => all.filter((r) => !r.withdrawn).length;
  return {
    jobId: job.id,
    title: job.title,
    place: job.place,
    client: job.client,
    status: job.status,
    from: beganAt({ from, job }),
    rooms: standing(rows.rooms),
    surfaces: standing(rows.surfaces),
    tests: rows.tests.length,
    steps: rows.work.length,
    photos: rows.photos.length,
    entries: ledger.length,
    firstAt: ledger[0]?.at ?? null,
    lastAt: ledger.at(-1)?.at ?? null,
    people: [...new Set(ledger.map((entry) => entry.by))].filter(Boolean).slice(0, 40),
    /** Sheets of products that the file brings along. */
    products: rows.products.length,
    quotes: rows.documents.map((document) => {
      const { total, currency = '' } = document.quote as Partial<Quote>;
      const { number, versionNo: version, id } = document;
      const agreement = rows.agreements.find((a) => a.documentId === id);
      return {
        marked: quoteMark({ number, version }),
        total: agreement?.total ?? total,
        currency,
        agreedBy: agreement?.name ?? null,
      };
    }),
  };
}
