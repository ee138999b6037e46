/** An opening or something left out of a measured face. Metres. */
export interface Opening {
  widthM: number;
  heightM: number;
  count: number;
}

/** A face as it was measured: one rectangle or several strips, and what is taken off. Metres. */
export interface Measure {
  widthM: number;
  heightM: number;
  /** How many of it there are: 42 spindles, six doors. */
  count: number;
  /** Both sides are painted. */
  bothSides: boolean;
  openings: readonly Opening[];
}

/** Why a measure cannot be right, in words, or null where it can. */
export function measureFault(measure: Measure): string | null {
  if (!(measure.widthM > 0) || !(measure.heightM > 0)) return 'Width and height must be above nothing.';
  if (!(measure.count >= 1)) return 'At least one of it.';
  if (areaOfMeasure(measure) <= 0) return 'The openings take off more than the face has.';
  return null;
}

/** The area of a measured face in m², openings taken off, rounded to 0.01. Exact rectangles; no waste. */
export function areaOfMeasure({ widthM, heightM, count, bothSides, openings }: Measure): number {
  const one = widthM * heightM - openings.reduce((sum, o) => sum + o.widthM * o.heightM * o.count, 0);
  return Math.round(one * count * (bothSides ? 2 : 1) * 100) / 100;
}
