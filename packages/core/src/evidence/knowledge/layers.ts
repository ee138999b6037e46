import type { SurfaceFacts } from '../../model/surface.ts';
import type { Finish } from '../../vocabulary/index.ts';
import { groundOf, isOutside } from '../facts.ts';

/** A layer that may lie under the top one. */
export const UNDER_LAYERS = ['older-waterborne', 'older-oil', 'clear-or-stain', 'distemper', 'primer'] as const;
export type UnderLayer = (typeof UNDER_LAYERS)[number];

export const UNDER_LAYER_LABELS: Record<UnderLayer, string> = {
  'older-oil': 'older oil',
  'older-waterborne': 'older waterborne',
  'clear-or-stain': 'varnish or stain',
  distemper: 'distemper or limewash',
  primer: 'primer',
};

/** What of a surface bears on what may lie under its film, and on how it holds. */
export type Lain = Pick<SurfaceFacts, 'substrate' | 'exposure' | 'builtYear'>;

/** How often a layer lies under a top finish. The first row that fits is taken; none means it does not. */
export interface UnderRow {
  layer: UnderLayer;
  tops: readonly Finish[];
  when: (s: Lain) => boolean;
  chance: number;
  reason: string;
  source: string;
}

const before = (s: Lain, year: number) => s.builtYear !== null && s.builtYear < year;
const timber = (s: Lain) => groundOf(s.substrate) === 'timber';
const plaster = (s: Lain) => groundOf(s.substrate) === 'plaster';
const OPAQUE: readonly Finish[] = ['waterborne-acrylic', 'oil-alkyd', 'waterborne-over-oil', 'unknown-aerosol'];

/** Typical shares as painters cut through old films; source: practice. Order of UNDER_LAYERS is from the top down. */
export const UNDER_ROWS: readonly UnderRow[] = [
  {
    layer: 'older-oil',
    tops: ['waterborne-over-oil'],
    when: () => true,
    chance: 1,
    reason: 'That is what the name says.',
    source: 'definition',
  },
  {
    layer: 'older-oil',
    tops: ['oil-alkyd'],
    when: (s) => before(s, 1940) && timber(s),
    chance: 0.9,
    reason: 'Woodwork of that age was oiled many times.',
    source: 'practice',
  },
  { layer: 'older-oil', tops: ['oil-alkyd'], when: (s) => before(s, 1980), chance: 0.6, reason: 'A second campaign of oil is likelier than not.', source: 'practice' },
  { layer: 'older-oil', tops: ['oil-alkyd'], when: () => true, chance: 0.2, reason: 'Seldom more than one coat of oil in a younger house.', source: 'practice' },
  {
    layer: 'older-waterborne',
    tops: ['waterborne-acrylic'],
    when: (s) => before(s, 2000),
    chance: 0.8,
    reason: 'Walls are painted every few years.',
    source: 'practice',
  },
  { layer: 'older-waterborne', tops: ['waterborne-acrylic'], when: () => true, chance: 0.45, reason: 'Painted once since it was new, perhaps.', source: 'practice' },
  {
    layer: 'older-oil',
    tops: ['waterborne-acrylic'],
    when: (s) => before(s, 1970) && timber(s),
    chance: 0.55,
    reason: 'Woodwork of that age was oiled first; what holds today was dulled and primed before waterborne paint went on.',
    source: 'practice',
  },
  { layer: 'older-oil', tops: ['waterborne-acrylic'], when: (s) => before(s, 1990) && timber(s), chance: 0.3, reason: 'Oil was still usual on woodwork.', source: 'practice' },
  {
    layer: 'older-oil',
    tops: ['waterborne-acrylic'],
    when: (s) => before(s, 1990),
    chance: 0.08,
    reason: 'Old oil on a wall, primed before waterborne paint went on.',
    source: 'practice',
  },
  {
    layer: 'clear-or-stain',
    tops: OPAQUE,
    when: (s) => before(s, 1940) && timber(s) && !isOutside(s),
    chance: 0.3,
    reason: 'Old joinery was often stained or varnished before it was painted.',
    source: 'practice',
  },
  { layer: 'clear-or-stain', tops: OPAQUE, when: timber, chance: 0.08, reason: 'Timber that was clear before it was painted.', source: 'practice' },
  {
    layer: 'distemper',
    tops: ['waterborne-acrylic', 'oil-alkyd', 'waterborne-over-oil'],
    when: (s) => before(s, 1950) && plaster(s),
    chance: 0.35,
    reason: 'Old plaster often has distemper under its first paint.',
    source: 'practice',
  },
  {
    layer: 'distemper',
    tops: ['waterborne-acrylic'],
    when: (s) => before(s, 1950) && groundOf(s.substrate) === 'masonry',
    chance: 0.25,
    reason: 'Old walls were limewashed.',
    source: 'practice',
  },
  { layer: 'primer', tops: ['oil-alkyd', 'waterborne-over-oil'], when: timber, chance: 0.7, reason: 'Oil was mostly laid on a primer.', source: 'practice' },
  { layer: 'primer', tops: OPAQUE, when: () => true, chance: 0.4, reason: 'Some primer, some not.', source: 'practice' },
];
