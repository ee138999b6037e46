import { describe, expect, test } from '@jest/globals';
import {
  FINISHES,
  assessSchema,
  asProduct,
  caseOf,
  estimateSystem,
  fanInputOf,
  fanSurfaceOf,
  priceJob,
  priceOn,
  priceSystem,
  readBy,
  USUAL_COUNTS,
  USUAL_SETTINGS,
  type Case,
  type Product,
  type Step,
} from '../src/index.ts';
import { asIf } from '../src/systems/case.ts';
import { compose } from '../src/systems/compose.ts';
import { HIDDEN } from '../src/pricing/knowledge/hidden.ts';

/** Products with round figures, so that every price can be worked out on paper. */
const tins = (price: number) => [
  { litres: 1, price },
  { litres: 5, price: price * 4 },
];
const PRIMER = asProduct({
  id: 'primer',
  family: 'wood-acrylic-primer',
  spreadM2PerL: 10,
  spreadOn: {},
  tins: tins(1000),
  tints: 'greys',
});
const PAINT = asProduct({
  id: 'paint',
  family: 'acrylic-trim',
  spreadM2PerL: 12,
  spreadOn: {},
  tins: tins(2000),
  tints: 'any',
});
const CLEANER = asProduct({ id: 'cleaner', family: 'alkaline-cleaner', tins: tins(500) });
const CLEAR = asProduct({ id: 'clear', family: 'waterborne-clear', spreadM2PerL: 12, spreadOn: {}, tins: tins(3000) });
const WHITE = asProduct({
  id: 'white',
  family: 'oil-primer',
  spreadM2PerL: 12,
  spreadOn: {},
  tins: tins(1500),
  tints: 'white',
});
const SHELF: Product[] = [PRIMER, PAINT, CLEANER, CLEAR, WHITE];

const FINISH_AT = (finish: (typeof FINISHES)[number]) => FINISHES.indexOf(finish);

const step = (kind: Step['kind'], family?: Step['family'], more: Partial<Step> = {}): Step => ({
  kind,
  ...(family ? { family } : {}),
  why: [],
  ...more,
});
const WASH = step('wash', 'alkaline-cleaner');
const PRIME = step('prime', 'wood-acrylic-primer', { coats: 1, tint: 'grey-deep' });
const FINISH = step('finish-coat', 'acrylic-trim', { coats: 2 });
const STEPS = [WASH, PRIME, FINISH];

const caseFor = (surface: object, colour: string | null = '#22384d'): Case => ({
  ...caseOf(
    readBy(assessSchema, {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 12, ...surface },
      wanted: { colour },
    }),
  ).c,
  shelf: SHELF,
});
const painted = (colour?: string) => caseFor({ currentFinish: 'waterborne-acrylic' }, colour);

describe('one system, by hand', () => {
  test('its paint is its litres at the price of the smallest tin, its labour its minutes at the hour', () => {
    const c = painted();
    const litres = estimateSystem(STEPS, c.d.surface, SHELF).map((e) => e.litres);
    const minutes = estimateSystem(STEPS, c.d.surface, SHELF).reduce((sum, e) => sum + e.minutes, 0);
    expect(litres.every((l) => l > 0)).toBe(true);
    const paint = Math.round(litres[0]! * 500 + litres[1]! * 1000 + litres[2]! * 2000);
    const price = priceSystem(STEPS, c.d.surface, SHELF, 6000);
    expect(price.materials).toBe(paint);
    expect(price.labour).toBe(Math.round(minutes * 100));
    expect(price.cost).toBe(price.labour + paint);
    expect(price.litres).toBeCloseTo(litres[0]! + litres[1]! + litres[2]!, 2);
    expect(price.minutes).toBeCloseTo(minutes, 9);
  });
  test('bare ground drinks the coat that meets it, and no other', () => {
    const [bare, coated] = [
      caseFor({ isNew: true, substrate: 'mdf' }),
      caseFor({ substrate: 'mdf', currentFinish: 'waterborne-acrylic' }),
    ];
    const of = (c: Case, steps: Step[]) => priceSystem(steps, c.d.surface, SHELF).litres;
    expect(of(bare, [PRIME])).toBeGreaterThan(of(coated, [PRIME]));
    // Over a primer the finish takes what it takes anywhere.
    expect(of(bare, [PRIME, FINISH]) - of(bare, [PRIME])).toBeCloseTo(of(coated, [FINISH]), 2);
  });
  test('a wait is the label’s for each coat; what is done at a return visit is not waited for now', () => {
    const c = painted();
    const waits = (steps: Step[]) => priceSystem(steps, c.d.surface, SHELF).waitingMin;
    expect(waits([FINISH])).toBe(2 * PAINT.drying.recoatMin!);
    expect(waits([PRIME, FINISH])).toBe(PRIMER.drying.recoatMin! + 2 * PAINT.drying.recoatMin!);
    expect(waits([{ ...FINISH, later: 'P12M' }])).toBe(0);
    expect(waits([step('revisit', undefined, { waitMin: 500 })])).toBe(0);
  });
});

