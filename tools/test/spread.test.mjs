import { describe, expect, test } from '@jest/globals';
import { drawn, firmsOf, HOURS, loadOf } from '../spread/day.mjs';
import { placeOf } from '../spread/place.mjs';
import { CLUSTER, spreadOf } from '../spread/simulate.mjs';

const clusters = (n) => Array.from({ length: n }, (_, i) => ({ name: `c${i}` }));
const ids = Array.from({ length: 6000 }, (_, i) => `firm ${i}`);
const COSTS = {
  write: { serverMs: 10, databaseMs: 4, bytes: 3000 },
  sheet: { serverMs: 5, databaseMs: 1, bytes: 0 },
  job: { serverMs: 50, databaseMs: 2, bytes: 0 },
};

describe('the place of a firm', () => {
  test('is the same each time, and each cluster has its part', () => {
    const counts = new Map();
    for (const id of ids) {
      const place = placeOf(id, clusters(6));
      expect(placeOf(id, clusters(6).toReversed())).toBe(place);
      counts.set(place, (counts.get(place) ?? 0) + 1);
    }
    // A thousand each; by chance within four times the square root of what is expected.
    for (const n of counts.values()) expect(Math.abs(n - 1000)).toBeLessThan(4 * Math.sqrt(1000 * (5 / 6)));
  });
  test('moves only to a cluster that is added, and as many as are its part', () => {
    const moved = ids.filter((id) => placeOf(id, clusters(6)) !== placeOf(id, clusters(7)));
    for (const id of moved) expect(placeOf(id, clusters(7))).toBe('c6');
    expect(Math.abs(moved.length - ids.length / 7)).toBeLessThan(4 * Math.sqrt(ids.length / 7));
  });
  test('is twice as often on a cluster of twice the weight', () => {
    const on = (name) => ids.filter((id) => placeOf(id, [{ name: 'a', weight: 2 }, { name: 'b' }]) === name).length;
    expect(on('a') / ids.length).toBeCloseTo(2 / 3, 1);
  });
});

describe('what firms cost', () => {
  test('of one firm in its busiest hour is what its people do then', () => {
    // One at the desk: 60 writes, 20 sheets, 60 jobs a day.
    const share = Math.max(...HOURS) / HOURS.reduce((a, b) => a + b);
    expect(loadOf({ people: 1 }, COSTS)).toEqual({
      serverMs: expect.closeTo(share * (60 * 10 + 20 * 5 + 60 * 50)),
      databaseMs: expect.closeTo(share * (60 * 4 + 20 + 60 * 2)),
      writes: expect.closeTo(share * 60),
      rowBytes: 230 * 60 * 3000,
      photoBytes: 0,
    });
  });
  test('draws the same firms each time, half of them of four people or fewer', () => {
    const people = firmsOf(4001, drawn(7)).map((f) => f.people);
    expect(people).toEqual(firmsOf(4001, drawn(7)).map((f) => f.people));
    expect(people.toSorted((a, b) => a - b)[2000]).toBe(4);
    expect(Math.max(...people)).toBeLessThanOrEqual(80);
  });
  test('fills no cluster past what is allowed, and needs more clusters for more firms', () => {
    const [few, many] = [spreadOf(1000, COSTS), spreadOf(8000, COSTS)];
    for (const s of [few, many]) expect(s.fullest).toBeLessThanOrEqual(CLUSTER.used);
    expect(many.clusters).toBeGreaterThan(few.clusters);
    // Rows fill the disks first here: as many as that takes by hand, or one more where they are spread unevenly.
    const rows = (many.rowGbAYear * 1e9 * CLUSTER.years) / (CLUSTER.diskBytes * CLUSTER.used);
    expect(many.clusters - Math.ceil(rows)).toBeGreaterThanOrEqual(0);
    expect(many.clusters - Math.ceil(rows)).toBeLessThanOrEqual(2);
    expect(many.moved).toBeCloseTo(1 / (many.clusters + 1), 1);
  });
});
