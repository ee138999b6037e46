import { JOB_FILE_TYPE, JOB_FILE_VERSION, type CameFrom, type JobFile } from '@rustic/core';
import { In } from 'typeorm';
import { JobEntity } from '../record/jobEntities.ts';
import { ProductEntity } from '../record/shelfEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import type { Ledger } from '../record/ledger.service.ts';
import { fileRow, JOB_TABLES, ROW_KINDS } from '../record/jobTables.ts';

/** Everything that is known of a job, as its file has it: every row of it, what was corrected and withdrawn included. */
export async function wholeJob(scope: FirmScope, ledger: Ledger, jobId: string): Promise<JobFile> {
  const { manager } = scope;
  const job = await scope.one(JobEntity, jobId, 'job');
  const kinds = await Promise.all(
    ROW_KINDS.map(async (kind) => {
      const rows = await scope.find(JOB_TABLES[kind], { jobId }, { id: 'ASC' });
      return [kind, rows.map((row) => fileRow(manager, JOB_TABLES[kind], row))] as const;
    }),
  );
  const rows = Object.fromEntries(kinds) as Pick<JobFile, 'work'>;
  return {
    format: JOB_FILE_TYPE,
    version: JOB_FILE_VERSION,
    from: await cameFromHere(scope),
    job: fileRow(manager, JobEntity, job),
    ...rows,
    products: await ownProducts(scope, rows),
    ledger: await ledger.entries(scope, jobId),
  } as JobFile;
}

/** The firm's own sheets of what was laid on the job: elsewhere nobody has them. */
async function ownProducts(scope: FirmScope, { work }: Pick<JobFile, 'work'>): Promise<JobFile['products']> {
  const laid = [...new Set(work.map((w) => w.productId).filter((id) => id !== null))];
  if (laid.length === 0) return [];
  const own = await scope.find(ProductEntity, { productId: In(laid) }, { productId: 'ASC' });
  return own.map(({ productId, sheet }) => ({ productId, sheet }) as JobFile['products'][number]);
}

/** Who gives the job out, and how money and sizes are said here. */
async function cameFromHere(scope: FirmScope): Promise<CameFrom> {
  const { name, currency, terms } = await scope.firm();
  return { firm: name, currency, terms };
}
