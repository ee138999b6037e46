import type { Family } from '../../vocabulary/index.ts';

/** What a primer may have to do. */
export const NEEDS = [
  'grip-gloss', 'grip-laminate', 'grip-hard', 'grip-metal', 'grip-nonferrous', 'seal-board', 'seal-plaster', 'seal-torn', 'seal-paste',
  'seal-paper', 'seal-wood', 'seal-chalk', 'seal-masonry', 'seal-filler', 'block-water', 'block-tannin', 'block-knots', 'block-ink',
  'block-smoke', 'block-odour', 'block-rust', 'hide',
] as const;
export type Need = (typeof NEEDS)[number];

/** What a primer family can do: 1 where it is mild, 2 well, 3 best. What is not named it does not do. */
export interface PrimerRow {
  family: Family;
  does: Partial<Record<Need, 1 | 2 | 3>>;
  outside: 'yes' | 'spots' | 'no';
  /** Stands on radiators and hot pipes. */
  heat: boolean;
  lowOdour: boolean;
  /** The kind of blocker it is, where a firm keeps to one kind. */
  blocker?: 'shellac' | 'oil' | 'bonding-acrylic';
  reason: string;
}

/** In the order they are taken where they do equally well. Source: practice; a product's own sheet wins. */
export const PRIMERS: readonly PrimerRow[] = [
  { family: 'pva-primer', does: { 'seal-board': 3, 'seal-plaster': 1 }, outside: 'no', heat: false, lowOdour: true, reason: 'PVA board primer evens the suction of paper face and filled joints.' },
  { family: 'multi-purpose-acrylic-primer', does: { 'seal-board': 3, 'seal-plaster': 3, 'seal-wood': 2, 'seal-paper': 1, 'seal-filler': 3, hide: 3, 'grip-gloss': 1, 'block-water': 1 }, outside: 'yes', heat: true, lowOdour: true, reason: 'A multi-purpose acrylic primer seals board, plaster and filler and evens colour.' },
  { family: 'wood-acrylic-primer', does: { 'seal-wood': 3, 'block-tannin': 1, 'seal-filler': 2, hide: 1 }, outside: 'yes', heat: false, lowOdour: true, reason: 'Acrylic wood primer seals the timber and moves with it.' },
  { family: 'microporous-primer', does: { 'seal-wood': 3 }, outside: 'yes', heat: false, lowOdour: true, reason: 'A breathable primer lets the timber dry outward.' },
  { family: 'shellac-primer', does: { 'grip-gloss': 3, 'grip-laminate': 3, 'grip-hard': 2, 'block-water': 3, 'block-tannin': 3, 'block-knots': 3, 'block-ink': 3, 'block-smoke': 3, 'block-odour': 3, 'block-rust': 1, 'seal-torn': 2, 'seal-paste': 2, 'seal-wood': 2, 'seal-filler': 2, 'seal-board': 2, 'seal-plaster': 2, hide: 2 }, outside: 'spots', heat: false, lowOdour: false, blocker: 'shellac', reason: 'Shellac grips and blocks best and takes the next coat within the hour.' },
  { family: 'bonding-acrylic-primer', does: { 'grip-gloss': 3, 'grip-laminate': 3, 'grip-hard': 3, 'grip-metal': 2, 'grip-nonferrous': 2, 'seal-wood': 2, 'seal-filler': 2, 'block-tannin': 1, 'seal-board': 2, 'seal-plaster': 2, hide: 2 }, outside: 'yes', heat: true, lowOdour: true, blocker: 'bonding-acrylic', reason: 'A urethane-acrylic bonding primer grips slick ground with little smell.' },
  { family: 'oil-primer', does: { 'seal-wood': 3, 'grip-gloss': 2, 'block-water': 3, 'block-tannin': 3, 'block-knots': 2, 'block-ink': 2, 'block-smoke': 2, 'block-odour': 2, 'block-rust': 2, 'seal-torn': 1, 'seal-paste': 2, 'seal-chalk': 1, 'seal-filler': 2, 'grip-metal': 2, 'seal-plaster': 2, hide: 2 }, outside: 'yes', heat: true, lowOdour: false, blocker: 'oil', reason: 'Oil primer soaks in, grips and blocks, and takes a day.' },
  { family: 'stain-blocking-acrylic-primer', does: { 'block-tannin': 2, 'block-water': 1, 'block-smoke': 1, 'block-odour': 1, 'seal-board': 2, 'seal-plaster': 2, 'seal-wood': 2, 'seal-paper': 2, 'seal-filler': 3, 'seal-torn': 1, hide: 3, 'grip-gloss': 1 }, outside: 'yes', heat: false, lowOdour: true, reason: 'A stain-blocking acrylic hides strongly and holds back mild stains; ink and water stains rise through it.' },
  { family: 'low-odour-oil-primer', does: { 'block-water': 3, 'block-tannin': 2, 'block-smoke': 3, 'block-odour': 2, 'block-ink': 2, 'block-knots': 1, 'seal-torn': 2, 'seal-paste': 2, 'seal-wood': 2, 'seal-filler': 2, 'seal-plaster': 2, 'grip-gloss': 2, hide: 2 }, outside: 'no', heat: true, lowOdour: true, blocker: 'oil', reason: 'A low-odour oil blocks stains where people stay in the house.' },
  { family: 'wallpaper-sealer', does: { 'seal-paper': 3 }, outside: 'no', heat: false, lowOdour: true, reason: 'A sealer made for paper keeps it from swelling and lifting, vinyl included.' },
  { family: 'penetrating-sealer', does: { 'seal-torn': 3, 'seal-paste': 3, 'seal-chalk': 3, 'seal-plaster': 2 }, outside: 'yes', heat: false, lowOdour: true, reason: 'A penetrating sealer binds torn paper, old paste and chalk to what is under them.' },
  { family: 'masonry-primer', does: { 'seal-masonry': 3, 'seal-chalk': 3, 'seal-plaster': 2 }, outside: 'yes', heat: false, lowOdour: true, reason: 'Masonry primer binds the face and evens its suction.' },
  { family: 'metal-primer', does: { 'grip-metal': 3, 'block-rust': 3 }, outside: 'yes', heat: true, lowOdour: false, reason: 'Metal primer holds back rust on iron and steel.' },
  { family: 'etch-primer', does: { 'grip-nonferrous': 3, 'grip-metal': 1 }, outside: 'yes', heat: true, lowOdour: false, reason: 'Etch primer bites into zinc and aluminium, which shed other primers.' },
  { family: 'clear-bonding-primer', does: { 'grip-gloss': 2, 'grip-laminate': 2 }, outside: 'no', heat: false, lowOdour: true, reason: 'A clear bonding primer grips without hiding the timber.' },
];
