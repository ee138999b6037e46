/** What a joint lies between, what is in it, and what can be read of it. */

export const JOINT_SIDES = [
  'wall',
  'ceiling',
  'trim',
  'frame',
  'cabinet',
  'floor',
  'bath',
  'basin',
  'worktop',
  'tile',
  'stone',
  'metal',
  'glass',
  'plastic',
  'siding',
  'masonry',
] as const;
export type JointSide = (typeof JOINT_SIDES)[number];

export const JOINT_SIDE_LABELS: Record<JointSide, string> = {
  wall: 'wall',
  ceiling: 'ceiling',
  trim: 'trim',
  frame: 'window or door frame',
  cabinet: 'cabinet',
  floor: 'floor',
  bath: 'bath or shower tray',
  basin: 'basin or sink',
  worktop: 'worktop',
  tile: 'tile',
  stone: 'natural stone',
  metal: 'metal',
  glass: 'glass',
  plastic: 'plastic frame',
  siding: 'siding',
  masonry: 'masonry',
};

/** What a bead can be of. */
export const BEADS = ['silicone', 'acrylic', 'hybrid', 'putty'] as const;
export type Bead = (typeof BEADS)[number];
export const BEAD_LABELS: Record<Bead, string> = {
  silicone: 'silicone',
  acrylic: 'acrylic caulk',
  hybrid: 'sealant that takes paint',
  putty: 'putty or filler',
};

/** What somebody says is in a joint: nothing, something that nobody has named, or a bead of this. */
export const JOINT_FILLS = ['open', 'unread', ...BEADS] as const;
export type JointFill = (typeof JOINT_FILLS)[number];
export const JOINT_FILL_LABELS: Record<JointFill, string> = { open: 'nothing, it stands open', unread: 'a bead, not known', ...BEAD_LABELS };

/** How a bead stands. */
export const BEAD_STATES = ['sound', 'split', 'loose', 'mouldy'] as const;
export type BeadState = (typeof BEAD_STATES)[number];
export const BEAD_STATE_LABELS: Record<BeadState, string> = {
  sound: 'sound',
  split: 'split',
  loose: 'come loose',
  mouldy: 'black with mould',
};

/** What can be read of a bead, and what each reading can say. */
export const BEAD_READINGS = {
  shine: ['dull', 'slight', 'shiny'],
  flex: ['springs-back', 'dents', 'hard', 'crumbles'],
  smell: ['vinegar', 'oily', 'none'],
  oldPaint: ['holds', 'came-off', 'none'],
  dab: ['wets', 'beads'],
} as const;
export type BeadReading = keyof typeof BEAD_READINGS;
export type BeadReads<R extends BeadReading = BeadReading> = (typeof BEAD_READINGS)[R][number];
export const BEAD_READING_CODES = Object.keys(BEAD_READINGS) as readonly BeadReading[];

export const BEAD_READING_LABELS: Record<BeadReading, string> = {
  shine: 'Shine',
  flex: 'Under a thumbnail',
  smell: 'Smell of a sliver',
  oldPaint: 'Old paint on it',
  dab: 'Dab of paint',
};
export const BEAD_READS_LABELS: Record<BeadReads, string> = {
  dull: 'dull',
  slight: 'a little',
  shiny: 'shiny',
  'springs-back': 'springs back',
  dents: 'stays dented',
  hard: 'hard',
  crumbles: 'crumbles',
  vinegar: 'of vinegar',
  oily: 'of oil',
  none: 'none',
  holds: 'holds',
  'came-off': 'came off',
  wets: 'wets it',
  beads: 'crawls off',
};

/** What can be done about a bead that is there. */
export const REMEDIES = ['leave', 'cut-out', 'bridge', 'block'] as const;
export type Remedy = (typeof REMEDIES)[number];
export const REMEDY_LABELS: Record<Remedy, string> = {
  leave: 'leave it',
  'cut-out': 'cut out and seal again',
  bridge: 'bridge with a bead that takes paint',
  block: 'block with oil primer',
};
