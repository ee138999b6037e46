/** The work: steps, methods, cautions, what to wear, faults and blocks. */

export const STEP_KINDS = [
  'contain-lead',
  'protect',
  'mask',
  'ventilate',
  'unhang',
  'close-opening',
  'remove-hardware',
  'free-sash',
  'strip',
  'scrape',
  'wash',
  'rinse',
  'mould-treat',
  'dry-out',
  'solvent-wipe',
  'degloss',
  'sand',
  'set-nails',
  'repair',
  'replace-board',
  'stick-down',
  'fill',
  'caulk',
  'remove-sealant',
  'dust-off',
  'tack-off',
  'test-patch',
  'pre-prime',
  'spot-prime',
  'prime',
  'undercoat',
  'sand-between',
  'finish-coat',
  'clear-coat',
  'distress',
  'cure-hold',
  'unmask',
  'refit-hardware',
  'rehang',
  'clean-up',
  'other-trade',
  'inspect',
  'revisit',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** The steps that lay a film, and so dry, open and close. */
export const COAT_KINDS = ['pre-prime', 'spot-prime', 'prime', 'undercoat', 'finish-coat', 'clear-coat'] as const satisfies readonly StepKind[];
export type CoatKind = (typeof COAT_KINDS)[number];

const LAYS_FILM: ReadonlySet<string> = new Set(COAT_KINDS);

/** True where the step lays a film. */
export function isCoat(kind: StepKind): kind is CoatKind {
  return LAYS_FILM.has(kind);
}

/** True where the step lays the film that is seen: a finish, or the clear coat over it. */
export const isTopcoat = (kind: StepKind): boolean => kind === 'finish-coat' || kind === 'clear-coat';

export const CAUTION_CODES = [
  'lead-presumed',
  'lead-positive',
  'asbestos-possible',
  'solvent-vapour',
  'flammable-vapour',
  'oily-rags',
  'dust',
  'sensitiser',
  'eye-irritant',
  'caustic',
  'bleach-mixing',
  'ladder',
  'open-house',
  'children-and-pets',
  'heavy-lift',
  'sealant-fumes',
  'hot-surface',
] as const;
export type CautionCode = (typeof CAUTION_CODES)[number];

export const WEAR = ['respirator-dust', 'respirator-vapour', 'gloves', 'eye-protection', 'coverall', 'knee-pads'] as const;
export type Wear = (typeof WEAR)[number];

export const FAULTS = [
  'peels',
  'crawls',
  'flashes',
  'bleeds',
  'shows-through',
  'sinks',
  'runs',
  'brush-marks',
  'roller-stipple',
  'bubbles',
  'crackles',
  'cracks',
  'wrinkles',
  'sticks-shut',
  'ragged-line',
  'dust-in-film',
  'rough-grain',
  'detail-filled',
  'knock',
  'miss',
  'stain',
] as const;
export type Fault = (typeof FAULTS)[number];

/** What can be the matter with a film that was laid: a fault that is seen, or that it should not be there at all. */
export const TROUBLES = [...FAULTS, 'wrong-coat'] as const;
export type Trouble = (typeof TROUBLES)[number];

export const METHODS = ['brush', 'roll', 'cut-in-and-roll', 'roll-and-lay-off', 'spray', 'aerosol', 'flood'] as const;
export type Method = (typeof METHODS)[number];

export const BLOCK_CODES = [
  'waterborne-on-oil',
  'paint-on-silicone',
  'paint-on-damp',
  'paint-on-rot',
  'paint-on-paste',
  'paint-on-mould',
  'dry-sand-lead',
  'interior-product-outside',
  'shellac-outside-at-large',
  'shellac-on-heat',
  'incompatible-makers',
  'nothing-on-shelf',
] as const;
export type BlockCode = (typeof BLOCK_CODES)[number];

export const TECHNIQUES = ['dry', 'wet', 'extracted'] as const;
export type Technique = (typeof TECHNIQUES)[number];

export const TINTS = ['white', 'grey-light', 'grey-mid', 'grey-deep', 'toward-finish'] as const;
export type Tint = (typeof TINTS)[number];
