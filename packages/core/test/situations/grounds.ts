import type { Situation } from './row.ts';

const NEW_WALL = { element: 'wall', areaM2: 30, isNew: true };
const OUTSIDE = { exposure: 'exterior-exposed', areaM2: 8 };

/** Grounds as they are laid, cut and moulded: what has to be waited for, sealed or told before the first coat. */
export const GROUNDS: Situation[] = [
  {
    what: 'lime plaster that was laid for this job',
    why: 'Lime hardens in the air for weeks; a meter tells that it is dry, and not that it has hardened.',
    ask: {
      surface: { ...NEW_WALL, substrate: 'lime-plaster' },
      tests: [{ kind: 'moisture-meter', value: 0.3, scale: 'gypsum' }],
    },
    has: ['dry-out'],
    order: [['dry-out', 'prime']],
    says: ['four weeks at least'],
    risk: ['dry-out', 'bubbles', 0.1, 0.5],
  },
  {
    what: 'lime plaster of the spring, in autumn',
    why: 'It has had its time.',
    ask: { surface: { ...NEW_WALL, substrate: 'lime-plaster', substrateAgeMonths: 6 } },
    hasNot: ['dry-out'],
  },
  {
    what: 'a rendered front, new',
    why: 'Render stands four weeks before paint, or it blooms and sheds it.',
    ask: { surface: { ...OUTSIDE, element: 'masonry', substrate: 'render', areaM2: 80, isNew: true } },
    has: ['dry-out', 'prime:masonry-primer'],
    risk: ['dry-out', 'bubbles', 0.1, 0.5],
  },
  {
    what: 'a new garage floor',
    why: 'A slab gives off water for longer than anything else in the house.',
    ask: { surface: { element: 'floor', substrate: 'concrete', areaM2: 20, isNew: true } },
    has: ['dry-out', 'finish-coat:floor-paint'],
    order: [['dry-out', 'prime']],
  },
  {
    what: 'a concrete step of 1960',
    why: 'Nothing is waited for that was over before anybody here was born.',
    ask: { surface: { ...OUTSIDE, element: 'masonry', substrate: 'concrete', builtYear: 1960 } },
    hasNot: ['dry-out'],
  },
  {
    what: 'new skim that nobody has metered',
    why: 'Water sealed in blisters the film: leaving the drying out is no small risk.',
    ask: { surface: { ...NEW_WALL, substrate: 'skim-plaster' } },
    has: ['dry-out'],
    next: 'moisture-meter',
    risk: ['dry-out', 'bubbles', 0.1, 0.5],
  },
  {
    what: 'new skim, read dry',
    why: 'The meter has spoken.',
    ask: {
      surface: { ...NEW_WALL, substrate: 'skim-plaster' },
      tests: [{ kind: 'moisture-meter', value: 0.3, scale: 'gypsum' }],
    },
    hasNot: ['dry-out'],
  },
  {
    what: 'raw MDF shelves',
    why: 'The cut edges drink and fur up: sealed first, with something that does not swell them.',
    ask: { surface: { element: 'shelf', substrate: 'mdf', areaM2: 6, isNew: true } },
    has: ['pre-prime:shellac-primer@spots', 'prime:wood-acrylic-primer'],
    order: [['pre-prime', 'prime']],
    says: ['Cut edges'],
  },
  {
    what: 'raw MDF shelves in a house where nobody can have the smell',
    why: 'Sealed with what smells little.',
    ask: {
      surface: { element: 'shelf', substrate: 'mdf', areaM2: 6, isNew: true },
      wanted: { lowOdour: true },
    },
    has: ['pre-prime@spots'],
    hasNot: ['pre-prime:shellac-primer', 'pre-prime:oil-primer'],
  },
  {
    what: 'MDF that is painted already',
    why: 'Its edges are covered.',
    ask: {
      surface: { element: 'shelf', substrate: 'mdf', areaM2: 6, builtYear: 2004 },
      tests: [{ kind: 'spirit-rub', result: 'transfer' }],
    },
    hasNot: ['pre-prime'],
  },
  {
    what: 'open end grain of a new shelf indoors',
    why: 'A coat of primer more: epoxy and a bead are for what the rain reaches.',
    ask: {
      surface: { element: 'shelf', substrate: 'softwood', areaM2: 4, isNew: true, conditions: ['end-grain'] },
    },
    has: ['pre-prime:wood-acrylic-primer@spots'],
    hasNot: ['pre-prime:penetrating-epoxy', 'caulk'],
  },
  {
    what: 'open end grain of a window board that runs with water',
    why: 'There it does drink: flooded and capped with a bead.',
    ask: {
      surface: { element: 'sill', substrate: 'softwood', areaM2: 1, isNew: true, conditions: ['end-grain'] },
    },
    has: ['pre-prime:penetrating-epoxy@spots', 'caulk'],
  },
  {
    what: 'plastic windows that are to be anthracite, in the sun',
    why: 'Dark plastic gets hot and bends: whoever made the frame says how dark it may be.',
    ask: { surface: { ...OUTSIDE, element: 'window', substrate: 'upvc' }, wanted: { colour: '#2f343a' } },
    has: ['prime:bonding-acrylic-primer', 'test-patch'],
    says: ['until it bends'],
  },
  {
    what: 'plastic windows that are to be cream',
    why: 'A pale colour heats nothing.',
    ask: { surface: { ...OUTSIDE, element: 'window', substrate: 'upvc' }, wanted: { colour: '#f2ead2' } },
    saysNot: ['until it bends'],
  },
  {
    what: 'a dark wooden window',
    why: 'Wood does not bend for it.',
    ask: {
      surface: { ...OUTSIDE, element: 'window', substrate: 'softwood', isNew: true },
      wanted: { colour: '#2f343a' },
    },
    saysNot: ['until it bends'],
  },
  {
    what: 'siding of which nobody knows what is on it',
    why: 'No line may speak of a varnish that nobody has seen, nor of hands and polish outside.',
    ask: { surface: { ...OUTSIDE, element: 'siding', substrate: 'softwood', areaM2: 60, builtYear: 1990 } },
    saysNot: ['the varnish', 'hand grease'],
  },
  {
    what: 'scratched varnish on a floor that is to stay clear',
    why: 'Clear shellac holds on the filler of a dent as well as on the varnish.',
    ask: {
      surface: {
        element: 'floor',
        substrate: 'softwood',
        areaM2: 20,
        conditions: ['scratches'],
        currentFinish: 'clear-oil-varnish',
      },
      tests: [{ kind: 'spirit-rub', result: 'no-transfer' }],
      wanted: { family: 'waterborne-clear' },
    },
    has: ['fill', 'prime:clear-shellac', 'finish-coat:waterborne-clear'],
    guaranteed: true,
  },
  {
    what: 'a radiator that rusts, and nobody knows its film',
    why: 'Where it rusts the iron lies open, whatever film is on the rest: metal primer belongs there, and holds.',
    ask: {
      surface: {
        element: 'radiator',
        substrate: 'ferrous-metal',
        exposure: 'interior-hot',
        areaM2: 3,
        conditions: ['rust-stain'],
        builtYear: 1964,
      },
    },
    has: ['prime:metal-primer@bare-areas', 'prime:bonding-acrylic-primer'],
    notBecause: 'does not grip',
    fault: ['peels', 0.08],
  },
  {
    what: 'a painted vinyl paper of which nobody knows the paint',
    why: 'One house in twenty has oil there: what would happen then is said as what may be.',
    ask: { surface: { element: 'wall', substrate: 'wallpaper-vinyl', areaM2: 22 } },
    because: 'Should it be old oil that lies there, this primer does not grip it.',
    notBecause: 'This primer does not grip',
  },
  {
    what: 'a skirting of pressed board beside the shower, with a bead of silicone along it',
    why: 'Nobody varnishes pressed board, and no dye rises from it. The smear is wiped off, and not the film.',
    ask: {
      surface: { element: 'trim', substrate: 'mdf', exposure: 'interior-wet', areaM2: 2, conditions: ['silicone'] },
      tests: [{ kind: 'spirit-rub', result: 'softens' }],
    },
    likeliest: 'waterborne-acrylic',
    atMost: ['shellac', 0.05],
    has: ['remove-sealant@spots', 'solvent-wipe@spots'],
    saysNot: ['dye', 'arnish'],
    fault: ['peels', 0.2],
  },
  {
    what: 'board known to be varnished at the works, to be painted',
    why: 'It wants grip, and no blocker: pressed fibre has no dye.',
    ask: {
      surface: { element: 'cabinet', substrate: 'mdf', areaM2: 6, currentFinish: 'lacquer' },
      tests: [{ kind: 'acetone-rub', result: 'softens' }],
    },
    saysNot: ['dye'],
    fault: ['bleeds', 0.01],
  },
  {
    what: 'cedar boards under a stain that has gone in',
    why: 'Stain makes no slick film: what stands of it is rubbed off; its dye and the timber’s are held back.',
    ask: {
      surface: { ...OUTSIDE, element: 'siding', substrate: 'tannin-wood', areaM2: 90, currentFinish: 'stain' },
      tests: [{ kind: 'water-drop', result: 'soaks-in' }],
    },
    says: ['what of the stain stands', 'the primer must block'],
    saysNot: ['slick', 'lacquer'],
  },
  {
    what: 'a handrail under old polish that is to stay clear',
    why: 'Who wants to see the timber is not offered paint.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'hardwood',
        exposure: 'interior-hightouch',
        areaM2: 2,
        currentFinish: 'shellac',
      },
      wanted: { family: 'waterborne-clear' },
    },
    has: ['finish-coat:waterborne-clear'],
    noOther: ['oil-enamel', 'acrylic-trim', 'waterborne-alkyd', 'shellac-primer'],
  },
  {
    what: 'a new gate of treated timber that reads 22 %',
    why: 'It is wet from the yard: it has to dry, and there is no leak to be found.',
    ask: {
      surface: { ...OUTSIDE, element: 'gate', substrate: 'softwood', areaM2: 5, isNew: true },
      tests: [{ kind: 'moisture-meter', value: 22, scale: 'wood' }],
    },
    has: ['dry-out'],
    blocks: ['paint-on-damp'],
    says: ['wet from the yard'],
    saysNot: ['Find where the water comes from'],
    fault: ['stain', 0.01],
  },
  {
    what: 'a skirting in a house that stands, at 22 %',
    why: 'Old timber does not get wet by itself.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 5, isNew: false },
      tests: [{ kind: 'moisture-meter', value: 22, scale: 'wood' }],
    },
    has: ['inspect', 'dry-out'],
    says: ['Find where the water comes from'],
  },
  {
    what: 'a concrete floor in a garage that was painted, and peels',
    why: 'Nobody distempers what is walked on: what is there is floor paint.',
    ask: {
      surface: { element: 'floor', substrate: 'concrete', areaM2: 30, conditions: ['peeling', 'greasy'] },
      wanted: { family: 'floor-paint' },
    },
    atMost: ['distemper', 0.01],
    notBecause: 'bare masonry',
  },
  {
    what: 'a concrete floor in a garage',
    why: 'What is walked on takes floor paint, and no other way offers anything else.',
    ask: { surface: { element: 'floor', substrate: 'concrete', areaM2: 30, conditions: ['greasy'] } },
    has: ['finish-coat:floor-paint'],
    noOther: ['masonry-paint', 'waterborne-alkyd', 'oil-enamel'],
  },
  {
    what: 'a new pine panelling',
    why: 'The first coat raises the grain of boards on a wall too.',
    ask: { surface: { element: 'wall', substrate: 'softwood', areaM2: 20, isNew: true, conditions: ['knots'] } },
    has: ['sand-between', 'spot-prime:shellac-primer', 'prime:wood-acrylic-primer'],
    fault: ['rough-grain', 0.06],
    notBecause: 'old oil',
  },
  {
    what: 'raw pressed board with its cut edges named',
    why: 'Its edges are sealed once.',
    ask: { surface: { element: 'cabinet', substrate: 'mdf', areaM2: 8, isNew: true, conditions: ['end-grain'] } },
    has: ['pre-prime:shellac-primer@spots'],
    hasNot: ['pre-prime:wood-acrylic-primer'],
  },
  {
    what: 'a stripped wall that was sanded, its face torn in places',
    why: 'A sealer on dust lets go with it: the dust comes off before it, and again before the primer.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', areaM2: 30, conditions: ['torn-board-face'], sanded: true },
      tests: [
        { kind: 'damp-sponge', result: 'clean' },
        { kind: 'hand-wipe', result: 'light' },
      ],
    },
    order: [['dust-off', 'pre-prime']],
    fault: ['peels', 0.05],
  },
  {
    what: 'a radiator that rusts and flakes',
    why: 'Filler cracks out of hot metal, and wall paint softens on it.',
    ask: {
      surface: {
        element: 'radiator',
        substrate: 'ferrous-metal',
        exposure: 'interior-hot',
        conditions: ['rust-stain', 'flaking'],
        areaM2: 3,
        builtYear: 1990,
      },
    },
    has: ['prime:metal-primer@bare-areas'],
    hasNot: ['fill'],
    noOther: ['acrylic-wall', 'moisture-resistant-acrylic'],
  },
  {
    what: 'a galvanised gutter in old oil paint that rusts through',
    why: 'Where zinc rusts it is gone: iron is primed there, and nothing bites zinc where none is.',
    ask: {
      surface: {
        element: 'rainwater-goods',
        substrate: 'galvanised-metal',
        areaM2: 8,
        currentFinish: 'oil-alkyd',
        conditions: ['rust-stain'],
      },
    },
    has: ['prime:metal-primer@bare-areas', 'prime:bonding-acrylic-primer'],
    hasNot: ['prime:etch-primer'],
    fault: ['peels', 0.12],
  },
  {
    what: 'an iron railing with scratches through old oil paint',
    why: 'A scratch is feathered and primed where it reaches the iron; nothing is left to see.',
    ask: {
      surface: {
        element: 'railing',
        substrate: 'ferrous-metal',
        exposure: 'exterior-exposed',
        areaM2: 8,
        currentFinish: 'oil-alkyd',
        conditions: ['scratches'],
        builtYear: 1990,
      },
    },
    has: ['sand@spots', 'spot-prime:metal-primer@spots'],
    hasNot: ['fill'],
    fault: ['miss', 0.15],
  },
  {
    what: 'a wall whose nails bleed rust',
    why: 'Rust beside a nail is a stain: nothing lets go there.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'drywall',
        areaM2: 25,
        currentFinish: 'waterborne-acrylic',
        conditions: ['rust-stain'],
      },
    },
    has: ['spot-prime@spots'],
    hasNot: ['scrape'],
    fault: ['peels', 0.12],
  },
  {
    what: 'bare timber with filled holes',
    why: 'A wood primer takes on filler as on timber.',
    ask: {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 8, currentFinish: 'bare', conditions: ['nail-holes'] },
    },
    has: ['fill@spots', 'prime:wood-acrylic-primer'],
    notBecause: 'grip the filler',
  },
  {
    what: 'a damp wall whose board face is torn',
    why: 'What is sealed before anything else is dry before that: water shut in blisters.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', areaM2: 20, conditions: ['torn-board-face', 'damp'] },
    },
    order: [['dry-out', 'pre-prime']],
    fault: ['bubbles', 0.15],
  },
  {
    what: 'plaster that sounds hollow over the bay and firm elsewhere',
    why: 'The place that failed is made good by its name, and not the whole ceiling.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', areaM2: 12, builtYear: 1890 },
      tests: [
        { kind: 'tap-test', result: 'hollow', place: 'over the bay' },
        { kind: 'tap-test', result: 'firm', place: 'middle' },
      ],
    },
    has: ['repair@over the bay'],
  },
];
