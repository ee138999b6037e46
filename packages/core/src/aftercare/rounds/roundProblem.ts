import { roadsBetween, type MapPlace, type TownMap, type Ways } from './townMap.ts';

/** A visit to be put in a round: where, how long on the spot, and between which days (days since 1970, both included). */
export interface RoundVisit {
  id: string;
  place: MapPlace;
  /** Five or more: nobody is on and off a drive sooner. */
  minutes: number;
  fromDay: number;
  byDay: number;
}

export interface RoundsAsked {
  visits: readonly RoundVisit[];
  map: TownMap;
  /** Days on which a round can be driven, ascending; each once for every van. */
  days: readonly number[];
  /** From leaving the yard to being back, in minutes. */
  dayMinutes: number;
  kmPerHour: number;
  /** What each round costs before it starts: loading, ringing round. Minutes. */
  setOutMin: number;
  /** Decides which ways the search tries first; the same seed gives the same rounds. */
  seed: number;
  /** How often the search takes rounds apart and puts them together again. */
  effort: number;
}

/** The question in numbers. Place 0 is the yard, visit i stands at place i + 1. */
export interface RoundProblem {
  count: number;
  /** Minutes from place to place. */
  leg: readonly (readonly number[])[];
  ways: Ways;
  minutes: readonly number[];
  from: readonly number[];
  by: readonly number[];
  days: readonly number[];
  /** For work and legs together. */
  room: number;
  setOut: number;
}

const LEAST_MINUTES = 5;

export function roundProblem(asked: RoundsAsked): RoundProblem {
  const { visits, map, kmPerHour, dayMinutes, setOutMin, days } = asked;
  const ways = roadsBetween(map, [map.yard, ...visits.map((v) => v.place)]);
  return {
    count: visits.length,
    ways,
    leg: ways.km.map((row) => row.map((km) => (km / kmPerHour) * 60)),
    minutes: visits.map((v) => Math.max(LEAST_MINUTES, v.minutes)),
    from: visits.map((v) => v.fromDay),
    by: visits.map((v) => v.byDay),
    days: [...days].sort((a, b) => a - b),
    room: dayMinutes - setOutMin,
    setOut: setOutMin,
  };
}

/** Whether some working day lies in a span. */
export function anyDay(days: readonly number[], from: number, by: number): boolean {
  let low = 0;
  let high = days.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (days[middle]! < from) low = middle + 1;
    else high = middle;
  }
  return low < days.length && days[low]! <= by;
}
