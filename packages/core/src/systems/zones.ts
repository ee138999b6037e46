import type { Diagnosis, ZoneDiagnosis } from '../evidence/diagnosis.ts';
import { isTopcoat, type Condition, type StepKind } from '../vocabulary/index.ts';
import { isOverAll, stepKey, type Step } from '../model/step.ts';
import { sameTurn } from './order.ts';

/** The part of a surface that no test names. */
export const ELSEWHERE = 'elsewhere';

/** What one zone asks for. */
interface ZoneWork {
  places: readonly string[];
  /** The part of the surface that it is, 0 to 1. */
  share: number;
  steps: readonly Step[];
}

/** More of a surface than this is no place set apart, whatever was measured. */
const MOST_OF_IT = 0.95;

/** What stands in one zone and in no other. */
export const foundOnlyIn = ({ zones }: Diagnosis, zone: ZoneDiagnosis): Condition[] =>
  [...zone.findings.standing].filter((code) => zones.every((z) => z === zone || !z.findings.standing.has(code)));

/** The part of the surface that one zone is, by how large what was found only there was measured; null where it was not. */
function measuredShare(d: Diagnosis, zone: ZoneDiagnosis): number | null {
  const { areaM2, extents } = d.surface;
  const sizes = foundOnlyIn(d, zone).map((code) => extents[code]?.areaM2 ?? null);
  if (areaM2 === null || !sizes.length || sizes.includes(null)) return null;
  return Math.max(...sizes.map((size) => size!)) / areaM2;
}

/** Where something holds, by the names of the places; nothing where they have none. */
export const whereWords = (places: readonly string[]): string => (places.length ? ` Where: ${places.join(', ')}.` : '');

/** The part of the surface that each zone is, 0 to 1, together 1: as measured, and what is left shared alike. */
export function zoneShares(d: Diagnosis): number[] {
  if (d.zones.length === 1) return [1];
  const measured = d.zones.map((zone) => measuredShare(d, zone));
  const known = measured.reduce<number>((sum, share) => sum + (share ?? 0), 0);
  const open = measured.filter((share) => share === null).length;
  if (open === 0) return measured.map((share) => share! / known);
  // Places that were measured larger than the whole leave something for the rest.
  const fits = Math.min(1, MOST_OF_IT / (known || 1));
  return measured.map((share) => (share === null ? (1 - known * fits) / open : share * fits));
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

const ofTheWhole = (step: Step) => !ABOUT_THE_WHOLE.includes(step.kind) && isOverAll(step);
/** One colour and sheen over the whole face: what differs is the number of coats at the most. */
const sameLine = (a: Step, b: Step) =>
  isTopcoat(a.kind)
    ? a.kind === b.kind && a.later === b.later
    : stepKey(a) === stepKey(b) && !a.joints === !b.joints && sameTurn(a, b);

/**
 * Joins the work of zones into one list: what every zone asks for is done over the whole, what only some ask for is
 * done there, its scope the place that a test named.
 */
export function joinedZones(zones: readonly ZoneWork[]): Step[] {
  const told: Step[] = [];
  return zones.flatMap(({ steps }) =>
    steps.flatMap((step) => {
      if (told.some((other) => sameLine(other, step))) return [];
      told.push(step);
      const asking = zones.flatMap((zone) => {
        const twin = zone.steps.find((s) => sameLine(s, step));
        return twin ? [{ zone, twin }] : [];
      });
      const most = (of: 'coats' | 'waitMin') => Math.max(...asking.map(({ twin }) => twin[of] ?? 0));
      const coats = most('coats') ? { coats: most('coats') } : {};
      if (asking.length < zones.length && ofTheWhole(step))
        return asking.flatMap(({ zone, twin }) => linesIn(zone, { ...twin, ...coats }));
      const waits = most('waitMin') ? { waitMin: most('waitMin') } : {};
      return [{ ...step, ...coats, ...waits, why: [...new Set(asking.flatMap(({ twin }) => twin.why))] }];
    }),
  );
}

/** The lines of what is done in one zone only: one for each of its places, so that nobody sands the wrong half. */
function linesIn({ places, share }: ZoneWork, step: Step): Step[] {
  const named = places.length ? places : [ELSEWHERE];
  const last = named.length - 1;
  return named.map((scope, i) => ({
    ...step,
    scope,
    share: share / named.length,
    ...(i < last ? { beside: true } : {}),
  }));
}
