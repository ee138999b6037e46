import {
  unfoldedAt,
  type ColourPart,
  type ColourParts,
  type PartShape,
  type SketchPlace,
  type SketchWall,
} from '@rustic/core';

export type ShapeKind = PartShape['kind'];

/** What can be put on a face, in the order in which it is offered. */
export const SHAPE_WORDS: Record<ShapeKind, string> = {
  band: 'Band',
  stripes: 'Stripes',
  wave: 'Wave',
  outline: 'Drawn outline',
  figures: 'In figures',
};

/** What is drawn is kept to the centimetre: the wall is no straighter. */
const cm = (m: number) => Math.round(m * 100) / 100;
const within = (m: number, from: number, to: number) => Math.max(from, Math.min(to, m));
/** No shape is narrower than this, or it could not be taken hold of again. */
const LEAST_M = 0.02;

/** A letter that no part of the surface has had: steps and marks are named after it. */
const freeId = (parts: readonly ColourPart[]) => {
  const taken = new Set(parts.map((p) => p.id));
  for (let n = 1; ; n++) if (!taken.has(`p${n}`)) return `p${n}`;
};
const freeName = (parts: readonly ColourPart[], name: string) => {
  const taken = new Set(parts.map((p) => p.name.toLowerCase()));
  if (!taken.has(name.toLowerCase())) return name;
  for (let n = 2; ; n++) if (!taken.has(`${name} ${n}`.toLowerCase())) return `${name} ${n}`;
};

const NAMES: Record<ShapeKind, string> = {
  band: 'below the rail',
  stripes: 'the stripes',
  wave: 'below the wave',
  outline: 'the outline',
  figures: 'the inside',
};

/** Where most of a wall is free of openings: which wall, the middle of the free piece, and how wide it is. */
function widestFree(walls: readonly SketchWall[]) {
  const free = walls.flatMap(({ widthM, openings }, wall) => {
    const sorted = [...openings].sort((a, b) => a.x - b.x);
    const edges = [0, ...sorted.flatMap((o) => [o.x, o.x + o.widthM]), widthM];
    return Array.from({ length: edges.length / 2 }, (_, i) => {
      const [from, to] = [edges[2 * i]!, edges[2 * i + 1]!];
      return { wall, x: (from + to) / 2, widthM: to - from };
    });
  });
  return free.reduce((best, one) => (one.widthM > best.widthM ? one : best), { wall: 0, x: 1, widthM: 0 });
}

/** How a shape of this kind begins on these walls: where most are wanted, to be drawn right. */
export function firstShape(kind: ShapeKind, walls: readonly SketchWall[]): PartShape {
  const all = walls.map((_, i) => i);
  const height = Math.min(2.4, ...walls.map((w) => w.heightM));
  const [first] = walls;
  switch (kind) {
    case 'band':
      return { kind, walls: all, fromM: 0, toM: cm(height * 0.4) };
    case 'stripes':
      return {
        kind,
        walls: [0],
        way: 'upright',
        firstM: 0.3,
        widthM: 0.3,
        gapM: 0.3,
        count: Math.max(1, Math.floor(((first?.widthM ?? 3) - 0.3) / 0.6)),
      };
    case 'wave':
      return {
        kind,
        walls: all,
        side: 'below',
        heightM: cm(height * 0.5),
        swingM: cm(height * 0.06),
        lengthM: 1.2,
        startM: 0.3,
      };
    case 'outline': {
      const { wall, x, widthM } = widestFree(walls);
      const [y, r] = [height / 2, Math.min(height, widthM) * 0.28];
      const corner = (dx: number, dy: number) => ({ x: cm(x + dx * r), y: cm(y + dy * r) });
      return { kind, wall, round: true, points: [corner(-1, -0.7), corner(1, -0.7), corner(1, 0.7), corner(-1, 0.7)] };
    }
    case 'figures':
      return { kind, areaM2: 1, edgeM: 0 };
  }
}

export const addPart = (
  given: ColourParts,
  kind: ShapeKind,
  walls: readonly SketchWall[],
  colour: string,
): ColourParts => ({
  ...given,
  parts: [
    ...given.parts,
    {
      id: freeId(given.parts),
      name: freeName(given.parts, NAMES[kind]),
      colour,
      sheen: null,
      shape: firstShape(kind, walls),
      note: '',
    },
  ],
});

export const changePart = (given: ColourParts, id: string, change: Partial<ColourPart>): ColourParts => ({
  ...given,
  parts: given.parts.map((p) => (p.id === id ? { ...p, ...change } : p)),
});

export const withoutPart = (given: ColourParts, id: string): ColourParts => ({
  ...given,
  parts: given.parts.filter((p) => p.id !== id),
});

/** Lays a part over the one after it, or back under the one before. */
export function liftPart(given: ColourParts, id: string, by: 1 | -1): ColourParts {
  const at = given.parts.findIndex((p) => p.id === id);
  const to = at + by;
  if (at < 0 || to < 0 || to >= given.parts.length) return given;
  const parts = [...given.parts];
  [parts[at], parts[to]] = [parts[to]!, parts[at]!];
  return { ...given, parts };
}

