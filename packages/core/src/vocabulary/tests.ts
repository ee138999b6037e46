import type { CautionCode } from './work.ts';

/** How a test is made and read. */
export interface MethodCard {
  materials: readonly string[];
  /** The act, in the order of the hands. */
  how: string;
  /** Rubs, strokes or cuts, where they are counted. */
  count: number | null;
  /** Seconds to wait before it is read; 0 where it is read at once. */
  waitSec: number;
  reads: string;
  misleads: string;
  cautions: readonly CautionCode[];
  source: string;
}

/** A test in one row: its lists, labels, cost and card all follow from here; what its results tell is in `evidence/knowledge/likelihoods.ts`. */
interface TestRow {
  label: string;
  /** Each answer it can give, and how that is said aloud. None where it is a grade or a figure. */
  results: Readonly<Record<string, string>>;
  /** It measures grip: such tests share their luck, and can say which bond let go. */
  measuresGrip?: true;
  /** What it looks like before its time is up: read so early, that says nothing. */
  notYet?: string;
  /** Minutes with the wait at the surface, and materials in minor units, where it is offered to tell finishes apart. Source: practice. */
  takes?: { minutes: number; materials: number };
  /** What it tells that is worth its minutes. */
  tellsApart?: string;
  card: MethodCard;
}

const MINUTE = 60;
const DAY = 86_400;

