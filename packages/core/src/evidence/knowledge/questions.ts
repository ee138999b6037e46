import type { SurfaceFacts } from '../../model/surface.ts';
import type { TestRecord } from '../../model/test.ts';
import type { TestKind } from '../../vocabulary/index.ts';
import { groundOf, isOutside } from '../facts.ts';
import type { ConditionFindings } from '../conditions.ts';
import { leadStanding } from '../lead.ts';
import { freshGround, isYoungSlab, moistureLimit, takesUpWater } from './moisture.ts';

/** The tests that tell one finish from another, in the order they are offered where they are worth the same. */
export const FINISH_TESTS: readonly TestKind[] = ['spirit-rub', 'blade-lift', 'acetone-rub', 'cross-cut', 'nail-scratch', 'water-drop', 'damp-sponge'];

/** Tests that mark the surface or need a mask: made once a spirit rub has left a doubt. Source: practice. */
export const AFTER_A_RUB: readonly TestKind[] = ['acetone-rub', 'cross-cut', 'blade-lift', 'nail-scratch'];

/** What a test reads: a word, or the figure of a meter. */
type Reading = Pick<TestRecord, 'result' | 'value'>;

/** A question that is not about the finish: what its test may find, how likely, and what it reads where it does not. */
export interface Question {
  kind: TestKind;
  minutes: number;
  open: (s: SurfaceFacts, f: ConditionFindings, tests: readonly TestRecord[]) => boolean;
  found: (s: SurfaceFacts) => Reading;
  odds: (s: SurfaceFacts) => number;
  /** Null where that leaves the work as it is. */
  other: ((s: SurfaceFacts) => Reading) | null;
  why: string;
}

const reads = (result: string) => (): Reading => ({ result });
/** A reading so many times the limit of the ground. */
const ofTheLimit =
  (times: number) =>
  (s: SurfaceFacts): Reading => ({ value: times * moistureLimit(s.substrate) });

const isMade = (tests: readonly TestRecord[], kind: TestKind) => tests.some((t) => t.kind === kind);

export const QUESTIONS: readonly Question[] = [
  {
    kind: 'lead-swab',
    minutes: 3,
    open: (s, _f, t) => leadStanding(s, t) === 'presumed' && !isMade(t, 'lead-swab'),
    found: reads('negative'),
    // Older houses seldom come out clean.
    odds: (s) => (s.builtYear! < 1940 ? 0.2 : s.builtYear! < 1960 ? 0.45 : 0.75),
    // Until it is known the house counts as leaded.
    other: null,
    why: 'A clean swab through all layers lifts containment and wet sanding; until then the house counts as leaded.',
  },
  {
    kind: 'moisture-meter',
    minutes: 2,
    open: (s, f, t) =>
      !isMade(t, 'moisture-meter') &&
      takesUpWater(s.substrate) &&
      (['damp', 'water-stain', 'efflorescence', 'blistering'].some((c) => f.standing.has(c as never)) ||
        (isOutside(s) && groundOf(s.substrate) === 'timber' && (f.standing.has('peeling') || f.standing.has('flaking') || f.standing.has('rot'))) ||
        freshGround(s)?.byMeter === true ||
        isYoungSlab(s) ||
        // Past its month, thick skim is often still wet.
        (s.substrate === 'skim-plaster' && s.substrateAgeMonths !== null && s.substrateAgeMonths <= 2)),
    found: ofTheLimit(1.6),
    odds: (s) => (s.substrateAgeMonths !== null && freshGround(s) ? 0.7 : 0.4),
    other: ofTheLimit(0.7),
    why: 'Paint over damp blisters. A meter tells whether it is dry enough before anything is sealed in.',
  },
  {
    kind: 'paint-dab',
    minutes: 5,
    // A joint that was drawn is read where it is drawn.
    open: (s, f, t) => f.standing.has('sealant-unknown') && (s.joints.length > 0 || !isMade(t, 'paint-dab')),
    found: reads('beads'),
    odds: () => 0.4,
    other: reads('wets'),
    why: 'A dab of paint crawls on silicone. It decides whether the bead is painted or cut out, and says nothing of the next bead.',
  },
  {
    kind: 'damp-sponge',
    minutes: 2,
    open: (s, f, t) => !isMade(t, 'damp-sponge') && groundOf(s.substrate) === 'plaster' && (f.standing.has('torn-board-face') || f.standing.has('paste-residue')),
    found: reads('slick'),
    odds: () => 0.5,
    other: reads('clean'),
    why: 'Stripped walls keep paste that wakes under waterborne paint. A damp sponge goes slick on it.',
  },
  {
    kind: 'bleach-drop',
    minutes: 3,
    open: (s, f, t) => !isMade(t, 'bleach-drop') && f.standing.has('mould'),
    found: reads('unchanged'),
    odds: () => 0.3,
    other: reads('lightens'),
    why: 'Bleach lightens mould and leaves dirt alone: dirt only needs washing.',
  },
  {
    kind: 'rot-probe',
    minutes: 2,
    open: (s, f, t) =>
      !isMade(t, 'rot-probe') &&
      groundOf(s.substrate) === 'timber' &&
      isOutside(s) &&
      (f.standing.has('rot') || f.standing.has('peeling') || f.standing.has('flaking') || f.standing.has('weathered-wood') || s.element === 'sill'),
    found: reads('soft-surface'),
    odds: () => 0.25,
    other: reads('firm'),
    why: 'Where paint peels outside, or timber has stood bare in the weather, it may be soft. A probe tells before it is buried.',
  },
  {
    kind: 'hand-wipe',
    minutes: 1,
    open: (s, f, t) => !isMade(t, 'hand-wipe') && (groundOf(s.substrate) === 'masonry' || isOutside(s)) && s.isNew !== true && !f.standing.has('chalking'),
    found: reads('heavy'),
    odds: () => 0.25,
    other: reads('clean'),
    why: 'A palm drawn over the face shows chalk, and paint lets go with the chalk.',
  },
  {
    kind: 'tap-test',
    minutes: 2,
    open: (s, f, t) =>
      !isMade(t, 'tap-test') &&
      (f.standing.has('substrate-crack') || (s.substrate === 'render' && s.isNew !== true) || (s.substrate === 'lime-plaster' && f.standing.has('cracking'))),
    found: reads('hollow'),
    odds: () => 0.3,
    other: reads('firm'),
    why: 'Hollow plaster or render falls with its paint on it. A knuckle finds it.',
  },
  {
    kind: 'ease-test',
    minutes: 2,
    open: (s, f, t) => !isMade(t, 'ease-test') && s.element === 'window' && s.isNew !== true && !f.standing.has('painted-shut'),
    found: reads('stuck'),
    odds: () => 0.25,
    other: reads('moves'),
    why: 'A sash that is stuck now is blamed on the new paint. Try it before the price.',
  },
];
