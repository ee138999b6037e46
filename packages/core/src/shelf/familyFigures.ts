import { chemistryOf, isHelper, tintsOf, type Chemistry, type Family, type FinishFamily, type Ground, type PrimerFamily, type Sheen } from '../vocabulary/index.ts';
import type { Product, ProductGiven, Stir } from '../model/product.ts';

/**
 * Typical figures by family, used where a product's own sheet is silent: spread m²/L, wet and dry film µm, dust-free,
 * recoat and closing minutes, cure hours, least °C, most % RH, rain-safe minutes (null: not for outside), odour, price per litre in
 * minor units. Source: set as typical values of published sheets of the kind; a product's own sheet always wins.
 */
type Figures = readonly [
  spread: number,
  wet: number,
  dry: number,
  dustFree: number | null,
  recoat: number | null,
  closes: number | null,
  cureH: number,
  minC: number | null,
  maxRh: number | null,
  rainSafe: number | null,
  odour: Product['odour'],
  pricePerL: number,
];

const FIGURES: Record<PrimerFamily | FinishFamily, Figures> = {
  'pva-primer': [11, 90, 25, 25, 60, null, 168, 10, 85, null, 'low', 700],
  'multi-purpose-acrylic-primer': [10, 100, 35, 30, 60, null, 168, 8, 85, 180, 'low', 1700],
  'wood-acrylic-primer': [11, 90, 35, 40, 120, null, 168, 8, 80, 180, 'low', 2000],
  'bonding-acrylic-primer': [10, 100, 38, 40, 180, 43200, 168, 8, 80, 240, 'low', 3200],
  'stain-blocking-acrylic-primer': [10, 100, 38, 35, 120, null, 168, 10, 80, 240, 'low', 2300],
  'oil-primer': [12, 83, 42, 240, 960, 20160, 168, 5, 85, 480, 'strong', 2400],
  'low-odour-oil-primer': [11, 90, 42, 60, 240, null, 168, 5, 85, null, 'low', 3000],
  'shellac-primer': [10, 100, 25, 20, 45, null, 72, 2, 85, 120, 'strong', 3600],
  'clear-shellac': [12, 80, 18, 20, 60, null, 72, 5, 80, null, 'strong', 3400],
  'clear-bonding-primer': [11, 90, 25, 40, 240, null, 168, 10, 80, null, 'low', 3600],
  'wallpaper-sealer': [10, 100, 30, 40, 180, null, 72, 8, 80, null, 'low', 2200],
  'penetrating-sealer': [10, 100, 12, 60, 240, null, 72, 8, 80, 240, 'low', 2100],
  'penetrating-epoxy': [6, 160, 100, 240, 720, 2880, 168, 10, 80, 720, 'mid', 5200],
  'masonry-primer': [7, 140, 35, 60, 240, null, 168, 5, 85, 240, 'low', 1600],
  'metal-primer': [10, 100, 45, 60, 360, 20160, 168, 5, 85, 360, 'strong', 2600],
  'etch-primer': [12, 80, 10, 20, 120, 1440, 72, 5, 80, 240, 'strong', 3600],
  'microporous-primer': [12, 85, 30, 60, 240, null, 168, 8, 80, 240, 'low', 2600],
  'oil-undercoat': [14, 70, 40, 300, 960, 10080, 168, 5, 85, 480, 'strong', 2200],
  'acrylic-primer-undercoat': [12, 85, 35, 45, 150, null, 168, 8, 80, 180, 'low', 2200],
  'acrylic-wall': [12, 83, 32, 45, 120, null, 672, 8, 85, null, 'low', 1900],
  'acrylic-ceiling': [12, 83, 32, 40, 120, null, 672, 8, 85, null, 'low', 1400],
  'moisture-resistant-acrylic': [12, 83, 34, 60, 240, null, 672, 10, 80, null, 'low', 2500],
  'acrylic-trim': [12, 85, 35, 60, 240, null, 504, 10, 80, null, 'low', 2900],
  'waterborne-alkyd': [12, 85, 38, 90, 960, null, 720, 10, 75, null, 'low', 3400],
  'oil-enamel': [15, 67, 38, 360, 960, 4320, 336, 5, 80, 480, 'strong', 2700],
  'exterior-acrylic': [11, 90, 40, 60, 240, null, 504, 8, 80, 240, 'low', 3000],
  'exterior-oil': [14, 72, 40, 360, 1440, 10080, 336, 5, 80, 480, 'strong', 3000],
  'chalk-style': [12, 85, 40, 30, 60, null, 504, 10, 80, null, 'low', 3300],
  'masonry-paint': [7, 140, 60, 60, 240, null, 336, 5, 85, 180, 'low', 1500],
  'floor-paint': [9, 110, 50, 120, 720, 4320, 336, 10, 80, 480, 'low', 2900],
  'waterborne-clear': [13, 77, 25, 45, 180, null, 336, 10, 75, 240, 'low', 3100],
  'oil-varnish': [15, 67, 35, 360, 1440, 4320, 336, 8, 80, 480, 'strong', 2800],
};

