import { describe, expect, test } from '@jest/globals';
import {
  areaOfMeasure,
  asProduct,
  assessSchema,
  caseOf,
  estimateSystem,
  measureFault,
  minutesOf,
  readBy,
  SHIPPED_SHELF,
  sundriesFor,
  surfaceFacts,
  tinsFor,
  workingOf,
  type Measure,
  type Step,
} from '../src/index.ts';
import { paintFor } from '../src/quantities/paint.ts';

const step = (kind: Step['kind'], more: Partial<Step> = {}): Step => ({ kind, why: ['because'], ...more });
const wall = (more: object = {}) => surfaceFacts({ element: 'wall', substrate: 'drywall', areaM2: 20, ...more });

describe('a bead by its metres', () => {
  const joint = wall({ conditions: ['gaps'], extents: { gaps: { lengthM: 5 }, silicone: { lengthM: 3 } } });
  test('so many minutes a metre and a setting-up, slower up a ladder, at the firm’s own pace', () => {
    // 8 to set up, and 1.6 for each of 8 m; on the ladder 1.4 times that, and 12 for the way up.
    expect(minutesOf(step('caulk', { scope: 'spots' }), joint)).toBe(Math.round(8 + 1.6 * 8));
    expect(minutesOf(step('caulk', { scope: 'spots' }), joint, { access: 'ladder' })).toBe(
      Math.round(8 + 1.6 * 8 * 1.4 + 12),
    );
    expect(minutesOf(step('caulk', { scope: 'spots' }), joint, { pace: { caulk: 2 } })).toBe(
      Math.round(2 * (8 + 1.6 * 8)),
    );
  });
  test('where nobody measured it, and where it is done all over, by the square metre', () => {
    expect(minutesOf(step('caulk', { scope: 'spots' }), wall())).toBe(Math.round(8 + 0.8 * 20 * 0.08));
    expect(minutesOf(step('caulk'), joint)).toBe(Math.round(8 + 0.8 * 20));
    expect(minutesOf(step('fill', { scope: 'spots' }), joint)).toBe(Math.round(10 + 0.9 * 20 * 0.08));
  });
  test('a wait takes nobody’s minutes; airing takes its setting-up, whatever the size', () => {
    expect(minutesOf(step('cure-hold'), wall(), { access: 'ladder' })).toBe(0);
    expect(minutesOf(step('ventilate'), wall(), { access: 'ladder' })).toBe(5);
  });
});

describe('a system’s paint', () => {
  const steps = [
    step('spot-prime', { family: 'multi-purpose-acrylic-primer', coats: 1, scope: 'spots' }),
    step('prime', { family: 'pva-primer', coats: 1, scope: 'all' }),
    step('finish-coat', { family: 'acrylic-wall', coats: 2 }),
  ];
  const litres = (surface = wall({ isNew: true })) =>
    estimateSystem(steps, surface, SHIPPED_SHELF).map((e) => e.litres);
  test('only the first coat over the whole face is drunk, and only by bare ground', () => {
    const [, primer, finish] = litres();
    const [, sealed, same] = litres(wall());
    expect(primer! / sealed!).toBeCloseTo(1 / 0.9, 1);
    expect(finish).toBe(same);
    expect(litres(wall({ currentFinish: 'bare' }))).toEqual(litres());
  });
  test('the first product of a family on the shelf is the one that is reckoned with', () => {
    const shelf = [10, 14].map((spreadM2PerL) => asProduct({ family: 'acrylic-wall', spreadM2PerL }));
    const [one] = estimateSystem([step('finish-coat', { family: 'acrylic-wall', coats: 1 })], wall(), shelf);
    expect(one!.litres).toBe(2.2);
    expect(estimateSystem([step('finish-coat', { family: 'acrylic-wall' })], wall(), shelf)[0]!.product).toBe(shelf[0]);
  });
  test.each(['wash', 'degloss', 'solvent-wipe', 'mould-treat', 'strip'] as const)('%s takes its helper', (kind) => {
    const product = asProduct({ family: 'alkaline-cleaner' });
    expect(paintFor(step(kind), wall(), product).litres).toBe(Math.round(((20 * 1.1) / 12) * 100) / 100);
    expect(paintFor(step('dust-off'), wall(), product)).toEqual({ litres: 0, thinnerL: 0, parts: null, pots: 0 });
  });
  test('a two-part product is mixed in as many pots as its pot life asks; nothing is mixed for nothing', () => {
    const epoxy = {
      ...asProduct({ family: 'penetrating-epoxy', spreadM2PerL: 10 }),
      mix: { base: 2, hardener: 1, potLifeMin: 30 },
    };
    // 20 m², two coats, a tenth lost: 4.4 l, of which 20 minutes a litre are laid; 88 minutes are three pots.
    expect(paintFor(step('pre-prime', { coats: 2 }), wall(), epoxy)).toMatchObject({
      litres: 4.4,
      parts: { baseL: 2.93, hardenerL: 1.47 },
      pots: 3,
    });
    expect(paintFor(step('inspect'), wall(), epoxy)).toEqual({ litres: 0, thinnerL: 0, parts: null, pots: 0 });
  });
});

