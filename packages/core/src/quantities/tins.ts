/** A container as it is sold. Litres; price in minor units. */
export interface TinSize {
  litres: number;
  price: number;
}

/** Tins to be bought of one size. */
export interface TinsBought extends TinSize {
  count: number;
}

/** Containers that together cover a need. */
export interface TinSet {
  tins: TinsBought[];
  litres: number;
  cost: number;
}

/** Sizes are read to the millilitre. */
const ML = 1000;
const ml = (litres: number) => Math.round(litres * ML);
const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/**
 * The cheapest set of containers that holds at least `need` litres: exact, by dynamic programming over the greatest
 * volume that divides every size; far beyond what a house takes, whole tins of the cheapest kind come first. Of sets at one price the one with least left over, then with fewest tins. Sizes
 * must be above nothing; a need of nothing asks for no tin.
 */
export function cheapestTins(need: number, sizes: readonly TinSize[]): TinSet {
  const least = ml(need);
  if (least <= 0 || sizes.length === 0) return { tins: [], litres: 0, cost: 0 };
  const volumes = sizes.map((s) => ml(s.litres));
  const unit = volumes.reduce(gcd);
  const sold = volumes.map((v) => v / unit);
  const whole = Math.ceil(least / unit);
  const firstTins = tinsOfTheCheapest(whole, sold, sizes);
  const goal = whole - firstTins.count * sold[firstTins.size]!;
  // One pass beyond the goal by the largest tin: what is cheapest may hold more than is needed.
  const top = goal + Math.max(...sold);
  const cost = new Float64Array(top + 1).fill(Infinity);
  const count = new Int32Array(top + 1);
  const last = new Int8Array(top + 1).fill(-1);
  cost[0] = 0;
  for (let v = 1; v <= top; v++) {
    for (let s = 0; s < sold.length; s++) {
      const from = v - sold[s]!;
      if (from < 0 || cost[from] === Infinity) continue;
      const sum = cost[from]! + sizes[s]!.price;
      if (sum < cost[v]! || (sum === cost[v] && count[from]! + 1 < count[v]!)) {
        cost[v] = sum;
        count[v] = count[from]! + 1;
        last[v] = s;
      }
    }
  }
  let best = goal;
  for (let v = goal + 1; v <= top; v++) if (cost[v]! < cost[best]!) best = v;
  const counts = sizes.map((_, i) => (i === firstTins.size ? firstTins.count : 0));
  for (let v = best; v > 0; v -= sold[last[v]!]!) counts[last[v]!]! += 1;
  return {
    tins: sizes.flatMap((size, i) => (counts[i] ? [{ ...size, count: counts[i]! }] : [])),
    litres: ((best + firstTins.count * sold[firstTins.size]!) * unit) / ML,
    cost: cost[best]! + firstTins.count * sizes[firstTins.size]!.price,
  };
}

/** More than this is not laid out volume by volume: a job of a thousand tins takes the cheapest by the litre first. */
const LAID_OUT = 100_000;

/** How many tins of the size that is cheapest by the litre are taken before the rest is laid out; mostly none. */
function tinsOfTheCheapest(
  goal: number,
  sold: readonly number[],
  sizes: readonly TinSize[],
): { size: number; count: number } {
  const perUnit = (i: number) => sizes[i]!.price / sold[i]!;
  const size = sold.reduce((best, _, i) => (perUnit(i) < perUnit(best) ? i : best), 0);
  return { size, count: Math.max(0, Math.floor((goal - LAID_OUT) / sold[size]!)) };
}

/** What a surface takes of a product: it must all come from one batch, so that no wall is of two. */
export interface SurfaceNeed {
  surfaceId: string;
  litres: number;
}

/** What is in the van of a product, tins of one batch taken together. */
export interface BatchInVan {
  batch: string;
  litres: number;
}

/** How the need for one product, in one colour, is met. */
export interface TinPlan {
  /** Which surfaces are painted from a batch that is in the van. */
  fromVan: { batch: string; surfaceIds: string[]; litres: number }[];
  /** The surfaces painted from what is bought, all of one batch. */
  fromBought: string[];
  bought: TinSet;
  needL: number;
  reserveL: number;
  /** What is left when all is done, the reserve in it. */
  leftL: number;
}

/** More than this many ways of sharing out batches are not weighed: what was found by then is offered. */
const MOST_WAYS = 200_000;

