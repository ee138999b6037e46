import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  CLIMATE_LABELS,
  CLIMATES,
  EXPOSURES,
  mendMinutes,
  PREPARATION_WORDS,
  preparationOf,
  repaintForecast,
  STEP_KINDS,
} from '../src/index.ts';
import { FOLLOW_UPS } from '../src/aftercare/knowledge/followUps.ts';
import { LEFT_ROWS } from '../src/aftercare/knowledge/leftToLook.ts';
import { SEASONS } from '../src/aftercare/knowledge/seasons.ts';
import { daysFor, type DaySpan } from '../src/aftercare/rounds/roundDays.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

describe('what is looked at again, as a painter would read it', () => {
  test('every row has a name of its own, says what and why, and takes a time that a visit can take', () => {
    expect(new Set(FOLLOW_UPS.map((r) => r.id)).size).toBe(FOLLOW_UPS.length);
    for (const { words, why, minutes, againMonths } of FOLLOW_UPS) {
      expect(words).toMatch(/^[A-Z].{8,70}[^.]$/);
      expect(why).toMatch(/^[A-Z].+\.$/);
      expect(minutes).toBeGreaterThanOrEqual(5);
      expect(minutes).toBeLessThanOrEqual(240);
      expect(againMonths ?? 12).toBeGreaterThanOrEqual(3);
    }
  });
  test('what was left says what it was, and comes round in months', () => {
    for (const row of Object.values(LEFT_ROWS)) {
      expect(row.words('the sill')).toContain('the sill');
      expect(row.why).toMatch(/\.$/);
      expect(row.months).toBeGreaterThan(0);
      expect(row.withinDays).toBeGreaterThanOrEqual(14);
    }
  });
});

describe('the year of a place', () => {
  test.each(CLIMATES.map((c) => [c, SEASONS[c]] as const))(
    '%s: no month both dries and is wet, and both runs are whole',
    (climate, row) => {
      expect(CLIMATE_LABELS[climate].length).toBeGreaterThan(10);
      expect(row.drying.filter((m) => row.wet.includes(m))).toEqual([]);
      for (const months of [row.drying, row.wet]) {
        expect(months.every((m) => Number.isInteger(m) && m >= 1 && m <= 12)).toBe(true);
        // Round the year each is one run: exactly one month follows none of its own.
        const begins = months.filter((m) => !months.includes(((m + 10) % 12) + 1));
        expect(begins).toHaveLength(1);
      }
    },
  );
});

describe('preparations', () => {
  test('each has words', () => {
    const strength = ['none', 'washed', 'deglossed', 'sanded', 'stripped'];
    expect(Object.keys(PREPARATION_WORDS).sort()).toEqual([...strength].sort());
  });
  test('more that was done never counts as less', () => {
    const strength = ['none', 'washed', 'deglossed', 'sanded', 'stripped'];
    const kinds = fc.array(fc.constantFrom(...STEP_KINDS), { maxLength: 8 });
    fc.assert(
      fc.property(kinds, fc.constantFrom(...STEP_KINDS), (done, more) => {
        const before = preparationOf(done.map((kind) => ({ kind })));
        const after = preparationOf([...done, more].map((kind) => ({ kind })));
        expect(strength.indexOf(after)).toBeGreaterThanOrEqual(strength.indexOf(before));
      }),
    );
  });
});

describe('how long mending takes', () => {
  test('in whole five minutes, longer for more, and nothing is mended in passing', () => {
    const sizes = [0.0001, 0.002, 0.01, 0.1, 0.5, 1, 4, 20];
    const minutes = sizes.map(mendMinutes);
    expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
    expect(minutes.every((m) => m % 5 === 0)).toBe(true);
    expect(minutes[0]).toBe(20);
    expect(mendMinutes(1)).toBe(65);
  });
});

describe('days of rounds', () => {
  const span = fc.record({ from: fc.integer({ min: 0, max: 7 }), long: fc.integer({ min: 0, max: 5 }) });
  const spans = fc
    .array(span, { maxLength: 6 })
    .map((all) => all.map(({ from, long }): DaySpan => ({ from, by: from + long })));
  const days = fc.uniqueArray(fc.integer({ min: 0, max: 12 }), { maxLength: 9 }).map((d) => d.sort((a, b) => a - b));

  /** Whether every round can have a day of its own, by trying every way. */
  function possible(left: readonly DaySpan[], free: readonly number[]): boolean {
    const [first, ...rest] = left;
    if (!first) return true;
    return free.some(
      (d) =>
        d >= first.from &&
        d <= first.by &&
        possible(
          rest,
          free.filter((f) => f !== d),
        ),
    );
  }

  test('are given out so that each has its own and within its span; all have one wherever any way would do', () => {
    fc.assert(
      fc.property(spans, days, (asked, open) => {
        const found = daysFor(asked, open);
        const given = found.filter((d) => d !== null);
        expect(new Set(given).size).toBe(given.length);
        found.forEach((d, i) => {
          if (d === null) return;
          expect(open).toContain(d);
          expect(d).toBeGreaterThanOrEqual(asked[i]!.from);
          expect(d).toBeLessThanOrEqual(asked[i]!.by);
        });
        expect(given.length === asked.length).toBe(possible(asked, open));
      }),
      { numRuns: 400 },
    );
  });
});

test('a harder place is looked at sooner, whatever the firm has seen', () => {
  const looks = new Map(EXPOSURES.map((e) => [e, repaintForecast(e, []).lookYears]));
  expect(looks.get('exterior-exposed')).toBeLessThan(looks.get('exterior-sheltered')!);
  expect(looks.get('interior-wet')).toBeLessThan(looks.get('interior-dry')!);
});
