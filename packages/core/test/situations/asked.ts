import { patch, rub, type Situation } from './row.ts';

const IRON_RAILING = { element: 'railing', substrate: 'ferrous-metal', exposure: 'exterior-exposed', areaM2: 8 };

/** What is asked before the price, and what nobody need ask, since no answer changes the work. */
export const ASKED: readonly Situation[] = [
  {
    what: 'a smoked wall of 1965 that is blocked as it lies, rubbed and waterborne',
    why: 'Nothing there is sanded or scraped: a clean swab would change no line of it.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'skim-plaster',
        areaM2: 40,
        builtYear: 1965,
        conditions: ['smoke', 'odour'],
      },
      tests: [rub('transfer')],
      wanted: { lowOdour: true },
    },
    has: ['prime:low-odour-oil-primer'],
    hasNot: ['sand', 'contain-lead'],
    blocks: ['dry-sand-lead'],
    next: null,
  },
  {
    what: 'the same wall without smoke',
    why: 'It is sanded wet until somebody knows: three minutes may save the sheets and the water.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', areaM2: 40, builtYear: 1965 },
      tests: [rub('transfer')],
    },
    has: ['contain-lead', 'sand'],
    next: 'lead-swab',
    saving: 4000,
  },
  {
    what: 'bare aluminium gutters that nobody wiped',
    why: 'They are degreased, dulled and primed whether a palm turns white or not.',
    ask: {
      surface: {
        element: 'rainwater-goods',
        substrate: 'aluminium',
        exposure: 'exterior-exposed',
        areaM2: 8,
        currentFinish: 'bare',
      },
    },
    has: ['wash:degreaser', 'prime:etch-primer'],
    next: null,
  },
  {
    what: 'a new garage slab that reads dry, and that nobody can date',
    why: 'Concrete hardens sooner than it dries: what reads dry has stood its month.',
    ask: {
      surface: { element: 'floor', substrate: 'concrete', areaM2: 30, isNew: true },
      tests: [{ kind: 'moisture-meter', value: 6 }],
    },
    has: ['sand', 'finish-coat:floor-paint'],
    hasNot: ['dry-out'],
    noBlocks: ['paint-on-damp'],
  },
  {
    what: 'a slab of one month that reads dry',
    why: 'Its face reads dry before it has hardened: the month is kept.',
    ask: {
      surface: { element: 'floor', substrate: 'concrete', areaM2: 30, isNew: true, substrateAgeMonths: 0 },
      tests: [{ kind: 'moisture-meter', value: 6 }],
    },
    has: ['dry-out'],
  },
  {
    what: 'oak cabinets whose film acetone softened',
    why: 'Acetone eats a mark into it: it is asked once, and says the same beside that.',
    ask: {
      surface: {
        element: 'cabinet',
        substrate: 'tannin-wood',
        exposure: 'interior-grease',
        areaM2: 9,
        builtYear: 1995,
        conditions: ['greasy'],
      },
      tests: [rub('no-transfer'), { kind: 'acetone-rub', result: 'softens' }],
      wanted: { handling: 'heavy' },
    },
    next: null,
  },
  {
    what: 'windows of aluminium in old oil whose faces come off white on the palm',
    why: 'The weather has taken the gloss: there is nothing for a deglosser to dull. The chalk is washed off, and the face scuffed.',
    ask: {
      surface: {
        element: 'window',
        substrate: 'aluminium',
        exposure: 'exterior-exposed',
        areaM2: 6,
        conditions: ['chalking'],
        builtYear: 1985,
      },
      tests: [{ kind: 'hand-wipe', result: 'heavy' }, rub('no-transfer')],
    },
    has: ['wash', 'sand', 'prime:bonding-acrylic-primer'],
    hasNot: ['degloss'],
    saysNot: ['deglosser'],
  },
  {
    what: 'fascias in old oil that chalk, to stay in oil',
    why: 'Chalk lies on a dull face: it is washed and scuffed, and not deglossed as well.',
    ask: {
      surface: {
        element: 'fascia-soffit',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        areaM2: 20,
        builtYear: 1985,
        conditions: ['chalking'],
      },
      tests: [{ kind: 'hand-wipe', result: 'heavy' }, rub('no-transfer')],
      wanted: { chemistry: 'solvent-borne' },
    },
    has: ['wash', 'sand', 'finish-coat:exterior-oil'],
    hasNot: ['degloss'],
  },
  {
    what: 'varnished floorboards of 1990, to be painted',
    why: 'A coarse grit opens the floor all over and takes the gloss with it: nobody deglosses it first, or scuffs it after.',
    ask: {
      surface: { element: 'floor', substrate: 'softwood', areaM2: 18, builtYear: 1990 },
      tests: [rub('no-transfer'), { kind: 'water-drop', result: 'beads' }],
    },
    has: ['wash:degreaser', 'sand', 'finish-coat:floor-paint'],
    hasNot: ['degloss'],
    saysNot: ['deglosser left'],
  },
  {
    what: 'a front door in old oil that is taken out of its opening',
    why: 'Its last coat cures while it hangs ajar: that keeps it out of its opening for no hour.',
    ask: {
      surface: {
        element: 'door',
        substrate: 'hardwood',
        exposure: 'exterior-sheltered',
        areaM2: 4,
        builtYear: 1990,
      },
      tests: [rub('no-transfer')],
      wanted: { chemistry: 'waterborne' },
    },
    has: ['unhang', 'rehang', 'cure-hold'],
    order: [
      ['finish-coat', 'rehang'],
      ['rehang', 'cure-hold'],
    ],
    says: ['leave it ajar'],
    fault: ['sticks-shut', 0.1],
  },
  {
    what: 'an iron railing by a firm that paints its woodwork in oil',
    why: 'Iron is no woodwork: the rule says nothing of it, and is not set beside it as a school.',
    ask: { surface: { ...IRON_RAILING, builtYear: 1990 }, tests: [rub('transfer')], houseRules: { woodwork: 'oil' } },
    has: ['finish-coat:exterior-acrylic'],
    hasNot: ['finish-coat:exterior-oil'],
    noSchools: ['woodwork waterborne', 'woodwork oil'],
  },
  {
    what: 'a fascia of plastic',
    why: 'Plastic is no woodwork, and oil grows brittle on it.',
    ask: {
      surface: { element: 'fascia-soffit', substrate: 'upvc', exposure: 'exterior-exposed', areaM2: 14 },
      tests: [{ kind: 'water-drop', result: 'beads' }],
    },
    noSchools: ['woodwork oil'],
  },
  {
    what: 'a deal door by a firm that paints its woodwork in oil',
    why: 'There the rule is heard.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', areaM2: 4, builtYear: 2005 },
      tests: [rub('transfer'), rub('transfer', 'panel')],
      houseRules: { woodwork: 'oil' },
    },
    has: ['finish-coat:oil-enamel'],
    schools: ['woodwork waterborne'],
  },
  {
    what: 'board primer asked for on siding',
    why: 'It is made for indoors: it is said, and something else is laid.',
    ask: {
      surface: { element: 'siding', substrate: 'softwood', exposure: 'exterior-exposed', areaM2: 40, isNew: true },
      wanted: { family: 'pva-primer' },
    },
    hasNot: ['prime:pva-primer'],
    blocks: ['interior-product-outside'],
  },
  {
    what: 'oil primer asked for on siding',
    why: 'That may stand outside: nothing holds it up.',
    ask: {
      surface: { element: 'siding', substrate: 'softwood', exposure: 'exterior-exposed', areaM2: 40, isNew: true },
      wanted: { family: 'oil-primer' },
    },
    noBlocks: ['interior-product-outside'],
  },
  {
    what: 'shellac asked for on a radiator in old oil',
    why: 'Heat softens it: it is said, and another primer is laid.',
    ask: {
      surface: {
        element: 'radiator',
        substrate: 'ferrous-metal',
        exposure: 'interior-hot',
        areaM2: 3,
        builtYear: 1985,
      },
      tests: [rub('no-transfer')],
      wanted: { family: 'shellac-primer' },
    },
    hasNot: ['prime:shellac-primer'],
    blocks: ['shellac-on-heat'],
  },
  {
    what: 'a radiator in old oil of which nobody asked for shellac',
    why: 'Nobody is told of what nobody asked for.',
    ask: {
      surface: {
        element: 'radiator',
        substrate: 'ferrous-metal',
        exposure: 'interior-hot',
        areaM2: 3,
        builtYear: 1985,
      },
      tests: [rub('no-transfer')],
    },
    noBlocks: ['shellac-on-heat'],
  },
  {
    what: 'a patch of trim paint covered in one coat, on a wall that takes wall paint',
    why: 'What one paint hid in a coat says nothing of another.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', areaM2: 30, builtYear: 2005, currentColour: '#8a8f98' },
      tests: [rub('transfer'), rub('transfer', 'b'), patch('acrylic-trim', 'covers', 3000, 1)],
      wanted: { colour: '#e9e6dc' },
    },
    coats: ['acrylic-wall', 2],
  },
  {
    what: 'the same wall, and the patch was of the wall paint',
    why: 'A coat that covered is a coat.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', areaM2: 30, builtYear: 2005, currentColour: '#8a8f98' },
      tests: [rub('transfer'), rub('transfer', 'b'), patch('acrylic-wall', 'covers', 3000, 1)],
      wanted: { colour: '#e9e6dc' },
    },
    coats: ['acrylic-wall', 1],
  },
  {
    what: 'a pale wall with one stripe of dark red, to be pale',
    why: 'The hardest of the old colours to hide decides how many coats there are.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'drywall',
        areaM2: 30,
        builtYear: 2005,
        currentColours: ['#f2efe6', '#7a1010'],
      },
      tests: [rub('transfer'), rub('transfer', 'b')],
      wanted: { colour: '#f4f1e8' },
    },
    has: ['prime'],
    says: ['a white primer saves'],
  },
  {
    what: 'a bare iron railing in a stairwell, where nobody may smell anything',
    why: 'On bare iron nothing but metal primer will do: the wish for no smell gives way, and is aired out.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'ferrous-metal',
        areaM2: 3,
        currentFinish: 'bare',
      },
      wanted: { lowOdour: true },
    },
    has: ['prime:metal-primer', 'ventilate'],
    cautions: ['solvent-vapour'],
  },
];
