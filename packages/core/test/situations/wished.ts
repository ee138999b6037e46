import { rub, type Situation } from './row.ts';

const OIL = [rub('no-transfer'), rub('no-transfer', 'b')];
const IRON_GATE = {
  element: 'gate',
  substrate: 'ferrous-metal',
  exposure: 'exterior-sheltered',
  areaM2: 6,
  builtYear: 2010,
};

/** What was wished for is heard where it holds; where it would fail it is departed from, and the rest is prepared for what is laid. */
export const WISHED: Situation[] = [
  {
    what: 'a window board of which somebody said that it is handled hard',
    why: 'Who says so is heard, whatever the piece is: a hybrid enamel sets harder than acrylic.',
    ask: {
      surface: { element: 'sill', substrate: 'softwood', areaM2: 2, builtYear: 1995 },
      tests: [{ kind: 'spirit-rub', result: 'transfer' }],
      wanted: { colour: '#ffffff', handling: 'heavy' },
    },
    has: ['finish-coat:waterborne-alkyd'],
    fault: ['knock', 0.1],
  },
  {
    what: 'the same window board, of which nobody said anything',
    why: 'A board that nothing stands on takes the flexible acrylic.',
    ask: {
      surface: { element: 'sill', substrate: 'softwood', areaM2: 2, builtYear: 1995 },
      tests: [{ kind: 'spirit-rub', result: 'transfer' }],
      wanted: { colour: '#ffffff' },
    },
    has: ['finish-coat:acrylic-trim'],
  },
  {
    what: 'oil wished for on a front door that hangs again tomorrow',
    why: 'Oil takes days: a quick waterborne finish, and then the old oil is bound for it.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', exposure: 'exterior-exposed', areaM2: 4, builtYear: 1990 },
      tests: OIL,
      wanted: { chemistry: 'solvent-borne', maxNightsOut: 1 },
    },
    has: ['prime:bonding-acrylic-primer', 'finish-coat:exterior-acrylic'],
    hasNot: ['finish-coat:exterior-oil'],
    risk: ['prime', 'peels', 0.3, 0.98],
  },
  {
    what: 'the same door with a week to spare',
    why: 'The wish holds: oil on dull oil, nothing under it.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', exposure: 'exterior-exposed', areaM2: 4, builtYear: 1990 },
      tests: OIL,
      wanted: { chemistry: 'solvent-borne', maxNightsOut: 7 },
    },
    has: ['finish-coat:exterior-oil'],
    hasNot: ['prime'],
  },
  {
    what: 'acrylic trim paint wished for by name on old oil, by a firm that stays with oil',
    why: 'The name decides: the oil is bound for it.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 12, builtYear: 1996 },
      tests: OIL,
      wanted: { family: 'acrylic-trim' },
      houseRules: { oilTrim: 'stay-oil' },
    },
    has: ['prime', 'finish-coat:acrylic-trim'],
  },
  {
    what: 'a clear finish wished for on painted iron',
    why: 'It would hide nothing: it is painted, and the reason is said.',
    ask: { surface: { ...IRON_GATE, currentFinish: 'waterborne-acrylic' }, wanted: { family: 'oil-varnish' } },
    has: ['finish-coat:exterior-acrylic'],
    hasNot: ['finish-coat:oil-varnish'],
  },
  {
    what: 'oil wished for on a brick wall outside',
    why: 'Oil traps water in masonry: masonry paint breathes.',
    ask: {
      surface: { element: 'masonry', substrate: 'brick', exposure: 'exterior-exposed', areaM2: 30, builtYear: 1980 },
      wanted: { chemistry: 'solvent-borne' },
    },
    has: ['finish-coat:masonry-paint'],
  },
  {
    what: 'trim paint wished for on a floor',
    why: 'Feet wear it through: floor paint.',
    ask: {
      surface: { element: 'floor', substrate: 'softwood', areaM2: 15, builtYear: 1990 },
      wanted: { family: 'acrylic-trim' },
    },
    has: ['finish-coat:floor-paint'],
    hasNot: ['finish-coat:acrylic-trim'],
  },
  {
    what: 'a bright yellow over bare timber, where nobody said what colour is there',
    why: 'Vivid colours cover badly over a white primer too: three coats.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', isNew: true, areaM2: 12 },
      wanted: { colour: '#f6d20a', sheen: 'satin' },
    },
    coats: ['acrylic-trim', 3],
  },
  {
    what: 'iron in the house of people who cannot have the smell',
    why: 'Iron first gets metal primer where it is bare: nothing gentler does it.',
    ask: {
      surface: { element: 'railing', substrate: 'ferrous-metal', areaM2: 5, currentFinish: 'bare' },
      wanted: { lowOdour: true },
    },
    has: ['prime:metal-primer'],
    hasNot: ['prime:bonding-acrylic-primer'],
  },
  {
    what: 'an iron gate that peels outside',
    why: 'Scraped to what holds, and primed where it is bare before any other coat.',
    ask: { surface: { ...IRON_GATE, conditions: ['peeling'], currentFinish: 'waterborne-acrylic' } },
    has: ['scrape', 'prime:metal-primer@bare-areas'],
    order: [
      ['scrape', 'sand'],
      ['prime', 'finish-coat'],
    ],
  },
  {
    what: 'a galvanised rail that rusts',
    why: 'Where it rusts the zinc is gone: that is bare iron.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'galvanised-metal',
        areaM2: 5,
        currentFinish: 'waterborne-acrylic',
        conditions: ['rust-stain'],
      },
    },
    has: ['scrape', 'prime:metal-primer@bare-areas'],
  },
  {
    what: 'greasy, chalking plastic',
    why: 'It is washed and abraded; nothing soaks into plastic, so nothing is sealed: it is bonded.',
    ask: {
      surface: {
        element: 'fascia-soffit',
        substrate: 'upvc',
        exposure: 'exterior-exposed',
        areaM2: 20,
        currentFinish: 'bare',
        conditions: ['greasy', 'chalking'],
      },
    },
    has: ['wash', 'sand', 'prime:bonding-acrylic-primer'],
    hasNot: ['prime:penetrating-sealer'],
  },
  {
    what: 'a cupboard whose film is cracked',
    why: 'Cracks are taken out to the ground, and what is bare then is primed.',
    ask: {
      surface: {
        element: 'cabinet',
        substrate: 'softwood',
        areaM2: 9,
        builtYear: 2010,
        currentFinish: 'waterborne-acrylic',
        conditions: ['cracking'],
      },
    },
    has: ['scrape', 'sand', 'prime:wood-acrylic-primer@bare-areas'],
  },
  {
    what: 'laminate that somebody said is bare',
    why: 'Bare laminate is laminate: the primer has to bond to it.',
    ask: { surface: { element: 'shelf', substrate: 'melamine', areaM2: 6, currentFinish: 'bare' } },
    has: ['prime:shellac-primer'],
    risk: ['prime', 'peels', 0.3, 0.98],
  },
  {
    what: 'paint that peels off melamine',
    why: 'The paint comes off, not the face of the board; what shows then is laminate.',
    ask: {
      surface: {
        element: 'furniture',
        substrate: 'melamine',
        areaM2: 6,
        currentFinish: 'waterborne-acrylic',
        conditions: ['peeling'],
      },
    },
    has: ['scrape', 'prime:shellac-primer@bare-areas'],
    hasNot: ['strip'],
  },
  {
    what: 'a chest in chalk-style paint, rubbed through at its edges',
    why: 'Waterborne clear does not hold on fresh oil: no other way lays the one on the other.',
    ask: {
      surface: { element: 'furniture', substrate: 'melamine', areaM2: 5 },
      wanted: { distressed: true, family: 'chalk-style' },
    },
    has: ['prime:clear-shellac', 'finish-coat:chalk-style', 'clear-coat:waterborne-clear'],
    notTogether: ['oil-enamel', 'waterborne-clear'],
  },
  {
    what: 'a pale wall that is to be orange, by a firm that tints toward the finish',
    why: 'So vivid a colour takes its three coats with a primer and without: the primer would save nothing, and is not laid.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', builtYear: 1998, areaM2: 30, currentColour: '#f5f0e6' },
      tests: [rub('transfer')],
      wanted: { colour: '#d8551a' },
      houseRules: { primerTint: 'toward-finish' },
    },
    hasNot: ['prime'],
    coats: ['acrylic-wall', 3],
    saysNot: ['saves'],
  },
  {
    what: 'an oil finish on new trim with knots, by a firm that lets the undercoat prime',
    why: 'The knots get their shellac; the undercoat is its own primer on the rest.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 12, isNew: true, conditions: ['knots'] },
      wanted: { chemistry: 'solvent-borne' },
      houseRules: { undercoat: 'combined' },
    },
    has: ['spot-prime:shellac-primer', 'undercoat:oil-undercoat'],
    hasNot: ['prime:oil-primer'],
  },
  {
    what: 'greasy cupboards in old oil, by a firm that etches',
    why: 'It is the alkali that etches, and it takes the grease with it.',
    ask: {
      surface: {
        element: 'cabinet',
        substrate: 'softwood',
        exposure: 'interior-grease',
        builtYear: 1992,
        areaM2: 14,
        conditions: ['greasy', 'glossy'],
      },
      tests: [rub('no-transfer')],
      wanted: { chemistry: 'waterborne' },
      houseRules: { oilTrim: 'etch-direct' },
    },
    has: ['wash:alkaline-cleaner', 'rinse', 'test-patch'],
    hasNot: ['wash:degreaser'],
    cautions: ['caustic'],
  },
  {
    what: 'silicone round a shower whose tiles are painted, by a firm that bridges silicone',
    why: 'There silicone belongs: it is renewed after the last coat, and not covered with what goes black.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'ceramic-tile',
        exposure: 'interior-wet',
        builtYear: 2005,
        areaM2: 6,
        conditions: ['silicone'],
        extents: { silicone: { lengthM: 4 } },
      },
      houseRules: { silicone: 'bridge' },
    },
    has: ['remove-sealant@spots', 'caulk:silicone-sealant@spots'],
    hasNot: ['caulk:paintable-hybrid-sealant'],
    order: [['finish-coat', 'caulk']],
  },
  {
    what: 'trim in old oil that is cracked, and stays oil',
    why: 'The oil undercoat primes what lies bare; no waterborne primer is put under it.',
    ask: {
      surface: {
        element: 'trim',
        substrate: 'softwood',
        builtYear: 1985,
        areaM2: 12,
        currentFinish: 'oil-alkyd',
        conditions: ['cracking'],
      },
      wanted: { chemistry: 'solvent-borne' },
    },
    has: ['scrape', 'undercoat:oil-undercoat@bare-areas', 'finish-coat:oil-enamel'],
    hasNot: ['prime:wood-acrylic-primer'],
  },
  {
    what: 'a new iron gate by a firm that blocks with bonding acrylic',
    why: 'The rule names what blocks stains; bare iron gets what is made for it.',
    ask: {
      surface: {
        element: 'gate',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        areaM2: 4,
        isNew: true,
      },
      houseRules: { blocker: 'bonding-acrylic' },
    },
    has: ['prime:metal-primer'],
  },
  {
    what: 'silicone along old oil trim, by a firm that bridges it',
    why: 'The bead that takes paint goes over it before the primer, which would crawl.',
    ask: {
      surface: {
        element: 'trim',
        substrate: 'softwood',
        builtYear: 1985,
        areaM2: 10,
        conditions: ['silicone'],
        extents: { silicone: { lengthM: 4 } },
      },
      tests: OIL,
      wanted: { chemistry: 'waterborne' },
      houseRules: { silicone: 'bridge', caulkWhen: 'after-primer' },
    },
    order: [['caulk:paintable-hybrid-sealant', 'prime']],
    guaranteed: false,
  },
  {
    what: 'a new oak floor that is to be seen through a waterborne clear',
    why: 'Varnish is what a painter would offer beside it, and a coat more of either; no paint.',
    ask: {
      surface: { element: 'floor', substrate: 'hardwood', exposure: 'interior-hightouch', areaM2: 22, isNew: true },
      wanted: { family: 'waterborne-clear' },
    },
    has: ['finish-coat:waterborne-clear'],
    other: ['oil-varnish'],
    noOther: ['floor-paint', 'oil-enamel', 'acrylic-trim'],
  },
  {
    what: 'woodwork of a firm that lays oil, in a house of people who cannot have the smell',
    why: 'A wish outranks the firm’s rule, and no oil is without smell; nor is oil set beside it as that firm’s way.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 9, builtYear: 1990 },
      tests: [rub('no-transfer'), rub('no-transfer', 'by the window')],
      wanted: { lowOdour: true, colour: '#ffffff' },
      houseRules: { oilTrim: 'stay-oil', woodwork: 'oil' },
    },
    has: ['prime:bonding-acrylic-primer', 'finish-coat:acrylic-trim'],
    hasNot: ['finish-coat:oil-enamel', 'undercoat:oil-undercoat'],
    noSchools: ['oilTrim stay-oil'],
  },
  {
    what: 'a new chest for which both oil and low odour were asked',
    why: 'Oil was asked for by name of its kind and is laid; that it cannot be without smell is said.',
    ask: {
      surface: { element: 'furniture', substrate: 'softwood', areaM2: 3, isNew: true },
      wanted: { chemistry: 'solvent-borne', lowOdour: true, colour: '#88aacc' },
    },
    has: ['finish-coat:oil-enamel'],
    says: ['no oil is without smell'],
  },
  {
    what: 'new board that is wished for in oil, in a firm whose finish primes itself',
    why: 'No oil primes itself: board is primed under it, and that school is not set beside it.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', isNew: true, areaM2: 20 },
      wanted: { chemistry: 'solvent-borne', colour: '#f0efe8' },
      houseRules: { newBoard: 'self-prime' },
    },
    has: ['prime:pva-primer', 'undercoat:oil-undercoat', 'finish-coat:oil-enamel'],
    noSchools: ['newBoard self-prime', 'newBoard prime'],
  },
  {
    what: 'new doors in oil, in a firm whose finish primes itself',
    why: 'Bare timber under oil enamel wants its undercoat, whatever the firm does in waterborne.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', isNew: true, areaM2: 4 },
      wanted: { chemistry: 'solvent-borne', colour: '#f0efe8' },
      houseRules: { bareTimberInside: 'self-prime' },
    },
    has: ['undercoat:oil-undercoat', 'finish-coat:oil-enamel'],
    coats: ['oil-enamel', 2],
    noSchools: ['bareTimberInside self-prime', 'bareTimberInside prime'],
  },
];
