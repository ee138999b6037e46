import type { TestRecord } from '../model/test.ts';
import { placeOf } from '../model/place.ts';
import { ADHESION_KINDS, TEST_TELLS, type Finish, type TestKind } from '../vocabulary/index.ts';
import { gripFailed, isOfPatch } from './conditions.ts';
import type { Member } from './house.ts';
import { tellsFinish } from './likelihood.ts';
import { INDEX, type Vector } from './odds.ts';
import { filmsAt, stacksAt } from './riders.ts';
import { STACKS } from './stackSpace.ts';
import type { Node } from './tree.ts';

/** Nobody makes the same test a third time, unless the system hangs on it and another place was never tried. */
export const MOST_OF_A_KIND = 2;
/** From which chance on something may be there, so that nobody paints before it was tested. */
export const OPEN = 0.04;
/** From here on it lies bare, and there is nothing that must be rubbed. */
const SEEN_BARE = 0.35;
/** From here on both are still likely: what was found contradicts itself, or says too little. */
const STILL_OPEN = 0.18;
/** From here on oil may well be what the film let go of. */
const MAY_BE_UNDER = 0.1;
/** From here on waterborne may well lie on oil, and whether it grips decides what is done. */
const MAY_LIE_ON_OIL = 0.3;
/** From here on it is powder that is washed off. */
const COMES_OFF_ANYWAY = 0.5;
/** From here on the film may well let go of what it lies on, whatever that is. */
const MAY_LET_GO = 0.3;

const OILY: readonly Finish[] = ['oil-alkyd', 'waterborne-over-oil'];
const OILY_ON_TOP: readonly Finish[] = ['oil-alkyd'];
const WATERY: readonly Finish[] = ['waterborne-acrylic', 'waterborne-clear'];
/** What water and a palm tell is powder, wax or a thirsty ground; oil from waterborne they tell no more than a look does. */
const WETTED: readonly TestKind[] = ['damp-sponge', 'hand-wipe', 'water-drop'];

const UNDER_FLAKE =
  'Rub the layer under the flake where the film let go: what lies there decides what must grip it, and whether more of it will lift.';
const ANOTHER_SPOT = 'It was made in one place alone, and that leaves it open: try another spot.';
const HOW_FAR =
  'It let go where it was tried, and nowhere else was tried: try it in another place. How far it goes decides whether a spot is taken off, or the whole.';

/** The test that the system hangs on, made before any other and before the price: what lies under a flake, oil or not, powder or not, whether it holds, and how far it does not. */
export function settlingTest(
  member: Member,
  at: Node,
  sisters: readonly Member[],
): { kind: TestKind; why: string } | null {
  if (needsRubUnderFlake(member, at)) return { kind: 'spirit-rub', why: UNDER_FLAKE };
  const kind = settlesOn(member, at, sisters);
  if (!kind) return needsReach(member, at) ? { kind: 'blade-lift', why: HOW_FAR } : null;
  const isAgain = member.tests.some((t) => t.kind === kind);
  return { kind, why: isAgain ? `${TEST_TELLS[kind]!} ${ANOTHER_SPOT}` : TEST_TELLS[kind]! };
}

function settlesOn(member: Member, at: Node, sisters: readonly Member[]): TestKind | null {
  if (needsFirstTest(member, at, sisters)) return 'spirit-rub';
  if (needsSponge(member, at)) return 'damp-sponge';
  if (needsAnotherRub(member, at)) return 'spirit-rub';
  return needsGripTest(member, at) ? 'blade-lift' : null;
}

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
const tellsOilApart = (test: TestRecord) =>
  test.kind !== 'sheen-look' && !WETTED.includes(test.kind) && tellsFinish(test);

/** A gloss that nobody has rubbed is never done testing, however much it looks like oil. */
const shines = ({ surface, tests }: Member): boolean =>
  surface.conditions.includes('glossy') ||
  tests.some((t) => t.kind === 'sheen-look' && (t.result === 'gloss' || t.result === 'semi-gloss'));

/** Spirit was tried, and distemper is still likely: water tells that, and no further rub. */
function needsSponge({ tests }: Member, at: Node): boolean {
  const powder = filmsAt(at)[INDEX.distemper]!;
  return powder >= STILL_OPEN && powder <= 1 - STILL_OPEN && !tests.some((t) => WETTED.includes(t.kind));
}

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

/** The chance that the weakest bond of the film is weak, or gone. */
export const notSound = (at: Node): number =>
  stacksAt(at).reduce((sum, p, i) => (STACKS[i]!.bond === 'sound' ? sum : sum + p), 0);

const isPowder = (at: Node) => filmsAt(at)[INDEX.distemper]! >= COMES_OFF_ANYWAY;
const triesGrip = (t: TestRecord) => ADHESION_KINDS.includes(t.kind) && !isOfPatch(t);

/** It let go in one place by name, and nobody tried it in another: what looks sound may hold or not. */
export function needsReach({ tests }: Member, at: Node): boolean {
  const tried = new Set(tests.filter(triesGrip).map(placeOf));
  return tried.size === 1 && !tried.has('') && tests.some(gripFailed) && !isPowder(at);
}

// Distemper gives way in itself: whatever holds it, it comes off.
const needsGripTest = (member: Member, at: Node): boolean =>
  !isPowder(at) &&
  !member.tests.some(triesGrip) &&
  (notSound(at) >= MAY_LET_GO || filmsAt(at)[INDEX['waterborne-over-oil']]! >= MAY_LIE_ON_OIL);
