import type { Family } from './families.ts';
import type { StepKind } from './work.ts';

/** What may be done to a cell of a trial board before its first coat, one thing each. */
export const TRIED = [
  'degreaser',
  'alkaline-cleaner',
  'alcohol-wipe',
  'spirit-wipe',
  'acetone-wipe',
  'deglosser',
  'scraped',
  'sanded-100',
  'sanded-120',
  'sanded-180',
  'sanded-220',
  'sanded-320',
  'bead-cut-out',
  'acrylic-bead',
  'stretching-bead',
  'hybrid-bead',
] as const;
export type Tried = (typeof TRIED)[number];

/** What kinds of work those are: paper of any grit is one. A coat may hold otherwise after one of them. */
export const BOARD_WORKS = [
  { work: 'degreased', kind: 'wash', family: 'degreaser', words: 'degreasing' },
  { work: 'washed-alkaline', kind: 'wash', family: 'alkaline-cleaner', words: 'an alkaline wash' },
  { work: 'alcohol-wiped', kind: 'solvent-wipe', family: 'denatured-alcohol', words: 'a wipe with alcohol' },
  { work: 'spirit-wiped', kind: 'solvent-wipe', family: 'mineral-spirits', words: 'a wipe with mineral spirits' },
  { work: 'acetone-wiped', kind: 'solvent-wipe', family: 'acetone', words: 'a wipe with acetone' },
  { work: 'deglossed', kind: 'degloss', family: null, words: 'deglossing' },
  { work: 'scraped', kind: 'scrape', family: null, words: 'scraping' },
  { work: 'sanded', kind: 'sand', family: null, words: 'sanding' },
  { work: 'bead-cut-out', kind: 'remove-sealant', family: null, words: 'cutting out the bead' },
  { work: 'acrylic-bead', kind: 'caulk', family: 'acrylic-caulk', words: 'a bead of acrylic caulk' },
  { work: 'stretching-bead', kind: 'caulk', family: 'elastomeric-caulk', words: 'a bead that stretches' },
  { work: 'hybrid-bead', kind: 'caulk', family: 'paintable-hybrid-sealant', words: 'a bead of hybrid sealant' },
] as const satisfies readonly { work: string; kind: StepKind; family: Family | null; words: string }[];
export type BoardWork = (typeof BOARD_WORKS)[number]['work'];

/** Where a cell let go, from below: under the film that stood there, under our first coat, or between coats of ours. */
export const BOARD_BONDS = ['old-film', 'first-coat', 'between-coats'] as const;
export type BoardBond = (typeof BOARD_BONDS)[number];

export const BOARD_BOND_LABELS: Record<BoardBond, string> = {
  'old-film': 'the old film, with ours on it',
  'first-coat': 'our first coat, off what stood there',
  'between-coats': 'our coats, off each other',
};

/** How many arms of each kind a board may have. */
export const MOST_ARMS = { preparations: 12, primers: 6, topcoats: 6 } as const;
/** How often each way may lie on one. */
export const MOST_REPLICATES = 5;
