import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  airAt,
  airFault,
  CHEMISTRIES,
  dewPoint,
  doseBetween,
  dryingRate,
  nextChange,
  reaches,
  saturationPressure,
  unsuited,
  vapourDeficit,
  type Air,
  type AirHour,
  type DryingFigures,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const day = (over: Partial<AirHour> = {}): AirHour => ({
  temperatureC: 18,
  relativeHumidityPct: 55,
  surfaceC: 18,
  rainMm: 0,
  windMs: 2,
  ...over,
});

const hourly = fc
  .record({
    from: fc.integer({ min: 0, max: 300 }),
    hours: fc.array(fc.record({ t: fc.integer({ min: 2, max: 30 }), rh: fc.integer({ min: 20, max: 98 }) }), {
      minLength: 1,
      maxLength: 30,
    }),
  })
  .map(({ from, hours }): Air => ({
    kind: 'hourly',
    from,
    temperatureC: hours.map((h) => h.t),
    relativeHumidityPct: hours.map((h) => h.rh),
  }));

describe('an air series', () => {
  const air: Air = { kind: 'hourly', from: 600, temperatureC: [10, 12, 14], relativeHumidityPct: [80, 70, 60] };
  test.each([
    [0, 10, 80],
    [600, 10, 80],
    [659, 10, 80],
    [660, 12, 70],
    [779, 14, 60],
    [99_999, 14, 60],
  ])('at minute %d is %d °C and %d %%', (minute, t, rh) =>
    expect(airAt(air, minute)).toMatchObject({ temperatureC: t, relativeHumidityPct: rh, surfaceC: t }),
  );

  test('takes the surface, rain and wind where they are given, and null where not', () => {
    expect(airAt({ ...air, surfaceC: [5], rainMm: [0, 2], windMs: null }, 700)).toMatchObject({
      surfaceC: 5,
      rainMm: 2,
      windMs: null,
    });
    const steady: Air = { kind: 'steady', temperatureC: 9, relativeHumidityPct: 70 };
    expect(airAt(steady, 0)).toEqual({
      temperatureC: 9,
      relativeHumidityPct: 70,
      surfaceC: 9,
      rainMm: null,
      windMs: null,
    });
    expect(nextChange(steady, 0)).toBe(Infinity);
  });

  test('is the same at every minute up to its next change', () => {
    fc.assert(
      fc.property(hourly, fc.integer({ min: 0, max: 2400 }), (series, minute) => {
        const until = Math.min(nextChange(series, minute), minute + 400);
        expect(until).toBeGreaterThan(minute);
        for (let m = minute; m < until; m += 7) expect(airAt(series, m)).toEqual(airAt(series, minute));
      }),
    );
  });
});

