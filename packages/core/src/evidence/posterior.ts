import { FINISHES, type Finish } from '../vocabulary/index.ts';
import { surfaceFacts, groundOf, type Neighbour, type SurfaceFacts, type TestRecord } from './facts.ts';
import { BASE_ROWS, FACTOR_ROWS } from './knowledge/priors.ts';
import { ADHESION_TESTS, LIKELIHOODS, YELLOWED } from './knowledge/likelihoods.ts';

/** Odds over every finish; sums to 1. */
export type FinishOdds = Record<Finish, number>;

/** One finish with its probability, 0 to 1. */
export interface FinishChance {
  code: Finish;
  probability: number;
}

/** What one item of evidence did to the leading finish: how many to one, above 1 for it, below 1 against it. */
export interface EvidenceWeight {
  from: 'prior' | 'look' | 'record' | 'test' | 'neighbour';
  /** Index of the test or neighbour it came from, where it came from one. */
  index: number | null;
  ratio: number;
  text: string;
  source: string | null;
}

const FLOOR = 0.05;
const RECORD_STANDS = 0.85;
/** How often a surface of one campaign carries that campaign's paint, by likeness of element. Source: practice. */
const SAME_CAMPAIGN = { sameElement: 0.92, otherElement: 0.82 };
/** How far a house's habit by element reaches where the campaign is not known. Source: practice. */
const HABIT = { sameElement: 0.5, otherElement: 0.12 };

const mapOdds = (f: (finish: Finish) => number): FinishOdds =>
  Object.fromEntries(FINISHES.map((finish) => [finish, f(finish)])) as FinishOdds;

/** Scales odds to sum to 1. */
export function normalise(odds: FinishOdds): FinishOdds {
  const total = FINISHES.reduce((sum, finish) => sum + odds[finish], 0);
  return mapOdds((finish) => odds[finish] / total);
}

/** The odds before any test: ground, age, look, and what the firm's own record says. */
export function priorOdds(surface: SurfaceFacts): FinishOdds {
  const ground = groundOf(surface.substrate);
  const base = BASE_ROWS.find((row) => row.ground === ground && row.when(surface))!;
  const factors = FACTOR_ROWS.filter((row) => row.when(surface));
  const table = normalise(
    mapOdds((finish) => factors.reduce((weight, row) => weight * (row.factors[finish] ?? 1), base.weights[finish] ?? FLOOR)),
  );
  const stated = surface.currentFinish;
  if (!stated) return table;
  return mapOdds((finish) => (finish === stated ? RECORD_STANDS : 0) + (1 - RECORD_STANDS) * table[finish]);
}

/** P(result | finish) of one test, or null where the test says nothing about the finish. */
function likelihoodOf(test: TestRecord, dirty: boolean): FinishOdds | null {
  const table = LIKELIHOODS.find((t) => t.kind === test.kind);
  const column = table?.results.indexOf(test.kind === 'cross-cut' ? String(Math.round(test.grade ?? -1)) : (test.result ?? '')) ?? -1;
  if (!table || column < 0) return null;
  const even = 1 / table.results.length;
  // A dirty rag lies: grease and smoke colour it whatever the film is.
  const trust = dirty && test.kind === 'spirit-rub' && test.result === 'slight-transfer' ? 0.4 : 1;
  return mapOdds((finish) => {
    const said = (table.rows[finish] ?? table.rest)[column]!;
    const yellow = YELLOWED[finish] ?? YELLOWED.rest;
    const look = test.kind !== 'sheen-look' || test.yellowed == null ? 1 : test.yellowed ? yellow : 1 - yellow;
    return (trust * said + (1 - trust) * even) * look;
  });
}

