import type { Chemistry } from '../../vocabulary/index.ts';

/** What to do with a tin, a brush and a spill, by chemistry. Follow the product's own safety sheet. */
export interface CleanUp {
  thinner: string;
  tools: string;
  freshSpill: string;
  oldSpill: string;
  throwaway: string;
  storage: string;
  caution: string;
}

/** One card for each chemistry. Source: practice; the product's safety sheet wins. */
export const CLEAN_UP: Record<Chemistry, CleanUp> = {
  waterborne: {
    thinner: 'Clean water, as little as the sheet allows.',
    tools: 'Scrape out, wash in water with a little soap, spin, hang up. Not into a drain that runs to a stream.',
    freshSpill: 'Blot, then water and soap, at once: minutes count.',
    oldSpill: 'Denatured alcohol softens it; try a hidden place first.',
    throwaway: 'Sleeves that cost less than washing them.',
    storage: 'Above freezing; film of water or cling film on the paint, lid tapped home, tin on its head.',
    caution: 'Wash water goes where local rules say.',
  },
  'solvent-borne': {
    thinner: 'Mineral spirits.',
    tools: 'Wipe out, rinse in mineral spirits twice, wash with soap. Let the spirits settle and use them again.',
    freshSpill: 'Wipe up, then mineral spirits on a rag, then soap.',
    oldSpill: 'Stripper, or a sharp scraper on glass and tile.',
    throwaway: 'Cheap sleeves: cleaning them takes more spirits than they cost.',
    storage: 'Full tins, lids tapped home, cool, away from flame.',
    caution: 'Oily rags heat by themselves: flat outside to dry, or under water in a tin with a lid. No flame near.',
  },
  'alcohol-borne': {
    thinner: 'Denatured alcohol.',
    tools: 'Denatured alcohol, or household ammonia and water kept apart from any bleach; brushes set hard can be softened again.',
    freshSpill: 'Denatured alcohol on a rag.',
    oldSpill: 'Denatured alcohol dissolves it, however old; it dulls other finishes too.',
    throwaway: 'Brush and sleeve: cheaper than the alcohol to clean them.',
    storage: 'Cool, lid tight, dated: it goes off in the tin.',
    caution: 'The vapour burns: no flame, no pilot light. Never ammonia with bleach.',
  },
  'two-part': {
    thinner: 'None unless the sheet names one.',
    tools: 'Before it sets, the solvent its sheet names; afterwards nothing takes it off.',
    freshSpill: 'Scrape up, wipe with the solvent its sheet names. Off skin with soap, never with solvent.',
    oldSpill: 'Cut or sand it away, with a dust respirator.',
    throwaway: 'Brush, tray, stick and pot, once set hard.',
    storage: 'The two parts apart, cool; mixed only what is used within its pot life.',
    caution: 'It sensitises: gloves, eye protection, no skin contact. A full pot heats up: spread it out.',
  },
};
