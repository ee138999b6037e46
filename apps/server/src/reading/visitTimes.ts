import { DateTime } from 'luxon';
import type { VisitEntity } from '../record/visitEntities.ts';

/** When a fixed visit begins and ends. */
export function timesOf({ onDay, fromTime, minutes }: VisitEntity, zone: string): { start: Date; end: Date } {
  const start = DateTime.fromISO(`${onDay}T${fromTime}`, { zone });
  return { start: start.toJSDate(), end: start.plus({ minutes }).toJSDate() };
}
