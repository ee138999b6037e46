import { randomLcg, randomNormal, randomUniform } from 'd3-random';
import type { BoardBond, TestKind } from '../vocabulary/index.ts';
import { isYoungFilm } from '../evidence/facts.ts';
import type { Arm } from './arms.ts';
import { designWarnings, isUntreated, sayCell, laidWays, type Cell, type TrialDesign, type Way } from './design.ts';
import { SCORED_BY, TRAITS, YOUNG_COUNTS, type Grade, type Trait } from './knowledge/grades.ts';
import { tieBetween, type Tie } from './settling.ts';
import { fitOrdinal, flatten, walker, type Observation, type OrdinalModel, type Stand } from './ordinal.ts';

/** One look at one cell, or at its strip of bare primer. */
export interface TrialLook {
  cell: string;
  part: 'cell' | 'strip';
  kind: TestKind;
  result?: string | null;
  grade?: number | null;
  filmAgeHours?: number | null;
  /** Which bond let go, where it was seen. */
  bond?: BoardBond | null;
}

/** A share with the interval that holds nine tenths of the belief. */
export interface Believed {
  mean: number;
  low: number;
  high: number;
}

/** One way of doing it, as the trial ranks it. */
export interface RankedWay {
  preparation: number;
  primer: number;
  topcoat: number;
  words: string;
  /** The chance that a cell done this way holds and blocks at the best grade. */
  holds: Believed;
  /** The chance that no other way of this trial is better. */
  best: number;
}

export interface Ranking {
  ways: RankedWay[];
  untreated: Believed;
  /** The two that lead, where they are not told apart yet; null where one is the better. */
  tie: Tie | null;
  /** How many looks counted, and how many were too young to count in full. */
  looks: number;
  young: number;
  warnings: string[];
}

/** Prior spreads on the logistic scale: a factor may turn a failure into a hold; pairs shift less. Source: judgement, checked by simulation. */
const SPREAD = {
  preparation: 1.5,
  primer: 1.5,
  topcoat: 0.8,
  pair: 0.7,
  kind: 1,
  strip: 0.7,
  untreated: 2,
  level: 1.5,
};
/** Where grades pass into each other on that scale, for a look of the middling kind. Source: judgement. */
export const THRESHOLDS = [-1.5, 0, 1.2];
/** Steps of the walk that are thrown away before it is believed. */
const WARM_UP = 500;

/** The grade of a look, or null where the test scores no trait. */
export function gradeOf(look: TrialLook): { trait: Trait; grade: Grade } | null {
  const row = SCORED_BY.find((r) => r.kind === look.kind);
  const result = look.kind === 'cross-cut' ? String(look.grade ?? '') : (look.result ?? '');
  const grade = row?.grades[result];
  return row && grade !== undefined ? { trait: row.trait, grade } : null;
}

/** Where each term of the model stands among its parameters. */
interface Terms {
  model: OrdinalModel;
  /** The terms of a way, or of its strip of bare primer. */
  way: (cell: Way, strip: boolean) => number[];
  test: (kind: TestKind) => number;
}

/** The things that an arm does, each with an effect of its own: two arms that share one learn from each other. */
const effectsOf = (arm: Arm): readonly string[] => arm.does ?? [`in words: ${arm.id}`];

