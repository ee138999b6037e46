import type { Wrote } from '@rustic/core';
import { LRUCache } from 'lru-cache';
import type { FirmScope } from '../record/firmScope.ts';
import type { JobEntity } from '../record/jobEntities.ts';
import type { FirmReading } from './firmReading.ts';
import { ALL_PARTS, isPart, readParts, type JobRows, type PartOfJob } from './jobRows.ts';
import type { FirmMark } from './marks.ts';
import { notReckoned, RECKONED_FROM, type Reckoned } from './reckoned.ts';

/** So many surfaces lie at hand with all that was reckoned of them; what was asked for longest ago goes first. */
const AT_HAND = 1500;

/** A job's rows at an entry of its ledger, and what was reckoned from them. */
export interface JobReading {
  rows: JobRows;
  reckoned: Reckoned;
}
interface AtHand extends JobReading {
  /** The last entry of its ledger that these rows were read after. */
  seq: number;
  hash: string;
  /** What of the firm it was reckoned with. */
  firm: FirmReading;
  reckoning: string;
}
const atHand = new LRUCache<string, AtHand>({
  maxSize: AT_HAND,
  sizeCalculation: ({ rows }) => rows.surfaces.length + 1,
});

/** A job may stand at two firms: what is kept of it is kept for each. */
export const jobKey = ({ who }: FirmScope, jobId: string): string => `${who.firmId} ${jobId}`;

/** An entry of a job's ledger, and which rows it wrote. */
interface Said {
  jobId: string;
  seq: number;
  hash: string;
  wrote: Wrote[] | null;
}

/**
 * The rows of jobs. Nothing of a job is written without an entry of its ledger that names it: of what lies at hand, only
 * what entries have named since is read again. A write that has written already reads everything, and leaves nothing at
 * hand: it may yet come to nothing.
 */
export async function readRows(
  scope: FirmScope,
  jobs: readonly JobEntity[],
  firm: FirmReading,
  { reckoning }: FirmMark,
): Promise<Map<string, JobReading>> {
  if (scope.hasWritten) {
    const read = await readParts(scope, idsOf(jobs), ALL_PARTS);
    return new Map([...read].map(([id, rows]) => [id, { rows: rows as JobRows, reckoned: notReckoned() }]));
  }
  const known = new Map(jobs.map((job) => [job.id, atHand.get(jobKey(scope, job.id))]));
  const said = await saidSince(scope, jobs, (id) => known.get(id)?.seq ?? null);
  const moved = new Map(jobs.map(({ id }) => [id, movedSince(known.get(id), said.get(id) ?? [])]));
  const read = await readMoved(scope, moved);
  return new Map(
    jobs.map((job) => {
      const last = said.get(job.id)?.at(-1) ?? { seq: 0, hash: '' };
      const before = known.get(job.id);
      const parts = moved.get(job.id)!;
      const rows = { ...before?.rows, ...read.get(job.id) } as JobRows;
      const isReckoned =
        before?.firm === firm && before.reckoning === reckoning && !parts.some((one) => RECKONED.has(one));
      const reckoned = isReckoned ? before.reckoned : notReckoned();
      atHand.set(jobKey(scope, job.id), { rows, reckoned, seq: last.seq, hash: last.hash, firm, reckoning });
      return [job.id, { rows, reckoned }];
    }),
  );
}

const RECKONED = new Set<PartOfJob | 'job'>([...RECKONED_FROM, 'job']);
const idsOf = (jobs: readonly JobEntity[]) => jobs.map((job) => job.id);

/** The entries of each job from the one that was the last when it was read; of a job that is not at hand, its last. */
async function saidSince(
  { manager, who }: FirmScope,
  jobs: readonly JobEntity[],
  seqOf: (jobId: string) => number | null,
): Promise<Map<string, Said[]>> {
  const LAST = '(SELECT MAX(l.seq) FROM ledger_entry l WHERE l.firm_id = ? AND l.job_id = ?)';
  const asked = jobs.map(({ id }) => {
    const seq = seqOf(id);
    return seq === null
      ? { sql: `(job_id = ? AND seq = ${LAST})`, values: [id, who.firmId, id] }
      : { sql: '(job_id = ? AND seq >= ?)', values: [id, seq] };
  });
  const rows = await manager.query<(Omit<Said, 'wrote'> & { wrote: Wrote[] | string | null })[]>(
    `SELECT job_id AS jobId, seq, hash, JSON_EXTRACT(payload, '$.wrote') AS wrote FROM ledger_entry
      WHERE firm_id = ? AND (${asked.map(({ sql }) => sql).join(' OR ')}) ORDER BY job_id, seq`,
    [who.firmId, ...asked.flatMap(({ values }) => values)],
  );
  const found = new Map<string, Said[]>(jobs.map(({ id }) => [id, []]));
  for (const row of rows) found.get(row.jobId)!.push({ ...row, wrote: asJson(row.wrote) });
  return found;
}

/** JSON comes read or as text, as the database's version has it. */
const asJson = (value: Wrote[] | string | null): Wrote[] | null =>
  typeof value === 'string' ? (JSON.parse(value) as Wrote[]) : value;

/** What of a job at hand is no longer as it was read; everything, where its ledger is another, or an entry does not say. */
function movedSince(known: AtHand | undefined, said: readonly Said[]): (PartOfJob | 'job')[] {
  const [first, ...since] = said;
  if (!known || first?.seq !== known.seq || first.hash !== known.hash || since.some(({ wrote }) => wrote === null))
    return [...ALL_PARTS, 'job'];
  const named = since.flatMap(({ wrote }) => wrote!.map(rowsNamed));
  return [...new Set(named)].filter((rows): rows is PartOfJob | 'job' => rows === 'job' || isPart(rows));
}

const rowsNamed = (one: Wrote) => ('added' in one ? one.added : 'changed' in one ? one.changed : one.kept);

/** Reads what moved, the jobs of which the same moved together. */
async function readMoved(
  scope: FirmScope,
  moved: ReadonlyMap<string, readonly (PartOfJob | 'job')[]>,
): Promise<Map<string, Partial<JobRows>>> {
  const together = new Map<string, { ids: string[]; parts: PartOfJob[] }>();
  for (const [id, named] of moved) {
    const parts = named.filter((one) => one !== 'job').sort();
    const group = together.get(parts.join()) ?? { ids: [], parts };
    group.ids.push(id);
    together.set(parts.join(), group);
  }
  const read = await Promise.all([...together.values()].map(({ ids, parts }) => readParts(scope, ids, parts)));
  return new Map(read.flatMap((one) => [...one]));
}
