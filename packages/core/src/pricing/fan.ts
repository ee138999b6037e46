import { quantileSorted } from 'd3-array';
import { randomLcg, randomNormal } from 'd3-random';
import type { Damage, TestKind } from '../vocabulary/index.ts';
import { drawFrom, drawHouse } from '../evidence/jointOdds.ts';
import type { FanInput } from './fanInput.ts';

/** A price as far as it is known. Minor units, net of tax. */
export interface Fan {
  p10: number;
  p50: number;
  p90: number;
}

/** Something unknown, and how much narrower the fan is expected to be once it is known. */
export interface FanDriver {
  kind: 'test' | 'open' | 'measure' | 'zone' | 'pace';
  surfaceId: string | null;
  test: TestKind | null;
  /** What to look at, where it is not a test. */
  how: string | null;
  /** Which damage it is whose size is in doubt. */
  damage: Damage | null;
  minutes: number | null;
  /** Expected width from the tenth to the ninetieth, once known; and how much less that is than now. */
  width: number;
  narrows: number;
}

/** What a simulation says. */
export interface FanResult {
  fan: Fan;
  /** Cost in a hundred and one steps from least to most: what a price must cover. */
  costs: number[];
  drivers: FanDriver[];
  draws: number;
}

/** Groups of a driver that is a measure: as many as tell a wide one from a narrow one. */
const BANDS = 8;
/** Edges of eight equal parts of a normal distribution. */
const EDGES = [-1.15035, -0.67449, -0.31864, 0, 0.31864, 0.67449, 1.15035];
const bandOf = (z: number) => EDGES.reduce((band, edge) => (z > edge ? band + 1 : band), 0);
/** One in ten of a normal distribution lies beyond so many standard deviations; nothing is drawn farther out than this many times that. */
const ONE_IN_TEN = 1.28155;
const FARTHEST = 1.8;
/** A size that was measured is not worth measuring again. */
const WORTH_MEASURING = 0.1;

interface Driver extends Pick<FanDriver, 'kind' | 'surfaceId' | 'test' | 'how' | 'damage' | 'minutes'> {
  groups: number;
  /** Which group each draw fell into. */
  of: Uint8Array;
}

/** Lays out what could be found out: each test, each thing to be opened or measured, and the crew's pace. */
function driversOf(input: FanInput): {
  all: Driver[];
  tests: Driver[];
  open: (Driver | null)[];
  size: (Driver | null)[];
  zones: Driver[][];
  pace: Driver;
} {
  const make = (
    kind: Driver['kind'],
    surfaceId: string | null,
    groups: number,
    more: Partial<Driver> = {},
  ): Driver => ({
    kind,
    surfaceId,
    groups,
    test: null,
    how: null,
    damage: null,
    minutes: null,
    of: new Uint8Array(input.draws),
    ...more,
  });
  const tests = input.tests.map((t) =>
    make('test', t.surfaceId, t.rows[0]!.length, { test: t.kind, minutes: t.minutes }),
  );
  const open = input.surfaces.map((s) =>
    s.hidden.length
      ? make('open', s.surfaceId, 2 ** s.hidden.length, { how: s.hidden.map((h) => h.open).join(', ') })
      : null,
  );
  const size = input.surfaces.map((s) => (s.areaSd > WORTH_MEASURING ? make('measure', s.surfaceId, BANDS) : null));
  const zones = input.surfaces.map((s) => s.zones.map(({ damage }) => make('zone', s.surfaceId, BANDS, { damage })));
  const pace = make('pace', null, BANDS);
  const there = <T>(x: T | null): x is T => x !== null;
  return {
    all: [...tests, ...open.filter(there), ...size.filter(there), ...zones.flat(), pace],
    tests,
    open,
    size,
    zones,
    pace,
  };
}

/**
 * Simulates the job over everything unknown: the finish of each surface, campaigns together; what is hidden; sizes;
 * and pace, of the crew and of each surface. Costs out, unsorted, and every driver's groups. `onDone` hears how many
 * draws are made. The same input gives the same draws.
 */
