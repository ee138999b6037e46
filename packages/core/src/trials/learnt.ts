import { BOARD_WORKS, FAMILY_LABELS, type Family } from '../vocabulary/index.ts';
import { firstCoat, type FirstCoat } from '../failure/index.ts';
import { ON_FRESH } from '../failure/knowledge/holds.ts';
import type { Case, TrialWord } from '../systems/case.ts';
import { capital } from '../units/capital.ts';
import { rowsOfArm, worksOf } from './arms.ts';
import type { Cell, TrialDesign, Way } from './design.ts';
import { YOUNG_COUNTS, type Trait } from './knowledge/grades.ts';
import { fitOrdinal, flatten, type Observation } from './ordinal.ts';
import { gradeOf, isYoung, THRESHOLDS, type TrialLook } from './ranking.ts';

/** Prior spreads, on the logistic scale, of what a board may find beside what was expected. Source: judgement, checked by simulation. */
const SPREAD = { level: 1.5, family: 1.2, work: 0.8, pair: 0.8, inWords: 1, kind: 1, strip: 0.7, between: 2.5 };
/** Coats of ours hold each other by far: no tool is gentle enough to hide that they do not. */
const TOOLS_ALIKE = 0.05;
/** Less than this nobody would call a difference. */
const WORTH_SAYING = 0.15;
/** The best grade: nothing let go anywhere. */
const HELD = 3;

/** Terms by name, each numbered when it is first met. */
class Terms {
  readonly sd: number[] = [];
  private readonly numbers = new Map<string, number>();

  at(name: string, sd: number): number {
    let at = this.numbers.get(name);
    if (at === undefined) {
      at = this.sd.push(sd) - 1;
      this.numbers.set(name, at);
    }
    return at;
  }
  find = (name: string): number | undefined => this.numbers.get(name);
}

/** A term of a way by its name, and how widely such a one may differ from what is expected. */
type Term = readonly [name: string, spread: keyof typeof SPREAD];

/** What a look says of one bond or trait: the terms of its way, and what was expected of it before. */
interface Seen {
  terms: readonly Term[];
  known: number;
  look: TrialLook;
}

/** One thing that may be learnt, by the term that carries it. */
type Said = Omit<TrialWord, 'logOdds' | 'text'> & { term: string };

/** The primer of a cell and the coat that lies on what stood there. */
function coatsOf(way: Way, design: TrialDesign) {
  const primer = way.primer === null ? null : design.primers[way.primer]!;
  const topcoat = design.topcoats[way.topcoat]!;
  const first = primer?.family ? primer : topcoat;
  return { primer: primer?.family ? primer : null, topcoat, first };
}

/** What the account of failure expects of the first coat of a way; nothing where no surface is known, or no product. */
function expectedOf(way: Way, design: TrialDesign, c: Case | null): FirstCoat {
  const { first } = coatsOf(way, design);
  if (!c || !first.family) return { grip: 0, block: 0 };
  const steps =
    way.preparation === null ? [] : rowsOfArm(design.preparations[way.preparation]!).flatMap((r) => r.steps);
  return firstCoat(c, steps, first.family, first.coats);
}

/** The same, asked once for each way: many cells and looks share one. */
function expectations(design: TrialDesign, c: Case | null): (way: Way) => FirstCoat {
  const known = new Map<string, FirstCoat>();
  return (way) => {
    const name = `${way.preparation}/${way.primer}/${way.topcoat}`;
    let expected = known.get(name);
    if (!expected) known.set(name, (expected = expectedOf(way, design, c)));
    return expected;
  };
}

/** What was done to a cell, as terms: each kind of work, alone and under this coat; or the painter's words. */
function termsOfWork(way: Way, design: TrialDesign, family: Family): Term[] {
  const arm = way.preparation === null ? null : design.preparations[way.preparation]!;
  if (!arm) return [];
  if (arm.does === null) return [[`in words: ${arm.id}`, 'inWords']];
  return worksOf(arm).flatMap((work): Term[] => [
    [`work: ${work}`, 'work'],
    [`pair: ${family} after ${work}`, 'pair'],
  ]);
}

/** Reads looks with the effects that they may show, and returns what those of `said` came to. */
function learnt(seen: readonly Seen[], said: readonly Said[], text: string, tools = SPREAD.kind): TrialWord[] {
  if (seen.length === 0) return [];
  const terms = new Terms();
  const knownOf = new Map<string, number>();
  const looks: Observation[] = seen.map(({ terms: own, known, look }) => {
    const way = own.map(([name, kind]) => terms.at(name, SPREAD[kind]));
    knownOf.set(way.join(), known);
    const test = terms.at(`test: ${look.kind}`, tools);
    return { way, test, grade: gradeOf(look)!.grade, weight: isYoung(look) ? YOUNG_COUNTS : 1 };
  });
  looks.sort((a, b) => a.test - b.test);
  const model = { termSd: terms.sd, thresholds: THRESHOLDS };
  const { mode } = fitOrdinal(flatten(model, looks, [], (way) => knownOf.get(way.join()) ?? 0));
  return said.flatMap(({ term, ...word }) => {
    const at = terms.find(term);
    const logOdds = at === undefined ? 0 : mode[at]!;
    return Math.abs(logOdds) < WORTH_SAYING ? [] : [{ ...word, logOdds, text }];
  });
}

