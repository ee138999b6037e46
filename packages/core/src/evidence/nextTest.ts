import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import {
  ADHESION_KINDS,
  TEST_TAKES,
  TEST_TELLS,
  type Finish,
  type Ground,
  type TestKind,
} from '../vocabulary/index.ts';
import { groundOf, type Neighbour } from './facts.ts';
import { gripFailed, isOfPatch, type ConditionFindings } from './conditions.ts';
import type { House, Member } from './house.ts';
import { besides, filmsAt, lossNow, ridersUnder, type Rider, type Riders } from './riders.ts';
import { costOf, savingOf, savingOfTwo } from './testSaving.ts';
import type { Node } from './tree.ts';
import { tellsFinish } from './likelihood.ts';
import { zonesOf } from './zones.ts';
import { placeOf } from '../model/place.ts';
import { INDEX, normal, times, type Vector } from './odds.ts';
import { ASKED, askedHouse } from './posterior.ts';
import { STACKS } from './stackSpace.ts';
import { priceOfWrong, pricesFor } from './treatment.ts';
import { AFTER_A_RUB, FINISH_TESTS, QUESTIONS } from './knowledge/questions.ts';

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
/** Nobody makes the same test a third time, unless the system hangs on it and another place was never tried. */
const MOST_OF_A_KIND = 2;

const areaOf = (member: Member) => member.surface.areaM2 ?? USUAL_AREA_M2;

/** What a test is worth beyond its cost. */
const worthOf = (test: NextTest) => test.expectedSaving - costOf(test.kind, test.minutes);

/** Spirit before what is harsher: acetone and the knife follow a rub, they do not open. */
const comesNow = (kind: TestKind, tests: readonly TestRecord[]) =>
  !AFTER_A_RUB.includes(kind) || tests.some((t) => t.kind === 'spirit-rub' || t.kind === 'chip-look');
/** Water is tried where something may drink it, and a sponge where powder may lie. */
function canTell(kind: TestKind, { surface }: Member, at: Node): boolean {
  if (kind === 'water-drop') return !CLOSED.includes(groundOf(surface.substrate));
  return kind !== 'damp-sponge' || filmsAt(at)[INDEX.distemper]! >= OPEN;
}
const CLOSED: readonly Ground[] = ['metal', 'hard', 'laminate'];
/** What was rubbed of the same brush counts for the blade that settles. */
const comesAfterRub = (kind: TestKind, member: Member, sisters: readonly Member[]) =>
  [member, ...sisters].some((m) => comesNow(kind, m.tests));

/** The finish tests worth their time on one member. `riders` are the surfaces that would hear of it. */
function finishTestsOn(
  member: Member,
  at: Node,
  area: number,
  riders: readonly Rider[],
  sisters: readonly Member[],
): NextTest[] {
  if (member.surface.isNew === true || filmsAt(at)[INDEX.bare]! >= SURELY_BARE) return [];
  const underFlake = needsRubUnderFlake(member, at);
  const settles = underFlake ? 'spirit-rub' : settlesOn(member, at, sisters);
  // No test can save more than there is to lose: where that is next to nothing, skip the work of asking.
  const prices = pricesFor(member.surface);
  const atStake = lossNow(at, prices) * area + riders.reduce((sum, rider) => sum + rider.loss * rider.areaM2, 0);
  const savingToSay = (kind: TestKind, isSettling: boolean) => {
    const one = savingOf(kind, member, at, area, riders);
    const asked =
      isSettling && one < costOf(kind, TEST_TAKES[kind]!.minutes) ? savingOfTwo(kind, member, at, area) : one;
    return Math.max(0, Math.round(Math.max(one, asked)));
  };
  // A film that is kept and lets go costs what waterborne costs that was laid on it.
  const savedByGrip = () => Math.round(notSound(at) * priceOfWrong('waterborne', 'over-oil', prices) * area);
  return FINISH_TESTS.filter(
    (kind) =>
      (comesNow(kind, member.tests) || (kind === settles && comesAfterRub(kind, member, sisters))) &&
      canTell(kind, member, at) &&
      (costOf(kind, TEST_TAKES[kind]!.minutes) < atStake || kind === settles) &&
      (kind === settles || member.tests.filter((t) => t.kind === kind).length < MOST_OF_A_KIND),
  ).map((kind) => ({
    kind,
    minutes: TEST_TAKES[kind]!.minutes,
    why: kind === settles ? whyItSettles(kind, member, underFlake) : TEST_TELLS[kind]!,
    expectedSaving: Math.max(
      savingToSay(kind, kind === settles),
      kind === 'blade-lift' && kind === settles ? savedByGrip() : 0,
    ),
    ...(kind === settles ? { settles: true } : {}),
  }));
}

