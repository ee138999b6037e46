import { patch, rub, type Situation } from './row.ts';

const WALL = { element: 'wall', substrate: 'skim-plaster', builtYear: 1995, areaM2: 30 };
const MELAMINE = { element: 'cabinet', substrate: 'melamine', areaM2: 12, conditions: ['greasy'] };
const GLOSS_DOOR = {
  element: 'door',
  substrate: 'softwood',
  builtYear: 1985,
  areaM2: 4,
  conditions: ['glossy'],
};
const OIL = [rub('no-transfer'), rub('no-transfer', 'b')];
const at = (kind: string, place: string, said: object) => ({ kind, place, ...said });

/** What a test found in one place stays there; and what was cut into a patch tells of the patch. */
export const PLACED: Situation[] = [
  {
    what: 'a film lets go in two places and holds in a third',
    why: 'Both places stay places of their own: neither is forgotten over the other.',
    ask: {
      surface: WALL,
      tests: [
        rub('transfer'),
        at('blade-lift', 'behind the mirror', { result: 'lifts-in-sheet' }),
        at('blade-lift', 'by the window', { result: 'lifts-in-sheet' }),
        at('blade-lift', 'middle', { result: 'holds' }),
      ],
    },
    has: ['scrape@behind the mirror', 'scrape@by the window', 'sand@by the window'],
    blocks: ['waterborne-on-oil'],
  },
  {
    what: 'damp under the window, dry in the middle, read last',
    why: 'A dry place does not dry a wet one, whichever was read last.',
    ask: {
      surface: WALL,
      tests: [
        rub('transfer'),
        at('moisture-meter', 'under the window', { value: 3, scale: 'gypsum' }),
        at('moisture-meter', 'middle', { value: 0.3, scale: 'gypsum' }),
      ],
    },
    has: ['inspect', 'dry-out@under the window'],
    blocks: ['paint-on-damp'],
    guaranteed: false,
  },
  {
    what: 'the same place read again, and dry',
    why: 'A wall dries: at one place the last reading stands.',
    ask: {
      surface: WALL,
      tests: [
        rub('transfer'),
        at('moisture-meter', 'under the window', { value: 20 }),
        at('moisture-meter', 'middle', { value: 6 }),
        at('moisture-meter', 'under the window', { value: 7 }),
      ],
    },
    hasNot: ['dry-out', 'inspect'],
    noBlocks: ['paint-on-damp'],
    guaranteed: true,
  },
  {
    what: 'siding that chalks on the south side and leaves the palm clean on the north',
    why: 'The south side is bound; the north needs no primer.',
    ask: {
      surface: { element: 'siding', substrate: 'softwood', builtYear: 1995, areaM2: 60 },
      tests: [
        rub('transfer'),
        at('hand-wipe', 'south', { result: 'heavy' }),
        at('hand-wipe', 'north', { result: 'clean' }),
      ],
    },
    has: ['wash', 'prime:oil-primer@south'],
    hasNot: ['prime@elsewhere', 'prime@north'],
  },
  {
    what: 'paste behind the radiator, and none in the middle of a painted wall',
    why: 'Two square metres of paste are washed and sealed, and not the whole wall.',
    ask: {
      surface: {
        ...WALL,
        conditions: ['paste-residue'],
        currentFinish: 'waterborne-acrylic',
        extents: { 'paste-residue': { areaM2: 2 } },
      },
      tests: [
        rub('transfer', 'middle'),
        at('damp-sponge', 'behind the radiator', { result: 'slick' }),
        at('damp-sponge', 'middle', { result: 'clean' }),
      ],
    },
    has: ['wash@behind the radiator', 'prime:penetrating-sealer@behind the radiator'],
    hasNot: ['prime@elsewhere'],
    blocks: ['paint-on-paste'],
  },
  {
    what: 'mould in the corner of a bathroom ceiling, and none by the door',
    why: 'It is killed where it grows.',
    ask: {
      surface: {
        element: 'ceiling',
        substrate: 'drywall',
        exposure: 'interior-wet',
        builtYear: 1995,
        areaM2: 10,
        conditions: ['mould'],
      },
      tests: [
        rub('transfer'),
        at('bleach-drop', 'corner', { result: 'lightens' }),
        at('bleach-drop', 'by the door', { result: 'unchanged' }),
      ],
    },
    has: ['mould-treat@corner'],
    blocks: ['paint-on-mould'],
  },
  {
    what: 'one sash of a bay is painted shut and the other runs',
    why: 'The one that is stuck is freed.',
    ask: {
      surface: { element: 'window', substrate: 'softwood', builtYear: 1990, areaM2: 6 },
      tests: [
        rub('transfer'),
        at('ease-test', 'bay left', { result: 'stuck' }),
        at('ease-test', 'bay right', { result: 'moves' }),
      ],
    },
    has: ['free-sash@bay left'],
  },
  {
    what: 'two patches covered on melamine, and at cure the gentler one was scratched off',
    why: 'A patch is read for grip too: what let go is out, however well it covered, and says nothing of the melamine.',
    ask: {
      surface: MELAMINE,
      tests: [
        patch('shellac-primer', 'covers'),
        { kind: 'nail-scratch', result: 'holds', filmAgeHours: 200 },
        patch('bonding-acrylic-primer', 'covers'),
        { kind: 'nail-scratch', result: 'scratches-off', filmAgeHours: 200 },
      ],
      wanted: { handling: 'heavy' },
    },
    has: ['prime:shellac-primer'],
    hasNot: ['prime:bonding-acrylic-primer', 'strip', 'scrape', 'test-patch'],
    likeliest: 'factory-laminate',
  },
  {
    what: 'a patch of bonding primer on old gloss was scratched off the next day',
    why: 'A film scratched young says little: its patch still covers.',
    ask: {
      surface: GLOSS_DOOR,
      tests: [
        ...OIL,
        patch('bonding-acrylic-primer', 'covers', 2000),
        { kind: 'nail-scratch', result: 'scratches-off', filmAgeHours: 30 },
      ],
    },
    has: ['prime:bonding-acrylic-primer'],
    hasNot: ['scrape', 'strip'],
    likeliest: 'oil-alkyd',
  },
  {
    what: 'the hybrid straight on old gloss: its patch was cut at cure and held',
    why: 'A patch of the finish itself is read for grip, and releases what it was asked for.',
    ask: {
      surface: GLOSS_DOOR,
      tests: [...OIL, patch('waterborne-alkyd', 'covers', 20_000), { kind: 'cross-cut', grade: 0, filmAgeHours: 700 }],
      houseRules: { oilTrim: 'hybrid-direct' },
    },
    has: ['finish-coat:waterborne-alkyd'],
    hasNot: ['prime', 'test-patch'],
    noBlocks: ['waterborne-on-oil'],
    fault: ['peels', 0.05],
    guaranteed: true,
  },
  {
    what: 'the hybrid straight on old gloss: its patch was pulled off at cure',
    why: 'The patch decides against the rule: it is primed after all.',
    ask: {
      surface: GLOSS_DOOR,
      tests: [
        ...OIL,
        patch('waterborne-alkyd', 'covers', 20_000),
        { kind: 'tape-pull', result: 'lifts', filmAgeHours: 700 },
      ],
      houseRules: { oilTrim: 'hybrid-direct' },
    },
    has: ['prime'],
    hasNot: ['strip', 'scrape'],
    says: ['let go of the prepared oil'],
    fault: ['peels', 0.1],
  },
  {
    what: 'three square metres of paste on a large painted wall',
    why: 'What was measured is washed and sealed there, and not over the whole.',
    ask: {
      surface: {
        ...WALL,
        conditions: ['paste-residue'],
        currentFinish: 'waterborne-acrylic',
        extents: { 'paste-residue': { areaM2: 3 } },
      },
      tests: [rub('transfer')],
    },
    has: ['wash@spots', 'spot-prime:penetrating-sealer@spots'],
    hasNot: ['prime'],
  },
  {
    what: 'half a square metre of hand grease round a switch on a large wall',
    why: 'The wall is washed as it is touched; only the smear is degreased.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'skim-plaster',
        exposure: 'interior-hightouch',
        areaM2: 28,
        builtYear: 1999,
        conditions: ['greasy'],
        extents: { greasy: { areaM2: 0.5 } },
      },
      tests: [rub('transfer')],
    },
    has: ['wash:alkaline-cleaner', 'wash:degreaser@spots', 'rinse'],
    hasNot: ['rinse@spots'],
  },
  {
    what: 'a little mould on a bathroom ceiling, measured',
    why: 'It is killed where it grows, and the rest of the ceiling is washed.',
    ask: {
      surface: {
        element: 'ceiling',
        substrate: 'drywall',
        exposure: 'interior-wet',
        areaM2: 9,
        builtYear: 2004,
        conditions: ['mould'],
        extents: { mould: { areaM2: 0.4 } },
      },
      tests: [rub('transfer')],
    },
    has: ['wash:degreaser@spots', 'mould-treat@spots'],
    risk: ['mould-treat', 'stain', 0.2, 0.95],
  },
  {
    what: 'a joint tape that lifts on a large ceiling',
    why: 'The tape is bedded anew where it lifts.',
    ask: {
      surface: {
        element: 'ceiling',
        substrate: 'drywall',
        areaM2: 30,
        builtYear: 1999,
        conditions: ['joint-tape-lifting'],
      },
      tests: [rub('transfer')],
    },
    has: ['repair@spots', 'spot-prime@spots'],
  },
  {
    what: 'a sheet lifts by the door of a wall that was only rubbed elsewhere',
    why: 'The place that failed is treated as it failed, by name; nobody knows yet that the rest lets go.',
    ask: {
      surface: { ...WALL, builtYear: 2001 },
      tests: [rub('transfer', 'middle'), at('blade-lift', 'by the door', { result: 'lifts-in-sheet' })],
    },
    has: ['scrape@by the door'],
    hasNot: ['scrape@middle', 'scrape@elsewhere'],
    guaranteed: false,
  },
  {
    what: 'a patch covered over the sofa and bled over the hearth',
    why: 'The strongest colour decides: what bled anywhere is out.',
    ask: {
      surface: { element: 'ceiling', substrate: 'drywall', areaM2: 20, builtYear: 1990, conditions: ['smoke'] },
      tests: [
        rub('transfer'),
        { ...patch('stain-blocking-acrylic-primer', 'covers'), place: 'over the sofa' },
        { ...patch('stain-blocking-acrylic-primer', 'bleeds-through'), place: 'over the hearth' },
      ],
    },
    has: ['prime:shellac-primer'],
    hasNot: ['prime:stain-blocking-acrylic-primer'],
  },
  {
    what: 'a hand-sized leak stain whose waterborne patch bled',
    why: 'What rises lies in the spot: the spot is blocked with what holds it, and the wall is not.',
    ask: {
      surface: { ...WALL, conditions: ['water-stain'], extents: { 'water-stain': { areaM2: 0.1 } } },
      tests: [
        rub('transfer'),
        { kind: 'moisture-meter', value: 3 },
        patch('stain-blocking-acrylic-primer', 'bleeds-through'),
      ],
    },
    has: ['spot-prime:shellac-primer'],
    hasNot: ['prime', 'test-patch'],
  },
  {
    what: 'smoke, and a waterborne patch that covers after an hour',
    why: 'The later look decides: until then the stronger blocker, and the look is asked for.',
    ask: {
      surface: { ...WALL, conditions: ['smoke'] },
      tests: [rub('transfer'), patch('stain-blocking-acrylic-primer', 'covers', 60, 1)],
    },
    has: ['prime:shellac-primer'],
    says: ['look again the next day'],
  },
  {
    what: 'two square metres that peel on sixty of siding, measured',
    why: 'What was measured is scraped, feathered and primed; the rest is washed and scuffed.',
    ask: {
      surface: {
        element: 'siding',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        builtYear: 2003,
        areaM2: 60,
        conditions: ['peeling'],
        extents: { peeling: { areaM2: 2 } },
      },
      tests: [rub('transfer'), { kind: 'moisture-meter', value: 11 }],
    },
    has: ['scrape@bare-areas', 'sand@bare-areas', 'prime@bare-areas', 'wash'],
  },
  {
    what: 'brown that came through on one square metre of painted cedar, measured',
    why: 'It is blocked where it came through, and not over sixty square metres.',
    ask: {
      surface: {
        element: 'siding',
        substrate: 'tannin-wood',
        exposure: 'exterior-exposed',
        builtYear: 2003,
        areaM2: 60,
        conditions: ['tannin-bleed'],
        extents: { 'tannin-bleed': { areaM2: 1 } },
      },
      tests: [rub('transfer')],
    },
    has: ['spot-prime'],
    hasNot: ['prime'],
  },
  {
    what: 'paint peels by the window, measured, and lifts there under a blade',
    why: 'How far it goes was measured: the place is taken off by its name, and the wall is not.',
    ask: {
      surface: { ...WALL, conditions: ['peeling'], extents: { peeling: { areaM2: 0.5 } } },
      tests: [rub('transfer'), at('blade-lift', 'by the window', { result: 'lifts-in-sheet' })],
    },
    has: ['scrape@by the window', 'sand@by the window'],
    hasNot: ['scrape@elsewhere'],
    riskWhere: ['scrape', 'by the window'],
    guaranteed: false,
  },
  {
    what: 'paint peels in a measured spot, and a blade without a place lifts it',
    why: 'A spot stays a spot: what was tried is what peels.',
    ask: {
      surface: { ...WALL, conditions: ['peeling'], extents: { peeling: { areaM2: 0.5 } } },
      tests: [rub('transfer'), { kind: 'blade-lift', result: 'lifts-in-sheet' }],
    },
    has: ['scrape@bare-areas'],
    guaranteed: false,
  },
  {
    what: 'a sheet lifts off the board behind the mirror, and nobody tried the blade elsewhere',
    why: 'How far it goes is the question that the price hangs on: another place is tried before anything else.',
    ask: {
      surface: WALL,
      tests: [
        rub('transfer', 'behind the mirror'),
        at('blade-lift', 'behind the mirror', { result: 'lifts-in-sheet', plane: 'substrate' }),
      ],
    },
    next: 'blade-lift',
    saving: 5000,
  },
  {
    what: 'the same, and in the middle it holds',
    why: 'Both places were tried: the place that failed is taken off, and no third is asked for.',
    ask: {
      surface: WALL,
      tests: [
        rub('transfer', 'behind the mirror'),
        at('blade-lift', 'behind the mirror', { result: 'lifts-in-sheet', plane: 'substrate' }),
        at('blade-lift', 'middle', { result: 'holds' }),
      ],
    },
    has: ['scrape@behind the mirror'],
    next: null,
  },
  {
    what: 'wax crayon and marker in measured spots on a painted wall',
    why: 'Spots are wiped and sealed where they are; the wall is painted.',
    ask: {
      surface: {
        ...WALL,
        conditions: ['marker', 'wax'],
        extents: { marker: { areaM2: 0.2 }, wax: { areaM2: 0.1 } },
      },
      tests: [rub('transfer')],
    },
    has: ['solvent-wipe:mineral-spirits@spots', 'spot-prime:shellac-primer'],
    hasNot: ['prime'],
    saysNot: ['grain'],
  },
  {
    what: 'paint peels off the board by the window, measured, and the rest was only looked at',
    why: 'What looks sound may hold or not: a blade there, before the rest is kept.',
    ask: {
      surface: { ...WALL, areaM2: 40, conditions: ['peeling'], extents: { peeling: { areaM2: 1 } } },
      tests: [rub('transfer'), at('blade-lift', 'by the window', { result: 'lifts-in-sheet', plane: 'substrate' })],
    },
    has: ['scrape@by the window'],
    next: 'blade-lift',
  },
  {
    what: 'siding in oil on one side and waterborne on the other, two square metres of which peel',
    why: 'The sides are two films; what peels was measured, and is scraped and opened where it peels on either.',
    ask: {
      surface: {
        element: 'siding',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        areaM2: 60,
        builtYear: 1990,
        conditions: ['peeling'],
        extents: { peeling: { areaM2: 2 } },
      },
      tests: [rub('no-transfer', 'south'), rub('transfer', 'north')],
    },
    has: ['scrape@bare-areas', 'sand@bare-areas', 'prime:oil-primer@bare-areas', 'degloss@south'],
    hasNot: ['scrape@south', 'scrape@north', 'degloss@north'],
  },
  {
    what: 'a wall in oil below its rail, greasy in a patch of half a square metre that nobody placed',
    why: 'The rail parts the films and not the grease: the patch is degreased where it is.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'skim-plaster',
        areaM2: 30,
        builtYear: 1985,
        conditions: ['greasy'],
        extents: { greasy: { areaM2: 0.5 } },
      },
      tests: [
        rub('no-transfer', 'below'),
        { kind: 'sheen-look', result: 'gloss', yellowed: true, place: 'below' },
        rub('transfer', 'above'),
      ],
    },
    has: ['wash:degreaser@spots', 'degloss@below'],
    hasNot: ['wash:degreaser@below', 'wash:degreaser@above'],
  },
  {
    what: 'a door in oil on the room side, whose hall side lifts in a sheet where a third of a square metre peels',
    why: 'What peels was measured, and the blade found it on the hall side: the oil of the room side is scraped nowhere.',
    ask: {
      surface: {
        element: 'door',
        substrate: 'softwood',
        areaM2: 4,
        builtYear: 1930,
        conditions: ['peeling'],
        extents: { peeling: { areaM2: 0.3 } },
      },
      tests: [
        rub('no-transfer', 'room side'),
        rub('transfer', 'hall side'),
        { kind: 'blade-lift', result: 'lifts-in-sheet', place: 'hall side' },
      ],
      wanted: { chemistry: 'waterborne' },
    },
    has: ['scrape@hall side', 'degloss', 'prime:shellac-primer'],
    hasNot: ['scrape@room side', 'scrape@bare-areas', 'solvent-wipe@room side'],
  },
];
