import { ROOM_PLANS } from './knowledge/rooms.ts';
import { drawnBy } from './byLot.ts';

const WEEK_MS = 7 * 86_400_000;
/** A Monday: weeks are counted from it. */
const FIRST_MONDAY = Date.UTC(2024, 0, 1);
/** Rooms that somebody draws for themselves are counted from 1; those of weeks lie far beyond. */
const FROM = 1_000_000;

/** The room that everybody of a firm is given in the same week, so that they can speak of it. */
export function weekCase(firm: string, now: string): { plan: string; seed: number } {
  const week = Math.floor((Date.parse(now) - FIRST_MONDAY) / WEEK_MS);
  const at = Math.floor(drawnBy(firm, 'week', week) * ROOM_PLANS.length);
  return { plan: ROOM_PLANS[at]!.code, seed: FROM + week };
}
