import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { ADHESION_KINDS, type Condition } from '../vocabulary/index.ts';
import { flagsDrawn, jointConditions } from '../joints/plan.ts';
import { groundOf, isOutside, isYoungFilm } from './facts.ts';
import { moistureLimit } from './knowledge/moisture.ts';

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

const last = (tests: readonly TestRecord[], kind: string) => tests.filter((t) => t.kind === kind).at(-1);

/** Grip tests that failed or held, by result. */
const FAILS = ['peels-in-sheet', 'scratches-off', 'lifts-in-sheet', 'lifts'];
const HOLDS = ['holds', 'marks', 'specks'];

/** True where this test shows that the film lets go; young films say little, so they do not count as failed. */
export function gripFailed(test: TestRecord): boolean {
  if (isYoungFilm(test)) return false;
  if (test.kind === 'cross-cut') return (test.grade ?? 0) >= 3;
  return ADHESION_KINDS.includes(test.kind) && FAILS.includes(test.result ?? '');
}

/** True where this test shows a film that holds at an age that counts. */
export function gripHeld(test: TestRecord): boolean {
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

  for (const rule of OVERRULINGS) rule(surface, tests, raise, clear);
  if (surface.joints.length) heedJoints(surface, raise, clear);

  const failed = tests.filter(gripFailed);
  const held = tests.filter(gripHeld);
  return {
    standing,
    found,
    cleared,
    adhesion: failed.length ? 'weak' : held.length ? 'grips' : 'unknown',
    weakPlane: failed.find((t) => t.plane)?.plane ?? null,
    handWipeClean: last(tests, 'hand-wipe')?.result === 'clean',
    moistureRead: last(tests, 'moisture-meter') !== undefined,
    hollow: tests.some((t) => t.kind === 'tap-test' && t.result === 'hollow'),
    rotDeep: tests.some((t) => t.kind === 'rot-probe' && t.result === 'soft-deep'),
  };
}

type Raise = (c: Condition) => void;
type Clear = (...c: Condition[]) => void;
type Overruling = (s: SurfaceFacts, tests: readonly TestRecord[], raise: Raise, clear: Clear) => void;

/** What was drawn takes the place of what was flagged; each joint speaks for itself: a dab on one bead tells nothing of the next. */
function heedJoints(surface: SurfaceFacts, raise: Raise, clear: Clear): void {
  clear(...flagsDrawn(surface.joints, isOutside(surface)));
  jointConditions(surface.joints, isOutside(surface)).forEach(raise);
}

/** A test whose bad result in any place raises a condition, and whose good results everywhere clear it. */
const byResult =
  (
    kind: string,
    bad: readonly string[],
    good: readonly string[],
    raised: Condition,
    ...alsoCleared: Condition[]
  ): Overruling =>
  (_s, tests, raise, clear) => {
    const results = tests.filter((t) => t.kind === kind).map((t) => t.result ?? '');
    if (results.some((r) => bad.includes(r))) raise(raised);
    else if (results.some((r) => good.includes(r))) clear(raised, ...alsoCleared);
  };

const OVERRULINGS: readonly Overruling[] = [
  byResult('bleach-drop', ['lightens'], ['unchanged'], 'mould'),
  byResult('damp-sponge', ['slick'], ['clean'], 'paste-residue'),
  byResult('rot-probe', ['soft-surface', 'soft-deep'], ['firm'], 'rot'),
  byResult('paint-dab', ['beads'], ['wets'], 'silicone', 'sealant-unknown'),
  byResult('ease-test', ['stuck'], ['moves'], 'painted-shut'),
  byResult('sheen-look', ['gloss', 'semi-gloss'], ['flat', 'eggshell'], 'glossy'),
  // A bead that beads is silicone: no longer unknown.
  (_s, tests, _raise, clear) => {
    if (tests.some((t) => t.kind === 'paint-dab')) clear('sealant-unknown');
  },
  // The last reading stands: a wall dries.
  (s, tests, raise, clear) => {
    const reading = last(tests, 'moisture-meter');
    if (reading?.value == null) return;
    if (reading.value > moistureLimit(s.substrate, reading.scale ?? 'wood')) raise('damp');
    else clear('damp');
  },
  (s, tests, raise, clear) => {
    const wipe = last(tests, 'hand-wipe')?.result;
    if (wipe === 'clean') clear('chalking', 'sanding-dust');
    // Dust on a sanded surface, or inside, is dust; on a weathered film outside it is chalk.
    if (wipe === 'light' || wipe === 'heavy') {
      if (s.sanded === true || s.conditions.includes('sanding-dust')) raise('sanding-dust');
      else if (isOutside(s) || groundOf(s.substrate) === 'masonry' || wipe === 'heavy') raise('chalking');
    }
  },
  (_s, tests, _raise, clear) => {
    const drop = last(tests, 'water-drop')?.result;
    if (drop === 'soaks-in') clear('wax');
    // Water does not spread on grease.
    if (drop === 'soaks-in' || drop === 'spreads') clear('greasy');
  },
];
