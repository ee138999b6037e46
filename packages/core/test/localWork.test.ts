import { describe, expect, test } from '@jest/globals';
import { assess, CONDITIONS, type Condition, type Step } from '../src/index.ts';

type Told = { surface: Record<string, unknown>; tests: readonly object[] };

const rub = (result: string, place?: string) => ({ kind: 'spirit-rub' as const, result, ...(place ? { place } : {}) });
const OIL = [rub('no-transfer'), rub('no-transfer', 'b')];
const WATER = [rub('transfer')];
const outside = { exposure: 'exterior-exposed' as const };

/** One of each ground and film that a painter meets. */
const SURFACES: Readonly<Record<string, Told>> = {
  'waterborne on board': {
    surface: { element: 'wall', substrate: 'drywall', areaM2: 30, builtYear: 1995 },
    tests: WATER,
  },
  'oil on plaster': {
    surface: { element: 'wall', substrate: 'lime-plaster', areaM2: 30, builtYear: 1985 },
    tests: OIL,
  },
  'oil on trim': { surface: { element: 'trim', substrate: 'softwood', areaM2: 20, builtYear: 1985 }, tests: OIL },
  'waterborne on trim': {
    surface: { element: 'trim', substrate: 'softwood', areaM2: 20, builtYear: 1995 },
    tests: WATER,
  },
  siding: {
    surface: { element: 'siding', substrate: 'softwood', ...outside, areaM2: 40, builtYear: 1995 },
    tests: WATER,
  },
  render: {
    surface: { element: 'masonry', substrate: 'render', ...outside, areaM2: 60, builtYear: 1985 },
    tests: WATER,
  },
  'iron rail': {
    surface: { element: 'railing', substrate: 'ferrous-metal', ...outside, areaM2: 10, builtYear: 1985 },
    tests: OIL,
  },
  paper: { surface: { element: 'wall', substrate: 'wallpaper-paper', areaM2: 30, builtYear: 1995 }, tests: WATER },
  'stripped plaster': {
    surface: { element: 'wall', substrate: 'skim-plaster', areaM2: 30, currentFinish: 'bare' },
    tests: [],
  },
  'new board': { surface: { element: 'wall', substrate: 'drywall', areaM2: 30, isNew: true }, tests: [] },
  'new timber': { surface: { element: 'trim', substrate: 'softwood', areaM2: 20, isNew: true }, tests: [] },
  melamine: {
    surface: { element: 'cabinet', substrate: 'melamine', areaM2: 12, currentFinish: 'factory-laminate' },
    tests: [],
  },
  foil: {
    surface: { element: 'cabinet', substrate: 'thermofoil', areaM2: 12, currentFinish: 'factory-laminate' },
    tests: [],
  },
  varnish: {
    surface: { element: 'door', substrate: 'hardwood', areaM2: 6, currentFinish: 'clear-oil-varnish' },
    tests: [],
  },
  'a wall in oil below the rail and waterborne above it': {
    surface: { element: 'wall', substrate: 'skim-plaster', areaM2: 30, builtYear: 1985 },
    tests: [rub('no-transfer', 'below'), rub('no-transfer', 'below, by the door'), rub('transfer', 'above')],
  },
  'a door in oil on one face and waterborne on the other': {
    surface: { element: 'door', substrate: 'softwood', areaM2: 4, builtYear: 1985 },
    tests: [rub('no-transfer', 'hall side'), rub('transfer', 'room side')],
  },
  'siding in two films': {
    surface: { element: 'siding', substrate: 'softwood', ...outside, areaM2: 60, builtYear: 1990 },
    tests: [rub('no-transfer', 'south'), rub('transfer', 'north')],
  },
  'painted floor': { surface: { element: 'floor', substrate: 'concrete', areaM2: 30, builtYear: 1985 }, tests: WATER },
};

/** What is by nature of the whole, however small it was measured. */
const OF_THE_WHOLE: Partial<Record<Condition, string>> = {
  mould: 'The finish is one that mould does not take to.',
  'sanding-dust': 'Dust lies wherever it was sanded.',
  'rust-stain': 'Iron is degreased before it is abraded.',
  'painted-shut': 'A sash is freed or it is not.',
};
/** Asked of the room, the piece or the water, or a wait; and the film over the whole, by its coats, with what is smoothed between them. */
const ABOUT_IT: readonly Step['kind'][] = [
  'inspect',
  'ventilate',
  'mask',
  'unmask',
  'dry-out',
  'test-patch',
  'revisit',
  'cure-hold',
  'other-trade',
  'repair',
  'sand-between',
  'finish-coat',
];
/** They are measured along their length; and loose paper says that the wall is papered. */
const BY_LENGTH: readonly Condition[] = [
  'gaps',
  'moving-joints',
  'silicone',
  'sealant-unknown',
  'substrate-crack',
  'joint-tape-lifting',
];
const OTHER_GROUND: readonly Condition[] = ['loose-paper', 'sound'];

/** A place that a test named is a whole of its own. */
const isSmall = ({ scope }: Step) => scope === 'spots' || scope === 'bare-areas';
/** What is done over the whole face, or the whole of a place. */
const wholeWork = (told: Told, conditions: Condition[], extents: object): string[] =>
  assess({ ...told, surface: { ...told.surface, conditions, extents }, wanted: { colour: '#f0efe8' } })
    .system.steps.filter((s) => !isSmall(s) && !ABOUT_IT.includes(s.kind))
    .map((s) => `${s.kind} ${s.family ?? ''} ${s.grit ?? ''} ${s.scope ?? 'all'}`);

/** How the work on the whole differs where each condition stands in a small part: lines that one list has and the other has not. */
function differing(told: Told, from: (whole: string[], part: string[]) => string[]): string[] {
  const whole = wholeWork(told, [], {});
  return CONDITIONS.filter((code) => !OF_THE_WHOLE[code] && !OTHER_GROUND.includes(code)).flatMap((code) => {
    const size = BY_LENGTH.includes(code) ? { lengthM: 1 } : { areaM2: 0.2 };
    return from(whole, wholeWork(told, [code], { [code]: size })).map((line) => `${code}: ${line}`);
  });
}

describe('what was measured as a small part never becomes work on the whole', () => {
  for (const [name, told] of Object.entries(SURFACES))
    test(name, () => {
      expect(differing(told, (whole, part) => part.filter((line) => !whole.includes(line)))).toEqual([]);
    });
});

describe('what was measured as a small part takes no work away from the rest', () => {
  for (const [name, told] of Object.entries(SURFACES))
    test(name, () => {
      expect(differing(told, (whole, part) => whole.filter((line) => !part.includes(line)))).toEqual([]);
    });
});

describe('what runs along a line is worked and priced by its length', () => {
  const LONG: readonly Condition[] = ['gaps', 'moving-joints', 'silicone', 'substrate-crack', 'joint-tape-lifting'];
  test.each(LONG)('%s', (code) => {
    const told = SURFACES['waterborne on board']!;
    const cost = (lengthM: number) =>
      assess({
        ...told,
        surface: { ...told.surface, conditions: [code], extents: { [code]: { lengthM } } },
        wanted: { colour: '#f0efe8' },
      }).holds.cost;
    expect(cost(5)).toBeGreaterThan(cost(1));
    expect(cost(30)).toBeGreaterThan(cost(5));
  });
});
