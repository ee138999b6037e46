import clipping, { type MultiPolygon, type Pair, type Polygon } from 'polygon-clipping';
import type { SketchWall } from '../model/records/room.ts';
import type { PartShape } from '../model/colourParts.ts';
import { outlineOn } from './outlines.ts';

/** What a part covers of one wall: polygons with their holes, metres from the wall's left and from the floor. */
export type Region = MultiPolygon;

/** Coordinates are kept to a tenth of a millimetre: nearer points are one point. */
const GRID = 1e4;
const onGrid = (v: number) => Math.round(v * GRID) / GRID;

/** Rings on the grid, without neighbours that have become one point. */
function polygon(points: readonly Pair[]): Polygon {
  const ring = points.map(([x, y]): Pair => [onGrid(x), onGrid(y)]);
  return [ring.filter(([x, y], i) => i === 0 || x !== ring[i - 1]![0] || y !== ring[i - 1]![1])];
}

const box = (x: number, y: number, w: number, h: number): Polygon =>
  polygon([
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ]);

const bounded = (region: Region, within: Region) =>
  region.length && within.length ? clipping.intersection(region, within) : [];
const without = (region: Region, cut: readonly Region[]) => {
  const cuts = cut.filter((c) => c.length);
  return region.length && cuts.length ? clipping.difference(region, ...cuts) : region;
};
/** Several regions as one. */
export const joined = (regions: readonly Region[]): Region => {
  const there = regions.filter((r) => r.length);
  return there.length ? clipping.union(there[0]!, ...there.slice(1)) : [];
};

/** What of a wall is painted: without its openings. */
export const paintedWall = (wall: SketchWall): Region =>
  without(
    [box(0, 0, wall.widthM, wall.heightM)],
    wall.openings.map((o) => [box(o.x, o.y, o.widthM, o.heightM)]),
  );

/** What each shape would cover of each wall, were it alone: within the wall and out of its openings. */
export function wholeRegions(shapes: readonly PartShape[], walls: readonly SketchWall[]): Region[][] {
  const painted = walls.map(paintedWall);
  return shapes.map((shape) =>
    walls.map((_, w) => bounded(joined(outlineOn(shape, walls, w).map((points) => [polygon(points)])), painted[w]!)),
  );
}

/** What is seen of each part on each wall, in the order of the list: without what later parts cover. */
export const seenRegions = (whole: readonly (readonly Region[])[]): Region[][] =>
  whole.map((regions, k) =>
    regions.map((region, w) =>
      without(
        region,
        whole.slice(k + 1).map((later) => later[w]!),
      ),
    ),
  );

/** Regions that meet in less than this do not reach under one another, in m². */
const LEAST_LAP_M2 = 1e-3;

/** True where two regions cover some of the same wall. */
export const overlap = (one: Region, other: Region): boolean =>
  one.length > 0 && other.length > 0 && !apart(one, other) && areaOfRegion(bounded(one, other)) > LEAST_LAP_M2;

/** What is seen of the ground on each wall: all that no part covers. */
export const groundsSeen = (walls: readonly SketchWall[], parts: readonly (readonly Region[])[]): Region[] =>
  walls.map((wall, w) =>
    without(
      paintedWall(wall),
      parts.map((regions) => regions[w]!),
    ),
  );

const ringArea = (ring: readonly Pair[]) =>
  ring.reduce((sum, [x, y], i) => {
    const [nx, ny] = ring[(i + 1) % ring.length]!;
    return sum + x * ny - nx * y;
  }, 0) / 2;
const ringLength = (ring: readonly Pair[]) =>
  ring.reduce((sum, [x, y], i) => {
    const [nx, ny] = ring[(i + 1) % ring.length]!;
    return sum + Math.hypot(nx - x, ny - y);
  }, 0);

/** Area of a region in m²: outer rings less their holes. */
export const areaOfRegion = (region: Region): number =>
  region.reduce(
    (sum, [outer, ...holes]) =>
      sum + Math.abs(ringArea(outer!)) - holes.reduce((gone, hole) => gone + Math.abs(ringArea(hole)), 0),
    0,
  );

/** Length of all that bounds a region, in metres. */
export const boundOfRegion = (region: Region): number =>
  region.reduce((sum, rings) => sum + rings.reduce((all, ring) => all + ringLength(ring), 0), 0);

/** From where to where a region reaches: left, foot, right, top. */
function reachOf(region: Region): readonly [number, number, number, number] {
  const points = region.flatMap(([outer]) => outer!);
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}
const apart = (a: Region, b: Region) => {
  const [[al, af, ar, at], [bl, bf, br, bt]] = [reachOf(a), reachOf(b)];
  return al > br || bl > ar || af > bt || bf > at;
};

/** How long the line is along which two regions meet, in metres: what bounds both goes where they are joined. */
export function sharedLine(one: Region, other: Region): number {
  if (!one.length || !other.length || apart(one, other)) return 0;
  return Math.max(0, (boundOfRegion(one) + boundOfRegion(other) - boundOfRegion(joined([one, other]))) / 2);
}
