import { describe, expect, test } from '@jest/globals';
import { assess, plan, UnusableInput } from '../src/index.ts';

const faultsOf = (run: () => unknown) => {
  try {
    run();
  } catch (error) {
    if (error instanceof UnusableInput) return error.errors.map((e) => e.path).sort();
    throw error;
  }
  return [];
};
const job = (over: object = {}) => ({
  start: '2027-03-01T08:00:00+00:00',
  timeZone: 'Europe/London',
  crew: [{ id: 'p1' }],
  air: { kind: 'steady', temperatureC: 20, relativeHumidityPct: 50 },
  surfaces: [],
  ...over,
});
const withSteps = (...steps: object[]) => job({ surfaces: [{ id: 'a', steps }] });

describe('assess refuses what it cannot use, listing every fault', () => {
  test('unknown codes, missing fields, unknown fields and numbers out of range at once', () => {
    expect(
      faultsOf(() =>
        assess({
          surface: { substrate: 'cheese', areaM2: -1, builtYear: 9999, colour: 1 },
          tests: [{ kind: 'spirit-rub' }, { kind: 'cross-cut', grade: 6 }],
          extra: 1,
        }),
      ),
    ).toEqual(
      [
        'extra',
        'surface.areaM2',
        'surface.builtYear',
        'surface.colour',
        'surface.element',
        'surface.substrate',
        'tests[0].result',
        'tests[1].grade',
      ].sort(),
    );
  });

  test.each([
    [{ kind: 'spirit-rub', result: 'wets' }, 'tests[0].result'],
    [{ kind: 'moisture-meter', result: 'positive' }, 'tests[0].result'],
    [{ kind: 'moisture-meter', value: 301 }, 'tests[0].value'],
    [{ kind: 'spirit-rub', result: 'transfer', grade: 2 }, 'tests[0].grade'],
    [{ kind: 'test-patch', result: 'covers', coats: 11 }, 'tests[0].coats'],
  ])('%j', (made, path) => {
    expect(faultsOf(() => assess({ surface: { element: 'trim', substrate: 'softwood' }, tests: [made] }))).toContain(
      path,
    );
  });

  test.each([null, 3, 'x', [], {}, { surface: null }])('%j is no question', (input) => {
    expect(faultsOf(() => assess(input)).length).toBeGreaterThan(0);
  });

  test('ends of the usable ranges are included', () => {
    for (const builtYear of [1000, 2200])
      expect(() =>
        assess({
          surface: { element: 'wall', substrate: 'drywall', builtYear, areaM2: 100_000 },
          tests: [
            { kind: 'moisture-meter', value: 300 },
            { kind: 'test-patch', result: 'covers', coats: 10, minutes: 525_600 },
          ],
        }),
      ).not.toThrow();
  });
});

describe('plan refuses what it cannot use', () => {
  test('a loop, a name that is nobody, a twin, a zone that is not there', () => {
    const loop = job({
      zones: [{ id: 'hall' }],
      crew: [{ id: 'p' }, { id: 'p' }],
      surfaces: [
        { id: 'a', zone: 'attic', steps: [{ id: '1', kind: 'sand', minutes: 5, after: ['b/1', 'c/9'] }] },
        { id: 'b', steps: [{ id: '1', kind: 'sand', minutes: 5, after: ['a/1'] }] },
      ],
    });
    expect(faultsOf(() => plan(loop))).toEqual(
      ['crew[1].id', 'surfaces[0].steps[0].after', 'surfaces[0].steps[0].after[1]', 'surfaces[0].zone'].sort(),
    );
  });

  test.each([
    [
      'a closing before its opening',
      withSteps({
        id: '1',
        kind: 'prime',
        minutes: 5,
        drying: { chemistry: 'waterborne', recoatMin: 60, recoatMaxMin: 30 },
      }),
    ],
    ['a crew with no hours', job({ crew: [{ id: 'p', from: '16:00', to: '08:00' }] })],
    ['a date in the wrong century', job({ start: '0202-03-01T08:00:00+00:00' })],
    ['a start without its offset', job({ start: '2027-03-01T08:00:00' })],
    ['an unknown zone', job({ timeZone: 'Mars/Olympus' })],
    [
      'a gap in the readings',
      job({
        air: { kind: 'hourly', from: '2027-03-01T00:00:00Z', temperatureC: [12, null], relativeHumidityPct: [50, 50] },
      }),
    ],
    ['done without its times', withSteps({ id: '1', kind: 'sand', minutes: 5, done: true })],
    [
      'done after what is not',
      withSteps(
        { id: '1', kind: 'sand', minutes: 5 },
        { id: '2', kind: 'sand', minutes: 5, done: true, start: '2027-02-01T08:00:00Z', end: '2027-02-01T09:00:00Z' },
      ),
    ],
    ['humidity over 100', job({ air: { kind: 'steady', temperatureC: 20, relativeHumidityPct: 101 } })],
  ])('%s', (_what, input) => {
    expect(faultsOf(() => plan(input)).length).toBeGreaterThan(0);
  });
});
