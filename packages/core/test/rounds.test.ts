import { describe, expect, test } from '@jest/globals';
import { randomLcg } from 'd3-random';
import fc from 'fast-check';
import { boundBy, boundsOnRounds } from '../src/aftercare/rounds/roundBound.ts';
import { roundProblem } from '../src/aftercare/rounds/roundProblem.ts';
import {
  leastRoundTimeBy,
  leastRoundTimes,
  leastRoundTimeTriedOut,
  planRounds,
  roadsBetween,
  BLANK_SKETCH,
  STAITHE,
  type MapPlace,
  type Rounds,
  type RoundsAsked,
  type RoundVisit,
} from '../src/index.ts';
import { loadHighs } from './loadHighs.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const FIRST_DAY = 20_600;
const weekdays = (many: number) =>
  Array.from({ length: many }, (_, i) => FIRST_DAY + i).filter((day) => (day + 4) % 7 < 5);
const asking = (visits: RoundVisit[], more: Partial<RoundsAsked> = {}): RoundsAsked => ({
  visits,
  map: STAITHE,
  days: weekdays(400),
  dayMinutes: 450,
  kmPerHour: 25,
  setOutMin: 20,
  seed: 0.5,
  effort: 300,
  ...more,
});

/** Visits anywhere on the map, in seasons of one to five months. */
function drawn(count: number, seed: number, longest = 60): RoundVisit[] {
  const draw = randomLcg(seed);
  return Array.from({ length: count }, (_, i) => {
    const fromDay = FIRST_DAY + Math.floor(draw() * 200);
    return {
      id: `v${i}`,
      place: { x: draw() * STAITHE.widthKm, y: draw() * STAITHE.heightKm },
      minutes: 10 + Math.floor(draw() * longest),
      fromDay,
      byDay: fromDay + 30 + Math.floor(draw() * 120),
    };
  });
}

/** Minutes from the yard (0) and between visits (1 and on), by the roads. */
const legsOf = ({ visits, map, kmPerHour }: RoundsAsked) =>
  roadsBetween(map, [map.yard, ...visits.map((v) => v.place)]).km.map((row) => row.map((km) => (km / kmPerHour) * 60));

/** Everything that rounds must keep to, checked without the search: what is said is added up again. */
function check(asked: RoundsAsked, { rounds, notTaken, costMin }: Rounds): void {
  const leg = legsOf(asked);
  const at = new Map(asked.visits.map((v, i) => [v.id, i + 1]));
  const seen = rounds.flatMap((r) => r.stops.map((s) => s.id));
  expect([...seen, ...notTaken.map((n) => n.id)].sort()).toEqual(asked.visits.map((v) => v.id).sort());
  expect(new Set(rounds.map((r) => r.day)).size).toBe(rounds.length);
  for (const round of rounds) {
    expect(asked.days).toContain(round.day);
    let clock = 0;
    let here = 0;
    for (const stop of round.stops) {
      const visit = asked.visits[at.get(stop.id)! - 1]!;
      expect(visit.fromDay).toBeLessThanOrEqual(round.day);
      expect(visit.byDay).toBeGreaterThanOrEqual(round.day);
      clock += leg[here]![at.get(stop.id)!]!;
      expect(stop.arriveMin).toBe(Math.round(clock));
      clock += visit.minutes;
      here = at.get(stop.id)!;
    }
    clock += leg[here]![0]!;
    expect(clock + asked.setOutMin).toBeLessThanOrEqual(asked.dayMinutes + 1e-6);
    expect(clock).toBeCloseTo(round.travelMin + round.workMin, 6);
  }
  if (notTaken.length === 0)
    expect(rounds.reduce((sum, r) => sum + r.travelMin + asked.setOutMin, 0)).toBeCloseTo(costMin, 6);
}

function* orders<T>(items: readonly T[]): Generator<T[]> {
  if (items.length === 0) yield [];
  for (const [i, item] of items.entries())
    for (const rest of orders([...items.slice(0, i), ...items.slice(i + 1)])) yield [item, ...rest];
}
function* splits<T>(items: readonly T[]): Generator<T[][]> {
  const [first, ...rest] = items;
  if (first === undefined) return yield [];
  for (const groups of splits(rest)) {
    yield [[first], ...groups];
    for (const i of groups.keys()) yield groups.map((g, k) => (k === i ? [first, ...g] : g));
  }
}

