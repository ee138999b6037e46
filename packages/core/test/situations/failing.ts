import { rub, type Situation } from './row.ts';

const OIL = [rub('no-transfer'), { kind: 'sheen-look', result: 'gloss', yellowed: true }];
const WATER = [rub('transfer')];
const TRIM = { element: 'trim', substrate: 'softwood', builtYear: 1996, areaM2: 12, currentColour: '#f4f1e8' };

/** What follows where a step is left out, and what can be promised. */
export const FAILING: Situation[] = [
  {
    what: 'the primer on old oil',
    why: 'Waterborne straight on oil peels in sheets.',
    ask: { surface: TRIM, tests: OIL, wanted: { chemistry: 'waterborne' } },
    risk: ['prime', 'peels', 0.5, 0.95],
    guaranteed: true,
  },
  {
    what: 'sanding under a waterborne bonding primer',
    why: 'Sanding matters under it.',
    ask: { surface: TRIM, tests: OIL, wanted: { chemistry: 'waterborne' }, houseRules: { blocker: 'bonding-acrylic' } },
    risk: ['sand', 'peels', 0.01, 0.2],
  },
  {
    what: 'the shellac over knots',
    why: 'Every knot shows by the next season.',
    ask: { surface: { element: 'shelf', substrate: 'softwood', isNew: true, conditions: ['knots'], areaM2: 4 } },
    risk: ['spot-prime', 'bleeds', 0.6, 0.95],
  },
  {
    what: 'the wood primer on bare timber',
    why: 'The finish sinks and looks starved.',
    ask: { surface: { element: 'shelf', substrate: 'softwood', isNew: true, areaM2: 4 } },
    risk: ['prime', 'sinks', 0.3, 0.8],
  },
  {
    what: 'the mould wash',
    why: 'It grows on through new paint.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'drywall',
        exposure: 'interior-wet',
        conditions: ['mould'],
        builtYear: 2004,
        areaM2: 8,
      },
      tests: WATER,
    },
    risk: ['mould-treat', 'stain', 0.4, 0.98],
  },
  {
    what: 'the primer on laminate',
    why: 'Without it the paint scratches off with a nail.',
    ask: { surface: { element: 'cabinet', substrate: 'melamine', currentFinish: 'factory-laminate', areaM2: 10 } },
    risk: ['prime', 'peels', 0.6, 0.98],
  },
  {
    what: 'the primer over a strong stain of smoke',
    why: 'Smoke rises through every waterborne coat.',
    ask: {
      surface: { element: 'ceiling', substrate: 'drywall', conditions: ['smoke'], builtYear: 1999, areaM2: 16 },
      tests: WATER,
    },
    risk: ['prime', 'bleeds', 0.7, 0.98],
  },
  {
    what: 'scraping what peels outside',
    why: 'Loose paint takes the new coats with it.',
    ask: {
      surface: {
        element: 'siding',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        conditions: ['peeling'],
        builtYear: 1995,
        areaM2: 40,
      },
      tests: WATER,
    },
    risk: ['scrape', 'peels', 0.2, 0.98],
  },
  {
    what: 'freeing a sash that is painted shut',
    why: 'Painted in again, it never opens.',
    ask: {
      surface: { element: 'window', substrate: 'softwood', conditions: ['painted-shut'], builtYear: 2001, areaM2: 3 },
      tests: WATER,
    },
    risk: ['free-sash', 'sticks-shut', 0.6, 0.98],
  },
  {
    what: 'the wait after a door',
    why: 'Closed on soft paint it sticks.',
    ask: { surface: { element: 'door', substrate: 'softwood', builtYear: 2001, areaM2: 4 }, tests: WATER },
    risk: ['cure-hold', 'sticks-shut', 0.4, 0.7],
  },
  {
    what: 'the spot prime over filler',
    why: 'Filler flashes.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'drywall',
        conditions: ['filler-patches'],
        builtYear: 2004,
        areaM2: 30,
        currentColour: '#f4f1e8',
      },
      tests: WATER,
      wanted: { colour: '#f4f1e8', sheen: 'eggshell' },
    },
    risk: ['spot-prime', 'flashes', 0.4, 0.9],
  },
  {
    what: 'the bead in a moving joint',
    why: 'The joint opens as a dark line.',
    ask: { surface: { ...TRIM, conditions: ['moving-joints'] }, tests: WATER },
    risk: ['caulk', 'cracks', 0.6, 0.95],
  },
  {
    what: 'a damp wall',
    why: 'Until its cause is put right nothing can be promised.',
    ask: { surface: { element: 'wall', substrate: 'lime-plaster', conditions: ['damp'], areaM2: 20 } },
    guaranteed: false,
  },
  {
    what: 'waterborne kept on oil',
    why: 'Kept and bound is recorded and not guaranteed.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', builtYear: 1985, areaM2: 4 },
      tests: [
        rub('lifts-to-lower-coat'),
        { kind: 'chip-look', layers: ['waterborne', 'oil'] },
        { kind: 'cross-cut', grade: 0 },
      ],
    },
    guaranteed: false,
  },
  {
    what: 'a sound wall in a near colour',
    why: 'The full term.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', builtYear: 2004, areaM2: 30, currentColour: '#f4f1e8' },
      tests: WATER,
      wanted: { colour: '#f1ede2' },
    },
    guaranteed: true,
    hasNot: ['prime'],
  },
  {
    what: 'the tape on a window',
    why: 'Without it paint creeps over the edge.',
    ask: {
      surface: { element: 'window', substrate: 'softwood', exposure: 'exterior-exposed', isNew: true, areaM2: 3 },
    },
    risk: ['mask', 'ragged-line', 0.1, 0.5],
  },
  {
    what: 'airing the room where a gloss is dulled with solvent',
    why: 'Vapour harms who works there, from a deglosser as from a paint.',
    ask: {
      surface: TRIM,
      tests: OIL,
      wanted: { chemistry: 'waterborne' },
      houseRules: { blocker: 'bonding-acrylic' },
    },
    has: ['degloss', 'ventilate'],
    risk: ['ventilate', 'wrinkles', 0.1, 0.4],
  },
  {
    what: 'a front door of hardwood whose finish flakes in the weather, to be varnished again',
    why: 'What flakes is a film, and nothing that soaked in: it is varnish, and it comes off whole.',
    ask: {
      surface: {
        element: 'door',
        substrate: 'hardwood',
        exposure: 'exterior-exposed',
        areaM2: 4,
        builtYear: 1980,
        conditions: ['flaking', 'weathered-wood'],
      },
      tests: [{ kind: 'scraper-drag', result: 'scratches-off' }],
      wanted: { family: 'oil-varnish' },
    },
    likeliest: 'clear-oil-varnish',
    atMost: ['stain', 0.35],
    has: ['strip', 'pre-prime:penetrating-epoxy', 'finish-coat:oil-varnish'],
  },
  {
    what: 'stained boards that a blade does not lift',
    why: 'Stain that went into the timber has no skin to lift: that it holds says nothing against it.',
    ask: {
      surface: { element: 'gate', substrate: 'hardwood', areaM2: 6, builtYear: 2001, currentColour: '#7a5230' },
      tests: [
        { kind: 'sheen-look', result: 'flat' },
        { kind: 'blade-lift', result: 'holds' },
      ],
    },
    likeliest: 'stain',
  },
  {
    what: 'plastic gutters whose coat is cracked and has run',
    why: 'Bare plastic neither cracks nor runs: it was painted, and that is scraped, dulled and bound.',
    ask: {
      surface: {
        element: 'rainwater-goods',
        substrate: 'plastic',
        exposure: 'exterior-sheltered',
        areaM2: 12,
        builtYear: 1985,
        conditions: ['cracking', 'old-runs'],
      },
    },
    atMost: ['bare', 0.05],
    has: ['scrape', 'prime:bonding-acrylic-primer'],
    fault: ['peels', 0.15],
  },
  {
    what: 'paint that lets go of a tiled wall, of which nobody knows what it is',
    why: 'On so slick a ground, and with a film that nobody knows, what grips goes over all of it.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'ceramic-tile',
        exposure: 'interior-wet',
        areaM2: 12,
        builtYear: 1995,
        conditions: ['peeling'],
      },
    },
    has: ['scrape', 'prime:bonding-acrylic-primer'],
    hasNot: ['prime:bonding-acrylic-primer@bare-areas'],
  },
  {
    what: 'a tiled wall with colour on one rag and none on the other',
    why: 'It is bare in doubt: what grips tile grips what may have been painted on it as well.',
    ask: {
      surface: { element: 'wall', substrate: 'ceramic-tile', exposure: 'interior-wet', areaM2: 20, builtYear: 1995 },
      tests: [rub('transfer'), rub('no-transfer')],
    },
    has: ['test-patch:bonding-acrylic-primer', 'prime:bonding-acrylic-primer'],
    fault: ['peels', 0.15],
  },
  {
    what: 'old gloss on a hardwood front door that may as well be varnish',
    why: 'One primer grips both, and holds back the dye of the timber under a clear film: oil, outside.',
    ask: {
      surface: {
        element: 'door',
        substrate: 'hardwood',
        exposure: 'exterior-sheltered',
        areaM2: 4,
        builtYear: 1905,
      },
      tests: [rub('no-transfer'), { kind: 'sheen-look', result: 'gloss' }],
    },
    has: ['degloss', 'prime:oil-primer'],
    says: ['It may as well be old varnish'],
    fault: ['bleeds', 0.03],
  },
  {
    what: 'a new gate of galvanised iron, as it came from the works',
    why: 'It carries oil from the works: paint on that lets go, whatever primer is under it.',
    ask: {
      surface: {
        element: 'gate',
        substrate: 'galvanised-metal',
        exposure: 'exterior-exposed',
        areaM2: 6,
        isNew: true,
      },
    },
    has: ['wash:degreaser', 'prime:etch-primer'],
    risk: ['wash', 'peels', 0.1, 0.5],
  },
  {
    what: 'board whose nails stand proud',
    why: 'Filler over a head that stands breaks away, and no sanding takes a nail down.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', areaM2: 30, builtYear: 2001, conditions: ['proud-nails'] },
      tests: WATER,
    },
    has: ['set-nails', 'fill'],
    order: [['set-nails', 'fill']],
    risk: ['set-nails', 'miss', 0.4, 0.9],
  },
  {
    what: 'new MDF whose cut edges get the same waterborne primer as its face',
    why: 'Water makes them swell and fur up, and no coat after it hides that.',
    ask: { surface: { element: 'cabinet', substrate: 'mdf', areaM2: 10, isNew: true } },
    has: ['pre-prime:shellac-primer@spots'],
    risk: ['pre-prime', 'rough-grain', 0.25, 0.7],
  },
  {
    what: 'hands have been on old gloss for years',
    why: 'A deglosser cleans a little and no more: left unwashed it holds worse, if not by much under shellac.',
    ask: { surface: { ...TRIM, builtYear: 1985 }, tests: OIL },
    risk: ['wash', 'peels', 0.005, 0.1],
  },
  {
    what: 'a varnished front door whose film is cracked, and drinks water',
    why: 'A film that the weather has cracked lets water in: that it soaks is no sign of stain.',
    ask: {
      surface: {
        element: 'door',
        substrate: 'hardwood',
        exposure: 'exterior-exposed',
        areaM2: 4,
        builtYear: 1990,
        conditions: ['cracking'],
      },
      tests: [rub('no-transfer'), { kind: 'water-drop', result: 'soaks-in' }],
      wanted: { family: 'oil-varnish' },
    },
    likeliest: 'clear-oil-varnish',
    has: ['strip', 'finish-coat:oil-varnish'],
  },
  {
    what: 'the floor of a balcony whose paint peels, rubbed once and clean',
    why: 'Oil is likelier, and nobody prepares all of it for that: a patch says whether it must be, and nothing claims to hold on both.',
    ask: {
      surface: {
        element: 'floor',
        substrate: 'concrete',
        exposure: 'exterior-exposed',
        areaM2: 8,
        builtYear: 1975,
        conditions: ['peeling'],
      },
      tests: OIL.slice(0, 1),
    },
    likeliest: 'oil-alkyd',
    has: ['test-patch:floor-paint'],
    saysNot: ['this holds on both'],
    next: 'spirit-rub',
  },
];