/** The terms of a design, with one for each kind of test that was made. */
function termsOf(design: TrialDesign, kinds: readonly TestKind[]): Terms {
  const effects = [...new Set(design.preparations.flatMap(effectsOf))];
  const ofArm = design.preparations.map((arm) => effectsOf(arm).map((effect) => effects.indexOf(effect)));
  const p = effects.length;
  const r = design.primers.length;
  const t = design.topcoats.length;
  const pairs = design.preparations.length * r;
  const at = { primer: p, topcoat: p + r, pair: p + r + t, kind: p + r + t + pairs };
  const strip = at.kind + kinds.length;
  const untreated = strip + 1;
  const level = strip + 2;
  const repeat = (n: number, sd: number) => Array.from({ length: n }, () => sd);
  const treated = ({ preparation, primer }: Way) => [
    ...ofArm[preparation!]!,
    at.primer + primer!,
    at.pair + preparation! * r + primer!,
  ];
  return {
    model: {
      termSd: [
        ...repeat(p, SPREAD.preparation),
        ...repeat(r, SPREAD.primer),
        ...repeat(t, SPREAD.topcoat),
        ...repeat(pairs, SPREAD.pair),
        ...repeat(kinds.length, SPREAD.kind),
        SPREAD.strip,
        SPREAD.untreated,
        SPREAD.level,
      ],
      thresholds: THRESHOLDS,
    },
    test: (kind) => at.kind + kinds.indexOf(kind),
    way: (cell, onStrip) => [
      level,
      ...(isUntreated(cell, design) ? [untreated] : treated(cell)),
      onStrip ? strip : at.topcoat + cell.topcoat,
    ],
  };
}

function observed(looks: readonly TrialLook[], cells: readonly Cell[], terms: Terms, trait: Trait): Observation[] {
  return looks
    .flatMap((look): Observation[] => {
      const scored = gradeOf(look);
      const cell = cells.find((c) => c.id === look.cell);
      if (!scored || scored.trait !== trait || !cell) return [];
      return [
        {
          way: terms.way(cell, look.part === 'strip'),
          test: terms.test(look.kind),
          grade: scored.grade,
          weight: isYoung(look) ? YOUNG_COUNTS : 1,
        },
      ];
    })
    .sort((a, b) => a.test - b.test);
}

/** A film too young to say how it will hold. */
export const isYoung = (look: TrialLook) => isYoungFilm(look) && gradeOf(look)?.trait === 'grip';

/** One trait's looks, and the walk through what they allow. */
interface Walk {
  count: number;
  next: () => Stand;
}

/** What is drawn again and again: the chance of each way and of the untreated cell. */
interface Drawn {
  draws: number;
  /** Row after row, a draw each: every way, and the untreated cell last. */
  chances: Float64Array;
  width: number;
}

/** Yields the share done after each part, and returns the ranking: a worker shows progress and may stop between. */
export function* rankingByParts(
  design: TrialDesign,
  cells: readonly Cell[],
  looks: readonly TrialLook[],
  { draws = 10_000, seed = 1 }: { draws?: number; seed?: number } = {},
): Generator<number, Ranking> {
  const seen = new Set(looks.map((look) => look.kind));
  const terms = termsOf(
    design,
    SCORED_BY.map((row) => row.kind).filter((kind) => seen.has(kind)),
  );
  const source = randomLcg(seed);
  const normalDraw = randomNormal.source(source)(0, 1);
  const uniformDraw = randomUniform.source(source)(0, 1);
  const ways = laidWays(design);
  const asked = [...ways, UNTREATED].map((way) => terms.way(way, false));
  const walks = TRAITS.flatMap((trait): Walk[] => {
    const own = observed(looks, cells, terms, trait);
    if (own.length === 0) return [];
    const flat = flatten(terms.model, own, asked);
    return [{ count: own.length, next: walker(flat, fitOrdinal(flat), normalDraw, uniformDraw) }];
  });
  for (const walk of walks) for (let i = 0; i < WARM_UP; i++) walk.next();
  const width = asked.length;
  const drawn: Drawn = {
    draws,
    width,
    chances: new Float64Array(draws * width).fill(1),
  };
  const part = Math.max(1, Math.ceil(draws / 20));
  for (let i = 0; i < draws; i++) {
    for (const walk of walks) addStand(walk.next(), i, drawn);
    if ((i + 1) % part === 0) yield (i + 1) / draws;
  }
  const best = ranked(ways, drawn, design);
  return {
    ways: best,
    tie: walks.length ? tieOf(best, ways, drawn) : null,
    untreated: believedChance(drawn, ways.length),
    looks: walks.reduce((sum, walk) => sum + walk.count, 0),
    young: looks.filter(isYoung).length,
    warnings: designWarnings(design),
  };
}

