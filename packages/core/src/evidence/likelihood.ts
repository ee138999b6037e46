import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { ADHESION_KINDS, type Finish } from '../vocabulary/index.ts';
import { chipLikelihood } from './chip.ts';
import { gripFailed, gripHeld, isOfPatch } from './conditions.ts';
import { groundOf, isOutside, isYoungFilm, shinesBare } from './facts.ts';
import { PLANE_BY_CHANCE, PLANE_IMAGINED, PLANE_ROWS, type LiesOn } from './knowledge/bonds.ts';
import { FILM_LET_GO, FILM_TESTED, FILM_TESTED_ON_SHINE } from './knowledge/chips.ts';
import { GRIP_TABLES, LIKELIHOODS, YELLOWED, type GripTable, type LikelihoodTable } from './knowledge/likelihoods.ts';
import { tempered, times, type Vector } from './odds.ts';
import { overStacks, SAYS_NOTHING, topLiesOn, type StackKind } from './stackSpace.ts';

/** A test's table as vectors over stacks, one for each result, so that a result is one look-up. */
export interface TestColumns {
  kind: TestRecord['kind'];
  results: readonly string[];
  columns: readonly Vector[];
  reason: string;
  source: string;
}

const rowOf = (table: LikelihoodTable, finish: Finish) => table.rows[finish] ?? table.rest;

/** The lower coat on the rag: hardly ever where none lies there, more often where one does. Source: practice. */
const LIFTS_LOWER = { where: 1.6, elsewhere: 0.2 };

/** P(result | stack) of a test of the top film. A lower coat comes off only where one lies. */
function onTopFilm(table: LikelihoodTable, at: number): Vector {
  const lifts = table.results.indexOf('lifts-to-lower-coat');
  return overStacks(({ top, under }) => {
    const row = rowOf(table, top);
    // That row is of a film with another under it already.
    if (lifts < 0 || top === 'waterborne-over-oil') return row[at]!;
    const isOver = under.some((layer) => layer !== 'primer');
    const share = row[lifts]! * (isOver ? LIFTS_LOWER.where : LIFTS_LOWER.elsewhere);
    return at === lifts ? share : (row[at]! * (1 - share)) / (1 - row[lifts]!);
  });
}

/** P(result | stack) of a grip test: by the weakest bond, whatever the films are, but for those that give way themselves. */
function onWeakestBond(table: GripTable, at: number): Vector {
  return overStacks(({ top, bond }) => {
    const row = table.whatever?.[top] ?? (bond === 'sound' ? table.sound?.[top] : undefined) ?? table.bond[bond];
    return row[at]!;
  });
}

const columnsOf = <T extends LikelihoodTable | GripTable>(table: T, read: (table: T, at: number) => Vector) => ({
  kind: table.kind,
  results: table.results,
  columns: table.results.map((_, at) => read(table, at)),
  reason: table.reason,
  source: table.source,
});
const COLUMNS = new Map<TestRecord['kind'], TestColumns>([
  ...LIKELIHOODS.map((table) => [table.kind, columnsOf(table, onTopFilm)] as const),
  ...GRIP_TABLES.map((table) => [table.kind, columnsOf(table, onWeakestBond)] as const),
]);
/** The same tests where some rows read otherwise. */
const columnsWith = (rowsOf: (table: LikelihoodTable) => LikelihoodTable['rows'] | undefined) =>
  new Map(
    LIKELIHOODS.flatMap((table) => {
      const rows = rowsOf(table);
      if (!rows) return [];
      return [[table.kind, columnsOf({ ...table, rows: { ...table.rows, ...rows } }, onTopFilm)] as const];
    }),
  );
/** Grounds that shine or are closed when they are bare, walls and ceilings inside, and what stands in the weather. */
const ON_FACE = {
  shining: columnsWith(({ shiningBare }) => shiningBare && { bare: shiningBare }),
  closed: columnsWith(({ closedBare }) => closedBare && { bare: closedBare }),
  wall: columnsWith(({ onWalls }) => onWalls),
  weather: columnsWith(({ weathered }) => weathered),
};
const YELLOW: Vector = overStacks(({ top }) => YELLOWED[top] ?? YELLOWED.rest);