function draw(input: FanInput, drivers: ReturnType<typeof driversOf>, onDone: (draws: number) => void): Float64Array {
  const random = randomLcg(input.seed);
  const normal = randomNormal.source(random)();
  const costs = new Float64Array(input.draws);
  const finish = new Uint8Array(input.nodes.length);
  for (let d = 0; d < input.draws; d++) {
    drawHouse(input.nodes, random, finish);
    const zJob = normal();
    drivers.pace.of[d] = bandOf(zJob);
    const pace = Math.exp(input.jobPaceSd * zJob);
    let sum = input.fixed;
    input.surfaces.forEach((s, i) => {
      const zArea = normal();
      if (drivers.size[i]) drivers.size[i].of[d] = bandOf(zArea);
      const size = Math.exp(s.areaSd * zArea);
      let minutes = 0;
      let materials = 0;
      for (const node of s.nodes) {
        const out = s.byFinish[finish[node]!]!;
        minutes += out.minutes / s.nodes.length;
        materials += out.materials / s.nodes.length;
      }
      let found = 0;
      s.hidden.forEach((h, k) => {
        if (random() >= h.chance) return;
        found |= 1 << k;
        minutes += h.minutes;
        materials += h.materials;
      });
      if (drivers.open[i]) drivers.open[i].of[d] = found;
      s.zones.forEach((zone, k) => {
        const z = normal();
        drivers.zones[i]![k]!.of[d] = bandOf(z);
        const end = z < 0 ? zone.low : zone.high;
        const share = Math.min(FARTHEST, Math.abs(z) / ONE_IN_TEN);
        minutes += end.minutes * share;
        materials += end.materials * share;
      });
      const hours = minutes * pace * Math.exp(s.paceSd * normal());
      sum += size * (hours * input.minuteCost + materials * input.materialsFactor);
    });
    input.tests.forEach((t, i) => {
      drivers.tests[i]!.of[d] = drawFrom(t.rows[finish[t.node]!]!, random());
    });
    costs[d] = sum;
    if ((d + 1) % 1000 === 0) onDone(d + 1);
  }
  return costs;
}

/** Fewer draws than this say too little of a group by itself. */
const LEAST_IN_A_GROUP = 30;

/** The width from the tenth to the ninetieth that is left, on the average over a driver's groups. `order`: draws by cost. */
function widthKnowing(driver: Driver, order: Uint32Array, costs: Float64Array, now: number): number {
  const groups: number[][] = Array.from({ length: driver.groups }, () => []);
  for (const d of order) groups[driver.of[d]!]!.push(costs[d]!);
  let sum = 0;
  for (const group of groups) {
    const width = group.length < LEAST_IN_A_GROUP ? now : quantileSorted(group, 0.9)! - quantileSorted(group, 0.1)!;
    sum += (group.length / order.length) * width;
  }
  return sum;
}

/**
 * Runs the simulation and reads it: P10, P50 and P90 of the net price, the costs behind them, and the drivers, those
 * first that narrow the fan most. Overhead and margin go on every draw alike.
 */
export function simulateFan(input: FanInput, onDone: (draws: number) => void = () => {}): FanResult {
  const drivers = driversOf(input);
  const costs = draw(input, drivers, onDone);
  const order = Uint32Array.from(costs, (_, i) => i).sort((a, b) => costs[a]! - costs[b]!);
  const sorted = Array.from(order, (d) => costs[d]!);
  const overhead = 1 + input.overhead / 10_000;
  const onCost = overhead * (1 + input.margin / 10_000);
  const price = (p: number) => Math.round(quantileSorted(sorted, p)! * onCost);
  const now = quantileSorted(sorted, 0.9)! - quantileSorted(sorted, 0.1)!;
  return {
    fan: { p10: price(0.1), p50: price(0.5), p90: price(0.9) },
    costs: Array.from({ length: 101 }, (_, i) => Math.round(quantileSorted(sorted, i / 100)! * overhead)),
    drivers: drivers.all
      .map((driver): FanDriver => {
        const { of: _of, groups: _groups, ...said } = driver;
        const width = widthKnowing(driver, order, costs, now) * onCost;
        return { ...said, width: Math.round(width), narrows: Math.round(now * onCost - width) };
      })
      .sort((a, b) => b.narrows - a.narrows),
    draws: input.draws,
  };
}

/** The chance that a net price does not cover its cost, overhead included: read off the simulated costs, 0 to 1. */
export function chanceOfLoss(costs: readonly number[], price: number): number {
  if (price >= costs.at(-1)!) return 0;
  if (price < costs[0]!) return 1;
  const at = costs.findIndex((cost) => cost > price);
  const [below, above] = [costs[at - 1]!, costs[at]!];
  return 1 - (at - 1 + (above > below ? (price - below) / (above - below) : 0)) / (costs.length - 1);
}
