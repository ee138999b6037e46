import type { HoursBy } from './model/hoursBy.ts';
import { NOTHING_WANTED, type SurfaceFacts, type Wanted } from './model/surface.ts';
import { assessSchema, type AssessInput } from './assessInput.ts';
import { jointOf } from './model/joint.ts';
import { readBy } from './model/fault.ts';
import { testsThatTell } from './model/test.ts';
import { CLEAR_FINISHES } from './vocabulary/index.ts';
import { FINISH_TESTS } from './evidence/knowledge/questions.ts';
import { diagnose, diagnoseBy, type Diagnosis, type OddsOf } from './evidence/diagnosis.ts';
import { surfaceFacts, type Neighbour } from './evidence/facts.ts';
import { testsThatPay, type NextTest } from './evidence/nextTest.ts';
import { rankedFinishes, type FinishChance } from './evidence/odds.ts';
import { withNights } from './pricing/nightsOut.ts';
import { priceOn } from './pricing/price.ts';
import { asProduct } from './shelf/familyFigures.ts';
import type { Product, ProductGiven } from './model/product.ts';
import { SHIPPED_SHELF } from './shelf/shippedShelf.ts';
import { makerFirst, makerOfAll } from './shelf/usable.ts';
import { alternativesTo, schoolsOn, waysOf, type Alternative, type School } from './comparison/alternatives.ts';
import { blocksOn, type Block } from './systems/blocks.ts';
import { asCase, type Case, type TrialWord } from './systems/case.ts';
import { cautionsFor, type Caution } from './systems/cautions.ts';
import { compose, type Composed } from './systems/compose.ts';
import { paperComesOff } from './systems/offPaper.ts';
import type { Held } from './systems/held.ts';
import { openQuestions } from './comparison/openQuestions.ts';
import { risksOf, type Risk } from './comparison/risks.ts';
import { holdsOf, type Holds } from './comparison/holds.ts';
import type { Weights } from './model/records/firm.ts';
import { coatFamilies, type System } from './model/step.ts';

/** The answer of `ledger assess`: see the contract of the command line. Money in minor units. */
export interface Assessment {
  finish: FinishChance[];
  nextTest: Omit<NextTest, 'settles'> | null;
  system: System;
  alternatives: Alternative[];
  schools: School[];
  cautions: Caution[];
  blocks: Block[];
  risks: Risk[];
  /** How the system holds, and what it takes. */
  holds: Holds;
}

const withoutNulls = <T extends object>(given: T | null | undefined) =>
  Object.fromEntries(Object.entries(given ?? {}).filter(([, v]) => v != null)) as {
    [K in keyof T]?: NonNullable<T[K]>;
  };

/** What a caller knows beyond one question: the place's own dates, the whole house's odds, accepted trials. */
export interface Known {
  dates?: Partial<Pick<SurfaceFacts, 'leadYear' | 'asbestosYear'>>;
  /** Odds of each zone, where the whole house was read; else they come from the question's neighbours. */
  oddsOf?: OddsOf;
  trials?: readonly TrialWord[];
  /** The firm's own shelf, read already, in the order in which its products are taken. */
  shelf?: readonly Product[];
  weights?: Weights;
  /** What bears on the hours of the work. */
  by?: HoursBy;
  /** How the firm's own systems have held, where it lets that count. */
  held?: Held;
}

/** The facts of a question, with what is usual filled in. */
export function factsOf(
  input: Pick<AssessInput, 'surface' | 'joints' | 'wanted'>,
  dates: Known['dates'] = {},
): SurfaceFacts {
  const wished = input.wanted?.family;
  return surfaceFacts({
    ...dates,
    joints: (input.joints ?? []).map(jointOf),
    staysClear: wished != null && CLEAR_FINISHES.includes(wished),
    ...(withoutNulls(input.surface) as Partial<SurfaceFacts> & Pick<SurfaceFacts, 'element' | 'substrate'>),
  });
}

const besideIt = new WeakMap<AssessInput, Neighbour[]>();

/** The neighbours of a question; one without an element is of the kind that is asked about. Read once. */
function neighboursOf(input: AssessInput): Neighbour[] {
  let beside = besideIt.get(input);
  if (!beside) {
    beside = (input.neighbours ?? []).map((n) => ({
      ...n,
      tests: testsThatTell(n.tests),
      element: n.element ?? input.surface.element,
    }));
    besideIt.set(input, beside);
  }
  return beside;
}

/** The case behind an input that has been read: for callers that want more than the contract's answer. */
export function caseOf(input: AssessInput, known: Known = {}): { d: Diagnosis; c: Case; made: Composed } {
  const surface = factsOf(input, known.dates);
  const tests = testsThatTell(input.tests ?? []);
  const d = known.oddsOf ? diagnoseBy(surface, tests, known.oddsOf) : diagnose(surface, tests, neighboursOf(input));
  const wanted = { ...NOTHING_WANTED, ...withoutNulls(input.wanted) } as Wanted;
  const shelf = known.shelf ?? (input.shelf ? input.shelf.map((p) => asProduct(p as ProductGiven)) : SHIPPED_SHELF);
  const c = asCase(d, wanted, input.houseRules ?? {}, shelf, undefined, known.trials, known.weights);
  const composed = compose(c);
  const standing: Case = { ...withOneMaker(c, composed), by: known.by, held: known.held };
  return { d, c: standing, made: { ...composed, steps: [...withNights(standing, composed.steps)] } };
}

/** A firm that keeps to one maker has that maker's products taken first, where one makes every coat. */
function withOneMaker(c: Case, made: Composed): Case {
  const maker = c.rules.makers === 'one-maker' ? makerOfAll(coatFamilies(made.steps), c.shelf) : null;
  return maker ? { ...c, shelf: makerFirst(c.shelf, maker) } : c;
}

/** Facts → evidence → system: what is there, what goes on it, and why. For input that has been read. */
export function assessRead(input: AssessInput, known: Known = {}): Assessment {
  const { d, c, made } = caseOf(input, known);
  const price = priceOn(c, made.steps);
  const ways = waysOf(c);
  return {
    finish: rankedFinishes(d.odds),
    nextTest: worthMaking(
      testsThatPay(d.surface, d.tests, neighboursOf(input), openQuestions(c, made)).filter(
        // Where everything comes off, only what it is made of still matters; behind paper the wall does too.
        (t) => (c.wanted.leaveBare ? t.kind === 'lead-swab' : !paperComesOff(c) || !FINISH_TESTS.includes(t.kind)),
      ),
    ),
    system: told(made),
    alternatives: alternativesTo(c, made, ways).map(({ differs, system, holds }) => ({
      differs,
      system: told(system),
      holds,
    })),
    schools: schoolsOn(c, made, ways),
    cautions: cautionsFor(c, made),
    blocks: blocksOn(c, made),
    risks: risksOf(made.steps, c, price),
    holds: holdsOf(c, made.steps, price),
  };
}

/** A system as it is told, without what only the reckoning asks of its steps. */
const told = ({ steps }: System): System => ({
  steps: steps.map(({ share: _share, beside: _beside, ...step }) => step),
});

const worthMaking = ([first]: readonly NextTest[]): Assessment['nextTest'] =>
  first ? { kind: first.kind, expectedSaving: first.expectedSaving, minutes: first.minutes, why: first.why } : null;

/** Reads any JSON value as a question and answers it. Throws `UnusableInput` with every fault. */
export function assess(input: unknown): Assessment {
  return assessRead(readBy(assessSchema, input));
}
