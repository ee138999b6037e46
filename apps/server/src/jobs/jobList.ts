import { Injectable } from '@nestjs/common';
import type { JobStatus } from '@rustic/core';
import { In } from 'typeorm';
import { jobList, jobNames, jobSums } from '../answers/jobs.ts';
import type { Packed } from '../http/packed.ts';
import { Derived } from '../reading/derived.ts';
import { IN_HAND, OVER } from '../reading/handedOver.ts';
import { FirmAnswers, tellingOf } from '../reading/firmAnswers.ts';
import type { FirmMark } from '../reading/marks.ts';
import { sentQuotes } from '../reading/sentQuotes.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { likeText } from '../record/likeWords.ts';
import { STANDS } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import type { JobsAsked } from './jobs.dto.ts';
import { figuresBy, readFigures } from './jobFigures.ts';

/** In which order they are listed: what is under way first, what is over last. */
const ORDER: readonly JobStatus[] = ['active', 'planned', 'quoted', 'walk-round', 'aftercare'];
/** So many are listed at once where nobody says how many. */
const USUAL = 50;

/** Every job by its name. One without a surface is empty: the first one that is found will do. */
const NAMES = `SELECT id, title, place, status,
    (SELECT 1 FROM surface s WHERE s.firm_id = j.firm_id AND s.job_id = j.id AND s.withdrawn IS NULL LIMIT 1) AS filled
  FROM job j WHERE firm_id = ? AND withdrawn IS NULL ORDER BY starts_at DESC, id`;
interface Named {
  id: string;
  title: string;
  place: string;
  status: JobStatus;
  filled: 1 | null;
}

/** Jobs as lists show them: a part at a time, and all of them in a few figures. */
@Injectable()
export class JobList {
  constructor(
    private readonly writes: Writes,
    private readonly derived: Derived,
    private readonly answers: FirmAnswers,
  ) {}

  /** So many jobs, from the one after `after` on: those in hand by when they begin, then those handed over, the newest first. */
  list(who: Who, asked: JobsAsked, prices: boolean): Promise<Packed> {
    const scope = this.writes.reading(who);
    const { words = '', after = '', most = USUAL } = asked;
    const name = JSON.stringify(['jobs', words, after, most]);
    return this.answers.of(scope, { name, prices }, async (mark) => {
      const jobs = await pageOf(scope, asked);
      const ids = jobs.map((j) => j.id);
      const [figures, quotes] = await Promise.all([this.figuresOf(scope, jobs, mark), sentQuotes(scope, ids)]);
      const listed = jobs.map((job) => ({ ...job, ...figures.get(job.id)!, quote: quotes.get(job.id) ?? null }));
      return tellingOf(jobList, listed);
    });
  }

  /** How many jobs there are, and what those in hand take and cost, all together. */
  sums(who: Who, prices: boolean): Promise<Packed> {
    const scope = this.writes.reading(who);
    return this.answers.of(scope, { name: 'sums', prices }, async (mark) => {
      const [counts, inHand] = await Promise.all([
        countsOf(scope),
        scope.find(JobEntity, { status: In(IN_HAND), ...STANDS }),
      ]);
      const figures = [...(await this.figuresOf(scope, inHand, mark)).values()];
      const total = (figure: 'minutes' | 'cost') => figures.reduce((sum, one) => sum + one[figure], 0);
      return tellingOf(jobSums, {
        inHand: inHand.length,
        over: counts - inHand.length,
        minutes: total('minutes'),
        cost: total('cost'),
      });
    });
  }

  /** Every job by its name: what is chosen from. */
  names(who: Who, prices: boolean): Promise<Packed> {
    const scope = this.writes.reading(who);
    return this.answers.of(scope, { name: 'names', prices }, async () => {
      const jobs = await scope.manager.query<Named[]>(NAMES, [who.firmId]);
      return tellingOf(
        jobNames,
        jobs.map(({ filled, ...job }) => ({ ...job, empty: filled === null })),
      );
    });
  }

  private async figuresOf(scope: FirmScope, jobs: readonly JobEntity[], mark: FirmMark) {
    const bodies = await this.derived.of(scope, jobs, figuresBy(mark, scope.who.now));
    return new Map([...bodies].map(([id, kept]) => [id, kept.read(readFigures)]));
  }
}

const countsOf = ({ manager, who }: FirmScope) =>
  manager.count(JobEntity, { where: { firmId: who.firmId, ...STANDS } });

/** A job in its place in the list. */
interface Placed {
  id: string;
  part: number;
  startsAt: Date;
}

/** A page of jobs, each status after the other, found by a key that holds its order, in one question. */
async function pageOf({ manager, who }: FirmScope, { words, after, most = USUAL }: JobsAsked): Promise<JobEntity[]> {
  const where = { firmId: who.firmId, ...STANDS };
  const last = after ? await manager.findOneBy(JobEntity, { ...where, id: after }) : null;
  const asked = ORDER.map((status, part) => ({ status, part }))
    .slice(last ? ORDER.indexOf(last.status) : 0)
    .map(({ status, part }) =>
      partOf({ firmId: who.firmId, status, part, words, most, last: last?.status === status ? last : null }),
    );
  const found = await manager.query<Placed[]>(
    asked.map(({ sql }) => `(${sql})`).join(' UNION ALL '),
    asked.flatMap(({ values }) => values),
  );
  const ids = found
    .sort(inOrder)
    .slice(0, most)
    .map(({ id }) => id);
  const jobs = new Map((await manager.findBy(JobEntity, { ...where, id: In(ids) })).map((job) => [job.id, job]));
  return ids.flatMap((id) => jobs.get(id) ?? []);
}

const isNewestFirst = (status: JobStatus) => status === OVER;

function inOrder(a: Placed, b: Placed): number {
  const later = a.startsAt.getTime() - b.startsAt.getTime() || (a.id < b.id ? -1 : 1);
  return a.part - b.part || (isNewestFirst(ORDER[a.part]!) ? -later : later);
}

/** Jobs of one status in their order, from the one after `last` on, by words that stand in their name, place or client's name. */
function partOf({
  firmId,
  status,
  part,
  words,
  most,
  last,
}: Omit<JobsAsked, 'after'> & {
  firmId: string;
  status: JobStatus;
  part: number;
  most: number;
  last: JobEntity | null;
}) {
  const [way, past] = isNewestFirst(status) ? ['DESC', '<'] : ['ASC', '>'];
  const values: unknown[] = [part, firmId, status];
  let sql =
    'SELECT id, ? AS part, starts_at AS startsAt FROM job WHERE firm_id = ? AND withdrawn IS NULL AND status = ?';
  if (last) {
    sql += ` AND (starts_at ${past} ? OR (starts_at = ? AND id ${past} ?))`;
    values.push(last.startsAt, last.startsAt, last.id);
  }
  if (words) {
    sql += ' AND (title LIKE ? OR place LIKE ? OR client LIKE ?)';
    values.push(...Array<string>(3).fill(likeText(words)));
  }
  return { sql: `${sql} ORDER BY starts_at ${way}, id ${way} LIMIT ?`, values: [...values, most] };
}