describe('what a job takes of each product', () => {
  const needsOf = (surfaces: { c: Case; steps: Step[] }[], van = [] as Parameters<typeof priceJob>[2]) =>
    priceJob(
      surfaces.map((s, i) => ({ ...s, surfaceId: `s${i}` })),
      USUAL_SETTINGS,
      van,
    ).products;

  test('a finish in its colour, a primer by its tint, clear and white goods as they come; a cleaner lays no film', () => {
    const steps = [
      WASH,
      PRIME,
      FINISH,
      step('spot-prime', 'oil-primer', { coats: 1, tint: 'grey-deep', scope: 'spots' }),
      step('clear-coat', 'waterborne-clear', { coats: 1 }),
    ];
    // A step that takes nothing of anything is no need.
    expect(needsOf([{ c: painted(), steps: [step('sand'), step('caulk', 'acrylic-caulk')] }])).toEqual([]);
    const tinted = [step('prime', 'waterborne-clear', { coats: 1, tint: 'grey-deep' })];
    expect(needsOf([{ c: painted(), steps: tinted }])[0]!.colour).toBeNull();
    const told = needsOf([{ c: painted(), steps }]).map((p) => [p.product.id, p.colour, p.film, p.seen]);
    expect(told).toEqual([
      ['cleaner', null, false, false],
      ['primer', 'grey-deep', true, false],
      ['paint', '#22384d', true, true],
      ['white', null, true, false],
      ['clear', null, true, true],
    ]);
    expect(needsOf([{ c: painted(), steps: [{ ...PRIME, tint: 'white' }] }])[0]!.colour).toBeNull();
  });
  test('one colour on two surfaces is one need of both; two colours are two', () => {
    const same = needsOf([
      { c: painted(), steps: [FINISH] },
      { c: painted(), steps: [FINISH] },
    ]);
    expect(same).toHaveLength(1);
    const alone = needsOf([{ c: painted(), steps: [FINISH] }])[0]!;
    expect(same[0]!.plan.fromBought).toEqual(['s0', 's1']);
    expect(same[0]!.cost).toBeGreaterThan(alone.cost);
    const two = needsOf([
      { c: painted('#22384d'), steps: [FINISH] },
      { c: painted('#f0ead8'), steps: [FINISH] },
    ]);
    expect(two.map((p) => p.colour)).toEqual(['#22384d', '#f0ead8']);
  });
  test('what is in the van in that colour is used, at the price of a litre in the tin that sells it cheapest', () => {
    const tin = (colour: string | null, litres: number) => ({ productId: 'paint', batch: 'B1', colour, litres });
    const used = needsOf([{ c: painted(), steps: [FINISH] }], [tin('#22384d', 40)])[0]!;
    const litres = used.plan.fromVan.reduce((sum, b) => sum + b.litres, 0);
    expect(litres).toBeGreaterThan(2);
    expect(used.plan.bought.tins).toEqual([]);
    // Five litres cost four times one: 1,600 a litre.
    expect(used.cost).toBe(Math.round(litres * 1600));
    expect(needsOf([{ c: painted(), steps: [FINISH] }], [tin('#ffffff', 40)])[0]!.plan.fromVan).toEqual([]);
  });
  test('the first coat on fresh plaster is thinned: what is stirred in is told by the hundredth of a litre', () => {
    const wall = readBy(assessSchema, {
      surface: { element: 'wall', substrate: 'skim-plaster', isNew: true, areaM2: 40 },
      wanted: { colour: '#f0ead8' },
    });
    const { c, made } = caseOf(wall);
    const thinned = estimateSystem(made.steps, c.d.surface, c.shelf, c.by).reduce((sum, e) => sum + e.thinnerL, 0);
    expect(thinned).toBeGreaterThan(0);
    const told = needsOf([{ c, steps: [...made.steps] }]).reduce((sum, p) => sum + p.thinnerL, 0);
    expect(told).toBeCloseTo(thinned, 1);
  });
  test('a line is its own hours and paint by the cheapest litre; sundries cost what they cost where the firm buys', () => {
    const c = painted();
    const surfaces = [{ surfaceId: 's', c, steps: STEPS }];
    const settings = { ...USUAL_SETTINGS, hourCost: 6000 };
    const price = priceJob(surfaces, settings);
    const estimates = estimateSystem(STEPS, c.d.surface, SHELF, c.by);
    const minutes = estimates.reduce((sum, e) => sum + e.minutes, 0);
    const paint = estimates.reduce((sum, e, i) => sum + e.litres * [400, 800, 1600][i]!, 0);
    const [line] = price.lines;
    expect(line!.litres).toBeCloseTo(
      estimates.reduce((sum, e) => sum + e.litres, 0),
      2,
    );
    expect(line!.cost).toBe(Math.round(minutes * 100) + Math.round(paint));
    const dear = priceJob(surfaces, { ...settings, sundriesLevel: 2 });
    expect(dear.sundriesCost).toBe(2 * price.sundriesCost);
    expect(dear.paint).toBe(price.paint);
  });
});

