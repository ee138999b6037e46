import { CLOSING_SOON_MIN, type RunLine } from '@rustic/core';
import type { RoomAirKnown } from './airOfRoom.ts';

const HOUR_MIN = 60;

/** Where a surface stands, in the air of its room. */
export interface LineInAir {
  line: Pick<RunLine<unknown>, 'standing' | 'opensAt' | 'closesAt'>;
  air: RoomAirKnown['air'];
}

/**
 * The minute from which the clock alone makes another of where these surfaces stand: a coat opens, is about to close or
 * closes, or the air of the next hour is known. Null: nothing turns before something is written.
 */
export function turnsAt(lines: readonly LineInAir[], now: number): number | null {
  const turns = lines.flatMap((one) => turnOf(one, now)).filter((at) => at > now);
  return turns.length ? Math.min(...turns) : null;
}

function turnOf({ line: { standing, opensAt, closesAt }, air }: LineInAir, now: number): number[] {
  if (standing === 'to-start' || standing === 'done') return [];
  const byHour = air.kind === 'hourly' ? [(Math.floor(now / HOUR_MIN) + 1) * HOUR_MIN] : [];
  if (standing === 'drying') return [...byHour, ...(opensAt === null ? [] : [opensAt])];
  return [...byHour, ...(closesAt === null ? [] : [closesAt - CLOSING_SOON_MIN + 1, closesAt + 1])];
}
