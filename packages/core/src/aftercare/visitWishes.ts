import { punchVisits } from './punchVisits.ts';

/** Something that wants a visit to a job, between two days (days since 1970, both included). */
export interface WantsVisit {
  /** Unlike any other's. */
  key: string;
  jobId: string;
  minutes: number;
  fromDay: number;
  byDay: number;
}

/** One visit to a job: what it does, how long it takes, and the days that suit all of it. */
export interface VisitWish {
  jobId: string;
  keys: string[];
  minutes: number;
  fromDay: number;
  byDay: number;
}

/** What should have been done by now is done within so many days. */
const CATCH_UP_DAYS = 28;

/**
 * What is due of each job as the fewest visits to it, with the days that suit everything in one. What should have been
 * done already is done within the next four weeks; what is not yet wanted by `horizon` is left for another time.
 */
export function visitWishes(wants: readonly WantsVisit[], today: number, horizon: number): VisitWish[] {
  const spans = wants
    .filter((w) => w.fromDay <= horizon)
    .map((w) => ({
      ...w,
      fromDay: Math.max(w.fromDay, today),
      byDay: w.byDay < today ? today + CATCH_UP_DAYS : Math.max(w.byDay, w.fromDay),
    }));
  return [...new Set(spans.map((w) => w.jobId))].flatMap((jobId) => {
    const own = spans.filter((w) => w.jobId === jobId);
    const visits = punchVisits(
      own.map((w) => ({ id: w.key, readyDay: w.fromDay, byDay: w.byDay })),
      today,
    );
    return visits.map(({ closes }): VisitWish => {
      const done = own.filter((w) => closes.includes(w.key));
      return {
        jobId,
        keys: closes,
        minutes: done.reduce((sum, w) => sum + w.minutes, 0),
        fromDay: Math.max(...done.map((w) => w.fromDay)),
        byDay: Math.min(...done.map((w) => w.byDay)),
      };
    });
  });
}