/** The result as its table names it: a cross-cut by its grade. */
const resultOf = (test: TestRecord) =>
  test.kind === 'cross-cut' ? String(Math.round(test.grade ?? -1)) : (test.result ?? '');

/** The table of a test that tells finishes apart, with a likelihood vector for each of its results. */
export function tableOf(kind: TestRecord['kind'], { face }: ReadOn): TestColumns | undefined {
  return (face ? ON_FACE[face].get(kind) : undefined) ?? COLUMNS.get(kind);
}

/** What a rub under the top film reads, by what lies there. */
const READS_AS: Record<LiesOn, Finish> = {
  'older-oil': 'oil-alkyd',
  'older-waterborne': 'waterborne-acrylic',
  'clear-or-stain': 'clear-oil-varnish',
  distemper: 'distemper',
  primer: 'primer-only',
  ground: 'bare',
};

/** There is a layer such as the person named who says where it let go, or what was rubbed. */
const isThere = (plane: string, { under }: StackKind): boolean =>
  plane === 'primer' ? under.includes('primer') : plane !== 'between-coats' || under.some((l) => l !== 'primer');

/** A rub on the layer below reads that layer. */
function rubBelow(test: TestRecord): Vector | null {
  const table = LIKELIHOODS.find((one) => one.kind === test.kind)!;
  const at = table.results.indexOf(resultOf(test));
  if (at < 0 || test.plane === 'substrate') return null;
  return overStacks((stack) => {
    const read: LiesOn =
      test.plane === 'between-coats' ? topLiesOn(stack) : stack.under.includes('primer') ? 'primer' : 'ground';
    return rowOf(table, READS_AS[read])[at]! * (isThere(test.plane!, stack) ? 1 : PLANE_IMAGINED);
  });
}

const ON: Partial<Record<LiesOn, keyof typeof PLANE_ROWS>> = { primer: 'top-on-primer', distemper: 'top-on-powder' };

/** Where it let go: how often that is said, by which bond is the weak one, and whether there is such a layer at all. */
function letGoAt(plane: string): Vector {
  return overStacks((stack) => {
    if (!isThere(plane, stack)) return PLANE_IMAGINED;
    const { under, depth } = stack;
    if (depth === null) return PLANE_BY_CHANCE[plane]!;
    return PLANE_ROWS[depth === 'ground' ? 'ground' : (ON[under[0]!] ?? 'top-on-film')][plane]!;
  });
}
const LET_GO = new Map(['between-coats', 'primer', 'substrate'].map((plane) => [plane, letGoAt(plane)] as const));

/** What a surface does to the tests that are made on it. */
export interface ReadOn {
  /** Grease, smoke and soot colour a rag. */
  dirty: boolean;
  /** It was sanded. */
  dusty: boolean;
  /** A face on which tests read otherwise: its ground sheds water without any film, and may shine; it is a wall or a ceiling inside, or it stands in the weather. */
  face: keyof typeof ON_FACE | null;
}

/** Clean, on a ground that is dull when it is bare. */
const ON_PLAIN: ReadOn = { dirty: false, dusty: false, face: null };

const isWall = ({ element, substrate }: SurfaceFacts) =>
  (element === 'wall' || element === 'ceiling') && groundOf(substrate) !== 'masonry';

function faceOf(surface: SurfaceFacts): ReadOn['face'] {
  if (shinesBare(surface)) return 'shining';
  if (groundOf(surface.substrate) === 'metal') return 'closed';
  if (isOutside(surface)) return 'weather';
  return isWall(surface) ? 'wall' : null;
}

export const readOn = (surface: SurfaceFacts): ReadOn => ({
  dirty: surface.conditions.some((c) => c === 'greasy' || c === 'smoke' || c === 'soot'),
  dusty: surface.sanded === true || surface.conditions.includes('sanding-dust'),
  face: faceOf(surface),
});

