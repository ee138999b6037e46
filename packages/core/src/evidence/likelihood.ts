import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { ADHESION_KINDS } from '../vocabulary/index.ts';
import { gripFailed } from './conditions.ts';
import { isYoungFilm } from './facts.ts';
import { CHIP_ROWS, FILM_TESTED, LET_GO_ROWS, OIL_BELOW } from './knowledge/chips.ts';
import { LIKELIHOODS, YELLOWED, type LikelihoodTable } from './knowledge/likelihoods.ts';
import { INDEX, ONES, tempered, times, vector, type Vector } from './odds.ts';

/** Each table's columns as vectors, so that a result is one look-up. */
const COLUMNS = new Map(
  LIKELIHOODS.map((table) => [
    table.kind,
    {
      table,
      columns: table.results.map((_, column) => vector((finish) => (table.rows[finish] ?? table.rest)[column]!)),
    },
  ]),
);
const YELLOW: Vector = vector((finish) => YELLOWED[finish] ?? YELLOWED.rest);

/** The result as its table names it: a cross-cut by its grade. */
const resultOf = (test: TestRecord) =>
  test.kind === 'cross-cut' ? String(Math.round(test.grade ?? -1)) : (test.result ?? '');

/** The table of a test that tells finishes apart, with a likelihood vector for each of its results. */
export function tableOf(kind: TestRecord['kind']): { table: LikelihoodTable; columns: readonly Vector[] } | undefined {
  return COLUMNS.get(kind);
}

const CHIPS = CHIP_ROWS.map((row) => ({ row, says: vector((finish) => row.shows[finish] ?? row.rest) }));
const LET_GO = new Map(
  Object.entries(LET_GO_ROWS).map(([plane, says]) => [plane, vector((finish) => says[finish] ?? 1)] as const),
);
const OIL_UNDER = vector((finish) => OIL_BELOW[finish] ?? OIL_BELOW.rest);

/** A rub on the layer below reads that layer: oil there gives nothing, anything else what waterborne gives. */
function rubBelow(said: Vector): Vector {
  const [oil, waterborne] = [said[INDEX['oil-alkyd']]!, said[INDEX['waterborne-acrylic']]!];
  return OIL_UNDER.map((share) => share * oil + (1 - share) * waterborne);
}

/** P(result | finish) of one test, or null where the test says nothing about the finish. */
export function likelihoodOf(test: TestRecord, dirty: boolean): Vector | null {
  if (test.kind === 'chip-look') return CHIPS.find(({ row }) => row.when(test.layers ?? []))?.says ?? null;
  const said = resultLikelihood(test, dirty);
  if (!said || !test.plane) return said;
  if (test.kind === 'spirit-rub') return test.plane === 'between-coats' ? rubBelow(said) : null;
  return gripFailed(test) ? times(said, LET_GO.get(test.plane)!) : said;
}

/** P(result | finish) by the result alone, wherever it was made. */
function resultLikelihood(test: TestRecord, dirty: boolean): Vector | null {
  const read = COLUMNS.get(test.kind);
  const at = read?.table.results.indexOf(resultOf(test)) ?? -1;
  if (!read || at < 0) return null;
  const said = read.columns[at]!;
  if (test.kind === 'sheen-look' && test.yellowed != null)
    return said.map((p, i) => p * (test.yellowed ? YELLOW[i]! : 1 - YELLOW[i]!));
  // A dirty rag lies: grease and smoke colour it whatever the film is.
  if (dirty && test.kind === 'spirit-rub' && test.result === 'slight-transfer')
    return said.map((p) => 0.4 * p + 0.6 / read.table.results.length);
  return said;
}

/** True where the test tells one finish from another. */
export const tellsFinish = (test: TestRecord) => likelihoodOf(test, false) !== null;

/** Grease, smoke and soot colour a rag. */
export const isDirty = (surface: SurfaceFacts) =>
  surface.conditions.some((c) => c === 'greasy' || c === 'smoke' || c === 'soot');

/** What each further test adds: in the same place it shares the luck of the first, elsewhere hardly. A film scratched young says little. Source: practice. */
const ADDS = { samePlace: 0.35, otherPlace: 0.75, youngFilm: 0.3 };

/** Tests that share their luck: those of one kind, and all that measure grip. */
const luckOf = (test: TestRecord) => (ADHESION_KINDS.includes(test.kind) ? 'grip' : test.kind);

