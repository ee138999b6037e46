import type { Finish, Ground } from '../../vocabulary/index.ts';
import { groundOf, isOutside } from '../facts.ts';
import type { Lain, UnderLayer } from './layers.ts';

/** How a film holds to what it lies on. */
export const BOND_STATES = ['sound', 'weak', 'gone'] as const;
export type BondState = (typeof BOND_STATES)[number];
/** What a film lies on: another film, or the ground itself. */
export type LiesOn = UnderLayer | 'ground';

/** How often a bond is weak, and how often it is gone, before anybody tried it. */
export interface BondRow {
  when: (film: Finish | UnderLayer, on: LiesOn, s: Lain) => boolean;
  weak: number;
  gone: number;
  reason: string;
  source: string;
}

const WATERY: readonly string[] = ['waterborne-acrylic', 'waterborne-over-oil', 'older-waterborne', 'unknown-aerosol'];
const SLICK_GROUNDS: readonly Ground[] = ['laminate', 'hard'];
const on = (s: Lain, ...grounds: Ground[]) => grounds.includes(groundOf(s.substrate));

/** The first row that fits is taken. Typical shares as painters find them with a blade; source: practice. */
export const BOND_ROWS: readonly BondRow[] = [
  { when: (f) => f === 'factory-laminate', weak: 0.01, gone: 0.005, reason: 'Pressed on in the factory.', source: 'practice' },
  {
    when: (f, o) => f === 'waterborne-over-oil' && o === 'older-oil',
    weak: 0.3,
    gone: 0.28,
    reason: 'Waterborne paint laid on oil that nobody prepared.',
    source: 'practice',
  },
  { when: (_f, o) => o === 'distemper', weak: 0.36, gone: 0.16, reason: 'Distemper is powder: it holds nothing for long.', source: 'practice' },
  {
    when: (f, o) => WATERY.includes(f) && o === 'clear-or-stain',
    weak: 0.2,
    gone: 0.12,
    reason: 'Varnish is as slick as gloss, and was seldom dulled.',
    source: 'practice',
  },
  { when: (_f, o) => o === 'clear-or-stain', weak: 0.05, gone: 0.02, reason: 'Oil bites into old varnish.', source: 'practice' },
  { when: (_f, o) => o === 'primer', weak: 0.01, gone: 0.002, reason: 'That is what the primer was laid for.', source: 'practice' },
  { when: (_f, o) => o !== 'ground', weak: 0.012, gone: 0.003, reason: 'Kind on its own kind.', source: 'practice' },
  { when: (f) => f === 'distemper', weak: 0.32, gone: 0.16, reason: 'Bound with little glue, and less every year.', source: 'practice' },
  { when: (_f, _o, s) => on(s, ...SLICK_GROUNDS), weak: 0.2, gone: 0.15, reason: 'Slick ground, mostly painted without a primer for it.', source: 'practice' },
  { when: (_f, _o, s) => isOutside(s), weak: 0.05, gone: 0.04, reason: 'Water gets behind films outside.', source: 'practice' },
  { when: (_f, _o, s) => on(s, 'metal', 'paper'), weak: 0.05, gone: 0.03, reason: 'Metal and paper hold less than timber and plaster.', source: 'practice' },
  { when: () => true, weak: 0.01, gone: 0.003, reason: 'Timber, board and plaster drink the first coat and hold it.', source: 'practice' },
];

/**
 * Where a failed grip test says that it let go, by where the weak bond really is: under the top film where that lies on
 * a primer, on powder or on another film, or under everything. Misreadings included. Source: practice.
 */
export const PLANE_ROWS: Readonly<Record<'top-on-film' | 'top-on-primer' | 'top-on-powder' | 'ground', Readonly<Record<string, number>>>> = {
  'top-on-film': { 'between-coats': 0.85, primer: 0.1, substrate: 0.05 },
  'top-on-primer': { 'between-coats': 0.25, primer: 0.7, substrate: 0.05 },
  // Distemper gives way in itself: the back of the flake and the wall are both powdery.
  'top-on-powder': { 'between-coats': 0.2, primer: 0.05, substrate: 0.75 },
  ground: { 'between-coats': 0.06, primer: 0.14, substrate: 0.8 },
};
/** A bond that is sound and was broken all the same: the knife took what was in its way. */
export const PLANE_BY_CHANCE: Readonly<Record<string, number>> = { 'between-coats': 0.4, primer: 0.25, substrate: 0.35 };
/** How often a layer is named that is not there. */
export const PLANE_IMAGINED = 0.03;

/** How much of a bond that is only weak counts as one that lets go under new paint. Source: judgement. */
export const WEAK_LETS_GO = 0.6;

/** How much of a place's stack is that of the surface: layers are nearly always the same, bonds often. Source: practice. */
export const PLACE_SHARES = { bond: 0.55 } as const;

/** How often nothing is seen to peel, flake or blister, by how the weakest bond stands: what is gone mostly shows. Source: practice. */
export const SEEN_TO_HOLD: Readonly<Record<BondState, number>> = { sound: 0.97, weak: 0.7, gone: 0.3 };