const TEST_TABLE = {
  'spirit-rub': {
    label: 'Spirit rub',
    results: {
      'no-transfer': 'nothing on the rag',
      'slight-transfer': 'a little on the rag',
      transfer: 'colour on the rag',
      softens: 'softens',
      'lifts-to-lower-coat': 'lifts to the coat below',
    },
    takes: { minutes: 3, materials: 10 },
    tellsApart: 'It tells waterborne from oil, and that decides whether a primer must grip.',
    card: {
      materials: ['denatured alcohol', 'clean white rag', 'gloves'],
      how: 'Wet a clean place on the rag and rub one spot hard, twenty times. A fresh place on the rag for each rub.',
      count: 20,
      waitSec: 0,
      reads: 'Colour: waterborne. Nothing: oil, two-part or baked. A little: rub longer, in a second place, then use the blade.',
      misleads: 'Dirt colours a rag too: wash first where it is greasy. Shellac gives itself up as well.',
      cautions: ['flammable-vapour'],
      source: 'after ASTM D5402',
    },
  },
  'acetone-rub': {
    label: 'Acetone rub',
    results: { 'no-change': 'no change', softens: 'softens', dissolves: 'dissolves' },
    takes: { minutes: 3, materials: 10 },
    tellsApart: 'It tells a baked or oil film from one that dissolves.',
    notYet: 'no-change',
    card: {
      materials: ['acetone', 'clean white rag', 'gloves'],
      how: 'Ten rubs in a hidden place, then look after two minutes.',
      count: 10,
      waitSec: 2 * MINUTE,
      reads: 'Dissolves: waterborne, lacquer or spray can. Softens: oil. Nothing: baked or laminate.',
      misleads: 'Old oil softens late. Plastics melt: never on them.',
      cautions: ['flammable-vapour', 'solvent-vapour'],
      source: 'after ASTM D5402',
    },
  },
  'nail-scratch': {
    label: 'Nail scratch',
    results: { holds: 'holds', marks: 'marks', 'scratches-off': 'scratches off', 'peels-in-sheet': 'peels in a sheet' },
    measuresGrip: true,
    takes: { minutes: 1, materials: 0 },
    tellsApart: 'A film that scratches off will not carry another.',
    card: {
      materials: ['your thumbnail'],
      how: 'Draw it hard across the film, twice.',
      count: 2,
      waitSec: 0,
      reads: 'A bonded film marks at most. One that scratches off carries nothing.',
      misleads: 'A film under three days old says little: scratch again at cure.',
      cautions: [],
      source: 'practice',
    },
  },
  'blade-lift': {
    label: 'Blade lift',
    results: { holds: 'holds', chips: 'chips', 'lifts-in-sheet': 'lifts in a sheet' },
    measuresGrip: true,
    takes: { minutes: 2, materials: 0 },
    tellsApart: 'It shows whether a waterborne coat lies on oil and lets go.',
    card: {
      materials: ['sharp blade'],
      how: 'Cut a line through the film, lift one edge with the tip, pull.',
      count: 1,
      waitSec: 0,
      reads: 'A sheet takes everything above it along. Note which layer let go.',
      misleads: 'A brittle chip is not a sheet.',
      cautions: ['lead-presumed'],
      source: 'practice',
    },
  },
  'scraper-drag': {
    label: 'Scraper drag',
    results: { holds: 'holds', marks: 'marks', 'scratches-off': 'scratches off' },
    measuresGrip: true,
    card: {
      materials: ['sharp scraper'],
      how: 'Two hard strokes toward you.',
      count: 2,
      waitSec: 0,
      reads: 'It finds the weak bond, if there is one.',
      misleads: 'Old runs scrape off where the film below is sound.',
      cautions: ['lead-presumed'],
      source: 'practice',
    },
  },
  'tape-pull': {
    label: 'Tape pull',
    results: { holds: 'holds', specks: 'specks on the tape', lifts: 'lifts' },
    measuresGrip: true,
    card: {
      materials: ['painter’s tape'],
      how: 'Press it down, wait a minute, pull it sharply back on itself.',
      count: 1,
      waitSec: MINUTE,
      reads: 'Specks: chalk or distemper. Lifts: the film is not bonded.',
      misleads: 'Dust lets the tape off clean: wipe first.',
      cautions: [],
      source: 'after ASTM D3359',
    },
  },
  'cross-cut': {
    label: 'Cross-cut',
    results: {},
    measuresGrip: true,
    takes: { minutes: 6, materials: 20 },
    tellsApart: 'It grades the bond that every new coat will hang on.',
    card: {
      materials: ['blade', 'ruler', 'tape', 'water to mist'],
      how: 'Six cuts each way through to the ground, tape, wait a minute, pull, read the squares.',
      count: 12,
      waitSec: MINUTE,
      reads: 'Grade 0: edges whole. Grade 5: more than two thirds gone. The other common scale runs the other way.',
      misleads: 'Cut too shallow and it always holds.',
      cautions: ['lead-presumed'],
      source: 'ISO 2409',
    },
  },
  'sheen-look': {
    label: 'Sheen',
    results: { flat: 'flat', eggshell: 'eggshell', satin: 'satin', 'semi-gloss': 'semi-gloss', gloss: 'gloss' },
    takes: { minutes: 1, materials: 0 },
    card: {
      materials: ['a lamp held low'],
      how: 'Look along the face toward the light. Is it yellowed?',
      count: null,
      waitSec: 0,
      reads: 'Brush-levelled yellowed gloss leans to oil. It shifts the odds, no more.',
      misleads: 'Flat oil exists on older walls and ceilings.',
      cautions: [],
      source: 'practice',
    },
  },
  'hand-wipe': {
    label: 'Hand wipe',
    results: { clean: 'clean', light: 'light dust', heavy: 'heavy dust' },
    card: {
      materials: ['a dry palm'],
      how: 'Draw it over the face once.',
      count: 1,
      waitSec: 0,
      reads: 'A clean palm is what a coat wants.',
      misleads: 'Sanding dust and chalk look alike: say whether it was sanded.',
      cautions: [],
      source: 'ISO 4628-6 / ASTM D4214',
    },
  },
  'water-drop': {
    label: 'Water drop',
    results: { beads: 'beads', spreads: 'spreads', 'soaks-in': 'soaks in' },
    takes: { minutes: 2, materials: 0 },
    tellsApart: 'It tells a thirsty ground from a sealed one.',
    notYet: 'beads',
    card: {
      materials: ['water'],
      how: 'One drop; look after a minute.',
      count: 1,
      waitSec: MINUTE,
      reads: 'Beads: wax, silicone, oil or gloss. Sinks: bare or chalky.',
      misleads: 'It beads on gloss as on wax.',
      cautions: [],
      source: 'practice',
    },
  },
  'damp-sponge': {
    label: 'Damp sponge',
    results: { clean: 'clean', slick: 'slick' },
    notYet: 'clean',
    takes: { minutes: 2, materials: 0 },
    tellsApart: 'It tells distemper, which water wakes, from a film that stays hard.',
    card: {
      materials: ['sponge', 'clean water'],
      how: 'Damp the wall, wait half a minute, rub thumb and finger on it.',
      count: 1,
      waitSec: 30,
      reads: 'Slick or foaming: paste is left, or distemper lies there.',
      misleads: 'Cleaner left behind feels slick too: rinse, then test.',
      cautions: [],
      source: 'practice',
    },
  },
  'bleach-drop': {
    label: 'Bleach drop',
    results: { lightens: 'lightens', unchanged: 'unchanged' },
    notYet: 'unchanged',
    card: {
      materials: ['household bleach', 'gloves', 'eye protection'],
      how: 'One drop; look after two minutes.',
      count: 1,
      waitSec: 2 * MINUTE,
      reads: 'It whitens mould and leaves dirt.',
      misleads: 'It whitens dyes as well.',
      cautions: ['bleach-mixing', 'eye-irritant'],
      source: 'practice',
    },
  },
  'moisture-meter': {
    label: 'Moisture',
    results: {},
    card: {
      materials: ['moisture meter'],
      how: 'Pins in along the grain in three places; the highest counts.',
      count: 3,
      waitSec: 0,
      reads: 'Over the limit of the material nothing is sealed in.',
      misleads: 'Salts and foil read wet. Set the meter to the material.',
      cautions: [],
      source: 'practice; the meter’s own sheet wins',
    },
  },
  'chip-look': {
    label: 'Chip look',
    results: {},
    tellsApart: 'A chip shows its layers in order: what lies under what.',
    card: {
      materials: ['sharp blade', 'a lens'],
      how: 'Lift a chip or take a flake, look at its edge, name the layers from the top. Rub the layer under the flake too.',
      count: 1,
      waitSec: 0,
      reads: 'Waterborne on oil shows as a soft skin on a hard one. What lets go says which bond is weak.',
      misleads: 'Two coats of one paint look like two layers; a thin primer is easily missed.',
      cautions: ['lead-presumed'],
      source: 'practice',
    },
  },
  'rot-probe': {
    label: 'Rot probe',
    results: { firm: 'firm', 'soft-surface': 'soft at the face', 'soft-deep': 'soft deep in' },
    card: {
      materials: ['bradawl'],
      how: 'Press it into joints, ends and sills.',
      count: null,
      waitSec: 0,
      reads: 'Soft at the face can be consolidated; soft deep is cut out.',
      misleads: 'Filler is firm over soft timber: probe beside it.',
      cautions: [],
      source: 'practice',
    },
  },
  'lead-swab': {
    label: 'Lead swab',
    results: { negative: 'negative', positive: 'positive', inconclusive: 'inconclusive' },
    takes: { minutes: 3, materials: 350 },
    notYet: 'negative',
    card: {
      materials: ['lead swab', 'blade', 'wet wipe', 'gloves'],
      how: 'Cut a notch through all layers, rub the swab in it for half a minute.',
      count: 1,
      waitSec: 30,
      reads: 'Negative through all layers releases. Inconclusive releases nothing.',
      misleads: 'A swab on the top coat alone clears nothing. A laboratory decides in doubt.',
      cautions: ['lead-presumed', 'dust'],
      source: 'the swab’s own sheet; local law decides which tests count',
    },
  },
  'tap-test': {
    label: 'Tap test',
    results: { firm: 'firm', hollow: 'hollow' },
    card: {
      materials: ['a knuckle or a handle'],
      how: 'Tap across the face and listen.',
      count: null,
      waitSec: 0,
      reads: 'Hollow: the ground has let go.',
      misleads: 'Board sounds hollow between studs.',
      cautions: ['asbestos-possible'],
      source: 'practice',
    },
  },
  'paint-dab': {
    label: 'Paint dab',
    results: { wets: 'wets', beads: 'beads' },
    notYet: 'wets',
    card: {
      materials: ['waterborne paint', 'small brush'],
      how: 'A dab on the bead; look after a minute.',
      count: 1,
      waitSec: MINUTE,
      reads: 'It crawls on silicone; a dull bead is usually acrylic.',
      misleads: 'Grease crawls too: wipe the bead first.',
      cautions: [],
      source: 'practice',
    },
  },
  'ease-test': {
    label: 'Ease test',
    results: { moves: 'moves', stuck: 'stuck' },
    card: {
      materials: ['two hands'],
      how: 'Lift and lower it, without force.',
      count: 1,
      waitSec: 0,
      reads: 'Stuck now is blamed on the new paint later.',
      misleads: 'Swollen is not painted shut: look for the paint line.',
      cautions: ['heavy-lift'],
      source: 'practice',
    },
  },
  'test-patch': {
    label: 'Test patch',
    results: {
      covers: 'covers',
      'shows-through': 'shows through',
      'faint-bleed': 'faint bleed',
      'bleeds-through': 'bleeds through',
      crawls: 'crawls',
      wrinkles: 'wrinkles',
      bubbles: 'bubbles',
    },
    card: {
      materials: ['primer', 'finish', 'brush or sleeve to suit'],
      how: 'Across the strongest colour, equal coats of each kind. Look at the label’s time, and again the next day.',
      count: null,
      waitSec: DAY,
      reads: 'The later look decides: colour that comes back is bleed, colour that a second coat covers was poor hiding.',
      misleads: 'Unequal coats flatter the thicker one.',
      cautions: ['flammable-vapour'],
      source: 'practice',
    },
  },
} as const satisfies Record<string, TestRow>;

