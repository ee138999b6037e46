import { chemistryOf, PRIMER_FAMILIES, type Family } from '../vocabulary/index.ts';
import { primes } from '../systems/onOil.ts';
import { patchGripped, type Case, type TrialWord } from '../systems/case.ts';
import { AT, type Face, type FaceKind } from './face.ts';
import { workBit } from './work.ts';
import { BOUND_LEAVES, DIRT_ROWS } from './knowledge/dirt.ts';
import { FACE_ROWS } from './knowledge/faces.ts';
import {
  ANY_PRIMER,
  BRINGS,
  HARD_OVER_SOFT,
  HOLD_ROWS,
  INSIDE_PULL,
  ON_FRESH,
  OUTSIDE_PULL,
  PATCH_HELD,
  PATCH_LET_GO,
  SOAKS_IN,
} from './knowledge/holds.ts';

const HOLDS = new Map(HOLD_ROWS.map((row) => [row.family, row]));
const SOFT: readonly FaceKind[] = ['waterborne', 'primer'];
const SLICK: readonly FaceKind[] = ['oil', 'varnish', 'stained', 'aerosol', 'laminate'];
const HARD_OIL: readonly Family[] = ['oil-enamel', 'exterior-oil', 'oil-varnish'];
/** A trial or a patch weighs so much against the table, at the most. */
const MOST_SHOWN = 2.5;
/** A primer that holds on slick faces hardly holds better than another on a soft one. */
const ON_SOFT = 0.35;

const NO_DIRT = DIRT_ROWS.map(() => 0);
const DIRT = DIRT_ROWS.map((row) => ({ ...row, at: AT[row.trait] }));

/** Saturating epoxy is made for open grain. */
const SATURATES: Family = 'penetrating-epoxy';
const MADE_FOR = [AT.endGrain, AT.grey];

/** What weighs in one bond, in log-odds that it lets go: their sum is the log-odds. */
export interface BondTerms {
  kind: FaceKind;
  /** The face itself, against what the coat brings to it. */
  face: number;
  /** True where the coat suits the face: what is left is what may happen to any good bond. */
  suits: boolean;
  /** It was laid as a primer. */
  primer: boolean;
  gloss: number;
  pull: number;
  hard: number;
  ownRecord: number;
  /** In the order of `DIRT_ROWS`. */
  dirt: readonly number[];
  points: number;
}

const PRIMING = new Set<Family>(PRIMER_FAMILIES);
const isPrimer = (family: Family) => PRIMING.has(family);

/** What this coat brings to this face, in log-odds taken off. */
function brought(family: Family, face: Face): number {
  const rating = primes(family, FACE_ROWS[face.kind].need);
  const holds = HOLDS.get(family);
  const more = face.kind === 'laminate' && !holds?.onLaminate ? 0 : (holds?.brings ?? 0);
  if (SLICK.includes(face.kind)) return BRINGS[rating] + more;
  if (SOFT.includes(face.kind)) return BRINGS[rating] * ON_SOFT;
  return Math.max(BRINGS[rating], SOAKS_IN[family] ?? (isPrimer(family) ? ANY_PRIMER : 0));
}

/** It is made to soak into what is bare. */
const soaksIn = (family: Family, face: Face) => !SLICK.includes(face.kind) && (SOAKS_IN[family] ?? 0) >= SOAKS_WELL;
const SOAKS_WELL = 2.5;

/** What the words of accepted trials come to, of those that bear on it; none weighs more than `most`. */
export function shownOf(c: Case, bears: (word: TrialWord) => boolean, most = MOST_SHOWN): number {
  if (c.trials.length === 0) return 0;
  let shown = 0;
  for (const word of c.trials) if (bears(word)) shown += word.logOdds;
  return Math.max(-most, Math.min(most, shown));
}

/** What trials here have shown of this family as a first coat, on what was done to the face. */
const shownHere = (family: Family, face: Face, c: Case): number =>
  shownOf(
    c,
    (word) =>
      word.trait === 'grip' &&
      word.over === null &&
      (word.family === null || word.family === family) &&
      (word.after === null || (face.worked & workBit(word.after)) !== 0),
  );

/** Log-odds that a coat lets go of the coat of ours under it: seldom, unless a trial has shown that it does. */
export const betweenCoats = (family: Family, face: Face, c: Case): number =>
  ON_FRESH -
  shownOf(c, (word) => word.trait === 'grip' && word.over === face.lastCoat && word.family === family, -ON_FRESH);

