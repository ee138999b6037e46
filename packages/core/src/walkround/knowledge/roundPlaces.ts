import type { Condition, Element, TestKind } from '../../vocabulary/index.ts';

/** What makes paint fail at a place outside. */
export const CAUSES = [
  'water-from-above',
  'water-held',
  'water-from-behind',
  'splash',
  'sun',
  'movement',
  'end-grain',
  'wrong-product',
  'poor-preparation',
  'stuck-joint',
] as const;
export type Cause = (typeof CAUSES)[number];

export const CAUSE_WORDS: Record<Cause, string> = {
  'water-from-above': 'water from above: gutter, flashing or sill',
  'water-held': 'water held by a flat ledge or an open joint',
  'water-from-behind': 'damp pushing out from behind',
  splash: 'splash and damp from the ground',
  sun: 'sun and heat on this face',
  movement: 'timber or masonry moving at a joint',
  'end-grain': 'end grain drinking',
  'wrong-product': 'a film too hard or too closed for the place',
  'poor-preparation': 'paint over chalk, gloss or grey wood',
  'stuck-joint': 'paint across a joint that should move',
};

/** A place to look at on the round, in the order in which an elevation is walked: from the top, then down. */
export interface RoundPlace {
  id: string;
  words: string;
  look: string;
  elements: readonly Element[];
  tests: readonly TestKind[];
  flags: readonly Condition[];
  /** How likely each cause is where something is wrong here, before anything else is known. Parts in ten. */
  causes: Partial<Record<Cause, number>>;
  source: string;
}

export const ROUND_PLACES: readonly RoundPlace[] = [
  {
    id: 'gutters',
    words: 'Gutters and downpipes',
    look: 'Drips, rust, stains on the wall below; run a hose if it is dry.',
    elements: ['rainwater-goods', 'fascia-soffit'],
    tests: ['rot-probe'],
    flags: ['rust-stain', 'peeling', 'rot'],
    causes: { 'water-from-above': 7, 'poor-preparation': 2, sun: 1 },
    source: 'practice',
  },
  {
    id: 'flashing',
    words: 'Chimney, flashing and parapet',
    look: 'Stains that follow rain, loose mortar, lifted lead.',
    elements: ['masonry', 'wall'],
    tests: ['moisture-meter', 'tap-test'],
    flags: ['water-stain', 'efflorescence', 'damp'],
    causes: { 'water-from-above': 8, 'water-from-behind': 2 },
    source: 'practice',
  },
  {
    id: 'sun-face',
    words: 'The face that takes the sun',
    look: 'Chalk on the palm, fading, fine cracks across the grain.',
    elements: ['siding', 'masonry', 'door', 'window'],
    tests: ['hand-wipe'],
    flags: ['chalking', 'cracking', 'weathered-wood'],
    causes: { sun: 7, 'wrong-product': 2, 'poor-preparation': 1 },
    source: 'practice',
  },
  {
    id: 'window-sills',
    words: 'Sills and the lowest rail of each window',
    look: 'Open joints, flat spots that hold water, soft wood under sound paint.',
    elements: ['sill', 'window'],
    tests: ['rot-probe', 'moisture-meter'],
    flags: ['peeling', 'rot', 'cracking', 'gaps'],
    causes: { 'water-held': 6, 'end-grain': 2, movement: 1, 'poor-preparation': 1 },
    source: 'practice',
  },
  {
    id: 'sashes',
    words: 'Sashes and casements',
    look: 'Move each one. Look for paint across the joint and for bare edges.',
    elements: ['window'],
    tests: ['ease-test'],
    flags: ['painted-shut'],
    causes: { 'stuck-joint': 7, movement: 2, 'water-held': 1 },
    source: 'practice',
  },
  {
    id: 'doors',
    words: 'Doors, their foot and their edges',
    look: 'Open and close it. Top and bottom edges sealed? A dark line at the foot?',
    elements: ['door', 'gate'],
    tests: ['ease-test', 'moisture-meter'],
    flags: ['peeling', 'end-grain', 'painted-shut'],
    causes: { splash: 4, 'end-grain': 3, sun: 2, movement: 1 },
    source: 'practice',
  },
  {
    id: 'joints',
    words: 'Joints, mitres and end grain',
    look: 'Hairlines in the paint over a joint; a bead that has let go.',
    elements: ['trim', 'railing', 'siding', 'fascia-soffit', 'gate'],
    tests: ['rot-probe'],
    flags: ['moving-joints', 'end-grain', 'gaps', 'cracking'],
    causes: { movement: 5, 'end-grain': 4, 'water-held': 1 },
    source: 'practice',
  },
  {
    id: 'rails',
    words: 'Rails and flat tops',
    look: 'Does the top shed water? Bare corners where hands and weather meet.',
    elements: ['railing', 'gate'],
    tests: ['moisture-meter', 'rot-probe'],
    flags: ['peeling', 'weathered-wood'],
    causes: { 'water-held': 5, sun: 2, 'end-grain': 2, 'poor-preparation': 1 },
    source: 'practice',
  },
  {
    id: 'foot',
    words: 'The foot of the wall',
    look: 'Salts, blown paint, soil or paving above the damp course.',
    elements: ['masonry', 'siding', 'wall'],
    tests: ['moisture-meter', 'tap-test'],
    flags: ['efflorescence', 'damp', 'blistering'],
    causes: { splash: 5, 'water-from-behind': 4, 'wrong-product': 1 },
    source: 'practice',
  },
  {
    id: 'sealant',
    words: 'Sealant and putty',
    look: 'Beads that have let go, cracked putty, silicone that paint ran off.',
    elements: ['window', 'door', 'trim'],
    tests: ['paint-dab'],
    flags: ['sealant-unknown', 'silicone', 'gaps'],
    causes: { movement: 5, 'wrong-product': 3, sun: 2 },
    source: 'practice',
  },
];

