import { patch, rub, type Situation } from './row.ts';

const TRIM = { element: 'trim', substrate: 'softwood', builtYear: 1996, areaM2: 12, currentColour: '#f4f1e8' };
const OIL = [rub('no-transfer'), rub('no-transfer', 'b')];
const WATER = [rub('transfer')];
const WALL = { element: 'wall', substrate: 'drywall', builtYear: 2004, areaM2: 30, currentColour: '#f4f1e8' };
const SIDING = {
  element: 'siding',
  substrate: 'softwood',
  exposure: 'exterior-exposed',
  builtYear: 1985,
  areaM2: 50,
  conditions: ['peeling'],
};
const BOARD = { element: 'wall', substrate: 'drywall', isNew: true, areaM2: 30 };

/** What was decided, by a patch, by the firm, by a wish, is heard; and what is local stays local. */
export const DECIDED: Situation[] = [
  {
    what: 'two primers covered at the later look',
    why: 'The gentlest one is used where several did: water before oil before shellac.',
    ask: {
      surface: { element: 'furniture', substrate: 'softwood', conditions: ['aerosol-paint'], areaM2: 6 },
      tests: [patch('bonding-acrylic-primer', 'covers'), patch('shellac-primer', 'covers')],
    },
    has: ['prime:bonding-acrylic-primer'],
    hasNot: ['test-patch', 'prime:shellac-primer'],
  },
  {
    what: 'only shellac covered',
    why: 'The primer whose patch covered is the primer that is used; what bled is out.',
    ask: {
      surface: { element: 'furniture', substrate: 'softwood', conditions: ['aerosol-paint'], areaM2: 6 },
      tests: [patch('bonding-acrylic-primer', 'bleeds-through'), patch('shellac-primer', 'covers')],
    },
    has: ['prime:shellac-primer'],
    hasNot: ['test-patch', 'prime:bonding-acrylic-primer'],
  },
  {
    what: 'neither covered',
    why: 'Only where none covered is another asked for.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', conditions: ['smoke'], builtYear: 1999, areaM2: 20 },
      tests: [...WATER, patch('stain-blocking-acrylic-primer', 'bleeds-through')],
    },
    hasNot: ['prime:stain-blocking-acrylic-primer'],
    has: ['prime'],
  },
  {
    what: 'a low-odour oil covered over smoke, a waterborne one bled',
    why: 'A patch that decided is obeyed.',
    ask: {
      surface: { ...WALL, conditions: ['smoke'] },
      tests: [
        ...WATER,
        patch('stain-blocking-acrylic-primer', 'bleeds-through'),
        patch('low-odour-oil-primer', 'covers'),
      ],
    },
    has: ['prime:low-odour-oil-primer'],
    hasNot: ['prime:shellac-primer'],
  },
  ...(['shellac', 'oil'] as const).map((blocker): Situation => ({
    what: `a stripped wall by a firm that blocks with ${blocker}`,
    why: 'After stripping the firm’s blocker is heard.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'skim-plaster',
        builtYear: 1990,
        areaM2: 25,
        conditions: ['paste-residue'],
      },
      houseRules: { blocker },
    },
    has: [`prime:${blocker === 'shellac' ? 'shellac-primer' : 'low-odour-oil-primer'}`],
  })),
  {
    what: 'a stripped wall by a firm that takes what suits',
    why: 'A sealer made for it holds the last of the paste.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'skim-plaster',
        builtYear: 1990,
        areaM2: 25,
        conditions: ['paste-residue'],
      },
    },
    has: ['wash', 'rinse', 'prime:penetrating-sealer'],
    order: [
      ['wash', 'sand'],
      ['sand', 'prime'],
    ],
  },
  {
    what: 'siding that peels, by a firm that primes bare timber breathable',
    why: 'Bare timber outside follows the firm’s rule on the bare areas only, whatever lies on the rest.',
    ask: { surface: SIDING, tests: WATER, houseRules: { exteriorBare: 'breathable-waterborne' } },
    has: ['prime:microporous-primer@bare-areas'],
    hasNot: ['prime:oil-primer'],
  },
  {
    what: 'the same siding by a firm that primes bare timber with oil',
    why: 'The default is oil-based on what is bare.',
    ask: { surface: SIDING, tests: OIL },
    has: ['prime:oil-primer@bare-areas'],
    order: [['prime:oil-primer@bare-areas', 'finish-coat']],
  },
  {
    what: 'the same siding by a firm that saturates',
    why: 'Epoxy to refusal on what is bare, eyes covered at every pass.',
    ask: { surface: SIDING, tests: WATER, houseRules: { exteriorBare: 'epoxy-saturate' } },
    has: ['pre-prime:penetrating-epoxy@bare-areas'],
    cautions: ['sensitiser'],
  },
  {
    what: 'a kitchen door by a firm that paints greasy rooms in oil',
    why: 'Greasy rooms in oil covers the doors that are touched.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', exposure: 'interior-grease', builtYear: 1998, areaM2: 4 },
      tests: WATER,
      houseRules: { greaseRooms: 'oil' },
    },
    has: ['wash:degreaser', 'finish-coat:oil-enamel'],
  },
  {
    what: 'self-priming board by a firm that always lays two',
    why: 'Always two means two.',
    ask: { surface: BOARD, houseRules: { newBoard: 'self-prime', finishCoats: 'fixed-two' } },
    coats: ['acrylic-wall', 2],
    hasNot: ['prime'],
  },
  {
    what: 'self-priming board in a deep colour',
    why: 'Two coats, a third only where it does not cover.',
    ask: { surface: BOARD, wanted: { colour: '#22384d' }, houseRules: { newBoard: 'self-prime' } },
    coats: ['acrylic-wall', 3],
  },
  {
    what: 'bare trim by a firm that keeps primer and undercoat apart',
    why: 'The rule is heard under waterborne paint too.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', isNew: true, areaM2: 12 },
      houseRules: { undercoat: 'separate' },
    },
    has: ['prime:wood-acrylic-primer', 'undercoat:acrylic-primer-undercoat'],
    order: [
      ['prime', 'undercoat'],
      ['undercoat', 'finish-coat'],
    ],
  },
  {
    what: 'a line of marker on a wall',
    why: 'Spots stay spots: never the whole wall, in paint, sanding, solvent or price.',
    ask: {
      surface: { ...WALL, conditions: ['marker'], extents: { marker: { areaM2: 0.1 } } },
      tests: WATER,
      wanted: { colour: '#f4f1e8' },
    },
    has: ['spot-prime@spots'],
    hasNot: ['prime', 'solvent-wipe'],
    risk: ['spot-prime', 'bleeds', 0.85, 0.98],
  },
  {
    what: 'three metres of silicone along a skirting',
    why: 'Three metres of bead is three metres.',
    ask: { surface: { ...TRIM, conditions: ['silicone'], extents: { silicone: { lengthM: 3 } } }, tests: WATER },
    has: ['remove-sealant@spots', 'solvent-wipe@spots', 'caulk@spots'],
    order: [
      ['remove-sealant', 'solvent-wipe'],
      ['solvent-wipe', 'caulk'],
    ],
  },
  {
    what: 'nail holes in sound trim',
    why: 'Filler is levelled where it is, and spot-primed.',
    ask: { surface: { ...TRIM, conditions: ['nail-holes'] }, tests: WATER },
    has: ['fill@spots', 'sand@spots', 'spot-prime@spots'],
    risk: ['fill', 'miss', 0.6, 0.95],
  },
  {
    what: 'joints on tile in a shower',
    why: 'On tile the answer is silicone, and acrylic there goes black.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'ceramic-tile',
        exposure: 'interior-wet',
        conditions: ['silicone'],
        areaM2: 8,
      },
    },
    has: ['caulk:silicone-sealant@spots'],
    hasNot: ['caulk:acrylic-caulk'],
    order: [['finish-coat', 'caulk:silicone-sealant']],
  },
  {
    what: 'paint on brick that is to come off',
    why: 'Paint on brick may simply be taken off, and the brick left bare: trial first, dwell, run-off collected.',
    ask: {
      surface: {
        element: 'masonry',
        substrate: 'brick',
        exposure: 'exterior-exposed',
        builtYear: 1990,
        currentFinish: 'waterborne-acrylic',
        areaM2: 40,
      },
      wanted: { leaveBare: true },
    },
    has: ['strip:masonry-paint-remover', 'rinse'],
    hasNot: ['finish-coat', 'prime'],
    order: [
      ['test-patch', 'strip'],
      ['strip', 'rinse'],
    ],
    cautions: ['caustic'],
  },
  {
    what: 'a door whose paint is to come off, in a house that may be leaded',
    why: 'Taking off is the work where lead matters most.',
    ask: {
      surface: { element: 'door', substrate: 'hardwood', builtYear: 1910, areaM2: 4 },
      wanted: { leaveBare: true },
    },
    has: ['strip:stripper', 'contain-lead'],
    hasNot: ['finish-coat'],
    blocks: ['dry-sand-lead'],
  },
  {
    what: 'a new outside door',
    why: 'On new timber the last fill, sand and coat come after its first year; both are priced and booked from the start.',
    ask: {
      surface: { element: 'door', substrate: 'softwood', exposure: 'exterior-exposed', isNew: true, areaM2: 4 },
      wanted: { colour: '#22384d' },
    },
    has: ['fill~P12M', 'sand~P12M', 'finish-coat~P12M', 'revisit~P12M', 'remove-hardware', 'close-opening'],
    order: [['clean-up', 'finish-coat~P12M']],
    coats: ['exterior-acrylic', 2],
  },
  {
    what: 'new timber outside is sanded for its mill glaze',
    why: 'Coarse, then finer; not for weather it has not had.',
    ask: { surface: { element: 'fascia-soffit', substrate: 'softwood', isNew: true, areaM2: 20 } },
    has: ['sand'],
    hasNot: ['wash'],
  },
  {
    what: 'a door that must hang again tonight',
    why: 'Products and coats are chosen to meet the hour it must hang.',
    ask: {
      surface: { element: 'door', substrate: 'hardwood', exposure: 'exterior-sheltered', builtYear: 1990, areaM2: 4 },
      tests: WATER,
      wanted: { maxNightsOut: 0 },
    },
    hasNot: ['prime:oil-primer', 'finish-coat:exterior-oil'],
  },
  {
    what: 'a weathered gate with open end grain',
    why: 'Hinges off, recesses primed; epoxy first, sealant straight on it; the top gets a capping.',
    ask: {
      surface: {
        element: 'gate',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        conditions: ['weathered-wood', 'end-grain'],
        areaM2: 5,
      },
    },
    has: ['remove-hardware', 'pre-prime:penetrating-epoxy@spots', 'caulk:elastomeric-caulk', 'other-trade'],
    order: [
      ['pre-prime', 'caulk'],
      ['caulk', 'prime'],
    ],
  },
  {
    what: 'an oak bench outside that is to be varnished',
    why: 'Saturating epoxy goes over the whole piece where it is to be varnished.',
    ask: {
      surface: { element: 'furniture', substrate: 'hardwood', exposure: 'exterior-exposed', isNew: true, areaM2: 3 },
      wanted: { family: 'oil-varnish' },
    },
    has: ['pre-prime:penetrating-epoxy', 'finish-coat:oil-varnish'],
    hasNot: ['pre-prime@spots'],
  },
  {
    what: 'a concrete floor that is walked on',
    why: 'Floors take floor paint, after degreasing and etching or abrading.',
    ask: { surface: { element: 'floor', substrate: 'concrete', isNew: false, areaM2: 20 } },
    has: ['wash:degreaser', 'sand', 'finish-coat:floor-paint'],
    order: [
      ['wash', 'sand'],
      ['sand', 'finish-coat'],
    ],
  },
  {
    what: 'a dresser that is to be rubbed through',
    why: 'A clear primer, so that no white line shows where it is rubbed through; then a clear coat.',
    ask: {
      surface: { element: 'furniture', substrate: 'hardwood', currentFinish: 'clear-oil-varnish', areaM2: 5 },
      wanted: { distressed: true, family: 'chalk-style', colour: '#b8c4c0' },
    },
    has: ['prime:clear-shellac', 'distress', 'clear-coat'],
    hasNot: ['prime:shellac-primer'],
    order: [['distress', 'clear-coat']],
  },
  {
    what: 'rust on an iron railing',
    why: 'Iron first gets metal primer where bare, before any other coat.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        builtYear: 1985,
        conditions: ['rust-stain', 'peeling'],
        areaM2: 6,
      },
      tests: OIL,
    },
    has: ['prime:metal-primer@bare-areas'],
    order: [['prime:metal-primer', 'prime:bonding-acrylic-primer']],
  },
  {
    what: 'new board, joints sanded',
    why: 'The dustiest work of the job; dust left on makes the paint peel.',
    ask: { surface: { ...BOARD, conditions: ['sanding-dust'] } },
    has: ['dust-off', 'prime:pva-primer'],
    risk: ['dust-off', 'peels', 0.15, 0.6],
  },
  {
    what: 'board that was never sanded and leaves the palm clean',
    why: 'It is left alone.',
    ask: { surface: { ...BOARD, sanded: false }, tests: [{ kind: 'hand-wipe', result: 'clean' }] },
    hasNot: ['dust-off', 'sand'],
  },
  {
    what: 'a heavy texture in an old house',
    why: 'Texture is kept: never sanded flat; in an old house it may hold asbestos.',
    ask: {
      surface: { element: 'ceiling', substrate: 'skim-plaster', texture: 'heavy', builtYear: 1965, areaM2: 20 },
      tests: WATER,
    },
    hasNot: ['sand'],
    cautions: ['asbestos-possible'],
  },
  {
    what: 'unprimed furniture finish: the first coat is denibbed, and not the old face',
    why: 'Coats stand in their true order: coat, denib, coat.',
    ask: { surface: { ...TRIM }, tests: WATER, wanted: { colour: '#c9b79a' } },
    order: [
      ['finish-coat', 'sand-between'],
      ['sand-between', 'finish-coat'],
    ],
    hasNot: ['prime'],
  },
  {
    what: 'a window',
    why: 'Glass is masked once the dust is off and before the first coat; it is proved to run at hand-over.',
    ask: { surface: { element: 'window', substrate: 'softwood', builtYear: 2001, areaM2: 3 }, tests: WATER },
    has: ['mask', 'unmask', 'inspect'],
    order: [
      ['tack-off', 'mask'],
      ['mask', 'finish-coat'],
      ['finish-coat', 'unmask'],
      ['finish-coat', 'inspect'],
    ],
  },
  {
    what: 'two primers bled, a third was never tried',
    why: 'Only where none covered is another asked for, and that before it goes over all.',
    ask: {
      surface: { element: 'trim', substrate: 'tannin-wood', areaM2: 10, currentFinish: 'stain' },
      tests: [patch('stain-blocking-acrylic-primer', 'bleeds-through'), patch('oil-primer', 'bleeds-through')],
      wanted: { colour: '#f4f1ea' },
    },
    has: ['test-patch:shellac-primer', 'prime:shellac-primer'],
    says: ['let the colour through'],
    guaranteed: false,
  },
  {
    what: 'the patch that covered is of a primer that does not grip varnish',
    why: 'Dye is one thing and grip another; why it was not taken is said.',
    ask: {
      surface: { element: 'trim', substrate: 'hardwood', areaM2: 10, currentFinish: 'clear-oil-varnish' },
      tests: [patch('stain-blocking-acrylic-primer', 'covers')],
      wanted: { colour: '#f4f1ea' },
    },
    has: ['prime:shellac-primer'],
    says: ['does not do all that is asked here'],
  },
  {
    what: 'the coat of this morning lies on old oil gloss',
    why: 'It comes off tonight with alcohol and a rag; waiting for it to cure is never the way back.',
    ask: {
      surface: { ...TRIM, conditions: ['glossy'] },
      tests: [
        { kind: 'chip-look', layers: ['waterborne', 'oil'] },
        { kind: 'nail-scratch', result: 'scratches-off', filmAgeHours: 5, plane: 'between-coats' },
      ],
    },
    has: ['solvent-wipe:denatured-alcohol', 'degloss', 'prime:shellac-primer'],
    hasNot: ['strip', 'test-patch'],
    fault: ['peels', 0.06],
  },
  {
    what: 'the same coat, ten days on',
    why: 'Next week it takes a stripper.',
    ask: {
      surface: { ...TRIM, conditions: ['glossy'] },
      tests: [
        { kind: 'chip-look', layers: ['waterborne', 'oil'] },
        { kind: 'nail-scratch', result: 'peels-in-sheet', filmAgeHours: 240, plane: 'between-coats' },
      ],
    },
    has: ['strip:stripper', 'prime:shellac-primer'],
  },
  {
    what: 'silicone is bridged by the firm’s rule',
    why: 'Second best: it is tugged before it is painted, and paint no longer crawls on it.',
    ask: {
      surface: {
        ...TRIM,
        currentFinish: 'waterborne-acrylic',
        conditions: ['silicone'],
        extents: { silicone: { lengthM: 3 } },
      },
      houseRules: { silicone: 'bridge' },
    },
    has: ['test-patch:paintable-hybrid-sealant', 'caulk:paintable-hybrid-sealant'],
    hasNot: ['remove-sealant'],
    fault: ['crawls', 0.1],
    guaranteed: false,
  },
  {
    what: 'paint is to come off brick, and nobody has tested what it is',
    why: 'Who asks for it to be taken off says that it is there.',
    ask: {
      surface: { element: 'masonry', substrate: 'brick', areaM2: 40, builtYear: 1905 },
      wanted: { leaveBare: true },
    },
    has: ['test-patch:masonry-paint-remover', 'strip:masonry-paint-remover'],
    hasNot: ['finish-coat'],
    saysNot: ['bare already'],
  },
  {
    what: 'a new gate of oak, and the firm breathes',
    why: 'Oil over a primer that breathes shuts in what that lets out: a waterborne blocker holds mild tannin.',
    ask: {
      surface: { element: 'gate', substrate: 'tannin-wood', areaM2: 5, isNew: true, substrateAgeMonths: 1 },
      houseRules: { exteriorBare: 'breathable-waterborne' },
    },
    has: ['prime:microporous-primer', 'prime:stain-blocking-acrylic-primer'],
    hasNot: ['prime:oil-primer'],
  },
];
