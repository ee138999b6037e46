import { BOARD_WORKS, type BoardWork, type Ground, type StepKind } from '../vocabulary/index.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';
import { TREATMENT_OF } from '../evidence/knowledge/treatments.ts';
import { finishBehind, paperComesOff } from '../systems/offPaper.ts';
import { shareCutOut } from '../systems/joints.ts';
import { letsGoOfDistemper } from '../systems/onDistemper.ts';
import { isClosedBare } from '../systems/siteWork.ts';
import { AT, raise, type Face, type Trait } from './face.ts';
import { groundFace, openTo, wornToTheGround } from './facesOf.ts';
import { DRINKS, FILLER_DRINKS, OLD_FACE } from './knowledge/standing.ts';
import { BLEACHED_LEAVES, WIPED_LEAVES, WIPES_OFF } from './knowledge/rising.ts';
import { WORK_ROWS, type WorkRow } from './knowledge/works.ts';

/** A row with its shares as lists: it is read thousands of times. */
export type Work = Omit<WorkRow, 'leaves' | 'makes'> &
  Record<'leaves' | 'makes', readonly (readonly [at: number, share: number])[]>;
const listed = (shares: WorkRow['leaves']) =>
  Object.entries(shares ?? {}).map(([trait, share]) => [AT[trait as Trait], share] as const);
const ROWS = new Map<StepKind, Work[]>();
for (const row of WORK_ROWS)
  ROWS.set(row.kind, [...(ROWS.get(row.kind) ?? []), { ...row, leaves: listed(row.leaves), makes: listed(row.makes) }]);

/** What may still be done to a face once a coat of ours lies on it; the rest comes too late for it. */
const ON_OUR_COATS: ReadonlySet<StepKind> = new Set([
  'sand',
  'sand-between',
  'dust-off',
  'tack-off',
  'fill',
  'caulk',
  'repair',
  'set-nails',
  'revisit',
]);
/** Dirt that a wash takes and leaves its cleaner for. */
const WASHED = [AT.grease, AT.groundIn, AT.chalk, AT.paste, AT.mould];
/** How much grease there has to be before sanding rubs it in. */
const RUBS_IN_FROM = 0.2;

/** How much powder stays in the pores where distemper was washed off. */
const LEFT_IN_PORES = 0.3;

/**
 * Waterborne comes off the oil under it: where it lets go with a scraper, all over where it was found to let go, or with
 * alcohol. Paper clogs on it, and takes the oil to the wood no more than it takes any film that holds.
 */
function takeOffOil(row: Work, step: Step, face: Face, c: Case): void {
  const lifts = face.part === 'bare-areas' || c.d.findings.adhesion === 'weak';
  // A smear wiped off beside a bead dulls the film, and does not take it off.
  const softened = row.takesOff === 'soft' && step.scope !== 'spots';
  const comesOff = softened || (row.takesOff === 'weak' && step.kind !== 'sand' && lifts);
  if (face.kind !== 'waterborne' || !comesOff) return;
  // The coat that let go is gone, and its bond with it.
  if (softened) face.has[AT.weak]! *= LEFT_BY_A_RAG;
  if (face.part === 'bare-areas' && wornToTheGround(c)) return layOpen(face, c);
  face.kind = 'oil';
  face.has[AT.gloss] = OIL_UNDER_SHINES;
}
const OIL_UNDER_SHINES = 0.7;
const LEFT_BY_A_RAG = 0.1;

/** What lies on the film and goes with it. */
const ON_THE_FILM = ['block-ink', 'block-smoke', 'block-odour'] as const;

/** What water turns back to powder is washed off, but for what stays in the pores. */
function takeOffPowder(face: Face, c: Case): void {
  if (face.kind !== 'distemper') return;
  // Where paper hung on it, the wall lies behind.
  face.kind = paperComesOff(c) ? 'plaster' : groundFace(c);
  face.has[AT.chalk] = Math.max(face.has[AT.chalk]!, LEFT_IN_PORES);
}

/** The ground lies open; under paint on laminate that is the laminate. */
function layOpen(face: Face, c: Case, ground = groundFace(c, face.part)): void {
  if (c.ground === 'laminate' && c.treatAs !== 'laminate') face.kind = ground;
  else openTo(face, ground);
}

/** Distemper lies open: it gives way in itself. */
function layPowderOpen(face: Face): void {
  openTo(face, 'distemper');
  raise(face, 'chalk', POWDERY);
}
const POWDERY = 0.5;

/** All of it comes off: paint, or paper, or the foil of a board; of waterborne on oil a stripper takes the waterborne. */
function takeOffAll(step: Step, face: Face, c: Case): void {
  for (const riser of ON_THE_FILM) face.rises.delete(riser);
  if (c.treatAs === 'over-oil' && face.kind === 'waterborne' && step.family === 'stripper') {
    face.kind = 'oil';
    face.has[AT.gloss] = OIL_UNDER_SHINES;
    return;
  }
  if (c.ground === 'laminate' && c.treatAs === 'laminate') return layOpen(face, c, 'timber');
  if (c.ground !== 'paper') return layOpen(face, c);
  layOpen(face, c, 'plaster');
  face.has[AT.paste] = 0.8;
  const behind = OLD_FACE[TREATMENT_OF[finishBehind(c)]];
  if (!behind) return;
  face.kind = behind;
  face.has[AT.suction] = 0;
  if (behind === 'oil') face.has[AT.gloss] = OIL_UNDER_SHINES;
}

