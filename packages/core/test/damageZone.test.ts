import { describe, expect, test } from '@jest/globals';
import { randomLcg, randomUniform } from 'd3-random';
import { cellM2, laidFlat, wallCells } from '../src/damage/cells.ts';
import { aboveNothing, levelOf } from '../src/distributions/normal.ts';
import { damageZone, type Look } from '../src/damage/zone.ts';
import type { SketchWall } from '../src/index.ts';

const wall = (widthM: number, heightM = 2.4): SketchWall => ({ name: 'a wall', widthM, heightM, openings: [] });
const WALLS = [wall(4)];
const look = (x: number, y: number, there: boolean, on = 0): Look => ({ place: { wall: on, x, y }, there });
const zone = (looks: Look[], walls = WALLS) => damageZone('peeling', looks, walls)!;

describe('the squares of a wall', () => {
  test('cover it but for its openings, however many walls there are', () => {
    const pierced = { ...wall(4), openings: [{ kind: 'window' as const, x: 1, y: 0.8, widthM: 1, heightM: 1 }] };
    for (const walls of [[wall(4)], [wall(5), wall(3), wall(5), wall(3)]]) {
      const cells = wallCells(walls);
      const whole = walls.reduce((sum, w) => sum + w.widthM * w.heightM, 0);
      expect(cells.length).toBeLessThanOrEqual(180);
      expect(cells.reduce((sum, c) => sum + cellM2(c), 0)).toBeCloseTo(whole, 6);
    }
    expect(wallCells([pierced]).reduce((sum, c) => sum + cellM2(c), 0)).toBeCloseTo(9.6 - 1, 0);
  });
  test('round a corner two places are as far apart as along both walls', () => {
    const walls = [wall(4), wall(3)];
    const [a, b] = laidFlat(walls, [
      { wall: 0, x: 3, y: 1 },
      { wall: 1, x: 0.5, y: 1 },
    ]);
    expect(Math.hypot(a!.x - b!.x, a!.y - b!.y)).toBeCloseTo(1.5, 9);
  });
});

describe('how large a bad zone is', () => {
  test('it is known closer the more is looked at, and grows with what is bad', () => {
    const one = zone([look(1, 1.2, true)]);
    const bounded = zone([
      look(1, 1.2, true),
      look(2, 1.2, false),
      look(3, 1.2, false),
      look(3.8, 0.5, false),
      look(3.8, 2, false),
    ]);
    expect(bounded.highM2 - bounded.lowM2).toBeLessThan(one.highM2 - one.lowM2);
    expect(bounded.likelyM2).toBeLessThan(one.likelyM2);
    expect(zone([look(1, 1.2, true), look(2, 1.2, true), look(3, 1.2, true)]).likelyM2).toBeGreaterThan(one.likelyM2);
    expect(one.lowM2).toBeLessThan(one.likelyM2);
  });

  test('a place that held is never outvoted where it is: bad beside sound', () => {
    const { cells, odds } = zone([look(1, 1.2, true), look(1.6, 1.2, false)]);
    const at = (x: number) =>
      odds[
        cells.reduce(
          (best, c, i) =>
            Math.hypot(c.x - x, c.y - 1.2) < Math.hypot(cells[best]!.x - x, cells[best]!.y - 1.2) ? i : best,
          0,
        )
      ]!;
    expect(at(0.9)).toBeGreaterThan(0.7);
    expect(at(1.7)).toBeLessThan(0.3);
  });

  test('where nothing was found, or nothing is drawn, there is no zone', () => {
    expect(damageZone('peeling', [look(1, 1, false)], WALLS)).toBeNull();
    expect(damageZone('peeling', [look(1, 1, true)], [])).toBeNull();
  });

  test('far from every look it is as usual', () => {
    const far = zone([look(0.1, 0.1, true)], [wall(14, 2.4)]);
    const at = far.cells.findIndex((c) => c.x > 13);
    expect(far.odds[at]).toBeCloseTo(0.18, 2);
    expect(aboveNothing(levelOf(0.25), 1)).toBeCloseTo(0.25, 6);
  });

  test('after one look the odds of every square are those of the integral over what lies there', () => {
    const { cells, odds } = zone([look(1, 1.2, true)]);
    const before = levelOf(0.18);
    const density = (v: number) => Math.exp(-(v ** 2) / 2) / Math.sqrt(2 * Math.PI);
    for (const at of [3, 40, 77, 120]) {
      const apart = Math.hypot(cells[at]!.x - 1, cells[at]!.y - 1.2);
      // One look is as likely under each reach: the three count alike.
      const each = [0.6, 1, 1.6].map((times) => {
        const k = Math.exp(-((apart / (0.7 * times)) ** 2) / 2);
        const seen = 1 + 0.15 ** 2;
        let [sum, all] = [0, 0];
        for (let v = -before / Math.sqrt(seen); v < 8; v += 0.001) {
          const mean = before + (k / Math.sqrt(seen)) * v;
          sum += density(v) * aboveNothing(mean, Math.sqrt(1 - k ** 2 / seen + 1e-4));
          all += density(v);
        }
        return sum / all;
      });
      expect(odds[at]).toBeCloseTo(each.reduce((x, y) => x + y, 0) / 3, 1);
      expect(Math.abs(odds[at]! - each.reduce((x, y) => x + y, 0) / 3)).toBeLessThan(0.03);
    }
  });
});

