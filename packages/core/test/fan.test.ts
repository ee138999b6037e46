import { describe, expect, test } from '@jest/globals';
import { quantileSorted } from 'd3-array';
import { randomLcg } from 'd3-random';
import {
  assessSchema,
  caseOf,
  chanceOfLoss,
  compose,
  drawHouse,
  fanInputOf,
  fanSurfaceOf,
  FINISHES,
  houseTests,
  jointOdds,
  posteriorIn,
  priceJob,
  priceSystem,
  readBy,
  readHouse,
  simulateFan,
  stacksIn,
  surfaceFacts,
  TREATMENTS,
  USUAL_SETTINGS,
  type Case,
  type FanInput,
  type Member,
  type Treatment,
} from '../src/index.ts';
import { asIf } from '../src/systems/case.ts';
import { TREATMENT_OF } from '../src/evidence/knowledge/treatments.ts';

const member = (id: string, more: Partial<Member> = {}): Member => ({
  id,
  surface: surfaceFacts({ element: 'trim', substrate: 'softwood', areaM2: 12, builtYear: 1950 }),
  tests: [],
  campaign: 'gloss',
  ...more,
});
const HOUSE = readHouse([
  member('a', { tests: [{ kind: 'sheen-look', result: 'gloss' }] }),
  member('b'),
  member('c', { campaign: null }),
  member('wall', {
    campaign: null,
    surface: surfaceFacts({ element: 'wall', substrate: 'skim-plaster', areaM2: 30, builtYear: 1950 }),
  }),
]);

describe('drawing a house', () => {
  const { nodes, memberAt } = jointOdds(HOUSE);
  const DRAWS = 40_000;
  const random = randomLcg(0.31);
  const seen = Array.from({ length: DRAWS }, () => {
    const drawn = new Uint8Array(nodes.length);
    drawHouse(nodes, random, drawn);
    return drawn;
  });
  const share = (test: (drawn: Uint8Array) => boolean) => seen.filter(test).length / DRAWS;

  test('each surface by itself comes out with the odds that are shown for it', () => {
    for (const { id } of HOUSE.members) {
      const odds = posteriorIn(HOUSE, id);
      FINISHES.forEach((finish, f) => {
        // Four standard deviations of a share.
        const p = odds[finish];
        expect(Math.abs(share((d) => d[memberAt[id]!] === f) - p)).toBeLessThan(
          4 * Math.sqrt((p * (1 - p)) / DRAWS) + 1e-3,
        );
      });
    }
  });
  test('surfaces of one campaign go together, far more often than by chance', () => {
    const together = share((d) => d[memberAt['a']!] === d[memberAt['b']!]);
    const [a, b] = [posteriorIn(HOUSE, 'a'), posteriorIn(HOUSE, 'b')];
    const byChance = FINISHES.reduce((sum, f) => sum + a[f] * b[f], 0);
    expect(together).toBeGreaterThan(byChance + 0.1);
  });
});

/** A job of one surface of which nothing is unknown but the pace. */
const plain = (over: Partial<FanInput> = {}): FanInput => ({
  nodes: [{ on: -1, rows: [FINISHES.map((_, i) => (i === 0 ? 1 : 0))], ceiling: null }],
  surfaces: [
    {
      surfaceId: 's',
      nodes: [0],
      byFinish: FINISHES.map(() => ({ minutes: 1000, materials: 0 })),
      hidden: [],
      zones: [],
      areaSd: 0,
      paceSd: 0,
    },
  ],
  tests: [],
  minuteCost: 65,
  materialsFactor: 1,
  fixed: 0,
  jobPaceSd: 0.2,
  overhead: 0,
  margin: 0,
  seed: 0.5,
  draws: 20_000,
  ...over,
});

