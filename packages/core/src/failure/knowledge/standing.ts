import type { Condition, Ground } from '../../vocabulary/index.ts';
import type { Treatment } from '../../evidence/treatment.ts';
import { wetOrGreasy } from '../../evidence/facts.ts';
import type { Case } from '../../systems/case.ts';
import { isClosedBare, meetsWater, wetFromNew } from '../../systems/siteWork.ts';
import type { FaceKind, Trait } from '../face.ts';

/** The face of bare ground. */
export const GROUND_FACE: Readonly<Record<Ground, FaceKind>> = {
  timber: 'timber',
  plaster: 'plaster',
  laminate: 'laminate',
  paper: 'paper',
  masonry: 'masonry',
  metal: 'iron',
  hard: 'hard',
};

/** The face that each kind of old finish has; `null` where it is the ground's own. */
export const OLD_FACE: Readonly<Record<Treatment, FaceKind | null>> = {
  bare: null,
  waterborne: 'waterborne',
  oil: 'oil',
  'over-oil': 'waterborne',
  clear: 'varnish',
  wax: null,
  laminate: 'laminate',
  distemper: 'distemper',
  primed: 'primer',
  aerosol: 'aerosol',
};

/** How much of a gloss each face has where nobody said: on woodwork, and on walls and ceilings. 0 flat, 1 mirror. */
export const USUAL_GLOSS: Readonly<Record<FaceKind, readonly [woodwork: number, walls: number]>> = {
  waterborne: [0.5, 0.15],
  oil: [0.9, 0.5],
  varnish: [0.75, 0.6],
  stained: [0.75, 0.6],
  aerosol: [0.7, 0.6],
  primer: [0.2, 0.2],
  laminate: [0.75, 0.75],
  hard: [1, 1],
  iron: [0.5, 0.5],
  'bright-metal': [0.8, 0.8],
  timber: [0, 0],
  board: [0, 0],
  plaster: [0.1, 0.1],
  filler: [0.1, 0.1],
  masonry: [0, 0],
  paper: [0.1, 0.1],
  distemper: [0, 0],
};

/** How unevenly a bare face drinks, 0 not at all to 1 the worst there is. */
export const DRINKS: Partial<Readonly<Record<FaceKind, number>>> = {
  board: 0.85,
  plaster: 0.65,
  filler: 0.65,
  timber: 0.85,
  masonry: 0.5,
  paper: 0.35,
  distemper: 0.5,
};
/** The cut edges of a raw pressed board: they drink, and fur up under the first coat. */
export const RAW_EDGES = { suction: 0.95, nibs: 0.8, swell: 0.9 } as const;
/** What of that is left where the first coat on them had no water in it. */
export const EDGES_SEALED_LEAVE = 0.08;
/** Filler drinks more than the paint beside it. */
export const FILLER_DRINKS = 0.75;

/** What a condition that stands means for the face: how much of what, and on which part. */
export interface StandingRow {
  condition: Condition;
  trait: Trait;
  amount: number;
  part?: 'spots';
  when?: (c: Case) => boolean;
}