/** What is seen or read, and how many times likelier each cause makes it. Source: practice. */
export interface CauseClue {
  words: string;
  when: (seen: RoundSeen) => boolean;
  factors: Partial<Record<Cause, number>>;
}

/** What the round has found at one place. Moisture in %. */
export interface RoundSeen {
  flags: readonly Condition[];
  moisture: number | null;
  /** Above this the material is wet. */
  moistureLimit: number;
  rot: 'firm' | 'soft-surface' | 'soft-deep' | null;
  facesSun: boolean;
  /** Years since it was last painted, where the record says. */
  filmYears: number | null;
  /** The bond that let go, where a test says. */
  plane: 'substrate' | 'primer' | 'between-coats' | null;
}

export const CAUSE_CLUES: readonly CauseClue[] = [
  {
    words: 'The meter reads wet.',
    when: (s) => s.moisture !== null && s.moisture > s.moistureLimit,
    factors: { 'water-from-above': 4, 'water-held': 4, 'water-from-behind': 5, splash: 4, 'end-grain': 3, sun: 0.3, 'poor-preparation': 0.4 },
  },
  {
    words: 'The meter reads dry.',
    when: (s) => s.moisture !== null && s.moisture <= s.moistureLimit,
    factors: { 'water-from-above': 0.5, 'water-held': 0.5, 'water-from-behind': 0.2, splash: 0.5, sun: 2, 'poor-preparation': 2, 'wrong-product': 1.5 },
  },
  {
    words: 'The wood is soft.',
    when: (s) => s.rot === 'soft-surface' || s.rot === 'soft-deep',
    factors: { 'water-held': 4, 'water-from-above': 3, 'end-grain': 4, splash: 2, sun: 0.2 },
  },
  { words: 'Salts have come through.', when: (s) => s.flags.includes('efflorescence'), factors: { 'water-from-behind': 6, splash: 2, 'water-from-above': 2, sun: 0.2 } },
  { words: 'It chalks.', when: (s) => s.flags.includes('chalking'), factors: { sun: 5, 'wrong-product': 1.5, 'water-held': 0.5 } },
  { words: 'It blisters.', when: (s) => s.flags.includes('blistering'), factors: { 'water-from-behind': 4, sun: 1.5, 'wrong-product': 2 } },
  { words: 'Grey wood shows.', when: (s) => s.flags.includes('weathered-wood'), factors: { sun: 3, 'poor-preparation': 2 } },
  { words: 'It faces the sun.', when: (s) => s.facesSun, factors: { sun: 2.5 } },
  { words: 'It lies in the shade.', when: (s) => !s.facesSun, factors: { sun: 0.4, 'water-held': 1.3 } },
  { words: 'Painted less than three years ago.', when: (s) => s.filmYears !== null && s.filmYears < 3, factors: { 'poor-preparation': 3, 'wrong-product': 2.5, sun: 0.5 } },
  { words: 'It let go between coats.', when: (s) => s.plane === 'between-coats', factors: { 'poor-preparation': 4, 'wrong-product': 2 } },
  { words: 'It let go from the ground.', when: (s) => s.plane === 'substrate', factors: { 'water-from-behind': 2, 'water-held': 1.5, 'poor-preparation': 2 } },
  { words: 'It does not move.', when: (s) => s.flags.includes('painted-shut'), factors: { 'stuck-joint': 8 } },
  { words: 'Joints have opened.', when: (s) => s.flags.includes('moving-joints') || s.flags.includes('gaps'), factors: { movement: 4, 'water-held': 1.5 } },
];
