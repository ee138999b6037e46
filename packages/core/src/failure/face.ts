import type { Family, Need } from '../vocabulary/index.ts';

/** What the top of a place is, as far as the next film minds. */
export const FACES = [
  'waterborne',
  'oil',
  'varnish',
  'stained',
  'aerosol',
  'primer',
  'laminate',
  'hard',
  'iron',
  'bright-metal',
  'timber',
  'board',
  'plaster',
  'filler',
  'masonry',
  'paper',
  'distemper',
] as const;
export type FaceKind = (typeof FACES)[number];

/**
 * What lies on a face, or is wrong with it: 0 none, 1 as bad as it comes. `bead` is silicone that stands there,
 * `silicone` the smear it leaves; `groundIn` is grease that sanding rubbed in; `powder` dust without binder that was
 * there before us, `dust` what our own sanding made; `weak` how surely the old film lets go of what it lies on; `nibs`
 * what is rough; `proud` filler that was not levelled; `heads` nails that stand above the face;
 * `rawEdge` cut edges of pressed board, until something without water in it has sealed them.
 */
export const TRAITS = [
  'gloss',
  'key',
  'grease',
  'groundIn',
  'residue',
  'powder',
  'dust',
  'chalk',
  'paste',
  'wax',
  'bead',
  'silicone',
  'damp',
  'salts',
  'mould',
  'rot',
  'torn',
  'loosePaper',
  'hollow',
  'weak',
  'cracked',
  'grey',
  'nibs',
  'holes',
  'proud',
  'heads',
  'openGap',
  'movingGap',
  'endGrain',
  'rawEdge',
  'suction',
  'source',
  'stuck',
  'greenTimber',
] as const;
export type Trait = (typeof TRAITS)[number];

/** What can rise through a film, by the work of the primer that stops it. */
export type Riser = Extract<Need, `block-${string}`>;

/** Where each trait stands in a face's list. */
export const AT = Object.fromEntries(TRAITS.map((trait, i) => [trait, i])) as Readonly<Record<Trait, number>>;

/** One part of a surface: what lies there now. Changed in place as work is done on it. */
/** A coat that was tried in a patch, and how long until it was looked at, in minutes. */
export interface Tried {
  family: Family;
  waitMin: number;
}

export interface Face {
  kind: FaceKind;
  /** Which part: the whole, the spots of one fault, or what is bare. */
  part: 'main' | 'spots' | 'bare-areas';
  /** Share of the surface, 0 to 1. */
  share: number;
  /** How much of each trait, in the order of `TRAITS`, 0 to 1: see `AT`. */
  has: number[];
  /** What rises here, and how surely it would show through bare waterborne paint. */
  rises: Map<Riser, number>;
  /** How far what is seen lies from the colour that is wanted: CIEDE2000. */
  colourLeft: number;
  /** How many steps of ours have laid a coat on it. */
  coats: number;
  /** How many of them lie on top as a film: what soaks in is still washed and sanded over. */
  films: number;
  /** The last of them; null where none lies there. */
  lastCoat: Family | null;
  /** Families of which a patch was laid and waited for before the first coat. */
  tried: readonly Tried[];
  /** What the firm's own record says of films prepared so: log-odds, 0 where it says nothing. */
  ownRecord: number;
  /** What was done to it before its first coat, of what a board can try: a bit each, in the order of `BOARD_WORKS`. */
  worked: number;
}

const NONE: readonly Tried[] = [];

/** There is so much of it at the least. */
export function raise(face: Face, trait: Trait, amount: number): void {
  face.has[AT[trait]] = Math.max(face.has[AT[trait]]!, amount);
}

/** The same face, to be worked on by itself. */
export const sameFace = (face: Face): Face => ({ ...face, has: face.has.slice(), rises: new Map(face.rises) });

/** A clean face of this kind. */
export const cleanFace = (kind: FaceKind, part: Face['part'], share: number): Face => ({
  kind,
  part,
  share,
  has: TRAITS.map(() => 0),
  rises: new Map(),
  colourLeft: 0,
  coats: 0,
  films: 0,
  lastCoat: null,
  tried: NONE,
  ownRecord: 0,
  worked: 0,
});
