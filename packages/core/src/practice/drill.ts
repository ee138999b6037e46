import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { TEST_TAKES, type Finish, type TestKind } from '../vocabulary/index.ts';
import { surfaceFacts } from '../evidence/facts.ts';
import { ON_PLAIN, tableOf } from '../evidence/likelihood.ts';
import { FINISH_TESTS } from '../evidence/knowledge/questions.ts';
import { TREATMENTS, TREATMENT_OF, type Treatment } from '../evidence/knowledge/treatments.ts';
import { WRONG_TREATMENT } from '../evidence/knowledge/wrongTreatment.ts';
import { settingOf } from '../evidence/treatment.ts';
import { asStacks, priorVector } from '../evidence/prior.ts';
import { STACKS, type StackKind } from '../evidence/stackSpace.ts';

/** A surface to practise on: its story, and what is really on it. */
export interface Drill {
  story: string;
  surface: SurfaceFacts;
  /** What lies there, layer by layer; and the finish on top of it. */
  lies: StackKind;
  truth: Finish;
  /** Minutes of testing allowed. */
  budget: number;
}

const STORIES: readonly { story: string; surface: Parameters<typeof surfaceFacts>[0]; budget: number }[] = [
  {
    story: 'A skirting in a terrace of 1925. It shines, and the cream has gone the colour of butter.',
    surface: { element: 'trim', substrate: 'softwood', builtYear: 1925, conditions: ['glossy'], areaM2: 9 },
    budget: 6,
  },
  {
    story: 'A door of about 1995. White, a soft sheen, a few chips round the latch.',
    surface: { element: 'door', substrate: 'softwood', builtYear: 1995, areaM2: 4 },
    budget: 5,
  },
  {
    story: 'A ceiling in a house of 1900, dead flat, never touched in the owner’s time.',
    surface: { element: 'ceiling', substrate: 'lime-plaster', builtYear: 1900, areaM2: 16 },
    budget: 6,
  },
  {
    story: 'A dresser from a sale room, brown and slick.',
    surface: { element: 'furniture', substrate: 'hardwood', conditions: ['glossy'], areaM2: 5 },
    budget: 7,
  },
  {
    story: 'Window casings that peel in strips, over something hard and smooth.',
    surface: { element: 'window', substrate: 'softwood', builtYear: 1938, conditions: ['peeling'], areaM2: 6 },
    budget: 5,
  },
  {
    story: 'A stair string in a house of 1965, painted the same white as the walls.',
    surface: { element: 'stair', substrate: 'softwood', builtYear: 1965, areaM2: 7 },
    budget: 6,
  },
];

/** Picks the first whose share of `weights` reaches `u`, 0 to 1. */
function drawn<T>(weights: readonly (readonly [T, number])[], u: number): T {
  const total = weights.reduce((sum, [, w]) => sum + w, 0);
  let left = u * total;
  for (const [code, weight] of weights) {
    left -= weight;
    if (left <= 0) return code;
  }
  return weights.at(-1)![0];
}

/** A drill from two numbers in [0, 1): which story, and what truth the house's odds draw for it. */
export function drillOf(uStory: number, uTruth: number): Drill {
  const { story, surface, budget } = STORIES[Math.floor(uStory * STORIES.length)]!;
  const facts = surfaceFacts(surface);
  const odds = asStacks(facts, priorVector(facts, false));
  const lies = drawn(
    STACKS.map((stack, i) => [stack, odds[i]!] as const),
    uTruth,
  );
  return { story, surface: facts, lies, truth: lies.top, budget };
}

/** The tests a drill offers, with their minutes. */
export const DRILL_TESTS = FINISH_TESTS.map((kind) => ({ kind, minutes: TEST_TAKES[kind]!.minutes }));

/** Makes a test on what lies there: its result is drawn from the same table that the diagnosis reads. `u` in [0, 1). */
export function drillTest(kind: TestKind, lies: StackKind, u: number, place: string): TestRecord {
  const { results, columns } = tableOf(kind, ON_PLAIN)!;
  const at = STACKS.findIndex(
    ({ top, under, bond, depth }) =>
      top === lies.top && bond === lies.bond && depth === lies.depth && under.join() === lies.under.join(),
  );
  const result = drawn(
    results.map((r, i) => [r, columns[i]![at]!] as const),
    u,
  );
  return kind === 'cross-cut' ? { kind, grade: Number(result), place } : { kind, result, place };
}

/** What treating the surface so costs against knowing the truth, in minor units; 0 where it was right. */
export function drillCost(drill: Drill, treatAs: Treatment): number {
  return (
    WRONG_TREATMENT[settingOf(drill.surface)][TREATMENTS.indexOf(treatAs)]![
      TREATMENTS.indexOf(TREATMENT_OF[drill.truth])
    ]! * (drill.surface.areaM2 ?? 1)
  );
}
