import { LETS_GO } from '../../evidence/knowledge/laysOpen.ts';
import type { Condition, Family, Finish, Trouble } from '../../vocabulary/index.ts';
import { chemistryOf } from '../../vocabulary/index.ts';
import type { Case } from '../../systems/case.ts';
import type { Step } from '../../model/step.ts';
import { sanding, scraping, solventWipe, strongBlocker, washing } from '../../systems/knowledge/situations/situation.ts';

/** What is known when something has gone wrong: what was laid last, and whether it is still wet. */
export interface Wrong {
  fault: Trouble;
  /** Families laid so far, the first laid first. */
  laid: readonly Family[];
  /** Still wet, so that it can be wiped off. */
  wet: boolean;
  /** Hours since the last coat was laid; not said: a day. */
  ageHours?: number;
}

/** One way back: the cause, how far to take off, with what, and what is true of the surface afterwards. */
export interface RescueRow {
  id: string;
  fault: Trouble;
  when: (c: Case, wrong: Wrong) => boolean;
  cause: string;
  /** To which layer it goes back, in words. */
  backTo: string;
  /** `off` takes off the coat laid last, at the age its film has; nothing where none was laid. */
  steps: (c: Case, wrong: Wrong, off: readonly Step[]) => Step[];
  /** What the surface is once that is done, so that the right system follows from it; null where one coat more is all. */
  then: { finish?: Finish; conditions?: readonly Condition[]; without?: readonly Condition[]; patch?: boolean } | null;
}

const hold = (minutes: number, why: string): Step => ({ kind: 'cure-hold', waitMin: minutes, why: [why] });
const DAY = 1440;
const waterborneLast = ({ laid }: Wrong) => laid.length > 0 && chemistryOf(laid.at(-1)!) === 'waterborne';
const onOil = (c: Case) => c.treatAs === 'oil' || c.treatAs === 'over-oil';

