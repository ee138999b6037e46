import type { Finish, TestKind } from '../../vocabulary/index.ts';
import type { BondState } from './bonds.ts';

/** How often each finish gives each result of a test. Columns follow `results`; each row sums to 1. */
export interface LikelihoodTable {
  kind: TestKind;
  results: readonly string[];
  rows: Partial<Record<Finish, readonly number[]>>;
  /** For finishes without a row of their own. */
  rest: readonly number[];
  /** Bare tile, glass, plastic and aluminium: they shine and shed water without any film. */
  shiningBare?: readonly number[];
  /** Bare iron and zinc: dull, and nothing soaks in. */
  closedBare?: readonly number[];
  /** Walls and ceilings, where they read otherwise than woodwork. */
  onWalls?: Partial<Record<Finish, readonly number[]>>;
  /** Films that stand in the weather. */
  weathered?: Partial<Record<Finish, readonly number[]>>;
  reason: string;
  source: string;
}

/** Typical values from practice, rounded; the published method of each test is named as its source. */
export const LIKELIHOODS: readonly LikelihoodTable[] = [
  {
    kind: 'spirit-rub',
    results: ['no-transfer', 'slight-transfer', 'transfer', 'softens', 'lifts-to-lower-coat'],
    reason: 'Spirit softens a waterborne film and brings colour to the rag; it leaves oil, two-part and baked films alone.',
    source: 'after ASTM D5402',
    rows: {
      // Dirt greys a rag; colour comes from paint.
      bare: [0.93, 0.058, 0.006, 0.003, 0.003],
      'waterborne-acrylic': [0.06, 0.16, 0.66, 0.1, 0.02],
      'oil-alkyd': [0.9, 0.075, 0.012, 0.008, 0.005],
      'waterborne-over-oil': [0.12, 0.3, 0.36, 0.06, 0.16],
      'clear-oil-varnish': [0.9, 0.06, 0.01, 0.02, 0.01],
      'waterborne-clear': [0.25, 0.2, 0.15, 0.38, 0.02],
      shellac: [0.03, 0.07, 0.25, 0.63, 0.02],
      lacquer: [0.5, 0.15, 0.05, 0.29, 0.01],
      stain: [0.56, 0.31, 0.11, 0.01, 0.01],
      'wax-oil': [0.45, 0.3, 0.15, 0.09, 0.01],
      'factory-laminate': [0.96, 0.02, 0.005, 0.01, 0.005],
      distemper: [0.15, 0.25, 0.5, 0.05, 0.05],
      'primer-only': [0.3, 0.25, 0.35, 0.08, 0.02],
      'unknown-aerosol': [0.3, 0.25, 0.3, 0.13, 0.02],
    },
    rest: [0.4, 0.2, 0.25, 0.1, 0.05],
  },
  {
    kind: 'acetone-rub',
    results: ['no-change', 'softens', 'dissolves'],
    reason: 'Acetone dissolves waterborne, lacquer and spray-can films; oil only softens; baked and laminated films stand.',
    source: 'after ASTM D5402',
    rows: {
      bare: [0.95, 0.04, 0.01],
      'waterborne-acrylic': [0.03, 0.37, 0.6],
      'oil-alkyd': [0.55, 0.4, 0.05],
      'waterborne-over-oil': [0.05, 0.45, 0.5],
      'clear-oil-varnish': [0.45, 0.45, 0.1],
      'waterborne-clear': [0.15, 0.5, 0.35],
      shellac: [0.5, 0.35, 0.15],
      lacquer: [0.03, 0.17, 0.8],
      stain: [0.6, 0.3, 0.1],
      'wax-oil': [0.5, 0.4, 0.1],
      'factory-laminate': [0.96, 0.03, 0.01],
      distemper: [0.7, 0.25, 0.05],
      'primer-only': [0.1, 0.4, 0.5],
      'unknown-aerosol': [0.03, 0.3, 0.67],
    },
    rest: [0.4, 0.35, 0.25],
  },
  {
    kind: 'sheen-look',
    results: ['flat', 'eggshell', 'satin', 'semi-gloss', 'gloss'],
    reason: 'A look shifts the odds, no more: flat oil exists on older walls and ceilings.',
    source: 'practice',
    rows: {
      bare: [0.85, 0.1, 0.03, 0.01, 0.01],
      'waterborne-acrylic': [0.3, 0.28, 0.22, 0.13, 0.07],
      'oil-alkyd': [0.07, 0.1, 0.15, 0.28, 0.4],
      'waterborne-over-oil': [0.13, 0.22, 0.28, 0.2, 0.17],
      'clear-oil-varnish': [0.03, 0.08, 0.25, 0.3, 0.34],
      'waterborne-clear': [0.1, 0.15, 0.35, 0.25, 0.15],
      shellac: [0.02, 0.05, 0.2, 0.33, 0.4],
      lacquer: [0.03, 0.07, 0.3, 0.3, 0.3],
      stain: [0.5, 0.2, 0.2, 0.07, 0.03],
      'wax-oil': [0.3, 0.35, 0.3, 0.04, 0.01],
      'factory-laminate': [0.15, 0.2, 0.3, 0.15, 0.2],
      distemper: [0.95, 0.03, 0.01, 0.005, 0.005],
      'primer-only': [0.6, 0.25, 0.1, 0.04, 0.01],
      'unknown-aerosol': [0.15, 0.15, 0.2, 0.2, 0.3],
    },
    rest: [0.25, 0.2, 0.2, 0.2, 0.15],
    shiningBare: [0.1, 0.1, 0.18, 0.22, 0.4],
    // Most wall paint is flat, and so was much of the oil that was laid there: a flat look does not clear it.
    onWalls: {
      'waterborne-acrylic': [0.5, 0.27, 0.14, 0.06, 0.03],
      'oil-alkyd': [0.26, 0.16, 0.16, 0.2, 0.22],
      'waterborne-over-oil': [0.4, 0.28, 0.17, 0.09, 0.06],
    },
  },
  {
    kind: 'water-drop',
    results: ['beads', 'spreads', 'soaks-in'],
    reason: 'Water beads on wax, silicone, oil and gloss and sinks into bare or chalky ground.',
    source: 'practice',
    rows: {
      bare: [0.08, 0.17, 0.75],
      'waterborne-acrylic': [0.45, 0.45, 0.1],
      'oil-alkyd': [0.8, 0.18, 0.02],
      'waterborne-over-oil': [0.5, 0.42, 0.08],
      'clear-oil-varnish': [0.8, 0.18, 0.02],
      'wax-oil': [0.9, 0.08, 0.02],
      'factory-laminate': [0.85, 0.14, 0.01],
      distemper: [0.03, 0.12, 0.85],
      'primer-only': [0.2, 0.4, 0.4],
      stain: [0.3, 0.3, 0.4],
    },
    rest: [0.65, 0.3, 0.05],
    shiningBare: [0.7, 0.28, 0.02],
    closedBare: [0.35, 0.62, 0.03],
    // A film that the weather has worn or cracked lets water in.
    weathered: {
      'waterborne-acrylic': [0.38, 0.42, 0.2],
      'oil-alkyd': [0.6, 0.28, 0.12],
      'waterborne-over-oil': [0.42, 0.4, 0.18],
      'clear-oil-varnish': [0.52, 0.28, 0.2],
      'waterborne-clear': [0.5, 0.32, 0.18],
      stain: [0.25, 0.3, 0.45],
    },
  },
  {
    kind: 'hand-wipe',
    results: ['clean', 'light', 'heavy'],
    reason: 'Distemper and weathered film come off on the palm.',
    source: 'ISO 4628-6 / ASTM D4214',
    rows: { distemper: [0.08, 0.32, 0.6] },
    rest: [0.7, 0.22, 0.08],
    // What stands in the weather chalks by its nature: outside a white palm hardly tells.
    weathered: {
      'waterborne-acrylic': [0.35, 0.4, 0.25],
      'oil-alkyd': [0.3, 0.4, 0.3],
      'waterborne-over-oil': [0.35, 0.4, 0.25],
      'primer-only': [0.35, 0.4, 0.25],
    },
  },
  {
    kind: 'damp-sponge',
    results: ['clean', 'slick'],
    reason: 'Water turns distemper back into slip. A film stays hard; on a stripped wall it is paste that slides.',
    source: 'practice',
    rows: { distemper: [0.12, 0.88], bare: [0.7, 0.3] },
    rest: [0.92, 0.08],
  },
];

