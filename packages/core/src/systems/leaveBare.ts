import type { Case } from './case.ts';
import type { Step } from '../model/step.ts';
import { refusesStripper } from './comingOff.ts';
import { isLocal } from './local.ts';
import { paperOff } from './offPaper.ts';
import { sanding, scraping, stripping, washing, solventWipe } from './knowledge/situations/situation.ts';

/** A remover works by itself for about a day under its cover. Source: typical data sheets. */
const DWELL_MIN = 1440;
const WEAR: Step['wear'] = ['gloves', 'eye-protection', 'coverall', 'respirator-vapour'];

/** Spray-can paint that was measured on bare masonry is taken off where it is, and the rest is let be. */
const whereSprayed = (c: Case): { scope?: 'spots' } =>
  isBareAlready(c) && isLocal(c, 'aerosol-paint') ? { scope: 'spots' } : {};

/** Masonry: a trial first, the remover's dwell, and nothing into the drain. */
const offMasonry = (c: Case): Step[] => [
  {
    kind: 'test-patch',
    trial: true,
    family: 'masonry-paint-remover',
    waitMin: DWELL_MIN,
    why: [
      'A trial first, in a corner: how long the remover takes here, how many layers come, and what the face looks like.',
    ],
  },
  {
    kind: 'strip',
    family: 'masonry-paint-remover',
    waitMin: DWELL_MIN,
    wear: WEAR,
    ...whereSprayed(c),
    why: ['The paint is taken off and the ground is left as it is: remover by its data sheet, covered while it works.'],
  },
  {
    kind: 'rinse',
    waitMin: 2880,
    ...whereSprayed(c),
    why: [
      'Rinse from the top down and collect the run-off: it carries paint and remover, and goes into no drain or bed.',
    ],
  },
];

/** Paper comes off with water; what held it is washed off. */
const offPaper = (c: Case): Step[] => [
  paperOff('The paper comes off, and the wall is left as it is.'),
  ...washing('alkaline-cleaner', 'Wash off the paste.'),
  sanding(c, 150, 'Take off fibres and the last of the paste.'),
];

const RUSTS = 'Bare iron rusts within days: it is oiled or waxed at once, or painted after all.';

const offOther = (c: Case): Step[] => [
  stripping('The coating is taken off and the ground is left as it is. Try a hand-sized place first.', { wear: WEAR }),
  solventWipe(
    'mineral-spirits',
    c.ground === 'timber'
      ? 'Wipe off what the stripper leaves, with the grain, until a clean rag stays clean.'
      : `Wipe off what the stripper leaves, until a clean rag stays clean.${c.d.surface.substrate === 'ferrous-metal' ? ` ${RUSTS}` : ''}`,
  ),
  ...(c.ground === 'timber' ? [sanding(c, 120, 'Lay the fibres down with the grain.')] : []),
];

/** Foil, board and plastic stand no stripper: a blunt scraper and alcohol, and no scratch that nothing will cover. */
const offWhatNoStripperMayTouch = (c: Case): Step[] => [
  scraping(c, 'A plastic scraper, a strip at a time: a scratch stays to be seen.'),
  solventWipe(
    'denatured-alcohol',
    'Alcohol softens what stays: wet a hand’s breadth, cover it for an hour, and wipe it off. No stripper goes on this.',
  ),
];

/** Who asks for a coating to be taken off says that there is one; only what was never coated, or was said or found to be bare, has none. */
const isBareAlready = ({ d }: Case) =>
  d.surface.isNew === true || d.surface.currentFinish === 'bare' || d.odds.bare >= FOUND_BARE;
const FOUND_BARE = 0.7;

/** Nothing is sealed in, so that nobody waits; but what was damp under paint is damp without it. */
const WHERE_IT_COMES_FROM: Step = {
  kind: 'inspect',
  why: ['Bare, it dries better than under paint; but find where the water comes from and have it put right.'],
};

/** The work of taking a coating off where the ground is to be left bare: no coat follows. */
export const bareWork = (c: Case): Step[] => [...(c.is('damp') ? [WHERE_IT_COMES_FROM] : []), ...takenOff(c)];

function takenOff(c: Case): Step[] {
  if (isBareAlready(c) && c.ground !== 'paper' && !c.is('aerosol-paint'))
    return washing('alkaline-cleaner', 'It is bare already: it is washed, and left.');
  if (c.ground === 'masonry') return offMasonry(c);
  if (c.ground === 'paper') return offPaper(c);
  return refusesStripper(c) ? offWhatNoStripperMayTouch(c) : offOther(c);
}