/** How much a test counts, 0 to 1: repeats in one place share their luck, grip tests share theirs, young films say little. */
function weightsOf(tests: readonly TestRecord[]): number[] {
  const timesAt = new Map<string, number>();
  const timesKind = new Map<string, number>();
  return tests.map((test) => {
    const group = ADHESION_TESTS.includes(test.kind) ? 'grip' : test.kind;
    const place = `${group}@${test.place ?? ''}`;
    const here = timesAt.get(place) ?? 0;
    const before = timesKind.get(group) ?? 0;
    timesAt.set(place, here + 1);
    timesKind.set(group, before + 1);
    const repeat = here > 0 ? 0.35 / here : before > 0 ? 0.75 : 1;
    const young = group === 'grip' && test.filmAgeHours != null && test.filmAgeHours < 72 ? 0.3 : 1;
    return repeat * young;
  });
}

const tempered = (odds: FinishOdds, weight: number) => mapOdds((finish) => odds[finish] ** weight);
const times = (a: FinishOdds, b: FinishOdds) => mapOdds((finish) => a[finish] * b[finish]);
const ones = () => mapOdds(() => 1);

function likelihoodOfAll(tests: readonly TestRecord[], dirty: boolean): FinishOdds {
  const weights = weightsOf(tests);
  return tests.reduce((all, test, i) => {
    const one = likelihoodOf(test, dirty);
    return one ? times(all, tempered(one, weights[i]!)) : all;
  }, ones());
}

/**
 * What neighbours say of this surface, exactly: a hidden finish (of the campaign, or the house's habit) is summed out.
 * Each surface carries the hidden finish with a chance, else its own prior finish.
 */
function messageOf(group: readonly Neighbour[], surface: SurfaceFacts, prior: FinishOdds, reach: typeof HABIT): FinishOdds {
  if (group.length === 0) return ones();
  const own = reach.sameElement;
  const byHidden = mapOdds((hidden) =>
    group.reduce((product, neighbour) => {
      const likelihood = likelihoodOfAll(neighbour.tests, false);
      const share = neighbour.element === surface.element ? reach.sameElement : reach.otherElement;
      const theirs = priorOdds(surfaceFacts({ element: neighbour.element, substrate: surface.substrate, builtYear: surface.builtYear }));
      const alone = FINISHES.reduce((sum, finish) => sum + theirs[finish] * likelihood[finish], 0);
      return product * (share * likelihood[hidden] + (1 - share) * alone);
    }, prior[hidden]),
  );
  const total = FINISHES.reduce((sum, finish) => sum + byHidden[finish], 0);
  return mapOdds((finish) => own * (byHidden[finish] / prior[finish]) + (1 - own) * total);
}

const OFF_THE_RAG = ['transfer', 'softens', 'lifts-to-lower-coat'];

/** No finish may stand above this: certainty is earned by tests that agree. */
export function ceilingOf(tests: readonly TestRecord[], neighbours: readonly Neighbour[]): number {
  const rubs = tests.filter((test) => test.kind === 'spirit-rub');
  const said = new Set(rubs.map((rub) => rub.result ?? ''));
  const disagree = said.has('no-transfer') && (OFF_THE_RAG.some((r) => said.has(r)) || said.has('slight-transfer'));
  const otherHard = tests.some((test) => test.kind !== 'spirit-rub' && test.kind !== 'sheen-look' && likelihoodOf(test, false) !== null);
  const onlySlight = said.has('slight-transfer') && said.size === 1 && !otherHard;
  if (disagree || onlySlight) return 0.9;
  const speaking = tests.some((test) => likelihoodOf(test, false) !== null);
  if (!speaking) return 0.95;
  return neighbours.length + tests.length > 1 ? 0.99 : 0.98;
}

function capped(odds: FinishOdds, ceiling: number): FinishOdds {
  const top = FINISHES.reduce((best, finish) => (odds[finish] > odds[best] ? finish : best));
  if (odds[top] <= ceiling) return odds;
  const rest = 1 - odds[top];
  const even = (1 - ceiling) / (FINISHES.length - 1);
  return mapOdds((finish) => (finish === top ? ceiling : rest > 1e-9 ? (odds[finish] / rest) * (1 - ceiling) : even));
}

