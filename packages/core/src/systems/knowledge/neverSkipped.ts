import type { StepKind } from '../../vocabulary/index.ts';

/** Steps that guard people, not the film: they may not be left out, whatever the reason. */
export const NEVER_SKIPPED: readonly StepKind[] = ['contain-lead', 'ventilate', 'close-opening'];
