import { groundOf, isClosed } from '../evidence/facts.ts';
import { letsGo } from '../evidence/bonds.ts';
import { laysOpen } from '../evidence/knowledge/laysOpen.ts';
import type { Diagnosis } from '../evidence/diagnosis.ts';
import type { Condition, Ground } from '../vocabulary/index.ts';
import type { Case } from '../systems/case.ts';
import { isKnownWaterborneClear, isStained } from '../systems/knowledge/situations/oldFilm.ts';
import { isLettingGo } from '../systems/lettingGo.ts';
import { isInSpots, isLocal, letsGoInSpots } from '../systems/local.ts';
import {
  hasRawEdges,
  mayBleedDye,
  movesInItsFirstYear,
  rusts,
  rustsThroughZinc,
  stillFresh,
} from '../systems/siteWork.ts';
import { AT, cleanFace, raise, sameFace, type Face, type FaceKind } from './face.ts';
import { UNKNOWN_DIFFERENCE } from '../systems/knowledge/hiding.ts';
import { RISES_FROM } from './knowledge/rising.ts';
import {
  DRINKS,
  FILLED,
  FILLER_DRINKS,
  GREASE_OF_WORKS,
  GROUND_FACE,
  OLD_FACE,
  PEELS_OUTSIDE_FOR_A_REASON,
  RAW_EDGES,
  STANDING_ROWS,
  USUAL_GLOSS,
  USUAL_GREASE,
  USUAL_NIBS,
  USUAL_POWDER,
  USUAL_SHARE,
} from './knowledge/standing.ts';

/** The face of the ground itself, where nothing lies on it. */
export function groundFace(c: Case, part: Face['part'] = 'main'): FaceKind {
  const { substrate } = c.d.surface;
  if (part === 'bare-areas' && rustsThroughZinc(c)) return 'iron';
  if (substrate === 'drywall') return 'board';
  if (c.ground === 'metal' && substrate !== 'ferrous-metal') return 'bright-metal';
  return GROUND_FACE[groundOf(substrate)];
}

/** Rust through zinc where paint let go as well: iron lies bare in spots, and zinc in the rest. */
const rustsInSpots = (c: Case) =>
  c.d.surface.substrate === 'galvanised-metal' && c.is('rust-stain') && !rustsThroughZinc(c);

/** It rusts itself: rust beside a nail in plaster or timber is a stain. */
const isRusty = (c: Case) => c.is('rust-stain') && rusts(c);

/** What the last wipe, look and handling say of a face beside its conditions. */
function asUsed(face: Face, c: Case): void {
  const { surface, findings } = c.d;
  face.has[AT.gloss] = USUAL_GLOSS[face.kind][c.joinery ? 0 : 1];
  const look = c.d.tests.findLast((t) => t.kind === 'sheen-look')?.result;
  if (look && DRINKS[face.kind] === undefined) face.has[AT.gloss] = GLOSS_SEEN[look] ?? face.has[AT.gloss]!;
  const used = surface.isNew !== true && !(c.bare && DRINKS[face.kind] !== undefined);
  if (used)
    raise(
      face,
      'grease',
      surface.exposure === 'interior-grease'
        ? USUAL_GREASE.greaseRoom
        : face.kind === 'laminate' || face.kind === 'hard'
          ? USUAL_GREASE.laminate
          : surface.exposure === 'interior-hightouch'
            ? USUAL_GREASE.hightouch
            : c.joinery
              ? USUAL_GREASE.woodwork
              : USUAL_GREASE.otherwise,
    );
  if (surface.isNew === true) raise(face, 'grease', GREASE_OF_WORKS[c.ground] ?? 0);
  raise(
    face,
    'nibs',
    // Masonry is rough by nature, and nobody wants it otherwise.
    surface.texture !== 'smooth' || c.ground === 'masonry'
      ? 0
      : face.kind === 'timber'
        ? USUAL_NIBS.timber
        : DRINKS[face.kind] === undefined
          ? USUAL_NIBS.painted
          : USUAL_NIBS.otherwise,
  );
  // A wall that paper came off was never left dusty by the plasterer.
  const stripped = c.is('paste-residue', 'torn-board-face');
  const powder = surface.sanded === true ? 0.7 : stripped ? 0 : (USUAL_POWDER[face.kind] ?? 0);
  if (!findings.handWipeClean) raise(face, 'powder', powder);
  raise(face, 'suction', DRINKS[face.kind] ?? 0);
}
const GLOSS_SEEN: Readonly<Record<string, number>> = {
  flat: 0.05,
  eggshell: 0.3,
  satin: 0.55,
  'semi-gloss': 0.8,
  gloss: 1,
};