describe('what is used up', () => {
  const { c } = caseOf(readBy(assessSchema, { surface: { element: 'wall', substrate: 'drywall', areaM2: 20 } }));
  const used = (steps: Step[]) =>
    sundriesFor([{ c, steps, estimates: estimateSystem(steps, c.d.surface, c.shelf) }]).map((one) => [
      one.words,
      one.count,
    ]);
  test('sheets by their grit, one name each; wet paper is another', () => {
    expect(used([step('sand', { grit: 80 }), step('sand', { grit: 120 }), step('sand')])).toEqual([
      ['abrasive, 80 grit', 10],
      ['abrasive, 120 grit', 6],
      ['abrasive, 180 grit', 6],
    ]);
    expect(used([step('sand-between', { grit: 240, technique: 'wet' })])).toEqual([['wet-and-dry paper, 240 grit', 4]]);
  });
  test('a sleeve for each coat by house rule, its nap named; a strainer for what lasts', () => {
    const laid = used([step('finish-coat', { family: 'acrylic-wall', coats: 2, method: 'cut-in-and-roll' })]);
    expect(laid.find(([words]) => String(words).startsWith('roller sleeve'))).toEqual([
      expect.stringMatching(/^roller sleeve, \d+ mm nap$/),
      2,
    ]);
    expect(laid.find(([words]) => words === 'paint strainer')).toBeTruthy();
  });
  test('shellac throws its brush away, coat by coat', () => {
    expect(used([step('prime', { family: 'shellac-primer', coats: 2, method: 'brush' })])).toContainEqual([
      'throwaway brush',
      2,
    ]);
    expect(
      used([step('spot-prime', { family: 'shellac-primer', coats: 1, method: 'aerosol', scope: 'spots' })]),
    ).toEqual([]);
  });
});

describe('a measure with its openings', () => {
  const opening = { widthM: 1, heightM: 2, count: 2 };
  const panelling: Measure = {
    shape: 'panelling',
    widthM: 5,
    heightM: 2,
    panels: 4,
    panelWidthM: 0.7,
    panelHeightM: 0.6,
    standsOutM: 0.05,
    openings: [opening],
  };
  const siding: Measure = {
    shape: 'siding',
    widthM: 10,
    heightM: 3,
    gableM: 2,
    showsM: 0.15,
    thickM: 0.03,
    openings: [opening],
  };
  const say = (m: number) => `${m} m`;
  test('the openings come off before the laps are added', () => {
    expect(areaOfMeasure(panelling)).toBe(5 * 2 - 4 + 4 * 2 * 1.3 * 0.05);
    expect(areaOfMeasure(siding)).toBe(43.2);
  });
  test('how it came about, as it would be written beside it', () => {
    expect(workingOf(panelling, say)).toBe(
      '5 m × 2 m, less 2 × 1 m × 2 m, and round 4 panels of 0.7 m × 0.6 m another 0.05 m',
    );
    expect(workingOf(siding, say)).toBe(
      '10 m × 3 m and a gable of 2 m, less 2 × 1 m × 2 m, boards showing 0.15 m, lapped edges 0.03 m',
    );
    expect(workingOf({ shape: 'spindles', section: 'square', heightM: 0.8, thicknessM: 0.032, count: 42 }, say)).toBe(
      '42 square spindles, 0.8 m long, 0.032 m thick',
    );
  });
  test('a face that its openings take off whole is none', () => {
    const face: Measure = {
      shape: 'face',
      widthM: 5,
      heightM: 2,
      count: 1,
      bothSides: false,
      openings: [{ widthM: 5, heightM: 2, count: 1 }],
    };
    expect(measureFault(face)).toBe('The openings take off more than the face has.');
  });
});

test('surfaces are shared out the largest first, by name where they are alike', () => {
  const needs = [
    { surfaceId: 'b', litres: 2 },
    { surfaceId: 'a', litres: 2 },
    { surfaceId: 'c', litres: 3 },
  ];
  const plan = tinsFor(needs, [{ litres: 5, price: 5000 }], [], 0);
  expect(plan.fromBought).toEqual(['c', 'a', 'b']);
  expect(tinsFor([...needs].reverse(), [{ litres: 5, price: 5000 }], [], 0).fromBought).toEqual(['c', 'a', 'b']);
});
