import { rub, type Situation } from './row.ts';

const SIDING = { element: 'siding', substrate: 'softwood', exposure: 'exterior-exposed', areaM2: 60 };
const blade = (result: string, place: string, more: object = {}) => ({ kind: 'blade-lift', result, place, ...more });

/** Outside, in old houses, and where work can hurt: what goes on, and what is said of it. */
export const WEATHER: Situation[] = [
  {
    what: 'siding that lets go on the south side and holds on the north',
    why: 'The side that failed is treated as it failed, by name; the other is bound and not stripped.',
    ask: {
      surface: { ...SIDING, builtYear: 1960 },
      tests: [
        blade('lifts-in-sheet', 'south side', { plane: 'between-coats' }),
        blade('holds', 'north side'),
        rub('transfer'),
      ],
    },
    likeliest: 'waterborne-over-oil',
    has: ['scrape@south side'],
    hasNot: ['strip'],
    guaranteed: false,
    blocks: ['dry-sand-lead'],
  },
  {
    what: 'sound siding that chalks',
    why: 'Washed until little comes off, and what stays is bound by what also grips an older film.',
    ask: {
      surface: { ...SIDING, builtYear: 1999 },
      tests: [rub('transfer'), { kind: 'hand-wipe', result: 'heavy' }],
    },
    has: ['wash', 'rinse', 'prime:oil-primer'],
    hasNot: ['scrape'],
    risk: ['wash', 'peels', 0.05, 0.98],
  },
  {
    what: 'brown stain through the paint on cedar',
    why: 'Tannin is blocked all over, with oil outside and not with shellac.',
    ask: {
      surface: { ...SIDING, substrate: 'tannin-wood', builtYear: 1995, conditions: ['tannin-bleed'] },
      tests: [rub('transfer')],
    },
    has: ['prime:oil-primer'],
    hasNot: ['prime:shellac-primer'],
    noBlocks: ['shellac-outside-at-large'],
  },
  {
    what: 'a sill that is soft to the heart',
    why: 'It is replaced; end grain is soaked and sealed before the primer.',
    ask: {
      surface: {
        element: 'sill',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        areaM2: 0.6,
        builtYear: 1990,
        conditions: ['rot'],
      },
      tests: [{ kind: 'rot-probe', result: 'soft-deep' }],
    },
    has: ['replace-board', 'pre-prime:penetrating-epoxy'],
    blocks: ['paint-on-rot'],
    order: [
      ['replace-board', 'prime'],
      ['pre-prime', 'caulk'],
    ],
  },
  {
    what: 'a sill that is soft at the face alone',
    why: 'Repaired, not replaced.',
    ask: {
      surface: {
        element: 'sill',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        areaM2: 0.6,
        builtYear: 1990,
        conditions: ['rot'],
      },
      tests: [{ kind: 'rot-probe', result: 'soft-surface' }],
    },
    has: ['repair'],
    hasNot: ['replace-board'],
  },
  {
    what: 'a new soffit of plywood',
    why: 'Glued boards have no joints that open in the first year: both coats go on now.',
    ask: {
      surface: {
        element: 'fascia-soffit',
        substrate: 'plywood',
        exposure: 'exterior-sheltered',
        areaM2: 10,
        isNew: true,
      },
    },
    has: ['prime', 'finish-coat'],
    hasNot: ['revisit', 'finish-coat~P12M'],
    coats: ['exterior-acrylic', 2],
  },
  {
    what: 'a new gate of green oak',
    why: 'Its joints open: the last fill and coat come after a full year, booked now.',
    ask: {
      surface: { element: 'gate', substrate: 'hardwood', exposure: 'exterior-exposed', areaM2: 4, isNew: true },
    },
    has: ['revisit~P12M', 'finish-coat~P12M', 'unhang', 'remove-hardware'],
  },
  {
    what: 'gutters of aluminium that somebody painted',
    why: 'Light metal sheds paint: abraded and given a primer that bonds.',
    ask: {
      surface: { element: 'rainwater-goods', substrate: 'aluminium', exposure: 'exterior-exposed', areaM2: 6 },
    },
    has: ['sand', 'prime'],
    next: 'spirit-rub',
    cautions: ['ladder'],
  },
  {
    what: 'new galvanised railing',
    why: 'Zinc wants an etch primer, after it was degreased and dulled.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'galvanised-metal',
        exposure: 'exterior-exposed',
        areaM2: 6,
        isNew: true,
      },
    },
    has: ['wash:degreaser', 'prime:etch-primer'],
    // A wash of etch primer is never sanded: what is denibbed is the first coat over it.
    order: [
      ['wash', 'prime'],
      ['finish-coat', 'sand-between'],
    ],
  },
  {
    what: 'a window of plastic',
    why: 'Degreased, abraded, tried: nothing is believed on plastic untried.',
    ask: { surface: { element: 'window', substrate: 'upvc', exposure: 'exterior-exposed', areaM2: 4 } },
    has: ['test-patch', 'prime:bonding-acrylic-primer', 'cure-hold'],
    order: [['wash', 'sand']],
  },
  {
    what: 'limewash that comes off on the palm, with salts',
    why: 'The water first, then wash and dry out; what is left is bound under masonry paint.',
    ask: {
      surface: {
        element: 'masonry',
        substrate: 'render',
        exposure: 'exterior-exposed',
        areaM2: 60,
        conditions: ['efflorescence', 'chalking'],
      },
      tests: [{ kind: 'hand-wipe', result: 'heavy' }],
    },
    has: ['inspect', 'dry-out', 'prime:masonry-primer', 'finish-coat:masonry-paint'],
    order: [
      ['inspect', 'prime'],
      ['dry-out', 'prime'],
    ],
  },
  {
    what: 'a front door that hangs again the same night',
    why: 'Quick coats, the opening closed meanwhile, hardware off.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', exposure: 'exterior-exposed', builtYear: 1990, areaM2: 4 },
      tests: [rub('no-transfer')],
      wanted: { sheen: 'satin', maxNightsOut: 0 },
    },
    has: ['close-opening', 'unhang', 'rehang', 'remove-hardware'],
    hasNot: ['prime:oil-primer', 'finish-coat:exterior-oil'],
    cautions: ['open-house', 'heavy-lift'],
  },
  {
    what: 'a greasy garage floor',
    why: 'Degreased, then opened, then primed and painted with floor paint, and left to cure.',
    ask: {
      surface: {
        element: 'floor',
        substrate: 'concrete',
        exposure: 'interior-hightouch',
        areaM2: 30,
        conditions: ['greasy'],
      },
    },
    has: ['wash:degreaser', 'sand', 'finish-coat:floor-paint', 'cure-hold'],
    order: [['wash', 'sand']],
  },
  {
    what: 'a window of 1920 whose paint is leaded and peels',
    why: 'Wet work only, contained; and the licensed way is named.',
    ask: {
      surface: { element: 'window', substrate: 'softwood', areaM2: 4, builtYear: 1920, conditions: ['peeling'] },
      tests: [{ kind: 'lead-swab', result: 'positive' }, rub('no-transfer')],
    },
    has: ['contain-lead', 'scrape'],
    cautions: ['lead-positive'],
    blocks: ['dry-sand-lead'],
  },
  {
    what: 'trim of 1920 whose swab through all layers was negative',
    why: 'A test overrules the date: it may be sanded dry.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 12, builtYear: 1920, conditions: ['glossy'] },
      tests: [{ kind: 'lead-swab', result: 'negative' }, rub('no-transfer'), rub('no-transfer', 'b')],
    },
    hasNot: ['contain-lead'],
    noBlocks: ['dry-sand-lead'],
    guaranteed: true,
  },
  {
    what: 'a sprayed texture of 1972 that was painted since',
    why: 'Texture is kept, and in a house of that age it may hold asbestos: it is not sanded.',
    ask: {
      surface: { element: 'ceiling', substrate: 'skim-plaster', texture: 'heavy', areaM2: 16, builtYear: 1972 },
      tests: [rub('transfer')],
    },
    hasNot: ['sand', 'scrape'],
    cautions: ['asbestos-possible'],
  },
  {
    what: 'the blade lifts a sheet off every wall it was tried on',
    why: 'What let go everywhere comes off everywhere, and nothing is promised of it before.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', areaM2: 20, builtYear: 1960 },
      tests: [
        rub('transfer'),
        blade('lifts-in-sheet', 'by the door', { plane: 'between-coats' }),
        blade('lifts-in-sheet', 'by the window', { plane: 'between-coats' }),
      ],
    },
    likeliest: 'waterborne-over-oil',
    has: ['scrape'],
    hasNot: ['scrape@by the door'],
  },
  {
    what: 'waterborne on oil that held in two places',
    why: 'Gripping by two tests: kept by the firm that keeps, bound, looked at after a year, and not guaranteed.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 12, builtYear: 1990 },
      tests: [{ kind: 'chip-look', layers: ['waterborne', 'oil'] }, blade('holds', 'left'), blade('holds', 'right')],
      wanted: { sheen: 'satin' },
    },
    likeliest: 'waterborne-over-oil',
    hasNot: ['strip', 'scrape'],
    guaranteed: false,
  },
  {
    what: 'a varnished front door that flakes and has gone grey, clear again',
    why: 'What is to soak in needs bare timber: the old varnish comes off whole before it is saturated.',
    ask: {
      surface: {
        element: 'door',
        substrate: 'hardwood',
        exposure: 'exterior-exposed',
        areaM2: 4,
        currentFinish: 'clear-oil-varnish',
        conditions: ['flaking', 'weathered-wood', 'end-grain'],
      },
      wanted: { family: 'oil-varnish' },
    },
    has: ['strip:stripper', 'pre-prime:penetrating-epoxy', 'finish-coat:oil-varnish'],
    order: [['strip', 'pre-prime']],
    fault: ['peels', 0.3],
  },
  {
    what: 'a sprayed ceiling of 1974 that smells and looks of smoke',
    why: 'A texture is vacuumed and kept; nothing that may hold asbestos is sanded or scraped.',
    ask: {
      surface: {
        element: 'ceiling',
        substrate: 'drywall',
        texture: 'sprayed',
        areaM2: 30,
        builtYear: 1974,
        conditions: ['smoke'],
      },
      tests: [{ kind: 'spirit-rub', result: 'transfer' }],
    },
    has: ['dust-off', 'prime:shellac-primer'],
    hasNot: ['sand', 'scrape', 'wash'],
    says: ['vacuumed out of it'],
    cautions: ['asbestos-possible'],
  },
  {
    what: 'a heavy texture in old oil gloss, 1930',
    why: 'It is dulled with a liquid: paper would flatten it, and raise what is in it.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'lime-plaster',
        texture: 'heavy',
        areaM2: 20,
        builtYear: 1930,
        conditions: ['glossy'],
      },
      tests: [
        { kind: 'spirit-rub', result: 'no-transfer' },
        { kind: 'spirit-rub', result: 'no-transfer', place: 'b' },
      ],
    },
    has: ['degloss', 'dust-off', 'prime'],
    hasNot: ['sand'],
    cautions: ['asbestos-possible'],
  },
  {
    what: 'a steel door outside that has stood in its primer',
    why: 'What stood in the weather is washed before it is scuffed.',
    ask: {
      surface: {
        element: 'door',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        areaM2: 5,
        builtYear: 2020,
        currentFinish: 'primer-only',
      },
    },
    has: ['wash', 'rinse', 'sand'],
    order: [['wash', 'sand']],
  },
  {
    what: 'an old cellar wall of brick, flaking and in bloom, damp',
    why: 'Salts are brushed off before anything is wetted, and once more when it is dry.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'brick',
        areaM2: 14,
        builtYear: 1890,
        conditions: ['efflorescence', 'flaking'],
      },
      tests: [{ kind: 'moisture-meter', value: 70, scale: 'relative' }],
    },
    has: ['inspect', 'dry-out', 'prime:masonry-primer'],
    order: [
      ['dust-off', 'wash'],
      ['dry-out', 'dust-off'],
    ],
    blocks: ['paint-on-damp'],
  },
  {
    what: 'a dusty wall of board indoors that peels',
    why: 'It is washed for its dust, and not because it is wiped or handled.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', areaM2: 20, builtYear: 2019, conditions: ['peeling'] },
      tests: [
        { kind: 'spirit-rub', result: 'transfer' },
        { kind: 'hand-wipe', result: 'heavy' },
      ],
    },
    has: ['wash', 'scrape'],
    saysNot: ['wet, wiped or handled'],
  },
  {
    what: 'an iron railing that flakes, without a speck of rust yet',
    why: 'Where flakes come off the iron lies bare: metal primer there before anything else, whatever grips the rest.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        areaM2: 5,
        builtYear: 1990,
        conditions: ['flaking'],
      },
      tests: [{ kind: 'chip-look', layers: ['oil', 'primer'] }, rub('no-transfer')],
    },
    has: ['scrape', 'prime:metal-primer@bare-areas', 'prime:bonding-acrylic-primer'],
    order: [['prime:metal-primer@bare-areas', 'prime:bonding-acrylic-primer']],
  },
  {
    what: 'an iron railing that was sprayed from a can',
    why: 'What stood in the weather is washed before it is dulled, whatever the paint is.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        areaM2: 10,
        builtYear: 1990,
        conditions: ['aerosol-paint'],
      },
      tests: [rub('no-transfer')],
    },
    has: ['wash', 'rinse', 'sand'],
    order: [['rinse', 'sand']],
  },
];
