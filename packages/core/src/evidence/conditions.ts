import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { ADHESION_KINDS, type Condition } from '../vocabulary/index.ts';
import { flagsDrawn, jointConditions } from '../joints/plan.ts';
import { groundOf, isOutside, isYoungFilm } from './facts.ts';
import { FINDS, type FindsRow } from './knowledge/finds.ts';
import { FOUND_ON } from './knowledge/foundOn.ts';
import { LETS_GO } from './knowledge/laysOpen.ts';
import { isOverLimit } from './knowledge/moisture.ts';
import { asTheyStand } from './readings.ts';

/** How the bond of the existing film stands. */
export type Adhesion = 'grips' | 'weak' | 'unknown';

/** The conditions as they stand once tests have overruled the flags they test. */
export interface ConditionFindings {
  standing: ReadonlySet<Condition>;
  /** Found by a test rather than seen. */
  found: ReadonlySet<Condition>;
  /** Seen, but a test cleared it. */
  cleared: ReadonlySet<Condition>;
  adhesion: Adhesion;
  /** Where the weak bond let go, where a test said so. */
  weakPlane: string | null;
  /** The palm stayed clean. */
  handWipeClean: boolean;
  moistureRead: boolean;
  /** The ground itself sounds hollow. */
  hollow: boolean;
  rotDeep: boolean;
}

/** The results of all tests of one kind. */
const resultsOf = (tests: readonly TestRecord[], kind: string) =>
  tests.filter((t) => t.kind === kind).map((t) => t.result ?? '');

/** Grip tests that failed or held, by result. */
const FAILS = ['peels-in-sheet', 'scratches-off', 'lifts-in-sheet', 'lifts'];
const HOLDS = ['holds', 'marks', 'specks'];

/** A scratch, a cut or a pull that was made in a patch of ours: it tells of that. */
export const isOfPatch = (test: TestRecord): boolean => test.kind !== 'test-patch' && test.family != null;

/** True where this test shows that the film lets go; young films say little, so they do not count as failed. */
export const gripFailed = (test: TestRecord): boolean => !isOfPatch(test) && cutFailed(test);

/** True where this test shows a film that holds at an age that counts. */
export const gripHeld = (test: TestRecord): boolean => !isOfPatch(test) && cutHeld(test);

/** The same of whatever film was cut, a patch of ours included: it let go. */
export function cutFailed(test: TestRecord): boolean {
  if (isYoungFilm(test)) return false;
  if (test.kind === 'cross-cut') return (test.grade ?? 0) >= 3;
  return ADHESION_KINDS.includes(test.kind) && FAILS.includes(test.result ?? '');
}

/** It held. */
export function cutHeld(test: TestRecord): boolean {
  if (isYoungFilm(test)) return false;
  if (test.kind === 'cross-cut') return (test.grade ?? 9) <= 1;
  return ADHESION_KINDS.includes(test.kind) && HOLDS.includes(test.result ?? '');
}

/** Reads flags and tests together. A test overrules the flag that it tests. */
export function conditionFindings(surface: SurfaceFacts, tests: readonly TestRecord[]): ConditionFindings {
  const standing = new Set(surface.conditions);
  const found = new Set<Condition>();
  const cleared = new Set<Condition>();
  standing.delete('sound');
  const raise = (c: Condition) => {
    if (!standing.has(c)) found.add(c);
    standing.add(c);
  };
  const clear = (...codes: Condition[]) =>
    codes.forEach((c) => {
      if (standing.delete(c)) cleared.add(c);
    });

  clear(...surface.conditions.filter((code) => !canBeOn(code, surface)));
  const standingTests = asTheyStand(tests);
  for (const rule of OVERRULINGS) rule(surface, standingTests, raise, clear);
  if (surface.joints.length) heedJoints(surface, raise, clear);

  const wipes = resultsOf(standingTests, 'hand-wipe');
  const failed = tests.filter(gripFailed);
  const held = tests.filter(gripHeld);
  return {
    standing,
    found,
    cleared,
    adhesion: failed.length ? 'weak' : held.length ? 'grips' : 'unknown',
    weakPlane: failed.find((t) => t.plane)?.plane ?? null,
    handWipeClean: wipes.length > 0 && wipes.every((wipe) => wipe === 'clean'),
    moistureRead: tests.some((t) => t.kind === 'moisture-meter'),
    hollow: tests.some((t) => t.kind === 'tap-test' && t.result === 'hollow'),
    rotDeep: tests.some((t) => t.kind === 'rot-probe' && t.result === 'soft-deep'),
  };
}

