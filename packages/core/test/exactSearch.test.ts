import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { either, gapAround, keepsTo } from '../src/schedule/exact/allowed.ts';
import { Apart } from '../src/schedule/exact/apart.ts';
import { Energy } from '../src/schedule/exact/energy.ts';
import { precede } from '../src/schedule/exact/precede.ts';
import { risingTable, NEVER, plus, type Rising } from '../src/schedule/exact/rising.ts';
import { ExactSearch, type Choose } from '../src/schedule/exact/search.ts';
import { Sum } from '../src/schedule/exact/sum.ts';
import { atLeast, atMost, Trail } from '../src/schedule/exact/trail.ts';
import { Places } from '../src/schedule/exact/uses.ts';

fc.configureGlobal({ seed: Number(process.env['SEED'] ?? 20270301), endOnFailure: true });

const LAST = 7;
/** What a random little problem asks of starts from 0 to 7, and of who takes part. */
interface Asked {
  lasts: number[];
  lags: { from: number; to: number; by: number[] }[];
  apart: [number, number][];
  capacity: number;
  places: number[];
  taken: { from: number; to: number }[];
  gaps: [number, number][];
  /** Which of the steps may go to a second crew instead, and that crew's free stretch. */
  other: boolean[];
}

const index = (n: number) => fc.integer({ min: 0, max: n - 1 });
const asked = fc.integer({ min: 3, max: 5 }).chain((n): fc.Arbitrary<Asked> =>
  fc.record({
    lasts: fc.array(fc.integer({ min: 1, max: 3 }), { minLength: n, maxLength: n }),
    lags: fc.array(
      fc.record({
        from: index(n),
        to: index(n),
        // A wait that changes with the hour, and never lets a later start open sooner.
        by: fc
          .array(fc.integer({ min: 0, max: 3 }), { minLength: LAST + 1, maxLength: LAST + 1 })
          .map((steps) => steps.map((_, i) => Math.max(...steps.slice(0, i + 1).map((x, k) => x + k)))),
      }),
      { maxLength: 3 },
    ),
    apart: fc.array(fc.tuple(index(n), index(n)), { minLength: 1, maxLength: 6 }),
    capacity: fc.integer({ min: 1, max: 2 }),
    places: fc.array(fc.constantFrom(1, 1, 2), { minLength: n, maxLength: n }),
    taken: fc.array(
      fc.tuple(index(8), fc.integer({ min: 1, max: 3 })).map(([from, long]) => ({ from, to: from + long })),
      { maxLength: 1 },
    ),
    gaps: fc.array(fc.tuple(index(LAST), fc.integer({ min: 0, max: 2 })), { maxLength: 2 }),
    other: fc.array(fc.boolean(), { minLength: n, maxLength: n }),
  }),
);

const allowedOf = ({ gaps }: Asked): [number, number][] => {
  const out: [number, number][] = [];
  for (let t = 0; t <= LAST; t++)
    if (!gaps.some(([from, long]) => t >= from && t <= from + long)) {
      const last = out.at(-1);
      if (last && last[1] === t - 1) last[1] = t;
      else out.push([t, t]);
    }
  return out;
};
/** Where two step aside to a second crew its one place is theirs in turn. */
const overlap = (a: number, la: number, b: number, lb: number) => a < b + lb && b < a + la;

/** By the book: whether these starts, and these with the second crew, keep everything that is asked. */
function keeps(x: Asked, starts: readonly number[], aside: readonly boolean[]): boolean {
  const allowed = allowedOf(x);
  if (starts.some((s) => !allowed.some(([a, b]) => s >= a && s <= b))) return false;
  if (x.lags.some(({ from, to, by }) => from !== to && starts[to]! < by[starts[from]!]!)) return false;
  if (x.apart.some(([a, b]) => a !== b && overlap(starts[a]!, x.lasts[a]!, starts[b]!, x.lasts[b]!))) return false;
  for (let t = 0; t < LAST + 5; t++) {
    const here = (i: number) => starts[i]! <= t && starts[i]! + x.lasts[i]! > t;
    let first = x.taken.filter((k) => k.from <= t && k.to > t).length;
    let second = 0;
    starts.forEach((_, i) => {
      if (!here(i)) return;
      if (aside[i]) second++;
      else first += x.places[i]!;
    });
    if (second > 1) return false;
    if (starts.some((_, i) => here(i) && !aside[i]) && first > x.capacity) return false;
  }
  return true;
}

/** Whether the last of the first few starts can stand beside them, as far as gaps, waits and what keeps apart go. */
function standsSoFar(x: Asked, starts: readonly number[], last: number): boolean {
  const s = starts[last]!;
  if (x.gaps.some(([from, long]) => s >= from && s <= from + long)) return false;
  const known = (i: number) => i <= last;
  return (
    x.lags.every(
      ({ from, to, by }) => from === to || !known(from) || !known(to) || starts[to]! >= by[starts[from]!]!,
    ) &&
    x.apart.every(
      ([a, b]) => a === b || !known(a) || !known(b) || !overlap(starts[a]!, x.lasts[a]!, starts[b]!, x.lasts[b]!),
    )
  );
}

