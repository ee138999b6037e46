import { diagnoseBy } from '../evidence/diagnosis.ts';
import { surfaceFacts } from '../evidence/facts.ts';
import { TREATMENT_OF, TREATMENTS, type Setting, type Treatment } from '../evidence/knowledge/treatments.ts';
import { normal, type Vector } from '../evidence/odds.ts';
import { posteriorStacks } from '../evidence/posterior.ts';
import { STACKS, TOP_OF } from '../evidence/stackSpace.ts';
import { expectedRedo } from '../failure/faults.ts';
import { outlookOf } from '../failure/tallyOf.ts';
import { NOTHING_WANTED, type SurfaceFacts } from '../model/surface.ts';
import { priceOn } from '../pricing/price.ts';
import { SHIPPED_SHELF } from '../shelf/shippedShelf.ts';
import { asCase, asIf, type Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';
import { FINISHES } from '../vocabulary/index.ts';

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
};
/** A size at which setting up hardly counts. */
const AREA_M2 = 10;
/**
 * What a treatment that was made for another thing leaves, beyond what the account of failure knows of: as a share of
 * what the right one costs. Painters make the system for what they have found, and not the cheapest that may hold.
 */
const LEAST_SHARE = 0.3;

/** A share too small to be told from none, so that every stack of a treatment can be spoken of. */
const ALMOST_NONE = 1e-12;

/** The usual surface of a setting, were this what is on it: its layers and bonds as likely as the element has them. */
function caseOfTruth(said: Example, truth: Treatment): Case {
  const surface = surfaceFacts({
    ...said,
    ...(truth === 'laminate' ? { substrate: 'melamine' } : {}),
    areaM2: AREA_M2,
  });
  const usual = posteriorStacks(surface, [], []);
  const lies: Vector = normal(
    STACKS.map((_, i) => (TREATMENT_OF[FINISHES[TOP_OF[i]!]!] === truth ? usual[i]! + ALMOST_NONE : 0)),
  );
  return asIf(
    asCase(
      diagnoseBy(surface, [], () => lies),
      NOTHING_WANTED,
      {},
      SHIPPED_SHELF,
    ),
    truth,
  );
}

/** What each treatment costs on one surface beyond the right one, for each thing that may be there: the truth down. */
const beyondTheRight = (example: Example): number[][] =>
  TREATMENTS.map((truth) => {
    const c = caseOfTruth(example, truth);
    const costs = TREATMENTS.map((treatAs) => {
      const { steps } = compose(asIf(c, treatAs));
      return { price: priceOn(c, steps).cost, redo: expectedRedo(outlookOf(c, steps).tally) };
    });
    const right = costs[TREATMENTS.indexOf(truth)]!;
    // What goes wrong is put right as it should have been done.
    const allTold = (one: typeof right) => one.price + one.redo * Math.max(one.price, right.price);
    return costs.map((one) =>
      one === right ? 0 : Math.max(LEAST_SHARE * right.price, allTold(one) - allTold(right)) / AREA_M2,
    );
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
