import { surfaceFacts } from '../evidence/facts.ts';
import { TREATMENTS, type Setting, type Treatment } from '../evidence/knowledge/treatments.ts';
import { posteriorStacks } from '../evidence/posterior.ts';
import { stacksOf } from '../evidence/treatment.ts';
import { expectedRedo } from '../failure/faults.ts';
import { outlookOf } from '../failure/tallyOf.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import { priceOn } from '../pricing/price.ts';
import { asIf, type Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';
import type { Step } from '../model/step.ts';
import { usualCase } from './usualCase.ts';

type Example = Pick<SurfaceFacts, 'element' | 'substrate'> & Partial<SurfaceFacts>;
/** The surfaces that speak for each setting, alike. */
const SPEAK_FOR: Readonly<Record<Setting, readonly Example[]>> = {
  walls: [
    { element: 'wall', substrate: 'skim-plaster' },
    { element: 'wall', substrate: 'drywall' },
  ],
  paper: [
    { element: 'wall', substrate: 'wallpaper-paper' },
    { element: 'wall', substrate: 'wallpaper-vinyl' },
  ],
  woodwork: [
    { element: 'trim', substrate: 'softwood' },
    { element: 'door', substrate: 'softwood', exposure: 'interior-hightouch' },
  ],
  fittings: [
    { element: 'cabinet', substrate: 'softwood', exposure: 'interior-hightouch' },
    { element: 'cabinet', substrate: 'mdf', exposure: 'interior-grease' },
  ],
  laminate: [
    { element: 'cabinet', substrate: 'melamine', exposure: 'interior-grease' },
    { element: 'shelf', substrate: 'melamine' },
  ],
  'timber-outside': [
    { element: 'siding', substrate: 'softwood', exposure: 'exterior-exposed' },
    { element: 'window', substrate: 'softwood', exposure: 'exterior-exposed' },
  ],
  'masonry-outside': [
    { element: 'masonry', substrate: 'render', exposure: 'exterior-exposed' },
    { element: 'masonry', substrate: 'brick', exposure: 'exterior-sheltered' },
  ],
  metal: [
    { element: 'railing', substrate: 'ferrous-metal', exposure: 'exterior-exposed' },
    { element: 'radiator', substrate: 'ferrous-metal', exposure: 'interior-hot' },
  ],
  hard: [
    { element: 'wall', substrate: 'ceramic-tile', exposure: 'interior-wet' },
    { element: 'rainwater-goods', substrate: 'plastic', exposure: 'exterior-exposed' },
  ],
};
/** A size at which setting up hardly counts. */
const AREA_M2 = 10;
/**
 * What a treatment that was made for another thing leaves, beyond what the account of failure knows of: as a share of
 * what the right one costs. Painters make the system for what they have found, and not the cheapest that may hold.
 */
const LEAST_SHARE = 0.3;

/** The usual surface of a setting, were this what is on it: its layers and bonds as likely as the element has them. */
function caseOfTruth(said: Example, truth: Treatment): Case {
  const surface = surfaceFacts({
    ...said,
    ...(truth === 'laminate' ? { substrate: 'melamine' } : {}),
    areaM2: AREA_M2,
  });
  return usualCase(surface, [], stacksOf(truth, posteriorStacks(surface, [], [])), truth);
}

/**
 * What a system costs on what lies there, all told: its work and paint, and putting right what goes wrong, as it should
 * have been done. Minor units.
 */
export function costAllTold(c: Case, steps: readonly Step[], right: readonly Step[]): number {
  const price = priceOn(c, steps).cost;
  return price + expectedRedo(outlookOf(c, steps).tally) * Math.max(price, priceOn(c, right).cost);
}

/** What each treatment costs on one surface beyond the right one, for each thing that may be there: the truth down. */
const beyondTheRight = (example: Example): number[][] =>
  TREATMENTS.map((truth) => {
    const c = caseOfTruth(example, truth);
    const right = compose(c).steps;
    const [least, asRight] = [LEAST_SHARE * priceOn(c, right).cost, costAllTold(c, right, right)];
    return TREATMENTS.map((treatAs) => {
      if (treatAs === truth) return 0;
      const { steps } = compose(asIf(c, treatAs));
      return Math.max(least, costAllTold(c, steps, right) - asRight) / AREA_M2;
    });
  });

/**
 * What treating a surface as one thing costs where it is another, in minor units per m²: the treatment down, the truth
 * across, in the order of TREATMENTS. Work that was not needed, and faults put right. Computed from the systems and
 * from how films fail; `evidence/knowledge/wrongTreatment.ts` holds what this gives.
 */
export function wrongTreatmentCosts(setting: Setting): number[][] {
  const each = SPEAK_FOR[setting].map(beyondTheRight);
  return TREATMENTS.map((_, row) =>
    TREATMENTS.map((__, truth) => Math.round(each.reduce((sum, one) => sum + one[truth]![row]!, 0) / each.length)),
  );
}
