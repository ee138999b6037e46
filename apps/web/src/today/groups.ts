import type { TodayLine } from '../store/endpoints.ts';
import type { Times } from '../words/time.ts';

/** Lines that ask for the same thing, under the heading they stand under. */
export interface LineGroup {
  words: string;
  /** Said where there is none, if that is worth saying. */
  empty?: string;
  lines: TodayLine[];
}

const DAY_MIN = 1440;
const byTheClock = (a: TodayLine, b: TodayLine) =>
  (a.opensAt ?? Infinity) - (b.opensAt ?? Infinity) ||
  (a.plannedStart ?? '9').localeCompare(b.plannedStart ?? '9') ||
  a.name.localeCompare(b.name);

/** The run sheet in the order in which it wants hands: what closes, what is open, what opens, what is begun today, tomorrow, later. */
export function groupsOf(
  lines: readonly TodayLine[],
  now: number,
  localDay: Times['localDay'],
): { first: LineGroup[]; then: LineGroup[] } {
  const dayOf = (minute: number) => localDay(new Date(minute * 60_000).toISOString());
  const [today, tomorrow] = [dayOf(now), dayOf(now + DAY_MIN)];
  const of = (...standings: TodayLine['standing'][]) => lines.filter((l) => standings.includes(l.standing));
  const begins = (line: TodayLine) => (line.plannedStart === null ? null : localDay(line.plannedStart));
  const toStart = of('to-start');
  const group = (words: string, theirs: TodayLine[], empty?: string): LineGroup => ({
    words,
    lines: [...theirs].sort(byTheClock),
    ...(empty ? { empty } : {}),
  });
  return {
    first: [
      group('Closing soon', of('closed', 'closing')),
      group('Hands on now', of('open'), 'Nothing is open this minute.'),
    ],
    then: [
      group('Opening next', of('drying'), 'Nothing is drying.'),
      group(
        'To start today',
        toStart.filter((l) => begins(l) !== null && begins(l)! <= today),
      ),
      group(
        'Tomorrow',
        toStart.filter((l) => begins(l) === tomorrow),
      ),
      group(
        'Later',
        toStart.filter((l) => begins(l) === null || begins(l)! > tomorrow),
      ),
    ],
  };
}