/** The least there is: every way to split the visits into rounds, every order of each. */
function exhaustive(asked: RoundsAsked): number {
  const leg = legsOf(asked);
  const known = new Map<string, number>();
  const shortest = (group: number[]): number => {
    const key = group.join();
    const from = Math.max(...group.map((i) => asked.visits[i]!.fromDay));
    const by = Math.min(...group.map((i) => asked.visits[i]!.byDay));
    const work = group.reduce((sum, i) => sum + asked.visits[i]!.minutes, 0);
    if (!known.has(key)) {
      let least = Infinity;
      for (const order of orders(group)) {
        const way = [0, ...order.map((i) => i + 1), 0];
        least = Math.min(
          least,
          way.slice(1).reduce((sum, to, k) => sum + leg[way[k]!]![to]!, 0),
        );
      }
      const fits = least + work + asked.setOutMin <= asked.dayMinutes && asked.days.some((d) => d >= from && d <= by);
      known.set(key, fits ? least + asked.setOutMin : Infinity);
    }
    return known.get(key)!;
  };
  let best = Infinity;
  for (const groups of splits(asked.visits.map((_, i) => i)))
    best = Math.min(
      best,
      groups.reduce((sum, g) => sum + shortest(g), 0),
    );
  return best;
}

/** What is often done by hand: from the yard to the nearest that is open and fits, and so on, season by season. */
function nearestFirst(asked: RoundsAsked): number {
  const leg = legsOf(asked);
  const left = new Set(asked.visits.map((_, i) => i));
  let cost = 0;
  while (left.size > 0) {
    let here = 0;
    let clock = asked.setOutMin;
    let from = -Infinity;
    let by = Infinity;
    for (;;) {
      const next = [...left]
        .filter((i) => {
          const v = asked.visits[i]!;
          const span = [Math.max(from, v.fromDay), Math.min(by, v.byDay)] as const;
          const back = clock + leg[here]![i + 1]! + v.minutes + leg[i + 1]![0]!;
          return back <= asked.dayMinutes && asked.days.some((d) => d >= span[0] && d <= span[1]);
        })
        .sort((a, b) => leg[here]![a + 1]! - leg[here]![b + 1]!)[0];
      if (next === undefined) break;
      const v = asked.visits[next]!;
      cost += leg[here]![next + 1]!;
      clock += leg[here]![next + 1]! + v.minutes;
      from = Math.max(from, v.fromDay);
      by = Math.min(by, v.byDay);
      here = next + 1;
      left.delete(next);
    }
    cost += leg[here]![0]! + asked.setOutMin;
  }
  return cost;
}