/** Walls with bad patches, drawn as discs: another kind of wall than the one that is reckoned with. */
function drawnWalls(count: number) {
  const u = randomUniform.source(randomLcg(0.27))(0, 1);
  return Array.from({ length: count }, () => {
    const discs = Array.from({ length: 1 + Math.floor(u() * 2) }, () => ({
      x: u() * 4,
      y: u() * 2.4,
      r: 0.4 + u() * 0.7,
    }));
    const isBad = (x: number, y: number) => discs.some((d) => Math.hypot(x - d.x, y - d.y) < d.r);
    const grid = Array.from(
      { length: 40 * 24 },
      (_, i) => [((i % 40) + 0.5) / 10, (Math.floor(i / 40) + 0.5) / 10] as const,
    );
    const areaM2 = grid.filter(([x, y]) => isBad(x, y)).length / 100;
    return { isBad, areaM2, first: discs[0]!, u };
  });
}

describe('over drawn walls', () => {
  const walls = drawnWalls(16);
  type Zone = ReturnType<typeof zone>;
  /** So many looks: the first where it is bad, the others where they are told to be. */
  const after = ({ isBad, first }: (typeof walls)[number], where: (z: Zone) => { x: number; y: number } | null) => {
    const looks = [look(Math.min(3.99, Math.max(0.01, first.x)), Math.min(2.39, Math.max(0.01, first.y)), true)];
    while (looks.length < LOOKS) {
      const next = where(zone(looks));
      if (!next) break;
      looks.push(look(next.x, next.y, isBad(next.x, next.y)));
    }
    return zone(looks);
  };
  const LOOKS = 6;

  test('looks where they are proposed leave less of an error than as many anywhere, and what is said holds', () => {
    const proposed = walls.map((w) => after(w, (z) => z.next?.place ?? null));
    const anywhere = walls.map((w) => after(w, () => ({ x: w.u() * 4, y: w.u() * 2.4 })));
    const error = (zones: readonly Zone[]) =>
      zones.reduce((sum, z, i) => sum + Math.abs(z.likelyM2 - walls[i]!.areaM2), 0) / zones.length;
    expect(error(proposed)).toBeLessThan(0.9 * error(anywhere));
    // Of a wall of 9.6 m².
    expect(error(proposed)).toBeLessThan(0.9);
    // Eight in ten are said to lie within.
    const inside = proposed.filter((z, i) => walls[i]!.areaM2 >= z.lowM2 - 0.1 && walls[i]!.areaM2 <= z.highM2 + 0.1);
    expect(inside.length).toBeGreaterThanOrEqual(11);
  });
});
