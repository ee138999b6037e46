import {
  STACKS,
  surfaceFacts,
  type Finish,
  type Member,
  type StackKind,
  type SurfaceFacts,
  type TestRecord,
} from '../src/index.ts';
import { REACH } from '../src/evidence/house.ts';
import { SHARED } from '../src/evidence/tree.ts';
import { resultsOf, stackPrior, unseen } from './stackOracle.ts';

/** A drawn surface with what really lies there. */
export interface Drawn {
  member: Member;
  truth: StackKind;
}

/** Numbers from 0 up to 1, the same for the same seed: a small generator by itself, so that nothing hangs on the machine. */
export function randomOf(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

export function drawn<T>(weights: readonly (readonly [T, number])[], random: () => number): T {
  let u = random() * weights.reduce((sum, [, w]) => sum + w, 0);
  return (weights.find(([, w]) => (u -= w) <= 0) ?? weights.at(-1)!)[0];
}

const ELEMENTS = ['door', 'trim', 'window'] as const;
const facts = (element: SurfaceFacts['element'], builtYear: number) =>
  surfaceFacts({ element, substrate: 'softwood', builtYear });

/** Tests as somebody may make them: none, one or two rubs in places of their own, a blade after them. */
function testsOn(
  truth: StackKind,
  random: () => number,
  rates: (kind: TestRecord['kind'], truth: StackKind) => readonly (readonly [string, number])[],
): TestRecord[] {
  // Whoever tests a film has seen one: a bare face is seldom rubbed.
  if (truth.top === 'bare' && random() < 0.9) return [];
  const made: TestRecord[] = [];
  const rubs = drawn(
    [
      [0, 3],
      [1, 4],
      [2, 2],
    ] as const,
    random,
  );
  for (let i = 0; i < rubs; i++) {
    // A second rub shares some of the luck of the first.
    const again = i > 0 && random() < 0.25 ? made[0]!.result! : drawn(rates('spirit-rub', truth), random);
    made.push({ kind: 'spirit-rub', result: again, place: `place ${i}` });
  }
  if (rubs > 0 && random() < 0.35)
    made.push({ kind: 'blade-lift', result: drawn(rates('blade-lift', truth), random), place: 'place 0' });
  return made;
}

const layersOf = ({ top, under }: StackKind) => [top, ...under].join();

/** A house drawn from the model itself: a campaign of three surfaces, each following it or going its own way, and none seen to peel. */
export function modelHouse(random: () => number): Drawn[] {
  for (;;) {
    const house = anyModelHouse(random);
    if (house.every(({ truth, member }) => random() < showsNothing(truth, member.surface))) return house;
  }
}

const priors = new Map<string, readonly number[]>();
function priorOf(element: SurfaceFacts['element'], builtYear: number): readonly number[] {
  const key = `${element}/${builtYear}`;
  const known = priors.get(key) ?? stackPrior(facts(element, builtYear));
  priors.set(key, known);
  return known;
}

const seen = new Map<string, readonly number[]>();
/** How often nothing is seen of such a bond, up to a factor. */
function showsNothing(truth: StackKind, surface: SurfaceFacts): number {
  const key = `${surface.element}/${surface.builtYear}`;
  const known = seen.get(key) ?? unseen(surface);
  seen.set(key, known);
  return known[STACKS.indexOf(truth)]! / 2;
}

function anyModelHouse(random: () => number): Drawn[] {
  const builtYear = 1890 + Math.floor(random() * 125);
  const of = (element: SurfaceFacts['element'], fits: (stack: StackKind) => boolean = () => true) => {
    const prior = priorOf(element, builtYear);
    return drawn(
      STACKS.flatMap((stack, i) => (fits(stack) ? [[stack, prior[i]!] as const] : [])),
      random,
    );
  };
  const campaign = of('door');
  return ELEMENTS.map((element, i): Drawn => {
    const reach = element === 'door' ? REACH.campaign.sameElement : REACH.campaign.otherElement;
    const follows = campaign.top !== 'bare' && random() < reach;
    const u = random();
    const { stack, layers } = SHARED.campaign;
    const truth = !follows
      ? of(element)
      : u < stack
        ? campaign
        : of(element, (one) => (u < stack + layers ? layersOf(one) === layersOf(campaign) : one.top === campaign.top));
    return {
      truth,
      member: {
        id: String(i),
        surface: facts(element, builtYear),
        campaign: 'once',
        tests: testsOn(truth, random, resultsOf),
      },
    };
  });
}

/**
 * A house drawn from a history, with rates of its own: painted every dozen years or so since it was built, with what
 * was sold in those years, primed or not; what lies on top today is what the last campaigns left. Tests read what lies
 * there, and are misread as often as people misread them.
 */
export function historyHouse(random: () => number): Drawn[] {
  const builtYear = 1890 + Math.floor(random() * 125);
  return ELEMENTS.map((element, i): Drawn => {
    const truth = history(builtYear, element, random);
    return {
      truth,
      member: {
        id: String(i),
        surface: facts(element, builtYear),
        campaign: null,
        tests: testsOn(truth, random, misread),
      },
    };
  });
}

const oilIn = (year: number) =>
  year < 1970 ? 0.96 : year < 1990 ? 0.86 : year < 2002 ? 0.62 : year < 2012 ? 0.3 : 0.14;

/** One film alone, which holds. */
const only = (top: Finish): StackKind => ({ top, under: [], bond: 'sound', depth: null });

function history(builtYear: number, element: string, random: () => number): StackKind {
  if (random() < 0.025) return only('bare');
  // Left clear from the start, in some houses, and never painted.
  if (random() < (element === 'door' ? 0.14 : 0.1))
    return only(
      drawn(
        [
          ['clear-oil-varnish', 10],
          ['shellac', 2],
          ['waterborne-clear', 2],
          ['lacquer', 1.2],
          ['stain', 2],
          ['wax-oil', 1],
        ] as const,
        random,
      ),
    );
  let top: Finish = 'primer-only';
  const below: string[] = [];
  for (let year = builtYear; year < 2024; year += 14 + Math.floor(random() * 30)) {
    const before = top;
    if (random() < oilIn(year)) top = 'oil-alkyd';
    else if (top === 'oil-alkyd') top = random() < 0.34 ? 'waterborne-over-oil' : 'waterborne-acrylic';
    else if (top !== 'waterborne-over-oil') top = 'waterborne-acrylic';
    below.push(before);
  }
  return asStack(top, below, random);
}

/** The layers that such a history left, and the bond that it made: waterborne straight on oil lets go in four of ten. */
function asStack(top: Finish, below: readonly string[], random: () => number): StackKind {
  const isOil = (film: string) => film === 'oil-alkyd';
  const under: StackKind['under'][number][] = [];
  if (top === 'waterborne-acrylic' && below.some((film) => film.startsWith('waterborne')))
    under.push('older-waterborne');
  if (below.some(isOil)) under.push('older-oil');
  if (random() < 0.55) under.push('primer');
  const weak = top === 'waterborne-over-oil' ? 0.55 : 0.04;
  if (random() >= weak) return { top, under, bond: 'sound', depth: null };
  return { top, under, bond: random() < 0.45 ? 'gone' : 'weak', depth: under.length ? 'top' : 'ground' };
}

/** What a test shows of what lies there, with other misreadings than the tables have. */
function misread(kind: TestRecord['kind'], truth: StackKind): (readonly [string, number])[] {
  const rates = resultsOf(kind, truth);
  return rates.map(([result, p]) => [result, 0.9 * p + 0.1 / rates.length]);
}
