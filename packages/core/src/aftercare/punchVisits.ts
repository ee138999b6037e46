/** A fault that waits to be mended: from when it can be, and until when it should be. Days, any origin. */
export interface PunchWait {
  id: string;
  readyDay: number;
  byDay: number;
}

/** One visit, and the faults that it closes. */
export interface PunchVisit {
  day: number;
  closes: string[];
}

/**
 * The fewest visits that close every fault between the day it can be mended and the day it should be: each as late as
 * the most pressing fault lets it be, so that it finds most of the others ready. Exact, since every wait is one span of
 * days. Where a fault's days have gone by, it is closed on the first day it can be, `today` or later.
 */
export function punchVisits(waits: readonly PunchWait[], today: number): PunchVisit[] {
  const spans = waits
    .map((w) => ({ id: w.id, from: Math.max(today, w.readyDay), to: Math.max(today, w.readyDay, w.byDay) }))
    .sort((a, b) => a.to - b.to || a.from - b.from || a.id.localeCompare(b.id));
  const visits: PunchVisit[] = [];
  const open = new Set(spans);
  for (const span of spans) {
    if (!open.has(span)) continue;
    const closed = [...open].filter((other) => other.from <= span.to);
    for (const other of closed) open.delete(other);
    // No later than it has to be: as soon as the last of them is ready.
    visits.push({ day: Math.max(...closed.map((c) => c.from)), closes: closed.map((c) => c.id).sort() });
  }
  return visits;
}
