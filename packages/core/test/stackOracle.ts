import { FINISHES, STACKS, type Finish, type StackKind, type SurfaceFacts, type TestRecord } from '../src/index.ts';
import { stacksGiven } from '../src/evidence/given.ts';
import { SHARED } from '../src/evidence/tree.ts';
import { GRIP_TABLES, LIKELIHOODS } from '../src/evidence/knowledge/likelihoods.ts';
import { priorOdds } from '../src/evidence/prior.ts';

/** The model of a house written out in full, state by state, beside the engine that sums it out: slow, and plain. */
export type Odds = number[];

/** Odds over stacks of a surface by itself. */
export const stackPrior = (surface: SurfaceFacts): Odds => {
  const tops = priorOdds(surface);
  return STACKS.map(({ top }, i) => tops[top] * stacksGiven(surface)[i]!);
};
export const mean = (all: readonly Odds[]): Odds =>
  all[0]!.map((_, i) => all.reduce((sum, odds) => sum + odds[i]!, 0) / all.length);
const onTop = (odds: Odds, top: Finish) => odds.reduce((sum, p, i) => (STACKS[i]!.top === top ? sum + p : sum), 0);
const layers = ({ top, under }: StackKind) => [top, ...under].join(' on ');
const LAYERS = STACKS.map(layers);

/** P(child | parent), row by row of the parent: it follows in part or whole, or carries its own; of bare it follows nothing. */
export function transition(
  child: Odds,
  parent: Odds,
  reach: number,
  shared: { stack: number; layers: number } = SHARED.campaign,
): Odds[] {
  const left = FINISHES.map((f) => Math.max(0, onTop(child, f) - (f === 'bare' ? 0 : reach) * onTop(parent, f)));
  const all = left.reduce((a, b) => a + b, 0);
  const tops = FINISHES.map((f) => onTop(child, f));
  const given = child.map((p, i) => p / tops[FINISHES.indexOf(STACKS[i]!.top)]!);
  const inLayers = new Map<string, number>();
  LAYERS.forEach((key, i) => inLayers.set(key, (inLayers.get(key) ?? 0) + given[i]!));
  return STACKS.map((from, h) => {
    const rho = from.top === 'bare' ? 0 : reach;
    const possible = inLayers.get(LAYERS[h]!)! > 0;
    return STACKS.map((to, i) => {
      const own = (left[FINISHES.indexOf(to.top)]! / all) * given[i]!;
      if (to.top !== from.top) return (1 - rho) * own;
      const sameLayers = possible && LAYERS[i] === LAYERS[h] ? given[i]! / inLayers.get(LAYERS[h]!)! : 0;
      const followed = possible
        ? shared.stack * Number(i === h) + shared.layers * sameLayers + (1 - shared.stack - shared.layers) * given[i]!
        : given[i]!;
      return rho * followed + (1 - rho) * own;
    });
  });
}

/** What a parent hears, matrix by vector. */
export const heard = (rows: readonly Odds[], said: Odds): Odds =>
  rows.map((row) => row.reduce((sum, p, i) => sum + p * said[i]!, 0));
/** What a child hears of its parent's odds. */
export const passed = (rows: readonly Odds[], odds: Odds): Odds =>
  STACKS.map((_, i) => rows.reduce((sum, row, h) => sum + odds[h]! * row[i]!, 0));
export const times = (...all: readonly Odds[]): Odds => all[0]!.map((_, i) => all.reduce((p, v) => p * v[i]!, 1));

/** By finish, of one. */
export function tops(odds: Odds): Record<Finish, number> {
  const total = odds.reduce((a, b) => a + b, 0);
  return Object.fromEntries(FINISHES.map((f) => [f, onTop(odds, f) / total])) as Record<Finish, number>;
}

/** How often a stack gives each result of a test, straight from the tables. */
export function resultsOf(
  kind: TestRecord['kind'],
  { top, under, bond }: StackKind,
): readonly (readonly [string, number])[] {
  const grip = GRIP_TABLES.find((t) => t.kind === kind);
  if (grip) {
    const row = grip.whatever?.[top] ?? (bond === 'sound' ? grip.sound?.[top] : undefined) ?? grip.bond[bond];
    return grip.results.map((result, i) => [result, row[i]!] as const);
  }
  const table = LIKELIHOODS.find((t) => t.kind === kind)!;
  const row = table.rows[top] ?? table.rest;
  const at = table.results.indexOf('lifts-to-lower-coat');
  if (at < 0 || top === 'waterborne-over-oil') return table.results.map((result, i) => [result, row[i]!] as const);
  // A lower coat comes off on the rag where one lies.
  const lifts = row[at]! * (under.some((l) => l !== 'primer') ? 1.6 : 0.2);
  return table.results.map(
    (result, i) => [result, i === at ? lifts : (row[i]! / (1 - row[at]!)) * (1 - lifts)] as const,
  );
}

/** What one test says, with what it says that somebody saw a film. */
export const says = (test: TestRecord): Odds =>
  STACKS.map(
    (stack) =>
      resultsOf(test.kind, stack).find(([result]) => result === test.result)![1] * (stack.top === 'bare' ? 0.1 : 1),
  );

const SHOWS_NOTHING = { sound: 0.97, weak: 0.7, gone: 0.3 };
/** What it says of the bonds that nothing is seen to peel: under each top against the others of that top. */
export function unseen(surface: SurfaceFacts): Odds {
  const given = stacksGiven(surface);
  return STACKS.map(({ top, bond }) => {
    const all = STACKS.reduce(
      (sum, other, i) => (other.top === top ? sum + given[i]! * SHOWS_NOTHING[other.bond] : sum),
      0,
    );
    return SHOWS_NOTHING[bond] / all;
  });
}
