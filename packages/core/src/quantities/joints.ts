import type { Step } from '../model/step.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import { JOINTS_OF, JOINTS_OF_BEAD } from './knowledge/rates.ts';

/** Metres of joint and old bead that a step is done along, as somebody measured them; 0 where nobody did. */
export function jointLength({ kind, family }: Step, { extents }: SurfaceFacts): number {
  const joints = (family && kind === 'caulk' ? JOINTS_OF_BEAD[family] : JOINTS_OF[kind]) ?? [];
  return joints.reduce((sum, condition) => sum + (extents[condition]?.lengthM ?? 0), 0);
}
