import type { ChipLayer, Finish } from '../../vocabulary/index.ts';

/** What the top layers of a chip say of the finish: how often a finish shows such a chip. The first row that fits is taken. */
export interface ChipRow {
  when: (layers: readonly ChipLayer[]) => boolean;
  /** For the finishes named; the others show it as seldom as `rest`: a layer missed, two coats taken for two paints. */
  shows: Partial<Readonly<Record<Finish, number>>>;
  rest: number;
  reason: string;
}

const under = (layers: readonly ChipLayer[]) => layers.slice(1).filter((layer) => layer !== layers[0]);

/** Source: practice. */
export const CHIP_ROWS: readonly ChipRow[] = [
  {
    when: (l) => l[0] === 'waterborne' && under(l)[0] === 'oil',
    shows: { 'waterborne-over-oil': 0.85, 'waterborne-acrylic': 0.04, 'primer-only': 0.02 },
    rest: 0.005,
    reason: 'The chip shows a waterborne coat straight on oil.',
  },
  {
    when: (l) => l[0] === 'waterborne' && under(l)[0] === 'primer' && l.includes('oil'),
    shows: { 'waterborne-over-oil': 0.3, 'waterborne-acrylic': 0.4, 'primer-only': 0.03 },
    rest: 0.005,
    reason: 'A primer lies between the waterborne coat and the oil under it.',
  },
  {
    when: (l) => l[0] === 'waterborne',
    shows: { 'waterborne-acrylic': 0.7, 'waterborne-over-oil': 0.08, 'waterborne-clear': 0.03, 'primer-only': 0.08, 'unknown-aerosol': 0.05 },
    rest: 0.01,
    reason: 'The chip shows waterborne paint on top, and no oil next under it.',
  },
  {
    when: (l) => l[0] === 'oil',
    shows: { 'oil-alkyd': 0.85, 'clear-oil-varnish': 0.03, 'unknown-aerosol': 0.05, 'primer-only': 0.03, 'waterborne-over-oil': 0.015 },
    rest: 0.008,
    reason: 'The chip shows oil on top.',
  },
  {
    when: (l) => l[0] === 'clear',
    shows: { 'clear-oil-varnish': 0.6, 'waterborne-clear': 0.6, shellac: 0.6, lacquer: 0.6, stain: 0.4, 'wax-oil': 0.3 },
    rest: 0.008,
    reason: 'The chip shows a clear film on top.',
  },
  {
    when: (l) => l[0] === 'distemper',
    shows: { distemper: 0.85, bare: 0.02 },
    rest: 0.008,
    reason: 'The chip turns to powder: distemper or limewash.',
  },
  {
    when: (l) => l[0] === 'primer',
    shows: { 'primer-only': 0.8, 'waterborne-acrylic': 0.03, 'oil-alkyd': 0.03 },
    rest: 0.008,
    reason: 'The chip shows a primer that nothing was laid on.',
  },
  {
    when: (l) => l[0] === 'paper',
    shows: { bare: 0.6, 'waterborne-acrylic': 0.05 },
    rest: 0.02,
    reason: 'The chip shows paper on top.',
  },
];

/** Where a bond let go, once it did: what says so of the finish. Times what the grip test itself says. Source: practice. */
export const LET_GO_ROWS: Readonly<Record<string, Partial<Readonly<Record<Finish, number>>>>> = {
  'between-coats': { 'waterborne-over-oil': 4, 'waterborne-acrylic': 0.7, 'oil-alkyd': 0.5, distemper: 0.5, 'primer-only': 0.1, bare: 0.02 },
  primer: { 'waterborne-over-oil': 0.8, 'primer-only': 1.5, distemper: 0.4, bare: 0.02 },
  substrate: { distemper: 2, 'waterborne-over-oil': 0.4, bare: 0.1 },
};

/** A rub on a layer below tells what lies there: which finishes may have such a layer under them, and how often it is oil. */
export const OIL_BELOW: Partial<Readonly<Record<Finish, number>>> & { rest: number } = {
  'waterborne-over-oil': 0.97,
  'oil-alkyd': 0.75,
  'waterborne-acrylic': 0.04,
  rest: 0.2,
};

/** Whoever tests a film has seen one: what was painted is not bare. How much that speaks for bare. Source: practice. */
export const FILM_TESTED = 0.1;