/** A place of a shape that is drawn to where it shall be. */
export interface ShapeHandle {
  id: string;
  words: string;
  place: SketchPlace;
  /** The shape, were it drawn there. Where along the walls, and how high: in metres. */
  to: (x: number, y: number) => PartShape;
}

/** Where a shape is taken hold of, on the first of its walls. */
export function handlesOf(shape: PartShape, walls: readonly SketchWall[]): ShapeHandle[] {
  if (shape.kind === 'figures') return [];
  const wall = shape.kind === 'outline' ? shape.wall : (shape.walls[0] ?? 0);
  const on = walls[wall];
  if (!on) return [];
  const at = (x: number, y: number): SketchPlace => ({ wall, x: within(x, 0, on.widthM), y: within(y, 0, on.heightM) });
  switch (shape.kind) {
    case 'band':
      return [
        {
          id: 'top',
          words: 'Upper edge',
          place: at(on.widthM / 2, shape.toM),
          to: (_x, y) => ({ ...shape, toM: Math.max(cm(y), cm(shape.fromM + LEAST_M)) }),
        },
        {
          id: 'foot',
          words: 'Lower edge',
          place: at(on.widthM / 2, shape.fromM),
          to: (_x, y) => ({ ...shape, fromM: Math.min(Math.max(0, cm(y)), cm(shape.toM - LEAST_M)) }),
        },
      ];
    case 'stripes':
      return stripeHandles(shape, at, on);
    case 'wave':
      return waveHandles(shape, at, walls, wall);
    case 'outline':
      return shape.points.map((p, i) => ({
        id: `p${i}`,
        words: `Point ${i + 1}`,
        place: at(p.x, p.y),
        to: (x, y) => ({ ...shape, points: shape.points.map((was, k) => (k === i ? { x: cm(x), y: cm(y) } : was)) }),
      }));
  }
}

type At = (x: number, y: number) => SketchPlace;

function stripeHandles(shape: Extract<PartShape, { kind: 'stripes' }>, at: At, on: SketchWall): ShapeHandle[] {
  const isUpright = shape.way === 'upright';
  const place = (along: number) => (isUpright ? at(along, on.heightM / 2) : at(on.widthM / 2, along));
  const along = (x: number, y: number) => (isUpright ? x : y);
  return [
    {
      id: 'first',
      words: 'Where the first begins',
      place: place(shape.firstM),
      to: (x, y) => ({ ...shape, firstM: Math.max(0, cm(along(x, y))) }),
    },
    {
      id: 'width',
      words: 'Where the first ends',
      place: place(shape.firstM + shape.widthM),
      to: (x, y) => ({ ...shape, widthM: Math.max(LEAST_M, cm(along(x, y) - shape.firstM)) }),
    },
    {
      id: 'gap',
      words: 'Where the second begins',
      place: place(shape.firstM + shape.widthM + shape.gapM),
      to: (x, y) => ({ ...shape, gapM: Math.max(0, cm(along(x, y) - shape.firstM - shape.widthM)) }),
    },
  ];
}

function waveHandles(
  shape: Extract<PartShape, { kind: 'wave' }>,
  at: At,
  walls: readonly SketchWall[],
  wall: number,
): ShapeHandle[] {
  // Walls before this one: the line runs on along all of them.
  const before = unfoldedAt({ walls }, 0).x[wall]!;
  const first = (((shape.startM - before) % shape.lengthM) + shape.lengthM) % shape.lengthM;
  return [
    {
      id: 'middle',
      words: 'Where it rises, and how high',
      place: at(first, shape.heightM),
      to: (x, y) => ({ ...shape, heightM: Math.max(0, cm(y)), startM: cm(x + before) }),
    },
    {
      id: 'crest',
      words: 'Its crest: how far it swings',
      place: at(first + shape.lengthM / 4, shape.heightM + shape.swingM),
      to: (_x, y) => ({ ...shape, swingM: Math.max(0, cm(y - shape.heightM)) }),
    },
    {
      id: 'end',
      words: 'Where it has swung once',
      place: at(first + shape.lengthM, shape.heightM),
      to: (x) => ({ ...shape, lengthM: Math.max(0.1, cm(x - first)) }),
    },
  ];
}

/** An outline with one point more, in the middle of the longest side that touches the point nearest to the tap. */
export function withPoint(shape: Extract<PartShape, { kind: 'outline' }>, x: number, y: number): PartShape {
  const n = shape.points.length;
  const offLine = (i: number) => {
    const [a, b] = [shape.points[i]!, shape.points[(i + 1) % n]!];
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    return Math.hypot(x - a.x, y - a.y) + Math.hypot(x - b.x, y - b.y) - length;
  };
  const at = shape.points.map((_, i) => i).reduce((best, i) => (offLine(i) < offLine(best) ? i : best), 0);
  return {
    ...shape,
    points: [...shape.points.slice(0, at + 1), { x: cm(x), y: cm(y) }, ...shape.points.slice(at + 1)],
  };
}
