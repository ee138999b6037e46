import type { Condition, Ground } from '../../vocabulary/index.ts';

/** What is found on some grounds only: named on another it was a slip of the pen, and nothing is done about it. Source: practice. */
export const FOUND_ON: Readonly<Partial<Record<Condition, readonly Ground[]>>> = {
  knots: ['timber'],
  rot: ['timber', 'laminate', 'plaster', 'paper'],
  'paste-residue': ['plaster', 'paper', 'masonry'],
  'weathered-wood': ['timber'],
  'end-grain': ['timber', 'laminate'],
  'loose-paper': ['paper'],
  'tannin-bleed': ['timber', 'laminate'],
  efflorescence: ['plaster', 'paper', 'masonry'],
  'torn-board-face': ['plaster', 'paper'],
  'joint-tape-lifting': ['plaster'],
};
