import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { TEST_TAKES, TEST_TELLS, type TestKind } from '../vocabulary/index.ts';
import { groundOf, isClosed, type Neighbour } from './facts.ts';
import type { House, Member } from './house.ts';
import { besides, filmsAt, lossNow, stacksAt, ridersUnder, type Rider, type Riders } from './riders.ts';
import { costOf, savingOf, savingOfTwo } from './testSaving.ts';
import type { Node } from './tree.ts';
import { holdsElsewhere, letsGoInPart } from './places.ts';
import { zonesOf } from './zones.ts';
import { INDEX } from './odds.ts';
import { ASKED, askedHouse } from './posterior.ts';
import { MOST_OF_A_KIND, needsReach, notSound, OPEN, settlingTest } from './settlingTest.ts';
import { priceOfWrong, pricesFor, type Prices } from './treatment.ts';
import { AFTER_A_RUB, FINISH_TESTS } from './knowledge/questions.ts';

/** A test worth making: what it is expected to save (minor units, before its own time) and how long it takes. */
export interface NextTest {
  kind: TestKind;
  expectedSaving: number;
  minutes: number;
  why: string;
  /** The system hangs on it: it is made before any other, and before the price. */
  settles?: boolean;
}

const USUAL_AREA_M2 = 10;

const areaOf = (member: Member) => member.surface.areaM2 ?? USUAL_AREA_M2;

/** What a test is worth beyond its cost. */
const worthOf = (test: NextTest) => test.expectedSaving - costOf(test.kind, test.minutes);

/** Spirit before what is harsher: acetone and the knife follow a rub, they do not open. */
const comesNow = (kind: TestKind, tests: readonly TestRecord[]) =>
  !AFTER_A_RUB.includes(kind) || tests.some((t) => t.kind === 'spirit-rub' || t.kind === 'chip-look');
/** What eats into a film says the same beside the mark that it left. */
const mostOf = (kind: TestKind) => (kind === 'acetone-rub' ? 1 : MOST_OF_A_KIND);
/** Water is tried where something may drink it, and a sponge where powder may lie. */
function canTell(kind: TestKind, { surface }: Member, at: Node): boolean {
  if (kind === 'water-drop') return !isClosed(groundOf(surface.substrate));
  return kind !== 'damp-sponge' || filmsAt(at)[INDEX.distemper]! >= OPEN;
}
/** From here on it surely lies bare, and there is no film to test. */
const SURELY_BARE = 0.9;
/** What was rubbed of the same brush counts for the blade that settles. */
const comesAfterRub = (kind: TestKind, member: Member, sisters: readonly Member[]) =>
  [member, ...sisters].some((m) => comesNow(kind, m.tests));

/**
 * What is lost per m² for want of knowing whether the film holds. One that is kept and lets go costs what waterborne
 * costs that was laid on it; one that is taken off and held, the work.
 */
function lostByGrip(member: Member, at: Node, prices: Prices): number {
  const { surface, tests } = member;
  const keptLoose = priceOfWrong('waterborne', 'over-oil', prices);
  if (!needsReach(member, at)) return notSound(at) * keptLoose;
  const holds = holdsElsewhere(surface, stacksAt(at));
  // Where it was measured the rest is kept; else all of it is taken off.
  return letsGoInPart(surface, tests)
    ? (1 - holds) * keptLoose
    : holds * priceOfWrong('over-oil', 'waterborne', prices);
}

/** The finish tests worth their time on one member. `riders` are the surfaces that would hear of it. */
function finishTestsOn(
  member: Member,
  at: Node,
  area: number,
  riders: readonly Rider[],
  sisters: readonly Member[],
): NextTest[] {
  if (member.surface.isNew === true || filmsAt(at)[INDEX.bare]! >= SURELY_BARE) return [];
  const settling = settlingTest(member, at, sisters);
  const settles = settling?.kind ?? null;
  // No test can save more than there is to lose: where that is next to nothing, skip the work of asking.
  const prices = pricesFor(member.surface);
  const atStake = lossNow(at, prices) * area + riders.reduce((sum, rider) => sum + rider.loss * rider.areaM2, 0);
  const savingToSay = (kind: TestKind, isSettling: boolean) => {
    const one = savingOf(kind, member, at, area, riders);
    const asked =
      isSettling && one < costOf(kind, TEST_TAKES[kind]!.minutes) ? savingOfTwo(kind, member, at, area) : one;
    return Math.max(0, Math.round(Math.max(one, asked)));
  };
  const savedByGrip = () => Math.round(lostByGrip(member, at, prices) * area);
  return FINISH_TESTS.filter(
    (kind) =>
      (comesNow(kind, member.tests) || (kind === settles && comesAfterRub(kind, member, sisters))) &&
      canTell(kind, member, at) &&
      (costOf(kind, TEST_TAKES[kind]!.minutes) < atStake || kind === settles) &&
      (kind === settles || member.tests.filter((t) => t.kind === kind).length < mostOf(kind)),
  ).map((kind) => ({
    kind,
    minutes: TEST_TAKES[kind]!.minutes,
    why: kind === settles ? settling!.why : TEST_TELLS[kind]!,
    expectedSaving: Math.max(
      savingToSay(kind, kind === settles),
      kind === 'blade-lift' && kind === settles ? savedByGrip() : 0,
    ),
    ...(kind === settles ? { settles: true } : {}),
  }));
}