describe('what the fan is asked', () => {
  const doubtful = () =>
    caseOf(readBy(assessSchema, { surface: { element: 'trim', substrate: 'softwood', areaM2: 12, builtYear: 1950 } }));

  test('for everything it may turn out to be: what stands, moved by the difference that the other treatment makes', () => {
    const { c } = doubtful();
    // A system that stands and is not the one that would be composed.
    const steps = [FINISH];
    const fan = fanSurfaceOf({ surfaceId: 's', nodes: [0], c, steps, sized: 'guessed', zones: [] });
    const [standing, composed] = [priceOn(c, steps), priceOn(c, compose(c).steps)];
    const bare = asIf(c, 'clear');
    const to = priceOn(bare, compose(bare).steps);
    const moved = (what: 'minutes' | 'materials') => Math.max(0, standing[what] + to[what] - composed[what]);
    const shellac = fan.byFinish[FINISH_AT('shellac')]!;
    expect(shellac.minutes).toBeCloseTo(moved('minutes'), 6);
    expect(shellac.materials).toBeCloseTo(moved('materials'), 6);
    // What nobody would price for, and what it is treated as already, is as it stands.
    const asItStands = { minutes: standing.minutes, materials: standing.materials };
    expect(fan.byFinish[FINISH_AT('factory-laminate')]).toEqual(asItStands);
    expect(fan.byFinish[FINISH_AT(c.d.likeliest)]).toEqual(asItStands);
    expect([
      fan.areaSd,
      fanSurfaceOf({ surfaceId: 's', nodes: [0], c, steps, sized: 'measured', zones: [] }).areaSd,
    ]).toEqual([0.35, 0.02]);
  });
  test('what may be hidden costs more the more of the surface it is', () => {
    const cost = (areaM2: number) => {
      const { c, made } = caseOf(
        readBy(assessSchema, {
          surface: { element: 'siding', substrate: 'softwood', exposure: 'exterior-exposed', areaM2, builtYear: 1950 },
        }),
      );
      const { hidden } = fanSurfaceOf({ surfaceId: 's', nodes: [0], c, steps: made.steps, sized: 'typed', zones: [] });
      const rot = hidden.find((h) => h.id === 'rot-outside')!;
      expect(rot.chance).toBe(HIDDEN.find((h) => h.id === 'rot-outside')!.chance);
      return rot.minutes;
    };
    expect(cost(20)).toBeGreaterThan(0);
    expect(cost(80)).toBeGreaterThan(cost(20));
  });
  test('figures of the job: a minute with its part of visits and equipment, whole tins against litres, a pace that is learned', () => {
    const c = painted();
    const price = priceJob([{ surfaceId: 's', c, steps: STEPS }], USUAL_SETTINGS);
    const settings = { ...USUAL_SETTINGS, hourCost: 6000, visitMinutes: 30, equipmentPerVisit: 1200, dayMinutes: 420 };
    const ask = (paintByLitre: number, seen: number) =>
      fanInputOf({
        nodes: [],
        surfaces: [],
        paintByLitre,
        tests: [],
        price,
        settings,
        learned: [{ kind: 'wash', pace: 1, seen }],
        seed: 0.5,
        draws: 10,
      } as never);
    // 100 a minute; a visit is 30 minutes and 1,200: 4,200 over 420 minutes, 10 more.
    expect(ask(1000, 0).minuteCost).toBeCloseTo(110, 9);
    expect(ask(1000, 0).materialsFactor).toBeCloseTo((price.paint + price.sundriesCost) / 1000, 9);
    expect(ask(1000, 0).fixed).toBe(0);
    expect([ask(0, 0).materialsFactor, ask(0, 0).fixed]).toEqual([1, price.paint + price.sundriesCost]);
    expect(ask(1000, 0).jobPaceSd).toBeCloseTo(0.12, 9);
    expect(ask(1000, 3 * USUAL_COUNTS).jobPaceSd).toBeCloseTo(0.06, 9);
  });
});
