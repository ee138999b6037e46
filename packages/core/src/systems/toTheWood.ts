import { asIf, type Case } from './case.ts';
import { sanding, stripping, solventWipe } from './knowledge/situations/situation.ts';
import { treatmentOdds, type Treatment } from '../evidence/treatment.ts';
import type { Step } from '../model/step.ts';

/** What nobody sees the wood through. */
const OPAQUE: readonly Treatment[] = ['waterborne', 'oil', 'over-oil', 'primed', 'aerosol', 'distemper'];
const isMostlyPaint = (c: Case) => {
  const odds = treatmentOdds(c.d.odds);
  return OPAQUE.reduce((sum, treatment) => sum + odds[treatment], 0) > 0.5;
};

/** True where a clear film is wished for over paint: the paint comes off first, or there is nothing to see. */
export const wantsWoodShown = (c: Case): boolean => c.clear && c.ground === 'timber' && !c.bare && isMostlyPaint(c);

/** The surface as it is once the paint is off. */
export const asWood = (c: Case): Case => asIf(c, 'bare');

/** The paint comes off, down to the wood. */
export const toTheWood = (c: Case): Step[] => [
  stripping(
    'A clear finish was wished for, and what is there is most likely paint: it comes off first. Try a hand-sized place, and see whether the wood is worth showing.',
  ),
  solventWipe('mineral-spirits', 'What the stripper leaves keeps a clear film from drying.'),
  sanding(c, 120, 'Down to clean wood, along the grain.'),
];
