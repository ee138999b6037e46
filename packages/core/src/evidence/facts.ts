import type { Element, Ground, Sheen, Substrate } from '../vocabulary/index.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { USUAL_DATES } from './knowledge/placeDates.ts';

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
    joints: said.joints ?? [],
    leadYear: said.leadYear ?? USUAL_DATES.leadYear,
    asbestosYear: said.asbestosYear ?? USUAL_DATES.asbestosYear,
    staysClear: said.staysClear ?? false,
  };
}

/** Rooms of steam and of grease. */
export const wetOrGreasy = ({ exposure }: Pick<SurfaceFacts, 'exposure'>): boolean =>
  exposure === 'interior-wet' || exposure === 'interior-grease';

/** Joints that stay wet, where nothing else is painted over them: a bath, a shower, a worktop, tile. */
export const staysWet = (surface: Pick<SurfaceFacts, 'exposure' | 'substrate'>): boolean =>
  wetOrGreasy(surface) && groundOf(surface.substrate) === 'hard';

const SHINE_BARE: readonly Substrate[] = ['ceramic-tile', 'glass', 'upvc', 'plastic', 'aluminium'];

/** Whether nothing soaks into a ground: metal, tile, glass, plastic, laminate. */
export const isClosed = (ground: Ground): boolean => CLOSED.includes(ground);
const CLOSED: readonly Ground[] = ['metal', 'hard', 'laminate'];

/** Whether a ground shines and sheds water without any film. */
export const shinesBare = ({ substrate }: Pick<SurfaceFacts, 'substrate'>): boolean => SHINE_BARE.includes(substrate);

/** Iron rusts, and iron under zinc; on anything else rust is a stain from what lies on it or in it. */
export const canRust = (substrate: Substrate): boolean => groundOf(substrate) === 'metal' && substrate !== 'aluminium';

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

/** Joinery of timber, and fittings faced to look like it: what a firm means by its woodwork. */
export const isWoodwork = ({ element, substrate }: Pick<SurfaceFacts, 'element' | 'substrate'>): boolean =>
  isJoinery(element) && WOODEN.includes(groundOf(substrate));
const WOODEN: readonly Ground[] = ['timber', 'laminate'];

/** What feet wear: a floor, and steps of concrete or brick. A stair of timber is joinery, with strings and risers. */
export const isWalkedOn = ({ element, substrate }: Pick<SurfaceFacts, 'element' | 'substrate'>): boolean =>
  element === 'floor' || (element === 'stair' && groundOf(substrate) === 'masonry');

/** Fittings that are handled and loaded: they want a hard film and a cure before use. */
export function isFurniture(element: Element): boolean {
  return element === 'cabinet' || element === 'furniture' || element === 'shelf';
}

/** Sheen words that lie between those of a sheen look. */
export function isLowSheen(sheen: Sheen): boolean {
  return sheen === 'flat' || sheen === 'matt' || sheen === 'eggshell';
}
