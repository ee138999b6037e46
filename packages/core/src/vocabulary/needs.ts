/** What a primer may be asked to do, and the kinds of ground it may lie on. */

export const NEEDS = [
  'grip-gloss',
  'grip-laminate',
  'grip-hard',
  'grip-metal',
  'grip-nonferrous',
  'seal-board',
  'seal-plaster',
  'seal-torn',
  'seal-paste',
  'seal-paper',
  'seal-wood',
  'seal-chalk',
  'seal-masonry',
  'seal-filler',
  'block-water',
  'block-tannin',
  'block-knots',
  'block-ink',
  'block-smoke',
  'block-odour',
  'block-rust',
  'hide',
] as const;
export type Need = (typeof NEEDS)[number];

export const GROUNDS = ['timber', 'plaster', 'laminate', 'paper', 'masonry', 'metal', 'hard'] as const;
/** What a surface is made of, as far as paint minds. */
export type Ground = (typeof GROUNDS)[number];