/** Tests that pay, the most worthwhile first; what settles the system is made before what polishes the price. */
const ranked = <T extends NextTest>(tests: readonly T[]): T[] =>
  tests
    .filter((t) => worthOf(t) > 0 || t.settles)
    .sort((a, b) => Number(b.settles ?? false) - Number(a.settles ?? false) || worthOf(b) - worthOf(a));

/** The lead question never takes the place of a rub that pays: the rub decides the primer. */
function rubBeforeLead(tests: readonly NextTest[]): NextTest[] {
  const rub = tests.find((t) => t.kind === 'spirit-rub');
  const lead = tests.find((t) => t.kind === 'lead-swab');
  if (!rub || !lead || tests.indexOf(rub) < tests.indexOf(lead)) return [...tests];
  return tests.flatMap((t) => (t === lead ? [] : t === rub ? [rub, lead] : [t]));
}

const sistersOf = (member: Member, house: House) =>
  member.campaign === null ? [] : house.members.filter((m) => m !== member && m.campaign === member.campaign);

/**
 * Every test that still pays on one surface, the most worthwhile first: those that tell its finish, beside the
 * questions that are open on it. Empty where testing no longer pays.
 */
export function testsThatPay(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[],
  questions: readonly NextTest[] = [],
): NextTest[] {
  return rubBeforeLead(ranked([...finishTestsIn(surface, tests, neighbours), ...questions]));
}

/** What each zone of a surface asks of its finish: one that is known answers nothing for another. */
function finishTestsIn(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[],
): NextTest[] {
  const zones = zonesOf(surface, tests);
  return zones.flatMap((zone) => {
    const house = askedHouse(surface, zone.tests, neighbours);
    const asked = house.members.find((m) => m.id === ASKED)!;
    const area = areaOf(asked) / zones.length;
    const found = finishTestsOn(asked, house.nodes.get(ASKED)!, area, [], sistersOf(asked, house));
    return zones.length === 1 ? found : found.map((test) => ({ ...test, why: `${test.why} ${whereIn(zone.places)}` }));
  });
}

const whereIn = (places: readonly string[]) => `Where: ${places.join(', ') || 'elsewhere'}.`;

/** A test worth making somewhere in the house, and how many other surfaces it would speak for. */
export interface HouseTest extends NextTest {
  member: string;
  alsoTells: number;
}

/** What is not known of a house, in money, and the tests that would tell. */
export interface HouseStanding {
  /** Minor units expected to be lost by choosing every system now, against knowing every finish. */
  atStake: number;
  tests: HouseTest[];
}

/**
 * The tests that pay in a whole house, the most worthwhile first: a test on one surface of a campaign is worth what
 * it saves on all of them. What it says of other campaigns is small and not counted. `questionsOn` tells what is open
 * on a member beside its finish; a surface of several is asked for one of them.
 */
export function houseTests(
  house: House,
  questionsOn: (member: Member) => readonly NextTest[] = () => [],
): HouseStanding {
  let atStake = 0;
  const under = ridersUnder(house, areaOf);
  const known = new Map<Riders, Map<string, NextTest[]>>();
  /** Untested surfaces that hear alike and are of one size are asked the same: the answer is reckoned once. */
  const askOnce = ({ tests, surface }: Member, like: Riders | undefined, ask: () => NextTest[]): NextTest[] => {
    if (tests.length || !like) return ask();
    const answers = known.get(like) ?? new Map<string, NextTest[]>();
    known.set(like, answers);
    const key = `${surface.areaM2}/${surface.isNew}/${surface.currentFinish}`;
    const before = answers.get(key) ?? ask();
    answers.set(key, before);
    return before;
  };
  const tests = house.members.flatMap((member): HouseTest[] => {
    const at = house.nodes.get(member.id)!;
    if (member.surface.isNew !== true) atStake += lossNow(at, pricesFor(member.surface)) * areaOf(member);
    const all = at.parent ? under.get(at.parent)! : [];
    const alsoTells = all.reduce((sum, riders) => sum + riders.of.size - Number(riders.of.has(at)), 0);
    const ask = () => finishTestsOn(member, at, areaOf(member), besides(all, at), sistersOf(member, house));
    const finish = askOnce(
      member,
      all.find((riders) => riders.of.has(at)),
      ask,
    ).map((t) => ({
      ...t,
      member: member.id,
      alsoTells,
    }));
    const questions = questionsOn(member).map((t) => ({ ...t, member: member.id, alsoTells: 0 }));
    return [...finish, ...questions];
  });
  return { atStake: Math.round(atStake), tests: ranked(tests) };
}
