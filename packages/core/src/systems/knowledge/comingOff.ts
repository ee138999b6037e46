import type { Case } from '../case.ts';
import type { Step } from '../../model/step.ts';
import { sanding, scraping, solventWipe, stripping, washing } from './situations/situation.ts';
import type { Chemistry } from '../../vocabulary/index.ts';

/** How a coat that should not be there comes off, while its film is no older than this. */
export interface OffRow {
  /** Hours since it was laid; null: from the row before on, for good. */
  untilHours: number | null;
  words: string;
  /** With stripper, which not everything stands. */
  strips?: true;
  steps: (c: Case) => Step[];
}

const alcohol = (why: string) => solventWipe('denatured-alcohol', why);
/** A rag after a rag: it need not flash off whole between two. */
const spirits = (why: string) => solventWipe('mineral-spirits', why, { waitMin: 30 });
const stripped = (c: Case, why: string): Step[] => [
  stripping(why, { why: [why, 'Try a hand’s breadth first: what lies under it may soften too.'] }),
  scraping(c, 'Lift it off while it is soft, into a tray.'),
  ...washing('alkaline-cleaner', 'Stripper left behind lifts the next coat.'),
  sanding(c, 180, 'Smooth what the scraper left.'),
];

/** By what carries the film, from the wettest on; the last row of each holds for good. Hours at room warmth; source: practice. */
export const COMES_OFF: Readonly<Record<Chemistry, readonly OffRow[]>> = {
  waterborne: [
    {
      untilHours: 1,
      words: 'water and a cloth',
      steps: () => washing('alkaline-cleaner', 'Wash it off now, while it is wet: in an hour it takes alcohol.'),
    },
    {
      untilHours: 18,
      words: 'alcohol and a rag',
      steps: () => [alcohol('Alcohol takes a film of this morning off with a rag; turn to a clean place with every stroke.'), alcohol('Once more, until the rag stays clean.')],
    },
    {
      untilHours: 120,
      words: 'alcohol and a scraper',
      steps: (c) => [
        alcohol('Wet a stretch with alcohol, and give it a few minutes.'),
        scraping(c, 'Push it off with a scraper while it is soft.'),
        alcohol('Wipe away what is left.'),
        sanding(c, 180, 'Take off the last of it.'),
      ],
    },
    {
      untilHours: null,
      words: 'stripper',
      strips: true,
      steps: (c) => stripped(c, 'A film of a week no longer minds alcohol: it takes a stripper.'),
    },
  ],
  'solvent-borne': [
    {
      untilHours: 6,
      words: 'white spirit and a rag',
      steps: () => [spirits('Wipe it off before it skins.'), spirits('Once more, with clean rags, until nothing comes.')],
    },
    {
      untilHours: 48,
      words: 'white spirit and a scraper',
      steps: (c) => [scraping(c, 'Scrape the soft skin off.'), spirits('Wipe away what smears.'), sanding(c, 180, 'Once it no longer clogs the paper, take off the last of it.')],
    },
    {
      untilHours: null,
      words: 'stripper',
      strips: true,
      steps: (c) => stripped(c, 'Oil that has set comes off with a stripper alone.'),
    },
  ],
  'alcohol-borne': [
    {
      untilHours: 24,
      words: 'alcohol and a rag',
      steps: () => [alcohol('Alcohol dissolves it again: wipe it off, with plenty of clean rags.'), alcohol('Once more, until the rag stays clean.')],
    },
    {
      untilHours: null,
      words: 'alcohol and a scraper',
      steps: (c) => [
        alcohol('Alcohol softens it however old it is: wet it, and wait a few minutes.'),
        scraping(c, 'Push off what has gone soft.'),
        alcohol('Wipe until the rag stays clean.'),
        sanding(c, 220, 'Smooth what is left.'),
      ],
    },
  ],
  'two-part': [
    {
      untilHours: 1,
      words: 'acetone and a rag',
      steps: () => [solventWipe('acetone', 'Only before it sets, and only with fresh air: nothing dissolves it afterwards.')],
    },
    {
      untilHours: null,
      words: 'scraper and coarse paper',
      steps: (c) => [scraping(c, 'Nothing dissolves it: it is scraped.'), sanding(c, 80, 'Coarse, until it is gone.'), sanding(c, 150, 'Take the scratches down.')],
    },
  ],
};

/** What the film soaked into does not give it back: what stands on top is taken off, the rest is ground for the next coat. */
export const SOAKED_IN: OffRow = {
  untilHours: null,
  words: 'sanding: it has soaked in',
  steps: (c) => [
    scraping(c, 'It has soaked into bare ground: what stands on top comes off.'),
    sanding(c, 120, 'Down to what is firm; what is in the pores stays, and is primed over.'),
  ],
};

/** What alcohol and stripper would take along with the wrong coat is left dry: it is scraped. */
export const DRY_ONLY: OffRow = {
  untilHours: null,
  words: 'scraper: a solvent would take what is under it too',
  steps: (c) => [scraping(c, 'By hand, at a low angle: alcohol or stripper would take the sound film under it too.'), sanding(c, 150, 'Feather what will not come off.')],
};

/** Set hard on what stands no stripper: inch by inch. */
export const INCH_BY_INCH: OffRow = {
  untilHours: null,
  words: 'scraper, inch by inch: no stripper may go on this',
  steps: (c) => [
    alcohol('Wet a hand’s breadth with alcohol and cover it: an hour softens the face of the film.'),
    scraping(c, 'By hand, at a low angle, a strip at a time.'),
    alcohol('Again, for what stayed.'),
    scraping(c, 'And again.'),
    sanding(c, 150, 'Feather what will not come off.'),
    sanding(c, 220, 'Take the scratches down.'),
  ],
};