/** P(result | stack) of one test, or null where the test says nothing about what lies there. */
export function likelihoodOf(test: TestRecord, on: ReadOn): Vector | null {
  if (isOfPatch(test)) return null;
  if (test.kind === 'chip-look') return test.layers?.length ? chipLikelihood(test.layers) : null;
  if (test.plane && test.kind === 'spirit-rub') return rubBelow(test);
  const said = resultLikelihood(test, on);
  if (!said || !test.plane) return said;
  // Where it held, the place of the bond says nothing.
  return gripHeld(test) ? said : times(said, LET_GO.get(test.plane)!);
}

/** A dirty rag lies, and so does a dirty palm: grease, smoke and soot colour them, and dust whitens a palm, whatever the film is. */
const liesOnDirt = ({ kind, result }: TestRecord, on: ReadOn): boolean =>
  (kind === 'spirit-rub' && result === 'slight-transfer' && on.dirty) ||
  (kind === 'hand-wipe' && result !== 'clean' && (on.dirty || on.dusty));

/** P(result | stack) by the result alone, wherever it was made. */
function resultLikelihood(test: TestRecord, on: ReadOn): Vector | null {
  const read = tableOf(test.kind, on);
  const at = read?.results.indexOf(resultOf(test)) ?? -1;
  if (!read || at < 0) return null;
  const said = read.columns[at]!;
  if (test.kind === 'sheen-look' && test.yellowed != null)
    return said.map((p, i) => p * (test.yellowed ? YELLOW[i]! : 1 - YELLOW[i]!));
  return liesOnDirt(test, on) ? said.map((p) => 0.4 * p + 0.6 / read.results.length) : said;
}

/** True where the test tells one finish from another. */
export const tellsFinish = (test: TestRecord) => likelihoodOf(test, ON_PLAIN) !== null;

/** What each further test adds: in the same place it shares the luck of the first, elsewhere hardly. A film scratched young says little. Source: practice. */
const ADDS = { samePlace: 0.35, otherPlace: 0.75, youngFilm: 0.3 };

/** Tests that share their luck: those of one kind on one layer, and all that measure grip. */
function luckOf(test: TestRecord): string {
  if (isOfPatch(test)) return 'patch';
  if (ADHESION_KINDS.includes(test.kind)) return 'grip';
  return test.plane ? `${test.kind} below` : test.kind;
}

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
export const aboutToTest = (tests: readonly TestRecord[], on: ReadOn): Vector =>
  tests.some(testsFilm) ? SAYS_NOTHING : notBare(on);

const NOT_BARE: Vector = overStacks(({ top }) => (top === 'bare' ? FILM_TESTED : 1));
const NOT_BARE_ON_SHINE: Vector = overStacks(({ top }) => (top === 'bare' ? FILM_TESTED_ON_SHINE : 1));
const notBare = (on: ReadOn) => (on.face === 'shining' ? NOT_BARE_ON_SHINE : NOT_BARE);
/** Tests that are made on a film: whoever makes one has seen that there is one. */
const testsFilm = (test: TestRecord) =>
  !isOfPatch(test) &&
  (test.kind === 'spirit-rub' ||
    test.kind === 'acetone-rub' ||
    ADHESION_KINDS.includes(test.kind) ||
    (test.kind === 'chip-look' && test.layers?.[0] !== 'paper'));

/** What some of the tests of a film say together, as they count among all of them. */
export function saidBy(some: Iterable<TestRecord>, tests: readonly TestRecord[], on: ReadOn): Vector {
  const weights = weightsOf(tests);
  let all = SAYS_NOTHING;
  for (const test of some) {
    const one = likelihoodOf(test, on);
    if (one) all = times(all, tempered(one, weights[tests.indexOf(test)]!));
  }
  return all;
}

/** What it says that the film was tested at all: whoever tests a film has seen one. */
export const filmSeen = (tests: readonly TestRecord[], on: ReadOn): Vector =>
  tests.some(gripFailed) ? SEEN_TO_LET_GO : tests.some(testsFilm) ? notBare(on) : SAYS_NOTHING;
/** Only a film lets go. */
const SEEN_TO_LET_GO: Vector = overStacks(({ top }) => (top === 'bare' ? FILM_LET_GO : 1));

/** What all tests of one film, with one bond throughout, say together. */
export const likelihoodOfAll = (tests: readonly TestRecord[], on: ReadOn): Vector =>
  times(filmSeen(tests, on), saidBy(tests, tests, on));

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
