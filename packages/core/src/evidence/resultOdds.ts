import type { SurfaceFacts } from '../model/surface.ts';
import { FINISHES, type TestKind } from '../vocabulary/index.ts';
import { stacksGiven } from './given.ts';
import { readOn, tableOf } from './likelihood.ts';
import { times } from './odds.ts';
import { topsOf } from './stackSpace.ts';

/**
 * What a test of this kind would show on each finish, over what mostly lies under it on such a surface: the odds of its
 * results, finish by finish. Null where it tells none apart.
 */
export function resultOdds(
  kind: TestKind,
  surface: SurfaceFacts,
): { results: readonly string[]; rows: number[][] } | null {
  const read = tableOf(kind, readOn(surface));
  if (!read) return null;
  const columns = read.columns.map((column) => topsOf(times(stacksGiven(surface), column)));
  return { results: read.results, rows: FINISHES.map((_, finish) => columns.map((column) => column[finish]!)) };
}