describe('the fan', () => {
  test('against a closed form: nothing unknown, and every part of the price in its place', () => {
    const sure = plain({ jobPaceSd: 0, materialsFactor: 1.3, fixed: 900, overhead: 1000, margin: 2000, draws: 100 });
    sure.surfaces[0]!.byFinish = FINISHES.map(() => ({ minutes: 1000, materials: 4000 }));
    sure.surfaces[0]!.hidden = [{ id: 'h', chance: 1, open: 'a board', minutes: 60, materials: 500 }];
    const cost = 900 + 1060 * 65 + 4500 * 1.3;
    const { fan, costs } = simulateFan(sure);
    const price = Math.round(cost * 1.1 * 1.2);
    expect(fan).toEqual({ p10: price, p50: price, p90: price });
    expect(costs[50]).toBe(Math.round(cost * 1.1));
  });
  test('against a closed form: a lognormal pace', () => {
    const { fan, costs } = simulateFan(plain());
    const z = 1.2815516;
    const exact = (sign: number) => 65_000 * Math.exp(sign * z * 0.2);
    expect(fan.p50 / 65_000).toBeCloseTo(1, 1);
    expect(Math.abs(fan.p10 / exact(-1) - 1)).toBeLessThan(0.01);
    expect(Math.abs(fan.p90 / exact(1) - 1)).toBeLessThan(0.01);
    expect(chanceOfLoss(costs, 65_000)).toBeCloseTo(0.5, 1);
    expect(chanceOfLoss(costs, exact(1))).toBeCloseTo(0.1, 1);
  });
  test('against a closed form: two finishes, one dear', () => {
    const rows = [FINISHES.map((_, i) => (i === 1 ? 0.7 : i === 2 ? 0.3 : 0))];
    const byFinish = FINISHES.map((_, i) => ({ minutes: i === 2 ? 2000 : 1000, materials: 0 }));
    const two = plain({
      nodes: [{ on: -1, rows, ceiling: null }],
      surfaces: [{ surfaceId: 's', nodes: [0], byFinish, hidden: [], zones: [], areaSd: 0, paceSd: 0 }],
      jobPaceSd: 0,
      // A test that tells them apart for certain.
      tests: [
        {
          surfaceId: 's',
          kind: 'spirit-rub',
          node: 0,
          minutes: 3,
          rows: FINISHES.map((_, i) => (i === 2 ? [0, 1] : [1, 0])),
        },
      ],
    });
    const { fan, costs, drivers } = simulateFan(two);
    expect([fan.p10, fan.p50, fan.p90]).toEqual([65_000, 65_000, 130_000]);
    expect(chanceOfLoss(costs, 100_000)).toBeCloseTo(0.3, 1);
    const told = drivers.find((d) => d.kind === 'test')!;
    expect(told.narrows).toBe(65_000);
    expect(told.width).toBe(0);
  });
  test('against a closed form: damage of a size in doubt widens it to what either end costs, and looking narrows that away', () => {
    const zones = [
      { damage: 'peeling' as const, low: { minutes: -200, materials: 0 }, high: { minutes: 600, materials: 0 } },
    ];
    const byFinish = FINISHES.map(() => ({ minutes: 1000, materials: 0 }));
    const one = plain({
      surfaces: [{ surfaceId: 's', nodes: [0], byFinish, hidden: [], zones, areaSd: 0, paceSd: 0 }],
      jobPaceSd: 0,
      draws: 20_000,
    });
    const { fan, drivers } = simulateFan(one);
    // One in ten ends beyond either end: 800 and 1,600 minutes beside the 1,000 that are likely.
    expect(fan.p10 / (800 * 65)).toBeCloseTo(1, 1);
    expect(fan.p50 / (1000 * 65)).toBeCloseTo(1, 1);
    expect(fan.p90 / (1600 * 65)).toBeCloseTo(1, 1);
    expect(drivers[0]).toMatchObject({ kind: 'zone', surfaceId: 's', damage: 'peeling' });
    expect(drivers[0]!.narrows).toBeGreaterThan(0.6 * (fan.p90 - fan.p10));
  });
  test('a test that tells nothing narrows nothing', () => {
    const blind = plain({
      tests: [{ surfaceId: 's', kind: 'spirit-rub', node: 0, minutes: 3, rows: FINISHES.map(() => [0.5, 0.5]) }],
    });
    const { drivers, fan } = simulateFan(blind);
    expect(Math.abs(drivers.find((d) => d.kind === 'test')!.narrows)).toBeLessThan(0.02 * (fan.p90 - fan.p10));
    expect(drivers[0]!.kind).toBe('pace');
  });
  test('the same seed gives the same fan, another one nearly the same', () => {
    expect(simulateFan(plain())).toEqual(simulateFan(plain()));
    const other = simulateFan(plain({ seed: 0.123 }));
    expect(other.fan).not.toEqual(simulateFan(plain()).fan);
    expect(Math.abs(other.fan.p50 / simulateFan(plain()).fan.p50 - 1)).toBeLessThan(0.01);
  });
  test('what is hidden and what was not measured have drivers of their own; progress is told', () => {
    const told: number[] = [];
    const { drivers } = simulateFan(
      plain({
        draws: 5000,
        surfaces: [
          {
            surfaceId: 's',
            nodes: [0],
            byFinish: FINISHES.map(() => ({ minutes: 1000, materials: 500 })),
            hidden: [{ id: 'rot', chance: 0.3, minutes: 900, materials: 0, open: 'a probe' }],
            zones: [],
            areaSd: 0.35,
            paceSd: 0.1,
          },
        ],
      }),
      (n) => told.push(n),
    );
    expect(told).toEqual([1000, 2000, 3000, 4000, 5000]);
    expect(drivers.map((d) => d.kind).sort()).toEqual(['measure', 'open', 'pace']);
    expect(drivers.find((d) => d.kind === 'open')!.how).toBe('a probe');
    for (const d of drivers) expect(d.narrows).toBeGreaterThan(0);
  });
  test('quantiles between neighbours in proportion', () => {
    expect(quantileSorted([0, 10], 0.25)).toBe(2.5);
    expect(quantileSorted([7], 0.9)).toBe(7);
    expect([chanceOfLoss([1, 2, 3], 0), chanceOfLoss([1, 2, 3], 3), chanceOfLoss([1, 2, 3], 2)]).toEqual([1, 0, 0.5]);
  });
});

