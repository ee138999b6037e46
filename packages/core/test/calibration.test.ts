import { describe, expect, test } from '@jest/globals';
import { FINISHES, posteriorIn, readHouse } from '../src/index.ts';
import { historyHouse, modelHouse, randomOf, type Drawn } from './calibrationHouses.ts';

/** Of what was called so likely, in each tenth: how likely on the mean, how often it was so, and how many there were. */
interface Tenth {
  called: number;
  was: number;
  n: number;
}

function curveOf(house: (random: () => number) => Drawn[], houses: number, seed: number): Tenth[] {
  const random = randomOf(seed);
  const tenths = Array.from({ length: 10 }, (): Tenth => ({ called: 0, was: 0, n: 0 }));
  for (let i = 0; i < houses; i++) {
    const surfaces = house(random);
    const read = readHouse(surfaces.map((s) => s.member));
    for (const { member, truth } of surfaces) {
      const odds = posteriorIn(read, member.id);
      for (const finish of FINISHES) {
        const tenth = tenths[Math.min(9, Math.floor(odds[finish] * 10))]!;
        tenth.called += odds[finish];
        tenth.was += Number(finish === truth);
        tenth.n++;
      }
    }
  }
  return tenths.map(({ called, was, n }) => ({ called: called / n, was: was / n, n }));
}

const apart = (curve: readonly Tenth[]) => curve.map(({ called, was }) => Math.abs(called - was));

describe('what is called so likely is so, that often', () => {
  test('in houses drawn from the model: within 3 points in every tenth', () => {
    const curve = curveOf(modelHouse, 9000, 20270301);
    for (const { n } of curve) expect(n).toBeGreaterThan(200);
    expect(Math.max(...apart(curve))).toBeLessThan(0.03);
  });
  test('in houses drawn from a history with rates of its own: no tenth is led far astray', () => {
    // Other rates than the tables have: what the model calls so likely cannot be right to the point.
    const curve = curveOf(historyHouse, 6000, 7);
    for (const { n } of curve) expect(n).toBeGreaterThan(200);
    expect(Math.max(...apart(curve))).toBeLessThan(0.16);
    expect(apart(curve)[0]).toBeLessThan(0.01);
  });
});
