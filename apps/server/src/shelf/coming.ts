import { Injectable } from '@nestjs/common';
import { productDemands, smallestSet, type ProductDemand } from '@rustic/core';
import { In } from 'typeorm';
import { breath } from '../reading/breath.ts';
import { Derived, type DerivedText } from '../reading/derived.ts';
import { readFirmShelf } from '../reading/firmShelf.ts';
import { IN_HAND } from '../reading/handedOver.ts';
import { caseIn, composeAll } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import { firmMark, jobMark, type FirmMark } from '../reading/marks.ts';
import { onceFor, Remembered } from '../reading/remembered.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { STANDS } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';

/** What a job still asks of the shelf, each with the surface that it is for. */
type Demand = ProductDemand & { surface: string };
type Ahead = Awaited<ReturnType<typeof setFor>>;

/** What the jobs ahead ask of the shelf. */
@Injectable()
export class ComingJobs {
  /** The set of a firm, sought once for each state of its record. */
  private readonly sets = new Remembered<Promise<Ahead>>();

  constructor(
    private readonly writes: Writes,
    private readonly derived: Derived,
  ) {}

  /** The fewest products with which everything still to be done on the jobs ahead can be done, and what nothing does. */
  async coming(who: Who): Promise<Ahead> {
    const scope = this.writes.reading(who);
    const firm = await firmMark(scope);
    return onceFor(this.sets, who.firmId, firm.whole, async () => {
      const { jobs, demands } = await this.demandsAhead(scope, firm);
      return setFor(scope, jobs, demands);
    });
  }

  private async demandsAhead(scope: FirmScope, firm: FirmMark) {
    const jobs = await scope.find(JobEntity, { ...STANDS, status: In(IN_HAND) }, { startsAt: 'ASC', id: 'ASC' });
    const asked = await this.derived.of(scope, jobs, {
      kind: 'demands',
      markOf: (job) => jobMark(firm, job),
      make: demandsOf,
    });
    const demands = jobs.flatMap((job) => (JSON.parse(asked.get(job.id)!.body) as Demand[]).map((demand) => ({ ...demand, job: job.title })));
    return { jobs, demands };
  }
}

/** What everything still to be done on a job asks for. */
async function demandsOf(records: JobRecords): Promise<DerivedText> {
  await composeAll(records);
  const demands: Demand[] = [];
  for (const surface of records.surfaces) {
    const done = records.work.some((w) => w.surfaceId === surface.id);
    if (done || isLeftOut(surface)) continue;
    const { c, made } = caseIn(records, surface);
    demands.push(...productDemands(c, made, surface.id).map((d) => ({ ...d, surface: surface.name })));
    await breath();
  }
  return { body: JSON.stringify(demands), turnsAt: null };
}

async function setFor(scope: FirmScope, jobs: readonly JobEntity[], demands: readonly (Demand & { job: string })[]) {
  const shelf = await readFirmShelf(scope);
  const price = new Map(shelf.all.map((p) => [p.id, Math.min(...p.tins.map((t) => t.price), 1e9)]));
  // What stands in the van costs nothing more to bring along.
  const inVan = new Set(shelf.tins.filter((t) => t.litres > 0).map((t) => t.productId));
  const set = smallestSet(demands, (id) => (inVan.has(id) ? 0 : (price.get(id) ?? 0)));
  const byId = new Map(demands.map((d) => [d.id, d]));
  const linesOf = (ids: readonly string[]) => together(ids.map((id) => byId.get(id)!));
  return {
    jobs: jobs.length,
    demands: demands.length,
    products: set.products.map((id) => ({
      id,
      inVan: inVan.has(id),
      lines: set.uses[id]!.length,
      uses: linesOf(set.uses[id]!),
    })),
    uncovered: linesOf(set.uncovered),
  };
}

/** Lines of one kind on one job said once, with every surface that they are for. */
function together(demands: readonly (Demand & { job: string })[]) {
  const lines = new Map<string, { job: string; words: string; surfaces: Set<string> }>();
  for (const { job, words, surface } of demands) {
    const line = lines.get(`${job} ${words}`) ?? { job, words, surfaces: new Set() };
    lines.set(`${job} ${words}`, line);
    line.surfaces.add(surface);
  }
  return [...lines.values()].map(({ surfaces, ...line }) => ({ ...line, surface: [...surfaces].join(', ') }));
}
