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

/** Odds in the order of FINISHES: what the arithmetic runs on. */
type Vector = readonly number[];

const INDEX = Object.fromEntries(FINISHES.map((finish, i) => [finish, i])) as Record<Finish, number>;
const vector = (f: (finish: Finish, i: number) => number): number[] => FINISHES.map(f);
const asOdds = (v: Vector): FinishOdds =>
  Object.fromEntries(FINISHES.map((finish, i) => [finish, v[i]!])) as FinishOdds;
const sum = (v: Vector) => v.reduce((total, x) => total + x, 0);
const normal = (v: Vector): number[] => {
  const total = sum(v);
  return v.map((x) => x / total);
};
const times = (a: Vector, b: Vector): number[] => a.map((x, i) => x * b[i]!);
const tempered = (v: Vector, weight: number): Vector => (weight === 1 ? v : v.map((x) => x ** weight));
const ONES: Vector = FINISHES.map(() => 1);

/** The rows that hold. A sheen that was looked at properly is not counted again as a flag. */
function factorsOf(surface: SurfaceFacts, sheenLookedAt: boolean) {
  return FACTOR_ROWS.filter((row) => row.when(surface) && !(sheenLookedAt && row.id === 'glossy'));
}

const looked = (tests: readonly TestRecord[]) => tests.some((test) => test.kind === 'sheen-look');

function priorVector(surface: SurfaceFacts, sheenLookedAt: boolean): number[] {
  const ground = groundOf(surface.substrate);
  const base = BASE_ROWS.find((row) => row.ground === ground && row.when(surface))!;
  const factors = factorsOf(surface, sheenLookedAt);
  const table = normal(
    vector((finish) =>
      factors.reduce((weight, row) => weight * (row.factors[finish] ?? 1), base.weights[finish] ?? FLOOR),
    ),
  );
  const stated = surface.currentFinish;
  if (!stated) return table;
  return table.map((share, i) => (i === INDEX[stated] ? RECORD_STANDS : 0) + (1 - RECORD_STANDS) * share);
}

/** The odds before any test: ground, age, look, and what the firm's own record says. */
export function priorOdds(surface: SurfaceFacts, sheenLookedAt = false): FinishOdds {
  return asOdds(priorVector(surface, sheenLookedAt));
}

/** Each table's columns as vectors, so that a result is one look-up. */
const COLUMNS = new Map(
  LIKELIHOODS.map((table) => [
    table.kind,
    {
      results: table.results,
      columns: table.results.map((_, column) => vector((finish) => (table.rows[finish] ?? table.rest)[column]!)),
    },
  ]),
);
const YELLOW: Vector = vector((finish) => YELLOWED[finish] ?? YELLOWED.rest);

