import { surfaceFacts, type Finish, type Member, type SurfaceFacts, type TestRecord } from '../src/index.ts';
import { REACH } from '../src/evidence/house.ts';
import { LIKELIHOODS } from '../src/evidence/knowledge/likelihoods.ts';
import { priorOdds } from '../src/evidence/prior.ts';

/** A drawn surface with what is really on it. */
export interface Drawn {
  member: Member;
  truth: Finish;
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
  truth: Finish,
  random: () => number,
  rates: (kind: string, truth: Finish) => (readonly [string, number])[],
): TestRecord[] {
  // Whoever tests a film has seen one: a bare face is seldom rubbed.
  if (truth === 'bare' && random() < 0.9) return [];
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

const tableRates = (kind: string, truth: Finish) => {
  const table = LIKELIHOODS.find((t) => t.kind === kind)!;
  return table.results.map((result, i) => [result, (table.rows[truth] ?? table.rest)[i]!] as const);
};

/** A house drawn from the model itself: a campaign of two or three surfaces, each following it or going its own way. */
export function modelHouse(random: () => number): Drawn[] {
  const builtYear = 1890 + Math.floor(random() * 125);
  const of = (element: SurfaceFacts['element']) =>
    Object.entries(priorOdds(facts(element, builtYear))) as [Finish, number][];
  const campaign = drawn(of('door'), random);
  return ELEMENTS.map((element, i): Drawn => {
    const reach = element === 'door' ? REACH.campaign.sameElement : REACH.campaign.otherElement;
    const follows = campaign !== 'bare' && random() < reach;
    const truth = follows ? campaign : drawn(of(element), random);
    return {
      truth,
      member: {
        id: String(i),
        surface: facts(element, builtYear),
        campaign: 'once',
        tests: testsOn(truth, random, tableRates),
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

function history(builtYear: number, element: string, random: () => number): Finish {
  if (random() < 0.025) return 'bare';
  // Left clear from the start, in some houses, and never painted.
  if (random() < (element === 'door' ? 0.14 : 0.1))
    return drawn(
      [
        ['clear-oil-varnish', 10],
        ['shellac', 2],
        ['waterborne-clear', 2],
        ['lacquer', 1.2],
        ['stain', 2],
        ['wax-oil', 1],
      ] as const,
      random,
    );
  let top: Finish = 'primer-only';
  for (let year = builtYear; year < 2024; year += 14 + Math.floor(random() * 30)) {
    if (random() < oilIn(year)) top = 'oil-alkyd';
    else if (top === 'oil-alkyd') top = random() < 0.34 ? 'waterborne-over-oil' : 'waterborne-acrylic';
    else if (top !== 'waterborne-over-oil') top = 'waterborne-acrylic';
  }
  return top;
}

/** What a test shows of a film, with other misreadings than the tables have. */
function misread(kind: string, truth: Finish): (readonly [string, number])[] {
  return tableRates(kind, truth).map(([result, p]) => [result, 0.9 * p + (0.1 * 1) / 5]);
}
