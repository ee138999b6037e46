import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { cheapestTins, tinsFor, type BatchInVan, type SurfaceNeed, type TinSize } from '../src/index.ts';

fc.configureGlobal({ seed: 20270302, endOnFailure: true });

const sizeOf = fc.record({
  litres: fc.constantFrom(0.25, 0.5, 0.75, 1, 2, 2.5, 5),
  price: fc.integer({ min: 100, max: 9000 }),
});
const sizes = fc.uniqueArray(sizeOf, { minLength: 1, maxLength: 4, selector: (s) => s.litres });

/** Every set of containers that could be, weighed one after the other: shares nothing with what it checks. */
function byExhaustion(need: number, all: readonly TinSize[]): number {
  if (need <= 0) return 0;
  const [size, ...rest] = all;
  if (!size) return Infinity;
  let least = Infinity;
  for (let n = 0; n * size.litres < need + size.litres; n++)
    least = Math.min(least, n * size.price + byExhaustion(Number((need - n * size.litres).toFixed(6)), rest));
  return least;
}

describe('the cheapest tins', () => {
  test('as cheap as every set there is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1400 }), sizes, (cl, sold) => {
        const need = cl / 100;
        const set = cheapestTins(need, sold);
        expect(set.cost).toBe(byExhaustion(need, sold));
        expect(set.litres).toBeGreaterThanOrEqual(need - 1e-9);
        expect(set.tins.reduce((sum, t) => sum + t.count * t.price, 0)).toBe(set.cost);
        expect(set.tins.reduce((sum, t) => sum + t.count * t.litres, 0)).toBeCloseTo(set.litres, 6);
      }),
      { numRuns: 150 },
    );
  });
  test('a larger tin is bought where it is cheaper than what is needed', () => {
    const set = cheapestTins(2.1, [
      { litres: 1, price: 2000 },
      { litres: 5, price: 3900 },
    ]);
    expect(set.tins).toEqual([{ litres: 5, price: 3900, count: 1 }]);
  });
  test('nothing is needed, nothing is sold', () => {
    expect(cheapestTins(0, [{ litres: 1, price: 1 }])).toEqual({ tins: [], litres: 0, cost: 0 });
    expect(cheapestTins(3, [])).toEqual({ tins: [], litres: 0, cost: 0 });
  });
  test('far more than a house takes is bought at once, and still holds it', () => {
    const us = [
      { litres: 0.946, price: 2400 },
      { litres: 3.785, price: 6200 },
    ];
    const set = cheapestTins(9000, us);
    expect(set.litres).toBeGreaterThanOrEqual(9000);
    expect(set.litres).toBeLessThan(9004);
    expect(set.cost).toBe(set.tins.reduce((sum, t) => sum + t.count * t.price, 0));
    expect(set.cost / 9000).toBeLessThan((6200 / 3.785) * 1.001);
  });
  test('sizes of another country have no common measure but the millilitre', () => {
    const us = [
      { litres: 0.946, price: 2400 },
      { litres: 3.785, price: 6200 },
    ];
    expect(cheapestTins(4.5, us).cost).toBe(byExhaustion(4.5, us));
  });
});

/** Every way to send each surface to a batch or to the counter. */
function cheapestOfAll(
  needs: readonly SurfaceNeed[],
  sold: readonly TinSize[],
  van: readonly BatchInVan[],
  reserve: number,
): number {
  const room = van.map((b) => b.litres);
  const fits = (b: number, litres: number) => room[b]! + 1e-9 >= litres;
  const go = (i: number, left: number): number => {
    if (i === needs.length) {
      const kept = left === 0 && room.some((r, b) => r < van[b]!.litres - 1e-9 && r + 1e-9 >= reserve);
      return kept ? 0 : byExhaustion(Number((left + reserve).toFixed(6)), sold);
    }
    const { litres } = needs[i]!;
    let least = go(i + 1, left + litres);
    for (let b = 0; b < van.length; b++) {
      if (!fits(b, litres)) continue;
      room[b]! -= litres;
      least = Math.min(least, go(i + 1, left));
      room[b]! += litres;
    }
    return least;
  };
  return go(0, 0);
}

const needsOf = fc
  .array(fc.integer({ min: 10, max: 300 }), { minLength: 1, maxLength: 5 })
  .map((all) => all.map((cl, i): SurfaceNeed => ({ surfaceId: `s${i}`, litres: cl / 100 })));
const vanOf = fc
  .array(fc.integer({ min: 10, max: 400 }), { maxLength: 2 })
  .map((all) => all.map((cl, i): BatchInVan => ({ batch: `B${i}`, litres: cl / 100 })));

describe('tins over a job', () => {
  test('one wall, one batch; all is covered; as cheap as every way there is', () => {
    fc.assert(
      fc.property(needsOf, sizes, vanOf, fc.constantFrom(0, 0.25, 0.5), (needs, sold, van, reserve) => {
        const plan = tinsFor(needs, sold, van, reserve);
        const from = [...plan.fromVan.flatMap((b) => b.surfaceIds), ...plan.fromBought];
        expect([...from].sort()).toEqual(needs.map((n) => n.surfaceId).sort());
        const litres = (ids: readonly string[]) =>
          needs.filter((n) => ids.includes(n.surfaceId)).reduce((s, n) => s + n.litres, 0);
        for (const batch of plan.fromVan) {
          expect(litres(batch.surfaceIds)).toBeCloseTo(batch.litres, 6);
          expect(batch.litres).toBeLessThanOrEqual(van.find((b) => b.batch === batch.batch)!.litres + 1e-9);
        }
        const bought = litres(plan.fromBought);
        expect(plan.bought.litres).toBeGreaterThanOrEqual(bought + (bought > 0 ? reserve : 0) - 1e-9);
        expect(plan.leftL).toBeGreaterThanOrEqual(reserve - 1e-9);
        expect(plan.bought.cost).toBe(cheapestOfAll(needs, sold, van, reserve));
      }),
      { numRuns: 120 },
    );
  });
  test('a batch that does not hold a whole wall is left alone', () => {
    const plan = tinsFor(
      [{ surfaceId: 'wall', litres: 3 }],
      [{ litres: 1, price: 1000 }],
      [{ batch: 'old', litres: 2.9 }],
      0,
    );
    expect(plan.fromVan).toEqual([]);
    expect(plan.bought.litres).toBe(3);
  });
  test('the order of surfaces and batches changes nothing', () => {
    fc.assert(
      fc.property(needsOf, sizes, vanOf, (needs, sold, van) => {
        const back = tinsFor([...needs].reverse(), sold, [...van].reverse(), 0.5);
        expect(back.bought.cost).toBe(tinsFor(needs, sold, van, 0.5).bought.cost);
      }),
      { numRuns: 60 },
    );
  });
});