export type TestKind = keyof typeof TEST_TABLE;
export type TestResult<K extends TestKind = TestKind> = { [T in K]: keyof (typeof TEST_TABLE)[T]['results'] & string }[K];

const rowOf = (kind: TestKind): TestRow => TEST_TABLE[kind];
export const TEST_KINDS = Object.keys(TEST_TABLE) as TestKind[];
const byKind = <T>(of: (row: TestRow) => T) => Object.fromEntries(TEST_KINDS.map((kind) => [kind, of(rowOf(kind))])) as Record<TestKind, T>;

/** The answers each test can give. */
export const TEST_RESULTS = byKind((row) => Object.keys(row.results)) as unknown as { readonly [K in TestKind]: readonly TestResult<K>[] };
export const TEST_LABELS = byKind((row) => row.label);
export const METHOD_CARDS = byKind((row) => row.card);
/** What a test takes, where it is offered to tell one finish from another. */
export const TEST_TAKES = byKind((row) => row.takes ?? null);
/** What a test tells that is worth its minutes. */
export const TEST_TELLS = byKind((row) => row.tellsApart ?? null);

/** What each test looks like before its time is up; null where it is read at once, or says the same at any time. */
export const TEST_NOT_YET = byKind((row) => row.notYet ?? null);

/** How a result is said aloud. Results shared by several tests read the same. */
export const RESULT_LABELS: Readonly<Record<string, string>> = Object.assign({}, ...TEST_KINDS.map((kind) => rowOf(kind).results)) as Record<string, string>;

