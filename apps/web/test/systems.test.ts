import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assess,
  asProduct,
  inTerms,
  STEP_KINDS,
  USUAL_TERMS,
  type Departure,
  type Product,
  type Step,
} from '@rustic/core';
import { claimsOf } from '../src/shelf/claims.ts';
import { readProduct, readTins, saidOfProduct } from '../src/shelf/readProduct.ts';
import { sheetLines } from '../src/shelf/sheetLines.ts';
import { asking, sayDeparture } from '../src/surface/departures.ts';
import { schoolRows } from '../src/surface/schoolRows.ts';
import { sayConsequence, sayInHundred, sayShows, sayTerm } from '../src/words/consequence.ts';
import { ourWords } from '../src/words/ourWords.ts';
import type { KeptProduct, Line, ProductNote } from '../src/store/endpoints.ts';
import { measuresOf } from '../src/words/measures.ts';

/** The words of a firm that has none of its own. */
const plain = ourWords({});

const lines: Line[] = (
  [
    { kind: 'wash', family: 'alkaline-cleaner', why: ['x'] },
    { kind: 'degloss', family: 'deglosser', why: ['x'] },
    { kind: 'prime', family: 'shellac-primer', coats: 1, scope: 'all', why: ['x'] },
  ] as Step[]
).map((step) => ({
  step,
  minutes: 1,
  litres: 0,
  thinnerL: 0,
  parts: null,
  pots: 0,
  readyAfterMin: 0,
  product: null,
  tools: [],
  others: [],
}));

describe('departures', () => {
  test('are said by line, and asked again take the place of what was asked before', () => {
    const skip: Departure = { act: 'skip', step: 1 };
    const swap: Departure = { act: 'swap', step: 2, family: 'bonding-acrylic-primer' };
    const move: Departure = { act: 'move', step: 1, to: 0 };
    expect([skip, swap, move].map((d) => sayDeparture(d, lines, plain))).toEqual([
      'Dull the gloss left out',
      'Prime: bonding primer instead',
      'Dull the gloss before wash',
    ]);
    expect(asking(asking([], skip), swap)).toEqual([skip, swap]);
    expect(asking([skip, swap], move)).toEqual([swap, move]);
    expect(sayDeparture({ act: 'skip', step: 9 }, lines, plain)).toBe('');
  });
  test('what follows is said with its day, its odds and its money', () => {
    const one = { kind: 'prime' as const, fault: 'peels' as const, text: '', odds: 0.78, shows: 'P1M', cost: 38_585 };
    expect(sayConsequence(one, 'GBP')).toBe('peels within a month, 78 in 100, £386 to put right');
    expect(['PT1H', 'P1D', 'P6M', 'P2Y', 'P9Y'].map(sayShows)).toEqual([
      'within the hour',
      'by the next day',
      'within half a year',
      'within two years',
      'in time',
    ]);
    expect([6, 12, 18, 30, 60].map(sayTerm)).toEqual([
      '6 months',
      'one year',
      'a year and a half',
      '2½ years',
      '5 years',
    ]);
    expect(sayInHundred(0.045)).toBe('5 in 100');
  });
});

describe('schools side by side', () => {
  const anySteps = fc.array(
    fc.record({
      kind: fc.constantFrom(...STEP_KINDS),
      grit: fc.constantFrom(undefined, 120, 220),
      why: fc.constant(['x']),
    }),
    { maxLength: 9 },
  ) as fc.Arbitrary<Step[]>;
  test('every step stands once in its column, and each column keeps its order', () => {
    fc.assert(
      fc.property(fc.array(anySteps, { minLength: 1, maxLength: 4 }), (systems) => {
        const rows = schoolRows(systems.map((steps) => ({ steps })));
        systems.forEach((steps, column) => {
          expect(rows.map((row) => row[column]).filter((s) => s !== null)).toEqual(steps);
        });
        for (const row of rows) expect(row.some((s) => s !== null)).toBe(true);
      }),
      { numRuns: 300, seed: 1 },
    );
  });
  test('what is alike stands in one row', () => {
    const { system, alternatives } = assess({
      surface: { element: 'trim', substrate: 'softwood', builtYear: 1995 },
      tests: [{ kind: 'spirit-rub', result: 'no-transfer' }],
    });
    const twice = schoolRows([system, system]);
    expect(twice).toHaveLength(system.steps.length);
    const apart = schoolRows([system, alternatives[0]!.system]);
    expect(apart.length).toBeLessThan(system.steps.length + alternatives[0]!.system.steps.length);
    expect(apart[0]!.map((s) => s && plain.sayStep(s))).toEqual(['Protect', 'Protect']);
  });
});

