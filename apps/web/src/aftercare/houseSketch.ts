import {
  BLANK_SKETCH,
  fromYard,
  offsetKm,
  onSketch,
  placeAt,
  sketchRound,
  STAITHE,
  type Coordinates,
  type MapPlace,
  type ShelfBeginning,
  type TownMap,
} from '@rustic/core';
import type { CareJob } from '../store/endpoints.ts';

/** The firm as its sketch asks: the demo has its town, any other firm a blank one round its yard. */
interface Sketched {
  shelfFrom: ShelfBeginning;
  yard: Coordinates | null;
}

/** The sketch that a firm's houses stand on, where each stands, and what a tap on it says of a house. */
export interface HouseSketch {
  map: TownMap;
  placed: ReadonlyMap<string, MapPlace>;
  /** A sketch that reaches further: a house that is not on it yet may lie beyond the others. */
  wider: TownMap;
  said: (tapped: MapPlace) => { at: Coordinates } | { mapPlace: MapPlace };
}

/** As a place on the sketch is kept: to ten metres, on the sketch. */
const asKept = (km: number) => Math.min(1000, Math.max(0, Math.round(km * 100) / 100));

/** Lays out the houses of a firm: by coordinates round its yard, or where they were tapped. */
export function houseSketch(
  { shelfFrom, yard }: Sketched,
  jobs: readonly Pick<CareJob, 'id' | 'mapPlace' | 'at'>[],
): HouseSketch {
  if (shelfFrom === 'demo')
    return {
      map: STAITHE,
      wider: STAITHE,
      placed: new Map(jobs.flatMap((j) => (j.mapPlace ? [[j.id, j.mapPlace] as const] : []))),
      said: (mapPlace) => ({ mapPlace }),
    };
  const offsets = new Map(
    jobs.flatMap(({ id, at, mapPlace }) => {
      if (at && yard) return [[id, offsetKm(yard, at)] as const];
      return mapPlace ? [[id, fromYard(BLANK_SKETCH, mapPlace)] as const] : [];
    }),
  );
  const all = [...offsets.values()];
  const map = sketchRound(all);
  const wider = sketchRound(all.map(({ east, north }) => ({ east: 2 * east, north: 2 * north })));
  return {
    map,
    wider,
    placed: new Map([...offsets].map(([id, offset]) => [id, onSketch(map, offset)])),
    said: (tapped) => {
      const offset = fromYard(wider, tapped);
      if (yard) return { at: placeAt(yard, offset) };
      const { x, y } = onSketch(BLANK_SKETCH, offset);
      return { mapPlace: { x: asKept(x), y: asKept(y) } };
    },
  };
}