/** The least end over all starts, by trying them all; null where there is none. */
function leastEnd(x: Asked): number | null {
  const n = x.lasts.length;
  let best: number | null = null;
  const starts = Array<number>(n).fill(0);
  const walk = (i: number): void => {
    if (i === n) {
      const end = Math.max(...starts.map((s, k) => s + x.lasts[k]!));
      if (best !== null && end >= best) return;
      for (let bits = 0; bits < 2 ** n; bits++) {
        const aside = starts.map((_, k) => (bits >> k) % 2 === 1);
        if (aside.every((a, k) => !a || x.other[k]) && keeps(x, starts, aside)) {
          best = end;
          return;
        }
      }
      return;
    }
    for (let s = 0; s <= LAST && (best === null || s + x.lasts[i]! < best); s++) {
      starts[i] = s;
      if (standsSoFar(x, starts, i)) walk(i + 1);
    }
  };
  walk(0);
  return best;
}

/** The same as variables and rules: a start for each, how many places of the first crew, whether the second, and the end. */
function modelled(x: Asked) {
  const n = x.lasts.length;
  const zeros = x.lasts.map(() => 0);
  const trail = new Trail(
    [...zeros, ...zeros, ...zeros, 0],
    [...zeros.map(() => LAST), ...x.lasts.map((_, i) => x.places[i]!), ...x.other.map((o) => (o ? 1 : 0)), LAST + 5],
  );
  const search = new ExactSearch(trail);
  const until = (i: number): Rising => plus(x.lasts[i]!);
  const end = 3 * n;
  for (let i = 0; i < n; i++) {
    for (const arc of keepsTo(i, allowedOf(x), null)) search.arcs.add(arc);
    precede(search, i, end, until(i));
    // With the second crew one counts for all that the first would have sent.
    if (x.places[i] === 1) search.add(new Sum(trail, [n + i, 2 * n + i], 1));
    else {
      search.arcs.add({
        from: atMost(2 * n + i),
        to: atLeast(n + i),
        give: (v) => (v === 0 ? 2 : 0),
        need: () => 0,
        guard: null,
      });
      search.arcs.add({
        from: atLeast(2 * n + i),
        to: atMost(n + i),
        give: (v) => (v === 1 ? 0 : -2),
        need: () => 1,
        guard: null,
      });
      search.arcs.add({
        from: atMost(n + i),
        to: atLeast(2 * n + i),
        give: (v) => (v > -2 ? 1 : 0),
        need: () => -1,
        guard: null,
      });
      search.arcs.add({
        from: atLeast(n + i),
        to: atMost(2 * n + i),
        give: (v) => (v > 0 ? 0 : -1),
        need: () => 1,
        guard: null,
      });
    }
  }
  for (const { from, to, by } of x.lags)
    if (from !== to)
      precede(
        search,
        from,
        to,
        risingTable(LAST, (v) => by[v]!),
      );
  for (const [a, b] of x.apart)
    if (a !== b) search.add(new Apart(trail, { start: a, until: until(a) }, { start: b, until: until(b) }));
  const uses = x.lasts.map((_, i) => ({ start: i, until: until(i), places: { variable: n + i } }));
  search.add(
    new Places(
      trail,
      x.capacity,
      uses,
      x.taken.map((t) => ({ ...t, places: 1 })),
    ),
  );
  search.add(
    new Places(
      trail,
      1,
      x.lasts.map((_, i) => ({ start: i, until: until(i), places: { variable: 2 * n + i } })),
    ),
  );
  const choose: Choose = (usual) => {
    for (let k = 0; k < 3 * n; k++) {
      const v = usual ? k : 3 * n - 1 - k;
      if (trail.isFixed(v)) continue;
      // Halves, so that many choices stand before a contradiction.
      const middle = Math.floor((trail.low(v) + trail.high(v)) / 2);
      return usual ? [atMost(v), -middle] : [atLeast(v), middle + 1];
    }
    return null;
  };
  return { search, trail, end, choose };
}

/** The least end that the search finds, asked for less and less; null where there is none. */
function searched(x: Asked): { best: number | null; conflicts: number } {
  const { search, trail, end, choose } = modelled(x);
  let best: number | null = null;
  while (search.run(choose, 1e9) === 'found') {
    best = trail.low(end);
    search.demand(atMost(end), -(best - 1));
  }
  return { best, conflicts: search.conflicts };
}