/** The whole ranking at once. `draws` sets how fine its intervals are; the same seed gives the same ranking. */
export function rankTrial(
  design: TrialDesign,
  cells: readonly Cell[],
  looks: readonly TrialLook[],
  options: { draws?: number; seed?: number } = {},
): Ranking {
  const parts = rankingByParts(design, cells, looks, options);
  for (;;) {
    const { done, value } = parts.next();
    if (done) return value;
  }
}

/** The odds of the best grade are e to the effect less the last step. */
const TO_BEST = Math.exp(THRESHOLDS.at(-1)!);

/** Where one trait's walk stands, as draw `i`: a cell holds where it grips and blocks, each at the best grade. */
function addStand({ effects }: Stand, i: number, { chances, width }: Drawn): void {
  const row = i * width;
  for (let w = 0; w < width; w++) chances[row + w]! /= 1 + TO_BEST / effects[w]!;
}

const UNTREATED = { preparation: null, primer: null, topcoat: 0 };

/** How finely chances are counted for their intervals. */
const BINS = 2000;

/** Mean and nine-in-ten interval of one column of chances, counted into bins. */
function believedChance({ draws, width, chances }: Drawn, at: number): Believed {
  const bins = new Uint32Array(BINS + 1);
  let sum = 0;
  for (let i = 0; i < draws; i++) {
    const x = chances[i * width + at]!;
    sum += x;
    bins[Math.floor(x * BINS)]! += 1;
  }
  const share = (part: number) => {
    let gone = 0;
    let bin = 0;
    while (bin < BINS && (gone += bins[bin]!) < part * draws) bin += 1;
    return (bin + 0.5) / BINS;
  };
  const mean = sum / draws;
  return { mean, low: Math.min(mean, share(0.05)), high: Math.max(mean, Math.min(1, share(0.95))) };
}

function ranked(ways: ReturnType<typeof laidWays>, drawn: Drawn, design: TrialDesign): RankedWay[] {
  const { draws, width, chances } = drawn;
  const best = new Float64Array(ways.length);
  for (let i = 0; i < draws; i++) {
    const row = i * width;
    let top = 0;
    for (let w = 1; w < ways.length; w++) if (chances[row + w]! > chances[row + top]!) top = w;
    best[top]! += 1 / draws;
  }
  return ways
    .map((way, w): RankedWay => ({
      ...way,
      words: sayCell(way, design),
      holds: believedChance(drawn, w),
      best: best[w]!,
    }))
    .sort((a, b) => b.holds.mean - a.holds.mean);
}

/** Whether the two that lead are told apart, by how often the one lies above the other in what was drawn. */
function tieOf([first, second]: readonly RankedWay[], ways: ReturnType<typeof laidWays>, drawn: Drawn): Tie | null {
  if (!first || !second) return null;
  const columnOf = ({ preparation, primer, topcoat }: Way) =>
    ways.findIndex((w) => w.preparation === preparation && w.primer === primer && w.topcoat === topcoat);
  const [a, b] = [columnOf(first), columnOf(second)];
  const { chances, width, draws } = drawn;
  let above = 0;
  for (let i = 0; i < draws; i++) if (chances[i * width + a]! > chances[i * width + b]!) above += 1;
  return tieBetween(first, second, above / draws);
}

/** What is concluded where nobody overrules it: the way most likely to hold, in a sentence. */
export function conclusionOf(ranking: Ranking): string {
  const [first, second] = ranking.ways;
  if (!first || ranking.looks === 0) return 'Nothing was scored: there is nothing to conclude.';
  const pct = (x: number) => `${Math.round(x * 100)} %`;
  const said = `${first.words[0]!.toUpperCase()}${first.words.slice(1)}: holds in ${pct(first.holds.mean)} (${pct(first.holds.low)} to ${pct(first.holds.high)})`;
  if (!second || first.best > 0.8) return `${said}; best of those tried.`;
  return `${said}; not clearly better than ${second.words} (${pct(second.holds.mean)}).`;
}
