/** A function of minutes that never falls, both ways round. */
export interface Rising {
  give: (value: number) => number;
  /** The least value that gives at least `wanted`. */
  need: (wanted: number) => number;
}

/** Later than any plan. */
export const NEVER = 1 << 28;

/** So many minutes more. */
export const plus = (lag: number): Rising => ({ give: (v) => v + lag, need: (w) => w - lag });

/** Any function that never falls, over starts from 0 to `until`; looked up once for each start. */
export function risingTable(until: number, give: (value: number) => number): Rising {
  const known = new Int32Array(until + 1).fill(-1);
  const at = (v: number): number => {
    if (v > until) return NEVER;
    const i = v < 0 ? 0 : v;
    if (known[i]! < 0) known[i] = Math.max(0, Math.min(NEVER, give(i)));
    return known[i]!;
  };
  return {
    give: at,
    need: (wanted) => {
      let low = 0;
      let high = until + 1;
      while (low < high) {
        const middle = (low + high) >> 1;
        if (at(middle) >= wanted) high = middle;
        else low = middle + 1;
      }
      return low;
    },
  };
}
