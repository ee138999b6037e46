/** One thing that has to be done, and the products any of which would do it. */
export interface ProductDemand {
  id: string;
  words: string;
  fits: readonly string[];
}

/** The fewest products that meet every demand that can be met. */
export interface SmallestSet {
  products: string[];
  /** For each product chosen, the demands it is there for. */
  uses: Record<string, string[]>;
  /** Demands that nothing meets. */
  uncovered: string[];
}

type Open = readonly (readonly string[])[];

/** Demands that ask for the same products are one; one that asks for more than another adds nothing to it. */
function tightest(fits: readonly (readonly string[])[]): Open {
  const sets = [...new Map(fits.map((f) => [[...new Set(f)].sort().join('\n'), [...new Set(f)].sort()])).values()];
  const within = (a: readonly string[], b: readonly string[]) => a.every((x) => b.includes(x));
  return sets.filter((s, i) => !sets.some((o, j) => j !== i && o.length < s.length && within(o, s)));
}

/**
 * Products that another makes needless are left out of the demands: one that meets no more, and is no cheaper. Of two
 * that meet the same at the same price the first by name stays.
 */
function withoutNeedless(open: Open, cost: (product: string) => number): Open {
  const products = [...new Set(open.flat())].sort();
  const meets = new Map(products.map((p) => [p, new Set(open.flatMap((fits, i) => (fits.includes(p) ? [i] : [])))]));
  const needless = (p: string) =>
    products.some((q) => {
      if (q === p || cost(q) > cost(p)) return false;
      const [mine, others] = [meets.get(p)!, meets.get(q)!];
      if (![...mine].every((i) => others.has(i))) return false;
      return others.size > mine.size || cost(q) < cost(p) || q < p;
    });
  const kept = new Set(products.filter((p) => !needless(p)));
  return open.map((fits) => fits.filter((p) => kept.has(p)));
}

/** No two of these demands share a product: so many products are needed at least, and so much they cost at least. */
function bound(open: Open, cost: (product: string) => number): { products: number; cost: number } {
  const used = new Set<string>();
  const least = { products: 0, cost: 0 };
  for (const fits of [...open].sort((a, b) => a.length - b.length)) {
    if (fits.some((p) => used.has(p))) continue;
    for (const p of fits) used.add(p);
    least.products++;
    least.cost += Math.min(...fits.map(cost));
  }
  return least;
}

/**
 * The smallest set of products for these demands: exact, by branch and bound on the demand that fewest products meet.
 * Among sets of one size the cheapest by `cost` is taken. The same question has one answer, whatever its order. Costs
 * are in minor units and must not be below 0.
 */
export function smallestSet(demands: readonly ProductDemand[], cost: (product: string) => number = () => 0): SmallestSet {
  const met = demands.filter((d) => d.fits.length > 0);
  let best: { chosen: readonly string[]; cost: number } | null = null;
  const search = (left: Open, chosen: readonly string[], sum: number) => {
    if (best !== null) {
      const least = bound(left, cost);
      const size = chosen.length + least.products;
      if (size > best.chosen.length || (size === best.chosen.length && sum + least.cost >= best.cost)) return;
    }
    if (left.length === 0) {
      best = { chosen, cost: sum };
      return;
    }
    const next = left.reduce((fewest, fits) => (fits.length < fewest.length ? fits : fewest));
    const reach = (p: string) => left.filter((fits) => fits.includes(p)).length;
    const ways = [...next].sort((a, b) => reach(b) - reach(a) || cost(a) - cost(b) || (a < b ? -1 : 1));
    for (const p of ways)
      search(
        left.filter((fits) => !fits.includes(p)),
        [...chosen, p],
        sum + cost(p),
      );
  };
  search(tightest(withoutNeedless(tightest(met.map((d) => d.fits)), cost)), [], 0);
  const products = [...(best as { chosen: readonly string[] } | null)!.chosen].sort();
  return {
    products,
    uses: Object.fromEntries(products.map((p) => [p, met.filter((d) => d.fits.includes(p)).map((d) => d.id)])),
    uncovered: demands.filter((d) => d.fits.length === 0).map((d) => d.id),
  };
}
