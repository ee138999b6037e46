import { rub, type Situation } from './row.ts';

const WALL = { element: 'wall', substrate: 'skim-plaster', builtYear: 1935, areaM2: 22 };
const DOOR = { element: 'door', substrate: 'softwood', builtYear: 1950, areaM2: 4 };
const blade = (result: string, place?: string, plane?: string) => ({
  kind: 'blade-lift',
  result,
  ...(place ? { place } : {}),
  ...(plane ? { plane } : {}),
});

/** What is there, layer by layer and place by place. */
export const LAYERS: Situation[] = [
  {
    what: 'a sheet lifts behind the mirror, the middle of the wall holds',
    why: 'The place that failed is treated as it failed, by name; the spot beside it is another place and no answer to it.',
    ask: {
      surface: WALL,
      tests: [
        rub('slight-transfer'),
        blade('lifts-in-sheet', 'behind the mirror', 'between-coats'),
        blade('holds', 'the middle'),
      ],
    },
    likeliest: 'waterborne-over-oil',
    has: ['scrape@behind the mirror', 'solvent-wipe@behind the mirror'],
    hasNot: ['strip'],
    guaranteed: false,
  },
  {
    what: 'the same wall where nothing let go',
    why: 'What held says that it holds there.',
    ask: { surface: WALL, tests: [rub('transfer'), blade('holds', 'behind the mirror'), blade('holds', 'the middle')] },
    likeliest: 'waterborne-acrylic',
    hasNot: ['scrape', 'solvent-wipe'],
  },
  {
    what: 'one place tried, and it let go',
    why: 'Nothing else is known: the whole of it is taken as it was found.',
    ask: { surface: DOOR, tests: [rub('transfer'), blade('lifts-in-sheet', 'the lock rail')] },
    has: ['scrape'],
    hasNot: ['scrape@elsewhere'],
  },
  {
    what: 'a chip shows waterborne on oil',
    why: 'A chip shows its layers in order; whether it grips is the next thing to know.',
    ask: { surface: DOOR, tests: [{ kind: 'chip-look', layers: ['waterborne', 'oil', 'primer'] }] },
    likeliest: 'waterborne-over-oil',
    atLeast: ['waterborne-over-oil', 0.7],
    next: 'blade-lift',
  },
  {
    what: 'a chip shows a primer between waterborne and oil',
    why: 'A primer between makes the bond another one.',
    ask: { surface: DOOR, tests: [{ kind: 'chip-look', layers: ['waterborne', 'primer', 'oil'] }] },
    atMost: ['waterborne-over-oil', 0.6],
  },
  {
    what: 'a chip shows oil on top',
    why: 'What is on top is what the next film lies on.',
    ask: { surface: DOOR, tests: [{ kind: 'chip-look', layers: ['oil', 'oil', 'primer'] }] },
    likeliest: 'oil-alkyd',
  },
  {
    what: 'a chip turns to powder',
    why: 'Distemper is washed off and bound.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', builtYear: 1900, areaM2: 14 },
      tests: [{ kind: 'chip-look', layers: ['distemper'] }],
    },
    likeliest: 'distemper',
    has: ['wash', 'prime:penetrating-sealer'],
  },
  {
    what: 'colour on the rag, and nothing when the layer under the flake is rubbed',
    why: 'The rub under the flake reads that layer: oil lies under the waterborne coat.',
    ask: {
      surface: { element: 'window', substrate: 'softwood', builtYear: 1938, areaM2: 6 },
      tests: [rub('transfer'), rub('no-transfer', 'the sill', { plane: 'between-coats' })],
    },
    atLeast: ['waterborne-over-oil', 0.3],
    next: 'blade-lift',
  },
  {
    what: 'colour on the rag, and colour under the flake as well',
    why: 'Waterborne under waterborne: nothing lies on oil.',
    ask: {
      surface: { element: 'window', substrate: 'softwood', builtYear: 1938, areaM2: 6 },
      tests: [rub('transfer'), rub('transfer', 'the sill', { plane: 'between-coats' })],
    },
    likeliest: 'waterborne-acrylic',
    atMost: ['waterborne-over-oil', 0.2],
  },
  {
    what: 'what bond let go, between coats',
    why: 'A sheet off a hard smooth layer is by itself strong evidence of waterborne on oil.',
    ask: { surface: DOOR, tests: [blade('lifts-in-sheet', undefined, 'between-coats')] },
    atLeast: ['waterborne-over-oil', 0.6],
  },
  {
    what: 'what bond let go, from the plaster',
    why: 'A film that leaves the wall itself leans to distemper, and hardly to oil under waterborne.',
    ask: {
      surface: { element: 'wall', substrate: 'lime-plaster', builtYear: 1900, areaM2: 20 },
      tests: [{ kind: 'tape-pull', result: 'lifts', plane: 'substrate' }],
    },
    likeliest: 'distemper',
  },
  {
    what: 'two clean rubs on a flat old ceiling that somebody said was painted',
    why: 'What was painted is not bare because a rub showed nothing: bare is seen.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', builtYear: 1905, isNew: false, areaM2: 16 },
      tests: [rub('no-transfer', 'a'), rub('no-transfer', 'b'), { kind: 'sheen-look', result: 'flat' }],
    },
    atMost: ['bare', 0.05],
    likeliest: 'oil-alkyd',
  },
  {
    what: 'a shine on an old ceiling',
    why: 'Sheen on a ceiling leans to oil where it shines.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', builtYear: 1905, areaM2: 16 },
      tests: [{ kind: 'sheen-look', result: 'gloss' }],
    },
    atLeast: ['oil-alkyd', 0.3],
    next: 'spirit-rub',
  },
  {
    what: 'a bare room next door says nothing of this one',
    why: 'What is visibly bare in one room says nothing of another.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', builtYear: 1990, areaM2: 20 },
      neighbours: [
        { campaign: 'same', tests: [{ kind: 'water-drop', result: 'soaks-in' }] },
        { campaign: 'unknown', tests: [{ kind: 'water-drop', result: 'soaks-in' }] },
      ],
    },
    atMost: ['bare', 0.08],
  },
  {
    what: 'four ceilings of the house were oil',
    why: 'Four make the fifth likely, and the three minutes on the fifth are still worth it: houses keep an exception.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', builtYear: 1905, areaM2: 16 },
      neighbours: Array.from({ length: 4 }, () => ({
        campaign: 'unknown',
        tests: [rub('no-transfer'), rub('no-transfer', 'b')],
      })),
    },
    atLeast: ['oil-alkyd', 0.25],
    next: 'spirit-rub',
  },
  {
    what: 'a yellowed gloss on a radiator that nobody has rubbed',
    why: 'However much it looks like oil, a gloss is rubbed before anybody is done testing.',
    ask: {
      surface: {
        element: 'radiator',
        substrate: 'ferrous-metal',
        exposure: 'interior-hot',
        areaM2: 2,
        builtYear: 1978,
      },
      tests: [{ kind: 'sheen-look', result: 'gloss', yellowed: true }],
    },
    likeliest: 'oil-alkyd',
    next: 'spirit-rub',
  },
  {
    what: 'a gloss door that nobody has rubbed',
    why: 'A gloss surface that nobody has rubbed is never done testing.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', builtYear: 1996, conditions: ['glossy'], areaM2: 4 },
      wanted: { chemistry: 'waterborne' },
    },
    next: 'spirit-rub',
  },
  {
    what: 'a gloss skirting in a house that may be leaded',
    why: 'The lead question is never asked in place of the rub that decides the primer.',
    ask: { surface: { element: 'trim', substrate: 'softwood', builtYear: 1925, conditions: ['glossy'], areaM2: 30 } },
    next: 'spirit-rub',
    blocks: ['dry-sand-lead'],
  },
  {
    what: 'a sister of the same campaign was rubbed twice',
    why: 'A test on a sister by the same brush speaks for this one.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', builtYear: 2001, areaM2: 4 },
      neighbours: [{ campaign: 'same', tests: [rub('transfer'), rub('transfer', 'b')] }],
    },
    likeliest: 'waterborne-acrylic',
  },
  {
    what: 'plaster at 1.4 on the gypsum scale',
    why: 'Readings have scales: about 1 is wet on gypsum.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', areaM2: 12 },
      tests: [{ kind: 'moisture-meter', value: 1.4, scale: 'gypsum' }],
    },
    blocks: ['paint-on-damp'],
    has: ['dry-out'],
  },
  {
    what: 'plaster at 0.4 on the gypsum scale, said to be damp',
    why: 'The meter overrules the flag, on its own scale.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', conditions: ['damp'], areaM2: 12 },
      tests: [{ kind: 'moisture-meter', value: 0.4, scale: 'gypsum' }],
    },
    noBlocks: ['paint-on-damp'],
    hasNot: ['dry-out'],
  },
  {
    what: 'timber at 30 on a relative scale',
    why: 'Thirty of a hundred is not thirty per cent.',
    ask: {
      surface: { element: 'sill', substrate: 'softwood', areaM2: 2 },
      tests: [{ kind: 'moisture-meter', value: 30, scale: 'relative' }],
    },
    noBlocks: ['paint-on-damp'],
  },
  {
    what: 'timber at 30 per cent',
    why: 'Damp timber waits.',
    ask: {
      surface: { element: 'sill', substrate: 'softwood', areaM2: 2 },
      tests: [{ kind: 'moisture-meter', value: 30 }],
    },
    blocks: ['paint-on-damp'],
  },
  {
    what: 'said to be greasy, and water spreads on it',
    why: 'What a drop shows overrules the flag that it tests.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', conditions: ['greasy'], builtYear: 2004, areaM2: 8 },
      tests: [{ kind: 'water-drop', result: 'spreads' }, rub('transfer')],
    },
    hasNot: ['wash:degreaser'],
  },
  {
    what: 'a bead that a dab of paint wets',
    why: 'It is not silicone: it stays and is painted.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', conditions: ['sealant-unknown'], builtYear: 2004, areaM2: 8 },
      tests: [{ kind: 'paint-dab', result: 'wets' }, rub('transfer')],
    },
    hasNot: ['remove-sealant'],
    noBlocks: ['paint-on-silicone'],
  },
  {
    what: 'a bead that a dab of paint crawls on',
    why: 'It is silicone: cut out, cleaned, sealed again.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', conditions: ['sealant-unknown'], builtYear: 2004, areaM2: 8 },
      tests: [{ kind: 'paint-dab', result: 'beads' }, rub('transfer')],
    },
    has: ['remove-sealant@spots', 'caulk:paintable-hybrid-sealant@spots'],
    blocks: ['paint-on-silicone'],
  },
  {
    what: 'mould that bleach does not lighten',
    why: 'It is dirt: it only needs washing.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', exposure: 'interior-wet', conditions: ['mould'], areaM2: 8 },
      tests: [{ kind: 'bleach-drop', result: 'unchanged' }, rub('transfer')],
    },
    hasNot: ['mould-treat'],
    noBlocks: ['paint-on-mould'],
  },
  {
    what: 'a sill that peels and rots, nobody knows in what layers',
    why: 'What peels is taken off: nothing is said to be kept, and nobody decided anything.',
    ask: {
      surface: {
        element: 'sill',
        substrate: 'softwood',
        areaM2: 1,
        exposure: 'exterior-exposed',
        builtYear: 1950,
        conditions: ['rot', 'peeling'],
      },
    },
    hasNot: ['revisit'],
    saysNot: ['by decision', 'left lying on oil'],
  },
  {
    what: 'a sheet lifted behind the mirror, and nobody rubbed what it left',
    why: 'The layer under the flake is rubbed before any swab: it decides what must grip.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', areaM2: 24, builtYear: 1955 },
      tests: [
        { kind: 'tape-pull', result: 'lifts', place: 'behind the mirror' },
        { kind: 'tape-pull', result: 'holds', place: 'middle of the wall' },
        rub('transfer', 'middle of the wall'),
      ],
    },
    next: 'spirit-rub',
    has: ['scrape@behind the mirror', 'inspect'],
    guaranteed: false,
  },
  {
    what: 'waterborne lets go of oil round a handle, and holds elsewhere on the door',
    why: 'One primer does for both places: nobody opens two tins for a door.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', areaM2: 4, builtYear: 1996 },
      tests: [
        { kind: 'nail-scratch', result: 'peels-in-sheet', plane: 'between-coats', place: 'around the handle' },
        { kind: 'nail-scratch', result: 'holds', place: 'top panel' },
        rub('transfer', 'top panel'),
        rub('no-transfer', 'around the handle', { plane: 'primer' }),
      ],
    },
    has: ['prime:shellac-primer', 'scrape@around the handle'],
    hasNot: ['prime:bonding-acrylic-primer'],
  },
  {
    what: 'a flat old ceiling, rubbed twice in one spot, and nothing came',
    why: 'Flat does not clear it: it is primed as the oil that it likely is, and a rub in another place, which would settle it, is asked for.',
    ask: {
      surface: { element: 'ceiling', substrate: 'skim-plaster', areaM2: 14, builtYear: 1960, isNew: false },
      tests: [rub('no-transfer'), rub('no-transfer'), { kind: 'sheen-look', result: 'flat' }],
    },
    next: 'spirit-rub',
    has: ['prime:shellac-primer'],
    likeliest: 'oil-alkyd',
    atMost: ['bare', 0.1],
  },
  {
    what: 'a flat ceiling in a house whose four other ceilings were oil',
    why: 'A flat sheen does not clear it: the fifth is oil as likely as not, and is rubbed.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', areaM2: 16, builtYear: 1910 },
      tests: [{ kind: 'sheen-look', result: 'flat' }],
      neighbours: Array.from({ length: 4 }, () => ({
        campaign: 'unknown',
        element: 'ceiling',
        tests: [rub('no-transfer')],
      })),
    },
    next: 'spirit-rub',
    atLeast: ['oil-alkyd', 0.3],
  },
  {
    what: 'the same ceiling, and the second rub was made in another place',
    why: 'Two places agree: it is oil.',
    ask: {
      surface: { element: 'ceiling', substrate: 'skim-plaster', areaM2: 14, builtYear: 1960, isNew: false },
      tests: [rub('no-transfer', 'over the door'), rub('no-transfer', 'by the window')],
    },
    likeliest: 'oil-alkyd',
    has: ['prime:shellac-primer'],
  },
  {
    what: 'a chip of an old ceiling shows waterborne paint on distemper',
    why: 'Powder holds nothing for long: whether the paint on it grips is tried before anything else is tested.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', areaM2: 14, builtYear: 1890 },
      tests: [{ kind: 'chip-look', layers: ['waterborne', 'distemper'] }],
    },
    next: 'blade-lift',
    guaranteed: false,
  },
  {
    what: 'a chip of a wall that was taken for plaster shows paper under its paint',
    why: 'Layers are what is there: it is painted paper, it is not sanded through, and it may come off first.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', areaM2: 24, builtYear: 1996 },
      tests: [{ kind: 'chip-look', layers: ['waterborne', 'paper'] }],
    },
    hasNot: ['sand'],
    likeliest: 'waterborne-acrylic',
  },
  {
    what: 'the fifth ceiling, painted with four that were oil',
    why: 'Three minutes on the fifth are still worth it, and come before the lead question: the rub decides the primer.',
    ask: {
      surface: { element: 'ceiling', substrate: 'skim-plaster', areaM2: 16, builtYear: 1955 },
      neighbours: [1, 2, 3, 4].map(() => ({ campaign: 'same', tests: [rub('no-transfer')] })),
    },
    likeliest: 'oil-alkyd',
    next: 'spirit-rub',
    saving: 500,
  },
  {
    what: 'a flat old ceiling that left nothing on the rag',
    why: 'Oil or distemper: spirit tells no more of it, and a damp sponge does.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', areaM2: 20, builtYear: 1912 },
      tests: [rub('no-transfer'), { kind: 'sheen-look', result: 'flat' }],
    },
    next: 'damp-sponge',
    saving: 1000,
  },
  {
    what: 'a radiator that was stripped',
    why: 'Nothing soaks into iron: a drop of water tells nothing there.',
    ask: {
      surface: {
        element: 'radiator',
        substrate: 'ferrous-metal',
        exposure: 'interior-hot',
        areaM2: 2,
        currentFinish: 'bare',
      },
    },
    has: ['prime:metal-primer'],
    next: null,
  },
  {
    what: 'a door whose paint comes off and that is left as it is',
    why: 'Where no film is laid none can stick, and there is none to guarantee.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', areaM2: 4, builtYear: 1990 },
      tests: [rub('no-transfer')],
      wanted: { leaveBare: true },
    },
    has: ['strip'],
    fault: ['sticks-shut', 0],
    guaranteed: false,
  },
  {
    what: 'an old wall that stayed clean under a sponge and a palm',
    why: 'Water tells powder and paste; oil from waterborne it does not, and that decides the primer: it is rubbed.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', areaM2: 30, builtYear: 1965 },
      tests: [
        { kind: 'damp-sponge', result: 'clean' },
        { kind: 'hand-wipe', result: 'clean' },
      ],
    },
    next: 'spirit-rub',
  },
  {
    what: 'the layer under a flake is rubbed, and nothing comes',
    why: 'Another layer is another test: it says what lies there, and does not unsay the rub of the top.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', areaM2: 30, builtYear: 1985 },
      tests: [
        rub('transfer', 'behind the mirror'),
        { kind: 'tape-pull', result: 'lifts', place: 'behind the mirror' },
        { ...rub('no-transfer', 'behind the mirror'), plane: 'between-coats' },
      ],
    },
    likeliest: 'waterborne-over-oil',
    has: ['scrape', 'prime:shellac-primer'],
    next: 'blade-lift',
  },
  {
    what: 'a sooty old ceiling blackens the palm',
    why: 'What comes off on the palm is the soot that was seen: it says nothing of distemper, and water tells that.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', areaM2: 20, builtYear: 1910, conditions: ['soot'] },
      tests: [rub('transfer'), { kind: 'hand-wipe', result: 'heavy' }],
      wanted: { colour: '#ffffff' },
    },
    likeliest: 'waterborne-acrylic',
    next: 'damp-sponge',
    has: ['inspect', 'dust-off'],
    hasNot: ['prime:masonry-primer'],
  },
  {
    what: 'waterborne on oil on distemper, and all of it lets go of the wall',
    why: 'What let go is the powder under everything: that is washed off where it came off, and nobody wipes the oil with spirit.',
    ask: {
      surface: { element: 'wall', substrate: 'lime-plaster', areaM2: 20, builtYear: 1890 },
      tests: [
        { kind: 'chip-look', layers: ['waterborne', 'oil', 'distemper'] },
        { kind: 'tape-pull', result: 'lifts', plane: 'substrate' },
      ],
    },
    has: ['inspect', 'scrape', 'wash@bare-areas', 'prime:penetrating-sealer@bare-areas'],
    hasNot: ['solvent-wipe', 'degloss'],
    saysNot: ['lets go of the oil'],
  },
];
