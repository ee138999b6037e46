import type { SurfaceFacts } from '../../model/surface.ts';
import type { TestRecord } from '../../model/test.ts';
import type { Condition, Element, Finish, Ground, Substrate } from '../../vocabulary/index.ts';
import { isPartOnly } from '../measured.ts';
import { groundOf, isClosed, isFurniture, isOutside, shinesBare } from '../facts.ts';
import { chroma, hue, lightness } from '../../units/colour.ts';

/** Relative weights of finishes; what is not named takes the row's `rest`, or stays as it is in a factor row. */
export type Weights = Partial<Record<Finish, number>>;

/** The starting weights of one kind of ground, before age and look. */
export interface BaseRow {
  ground: Ground;
  when: (s: SurfaceFacts) => boolean;
  weights: Weights;
  reason: string;
}

const FINE_TIMBER: readonly Substrate[] = ['hardwood', 'tannin-wood'];
const OPENINGS: readonly Element[] = ['door', 'window', 'gate', 'sill', 'trim'];

/** The first row that fits is taken. Weights are parts in a hundred of houses as painters meet them; source: firm's practice, set as typical values. */
export const BASE_ROWS: readonly BaseRow[] = [
  {
    ground: 'timber',
    when: (s) => isOutside(s) && FINE_TIMBER.includes(s.substrate) && OPENINGS.includes(s.element),
    reason: 'Doors, windows and gates of hardwood are often varnished, oiled or stained, so that the timber is seen.',
    weights: {
      'waterborne-acrylic': 28,
      'oil-alkyd': 22,
      'waterborne-over-oil': 11,
      'clear-oil-varnish': 15,
      stain: 8,
      'wax-oil': 3,
      bare: 3,
      'waterborne-clear': 2,
      'primer-only': 1,
    },
  },
  {
    ground: 'timber',
    when: (s) => isOutside(s),
    reason: 'Outside timber is mostly acrylic now, often over older oil.',
    weights: {
      'waterborne-acrylic': 38,
      'oil-alkyd': 27,
      'waterborne-over-oil': 16,
      stain: 9,
      bare: 4,
      'primer-only': 2,
      'clear-oil-varnish': 3,
      'wax-oil': 1,
    },
  },
  {
    ground: 'timber',
    when: (s) => s.element === 'cabinet',
    reason: 'Fitted cupboards are mostly painted, some varnished or sprayed.',
    weights: {
      'oil-alkyd': 34,
      'waterborne-acrylic': 28,
      'waterborne-over-oil': 9,
      'clear-oil-varnish': 11,
      lacquer: 8,
      'waterborne-clear': 3,
      'wax-oil': 2,
      shellac: 2,
      stain: 2,
      bare: 2,
      'primer-only': 1,
      'unknown-aerosol': 0.5,
    },
  },
  {
    ground: 'timber',
    when: (s) => isFurniture(s.element),
    reason: 'Fittings and furniture come varnished, lacquered, oiled or painted.',
    weights: {
      'oil-alkyd': 22,
      'waterborne-acrylic': 22,
      'clear-oil-varnish': 16,
      lacquer: 14,
      'waterborne-over-oil': 7,
      'wax-oil': 5,
      shellac: 4,
      'waterborne-clear': 4,
      stain: 3,
      bare: 2,
      'primer-only': 1,
      'unknown-aerosol': 0.5,
    },
  },
  {
    ground: 'timber',
    when: (s) => s.element === 'floor',
    reason: 'Floors are varnished, oiled or painted hard.',
    weights: {
      'clear-oil-varnish': 34,
      'waterborne-clear': 20,
      'wax-oil': 14,
      'oil-alkyd': 16,
      'waterborne-acrylic': 4,
      stain: 4,
      bare: 6,
      shellac: 2,
    },
  },
  {
    ground: 'timber',
    when: (s) => s.element === 'stair',
    reason: 'Stairs are painted like woodwork, or varnished and waxed where they are walked on.',
    weights: {
      'oil-alkyd': 34,
      'waterborne-acrylic': 24,
      'waterborne-over-oil': 10,
      'clear-oil-varnish': 16,
      'waterborne-clear': 4,
      'wax-oil': 4,
      shellac: 2,
      stain: 2,
      'primer-only': 1,
      bare: 3,
    },
  },
  {
    ground: 'timber',
    when: (s) => s.element === 'wall' || s.element === 'ceiling',
    reason: 'Boarded walls and ceilings carry wall paint or older oil.',
    weights: {
      'waterborne-acrylic': 45,
      'oil-alkyd': 28,
      'waterborne-over-oil': 12,
      'clear-oil-varnish': 8,
      shellac: 3,
      lacquer: 1,
      'waterborne-clear': 1,
      stain: 2,
      bare: 3,
      'primer-only': 1,
    },
  },
  {
    ground: 'timber',
    when: () => true,
    reason: 'Woodwork was oil for generations; waterborne came on top of it.',
    weights: {
      'oil-alkyd': 40,
      'waterborne-acrylic': 30,
      'waterborne-over-oil': 12,
      'clear-oil-varnish': 8,
      'waterborne-clear': 2,
      shellac: 2,
      lacquer: 1,
      stain: 2,
      'wax-oil': 1,
      'primer-only': 1,
      bare: 2,
      'unknown-aerosol': 0.2,
    },
  },
  {
    ground: 'plaster',
    when: (s) => s.substrate === 'lime-plaster',
    reason: 'Old lime plaster may still carry distemper or dead-flat oil.',
    weights: {
      'waterborne-acrylic': 64,
      'oil-alkyd': 11,
      'waterborne-over-oil': 7,
      distemper: 10,
      bare: 4,
      'primer-only': 1,
    },
  },
  {
    ground: 'plaster',
    when: () => true,
    reason: 'Walls and ceilings are nearly always waterborne; older ones may be flat oil.',
    weights: {
      'waterborne-acrylic': 83,
      'oil-alkyd': 6.5,
      'waterborne-over-oil': 4,
      distemper: 1.5,
      'primer-only': 2,
      bare: 3,
      'unknown-aerosol': 0.1,
    },
  },
  {
    ground: 'laminate',
    when: () => true,
    reason: 'Laminate and foil leave the factory finished and mostly stay so.',
    weights: {
      'factory-laminate': 90,
      'waterborne-acrylic': 6,
      'oil-alkyd': 2,
      'primer-only': 0.5,
      'unknown-aerosol': 0.5,
    },
  },
  {
    ground: 'paper',
    when: () => true,
    reason: 'Paper is either still bare or has had wall paint, seldom oil.',
    weights: { 'waterborne-acrylic': 66, bare: 22, 'oil-alkyd': 5, 'waterborne-over-oil': 4, distemper: 2 },
  },
  {
    ground: 'masonry',
    when: () => true,
    reason: 'Masonry is bare, limewashed or in masonry paint.',
    weights: { 'waterborne-acrylic': 60, bare: 28, distemper: 6, 'oil-alkyd': 4, 'waterborne-over-oil': 1.5 },
  },
  {
    ground: 'metal',
    when: () => true,
    reason: 'Metal is usually in oil enamel, or bare.',
    weights: {
      'oil-alkyd': 52,
      'waterborne-acrylic': 20,
      'waterborne-over-oil': 8,
      bare: 9,
      'primer-only': 5,
      'unknown-aerosol': 3,
      lacquer: 3,
    },
  },
  {
    ground: 'hard',
    when: () => true,
    reason: 'Tile, glass and plastics are mostly unpainted.',
    weights: { bare: 80, 'waterborne-acrylic': 11, 'oil-alkyd': 5, 'unknown-aerosol': 2, lacquer: 1 },
  },
];

