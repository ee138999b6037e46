import type { Problem } from './problem.ts';

/** More orders than this are searched, not gone through. */
const MOST_ORDERS = 1800;

/** Every way to interleave the surfaces of a small job, as ranks of its tasks; nothing where there are too many. */
export function* everyOrder(problem: Problem): Generator<Float64Array> {
  const chains = new Map<string, number[]>();
  for (const task of problem.tasks)
    if (!task.done) chains.set(task.surface, [...(chains.get(task.surface) ?? []), task.index]);
  const lists = [...chains.values()];
  if (ways(lists.map((l) => l.length)) > MOST_ORDERS) return;
  const length = lists.reduce((sum, l) => sum + l.length, 0);
  const rank = new Float64Array(problem.tasks.length);
  const next = lists.map(() => 0);
  yield* placed(0);

  function* placed(count: number): Generator<Float64Array> {
    if (count === length) {
      yield rank.slice();
      return;
    }
    for (const [i, list] of lists.entries()) {
      const task = list[next[i]!];
      if (task === undefined) continue;
      rank[task] = count;
      next[i]!++;
      yield* placed(count + 1);
      next[i]!--;
    }
  }
}

/** How many ways there are to interleave lists of these lengths. */
function ways(lengths: readonly number[]): number {
  let count = 1;
  let placed = 0;
  for (const length of lengths)
    for (let k = 1; k <= length; k++) {
      placed++;
      count = (count * placed) / k;
      if (count > 1e9) return Infinity;
    }
  return Math.round(count);
}
