/** Product families and their chemistry. */

export const CHEMISTRIES = ['waterborne', 'solvent-borne', 'alcohol-borne', 'two-part'] as const;
export type Chemistry = (typeof CHEMISTRIES)[number];

export const PRIMER_FAMILIES = [
  'pva-primer',
  'multi-purpose-acrylic-primer',
  'wood-acrylic-primer',
  'bonding-acrylic-primer',
  'stain-blocking-acrylic-primer',
  'oil-primer',
  'low-odour-oil-primer',
  'shellac-primer',
  'clear-shellac',
  'clear-bonding-primer',
  'wallpaper-sealer',
  'penetrating-sealer',
  'penetrating-epoxy',
  'masonry-primer',
  'metal-primer',
  'etch-primer',
  'microporous-primer',
  'oil-undercoat',
  'acrylic-primer-undercoat',
] as const;
export const FINISH_FAMILIES = [
  'acrylic-wall',
  'acrylic-ceiling',
  'moisture-resistant-acrylic',
  'acrylic-trim',
  'waterborne-alkyd',
  'oil-enamel',
  'exterior-acrylic',
  'exterior-oil',
  'chalk-style',
  'masonry-paint',
  'waterborne-clear',
  'oil-varnish',
] as const;
export const HELPER_FAMILIES = [
  'alkaline-cleaner',
  'degreaser',
  'deglosser',
  'mould-wash',
  'denatured-alcohol',
  'filler',
  'acrylic-caulk',
  'elastomeric-caulk',
  'seam-adhesive',
  'masonry-paint-remover',
  'stripper',
  'mineral-spirits',
  'acetone',
  'silicone-sealant',
  'paintable-hybrid-sealant',
  'exterior-filler',
] as const;
export const FAMILIES = [...PRIMER_FAMILIES, ...FINISH_FAMILIES, ...HELPER_FAMILIES] as const;

export type PrimerFamily = (typeof PRIMER_FAMILIES)[number];
export type FinishFamily = (typeof FINISH_FAMILIES)[number];
export type HelperFamily = (typeof HELPER_FAMILIES)[number];
export type Family = (typeof FAMILIES)[number];

const SOLVENT_BORNE: readonly Family[] = [
  'oil-primer',
  'low-odour-oil-primer',
  'oil-undercoat',
  'oil-enamel',
  'exterior-oil',
  'oil-varnish',
  'etch-primer',
  'metal-primer',
  'deglosser',
  'stripper',
  'mineral-spirits',
  'acetone',
];
const ALCOHOL_BORNE: readonly Family[] = ['shellac-primer', 'clear-shellac', 'denatured-alcohol'];
const TWO_PART: readonly Family[] = ['penetrating-epoxy', 'exterior-filler'];

const CHEMISTRY_OF = new Map<Family, Chemistry>([
  ...SOLVENT_BORNE.map((family) => [family, 'solvent-borne'] as const),
  ...ALCOHOL_BORNE.map((family) => [family, 'alcohol-borne'] as const),
  ...TWO_PART.map((family) => [family, 'two-part'] as const),
]);

/** The chemistry of a family: what carries it, and so how it dries, smells and cleans up. */
export function chemistryOf(family: Family): Chemistry {
  return CHEMISTRY_OF.get(family) ?? 'waterborne';
}
