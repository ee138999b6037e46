import { rub, type Situation } from './row.ts';

const WALL = { element: 'wall', substrate: 'drywall', builtYear: 1990, areaM2: 20 };

/** Wet rooms, hot metal, boards and glass: what a room or a piece asks by what it is. */
export const ROOMS: Situation[] = [
  {
    what: 'a radiator of sound waterborne paint',
    why: 'It grips and is warm: washed, dulled, and a film that stands heat; shellac never lies on heat.',
    ask: {
      surface: { element: 'radiator', substrate: 'ferrous-metal', exposure: 'interior-hot', areaM2: 2 },
      tests: [rub('transfer')],
    },
    has: ['wash:alkaline-cleaner', 'sand', 'finish-coat:waterborne-alkyd'],
    hasNot: ['prime:shellac-primer', 'spot-prime:shellac-primer'],
    order: [['wash', 'sand']],
    cautions: ['hot-surface'],
  },
  {
    what: 'the sound ceiling of a bathroom',
    why: 'Steam asks for a film that stands it, over what was washed; nothing there needs a primer.',
    ask: { surface: { ...WALL, element: 'ceiling', exposure: 'interior-wet', areaM2: 5 }, tests: [rub('transfer')] },
    has: ['wash', 'rinse', 'finish-coat:moisture-resistant-acrylic'],
    hasNot: ['prime', 'finish-coat:acrylic-ceiling'],
    coats: ['moisture-resistant-acrylic', 2],
  },
  {
    what: 'tile over a sink that is to be painted',
    why: 'Glaze holds nothing: grease off, dulled, a primer that bonds, and a patch first.',
    ask: { surface: { element: 'wall', substrate: 'ceramic-tile', exposure: 'interior-wet', areaM2: 3 } },
    has: ['wash:degreaser', 'sand', 'test-patch', 'prime:bonding-acrylic-primer'],
    order: [
      ['wash', 'sand'],
      ['test-patch', 'prime'],
    ],
    guaranteed: false,
  },
  {
    what: 'a new shelf of fibreboard that will carry books',
    why: 'Its face drinks and its film is loaded: primed, smoothed, a hard film, and time to cure before it is loaded.',
    ask: {
      surface: { element: 'shelf', substrate: 'mdf', areaM2: 4, isNew: true },
      wanted: { handling: 'heavy' },
    },
    has: ['prime:wood-acrylic-primer', 'sand-between', 'finish-coat:waterborne-alkyd', 'cure-hold'],
    hasNot: ['test-patch', 'degloss'],
    order: [
      ['prime', 'sand-between'],
      ['sand-between', 'finish-coat'],
      ['finish-coat', 'cure-hold'],
    ],
    noBlocks: ['dry-sand-lead'],
  },
  {
    what: 'a child has drawn on the ceiling with a marker',
    why: 'The ink alone is blocked, by shellac that waterborne paint cannot wake; the ceiling is not primed for it.',
    ask: {
      surface: { ...WALL, element: 'ceiling', conditions: ['marker'], extents: { marker: { areaM2: 0.05 } } },
      tests: [rub('transfer')],
    },
    has: ['spot-prime:shellac-primer@spots', 'finish-coat:acrylic-ceiling'],
    hasNot: ['prime', 'wash'],
    cautions: ['flammable-vapour'],
  },
  {
    what: 'board whose face came off with the paper, paste on it',
    why: 'The torn face is sealed before it is wetted again; then the paste is washed off, and it dries.',
    ask: { surface: { ...WALL, conditions: ['torn-board-face', 'paste-residue'] } },
    has: ['pre-prime:penetrating-sealer', 'wash', 'rinse', 'dry-out', 'fill'],
    order: [
      ['pre-prime', 'wash'],
      ['wash', 'dry-out'],
      ['dry-out', 'finish-coat'],
    ],
    blocks: ['paint-on-paste'],
  },
  {
    what: 'siding whose nails stand proud',
    why: 'They are set and filled where they are, before anything is laid; the bare timber is primed.',
    ask: {
      surface: {
        element: 'siding',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        areaM2: 40,
        builtYear: 1985,
        conditions: ['proud-nails', 'weathered-wood'],
      },
    },
    has: ['set-nails@spots', 'fill:exterior-filler@spots', 'prime:oil-primer', 'finish-coat:exterior-acrylic'],
    hasNot: ['finish-coat:acrylic-wall', 'prime:wood-acrylic-primer'],
    order: [
      ['set-nails', 'fill'],
      ['fill', 'prime'],
    ],
    cautions: ['oily-rags', 'ladder'],
  },
  {
    what: 'brick outside that is damp and blooms with salts',
    why: 'Paint keeps neither water nor salts in a wall: the source first, then it dries, then what breathes.',
    ask: {
      surface: {
        element: 'masonry',
        substrate: 'brick',
        exposure: 'exterior-exposed',
        areaM2: 30,
        conditions: ['efflorescence', 'damp'],
      },
    },
    has: ['inspect', 'dry-out', 'finish-coat:masonry-paint'],
    order: [['dry-out', 'finish-coat']],
    blocks: ['paint-on-damp'],
    guaranteed: false,
  },
  {
    what: 'a joint tape that lifts on a sound ceiling',
    why: 'The joint is cut out and set anew, sanded there, and its filler primed there; the rest is only painted.',
    ask: {
      surface: { ...WALL, element: 'ceiling', conditions: ['joint-tape-lifting'] },
      tests: [rub('transfer')],
    },
    has: ['repair', 'sand@spots', 'spot-prime@spots', 'finish-coat:acrylic-ceiling'],
    hasNot: ['prime', 'strip', 'scrape'],
    order: [
      ['repair', 'spot-prime'],
      ['spot-prime', 'finish-coat'],
    ],
  },
  {
    what: 'walls that smell of smoke and show none',
    why: 'A smell rises through anything but shellac; it goes over all of it, with air through the house.',
    ask: { surface: { ...WALL, conditions: ['odour', 'smoke'] }, tests: [rub('transfer')] },
    has: ['ventilate', 'prime:shellac-primer'],
    hasNot: ['spot-prime', 'prime:multi-purpose-acrylic-primer'],
    cautions: ['flammable-vapour', 'children-and-pets'],
  },
  {
    what: 'a garage door somebody sprayed from a can',
    why: 'Nobody knows what it was: one waterborne and one other blocker are tried before either is laid.',
    ask: {
      surface: {
        element: 'door',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        areaM2: 5,
        conditions: ['aerosol-paint'],
      },
    },
    has: ['test-patch:stain-blocking-acrylic-primer', 'test-patch:oil-primer', 'close-opening', 'cure-hold'],
    hasNot: ['prime:shellac-primer', 'finish-coat:acrylic-trim'],
    order: [['test-patch', 'prime']],
    cautions: ['open-house', 'heavy-lift'],
    guaranteed: false,
  },
  {
    what: 'a new window of aluminium',
    why: 'Bright metal gets a primer that bites, after grease; glass is masked before the first coat.',
    ask: {
      surface: { element: 'window', substrate: 'aluminium', exposure: 'exterior-sheltered', areaM2: 3, isNew: true },
    },
    has: ['wash:degreaser', 'prime:etch-primer', 'mask', 'unmask', 'inspect'],
    hasNot: ['prime:wood-acrylic-primer', 'prime:shellac-primer'],
    order: [
      ['wash', 'prime'],
      ['mask', 'prime'],
      ['finish-coat', 'unmask'],
    ],
  },
  {
    what: 'scratched doors of old oil in the house of people who cannot have the smell',
    why: 'No shellac and no oil: a bonding primer on a face that was dulled and sanded holds without them.',
    ask: {
      surface: {
        element: 'door',
        substrate: 'softwood',
        areaM2: 8,
        builtYear: 1995,
        conditions: ['scratches', 'glossy'],
      },
      tests: [rub('no-transfer')],
      wanted: { lowOdour: true },
    },
    likeliest: 'oil-alkyd',
    has: ['degloss', 'fill@spots', 'sand', 'prime:bonding-acrylic-primer', 'cure-hold'],
    hasNot: ['prime:shellac-primer', 'prime:oil-primer', 'finish-coat:oil-enamel'],
    order: [
      ['wash', 'degloss'],
      ['fill', 'prime'],
    ],
    blocks: ['waterborne-on-oil'],
  },
  {
    what: 'lacquered cabinets whose cross-cut failed',
    why: 'What lets go comes off; the bare places are filled, and what stays is held by shellac.',
    ask: {
      surface: {
        element: 'cabinet',
        substrate: 'hardwood',
        areaM2: 8,
        builtYear: 1990,
        currentFinish: 'lacquer',
      },
      tests: [{ kind: 'cross-cut', grade: 4 }],
    },
    likeliest: 'lacquer',
    has: ['remove-hardware', 'scrape', 'prime:shellac-primer', 'cure-hold', 'refit-hardware'],
    order: [
      ['scrape', 'prime'],
      ['cure-hold', 'rehang'],
    ],
  },
  {
    what: 'a sill said to be rotten that the probe finds firm',
    why: 'The probe overrules what was said: nothing is cut out, and nothing is blocked for rot.',
    ask: {
      surface: {
        element: 'sill',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        areaM2: 1,
        builtYear: 1990,
        conditions: ['rot'],
      },
      tests: [{ kind: 'rot-probe', result: 'firm' }],
    },
    hasNot: ['repair', 'replace-board', 'pre-prime:penetrating-epoxy'],
    noBlocks: ['paint-on-rot'],
  },
  {
    what: 'render outside that has cracked and chalks',
    why: 'Cracks are filled where they are; chalk is washed off and bound before the finish.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'render',
        exposure: 'exterior-exposed',
        areaM2: 60,
        conditions: ['substrate-crack', 'chalking'],
      },
    },
    has: ['wash', 'fill:exterior-filler@spots', 'prime:masonry-primer', 'finish-coat:masonry-paint'],
    hasNot: ['fill:filler', 'finish-coat:acrylic-wall'],
    order: [
      ['wash', 'fill'],
      ['fill', 'prime'],
    ],
  },
  {
    what: 'a ceiling with lines of soot along the joists',
    why: 'The source is found and stopped before anything is blocked.',
    ask: { surface: { element: 'ceiling', substrate: 'drywall', areaM2: 20, conditions: ['soot'] } },
    has: ['inspect', 'dust-off', 'prime:shellac-primer'],
    order: [['inspect', 'prime']],
  },
  {
    what: 'a bathroom ceiling that peels',
    why: 'Indoor peeling has a cause too, and it is named before paint goes on.',
    ask: {
      surface: {
        element: 'ceiling',
        substrate: 'drywall',
        exposure: 'interior-wet',
        areaM2: 6,
        conditions: ['peeling'],
      },
    },
    has: ['inspect', 'scrape', 'finish-coat:moisture-resistant-acrylic'],
    says: ['steam'],
  },
  {
    what: 'a damp cellar wall of concrete',
    why: 'Oil lets go of masonry that takes up water: it is no other way here.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'concrete',
        exposure: 'interior-wet',
        areaM2: 20,
        conditions: ['efflorescence'],
      },
      tests: [{ kind: 'moisture-meter', value: 90, scale: 'relative' }],
    },
    has: ['dry-out', 'inspect'],
    noOther: ['oil-enamel'],
    blocks: ['paint-on-damp'],
  },
  {
    what: 'a shelf of laminated board with a raw edge',
    why: 'The board at the edge drinks and swells: it is sealed before the rest.',
    ask: {
      surface: {
        element: 'shelf',
        substrate: 'melamine',
        builtYear: 1999,
        areaM2: 5,
        currentFinish: 'factory-laminate',
        conditions: ['end-grain'],
      },
    },
    has: ['pre-prime:shellac-primer@spots', 'prime:shellac-primer'],
    order: [['pre-prime', 'prime']],
    fault: ['peels', 0.08],
  },
  {
    what: 'a warm chimney breast of bare brick',
    why: 'It is masonry first: bound, and painted with what breathes.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'brick',
        exposure: 'interior-hot',
        builtYear: 1985,
        areaM2: 6,
        currentFinish: 'bare',
      },
    },
    has: ['prime:masonry-primer', 'finish-coat:masonry-paint'],
    fault: ['peels', 0.05],
  },
  {
    what: 'pine by a stove, with knots',
    why: 'Shellac does not stand the heat: the strongest that does lies on each knot.',
    ask: {
      surface: {
        element: 'shelf',
        substrate: 'softwood',
        exposure: 'interior-hot',
        builtYear: 1985,
        areaM2: 3,
        currentFinish: 'bare',
        conditions: ['knots'],
      },
    },
    hasNot: ['spot-prime:shellac-primer'],
    fault: ['bleeds', 0.35],
  },
  {
    what: 'glossy paint on a brick wall',
    why: 'A gloss is scuffed on brick as anywhere.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'brick',
        builtYear: 1985,
        areaM2: 11,
        currentFinish: 'waterborne-acrylic',
        conditions: ['glossy'],
      },
    },
    has: ['sand'],
  },
  {
    what: 'an unknown bead beside a torn face',
    why: 'The bead is dabbed before anything is laid.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'drywall',
        builtYear: 1985,
        areaM2: 30,
        conditions: ['sealant-unknown', 'torn-board-face'],
      },
    },
    order: [['test-patch', 'pre-prime']],
    blocks: ['paint-on-silicone'],
  },
  {
    what: 'plaster whose paper is loose',
    why: 'Loose paper says that the wall is papered, whatever it was taken for.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', builtYear: 1985, areaM2: 30, conditions: ['loose-paper'] },
      tests: [rub('transfer')],
    },
    has: ['stick-down'],
  },
  {
    what: 'mould on a ceiling whose board face is torn in places',
    why: 'The torn places are sealed before they are wetted, and the mould is killed all the same.',
    ask: {
      surface: {
        element: 'ceiling',
        substrate: 'drywall',
        builtYear: 1985,
        areaM2: 10,
        currentFinish: 'waterborne-acrylic',
        conditions: ['mould', 'torn-board-face'],
      },
    },
    order: [
      ['pre-prime', 'wash'],
      ['wash', 'mould-treat'],
    ],
    fault: ['stain', 0.15],
  },
];
