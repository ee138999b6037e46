/** What carries a paint, and so how it dries, smells and cleans up. */
export const CHEMISTRIES = ['waterborne', 'solvent-borne', 'alcohol-borne', 'two-part'] as const;
export type Chemistry = (typeof CHEMISTRIES)[number];

/** White only; white and greys; any colour from a tinting machine; clear. */
export const TINT_RANGES = ['white', 'greys', 'any', 'clear'] as const;
export type TintRange = (typeof TINT_RANGES)[number];

/** A product family in one row: every list, default and label of it follows from here. */
interface FamilyRow {
  kind: 'primer' | 'finish' | 'helper';
  chemistry: Chemistry;
  label: string;
  /** The colours such products are usually sold in; a helper lays no film. */
  tints?: TintRange;
  /** It may be the last coat of a clear system. */
  clearFinish?: true;
}

/**
 * The families, in the order they are offered. A row here and one in the typical figures (`shelf/familyFigures.ts`) make a new family;
 * what it is chosen for is a row of the systems' knowledge.
 */
const FAMILY_TABLE = {
  'pva-primer': { kind: 'primer', chemistry: 'waterborne', label: 'PVA board primer', tints: 'white' },
  'multi-purpose-acrylic-primer': { kind: 'primer', chemistry: 'waterborne', label: 'multi-purpose acrylic primer', tints: 'greys' },
  'wood-acrylic-primer': { kind: 'primer', chemistry: 'waterborne', label: 'acrylic wood primer', tints: 'greys' },
  'bonding-acrylic-primer': { kind: 'primer', chemistry: 'waterborne', label: 'bonding primer', tints: 'greys' },
  'stain-blocking-acrylic-primer': { kind: 'primer', chemistry: 'waterborne', label: 'stain-blocking acrylic primer', tints: 'greys' },
  'oil-primer': { kind: 'primer', chemistry: 'solvent-borne', label: 'oil primer', tints: 'greys' },
  'low-odour-oil-primer': { kind: 'primer', chemistry: 'solvent-borne', label: 'low-odour oil primer', tints: 'greys' },
  'shellac-primer': { kind: 'primer', chemistry: 'alcohol-borne', label: 'shellac primer', tints: 'greys' },
  'clear-shellac': { kind: 'primer', chemistry: 'alcohol-borne', label: 'clear shellac', tints: 'clear', clearFinish: true },
  'clear-bonding-primer': { kind: 'primer', chemistry: 'waterborne', label: 'clear bonding primer', tints: 'clear' },
  'wallpaper-sealer': { kind: 'primer', chemistry: 'waterborne', label: 'wallpaper sealer', tints: 'clear' },
  'penetrating-sealer': { kind: 'primer', chemistry: 'waterborne', label: 'penetrating sealer', tints: 'clear' },
  'penetrating-epoxy': { kind: 'primer', chemistry: 'two-part', label: 'penetrating epoxy', tints: 'clear' },
  'masonry-primer': { kind: 'primer', chemistry: 'waterborne', label: 'masonry primer', tints: 'white' },
  'metal-primer': { kind: 'primer', chemistry: 'solvent-borne', label: 'metal primer', tints: 'greys' },
  'etch-primer': { kind: 'primer', chemistry: 'solvent-borne', label: 'etch primer', tints: 'white' },
  'microporous-primer': { kind: 'primer', chemistry: 'waterborne', label: 'breathable wood primer', tints: 'white' },
  'oil-undercoat': { kind: 'primer', chemistry: 'solvent-borne', label: 'oil undercoat', tints: 'greys' },
  'acrylic-primer-undercoat': { kind: 'primer', chemistry: 'waterborne', label: 'acrylic primer-undercoat', tints: 'greys' },
  'acrylic-wall': { kind: 'finish', chemistry: 'waterborne', label: 'acrylic wall paint', tints: 'any' },
  'acrylic-ceiling': { kind: 'finish', chemistry: 'waterborne', label: 'acrylic ceiling paint', tints: 'white' },
  'moisture-resistant-acrylic': { kind: 'finish', chemistry: 'waterborne', label: 'moisture-resistant acrylic', tints: 'any' },
  'acrylic-trim': { kind: 'finish', chemistry: 'waterborne', label: 'acrylic trim paint', tints: 'any' },
  'waterborne-alkyd': { kind: 'finish', chemistry: 'waterborne', label: 'waterborne alkyd', tints: 'any' },
  'oil-enamel': { kind: 'finish', chemistry: 'solvent-borne', label: 'oil enamel', tints: 'any' },
  'exterior-acrylic': { kind: 'finish', chemistry: 'waterborne', label: 'exterior acrylic', tints: 'any' },
  'exterior-oil': { kind: 'finish', chemistry: 'solvent-borne', label: 'exterior oil paint', tints: 'any' },
  'chalk-style': { kind: 'finish', chemistry: 'waterborne', label: 'chalk-style paint', tints: 'any' },
  'masonry-paint': { kind: 'finish', chemistry: 'waterborne', label: 'masonry paint', tints: 'any' },
  'floor-paint': { kind: 'finish', chemistry: 'waterborne', label: 'floor paint', tints: 'any' },
  'waterborne-clear': { kind: 'finish', chemistry: 'waterborne', label: 'waterborne clear', tints: 'clear', clearFinish: true },
  'oil-varnish': { kind: 'finish', chemistry: 'solvent-borne', label: 'oil varnish', tints: 'clear', clearFinish: true },
  'alkaline-cleaner': { kind: 'helper', chemistry: 'waterborne', label: 'alkaline cleaner' },
  degreaser: { kind: 'helper', chemistry: 'waterborne', label: 'degreaser' },
  deglosser: { kind: 'helper', chemistry: 'solvent-borne', label: 'liquid deglosser' },
  'mould-wash': { kind: 'helper', chemistry: 'waterborne', label: 'mould wash' },
  'wood-bleach': { kind: 'helper', chemistry: 'waterborne', label: 'wood bleach' },
  'denatured-alcohol': { kind: 'helper', chemistry: 'alcohol-borne', label: 'denatured alcohol' },
  filler: { kind: 'helper', chemistry: 'waterborne', label: 'filler' },
  'acrylic-caulk': { kind: 'helper', chemistry: 'waterborne', label: 'acrylic caulk' },
  'elastomeric-caulk': { kind: 'helper', chemistry: 'waterborne', label: 'stretch caulk' },
  'seam-adhesive': { kind: 'helper', chemistry: 'waterborne', label: 'seam adhesive' },
  'masonry-paint-remover': { kind: 'helper', chemistry: 'waterborne', label: 'masonry paint remover' },
  stripper: { kind: 'helper', chemistry: 'solvent-borne', label: 'stripper' },
  'mineral-spirits': { kind: 'helper', chemistry: 'solvent-borne', label: 'mineral spirits' },
  acetone: { kind: 'helper', chemistry: 'solvent-borne', label: 'acetone' },
  'silicone-sealant': { kind: 'helper', chemistry: 'waterborne', label: 'silicone sealant' },
  'paintable-hybrid-sealant': { kind: 'helper', chemistry: 'waterborne', label: 'paintable hybrid sealant' },
  'exterior-filler': { kind: 'helper', chemistry: 'two-part', label: 'two-part exterior filler' },
} as const satisfies Record<string, FamilyRow>;

