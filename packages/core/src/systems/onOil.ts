import { letsGo } from '../evidence/bonds.ts';
import { treatmentOdds } from '../evidence/treatment.ts';
import { chemistryOf, isCoat, type Family, type Need } from '../vocabulary/index.ts';
import { patchGripped, type Case } from './case.ts';
import { PRIMERS } from './knowledge/primers.ts';
import { isLettingGo } from './lettingGo.ts';
import { asWall, finishBehind, paperComesOff } from './offPaper.ts';
import type { Step } from '../model/step.ts';

/** Oil counts as likely from here on; below it the look and the tests speak against it. */
const OIL_LIKELY = 0.25;

/** How well a primer family does what is needed: 0 where it does not. */
export const primes = (family: Family | undefined, need: Need): 0 | 1 | 2 | 3 => DOES.get(family)?.[need] ?? 0;
const DOES = new Map<Family | undefined, Partial<Record<Need, 1 | 2 | 3>>>(
  PRIMERS.map((row) => [row.family, row.does]),
);
export const laysFilm = (s: Step) => isCoat(s.kind) && s.kind !== 'pre-prime';
export const wholeFace = (s: Step) => s.scope !== 'spots' && s.scope !== 'bare-areas';

/** From here on what nobody tried is likelier to let go than to hold, as beside a place where it let go. */
const LIKELIER_LOOSE = 0.5;

/** Every layer let go together, of the ground: that says nothing against the bond of the waterborne coat to the oil. */
const letsGoOfGround = (c: Case) =>
  c.d.findings.weakPlane === 'substrate' && c.d.bonds['over-oil'].atGround >= LIKELIER_LOOSE;

/** A waterborne coat lets go of the oil under it: it comes off, whatever the firm's rule is. */
export function letsGoOfOil(c: Case): boolean {
  if (c.treatAs !== 'over-oil' || c.d.findings.adhesion === 'grips' || letsGoOfGround(c)) return false;
  return (
    c.d.findings.adhesion === 'weak' || c.is('peeling', 'flaking') || letsGo(c.d.bonds['over-oil']) >= LIKELIER_LOOSE
  );
}

/** Younger than this a coat was laid just now, and still comes off more easily than it will. Hours; source: practice. */
const JUST_LAID_H = 336;
/**
 * Hours since the waterborne coat on oil was laid, where it was laid just now and has not shown that it grips; null: it
 * is an old one. Waiting for it to cure is no way back. A patch of ours is no such coat.
 */
export function justLaidOnOil(c: Case): number | null {
  if (c.treatAs !== 'over-oil' || c.d.findings.adhesion === 'grips') return null;
  const ages = c.d.tests.flatMap((t) => (t.filmAgeHours == null || t.plane === 'primer' ? [] : [t.filmAgeHours]));
  const age = Math.max(...ages);
  return ages.length && age < JUST_LAID_H ? age : null;
}

/** A waterborne coat on oil comes off: it lets go, it was laid by mistake just now, or the firm takes every one off. */
export const stripsTop = (c: Case): boolean =>
  letsGoOfOil(c) ||
  justLaidOnOil(c) !== null ||
  (c.treatAs === 'over-oil' && c.rules.waterborneOverOil === 'strip-all');

/** A waterborne coat is left lying on oil. */
export const keptOnOil = (c: Case): boolean => c.treatAs === 'over-oil' && !stripsTop(c);

/** True where oil may well be there and stays, the finish goes waterborne, and no patch has held. */
export function oilBlocks(c: Case): boolean {
  if (paperComesOff(c)) return finishBehind(c) === 'oil-alkyd' && oilBlocks(asWall(c));
  const odds = treatmentOdds(c.d.odds);
  const oil =
    odds.oil +
    (c.d.odds['clear-oil-varnish'] > 0.5 ? c.d.odds['clear-oil-varnish'] : 0) +
    (isLettingGo(c, 'cracking') ? odds['over-oil'] : 0);
  const goesWaterborne =
    c.goesTo === 'waterborne' &&
    !c.clear &&
    (c.wanted.family === null || chemistryOf(c.wanted.family) === 'waterborne');
  return oil >= OIL_LIKELY && goesWaterborne && c.gripHeldBy.size === 0;
}

/** The coat that lies first over the whole face. */
export const firstOverAll = (steps: readonly Step[]): Step | undefined =>
  steps.find((s) => laysFilm(s) && wholeFace(s));

/** True where waterborne is the first film over the whole face, and nothing grips the oil under it or was tried before it. */
export function liesOnOil(steps: readonly Step[], c: Case): boolean {
  const first = firstOverAll(steps);
  if (!first?.family || chemistryOf(first.family) !== 'waterborne') return false;
  if (primes(first.family, 'grip-gloss') >= 2) return false;
  const before = steps.slice(0, steps.indexOf(first));
  const dulled = before.some((s) => s.kind === 'degloss' || s.kind === 'sand');
  if (first.family === 'waterborne-alkyd' && dulled) return false;
  return !(patchGripped(c, first.family) || before.some((s) => s.kind === 'test-patch' && s.family === first.family));
}
