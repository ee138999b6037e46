import { chemistryOf, isTopcoat, type Family } from '../vocabulary/index.ts';
import { beatenBy, provenBy, type PatchReading } from '../evidence/patches.ts';
import { colourLeftAfter } from '../systems/hiding.ts';
import { primes } from '../systems/onOil.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';
import { betweenCoats, bondOf, shownOf } from './bond.ts';
import { chanceOf, NO } from './causes.ts';
import { AT, raise, type Face, type Riser } from './face.ts';
import { FACE_ROWS } from './knowledge/faces.ts';
import { DUST_SHOWS, GRAIN_RAISED } from './knowledge/grounds.ts';
import { TRIED_LEAVES } from './knowledge/holds.ts';
import { THROUGH, THROUGH_BEATEN, THROUGH_PROVEN, THROUGH_SOLVENT } from './knowledge/rising.ts';
import { EDGES_SEALED_LEAVE, FILLED } from './knowledge/standing.ts';
import { DEEP_SHOWS, FINISH_SEALS, SHOWS_BY_SHEEN, SUCTION_LEAVES } from './knowledge/sealing.ts';
import { PAPER_WAKES, WET_ROWS } from './knowledge/wetFilm.ts';
import type { Tally } from './tally.ts';

const carriesWater = (family: Family) => chemistryOf(family) === 'waterborne';

const DAY_MIN = 1440;
/** What is left of a chance where a patch of this coat was waited for so long before the whole was laid. */
const triedFor = (face: Face, family: Family, leastMin: number): number =>
  face.tried.some((one) => one.family === family && one.waitMin >= leastMin) ? TRIED_LEAVES : 1;
/** A patch shows what comes while it is waited for, and nothing that takes weeks. */
const seenAfter = (by: string): number => (by.startsWith('PT') ? 0 : by === 'P1D' ? DAY_MIN : Infinity);

/** What the wet coat meets: it crawls, bubbles, crackles. */
function meetsWet(family: Family, face: Face, tally: Tally, soaksIn: boolean): void {
  WET_ROWS.forEach((row, i) => {
    if (face.has[AT[row.trait]]! <= 0 || (row.byWater && !carriesWater(family))) return;
    // What only soaks in shuts no mould in: it is killed with what lies round it.
    if (soaksIn && row.trait === 'mould') return;
    const stopped = row.unless ? THROUGH[primes(family, row.unless)] : 1;
    tally.add(
      NO.wet + i,
      chanceOf(row.from + row.pull * face.has[AT[row.trait]]!) * stopped * triedFor(face, family, seenAfter(row.by)),
      face.share,
    );
  });
  if (face.kind === 'paper' && carriesWater(family))
    tally.add(NO.paper, chanceOf(PAPER_WAKES[primes(family, 'seal-paper')]) * triedFor(face, family, 0), face.share);
}

/** What is left of the uneven suction of the ground when the finish dries on it. */
function shadesOver(step: Step, face: Face, c: Case, tally: Tally): void {
  if (face.has[AT.suction]! < 0.01 || c.clear) return;
  const coats = step.coats ?? 1;
  const shows = (step.sheen ? SHOWS_BY_SHEEN[step.sheen] : 0.9) * ((c.shift.to ?? 100) < 45 ? DEEP_SHOWS : 1);
  const isFiller = face.part === 'spots' && c.is(...FILLED);
  const cause = isFiller ? NO.fillerFlashes : face.kind === 'timber' ? NO.sinks : NO.flashes;
  tally.add(cause, Math.min(0.95, face.has[AT.suction]! * FINISH_SEALS ** (coats - 1) * shows), face.share);
}

/** Undercoats and saturating coats are made to stop suction, whatever it is. */
const SEALS_ANYWAY: readonly Family[] = [
  'oil-undercoat',
  'acrylic-primer-undercoat',
  'penetrating-epoxy',
  'clear-shellac',
];

