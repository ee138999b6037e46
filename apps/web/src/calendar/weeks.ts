import type { OwnCalendar } from '../store/endpoints.ts';
import type { Times } from '../words/time.ts';

type Work = OwnCalendar['work'][number];
type Taken = OwnCalendar['taken'][number];

/** One day of somebody's own calendar. */
export interface Day {
  /** YYYY-MM-DD. */
  day: string;
  /** The work of each job on it, as one stretch from its first start to its last end. */
  jobs: { jobId: string; job: string; startsAt: string; endsAt: string; words: string[] }[];
  taken: Taken[];
}

const DAY_MS = 86_400_000;
const dayAfter = (day: string, days: number) =>
  new Date(Date.parse(`${day}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
/** So many rows: what is left of this week, and four more. */
const WEEKS = 5;

/** The days ahead by weeks that begin on Monday, this week first; each as it falls in the firm's zone. */
export function weeksAhead(
  { work, taken }: Pick<OwnCalendar, 'work' | 'taken'>,
  now: string,
  { localDay }: Pick<Times, 'localDay'>,
): Day[][] {
  const today = localDay(now);
  const sinceMonday = (new Date(`${today}T12:00:00Z`).getUTCDay() + 6) % 7;
  const monday = dayAfter(today, -sinceMonday);
  const on = (day: string): Day => ({
    day,
    jobs: byJob(work.filter((w) => localDay(w.startsAt) === day)),
    // What is taken from one day into the next stands on each of them.
    taken: taken.filter((t) => localDay(t.startsAt) <= day && day <= lastDay(t, localDay)),
  });
  return Array.from({ length: WEEKS }, (_, week) =>
    Array.from({ length: 7 }, (_day, at) => on(dayAfter(monday, week * 7 + at))),
  );
}

/** What ends at midnight is not on the day that begins then. */
const lastDay = ({ startsAt, endsAt }: Taken, localDay: Times['localDay']) =>
  localDay(new Date(Math.max(Date.parse(startsAt), Date.parse(endsAt) - 1)).toISOString());

function byJob(work: readonly Work[]): Day['jobs'] {
  const jobs = new Map<string, Day['jobs'][number]>();
  for (const { jobId, job, startsAt, endsAt, words } of work) {
    const known = jobs.get(jobId);
    if (!known) jobs.set(jobId, { jobId, job, startsAt, endsAt, words: [words] });
    else {
      known.words.push(words);
      if (endsAt > known.endsAt) known.endsAt = endsAt;
    }
  }
  return [...jobs.values()];
}
