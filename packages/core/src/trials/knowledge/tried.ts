import { PAINT_AFTER_MIN } from '../../systems/knowledge/skinning.ts';
import type { BoardWork, Family, StepKind, Tried } from '../../vocabulary/index.ts';

/** What is asked of a board beside its coats: one line of the form each. */
export const TRIED_LINES = ['clean', 'wipe', 'dull', 'joint'] as const;
export type TriedLine = (typeof TRIED_LINES)[number];

export const TRIED_LINE_WORDS: Record<TriedLine, string> = {
  clean: 'Cleaner',
  wipe: 'Wipe',
  dull: 'Dulled by',
  joint: 'Bead in the joint',
};

/** One thing that may be done to a cell. */
export interface TriedRow {
  tried: Tried;
  line: TriedLine;
  words: string;
  /** What it is as work; paper of every grit is one. */
  work: BoardWork;
  /** The steps it takes on the cell, in order. */
  steps: readonly { kind: StepKind; family?: Family; grit?: number }[];
  /** Minutes until it may be painted over. */
  waitMin?: number;
}

const washed = (family: Family): TriedRow['steps'] => [{ kind: 'wash', family }, { kind: 'rinse' }];
const sanded = (grit: number): TriedRow['steps'] => [{ kind: 'sand', grit }, { kind: 'dust-off' }];

/** In the order in which they are done on a cell. Source: practice. */
export const TRIED_ROWS: readonly TriedRow[] = [
  { tried: 'bead-cut-out', line: 'joint', words: 'bead cut out', work: 'bead-cut-out', steps: [{ kind: 'remove-sealant' }] },
  { tried: 'scraped', line: 'dull', words: 'scraped', work: 'scraped', steps: [{ kind: 'scrape' }, { kind: 'dust-off' }] },
  { tried: 'degreaser', line: 'clean', words: 'degreased and rinsed', work: 'degreased', steps: washed('degreaser') },
  { tried: 'alkaline-cleaner', line: 'clean', words: 'alkaline wash, rinsed', work: 'washed-alkaline', steps: washed('alkaline-cleaner') },
  { tried: 'alcohol-wipe', line: 'wipe', words: 'wiped with alcohol', work: 'alcohol-wiped', steps: [{ kind: 'solvent-wipe', family: 'denatured-alcohol' }] },
  { tried: 'spirit-wipe', line: 'wipe', words: 'wiped with mineral spirits', work: 'spirit-wiped', steps: [{ kind: 'solvent-wipe', family: 'mineral-spirits' }] },
  { tried: 'acetone-wipe', line: 'wipe', words: 'wiped with acetone', work: 'acetone-wiped', steps: [{ kind: 'solvent-wipe', family: 'acetone' }] },
  { tried: 'deglosser', line: 'dull', words: 'deglossed', work: 'deglossed', steps: [{ kind: 'degloss', family: 'deglosser' }] },
  { tried: 'sanded-100', line: 'dull', words: 'sanded 100', work: 'sanded', steps: sanded(100) },
  { tried: 'sanded-120', line: 'dull', words: 'sanded 120', work: 'sanded', steps: sanded(120) },
  { tried: 'sanded-180', line: 'dull', words: 'sanded 180', work: 'sanded', steps: sanded(180) },
  { tried: 'sanded-220', line: 'dull', words: 'sanded 220', work: 'sanded', steps: sanded(220) },
  { tried: 'sanded-320', line: 'dull', words: 'sanded 320', work: 'sanded', steps: sanded(320) },
  {
    tried: 'acrylic-bead',
    line: 'joint',
    words: 'acrylic caulk',
    work: 'acrylic-bead',
    steps: [{ kind: 'caulk', family: 'acrylic-caulk' }],
    waitMin: PAINT_AFTER_MIN['acrylic-caulk'],
  },
  {
    tried: 'stretching-bead',
    line: 'joint',
    words: 'stretching caulk',
    work: 'stretching-bead',
    steps: [{ kind: 'caulk', family: 'elastomeric-caulk' }],
    waitMin: PAINT_AFTER_MIN['elastomeric-caulk'],
  },
  {
    tried: 'hybrid-bead',
    line: 'joint',
    words: 'hybrid sealant',
    work: 'hybrid-bead',
    steps: [{ kind: 'caulk', family: 'paintable-hybrid-sealant' }],
    waitMin: PAINT_AFTER_MIN['paintable-hybrid-sealant'],
  },
];
