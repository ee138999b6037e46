import { priceOn, testsThatStand } from '@rustic/core';
import { z } from 'zod';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import { airOfRoom } from '../reading/airOfRoom.ts';
import type { Derivation, DerivedText } from '../reading/derived.ts';
import { settledOnceOver } from '../reading/handedOver.ts';
import { allStepsOf, composeAll, standingOf, systemOf } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import type { FirmMark } from '../reading/marks.ts';
import { turnsAt } from '../reading/turnsAt.ts';

/** A job in figures, as a list of jobs shows it. */
const figures = z.object({
  surfaces: z.number(),
  drying: z.number(),
  open: z.number(),
  done: z.number(),
  tested: z.number(),
  minutes: z.number(),
  cost: z.number(),
});
export type JobFigures = z.infer<typeof figures>;
export const readFigures = (body: string): JobFigures => figures.parse(JSON.parse(body));

/** What a surface takes and costs; nothing where the client keeps it out. */
export function priceIn(records: JobRecords, surface: SurfaceEntity): { minutes: number; cost: number } {
  if (isLeftOut(surface)) return { minutes: 0, cost: 0 };
  return priceOn(systemOf(records, surface).c, allStepsOf(records, surface));
}

/** What all surfaces of a job take and cost. */
export const totalsOf = (records: JobRecords): { minutes: number; cost: number } =>
  records.surfaces
    .map((surface) => priceIn(records, surface))
    .reduce((sum, one) => ({ minutes: sum.minutes + one.minutes, cost: sum.cost + one.cost }), { minutes: 0, cost: 0 });

/** Where every surface of a job stands, and when the clock alone makes it another. */
export function standingsOf(records: JobRecords, now: Date) {
  const lines = records.surfaces.map((surface) => ({
    line: standingOf(records, surface, now),
    air: airOfRoom(records, surface.roomId, now).air,
  }));
  return { lines: lines.map(({ line }) => line), turnsAt: turnsAt(lines, Math.floor(now.getTime() / 60_000)) };
}

async function figuresOf(records: JobRecords, now: Date): Promise<DerivedText> {
  await composeAll(records);
  const { lines, turnsAt } = standingsOf(records, now);
  const count = (...standings: string[]) => lines.filter(({ standing }) => standings.includes(standing)).length;
  const body: JobFigures = {
    surfaces: lines.length,
    drying: count('drying'),
    open: count('open', 'closing'),
    done: count('done'),
    tested: new Set(testsThatStand(records.tests).map((t) => t.surfaceId)).size,
    ...totalsOf(records),
  };
  return { body: JSON.stringify(body), turnsAt };
}

export const figuresBy = (firm: FirmMark, now: Date): Derivation => ({
  kind: 'figures',
  ...settledOnceOver(firm),
  make: (records) => figuresOf(records, now),
});