/** The first row that fits is taken; the last of each fault fits always. Source: practice. */
export const RESCUES: readonly RescueRow[] = [
  {
    id: 'wiped-off-wet',
    fault: 'crawls',
    when: (_c, wrong) => wrong.wet && waterborneLast(wrong),
    cause: 'Grease, polish, wax or silicone is on the face.',
    backTo: 'the face as it was',
    steps: () => [
      { kind: 'wash', family: 'alkaline-cleaner', why: ['Wipe it off now, with water, while it is wet: an hour later it has to be sanded off.'] },
      { kind: 'rinse', waitMin: 120, why: ['Rinse, and let it dry.'] },
      solventWipe('mineral-spirits', 'Twice, with a clean rag each time: what made it crawl is still there.'),
    ],
    then: { conditions: ['greasy'] },
  },
  {
    id: 'crawled-and-dried',
    fault: 'crawls',
    when: () => true,
    cause: 'Grease, polish, wax or silicone is on the face.',
    backTo: 'the face under the coat that crawled',
    steps: (c, _wrong, off) => [
      ...off,
      sanding(c, 120, 'Sand down what is left of its edges.'),
      solventWipe('mineral-spirits', 'Clean rags, twice: what made it crawl is still there.'),
    ],
    then: { conditions: ['greasy'] },
  },
  {
    id: 'waterborne-off-oil',
    fault: 'peels',
    when: (c, wrong) => onOil(c) && waterborneLast(wrong),
    cause: 'Waterborne paint lies on old oil and does not hold.',
    backTo: 'the old oil',
    steps: (c, _wrong, off) => [
      scraping(c, 'Lift it with a sharp scraper wherever it will come.'),
      ...off.filter((step) => step.kind !== 'scrape' && step.kind !== 'sand'),
      solventWipe('denatured-alcohol', 'Spirit softens what is left of the waterborne coat and leaves the oil alone.'),
      sanding(c, 150, 'Feather what will not come off.'),
    ],
    then: { finish: 'oil-alkyd', without: ['peeling', 'flaking'] },
  },
  {
    id: 'off-a-damp-ground',
    fault: 'peels',
    when: (c) => c.is('damp') || c.d.findings.weakPlane === 'substrate',
    cause: 'The film let go of the ground itself: damp, chalk or dust was under it.',
    backTo: 'the ground',
    steps: (c) => [
      { kind: 'inspect', why: ['Find the water before anything else is done.'] },
      scraping(c, 'Everything that lifts comes off, to an edge that holds.'),
      { kind: 'dry-out', waitMin: 7 * DAY, why: ['Until a meter says so.'] },
      sanding(c, 120, 'Feather the edges.'),
    ],
    then: { finish: 'bare', without: LETS_GO },
  },
  {
    id: 'off-what-it-lay-on',
    fault: 'peels',
    when: () => true,
    cause: 'The face was slick, dusty or weak under the coat.',
    backTo: 'an edge that holds',
    steps: (c) => [
      hold(DAY, 'A day, so that what will let go has let go.'),
      scraping(c, 'Everything that lifts comes off, to an edge that holds.'),
      sanding(c, 120, 'Feather the edges.'),
      { kind: 'test-patch', family: 'bonding-acrylic-primer', coats: 1, waitMin: 3 * DAY, why: ['Before it is all done again: a patch, scratched after three days.'] },
    ],
    then: { without: ['peeling', 'flaking'], patch: true },
  },
  {
    id: 'wrinkled',
    fault: 'wrinkles',
    when: () => true,
    cause: 'A strong solvent, or a thick coat, went over a film that was still soft.',
    backTo: 'the firm film under the wrinkles',
    steps: (c) => [
      hold(5 * DAY, 'Five days: it has to go hard before it can be taken off clean.'),
      scraping(c, 'Scrape the wrinkles off while warm and dry.'),
      sanding(c, 150, 'Level what is left.'),
    ],
    then: { patch: true },
  },
  {
    id: 'paper-bubbled',
    fault: 'bubbles',
    when: (c) => c.ground === 'paper',
    cause: 'Water went through unsealed paper, or the paper was loose.',
    backTo: 'the paper, stuck down and sealed',
    steps: (c) => [
      hold(DAY, 'Wait a day: many bubbles lie down again as the paper dries.'),
      {
        kind: 'stick-down',
        family: 'seam-adhesive',
        waitMin: 240,
        why: ['Slit what is left along the pattern, paste behind it, press it flat.', 'Where half of it has come up, strip the paper instead.'],
      },
      sanding(c, 150, 'Take the edges down.'),
    ],
    then: { without: ['loose-paper'] },
  },
  {
    id: 'bubbled',
    fault: 'bubbles',
    when: () => true,
    cause: 'Damp, paste or air was under the film.',
    backTo: 'the ground, dry',
    steps: (c) => [
      scraping(c, 'Open and scrape out every bubble.'),
      { kind: 'dry-out', waitMin: 3 * DAY, why: ['What is under it dries before it is shut in again.'] },
      { kind: 'fill', family: c.outside ? 'exterior-filler' : 'filler', waitMin: 60, why: ['Level the hollows.'] },
      sanding(c, 180, 'Level the filler.'),
    ],
    then: { without: ['blistering'], conditions: ['filler-patches'] },
  },
  {
    id: 'bled',
    fault: 'bleeds',
    when: () => true,
    cause: 'A stain or a dye rises through a primer that does not block it.',
    backTo: 'the coat that bled, dry',
    steps: (c) => [
      hold(DAY, 'A day, so that all that will rise has risen: block it once.'),
      {
        kind: 'spot-prime',
        family: strongBlocker(c),
        coats: 1,
        scope: 'spots',
        method: 'brush',
        why: ['Another chemistry over what came through: shellac or oil holds what water carries.'],
      },
    ],
    then: null,
  },
  {
    id: 'stained',
    fault: 'stain',
    when: () => true,
    cause: 'Water, rust, mould or smoke is still at work.',
    backTo: 'the cause',
    steps: (c) => [
      { kind: 'inspect', why: ['Find what feeds it, and have it put right.'] },
      { kind: 'dry-out', waitMin: 2 * DAY, why: ['It dries before it is blocked.'] },
      { kind: 'spot-prime', family: strongBlocker(c), coats: 1, scope: 'spots', method: 'brush', why: ['Blocked once it is dry.'] },
    ],
    then: null,
  },
  {
    id: 'shows-through',
    fault: 'shows-through',
    when: () => true,
    cause: 'Too few coats, or too thin, for that colour.',
    backTo: 'the coat that is on',
    steps: (c) => [sanding(c, 240, 'A light key, no more.')],
    then: null,
  },
  {
    id: 'flashed',
    fault: 'flashes',
    when: () => true,
    cause: 'Filler or bare spots drink more than the paint beside them.',
    backTo: 'the coat that is on',
    steps: (c) => [
      {
        kind: 'spot-prime',
        family: c.outside ? 'multi-purpose-acrylic-primer' : 'stain-blocking-acrylic-primer',
        coats: 1,
        scope: 'spots',
        method: 'brush',
        why: ['Seal what drinks; then the whole face, corner to corner.'],
      },
    ],
    then: null,
  },
  {
    id: 'sunk',
    fault: 'sinks',
    when: () => true,
    cause: 'The ground drinks: it was not primed, or thinly.',
    backTo: 'the coat that is on',
    steps: (c) => [sanding(c, 240, 'Smooth the starved coat: it is the primer now.')],
    then: null,
  },
  {
    id: 'crackled',
    fault: 'crackles',
    when: () => true,
    cause: 'Paste, glue or a soft film moved under a harder one.',
    backTo: 'what is under the crackle',
    steps: (c) => [
      hold(2 * DAY, 'Until it is hard.'),
      scraping(c, 'Scrape off what has crackled.'),
      ...washing('alkaline-cleaner', 'Wash off the paste or glue that moved.'),
      sanding(c, 150, 'Level what is left.'),
    ],
    then: { conditions: ['paste-residue'] },
  },
  {
    id: 'cracked',
    fault: 'cracks',
    when: () => true,
    cause: 'The joint moves, or the film is too hard for what is under it.',
    backTo: 'the open joint',
    steps: (c) => [
      { kind: 'scrape', technique: c.wetOnly ? 'wet' : 'dry', why: ['Rake the joint open.', ...(c.wetOnly ? ['Mist it: lead is possible.'] : [])] },
      { kind: 'caulk', family: 'elastomeric-caulk', waitMin: 240, why: ['A bead that stretches, not a filler.'] },
    ],
    then: null,
  },
  {
    id: 'stuck-shut',
    fault: 'sticks-shut',
    when: () => true,
    cause: 'It was closed on soft paint.',
    backTo: 'the edges that touch',
    steps: (c) => [{ kind: 'free-sash', why: ['Cut the line with a sash knife; do not tear it open.'] }, sanding(c, 240, 'Ease the edges and take off what tore.')],
    then: null,
  },
  {
    id: 'ran',
    fault: 'runs',
    when: () => true,
    cause: 'Too much paint, or too slow to be laid off.',
    backTo: 'the coat, level',
    steps: (c) => [hold(2 * DAY, 'Until the run is hard through: a soft one smears.'), sanding(c, 180, 'Shave the run and sand it level.')],
    then: null,
  },
  ...(['brush-marks', 'roller-stipple', 'dust-in-film', 'rough-grain', 'detail-filled'] as const).map((fault): RescueRow => ({
    id: fault,
    fault,
    when: () => true,
    cause:
      fault === 'dust-in-film'
        ? 'Dust was on the face or in the air.'
        : fault === 'rough-grain'
          ? 'The grain was raised and not taken down.'
          : fault === 'detail-filled'
            ? 'Too heavy a film in the mouldings.'
            : 'Laid too dry, or with the wrong sleeve or brush.',
    backTo: 'the coat, level',
    steps: (c) => [hold(DAY, 'A day, until it sands to powder.'), sanding(c, fault === 'detail-filled' ? 180 : 240, 'Take it down level.')],
    then: null,
  })),
  {
    id: 'laid-by-mistake',
    fault: 'wrong-coat',
    when: (_c, { laid }) => laid.length > 0,
    cause: 'The coat that was laid last should not be there.',
    backTo: 'what it was laid on',
    // Waiting for it to cure is never the way back: every hour makes it dearer.
    steps: (_c, _wrong, off) => [...off],
    then: {},
  },
  {
    id: 'laid-by-mistake-unsaid',
    fault: 'wrong-coat',
    when: () => true,
    cause: 'Nobody has logged what was laid.',
    backTo: 'what it was laid on',
    steps: () => [{ kind: 'inspect', why: ['Find the tin: what carries the paint says what takes it off. Log it, and ask again.'] }],
    then: {},
  },
  ...(['ragged-line', 'knock', 'miss'] as const).map((fault): RescueRow => ({
    id: fault,
    fault,
    when: () => true,
    cause: fault === 'knock' ? 'Something hit it.' : fault === 'miss' ? 'A place was missed.' : 'The line was cut or masked badly.',
    backTo: 'the place itself',
    steps: (c) => [sanding(c, 240, 'Just the place, feathered.', { scope: 'spots' })],
    then: null,
  })),
];