/** A fact that shifts the odds: every row whose `when` holds multiplies. */
export interface FactorRow {
  id: string;
  when: (s: SurfaceFacts) => boolean;
  factors: Weights;
  reason: string;
  /** A test that looked at the same thing properly: what was flagged is not counted beside it. */
  overruledBy?: (test: TestRecord) => boolean;
}

const CLOSED: readonly Ground[] = ['hard', 'metal'];
/** What was measured as a small part says nothing of the rest. */
const isSeenOverAll = (s: SurfaceFacts, code: Condition): boolean => has(s, code) && !isPartOnly(s, code);
/** What was laid within so many months never saw distemper: half a century. */
const DISTEMPER_IS_OLDER = 600;

const year = (s: SurfaceFacts, from: number, to: number) => s.builtYear !== null && s.builtYear >= from && s.builtYear < to;
const has = (s: SurfaceFacts, ...flags: string[]) => s.conditions.some((c) => flags.includes(c));
const colours = (s: SurfaceFacts) => [...(s.currentColour ? [s.currentColour] : []), ...s.currentColours];

/** The browns and ambers of timber seen through a clear film. */
const timberColoured = (c: string) => {
  const l = lightness(c)!;
  const angle = hue(c);
  return l > 25 && l < 75 && chroma(c)! > 18 && angle !== null && angle > 45 && angle < 85;
};

