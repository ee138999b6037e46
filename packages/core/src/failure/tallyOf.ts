import { isLowSheen } from '../evidence/facts.ts';
import { isCoat, isTopcoat, type Family, type Fault } from '../vocabulary/index.ts';
import { caseInZone, type Case } from '../systems/case.ts';
import { preparedFactor } from '../systems/held.ts';
import { primes } from '../systems/onOil.ts';
import { ELSEWHERE, zoneShares } from '../systems/zones.ts';
import { stepKey, type Step } from '../model/step.ts';
import { chanceOf, NO } from './causes.ts';
import { AT, type Face, type FaceKind } from './face.ts';
import { facesOf } from './facesOf.ts';
import { FIT_ROWS, NO_FINISH, UNSEALED } from '../systems/knowledge/fits.ts';
import { FINISH_CUT, FLAT_CRACKS, LEFT_ROWS, NIBS_SHOW } from './knowledge/grounds.ts';
import { HAND_ROWS, HANDLED_EARLY } from './knowledge/hands.ts';
import { SEEN_AT, SEEN_STEEP } from '../systems/knowledge/hiding.ts';
import { RISING_ROWS } from './knowledge/rising.ts';
import { DRINKS, OLD_BOND_GOES } from './knowledge/standing.ts';
import { layCoat } from './laid.ts';
import { Tally } from './tally.ts';
import { truthsOf } from './truths.ts';
import { rowsOf, workOn, type Work } from './work.ts';

const RISES = new Map(RISING_ROWS.map((row, i) => [row.riser, NO.rising + i]));

/** A step as it is done: what it is and does, looked up once for all that may be there. */
interface Act {
  step: Step;
  coat: boolean;
  finish: boolean;
  abrades: boolean;
  rows: readonly Work[];
  /** The only part it is done on; null where it is done all over. A place that a test named was told apart before. */
  on: Face['part'] | null;
}

const actOf = (step: Step): Act => ({
  step,
  coat: isCoat(step.kind),
  finish: isTopcoat(step.kind),
  abrades: step.kind === 'sand' || step.kind === 'sand-between',
  rows: rowsOf(step),
  on:
    step.scope === 'spots' || step.kind === 'spot-prime' ? 'spots' : step.scope === 'bare-areas' ? 'bare-areas' : null,
});

/** How often iron that is left bare rusts within the half-year. Source: practice. */
const BARE_IRON_RUSTS = { outside: 0.95, inside: 0.4 } as const;

/** What is under, in and on a part once the last coat is on. */
function addLeft(face: Face, c: Case, tally: Tally): void {
  const { share } = face;
  if (c.wanted.leaveBare) {
    if (face.kind === 'iron')
      tally.add(RISES.get('block-rust')!, c.outside ? BARE_IRON_RUSTS.outside : BARE_IRON_RUSTS.inside, share);
    return;
  }
  LEFT_ROWS.forEach((row, i) => tally.add(NO.left + i, face.has[AT[row.trait]]! * row.odds, share));
  for (const [riser, strength] of face.rises)
    // Through a clear film the timber's own colour is meant to be seen.
    if (!c.clear || (riser !== 'block-knots' && riser !== 'block-tannin'))
      tally.add(RISES.get(riser)!, strength, share);
  tally.add(NO.oldBond, face.has[AT.weak]! * OLD_BOND_GOES, share);
  tally.add(NO.rough, face.has[AT.nibs]! * (c.joinery ? NIBS_SHOW.joinery : NIBS_SHOW.otherwise), share);
  if (face.part !== 'spots' && face.colourLeft > 0)
    tally.add(NO.hiding, chanceOf((face.colourLeft - SEEN_AT) / SEEN_STEEP), share);
}

/** A spot that lies open to the ground, as where rot was cut out, is primed with what is bare. */
const reaches = (on: Act['on'], face: Face) =>
  on === null || on === face.part || (on === 'bare-areas' && face.part === 'spots' && DRINKS[face.kind] !== undefined);

/**
 * Where scraping leaves an older film and no bare ground, a primer for the ground is not laid on it if one that grips
 * goes over the whole: nobody primes paint as timber.
 */
