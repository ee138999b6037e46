import { causeFirst, type Element, type PlanInput, type PlanStep, type VisitCall } from '@rustic/core';
import type { VisitEntity } from '../record/visitEntities.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { timesOf } from '../reading/visitTimes.ts';
import { shownCoat } from '../reading/mendOf.ts';

type Line = PlanInput['surfaces'][number] & { zone: string };

/** What is looked at in a visit is one line; what is mended is a line for each fault, with a film that dries. */
const mends = ({ calls }: VisitEntity) => calls.filter((c) => c.what === 'fault');
const looks = ({ calls }: VisitEntity) => calls.filter((c) => c.what !== 'fault');

/** Fixed visits as lines of the plan: they begin when they were promised, and what is mended dries like any coat. */
export function visitLines(records: JobRecords): Line[] {
  return records.visits.flatMap((visit): Line[] => {
    const notBefore = timesOf(visit, records.firm.timeZone).start.toISOString();
    const minutes = looks(visit).reduce((sum, c) => sum + c.minutes, 0);
    const steps: PlanStep[] = minutes ? [{ id: 's0', kind: 'revisit', minutes, people: 1, notBefore }] : [];
    return [
      ...(steps.length ? [{ id: visit.id, zone: roomOf(records, looks(visit)[0]!), steps }] : []),
      ...mends(visit).map((call) => mendLine(records, call, notBefore)),
    ];
  });
}

function mendLine(records: JobRecords, { id, minutes }: VisitCall, notBefore: string): Line {
  const fault = records.faults.find((f) => f.id === id);
  const surface = records.surfaces.find((s) => s.id === fault?.surfaceId);
  // Where the cause comes first somebody looks; no paint goes on.
  const looks = !fault || !surface || causeFirst(fault.fault);
  const product = looks ? null : shownCoat(records, surface).product;
  return {
    id,
    zone: fault?.roomId ?? records.rooms[0]!.id,
    steps: [
      {
        id: 's0',
        kind: looks ? 'inspect' : 'finish-coat',
        minutes,
        people: 1,
        notBefore,
        ...(product ? { drying: { ...product.drying, family: product.family } } : {}),
      },
    ],
  };
}

function roomOf(records: JobRecords, call: VisitCall): string {
  return records.surfaces.find((s) => s.id === call.id)?.roomId ?? records.rooms[0]!.id;
}

/** What the lines of visits are called, as the plan's page has surfaces. */
export const lineNames = (records: JobRecords) =>
  records.visits.flatMap((visit) => [
    ...(looks(visit).length
      ? [named(records, visit.id, roomOf(records, looks(visit)[0]!), `Visit: ${looks(visit)[0]!.words.toLowerCase()}`)]
      : []),
    ...mends(visit).map((call) => {
      const fault = records.faults.find((f) => f.id === call.id);
      const surface = records.surfaces.find((s) => s.id === fault?.surfaceId);
      const name = `Touch-up ${fault?.number ?? ''}, ${surface?.name ?? ''}`;
      return named(records, call.id, fault?.roomId ?? records.rooms[0]!.id, name, surface?.facts.element);
    }),
  ]);

const named = ({ job, surfaces }: JobRecords, id: string, roomId: string, name: string, element?: Element) => ({
  id,
  jobId: job.id,
  roomId,
  name,
  element: element ?? surfaces[0]!.facts.element,
});
