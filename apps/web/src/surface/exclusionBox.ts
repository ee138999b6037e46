import type { SketchPlace } from '@rustic/core';
import type { Exclusion } from '@rustic/core';

/** The corners that were tapped, as the box between them; null while they lie on two walls, or on one line. */
export function boxOf(a: SketchPlace, b: SketchPlace): Exclusion['box'] {
  if (a.wall !== b.wall || a.x === b.x || a.y === b.y) return null;
  const round = (v: number) => Math.round(v * 100) / 100;
  return {
    wall: a.wall,
    x: Math.min(a.x, b.x),
    y: Math.min(a.y, b.y),
    widthM: round(Math.abs(a.x - b.x)),
    heightM: round(Math.abs(a.y - b.y)),
  };
}