const isSpared = ({ scope, family }: Step, face: Face, acts: readonly Act[]): boolean =>
  scope === 'bare-areas' &&
  CLOSED_FILM.includes(face.kind) &&
  primes(family, 'grip-gloss') < 2 &&
  acts.some((act) => act.coat && act.on === null && primes(act.step.family, 'grip-gloss') >= 2);

const CLOSED_FILM: readonly FaceKind[] = ['oil', 'varnish', 'stained'];

/** Work and coats on one part, in the order of the steps. */
function addPart(face: Face, acts: readonly Act[], c: Case, tally: Tally): void {
  let finished = false;
  let cut = false;
  const last = acts.findLast((act) => act.step.kind === 'finish-coat' && reaches(act.on, face))?.step;
  for (const { step, coat, finish, abrades, rows, on } of acts) {
    if (!reaches(on, face) || (coat && isSpared(step, face, acts))) continue;
    if (coat) {
      layCoat(step, face, c, tally, step === last);
      if (finish) [finished, cut] = [true, false];
    } else {
      if (finished && abrades) cut = true;
      workOn(step, rows, face, c);
    }
  }
  if (cut) tally.add(NO.cut, FINISH_CUT, face.share);
  addLeft(face, c, tally);
}

/** Covering, hanging, waiting: each in its place, too late, or not at all. */
function addHands(all: readonly Step[], c: Case, tally: Tally): void {
  // What is done at a return visit has its own covering and hanging.
  const steps = all.filter((s) => !s.later);
  const kinds = new Set(steps.map((s) => s.kind));
  HAND_ROWS.forEach((row, i) => {
    if (!row.when(c, kinds, steps) || (c.wanted.leaveBare && OF_A_FILM.includes(row.fault))) return;
    const at = row.after
      ? steps.findLastIndex((s) => s.kind === row.kind)
      : steps.findIndex((s) => s.kind === row.kind);
    const early = row.before ? steps.findIndex((s) => row.before!.includes(s.kind)) : -1;
    const late = row.after ? steps.findLastIndex((s) => row.after!.includes(s.kind)) : -1;
    const inPlace = at >= 0 && (early < 0 || at < early) && at > late;
    tally.add(NO.hand + i, inPlace ? row.done : row.odds, row.share ?? 1);
  });
  const held = steps.findLastIndex((s) => s.kind === 'cure-hold');
  if (held >= 0 && HANDLED_EARLY.when(c) && steps.slice(0, held).some((s) => HANDLED_EARLY.kinds.includes(s.kind)))
    tally.add(NO.handledEarly, HANDLED_EARLY.odds, 1);
}

/** Where the ground is left bare there is no film for these. */
const OF_A_FILM: readonly Fault[] = ['runs', 'ragged-line', 'sticks-shut', 'knock', 'dust-in-film', 'wrinkles'];

/** The rows of a family, with the numbers of their causes. */
const FITS = new Map<Family, (readonly [(typeof FIT_ROWS)[number], number])[]>();
FIT_ROWS.forEach((row, i) => {
  for (const family of row.families) FITS.set(family, [...(FITS.get(family) ?? []), [row, NO.fit + i]]);
});
/** A bead, a filled hole, a spot: a small part of the surface. */
const SMALL = 0.1;

/** How likely a film without the clear coat that belongs over it is marked. */
function unsealed(finish: Step, c: Case): number {
  if (finish.family === 'chalk-style') return UNSEALED.chalk;
  if (!c.furniture) return 0;
  if (c.wanted.distressed) return UNSEALED.distressed;
  return finish.sheen && isLowSheen(finish.sheen) ? UNSEALED.lowSheen : 0;
}

