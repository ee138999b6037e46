import type { JointLine } from '../model/records/joints.ts';

/** How long a joint is as it is drawn, in metres. */
export const drawnLengthM = ({ points }: JointLine): number =>
  points.slice(1).reduce((sum, { x, y }, i) => sum + Math.hypot(x - points[i]!.x, y - points[i]!.y), 0);

/** How long a joint is: as it was measured, else as it is drawn; null where neither says so. */
export const jointLengthOf = (joint: { lengthM: number | null; line: JointLine | null }): number | null =>
  joint.lengthM ?? (joint.line ? Math.max(LEAST_M, Math.round(drawnLengthM(joint.line) * 100) / 100) : null);
const LEAST_M = 0.01;
