import type { JointLine, SketchPlace, SketchWall } from '@rustic/core';

/** A way that a joint often runs, from a place that was tapped. */
export interface Run {
  words: string;
  line: JointLine;
}

/** How near an opening a tap may be, in metres, and still be meant for it. */
const NEAR_M = 0.35;

const rounded = (m: number) => Math.round(m * 100) / 100;

/** How a joint may run on the wall where somebody tapped: along its foot or top, up its corner, round an opening. */
export function runsFrom(place: SketchPlace, walls: readonly SketchWall[]): Run[] {
  const wall = walls[place.wall];
  if (!wall) return [];
  const { widthM, heightM, openings } = wall;
  const on = (...points: [number, number][]): JointLine => ({
    wall: place.wall,
    points: points.map(([x, y]) => ({ x: rounded(x), y: rounded(y) })),
  });
  const end = place.x < widthM / 2 ? 0 : widthM;
  const opening = openings.find(
    (o) =>
      place.x >= o.x - NEAR_M &&
      place.x <= o.x + o.widthM + NEAR_M &&
      place.y >= o.y - NEAR_M &&
      place.y <= o.y + o.heightM + NEAR_M,
  );
  return [
    ...(opening ? [{ words: `round the ${opening.kind}`, line: on(...outlineOf(opening)) }] : []),
    { words: 'along the foot', line: on([0, 0], [widthM, 0]) },
    { words: 'along the top', line: on([0, heightM], [widthM, heightM]) },
    { words: 'level, from end to end', line: on([0, place.y], [widthM, place.y]) },
    { words: 'up the corner', line: on([end, 0], [end, heightM]) },
  ];
}

/** Round an opening; one that stands on the floor is gone round on three sides. */
function outlineOf({ x, y, widthM, heightM }: SketchWall['openings'][number]): [number, number][] {
  const [left, right, top] = [x, x + widthM, y + heightM];
  const three: [number, number][] = [
    [left, y],
    [left, top],
    [right, top],
    [right, y],
  ];
  return y > 0 ? [...three, [left, y]] : three;
}