/** Products where they do not belong, and films without what belongs over them. */
function addFits(steps: readonly Step[], c: Case, tally: Tally): void {
  let finish: Step | null = null;
  let last: Step | null = null;
  const isUnderClear = steps.some((s) => s.kind === 'clear-coat');
  for (const step of steps) {
    if (step.family)
      for (const [row, cause] of FITS.get(step.family) ?? [])
        if (row.kinds.includes(step.kind) && row.when(c))
          tally.add(
            cause,
            row.odds * (isUnderClear ? (row.underClear ?? 1) : 1),
            isCoat(step.kind) && step.scope !== 'spots' ? 1 : SMALL,
          );
    if (isCoat(step.kind) && step.scope !== 'spots' && step.scope !== 'bare-areas') last = step;
    if (step.kind === 'finish-coat') finish = step;
  }
  if (c.wanted.leaveBare) return;
  if (!last || !isTopcoat(last.kind)) tally.add(NO.noFinish, NO_FINISH.odds, 1);
  if (!finish) return;
  if (last?.kind !== 'clear-coat' && !c.clear) tally.add(NO.unsealed, unsealed(finish, c), 1);
  if (finish.sheen && c.is('moving-joints', 'gaps')) tally.add(NO.flat, FLAT_CRACKS[finish.sheen] ?? 0, SMALL);
}

/** One thing that may be there, with its chance, and what may go wrong then. */
export interface Truth {
  chance: number;
  tally: Tally;
}

/** What may go wrong in one place, under each thing that may be there. */
function truthsIn(c: Case, steps: readonly Step[]): Truth[] {
  const ownRecord = Math.log(preparedFactor(c.held, steps));
  const acts = steps.map(actOf);
  return truthsOf(c).map(([truth, chance]) => {
    const tally = new Tally();
    for (const face of facesOf(truth)) {
      face.ownRecord = ownRecord;
      addPart(face, acts, truth, tally);
    }
    addFits(steps, truth, tally);
    return { chance, tally };
  });
}

/** Steps that are done in one place: those for the whole, and those that name it. */
function stepsIn(steps: readonly Step[], places: readonly string[], all: readonly string[]): Step[] {
  // Places that were found alike have a line each: it is done once in each of them.
  const speaks = new Map<string, string>();
  return steps.filter((step) => {
    const { scope } = step;
    if (scope === undefined || !all.includes(scope)) return true;
    if (scope === ELSEWHERE ? places.length > 0 : !places.includes(scope)) return false;
    const key = stepKey({ ...step, scope: '' });
    if (!speaks.has(key)) speaks.set(key, scope);
    return speaks.get(key) === scope;
  });
}

/** What may go wrong with these steps on this surface, over its places and all that may be there. */
export interface Outlook {
  tally: Tally;
  /** One list for each place: what the film and the work on it bring, without what is done by hand beside it. */
  places: readonly (readonly Truth[])[];
}

/** Whether a step changes anything that lies on the surface. */
const touchesFilm = (step: Step) => isCoat(step.kind) || step.kind === 'test-patch' || rowsOf(step).length > 0;

const read = new WeakMap<readonly Step[], WeakMap<Case, Outlook>>();

/** Reads the film that these steps make, on everything that may be there. One list on one case is read once. */
export function outlookOf(c: Case, steps: readonly Step[]): Outlook {
  let known = read.get(steps);
  if (!known) read.set(steps, (known = new WeakMap<Case, Outlook>()));
  let outlook = known.get(c);
  if (!outlook) known.set(c, (outlook = outlookAnew(c, steps)));
  return outlook;
}

function outlookAnew(c: Case, steps: readonly Step[]): Outlook {
  const { zones } = c.d;
  const named = [ELSEWHERE, ...zones.flatMap((z) => z.places)];
  const places =
    zones.length === 1
      ? [truthsIn(c, steps)]
      : zones.map((zone) => truthsIn(caseInZone(c, zone), stepsIn(steps, zone.places, named)));
  return withHands(c, steps, places);
}

/** The same where some steps are left out: what does not touch the film leaves that as it was read. */
export function outlookWithout(c: Case, steps: readonly Step[], left: readonly Step[]): Outlook {
  const without = steps.filter((s) => !left.includes(s));
  return left.some(touchesFilm) ? outlookOf(c, without) : withHands(c, without, outlookOf(c, steps).places);
}

function withHands(c: Case, steps: readonly Step[], places: Outlook['places']): Outlook {
  const tally = new Tally();
  const shares = zoneShares(c.d);
  for (const [at, place] of places.entries()) {
    const mixed = new Tally();
    for (const truth of place) mixed.mix(truth.tally, truth.chance);
    tally.join(mixed, shares[at]!);
  }
  addHands(steps, c, tally);
  return { tally, places };
}
