import type { Chemistry } from '../../vocabulary/index.ts';

/**
 * How long fresh paint is left before tape goes on it, in minutes at label air: sooner the tape lifts it. Tape for
 * fresh paint; the sheet of tape and paint wins. Source: practice.
 */
export const TAPE_AFTER_MIN: Record<Chemistry, number> = {
  waterborne: 24 * 60,
  'solvent-borne': 48 * 60,
  'alcohol-borne': 4 * 60,
  'two-part': 24 * 60,
};

/** From which share of the surface on a part is not painted over the ground: the ground's own coats stop at its line. */
export const GROUND_STOPS_FROM = 0.35;
/** How far the colour below is laid past the line, in metres, so that the tape lies on paint. */
export const PAST_THE_LINE_M = 0.05;

/** Edges shorter than this are a corner that touches, and no line, in metres. */
export const LEAST_LINE_M = 0.005;