/** The open questions that are not about the finish: lead, damp, rot, salts and the like. */
function questionsOn(surface: SurfaceFacts, tests: readonly TestRecord[], findings: ConditionFindings): NextTest[] {
  const area = surface.areaM2 ?? USUAL_AREA_M2;
  return QUESTIONS.filter((q) => q.open(surface, findings, tests)).map((q) => ({
    kind: q.kind,
    minutes: q.minutes,
    why: q.why,
    expectedSaving: Math.round(q.odds(surface) * q.cost(surface, area)),
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

/** From which chance on something may be there, so that nobody paints before it was rubbed. */
const OPEN = 0.04;
/** From here on it lies bare, and there is nothing that must be rubbed; and surely so, nothing to test for a film at all. */
const SEEN_BARE = 0.35;
const SURELY_BARE = 0.9;
const OILY: readonly Finish[] = ['oil-alkyd', 'waterborne-over-oil'];
const WATERY: readonly Finish[] = ['waterborne-acrylic', 'waterborne-clear'];
const chanceOfAny = (odds: Vector, finishes: readonly Finish[]) =>
  finishes.reduce((sum, f) => sum + odds[INDEX[f]]!, 0);

/** True where oil or waterborne is open, and nobody has tested the film here or on a sister by the same brush. */
function needsFirstTest(member: Member, at: Node, sisters: readonly Member[]): boolean {
  if (
    member.surface.isNew === true ||
    member.surface.currentFinish !== null ||
    [member, ...sisters].some((m) => m.tests.some(tellsOilApart))
  )
    return false;
  const odds = filmsAt(at);
  const isOpen = chanceOfAny(odds, WATERY) >= OPEN || shines(member);
  return odds[INDEX.bare]! < SEEN_BARE && chanceOfAny(odds, OILY) >= OPEN && isOpen;
}
/** What the system hangs on here: oil or not, powder or not, and whether it holds. */
function settlesOn(member: Member, at: Node, sisters: readonly Member[]): TestKind | null {
  if (needsFirstTest(member, at, sisters)) return 'spirit-rub';
  if (needsSponge(member, at)) return 'damp-sponge';
  if (needsAnotherRub(member, at)) return 'spirit-rub';
  return needsGripTest(member, at) ? 'blade-lift' : null;
}
/** Spirit was tried, and distemper is still likely: water tells that, and no further rub. */
function needsSponge({ tests }: Member, at: Node): boolean {
  const powder = filmsAt(at)[INDEX.distemper]!;
  return powder >= STILL_OPEN && powder <= 1 - STILL_OPEN && !tests.some((t) => WETTED.includes(t.kind));
}
const WETTED: readonly TestKind[] = ['damp-sponge', 'hand-wipe', 'water-drop'];
/** A gloss that nobody has rubbed is never done testing, however much it looks like oil. */
const shines = ({ surface, tests }: Member): boolean =>
  surface.conditions.includes('glossy') ||
  tests.some((t) => t.kind === 'sheen-look' && (t.result === 'gloss' || t.result === 'semi-gloss'));
const tellsOilApart = (test: TestRecord) =>
  test.kind !== 'sheen-look' && test.kind !== 'water-drop' && tellsFinish(test);
/** From here on both are still likely: what was found contradicts itself, or says too little. */
const STILL_OPEN = 0.18;
/** One rub that left oil and waterborne both likely is followed by a longer one, in a second place. */
function needsAnotherRub(member: Member, at: Node): boolean {
  const rubs = member.tests.filter((t) => t.kind === 'spirit-rub');
  // Rubs in one place share their luck: a second place tells more than a third rub in the first.
  if (rubs.length === 0 || rubs.length > MOST_OF_A_KIND || new Set(rubs.map(placeOf)).size > 1) return false;
  const odds = filmsAt(at);
  // Water on the rag says nothing of what lies under it: there the blade tells, unless too little came to say even that.
  const oily = rubs.some((t) => t.result === 'slight-transfer') ? OILY : OILY_ON_TOP;
  return (
    chanceOfAny(odds, oily) >= STILL_OPEN &&
    chanceOfAny(odds, [...WATERY, ...OILY.filter((f) => !oily.includes(f))]) >= STILL_OPEN
  );
}
const OILY_ON_TOP: readonly Finish[] = ['oil-alkyd'];
/** Why the system hangs on it: where to make it, if that matters. */
function whyItSettles(kind: TestKind, { tests }: Member, underFlake: boolean): string {
  if (underFlake) return UNDER_FLAKE;
  const isAgain = tests.some((t) => t.kind === kind);
  return isAgain
    ? `${TEST_TELLS[kind]!} It was made in one place alone, and that leaves it open: try another spot.`
    : TEST_TELLS[kind]!;
}
const UNDER_FLAKE =
  'Rub the layer under the flake where the film let go: what lies there decides what must grip it, and whether more of it will lift.';
/** From here on oil may well be what the film let go of. */
const MAY_BE_UNDER = 0.1;
/** The film let go in a place where nobody has rubbed it, or looked at its layers: what it let go of is open. */
function needsRubUnderFlake({ tests }: Member, at: Node): boolean {
  const looked = new Set(tests.filter(tellsLower).map(placeOf));
  const isOpen = tests.some((t) => gripFailed(t) && t.plane !== 'substrate' && !looked.has(placeOf(t)));
  return isOpen && filmsAt(at)[INDEX['waterborne-over-oil']]! >= MAY_BE_UNDER;
}
/** It speaks of what lies under the top film, or shows that this is no film of water. */
const tellsLower = (t: TestRecord) =>
  t.kind === 'chip-look' || (t.kind === 'spirit-rub' && (t.plane != null || LOWER.includes(t.result ?? '')));
const LOWER = ['no-transfer', 'lifts-to-lower-coat'];
/** From here on waterborne may well lie on oil, and whether it grips decides what is done. */
const MAY_LIE_ON_OIL = 0.3;
/** From here on it is powder that is washed off. */
const COMES_OFF_ANYWAY = 0.5;
/** From here on the film may well let go of what it lies on, whatever that is. */
const MAY_LET_GO = 0.3;
const notSound = (at: Node) =>
  normal(times(at.told, at.said)).reduce((sum, p, i) => (STACKS[i]!.bond === 'sound' ? sum : sum + p), 0);
// Distemper gives way in itself: whatever holds it, it comes off.
const needsGripTest = (member: Member, at: Node): boolean =>
  filmsAt(at)[INDEX.distemper]! < COMES_OFF_ANYWAY &&
  !member.tests.some((t) => ADHESION_KINDS.includes(t.kind) && !isOfPatch(t)) &&
  (notSound(at) >= MAY_LET_GO || filmsAt(at)[INDEX['waterborne-over-oil']]! >= MAY_LIE_ON_OIL);
const sistersOf = (member: Member, house: House) =>
  member.campaign === null ? [] : house.members.filter((m) => m !== member && m.campaign === member.campaign);

/** Every test that still pays on one surface, the most worthwhile first. Empty where testing no longer pays. */
export function testsThatPay(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[],
  findings: ConditionFindings,
): NextTest[] {
  return rubBeforeLead(
    ranked([...finishTestsIn(surface, tests, neighbours), ...questionsOn(surface, tests, findings)]),
  );
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
 * it saves on all of them. What it says of other campaigns is small and not counted. `findings` by member.
 */
export function houseTests(house: House, findings: (member: Member) => ConditionFindings): HouseStanding {
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
    const questions = questionsOn(member.surface, member.tests, findings(member)).map((t) => ({
      ...t,
      member: member.id,
      alsoTells: 0,
    }));
    return [...finish, ...questions];
  });
  return { atStake: Math.round(atStake), tests: ranked(tests) };
}
