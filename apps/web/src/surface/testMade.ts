import {
  ADHESION_KINDS,
  isYoungFilm,
  readDuration,
  sayLength,
  type ChipLayer,
  type Family,
  type MoistureScale,
  type Plane,
  type TestKind,
  type TestRecord,
} from '@rustic/core';
import type { TestRow } from '../store/endpoints.ts';

/** What goes with the result of one test or another. */
export interface Beside {
  place: string;
  yellowed: boolean | null;
  plane: Plane | null;
  /** Of a chip, as far as it is told, the top first. */
  layers: ChipLayer[];
  scale: MoistureScale;
  young: boolean;
  family: Family | '' | null;
  /** As they are typed. */
  coats: string;
  waited: string;
}

/** How long a patch had waited, in words that are read again to the minute: a correction moves nothing by itself. */
function waitedOf(minutes: number): string {
  if (!minutes) return '';
  const said = sayLength(minutes);
  return readDuration(said) === minutes ? said : `${minutes} min`;
}

/** What goes with a result to begin with: as the corrected record had it, or nothing said. */
export function besideOf(corrects: TestRow | null): Beside {
  const test = corrects?.test;
  return {
    place: test?.place ?? '',
    yellowed: test?.yellowed ?? null,
    plane: test?.plane ?? null,
    layers: [...(test?.layers ?? [])],
    scale: test?.scale ?? 'wood',
    young: test ? isYoungFilm(test) : false,
    family: test?.family ?? null,
    coats: String(test?.coats ?? 1),
    waited: waitedOf(test?.minutes ?? 0),
  };
}

/** The record of a test: its result, and what goes with it for its kind. */
export function testMade(kind: TestKind, result: Partial<TestRecord>, beside: Beside): TestRecord {
  const { place, yellowed, plane, layers, scale, young, family, coats, waited } = beside;
  return {
    kind,
    ...result,
    ...(place.trim() ? { place: place.trim() } : {}),
    ...(kind === 'sheen-look' && yellowed !== null ? { yellowed } : {}),
    ...((ADHESION_KINDS.includes(kind) || kind === 'spirit-rub') && plane ? { plane } : {}),
    ...(kind === 'chip-look' ? { layers } : {}),
    ...(kind === 'moisture-meter' && scale !== 'wood' ? { scale } : {}),
    ...(ADHESION_KINDS.includes(kind) && young ? { filmAgeHours: 24 } : {}),
    ...(kind === 'test-patch'
      ? {
          coats: Number(coats) || 1,
          minutes: readDuration(waited) ?? 0,
          ...(family ? { family } : {}),
        }
      : {}),
  };
}
