import type { Fault, StepKind } from '../../vocabulary/index.ts';

/** What follows when one step is done after another that should come later. */
export interface MisplacedRow {
  /** Should come first. */
  first: readonly StepKind[];
  then: readonly StepKind[];
  fault: Fault;
  odds: number;
  /** ISO 8601 duration after which it shows. */
  shows: string;
  redo: number;
  text: string;
  /** Done again later, it is in order: only the last of them counts. */
  lastCounts?: boolean;
}

/** A sealer on torn face goes on before the wall is wetted; every other film comes after the preparation. */
const COATS = ['spot-prime', 'prime', 'undercoat', 'finish-coat', 'clear-coat'] as const;
const FINISHES = ['finish-coat', 'clear-coat'] as const;

/** Every row whose order is turned round is told; pairs that no row names may change places. Source: practice. */
export const MISPLACED: readonly MisplacedRow[] = [
  {
    first: ['wash', 'rinse'],
    then: ['sand', 'degloss'],
    fault: 'crawls',
    odds: 0.4,
    shows: 'PT1H',
    redo: 1.1,
    text: 'Sanded before it is washed, grease and dirt are ground into the face.',
  },
  {
    first: ['wash'],
    then: ['rinse'],
    fault: 'peels',
    odds: 0.25,
    shows: 'P3M',
    redo: 1.1,
    text: 'Rinsed before it is washed, the cleaner stays on the face.',
  },
  {
    first: ['rinse', 'dry-out', 'mould-treat', 'solvent-wipe'],
    then: COATS,
    fault: 'peels',
    odds: 0.6,
    shows: 'P1M',
    redo: 1.3,
    text: 'Painted before it is clean and dry, the film has nothing to hold to.',
  },
  {
    first: ['sand', 'degloss', 'scrape', 'strip'],
    then: COATS,
    fault: 'peels',
    odds: 0.5,
    shows: 'P3M',
    redo: 1.2,
    text: 'The coat lies on a face that was never prepared, and is cut up by the preparing.',
  },
  {
    first: ['sand', 'sand-between', 'fill'],
    then: ['dust-off', 'tack-off'],
    fault: 'dust-in-film',
    odds: 0.7,
    shows: 'PT4H',
    redo: 0.6,
    text: 'Dusted off before the last sanding, the dust lies in the next coat.',
    lastCounts: true,
  },
  {
    first: ['dust-off', 'tack-off'],
    then: COATS,
    fault: 'dust-in-film',
    odds: 0.7,
    shows: 'PT4H',
    redo: 0.6,
    text: 'Coated first, the dust is in the film for good.',
  },
  {
    first: ['fill', 'repair', 'replace-board', 'stick-down'],
    then: ['spot-prime', 'prime'],
    fault: 'flashes',
    odds: 0.6,
    shows: 'P1D',
    redo: 0.5,
    text: 'Filled after the primer, the filler stands bare under the finish and flashes.',
  },
  {
    first: ['fill'],
    then: ['sand'],
    fault: 'miss',
    odds: 0.8,
    shows: 'PT4H',
    redo: 0.3,
    text: 'Filler put on after the sanding stands proud in the finish.',
  },
  {
    first: ['remove-sealant'],
    then: [...COATS, 'caulk'],
    fault: 'crawls',
    odds: 0.95,
    shows: 'PT1H',
    redo: 0.4,
    text: 'Paint and bead crawl on the silicone that is still there.',
  },
  {
    first: ['pre-prime'],
    then: ['caulk', 'prime', 'spot-prime'],
    fault: 'cracks',
    odds: 0.5,
    shows: 'P1Y',
    redo: 0.5,
    text: 'The penetrating coat cannot get in under bead or primer: end grain goes on drinking.',
  },
  {
    first: ['spot-prime', 'prime', 'undercoat', 'pre-prime'],
    then: FINISHES,
    fault: 'peels',
    odds: 0.8,
    shows: 'P1M',
    redo: 1.4,
    text: 'A primer over the finish holds nothing up, and hides it.',
  },
  {
    first: ['prime', 'undercoat'],
    then: ['sand-between'],
    fault: 'rough-grain',
    odds: 0.6,
    shows: 'P1D',
    redo: 0.4,
    text: 'The grain that the first coat raises is left standing.',
  },
  {
    first: ['sand-between'],
    then: FINISHES,
    fault: 'rough-grain',
    odds: 0.7,
    shows: 'P1D',
    redo: 0.4,
    text: 'Abraded last, the finish itself is scratched.',
  },
  {
    first: ['finish-coat'],
    then: ['clear-coat', 'cure-hold', 'unmask'],
    fault: 'miss',
    odds: 0.9,
    shows: 'P1D',
    redo: 0.6,
    text: 'The colour goes over what should have been over it.',
  },
  {
    first: ['caulk'],
    then: FINISHES,
    fault: 'ragged-line',
    odds: 0.7,
    shows: 'P1D',
    redo: 0.2,
    text: 'A bead laid over the finish shows, and yellows beside it.',
  },
  {
    first: ['protect', 'mask'],
    then: ['wash', 'strip', 'sand', ...COATS],
    fault: 'stain',
    odds: 0.5,
    shows: 'P1D',
    redo: 0.3,
    text: 'Covered afterwards, floors and glass have the splashes already.',
  },
  {
    first: ['ventilate'],
    then: COATS,
    fault: 'wrinkles',
    odds: 0.2,
    shows: 'P1D',
    redo: 0.6,
    text: 'Vapour stands in the room while the coat is laid.',
  },
  {
    first: ['cure-hold'],
    then: ['refit-hardware', 'rehang'],
    fault: 'sticks-shut',
    odds: 0.5,
    shows: 'P1D',
    redo: 0.3,
    text: 'Handled before it is hard, the film prints and sticks.',
  },
  {
    first: ['free-sash'],
    then: COATS,
    fault: 'sticks-shut',
    odds: 0.9,
    shows: 'P1D',
    redo: 0.3,
    text: 'Painted in before it is eased, the film tears when it is freed.',
  },
  {
    first: ['test-patch'],
    then: COATS,
    fault: 'peels',
    odds: 0.3,
    shows: 'P1M',
    redo: 1.4,
    text: 'Laid before the patch was read, the whole surface is the trial.',
  },
  {
    first: ['inspect', 'other-trade'],
    then: COATS,
    fault: 'stain',
    odds: 0.6,
    shows: 'P6M',
    redo: 0.9,
    text: 'Painted before the cause is found, the same fault comes back.',
  },
];
