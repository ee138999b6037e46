import type { BoardWork } from '../../vocabulary/index.ts';

/** How cells may be told apart, and what takes the label off. */
export interface LabelRow {
  words: string;
  /** Work on the cells that takes it off. */
  goesWith: readonly BoardWork[];
  reason: string;
}

const WET: readonly BoardWork[] = ['degreased', 'washed-alkaline'];
const SOLVENT: readonly BoardWork[] = ['alcohol-wiped', 'spirit-wiped', 'acetone-wiped', 'deglossed'];
const ABRADES: readonly BoardWork[] = ['sanded', 'scraped'];

/** The easiest first: the first that outlasts what is done on this board is named. A pen is never: the spirit of a rub takes it. Source: practice. */
export const LABEL_ROWS: readonly LabelRow[] = [
  { words: 'Write the label on tape beside each cell', goesWith: [...WET, ...SOLVENT, ...ABRADES], reason: 'Water and solvent lift it, and paper rubs it away.' },
  { words: 'Pencil the label beside each cell', goesWith: ABRADES, reason: 'Paper and scraper take a pencil off.' },
  { words: 'Scratch the label in beside each cell with a nail', goesWith: [], reason: 'Nothing takes a scratch off.' },
];
