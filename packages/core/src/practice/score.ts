import { TREATMENT_OF, TREATMENTS, type Treatment } from '../evidence/knowledge/treatments.ts';
import { WRONG_TREATMENT } from '../evidence/knowledge/wrongTreatment.ts';
import type { House } from '../evidence/house.ts';
import { houseTests } from '../evidence/nextTest.ts';
import { posteriorIn } from '../evidence/posterior.ts';
import { costOf } from '../evidence/testSaving.ts';
import { chooseTreatment, pricesFor, settingOf } from '../evidence/treatment.ts';
import type { PracticeTest } from '../model/records/index.ts';
import type { TestRecord } from '../model/test.ts';
import { TEST_TAKES, type Finish } from '../vocabulary/index.ts';
import type { Skill } from './knowledge/skills.ts';
import { doneOtherwise, type SystemWanted } from './chosen.ts';
import { testMinutes, roomRead, testsShown, type PracticeRoom, type PracticeSurface } from './room.ts';

/** What somebody settled for on one surface, and how sure they say they are. */
export interface PracticeDecision extends SystemWanted {
  surface: string;
  /** Their own chance of being right, 0 … 1. */
  sure: number;
}

/** How one surface came out. Money in minor units. */
export interface SurfaceScore {
  surface: string;
  skill: Skill;
  truth: Finish;
  treatAs: Treatment;
  sure: number;
  right: boolean;
  /** What the way that was chosen costs against knowing the truth, with what was done otherwise. */
  lost: number;
  /** What doing it otherwise than the system for that way is made comes to: below 0 where it saves. */
  otherwise: number;
  /** What the engine would have chosen on the very same tests, how sure it was, and what that costs. */
  engine: { treatAs: Treatment; sure: number; lost: number };
  /** Another test that paid still, and what it would have shown here; null where none did. */
  another: { test: TestRecord; minutes: number } | null;
}

/** How a room came out: what was lost, and in how many minutes, beside whoever tests by the book. */
export interface PracticeScore {
  surfaces: SurfaceScore[];
  minutes: number;
  /** Minutes and materials of the tests. */
  testCost: number;
  lost: number;
  engineLost: number;
  /** Whoever makes the test that pays most, until none pays any more. */
  policy: { minutes: number; testCost: number; lost: number; tests: PracticeTest[] };
}

/** Nobody tests one room longer than this. */
const MOST_TESTS = 14;

const costOfAll = (tests: readonly PracticeTest[]) =>
  tests.reduce((sum, { kind }) => sum + costOf(kind, TEST_TAKES[kind]!.minutes), 0);

/** What treating a surface so costs against knowing what is there, in minor units; 0 where it was right. */
export function lostOn({ surface, lies }: PracticeSurface, treatAs: Treatment): number {
  const row = WRONG_TREATMENT[settingOf(surface)][TREATMENTS.indexOf(treatAs)]!;
  return Math.round(row[TREATMENTS.indexOf(TREATMENT_OF[lies.top])]! * (surface.areaM2 ?? 1));
}

/** What the engine chooses on a surface as it reads the room, and its own chance of being right. */
function engineOn(house: House, { id, surface }: PracticeSurface): { treatAs: Treatment; sure: number } {
  const odds = posteriorIn(house, id);
  const treatAs = chooseTreatment(odds, pricesFor(surface));
  const alike = Object.entries(odds).filter(([finish]) => TREATMENT_OF[finish as Finish] === treatAs);
  return { treatAs, sure: alike.reduce((sum, [, p]) => sum + p, 0) };
}

/** The tests that pay still, the best first: those of the finish, which are what a room offers. */
const stillPaying = (house: House) => houseTests(house).tests;

/** Makes the test that pays most until none does: what practice is held against. */
export function byTheBook(room: PracticeRoom): PracticeTest[] {
  const tests: PracticeTest[] = [];
  while (tests.length < MOST_TESTS) {
    const [best] = stillPaying(roomRead(room, tests));
    if (!best) break;
    tests.push({ surface: best.member, kind: best.kind });
  }
  return tests;
}

/** How many of these were right. */
export const rightIn = (judged: readonly { right: boolean }[]): number => judged.filter((j) => j.right).length;

/** How a room came out. Each surface has its decision. */
export function scoreRoom(
  room: PracticeRoom,
  tests: readonly PracticeTest[],
  decisions: readonly PracticeDecision[],
): PracticeScore {
  const house = roomRead(room, tests);
  const paying = stillPaying(house);
  const book = byTheBook(room);
  const bookHouse = roomRead(room, book);
  const surfaces = room.surfaces.map((one): SurfaceScore => {
    const decision = decisions.find((d) => d.surface === one.id)!;
    const { treatAs, sure } = decision;
    const otherwise = decision.departures.length ? doneOtherwise(room, one, tests, decision).cost : 0;
    const engine = engineOn(house, one);
    const next = paying.find((t) => t.member === one.id);
    const shown = next && testsShown(room, [...tests, { surface: one.id, kind: next.kind }]).at(-1)!.test;
    return {
      surface: one.id,
      skill: one.skill,
      truth: one.lies.top,
      treatAs,
      sure,
      right: treatAs === TREATMENT_OF[one.lies.top],
      lost: lostOn(one, treatAs) + otherwise,
      otherwise,
      engine: { ...engine, lost: lostOn(one, engine.treatAs) },
      another: shown ? { test: shown, minutes: next.minutes } : null,
    };
  });
  const sumOf = (figure: (s: SurfaceScore) => number) => surfaces.reduce((sum, s) => sum + figure(s), 0);
  return {
    surfaces,
    minutes: testMinutes(tests),
    testCost: costOfAll(tests),
    lost: sumOf((s) => s.lost),
    engineLost: sumOf((s) => s.engine.lost),
    policy: {
      minutes: testMinutes(book),
      testCost: costOfAll(book),
      lost: room.surfaces.reduce((sum, one) => sum + lostOn(one, engineOn(bookHouse, one).treatAs), 0),
      tests: book,
    },
  };
}