const coated = (c: Case) => !c.bare;
/** Steam and grease let paint go again, unless what lies under it is reason enough by itself. */
const inSteam = (c: Case) => coated(c) && wetOrGreasy(c.d.surface) && (c.ground === 'plaster' || c.ground === 'timber') && c.treatAs !== 'over-oil';
/** Source: practice. */
export const STANDING_ROWS: readonly StandingRow[] = [
  { condition: 'greasy', trait: 'grease', amount: 0.95 },
  { condition: 'smoke', trait: 'grease', amount: 0.3 },
  { condition: 'soot', trait: 'dust', amount: 0.6 },
  { condition: 'sanding-dust', trait: 'powder', amount: 0.9 },
  { condition: 'chalking', trait: 'chalk', amount: 0.85 },
  { condition: 'paste-residue', trait: 'paste', amount: 0.9 },
  { condition: 'wax', trait: 'wax', amount: 0.9 },
  { condition: 'silicone', trait: 'bead', amount: 0.95, part: 'spots' },
  { condition: 'sealant-unknown', trait: 'bead', amount: 0.4, part: 'spots' },
  { condition: 'damp', trait: 'damp', amount: 0.95 },
  { condition: 'water-stain', trait: 'damp', amount: 0.35, part: 'spots', when: (c) => !c.d.findings.moistureRead && !isClosedBare(c) },
  { condition: 'water-stain', trait: 'source', amount: 0.6, part: 'spots', when: (c) => !isClosedBare(c) },
  { condition: 'damp', trait: 'source', amount: 0.8, when: (c) => wetFromNew(c) === null },
  { condition: 'rot', trait: 'source', amount: 0.7, part: 'spots' },
  { condition: 'efflorescence', trait: 'salts', amount: 0.9 },
  { condition: 'efflorescence', trait: 'source', amount: 0.8 },
  { condition: 'mould', trait: 'mould', amount: 0.95 },
  { condition: 'rot', trait: 'rot', amount: 0.95, part: 'spots' },
  { condition: 'torn-board-face', trait: 'torn', amount: 0.9, part: 'spots' },
  { condition: 'loose-paper', trait: 'loosePaper', amount: 0.9, part: 'spots' },
  { condition: 'peeling', trait: 'weak', amount: 0.9, when: coated },
  { condition: 'flaking', trait: 'weak', amount: 0.9, when: coated },
  { condition: 'blistering', trait: 'weak', amount: 0.85, when: coated },
  { condition: 'blistering', trait: 'source', amount: 0.5 },
  { condition: 'peeling', trait: 'source', amount: 0.35, when: inSteam },
  { condition: 'flaking', trait: 'source', amount: 0.35, when: inSteam },
  { condition: 'soot', trait: 'source', amount: 0.5 },
  { condition: 'cracking', trait: 'cracked', amount: 0.9, when: coated },
  { condition: 'cracking', trait: 'weak', amount: 0.35, when: coated },
  { condition: 'joint-tape-lifting', trait: 'hollow', amount: 0.7, part: 'spots' },
  { condition: 'weathered-wood', trait: 'grey', amount: 0.9 },
  { condition: 'gaps', trait: 'openGap', amount: 0.95, part: 'spots' },
  { condition: 'moving-joints', trait: 'movingGap', amount: 0.95, part: 'spots' },
  { condition: 'nail-holes', trait: 'holes', amount: 0.95, part: 'spots' },
  { condition: 'scratches', trait: 'holes', amount: 0.8, part: 'spots' },
  { condition: 'substrate-crack', trait: 'holes', amount: 0.95, part: 'spots' },
  { condition: 'proud-nails', trait: 'heads', amount: 0.9, part: 'spots' },
  { condition: 'filler-patches', trait: 'proud', amount: 0.3, part: 'spots' },
  { condition: 'end-grain', trait: 'endGrain', amount: 0.9, part: 'spots', when: meetsWater },
  // In a dry room it drinks the first coat, and no water lifts the rest.
  { condition: 'end-grain', trait: 'endGrain', amount: 0.3, part: 'spots', when: (c) => !meetsWater(c) },
  { condition: 'painted-shut', trait: 'stuck', amount: 1 },
  { condition: 'old-runs', trait: 'nibs', amount: 0.9 },
  { condition: 'glossy', trait: 'gloss', amount: 0.9 },
];

/** Conditions that make filled places: they drink. */
export const FILLED: readonly Condition[] = ['nail-holes', 'scratches', 'substrate-crack', 'proud-nails', 'filler-patches', 'joint-tape-lifting', 'torn-board-face'];

/** Outside, paint that peels has a cause that is still there. */
export const PEELS_OUTSIDE_FOR_A_REASON = 0.6;
/** How dirty hands have made it where nobody looked: on woodwork, in a kitchen, by hands, elsewhere. */
export const USUAL_GREASE = { greaseRoom: 0.75, hightouch: 0.55, woodwork: 0.4, otherwise: 0.06, laminate: 0.6 } as const;
/** What a closed ground brings along from the works: oil on metal, what parts plastic from its mould, hands on laminate. Source: practice. */
export const GREASE_OF_WORKS: Partial<Readonly<Record<Ground, number>>> = { metal: 0.6, hard: 0.45, laminate: 0.35 };
/** Roughness of a painted face, of bare timber, of anything else. */
export const USUAL_NIBS = { painted: 0.35, timber: 0.6, otherwise: 0.05 } as const;
/** Dust without binder on a bare face that nobody has wiped. */
export const USUAL_POWDER: Partial<Readonly<Record<FaceKind, number>>> = { board: 0.5, plaster: 0.4, masonry: 0.5 };
/** A share of the surface for parts that nobody measured. */
export const USUAL_SHARE = { spots: 0.05, bare: 0.2 } as const;
/** What lets go takes the new coats with it: all but a little. */
export const OLD_BOND_GOES = 0.95;
