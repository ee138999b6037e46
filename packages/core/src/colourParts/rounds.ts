import { lightness } from '../units/colour.ts';

/** A part as the order of taping asks for it: its colour, which others it has a line with, and which of those it lies over. */
export interface Touching {
  colour: string;
  touches: readonly number[];
  /** These reach under it: they are painted before it, past its line. */
  over: readonly number[];
}

/** More ways than this are not tried for one number of rounds. */
const MOST_TRIED = 100_000;
/** CIE L* from which a colour is pale. */
const PALE_FROM = 50;

/** One way to share parts out over so many rounds; null where there is none, or none was found in reach. */
function sharedOut(parts: readonly Touching[], rounds: number): number[] | null {
  const round = parts.map(() => -1);
  const order = parts.map((_, i) => i).sort((a, b) => parts[b]!.touches.length - parts[a]!.touches.length || a - b);
  const isOver = parts.map((p) => new Set(p.over));
  let tried = 0;
  const fits = (part: number, r: number) =>
    parts[part]!.touches.every((other) => {
      const there = round[other]!;
      if (there < 0) return true;
      if (isOver[part]!.has(other)) return there < r;
      return isOver[other]!.has(part) ? there > r : there !== r;
    });
  const place = (at: number): boolean => {
    if (at === order.length) return true;
    const part = order[at]!;
    const isPale = (lightness(parts[part]!.colour) ?? 0) >= PALE_FROM;
    for (let k = 0; k < rounds; k++) {
      if (++tried > MOST_TRIED) return false;
      // A deep colour covers a pale one that was laid past the line: pale ones early, deep ones late.
      const r = isPale ? k : rounds - 1 - k;
      if (!fits(part, r)) continue;
      round[part] = r;
      if (place(at + 1)) return true;
    }
    round[part] = -1;
    return false;
  };
  return place(0) ? round : null;
}

/** Each part in the first round after all before it in the list that it has a line with: always a way, seldom the shortest. */
function inTheirOrder(parts: readonly Touching[]): number[] {
  const round: number[] = [];
  parts.forEach(({ touches }, i) => {
    round.push(1 + Math.max(-1, ...touches.filter((j) => j < i).map((j) => round[j]!)));
  });
  return round;
}

/**
 * In which round of taping each part is painted, from 0: as few rounds as there can be, for tape never lies on a part
 * that is still wet, so that what has a line in common is painted in different rounds, and what reaches under another
 * comes before it. Exact, by trying out, as far as that reaches; then in the order of the list.
 */
export function roundsOfTaping(parts: readonly Touching[]): number[] {
  if (parts.length === 0) return [];
  const last = inTheirOrder(parts);
  const most = Math.max(...last) + 1;
  for (let rounds = 1; rounds < most; rounds++) {
    const found = sharedOut(parts, rounds);
    if (found) return found;
  }
  return sharedOut(parts, most) ?? last;
}
