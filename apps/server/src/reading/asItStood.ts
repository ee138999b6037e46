import { NotFoundException } from '@nestjs/common';
import { replay, type Entry } from '@rustic/core';
import { DateTime } from 'luxon';
import { SurfaceEntity } from '../record/jobEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import type { Ledger } from '../record/ledger.service.ts';
import { readJob } from './jobRecords.ts';
import { surfaceView } from './surfaceView.ts';

/**
 * A surface as it stood at the end of a local day (YYYY-MM-DD): its own facts rebuilt from the ledger, entry by entry,
 * and everything that was tested, settled, found and logged until then.
 */
export async function asItStood(scope: FirmScope, ledger: Ledger, surfaceId: string, day: string) {
  const surface = await scope.one(SurfaceEntity, surfaceId, 'surface');
  const { timeZone } = await scope.firm();
  const until = DateTime.fromISO(day, { zone: timeZone }).endOf('day').toJSDate();
  const entries = await ledger.entries(scope, surface.jobId);
  const then = surfaceIn(
    entries.filter((e) => new Date(e.recordedAt) <= until),
    surface,
  );
  const records = await readJob(scope, surface.jobId, until);
  const whole = { ...records, surfaces: records.surfaces.map((s) => (s.id === surfaceId ? then : s)) };
  return surfaceView(whole, then, until < scope.who.now ? until : scope.who.now);
}

/** The surface as these entries have it. */
function surfaceIn(entries: readonly Entry[], surface: SurfaceEntity): SurfaceEntity {
  const rebuilt = replay(entries).rows.surfaces.get(surface.id);
  if (!rebuilt) throw new NotFoundException('The surface was not written down by then. Take a later day.');
  return { ...surface, ...rebuilt.row };
}