export const FACTOR_ROWS: readonly FactorRow[] = [
  {
    id: 'built-before-1960',
    when: (s) => year(s, 0, 1960),
    factors: { 'oil-alkyd': 1.8, 'waterborne-over-oil': 1.7, distemper: 2.2, shellac: 1.5 },
    reason: 'Built before 1960: oil in every campaign but the last.',
  },
  {
    id: 'built-1960-1979',
    when: (s) => year(s, 1960, 1980),
    factors: { 'oil-alkyd': 1.3, 'waterborne-over-oil': 1.3, distemper: 0.3 },
    reason: 'Built in the sixties or seventies: oil woodwork was the rule.',
  },
  {
    id: 'built-1980-1999',
    when: (s) => year(s, 1980, 2000),
    factors: { 'oil-alkyd': 0.75, 'waterborne-over-oil': 0.7, distemper: 0.02 },
    reason: 'Built 1980 to 2000: oil still common on woodwork.',
  },
  {
    id: 'built-since-2000',
    when: (s) => year(s, 2000, 2300),
    factors: { 'oil-alkyd': 0.25, 'waterborne-over-oil': 0.2, distemper: 0.005, shellac: 0.3 },
    reason: 'Built since 2000: waterborne from the start is likeliest.',
  },
  {
    id: 'new-laminate',
    when: (s) => s.isNew === true && groundOf(s.substrate) === 'laminate',
    factors: { 'factory-laminate': 2000 },
    reason: 'New, with its factory face.',
  },
  {
    id: 'pressed-board',
    when: (s) => s.substrate === 'mdf',
    factors: { 'clear-oil-varnish': 0.1, 'waterborne-clear': 0.15, shellac: 0.1, stain: 0.05, 'wax-oil': 0.1, lacquer: 0.5 },
    reason: 'Pressed board has no grain to show: it is painted, or sprayed at the works.',
  },
  {
    id: 'walked-on',
    when: (s) => s.element === 'floor' || s.element === 'stair',
    factors: { distemper: 0.001 },
    reason: 'Nobody distempers what is walked on.',
  },
  {
    id: 'never-distempered',
    when: (s) => isClosed(groundOf(s.substrate)) || s.substrate === 'wallpaper-vinyl',
    factors: { distemper: 0.001 },
    reason: 'Distemper is for what drinks: nobody laid it on metal, tile, laminate or vinyl.',
  },
  {
    id: 'younger-than-distemper',
    when: (s) => s.substrate === 'drywall' || (s.substrateAgeMonths !== null && s.substrateAgeMonths < DISTEMPER_IS_OLDER),
    factors: { distemper: 0.05 },
    reason: 'Distemper went out as board came in.',
  },
  {
    id: 'never-coated',
    when: (s) => s.isNew === true && groundOf(s.substrate) !== 'laminate',
    factors: { bare: 2000 },
    reason: 'Said to be new and never coated.',
  },
  {
    id: 'been-coated',
    when: (s) => s.isNew === false,
    factors: { bare: 0.08 },
    reason: 'Said to have been coated before.',
  },
  {
    id: 'young-substrate',
    when: (s) => s.isNew === null && s.substrateAgeMonths !== null && s.substrateAgeMonths < 12,
    factors: { bare: 25, 'oil-alkyd': 0.2, 'waterborne-over-oil': 0.05, distemper: 0.01 },
    reason: 'The ground is under a year old.',
  },
  {
    id: 'glossy-ground',
    when: (s) => has(s, 'glossy') && shinesBare(s),
    factors: { 'oil-alkyd': 1.4, lacquer: 1.4, 'waterborne-acrylic': 0.7, 'primer-only': 0.2 },
    reason: 'Tile, glass, plastic and aluminium shine bare; over them a gloss says little.',
  },
  {
    id: 'glossy',
    when: (s) => has(s, 'glossy') && !shinesBare(s),
    factors: {
      'oil-alkyd': 1.8,
      'clear-oil-varnish': 1.5,
      lacquer: 1.6,
      shellac: 1.4,
      'waterborne-acrylic': 0.6,
      distemper: 0.02,
      bare: 0.1,
      stain: 0.3,
      'wax-oil': 0.3,
      'primer-only': 0.2,
    },
    reason: 'A gloss leans to oil.',
    overruledBy: ({ kind }) => kind === 'sheen-look',
  },
  {
    id: 'peeling',
    when: (s) => has(s, 'peeling', 'flaking'),
    factors: { 'waterborne-over-oil': 2.2, distemper: 1.8, bare: 0.1, 'factory-laminate': 0.4, stain: 0.3, 'wax-oil': 0.1 },
    reason: 'Paint letting go leans to waterborne over unprepared oil; what soaks in leaves hardly a skin to lift.',
  },
  {
    id: 'only-a-film',
    when: (s) => has(s, 'cracking', 'blistering', 'old-runs'),
    factors: { bare: 0.05, stain: 0.4, 'wax-oil': 0.1 },
    reason: 'Only a film cracks, blisters or runs.',
  },
  {
    id: 'flakes-off-closed-ground',
    when: (s) => has(s, 'peeling', 'flaking', 'cracking', 'blistering', 'old-runs') && CLOSED.includes(groundOf(s.substrate)),
    factors: { bare: 0.03 },
    reason: 'Nothing flakes, cracks or runs on bare metal, tile or plastic: it was painted.',
  },
  {
    id: 'chalking',
    when: (s) => isSeenOverAll(s, 'chalking'),
    factors: { distemper: 2.5, bare: 0.4, lacquer: 0.3 },
    reason: 'Chalk on the hand: a weathered film or distemper.',
    overruledBy: ({ kind, result }) => kind === 'hand-wipe' && result === 'clean',
  },
  {
    id: 'washed-off',
    when: (s) => groundOf(s.substrate) === 'masonry' && isOutside(s),
    factors: { distemper: 0.3 },
    reason: 'Outside rain takes distemper off in a year or two; what chalks there is mostly old masonry paint.',
  },
  {
    id: 'weathered',
    when: (s) => isSeenOverAll(s, 'weathered-wood'),
    factors: { bare: 8, stain: 2.5, 'waterborne-acrylic': 0.6, 'oil-alkyd': 0.7 },
    reason: 'Grey weathered wood has lost most of its film.',
  },
  {
    id: 'stays-clear',
    when: (s) => s.staysClear && groundOf(s.substrate) === 'timber',
    factors: { 'waterborne-acrylic': 0.08, 'oil-alkyd': 0.08, 'waterborne-over-oil': 0.05, 'primer-only': 0.1, 'unknown-aerosol': 0.1, distemper: 0.1 },
    reason: 'Who asks for a clear finish mostly sees the wood already.',
  },
  {
    id: 'waxed',
    // A candle that dripped is no finish of the surface.
    when: (s) => isSeenOverAll(s, 'wax'),
    factors: { 'wax-oil': 20, shellac: 2 },
    reason: 'Wax was seen.',
    overruledBy: ({ kind, result }) => kind === 'water-drop' && result === 'soaks-in',
  },
  {
    id: 'stripped-wall',
    // Paste that was washed off since was paste all the same: the wall was stripped.
    when: (s) => (isSeenOverAll(s, 'paste-residue') || isSeenOverAll(s, 'torn-board-face')) && groundOf(s.substrate) === 'plaster',
    factors: { bare: 150 },
    reason: 'Paste or torn face is seen: the paper has come off, and the wall lies bare.',
  },
  {
    id: 'spray-can',
    // A scrawl that was measured is no finish of the surface.
    when: (s) => isSeenOverAll(s, 'aerosol-paint'),
    factors: { 'unknown-aerosol': 60 },
    reason: 'Spray-can paint was seen.',
  },
  {
    id: 'timber-coloured',
    when: (s) => groundOf(s.substrate) === 'timber' && colours(s).some(timberColoured),
    factors: {
      'clear-oil-varnish': 5,
      'waterborne-clear': 5,
      shellac: 5,
      lacquer: 4,
      stain: 4,
      'wax-oil': 4,
      bare: 1.5,
    },
    reason: 'The colour of timber itself: a clear finish, or a stain.',
  },
  {
    id: 'pale-opaque',
    when: (s) => groundOf(s.substrate) === 'timber' && colours(s).some((c) => (lightness(c) ?? 0) > 82),
    factors: {
      'clear-oil-varnish': 0.12,
      'waterborne-clear': 0.15,
      shellac: 0.15,
      lacquer: 0.35,
      stain: 0.12,
      'wax-oil': 0.1,
      bare: 0.3,
    },
    reason: 'So pale a colour on timber is pigment, not a clear finish.',
  },
];