describe('a search that learns', () => {
  test('finds the least end that trying everything finds, or proves that there is none', () => {
    const seen = { found: 0, none: 0, learnt: 0 };
    fc.assert(
      fc.property(asked, (x) => {
        const { best, conflicts } = searched(x);
        expect(best).toBe(leastEnd(x));
        seen[best === null ? 'none' : 'found']++;
        if (conflicts > 3) seen.learnt++;
      }),
      { numRuns: Number(process.env['RUNS'] ?? 300) },
    );
    expect(seen.found).toBeGreaterThan(50);
    expect(seen.none).toBeGreaterThan(20);
    expect(seen.learnt).toBeGreaterThan(20);
  });

  test('finds it too where everything keeps apart from nearly everything', () => {
    const pairs = [0, 1, 2, 3, 4].flatMap((a) =>
      [0, 1, 2, 3, 4].filter((b) => b > a).map((b): [number, number] => [a, b]),
    );
    const crowded = asked
      .filter((x) => x.lasts.length === 5)
      .chain((x) =>
        fc.subarray(pairs, { minLength: 7 }).map((apart): Asked => ({ ...x, apart, capacity: 9, taken: [] })),
      );
    let learnt = 0;
    fc.assert(
      fc.property(crowded, (x) => {
        const { best, conflicts } = searched(x);
        expect(best).toBe(leastEnd(x));
        learnt += conflicts;
      }),
      { numRuns: Number(process.env['RUNS'] ?? 500) },
    );
    expect(learnt).toBeGreaterThan(1000);
  });

  test('under a claim it answers for that claim alone, and what it learnt stays true without it', () => {
    fc.assert(
      fc.property(asked, fc.integer({ min: 1, max: 12 }), (x, by) => {
        const { search, trail, end, choose } = modelled(x);
        const least = leastEnd(x);
        const under = search.run(choose, 1e9, [[atMost(end), -by]]);
        expect(under).toBe(least !== null && least <= by ? 'found' : 'none');
        if (under === 'found') expect(trail.low(end)).toBeLessThanOrEqual(by);
        search.demand(atMost(end), -(least ?? LAST));
        expect(search.run(choose, 1e9)).toBe(least === null ? 'none' : 'found');
      }),
      { numRuns: 120 },
    );
  });

  test('stops when its work is spent or somebody says so, and goes on from there', () => {
    const spent = () => {
      const trail = new Trail([0, 0, 0, 0], [20, 20, 20, 20]);
      const search = new ExactSearch(trail);
      for (const [a, b] of [
        [0, 1],
        [0, 2],
        [0, 3],
        [1, 2],
        [1, 3],
        [2, 3],
      ] as const)
        search.add(new Apart(trail, { start: a, until: plus(6) }, { start: b, until: plus(6) }));
      const choose: Choose = () => {
        const v = [0, 1, 2, 3].find((k) => !trail.isFixed(k));
        return v === undefined ? null : [atMost(v), -trail.low(v)];
      };
      return { search, choose };
    };
    const little = spent();
    expect(little.search.run(little.choose, 0)).toBe('spent');
    expect(little.search.run(little.choose, 1e9)).toBe('found');
    const told = spent();
    told.search.stop = () => true;
    expect(told.search.run(told.choose, 1e9)).toBe('spent');
  });
});

describe("people's minutes against work", () => {
  const choose =
    (trail: Trail, n: number): Choose =>
    () => {
      for (let v = 0; v < n; v++) if (!trail.isFixed(v)) return [atMost(v), -trail.low(v)];
      return null;
    };
  test('three of forty minutes do not fit into two people of fifty, and nothing need be tried to know', () => {
    const trail = new Trail([0, 0, 0], [10, 10, 10]);
    const search = new ExactSearch(trail);
    const work = [0, 1, 2].map((start) => ({ start, minutes: 40, people: 1 }));
    search.add(
      new Energy(
        trail,
        work,
        [
          [0, 50],
          [0, 50],
        ],
        60,
      ),
    );
    expect(search.run(choose(trail, 3), 1e9)).toBe('none');
    expect(search.conflicts).toBe(1);
  });
  test('what does not fit beside the rest is put past it, and one that must be over before is put before', () => {
    const trail = new Trail([0, 0, 0], [0, 60, 60]);
    const search = new ExactSearch(trail);
    // Ninety of a hundred minutes are taken by the first two until minute 50.
    search.add(
      new Energy(
        trail,
        [
          { start: 0, minutes: 45, people: 2 },
          { start: 1, minutes: 30, people: 1 },
          { start: 2, minutes: 30, people: 1 },
        ],
        [
          [0, 120],
          [0, 120],
        ],
        120,
      ),
    );
    expect(search.run(choose(trail, 3), 1e9)).toBe('found');
    expect(trail.low(1)).toBe(45);
    expect(trail.low(2)).toBe(45);
  });
});

describe('stretches that are allowed', () => {
  test('are joined where they touch, and a gap is told by its ends', () => {
    expect(
      either([
        [
          [0, 3],
          [10, 12],
        ],
        [
          [4, 5],
          [11, 20],
        ],
      ]),
    ).toEqual([
      [0, 5],
      [10, 20],
    ]);
    expect(
      gapAround(
        [
          [0, 5],
          [10, 20],
        ],
        6,
        9,
      ),
    ).toEqual([6, 9]);
    expect(
      gapAround(
        [
          [0, 5],
          [10, 20],
        ],
        7,
        8,
      ),
    ).toEqual([6, 9]);
    expect(
      gapAround(
        [
          [0, 5],
          [10, 20],
        ],
        5,
        9,
      ),
    ).toBeNull();
    expect(gapAround([[0, 5]], 6, 9)).toEqual([6, NEVER - 1]);
  });
});