const PARTS = ['main', 'spots', 'bare-areas'] as const;

/** How surely the old film lets go: by the weakest bond in its stack. */
function oldBond(face: Face, c: Case): void {
  if (c.bare || c.treatAs === 'wax') return;
  // Distemper gives way in itself, whatever holds it.
  if (c.treatAs === 'distemper') raise(face, 'chalk', 0.5);
  else raise(face, 'weak', letsGo(c.d.bonds[c.treatAs]));
}

/** On plastic and metal chalk is the skin of the ground itself, and comes off with it. */
const CHALK_ON_CLOSED = 0.3;
/** A palm that is only dusted shows so much of the chalk of one that is white. */
const LITTLE_CHALK = 0.5;

const chalkSeen = (c: Case): number => {
  const wiped = c.d.tests.findLast((t) => t.kind === 'hand-wipe')?.result;
  return (wiped === 'light' ? LITTLE_CHALK : 1) * (isClosed(c.ground) ? CHALK_ON_CLOSED : 1);
};

function standingOn(face: Face, c: Case): void {
  const opens = laysOpen(c.d.surface.substrate);
  const inSpots = letsGoInSpots(c);
  for (const row of STANDING_ROWS) {
    if (!c.is(row.condition) || (row.when && !row.when(c))) continue;
    if (isOfSpots(row, c) && face.part !== 'spots') continue;
    if (inSpots && opens.includes(row.condition) && face.part !== 'bare-areas') continue;
    raise(face, row.trait, row.condition === 'chalking' ? row.amount * chalkSeen(c) : row.amount);
  }
  for (const row of RISES_FROM) {
    if (!c.is(row.condition)) continue;
    const part = partOf(row, c);
    if (part === 'main' || face.part === part) rise(face, row.riser, row.strength);
  }
  raise(face, 'damp', stillFresh(c)?.damp ?? 0);
  if (c.treatAs === 'wax') raise(face, 'wax', 0.9);
  if (c.treatAs === 'clear' && !c.clear && mayBleedDye(c)) rise(face, 'block-tannin', 0.7);
  if (c.treatAs === 'aerosol') rise(face, 'block-ink', 0.7);
  if (c.bare && c.d.surface.substrate === 'tannin-wood' && !c.clear) rise(face, 'block-tannin', 0.85);
  if (face.kind === 'iron') rise(face, 'block-rust', c.outside ? 0.8 : 0.6);
  if (c.d.findings.hollow) face.has[AT.hollow] = 0.95;
}
const rise = (face: Face, riser: Parameters<Face['rises']['set']>[0], strength: number) =>
  face.rises.set(riser, Math.max(face.rises.get(riser) ?? 0, strength));

/** It stands in spots by its nature, or was measured as a small part of the surface. */
const isOfSpots = (row: { condition: Condition; part?: Face['part'] }, c: Case): boolean =>
  row.part === 'spots' || isInSpots(c, row.condition);

/** On iron, rust is where it lies bare; what was measured as a small part of the surface lies there and not elsewhere. */
const partOf = (row: { condition: Condition; part?: Face['part'] }, c: Case): Face['part'] =>
  row.condition === 'rust-stain' && rusts(c)
    ? rustsInSpots(c)
      ? 'spots'
      : 'bare-areas'
    : row.part === 'main' && !isLocal(c, row.condition)
      ? 'main'
      : 'spots';

/** What share of the surface these were measured as, together; 0 where none was. */
function measuredShare(conditions: readonly Condition[], c: Case): number {
  const { areaM2, extents } = c.d.surface;
  const measured = conditions.reduce((sum, code) => sum + (extents[code]?.areaM2 ?? 0), 0);
  return measured && areaM2 ? Math.min(1, measured / areaM2) : 0;
}

/** Whether there is a part of this kind here at all, and how large. */
function shareOf(part: Face['part'], c: Case): number {
  if (part === 'main') return 1;
  if (part === 'bare-areas') {
    const lets = isLettingGo(c, 'weathered-wood', 'cracking') || isRusty(c);
    if (!lets || c.bare) return 0;
    return letsGoInSpots(c) ? measuredShare(laysOpen(c.d.surface.substrate), c) : USUAL_SHARE.bare;
  }
  const found = [
    ...STANDING_ROWS.filter((row) => isOfSpots(row, c)),
    ...RISES_FROM.filter((row) => partOf(row, c) === 'spots'),
  ].filter((row) => c.is(row.condition));
  if (!found.length) return hasRawEdges(c) ? USUAL_SHARE.spots : 0;
  const conditions = found.map((row) => row.condition);
  return measuredShare(conditions, c) || USUAL_SHARE.spots;
}

