import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  agedColour,
  ciede2000Of,
  labOf,
  LIGHTS,
  MENDS,
  METHODS,
  SHEENS,
  SHIPPED_SHELF,
  TEXTURES,
  touchUp,
  touchUpKit,
  VIEWS,
  type Lab,
  type TouchUpAsked,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

/** Pairs of colours published with the CIEDE2000 formula to check programs by: L* a* b*, L* a* b*, difference. */
const PAIRS: readonly (readonly [number, number, number, number, number, number, number])[] = [
  [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
  [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
  [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
  [50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0],
  [50, -1.1848, -84.8006, 50, 0, -82.7485, 1.0],
  [50, -0.9009, -85.5211, 50, 0, -82.7485, 1.0],
  [50, 0, 0, 50, -1, 2, 2.3669],
  [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
  [50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195],
  [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461],
  [50, 2.5, 0, 50, 0, -2.5, 4.3065],
  [50, 2.5, 0, 73, 25, -18, 27.1492],
  [50, 2.5, 0, 61, -5, 29, 22.8977],
  [50, 2.5, 0, 56, -27, -3, 31.903],
  [50, 2.5, 0, 58, 24, 15, 19.4535],
  [50, 2.5, 0, 50, 3.1736, 0.5854, 1.0],
  [50, 2.5, 0, 50, 3.2972, 0, 1.0],
  [50, 2.5, 0, 50, 1.8634, 0.5757, 1.0],
  [50, 2.5, 0, 50, 3.2592, 0.335, 1.0],
  [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
  [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
  [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
  [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
  [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
  [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
  [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
  [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
  [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
  [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
];

describe('the difference of two colours', () => {
  test.each(PAIRS)('%d %d %d beside %d %d %d is %d', (l1, a1, b1, l2, a2, b2, expected) => {
    const [one, other]: Lab[] = [
      { l: l1, a: a1, b: b1 },
      { l: l2, a: a2, b: b2 },
    ];
    expect(ciede2000Of(one!, other!)).toBeCloseTo(expected, 4);
    expect(ciede2000Of(other!, one!)).toBeCloseTo(expected, 4);
  });
});

const asked = (more: Partial<TouchUpAsked> = {}): TouchUpAsked => ({
  sheen: 'eggshell',
  colour: '#d8cfb8',
  chemistry: 'waterborne',
  exposure: 'interior-dry',
  light: null,
  texture: 'smooth',
  ageMonths: 12,
  sameBatch: true,
  laidBy: 'roll',
  mendBy: 'roll',
  sizeM2: 0.005,
  view: 'plain',
  ...more,
});
const anyAsked = fc.record<TouchUpAsked>({
  sheen: fc.constantFrom(...SHEENS),
  colour: fc.constantFrom('#ffffff', '#d8cfb8', '#22384d', '#8a1c1c', '#f1c40f', null),
  chemistry: fc.constantFrom('waterborne', 'solvent-borne', 'alcohol-borne', 'two-part'),
  exposure: fc.constantFrom('interior-dry', 'interior-wet', 'exterior-exposed'),
  light: fc.constantFrom(null, ...LIGHTS),
  texture: fc.constantFrom(...TEXTURES),
  ageMonths: fc.double({ min: 0, max: 240, noNaN: true }),
  sameBatch: fc.boolean(),
  laidBy: fc.constantFrom(...METHODS),
  mendBy: fc.constantFrom(...METHODS),
  sizeM2: fc.double({ min: 0.0001, max: 4, noNaN: true }),
  view: fc.constantFrom(...VIEWS),
});
const oddsOf = (more: Partial<TouchUpAsked>) => touchUp(asked(more)).odds;

describe('whether it will show', () => {
  test('odds are odds, and more mended never shows more', () => {
    fc.assert(
      fc.property(anyAsked, (one) => {
        const { odds, recommended } = touchUp(one);
        for (const mend of MENDS) {
          expect(odds[mend]).toBeGreaterThanOrEqual(0);
          expect(odds[mend]).toBeLessThanOrEqual(1);
        }
        expect(odds.spot).toBeGreaterThanOrEqual(odds.feather - 1e-9);
        expect(odds.feather).toBeGreaterThanOrEqual(odds['corner-to-corner'] - 1e-9);
        // The smallest that can be borne, or the largest there is.
        const larger = MENDS.slice(0, MENDS.indexOf(recommended));
        for (const mend of larger) expect(odds[mend]).toBeGreaterThan(0.3);
      }),
    );
  });
  test('age, another batch, sheen, another hand, size and raking light each make it show more', () => {
    const usual = oddsOf({}).spot;
    const worse: Partial<TouchUpAsked>[] = [
      { ageMonths: 72 },
      { sameBatch: false },
      { sheen: 'gloss' },
      { mendBy: 'brush' },
      { sizeM2: 0.2 },
      { view: 'raking' },
    ];
    for (const one of worse) expect(oddsOf(one).spot).toBeGreaterThan(usual);
    const better: Partial<TouchUpAsked>[] = [{ ageMonths: 0 }, { sheen: 'flat' }, { view: 'aside' }];
    for (const one of better) expect(oddsOf(one).spot).toBeLessThan(usual);
  });
  test('as a painter would say: a fresh flat knock is a spot, an old satin in a strong colour goes corner to corner', () => {
    expect(touchUp(asked({ sheen: 'flat', ageMonths: 1, sizeM2: 0.001 })).recommended).toBe('spot');
    expect(touchUp(asked({ ageMonths: 18, sizeM2: 0.01 })).recommended).toBe('feather');
    const old = touchUp(
      asked({ sheen: 'satin', colour: '#8a1c1c', ageMonths: 60, sameBatch: false, light: 'sun-through-glass' }),
    );
    expect(old.recommended).toBe('corner-to-corner');
    expect(old.reasons.map((r) => r.code)).toEqual(expect.arrayContaining(['drift', 'batch', 'sheen']));
  });
  test('the odds of a colour nobody wrote down rest on sheen and hand alone', () => {
    const unknown = touchUp(asked({ colour: null, ageMonths: 120 }));
    expect(unknown.driftDeltaE).toBe(0);
    expect(unknown.reasons[0]!.words).toContain('not written down');
  });
});

describe('a colour as it ages', () => {
  const drift = (colour: string, more: Partial<TouchUpAsked>, light: (typeof LIGHTS)[number]) => {
    const fresh = labOf(colour)!;
    return ciede2000Of(fresh, agedColour(fresh, asked(more), light));
  };
  test('drifts further the longer it hangs, and not at all on its first day', () => {
    for (const light of LIGHTS) {
      expect(drift('#8a1c1c', { ageMonths: 0 }, light)).toBe(0);
      const ages = [6, 12, 36, 120].map((ageMonths) => drift('#8a1c1c', { ageMonths }, light));
      expect([...ages].sort((a, b) => a - b)).toEqual(ages);
    }
  });
  test('oil white yellows in the dark; a strong red fades in the sun', () => {
    const white = { chemistry: 'solvent-borne', ageMonths: 48 } as const;
    expect(drift('#f8f6f0', white, 'dark')).toBeGreaterThan(drift('#f8f6f0', white, 'sun-through-glass'));
    expect(drift('#c0182a', { ageMonths: 48 }, 'open-sky')).toBeGreaterThan(
      drift('#c0182a', { ageMonths: 48 }, 'room-light'),
    );
    expect(drift('#c0182a', { ageMonths: 48 }, 'open-sky')).toBeGreaterThan(
      drift('#9a948c', { ageMonths: 48 }, 'open-sky'),
    );
  });
});

describe('why a mend shows', () => {
  const asked: TouchUpAsked = {
    sheen: 'matt',
    colour: '#d8cfb8',
    chemistry: 'waterborne',
    exposure: 'interior-dry',
    light: null,
    texture: 'smooth',
    ageMonths: 3,
    sameBatch: true,
    laidBy: 'roll',
    mendBy: 'roll',
    sizeM2: 0.005,
    view: 'plain',
  };
  const codes = (more: Partial<TouchUpAsked>) => touchUp({ ...asked, ...more }).reasons.map((r) => r.code);
  test('says each thing that speaks for it, and none that does not', () => {
    expect(codes({})).toEqual(['drift', 'sheen']);
    expect(codes({ view: 'raking' })).toEqual(['drift', 'sheen', 'view']);
    expect(codes({ sameBatch: false })).toEqual(['drift', 'batch', 'sheen']);
    expect(codes({ laidBy: 'spray', mendBy: 'brush' })).toContain('hand');
    expect(codes({ sizeM2: 0.5 })).toContain('size');
    const viewOf = (view: TouchUpAsked['view']) =>
      touchUp({ ...asked, view }).reasons.find((r) => r.code === 'view')?.words ?? null;
    expect(VIEWS.map(viewOf).filter((w) => w === null)).toHaveLength(1);
    expect(viewOf('raking')).toBe('In raking light every edge shows.');
  });
  test('forgives where flat, flashes where it shines, and says what nobody wrote down', () => {
    const sheenOf = (sheen: TouchUpAsked['sheen']) =>
      touchUp({ ...asked, sheen }).reasons.find((r) => r.code === 'sheen')!.words;
    expect(sheenOf('flat')).toBe('A flat film forgives.');
    expect(sheenOf('gloss')).toContain('flashes at its edge');
    expect(touchUp({ ...asked, colour: null }).reasons[0]!.words).toContain('not written down');
  });
});

describe('the kit', () => {
  const product = SHIPPED_SHELF.find((p) => p.family === 'acrylic-wall')!;
  const laid = { product, batch: 'B7', colour: '#d8cfb8' };
  const tin = (batch: string, litres: number) => ({ productId: product.id, batch, colour: null, litres });
  test('is the very batch while enough of it is left by the record, and says how much', () => {
    const kit = touchUpKit(laid, 0.2, [tin('B7', 0.4), tin('B7', 0.3), tin('B8', 5)]);
    expect(kit).toMatchObject({ sameBatch: true, buyL: null, batch: 'B7' });
    expect(kit.leftL).toBeCloseTo(0.7, 9);
    expect(kit.words).toContain('0.7 L of batch B7');
  });
  test('else the smallest tin that is enough is bought, of another batch', () => {
    const smallest = Math.min(...product.tins.map((t) => t.litres));
    const kit = touchUpKit(laid, 0.2, [tin('B8', 5)]);
    expect(kit).toMatchObject({ sameBatch: false, leftL: 0, buyL: smallest });
    const much = touchUpKit(laid, product.spreadM2PerL * 3, [tin('B7', 1)]);
    expect(much.neededL).toBeCloseTo(6, 6);
    expect(much.sameBatch).toBe(false);
    expect(much.words).toContain('only 1.0 L');
  });
});
