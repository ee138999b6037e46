import { readFigure } from './readFigure.ts';

const HOURS_AND_MINUTES = /^(\d+)\s*(?:h|hrs?|hours?|:)\s*(\d{1,2})\s*(?:m|min|minutes?)?$/i;
const HOURS = /^([\d.,]+)\s*(?:h|hrs?|hours?)$/i;
const MINUTES = /^([\d.,]+)\s*(?:m|min|minutes?)?$/i;

/** A time as people write it, in minutes: "80", "1 h 20", "1:20", "1.5 h". Not a number where it cannot be read. */
export function readMinutes(text: string): number {
  const said = text.trim();
  const both = HOURS_AND_MINUTES.exec(said);
  if (both) return Number(both[1]) * 60 + Number(both[2]);
  const hours = HOURS.exec(said);
  if (hours) return Math.round(readFigure(hours[1]!) * 60);
  const minutes = MINUTES.exec(said);
  return minutes ? Math.round(readFigure(minutes[1]!)) : Number.NaN;
}
