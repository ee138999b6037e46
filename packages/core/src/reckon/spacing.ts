/** What is set out evenly along a length: battens, stripes, hooks. All sizes in metres. */
export interface SpacingAsked {
  lengthM: number;
  /** How many of them. */
  count: number;
  /** How wide each is: nothing for hooks. */
  widthM: number;
  /** How the ends are: as wide as the gaps, half as wide, one of them at each end, or a gap that is stated. */
  ends: 'as-gaps' | 'half-gaps' | 'at-ends' | { endM: number };
  /** Nothing may stand closer than this. */
  clearanceM?: number;
  /** The tape is read to this: a millimetre, or a sixteenth of an inch. */
  tapeM?: number;
}

/** Where they stand. Positions from the left end, in metres. */
export interface Spacing {
  gapM: number;
  endM: number;
  /** The left edge of each, or its middle where it has no width, as the tape reads it. */
  marks: number[];
  /** What rounding to the tape leaves over at the right end: never more than half a mark. */
  leftOverM: number;
  formula: string;
  fault: string | null;
}

/** A sixteenth of an inch. */
export const SIXTEENTH_M = 0.0254 / 16;
const MILLIMETRE_M = 0.001;

/** How many gaps there are in all, the ends counted for what they are. */
function gapsIn({ count, ends }: SpacingAsked): number {
  if (ends === 'as-gaps') return count + 1;
  if (ends === 'half-gaps') return count;
  return count - 1;
}

const endOf = ({ ends }: SpacingAsked, gapM: number) =>
  ends === 'as-gaps' ? gapM : ends === 'half-gaps' ? gapM / 2 : ends === 'at-ends' ? 0 : ends.endM;

/**
 * Sets out `count` things evenly. Each mark is rounded to the tape from its exact place, never added up from rounded
 * gaps, so that no error grows along the wall.
 */
export function evenSpacing(
  asked: SpacingAsked,
  say: (metres: number) => string = (m) => `${Math.round(m * 1000)} mm`,
): Spacing {
  const { lengthM, count, widthM, clearanceM = 0, tapeM = MILLIMETRE_M } = asked;
  const stated = typeof asked.ends === 'object' ? 2 * asked.ends.endM : 0;
  const free = lengthM - count * widthM - stated;
  const gaps = gapsIn(asked);
  const gapM = gaps > 0 ? free / gaps : 0;
  const endM = gaps > 0 ? endOf(asked, gapM) : (lengthM - count * widthM) / 2;
  const exact = Array.from({ length: count }, (_, i) => endM + i * (widthM + gapM));
  const marks = exact.map((at) => Math.round(at / tapeM) * tapeM);
  const last = marks.at(-1) ?? 0;
  const fault =
    free < -1e-9
      ? 'They do not fit: together they are longer than the wall.'
      : gapM < clearanceM - 1e-9 && count > 1
        ? `They stand ${say(gapM)} apart, closer than the ${say(clearanceM)} that is asked for.`
        : null;
  return {
    gapM,
    endM,
    marks,
    leftOverM: lengthM - (last + widthM) - endM,
    formula: `(${say(lengthM)} − ${count} × ${say(widthM)}${stated ? ` − 2 × ${say(stated / 2)}` : ''}) ÷ ${gaps} = ${say(gapM)}`,
    fault,
  };
}

/** The most that fit with no gap under the clearance, the ends treated alike. */
export function mostThatFit(asked: Omit<SpacingAsked, 'count'> & { clearanceM: number }): number {
  let count = 0;
  while (count < 10_000 && evenSpacing({ ...asked, count: count + 1 }).fault === null) count++;
  return count;
}
