/** A length of time as people say it: 45 min, 1 h 20, 5 h, 1 day, 3 days. */
export function sayLength(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  if (whole < 60) return `${whole} min`;
  if (whole === 1440) return '1 day';
  if (whole >= 2880) return `${Math.round(whole / 1440)} days`;
  const rest = whole % 60;
  return rest ? `${Math.floor(whole / 60)} h ${String(rest).padStart(2, '0')}` : `${whole / 60} h`;
}

const UNITS: readonly (readonly [RegExp, number])[] = [
  [/^(?:m|min|mins|minute|minutes)$/, 1],
  [/^(?:h|hr|hrs|hour|hours)$/, 60],
  [/^(?:d|day|days)$/, 1440],
  [/^(?:w|wk|week|weeks)$/, 10_080],
];
const PART = /(\d+(?:[.,]\d+)?)\s*([a-z]*)/g;

/**
 * A length of time as people write it, in minutes: "30 min", "2 h", "1 h 20", "1.5 days", "a day"; a bare figure is
 * taken as minutes, and after hours as minutes too. Null where it cannot be read.
 */
export function readDuration(text: string): number | null {
  const said = text
    .trim()
    .toLowerCase()
    .replace(/\bhalf\s+(?:an?\s+)?(?=[a-z])/g, '0.5 ')
    .replace(/\b(?:an?|one)\s+(?=[a-z])/g, '1 ')
    .replace(/\band\b|,(?!\d)/g, ' ');
  if (said.replace(PART, '').trim() !== '' || !/\d/.test(said)) return null;
  let minutes = 0;
  for (const [, figure, unit] of said.matchAll(PART)) {
    const worth = unit === '' ? 1 : UNITS.find(([name]) => name.test(unit!))?.[1];
    if (worth === undefined) return null;
    minutes += Number(figure!.replace(',', '.')) * worth;
  }
  return Math.round(minutes);
}