describe('a real job', () => {
  const surface = { element: 'trim', substrate: 'softwood', areaM2: 12, builtYear: 1950 } as const;
  const { nodes, memberAt } = jointOdds(HOUSE);
  const asked = ['a', 'b', 'c'].map((surfaceId) => {
    const { c, made } = caseOf(readBy(assessSchema, { surface }), { oddsOf: () => stacksIn(HOUSE, surfaceId) });
    return { surfaceId, nodes: [memberAt[surfaceId]!], c, steps: made.steps, sized: 'typed' as const, zones: [] };
  });
  const price = priceJob(asked, USUAL_SETTINGS);
  const { tests } = houseTests(HOUSE);
  const input = fanInputOf({
    nodes,
    surfaces: asked.map(fanSurfaceOf),
    paintByLitre: asked.reduce((sum, s) => sum + priceSystem(s.steps, s.c.d.surface, s.c.shelf).materials, 0),
    tests: tests
      .filter((t) => t.member !== 'wall')
      .map((t) => ({ ...t, surfaceId: t.member, node: memberAt[t.member]!, on: asked[0]!.c.d.surface })),
    price,
    settings: USUAL_SETTINGS,
    learned: [],
    seed: 0.5,
    draws: 6000,
  });
  const { fan, drivers } = simulateFan(input);
  test('an hour costs its own and its part of the visits and the equipment; paint moves with what may be there', () => {
    expect(input.minuteCost).toBeCloseTo(
      USUAL_SETTINGS.hourCost / 60 +
        ((USUAL_SETTINGS.visitMinutes * USUAL_SETTINGS.hourCost) / 60 + USUAL_SETTINGS.equipmentPerVisit) /
          USUAL_SETTINGS.dayMinutes,
      9,
    );
    for (const [i, surface] of input.surfaces.entries()) {
      const { c, steps } = asked[i]!;
      const standing = priceSystem(steps, c.d.surface, c.shelf);
      expect(surface.byFinish[FINISHES.indexOf(c.d.likeliest)]).toEqual({
        minutes: standing.minutes,
        materials: standing.materials,
      });
      const other = treatmentsBut(c).find(
        (treatAs) => surface.byFinish[finishOf(treatAs)]!.minutes !== standing.minutes,
      );
      if (!other) continue;
      const as = asIf(c, other);
      const then = priceSystem(compose(as).steps, c.d.surface, c.shelf);
      expect(surface.byFinish[finishOf(other)]).toEqual({ minutes: then.minutes, materials: then.materials });
    }
  });

  test('the fan lies about the price, and a rub on a campaign narrows it', () => {
    expect(fan.p10).toBeLessThan(fan.p50);
    expect(fan.p50).toBeLessThan(fan.p90);
    expect(fan.p10).toBeLessThan(price.net * 1.1);
    expect(fan.p90).toBeGreaterThan(price.net * 0.9);
    expect(drivers.some((d) => d.kind === 'test' && d.narrows > 0)).toBe(true);
    for (const d of drivers) expect(d.width).toBeGreaterThanOrEqual(0);
  });
  test('it can be handed to a worker as it is', () => {
    expect(JSON.parse(JSON.stringify(input))).toEqual(input);
  });
  test('logs of the firm’s own narrow the crew’s pace', () => {
    const more = fanInputOf({
      nodes,
      surfaces: asked.map(fanSurfaceOf),
      paintByLitre: 1,
      tests: [],
      price,
      settings: USUAL_SETTINGS,
      learned: [{ kind: 'prime', pace: 1, own: 1, seen: 60 }],
      seed: 0.5,
      draws: 10,
    });
    expect(more.jobPaceSd).toBeLessThan(input.jobPaceSd);
  });
});

