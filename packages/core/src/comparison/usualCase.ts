import { diagnoseBy } from '../evidence/diagnosis.ts';
import type { Treatment } from '../evidence/treatment.ts';
import { NOTHING_WANTED, type SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { SHIPPED_SHELF } from '../shelf/shippedShelf.ts';
import { asCase, asIf, type Case } from '../systems/case.ts';

/**
 * A surface asked about as is usual, with nothing wished for, no firm's own rule and the shipped shelf: were it what a
 * treatment is for. `lies` are odds over stacks.
 */
export function usualCase(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  lies: readonly number[],
  treatAs: Treatment,
): Case {
  const d = diagnoseBy(surface, tests, () => lies);
  return asIf(asCase(d, NOTHING_WANTED, {}, SHIPPED_SHELF), treatAs);
}
