import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DateTime } from 'luxon';
import {
  aftercareOf,
  asProduct,
  assessSchema,
  caseOf,
  EXPOSURES,
  FAMILIES,
  isCoat,
  readBy,
  SHIPPED_SHELF,
  type Air,
  type AftercareItem,
  type Family,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const caseFor = (surface: object, more: object = {}) =>
  caseOf(readBy(assessSchema, { surface: { element: 'wall', substrate: 'skim-plaster', ...surface }, ...more })).c;
const room: Air = { kind: 'steady', temperatureC: 21, relativeHumidityPct: 50 };
const finish = (family: Family) => SHIPPED_SHELF.find((p) => p.family === family) ?? asProduct({ family });

interface Told {
  surface?: object;
  more?: object;
  family?: Family;
  end?: string;
  thickness?: number;
  air?: Air;
}
const follows = (told: Told = {}): AftercareItem[] =>
  aftercareOf(
    caseFor(told.surface ?? {}, told.more),
    {
      end: told.end ?? '2027-03-02T12:00:00+00:00',
      product: finish(told.family ?? 'acrylic-wall'),
      thickness: told.thickness ?? 1,
    },
    told.air ?? room,
    'Europe/London',
    { hemisphere: 'northern', climate: 'mild-coast' },
  );
const visits = (told: Told) => follows(told).flatMap((i) => (i.kind === 'visit' ? [i.code] : []));
const at = (items: readonly AftercareItem[], code: string) => items.find((i) => i.code === code)!.at;

describe('what a surface is looked at again for', () => {
  test.each<[string, Told, string[]]>([
    ['a plain wall inside asks for no visit', {}, []],
    ['mould may come back', { surface: { conditions: ['mould'] } }, ['mould']],
    ['an old stain may', { surface: { conditions: ['water-stain'] } }, ['stain']],
    [
      'knots show in the first warm season',
      { surface: { element: 'trim', substrate: 'softwood', conditions: ['knots'] } },
      ['knots'],
    ],
    [
      'a silicone bead kept by decision is tugged',
      { surface: { conditions: ['silicone'] }, more: { houseRules: { silicone: 'bridge' } } },
      ['silicone-kept'],
    ],
    [
      'one cut out is not',
      { surface: { conditions: ['silicone'] }, more: { houseRules: { silicone: 'cut-out' } } },
      [],
    ],
    [
      'weathered timber outside is walked round after the wet season',
      { surface: { element: 'siding', substrate: 'softwood' } },
      ['wet-season'],
    ],
    [
      'new timber outside has visits of its own',
      { surface: { element: 'railing', substrate: 'softwood', exposure: 'exterior-exposed', isNew: true } },
      ['new-timber', 'new-timber-coat'],
    ],
    [
      'timber put up within two years counts as new',
      { surface: { element: 'siding', substrate: 'softwood', substrateAgeMonths: 23 } },
      ['new-timber', 'new-timber-coat'],
    ],
    [
      'and older does not',
      { surface: { element: 'siding', substrate: 'softwood', substrateAgeMonths: 24 } },
      ['wet-season'],
    ],
  ])('%s', (_what, told, codes) => expect(visits(told)).toEqual(codes));

  test('each says why, in words, and none before the coat it follows', () => {
    const told: Told = {
      surface: { element: 'siding', substrate: 'softwood', conditions: ['mould', 'knots', 'water-stain'] },
      family: 'exterior-acrylic',
    };
    for (const item of follows(told)) {
      expect(item.why.length).toBeGreaterThan(10);
      expect(item.words.length).toBeGreaterThan(5);
      expect(Date.parse(item.at)).toBeGreaterThanOrEqual(Date.parse('2027-03-02T12:00:00Z'));
    }
  });
});

describe('when it may be used', () => {
  const coats = FAMILIES.filter((f) => finish(f).drying.recoatMin !== null && finish(f).cureHours > 24);

  test('touched, closed, loaded, washed, cured: in that order for every product', () => {
    for (const family of coats) {
      const items = follows({ family }).filter((i) => i.kind === 'use');
      const codes = ['touch', 'close', 'load', 'wash', 'cured'];
      expect(items.map((i) => i.code)).toEqual(codes);
      const times = items.map((i) => Date.parse(i.at));
      expect([...times].sort((a, b) => a - b)).toEqual(times);
    }
  });

  test('at the air of the label a cure ends when the label says, to the minute', () => {
    const label: Air = { kind: 'steady', temperatureC: 23, relativeHumidityPct: 50 };
    for (const family of coats) {
      const hours = finish(family).cureHours;
      const ends = Date.parse(at(follows({ family, air: label }), 'cured'));
      expect((ends - Date.parse('2027-03-02T12:00:00Z')) / 60_000).toBeCloseTo(hours * 60, 0);
    }
  });

  test('colder or damper air never brings a use forward; a thicker film comes later by its square', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 12, max: 26 }),
        fc.integer({ min: 30, max: 80 }),
        fc.integer({ min: 0, max: 8 }),
        (temperatureC, relativeHumidityPct, more) => {
          const by = (t: number, rh: number) =>
            Date.parse(
              at(
                follows({
                  family: 'acrylic-trim',
                  air: { kind: 'steady', temperatureC: t, relativeHumidityPct: rh },
                }),
                'cured',
              ),
            );
          const here = by(temperatureC, relativeHumidityPct);
          if (temperatureC - more >= 10)
            expect(by(temperatureC - more, relativeHumidityPct)).toBeGreaterThanOrEqual(here);
          expect(by(temperatureC, relativeHumidityPct + more)).toBeGreaterThanOrEqual(here);
        },
      ),
      { numRuns: 40 },
    );
    const laid = Date.parse('2027-03-02T12:00:00Z');
    const after = (thickness: number) => Date.parse(at(follows({ thickness }), 'cured')) - laid;
    expect(after(1.5) / after(1)).toBeCloseTo(2.25, 2);
    expect(follows({ thickness: 1.5 }).find((i) => i.code === 'cured')!.why).toContain('laid thick');
    expect(follows().find((i) => i.code === 'cured')!.why).not.toContain('laid thick');
  });

  test('a film that this air never cures is given no date rather than a wrong one', () => {
    const cold: Air = { kind: 'steady', temperatureC: 3, relativeHumidityPct: 60 };
    expect(follows({ air: cold }).filter((i) => i.kind === 'use')).toEqual([]);
    expect(follows({ air: cold }).some((i) => i.kind === 'repaint')).toBe(true);
  });

  test('is said in the time of the house, across the change of the clocks', () => {
    const items = follows({ end: '2027-03-27T12:00:00+00:00' });
    expect(at(items, 'touch')).toMatch(/\+00:00$|Z$/);
    expect(at(items, 'cured')).toMatch(/\+01:00$/);
  });
});

describe('painting again', () => {
  test('comes due sooner the harder the place is on paint', () => {
    const years = new Map(
      EXPOSURES.map((exposure) => {
        const repaint = follows({ surface: { exposure } }).find((i) => i.kind === 'repaint')!;
        return [exposure, DateTime.fromISO(repaint.at).diff(DateTime.fromISO('2027-03-02'), 'years').years];
      }),
    );
    expect(years.get('exterior-exposed')).toBeLessThan(years.get('exterior-sheltered')!);
    expect(years.get('interior-wet')).toBeLessThan(years.get('interior-dry')!);
    for (const y of years.values()) expect(y).toBeGreaterThan(3);
  });
});

test('helpers of the trade are no coats, so nothing is dated from them', () => {
  expect(isCoat('wash')).toBe(false);
  expect(isCoat('finish-coat')).toBe(true);
});