const pullOf = (c: Case): number =>
  c.outside
    ? OUTSIDE_PULL[c.d.surface.exposure as keyof typeof OUTSIDE_PULL]
    : (INSIDE_PULL[c.d.surface.exposure] ?? 0) + (c.wanted.handling === 'heavy' ? 0.4 : 0);

/** The bond that a first coat of this family makes with what it is laid on: how likely it lets go within years, and why. */
export function bondOf(family: Family, face: Face, c: Case): BondTerms {
  const row = FACE_ROWS[face.kind];
  const held = patchGripped(c, family);
  const soft = SOFT.includes(face.kind);
  const minds = (HOLDS.get(family)?.minds ?? 1) * (held ? PATCH_HELD.minds : 1);
  const patched = held ? PATCH_HELD.takesOff : c.gripFailedBy.has(family) ? -PATCH_LET_GO : 0;
  const brings = brought(family, face) + patched + shownHere(family, face, c);
  const gloss = row.gloss * face.has[AT.gloss]! * (1 - face.has[AT.key]!) * minds;
  const pull = pullOf(c);
  const hard = soft && chemistryOf(family) === 'solvent-borne' && HARD_OIL.includes(family) ? HARD_OVER_SOFT : 0;
  const dirt = NO_DIRT.slice();
  let points = row.base - brings + gloss + pull + hard + face.ownRecord;
  for (let i = 0; i < DIRT.length; i++) {
    const { at, boundBy, pull: pulls } = DIRT[i]!;
    if (face.has[at]! <= 0 || (family === SATURATES && MADE_FOR.includes(at))) continue;
    dirt[i] = pulls * face.has[at]! * (boundBy ? BOUND_LEAVES[primes(family, boundBy)] : 1);
    points += dirt[i]!;
  }
  return {
    kind: face.kind,
    face: row.base - brings,
    suits: soft || brings >= BRINGS[2] || soaksIn(family, face),
    primer: isPrimer(family),
    gloss,
    pull,
    hard,
    ownRecord: face.ownRecord,
    dirt,
    points,
  };
}

/** What is said of a coat on a face: that it suits it, that the primer does not, or what happens without one. */
function faceText({ kind, suits, primer }: BondTerms): string {
  const row = FACE_ROWS[kind];
  if (suits) return `Even well prepared, the bond to ${row.words} may let go.`;
  return primer ? `This primer does not grip ${row.words}.` : row.text;
}

/** What is said of a bond, each with what it weighs. */
export function bondWords(terms: BondTerms): (readonly [text: string, points: number])[] {
  return [
    [faceText(terms), terms.face],
    ['On an unbroken gloss even a good primer has less to hold.', terms.gloss],
    ['Use and weather pull at the bond.', terms.pull],
    ['A hard oil film over a soft waterborne one pulls at it as it ages.', terms.hard],
    [
      `The firm's own record: films prepared so come back ${Math.exp(terms.ownRecord).toFixed(1)} times as often as is typical.`,
      terms.ownRecord,
    ],
    ...DIRT_ROWS.map(({ text }, i) => [text, terms.dirt[i]!] as const),
  ];
}

/** From which weight, in log-odds, one thing on the face is named as the reason. */
const WORTH_NAMING = 0.8;

/** What less than this speaks for is told as what may be, and not as what is. */
const IN_DOUBT = 0.5;

/** What is said of a face that the coat does not suit, where it is not even likely that it is there. */
function shouldItBe({ kind, primer }: BondTerms): string {
  const { words, text } = FACE_ROWS[kind];
  const so = primer ? ', this primer does not grip it.' : `: ${text[0]!.toLowerCase()}${text.slice(1)}`;
  return `Should it be ${words} that lies there${so}`;
}

/** The one sentence that says best why a bond may let go; `chance`, 0 to 1, that such a face is there. */
export function bondText(terms: BondTerms, chance: number): string {
  if (!terms.suits && chance < IN_DOUBT) return shouldItBe(terms);
  const [face, ...others] = bondWords(terms);
  const worst = others.reduce((a, b) => (b[1] > a[1] ? b : a));
  return worst[1] > WORTH_NAMING && terms.suits ? worst[0] : face![0];
}
