import type { Need } from '../../vocabulary/index.ts';
import type { FaceKind } from '../face.ts';

/**
 * How a film holds on a kind of face that is clean. `base` is the log-odds that a plain waterborne paint lets go of it
 * once it is dulled all over, within about five years indoors; `gloss` what a full, unbroken gloss adds. `need` is what
 * a primer has to be good at to hold here.
 */
export interface FaceRow {
  base: number;
  gloss: number;
  need: Need;
  /** What happens where nothing is laid that holds on it. */
  text: string;
  /** What it is called where something is laid that does. */
  words: string;
  /** When it lets go: ISO 8601. */
  by: string;
}

/** Source: practice; a nail after cure (ISO 2409 for the grades) tells the same of a patch. */
export const FACE_ROWS: Readonly<Record<FaceKind, FaceRow>> = {
  waterborne: { base: -4.4, gloss: 2.6, need: 'grip-gloss', text: 'A slick face gives the new coat less to hold.', words: 'the old waterborne paint', by: 'P6M' },
  oil: { base: 0.7, gloss: 1.8, need: 'grip-gloss', text: 'Waterborne straight on oil peels in sheets at the first knock.', words: 'old oil', by: 'P1M' },
  varnish: { base: 0.4, gloss: 1.8, need: 'grip-gloss', text: 'Paint slides off varnish: the first knock lifts it.', words: 'the old clear finish', by: 'P1M' },
  // As far as a brush can tell a skin of stain is a clear film; only what is said of it differs.
  stained: {
    base: 0.4,
    gloss: 1.8,
    need: 'grip-gloss',
    text: 'What of the stain stands on the timber as a skin lets go, and takes the paint with it.',
    words: 'the stained timber',
    by: 'P1M',
  },
  aerosol: { base: -0.4, gloss: 1.8, need: 'grip-gloss', text: 'Nobody knows what the sprayed film is, and paint may not hold on it.', words: 'the sprayed film', by: 'P3M' },
  primer: { base: -4.8, gloss: 0.8, need: 'grip-gloss', text: 'An old primer left standing gives the finish less to hold.', words: 'the old primer', by: 'P6M' },
  laminate: { base: 1.2, gloss: 1.9, need: 'grip-laminate', text: 'Without a bonding primer it scratches off with a nail.', words: 'laminate', by: 'P1M' },
  hard: {
    base: 1.3,
    gloss: 1.6,
    need: 'grip-hard',
    text: 'Glass, tile and plastic let go of everything that does not bond to them.',
    words: 'so hard and closed a ground',
    by: 'P1M',
  },
  iron: { base: 0.6, gloss: 1, need: 'grip-metal', text: 'Paint does not hold on bare iron, and rust lifts it.', words: 'iron', by: 'P6M' },
  'bright-metal': { base: 1.5, gloss: 1.2, need: 'grip-nonferrous', text: 'Zinc and aluminium shed it.', words: 'zinc or aluminium', by: 'P3M' },
  timber: {
    base: -1.9,
    gloss: 0,
    need: 'seal-wood',
    text: 'On bare timber the first coat has to soak in and hold, or the film moves loose with the wood.',
    words: 'the bare timber',
    by: 'P1Y',
  },
  board: { base: -3.2, gloss: 0, need: 'seal-board', text: 'Bare board drinks the binder out of the first coat.', words: 'the bare board', by: 'P6M' },
  plaster: { base: -2.2, gloss: 0.4, need: 'seal-plaster', text: 'On bare plaster a coat that does not soak in lies loose.', words: 'the bare plaster', by: 'P6M' },
  filler: { base: -2.2, gloss: 0.4, need: 'seal-filler', text: 'On bare filler a coat that does not soak in lies loose.', words: 'the filler', by: 'P6M' },
  masonry: { base: -0.6, gloss: 0, need: 'seal-masonry', text: 'Nothing binds the sandy face of the wall.', words: 'the bare masonry', by: 'P1Y' },
  paper: { base: -3, gloss: 0.6, need: 'seal-paper', text: 'Bare paper swells and lifts with the film.', words: 'the paper', by: 'P6M' },
  distemper: { base: 3, gloss: 0, need: 'seal-chalk', text: 'The new paint lets go with the distemper under it.', words: 'what is left of the distemper', by: 'P3M' },
};