/** A helper lays no film that is planned for: what it takes is a sundry. Source: practice. */
const HELPER: Figures = [10, 100, 30, null, null, null, 168, null, null, null, 'low', 900];
const figuresOf = (family: Family): Figures => (isHelper(family) ? HELPER : FIGURES[family]);
/** Volatile content by chemistry, g/L, typical of published sheets; low-odour oils hold less. */
const VOC: Record<Chemistry, number> = { waterborne: 30, 'solvent-borne': 340, 'alcohol-borne': 540, 'two-part': 120 };
/** Bare and open grounds take more: the share of the usual spread that is left. Source: practice. */
const SPREAD_LEFT: Partial<Record<Family, Partial<Record<Ground, number>>>> = {
  'masonry-primer': { masonry: 1 },
  'masonry-paint': { masonry: 1 },
  'penetrating-sealer': { masonry: 0.7 },
  'multi-purpose-acrylic-primer': { masonry: 0.7 },
};
const MIX: Partial<Record<Family, Product['mix']>> = {
  'penetrating-epoxy': { base: 2, hardener: 1, potLifeMin: 30 },
  'exterior-filler': { base: 50, hardener: 1, potLifeMin: 8 },
};
const stirOf = (chemistry: Chemistry): Stir => (chemistry === 'alcohol-borne' ? 'shake' : chemistry === 'solvent-borne' ? 'by-hand' : 'paddle');

const SHEENS: Partial<Record<Family, readonly Sheen[]>> = {
  'acrylic-wall': ['flat', 'matt', 'eggshell', 'satin'],
  'acrylic-ceiling': ['flat', 'matt'],
  'moisture-resistant-acrylic': ['matt', 'eggshell', 'satin'],
  'acrylic-trim': ['eggshell', 'satin', 'semi-gloss', 'gloss'],
  'waterborne-alkyd': ['eggshell', 'satin', 'semi-gloss', 'gloss'],
  'oil-enamel': ['eggshell', 'satin', 'semi-gloss', 'gloss'],
  'exterior-acrylic': ['matt', 'eggshell', 'satin', 'gloss'],
  'exterior-oil': ['satin', 'gloss'],
  'chalk-style': ['flat', 'matt'],
  'masonry-paint': ['flat', 'matt'],
  'floor-paint': ['satin', 'semi-gloss'],
  'waterborne-clear': ['flat', 'matt', 'satin', 'gloss'],
  'oil-varnish': ['satin', 'gloss'],
};

const spreadOnGrounds = (family: Family, spread: number) =>
  Object.fromEntries(Object.entries(SPREAD_LEFT[family] ?? {}).map(([ground, left]) => [ground, Math.round(spread * left * 10) / 10]));

/** Fills what a sheet does not say with the family's typical figures. The product's own figures always win. */
export function asProduct(given: ProductGiven): Product {
  const [spreadM2PerL, wet, dry, dustFree, recoat, closes, cureH, minC, maxRh, rainSafe, odour, pricePerL] = figuresOf(given.family);
  const chemistry = given.drying?.chemistry ?? chemistryOf(given.family);
  const spread = given.spreadM2PerL ?? spreadM2PerL;
  const wetFilmUm = given.wetFilmUm ?? wet;
  const dryFilmUm = given.dryFilmUm ?? dry;
  return {
    id: given.id ?? given.family,
    name: given.name ?? given.family,
    maker: given.maker ?? '',
    family: given.family,
    spreadM2PerL: spread,
    wetFilmUm,
    dryFilmUm,
    cureHours: given.cureHours ?? cureH,
    lastsYears: given.lastsYears ?? null,
    sheens: given.sheens ?? SHEENS[given.family] ?? [],
    odour: given.odour ?? odour,
    vocGPerL: given.vocGPerL ?? (chemistry === 'solvent-borne' && odour === 'low' ? 90 : VOC[chemistry]),
    solidsPct: given.solidsPct ?? Math.round((100 * dryFilmUm) / wetFilmUm),
    tints: given.tints ?? tintsOf(given.family),
    spreadOn: given.spreadOn ?? spreadOnGrounds(given.family, spread),
    mix: given.mix === undefined ? (MIX[given.family] ?? null) : given.mix,
    stir: given.stir ?? stirOf(chemistry),
    does: given.does ?? {},
    refuses: given.refuses ?? [],
    tins: given.tins ?? [
      { litres: 1, price: pricePerL },
      { litres: 2.5, price: Math.round(pricePerL * 2.2) },
    ],
    drying: {
      family: given.family,
      dustFreeMin: dustFree,
      recoatMin: recoat,
      recoatPreferredMin: null,
      recoatMaxMin: closes,
      handleMin: null,
      minTempC: minC,
      maxTempC: 35,
      maxRhPct: maxRh,
      dewMarginC: 3,
      maxWindMs: null,
      rainSafeMin: rainSafe,
      limitsHoldMin: null,
      ...given.drying,
      chemistry,
    },
  };
}
