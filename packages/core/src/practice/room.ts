import { surfaceFacts } from '../evidence/facts.ts';
import { readHouse, type House, type Member } from '../evidence/house.ts';
import { drawHouse, jointOdds } from '../evidence/jointOdds.ts';
import { FINISH_TESTS } from '../evidence/knowledge/questions.ts';
import { readOn, tableOf } from '../evidence/likelihood.ts';
import { stacksIn } from '../evidence/posterior.ts';
import { STACKS, TOP_OF, type StackKind } from '../evidence/stackSpace.ts';
import type { PracticeTest } from '../model/records/index.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { FINISHES, TEST_TAKES, type TestKind } from '../vocabulary/index.ts';
import { drawnBy, picked } from './byLot.ts';
import { ROOM_PLANS, type RoomPlan } from './knowledge/rooms.ts';
import { skillOf, type Skill } from './knowledge/skills.ts';
import { TEST_USES, type Supplies } from './knowledge/supplies.ts';

const BARE = FINISHES.indexOf('bare');

/** A surface of a room to practise in, with what really lies there. */
export interface PracticeSurface {
  id: string;
  name: string;
  surface: SurfaceFacts;
  brush: string;
  skill: Skill;
  lies: StackKind;
}

/** A room drawn from the model: the same words draw the same room, and the same tests show the same there. */
export interface PracticeRoom {
  plan: string;
  seed: number;
  name: string;
  story: string;
  surfaces: PracticeSurface[];
}

const minutesFor = (kind: TestKind) => TEST_TAKES[kind]!.minutes;
/** The tests that a room offers, with their minutes. */
export const PRACTICE_TESTS = FINISH_TESTS.map((kind) => ({ kind, minutes: minutesFor(kind) }));
export const isOffered = (kind: TestKind): boolean => FINISH_TESTS.includes(kind);
/** How long so many tests take. */
export const testMinutes = (tests: readonly PracticeTest[]): number =>
  tests.reduce((sum, { kind }) => sum + minutesFor(kind), 0);

/** What so many tests use up. */
export const suppliesUsed = (tests: readonly PracticeTest[]): Supplies =>
  tests.reduce<Supplies>(
    (sum, { kind }) => {
      const used = TEST_USES[kind];
      if (!used) return sum;
      return {
        rags: sum.rags + used.rags,
        solventMl: sum.solventMl + used.solventMl,
        tapeM: sum.tapeM + used.tapeM,
      };
    },
    { rags: 0, solventMl: 0, tapeM: 0 },
  );

export const planOf = (code: string): RoomPlan | undefined => ROOM_PLANS.find((p) => p.code === code);

/** What may be known of a plan's surfaces before anything is tested: who painted what with which brush. */
function membersOf({ surfaces }: RoomPlan, builtYear: number): Member[] {
  return surfaces.map(({ id, facts, brush }) => ({
    id,
    surface: surfaceFacts({ ...facts, builtYear }),
    tests: [],
    campaign: brush,
  }));
}

/**
 * A room of a plan: its year, and what lies on each of its surfaces, drawn from the odds that the diagnosis starts
 * from: what one brush painted is mostly alike, and now and then one surface is not.
 */
export function drawRoom(plan: RoomPlan, seed: number): PracticeRoom {
  const [from, to] = plan.built;
  const year = from + Math.floor(drawnBy(plan.code, seed, 'year') * (to - from + 1));
  const house = readHouse(membersOf(plan, year));
  const { nodes, memberAt } = jointOdds(house);
  const tops = new Uint8Array(nodes.length);
  let draws = 0;
  // What lies bare is seen from the door: nobody practises on it.
  do drawHouse(nodes, () => drawnBy(plan.code, seed, 'film', (draws += 1)), tops);
  while (Object.values(memberAt).some((at) => tops[at] === BARE));
  const surfaces = plan.surfaces.map(({ id, name, brush }, i): PracticeSurface => {
    const { surface } = house.members[i]!;
    const odds = stacksIn(house, id);
    const top = tops[memberAt[id]!]!;
    const lies = picked(
      STACKS.flatMap((stack, at) => (TOP_OF[at] === top ? [[stack, odds[at]!] as const] : [])),
      drawnBy(plan.code, seed, 'layers', id),
    );
    return { id, name, brush, surface, skill: skillOf(surface), lies };
  });
  return { plan: plan.code, seed, name: plan.name, story: plan.story.replace('{year}', String(year)), surfaces };
}

/** What the tests of a room showed, each drawn from the table that the diagnosis reads: they mislead as often as on site. */
export function testsShown(
  room: PracticeRoom,
  tests: readonly PracticeTest[],
): { surface: string; test: TestRecord }[] {
  const count = new Map<string, number>();
  return tests.map(({ surface, kind }) => {
    const key = `${surface}/${kind}`;
    const nth = (count.get(key) ?? 0) + 1;
    count.set(key, nth);
    const there = room.surfaces.find((s) => s.id === surface)!;
    const { results, columns } = tableOf(kind, readOn(there.surface))!;
    const at = STACKS.indexOf(there.lies);
    const result = picked(
      results.map((r, i) => [r, columns[i]![at]!] as const),
      drawnBy(room.plan, room.seed, key, nth),
    );
    const place = `place ${nth}`;
    return { surface, test: kind === 'cross-cut' ? { kind, grade: Number(result), place } : { kind, result, place } };
  });
}

/** The room as the diagnosis reads it after these tests. */
export function roomRead(room: PracticeRoom, tests: readonly PracticeTest[]): House {
  const shown = testsShown(room, tests);
  return readHouse(
    room.surfaces.map(({ id, surface, brush }) => ({
      id,
      surface,
      tests: shown.filter((s) => s.surface === id).map((s) => s.test),
      campaign: brush,
    })),
  );
}
