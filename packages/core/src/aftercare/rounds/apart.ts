import { anyDay, type RoundProblem } from './roundProblem.ts';

/** Groups of stops of which no two groups could ever be driven together: each is a question of its own. */
export function groupsApart(p: RoundProblem, stops: readonly number[]): number[][] {
  const group = new Map(stops.map((s) => [s, [s]]));
  stops.forEach((a, i) => {
    for (const b of stops.slice(i + 1)) {
      const [mine, other] = [group.get(a)!, group.get(b)!];
      if (mine === other || !together(p, a, b)) continue;
      mine.push(...other);
      for (const s of other) group.set(s, mine);
    }
  });
  return [...new Set(group.values())].map((g) => g.sort((a, b) => a - b));
}

/** Whether a day suits both, and holds both with the shortest way there can be. */
function together(p: RoundProblem, a: number, b: number): boolean {
  const way = p.leg[0]![a + 1]! + p.leg[a + 1]![b + 1]! + p.leg[b + 1]![0]!;
  const [from, by] = [Math.max(p.from[a]!, p.from[b]!), Math.min(p.by[a]!, p.by[b]!)];
  return from <= by && p.minutes[a]! + p.minutes[b]! + way <= p.room + 1e-9 && anyDay(p.days, from, by);
}
