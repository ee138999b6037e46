/** The tests a painter makes, and the answers each can give. */

export const TEST_RESULTS = {
  'spirit-rub': ['no-transfer', 'slight-transfer', 'transfer', 'softens', 'lifts-to-lower-coat'],
  'acetone-rub': ['no-change', 'softens', 'dissolves'],
  'nail-scratch': ['holds', 'marks', 'scratches-off', 'peels-in-sheet'],
  'blade-lift': ['holds', 'chips', 'lifts-in-sheet'],
  'scraper-drag': ['holds', 'marks', 'scratches-off'],
  'tape-pull': ['holds', 'specks', 'lifts'],
  'cross-cut': [],
  'sheen-look': ['flat', 'eggshell', 'satin', 'semi-gloss', 'gloss'],
  'hand-wipe': ['clean', 'light', 'heavy'],
  'water-drop': ['beads', 'spreads', 'soaks-in'],
  'damp-sponge': ['clean', 'slick'],
  'bleach-drop': ['lightens', 'unchanged'],
  'moisture-meter': [],
  'rot-probe': ['firm', 'soft-surface', 'soft-deep'],
  'lead-swab': ['negative', 'positive', 'inconclusive'],
  'tap-test': ['firm', 'hollow'],
  'paint-dab': ['wets', 'beads'],
  'ease-test': ['moves', 'stuck'],
  'test-patch': ['covers', 'shows-through', 'faint-bleed', 'bleeds-through', 'crawls', 'wrinkles', 'bubbles'],
} as const;

export type TestKind = keyof typeof TEST_RESULTS;
export const TEST_KINDS = Object.keys(TEST_RESULTS) as TestKind[];
export type TestResult<K extends TestKind = TestKind> = (typeof TEST_RESULTS)[K][number];

/** Tests that measure grip: they share their luck, and can say which bond let go. */
export const ADHESION_KINDS: readonly TestKind[] = ['nail-scratch', 'blade-lift', 'scraper-drag', 'tape-pull', 'cross-cut'];

/** Where a bond let go, or which layer a test was made on. */
export const PLANES = ['substrate', 'primer', 'between-coats'] as const;
export type Plane = (typeof PLANES)[number];
