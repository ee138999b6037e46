import type { Access, Condition, Family, Method, StepKind, Substrate } from '../../vocabulary/index.ts';

/**
 * Painter's minutes per m² and set-up minutes per step, smooth and within reach. Typical values from practice; the
 * firm's own logged hours take their place as they gather.
 */
export const RATES: Record<StepKind, readonly [perM2: number, setUp: number]> = {
  'contain-lead': [1.5, 40],
  protect: [0.6, 12],
  mask: [0.8, 8],
  ventilate: [0, 5],
  unhang: [0, 12],
  'close-opening': [0, 25],
  'remove-hardware': [0, 12],
  'free-sash': [0, 25],
  strip: [14, 20],
  scrape: [4, 8],
  wash: [2.4, 8],
  rinse: [1.2, 4],
  'mould-treat': [1.8, 10],
  'dry-out': [0, 5],
  'solvent-wipe': [2, 6],
  degloss: [2.2, 6],
  sand: [2.6, 6],
  'set-nails': [0.4, 6],
  repair: [0, 60],
  'replace-board': [0, 120],
  'stick-down': [1.2, 10],
  fill: [0.9, 10],
  caulk: [0.8, 8],
  'remove-sealant': [0.6, 15],
  'dust-off': [0.5, 4],
  'tack-off': [0.6, 4],
  'test-patch': [0, 15],
  'pre-prime': [2.2, 10],
  'spot-prime': [0.5, 8],
  prime: [3.6, 10],
  undercoat: [4, 10],
  'sand-between': [1.8, 5],
  'finish-coat': [4.2, 10],
  'clear-coat': [3.6, 10],
  distress: [3, 10],
  'cure-hold': [0, 0],
  unmask: [0.4, 4],
  'refit-hardware': [0, 12],
  rehang: [0, 15],
  'clean-up': [0.2, 12],
  'other-trade': [0, 0],
  inspect: [0, 10],
  revisit: [0, 45],
};

/** Minutes a metre of what is done along a joint or a bead, where its length is known. Source: practice. */
export const MINUTES_A_METRE: Partial<Record<StepKind, { minutes: number; /** Only where the joint was drawn. */ drawn?: true }>> = {
  caulk: { minutes: 1.6 },
  'remove-sealant': { minutes: 3 },
  'solvent-wipe': { minutes: 0.8 },
  fill: { minutes: 2.2, drawn: true },
  'spot-prime': { minutes: 0.7, drawn: true },
  mask: { minutes: 1.2, drawn: true },
  unmask: { minutes: 0.3, drawn: true },
};
/** How wide a strip is filled, sanded and primed along what runs through the face itself, in metres. Source: practice. */
export const LINE_STRIP_M: Readonly<Partial<Record<Condition, number>>> = { 'substrate-crack': 0.1, 'joint-tape-lifting': 0.3 };
/** How wide a strip is wiped or primed along a joint, in metres. */
export const JOINT_STRIP_M = 0.06;
/** A rod is cut and pushed in before the bead. */
export const ROD_MINUTES_A_METRE = 0.7;
/**
 * Minutes a metre of the line of a part in a colour of its own: a straight one is levelled or snapped and taped; a curve
 * is marked from its template, taped in short lengths and pressed down; then its edge is sealed. Source: practice.
 */
export const LINE_MINUTES = { straight: 1.6, curved: 4.5, sealing: 0.4, off: 0.3 } as const;
/** Beads that somebody laid before, and joints that stand open: their length says how much there is of each. */
const OLD_BEADS: readonly Condition[] = ['silicone', 'sealant-unknown'];
const OPEN_JOINTS: readonly Condition[] = ['gaps', 'moving-joints', 'end-grain'];

/** Along which joints a step is done: an old bead is cut out, wiped and sealed again; an open joint takes a bead of its own. */
export const JOINTS_OF: Partial<Record<StepKind, readonly Condition[]>> = {
  // A bead that nobody named is laid along all of them.
  caulk: [...OLD_BEADS, ...OPEN_JOINTS],
  'remove-sealant': OLD_BEADS,
  'solvent-wipe': OLD_BEADS,
};
/** The same for a bead, by what it is of. */
export const JOINTS_OF_BEAD: Partial<Record<Family, readonly Condition[]>> = {
  'paintable-hybrid-sealant': OLD_BEADS,
  'silicone-sealant': [...OLD_BEADS, ...OPEN_JOINTS],
  'acrylic-caulk': OPEN_JOINTS,
  'elastomeric-caulk': OPEN_JOINTS,
};

/** Joinery takes longer by the square metre than a wall: edges, mouldings, cutting in. */
export const JOINERY_FACTOR = 2.1;
/** The rates are for laying on walls with roller and brush, on joinery with the brush: other methods against that. Source: practice. */
export const METHOD_FACTOR: Record<'joinery' | 'faces', Partial<Record<Method, number>>> = {
  joinery: { 'roll-and-lay-off': 0.85, roll: 0.7, spray: 0.45, flood: 1.1 },
  faces: { brush: 1.7, roll: 0.85, spray: 0.5 },
};
/** What reaching it adds: to the minutes, and to setting up, in minutes a step. Source: practice. */
export const ACCESS_HOURS: Record<Access, { factor: number; setUpMin: number }> = {
  floor: { factor: 1, setUpMin: 0 },
  steps: { factor: 1.12, setUpMin: 4 },
  ladder: { factor: 1.4, setUpMin: 12 },
  tower: { factor: 1.15, setUpMin: 20 },
  stairwell: { factor: 1.5, setUpMin: 25 },
};
/** Overhead and rough work takes longer. */
export const CEILING_FACTOR = 1.2;
export const TEXTURE_FACTOR = { smooth: 1, light: 1.1, sprayed: 1.15, 'hand-textured': 1.3, heavy: 1.5 } as const;
/** How much more paint a rough or thirsty face takes. */
export const TEXTURE_SPREAD = { smooth: 1, light: 0.9, sprayed: 0.85, 'hand-textured': 0.75, heavy: 0.65 } as const;
/** Bare ground drinks: the share of the usual spread that a first coat on it is left with. Source: practice. */
export const SUCTION: Partial<Record<Substrate, number>> = {
  drywall: 0.9,
  'skim-plaster': 0.85,
  'lime-plaster': 0.75,
  softwood: 0.9,
  'tannin-wood': 0.92,
  mdf: 0.85,
  plywood: 0.9,
  brick: 0.75,
  concrete: 0.8,
  render: 0.7,
};
/** Fresh plaster takes a thinned first coat: how much water goes to a litre of paint. */
export const THINNED: Partial<Record<Substrate, number>> = { 'skim-plaster': 0.15, 'lime-plaster': 0.2 };
/** Lost in tray, roller and tin. */
export const WASTE = 1.1;
/** What share of a surface its spots and bare areas are, where no size was given. */
export const SPOT_SHARE = 0.08;
export const BARE_SHARE = 0.2;
/** What share a zone is, where a test names the place and nobody measured it. */
export const ZONE_SHARE = 0.5;
/** Spread of helpers in m² per litre. */
export const HELPER_SPREAD = 12;
