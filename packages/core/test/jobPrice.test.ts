import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assessSchema,
  asProduct,
  caseOf,
  fanInputOf,
  learnRates,
  minutesOf,
  paintFor,
  paceOf,
  priceJob,
  priceSystem,
  readBy,
  shareOf,
  shareOut,
  surfaceFacts,
  USUAL_COUNTS,
  USUAL_SETTINGS,
  workOf,
  type PricedSurface,
  type PriceSettings,
  type Step,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270303, endOnFailure: true });

const made = (id: string, surface: object, wanted: object = {}): PricedSurface => {
  const { c, made: system } = caseOf(readBy(assessSchema, { surface, wanted }));
  return { surfaceId: id, c, steps: system.steps };
};
const ROOM = [
  made(
    'walls',
    { element: 'wall', substrate: 'skim-plaster', currentFinish: 'waterborne-acrylic', areaM2: 38 },
    { colour: '#d8cdb8' },
  ),
  made('ceiling', { element: 'ceiling', substrate: 'drywall', currentFinish: 'waterborne-acrylic', areaM2: 16 }),
  made(
    'trim',
    { element: 'trim', substrate: 'softwood', conditions: ['glossy'], builtYear: 1931, areaM2: 6 },
    { colour: '#22384d' },
  ),
];

describe('money', () => {
  test('shares add up to the last minor unit, and none is off its due by more than one', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 10_000_000 }),
        fc.array(fc.integer({ min: 0, max: 5000 }), { minLength: 1, maxLength: 40 }),
        (amount, weights) => {
          const parts = shareOut(amount, weights);
          expect(parts.reduce((a, b) => a + b, 0)).toBe(amount);
          const total = weights.reduce((a, b) => a + b, 0);
          parts.forEach((part, i) => {
            const due = total > 0 ? (amount * weights[i]!) / total : amount / weights.length;
            expect(Math.abs(part - due)).toBeLessThanOrEqual(1);
          });
        },
      ),
    );
    expect(shareOut(5, [])).toEqual([]);
    // Where nothing weighs, it is shared evenly.
    expect(shareOut(9, [0, 0, 0])).toEqual([3, 3, 3]);
  });
  test('percentages by whole numbers, halves up', () => {
    expect(shareOf(1001, 2000)).toBe(200);
    expect(shareOf(1005, 1000)).toBe(101);
    expect(shareOf(-1005, 1000)).toBe(-101);
    expect(shareOf(123_456_789, 1750)).toBe(21_604_938);
  });
});

