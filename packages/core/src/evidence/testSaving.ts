import type { TestRecord } from '../model/test.ts';
import { TEST_TAKES, type TestKind } from '../vocabulary/index.ts';
import type { Member } from './house.ts';
import { aboutToTest, readOn, tableOf, weightsOf } from './likelihood.ts';
import { dot, normal, times, type Vector } from './odds.ts';
import { surfaceLikelihood } from './places.ts';
import { lossHeard, type Rider } from './riders.ts';
import { topsOf } from './stackSpace.ts';
import { leastLoss, pricesFor, type Prices } from './treatment.ts';
import type { Node } from './tree.ts';

/** A painter's minute, in minor units. Testing stops when a test costs more than it saves. */
export const MINUTE_COST = 65;
/** Minutes to fetch what a test needs and to write it down: a saving of pennies is no reason to test. */
const BOTHER_MIN = 2;
/** What making a test costs, whatever it finds. */
export const costOf = (kind: TestKind, minutes: number) =>
  (minutes + BOTHER_MIN) * MINUTE_COST + (TEST_TAKES[kind]?.materials ?? 0);

/** Where the next test of a kind would be made: a place of its own. */
const NEXT = 'the next place';
const ONE_MORE = 'one more place';

const made = (kind: TestKind, result: string, place: string): TestRecord => ({
  kind,
  place,
  ...(kind === 'cross-cut' ? { grade: Number(result) } : { result }),
});

/**
 * How an outcome of the next test would be heard: in full where nothing of its kind was made yet; else by how all
 * tests together would speak, against how they speak now, since they then share their luck.
 */
function hearingOf(
  kind: TestKind,
  { surface, tests }: Member,
  place: string,
): (column: Vector, result: string) => Vector {
  const weights = weightsOf([...tests, { kind, place }]);
  if (weights.at(-1) === 1) return (column) => column;
  const now = surfaceLikelihood(surface, tests);
  return (_column, result) =>
    surfaceLikelihood(surface, [...tests, made(kind, result, place)]).map((x, i) => x / now[i]!);
}

/** Every outcome of the next test of a kind that may well come: its chance, and what it says. */
function outcomesOf(kind: TestKind, member: Member, odds: Vector, place: string) {
  const { results, columns } = tableOf(kind, readOn(member.surface))!;
  const hearing = hearingOf(kind, member, place);
  return results.flatMap((result, i) => {
    const column = columns[i]!;
    const chance = dot(odds, column);
    return chance < 1e-6 ? [] : [{ result, chance, says: hearing(column, result) }];
  });
}

/** What is expected to be lost on a surface, per m², were it tested once more and then treated. */
const lossAfterOneMore = (kind: TestKind, member: Member, odds: Vector, prices: Prices): number =>
  outcomesOf(kind, member, odds, ONE_MORE).reduce(
    (sum, { chance, says }) => sum + chance * leastLoss(normal(topsOf(times(odds, says))), prices),
    0,
  );

/** The expected saving of one finish test on one member, over all that ride on it, in minor units. */
export function savingOf(kind: TestKind, member: Member, at: Node, areaM2: number, riders: readonly Rider[]): number {
  const odds = normal(times(times(at.told, at.said), aboutToTest(member.tests, readOn(member.surface))));
  const prices = pricesFor(member.surface);
  const outcomes = outcomesOf(kind, member, odds, NEXT);
  const now = leastLoss(topsOf(odds), prices) * areaM2;
  const others = riders.reduce((sum, rider) => sum + rider.loss * rider.areaM2, 0);
  const left = outcomes.reduce((sum, { chance, says }) => {
    const here = leastLoss(normal(topsOf(times(odds, says))), prices) * areaM2;
    return sum + chance * (here + (riders.length ? lossHeard(at, riders, says) : 0));
  }, 0);
  return now + others - left;
}

/**
 * The same for a test that the system hangs on: a result that surprises is followed by the same test in a second
 * place, so that what a single one would not change, the two of them may.
 */
export function savingOfTwo(kind: TestKind, member: Member, at: Node, areaM2: number): number {
  const odds = normal(times(times(at.told, at.said), aboutToTest(member.tests, readOn(member.surface))));
  const prices = pricesFor(member.surface);
  const second = costOf(kind, TEST_TAKES[kind]!.minutes);
  const left = outcomesOf(kind, member, odds, NEXT).reduce((sum, { chance, says, result }) => {
    const after = normal(times(odds, says));
    const tested = { ...member, tests: [...member.tests, made(kind, result, NEXT)] };
    const twice = lossAfterOneMore(kind, tested, after, prices) * areaM2 + second;
    return sum + chance * Math.min(leastLoss(topsOf(after), prices) * areaM2, twice);
  }, 0);
  return leastLoss(topsOf(odds), prices) * areaM2 - left;
}
