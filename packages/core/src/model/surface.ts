import { z } from 'zod';
import {
  CONDITIONS,
  ELEMENTS,
  EXPOSURES,
  FAMILIES,
  FINISHES,
  SHEENS,
  SUBSTRATES,
  TEXTURES,
} from '../vocabulary/index.ts';
import { colourSchema } from './colour.ts';
import type { Joint } from './joint.ts';

const area = z.number().gt(0, 'must be above 0 m²').max(100_000, 'must be at most 100000 m²');

/** How large a condition is; nothing given means not known. Areas in m², lengths in m. */
export const extentSchema = z.strictObject({
  areaM2: z.number().min(0).max(100_000).nullish(),
  lengthM: z.number().min(0).max(100_000).nullish(),
  count: z.number().int().min(0).max(100_000).nullish(),
});
export type Extent = z.infer<typeof extentSchema>;

/** What somebody says of a surface before any test. Colours are `#rrggbb`, areas m², ages months. */
export const surfaceSchema = z.strictObject({
  element: z.enum(ELEMENTS),
  substrate: z.enum(SUBSTRATES),
  exposure: z.enum(EXPOSURES).nullish(),
  texture: z.enum(TEXTURES).nullish(),
  conditions: z.array(z.enum(CONDITIONS)).max(60).nullish(),
  areaM2: area.nullish(),
  currentColour: colourSchema.nullish(),
  currentColours: z.array(colourSchema).max(20).nullish(),
  currentFinish: z.enum(FINISHES).nullish(),
  builtYear: z
    .number()
    .int('must be a whole year')
    .min(1000, 'must be 1000 or later')
    .max(2200, 'must be 2200 or earlier')
    .nullish(),
  /** Never coated. */
  isNew: z.boolean().nullish(),
  /** The texture was sanded. */
  sanded: z.boolean().nullish(),
  substrateAgeMonths: z.number().min(0).max(24_000).nullish(),
  extents: z.partialRecord(z.enum(CONDITIONS), extentSchema).nullish(),
});
/** Facts of a surface as they were said: only its element and its substrate have to be. */
export type SurfaceSaid = z.infer<typeof surfaceSchema>;

/** Facts that have a value where nobody said one: what is usual for the element, or none. */
type AlwaysKnown = 'element' | 'substrate' | 'exposure' | 'texture' | 'conditions' | 'currentColours' | 'extents';

/** What is known of one surface before any test: every fact of `surfaceSchema`, with what is usual filled in. */
export type SurfaceFacts = { [Fact in AlwaysKnown]: Readonly<NonNullable<SurfaceSaid[Fact]>> } & {
  [Fact in Exclude<keyof SurfaceSaid, AlwaysKnown>]-?: NonNullable<SurfaceSaid[Fact]> | null;
} & {
  /** A home built before this year counts as leaded until tested: the place's own date. */
  leadYear: number;
  /** Old textured coatings and boards from before this year may hold asbestos: the place's own date. */
  asbestosYear: number;
  /** Its joints, each by itself. */
  joints: readonly Joint[];
  /** A clear finish is asked for: whoever asks sees the wood through what is there, mostly. */
  staysClear: boolean;
};

/** What is wished for. A wish: where it would fail, the system departs from it and says why. */
export const wantedSchema = z.strictObject({
  chemistry: z.enum(['waterborne', 'solvent-borne']).nullish(),
  sheen: z.enum(SHEENS).nullish(),
  colour: colourSchema.nullish(),
  family: z.enum(FAMILIES).nullish(),
  lowOdour: z.boolean().nullish(),
  /** Nights that a door, sash or gate may be out of its opening. */
  maxNightsOut: z.number().int().min(0).max(3650).nullish(),
  handling: z.enum(['light', 'normal', 'heavy']).nullish(),
  distressed: z.boolean().nullish(),
  /** The coating is taken off, and the ground left as it is. */
  leaveBare: z.boolean().nullish(),
});
type WantedSaid = z.infer<typeof wantedSchema>;
type AlwaysWished = 'lowOdour' | 'handling' | 'distressed' | 'leaveBare';

/** A wish with what is usual filled in; see `NOTHING_WANTED`. */
export type Wanted = { [Wish in AlwaysWished]: NonNullable<WantedSaid[Wish]> } & {
  [Wish in Exclude<keyof WantedSaid, AlwaysWished>]-?: NonNullable<WantedSaid[Wish]> | null;
};

export const NOTHING_WANTED: Wanted = {
  chemistry: null,
  sheen: null,
  colour: null,
  family: null,
  lowOdour: false,
  maxNightsOut: null,
  handling: 'normal',
  distressed: false,
  leaveBare: false,
};
