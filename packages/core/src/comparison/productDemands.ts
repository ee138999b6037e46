import {
  chemistryOf,
  CLEAR_FINISHES,
  FAMILY_LABELS,
  FINISH_FAMILIES,
  isCoat,
  isTopcoat,
  PRIMER_FAMILIES,
  STEP_LABELS,
  type Family,
} from '../vocabulary/index.ts';
import type { ProductDemand } from '../shelf/smallestSet.ts';
import { forbiddenIn } from '../systems/blocks.ts';
import type { Case } from '../systems/case.ts';
import type { Composed } from '../systems/compose.ts';
import { ifSwapped } from '../failure/departing.ts';
import { finishFails } from '../systems/finish.ts';
import type { Step } from '../model/step.ts';

const TAKES_A_TIN: readonly Step['kind'][] = [
  'wash',
  'mould-treat',
  'solvent-wipe',
  'degloss',
  'strip',
  'fill',
  'caulk',
  'stick-down',
];

/** From this much likelier a fault, another product does not do as well. */
const WORSE = 0.1;

/** True where this family would do for the step as well as the one named: nothing follows, nothing is forbidden. */
function servesAsWell(step: Step, family: Family, c: Case, made: Composed): boolean {
  if (family === step.family) return true;
  if (!isCoat(step.kind)) return false;
  if (isTopcoat(step.kind)) {
    if (CLEAR_FINISHES.includes(family) !== CLEAR_FINISHES.includes(step.family!)) return false;
    // Another finish is another wish: only one of the same chemistry that may stand here is taken without asking.
    if (chemistryOf(family) !== chemistryOf(step.family!) || finishFails(family, c) !== null) return false;
  } else if (!serves(step, family, made)) return false;
  const steps = made.steps.map((s) => (s === step ? { ...step, family } : s));
  return (
    forbiddenIn(steps, c, made).length === 0 &&
    // Reading the film anew is the dear question: it is asked last.
    !ifSwapped(c, made.steps, step, family, 1000).some((one) => one.odds >= WORSE)
  );
}

/** A primer that is asked for nothing by name still has to be a primer of the same kind of use. */
const serves = (step: Step, family: Family, made: Composed) =>
  step.kind !== 'pre-prime' && step.kind !== 'undercoat' && made.needs.length > 0 && chemistryOf(family) !== 'two-part';

/** For each step that takes a product, the products on the shelf any of which would do it. */
export function productDemands(c: Case, made: Composed, id: string): ProductDemand[] {
  const stocked = new Set(c.shelf.map((p) => p.family));
  return made.steps.flatMap((step, i): ProductDemand[] => {
    const { family } = step;
    if (!family || !(isCoat(step.kind) || TAKES_A_TIN.includes(step.kind))) return [];
    const candidates: readonly Family[] = isTopcoat(step.kind)
      ? FINISH_FAMILIES
      : isCoat(step.kind)
        ? PRIMER_FAMILIES
        : [family];
    const families = candidates.filter((f) => stocked.has(f) && servesAsWell(step, f, c, made));
    const sold = (sheens: readonly string[]) => !step.sheen || sheens.length === 0 || sheens.includes(step.sheen);
    return [
      {
        id: `${id}/${i}`,
        words: `${STEP_LABELS[step.kind]}: ${FAMILY_LABELS[family]}`,
        fits: c.shelf.filter((p) => families.includes(p.family) && sold(p.sheens)).map((p) => p.id),
      },
    ];
  });
}