describe('the shelf', () => {
  const kept = {
    ...asProduct({ id: 'a', family: 'acrylic-trim', name: 'Newel', maker: 'Saltglass Works' }),
    own: false,
    kept: true,
    version: null,
    van: [],
    notes: [],
  } as unknown as KeptProduct;
  const note = (more: Partial<ProductNote>): ProductNote => ({
    id: 'n',
    productId: 'a',
    kind: 'claim',
    text: 'Holds on tile.',
    standing: 'believed',
    trialId: null,
    jobId: null,
    about: null,
    byName: 'Mei',
    at: '2027-03-01T08:00:00Z',
    ...more,
  });
  test('a claim stands by the newest note about it', () => {
    const notes = [
      note({ id: '1' }),
      note({ id: '2', about: '1', standing: 'tried', text: 'Held.' }),
      note({ id: '3', about: '1', standing: 'refuted', text: 'Let go at a month.' }),
      note({ id: '4', kind: 'note', standing: null, text: 'Sands well.' }),
      note({ id: '5', text: 'One coat.' }),
    ];
    expect(claimsOf(notes).map((c) => [c.id, c.standing, c.since.length])).toEqual([
      ['1', 'refuted', 2],
      ['5', 'believed', 0],
    ]);
  });
  const metric = { measures: measuresOf('metric'), currency: 'GBP' };
  const us = { measures: measuresOf('us'), currency: 'USD' };
  test('in gallons, dollars and °F a sheet is shown, typed and kept as it was', () => {
    const said = saidOfProduct(kept, us);
    const same = readProduct(said, kept.family, kept, us);
    expect(same.fault).toBeNull();
    expect(asProduct(same.sheet!)).toEqual(asProduct({ ...(kept as unknown as Product), ...same.sheet }));
    const changed = readProduct(
      { ...said, spread: '400', leastC: '50', tins: '1 at $62, 1 qt at 21' },
      kept.family,
      kept,
      us,
    );
    expect(changed.sheet!.spreadM2PerL).toBeCloseTo(9.82, 2);
    expect(changed.sheet!.drying!.minTempC).toBe(10);
    expect(changed.sheet!.tins!.map((t) => [Number(t.litres.toFixed(3)), t.price])).toEqual([
      [3.785, 6200],
      [0.946, 2100],
    ]);
  });
  test('tins are read as people write them', () => {
    expect(readTins('1 at 19.00, 2,5 at 41; 5: 80', metric)).toEqual([
      { litres: 1, price: 1900 },
      { litres: 2.5, price: 4100 },
      { litres: 5, price: 8000 },
    ]);
    expect(readTins('', metric)).toEqual([]);
    expect(readTins('a litre at 3', metric)).toBeNull();
    expect(readTins('0 at 3', metric)).toBeNull();
  });
  test('a sheet shown and kept unchanged is the same sheet; an empty figure leaves what was', () => {
    const said = saidOfProduct(kept, metric);
    const same = readProduct(said, kept.family, kept, metric);
    expect(same.fault).toBeNull();
    expect(asProduct(same.sheet!)).toEqual(asProduct({ ...(kept as unknown as Product), ...same.sheet }));
    const changed = readProduct({ ...said, spread: '9,5', opens: '' }, kept.family, kept, metric).sheet!;
    expect([changed.spreadM2PerL, changed.drying!.recoatMin]).toEqual([9.5, kept.drying.recoatMin]);
    expect(readProduct({ ...said, cure: 'soon' }, kept.family, kept, metric).fault).toContain('Cured');
    expect(readProduct({ ...said, tins: 'dear' }, kept.family, kept, metric).fault).toContain('Tins');
    const fresh = readProduct(
      { ...saidOfProduct(null, metric), name: 'New One', maker: 'Oxmere' },
      'filler',
      null,
      metric,
    ).sheet!;
    expect([fresh.id, fresh.family]).toEqual(['oxmere-new-one', 'filler']);
  });
  test('a sheet says what it knows, in words', () => {
    const epoxy = asProduct({ family: 'penetrating-epoxy', refuses: ['metal'] });
    const words = Object.fromEntries(sheetLines(epoxy, 'GBP', metric.measures));
    expect(words['mix']).toBe('2 to 1, pot life 30 min');
    expect(words['not on']).toBe('metal');
    expect(Object.keys(words)).not.toContain('sheens');
  });
});

describe('the firm’s own words', () => {
  test('board and first coat change with their plural and capital; names that tell two things apart stay', () => {
    const terms = { board: 'drywall', firstCoat: 'undercoat' } as const;
    expect(inTerms('Plasterboard takes a primer; two primers are more.', terms)).toBe(
      'Drywall takes an undercoat; two undercoats are more.',
    );
    expect(inTerms('acrylic primer-undercoat, oil primer', terms)).toBe('acrylic primer-undercoat, oil primer');
    expect(inTerms('Primer', USUAL_TERMS)).toBe('Primer');
  });
  test('are taken by every label of a firm that has them', () => {
    const { saySubstrate, inOurWords } = ourWords({ board: 'drywall' });
    expect([saySubstrate('drywall'), inOurWords('New plasterboard')]).toEqual(['drywall', 'New drywall']);
    expect(plain.saySubstrate('drywall')).toBe('plasterboard');
  });
});
