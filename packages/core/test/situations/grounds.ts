import type { Situation } from './row.ts';

const NEW_WALL = { element: 'wall', areaM2: 30, isNew: true };
const OUTSIDE = { exposure: 'exterior-exposed', areaM2: 8 };

/** Grounds as they are laid, cut and moulded: what has to be waited for, sealed or told before the first coat. */
export const GROUNDS: Situation[] = [
  {
    what: 'lime plaster that was laid for this job',
    why: 'Lime hardens in the air for weeks; a meter tells that it is dry, and not that it has hardened.',
    ask: {
      surface: { ...NEW_WALL, substrate: 'lime-plaster' },
      tests: [{ kind: 'moisture-meter', value: 0.3, scale: 'gypsum' }],
    },
    has: ['dry-out'],
    order: [['dry-out', 'prime']],
    says: ['four weeks at least'],
    risk: ['dry-out', 'bubbles', 0.1, 0.5],
  },
  {
    what: 'lime plaster of the spring, in autumn',
    why: 'It has had its time.',
    ask: { surface: { ...NEW_WALL, substrate: 'lime-plaster', substrateAgeMonths: 6 } },
    hasNot: ['dry-out'],
  },
  {
    what: 'a rendered front, new',
    why: 'Render stands four weeks before paint, or it blooms and sheds it.',
    ask: { surface: { ...OUTSIDE, element: 'masonry', substrate: 'render', areaM2: 80, isNew: true } },
    has: ['dry-out', 'prime:masonry-primer'],
    risk: ['dry-out', 'bubbles', 0.1, 0.5],
  },
  {
    what: 'a new garage floor',
    why: 'A slab gives off water for longer than anything else in the house.',
    ask: { surface: { element: 'floor', substrate: 'concrete', areaM2: 20, isNew: true } },
    has: ['dry-out', 'finish-coat:floor-paint'],
    order: [['dry-out', 'prime']],
  },
  {
    what: 'a concrete step of 1960',
    why: 'Nothing is waited for that was over before anybody here was born.',
    ask: { surface: { ...OUTSIDE, element: 'masonry', substrate: 'concrete', builtYear: 1960 } },
    hasNot: ['dry-out'],
  },
  {
    what: 'new skim that nobody has metered',
    why: 'Water sealed in blisters the film: leaving the drying out is no small risk.',
    ask: { surface: { ...NEW_WALL, substrate: 'skim-plaster' } },
    has: ['dry-out'],
    next: 'moisture-meter',
    risk: ['dry-out', 'bubbles', 0.1, 0.5],
  },
  {
    what: 'new skim, read dry',
    why: 'The meter has spoken.',
    ask: {
      surface: { ...NEW_WALL, substrate: 'skim-plaster' },
      tests: [{ kind: 'moisture-meter', value: 0.3, scale: 'gypsum' }],
    },
    hasNot: ['dry-out'],
  },
  {
    what: 'raw MDF shelves',
    why: 'The cut edges drink and fur up: sealed first, with something that does not swell them.',
    ask: { surface: { element: 'shelf', substrate: 'mdf', areaM2: 6, isNew: true } },
    has: ['pre-prime:shellac-primer@spots', 'prime:wood-acrylic-primer'],
    order: [['pre-prime', 'prime']],
    says: ['Cut edges'],
  },
  {
    what: 'raw MDF shelves in a house where nobody can have the smell',
    why: 'Sealed with what smells little.',
    ask: {
      surface: { element: 'shelf', substrate: 'mdf', areaM2: 6, isNew: true },
      wanted: { lowOdour: true },
    },
    has: ['pre-prime@spots'],
    hasNot: ['pre-prime:shellac-primer', 'pre-prime:oil-primer'],
  },
  {
    what: 'MDF that is painted already',
    why: 'Its edges are covered.',
    ask: {
      surface: { element: 'shelf', substrate: 'mdf', areaM2: 6, builtYear: 2004 },
      tests: [{ kind: 'spirit-rub', result: 'transfer' }],
    },
    hasNot: ['pre-prime'],
  },
  {
    what: 'open end grain of a new shelf indoors',
    why: 'A coat of primer more: epoxy and a bead are for what the rain reaches.',
    ask: {
      surface: { element: 'shelf', substrate: 'softwood', areaM2: 4, isNew: true, conditions: ['end-grain'] },
    },
    has: ['pre-prime:wood-acrylic-primer@spots'],
    hasNot: ['pre-prime:penetrating-epoxy', 'caulk'],
  },
  {
    what: 'open end grain of a window board that runs with water',
    why: 'There it does drink: flooded and capped with a bead.',
    ask: {
      surface: { element: 'sill', substrate: 'softwood', areaM2: 1, isNew: true, conditions: ['end-grain'] },
    },
    has: ['pre-prime:penetrating-epoxy@spots', 'caulk'],
  },
  {
    what: 'plastic windows that are to be anthracite, in the sun',
    why: 'Dark plastic gets hot and bends: whoever made the frame says how dark it may be.',
    ask: { surface: { ...OUTSIDE, element: 'window', substrate: 'upvc' }, wanted: { colour: '#2f343a' } },
    has: ['prime:bonding-acrylic-primer', 'test-patch'],
    says: ['until it bends'],
  },
  {
    what: 'plastic windows that are to be cream',
    why: 'A pale colour heats nothing.',
    ask: { surface: { ...OUTSIDE, element: 'window', substrate: 'upvc' }, wanted: { colour: '#f2ead2' } },
    saysNot: ['until it bends'],
  },
  {
    what: 'a dark wooden window',
    why: 'Wood does not bend for it.',
    ask: {
      surface: { ...OUTSIDE, element: 'window', substrate: 'softwood', isNew: true },
      wanted: { colour: '#2f343a' },
    },
    saysNot: ['until it bends'],
  },
  {
    what: 'siding of which nobody knows what is on it',
    why: 'No line may speak of a varnish that nobody has seen, nor of hands and polish outside.',
    ask: { surface: { ...OUTSIDE, element: 'siding', substrate: 'softwood', areaM2: 60, builtYear: 1990 } },
    saysNot: ['the varnish', 'hand grease'],
  },
  {
    what: 'scratched varnish on a floor that is to stay clear',
    why: 'Clear shellac holds on the filler of a dent as well as on the varnish.',
    ask: {
      surface: {
        element: 'floor',
        substrate: 'softwood',
        areaM2: 20,
        conditions: ['scratches'],
        currentFinish: 'clear-oil-varnish',
      },
      tests: [{ kind: 'spirit-rub', result: 'no-transfer' }],
      wanted: { family: 'waterborne-clear' },
    },
    has: ['fill', 'prime:clear-shellac', 'finish-coat:waterborne-clear'],
    guaranteed: true,
  },
];
