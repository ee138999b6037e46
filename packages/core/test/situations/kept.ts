import { rub, type Situation } from './row.ts';

const SPRAYED = {
  element: 'ceiling',
  substrate: 'drywall',
  texture: 'sprayed',
  builtYear: 1972,
  areaM2: 24,
};
const BATH = {
  element: 'ceiling',
  substrate: 'lime-plaster',
  exposure: 'interior-wet',
  conditions: ['peeling'],
  areaM2: 6,
  builtYear: 1925,
};
const LETS_GO_THERE = [
  { kind: 'nail-scratch', result: 'peels-in-sheet', plane: 'between-coats', place: 'over the shower' },
  rub('no-transfer', 'over the shower', { plane: 'between-coats' }),
  { kind: 'blade-lift', result: 'holds', place: 'by the door' },
];

/** What stays: a texture is not sanded flat, and a film that is trusted is tried with what is to lie on it. */
export const KEPT: Situation[] = [
  {
    what: 'a sprayed ceiling of 1972 by a firm that always sands',
    why: 'A sprayed texture is never sanded, by whatever rule, and not between its coats: it may hold asbestos.',
    ask: { surface: SPRAYED, tests: [rub('transfer')], houseRules: { sanding: 'always' } },
    has: ['dust-off'],
    hasNot: ['sand', 'sand-between'],
    noSchools: ['sanding where-needed'],
    noOtherDoes: ['sand', 'sand-between'],
  },
  {
    what: 'the same ceiling, its paint peeling off in one place',
    why: 'What lifts is taken off, and the texture is put back there: nothing is feathered with paper.',
    ask: {
      surface: { ...SPRAYED, conditions: ['peeling'], extents: { peeling: { areaM2: 0.6 } } },
      tests: [rub('transfer')],
    },
    has: ['inspect', 'scrape', 'repair@bare-areas'],
    hasNot: ['sand', 'fill'],
    says: ['sprayed on again to match', 'it is sampled first'],
    order: [
      ['inspect', 'scrape'],
      ['scrape', 'repair'],
    ],
    noOtherDoes: ['sand', 'fill'],
  },
  {
    what: 'waterborne lets go of old oil over the shower and holds by the door',
    why: 'Where it holds it may stay, tried first with the primer that goes over it; the school that strips it all stands beside, and is called back less.',
    ask: { surface: BATH, tests: LETS_GO_THERE },
    has: ['scrape@over the shower', 'test-patch:shellac-primer@elsewhere', 'prime:shellac-primer'],
    schools: ['waterborneOverOil strip-all'],
    otherDoes: ['strip@elsewhere'],
    guaranteed: false,
  },
  {
    what: 'the same ceiling by a firm that blocks with oil',
    why: 'The patch is of the primer that is laid, and of no other.',
    ask: { surface: BATH, tests: LETS_GO_THERE, houseRules: { blocker: 'oil' } },
    has: ['test-patch:oil-primer@elsewhere', 'prime:oil-primer'],
    hasNot: ['test-patch:bonding-acrylic-primer'],
  },
  {
    what: 'a brick wall indoors that may be in oil, rubbed once and clean',
    why: 'Nobody primes the whole for a doubt: the paint that is to lie there is patched, and scratched after three days.',
    ask: {
      surface: { element: 'wall', substrate: 'brick', areaM2: 19, builtYear: 1985, currentColour: '#ffffff' },
      tests: [rub('no-transfer'), { kind: 'blade-lift', result: 'holds' }],
      wanted: { colour: '#ffffff' },
    },
    has: ['test-patch:acrylic-wall'],
    hasNot: ['test-patch:bonding-acrylic-primer'],
    blocks: ['waterborne-on-oil'],
    saysNot: ['a patch of bonding primer'],
  },
  {
    what: 'a radiator that rusts, and whose waterborne paint lifts off oil in a sheet',
    why: 'Where it rusts it is bare iron, whatever layers lay there: metal primer holds the rust back under the rest.',
    ask: {
      surface: {
        element: 'radiator',
        substrate: 'ferrous-metal',
        exposure: 'interior-hot',
        conditions: ['rust-stain'],
        areaM2: 6,
        builtYear: 1985,
      },
      tests: [rub('lifts-to-lower-coat'), { kind: 'blade-lift', result: 'lifts-in-sheet' }],
    },
    has: ['prime:metal-primer@bare-areas'],
    fault: ['stain', 0.08],
  },
  {
    what: 'painted vinyl paper, and a firm that paints over it',
    why: 'The other way of working is to strip first: it stands among the other ways, with what it costs.',
    ask: {
      surface: { element: 'wall', substrate: 'wallpaper-vinyl', areaM2: 22, currentColour: '#f3efe0' },
      tests: [rub('transfer'), { kind: 'blade-lift', result: 'holds' }],
      wanted: { colour: '#1f3d2b', sheen: 'flat' },
    },
    schools: ['paper strip-first'],
    hasNot: ['strip'],
  },
  {
    what: 'waxed pine treads that are to be painted',
    why: 'Feet wear them: floor paint stands beside the enamel. Wax that was seen is mostly all that lies there.',
    ask: {
      surface: {
        element: 'stair',
        substrate: 'softwood',
        exposure: 'interior-hightouch',
        conditions: ['wax'],
        areaM2: 7,
        builtYear: 1985,
      },
      tests: [{ kind: 'water-drop', result: 'beads' }],
      wanted: { colour: '#4a4f55' },
    },
    likeliest: 'wax-oil',
    has: ['solvent-wipe:mineral-spirits'],
    other: ['floor-paint'],
  },
  {
    what: 'a cut of grade 4 at the lock rail of a painted door, and of grade 0 in its panel',
    why: 'One rail is primed with what grips oil too, rather than three days waited for a patch; the panel is left alone.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', areaM2: 4, builtYear: 1990 },
      tests: [
        rub('transfer', 'lock rail'),
        { kind: 'cross-cut', grade: 4, place: 'lock rail', plane: 'between-coats' },
        { kind: 'cross-cut', grade: 0, place: 'top panel' },
      ],
      wanted: { colour: '#ffffff' },
    },
    has: ['scrape@lock rail', 'prime:bonding-acrylic-primer@lock rail'],
    hasNot: ['test-patch'],
    fault: ['peels', 0.08],
    guaranteed: true,
  },
  {
    what: 'half a square metre of mould, which a drop of bleach found behind the bath',
    why: 'What was measured is what was found: it is washed off there, and nowhere else.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'drywall',
        exposure: 'interior-wet',
        conditions: ['mould'],
        areaM2: 14,
        extents: { mould: { areaM2: 0.5 } },
      },
      tests: [
        rub('transfer'),
        { kind: 'moisture-meter', value: 1.6, scale: 'gypsum', place: 'behind the bath' },
        { kind: 'moisture-meter', value: 0.4, scale: 'gypsum', place: 'by the door' },
        { kind: 'bleach-drop', result: 'lightens', place: 'behind the bath' },
      ],
    },
    has: ['mould-treat@behind the bath', 'dry-out@behind the bath'],
    hasNot: ['mould-treat@spots', 'dry-out@elsewhere'],
    blocks: ['paint-on-mould', 'paint-on-damp'],
  },
  {
    what: 'a sash whose bottom rail is wet and soft, and whose top rail is dry',
    why: 'The probe was made where the meter was: the rot is of that rail, is made good there, and takes nothing else along.',
    ask: {
      surface: {
        element: 'window',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        conditions: ['flaking'],
        areaM2: 3,
        builtYear: 1985,
      },
      tests: [
        { kind: 'rot-probe', result: 'soft-surface', place: 'bottom rail' },
        { kind: 'moisture-meter', value: 24, place: 'bottom rail' },
        { kind: 'moisture-meter', value: 13, place: 'top rail' },
      ],
    },
    has: ['repair@bottom rail', 'dry-out@bottom rail'],
    fault: ['peels', 0.25],
  },
  {
    what: 'a scrawl from a can on three of forty square metres of painted render',
    why: 'It is dulled, patched and blocked where it is: nobody primes a house for it.',
    ask: {
      surface: {
        element: 'masonry',
        substrate: 'render',
        exposure: 'exterior-exposed',
        conditions: ['aerosol-paint'],
        areaM2: 40,
        currentFinish: 'waterborne-acrylic',
        extents: { 'aerosol-paint': { areaM2: 3 } },
      },
    },
    has: [
      'sand@spots',
      'test-patch:stain-blocking-acrylic-primer@spots',
      'test-patch:shellac-primer@spots',
      'spot-prime',
    ],
    hasNot: ['prime'],
  },
  {
    what: 'a palm that comes white off an old varnished stair',
    why: 'Woodwork indoors does not chalk: it is dust, and nothing is bound under the varnish.',
    ask: {
      surface: { element: 'stair', substrate: 'hardwood', areaM2: 12, builtYear: 1985, conditions: ['end-grain'] },
      tests: [rub('softens'), { kind: 'hand-wipe', result: 'heavy' }],
      wanted: { family: 'oil-varnish' },
    },
    hasNot: ['prime:penetrating-sealer'],
    fault: ['peels', 0.2],
  },
  {
    what: 'blown vinyl in old oil gloss',
    why: 'Paper is dulled with a deglosser and never sanded: it wears through, and the pattern with it.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'wallpaper-embossed',
        areaM2: 20,
        builtYear: 1985,
        conditions: ['glossy'],
      },
      tests: [rub('no-transfer'), rub('no-transfer', 'by the door')],
    },
    has: ['degloss', 'prime'],
    hasNot: ['sand', 'sand-between'],
    noOtherDoes: ['sand'],
  },
  {
    what: 'one reading, over the limit, at the gable end of a soffit',
    why: 'Damp is of its place: that end dries out before it is painted, by name.',
    ask: {
      surface: {
        element: 'fascia-soffit',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        areaM2: 12,
        builtYear: 1990,
      },
      tests: [rub('transfer'), { kind: 'moisture-meter', value: 22, place: 'gable end' }],
    },
    has: ['dry-out@gable end'],
    blocks: ['paint-on-damp'],
    riskWhere: ['dry-out', 'gable end'],
  },
  {
    what: 'a door that was rubbed, whose two sisters let go in sheets',
    why: 'Another rub says nothing of what lies under water: the blade says whether this one grips, and that is worth the paint.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', areaM2: 4, builtYear: 1990 },
      tests: [rub('transfer')],
      neighbours: [
        { campaign: 'same', tests: [{ kind: 'blade-lift', result: 'lifts-in-sheet' }, rub('transfer')] },
        { campaign: 'same', tests: [{ kind: 'blade-lift', result: 'lifts-in-sheet' }] },
      ],
    },
    next: 'blade-lift',
    saving: 1000,
    likeliest: 'waterborne-over-oil',
  },
  {
    what: 'waterborne on oil that holds, and a primer on it that was scratched after four days and held',
    why: 'The patch has answered: nobody lays it again and waits three days for it.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 10, builtYear: 1990 },
      tests: [
        { kind: 'chip-look', layers: ['waterborne', 'oil'] },
        { kind: 'blade-lift', result: 'holds', place: 'a' },
        { kind: 'blade-lift', result: 'holds', place: 'b' },
        { kind: 'nail-scratch', result: 'holds', plane: 'primer', filmAgeHours: 90 },
      ],
      wanted: { colour: '#ffffff' },
    },
    has: ['prime:bonding-acrylic-primer', 'revisit'],
    hasNot: ['test-patch'],
    guaranteed: false,
  },
];
