import {
  DAMAGE,
  damageZone,
  hashOf,
  looksAt,
  marksThatStand,
  testsThatStand,
  usualFace,
  wallsOf,
  type Damage,
  type DamageZone,
  type Look,
  type SketchWall,
} from '@rustic/core';
import { LRUCache } from 'lru-cache';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { JobRecords } from './jobRecords.ts';
import { paintedM2 } from './leftOut.ts';

/** The sketch of the room that a surface is in; null: it has none. */
export const sketchOf = (records: JobRecords, surface: SurfaceEntity) =>
  records.rooms.find((r) => r.id === surface.roomId)?.sketch ?? null;

/** What a surface is drawn on where nobody has said it. */
export const usualFaceOf = (records: JobRecords, surface: SurfaceEntity) =>
  usualFace(
    { element: surface.facts.element, areaM2: paintedM2(surface) },
    surface.measure,
    sketchOf(records, surface),
  );

/** What damage is marked on: the walls of the room's sketch, or the surface's own face. */
export const faceWalls = (records: JobRecords, surface: SurfaceEntity): readonly SketchWall[] =>
  wallsOf(surface.colourParts?.face ?? usualFaceOf(records, surface), sketchOf(records, surface));

/** The marks of a surface that stand. */
export const marksOf = (records: JobRecords, surface: SurfaceEntity) =>
  marksThatStand(records.damage.filter((m) => m.surfaceId === surface.id));

/** Kinds of damage that somebody marked as there. */
export const damageMarked = (records: JobRecords, surface: SurfaceEntity): Damage[] => {
  const there = new Set<string>(marksOf(records, surface).flatMap((m) => (m.there ? [m.what] : [])));
  return DAMAGE.filter((damage) => there.has(damage));
};

const zones = new LRUCache<string, { zone: DamageZone | null }>({ max: 500 });

/** A zone, reckoned once for the same looks on the same walls. */
function zoneOf(damage: Damage, looks: readonly Look[], walls: readonly SketchWall[]): DamageZone | null {
  const key = hashOf({ damage, looks, walls });
  let kept = zones.get(key);
  if (!kept) zones.set(key, (kept = { zone: damageZone(damage, looks, walls) }));
  return kept.zone;
}

/** Every bad zone of a surface, from marks and from tests that were made at a place; none where nothing was marked on it. */
export function zonesOn(
  records: JobRecords,
  surface: SurfaceEntity,
): { damage: Damage; looks: Look[]; zone: DamageZone }[] {
  const marks = marksOf(records, surface);
  const tests = testsThatStand(records.tests).filter((t) => t.surfaceId === surface.id && t.mark);
  if (marks.length === 0 && tests.length === 0) return [];
  const walls = faceWalls(records, surface);
  return DAMAGE.flatMap((damage) => {
    const looks = looksAt(damage, marks, tests);
    const zone = zoneOf(damage, looks, walls);
    return zone ? [{ damage, looks, zone }] : [];
  });
}

/** Damage whose size is an area; a crack has a length, and rot is counted. */
const SIZED: readonly Damage[] = DAMAGE.filter((damage) => damage !== 'substrate-crack' && damage !== 'rot');

/** Bad zones of what was marked on a surface, of the kinds that have an area. */
function zonesMarked(records: JobRecords, surface: SurfaceEntity) {
  const marked = damageMarked(records, surface).filter((damage) => SIZED.includes(damage));
  if (marked.length === 0) return [];
  return zonesOn(records, surface).filter(({ damage }) => marked.includes(damage));
}

/** Sizes of what was marked, for conditions that nobody measured: what is priced until somebody does. In m². */
export const extentsMarked = (
  records: JobRecords,
  surface: SurfaceEntity,
): Partial<Record<Damage, { areaM2: number }>> =>
  Object.fromEntries(zonesMarked(records, surface).map(({ damage, zone }) => [damage, { areaM2: zone.likelyM2 }]));

/** What was marked and nobody measured, with its size at either end. */
export function unmeasuredZones(records: JobRecords, surface: SurfaceEntity) {
  const found = records.findings.filter((f) => f.surfaceId === surface.id).flatMap((f) => Object.keys(f.extents));
  const measured = new Set([...Object.keys(surface.facts.extents ?? {}), ...found]);
  return zonesMarked(records, surface)
    .filter(({ damage }) => !measured.has(damage))
    .map(({ damage, zone: { lowM2, highM2 } }) => ({ damage, lowM2, highM2 }));
}
