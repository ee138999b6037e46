import type { StepKind } from '../vocabulary/index.ts';
import { isOverAll, type Step } from '../model/step.ts';

/** The order of the work. Steps of one line may follow each other; a later line never comes before an earlier one. */
const ORDER: readonly (readonly StepKind[])[] = [
  ['other-trade'],
  ['inspect'],
  ['protect'],
  ['contain-lead'],
  ['ventilate'],
  ['unhang'],
  ['close-opening'],
  ['remove-hardware'],
  ['free-sash'],
  ['remove-sealant'],
  ['strip'],
  ['scrape'],
  ['wash'],
  ['rinse'],
  ['mould-treat'],
  ['dry-out'],
  ['solvent-wipe'],
  ['degloss'],
  ['set-nails'],
  ['replace-board'],
  ['repair'],
  ['stick-down'],
  ['fill'],
  ['sand'],
  ['dust-off'],
  ['tack-off'],
  ['test-patch'],
  ['mask'],
  ['pre-prime'],
  ['caulk'],
  ['spot-prime'],
  ['prime'],
  ['undercoat'],
  ['sand-between'],
  ['finish-coat'],
  ['distress'],
  ['clear-coat'],
  ['unmask'],
  ['cure-hold'],
  ['refit-hardware'],
  ['rehang'],
  ['clean-up'],
  ['revisit'],
];

const PLACES = new Map(ORDER.flatMap((line, at) => line.map((kind) => [kind, at] as const)));
const place = (kind: StepKind) => PLACES.get(kind)!;
const BEFORE_WATER = place('wash') - 0.5;
/** What is sealed before water touches it has to be dry and free of dust for that. */
const EARLY_FIRST: Partial<Record<StepKind, number>> = { 'dry-out': -0.2, 'dust-off': -0.1 };
const AFTER_PRIMER = place('undercoat') - 0.5;
const AT_HANDOVER = place('clean-up') + 0.5;
const ONCE_HUNG = place('rehang') + 0.5;
const AFTER_SANDING_BETWEEN = place('sand-between') + 0.5;
/** What is done at a return visit comes after all else, in its own order. */
const AT_A_RETURN = ORDER.length;
const BEFORE_STRIPPING = place('strip') - 0.5;
const AFTER_FINISH = place('unmask') + 0.5;
const DENIBBED = place('finish-coat') + 0.5;

/** Where a step stands in the order. `caulkAfter` puts every bead after the primer, but for one that bridges silicone. */
function rank(step: Step, caulkAfter: boolean, denibsTheFinish: boolean): number {
  if (step.later) return AT_A_RETURN + (step.kind === 'revisit' ? 0 : place(step.kind));
  if (step.early) return BEFORE_WATER + (EARLY_FIRST[step.kind] ?? 0);
  if (step.trial) return BEFORE_STRIPPING;
  if (step.afterFinish) return AFTER_FINISH;
  // What lies bare gets its primer before anything goes over the whole.
  if (step.kind === 'prime' && step.scope === 'bare-areas') return place('prime') - 0.1;
  if (step.kind === 'caulk' && caulkAfter && !step.bridges) return AFTER_PRIMER;
  if (step.kind === 'inspect' && step.scope === 'handover') return AT_HANDOVER;
  // It cures hanging ajar: that keeps nothing out of its opening.
  if (step.kind === 'cure-hold' && step.scope === 'hung') return ONCE_HUNG;
  if (step.afterDenib) return DENIBBED;
  if (step.scope === 'between') return denibsTheFinish ? DENIBBED - 0.1 : AFTER_SANDING_BETWEEN;
  if (step.kind === 'sand-between' && denibsTheFinish) return DENIBBED - 0.2;
  return place(step.kind);
}

