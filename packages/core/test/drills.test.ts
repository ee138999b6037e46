import { describe, expect, test } from '@jest/globals';
import {
  airAt,
  airFault,
  drawDrill,
  DRILL_CODES,
  DRILL_SKILL,
  evenSpacing,
  judgeDrill,
  nextDrill,
  reaches,
  skillStandings,
  stationHours,
  type DrawnDrill,
  type DrillAnswer,
  type DrillCode,
  type Judged,
} from '../src/index.ts';
import { hungAt, type DoorPaint } from '../src/practice/drills/door.ts';
import { mayBegin, twoCoatsFrom } from '../src/practice/drills/week.ts';
import { SHIPPED_SHELF } from '../src/shelf/shippedShelf.ts';

const seeds = (count: number) => Array.from({ length: count }, (_, i) => i + 1);
const truly = ({ drill, truths }: DrawnDrill, sure = 0.9): DrillAnswer[] =>
  drill.questions.map(({ id }) => ({ question: id, says: truths[id]!.truth, sure }));

describe('every drill', () => {
  test.each(DRILL_CODES)('%s is the same for the same number, asks what it can judge, and tells why', (code) => {
    const asked = new Set<string>();
    for (const seed of seeds(12)) {
      const drawn = drawDrill(code, seed);
      expect(JSON.stringify(drawDrill(code, seed))).toBe(JSON.stringify(drawn));
      asked.add(JSON.stringify(drawn.drill));
      for (const { id, options } of drawn.drill.questions) {
        const { truth, fits, words, because } = drawn.truths[id]!;
        expect(fits(truth)).toBe(true);
        expect(words.length * because.length).toBeGreaterThan(0);
        if (options) {
          expect(options.map((o) => o.code)).toContain(truth);
          // Something else is wrong: the question can be failed.
          expect(options.some((o) => !fits(o.code))).toBe(true);
        } else expect([fits(Number(truth) * 1.3), fits('a lot')]).toEqual([false, false]);
      }
      const judged = judgeDrill(drawn, truly(drawn));
      expect(judged).toHaveLength(drawn.drill.questions.length);
      expect(judged.every((j) => j.right && j.skill === DRILL_SKILL[code])).toBe(true);
      expect(judgeDrill(drawn, [])).toEqual([]);
    }
    expect(asked.size).toBe(12);
  });
  test('tells nothing of what is so before it was answered', () => {
    for (const code of DRILL_CODES) {
      const { drill } = drawDrill(code, 3);
      expect(Object.keys(drill).sort()).toEqual(['code', 'name', 'questions', 'seed', 'sheet', 'story']);
    }
  });
});

describe('by head', () => {
  test('figures are those of a hand that reckons on paper', () => {
    for (const seed of seeds(40))
      for (const code of ['by-head', 'by-head-us'] as const) {
        const { drill, truths } = drawDrill(code, seed);
        const figuresIn = (id: string) =>
          drill.questions
            .find((q) => q.id === id)!
            .asks.match(/\d+(\.\d+)?/g)!
            .map(Number);
        const [area, coats, spread] = figuresIn('paint') as [number, number, number];
        expect(truths['paint']!.truth).toBeCloseTo((area * coats * 1.1) / spread, 9);
        const [pot, base, hardener] = figuresIn('hardener') as [number, number, number];
        expect(truths['hardener']!.truth).toBeCloseTo((pot * hardener) / (base + hardener), 9);
        const [wet, solids] = figuresIn('film') as [number, number];
        expect(truths['film']!.truth).toBeCloseTo((wet * solids) / 100, 9);
        const [count, width, length] = figuresIn('gap') as [number, number, number];
        const gap = truths['gap']!.truth as number;
        expect(count * width + (count + 1) * gap).toBeCloseTo(length, 9);
        expect(gap).toBeGreaterThan(0);
        expect(evenSpacing({ lengthM: length, count, widthM: width, ends: 'as-gaps' }).gapM).toBeCloseTo(gap, 9);
      }
  });
  test('a tenth off is near enough for paint, and not on the wall', () => {
    const { truths } = drawDrill('by-head', 5);
    const off = (id: string, share: number) => truths[id]!.fits((truths[id]!.truth as number) * share);
    expect([off('paint', 1.09), off('paint', 0.92), off('paint', 1.12)]).toEqual([true, true, false]);
    expect([off('gap', 1.03), off('gap', 1.09)]).toEqual([true, false]);
  });
});

