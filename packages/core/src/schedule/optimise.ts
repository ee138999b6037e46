import { construct, type Budget, type Built, type Reason } from './construct.ts';
import { earliestEnds, lowerBound } from './bound.ts';
import type { Problem } from './problem.ts';
import type { State } from './state.ts';

export interface Optimised {
  best: State | null;
  reason: Reason | null;
  bound: number;
}

/** Tries of a start in all while looking for better, beyond the first plans. */
const TRIES = 5000;
const MOST_ROUNDS = 300;
/** A shaken order that needs much repair is given up sooner than a first one. */
const REPAIRS_WHEN_SHAKEN = 12;

const STILL_AT_BOUND = 40;

/** Finish first, then visits, then how early the work ends on the whole. */
function score(state: State): readonly [number, number, number] {
  let finish = 0;
  let sum = 0;
  for (const p of state.placed)
    if (p) {
      finish = Math.max(finish, p.end);
      sum += p.end;
    }
  return [finish, state.visits.size, sum];
}

const better = (a: readonly number[], b: readonly number[]) => {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i]! < b[i]!;
  return false;
};

/** A small deterministic generator (mulberry32): the seed decides, nothing else. */
function generator(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** What lies after each task at the best, in minutes: the longer the tail, the sooner it should start. */
function tails(problem: Problem): number[] {
  const tail = new Array<number>(problem.tasks.length).fill(0);
  for (const index of [...problem.topological].reverse()) {
    const task = problem.tasks[index]!;
    const dry = task.coat?.figures.recoatMin ?? 0;
    tail[index] =
      task.minutes +
      Math.max(
        0,
        ...problem.followers[index]!.map(
          (f) => tail[f]! + (problem.tasks[f]!.before === index ? Math.max(task.waitMin, dry) : 0),
        ),
      );
  }
  return tail;
}

/** Starts from several orders, then shakes the best until the budget is spent. Anytime: the best so far always stands. */
export function optimise(problem: Problem, seed = 1): Optimised {
  const ends = earliestEnds(problem);
  const bound = lowerBound(problem, ends);
  const tail = tails(problem);
  const starts: number[][] = [
    tail.map((t) => -t),
    ends,
    tail.map((t, i) => ends[i]! - 0.5 * t),
    problem.tasks.map((t) => t.index),
  ];
  let best: { state: State; score: readonly number[]; rank: number[] } | null = null;
  let reason: Reason | null = null;
  const budget: Budget = { left: TRIES };
  const attempt = (rank: number[], repairs?: number) => {
    const built: Built = construct(problem, rank, budget, repairs);
    if ('reason' in built) {
      reason ??= built.reason;
      return;
    }
    const mark = score(built.state);
    if (!best || better(mark, best.score)) best = { state: built.state, score: mark, rank };
  };
  for (const rank of starts) if (!best || budget.left > 0) attempt(rank);
  const found = (): typeof best => best;
  if (!found()) return { best: null, reason, bound };
  const random = generator(seed);
  const spread = Math.max(60, ...tail) * 0.25;
  for (let round = 0; round < MOST_ROUNDS && budget.left > 0; round++) {
    const now = found()!;
    // Nothing can end before the bound: what is left is only fewer visits.
    if (now.score[0] === bound && round > STILL_AT_BOUND) break;
    const share = round % 3 === 0 ? 0.6 : 0.15;
    // Every third order is drawn afresh, so that no valley holds the search.
    if (round % 3 === 1) {
      attempt(
        now.rank.map(() => random()),
        REPAIRS_WHEN_SHAKEN,
      );
      continue;
    }
    attempt(
      now.rank.map((r) => (random() < share ? r + (random() - 0.5) * spread : r)),
      REPAIRS_WHEN_SHAKEN,
    );
  }
  return { best: found()!.state, reason: null, bound };
}