describe('rounds', () => {
  test('of up to seven visits: none shorter exists', () => {
    for (let i = 0; i < 40; i++) {
      // Some with visits so long that a day holds two or three.
      const asked = asking(drawn(3 + (i % 5), 0.01 + i / 50, i % 3 === 0 ? 200 : 60));
      const found = planRounds(asked);
      check(asked, found);
      expect(found.costMin).toBeCloseTo(exhaustive(asked), 6);
    }
  });

  test('of up to fifteen visits: shorter than from one to the nearest, and no order of a round is shorter', () => {
    for (const [i, count] of [9, 11, 13, 15, 15].entries()) {
      const asked = asking(drawn(count, 0.07 + i / 9, i % 2 ? 150 : 60));
      const found = planRounds(asked);
      check(asked, found);
      expect(found.costMin).toBeLessThanOrEqual(nearestFirst(asked) + 1e-6);
      const leg = legsOf(asked);
      const at = new Map(asked.visits.map((v, k) => [v.id, k]));
      for (const { stops, travelMin } of found.rounds.filter((r) => r.stops.length <= 6))
        for (const order of orders(stops.map((s) => at.get(s.id)! + 1))) {
          const way = [0, ...order, 0];
          const length = way.slice(1).reduce((sum, to, k) => sum + leg[way[k]!]![to]!, 0);
          expect(length).toBeGreaterThanOrEqual(travelMin - 1e-6);
        }
    }
  });

  test('of many visits in seasons that never meet, each season is tried out by itself', () => {
    const seasons = [0, 200, 400].flatMap((later, k) =>
      drawn(12, 0.2 + k / 5).map((v, i) => ({
        ...v,
        id: `${later} ${i}`,
        fromDay: FIRST_DAY + later + (i % 3) * 10,
        byDay: FIRST_DAY + later + 60,
      })),
    );
    const days = Array.from({ length: 500 }, (_, i) => FIRST_DAY + i);
    const asked = asking(seasons, { days });
    const found = planRounds(asked);
    check(asked, found);
    const apart = [0, 12, 24].map((from) => planRounds(asking(seasons.slice(from, from + 12), { days })).costMin);
    expect(found.costMin).toBeCloseTo(
      apart.reduce((a, b) => a + b, 0),
      6,
    );
  });

  test('keep to seasons, days and hours, and add up, whatever is asked', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 45 }),
        fc.double({ min: 0.001, max: 0.999, noNaN: true }),
        fc.integer({ min: 60, max: 500 }),
        (count, seed, dayMinutes) => {
          const asked = asking(drawn(count, seed, 120), { dayMinutes, effort: 60 });
          check(asked, planRounds(asked));
        },
      ),
      { numRuns: 60 },
    );
  });

  test('take less time on the way than going to the nearest next', () => {
    let rounds = 0;
    let nearest = 0;
    for (const seed of [0.11, 0.42, 0.77]) {
      const asked = asking(drawn(60, seed), { effort: 1500 });
      const { costMin } = planRounds(asked);
      expect(costMin).toBeLessThan(nearestFirst(asked));
      rounds += costMin;
      nearest += nearestFirst(asked);
    }
    expect(rounds).toBeLessThan(nearest * 0.9);
  });

  test('of one visit, and of two that no day has in common: there and back; a round is as long as its way', () => {
    const visit = (id: string, x: number, from: number): RoundVisit => ({
      id,
      place: { x, y: 1 },
      minutes: 30,
      fromDay: FIRST_DAY + from,
      byDay: FIRST_DAY + from + 30,
    });
    const one = asking([visit('a', 1, 0)]);
    const apart = asking([visit('a', 1, 0), visit('b', 1.3, 60)]);
    for (const asked of [one, apart]) {
      const found = planRounds(asked);
      const leg = legsOf(asked);
      const there = asked.visits.map((_, i) => asked.setOutMin + 2 * leg[0]![i + 1]!);
      expect(found.costMin).toBeCloseTo(
        there.reduce((sum, t) => sum + t, 0),
        6,
      );
      for (const round of found.rounds) expect(round.km).toBeCloseTo((round.travelMin / 60) * asked.kmPerHour, 9);
    }
  });

  test('where all must be done on few days, each round still has a day of its own', () => {
    const visits = drawn(24, 0.3).map((v, i) => ({
      ...v,
      fromDay: FIRST_DAY + (i % 4),
      byDay: FIRST_DAY + 4 + (i % 4),
    }));
    const asked = asking(visits, { days: Array.from({ length: 8 }, (_, i) => FIRST_DAY + i) });
    const found = planRounds(asked);
    check(asked, found);
    expect(found.notTaken).toEqual([]);
  });

  test('say what they cannot take, and why', () => {
    const near = { x: 3.4, y: 2.4 };
    const visits: RoundVisit[] = [
      { id: 'long', place: near, minutes: 500, fromDay: FIRST_DAY, byDay: FIRST_DAY + 90 },
      { id: 'gone by', place: near, minutes: 20, fromDay: FIRST_DAY - 90, byDay: FIRST_DAY - 1 },
      { id: 'good', place: near, minutes: 20, fromDay: FIRST_DAY, byDay: FIRST_DAY + 9 },
    ];
    const found = planRounds(asking(visits));
    expect(found.notTaken).toEqual([
      { id: 'long', why: 'longer-than-a-day' },
      { id: 'gone by', why: 'no-day-in-its-season' },
    ]);
    expect(found.rounds.map((r) => r.stops.map((s) => s.id))).toEqual([['good']]);
  });

  test('are the same for the same question', () => {
    const asked = asking(drawn(30, 0.6));
    expect(planRounds(asked)).toEqual(planRounds(asked));
  });

  test('of nothing are none', () => {
    expect(planRounds(asking([]))).toEqual({ rounds: [], notTaken: [], costMin: 0 });
  });
});

