import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { USUAL_SETTINGS, type FanDriver, type FanResult } from '@rustic/core';
import { fanRows } from '../src/price/fanRows.ts';
import { priceNotes } from '../src/price/priceNotes.ts';
import { measuresOf } from '../src/words/measures.ts';
import { readSettings as readBy, settingFields } from '../src/price/settingFields.ts';
import { figure } from '../src/reckon/figure.ts';
import type { PricePage } from '../src/store/endpoints.ts';
import { ourWords } from '../src/words/ourWords.ts';

const { inOurWords } = ourWords({});

const driver = (more: Partial<FanDriver>): FanDriver => ({
  kind: 'test',
  surfaceId: 'a',
  test: 'spirit-rub',
  how: null,
  damage: null,
  minutes: 3,
  width: 6000,
  narrows: 4000,
  ...more,
});
const result = (drivers: FanDriver[]): FanResult => ({
  fan: { p10: 95_000, p50: 100_000, p90: 105_000 },
  costs: [],
  drivers,
  draws: 10,
});
const nameOf = (id: string) => (id === 'a' ? 'Panelling' : 'Wall');

describe('what would narrow the fan', () => {
  test('is said by what somebody can do about it, with the fan that would be left', () => {
    const rows = fanRows(
      result([
        driver({}),
        driver({ kind: 'measure', surfaceId: 'b', test: null, minutes: null, narrows: 3000, width: 7000 }),
        driver({
          kind: 'open',
          surfaceId: 'b',
          test: null,
          how: 'a probe at the sill ends',
          narrows: 2000,
          width: 8000,
        }),
        driver({
          kind: 'zone',
          surfaceId: 'b',
          test: null,
          damage: 'peeling',
          minutes: null,
          narrows: 1500,
          width: 8500,
        }),
        driver({ kind: 'pace', surfaceId: null, test: null, minutes: null, narrows: 1000, width: 9000 }),
      ]),
      nameOf,
    );
    expect(rows.map((r) => r.words)).toEqual([
      'Spirit rub, Panelling',
      'Measure Wall',
      'Wall: a probe at the sill ends',
      'Wall: how far it goes (comes away)',
      expect.stringContaining('pace'),
    ]);
    expect(rows.map((r) => r.to)).toEqual(['walk?surface=a', null, null, 'surfaces/b/damage', null]);
    expect([rows[0]!.p10, rows[0]!.p90]).toEqual([97_000, 103_000]);
  });
  test('one test of a surface, the best; nothing that hardly narrows; no more than are read', () => {
    const many = Array.from({ length: 9 }, (_, i) => driver({ surfaceId: `s${i}`, narrows: 900 - i }));
    const rows = fanRows(
      result([
        driver({}),
        driver({ test: 'cross-cut', narrows: 3000 }),
        ...many,
        driver({ surfaceId: 'z', narrows: 100 }),
      ]),
      nameOf,
    );
    expect(rows.filter((r) => r.surfaceId === 'a')).toHaveLength(1);
    expect(rows).toHaveLength(6);
    expect(rows.some((r) => r.surfaceId === 'z')).toBe(false);
  });
  test('a row never spreads wider than the fan, and a fan of no width has none', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 10_000 }), (width) => {
        for (const row of fanRows(result([driver({ width, narrows: 10_000 - width })]), nameOf)) {
          expect(row.p10).toBeGreaterThanOrEqual(95_000);
          expect(row.p90).toBeLessThanOrEqual(105_000);
        }
      }),
    );
    expect(fanRows({ ...result([driver({ narrows: 0 })]), fan: { p10: 5, p50: 5, p90: 5 } }, nameOf)).toEqual([]);
  });
});

describe('how the firm prices', () => {
  const fields = settingFields('GBP', measuresOf('metric').volume);
  const readSettings = (said: Record<string, string>) => readBy(said, fields);
  /** What the form asks; how prices are said to clients stands with the firm. */
  const { taxIncluded: _said, ...asked } = USUAL_SETTINGS;
  const form = (over: Record<string, string> = {}): Record<string, string> => ({
    ...Object.fromEntries(fields.map(({ name, show }) => [name, show(USUAL_SETTINGS[name] as never)])),
    ...over,
  });
  test('what is shown is read back as it was', () => {
    expect(readSettings(form())).toEqual({ settings: asked });
  });
  test('volumes are asked in the measures of whoever is here, money in the currency of the firm', () => {
    const us = settingFields('USD', measuresOf('us').volume);
    const kept = us.find((f) => f.name === 'reserveL')!;
    expect(kept.words).toBe('Kept of each colour, gallons');
    expect(kept.read('1 qt')).toBeCloseTo(0.9464, 4);
    expect(kept.read('a drop')).toBeNull();
    const yen = settingFields('JPY', measuresOf('metric').volume).find((f) => f.name === 'hourCost')!;
    expect([yen.show(4200 as never), yen.read('4200')]).toEqual(['4200', 4200]);
  });
  test('money and shares are read as people write them', () => {
    const read = readSettings(form({ hourCost: '£42,50', margin: '17.5 %', dayMinutes: '6.5', taxName: ' VAT ' }));
    expect(read).toMatchObject({ settings: { hourCost: 4250, margin: 1750, dayMinutes: 390, taxName: 'VAT' } });
  });
  test('what cannot be read is named, and nothing is kept', () => {
    for (const [name, typed] of [
      ['hourCost', 'a lot'],
      ['tax', '-5'],
      ['taxName', '  '],
      ['heldDays', ''],
    ] as const) {
      const read = readSettings(form({ [name]: typed }));
      const words = fields.find((f) => f.name === name)!.words;
      expect(read).toEqual({ fault: expect.stringContaining(words) });
    }
  });
});

describe('the reasons beside a price', () => {
  const page = {
    draft: {
      currency: 'GBP',
      lines: [
        { surfaceId: 'a', name: 'Panelling', withheld: ['Paper is painted over.'] },
        { surfaceId: 'b', name: 'Wall', withheld: [] },
      ],
    },
    sums: {
      minutes: 600,
      visitMinutes: 70,
      visits: 2,
      labour: 43_550,
      paint: 9_000,
      sundriesCost: 2_000,
      equipment: 800,
      overhead: 6_642,
      margin: 9_298,
    },
    settings: USUAL_SETTINGS,
    learned: [
      { kind: 'prime', seen: 3, own: 1.2, pace: 1.06 },
      { kind: 'finish-coat', seen: 9, own: 1.1, pace: 1.06 },
    ],
  } as unknown as PricePage;
  test('say every part of it, the steps logged most first, and why nothing is guaranteed', () => {
    const { notes, ofLine } = priceNotes(page, inOurWords);
    const all = notes.map((n) => `${n.head} ${n.text}`).join('\n');
    for (const part of ['10.0 h', '2 visits', '£435.50', '£90', '12 %', '15 %', 'Panelling: Paper is painted over.'])
      expect(all).toContain(part);
    expect(all.indexOf('9 logged')).toBeLessThan(all.indexOf('3 logged'));
    expect([...ofLine]).toEqual([['a', 5]]);
    expect(notes.map((n) => n.n)).toEqual(notes.map((_, i) => i + 1));
  });
  test('with nothing logged the usual rates are said to be it', () => {
    expect(priceNotes({ ...page, learned: [] }, inOurWords).notes[2]!.text).toContain('the hours are the usual rates');
  });
});

test('a figure is read with point or comma, and nothing else', () => {
  expect([figure('2,5'), figure(' 3 '), figure(''), figure('x')]).toEqual([2.5, 3, null, null]);
});
