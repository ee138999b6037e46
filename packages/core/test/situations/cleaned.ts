import { rub, type Situation } from './row.ts';

const SHINES = { kind: 'sheen-look', result: 'semi-gloss', yellowed: true };
const TUB = {
  kind: 'test-patch',
  family: 'moisture-resistant-acrylic',
  coats: 1,
  minutes: 60,
  result: 'crawls',
  place: 'along the tub',
};
const BATH_WALL = {
  element: 'wall',
  substrate: 'drywall',
  exposure: 'interior-wet',
  conditions: ['silicone', 'mould'],
  extents: { silicone: { lengthM: 2.5 } },
  areaM2: 12,
  builtYear: 1995,
};
const OAK = { element: 'furniture', substrate: 'hardwood', conditions: ['water-stain'], areaM2: 2, builtYear: 1995 };
const FRONT = { element: 'masonry', substrate: 'render', exposure: 'exterior-exposed', areaM2: 120, builtYear: 1995 };

/** What comes off before paint goes on: what a palm shows, what a patch crawled on, what lies in the wood, what the weather left. */
export const CLEANED: Situation[] = [
  {
    what: 'a palm that comes away dirty off a kitchen ceiling that shines',
    why: 'A film that shines has not weathered to powder: what comes off is grease. It is washed off, and nothing is bound.',
    ask: {
      surface: {
        element: 'ceiling',
        substrate: 'skim-plaster',
        exposure: 'interior-grease',
        conditions: ['greasy', 'smoke'],
        areaM2: 11,
        builtYear: 1985,
      },
      tests: [{ kind: 'hand-wipe', result: 'heavy' }, SHINES],
    },
    has: ['wash:degreaser', 'rinse'],
    hasNot: ['prime:penetrating-sealer', 'pre-prime'],
    saysNot: ['halk'],
  },
  {
    what: 'a palm that comes away dusty off a hall wall in old gloss',
    why: 'On a gloss indoors that is dust: it is washed and dulled as oil is, and no chalk is sealed.',
    ask: {
      surface: { element: 'wall', substrate: 'lime-plaster', areaM2: 22, builtYear: 1985 },
      tests: [{ kind: 'hand-wipe', result: 'light' }, { kind: 'sheen-look', result: 'gloss' }, rub('no-transfer')],
    },
    has: ['wash', 'degloss', 'dust-off'],
    hasNot: ['prime:penetrating-sealer'],
  },
  {
    what: 'a wall of old oil that somebody saw chalk',
    why: 'What chalk stays is bound to the wall before anything lies on it: a primer on chalk grips chalk.',
    ask: {
      surface: { element: 'wall', substrate: 'lime-plaster', conditions: ['chalking'], areaM2: 15, builtYear: 1990 },
      tests: [rub('no-transfer'), { kind: 'hand-wipe', result: 'heavy' }],
    },
    order: [
      ['prime:penetrating-sealer', 'prime:shellac-primer'],
      ['wash', 'prime:penetrating-sealer'],
    ],
  },
  {
    what: 'a patch that crawled along the tub',
    why: 'What crawled there is wiped there, and another patch is laid on the clean place; the rest of the wall is washed.',
    ask: { surface: BATH_WALL, tests: [TUB] },
    has: ['solvent-wipe:mineral-spirits@along the tub', 'test-patch@along the tub', 'mould-treat'],
    hasNot: ['wash@along the tub', 'rinse@along the tub'],
    order: [
      ['solvent-wipe@along the tub', 'test-patch@along the tub'],
      ['test-patch@along the tub', 'finish-coat'],
    ],
    // An hour's patch shows nothing of what grows for weeks.
    risk: ['mould-treat', 'stain', 0.5, 0.9],
    guaranteed: false,
  },
  {
    what: 'cupboards on which a patch crawled, and another covered once they were cleaned',
    why: 'What crawled never covers: the second patch lay on a clean face, and it decides.',
    ask: {
      surface: { element: 'cabinet', substrate: 'softwood', exposure: 'interior-grease', areaM2: 12, builtYear: 1995 },
      tests: [
        rub('no-transfer'),
        { kind: 'test-patch', family: 'bonding-acrylic-primer', coats: 1, minutes: 60, result: 'crawls' },
        { kind: 'test-patch', family: 'bonding-acrylic-primer', coats: 1, minutes: 1440, result: 'covers' },
      ],
    },
    has: ['prime:bonding-acrylic-primer'],
    hasNot: ['test-patch', 'solvent-wipe'],
  },
  {
    what: 'the same cupboards, with no other patch since',
    why: 'They are cleaned and wiped, and what is laid first is tried again before it goes over all.',
    ask: {
      surface: { element: 'cabinet', substrate: 'softwood', exposure: 'interior-grease', areaM2: 12, builtYear: 1995 },
      tests: [
        rub('no-transfer'),
        { kind: 'test-patch', family: 'bonding-acrylic-primer', coats: 1, minutes: 60, result: 'crawls' },
      ],
    },
    has: ['solvent-wipe:mineral-spirits', 'test-patch'],
    order: [['solvent-wipe', 'test-patch']],
  },
  {
    what: 'a dark ring in a varnished oak table that is to stay clear',
    why: 'No clear coat hides it: the finish comes off there, the mark is bleached out of the wood, and the place dries.',
    ask: { surface: { ...OAK, currentFinish: 'clear-oil-varnish' }, wanted: { family: 'waterborne-clear' } },
    has: ['strip@spots', 'wash:wood-bleach@spots', 'rinse', 'sand@spots'],
    order: [
      ['strip@spots', 'wash:wood-bleach@spots'],
      ['wash:wood-bleach@spots', 'rinse'],
    ],
    cautions: ['bleach-mixing', 'caustic'],
    fault: ['bleeds', 0.1],
    risk: ['wash', 'bleeds', 0.3, 0.9],
  },
  {
    what: 'the same table, to be painted',
    why: 'Paint hides what is blocked under it: nobody bleaches it.',
    ask: { surface: { ...OAK, currentFinish: 'clear-oil-varnish' }, wanted: { colour: '#c8d0c8' } },
    hasNot: ['wash:wood-bleach', 'strip'],
  },
  {
    what: 'a rendered front that may never have been painted',
    why: 'Whatever has stood in the weather is washed and dries for a day before it is primed.',
    ask: { surface: FRONT, tests: [{ kind: 'moisture-meter', value: 9 }] },
    has: ['wash', 'rinse', 'prime:masonry-primer'],
    order: [['rinse', 'prime']],
  },
  {
    what: 'the same front in bloom with salts',
    why: 'Salts are brushed off dry: water drives them back in.',
    ask: { surface: { ...FRONT, conditions: ['efflorescence'], currentFinish: 'bare' } },
    has: ['dust-off'],
    hasNot: ['wash'],
  },
  {
    what: 'weathered cedar under a stain that went in, to be painted',
    why: 'Stain in the timber is no varnish that paint slides off, and nothing is said of one.',
    ask: {
      surface: {
        element: 'siding',
        substrate: 'tannin-wood',
        exposure: 'exterior-exposed',
        currentFinish: 'stain',
        conditions: ['weathered-wood'],
        areaM2: 90,
        builtYear: 1995,
      },
    },
    risk: ['prime', 'peels', 0.3, 0.9],
    notBecause: 'varnish',
  },
  {
    what: 'a stripped stair of pine with filled spots',
    why: 'Bare timber is primed all over, its filler with it: how a wall’s filler is primed is no question here.',
    ask: {
      surface: {
        element: 'stair',
        substrate: 'softwood',
        exposure: 'interior-hightouch',
        currentFinish: 'bare',
        conditions: ['knots', 'filler-patches'],
        areaM2: 14,
        builtYear: 1990,
      },
    },
    noSchools: ['fillerSpots whole-wall', 'fillerSpots none'],
  },
  {
    what: 'a hall wall that leaves colour upstairs and none by the front door',
    why: 'What is known upstairs says nothing of the place by the door, and three minutes there decide whether a patch must wait three days.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', areaM2: 50, builtYear: 1985 },
      tests: [rub('transfer', 'upstairs'), rub('no-transfer', 'by the front door'), rub('transfer', 'middle')],
    },
    next: 'spirit-rub',
    saving: 1000,
    has: ['test-patch@by the front door'],
  },
  {
    what: 'an old ceiling of lime plaster that goes slick under a sponge, and that nobody papered',
    why: 'It is distemper that water wakes, and no paste: it is washed off and bound, and nothing is sanded.',
    ask: {
      surface: { element: 'ceiling', substrate: 'lime-plaster', areaM2: 18, builtYear: 1890 },
      tests: [
        { kind: 'damp-sponge', result: 'slick' },
        { kind: 'hand-wipe', result: 'heavy' },
      ],
    },
    atLeast: ['distemper', 0.85],
    has: ['wash', 'rinse', 'prime:penetrating-sealer'],
    hasNot: ['sand'],
    saysNot: ['Paste wakes', 'what paste is left'],
    blocks: ['paint-on-paste'],
  },
  {
    what: 'render that leaves a palm white, in the weather since long',
    why: 'What stands in the weather chalks, whatever it is: a white palm does not make it limewash.',
    ask: {
      surface: {
        element: 'masonry',
        substrate: 'render',
        exposure: 'exterior-exposed',
        areaM2: 60,
        conditions: ['chalking'],
      },
      tests: [{ kind: 'hand-wipe', result: 'heavy' }],
    },
    likeliest: 'waterborne-acrylic',
    atMost: ['distemper', 0.2],
    has: ['wash', 'prime'],
  },
  {
    what: 'a painted cellar wall with salts on it',
    why: 'Water drives salts back in: they are brushed off dry, twice, and the wall is not washed because it is a wet room.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'brick',
        exposure: 'interior-wet',
        areaM2: 14,
        conditions: ['efflorescence', 'flaking'],
      },
    },
    has: ['inspect', 'dust-off', 'dry-out', 'prime:masonry-primer'],
    hasNot: ['wash', 'rinse'],
  },
  {
    what: 'a floor of waterborne varnish by the firm’s own record, scratched, that gets its like again',
    why: 'It is known: abraded, it takes its like without a sealer between; the scratches are sanded out, and not filled.',
    ask: {
      surface: {
        element: 'floor',
        substrate: 'hardwood',
        areaM2: 20,
        currentFinish: 'waterborne-clear',
        conditions: ['scratches'],
      },
      wanted: { family: 'waterborne-clear' },
    },
    has: ['wash', 'sand@spots', 'sand', 'finish-coat:waterborne-clear'],
    hasNot: ['fill', 'prime', 'spot-prime'],
    saysNot: ['that nobody knows', 'Level the filler'],
    fault: ['peels', 0.06],
    guaranteed: true,
  },
  {
    what: 'a waxed chest that is to be rubbed through',
    why: 'White primer would show as a line where the edges are rubbed: the sealer is clear.',
    ask: {
      surface: {
        element: 'furniture',
        substrate: 'hardwood',
        areaM2: 3,
        conditions: ['wax'],
        currentFinish: 'wax-oil',
      },
      tests: [{ kind: 'water-drop', result: 'beads' }],
      wanted: { colour: '#c9d2cc', family: 'chalk-style', distressed: true },
    },
    has: ['solvent-wipe:mineral-spirits', 'prime:clear-shellac', 'distress', 'clear-coat'],
    hasNot: ['prime:shellac-primer'],
  },
  {
    what: 'a pane of glass behind a cooker',
    why: 'Glass is degreased and made matt before a primer is trusted on it.',
    ask: {
      surface: { element: 'wall', substrate: 'glass', exposure: 'interior-grease', areaM2: 2, isNew: true },
      wanted: { colour: '#445566' },
    },
    has: ['wash:degreaser', 'sand', 'test-patch:bonding-acrylic-primer', 'prime:bonding-acrylic-primer'],
    order: [['sand', 'prime']],
    risk: ['sand', 'peels', 0.02, 0.3],
  },
  {
    what: 'new steps of concrete',
    why: 'They are walked on as a floor is: abraded or etched, floor paint, and a meter first.',
    ask: {
      surface: { element: 'stair', substrate: 'concrete', areaM2: 8, isNew: true, substrateAgeMonths: 2 },
      wanted: { colour: '#888888' },
    },
    has: ['sand', 'prime:masonry-primer', 'finish-coat:floor-paint', 'cure-hold'],
    next: 'moisture-meter',
    guaranteed: true,
  },
  {
    what: 'smoke on paper in a kitchen',
    why: 'What blocks the smoke seals the paper too: nobody opens a second tin for it; loose seams are stuck where they were measured.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'wallpaper-embossed',
        exposure: 'interior-grease',
        areaM2: 20,
        builtYear: 1985,
        conditions: ['smoke', 'greasy', 'loose-paper'],
        extents: { 'loose-paper': { areaM2: 0.5 } },
      },
    },
    has: ['stick-down@spots', 'prime:shellac-primer'],
    hasNot: ['prime:wallpaper-sealer'],
    saysNot: ['the longer wait'],
  },
  {
    what: 'soot over a heater on a sound wall',
    why: 'Loose soot is taken off dry before anything is rubbed: sanded or washed, it is ground in.',
    ask: {
      surface: {
        element: 'wall',
        substrate: 'drywall',
        areaM2: 16,
        builtYear: 1990,
        conditions: ['soot'],
        extents: { soot: { areaM2: 1.5 } },
      },
      tests: [rub('transfer')],
    },
    has: ['inspect', 'dust-off', 'spot-prime:shellac-primer'],
    hasNot: ['wash', 'prime'],
    order: [['dust-off', 'sand']],
  },
  {
    what: 'new board whitens the palm',
    why: 'What was never painted cannot chalk: it is dust, and board is not washed.',
    ask: {
      surface: { element: 'wall', substrate: 'drywall', isNew: true, areaM2: 60 },
      tests: [{ kind: 'hand-wipe', result: 'heavy' }],
      houseRules: { newBoard: 'self-prime' },
    },
    has: ['dust-off'],
    hasNot: ['wash', 'rinse', 'prime'],
  },
  {
    what: 'old masonry paint that chalks, with salts',
    why: 'Water drives salts back in: chalk and salts are brushed off dry, and what stays is bound.',
    ask: {
      surface: {
        element: 'masonry',
        substrate: 'render',
        exposure: 'exterior-exposed',
        builtYear: 1985,
        areaM2: 40,
        conditions: ['chalking', 'efflorescence'],
      },
      tests: [rub('transfer')],
    },
    has: ['inspect', 'dust-off', 'dry-out', 'prime:masonry-primer'],
    hasNot: ['wash'],
  },
  {
    what: 'wax was seen, and water soaks in',
    why: 'A test overrules the flag that it tests: what drinks is not waxed.',
    ask: {
      surface: { element: 'furniture', substrate: 'hardwood', builtYear: 1990, areaM2: 3, conditions: ['wax'] },
      tests: [{ kind: 'water-drop', result: 'soaks-in' }],
    },
    atMost: ['wax-oil', 0.1],
    hasNot: ['solvent-wipe'],
    next: 'spirit-rub',
  },
];
