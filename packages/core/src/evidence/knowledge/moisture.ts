import { groundOf, isWalkedOn } from '../facts.ts';
import type { SurfaceFacts } from '../../model/surface.ts';
import type { TestRecord } from '../../model/test.ts';
import type { Ground, MoistureScale, Substrate } from '../../vocabulary/index.ts';

/**
 * Above these readings nothing is painted, by the scale of the meter: per cent of wood, gypsum (about 1 is wet), and
 * relative 0 to 100. Source: typical data-sheet limits; a product's own sheet wins.
 */
const LIMITS: Readonly<Record<MoistureScale, Readonly<Record<Ground, number>>>> = {
  wood: { timber: 15, plaster: 12, laminate: 12, paper: 12, masonry: 12, metal: 100, hard: 100 },
  gypsum: { timber: 1, plaster: 0.8, laminate: 0.8, paper: 0.6, masonry: 1, metal: 100, hard: 100 },
  relative: { timber: 40, plaster: 45, laminate: 35, paper: 35, masonry: 55, metal: 100, hard: 100 },
};

/** The highest moisture reading at which this substrate may be painted, on the scale that was read. */
export function moistureLimit(substrate: Substrate, scale: MoistureScale = 'wood'): number {
  return LIMITS[scale][groundOf(substrate)];
}

/** Whether there is anything for a meter to read: metal, tile, glass and plastic hold no water. */
export const takesUpWater = (substrate: Substrate): boolean => moistureLimit(substrate) < 100;

/** Whether a meter read more than the ground may hold; null where it read nothing. */
export const isOverLimit = ({ value, scale }: Pick<TestRecord, 'value' | 'scale'>, substrate: Substrate): boolean | null =>
  value == null ? null : value > moistureLimit(substrate, scale ?? 'wood');

/** A limit as it is said, with its scale: "12 %", "0.8 on the gypsum scale". */
export const limitWords = (substrate: Substrate, scale: MoistureScale = 'wood'): string => `${moistureLimit(substrate, scale)}${SCALE_WORDS[scale]}`;
const SCALE_WORDS: Readonly<Record<MoistureScale, string>> = {
  wood: ' %',
  gypsum: ' on the gypsum scale',
  relative: ' on the relative scale',
};

/** A ground that is laid wet: too soon after, nothing is painted on it. */
export interface FreshGround {
  substrate: Substrate;
  /** Days from when it was laid until it bears paint, as a rule of thumb. */
  days: number;
  /** It is dry enough once a meter says so. Others harden as well as dry, and no meter tells that. */
  byMeter: boolean;
  /** How much water is in it meanwhile, 0 to 1. */
  damp: number;
  why: string;
}

/** Source: practice; the sheet of whoever laid it wins. */
export const FRESH_GROUNDS: readonly FreshGround[] = [
  { substrate: 'skim-plaster', days: 30, byMeter: true, damp: 0.75, why: 'Fresh skim dries out fully before paint, until it is pale all over and the meter says so.' },
  {
    substrate: 'lime-plaster',
    days: 28,
    byMeter: false,
    damp: 0.75,
    why: 'Lime hardens in the air for four weeks at least, longer where it is thick or cold: painted sooner it stays soft, and the lime burns the paint. Counted from the day it was laid.',
  },
  {
    substrate: 'render',
    days: 28,
    byMeter: false,
    damp: 0.7,
    why: 'Fresh render holds water and lime: it stands four weeks from the day it was laid before it is painted, or it blooms and sheds the paint.',
  },
  {
    substrate: 'concrete',
    days: 28,
    byMeter: false,
    damp: 0.7,
    why: 'Fresh concrete gives off water and is caustic: it stands four weeks from the day it was laid before it is painted, a slab longer; then a meter says whether it is dry.',
  },
];

const DAYS_A_MONTH = 30.4;
type Laid = Pick<SurfaceFacts, 'substrate' | 'isNew' | 'substrateAgeMonths'>;

/** So long a slab may still give off water that no eye sees: about a month for each 25 mm. Source: practice. */
const SLAB_DRIES_MONTHS = 6;
/** A floor of concrete that may not have dried yet; nobody who says it is new but not how old knows. */
export const isYoungSlab = ({ element, substrate, isNew, substrateAgeMonths }: Laid & Pick<SurfaceFacts, 'element'>): boolean =>
  isWalkedOn({ element, substrate }) && substrate === 'concrete' && (substrateAgeMonths === null ? isNew === true : substrateAgeMonths <= SLAB_DRIES_MONTHS);

/** The row of a ground that is still too fresh, as far as its age is known; null where it is not, or is not laid wet. */
export function freshGround({ substrate, isNew, substrateAgeMonths }: Laid): FreshGround | null {
  const row = FRESH_GROUNDS.find((one) => one.substrate === substrate);
  if (!row) return null;
  const fresh = substrateAgeMonths === null ? isNew === true : substrateAgeMonths * DAYS_A_MONTH <= row.days + 1;
  return fresh ? row : null;
}

/** What drying to the meter takes once somebody looks at it: weeks are mostly gone by then. */
const TO_THE_METER_DAYS = 7;

/** Minutes until a fresh ground may be painted, counted from now. */
export const freshWaitMin = ({ days, byMeter }: FreshGround, { substrateAgeMonths }: Laid): number =>
  1440 * (byMeter ? TO_THE_METER_DAYS : Math.max(1, Math.ceil(days - (substrateAgeMonths ?? 0) * DAYS_A_MONTH)));
