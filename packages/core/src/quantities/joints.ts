import { metresAlong, type Step } from '../model/step.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import { JOINTS_OF, JOINTS_OF_BEAD, MINUTES_A_METRE, ROD_MINUTES_A_METRE } from './knowledge/rates.ts';

/** Metres of joint and old bead that a step is done along, as somebody measured them; 0 where nobody did. */
export function jointLength({ kind, family, joints: drawn }: Step, { extents }: SurfaceFacts): number {
  if (drawn) return metresAlong(drawn);
  const joints = (family && kind === 'caulk' ? JOINTS_OF_BEAD[family] : JOINTS_OF[kind]) ?? [];
  return joints.reduce((sum, condition) => sum + (extents[condition]?.lengthM ?? 0), 0);
}

/** Minutes along the joints that a step is done on; null where it is not done by the metre, or nobody knows how many. */
export function minutesAlong(step: Step, surface: SurfaceFacts): number | null {
  const perMetre = step.scope === 'spots' ? MINUTES_A_METRE[step.kind] : undefined;
  // Only what was drawn is masked or spot-primed by the metre.
  if (!perMetre || (perMetre.drawn && !step.joints)) return null;
  const metres = jointLength(step, surface);
  if (metres === 0) return null;
  const rods = step.kind === 'caulk' ? (step.joints ?? []).filter(({ rod }) => rod) : [];
  return metres * perMetre.minutes + metresAlong(rods) * ROD_MINUTES_A_METRE;
}