describe('the price of a job', () => {
  test('every sum is the sum of its printed parts', () => {
    const settings = fc.record({
      hourCost: fc.integer({ min: 1, max: 20_000 }),
      visitMinutes: fc.integer({ min: 0, max: 120 }),
      dayMinutes: fc.integer({ min: 60, max: 720 }),
      equipmentPerVisit: fc.integer({ min: 0, max: 9999 }),
      overhead: fc.integer({ min: 0, max: 9999 }),
      margin: fc.integer({ min: 0, max: 9999 }),
      tax: fc.integer({ min: 0, max: 9999 }),
      reserveL: fc.constantFrom(0, 0.25, 1),
    });
    fc.assert(
      fc.property(settings, fc.subarray(ROOM, { minLength: 1 }), (own, surfaces) => {
        const p = priceJob(surfaces, { ...USUAL_SETTINGS, ...own });
        expect(p.lines.reduce((sum, l) => sum + l.price, 0)).toBe(p.net);
        expect(p.labour + p.paint + p.sundriesCost + p.equipment).toBe(p.cost);
        expect(p.cost + p.overhead + p.margin).toBe(p.net);
        expect(p.net + p.tax).toBe(p.total);
        expect(p.products.reduce((sum, x) => sum + x.cost, 0)).toBe(p.paint);
        expect(p.sundries.reduce((sum, x) => sum + x.price, 0)).toBe(p.sundriesCost);
        expect(p.lines.reduce((sum, l) => sum + l.minutes, 0)).toBe(p.minutes);
        for (const n of [p.labour, p.paint, p.net, p.tax, p.total, ...p.lines.map((l) => l.price)])
          expect(Number.isInteger(n)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  test('by hand: one wall, one product, no extras', () => {
    const shelf = [
      asProduct({
        family: 'acrylic-wall',
        spreadM2PerL: 11,
        tins: [
          { litres: 1, price: 1500 },
          { litres: 5, price: 6000 },
        ],
      }),
    ];
    const { c } = caseOf(
      readBy(assessSchema, {
        surface: { element: 'wall', substrate: 'drywall', areaM2: 25, currentFinish: 'waterborne-acrylic' },
      }),
    );
    const steps: Step[] = [
      { kind: 'finish-coat', family: 'acrylic-wall', coats: 2, method: 'cut-in-and-roll', why: ['x'] },
    ];
    const plain: PriceSettings = {
      ...USUAL_SETTINGS,
      hourCost: 6000,
      visitMinutes: 30,
      dayMinutes: 400,
      equipmentPerVisit: 500,
      overhead: 1000,
      margin: 2000,
      tax: 2000,
      reserveL: 0.5,
    };
    const p = priceJob([{ surfaceId: 'w', c: { ...c, shelf }, steps }], plain);
    // 2 × (10 set up + 4.2 × 25) = 230 min, one visit of 30: 260 min at 60.00 an hour.
    expect([p.minutes, p.visits, p.labour]).toEqual([230, 1, 26_000]);
    // 2 × 25 × 1.1 ÷ 11 = 5 L and half a litre kept: 5.5 L is 5 + 1.
    expect(p.paint).toBe(7500);
    expect(p.products[0]!.plan.leftL).toBeCloseTo(1, 6);
    // Two sleeves by the usual rule, and two strainers for five litres.
    expect(p.sundriesCost).toBe(2 * 320 + 2 * 40);
    const cost = 26_000 + 7500 + 720 + 500;
    expect(p.cost).toBe(cost);
    expect(p.net).toBe(cost + 3472 + 7638);
    expect(p.total).toBe(p.net + Math.round(p.net * 0.2));
  });

  test('what is in the van is used before tins are bought, in its own colour only', () => {
    const [walls] = ROOM;
    const dry = priceJob([walls!], USUAL_SETTINGS);
    const need = dry.products.find((p) => p.colour === '#d8cdb8')!;
    const tin = (colour: string | null) => [{ productId: need.product.id, batch: 'Q1', colour, litres: 50 }];
    const mine = priceJob([walls!], USUAL_SETTINGS, tin('#d8cdb8')).products.find((p) => p.colour === '#d8cdb8')!;
    expect(mine.plan.fromVan[0]!.batch).toBe('Q1');
    expect(mine.plan.bought.cost).toBe(0);
    expect(mine.cost).toBeGreaterThan(0);
    const other = priceJob([walls!], USUAL_SETTINGS, tin('#000000')).products.find((p) => p.colour === '#d8cdb8')!;
    expect(other.plan.fromVan).toEqual([]);
  });

  test('a sheet that names no size is priced by what is usual, never as nothing', () => {
    const [walls] = ROOM;
    const bare = walls!.c.shelf.map((p) => ({ ...p, tins: [] }));
    const price = priceJob([{ ...walls!, c: { ...walls!.c, shelf: bare } }], USUAL_SETTINGS);
    expect(price.paint).toBeGreaterThan(0);
    for (const p of price.products) expect(p.plan.bought.litres).toBeGreaterThanOrEqual(p.plan.needL);
  });

  test('two rooms in one colour share their tins', () => {
    const twin = { ...ROOM[0]!, surfaceId: 'walls 2' };
    const apart = 2 * priceJob([ROOM[0]!], USUAL_SETTINGS).paint;
    expect(priceJob([ROOM[0]!, twin], USUAL_SETTINGS).paint).toBeLessThanOrEqual(apart);
  });
});

describe('a job that is planned', () => {
  const planned = (visits: number, ...ids: string[]) => ({ visits, surfaceIds: new Set(ids) });
  /** The hours that a plan books on a surface, added up from its own steps. */
  const booked = ({ steps, c }: PricedSurface, visit: 'first' | 'return' = 'first') =>
    workOf(steps, c.d.surface, c.shelf, { visit }).reduce((sum, w) => sum + w.plan.minutes, 0);
  const [walls, ceiling, trim] = ROOM;

  test('is priced by the visits and booked hours of its plan', () => {
    const p = priceJob(ROOM, USUAL_SETTINGS, [], planned(7, 'walls', 'ceiling', 'trim'));
    expect(p.lines.map((l) => l.minutes)).toEqual(ROOM.map((s) => booked(s)));
    expect([p.visits, p.isPlanned]).toEqual([7, true]);
    expect(p.visitMinutes).toBe(7 * USUAL_SETTINGS.visitMinutes);
    expect(p.equipment).toBe(7 * USUAL_SETTINGS.equipmentPerVisit);
    expect(p.labour).toBe(Math.round(((p.minutes + p.visitMinutes) * USUAL_SETTINGS.hourCost) / 60));
    expect(p.lines.reduce((sum, l) => sum + l.price, 0)).toBe(p.net);
  });

  test('what the plan does not hold is added by the full day, at the usual hours', () => {
    const alone = priceJob([trim!], USUAL_SETTINGS);
    const p = priceJob(ROOM, USUAL_SETTINGS, [], planned(3, 'walls', 'ceiling'));
    expect(p.visits).toBe(3 + alone.visits);
    expect(p.lines[2]!.minutes).toBe(alone.minutes);
    expect(p.minutes).toBe(booked(walls!) + booked(ceiling!) + alone.minutes);
  });

  test('a plan that holds none of it says nothing of it', () => {
    expect(priceJob(ROOM, USUAL_SETTINGS, [], planned(9, 'another'))).toEqual(priceJob(ROOM, USUAL_SETTINGS));
  });

  test('a return visit has a day of its own beside the plan', () => {
    const [first, ...rest] = trim!.steps;
    const back: PricedSurface = { ...trim!, steps: [first!, ...rest, { ...rest.at(-1)!, later: 'P12M' }] };
    const p = priceJob([back], USUAL_SETTINGS, [], planned(2, 'trim'));
    expect(p.visits).toBe(3);
    expect(p.minutes).toBe(booked(back) + booked(back, 'return'));
  });

  test('the fan has the visits of the plan in each minute', () => {
    const price = priceJob(ROOM, USUAL_SETTINGS, [], planned(7, 'walls', 'ceiling', 'trim'));
    const { minuteCost } = fanInputOf({
      ...{ nodes: [], surfaces: [], paintByLitre: 1, tests: [], learned: [], seed: 0.5, draws: 1 },
      price,
      settings: USUAL_SETTINGS,
    });
    expect(minuteCost * price.minutes).toBeCloseTo(
      ((price.minutes + price.visitMinutes) * USUAL_SETTINGS.hourCost) / 60 + price.equipment,
      6,
    );
  });
});

describe('hours and paint', () => {
  const wall = surfaceFacts({ element: 'wall', substrate: 'skim-plaster', areaM2: 20 });
  const coat: Step = { kind: 'finish-coat', family: 'acrylic-wall', coats: 1, method: 'cut-in-and-roll', why: ['x'] };

  test('a stairwell takes longer than a ladder, a ladder longer than steps, steps longer than the floor', () => {
    const at = (access: 'floor' | 'steps' | 'ladder' | 'stairwell') => minutesOf(coat, wall, { access });
    expect(at('floor')).toBeLessThan(at('steps'));
    expect(at('steps')).toBeLessThan(at('ladder'));
    expect(at('ladder')).toBeLessThan(at('stairwell'));
    expect(minutesOf(coat, wall)).toBe(at('floor'));
  });
  test('spraying is quicker than rolling, a brush on a wall is slower', () => {
    const by = (method: Step['method'] & string) => minutesOf({ ...coat, method }, wall);
    expect(by('spray')).toBeLessThan(by('cut-in-and-roll'));
    expect(by('cut-in-and-roll')).toBeLessThan(by('brush'));
  });
  test('the firm’s own logs draw its rate, the more the more; the usual rate counts as some logs', () => {
    const seen = (n: number, ratio: number) =>
      Array.from({ length: n }, () => ({ kind: 'finish-coat' as const, usualMin: 100, loggedMin: 100 * ratio }));
    const pace = (n: number) => learnRates(seen(n, 1.5))[0]!.pace;
    expect(learnRates([])).toEqual([]);
    expect(pace(1)).toBeLessThan(pace(5));
    expect(pace(5)).toBeLessThan(pace(50));
    expect(pace(5000)).toBeCloseTo(1.5, 2);
    // As many logs as the usual rate counts for: half-way between, in logarithms.
    expect(pace(USUAL_COUNTS)).toBeCloseTo(Math.sqrt(1.5), 3);
    const [learned] = learnRates([...seen(6, 2), ...seen(6, 0.5)]);
    expect([learned!.pace, learned!.own, learned!.seen]).toEqual([1, 1, 12]);
    expect(minutesOf(coat, wall, { pace: paceOf(learnRates(seen(5000, 1.5))) })).toBeCloseTo(
      1.5 * minutesOf(coat, wall),
      -1,
    );
  });
  test('a slip of the pen does not turn a rate over', () => {
    const [learned] = learnRates([{ kind: 'wash', usualMin: 10, loggedMin: 100_000 }]);
    expect(learned!.pace).toBeLessThan(1.3);
    expect(learnRates([{ kind: 'wash', usualMin: 0, loggedMin: 5 }])).toEqual([]);
  });
  test('fresh plaster drinks its first coat and takes it thinned; what lies on it does not', () => {
    const fresh = surfaceFacts({ element: 'wall', substrate: 'skim-plaster', areaM2: 20, isNew: true });
    const product = asProduct({ family: 'acrylic-wall' });
    const first = paintFor(coat, fresh, product, true);
    const later = paintFor(coat, fresh, product, false);
    expect(first.litres).toBeGreaterThan(later.litres);
    expect(first.thinnerL).toBeGreaterThan(0);
    expect(later.thinnerL).toBe(0);
    expect(paintFor(coat, wall, product, true).litres).toBe(later.litres);
  });
  test('a two-part product is mixed in pots that are laid before they set', () => {
    const epoxy = asProduct({ family: 'penetrating-epoxy', mix: { base: 2, hardener: 1, potLifeMin: 20 } });
    const { litres, parts, pots } = paintFor(
      { kind: 'pre-prime', family: 'penetrating-epoxy', coats: 1, why: ['x'] },
      surfaceFacts({ element: 'sill', substrate: 'softwood', areaM2: 12 }),
      epoxy,
    );
    expect(parts!.baseL + parts!.hardenerL).toBeCloseTo(litres, 2);
    expect(parts!.baseL / parts!.hardenerL).toBeCloseTo(2, 1);
    expect(pots).toBe(Math.ceil((litres * 20) / 20));
  });
  test('a system by itself and a job of it agree on hours', () => {
    for (const s of ROOM) {
      const alone = priceSystem(s.steps, s.c.d.surface, s.c.shelf);
      expect(priceJob([s], USUAL_SETTINGS).minutes).toBe(alone.minutes);
    }
  });
});
