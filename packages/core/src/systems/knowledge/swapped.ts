import type { Family, Fault } from '../../vocabulary/index.ts';
import type { Case } from '../case.ts';

/** What follows when another family is taken for a finish or a helper. `redo` is a share of doing the surface anew. */
export interface SwapRow {
  to: readonly Family[];
  when: (c: Case) => boolean;
  fault: Fault;
  odds: number;
  /** ISO 8601 duration after which it shows. */
  shows: string;
  redo: number;
  text: string;
}

const WALL_PAINTS: readonly Family[] = ['acrylic-wall', 'acrylic-ceiling', 'moisture-resistant-acrylic'];
const wet = (c: Case) => c.d.surface.exposure === 'interior-wet' || c.d.surface.exposure === 'interior-grease';
const handled = (c: Case) => c.wanted.handling === 'heavy' || c.d.surface.exposure === 'interior-hightouch';

/** Every row that fits is told. Source: practice; a product's own sheet wins. */
export const SWAPPED: readonly SwapRow[] = [
  {
    to: [...WALL_PAINTS, 'acrylic-trim', 'waterborne-alkyd', 'oil-enamel', 'chalk-style', 'clear-shellac'],
    when: (c) => c.outside,
    fault: 'peels',
    odds: 0.85,
    shows: 'P1Y',
    redo: 1.4,
    text: 'Made for indoors: sun and rain break the film within the year.',
  },
  {
    to: WALL_PAINTS,
    when: (c) => c.joinery && !c.outside,
    fault: 'knock',
    odds: 0.7,
    shows: 'P1M',
    redo: 0.7,
    text: 'Wall paint stays soft on woodwork: it marks, and sticks where two faces meet.',
  },
  {
    to: ['acrylic-ceiling'],
    when: (c) => c.d.surface.element === 'wall',
    fault: 'knock',
    odds: 0.7,
    shows: 'P1W',
    redo: 0.6,
    text: 'A ceiling paint marks at the first wipe.',
  },
  {
    to: ['acrylic-wall', 'acrylic-ceiling'],
    when: wet,
    fault: 'stain',
    odds: 0.6,
    shows: 'P6M',
    redo: 0.9,
    text: 'Steam and grease get into it: it stains, and mould finds a hold.',
  },
  {
    to: ['acrylic-trim', 'chalk-style'],
    when: (c) => handled(c) && c.joinery,
    fault: 'knock',
    odds: 0.45,
    shows: 'P3M',
    redo: 0.6,
    text: 'Handled hard, the softer film wears through at the edges.',
  },
  {
    to: ['oil-enamel', 'exterior-oil', 'oil-varnish'],
    when: (c) => c.treatAs === 'waterborne' && !c.bare,
    fault: 'cracks',
    odds: 0.3,
    shows: 'P2Y',
    redo: 1.3,
    text: 'A hard oil over a soft waterborne film cracks as it ages.',
  },
  {
    to: ['waterborne-clear', 'oil-varnish'],
    when: (c) => !c.bare && c.treatAs !== 'clear' && c.wanted.colour !== null,
    fault: 'shows-through',
    odds: 0.95,
    shows: 'PT1H',
    redo: 0.5,
    text: 'A clear film hides nothing: the old face shows through.',
  },
  {
    to: ['masonry-paint'],
    when: (c) => c.ground !== 'masonry',
    fault: 'rough-grain',
    odds: 0.6,
    shows: 'P1D',
    redo: 0.8,
    text: 'Masonry paint is coarse and brittle off masonry.',
  },
  {
    to: ['exterior-acrylic', 'exterior-oil'],
    when: (c) => c.ground === 'masonry' && c.outside,
    fault: 'peels',
    odds: 0.35,
    shows: 'P2Y',
    redo: 1.2,
    text: 'It does not let a wall breathe as masonry paint does.',
  },
  {
    to: ['exterior-acrylic', 'exterior-oil'],
    when: (c) => !c.outside,
    fault: 'knock',
    odds: 0.4,
    shows: 'P1M',
    redo: 0.7,
    text: 'Made for outside: it stays soft, and what keeps mould off it does not belong in a room.',
  },
  {
    to: ['silicone-sealant'],
    when: () => true,
    fault: 'crawls',
    odds: 0.95,
    shows: 'PT1H',
    redo: 0.4,
    text: 'No paint holds on silicone.',
  },
  {
    to: ['acrylic-caulk'],
    when: (c) => c.is('moving-joints') || c.outside,
    fault: 'cracks',
    odds: 0.75,
    shows: 'P3M',
    redo: 0.2,
    text: 'A plain acrylic bead tears where the joint moves.',
  },
  {
    to: ['alkaline-cleaner'],
    when: (c) => c.is('greasy') || c.d.surface.exposure === 'interior-grease',
    fault: 'crawls',
    odds: 0.35,
    shows: 'PT1H',
    redo: 1.1,
    text: 'It does not lift cooking grease as a degreaser does.',
  },
  {
    to: ['filler'],
    when: (c) => c.outside,
    fault: 'cracks',
    odds: 0.75,
    shows: 'P6M',
    redo: 0.4,
    text: 'Indoor filler takes up water and falls out.',
  },
];