/** The film comes off: what lies under it is the face now. */
function takeOff(row: Work, step: Step, face: Face, c: Case): void {
  if (row.takesOff === 'powder') return takeOffPowder(face, c);
  if (row.takesOff === 'all') return takeOffAll(step, face, c);
  if (c.treatAs === 'over-oil') return takeOffOil(row, step, face, c);
  // Where the ground lies open already there is no film left to take.
  const isLoose = row.takesOff === 'weak' && face.part === 'bare-areas';
  if (!isLoose || c.bare || DRINKS[face.kind] !== undefined) return;
  if (letsGoOfDistemper(c)) layPowderOpen(face);
  else layOpen(face, c);
}

function apply(row: Work, step: Step, face: Face, c: Case): void {
  const dirt = row.soaps ? WASHED.reduce((most, at) => Math.max(most, face.has[at]!), 0) : 0;
  if (row.rubsIn && face.has[AT.grease]! > RUBS_IN_FROM) {
    const rubbedIn = Math.max(face.has[AT.groundIn]!, face.has[AT.grease]! * row.rubsIn);
    face.has[AT.groundIn] = rubbedIn;
    face.has[AT.grease]! -= rubbedIn;
  }
  // What is cut out along some joints stays in the others.
  const share = row.kind === 'remove-sealant' && step.joints ? shareCutOut(c) : 1;
  for (const [at, left] of row.leaves) face.has[at]! *= 1 - share * (1 - left);
  for (const [at, made] of row.makes)
    face.has[at] = Math.max(face.has[at]!, made * (at === AT.dust ? dustOf(step) : 1));
  if (row.keys) face.has[AT.key] = 1 - (1 - face.has[AT.key]!) * (1 - row.keys);
  if (row.soaps) raise(face, 'residue', row.soaps * dirt);
  if (row.takesOff) takeOff(row, step, face, c);
}

/** Wet, nothing flies; with extraction, a little. */
const dustOf = (step: Step) => (step.technique === 'wet' ? 0.3 : step.technique === 'extracted' ? 0.35 : 1);

/** What is not sanded afterwards. */
const WIPED: readonly Ground[] = ['paper', 'masonry'];
/** How proud filler is left that is wiped level while it is wet. */
const WIPED_LEVEL = 0.05;

/** Filler lies there now, bare. */
function filled(face: Face): void {
  face.kind = 'filler';
  face.has[AT.gloss] = 0;
  face.has[AT.grease] = 0;
}
const FILLS: readonly StepKind[] = ['fill', 'repair'];

/** What a step does to a face, looked up once: it is done to many. */
export const rowsOf = (step: Step): readonly Work[] =>
  (ROWS.get(step.kind) ?? []).filter(
    (row) =>
      (!row.families || (step.family !== undefined && row.families.includes(step.family))) &&
      (!row.gritTo || (step.grit !== undefined && step.grit <= row.gritTo)),
  );

/** The bit of a kind of work in what was done to a face. */
export const workBit = (work: BoardWork): number => BIT_OF.get(work)!;
const BIT_OF = new Map<BoardWork, number>(BOARD_WORKS.map(({ work }, i) => [work, 1 << i]));

const BITS = new Map<StepKind, { family: string | null; bit: number }[]>();
for (const { kind, family, work } of BOARD_WORKS)
  BITS.set(kind, [...(BITS.get(kind) ?? []), { family, bit: workBit(work) }]);

/** What this step is of what a board can try; 0 where it is none of it. */
function bitOf({ kind, family }: Step): number {
  const rows = BITS.get(kind);
  if (rows) for (const row of rows) if (row.family === null || row.family === family) return row.bit;
  return 0;
}

/** What stained a closed face lies on top, and comes off it. */
function wipeOff({ kind }: Step, face: Face): void {
  const riser = WIPES_OFF[kind];
  const isItsOwn = riser === 'block-rust' && face.kind === 'iron';
  if (riser && !isItsOwn && face.rises.has(riser)) face.rises.set(riser, face.rises.get(riser)! * WIPED_LEAVES);
}

const DABBED_LEAVES = 0.1;
const TUGGED_LEAVES = 0.85;

function bleach({ rises }: Face): void {
  const mark = rises.get('block-water');
  if (mark !== undefined) rises.set('block-water', mark * BLEACHED_LEAVES);
}

/** Does one piece of work to a face, by its rows. Coats are laid by `layCoat`. */
export function workOn(step: Step, rows: readonly Work[], face: Face, c: Case): void {
  if (face.films > 0 && !ON_OUR_COATS.has(step.kind)) return;
  if (step.kind === 'test-patch') {
    if (step.family) face.tried = [...face.tried, { family: step.family, waitMin: step.waitMin ?? 0 }];
    // A dab on a bead that nobody knows: if it crawls, the bead comes out. A tug at what lies over one finds less.
    face.has[AT.bead]! *= step.family ? TUGGED_LEAVES : DABBED_LEAVES;
    return;
  }
  if (step.family === 'wood-bleach') bleach(face);
  face.worked |= bitOf(step);
  if (isClosedBare(c)) wipeOff(step, face);
  const proud = face.has[AT.proud]!;
  for (const row of rows) if (!row.parts || row.parts.includes(face.part)) apply(row, step, face, c);
  if (FILLS.includes(step.kind) && WIPED.includes(c.ground)) face.has[AT.proud] = Math.max(proud, WIPED_LEVEL);
  if (face.part === 'spots' && FILLS.includes(step.kind) && face.has[AT.suction]! >= FILLER_DRINKS) filled(face);
}
