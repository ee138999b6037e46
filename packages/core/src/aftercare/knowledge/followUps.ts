import type { Case } from '../../systems/case.ts';

/** A visit that a system asks for after hand-over. Months are counted from the last coat. */
export interface FollowUpRow {
  id: string;
  when: (c: Case) => boolean;
  months: number;
  /** Moved to the next dry season outside. */
  drySeason: boolean;
  words: string;
  why: string;
}

const newTimber = (c: Case) => c.outside && c.ground === 'timber' && (c.d.surface.isNew === true || (c.d.surface.substrateAgeMonths ?? 99) < 24);

export const FOLLOW_UPS: readonly FollowUpRow[] = [
  {
    id: 'new-timber',
    when: newTimber,
    months: 12,
    drySeason: false,
    words: 'Check the joints after the first full year',
    why: 'New timber moves through its first full year.',
  },
  {
    id: 'new-timber-coat',
    when: newTimber,
    months: 12,
    drySeason: true,
    words: 'Make good the joints and give the last coat',
    why: 'In a season when timber and paint can dry.',
  },
  {
    id: 'kept-on-oil',
    when: (c) => c.treatAs === 'over-oil' && c.rules.waterborneOverOil === 'keep-gripping',
    months: 12,
    drySeason: false,
    words: 'Look at the coat kept on oil',
    why: 'It was kept by decision, and not guaranteed.',
  },
  {
    id: 'mould',
    when: (c) => c.d.surface.conditions.includes('mould'),
    months: 3,
    drySeason: false,
    words: 'See whether mould is back',
    why: 'Mould returns where the damp it lives on is still there.',
  },
  {
    id: 'knots',
    when: (c) => c.is('knots'),
    months: 6,
    drySeason: false,
    words: 'Look for knots showing',
    why: 'Resin that gets past a blocker shows within the first warm season.',
  },
  {
    id: 'stain',
    when: (c) => c.is('water-stain', 'damp'),
    months: 3,
    drySeason: false,
    words: 'Look at the old stain',
    why: 'If it is back, the water is back.',
  },
  {
    id: 'silicone-kept',
    when: (c) => c.is('silicone') && c.rules.silicone !== 'cut-out',
    months: 6,
    drySeason: false,
    words: 'Tug the bridged bead',
    why: 'Silicone was covered by decision, not cut out.',
  },
  {
    id: 'wet-season',
    when: (c) => c.outside && !newTimber(c),
    months: 6,
    drySeason: true,
    words: 'Walk round after the wet season',
    why: 'Water finds the first weak joint over a winter.',
  },
];
