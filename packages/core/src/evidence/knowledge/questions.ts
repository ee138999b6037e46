import type { SurfaceFacts } from '../../model/surface.ts';
import type { TestRecord } from '../../model/test.ts';
import type { TestKind } from '../../vocabulary/index.ts';
import { groundOf, isOutside } from '../facts.ts';
import type { ConditionFindings } from '../conditions.ts';
import { leadStanding } from '../lead.ts';
import { freshGround, isYoungSlab } from './moisture.ts';

/** The tests that tell one finish from another, in the order they are offered where they are worth the same. */
export const FINISH_TESTS: readonly TestKind[] = ['spirit-rub', 'blade-lift', 'acetone-rub', 'cross-cut', 'nail-scratch', 'water-drop', 'damp-sponge'];

/** Tests that mark the surface or need a mask: made once a spirit rub has left a doubt. Source: practice. */
export const AFTER_A_RUB: readonly TestKind[] = ['acetone-rub', 'cross-cut', 'blade-lift', 'nail-scratch'];

/** A question that is not about the finish: how likely the bad answer is and what not asking would cost, in minor units. */
export interface Question {
  kind: TestKind;
  minutes: number;
  open: (s: SurfaceFacts, f: ConditionFindings, tests: readonly TestRecord[]) => boolean;
  odds: (s: SurfaceFacts) => number;
  cost: (s: SurfaceFacts, areaM2: number) => number;
  why: string;
}

/** How large the part was measured that paper came off; null where nobody measured it. */
const strippedM2 = ({ conditions, extents }: SurfaceFacts): number | null => {
  const sizes = STRIPPED.filter((code) => conditions.includes(code)).map((code) => extents[code]?.areaM2 ?? null);
  return sizes.length === 0 || sizes.includes(null) ? null : Math.max(...sizes.map((size) => size!));
};
const STRIPPED = ['paste-residue', 'torn-board-face'] as const;

const isMade = (tests: readonly TestRecord[], kind: TestKind) => tests.some((t) => t.kind === kind);

export const QUESTIONS: readonly Question[] = [
  {
    kind: 'lead-swab',
    minutes: 3,
    open: (s, _f, t) => leadStanding(s, t) === 'presumed' && !isMade(t, 'lead-swab'),
    // The chance of a clean answer; it saves containment and wet working. Older houses seldom come out clean.
    odds: (s) => (s.builtYear! < 1940 ? 0.2 : s.builtYear! < 1960 ? 0.45 : 0.75),
    cost: (_s, area) => 4000 + 350 * area,
    why: 'A clean swab through all layers lifts containment and wet sanding; until then the house counts as leaded.',
  },
  {
    kind: 'moisture-meter',
    minutes: 2,
    open: (s, f, t) =>
      !isMade(t, 'moisture-meter') &&
      (['damp', 'water-stain', 'efflorescence', 'blistering'].some((c) => f.standing.has(c as never)) ||
        (isOutside(s) && groundOf(s.substrate) === 'timber' && (f.standing.has('peeling') || f.standing.has('flaking') || f.standing.has('rot'))) ||
        freshGround(s)?.byMeter === true ||
        isYoungSlab(s) ||
        // Past its month, thick skim is often still wet.
        (s.substrate === 'skim-plaster' && s.substrateAgeMonths !== null && s.substrateAgeMonths <= 2)),
    odds: (s) => (s.substrateAgeMonths !== null && freshGround(s) ? 0.7 : 0.4),
    cost: (s, area) => 2500 + 1500 * Math.min(area, s.extents['water-stain']?.areaM2 ?? s.extents.damp?.areaM2 ?? area),
    why: 'Paint over damp blisters. A meter tells whether it is dry enough before anything is sealed in.',
  },
  {
    kind: 'paint-dab',
    minutes: 5,
    // A joint that was drawn is read where it is drawn.
    open: (s, f, t) => f.standing.has('sealant-unknown') && (s.joints.length > 0 || !isMade(t, 'paint-dab')),
    odds: () => 0.4,
    cost: () => 6000,
    why: 'A dab of paint crawls on silicone. It decides whether the bead is painted or cut out, and says nothing of the next bead.',
  },
  {
    kind: 'damp-sponge',
    minutes: 2,
    open: (s, f, t) => !isMade(t, 'damp-sponge') && groundOf(s.substrate) === 'plaster' && (f.standing.has('torn-board-face') || f.standing.has('paste-residue')),
    odds: () => 0.5,
    // Where paste was named the sponge may save the wash; where it was not, the paint.
    cost: (s, area) => (s.conditions.includes('paste-residue') ? 300 : 900) * (strippedM2(s) ?? area),
    why: 'Stripped walls keep paste that wakes under waterborne paint. A damp sponge goes slick on it.',
  },
  {
    kind: 'bleach-drop',
    minutes: 3,
    open: (s, f, t) => !isMade(t, 'bleach-drop') && f.standing.has('mould'),
    odds: () => 0.3,
    cost: (_s, area) => 800 + 150 * area,
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
    odds: () => 0.25,
    cost: (_s, area) => 6000 + 300 * area,
    why: 'Where paint peels outside, or timber has stood bare in the weather, it may be soft. A probe tells before it is buried.',
  },
  {
    kind: 'hand-wipe',
    minutes: 1,
    open: (s, f, t) => !isMade(t, 'hand-wipe') && (groundOf(s.substrate) === 'masonry' || isOutside(s)) && s.isNew !== true && !f.standing.has('chalking'),
    odds: () => 0.25,
    cost: (_s, area) => 900 * area,
    why: 'A palm drawn over the face shows chalk, and paint lets go with the chalk.',
  },
  {
    kind: 'tap-test',
    minutes: 2,
    open: (s, f, t) =>
      !isMade(t, 'tap-test') &&
      (f.standing.has('substrate-crack') || (s.substrate === 'render' && s.isNew !== true) || (s.substrate === 'lime-plaster' && f.standing.has('cracking'))),
    odds: () => 0.3,
    cost: (_s, area) => 2000 + 300 * area,
    why: 'Hollow plaster or render falls with its paint on it. A knuckle finds it.',
  },
  {
    kind: 'ease-test',
    minutes: 2,
    open: (s, f, t) => !isMade(t, 'ease-test') && s.element === 'window' && s.isNew !== true && !f.standing.has('painted-shut'),
    odds: () => 0.25,
    cost: () => 3500,
    why: 'A sash that is stuck now is blamed on the new paint. Try it before the price.',
  },
];