/** The findings of a part beside one that let go, where it was tried and held, or how far that goes was measured: what was seen to let go was seen there. */
export function heldBeside(findings: ConditionFindings, wasMeasured: boolean): ConditionFindings {
  if (findings.adhesion === 'weak' || (findings.adhesion === 'unknown' && !wasMeasured)) return findings;
  return withoutConditions(
    findings,
    LETS_GO.filter((condition) => findings.standing.has(condition)),
  );
}

/** The same findings where these conditions do not stand: they were seen elsewhere. */
export const withoutConditions = (findings: ConditionFindings, codes: readonly Condition[]): ConditionFindings => ({
  ...findings,
  standing: new Set([...findings.standing].filter((code) => !codes.includes(code))),
  cleared: new Set([...findings.cleared, ...codes]),
});

const canBeOn = (code: Condition, { substrate }: SurfaceFacts) => FOUND_ON[code]?.includes(groundOf(substrate)) ?? true;

type Raise = (c: Condition) => void;
type Clear = (...c: Condition[]) => void;
type Overruling = (s: SurfaceFacts, tests: readonly TestRecord[], raise: Raise, clear: Clear) => void;

/** What was drawn takes the place of what was flagged; each joint speaks for itself: a dab on one bead tells nothing of the next. */
function heedJoints(surface: SurfaceFacts, raise: Raise, clear: Clear): void {
  clear(...flagsDrawn(surface.joints, isOutside(surface)));
  jointConditions(surface.joints, isOutside(surface)).forEach(raise);
}

/** A test that found something in any place raises it, and one that found it nowhere clears it. */
const byFinding =
  (kind: string, { there, not, raises }: FindsRow): Overruling =>
  (_s, tests, raise, clear) => {
    if (!raises) return;
    const results = resultsOf(tests, kind);
    if (results.some((r) => there.includes(r))) raise(raises);
    else if (results.some((r) => not.includes(r))) clear(raises);
  };

/** A film that shines has not weathered to powder: what comes off it indoors is dust. */
const shinesIndoors = (s: SurfaceFacts, tests: readonly TestRecord[]): boolean =>
  !isOutside(s) &&
  !s.conditions.includes('chalking') &&
  tests.some((t) => t.kind === 'sheen-look' && SHINES.includes(t.result ?? ''));
const SHINES: readonly string[] = ['satin', 'semi-gloss', 'gloss'];
/** The dirt that was seen is what comes off on the palm. */
const isDirtyIndoors = (s: SurfaceFacts): boolean =>
  !isOutside(s) && !s.conditions.includes('chalking') && s.conditions.some((code) => DIRT.includes(code));
const DIRT: readonly Condition[] = ['greasy', 'smoke', 'soot', 'mould'];

const OVERRULINGS: readonly Overruling[] = [
  ...Object.entries(FINDS).map(([kind, row]) => byFinding(kind, row)),
  // Whatever the dab did, the bead is no longer unknown.
  (_s, tests, _raise, clear) => {
    if (tests.some((t) => t.kind === 'paint-dab')) clear('sealant-unknown');
  },
  (s, tests, raise, clear) => {
    const over = tests.filter((t) => t.kind === 'moisture-meter').map((t) => isOverLimit(t, s.substrate));
    if (over.includes(true)) raise('damp');
    else if (over.includes(false)) clear('damp');
  },
  (s, tests, raise, clear) => {
    const wipes = resultsOf(tests, 'hand-wipe');
    if (wipes.every((wipe) => wipe === 'clean')) {
      if (wipes.length) clear('chalking', 'sanding-dust');
      return;
    }
    // Dust on a surface that is new or was sanded, or on woodwork inside, is dust; on a weathered film outside, or on a wall, it is chalk.
    const ground = groundOf(s.substrate);
    const isDust = s.sanded === true || s.isNew === true || s.conditions.includes('sanding-dust');
    if (!isDust && isDirtyIndoors(s)) return;
    if (
      isDust ||
      shinesIndoors(s, tests) ||
      (!isOutside(s) && ground === 'timber' && !s.conditions.includes('chalking'))
    )
      raise('sanding-dust');
    else if (isOutside(s) || ground === 'masonry' || wipes.includes('heavy')) raise('chalking');
  },
  (_s, tests, _raise, clear) => {
    const drops = resultsOf(tests, 'water-drop');
    if (!drops.length || drops.includes('beads')) return;
    if (drops.every((drop) => drop === 'soaks-in')) clear('wax');
    // Water does not spread on grease.
    clear('greasy');
  },
];