describe('more that is unknown', () => {
  const one = (over: Partial<FanInput['surfaces'][number]> = {}): FanInput['surfaces'][number] => ({
    surfaceId: 's',
    nodes: [0],
    byFinish: FINISHES.map(() => ({ minutes: 1000, materials: 2000 })),
    hidden: [],
    zones: [],
    areaSd: 0.02,
    paceSd: 0.1,
    ...over,
  });
  const width = (input: FanInput) => {
    const { fan } = simulateFan(input);
    return fan.p90 - fan.p10;
  };
  const of = (over: Partial<FanInput['surfaces'][number]>, more: Partial<FanInput> = {}) =>
    plain({ surfaces: [one(over)], jobPaceSd: 0.05, ...more });

  test('spreads the fan: sizes, pace, and what may turn up', () => {
    const sure = width(of({}));
    expect(width(of({ areaSd: 0.35 }))).toBeGreaterThan(sure);
    expect(width(of({ paceSd: 0.4 }))).toBeGreaterThan(sure);
    expect(
      width(of({ hidden: [{ id: 'rot', chance: 0.5, minutes: 800, materials: 0, open: 'a probe' }] })),
    ).toBeGreaterThan(sure);
    expect(width(of({}, { jobPaceSd: 0.3 }))).toBeGreaterThan(sure);
  });
  test('in many surfaces evens out, but not where they share one pace', () => {
    const many = (paceSd: number, jobPaceSd: number) => {
      const surfaces = Array.from({ length: 25 }, (_, i) => one({ surfaceId: `s${i}`, paceSd, areaSd: 0 }));
      const { fan } = simulateFan(plain({ surfaces, jobPaceSd, draws: 4000 }));
      return (fan.p90 - fan.p10) / fan.p50;
    };
    // Twenty-five apart spread a fifth of what one does; together they spread as one.
    const apart = many(0.3, 0);
    const together = many(0, 0.3);
    expect(together / apart).toBeGreaterThan(3.5);
    expect(together / apart).toBeLessThan(6.5);
  });
  test('what never turns up costs nothing, what always does costs itself', () => {
    const with_ = (chance: number) => {
      const rot = { id: 'rot', chance, minutes: 100, materials: 0, open: 'a probe' };
      return simulateFan(of({ hidden: [rot], areaSd: 0, paceSd: 0 }, { jobPaceSd: 0, draws: 500 })).fan.p50;
    };
    expect(with_(1) - with_(0)).toBe(100 * 65);
  });
  test('overhead and margin stretch the fan as they stretch the price', () => {
    const bare = simulateFan(of({}));
    const asked = simulateFan(of({}, { overhead: 1000, margin: 2000 }));
    for (const p of ['p10', 'p50', 'p90'] as const) expect(asked.fan[p] / bare.fan[p]).toBeCloseTo(1.1 * 1.2, 4);
    // What must be covered is cost with overhead: margin is what is left.
    expect(asked.costs[50]! / bare.costs[50]!).toBeCloseTo(1.1, 4);
  });
});

describe('part by part', () => {
  test('the chance of a loss runs evenly between two costs, and steps where several are alike', () => {
    const costs = [0, 10, 20, 20, 40];
    expect([2.5, 12.5, 20, 30].map((price) => chanceOfLoss(costs, price))).toEqual([
      1 - 0.25 / 4,
      1 - 1.25 / 4,
      1 - 3 / 4,
      1 - 3.5 / 4,
    ]);
  });
  test('a surface of two zones is each in equal parts, its paint as well', () => {
    const rows = [FINISHES.map((_, i) => (i === 1 ? 1 : 0))];
    const other = [FINISHES.map((_, i) => (i === 2 ? 1 : 0))];
    const byFinish = FINISHES.map((_, i) => ({ minutes: 1000 * i, materials: 300 * i }));
    const zoned = plain({
      nodes: [
        { on: -1, rows, ceiling: null },
        { on: -1, rows: other, ceiling: null },
      ],
      surfaces: [{ surfaceId: 's', nodes: [0, 1], byFinish, hidden: [], zones: [], areaSd: 0, paceSd: 0 }],
      jobPaceSd: 0,
      draws: 50,
    });
    expect(simulateFan(zoned).fan.p50).toBe(1500 * 65 + 450);
  });
  test('what narrows the fan is told of the price, overhead and margin in it; a size is a driver only where it was guessed', () => {
    const guessed = plain({ jobPaceSd: 0, overhead: 1000, margin: 2000, draws: 4000 });
    guessed.surfaces[0]!.areaSd = 0.35;
    const { fan, drivers } = simulateFan(guessed);
    const size = drivers.find((d) => d.kind === 'measure')!;
    // Rounded apart, the two may differ by a penny.
    expect(Math.abs(size.narrows + size.width - (fan.p90 - fan.p10))).toBeLessThanOrEqual(2);
    expect(size.narrows).toBeGreaterThan(0.6 * (fan.p90 - fan.p10));
    const typed = plain({});
    typed.surfaces[0]!.areaSd = 0.06;
    expect(simulateFan(typed).drivers.map((d) => d.kind)).toEqual(['pace']);
  });
});

const treatmentsBut = (c: Case) => TREATMENTS.filter((t) => t !== c.treatAs);
const finishOf = (treatAs: Treatment) => FINISHES.findIndex((finish) => TREATMENT_OF[finish] === treatAs);