/**
 * The cheapest way to cover a product's need: surfaces that fit whole into a batch in the van are painted from it, all
 * others from tins bought together, in which the touch-up reserve is bought too. Exact: which surfaces go to which
 * batch is searched through, bounded by what the whole van could save. With everything painted from the van the
 * reserve comes from what is left there, where enough is left.
 */
export function tinsFor(
  needs: readonly SurfaceNeed[],
  sizes: readonly TinSize[],
  van: readonly BatchInVan[],
  reserveL: number,
): TinPlan {
  const open = [...needs].sort((a, b) => b.litres - a.litres || (a.surfaceId < b.surfaceId ? -1 : 1));
  const needMl = open.map((n) => ml(n.litres));
  const vanMl = van.map((b) => ml(b.litres));
  const all = needMl.reduce((a, b) => a + b, 0);
  const priceOf = pricesOf(sizes);
  // Nothing left to buy for: the reserve may be what is left of a batch that was used. A bound hopes that it is.
  const reserved = (room: readonly number[] | null) =>
    room === null || room.some((r, b) => r < vanMl[b]! && r >= ml(reserveL));
  const costOf = (left: number, room: readonly number[] | null) =>
    left === 0 && reserved(room) ? 0 : priceOf(left + ml(reserveL));
  const sharedOut = shareBatches(needMl, vanMl, all, costOf);
  const left = needMl.reduce((sum, n, i) => (sharedOut[i]! < 0 ? sum + n : sum), 0);
  const used = vanMl.map((_, b) => needMl.reduce((sum, n, i) => (sharedOut[i] === b ? sum + n : sum), 0));
  const room = vanMl.map((v, b) => v - used[b]!);
  const bought = cheapestTins(left === 0 && reserved(room) ? 0 : (left + ml(reserveL)) / ML, sizes);
  return {
    fromVan: van.flatMap(({ batch }, b) =>
      used[b]! > 0
        ? [
            {
              batch,
              litres: used[b]! / ML,
              surfaceIds: open.filter((_, i) => sharedOut[i] === b).map((n) => n.surfaceId),
            },
          ]
        : [],
    ),
    fromBought: open.filter((_, i) => sharedOut[i]! < 0).map((n) => n.surfaceId),
    bought,
    needL: all / ML,
    reserveL,
    leftL: (ml(bought.litres) - left + room.filter((_, b) => used[b]! > 0).reduce((a, b) => a + b, 0)) / ML,
  };
}

/** Prices by need, each asked once. */
function pricesOf(sizes: readonly TinSize[]): (needMl: number) => number {
  const known = new Map<number, number>();
  return (need) => {
    let cost = known.get(need);
    if (cost === undefined) known.set(need, (cost = cheapestTins(need / ML, sizes).cost));
    return cost;
  };
}

/** For each need the index of the batch it is painted from, or −1 for what is bought. */
function shareBatches(
  needs: readonly number[],
  van: readonly number[],
  all: number,
  costOf: (left: number, room: readonly number[] | null) => number,
): number[] {
  const start = needs.map(() => -1);
  let best = { share: start, cost: costOf(all, van), left: all };
  const roomAll = van.reduce((a, b) => a + b, 0);
  const most = costOf(Math.max(0, all - roomAll), null);
  if (van.length === 0 || best.cost <= most) return best.share;
  const rest = needs.map((_, i) => needs.slice(i).reduce((a, b) => a + b, 0));
  const room = [...van];
  const share = [...start];
  let ways = 0;
  const search = (i: number, left: number) => {
    if (best.cost <= most || ++ways > MOST_WAYS) return;
    const cost = costOf(left, room);
    if (cost < best.cost || (cost === best.cost && left < best.left)) best = { share: [...share], cost, left };
    if (i === needs.length) return;
    const saves = Math.min(
      rest[i]!,
      room.reduce((a, b) => a + b, 0),
    );
    if (costOf(Math.max(0, left - saves), null) >= best.cost) return;
    const tried = new Set<number>();
    for (let b = 0; b < room.length; b++) {
      if (room[b]! < needs[i]! || tried.has(room[b]!)) continue;
      // Two batches with the same room lead to the same place.
      tried.add(room[b]!);
      room[b]! -= needs[i]!;
      share[i] = b;
      search(i + 1, left - needs[i]!);
      room[b]! += needs[i]!;
      share[i] = -1;
    }
    search(i + 1, left);
  };
  search(0, all);
  return best.share;
}