describe('the least that rounds can take', () => {
  const highs = loadHighs();
  const stopsOf = ({ visits }: RoundsAsked) => visits.map((_, i) => i);
  const alone = (asked: RoundsAsked) => stopsOf(asked).map((stop) => [stop]);

  test('of up to seven visits: never above the least there is, and near it', async () => {
    const shares: number[] = [];
    for (let i = 0; i < 40; i++) {
      const asked = asking(drawn(3 + (i % 5), 0.01 + i / 50, i % 3 === 0 ? 200 : 60));
      const least = exhaustive(asked);
      const p = roundProblem(asked);
      const bounds = [...boundsOnRounds(p, stopsOf(asked), alone(asked), await highs)].map(({ bound }) => bound);
      for (const bound of bounds) expect(bound).toBeLessThanOrEqual(least + 1e-6);
      shares.push(bounds.at(-1)! / least);
      expect(leastRoundTimeTriedOut(asked)).toBeCloseTo(least, 6);
    }
    expect(Math.min(...shares)).toBeGreaterThan(0.9);
    expect(shares.reduce((sum, share) => sum + share, 0) / shares.length).toBeGreaterThan(0.985);
  });

  test('whatever the prices are, they prove no more than is true', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 90, noNaN: true }), { minLength: 2, maxLength: 6 }),
        fc.double({ min: 0.001, max: 0.999, noNaN: true }),
        (price, seed) => {
          const asked = asking(drawn(price.length, seed, 150));
          const proven = boundBy(roundProblem(asked), stopsOf(asked), price);
          expect(proven).toBeLessThanOrEqual(exhaustive(asked) + 1e-6);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('of more than can be tried out: bounds come nearer, to within five in a hundred of what the search finds', async () => {
    for (const seed of [0.13, 0.77]) {
      const asked = asking(drawn(20, seed), { effort: 4000 });
      expect(leastRoundTimeTriedOut(asked)).toBeNull();
      const found = planRounds(asked);
      const proven = [...leastRoundTimes(asked, found, await highs)];
      const bounds = proven.map(({ bound }) => bound);
      expect(bounds).toEqual([...bounds].sort((a, b) => a - b));
      expect(bounds.at(-1)!).toBeLessThanOrEqual(found.costMin);
      expect(bounds.at(-1)!).toBeGreaterThan(found.costMin * 0.95);
      // The prices prove it again, and too dear ones prove less.
      const { bound, price } = proven.at(-1)!;
      expect(leastRoundTimeBy(asked, price)).toBeCloseTo(bound, 6);
      expect(
        leastRoundTimeBy(
          asked,
          price.map((x) => 1.5 * x),
        ),
      ).toBeLessThan(bound);
    }
  });

  test('what no day holds costs nothing; what is tried out apart counts whole', async () => {
    const far = drawn(5, 0.3).map((v) => ({
      ...v,
      id: `later ${v.id}`,
      fromDay: FIRST_DAY + 340,
      byDay: FIRST_DAY + 370,
    }));
    const many = drawn(18, 0.6).map((v) => ({ ...v, byDay: FIRST_DAY + 330, fromDay: FIRST_DAY }));
    const gone = { ...many[0]!, id: 'gone by', fromDay: FIRST_DAY - 60, byDay: FIRST_DAY - 1 };
    const bound = async (visits: RoundVisit[]) => {
      const asked = asking(visits, { effort: 2000 });
      return [...leastRoundTimes(asked, planRounds(asked), await highs)].at(-1)!.bound;
    };
    const apart = (await bound(many)) + leastRoundTimeTriedOut(asking(far))!;
    expect(await bound([...many, ...far, gone])).toBeCloseTo(apart, 6);
  });
});

describe('rounds, were it otherwise', () => {
  const few = fc.record({
    count: fc.integer({ min: 1, max: 5 }),
    seed: fc.double({ min: 0.001, max: 0.999, noNaN: true }),
  });
  const cost = (asked: RoundsAsked) => planRounds(asked).costMin;
  test('a longer day, a faster van or less setting out never takes more time on the way', () => {
    fc.assert(
      fc.property(few, ({ count, seed }) => {
        const asked = asking(drawn(count, seed), { dayMinutes: 240 });
        const usual = cost(asked);
        expect(cost({ ...asked, dayMinutes: 480 })).toBeLessThanOrEqual(usual + 1e-6);
        expect(cost({ ...asked, kmPerHour: 50 })).toBeLessThanOrEqual(usual + 1e-6);
        expect(cost({ ...asked, setOutMin: 5 })).toBeLessThanOrEqual(usual + 1e-6);
      }),
      { numRuns: 40 },
    );
  });
  test('one visit more never takes less, and one next door costs no more than driving there alone', () => {
    fc.assert(
      fc.property(few, ({ count, seed }) => {
        const visits = drawn(count + 1, seed);
        const all = asking(visits);
        const fewer = asking(visits.slice(0, -1));
        const alone = asking(visits.slice(-1));
        expect(cost(all)).toBeGreaterThanOrEqual(cost(fewer) - 1e-6);
        expect(cost(all)).toBeLessThanOrEqual(cost(fewer) + cost(alone) + 1e-6);
      }),
      { numRuns: 40 },
    );
  });
  test('whichever way the search is begun, few visits come to the same', () => {
    fc.assert(
      fc.property(few, fc.double({ min: 0.001, max: 0.999, noNaN: true }), ({ count, seed }, begun) => {
        const asked = asking(drawn(count, seed));
        expect(cost({ ...asked, seed: begun })).toBeCloseTo(cost(asked), 6);
      }),
      { numRuns: 40 },
    );
  });
});

