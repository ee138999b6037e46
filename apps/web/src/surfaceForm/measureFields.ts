import { DOOR_PATTERNS, MOULDINGS, SPINDLE_SECTIONS, WINDOW_PATTERNS, type Shape } from '@rustic/core';

/** One field of a measure: how it is called, how it is read, and what it is taken to be where nothing is written. */
export type Field = { name: string; words: string } & (
  | { kind: 'length'; usualM?: number; optional?: boolean }
  | { kind: 'count'; usual: number }
  | { kind: 'pick'; options: Record<string, { words: string }> }
  | { kind: 'tick' }
);

const WIDTH: Field = { name: 'widthM', words: 'Width', kind: 'length' };
const HEIGHT: Field = { name: 'heightM', words: 'Height', kind: 'length' };
const GABLE: Field = { name: 'gableM', words: 'Gable above it', kind: 'length', optional: true };
const COUNT: Field = { name: 'count', words: 'How many', kind: 'count', usual: 1 };
const BOTH: Field = { name: 'bothSides', words: 'both sides', kind: 'tick' };

/** What is asked of each shape, in the order in which a tape is moved. */
export const SHAPE_FIELDS: Record<Shape, readonly Field[]> = {
  face: [WIDTH, HEIGHT, GABLE, COUNT, BOTH],
  moulding: [
    { name: 'moulding', words: 'Which', kind: 'pick', options: MOULDINGS },
    { name: 'lengthM', words: 'Length', kind: 'length' },
    { name: 'girthM', words: 'Round its face, if measured', kind: 'length', optional: true },
    COUNT,
  ],
  panelling: [
    WIDTH,
    HEIGHT,
    { name: 'panels', words: 'Panels', kind: 'count', usual: 1 },
    { name: 'panelWidthM', words: 'Panel, width', kind: 'length' },
    { name: 'panelHeightM', words: 'Panel, height', kind: 'length' },
    { name: 'standsOutM', words: 'Moulding adds', kind: 'length', usualM: 0.03 },
  ],
  spindles: [
    { name: 'section', words: 'Section', kind: 'pick', options: SPINDLE_SECTIONS },
    { name: 'heightM', words: 'Length of one', kind: 'length', usualM: 0.8 },
    { name: 'thicknessM', words: 'Thickness', kind: 'length', usualM: 0.032 },
    COUNT,
  ],
  doors: [
    { name: 'pattern', words: 'Pattern', kind: 'pick', options: DOOR_PATTERNS },
    { ...WIDTH, kind: 'length', usualM: 0.76 },
    { ...HEIGHT, kind: 'length', usualM: 1.98 },
    COUNT,
    BOTH,
  ],
  windows: [{ name: 'pattern', words: 'Pattern', kind: 'pick', options: WINDOW_PATTERNS }, WIDTH, HEIGHT, COUNT, BOTH],
  siding: [
    WIDTH,
    HEIGHT,
    GABLE,
    { name: 'showsM', words: 'A board shows', kind: 'length', usualM: 0.15 },
    { name: 'thickM', words: 'Its lower edge', kind: 'length', usualM: 0.018 },
  ],
  radiators: [
    WIDTH,
    HEIGHT,
    { name: 'panels', words: 'Panels of one', kind: 'count', usual: 1 },
    { name: 'finned', words: 'with fins', kind: 'tick' },
    COUNT,
  ],
};

/** Shapes out of which openings are cut. */
export const CUT: readonly Shape[] = ['face', 'panelling', 'siding'];
