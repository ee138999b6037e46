import { breath } from '../reading/breath.ts';
import {
  fanInputOf,
  fanSurfaceOf,
  jointOdds,
  priceOn,
  type FanInput,
  type FanSurface,
  type JointNode,
} from '@rustic/core';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import { unmeasuredZones } from '../reading/damageOf.ts';
import { houseOf, membersHere, surfaceOfMember, unknownOf } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import type { PricedJob } from '../reading/pricedJob.ts';

export const FAN_DRAWS = 10_000;
/** As many tests are played out as a person would read. */
const TESTS_PLAYED = 12;
const SEED = 0.618;

/** How a size came about: with its measure, as a figure, or not at all. */
const sizedBy = (surface: SurfaceEntity) =>
  surface.measure ? 'measured' : surface.facts.areaM2 == null ? 'guessed' : 'typed';

/** Odds to five places: enough to draw from, and half as long on the wire. */
const rounded = (node: JointNode): JointNode => ({
  ...node,
  rows: node.rows.map((row) => row.map((p) => Math.round(p * 1e5) / 1e5)),
});

/** Lays out the simulation of a job, a surface at a time so that others are answered in between. */
export async function fanOf(records: JobRecords, priced: PricedJob): Promise<FanInput> {
  const house = houseOf(records);
  const { nodes, memberAt } = jointOdds(house);
  const surfaces: FanSurface[] = [];
  let paintByLitre = 0;
  for (const { surfaceId, c, steps } of priced.surfaces) {
    const surface = records.surfaces.find((s) => s.id === surfaceId)!;
    const zones = membersHere(surface, house).map((m) => memberAt[m.id]!);
    surfaces.push(
      fanSurfaceOf({
        surfaceId,
        nodes: zones,
        c,
        steps,
        sized: sizedBy(surface),
        zones: unmeasuredZones(records, surface),
      }),
    );
    paintByLitre += priceOn(c, steps).materials;
    await breath();
  }
  const inIt = new Map(priced.surfaces.map((s) => [s.surfaceId, s.c.d.surface]));
  const tests = unknownOf(records)
    .tests.flatMap((t) => {
      const surfaceId = surfaceOfMember(t.member);
      const on = inIt.get(surfaceId);
      return on ? [{ ...t, surfaceId, node: memberAt[t.member]!, on }] : [];
    })
    .slice(0, TESTS_PLAYED);
  return fanInputOf({
    nodes: nodes.map(rounded),
    surfaces,
    paintByLitre,
    tests,
    price: priced.price,
    settings: priced.settings,
    learned: records.learned,
    seed: SEED,
    draws: FAN_DRAWS,
  });
}
