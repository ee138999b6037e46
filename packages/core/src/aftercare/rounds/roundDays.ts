/** A round as far as its day asks: it may be driven between these days. */
export interface DaySpan {
  from: number;
  by: number;
}

/** Whether every round can have a day of its own. */
export const haveDays = (spans: readonly DaySpan[], days: readonly number[]) =>
  daysFor(spans, days).every((day) => day !== null);

/**
 * A day for each round, or null for those that find none: each day is given to the waiting round whose season closes
 * first. Exact: if any way gives every round a day, this one does. Source: earliest deadline first, unit tasks.
 */
export function daysFor(spans: readonly DaySpan[], days: readonly number[]): (number | null)[] {
  const found: (number | null)[] = spans.map(() => null);
  const order = spans.map((_, i) => i).sort((a, b) => spans[a]!.from - spans[b]!.from);
  const waiting: number[] = [];
  let next = 0;
  for (const day of days) {
    while (next < order.length && spans[order[next]!]!.from <= day) waiting.push(order[next++]!);
    let first = -1;
    waiting.forEach((i, at) => {
      if (spans[i]!.by >= day && (first < 0 || spans[i]!.by < spans[waiting[first]!]!.by)) first = at;
    });
    if (first < 0) continue;
    found[waiting[first]!] = day;
    waiting.splice(first, 1);
  }
  return found;
}
