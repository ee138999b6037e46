import type {
  Condition,
  Element,
  Exposure,
  Family,
  Finish,
  Ground,
  Plane,
  Sheen,
  Substrate,
  TestKind,
  Texture,
} from '../vocabulary/index.ts';
import { USUAL_DATES } from './knowledge/placeDates.ts';

/** How large a condition is; nothing given means not known. Areas in m², lengths in m. */
export interface Extent {
  areaM2?: number | null;
  lengthM?: number | null;
  count?: number | null;
}

/** What is known of one surface before any test. Colours are `#rrggbb`, areas m², ages months. */
export interface SurfaceFacts {
  element: Element;
  substrate: Substrate;
  exposure: Exposure;
  texture: Texture;
  conditions: readonly Condition[];
  areaM2: number | null;
  currentColour: string | null;
  currentColours: readonly string[];
  currentFinish: Finish | null;
  builtYear: number | null;
  /** Never coated. */
  isNew: boolean | null;
  /** The texture was sanded. */
  sanded: boolean | null;
  substrateAgeMonths: number | null;
  extents: Partial<Record<Condition, Extent>>;
  /** A home built before this year counts as leaded until tested: the place's own date. */
  leadYear: number;
  /** Old textured coatings and boards from before this year may hold asbestos: the place's own date. */
  asbestosYear: number;
}

/** One test as it was made. `result` by kind (see TEST_RESULTS), `grade` for a cross-cut, `value` in % for moisture. */
export interface TestRecord {
  kind: TestKind;
  result?: string | null;
  grade?: number | null;
  value?: number | null;
  yellowed?: boolean | null;
  place?: string | null;
  filmAgeHours?: number | null;
  plane?: Plane | null;
  family?: Family | null;
  coats?: number | null;
  minutes?: number | null;
}

/** Hours before a film says how it will hold. Source: practice. */
const TELLS_FROM_H = 72;

/** True where a test was made on a film too young to say how it will hold; an age that nobody gave is none against it. */
export function isYoungFilm({ filmAgeHours }: Pick<TestRecord, 'filmAgeHours'>): boolean {
  return filmAgeHours != null && filmAgeHours < TELLS_FROM_H;
}

/** Another surface of the same house whose tests may speak for this one. */
export interface Neighbour {
  campaign: 'same' | 'unknown';
  element: Element;
  tests: readonly TestRecord[];
}

const OUTSIDE_BY_NATURE: readonly Element[] = ['siding', 'fascia-soffit', 'rainwater-goods', 'gate', 'masonry'];

/** Fills what was not said with what is usual for the element: its exposure, a smooth texture, no flags. */
export function surfaceFacts(said: Pick<SurfaceFacts, 'element' | 'substrate'> & Partial<SurfaceFacts>): SurfaceFacts {
  return {
    element: said.element,
    substrate: said.substrate,
    exposure: said.exposure ?? (OUTSIDE_BY_NATURE.includes(said.element) ? 'exterior-exposed' : 'interior-dry'),
    texture: said.texture ?? 'smooth',
    conditions: [...new Set(said.conditions ?? [])],
    areaM2: said.areaM2 ?? null,
    currentColour: said.currentColour ?? null,
    currentColours: said.currentColours ?? [],
    currentFinish: said.currentFinish ?? null,
    builtYear: said.builtYear ?? null,
    isNew: said.isNew ?? null,
    sanded: said.sanded ?? null,
    substrateAgeMonths: said.substrateAgeMonths ?? null,
    extents: said.extents ?? {},
    leadYear: said.leadYear ?? USUAL_DATES.leadYear,
    asbestosYear: said.asbestosYear ?? USUAL_DATES.asbestosYear,
  };
}

/** Outside, sheltered or exposed. */
export function isOutside(surface: Pick<SurfaceFacts, 'exposure'>): boolean {
  return surface.exposure.startsWith('exterior');
}

const GROUND_OF: Record<Substrate, Ground> = {
  drywall: 'plaster',
  'skim-plaster': 'plaster',
  'lime-plaster': 'plaster',
  softwood: 'timber',
  hardwood: 'timber',
  'tannin-wood': 'timber',
  mdf: 'timber',
  plywood: 'timber',
  melamine: 'laminate',
  thermofoil: 'laminate',
  'wallpaper-paper': 'paper',
  'wallpaper-vinyl': 'paper',
  'wallpaper-embossed': 'paper',
  brick: 'masonry',
  concrete: 'masonry',
  render: 'masonry',
  'ferrous-metal': 'metal',
  'galvanised-metal': 'metal',
  aluminium: 'metal',
  upvc: 'hard',
  'ceramic-tile': 'hard',
  glass: 'hard',
  plastic: 'hard',
};

/** The ground a substrate belongs to. */
export function groundOf(substrate: Substrate): Ground {
  return GROUND_OF[substrate];
}

const JOINERY: readonly Element[] = [
  'trim',
  'window',
  'sill',
  'door',
  'cabinet',
  'shelf',
  'furniture',
  'stair',
  'railing',
  'gate',
  'siding',
  'fascia-soffit',
  'rainwater-goods',
];

/** Joinery and fittings, as against walls, ceilings, floors and masonry. */
export function isJoinery(element: Element): boolean {
  return JOINERY.includes(element);
}

/** Fittings that are handled and loaded: they want a hard film and a cure before use. */
export function isFurniture(element: Element): boolean {
  return element === 'cabinet' || element === 'furniture' || element === 'shelf';
}

/** Sheen words that lie between those of a sheen look. */
export function isLowSheen(sheen: Sheen): boolean {
  return sheen === 'flat' || sheen === 'matt' || sheen === 'eggshell';
}
