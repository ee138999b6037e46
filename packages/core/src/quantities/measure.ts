import {
  DOOR_EDGE_M,
  DOOR_PATTERNS,
  FINS,
  MOULDINGS,
  SPINDLE_SECTIONS,
  WINDOW_PATTERNS,
} from '../model/knowledge/shapes.ts';
import type { Measure, Opening } from '../model/measure.ts';

export type Shape = NonNullable<Measure['shape']>;
export const SHAPES = [
  'face',
  'moulding',
  'panelling',
  'spindles',
  'doors',
  'windows',
  'siding',
  'radiators',
] as const satisfies readonly Shape[];

export const SHAPE_LABELS: Record<Shape, string> = {
  face: 'a flat face',
  moulding: 'lengths of moulding',
  panelling: 'panelling',
  spindles: 'spindles',
  doors: 'doors',
  windows: 'windows',
  siding: 'lapped boards',
  radiators: 'radiators',
};

const off = (openings: readonly Opening[]) => openings.reduce((sum, o) => sum + o.widthM * o.heightM * o.count, 0);
const faceOf = (m: { widthM: number; heightM: number; gableM?: number }) =>
  m.widthM * (m.heightM + (m.gableM ?? 0) / 2);
const sides = (both: boolean) => (both ? 2 : 1);

/** The area of one measure in m², unrounded. */
function exactArea(m: Measure): number {
  switch (m.shape) {
    case 'moulding':
      return m.lengthM * (m.girthM ?? MOULDINGS[m.moulding].girthM) * m.count;
    case 'panelling':
      return m.widthM * m.heightM - off(m.openings) + m.panels * 2 * (m.panelWidthM + m.panelHeightM) * m.standsOutM;
    case 'spindles':
      return SPINDLE_SECTIONS[m.section].girth * m.thicknessM * m.heightM * m.count;
    case 'doors': {
      const edges = DOOR_EDGE_M * (2 * m.heightM + m.widthM);
      return (DOOR_PATTERNS[m.pattern].factor * m.widthM * m.heightM * sides(m.bothSides) + edges) * m.count;
    }
    case 'windows':
      return WINDOW_PATTERNS[m.pattern].factor * m.widthM * m.heightM * sides(m.bothSides) * m.count;
    case 'siding':
      // Each board shows its face and the underside of its lap.
      return (faceOf(m) - off(m.openings)) * (1 + m.thickM / m.showsM);
    case 'radiators':
      return 2 * m.widthM * m.heightM * m.panels * (m.finned ? 1 + FINS : 1) * m.count;
    default:
      return (faceOf(m) - off(m.openings)) * m.count * sides(m.bothSides);
  }
}

/** The painted area of a measure in m², openings taken off, rounded to 0.01. No waste. */
export const areaOfMeasure = (measure: Measure): number => Math.round(exactArea(measure) * 100) / 100;

/** Why a measure cannot be right, in words, or null where it can. */
export function measureFault(measure: Measure): string | null {
  for (const [name, value] of Object.entries(measure) as [string, unknown][]) {
    if (name === 'gableM' || name === 'panels' || name === 'standsOutM') continue;
    if (name === 'count' && !((value as number) >= 1)) return 'At least one of it.';
    if (typeof value === 'number' && !(value > 0)) return 'Every size must be above nothing.';
  }
  if (measure.shape === 'panelling') {
    const { panels, panelWidthM, panelHeightM, widthM, heightM } = measure;
    if (panels * panelWidthM * panelHeightM > widthM * heightM)
      return 'The panels have more face than the wall they are on.';
  }
  if (areaOfMeasure(measure) <= 0) return 'The openings take off more than the face has.';
  return null;
}

/** Says lengths in the reader's units. */
export type SayLength = (metres: number) => string;

/** How the area came about, as it would be written beside it: "3.60 m × 2.40 m, less 2.03 m × 0.84 m". */
export function workingOf(m: Measure, say: SayLength): string {
  const times = (n: number) => (n > 1 ? `${n} × ` : '');
  const both = (on: boolean) => (on ? ', both sides' : '');
  const less = (openings: readonly Opening[]) =>
    openings.map((o) => `, less ${times(o.count)}${say(o.widthM)} × ${say(o.heightM)}`).join('');
  const gable = (gableM?: number) => (gableM ? ` and a gable of ${say(gableM)}` : '');
  switch (m.shape) {
    case 'moulding':
      return `${times(m.count)}${say(m.lengthM)} of ${MOULDINGS[m.moulding].words}, ${say(m.girthM ?? MOULDINGS[m.moulding].girthM)} round`;
    case 'panelling':
      return `${say(m.widthM)} × ${say(m.heightM)}${less(m.openings)}, and round ${m.panels} panels of ${say(m.panelWidthM)} × ${say(m.panelHeightM)} another ${say(m.standsOutM)}`;
    case 'spindles':
      return `${m.count} ${SPINDLE_SECTIONS[m.section].words} spindles, ${say(m.heightM)} long, ${say(m.thicknessM)} thick`;
    case 'doors':
      return `${times(m.count)}${say(m.widthM)} × ${say(m.heightM)} with its edges, ${DOOR_PATTERNS[m.pattern].words} (× ${DOOR_PATTERNS[m.pattern].factor})${both(m.bothSides)}`;
    case 'windows':
      return `${times(m.count)}${say(m.widthM)} × ${say(m.heightM)}, ${WINDOW_PATTERNS[m.pattern].words} (× ${WINDOW_PATTERNS[m.pattern].factor})${both(m.bothSides)}`;
    case 'siding':
      return `${say(m.widthM)} × ${say(m.heightM)}${gable(m.gableM)}${less(m.openings)}, boards showing ${say(m.showsM)}, lapped edges ${say(m.thickM)}`;
    case 'radiators':
      return `${times(m.count)}${say(m.widthM)} × ${say(m.heightM)}, ${m.panels === 1 ? 'one panel' : `${m.panels} panels`}, front and back${m.finned ? ', with fins' : ''}`;
    default:
      return `${times(m.count)}${say(m.widthM)} × ${say(m.heightM)}${gable(m.gableM)}${less(m.openings)}${both(m.bothSides)}`;
  }
}
