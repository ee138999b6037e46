import type { TestRecord } from '../model/test.ts';
import { cutFailed, cutHeld, isOfPatch } from './conditions.ts';
import { placeOf } from '../model/place.ts';
import { isYoungFilm } from './facts.ts';
import { chemistryOf, isFinish, type Chemistry, type Family } from '../vocabulary/index.ts';

/** What the patches of one primer family say so far. */
export type PatchVerdict = 'covers' | 'another-coat' | 'bleeds' | 'rejects' | 'look-again';

export interface PatchReading {
  family: Family | null;
  verdict: PatchVerdict;
  /** The look that decided it. */
  decidedBy: TestRecord;
  /** The coats to lay by it; null where it does not say. */
  coats: number | null;
  text: string;
}

/** Old colour that shows after this long on two coats has risen through them. Minutes; source: practice. */
export const LATER_LOOK_MIN = 1440;
const UNEVEN = 'The coats of the patches were unequal: compare them with that in mind.';

const SHOWS = ['shows-through', 'faint-bleed', 'bleeds-through'];
const REJECTS: Readonly<Record<string, string>> = {
  crawls: 'The patch crawls: wax, silicone or grease is on the face. Clean it and lay another.',
  wrinkles: 'The patch wrinkles: its solvent lifts what is under it. Another chemistry, or strip.',
  bubbles: 'The patch bubbles: air, damp or loose paper under it. Find which before another coat.',
};

const laterFirst = (a: TestRecord, b: TestRecord) =>
  (b.minutes ?? 0) - (a.minutes ?? 0) || (b.coats ?? 1) - (a.coats ?? 1);

/** What crawled never covers: a look that says so is of another patch, on a face that was cleaned since. */
function sinceCleaned(looks: readonly TestRecord[]): readonly TestRecord[] {
  const since = looks.slice(looks.findLastIndex((t) => t.result === 'crawls') + 1);
  return since.some((t) => t.result === 'covers') ? since : looks;
}

/** What the looks at patches of one primer in one place say. */
type Verdict = Omit<PatchReading, 'family' | 'coats'>;

function verdictOn(all: readonly TestRecord[]): Verdict {
  const looks = sinceCleaned(all);
  const last = [...looks].sort(laterFirst)[0]!;
  const rejected = looks.find((t) => REJECTS[t.result ?? '']);
  if (rejected) return { verdict: 'rejects', decidedBy: rejected, text: REJECTS[rejected.result!]! };
  const late = (last.minutes ?? 0) >= LATER_LOOK_MIN;
  const coats = last.coats ?? 1;
  if (last.result === 'covers') {
    return late
      ? {
          verdict: 'covers',
          decidedBy: last,
          text: `Covered at the later look with ${coatsInWords(coats)}: it blocks here.`,
        }
      : {
          verdict: 'look-again',
          decidedBy: last,
          text: 'Covers now. Dye can still rise: look again the next day; the later look decides.',
        };
  }
  if (!SHOWS.includes(last.result ?? '')) return { verdict: 'look-again', decidedBy: last, text: 'Look again.' };
  const earlier = looks.filter((t) => t !== last);
  const cameBack = earlier.some((t) => t.result === 'covers' && (t.minutes ?? 0) < (last.minutes ?? 0));
  const thickened = earlier.some((t) => (t.coats ?? 1) < coats && SHOWS.includes(t.result ?? ''));
  if (cameBack)
    return {
      verdict: 'bleeds',
      decidedBy: last,
      text: 'It covered, and the colour came back: dye is rising. Another chemistry is needed.',
    };
  // A finish blocks nothing, so that nobody lays it against dye: what shows through it is poor hiding, coat after coat.
  if (last.result === 'shows-through' && (coats === 1 || isOfFinish(last)))
    return {
      verdict: 'another-coat',
      decidedBy: last,
      text: `The old colour shows through ${coatsInWords(coats)}: poor hiding, which another coat cures. Look again after it.`,
    };
  if (last.result === 'bleeds-through' || thickened || (coats >= 2 && late))
    return {
      verdict: 'bleeds',
      decidedBy: last,
      text: `The colour stands through ${coatsInWords(coats)}${late ? ' at the later look' : ''}: dye is rising, and more of the same will not stop it.`,
    };
  return {
    verdict: 'another-coat',
    decidedBy: last,
    text: 'Faint colour: bleed or poor hiding. A second coat and a later look tell them apart.',
  };
}

const isOfFinish = ({ family }: TestRecord): boolean => family != null && isFinish(family);

/**
 * The fewest coats of a finish that covered at the later look; of a primer as many as covered where fewer did not, else
 * one, since finish comes over it; another where the last look left it open.
 */
