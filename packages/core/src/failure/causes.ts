import type { Fault } from '../vocabulary/index.ts';
import { FIT_ROWS, NO_FINISH, UNSEALED } from '../systems/knowledge/fits.ts';
import { LEFT_ROWS } from './knowledge/grounds.ts';
import { HAND_ROWS, HANDLED_EARLY } from './knowledge/hands.ts';
import { RISING_ROWS } from './knowledge/rising.ts';
import { WET_ROWS } from './knowledge/wetFilm.ts';

/** One reason why a fault may come, by when it shows, and what is said of it. */
export interface CauseRow {
  fault: Fault;
  /** ISO 8601 duration by which it shows. */
  by: string;
  text: string;
}

const UNDER: CauseRow[] = [
  { fault: 'peels', by: 'P1M', text: 'The bond to what it is laid on lets go.' },
  { fault: 'peels', by: 'P6M', text: 'One fresh coat may let go of the other.' },
  { fault: 'peels', by: 'P1M', text: 'The old film lets go of what lies under it, and takes the new coats with it.' },
];
const SUCTION: CauseRow[] = [
  { fault: 'flashes', by: 'P1D', text: 'The ground drinks unevenly: joints and patches flash.' },
  { fault: 'sinks', by: 'P1D', text: 'The finish sinks into the timber and looks starved.' },
  { fault: 'flashes', by: 'P1D', text: 'Filler flashes: dull patches in slanting light.' },
];
const IN_THE_FILM: CauseRow[] = [
  { fault: 'dust-in-film', by: 'PT4H', text: 'Dust lies in the film, and shows.' },
  { fault: 'rough-grain', by: 'P1D', text: 'Nibs, raised grain and old brush marks show through the finish.' },
  { fault: 'rough-grain', by: 'P1D', text: 'Abraded last, the finish itself is scratched.' },
  { fault: 'shows-through', by: 'PT4H', text: 'What lies under it shows through: it wants another coat.' },
  { fault: 'bubbles', by: 'P1D', text: 'Unsealed paper swells and lifts.' },
  { fault: 'shows-through', by: NO_FINISH.by, text: NO_FINISH.text },
  { fault: 'knock', by: UNSEALED.by, text: UNSEALED.text },
  { fault: 'cracks', by: 'P6M', text: 'A dead-flat film is brittle and cracks where the joint moves.' },
  { fault: 'sticks-shut', by: HANDLED_EARLY.by, text: HANDLED_EARLY.text },
];

/** Every cause there is, told apart by its number. The same cause on two parts of a surface is one cause. */
export const CAUSES: readonly CauseRow[] = [
  ...UNDER,
  ...SUCTION,
  ...IN_THE_FILM,
  ...WET_ROWS,
  ...LEFT_ROWS,
  ...RISING_ROWS,
  ...HAND_ROWS,
  ...FIT_ROWS,
];

const from = (...before: readonly (readonly unknown[])[]) => before.reduce((sum, rows) => sum + rows.length, 0);
/** The numbers of causes that stand alone, and where those of each table begin. */
export const NO = {
  bond: 0,
  betweenCoats: 1,
  oldBond: 2,
  flashes: 3,
  sinks: 4,
  fillerFlashes: 5,
  dust: 6,
  rough: 7,
  cut: 8,
  hiding: 9,
  paper: 10,
  noFinish: 11,
  unsealed: 12,
  flat: 13,
  handledEarly: 14,
  wet: from(UNDER, SUCTION, IN_THE_FILM),
  left: from(UNDER, SUCTION, IN_THE_FILM, WET_ROWS),
  rising: from(UNDER, SUCTION, IN_THE_FILM, WET_ROWS, LEFT_ROWS),
  hand: from(UNDER, SUCTION, IN_THE_FILM, WET_ROWS, LEFT_ROWS, RISING_ROWS),
  fit: from(UNDER, SUCTION, IN_THE_FILM, WET_ROWS, LEFT_ROWS, RISING_ROWS, HAND_ROWS),
} as const;

/** The chance that belongs to log-odds. */
export const chanceOf = (logOdds: number): number => 1 / (1 + Math.exp(-logOdds));
