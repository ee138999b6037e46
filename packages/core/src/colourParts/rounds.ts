import { lightness } from '../units/colour.ts';

/** A part as the order of taping asks for it: its colour, and which others it has a line with. */
export interface Touching {
  colour: string;
  touches: readonly number[];
}

/** One way to share parts out over so many rounds that none meets another of its own round; null where there is none. */
function sharedOut(parts: readonly Touching[], order: readonly number[], rounds: number): number[] | null {
  const round = parts.map(() => -1);
  const place = (at: number, used: number): boolean => {
    if (at === order.length) return true;
    const part = order[at]!;
    // Rounds that nothing is in yet are all alike: the first of them is tried.
    for (let r = 0; r < Math.min(rounds, used + 1); r++) {
      if (parts[part]!.touches.some((other) => round[other] === r)) continue;
      round[part] = r;
      if (place(at + 1, Math.max(used, r + 1))) return true;
    }
    round[part] = -1;
    return false;
  };
  return place(0, 0) ? round : null;
}

/** The darkest of a round decides when it comes. */
const darkest = (parts: readonly Touching[], round: readonly number[], r: number) =>
  Math.min(...parts.map((p, i) => (round[i] === r ? (lightness(p.colour) ?? 0) : Infinity)));

/**
 * In which round of taping each part is painted, from 0: as few rounds as there can be, for tape never lies on a part
 * that is still wet, so that what has a line in common is painted in different rounds. Exact, by trying out. Pale
 * rounds come first: a deep colour covers a pale one that was laid past the line.
 */
export function roundsOfTaping(parts: readonly Touching[]): number[] {
  if (parts.length === 0) return [];
  const order = parts.map((_, i) => i).sort((a, b) => parts[b]!.touches.length - parts[a]!.touches.length || a - b);
  for (let rounds = 1; rounds <= parts.length; rounds++) {
    const round = sharedOut(parts, order, rounds);
    if (!round) continue;
    const byDepth = Array.from({ length: rounds }, (_, r) => r).sort(
      (a, b) => darkest(parts, round, b) - darkest(parts, round, a),
    );
    return round.map((r) => byDepth.indexOf(r));
  }
  return parts.map((_, i) => i);
}