/** How much `n` tests of one place are worth together: the second a part of the first, the third less again. */
function worthInPlace(n: number): number {
  let worth = 1;
  for (let k = 1; k < n; k++) worth += ADDS.samePlace / k;
  return worth;
}

/**
 * How much each test counts, 0 to 1. Repeats share their luck, so together they are worth less than their number; each
 * carries an equal part of that, whatever the order in which they were made. Young films say little.
 */
export function weightsOf(tests: readonly TestRecord[]): number[] {
  const places = new Map<string, Map<string, number>>();
  for (const test of tests) {
    const luck = luckOf(test);
    const counts = places.get(luck) ?? new Map<string, number>();
    places.set(luck, counts.set(test.place ?? '', (counts.get(test.place ?? '') ?? 0) + 1));
  }
  return tests.map((test) => {
    const counts = places.get(luckOf(test))!;
    const here = counts.get(test.place ?? '')!;
    const ofPlace = (1 + ADDS.otherPlace * (counts.size - 1)) / counts.size;
    const young = luckOf(test) === 'grip' && isYoungFilm(test);
    return ((ofPlace * worthInPlace(here)) / here) * (young ? ADDS.youngFilm : 1);
  });
}

/** What it says that somebody is about to test the film: nothing more where one was tested already. */
export const aboutToTest = (tests: readonly TestRecord[]): Vector => (tests.some(testsFilm) ? ONES : NOT_BARE);

const NOT_BARE: Vector = vector((finish) => (finish === 'bare' ? FILM_TESTED : 1));
/** Tests that are made on a film: whoever makes one has seen that there is one. */
const testsFilm = ({ kind, layers }: TestRecord) =>
  kind === 'spirit-rub' ||
  kind === 'acetone-rub' ||
  ADHESION_KINDS.includes(kind) ||
  (kind === 'chip-look' && layers?.[0] !== 'paper');

/** What all tests of one surface, or of one zone of it, say together. */
export function likelihoodOfAll(tests: readonly TestRecord[], dirty: boolean): Vector {
  const weights = weightsOf(tests);
  return tests.reduce<Vector>(
    (all, test, i) => {
      const one = likelihoodOf(test, dirty);
      return one ? times(all, tempered(one, weights[i]!)) : all;
    },
    tests.some(testsFilm) ? NOT_BARE : ONES,
  );
}

const OFF_THE_RAG = ['transfer', 'softens', 'lifts-to-lower-coat'];

/** No finish may stand above this: certainty is earned by tests that agree. */
export function ceilingOf(tests: readonly TestRecord[], neighboursTested: boolean): number {
  const said = new Set(tests.filter((test) => test.kind === 'spirit-rub').map((rub) => rub.result ?? ''));
  const disagree = said.has('no-transfer') && (OFF_THE_RAG.some((r) => said.has(r)) || said.has('slight-transfer'));
  // A look alone earns no more than no test; each test that agrees earns some, a neighbour's a little.
  const hard = tests.filter((test) => test.kind !== 'sheen-look' && tellsFinish(test)).length;
  const onlySlight =
    said.has('slight-transfer') &&
    said.size === 1 &&
    !tests.some((t) => t.kind !== 'spirit-rub' && t.kind !== 'sheen-look' && tellsFinish(t));
  if (disagree || onlySlight) return 0.9;
  return Math.min(0.99, 0.95 + 0.015 * hard + (hard && neighboursTested ? 0.005 : 0));
}

const NOTHING = ['no-transfer', 'no-change'];

/** The same rub of the same layer, once with nothing on the rag and once with colour: no table is needed to tell them apart. */
export const opposed = (a: TestRecord, b: TestRecord) =>
  a.kind === b.kind &&
  (a.plane ?? null) === (b.plane ?? null) &&
  (a.kind === 'spirit-rub' || a.kind === 'acetone-rub') &&
  NOTHING.includes(a.result ?? '') !== NOTHING.includes(b.result ?? '') &&
  ![a.result, b.result].includes('slight-transfer');

/** What a test of this kind would show on each finish: the odds of its results, finish by finish. Null where it tells none apart. */
export function resultOdds(kind: TestRecord['kind']): { results: readonly string[]; rows: number[][] } | null {
  const read = COLUMNS.get(kind);
  if (!read) return null;
  const { columns, table } = read;
  return { results: table.results, rows: columns[0]!.map((_, finish) => columns.map((column) => column[finish]!)) };
}