const known = new WeakMap<Diagnosis, Map<string, readonly Face[]>>();

/** What lies on the surface before anything is done, part by part, were `c.treatAs` what is there. Read once, and given as a copy to work on. */
export function facesOf(c: Case): Face[] {
  let read = known.get(c.d);
  if (!read) known.set(c.d, (read = new Map<string, readonly Face[]>()));
  const asked = `${c.treatAs}/${c.clear}/${c.shift.difference}`;
  let faces = read.get(asked);
  if (!faces) read.set(asked, (faces = partsOf(c)));
  return faces.map(sameFace);
}

/** Timber, and the board under laminate. */
const WOODY: readonly Ground[] = ['timber', 'laminate'];

/** End grain and rot lie open, whatever is on the rest. */
function laidOpen(face: Face): void {
  face.kind = 'timber';
  face.has[AT.gloss] = 0;
  face.rises.clear();
}

/** A scratch in metal reaches it, and is feathered and not filled. */
function scratchedThrough(face: Face, c: Case): void {
  openTo(face, groundFace(c));
  sandedOut(face);
}
/** A scratch that is sanded out with the rest. */
function sandedOut(face: Face): void {
  face.has[AT.holes] = Math.min(face.has[AT.holes]!, FEATHERED);
}
const FEATHERED = 0.1;

/** Rust and weather have taken the film to the ground somewhere, whatever layers it had. */
export const wornToTheGround = (c: Case) => isRusty(c) || c.is('weathered-wood');

/** It is worn to the ground and lets go nowhere else: that lies open before anybody scrapes. */
const liesOpen = (c: Case) => wornToTheGround(c) && !isLettingGo(c);

/** Nothing lies on the ground any more: it is dull, and drinks. */
export function openTo(face: Face, ground: FaceKind): void {
  face.kind = ground;
  face.has[AT.gloss] = 0;
  raise(face, 'suction', DRINKS[ground] ?? 0);
}

/** A clear film is slick as varnish, but where it is known to be of water: that takes its like as paint does. */
function clearFace(c: Case): FaceKind | null {
  if (isKnownWaterborneClear(c)) return 'waterborne';
  return isStained(c) ? 'stained' : OLD_FACE.clear;
}

function partsOf(c: Case): Face[] {
  const kind = (c.treatAs === 'clear' ? clearFace(c) : OLD_FACE[c.treatAs]) ?? groundFace(c);
  return PARTS.flatMap((part): Face[] => {
    const share = shareOf(part, c);
    if (!share) return [];
    const face = cleanFace(kind, part, share);
    asUsed(face, c);
    standingOn(face, c);
    oldBond(face, c);
    // Where the ground lies open there is no film left to let go but at its edges.
    if (part === 'bare-areas') raise(face, 'weak', liesOpen(c) ? 0.3 : 0.9);
    if (part === 'bare-areas' && liesOpen(c)) openTo(face, groundFace(c, part));
    if (part === 'spots' && c.is(...FILLED)) raise(face, 'suction', FILLER_DRINKS);
    if (part === 'spots' && c.is('end-grain', 'rot') && WOODY.includes(c.ground)) laidOpen(face);
    if (part === 'spots' && rustsInSpots(c)) openTo(face, 'iron');
    if (part === 'spots' && c.is('torn-board-face') && c.ground === 'plaster') openTo(face, groundFace(c));
    if (part === 'spots' && c.is('scratches') && c.ground === 'metal') scratchedThrough(face, c);
    if (part === 'spots' && c.is('scratches') && c.clear) sandedOut(face);
    if (part === 'spots' && c.is('filler-patches')) [face.kind, face.has[AT.gloss]] = ['filler', 0];
    if (part === 'spots' && hasRawEdges(c)) {
      raise(face, 'suction', RAW_EDGES.suction);
      raise(face, 'nibs', RAW_EDGES.nibs);
      raise(face, 'rawEdge', RAW_EDGES.swell);
    }
    if (c.outside && c.ground !== 'metal' && c.is('peeling', 'flaking'))
      raise(face, 'source', PEELS_OUTSIDE_FOR_A_REASON);
    if (movesInItsFirstYear(c)) face.has[AT.greenTimber] = 1;
    face.colourLeft = c.clear ? 0 : (c.shift.difference ?? UNKNOWN_DIFFERENCE);
    return [face];
  });
}
