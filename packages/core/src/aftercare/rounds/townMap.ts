/** A place on a sketch map, in kilometres from its left upper corner. */
export interface MapPlace {
  x: number;
  y: number;
}

/** A sketch map: what is needed to find one's way, and no more. */
export interface TownMap {
  name: string;
  widthKm: number;
  heightKm: number;
  /** Where roads meet or bend; some have a name that people know. */
  corners: readonly (MapPlace & { name?: string })[];
  /** Roads, each between two corners by their index. */
  roads: readonly (readonly [number, number])[];
  water: readonly { name: string; outline: readonly MapPlace[] }[];
  /** Where the van stands. */
  yard: MapPlace;
}

/** How places of a map lie to each other by its roads. */
export interface Ways {
  /** Kilometres from place to place, by index. */
  km: readonly (readonly number[])[];
  /** The corners on the way, ends included. */
  path: (from: number, to: number) => MapPlace[];
}

/** How much longer a way by road is than the straight line, where no roads are drawn. Source: practice; typical of town and country together. */
export const ROUNDABOUT = 1.3;

/** A sketch on which nothing is drawn but the yard in its middle: a firm puts its houses on it. */
export const BLANK_SKETCH: TownMap = {
  name: 'Round the yard',
  widthKm: 60,
  heightKm: 40,
  corners: [],
  roads: [],
  water: [],
  yard: { x: 30, y: 20 },
};

/** The least that a sketch shows each way from the yard, and how much of it stays empty round the outermost house. */
const NEAREST_KM = 2;
const EMPTY_SHARE = 1.15;

/**
 * A blank sketch that shows every house, by how far east and north of the yard each lies in kilometres: the yard in its
 * middle, in the proportions of `BLANK_SKETCH`. Without houses it is that.
 */
export function sketchRound(houses: readonly { east: number; north: number }[]): TownMap {
  if (houses.length === 0) return BLANK_SKETCH;
  const tall = BLANK_SKETCH.heightKm / BLANK_SKETCH.widthKm;
  const reach = houses.map(({ east, north }) => Math.max(Math.abs(east), Math.abs(north) / tall));
  const half = Math.max(NEAREST_KM, EMPTY_SHARE * Math.max(...reach));
  return { ...BLANK_SKETCH, widthKm: 2 * half, heightKm: 2 * half * tall, yard: { x: half, y: half * tall } };
}

/** A place on a sketch by how far it lies east and north of the yard. */
export const onSketch = ({ yard }: TownMap, { east, north }: { east: number; north: number }): MapPlace => ({
  x: yard.x + east,
  y: yard.y - north,
});
/** How far a place on a sketch lies east and north of the yard. */
export const fromYard = ({ yard }: TownMap, { x, y }: MapPlace): { east: number; north: number } => ({
  east: x - yard.x,
  north: yard.y - y,
});

const apart = (a: MapPlace, b: MapPlace) => Math.hypot(a.x - b.x, a.y - b.y);

/**
 * Shortest ways between places: straight to the nearest corner, by road to the other's, straight to it. Two places at
 * the same corner lie straight apart. Where no roads are drawn, a way is the straight line times `ROUNDABOUT`. Source:
 * Floyd's and Warshall's shortest paths.
 */
export function roadsBetween(map: TownMap, places: readonly MapPlace[]): Ways {
  if (map.corners.length === 0)
    return {
      km: places.map((a) => places.map((b) => apart(a, b) * ROUNDABOUT)),
      path: (from, to) => [places[from]!, places[to]!],
    };
  const { far, next } = betweenCorners(map);
  const cornerOf = places.map((place) => nearestCorner(map, place));
  const off = places.map((place, i) => apart(place, map.corners[cornerOf[i]!]!));
  const km = places.map((a, i) =>
    places.map((b, j) => {
      if (cornerOf[i] === cornerOf[j]) return apart(a, b);
      return off[i]! + far[cornerOf[i]!]![cornerOf[j]!]! + off[j]!;
    }),
  );
  const path = (from: number, to: number): MapPlace[] => {
    if (cornerOf[from] === cornerOf[to]) return [places[from]!, places[to]!];
    const on = [places[from]!];
    for (let at = cornerOf[from]!; at !== -1; at = at === cornerOf[to] ? -1 : next[at]![cornerOf[to]!]!)
      on.push(map.corners[at]!);
    return [...on, places[to]!];
  };
  return { km, path };
}

function nearestCorner({ corners }: TownMap, place: MapPlace): number {
  let best = 0;
  corners.forEach((corner, i) => {
    if (apart(place, corner) < apart(place, corners[best]!)) best = i;
  });
  return best;
}

function betweenCorners({ corners, roads }: TownMap): { far: number[][]; next: number[][] } {
  const far = corners.map((_, i) => corners.map((_c, j) => (i === j ? 0 : Infinity)));
  const next = corners.map(() => corners.map(() => -1));
  for (const [a, b] of roads) {
    far[a]![b] = far[b]![a] = apart(corners[a]!, corners[b]!);
    next[a]![b] = b;
    next[b]![a] = a;
  }
  for (let k = 0; k < corners.length; k++)
    for (let i = 0; i < corners.length; i++)
      for (let j = 0; j < corners.length; j++) {
        const over = far[i]![k]! + far[k]![j]!;
        if (over < far[i]![j]!) {
          far[i]![j] = over;
          next[i]![j] = next[i]![k]!;
        }
      }
  return { far, next };
}