/** Puts steps in working order; grits run from coarse to fine, a spot under the whole. */
export function inOrder(steps: readonly Step[], caulkAfter: boolean): Step[] {
  // Sorting is stable: what stands alike stays as it was asked for.
  const denibsTheFinish = steps.some((s) => s.afterDenib);
  const ranks = new Map(steps.map((step) => [step, rank(step, caulkAfter, denibsTheFinish)]));
  return brushedOnce([...steps].sort((a, b) => ranks.get(a)! - ranks.get(b)! || (a.grit ?? 0) - (b.grit ?? 0)));
}

/** Dust that is brushed off before water and after it, or in spots and over the whole, is brushed off once where nothing comes between. */
function brushedOnce(steps: readonly Step[]): Step[] {
  const kept: Step[] = [];
  for (const step of steps) {
    const last = kept.at(-1);
    const isAgain =
      step.kind === 'dust-off' &&
      last?.kind === step.kind &&
      last.later === step.later &&
      (last.scope === step.scope || [last, step].some(isOverAll));
    if (isAgain)
      kept[kept.length - 1] = { ...(isOverAll(step) ? step : last), why: [...new Set([...last.why, ...step.why])] };
    else kept.push(step);
  }
  return kept;
}

const WATERED: readonly StepKind[] = ['wash', 'rinse'];

/** One wash, one rinse, one drying out, however many reasons there are for it. */
const ONCE: ReadonlySet<StepKind> = new Set([
  'wash',
  'rinse',
  'dry-out',
  'dust-off',
  'tack-off',
  'inspect',
  'scrape',
  'mould-treat',
  'repair',
]);

/** Bleaching timber is no cleaning. */
const bleaches = ({ family }: Step) => family === 'wood-bleach';

/** Whether two steps of a kind have one turn in the work: dust that is brushed off before water is not that of the sanding. */
export const sameTurn = (a: Step, b: Step): boolean =>
  a.early === b.early && a.afterDenib === b.afterDenib && a.afterFinish === b.afterFinish && a.later === b.later;

const sameWork = (a: Step, b: Step) => {
  if (
    a.kind !== b.kind ||
    !sameTurn(a, b) ||
    a.scope !== b.scope ||
    a.bridges !== b.bridges ||
    !a.joints !== !b.joints ||
    bleaches(a) !== bleaches(b)
  )
    return false;
  return ONCE.has(a.kind) || (a.family === b.family && a.grit === b.grit);
};

/** Merges what overlaps: the stronger cleaner, the longer wait, every reason once. */
export function merged(steps: readonly Step[]): Step[] {
  const kept: Step[] = [];
  const ofKind = new Map<StepKind, Step[]>();
  for (const step of steps) {
    const alike = ofKind.get(step.kind);
    const twin = alike?.find((k) => sameWork(k, step));
    if (!twin) {
      const own = { ...step };
      kept.push(own);
      if (alike) alike.push(own);
      else ofKind.set(step.kind, [own]);
      continue;
    }
    if (step.family === 'degreaser') twin.family = 'degreaser';
    if (step.waitMin) twin.waitMin = Math.max(step.waitMin, twin.waitMin ?? 0);
    if (step.joints && twin.joints) twin.joints = [...twin.joints, ...step.joints];
    if (step.coats) twin.coats = Math.max(step.coats, twin.coats ?? 1);
    if (step.wear) twin.wear = [...new Set([...(twin.wear ?? []), ...step.wear])];
    const more = step.why.filter((reason) => !twin.why.includes(reason));
    if (more.length) twin.why = [...twin.why, ...more];
  }
  return withoutPlacesDone(kept);
}

/** Who washes and rinses the whole does its spots and places, with the same cleaner; what has to dry longer there does so. */
function withoutPlacesDone(steps: readonly Step[]): Step[] {
  const whole = steps.filter((s) => WATERED.includes(s.kind) && s.scope === undefined);
  return steps.filter((s) => {
    const isLocal = s.scope !== undefined && s.scope !== 'bare-areas';
    const all = isLocal
      ? whole.find((w) => w.kind === s.kind && w.family === s.family && w.later === s.later)
      : undefined;
    if (all && s.waitMin) all.waitMin = Math.max(s.waitMin, all.waitMin ?? 0);
    return !all;
  });
}