/** Tests that measure grip. */
export const ADHESION_KINDS: readonly TestKind[] = TEST_KINDS.filter((kind) => rowOf(kind).measuresGrip);

/** What a chip or a flake may show, layer by layer. */
export const CHIP_LAYERS = ['waterborne', 'oil', 'clear', 'distemper', 'primer', 'paper', 'unknown'] as const;
export type ChipLayer = (typeof CHIP_LAYERS)[number];
export const CHIP_LAYER_LABELS: Readonly<Record<ChipLayer, string>> = {
  waterborne: 'waterborne',
  oil: 'oil',
  clear: 'varnish or stain',
  distemper: 'distemper',
  primer: 'primer',
  paper: 'paper',
  unknown: 'not known',
};

/** On which scale a moisture meter was read: per cent of wood, gypsum (about 1 is wet), relative 0 to 100. */
export const MOISTURE_SCALES = ['wood', 'gypsum', 'relative'] as const;
export type MoistureScale = (typeof MOISTURE_SCALES)[number];
export const MOISTURE_SCALE_LABELS: Readonly<Record<MoistureScale, string>> = { wood: 'wood, %', gypsum: 'gypsum', relative: 'relative, 0 to 100' };

/** Where a bond let go, or which layer a test was made on. */
export const PLANES = ['substrate', 'primer', 'between-coats'] as const;
export type Plane = (typeof PLANES)[number];
