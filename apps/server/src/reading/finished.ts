import {
  heldAs,
  isCoat,
  preparationOf,
  type Exposure,
  type Family,
  type Preparation,
  type StepKind,
} from '@rustic/core';
import { DateTime } from 'luxon';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { WorkLogEntity } from '../record/siteEntities.ts';
import type { JobRecords } from './jobRecords.ts';
import { productById } from './firmShelf.ts';
import { lastCoatOf } from './lastCoat.ts';

/** A finished surface as it was really laid: what its film is known by, when it ended. */
export interface Finished {
  surfaceId: string;
  name: string;
  exposure: Exposure;
  endedAt: Date;
  /** Its last coat: in what air, and by whom. */
  coat: Pick<WorkLogEntity, 'temperatureC' | 'relativeHumidityPct' | 'byName'>;
  primer: Family | null;
  finish: Family | null;
  preparation: Preparation;
  /** When it was last looked at before painting again, YYYY-MM-DD; null: not yet. */
  agedLook: string | null;
}

/** Reads what was laid on a surface from its logs; null where its last coat is not down. */
export function finishedOn(records: JobRecords, surface: SurfaceEntity): (Finished & Laid) | null {
  const laid = lastCoatOf(records, surface);
  if (!laid) return null;
  const logs = records.work.filter((w) => w.surfaceId === surface.id);
  const family = (log: WorkLogEntity) => productById(records.shelf, log.productId)?.family ?? null;
  const { temperatureC, relativeHumidityPct, byName } = laid.log;
  const firstCoat = logs.findIndex((w) => isCoat(w.stepKind as StepKind));
  return {
    ...laid,
    surfaceId: surface.id,
    name: surface.name,
    exposure: laid.c.d.surface.exposure,
    endedAt: laid.log.endedAt,
    agedLook: agedLookOn(records, surface.id, laid.log.endedAt),
    coat: { temperatureC, relativeHumidityPct, byName },
    ...heldAs(logs.map((w) => ({ kind: w.stepKind as StepKind, family: family(w) }))),
    preparation: preparationOf(logs.slice(0, firstCoat < 0 ? undefined : firstCoat).map((w) => ({ kind: w.stepKind }))),
  };
}
type Laid = NonNullable<ReturnType<typeof lastCoatOf>>;

function agedLookOn(records: JobRecords, surfaceId: string, endedAt: Date): string | null {
  const look = records.looks.findLast((l) => l.subject === surfaceId && l.code === 'repaint' && l.at >= endedAt);
  return look ? DateTime.fromJSDate(look.at, { zone: records.firm.timeZone }).toISODate() : null;
}
