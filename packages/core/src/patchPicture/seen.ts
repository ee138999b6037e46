import type { TestResult } from '../vocabulary/index.ts';
import {
  COAT_LEAVES,
  COAT_LEAVES_OF_DYE,
  DYE_IS_THERE,
  PICTURE_ERROR,
  RISES_WITHIN_H,
  SEEN,
} from './knowledge/limits.ts';

/** What one picture of a patch showed. */
export interface PatchPictureRead {
  /** Since the patch was laid. */
  minutes: number;
  /** Coats that lay on it by then. */
  coats: number;
  /** CIEDE2000 of what shows through, and its standard error. */
  difference: number;
  doubt: number;
}

/** What the pictures of a patch can be seen as: results of a patch. */
export const SEEN_AS = [
  'covers',
  'shows-through',
  'faint-bleed',
  'bleeds-through',
] as const satisfies readonly TestResult<'test-patch'>[];
export type SeenAs = (typeof SEEN_AS)[number];

/** What the pictures of a patch say, and how sure. The painter decides. */
export interface PatchSeen {
  sees: SeenAs;
  /** Its chance, 0 … 1. */
  sure: number;
  chances: Record<SeenAs, number>;
}

/** Sure enough to say it without asking for another look. */
export const PICTURE_SURE = 0.85;

interface Truth {
  /** Old colour that shows for want of hiding, and dye that will have risen in the end, under the first coats. */
  hiding: number;
  dye: number;
  withinH: number;
  leaves: number;
  leavesOfDye: number;
  prior: number;
}

/** Differences that are thought of, evenly by their size, from what nobody sees to what nobody would miss. */
const SIZES: readonly number[] = Array.from({ length: 18 }, (_, i) => 0.2 * 1.3 ** i);

/** Everything a patch may be: little or much that shows, with or without dye, quick or slow. */
function truths(hasMoreCoats: boolean): Truth[] {
  const leaves = hasMoreCoats ? COAT_LEAVES : [1];
  const ofDye = hasMoreCoats ? COAT_LEAVES_OF_DYE : [1];
  const none = { dye: 0, withinH: 1, leavesOfDye: 1, prior: 1 - DYE_IS_THERE };
  const prior = DYE_IS_THERE / (SIZES.length * RISES_WITHIN_H.length * ofDye.length);
  const some = SIZES.flatMap((dye) =>
    RISES_WITHIN_H.flatMap((withinH) => ofDye.map((leavesOfDye) => ({ dye, withinH, leavesOfDye, prior }))),
  );
  return [0, ...SIZES].flatMap((hiding) =>
    leaves.flatMap((left) => [none, ...some].map((dye) => ({ hiding, leaves: left, ...dye }))),
  );
}

/**
 * What the pictures of one patch say. Poor hiding is there from the first and falls with a second coat; dye rises with
 * time, and comes again through the next coat. Every mixture of the two is weighed by how well it foretells what was
 * measured: so one early picture leaves open what a later one settles. Null without a picture.
 */
export function patchSeen(pictures: readonly PatchPictureRead[]): PatchSeen | null {
  if (pictures.length === 0) return null;
  const inTime = pictures.toSorted((a, b) => a.minutes - b.minutes);
  const laid = asLaid(inTime);
  const chances: Record<SeenAs, number> = { covers: 0, 'shows-through': 0, 'faint-bleed': 0, 'bleeds-through': 0 };
  const { more } = laid.at(-1)!;
  const all = truths(more > 0);
  const logs = all.map((truth) => Math.log(truth.prior) + logLikelihood(truth, laid));
  const top = Math.max(...logs);
  let sum = 0;
  all.forEach((truth, i) => {
    const weight = Math.exp(logs[i]! - top);
    chances[resultOf(truth, more)] += weight;
    sum += weight;
  });
  for (const as of SEEN_AS) chances[as] /= sum;
  const sees = SEEN_AS.reduce((best, as) => (chances[as] > chances[best] ? as : best));
  return { sees, sure: chances[sees], chances };
}

interface Laid extends PatchPictureRead {
  /** Coats more than at the first picture, and hours since the last of them was laid, as far as pictures tell. */
  more: number;
  hours: number;
}

/** A further coat was laid after the last picture without it: that is when dye sets out anew. */
function asLaid(inTime: readonly PatchPictureRead[]): Laid[] {
  return inTime.map((picture) => {
    const before = inTime.findLast((p) => p.coats < picture.coats && p.minutes < picture.minutes);
    return {
      ...picture,
      more: Math.max(0, picture.coats - inTime[0]!.coats),
      hours: (picture.minutes - (before?.minutes ?? 0)) / 60,
    };
  });
}

const shown = ({ hiding, leaves, dye, leavesOfDye, withinH }: Truth, { more, hours }: Laid): number =>
  hiding * leaves ** more + dye * leavesOfDye ** more * (1 - Math.exp(-hours / withinH));

function logLikelihood(truth: Truth, pictures: readonly Laid[]): number {
  let sum = 0;
  for (const picture of pictures) {
    const error = Math.hypot(picture.doubt, PICTURE_ERROR.least, PICTURE_ERROR.share * picture.difference);
    sum -= ((picture.difference - shown(truth, picture)) / error) ** 2 / 2;
  }
  return sum;
}

function resultOf({ hiding, leaves, dye, leavesOfDye }: Truth, more: number): SeenAs {
  const rises = dye * leavesOfDye ** more;
  if (rises >= SEEN.dyeStrong) return 'bleeds-through';
  if (rises >= SEEN.dyeFaint) return 'faint-bleed';
  return hiding * leaves ** more >= SEEN.throughHiding ? 'shows-through' : 'covers';
}