/** How far a family seals what this part drinks with. */
function seals(family: Family, face: Face): 0 | 1 | 2 | 3 {
  if (SEALS_ANYWAY.includes(family)) return 3;
  const ground = primes(family, FACE_ROWS[face.kind].need);
  const filler = face.part === 'spots' && face.kind !== 'timber' ? primes(family, 'seal-filler') : 0;
  return filler > ground ? filler : ground;
}

/** What the patches here said, read once. */
const patchesRead = new WeakMap<
  readonly PatchReading[],
  { proven: ReadonlySet<Family>; beaten: ReadonlySet<Family> }
>();
function patchesOf({ d: { patches } }: Case) {
  let read = patchesRead.get(patches);
  if (!read) patchesRead.set(patches, (read = { proven: provenBy(patches), beaten: beatenBy(patches) }));
  return read;
}

/** What trials here have shown of how this family blocks, weighed with its row. */
function shownToBlock(comes: number, family: Family, c: Case): number {
  const shown = shownOf(c, (word) => word.trait === 'block' && word.family === family);
  return shown === 0 ? comes : chanceOf(Math.log(comes / (1 - comes)) - shown);
}

/** What of a riser comes through `coats` coats of this family here. */
export function through(riser: Riser, family: Family, coats: number, c: Case): number {
  const { proven, beaten } = patchesOf(c);
  if (proven.has(family)) return THROUGH_PROVEN;
  if (beaten.has(family)) return THROUGH_BEATEN;
  const well = primes(family, riser);
  const once = well > 0 || carriesWater(family) ? THROUGH[well] : THROUGH_SOLVENT;
  return shownToBlock(once ** Math.min(2, coats), family, c);
}

/** What a coat lies over from then on: it has done its harm, or has not. */
const COVERED = (
  [
    'grease',
    'groundIn',
    'residue',
    'powder',
    'dust',
    'chalk',
    'paste',
    'wax',
    'bead',
    'silicone',
    'damp',
    'salts',
    'mould',
    'torn',
    'loosePaper',
    'grey',
    'endGrain',
  ] as const
).map((trait) => AT[trait]);

/** The face as it is under the next coat. */
function coated(step: Step, family: Family, face: Face, c: Case): void {
  const coats = step.coats ?? 1;
  const raisesGrain = face.coats === 0 && face.kind === 'timber' && carriesWater(family);
  for (const [riser, strength] of face.rises) face.rises.set(riser, strength * through(riser, family, coats, c));
  face.has[AT.suction]! *= isTopcoat(step.kind)
    ? FINISH_SEALS ** coats
    : SUCTION_LEAVES[seals(family, face)] ** Math.min(2, coats);
  face.colourLeft = colourLeftAfter(step, family, face.colourLeft, c);
  for (const at of COVERED) face.has[at] = 0;
  if (raisesGrain) raise(face, 'nibs', GRAIN_RAISED);
  if (face.coats === 0 && !carriesWater(family)) face.has[AT.rawEdge]! *= EDGES_SEALED_LEAVE;
  face.lastCoat = family;
  face.coats++;
  if (step.kind !== 'pre-prime') face.films++;
}

/** Lays a coat on a face: what may come of the laying, and the face as it is afterwards. */
export function layCoat(step: Step, face: Face, c: Case, tally: Tally, isLast: boolean): void {
  const { family } = step;
  if (!family) return;
  if (face.coats > 0) tally.add(NO.betweenCoats, chanceOf(betweenCoats(family, face, c)), face.share);
  else {
    const bond = bondOf(family, face, c);
    tally.addBond(NO.bond, chanceOf(bond.points) * triedFor(face, family, DAY_MIN), face.share, bond);
    meetsWet(family, face, tally, step.kind === 'pre-prime');
  }
  tally.add(NO.dust, face.has[AT.dust]! * (c.joinery ? DUST_SHOWS.joinery : DUST_SHOWS.otherwise), face.share);
  // What drinks unevenly under an earlier coat is evened by the next: only the last is seen.
  if (isLast) shadesOver(step, face, c, tally);
  coated(step, family, face, c);
}
