/** A share of an amount, in whole minor units, halves up. `share` in hundredths of a per cent: 1250 is 12.5 %. */
export function shareOf(amount: number, share: number): number {
  const exact = BigInt(Math.round(amount)) * BigInt(Math.round(share));
  const half = 5000n;
  return Number(exact >= 0n ? (exact + half) / 10_000n : -((-exact + half) / 10_000n));
}

/**
 * Shares out an amount by weights so that the parts are whole minor units and add up to it exactly: each gets the
 * whole part of its due, what is left goes one by one to those whose due was cut most. With no weight at all, evenly.
 */
export function shareOut(amount: number, weights: readonly number[]): number[] {
  if (weights.length === 0) return [];
  const total = weights.reduce((a, b) => a + b, 0);
  const dues = weights.map((w) => (total > 0 ? (amount * w) / total : amount / weights.length));
  const parts = dues.map(Math.floor);
  const left = amount - parts.reduce((a, b) => a + b, 0);
  const cut = dues.map((due, i) => ({ i, by: due - parts[i]! })).sort((a, b) => b.by - a.by || a.i - b.i);
  for (let k = 0; k < left; k++) parts[cut[k % cut.length]!.i]! += 1;
  return parts;
}