describe('a door back by evening', () => {
  test('has paints that make it and others that do not, for as long as anybody draws', () => {
    for (const seed of seeds(60)) {
      const { truths } = drawDrill('door', seed);
      expect(new Set(Object.values(truths).map((t) => t.truth)).size).toBe(2);
    }
  });
  test('it may hang when a minute-by-minute clock says so, and never under the least of its label', () => {
    const paint: DoorPaint = { id: 'a', chemistry: 'solvent-borne', recoatMin: 240, handleMin: 120, minTempC: 8 };
    const air = { kind: 'steady', temperatureC: 13, relativeHumidityPct: 60 } as const;
    // At 13 °C oxidation goes half as fast, and 60 % takes 4 in 100 of that.
    const rate = 0.5 * 0.96;
    const byHand = 480 + 30 + Math.ceil(240 / rate) + 30 + Math.ceil(120 / rate);
    expect(hungAt(paint, air, 480)).toBe(byHand);
    expect(hungAt(paint, { ...air, temperatureC: 7 }, 480)).toBeNull();
    const warm = hungAt(paint, { ...air, temperatureC: 23 }, 480)!;
    expect(warm).toBeLessThan(byHand);
  });
});

describe('a week of weather', () => {
  const product = SHIPPED_SHELF.find((p) => p.family === 'exterior-acrylic')!;
  const from = Date.UTC(2024, 3, 1) / 60_000;
  const weeks = seeds(40).map((n) => stationHours({ name: `week ${n}`, hemisphere: 'northern' }, from, 8 * 24));
  const HOURS = [8, 9, 10, 11, 12, 13, 14];

  /** Every pair of starts of the week tried out, each asked hour by hour of its air. */
  function exhaustively(air: (typeof weeks)[number]): number[] {
    const { drying } = product;
    const film = { chemistry: drying.chemistry, minTempC: drying.minTempC ?? null };
    const fit = (at: number) => {
      const end = at + 180;
      const safe = reaches(film, air, end, drying.rainSafeMin ?? 0)!;
      for (let hour = at; hour < end + (drying.limitsHoldMin ?? 0); hour += 60)
        if (airFault(airAt(air, hour), drying)) return false;
      for (let hour = at; hour < safe; hour += 60) if (airAt(air, hour).rainMm! > 0) return false;
      return true;
    };
    const starts = seeds(7).flatMap((n) => HOURS.map((hour) => air.from + (n - 1) * 1440 + hour * 60));
    const good = starts.filter(fit);
    return seeds(7).map((n) => {
      const first = good.find((at) => at >= air.from + (n - 1) * 1440 && at < air.from + n * 1440);
      if (first === undefined) return Infinity;
      const ready = reaches(film, air, first + 180, drying.recoatMin!)!;
      const second = good.find((at) => at >= ready);
      return second === undefined ? Infinity : second + 180 - air.from;
    });
  }
  test('the best day is the best of all that may be tried', () => {
    for (const air of weeks)
      expect(seeds(7).map((n) => twoCoatsFrom(product, air, n - 1) ?? Infinity)).toEqual(exhaustively(air));
  });
  test('no coat is begun into rain or into air that its label forbids', () => {
    const [air] = weeks;
    const wet = seeds(7 * 24).find((n) => (airAt(air!, air!.from + n * 60).rainMm ?? 0) > 0)!;
    expect(mayBegin(product, air!, air!.from + wet * 60)).toBe(false);
    const cold = { ...air!, temperatureC: air!.temperatureC.map(() => 2) };
    expect(seeds(7).map((n) => twoCoatsFrom(product, cold, n - 1))).toEqual(Array(7).fill(null));
  });
  test('weeks are drawn that begin on every of the first days', () => {
    const begun = new Set(seeds(60).map((seed) => drawDrill('week', seed).truths['begin']!.truth));
    expect([...begun]).toEqual(expect.arrayContaining(['Monday', 'Tuesday', 'Wednesday', 'Thursday']));
  });
});

describe('patches by eye', () => {
  test('what was drawn is what the pictures can be measured as, in 95 of 100', () => {
    const told = seeds(34).flatMap((seed) =>
      Object.values(drawDrill('patches', seed).truths).map(({ words, because }) =>
        because.toLowerCase().includes(words.toLowerCase()),
      ),
    );
    expect(told.length).toBeGreaterThan(100);
    expect(told.filter(Boolean).length / told.length).toBeGreaterThanOrEqual(0.95);
  });
});

describe('what comes next', () => {
  const judged = (code: DrillCode, right: boolean): Judged => ({
    skill: DRILL_SKILL[code],
    at: '2027-03-01T08:00:00.000Z',
    right,
    sure: 0.9,
    thrifty: true,
  });
  test('is the drill of what is known least', () => {
    const standings = skillStandings(
      [judged('door', true), judged('door', true), judged('by-head', true), judged('patches', false)],
      '2027-03-02T08:00:00.000Z',
    );
    for (const go of [0, 1, 2, 3]) expect(nextDrill(standings, go)).toBe('patches');
  });
});