/** How often each state of the weakest bond in reach gives each result of a grip test. */
export interface GripTable {
  kind: TestKind;
  results: readonly string[];
  bond: Readonly<Record<BondState, readonly number[]>>;
  /** Films that show another sound face: brittle ones chip, baked ones hardly mark. */
  sound?: Partial<Readonly<Record<Finish, readonly number[]>>>;
  /** Films that give way in themselves, and what soaks in and leaves no skin to lift: whatever bond is under them. */
  whatever?: Partial<Readonly<Record<Finish, readonly number[]>>>;
  reason: string;
  source: string;
}

/** Typical values from practice, for cured films; a film scratched young counts for less. */
export const GRIP_TABLES: readonly GripTable[] = [
  {
    kind: 'nail-scratch',
    results: ['holds', 'marks', 'scratches-off', 'peels-in-sheet'],
    bond: { sound: [0.76, 0.18, 0.05, 0.01], weak: [0.3, 0.2, 0.28, 0.22], gone: [0.06, 0.12, 0.3, 0.52] },
    sound: { 'oil-alkyd': [0.87, 0.1, 0.025, 0.005], 'factory-laminate': [0.95, 0.03, 0.01, 0.01] },
    whatever: { distemper: [0.2, 0.3, 0.45, 0.05], stain: [0.6, 0.34, 0.055, 0.005], 'wax-oil': [0.55, 0.4, 0.045, 0.005] },
    reason: 'A film on unprepared oil scratches off or peels; a bonded one marks at most.',
    source: 'practice, film cured',
  },
  {
    kind: 'blade-lift',
    results: ['holds', 'chips', 'lifts-in-sheet'],
    bond: { sound: [0.86, 0.133, 0.007], weak: [0.35, 0.25, 0.4], gone: [0.06, 0.1, 0.84] },
    sound: { 'oil-alkyd': [0.76, 0.235, 0.005], 'factory-laminate': [0.95, 0.04, 0.01] },
    whatever: { distemper: [0.3, 0.6, 0.1], stain: [0.93, 0.06, 0.01], 'wax-oil': [0.97, 0.025, 0.005] },
    reason: 'What lifts in a sheet takes everything above it along, and shows which bond was the weak one.',
    source: 'practice',
  },
  {
    kind: 'scraper-drag',
    results: ['holds', 'marks', 'scratches-off'],
    bond: { sound: [0.82, 0.13, 0.05], weak: [0.3, 0.25, 0.45], gone: [0.06, 0.14, 0.8] },
    sound: { 'oil-alkyd': [0.87, 0.1, 0.03], 'factory-laminate': [0.95, 0.04, 0.01] },
    whatever: { distemper: [0.1, 0.3, 0.6], stain: [0.6, 0.28, 0.12], 'wax-oil': [0.5, 0.38, 0.12] },
    reason: 'A scraper drawn hard finds the weak bond.',
    source: 'practice',
  },
  {
    kind: 'tape-pull',
    results: ['holds', 'specks', 'lifts'],
    bond: { sound: [0.9, 0.085, 0.015], weak: [0.45, 0.25, 0.3], gone: [0.12, 0.18, 0.7] },
    whatever: { distemper: [0.1, 0.4, 0.5], stain: [0.92, 0.06, 0.02], 'wax-oil': [0.96, 0.03, 0.01] },
    reason: 'Tape lifts chalk, distemper and films on unprepared oil.',
    source: 'after ASTM D3359',
  },
  {
    kind: 'cross-cut',
    results: ['0', '1', '2', '3', '4', '5'],
    bond: {
      sound: [0.46, 0.32, 0.13, 0.05, 0.03, 0.01],
      weak: [0.07, 0.14, 0.25, 0.26, 0.17, 0.11],
      gone: [0.02, 0.05, 0.13, 0.2, 0.28, 0.32],
    },
    whatever: { distemper: [0.02, 0.05, 0.13, 0.2, 0.3, 0.3], stain: [0.5, 0.3, 0.12, 0.05, 0.02, 0.01], 'wax-oil': [0.55, 0.3, 0.1, 0.03, 0.01, 0.01] },
    reason: 'Grades of ISO 2409, 0 best.',
    source: 'ISO 2409',
  },
];

/** Chance that a finish looks yellowed: oils amber with age, acrylics do not. Source: practice. */
export const YELLOWED: Partial<Record<Finish, number>> & { rest: number } = {
  'oil-alkyd': 0.6,
  'clear-oil-varnish': 0.7,
  shellac: 0.5,
  lacquer: 0.4,
  'waterborne-over-oil': 0.25,
  'waterborne-acrylic': 0.08,
  rest: 0.15,
};
