import { TEST_RESULTS, FINISHES, type TestKind } from '../vocabulary/index.ts';
import type { Neighbour, SurfaceFacts, TestRecord } from './facts.ts';
import type { ConditionFindings } from './conditions.ts';
import { standingOdds, type Standing } from './posterior.ts';
import { leastLoss } from './treatment.ts';
import { FINISH_TESTS, QUESTIONS, TEST_MINUTES } from './knowledge/questions.ts';
import { LIKELIHOODS } from './knowledge/likelihoods.ts';

/** A test worth making: what it is expected to save (minor units, before its own time) and how long it takes. */
export interface NextTest {
  kind: TestKind;
  expectedSaving: number;
  minutes: number;
  why: string;
}

/** A painter's minute, in minor units. Testing stops when a test costs more than it saves. */
export const MINUTE_COST = 65;
const USUAL_AREA_M2 = 10;
/** Minutes to fetch what a test needs and to write it down: a saving of pennies is no reason to test. */
const BOTHER_MIN = 2;

const WHY: Partial<Record<TestKind, string>> = {
  'spirit-rub': 'It tells waterborne from oil, and that decides whether a primer must grip.',
  'acetone-rub': 'It tells a baked or oil film from one that dissolves.',
  'blade-lift': 'It shows whether a waterborne coat lies on oil and lets go.',
  'cross-cut': 'It grades the bond that every new coat will hang on.',
  'nail-scratch': 'A film that scratches off will not carry another.',
  'water-drop': 'It tells a thirsty ground from a sealed one.',
};

/** A likelihood as the posterior sees it: one more test of this kind with this result. */
function outcomesOf(kind: TestKind): TestRecord[] {
  if (kind === 'cross-cut') return [0, 1, 2, 3, 4, 5].map((grade) => ({ kind, grade, place: 'next' }));
  return TEST_RESULTS[kind].map((result) => ({ kind, result, place: 'next' }));
}

function savingOf(kind: TestKind, standing: Standing): number {
  const table = LIKELIHOODS.find((t) => t.kind === kind)!;
  const { odds } = standing;
  const now = leastLoss(FINISHES.map((finish) => odds[finish]));
  let after = 0;
  outcomesOf(kind).forEach((outcome, column) => {
    const chance = FINISHES.reduce(
      (total, finish) => total + odds[finish] * (table.rows[finish] ?? table.rest)[column]!,
      0,
    );
    if (chance < 1e-6) return;
    after += chance * leastLoss(standing.with(outcome));
  });
  return now - after;
}

/** Every test that still pays, the most worthwhile first. Empty where testing no longer pays. */
export function testsThatPay(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[],
  findings: ConditionFindings,
): NextTest[] {
  const area = surface.areaM2 ?? USUAL_AREA_M2;
  const standing = standingOdds(surface, tests, neighbours);
  const { odds } = standing;
  const worth = (t: NextTest) =>
    t.expectedSaving - (t.minutes + BOTHER_MIN) * MINUTE_COST - (TEST_MINUTES[t.kind]?.materials ?? 0);

  // Where the best treatment already loses next to nothing, no finish test can pay: skip the work of asking.
  const atStake = leastLoss(FINISHES.map((finish) => odds[finish])) * area;
  const finishTests =
    surface.isNew === true || atStake <= MINUTE_COST
      ? []
      : FINISH_TESTS.filter((kind) => tests.filter((t) => t.kind === kind).length < 2).map((kind): NextTest => ({
          kind,
          minutes: TEST_MINUTES[kind]!.minutes,
          why: WHY[kind]!,
          expectedSaving: Math.round(savingOf(kind, standing) * area),
        }));
  const questions = QUESTIONS.filter((q) => q.open(surface, findings, tests)).map((q): NextTest => ({
    kind: q.kind,
    minutes: q.minutes,
    why: q.why,
    expectedSaving: Math.round(q.odds(surface) * q.cost(surface, area)),
  }));
  return [...finishTests, ...questions].filter((t) => worth(t) > 0).sort((a, b) => worth(b) - worth(a));
}
