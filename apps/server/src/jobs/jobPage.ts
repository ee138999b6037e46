import { Injectable } from '@nestjs/common';
import { FINISH_TESTS, productFor, rankedFinishes, sectionOf, testsThatStand, type HouseTest } from '@rustic/core';
import type { z } from 'zod';
import { withoutSums } from '../answers/answer.ts';
import { wholeJob } from '../answers/jobs.ts';
import type { Packed } from '../http/packed.ts';
import { Derived, type DerivedText } from '../reading/derived.ts';
import { composeAll, surfaceOfMember, systemOf, unknownOf } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { firmMark, jobMark, type MarkedJob } from '../reading/marks.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Writes } from '../record/writes.service.ts';
import { priceIn, standingsOf, totalsOf } from './jobFigures.ts';

const TESTS_SHOWN = 12;

/** The page of a job: made once for each state of its record, and sent as it was made. */
@Injectable()
export class JobPage {
  constructor(
    private readonly writes: Writes,
    private readonly derived: Derived,
  ) {}

  async of(who: Who, jobId: string, prices: boolean): Promise<Packed> {
    const scope = this.writes.reading(who);
    const [job, firm] = await Promise.all([markedJob(scope, jobId), firmMark(scope)]);
    const schema = prices ? wholeJob : withoutSums(wholeJob);
    const pages = await this.derived.of(scope, [job], {
      kind: prices ? 'page' : 'page-unpriced',
      markOf: (one) => jobMark(firm, one),
      make: async (records) => {
        const { page, turnsAt } = await pageOf(records, who.now);
        return { body: JSON.stringify(schema.parse(page)), turnsAt } satisfies DerivedText;
      },
    });
    return pages.get(jobId)!.packed();
  }
}

/** Of a job only what its mark goes by: its page lies ready, mostly. */
async function markedJob(scope: FirmScope, id: string): Promise<MarkedJob> {
  const job = await scope.manager.findOne(JobEntity, {
    select: { id: true, entries: true, status: true },
    where: { id, firmId: scope.who.firmId },
  });
  return job ?? scope.one(JobEntity, id, 'job');
}

async function pageOf(records: JobRecords, now: Date) {
  await composeAll(records);
  const { lines, turnsAt } = standingsOf(records, now);
  const page = {
    job: records.job,
    rooms: records.rooms,
    totals: totalsOf(records),
    unknown: unknownHere(records),
    photos: records.photos,
    takenOut: takenOutOf(records),
    surfaces: records.surfaces.map((surface, i) => {
      const { c, steps } = systemOf(records, surface);
      const { work: _work, ...standing } = lines[i]!;
      const logs = records.work.filter((w) => w.surfaceId === surface.id);
      return {
        ...surface,
        likeliest: rankedFinishes(c.d.odds)[0]!,
        tested: testsThatStand(records.tests).some((t) => t.surfaceId === surface.id),
        tests: records.tests.filter((t) => t.surfaceId === surface.id),
        conditions: [...c.d.findings.standing],
        inferred: c.d.tests.length === 0,
        zones: c.d.zones.length,
        conflicts: c.d.conflicts.length,
        lastCoatAt: logs.at(-1)?.endedAt ?? null,
        ...priceIn(records, surface),
        section: sectionOf(c, steps, (step) => productFor(step, c.shelf), new Set(logs.map((w) => w.stepId))),
        standing,
      };
    }),
  } satisfies z.input<typeof wholeJob>;
  return { page, turnsAt };
}

/** What was taken out of a job by itself: a surface that only went with its room comes back with it. */
const takenOutOf = ({ takenOut }: JobRecords) =>
  [
    ...takenOut.rooms.map((row) => ({ what: 'room' as const, row })),
    ...takenOut.surfaces.map((row) => ({ what: 'surface' as const, row })),
  ].flatMap(({ what, row: { id, name, withdrawn } }) => (withdrawn ? [{ what, id, name, withdrawn }] : []));

/** What is not known of the house, in money, and the tests that would tell most for their minutes. */
function unknownHere(records: JobRecords) {
  const { atStake, tests: all } = unknownOf(records);
  // Of the tests that tell the finish of a surface, the one worth most: the others are other ways to the same answer.
  const question = (t: HouseTest) => `${t.member}/${FINISH_TESTS.includes(t.kind) ? 'finish' : t.kind}`;
  const tests = all.filter((t, i) => all.findIndex((o) => question(o) === question(t)) === i);
  return {
    atStake,
    tests: tests.slice(0, TESTS_SHOWN).map(({ member, ...test }) => ({ ...test, surfaceId: surfaceOfMember(member) })),
    more: Math.max(0, tests.length - TESTS_SHOWN),
  };
}
