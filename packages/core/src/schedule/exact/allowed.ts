import type { Arc } from './arcs.ts';
import { NEVER } from './rising.ts';
import { atLeast, atMost, type Side } from './trail.ts';

/** Stretches of whole numbers, ends included, in order and apart. */
export type Stretches = readonly (readonly [number, number])[];

/** The first value from `v` that is allowed. */
function nextIn(allowed: Stretches, v: number): number {
  let low = 0;
  let high = allowed.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (allowed[middle]![1] >= v) high = middle;
    else low = middle + 1;
  }
  const found = allowed[low];
  return found ? Math.max(found[0], v) : NEVER;
}

/** The last value up to `v` that is allowed. */
function lastIn(allowed: Stretches, v: number): number {
  let low = 0;
  let high = allowed.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (allowed[middle]![0] <= v) low = middle + 1;
    else high = middle;
  }
  const found = allowed[low - 1];
  return found ? Math.min(found[1], v) : -NEVER;
}

/** A variable that keeps to what is allowed, while the guard's claim holds. */
export function keepsTo(variable: number, allowed: Stretches, guard: readonly [Side, number] | null): Arc[] {
  const low = atLeast(variable);
  const high = atMost(variable);
  return [
    { from: low, to: low, give: (v) => nextIn(allowed, v), need: (w) => lastIn(allowed, w - 1) + 1, guard },
    { from: high, to: high, give: (v) => -lastIn(allowed, -v), need: (w) => 1 - nextIn(allowed, 1 - w), guard },
  ];
}

/** The claim that a variable finds nothing allowed between two bounds lets go: shown by the widest gap they lie in. */
export function gapAround(allowed: Stretches, low: number, high: number): readonly [number, number] | null {
  if (nextIn(allowed, low) <= high) return null;
  return [lastIn(allowed, high) + 1, nextIn(allowed, low) - 1];
}

/** What is allowed by one or the other. */
export function either(lists: readonly Stretches[]): Stretches {
  const all = lists.flat().sort((a, b) => a[0] - b[0]);
  const out: [number, number][] = [];
  for (const [from, to] of all) {
    const last = out.at(-1);
    if (last && from <= last[1] + 1) last[1] = Math.max(last[1], to);
    else out.push([from, to]);
  }
  return out;
}
