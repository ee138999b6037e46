import type { Access, StepKind } from '../vocabulary/index.ts';

/** What bears on the hours beside the surface itself: how it is reached, and what the firm has learned of its own pace. */
export interface HoursBy {
  access?: Access;
  /** The firm's own pace by step, 1 being the usual one; see `learnRates`. */
  pace?: Partial<Record<StepKind, number>>;
  /** What an hour costs the firm, in minor units; the usual where it is not set. */
  hourCost?: number;
}