export type Family = keyof typeof FAMILY_TABLE;
type OfKind<K extends FamilyRow['kind']> = { [F in Family]: (typeof FAMILY_TABLE)[F]['kind'] extends K ? F : never }[Family];
export type PrimerFamily = OfKind<'primer'>;
export type FinishFamily = OfKind<'finish'>;
export type HelperFamily = OfKind<'helper'>;

const rowOf = (family: Family): FamilyRow => FAMILY_TABLE[family];

export const FAMILIES = Object.keys(FAMILY_TABLE) as Family[];
const ofKind = (kind: FamilyRow['kind']) => FAMILIES.filter((family) => rowOf(family).kind === kind);
export const PRIMER_FAMILIES = ofKind('primer') as PrimerFamily[];
export const FINISH_FAMILIES = ofKind('finish') as FinishFamily[];
export const HELPER_FAMILIES = ofKind('helper') as HelperFamily[];
/** What a clear system may end in. */
export const CLEAR_FINISHES: readonly Family[] = FAMILIES.filter((family) => rowOf(family).clearFinish);

export const FAMILY_LABELS = Object.fromEntries(FAMILIES.map((family) => [family, rowOf(family).label])) as Record<Family, string>;

/** The chemistry of a family. */
export const chemistryOf = (family: Family): Chemistry => FAMILY_TABLE[family].chemistry;

/** The colours a family is usually sold in. Helpers are sold as they are. */
export const tintsOf = (family: Family): TintRange => rowOf(family).tints ?? 'white';

/** Whether a family is a finish: what a system may end in. */
export const isFinish = (family: Family): family is FinishFamily => rowOf(family).kind === 'finish';

/** Whether a family is a cleaner, filler or sealant: used on the way, and no coat of the system. */
export const isHelper = (family: Family): family is HelperFamily => rowOf(family).kind === 'helper';