/** P(result | finish) of one test, or null where the test says nothing about the finish. */
function likelihoodOf(test: TestRecord, dirty: boolean): Vector | null {
  const table = COLUMNS.get(test.kind);
  const at =
    table?.results.indexOf(test.kind === 'cross-cut' ? String(Math.round(test.grade ?? -1)) : (test.result ?? '')) ??
    -1;
  if (!table || at < 0) return null;
  const said = table.columns[at]!;
  if (test.kind === 'sheen-look' && test.yellowed != null)
    return said.map((p, i) => p * (test.yellowed ? YELLOW[i]! : 1 - YELLOW[i]!));
  // A dirty rag lies: grease and smoke colour it whatever the film is.
  if (dirty && test.kind === 'spirit-rub' && test.result === 'slight-transfer')
    return said.map((p) => 0.4 * p + 0.6 / table.results.length);
  return said;
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

function likelihoodOfAll(tests: readonly TestRecord[], dirty: boolean): Vector {
  const weights = weightsOf(tests);
  return tests.reduce<Vector>((all, test, i) => {
    const one = likelihoodOf(test, dirty);
    return one ? times(all, tempered(one, weights[i]!)) : all;
  }, ONES);
}

/**
 * What neighbours say of this surface, exactly: a hidden finish (of the campaign, or the house's habit) is summed out.
 * Each surface carries the hidden finish with a chance, else its own prior finish.
 */
function messageOf(group: readonly Neighbour[], surface: SurfaceFacts, prior: Vector, reach: typeof HABIT): Vector {
  if (group.length === 0) return ONES;
  const told = group.map((neighbour) => {
    const likelihood = likelihoodOfAll(neighbour.tests, false);
    const theirs = priorVector(
      surfaceFacts({ element: neighbour.element, substrate: surface.substrate, builtYear: surface.builtYear }),
      looked(neighbour.tests),
    );
    return {
      likelihood,
      share: neighbour.element === surface.element ? reach.sameElement : reach.otherElement,
      alone: sum(times(theirs, likelihood)),
    };
  });
  const byHidden = prior.map((p, i) =>
    told.reduce((product, n) => product * (n.share * n.likelihood[i]! + (1 - n.share) * n.alone), p),
  );
  const total = sum(byHidden);
  const own = reach.sameElement;
  return byHidden.map((b, i) => own * (b / prior[i]!) + (1 - own) * total);
}

const OFF_THE_RAG = ['transfer', 'softens', 'lifts-to-lower-coat'];

/** No finish may stand above this: certainty is earned by tests that agree. */
export function ceilingOf(tests: readonly TestRecord[], neighbours: readonly Neighbour[]): number {
  const said = new Set(tests.filter((test) => test.kind === 'spirit-rub').map((rub) => rub.result ?? ''));
  const disagree = said.has('no-transfer') && (OFF_THE_RAG.some((r) => said.has(r)) || said.has('slight-transfer'));
  const otherHard = tests.some(
    (test) => test.kind !== 'spirit-rub' && test.kind !== 'sheen-look' && likelihoodOf(test, false) !== null,
  );
  const onlySlight = said.has('slight-transfer') && said.size === 1 && !otherHard;
  if (disagree || onlySlight) return 0.9;
  const hard = tests.filter((test) => test.kind !== 'sheen-look' && likelihoodOf(test, false) !== null).length;
  // A look alone earns no more than no test; each test that agrees earns some, a neighbour's a little.
  return Math.min(0.99, 0.95 + 0.015 * hard + (hard && neighbours.length ? 0.005 : 0));
}

function capped(v: Vector, ceiling: number): Vector {
  let top = 0;
  for (let i = 1; i < v.length; i++) if (v[i]! > v[top]!) top = i;
  if (v[top]! <= ceiling) return v;
  const rest = 1 - v[top]!;
  const even = (1 - ceiling) / (v.length - 1);
  return v.map((x, i) => (i === top ? ceiling : rest > 1e-9 ? (x / rest) * (1 - ceiling) : even));
}

const isDirty = (surface: SurfaceFacts) =>
  surface.conditions.some((c) => c === 'greasy' || c === 'smoke' || c === 'soot');

/** Everything known of a surface, read once, so that one test more is one product more. */
export interface Standing {
  odds: FinishOdds;
  /** The odds were this test made too, in the order of FINISHES. */
  with: (test: TestRecord) => readonly number[];
}

/** Reads facts, tests and neighbours into odds that can be asked "and if this test too?". */
export function standingOdds(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[] = [],
): Standing {
  const prior = priorVector(surface, looked(tests));
  const dirty = isDirty(surface);
  const spoken = neighbours.filter((n) => n.tests.length > 0);
  const campaign = messageOf(
    spoken.filter((n) => n.campaign === 'same'),
    surface,
    prior,
    SAME_CAMPAIGN,
  );
  const habit = messageOf(
    spoken.filter((n) => n.campaign !== 'same'),
    surface,
    prior,
    HABIT,
  );
  const all = normal(times(times(times(prior, likelihoodOfAll(tests, dirty)), campaign), habit));
  return {
    odds: asOdds(capped(all, ceilingOf(tests, spoken))),
    with: (test) => {
      const more = [...tests, test];
      const one = likelihoodOf(test, dirty);
      const then = one ? normal(times(all, tempered(one, weightsOf(more).at(-1)!))) : all;
      return capped(then, ceilingOf(more, spoken));
    },
  };
}

/** The odds over finishes given everything known. Neighbours' tests flow along the campaign and the house's habits. */
export function posteriorOdds(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[] = [],
): FinishOdds {
  return standingOdds(surface, tests, neighbours).odds;
}

/** Most likely first, rounded to four places, summing to 1. */
export function rankedFinishes(odds: FinishOdds): FinishChance[] {
  const ranked = FINISHES.map((code) => ({ code, probability: Math.round(odds[code] * 1e4) / 1e4 }))
    .filter((chance) => chance.probability >= 0.001)
    .sort((a, b) => b.probability - a.probability);
  const missing = 1 - ranked.reduce((total, chance) => total + chance.probability, 0);
  // What was too small to list goes to the second, so that the first is never rounded up past its ceiling.
  const taker = ranked[1] ?? ranked[0]!;
  taker.probability = Math.round((taker.probability + missing) * 1e4) / 1e4;
  return ranked.sort((a, b) => b.probability - a.probability);
}

/** How each item of evidence moved the leading finish, against the rest as they stand. */
export function evidenceWeights(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[] = [],
): EvidenceWeight[] {
  const odds = posteriorOdds(surface, tests, neighbours);
  const top = INDEX[FINISHES.reduce((best, finish) => (odds[finish] > odds[best] ? finish : best))];
  const prior = priorVector(surface, looked(tests));
  const mass = 1 - prior[top]!;
  const ratioOf = (likelihood: Vector) => {
    const others = likelihood.reduce((total, p, i) => (i === top ? total : total + (prior[i]! / mass) * p), 0);
    return likelihood[top]! / others;
  };
  const looks = factorsOf(surface, looked(tests)).map((row): EvidenceWeight => ({
    from: 'look',
    index: null,
    ratio: ratioOf(vector((finish) => row.factors[finish] ?? 1)),
    text: row.reason,
    source: null,
  }));
  const weights = weightsOf(tests);
  const made = tests.flatMap((test, index): EvidenceWeight[] => {
    const likelihood = likelihoodOf(test, false);
    const table = LIKELIHOODS.find((t) => t.kind === test.kind);
    if (!likelihood || !table) return [];
    return [
      {
        from: 'test',
        index,
        ratio: ratioOf(tempered(likelihood, weights[index]!)),
        text: table.reason,
        source: table.source,
      },
    ];
  });
  const inherited = neighbours.flatMap((neighbour, index): EvidenceWeight[] =>
    neighbour.tests.length === 0
      ? []
      : [
          {
            from: 'neighbour',
            index,
            ratio: ratioOf(
              messageOf([neighbour], surface, prior, neighbour.campaign === 'same' ? SAME_CAMPAIGN : HABIT),
            ),
            text:
              neighbour.campaign === 'same'
                ? 'Same campaign: likely the same paint. Inferred, not tested here.'
                : 'A habit of this house, inferred from like surfaces.',
            source: null,
          },
        ],
  );
  return [...looks, ...made, ...inherited];
}
