import type { Family, StepKind, Wear } from '../../vocabulary/index.ts';

/** Something that is used up or worn and is neither paint nor a tool for years. Price in minor units for one `unit`. */
export interface Sundry {
  words: string;
  unit: string;
  price: number;
}

/** Sundries by code, with typical prices. The firm's merchant wins. */
export const SUNDRIES = {
  sleeve: { words: 'roller sleeve', unit: 'sleeve', price: 320 },
  'throwaway-brush': { words: 'throwaway brush', unit: 'brush', price: 150 },
  abrasive: { words: 'abrasive', unit: 'sheet', price: 65 },
  'wet-abrasive': { words: 'wet-and-dry paper', unit: 'sheet', price: 85 },
  tape: { words: 'low-tack tape, 50 m', unit: 'roll', price: 480 },
  'line-tape': { words: 'tape for fresh paint, 50 m', unit: 'roll', price: 690 },
  sheeting: { words: 'dust sheet, 20 m²', unit: 'sheet', price: 650 },
  'lead-sheeting': { words: 'plastic sheeting, heavy, 50 m²', unit: 'roll', price: 2400 },
  'waste-bags': { words: 'waste bags, heavy', unit: 'bag', price: 90 },
  rags: { words: 'white rags, 1 kg', unit: 'bag', price: 420 },
  'tack-rag': { words: 'tack rag', unit: 'rag', price: 110 },
  filter: { words: 'paint strainer', unit: 'strainer', price: 40 },
  'backing-rod': { words: 'rod for wide joints, 10 m', unit: 'coil', price: 560 },
  'acrylic-bead': { words: 'decorators’ caulk, 310 ml', unit: 'cartridge', price: 290 },
  'elastic-bead': { words: 'elastic caulk, 310 ml', unit: 'cartridge', price: 620 },
  'hybrid-bead': { words: 'sealant that takes paint, 290 ml', unit: 'cartridge', price: 890 },
  'silicone-bead': { words: 'silicone for wet rooms, mould-proof, 310 ml', unit: 'cartridge', price: 690 },
  filler: { words: 'filler, 1 L', unit: 'tub', price: 780 },
  'gloves-pair': { words: 'gloves', unit: 'pair', price: 45 },
  'dust-filters': { words: 'dust filters for the respirator', unit: 'pair', price: 820 },
  'vapour-filters': { words: 'vapour filters for the respirator', unit: 'pair', price: 1350 },
  coverall: { words: 'disposable coverall', unit: 'coverall', price: 580 },
} as const satisfies Record<string, Sundry>;
export type SundryCode = keyof typeof SUNDRIES;

/** What a step uses of a sundry: so much for each step, and for each m² it covers, over all its coats. */
export interface Use {
  code: SundryCode;
  each?: number;
  perM2?: number;
}

/** Source: practice. Sleeves, brushes and abrasives are counted from the step itself, by rule and grit. */
export const USES: Partial<Record<StepKind, readonly Use[]>> = {
  'contain-lead': [
    { code: 'lead-sheeting', each: 1 },
    { code: 'waste-bags', each: 3 },
    { code: 'tape', each: 1 },
  ],
  protect: [{ code: 'sheeting', perM2: 0.02 }],
  mask: [{ code: 'tape', perM2: 0.04 }],
  'solvent-wipe': [{ code: 'rags', perM2: 0.04 }],
  degloss: [{ code: 'rags', perM2: 0.05 }],
  'tack-off': [{ code: 'tack-rag', perM2: 0.08 }],
  fill: [{ code: 'filler', perM2: 0.02 }],
  strip: [{ code: 'waste-bags', perM2: 0.1 }],
  scrape: [{ code: 'waste-bags', perM2: 0.03 }],
};

/** Metres of the line of a part that a roll of tape goes along, with what is lost at its ends. */
export const METRES_A_ROLL = 45;

/** What a bead is squeezed from, by what it is of, and how many ml its cartridge holds. */
export const BEAD_OF: Partial<Record<Family, { code: SundryCode; ml: number }>> = {
  'acrylic-caulk': { code: 'acrylic-bead', ml: 310 },
  'elastomeric-caulk': { code: 'elastic-bead', ml: 310 },
  'paintable-hybrid-sealant': { code: 'hybrid-bead', ml: 290 },
  'silicone-sealant': { code: 'silicone-bead', ml: 310 },
};
/** Metres that a cartridge fills: a bead of 5 mm, with what is wiped off; and cartridges by the m² where nobody measured. */
export const METRES_A_CARTRIDGE = 15;
export const CARTRIDGES_A_M2 = 0.06;

/** How deep a bead of this width is laid, in mm: as deep as wide, a wide one half as deep over its rod. Source: data-sheet limits. */
export const beadDepthMm = (widthMm: number): number => Math.max(Math.min(widthMm, 6), widthMm / 2);
/** Of width by depth so much is squeezed out: a hollow bead, and what is wiped off. Source: practice. */
export const BEAD_FILLS = 0.83;

/** Metres that a coil of rod goes along. */
export const METRES_A_COIL = 10;
/** Tape on both edges of a joint, and metres of it on a roll. */
export const TAPES_A_JOINT = 2;
export const METRES_OF_TAPE = 50;

/** How many m² a sheet of abrasive rubs before it is dull, by how fine it is. */
export const ABRASIVE_M2 = { coarse: 2, middle: 3.5, fine: 5 } as const;
export const gritBand = (grit: number): keyof typeof ABRASIVE_M2 => (grit < 100 ? 'coarse' : grit < 200 ? 'middle' : 'fine');

/** What is worn and how long one of it serves, in hands-on minutes. */
export const WORN: Partial<Record<Wear, { code: SundryCode; minutes: number }>> = {
  gloves: { code: 'gloves-pair', minutes: 180 },
  'respirator-dust': { code: 'dust-filters', minutes: 2400 },
  'respirator-vapour': { code: 'vapour-filters', minutes: 1200 },
  coverall: { code: 'coverall', minutes: 420 },
};

/** A strainer for each so many litres of finish. */
export const LITRES_A_STRAINER = 2.5;