/** The odds over finishes given everything known. Neighbours' tests flow along the campaign and the house's habits. */
export function posteriorOdds(surface: SurfaceFacts, tests: readonly TestRecord[], neighbours: readonly Neighbour[] = []): FinishOdds {
  const prior = priorOdds(surface);
  const dirty = surface.conditions.some((c) => c === 'greasy' || c === 'smoke' || c === 'soot');
  const spoken = neighbours.filter((n) => n.tests.length > 0);
  const campaign = messageOf(spoken.filter((n) => n.campaign === 'same'), surface, prior, SAME_CAMPAIGN);
  const habit = messageOf(spoken.filter((n) => n.campaign !== 'same'), surface, prior, HABIT);
  const all = times(times(times(prior, likelihoodOfAll(tests, dirty)), campaign), habit);
  return capped(normalise(all), ceilingOf(tests, spoken));
}

/** Most likely first, rounded to four places, summing to 1. */
export function rankedFinishes(odds: FinishOdds): FinishChance[] {
  const ranked = FINISHES.map((code) => ({ code, probability: Math.round(odds[code] * 1e4) / 1e4 }))
    .filter((chance) => chance.probability >= 0.001)
    .sort((a, b) => b.probability - a.probability);
  const missing = 1 - ranked.reduce((sum, chance) => sum + chance.probability, 0);
  // What was too small to list goes to the second, so that the first is never rounded up past its ceiling.
  const taker = ranked[1] ?? ranked[0]!;
  taker.probability = Math.round((taker.probability + missing) * 1e4) / 1e4;
  return ranked.sort((a, b) => b.probability - a.probability);
}

/** How each item of evidence moved the leading finish, against the rest as they stand. */
export function evidenceWeights(surface: SurfaceFacts, tests: readonly TestRecord[], neighbours: readonly Neighbour[] = []): EvidenceWeight[] {
  const odds = posteriorOdds(surface, tests, neighbours);
  const top = FINISHES.reduce((best, finish) => (odds[finish] > odds[best] ? finish : best));
  const ratioOf = (likelihood: FinishOdds) => {
    const rest = FINISHES.filter((finish) => finish !== top);
    const mass = rest.reduce((sum, finish) => sum + priorOdds(surface)[finish], 0);
    const others = rest.reduce((sum, finish) => sum + (priorOdds(surface)[finish] / mass) * likelihood[finish], 0);
    return likelihood[top] / others;
  };
  const looks = FACTOR_ROWS.filter((row) => row.when(surface)).map((row): EvidenceWeight => ({
    from: 'look', index: null, ratio: ratioOf(mapOdds((finish) => row.factors[finish] ?? 1)), text: row.reason, source: null,
  }));
  const weights = weightsOf(tests);
  const made = tests.flatMap((test, index): EvidenceWeight[] => {
    const likelihood = likelihoodOf(test, false);
    const table = LIKELIHOODS.find((t) => t.kind === test.kind);
    if (!likelihood || !table) return [];
    return [{ from: 'test', index, ratio: ratioOf(tempered(likelihood, weights[index]!)), text: table.reason, source: table.source }];
  });
  const prior = priorOdds(surface);
  const inherited = neighbours.flatMap((neighbour, index): EvidenceWeight[] =>
    neighbour.tests.length === 0 ? [] : [{
      from: 'neighbour', index,
      ratio: ratioOf(messageOf([neighbour], surface, prior, neighbour.campaign === 'same' ? SAME_CAMPAIGN : HABIT)),
      text: neighbour.campaign === 'same' ? 'Same campaign: likely the same paint. Inferred, not tested here.' : 'A habit of this house, inferred from like surfaces.',
      source: null,
    }]);
  return [...looks, ...made, ...inherited];
}