describe('limits of a coat', () => {
  const limits: Partial<DryingFigures> = { minTempC: 8, maxTempC: 30, maxRhPct: 80, dewMarginC: 3, maxWindMs: 6 };
  test('good air is good, and a sheet that says nothing forbids nothing', () => {
    expect(airFault(day(), limits)).toBeNull();
    expect(airFault(day({ temperatureC: -20, surfaceC: -20, relativeHumidityPct: 100 }), {})).toBeNull();
  });
  test.each<[string, Partial<AirHour>, RegExp]>([
    ['cold air', { temperatureC: 7.9 }, /7.9 °C is under its 8 °C/],
    ['a cold wall in warm air', { surfaceC: 7 }, /7 °C is under/],
    ['a hot wall', { surfaceC: 34 }, /34 °C is over its 30 °C/],
    ['damp air', { relativeHumidityPct: 81 }, /81 % is over its 80 %/],
    [
      'a wall near the dew point',
      { temperatureC: 18, surfaceC: 11, relativeHumidityPct: 60 },
      /above the dew point, 3 °C needed/,
    ],
    ['wind', { windMs: 6.5 }, /wind of 6.5 m\/s is over/],
  ])('%s', (_what, over, words) => expect(airFault(day(over), limits)).toMatch(words));
  test('stand at the figure itself, not under it', () => {
    expect(airFault(day({ temperatureC: 8, surfaceC: 8, relativeHumidityPct: 50 }), limits)).toBeNull();
    expect(airFault(day({ relativeHumidityPct: 80 }), limits)).toBeNull();
    expect(airFault(day({ windMs: 6 }), limits)).toBeNull();
  });
  test('wind that nobody measured is not held against the day', () =>
    expect(airFault(day({ windMs: null }), limits)).toBeNull());

  test('a wall is refused by the dew point just when its margin says so', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 35, noNaN: true }),
        fc.double({ min: 20, max: 99, noNaN: true }),
        fc.double({ min: -2, max: 12, noNaN: true }),
        (t, rh, above) => {
          const surfaceC = dewPoint(t, rh) + above;
          const fault = airFault(day({ temperatureC: t, relativeHumidityPct: rh, surfaceC }), { dewMarginC: 3 });
          if (Math.abs(above - 3) > 1e-6) expect(fault === null).toBe(above > 3);
        },
      ),
    );
  });

  test('the first bad stretch ends where a minute by minute look says', () => {
    fc.assert(
      fc.property(hourly, fc.integer({ min: 0, max: 600 }), fc.integer({ min: 1, max: 900 }), (air, from, long) => {
        const limits = { minTempC: 10, maxRhPct: 85 };
        const bad = (minute: number) => airFault(airAt(air, minute), limits) !== null;
        const to = from + long;
        let minute = from;
        while (minute < to && !bad(minute)) minute++;
        let expected: number | null = null;
        if (minute < to) {
          while (minute < from + 20_000 && bad(minute)) minute++;
          expected = minute < from + 20_000 ? minute : Infinity;
        }
        expect(unsuited(air, limits).firstEnd(from, to)).toBe(expected);
      }),
    );
  });
});

describe('dose', () => {
  test('agrees with adding it up minute by minute', () => {
    fc.assert(
      fc.property(
        hourly,
        fc.constantFrom(...CHEMISTRIES),
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 10, max: 400 }),
        fc.double({ min: 0.6, max: 1.8, noNaN: true }),
        (air, chemistry, from, label, thickness) => {
          const film = { chemistry, minTempC: 5, thickness };
          const needed = label * thickness ** 2;
          let gathered = 0;
          let minute = from;
          while (gathered < needed - 1e-6 && minute < from + 20_000)
            gathered += dryingRate(chemistry, airAt(air, minute++), 5);
          const at = reaches(film, air, from, label);
          if (minute >= from + 20_000) expect(at === null || at >= from + 19_999).toBe(true);
          else expect(Math.abs(at! - minute)).toBeLessThanOrEqual(1);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('over two stretches adds up to that over both', () => {
    fc.assert(
      fc.property(hourly, fc.integer({ min: 0, max: 500 }), fc.integer({ min: 1, max: 500 }), (air, a, b) => {
        const film = { chemistry: 'waterborne' as const, minTempC: null };
        // Long enough that neither part is full.
        const label = 5000;
        expect(doseBetween(film, air, 0, a, label) + doseBetween(film, air, a, a + b, label)).toBeCloseTo(
          doseBetween(film, air, 0, a + b, label),
          9,
        );
      }),
    );
  });

  test('a film that asks for nothing is there at once', () => {
    const air: Air = { kind: 'steady', temperatureC: 20, relativeHumidityPct: 50 };
    expect(reaches({ chemistry: 'two-part', minTempC: null }, air, 77, 0)).toBe(77);
    expect(doseBetween({ chemistry: 'two-part', minTempC: null }, air, 77, 77, 0)).toBe(1);
  });
});

describe('water in the air', () => {
  test.each([
    [0, 6.11],
    [10, 12.3],
    [20, 23.4],
    [30, 42.4],
  ])('at %d °C the air is full at %d hPa', (t, hPa) => expect(saturationPressure(t)).toBeCloseTo(hPa, 0));
  test('the dew point is where the air would be full, and full air takes no more', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -10, max: 40, noNaN: true }),
        fc.double({ min: 5, max: 100, noNaN: true }),
        (t, rh) => {
          expect(saturationPressure(dewPoint(t, rh))).toBeCloseTo((saturationPressure(t) * rh) / 100, 6);
          expect(dewPoint(t, rh)).toBeLessThanOrEqual(t + 1e-9);
          expect(vapourDeficit(t, 100)).toBe(0);
          expect(vapourDeficit(t, rh)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});