function coatsBy({ verdict, decidedBy }: Verdict, looks: readonly TestRecord[]): number | null {
  if (verdict === 'another-coat') return isOfFinish(decidedBy) ? (decidedBy.coats ?? 1) + 1 : 2;
  if (verdict !== 'covers') return null;
  const covered = looks.filter((t) => t.result === 'covers' && (t.minutes ?? 0) >= LATER_LOOK_MIN);
  const fewest = Math.min(...covered.map((t) => t.coats ?? 1));
  const fewerFailed = looks.some((t) => SHOWS.includes(t.result ?? '') && (t.coats ?? 1) < fewest);
  return fewerFailed || isOfFinish(decidedBy) ? fewest : 1;
}

/** Over places the worst decides: dye that rose in one is not stopped because it did not rise in another. */
function worstOf(looks: readonly TestRecord[]): Omit<PatchReading, 'family'> {
  const places = [...new Set(looks.map(placeOf))];
  const read = places.map((place) => {
    const here = looks.filter((t) => placeOf(t) === place);
    const found = verdictOn(here);
    return { place, ...found, coats: coatsBy(found, here) };
  });
  const [worst, ...others] = read.sort(
    (a, b) => WORST_FIRST.indexOf(a.verdict) - WORST_FIRST.indexOf(b.verdict) || (b.coats ?? 0) - (a.coats ?? 0),
  );
  const { place, ...verdict } = worst!;
  const differs = place !== '' && others.some((other) => other.verdict !== verdict.verdict);
  return differs ? { ...verdict, text: `${verdict.text} So it is ${place}; where it is strongest decides.` } : verdict;
}
const WORST_FIRST: readonly PatchVerdict[] = ['rejects', 'bleeds', 'another-coat', 'look-again', 'covers'];

/** What a patch says once it was scratched or cut: one that lets go at cure is out, however well it covered. */
function withGrip(looks: Omit<PatchReading, 'family'>, cuts: readonly TestRecord[]): Omit<PatchReading, 'family'> {
  const failed = cuts.find(cutFailed);
  if (failed)
    return {
      verdict: 'rejects',
      decidedBy: failed,
      coats: null,
      text: 'The patch let go when it was scratched at cure: it does not grip here.',
    };
  if (cuts.some(cutHeld)) return { ...looks, text: `${looks.text} Scratched at cure it held.` };
  return cuts.some(isYoungFilm)
    ? { ...looks, text: `${looks.text} It was scratched young, and that says little: scratch it again at cure.` }
    : looks;
}

const coatsInWords = (coats: number) => (coats === 1 ? 'one coat' : `${coats} coats`);

/**
 * Reads test patches family by family. Old colour through a new coat is poor hiding (another coat cures it) or dye
 * rising (another chemistry is needed): a second coat and a later look tell them apart, and the later look decides.
 */
export function readPatches(tests: readonly TestRecord[]): PatchReading[] {
  const patches = tests.filter((t) => t.kind === 'test-patch');
  const families = [...new Set(patches.map((t) => t.family ?? null))];
  const coats = new Set(
    families.map((f) => Math.max(...patches.filter((t) => (t.family ?? null) === f).map((t) => t.coats ?? 1))),
  );
  const uneven = families.length > 1 && coats.size > 1;
  return families.map((family) => {
    const looks = worstOf(patches.filter((t) => (t.family ?? null) === family));
    const one = withGrip(
      looks,
      tests.filter((t) => isOfPatch(t) && t.family === family),
    );
    return { family, ...one, text: uneven ? `${one.text} ${UNEVEN}` : one.text };
  });
}

/** Families that a patch has put out here: dye rose through it, or the face would not have it. Everything crawls on a foul face, and once that is clean none is out for it. */
export function beatenBy(readings: readonly PatchReading[]): ReadonlySet<Family> {
  const isOut = ({ verdict, decidedBy }: PatchReading) =>
    verdict === 'bleeds' || (verdict === 'rejects' && decidedBy.result !== 'crawls');
  return new Set(readings.flatMap((r) => (r.family && isOut(r) ? [r.family] : [])));
}

/** Chemistries whose patch wrinkled: their solvent lifts what lies there, in whichever coat it comes. */
export function liftedBy(readings: readonly PatchReading[]): ReadonlySet<Chemistry> {
  return new Set(
    readings.flatMap((r) =>
      r.family && r.verdict === 'rejects' && r.decidedBy.result === 'wrinkles' ? [chemistryOf(r.family)] : [],
    ),
  );
}

/** Families whose patch blocked, or held, on this surface. */
export function provenBy(readings: readonly PatchReading[]): ReadonlySet<Family> {
  return new Set(readings.flatMap((r) => (r.family && r.verdict === 'covers' ? [r.family] : [])));
}

/** True where dye rose through a waterborne primer, so that a waterborne one is not tried again. */
export function waterborneBeaten(readings: readonly PatchReading[]): boolean {
  return readings.some((r) => r.verdict === 'bleeds' && r.family !== null && chemistryOf(r.family) === 'waterborne');
}
