import { expect, test } from '@jest/globals';
import { intoPicture, type PatchSetting } from '@rustic/core';
import { CORNERS, UNSET, withEdge } from '../src/patchPicture/setting.ts';

const SLANTED: PatchSetting = {
  corners: {
    topLeft: { x: 0.1, y: 0.2 },
    topRight: { x: 0.8, y: 0.12 },
    bottomRight: { x: 0.9, y: 0.85 },
    bottomLeft: { x: 0.15, y: 0.7 },
  },
  band: { from: 0.4, to: 0.6 },
};

test.each([UNSET, SLANTED])('an edge drawn to where a line of the patches is lies on that line', (setting) => {
  const into = intoPicture(setting.corners);
  expect(withEdge(setting, 'from', into(0.5, 0.25)).band.from).toBeCloseTo(0.25, 4);
  expect(withEdge(setting, 'to', into(0.5, 0.9)).band.to).toBeCloseTo(0.9, 4);
});

test('the edges of the strong colour never cross, nor leave the patches', () => {
  const into = intoPicture(SLANTED.corners);
  const up = withEdge(SLANTED, 'to', into(0.5, 0.1)).band;
  expect(up.to).toBeGreaterThan(up.from);
  expect(withEdge(SLANTED, 'to', { x: 0.5, y: 1 }).band.to).toBeCloseTo(1, 4);
  expect(withEdge(SLANTED, 'from', { x: 0.5, y: 0 }).band.from).toBeCloseTo(0, 4);
  expect(withEdge(SLANTED, 'from', into(0.5, 0.9)).band.from).toBeLessThan(SLANTED.band.to);
});

test('the corners stand in their order round, each named once', () => {
  const turn = CORNERS.map(({ name }) => UNSET.corners[name]);
  const area = turn.reduce((sum, { x, y }, i) => sum + x * turn[(i + 1) % 4]!.y - turn[(i + 1) % 4]!.x * y, 0);
  expect(area).toBeGreaterThan(0);
  expect(new Set(CORNERS.map(({ words }) => words)).size).toBe(4);
});
