import { patch, rub, type Situation } from './row.ts';

const PAPERED = { element: 'wall', substrate: 'wallpaper-vinyl', builtYear: 1985, areaM2: 22 };
const TRIM = { element: 'trim', substrate: 'softwood', builtYear: 1985, areaM2: 12 };
const COMBED = {
  element: 'wall',
  substrate: 'skim-plaster',
  texture: 'hand-textured',
  builtYear: 1982,
  areaM2: 22,
  conditions: ['glossy'],
};
const FRONT = { element: 'masonry', substrate: 'brick', exposure: 'exterior-exposed', builtYear: 1985 };
const STRIPPED = { houseRules: { paper: 'strip-first' } };
const at = (kind: string, place: string, said: object) => ({ kind, place, ...said });

const LOOSE_PAPER = {
  element: 'wall',
  substrate: 'wallpaper-paper',
  conditions: ['loose-paper'],
  areaM2: 30,
  builtYear: 1990,
};

/** What comes off is gone: what lies under it is prepared, and what was of it alone is no longer spoken of. */
export const COMES_OFF: Situation[] = [
  {
    what: 'paper that a chip shows on old oil, in a firm that strips first',
    why: 'Behind the paper is no bare plaster: the paste is washed off the oil, and that is dulled and gripped.',
    ask: {
      surface: LOOSE_PAPER,
      tests: [{ kind: 'chip-look', layers: ['waterborne', 'paper', 'oil'] }],
      houseRules: { paper: 'strip-first' },
    },
    has: ['strip', 'wash', 'degloss', 'sand', 'prime:shellac-primer'],
    hasNot: ['prime:penetrating-sealer'],
    order: [['strip', 'degloss']],
    blocks: ['waterborne-on-oil'],
    risk: ['prime', 'peels', 0.4, 0.9],
    likeliest: 'waterborne-acrylic',
    atMost: ['waterborne-over-oil', 0.1],
  },
  {
    what: 'the same paper, painted over',
    why: 'What the paper hangs on is no question of what is laid on the paper.',
    ask: {
      surface: LOOSE_PAPER,
      tests: [{ kind: 'chip-look', layers: ['waterborne', 'paper', 'oil'] }],
    },
    has: ['stick-down', 'prime:wallpaper-sealer'],
    noBlocks: ['waterborne-on-oil'],
  },
  {
    what: 'paper that a chip shows on distemper, in a firm that strips first',
    why: 'The powder behind it is washed off and bound, and no guarantee is given on it.',
    ask: {
      surface: LOOSE_PAPER,
      tests: [{ kind: 'chip-look', layers: ['paper', 'distemper'] }],
      houseRules: { paper: 'strip-first' },
    },
    has: ['strip', 'wash', 'prime:penetrating-sealer'],
    fault: ['bubbles', 0.1],
    guaranteed: false,
  },
  {
    what: 'an oil-painted vinyl paper in a firm that strips first',
    why: 'The oil goes with the paper: the wall is washed of paste, dried and sealed, and nothing is dulled.',
    ask: {
      surface: { ...PAPERED, exposure: 'interior-grease', conditions: ['greasy'] },
      tests: [rub('no-transfer'), rub('no-transfer', 'b')],
      ...STRIPPED,
    },
    has: ['strip', 'wash', 'rinse', 'dry-out', 'sand', 'prime:penetrating-sealer'],
    hasNot: ['degloss', 'prime:bonding-acrylic-primer'],
    order: [
      ['strip', 'wash'],
      ['wash', 'dry-out'],
      ['dry-out', 'sand'],
    ],
    saysNot: ['old oil', 'Grease keeps paint off'],
    noBlocks: ['waterborne-on-oil'],
    next: null,
  },
  {
    what: 'the same wall with smoke, loose seams, a marker line and mould',
    why: 'What was on the paper goes with it; what is of the wall stays.',
    ask: {
      surface: { ...PAPERED, conditions: ['smoke', 'loose-paper', 'marker', 'mould'] },
      tests: [rub('transfer')],
      ...STRIPPED,
    },
    has: ['strip', 'mould-treat', 'prime:penetrating-sealer'],
    hasNot: ['stick-down', 'spot-prime'],
    blocks: ['paint-on-mould'],
  },
  {
    what: 'the same wall in a firm that paints over paper',
    why: 'There the oil stays, and has to be gripped.',
    ask: {
      surface: PAPERED,
      tests: [rub('no-transfer'), rub('no-transfer', 'b')],
    },
    has: ['degloss'],
    hasNot: ['strip'],
    blocks: ['waterborne-on-oil'],
  },
  {
    what: 'waterborne paint that lifts in a sheet off varnished trim',
    why: 'Varnish is as slick as old gloss: what lifts comes off, and a primer that grips goes over all of it, not on bare timber alone.',
    ask: {
      surface: TRIM,
      tests: [
        rub('transfer'),
        { kind: 'chip-look', layers: ['waterborne', 'clear'] },
        { kind: 'blade-lift', result: 'lifts-in-sheet' },
      ],
      wanted: { colour: '#ffffff' },
    },
    likeliest: 'waterborne-over-oil',
    has: ['scrape', 'degloss', 'prime:shellac-primer'],
    hasNot: ['prime:wood-acrylic-primer'],
    blocks: ['waterborne-on-oil'],
  },
  {
    what: 'the same trim where a cross-cut holds',
    why: 'Paint that holds on varnish is paint that holds: it is not stripped.',
    ask: {
      surface: TRIM,
      tests: [rub('transfer'), { kind: 'chip-look', layers: ['waterborne', 'clear'] }, { kind: 'cross-cut', grade: 1 }],
    },
    likeliest: 'waterborne-acrylic',
    hasNot: ['scrape', 'strip'],
  },
  {
    what: 'paint laid yesterday on varnished cupboards that peels in a sheet',
    why: 'It comes off by its age, and not by waiting for it to cure.',
    ask: {
      surface: { ...TRIM, element: 'cabinet', substrate: 'hardwood' },
      tests: [
        { kind: 'chip-look', layers: ['waterborne', 'clear'] },
        { kind: 'nail-scratch', result: 'peels-in-sheet', filmAgeHours: 20 },
      ],
    },
    has: ['scrape', 'solvent-wipe:denatured-alcohol', 'prime:shellac-primer'],
    order: [['solvent-wipe', 'prime']],
  },
  {
    what: 'oil wished for on waterborne trim, and its patch wrinkled',
    why: 'The solvent lifts what lies there, in whichever coat it comes: another chemistry.',
    ask: {
      surface: TRIM,
      tests: [rub('transfer'), patch('oil-enamel', 'wrinkles', 1500, 1)],
      wanted: { chemistry: 'solvent-borne' },
    },
    has: ['finish-coat:acrylic-trim'],
    hasNot: ['finish-coat:oil-enamel'],
    says: ['a patch wrinkled'],
    noOther: ['oil-enamel', 'oil-primer', 'low-odour-oil-primer', 'oil-undercoat'],
  },
  {
    what: 'smoke in the house of people who cannot have the smell, where the low-odour oil wrinkled',
    why: 'What a patch put out is not taken, whatever was wished.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', builtYear: 1988, areaM2: 30, conditions: ['smoke'] },
      tests: [rub('transfer'), patch('low-odour-oil-primer', 'wrinkles', 1500, 1)],
      wanted: { lowOdour: true },
    },
    has: ['prime:shellac-primer'],
    noOther: ['low-odour-oil-primer', 'oil-primer'],
  },
  {
    what: 'oil varnish wished for on lacquer that is to stay clear, and its patch wrinkled',
    why: 'It stays clear, in water, with a thin sealer between.',
    ask: {
      surface: { element: 'cabinet', substrate: 'hardwood', builtYear: 1988, areaM2: 9, currentFinish: 'lacquer' },
      tests: [patch('oil-varnish', 'wrinkles', 1500, 1)],
      wanted: { family: 'oil-varnish' },
    },
    has: ['prime:clear-shellac', 'finish-coat:waterborne-clear'],
    hasNot: ['finish-coat:oil-varnish', 'finish-coat:acrylic-trim'],
  },
  {
    what: 'a painted front that peels at its foot, where it is wet, and holds above',
    why: 'What was seen to peel was seen where it let go: the rest is not scraped.',
    ask: {
      surface: {
        ...FRONT,
        areaM2: 40,
        conditions: ['peeling'],
      },
      tests: [
        rub('transfer'),
        at('moisture-meter', 'foot', { value: 30 }),
        at('moisture-meter', 'above', { value: 4 }),
        at('scraper-drag', 'foot', { result: 'scratches-off' }),
        at('scraper-drag', 'above', { result: 'holds' }),
      ],
    },
    has: ['scrape@foot', 'dry-out@foot'],
    hasNot: ['scrape@elsewhere', 'scrape@above'],
    blocks: ['paint-on-damp'],
  },
  {
    what: 'spray-can paint on two square metres of bare brick that is to stay bare',
    why: 'The brick is bare and stays so, and the spots come off.',
    ask: {
      surface: {
        ...FRONT,
        areaM2: 30,
        currentFinish: 'bare',
        conditions: ['aerosol-paint'],
        extents: { 'aerosol-paint': { areaM2: 2 } },
      },
      wanted: { leaveBare: true },
    },
    has: ['test-patch:masonry-paint-remover', 'strip:masonry-paint-remover@spots', 'rinse@spots'],
    hasNot: ['finish-coat', 'wash'],
  },
  {
    what: 'new plaster of last month that still reads wet',
    why: 'Its water is that of the mix: nobody looks for a leak, and it dries.',
    ask: {
      surface: { element: 'wall', substrate: 'skim-plaster', areaM2: 40, isNew: true, substrateAgeMonths: 1 },
      tests: [{ kind: 'moisture-meter', value: 1.4, scale: 'gypsum' }],
    },
    has: ['dry-out', 'prime'],
    hasNot: ['inspect'],
    blocks: ['paint-on-damp'],
  },
  {
    what: 'an iron gutter that peels',
    why: 'It is scraped and feathered; nobody skims a gutter.',
    ask: {
      surface: {
        element: 'rainwater-goods',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        builtYear: 1985,
        areaM2: 8,
        conditions: ['rust-stain', 'peeling'],
      },
    },
    has: ['scrape', 'sand', 'prime:metal-primer@bare-areas'],
    hasNot: ['fill'],
  },
  {
    what: 'an old ceiling whose paint lifts off distemper',
    why: 'What lies open is powder: it is washed off and bound before anything is laid, and what is kept may follow.',
    ask: {
      surface: {
        element: 'ceiling',
        substrate: 'lime-plaster',
        builtYear: 1895,
        areaM2: 16,
        conditions: ['peeling'],
      },
      tests: [
        rub('transfer'),
        { kind: 'chip-look', layers: ['waterborne', 'distemper'] },
        { kind: 'tape-pull', result: 'lifts' },
      ],
    },
    has: ['scrape', 'wash@bare-areas', 'rinse@bare-areas', 'prime:penetrating-sealer@bare-areas'],
    hasNot: ['prime:multi-purpose-acrylic-primer'],
    order: [
      ['scrape', 'wash'],
      ['rinse', 'prime'],
    ],
    guaranteed: false,
    risk: ['wash', 'peels', 0.05, 0.6],
  },
  {
    what: 'a combed texture of 1982 in old oil',
    why: 'It may hold asbestos: it is dulled wet and vacuumed, and not sanded.',
    ask: {
      surface: COMBED,
      tests: [rub('no-transfer'), rub('no-transfer', 'b')],
    },
    has: ['degloss', 'dust-off'],
    hasNot: ['sand'],
    cautions: ['asbestos-possible'],
  },
  {
    what: 'the same wall by a wish that stays with oil',
    why: 'Dulled as well, and not sanded either.',
    ask: {
      surface: COMBED,
      tests: [rub('no-transfer'), rub('no-transfer', 'b')],
      wanted: { chemistry: 'solvent-borne' },
    },
    has: ['degloss', 'finish-coat:oil-enamel'],
    hasNot: ['sand'],
  },
  {
    what: 'a stripped wall on which paste was seen',
    why: 'There is no film to rub; the sponge says whether the paste is still there.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'skim-plaster',
        builtYear: 1985,
        areaM2: 25,
        currentFinish: 'bare',
        conditions: ['paste-residue'],
      },
    },
    next: 'damp-sponge',
    blocks: ['paint-on-paste'],
  },
  {
    what: 'paint that flakes off paper',
    why: 'It is scraped where it lifts, and the paper that lies open is sealed before it is wetted.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'wallpaper-paper',
        builtYear: 1985,
        areaM2: 45,
        currentFinish: 'waterborne-acrylic',
        conditions: ['flaking'],
      },
    },
    has: ['scrape', 'prime:wallpaper-sealer@bare-areas'],
    order: [['scrape', 'prime']],
    fault: ['bubbles', 0.05],
  },
  {
    what: 'a painted iron gate whose film is cracked',
    why: 'Where cracks are sanded out the iron lies bare: it is primed, or it rusts.',
    ask: {
      surface: {
        element: 'gate',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        builtYear: 1985,
        areaM2: 2,
        currentFinish: 'waterborne-acrylic',
        conditions: ['cracking'],
      },
    },
    has: ['scrape', 'prime:metal-primer@bare-areas'],
    fault: ['peels', 0.2],
  },
  {
    what: 'a galvanised gutter in oil paint that peels and rusts',
    why: 'Rust gets its primer in spots; what lies bare beside it is zinc, and sheds that.',
    ask: {
      surface: {
        element: 'rainwater-goods',
        substrate: 'galvanised-metal',
        exposure: 'exterior-sheltered',
        builtYear: 1985,
        areaM2: 3,
        currentFinish: 'oil-alkyd',
        conditions: ['rust-stain', 'peeling'],
      },
    },
    has: ['scrape', 'spot-prime:metal-primer'],
    hasNot: ['prime:metal-primer'],
    fault: ['peels', 0.2],
  },
  {
    what: 'a radiator in its primer, scratched and scribbled on',
    why: 'The metal in a scratch gets what holds on iron before anything else.',
    ask: {
      surface: {
        element: 'radiator',
        substrate: 'ferrous-metal',
        builtYear: 2010,
        areaM2: 3,
        currentFinish: 'primer-only',
        conditions: ['marker', 'scratches'],
      },
    },
    order: [['spot-prime:metal-primer', 'spot-prime:oil-primer']],
  },
  {
    what: 'a crackled clear film indoors, to be clear again',
    why: 'Under another clear film every crack shows: it comes off whole.',
    ask: {
      surface: { element: 'furniture', substrate: 'hardwood', areaM2: 3, builtYear: 1920, conditions: ['cracking'] },
      tests: [rub('softens')],
      wanted: { family: 'oil-varnish' },
    },
    has: ['strip:stripper', 'finish-coat:oil-varnish'],
    hasNot: ['scrape', 'prime'],
  },
  {
    what: 'paint scrapes off zinc',
    why: 'Zinc sheds what merely grips: where it lies bare it is etched.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'galvanised-metal',
        exposure: 'exterior-exposed',
        areaM2: 6,
        builtYear: 1990,
        conditions: ['peeling'],
      },
      tests: [rub('no-transfer'), { kind: 'scraper-drag', result: 'scratches-off', plane: 'substrate' }],
      wanted: { colour: '#101010' },
    },
    has: ['scrape', 'prime:etch-primer@bare-areas'],
    order: [['prime:etch-primer', 'prime:bonding-acrylic-primer']],
  },
  {
    what: 'damp brick that is to be left bare',
    why: 'Nothing is sealed in, so that nobody waits; but where the water comes from is found.',
    ask: {
      surface: {
        element: 'masonry',
        substrate: 'brick',
        exposure: 'exterior-exposed',
        areaM2: 60,
        builtYear: 1890,
        conditions: ['peeling', 'damp'],
      },
      tests: [rub('transfer')],
      wanted: { leaveBare: true },
    },
    has: ['inspect', 'strip:masonry-paint-remover'],
    hasNot: ['dry-out', 'finish-coat'],
    guaranteed: false,
  },
  {
    what: 'oil on an iron railing that is to be left bare',
    why: 'Bare iron rusts, and that is said; what no film lies on no film can fail on.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        areaM2: 6,
        builtYear: 1985,
      },
      tests: [rub('no-transfer')],
      wanted: { leaveBare: true },
    },
    has: ['strip:stripper'],
    says: ['Bare iron rusts'],
    because: 'Rust comes back',
    noBlocks: ['waterborne-on-oil'],
    guaranteed: false,
  },
  {
    what: 'paint that peels off melamine fronts, to be left bare',
    why: 'No stripper goes on board or foil, and nothing is left that a knock could take off.',
    ask: {
      surface: {
        element: 'cabinet',
        substrate: 'melamine',
        areaM2: 6,
        currentFinish: 'waterborne-acrylic',
        conditions: ['peeling'],
      },
      wanted: { leaveBare: true },
    },
    has: ['scrape', 'solvent-wipe:denatured-alcohol'],
    hasNot: ['strip'],
    order: [['scrape', 'solvent-wipe']],
    fault: ['knock', 0.01],
  },
  {
    what: 'an embossed paper that wakes under a sponge and leaves the palm white',
    why: 'Distemper on paper holds no paint, and the water that takes it off loosens the paper: both come off.',
    ask: {
      surface: { element: 'ceiling', substrate: 'wallpaper-embossed', areaM2: 18, builtYear: 1905 },
      tests: [rub('no-transfer'), { kind: 'hand-wipe', result: 'heavy' }, { kind: 'damp-sponge', result: 'slick' }],
    },
    likeliest: 'distemper',
    has: ['strip', 'wash', 'prime:penetrating-sealer'],
    hasNot: ['prime:wallpaper-sealer', 'stick-down'],
    says: ['comes off with its paper'],
    fault: ['bubbles', 0.05],
  },
  {
    what: 'paper of which most hangs loose',
    why: 'There is nothing to stick it back to: it is stripped, and what was painted on it goes with it.',
    ask: {
      surface: { ...LOOSE_PAPER, extents: { 'loose-paper': { areaM2: 20 } } },
      tests: [rub('transfer')],
    },
    has: ['strip', 'wash'],
    hasNot: ['stick-down'],
    says: ['More of the paper hangs loose than holds'],
  },
  {
    what: 'the same paper with one square metre loose',
    why: 'That is stuck down, and nothing is stripped for it.',
    ask: {
      surface: { ...LOOSE_PAPER, extents: { 'loose-paper': { areaM2: 1 } } },
      tests: [rub('transfer')],
    },
    has: ['stick-down@spots'],
    hasNot: ['strip'],
  },
  {
    what: 'a ceiling that has flaked off distemper on three square metres so far',
    why: 'The powder lies under all of it: what has come away is no measure of what will, and all of it is tried with the scraper.',
    ask: {
      surface: {
        element: 'ceiling',
        substrate: 'lime-plaster',
        areaM2: 16,
        builtYear: 1880,
        conditions: ['flaking'],
        extents: { flaking: { areaM2: 3 } },
      },
      tests: [
        { kind: 'chip-look', layers: ['waterborne', 'distemper'] },
        { kind: 'blade-lift', result: 'lifts-in-sheet' },
      ],
    },
    has: ['scrape', 'wash@bare-areas'],
    hasNot: ['scrape@bare-areas'],
    fault: ['peels', 0.15],
    guaranteed: false,
  },
];
