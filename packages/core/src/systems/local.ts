import type { Condition } from '../vocabulary/index.ts';
import { ALL_OVER, isSeenIn } from '../evidence/measured.ts';
import { laysOpen } from '../evidence/knowledge/laysOpen.ts';
import type { Case } from './case.ts';
import { letsGoOfDistemper } from './onDistemper.ts';

const USUAL_AREA_M2 = 10;

/** What is treated, and lies, in its spots where it was measured as a small part; the rest has its place by its nature. */
const MEASURED: readonly Condition[] = [
  'greasy',
  'mould',
  'paste-residue',
  'wax',
  'soot',
  'chalking',
  'efflorescence',
  'old-runs',
  'glossy',
];
/** A test found it in a place by name: it is treated by that name. A place that something else set apart has its spots. */
const isFoundByName = ({ d: { zones, surface } }: Case, code: Condition): boolean =>
  zones.some((zone) => isSeenIn(zone, code, surface));
/** The film was found to let go in a place by name. */
const letsGoByName = ({ d }: Case): boolean =>
  d.zones.some(({ places, findings }) => places.length > 0 && findings.adhesion === 'weak');

/** True where that is so here. */
export const isInSpots = (c: Case, code: Condition): boolean =>
  MEASURED.includes(code) && isLocal(c, code) && !isFoundByName(c, code);

/** It stands, and nobody measured it as a small part: what is done about it is done to the whole. */
export const standsAllOver = (c: Case, code: Condition): boolean => c.is(code) && !isInSpots(c, code);

/** The scope of a step that treats it: its spots, else all over. */
export const whereMeasured = (c: Case, code: Condition): { scope?: 'spots' } =>
  isInSpots(c, code) ? { scope: 'spots' } : {};

/** True where all of these that stand were measured, and are together a small part of the surface: what is local stays local. */
export function isLocal(c: Case, ...codes: Condition[]): boolean {
  const { areaM2, extents } = c.d.surface;
  const standing = codes.filter((code) => c.is(code));
  const sizes = standing.map((code) => extents[code]?.areaM2 ?? null);
  if (!sizes.length || sizes.includes(null)) return false;
  return sizes.reduce<number>((sum, size) => sum + size!, 0) < ALL_OVER * (areaM2 ?? USUAL_AREA_M2);
}

/**
 * True where what lets go was measured, all of it, and is a small part of a film that nobody found to let go elsewhere.
 * Powder under a film lies under all of it: what has come away so far is no measure of what will.
 */
export const letsGoInSpots = (c: Case): boolean =>
  isLocal(c, ...laysOpen(c.d.surface.substrate)) && !letsGoByName(c) && !letsGoOfDistemper(c);

/** The scope of what is done where the film lets go. */
export const whereItLetsGo = (c: Case): { scope?: 'bare-areas' } => (letsGoInSpots(c) ? { scope: 'bare-areas' } : {});