describe('the map of the town', () => {
  const on = ({ x, y }: MapPlace) => x >= 0 && x <= STAITHE.widthKm && y >= 0 && y <= STAITHE.heightKm;
  test('holds its corners, its yard and its roads, and every corner can be driven to', () => {
    expect(STAITHE.corners.every(on)).toBe(true);
    expect(on(STAITHE.yard)).toBe(true);
    for (const [a, b] of STAITHE.roads) {
      expect(STAITHE.corners[a]).toBeDefined();
      expect(STAITHE.corners[b]).toBeDefined();
      expect(a).not.toBe(b);
    }
    const { km } = roadsBetween(STAITHE, [STAITHE.yard, ...STAITHE.corners]);
    expect(km[0]!.every(Number.isFinite)).toBe(true);
    const names = STAITHE.corners.flatMap((c) => (c.name ? [c.name] : []));
    expect(new Set(names).size).toBe(names.length);
  });
});

describe('ways on the map', () => {
  const place = fc.record({
    x: fc.double({ min: 0, max: STAITHE.widthKm, noNaN: true }),
    y: fc.double({ min: 0, max: STAITHE.heightKm, noNaN: true }),
  });
  test('are as long back as out, never shorter than the crow flies, and drawn as long as they are', () => {
    fc.assert(
      fc.property(fc.array(place, { minLength: 2, maxLength: 8 }), (places: MapPlace[]) => {
        const { km, path } = roadsBetween(STAITHE, places);
        places.forEach((a, i) =>
          places.forEach((b, j) => {
            expect(km[i]![j]).toBeCloseTo(km[j]![i]!, 9);
            expect(km[i]![j]).toBeGreaterThanOrEqual(Math.hypot(a.x - b.x, a.y - b.y) - 1e-9);
            const way = path(i, j);
            const drawnKm = way.slice(1).reduce((sum, p, k) => sum + Math.hypot(p.x - way[k]!.x, p.y - way[k]!.y), 0);
            expect(drawnKm).toBeCloseTo(km[i]![j]!, 9);
          }),
        );
      }),
      { numRuns: 60 },
    );
  });
  test('on a blank sketch a way is the straight line and a third more, and there is nothing to go along', () => {
    const places = [BLANK_SKETCH.yard, { x: 33, y: 24 }, { x: 30, y: 10 }];
    const { km, path } = roadsBetween(BLANK_SKETCH, places);
    expect(km[0]).toEqual([0, expect.closeTo(6.5, 9), expect.closeTo(13, 9)]);
    expect(km[1]![0]).toBeCloseTo(6.5, 9);
    expect(path(1, 2)).toEqual([places[1], places[2]]);
  });
  test('begin and end at the corner that is nearest', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (u, v) => {
        const place = { x: u * STAITHE.widthKm, y: v * STAITHE.heightKm };
        const far = (to: MapPlace) => Math.hypot(place.x - to.x, place.y - to.y);
        const { path } = roadsBetween(STAITHE, [place, STAITHE.yard]);
        const way = path(0, 1);
        const nearest = Math.min(...STAITHE.corners.map(far));
        // From a place that shares its corner with the yard one drives straight.
        if (way.length > 2) expect(far(way[1]!)).toBeCloseTo(nearest, 9);
      }),
      { numRuns: 100 },
    );
  });
  test('across the water go round by the bridge', () => {
    const strand = { x: 3.1, y: 3.3 };
    const samphire = { x: 3.4, y: 5.2 };
    const { km } = roadsBetween(STAITHE, [strand, samphire]);
    expect(km[0]![1]).toBeGreaterThan(3 * Math.hypot(0.3, 1.9));
  });
});
