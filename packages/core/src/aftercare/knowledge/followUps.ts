import type { Case } from '../../systems/case.ts';
import { keptOnOil } from '../../systems/onOil.ts';
import { movesInItsFirstYear } from '../../systems/siteWork.ts';

/** When a visit is due, counted from the last coat. */
export type DueRule =
  /** So many months on, and within so many days of that. */
  | { after: 'months'; months: number; withinDays: number }
  /** In the first drying season that begins or still runs so many months on. */
  | { after: 'drying-season'; months: number }
  /** After the first wet season that it has stood through for so many months. */
  | { after: 'wet-season'; months: number };

/** A visit that a system, its substrate and its exposure ask for after hand-over. */
export interface FollowUpRow {
  id: string;
  when: (c: Case) => boolean;
  due: DueRule;
  /** Looked at and sound, it is looked at again so many months on; null: once is enough. */
  againMonths: number | null;
  /** How long looking takes on the spot, in minutes. */
  minutes: number;
  words: string;
  why: string;
  /** The second instalment of the system is done then. */
  secondInstalment?: true;
}

const months = (n: number, withinDays = 60): DueRule => ({ after: 'months', months: n, withinDays });

/** Source: practice. */
export const FOLLOW_UPS: readonly FollowUpRow[] = [
  {
    id: 'new-timber',
    when: movesInItsFirstYear,
    due: months(12),
    againMonths: null,
    minutes: 30,
    words: 'Check the joints after the first full year',
    why: 'New timber moves through its first full year.',
  },
  {
    id: 'new-timber-coat',
    when: movesInItsFirstYear,
    due: { after: 'drying-season', months: 12 },
    againMonths: null,
    minutes: 150,
    words: 'Make good the joints and give the last coat',
    why: 'In a season when timber and paint can dry.',
    secondInstalment: true,
  },
  {
    id: 'kept-on-oil',
    when: keptOnOil,
    due: months(12),
    againMonths: 24,
    minutes: 15,
    words: 'Look at the coat kept on oil',
    why: 'It was left lying on oil, and not guaranteed.',
  },
  {
    id: 'mould',
    when: (c) => c.d.surface.conditions.includes('mould'),
    due: months(3, 30),
    againMonths: 12,
    minutes: 10,
    words: 'See whether mould is back',
    why: 'Mould returns where the damp it lives on is still there.',
  },
  {
    id: 'knots',
    when: (c) => c.is('knots'),
    due: months(6),
    againMonths: null,
    minutes: 10,
    words: 'Look for knots showing',
    why: 'Resin that gets past a blocker shows within the first warm season.',
  },
  {
    id: 'stain',
    when: (c) => c.is('water-stain', 'damp'),
    due: months(3, 30),
    againMonths: null,
    minutes: 10,
    words: 'Look at the old stain',
    why: 'If it is back, the water is back.',
  },
  {
    id: 'salts',
    when: (c) => c.is('efflorescence'),
    due: { after: 'wet-season', months: 2 },
    againMonths: 12,
    minutes: 15,
    words: 'Look for salts coming through',
    why: 'Salts come through as long as water does, and show as the wall dries.',
  },
  {
    id: 'silicone-kept',
    when: (c) => c.is('silicone') && c.rules.silicone !== 'cut-out',
    due: months(6),
    againMonths: 12,
    minutes: 10,
    words: 'Tug the bridged bead',
    why: 'Silicone was covered by decision, not cut out.',
  },
  {
    id: 'wet-season',
    when: (c) => c.outside && !movesInItsFirstYear(c),
    due: { after: 'wet-season', months: 2 },
    againMonths: 12,
    minutes: 25,
    words: 'Walk round after the wet season',
    why: 'Water finds the first weak joint over a wet season.',
  },
];

/** Codes of the visits at which the second instalment of a system is done. */
export const SECOND_INSTALMENT: readonly string[] = FOLLOW_UPS.flatMap((row) => (row.secondInstalment ? [row.id] : []));
