import {
  beadOdds,
  estimateSystem,
  hashOf,
  jointName,
  jointPlan,
  jointWays,
  metresAlong,
  nextReading,
  READING_WHY,
  sundriesFor,
  type Case,
  type Family,
  type Joint,
  type Step,
} from '@rustic/core';
import type { JointEntity } from '../record/evidenceEntities.ts';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import { allStepsOf, caseIn, systemOf } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { jointRowsOn } from '../reading/jointsOf.ts';

/** One joint of a surface with what is known of it and what may be done. */
function toldOf(row: JointEntity, joint: Joint, at: number, c: Case) {
  const { outside } = c;
  const reading = nextReading(joint, outside);
  const { act, known, use, family, why, rod } = jointPlan(joint, outside, c.rules);
  return {
    ...row,
    name: jointName(joint),
    metres: joint.lengthM,
    plan: { act, known, use, family, why, rod },
    silicone: beadOdds(joint, outside)?.silicone ?? null,
    next: reading && { reading, why: READING_WHY[reading] },
    ways: jointWays(c, at),
  };
}

/** Everything along the joints of a surface, as it is counted. */
function alongJoints(records: JobRecords, surface: SurfaceEntity) {
  const { c } = caseIn(records, surface);
  const steps = allStepsOf(records, surface).filter((s) => s.joints);
  return { c, steps, estimates: estimateSystem(steps, c.d.surface, c.shelf, c.by) };
}

/** Metres of bead by what it is of, over all surfaces of a room. */
function beadMetres(work: ReturnType<typeof alongJoints>[]) {
  const metres = new Map<Family, number>();
  for (const { steps } of work)
    for (const { kind, family, joints = [] } of steps)
      if (kind === 'caulk' && family) metres.set(family, (metres.get(family) ?? 0) + metresAlong(joints));
  return [...metres].map(([family, sum]) => ({ family, metres: Math.round(sum * 100) / 100 }));
}

/** True where the system of a surface was settled, and its joints were others then: they count once it is settled anew. */
function settledBefore(records: JobRecords, surface: SurfaceEntity): boolean {
  const { choice, steps, computed } = systemOf(records, surface);
  const along = (all: readonly Step[]) =>
    hashOf(all.flatMap((s) => (s.joints ? [[s.kind, s.family ?? null, s.joints]] : [])));
  return choice !== null && along(steps) !== along(computed);
}

/** What the page of a room's joints shows. */
export function pageOfJoints(records: JobRecords, roomId: string) {
  const room = records.rooms.find((r) => r.id === roomId)!;
  const surfaces = records.surfaces.filter((s) => s.roomId === roomId);
  const work = surfaces.map((surface) => alongJoints(records, surface));
  const { id, name, sketch } = room;
  return {
    job: { id: records.job.id, title: records.job.title },
    room: { id, name, sketch },
    surfaces: surfaces.map((s) => ({
      id: s.id,
      name: s.name,
      element: s.facts.element,
      outside: caseIn(records, s).c.outside,
    })),
    currency: records.firm.currency,
    joints: surfaces
      .flatMap((surface) => {
        const { c } = caseIn(records, surface);
        return jointRowsOn(records, surface).map((row, at) => toldOf(row, c.d.surface.joints[at]!, at, c));
      })
      .sort((a, b) => a.at.getTime() - b.at.getTime() || a.id.localeCompare(b.id)),
    settledBefore: surfaces.filter((s) => settledBefore(records, s)).map((s) => ({ id: s.id, name: s.name })),
    beads: sundriesFor(work).filter(({ unit }) => unit === 'cartridge' || unit === 'coil'),
    families: beadMetres(work),
  };
}
