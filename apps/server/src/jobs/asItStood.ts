import { NotFoundException } from '@nestjs/common';
import { DateTime } from 'luxon';
import { SurfaceEntity } from '../database/entities.ts';
import type { FirmScope } from '../database/firmScope.ts';
import type { Ledger } from '../ledger/ledger.service.ts';
import { readJob } from './jobRecords.ts';
import { surfaceView } from './surfaceView.ts';

const CHANGES = ['surface-added', 'surface-changed', 'exclusions-changed'];
const FIELDS = ['name', 'campaign', 'facts', 'wanted', 'measure', 'exclusions', 'access'] as const;

/**
 * A surface as it stood at the end of a local day (YYYY-MM-DD): its own facts rebuilt from the ledger, entry by entry,
 * and everything that was tested, settled, found and logged until then.
 */
export async function asItStood(scope: FirmScope, ledger: Ledger, surfaceId: string, day: string): Promise<unknown> {
  const surface = await scope.one(SurfaceEntity, surfaceId, 'surface');
  const { timeZone } = await scope.firm();
  const until = DateTime.fromISO(day, { zone: timeZone }).endOf('day').toJSDate();
  const entries = await ledger.entries(scope, surface.jobId);
  const own = entries.filter(
    (e) => e.subject === surfaceId && CHANGES.includes(e.kind) && new Date(e.recordedAt) <= until,
  );
  if (!own.some((e) => e.kind === 'surface-added'))
    throw new NotFoundException('The surface was not written down by then. Take a later day.');
  const then = { ...surface };
  for (const { payload } of own)
    for (const field of FIELDS) {
      const said = (payload as Partial<SurfaceEntity>)[field];
      if (said !== undefined) Object.assign(then, { [field]: said });
    }
  const records = await readJob(scope, surface.jobId, until);
  const whole = { ...records, surfaces: records.surfaces.map((s) => (s.id === surfaceId ? then : s)) };
  return surfaceView(whole, then, until < scope.who.now ? until : scope.who.now);
}
