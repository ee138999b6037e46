import type { Family } from '../../vocabulary/index.ts';

/** What a first coat brings to a face, in log-odds taken off, by how well its family does what that face needs (0 to 3). */
export const BRINGS = [0, 1.8, 4.3, 4.9] as const;

/** How a family holds beside what its primer row says. */
export interface HoldRow {
  family: Family;
  /** Taken off on old oil, varnish and the like, beside its row. */
  brings?: number;
  /** It holds so on laminate too. */
  onLaminate?: boolean;
  /** A factor on the pull of an unbroken gloss: 1 is any paint, 0.35 one that holds nearly as well without a key. */
  minds?: number;
  reason: string;
}

/** Families that differ from what their row of `PRIMERS` says. Source: practice; a trial here weighs beside it. */
export const HOLD_ROWS: readonly HoldRow[] = [
  { family: 'shellac-primer', brings: 0.5, onLaminate: true, minds: 0.35, reason: 'Shellac grips an unbroken gloss nearly as well as a dulled one.' },
  { family: 'clear-shellac', brings: 5, onLaminate: true, minds: 0.35, reason: 'Clear shellac grips as the white one does.' },
  { family: 'bonding-acrylic-primer', minds: 1.3, reason: 'A waterborne bonding primer wants a key.' },
  { family: 'clear-bonding-primer', minds: 1.3, reason: 'A waterborne bonding primer wants a key.' },
  { family: 'oil-primer', minds: 1.1, reason: 'Oil primer wants a dull face.' },
  { family: 'low-odour-oil-primer', minds: 1.1, reason: 'Oil primer wants a dull face.' },
  { family: 'waterborne-alkyd', brings: 3.6, minds: 1.5, reason: 'A hybrid enamel holds on oil that is thoroughly dulled, and only there.' },
  { family: 'oil-enamel', brings: 4.5, minds: 1.4, reason: 'Oil holds on oil, if that is dull.' },
  { family: 'exterior-oil', brings: 4.3, minds: 1.4, reason: 'Oil holds on oil, if that is dull.' },
  { family: 'oil-undercoat', brings: 4.4, minds: 1.3, reason: 'Oil holds on oil, if that is dull.' },
  { family: 'oil-varnish', brings: 4.3, minds: 1.3, reason: 'Varnish holds on varnish, if that is dull.' },
  { family: 'waterborne-clear', brings: 2.4, minds: 1.6, reason: 'Waterborne varnish holds on a varnish that is thoroughly dulled, and less than oil does.' },
  { family: 'acrylic-trim', brings: 0.3, reason: 'Trim paint holds a little better than wall paint.' },
  { family: 'penetrating-epoxy', brings: 4.2, minds: 1.3, reason: 'Two-part epoxy cannot soak into an old film, and holds on it where it is sanded.' },
  { family: 'chalk-style', brings: 1, minds: 0.8, reason: 'Chalk-style paint holds a little better on slick faces, and no more.' },
];

/** What a coat brings to bare ground of its own without being a primer for it. Log-odds taken off. */
export const SOAKS_IN: Partial<Record<Family, number>> = {
  'penetrating-epoxy': 4.6,
  'penetrating-sealer': 2.5,
  'oil-primer': 0.8,
  'oil-undercoat': 1.4,
  'acrylic-primer-undercoat': 2,
  'exterior-oil': 0.8,
  'oil-enamel': 0.6,
  'oil-varnish': 2.2,
  'waterborne-clear': 2,
  'waterborne-alkyd': 0.5,
  'acrylic-trim': 0.8,
  'acrylic-wall': 0.6,
  'moisture-resistant-acrylic': 0.6,
  'masonry-paint': 1.2,
};

/** Any primer soaks into bare ground a little better than a finish. */
export const ANY_PRIMER = 0.8;

/** The log-odds that one coat lets go of the fresh coat under it, recoated in its time. */
export const ON_FRESH = -6.5;
/** A hard oil film laid over a soft waterborne one pulls at it as it ages. */
export const HARD_OVER_SOFT = 1;
/** Weather pulls at every bond outside. */
export const OUTSIDE_PULL = { 'exterior-sheltered': 0.4, 'exterior-exposed': 0.9 } as const;
/** Hands, water and heat pull at it inside. */
export const INSIDE_PULL: Readonly<Record<string, number>> = {
  'interior-wet': 0.4,
  'interior-grease': 0.3,
  'interior-hightouch': 0.5,
  'interior-hot': 0.5,
};
/** A patch of that primer here, scratched after cure, held: log-odds taken off, and what of the gloss still counts. */
export const PATCH_HELD = { takesOff: 2.2, minds: 0.25 } as const;
/** A patch of it here, scratched after cure, let go: log-odds added. */
export const PATCH_LET_GO = 2.6;
/** A patch that is laid and waited for shows most of what would fail before the whole surface does: what is left of it. */
export const TRIED_LEAVES = 0.35;