/** Looks that score one trait, each with its cell. */
const looksAt = (trait: Trait, cells: readonly Cell[], looks: readonly TrialLook[]) =>
  looks.flatMap((look) => {
    const cell = cells.find((one) => one.id === look.cell);
    return cell && gradeOf(look)?.trait === trait ? [{ look, cell }] : [];
  });

/** The first coat of every cell, where nothing under it and nothing above it let go before. */
function firstCoats(
  trait: Trait,
  design: TrialDesign,
  cells: readonly Cell[],
  looks: readonly TrialLook[],
  expected: (way: Way) => FirstCoat,
) {
  return looksAt(trait, cells, looks).flatMap(({ look, cell }): Seen[] => {
    const { first } = coatsOf(cell, design);
    if (!first.family || look.bond === 'old-film' || look.bond === 'between-coats') return [];
    const terms: Term[] = [
      ['level', 'level'],
      [`coat: ${first.family}`, 'family'],
      ...(trait === 'grip' ? termsOfWork(cell, design, first.family) : []),
      ...(look.part === 'strip' ? ([['strip', 'strip']] as const) : []),
    ];
    return [{ terms, known: expected(cell)[trait], look }];
  });
}

/** The topcoat on the primer of every primed cell: it let go there, or all of it held. */
function betweenCoats(design: TrialDesign, cells: readonly Cell[], looks: readonly TrialLook[]) {
  return looksAt('grip', cells, looks).flatMap(({ look, cell }): Seen[] => {
    const { primer, topcoat } = coatsOf(cell, design);
    const speaks = look.bond === 'between-coats' || (!look.bond && gradeOf(look)!.grade === HELD);
    if (!primer?.family || !topcoat.family || look.part === 'strip' || !speaks) return [];
    const pair = `${topcoat.family} on ${primer.family}`;
    return [{ terms: [[pair, 'between']], known: -ON_FRESH, look }];
  });
}

const familiesOf = (arms: TrialDesign['primers']) => [...new Set(arms.flatMap((arm) => arm.family ?? []))];

/**
 * What a board says of the points of the account of failure, beside what that expected: of each first coat, of each kind
 * of work and of both together, of each topcoat on each primer, of what blocks. `c` is the surface that it speaks for;
 * without one all coats are expected to hold alike. Which bond let go is heeded: a cell whose old film came off says
 * nothing of our primer. The mode of the posterior: what few cells show stays small.
 */
export function trialWords(
  design: TrialDesign,
  cells: readonly Cell[],
  looks: readonly TrialLook[],
  c: Case | null,
  text: string,
): TrialWord[] {
  const primers = familiesOf(design.primers);
  const topcoats = familiesOf(design.topcoats);
  const firsts = [...new Set([...primers, ...topcoats])];
  const expected = expectations(design, c);
  const works = [...new Set(design.preparations.flatMap(worksOf))];
  const grips = { trait: 'grip', over: null, after: null } as const;
  const grip: Said[] = [
    ...firsts.map((family) => ({ ...grips, family, term: `coat: ${family}` })),
    ...works.map((after) => ({ ...grips, family: null, after, term: `work: ${after}` })),
    ...firsts.flatMap((family) =>
      works.map((after) => ({ ...grips, family, after, term: `pair: ${family} after ${after}` })),
    ),
  ];
  const between = topcoats.flatMap((family) =>
    primers.map((over): Said => ({ ...grips, family, over, term: `${family} on ${over}` })),
  );
  const block = firsts.map((family): Said => ({ ...grips, trait: 'block', family, term: `coat: ${family}` }));
  return [
    ...learnt(firstCoats('grip', design, cells, looks, expected), grip, text),
    ...learnt(betweenCoats(design, cells, looks), between, text, TOOLS_ALIKE),
    ...learnt(firstCoats('block', design, cells, looks, expected), block, text),
  ];
}

const worksWords = new Map<string, string>(BOARD_WORKS.map((row) => [row.work, row.words]));

/** What one of them says, in a sentence. */
export function sayTrialWord({ family, trait, over, after, logOdds }: TrialWord): string {
  const coat = family ? capital(FAMILY_LABELS[family]) : 'Any first coat';
  const where = [over ? `on ${FAMILY_LABELS[over]}` : '', after ? `after ${worksWords.get(after)}` : ''].filter(
    Boolean,
  );
  const odds = Math.exp(Math.abs(logOdds));
  const times = odds < 10 ? odds.toFixed(1) : odds < 100 ? Math.round(odds) : 'more than 100';
  const does = trait === 'grip' ? 'lets go' : 'lets colour through';
  return `${[coat, ...where].join(' ')} ${does} ${times} times as ${logOdds > 0 ? 'seldom' : 'often'} as expected.`;
}
