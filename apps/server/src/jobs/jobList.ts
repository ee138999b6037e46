import { Injectable } from '@nestjs/common';
import type { JobStatus } from '@rustic/core';
import { In, LessThan, MoreThan, type FindOptionsWhere } from 'typeorm';
import { Derived } from '../reading/derived.ts';
import { IN_HAND, OVER } from '../reading/handedOver.ts';
import { firmMark } from '../reading/marks.ts';
import { sentQuotes } from '../reading/sentQuotes.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { likeWords } from '../record/likeWords.ts';
import { STANDS } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import type { JobsAsked } from './jobs.dto.ts';
import { figuresBy, readFigures } from './jobFigures.ts';

/** In which order they are listed: what is under way first, what is over last. */
const ORDER: readonly JobStatus[] = ['active', 'planned', 'quoted', 'walk-round', 'aftercare'];
/** So many are listed at once where nobody says how many. */
const USUAL = 50;

/** Jobs that have a surface. */
const FILLED = 'SELECT DISTINCT job_id AS id FROM surface WHERE firm_id = ? AND withdrawn IS NULL';

/** Jobs as lists show them: a part at a time, and all of them in a few figures. */
@Injectable()
export class JobList {
  constructor(
    private readonly writes: Writes,
    private readonly derived: Derived,
  ) {}

  /** So many jobs, from the one after `after` on: those in hand by when they begin, then those handed over, the newest first. */
  async list(who: Who, asked: JobsAsked) {
    const scope = this.writes.reading(who);
    const jobs = await pageOf(scope, asked);
    const ids = jobs.map((j) => j.id);
    const [figures, quotes] = await Promise.all([this.figuresOf(scope, jobs), sentQuotes(scope, ids)]);
    return jobs.map((job) => ({ ...job, ...figures.get(job.id)!, quote: quotes.get(job.id) ?? null }));
  }

  /** How many jobs there are, and what those in hand take and cost, all together. */
  async sums(who: Who) {
    const scope = this.writes.reading(who);
    const [counts, inHand] = await Promise.all([
      countsOf(scope),
      scope.find(JobEntity, { status: In(IN_HAND), ...STANDS }),
    ]);
    const figures = [...(await this.figuresOf(scope, inHand)).values()];
    const total = (figure: 'minutes' | 'cost') => figures.reduce((sum, one) => sum + one[figure], 0);
    return { inHand: inHand.length, over: counts - inHand.length, minutes: total('minutes'), cost: total('cost') };
  }

  /** Every job by its name: what is chosen from. One without a surface is empty. */
  async names(who: Who) {
    const scope = this.writes.reading(who);
    const [jobs, filled] = await Promise.all([
      scope.manager.find(JobEntity, {
        select: { id: true, title: true, place: true, status: true },
        where: { firmId: who.firmId, ...STANDS },
        order: { startsAt: 'DESC', id: 'ASC' },
      }),
      scope.manager.query<{ id: string }[]>(FILLED, [who.firmId]),
    ]);
    const full = new Set(filled.map((row) => row.id));
    return jobs.map((job) => ({ ...job, empty: !full.has(job.id) }));
  }

  private async figuresOf(scope: FirmScope, jobs: readonly JobEntity[]) {
    const bodies = await this.derived.of(scope, jobs, figuresBy(await firmMark(scope), scope.who.now));
    return new Map([...bodies].map(([id, kept]) => [id, kept.read(readFigures)]));
  }
}

const countsOf = ({ manager, who }: FirmScope) =>
  manager.count(JobEntity, { where: { firmId: who.firmId, ...STANDS } });

/** A page of jobs, each status after the other, read by a key that holds its order. */
async function pageOf({ manager, who }: FirmScope, { words, after, most = USUAL }: JobsAsked): Promise<JobEntity[]> {
  const where = { firmId: who.firmId, ...STANDS };
  const last = after ? await manager.findOneBy(JobEntity, { ...where, id: after }) : null;
  const parts = (last ? ORDER.slice(ORDER.indexOf(last.status)) : ORDER).map((status) => {
    const isOver = status === OVER;
    const from = last?.status === status ? beyond(last, isOver) : [{}];
    const asked = from.flatMap((one) => wordsIn(words).map((words) => ({ ...where, status, ...one, ...words })));
    const order = { startsAt: isOver ? 'DESC' : 'ASC', id: isOver ? 'DESC' : 'ASC' } as const;
    return manager.find(JobEntity, { where: asked, order, take: most });
  });
  return (await Promise.all(parts)).flat().slice(0, most);
}

/** Those that come after a job among those of its status. */
function beyond({ startsAt, id }: JobEntity, isOver: boolean): FindOptionsWhere<JobEntity>[] {
  const past = isOver ? LessThan : MoreThan;
  return [{ startsAt: past(startsAt) }, { startsAt, id: past(id) }];
}

/** Words that stand in a job's name, its place or its client's name; without any, every job has them. */
function wordsIn(words = ''): FindOptionsWhere<JobEntity>[] {
  if (!words) return [{}];
  const like = likeWords(words);
  return [{ title: like }, { place: like }, { client: like }];
}
