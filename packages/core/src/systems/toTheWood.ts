import { asIf, type Case } from './case.ts';
import { sanding, stripping, solventWipe } from './knowledge/situations/situation.ts';
import { treatmentOdds, type Treatment } from '../evidence/treatment.ts';
import type { Step } from '../model/step.ts';
import type { Condition } from '../vocabulary/index.ts';
import { letsGoInSpots } from './local.ts';

/** What nobody sees the wood through. */
const OPAQUE: readonly Treatment[] = ['waterborne', 'oil', 'over-oil', 'primed', 'aerosol', 'distemper'];
const isMostlyPaint = (c: Case) => {
  const odds = treatmentOdds(c.d.odds);
  return OPAQUE.reduce((sum, treatment) => sum + odds[treatment], 0) > 0.5;
};

/** A clear film that shows one of these has had its time; indoors it may have in a small part, that was measured. */
const isWornOut = (c: Case) =>
  (c.outside ? c.is('weathered-wood', 'rot', ...WORN) : c.is(...WORN) && !letsGoInSpots(c)) && !isMostlyPaint(c);
const WORN: readonly Condition[] = ['peeling', 'flaking', 'cracking'];

/** True where a clear film is wished for, and what is there comes off first: paint, or varnish that lets the weather in. */
export const wantsWoodShown = (c: Case): boolean =>
  c.clear && c.ground === 'timber' && !c.bare && (isMostlyPaint(c) || isWornOut(c));

/** The surface as it is once that is off: nothing is likelier there than bare timber, and no line says that something was. */
export function asWood(c: Case): Case {
  const bare = asIf(c, 'bare');
  return { ...bare, d: { ...bare.d, likeliest: 'bare' } };
}

/** It comes off, down to the wood. */
export const toTheWood = (c: Case): Step[] => [
  stripping(
    isWornOut(c)
      ? c.outside
        ? 'Varnish that lets go or lets the weather in comes off whole: what is to soak in needs bare timber, and a patched clear film shows.'
        : 'A clear film that cracks or lets go comes off whole: under another clear film every crack and patch shows.'
      : 'A clear finish was wished for, and what is there is most likely paint: it comes off first. Try a hand-sized place, and see whether the wood is worth showing.',
  ),
  solventWipe('mineral-spirits', 'What the stripper leaves keeps a clear film from drying.'),
  sanding(c, 120, 'Down to clean wood, along the grain.'),
];
