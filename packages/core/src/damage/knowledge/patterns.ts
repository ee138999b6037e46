import type { Damage, WallFeature } from '../../vocabulary/index.ts';

/** Where damage lies that has a cause of its own. Metres. */
export type Pattern =
  | { kind: 'under-opening'; belowM: number }
  | { kind: 'at-opening-corners'; withinM: number }
  | { kind: 'foot'; upToM: number }
  | { kind: 'top'; fromTopM: number }
  | { kind: 'cold-corner'; withinM: number }
  | { kind: 'near'; feature: WallFeature; withinM: number }
  | { kind: 'evenly-apart'; fromM: number; toM: number };

/** Why damage lies where it does: how to find out, and what is stopped before anything is painted. */
export interface PatternRow {
  code: string;
  of: readonly Damage[];
  where: Pattern;
  cause: string;
  findOut: string;
  stopFirst: string;
}

const WET: readonly Damage[] = ['damp', 'water-stain', 'peeling', 'blistering', 'mould', 'efflorescence'];

/** The first rows say most. Source: practice; trades that are licensed decide on pipes, flues, roofs and structure. */
export const PATTERN_ROWS: readonly PatternRow[] = [
  {
    code: 'wet-room',
    of: WET,
    where: { kind: 'near', feature: 'wet-room-behind', withinM: 1.2 },
    cause: 'Water from the bathroom behind: a seal, a grout joint or steam through the wall.',
    findOut: 'Run the shower for ten minutes with the meter on this side; look at seal, grout and waste on the other.',
    stopFirst: 'Have seal, grout or waste mended and the fan made to draw; let it dry, and read it again.',
  },
  {
    code: 'pipe',
    of: WET,
    where: { kind: 'near', feature: 'pipe', withinM: 0.8 },
    cause: 'A pipe that leaks, or one that sweats.',
    findOut: 'Dry it, wrap paper round joints, look in an hour; feel whether it is cold and wet all along or at one place.',
    stopFirst: 'A plumber mends a leak; a cold pipe is lagged. Then it dries, and is read again.',
  },
  {
    code: 'chimney',
    of: ['water-stain', 'soot', 'damp', 'efflorescence', 'peeling'],
    where: { kind: 'near', feature: 'chimney', withinM: 1 },
    cause: 'The chimney: rain past its flashing, or tar and salts out of the flue.',
    findOut: 'Brown and sticky is tar, white and dry is salts; a patch that grows after rain is the flashing or the pot.',
    stopFirst: 'A roofer or sweep sees to flashing, cap and flue. Tar and salts go on coming: they are blocked, or the plaster is made anew.',
  },
  {
    code: 'downpipe',
    of: WET,
    where: { kind: 'near', feature: 'downpipe', withinM: 1 },
    cause: 'The downpipe or gutter outside runs over.',
    findOut: 'Look outside in rain, or pour a bucket in at the top: green streaks and washed joints show where it runs.',
    stopFirst: 'Clear and mend gutter and pipe; let the wall dry out a season where it is thick.',
  },
  {
    code: 'heater',
    of: ['soot', 'blistering', 'peeling'],
    where: { kind: 'near', feature: 'heater', withinM: 1.2 },
    cause: 'Warm air off the heater carries dust up the wall, or bakes the film.',
    findOut: 'A wipe comes off black and dry: dust and soot. Blisters only where the hand cannot rest: heat.',
    stopFirst: 'Stop candles and smoking fuel, clean behind the heater; wash with a degreaser before anything is sealed.',
  },
  {
    code: 'sill',
    of: [...WET, 'rot'],
    where: { kind: 'under-opening', belowM: 0.9 },
    cause: 'Water comes in at the sill, or at the joint round the window.',
    findOut: 'Hose the sill and then the joint, low first, ten minutes each, with the meter inside; look for the drip groove.',
    stopFirst: 'Give the sill its fall, drip and joint again; let it dry, and read it again.',
  },
  {
    code: 'foot',
    of: ['damp', 'efflorescence', 'peeling', 'blistering', 'water-stain', 'mould', 'rot'],
    where: { kind: 'foot', upToM: 1.1 },
    cause: 'Water from the ground: soil or paving above the floor, a bridged damp course, or splash.',
    findOut: 'Read it every 20 cm up the wall: from the ground it falls off evenly and ends in salts at about a metre. Look outside for soil and paving.',
    stopFirst: 'Take soil and paving down, mend drains; let it dry for months. Nothing that seals goes on meanwhile.',
  },
  {
    code: 'cold-corner',
    of: ['mould', 'soot', 'damp', 'peeling'],
    where: { kind: 'cold-corner', withinM: 0.6 },
    cause: 'A cold corner: the air of the room leaves its water there.',
    findOut: 'Read air and wall together over some days: where the wall is under the dew point, it condenses. Mould behind furniture says the same.',
    stopFirst: 'Heat evenly, air, draw the steam off, move furniture out; kill the mould before it is painted.',
  },
  {
    code: 'above',
    of: ['water-stain', 'damp', 'peeling', 'blistering', 'efflorescence', 'mould'],
    where: { kind: 'top', fromTopM: 0.6 },
    cause: 'Water from above: roof, gutter, or a room with water over it.',
    findOut: 'After rain or after a bath? Look in the loft or lift a board; a brown ring with a sharp edge dried and came again.',
    stopFirst: 'Have roof, gutter or pipe mended; let it dry. What was stained is sealed, or it comes through.',
  },
  {
    code: 'joists',
    of: ['soot', 'substrate-crack', 'peeling'],
    where: { kind: 'evenly-apart', fromM: 0.28, toM: 0.75 },
    cause: 'Lines at even distances: joists, studs or board joints behind, colder or moving.',
    findOut: 'Measure from line to line: 40 or 60 cm is timber behind. A magnet finds its nails.',
    stopFirst: 'Insulate over it where it is cold; tape and fill joints that move. Soot is washed and sealed, or it prints through.',
  },
  {
    code: 'opening-corners',
    of: ['substrate-crack'],
    where: { kind: 'at-opening-corners', withinM: 0.6 },
    cause: 'Cracks out of the corners of an opening: it moves there, at the lintel or with the seasons.',
    findOut: 'A pencil mark with the date across it, looked at after a month. Wider than 5 mm, or growing: a structural engineer.',
    stopFirst: 'Filled only once it stands still; bridged with a fabric and a film that stretches.',
  },
];

/** A pattern is told where at least so many places, and so large a share of those with the damage, lie in it. */
export const LEAST_PLACES = 2;
export const LEAST_SHARE = 0.6;
