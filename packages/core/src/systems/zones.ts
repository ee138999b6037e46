import { isTopcoat, type StepKind } from '../vocabulary/index.ts';
import { stepKey, type Step } from '../model/step.ts';

/** The part of a surface that no test names. */
export const ELSEWHERE = 'elsewhere';

/** What one zone asks for. */
interface ZoneWork {
  place: string;
  steps: readonly Step[];
}

/** What is done about the room and the piece, whichever part of it asks. */
const ABOUT_THE_WHOLE: readonly StepKind[] = [
  'contain-lead',
  'protect',
  'mask',
  'ventilate',
  'unhang',
  'close-opening',
  'remove-hardware',
  'inspect',
  'cure-hold',
  'unmask',
  'refit-hardware',
  'rehang',
  'clean-up',
  'other-trade',
  'revisit',
];

const ofTheWhole = (step: Step) =>
  !ABOUT_THE_WHOLE.includes(step.kind) && (step.scope === undefined || step.scope === 'all');
/** One colour and sheen over the whole face: what differs is the number of coats at the most. */
const sameLine = (a: Step, b: Step) =>
  isTopcoat(a.kind) ? a.kind === b.kind && a.later === b.later : stepKey(a) === stepKey(b) && !a.joints === !b.joints;

/**
 * Joins the work of zones into one list: what every zone asks for is done over the whole, what only some ask for is
 * done there, its scope the place that a test named.
 */
export function joinedZones(zones: readonly ZoneWork[]): Step[] {
  const joined: Step[] = [];
  for (const { steps } of zones) {
    for (const step of steps) {
      if (joined.some((j) => sameLine(j, step))) continue;
      const asking = zones.filter((z) => z.steps.some((s) => sameLine(s, step)));
      const twins = asking.map((z) => z.steps.find((s) => sameLine(s, step))!);
      const coats = Math.max(...twins.map((t) => t.coats ?? 0));
      const why = [...new Set(twins.flatMap((t) => t.why))];
      const whole = { ...step, ...(coats ? { coats } : {}), why };
      joined.push(whole);
      if (asking.length === zones.length || !ofTheWhole(step)) continue;
      // Done in some zones only: a line for each place, so that nobody sands the wrong half.
      whole.scope = asking[0]!.place;
      for (const more of asking.slice(1)) joined.push({ ...whole, scope: more.place });
    }
  }
  return joined;
}
