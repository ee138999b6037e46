import { ASKED } from './asked.ts';
import { CLEANED } from './cleaned.ts';
import { COMES_OFF } from './comesOff.ts';
import { DECIDED } from './decided.ts';
import { FAILING } from './failing.ts';
import { GROUNDS } from './grounds.ts';
import { KEPT } from './kept.ts';
import { LAYERS } from './layers.ts';
import { PATCHED } from './patched.ts';
import { PLACED } from './placed.ts';
import { ROOMS } from './rooms.ts';
import type { Situation } from './row.ts';
import { USUAL } from './usual.ts';
import { WEATHER } from './weather.ts';
import { WISHED } from './wished.ts';

/** Every situation, by what it is about. */
export const SITUATIONS: readonly (readonly [about: string, rows: readonly Situation[]])[] = [
  ['what is there, layer by layer', LAYERS],
  ['what was decided is heard', DECIDED],
  ['what follows where it is left out', FAILING],
  ['rooms, doors and pieces as they come', USUAL],
  ['outside, in old houses, and where work can hurt', WEATHER],
  ['what was wished for', WISHED],
  ['wet rooms, hot metal, boards and glass', ROOMS],
  ['grounds as they are laid, cut and moulded', GROUNDS],
  ['what is found in one place stays there', PLACED],
  ['what a patch told', PATCHED],
  ['what comes off is gone', COMES_OFF],
  ['what is kept is tried, and left as it is', KEPT],
  ['what is cleaned, and how far', CLEANED],
  ['what is asked, and what nobody need ask', ASKED],
];
