import { DateTime } from 'luxon';
import { callKey } from './visitCalls.ts';
import type { AftercarePage, Call, CareJob } from '../store/endpoints.ts';

/** Something that can be done between two days of the year ahead. Times in ms. */
export interface YearSpan {
  key: string;
  words: string;
  name: string;
  from: number;
  to: number;
  /** It should have been done by now. */
  past: boolean;
}
/** One job's line of the year. */
export interface YearLine {
  job: CareJob;
  spans: YearSpan[];
  visits: { id: string; at: number; words: string; fromTime: string }[];
  /** When a surface is to be looked at before it wants painting again. */
  repaints: { key: string; at: number; name: string }[];
}
export interface Year {
  now: number;
  from: number;
  to: number;
  months: { at: number; words: string }[];
  lines: YearLine[];
}

const MONTHS = 13;

/** The thirteen months from the first of this one; jobs by what comes first on them. */
export function yearOf({ now, zone, jobs, calls, visits, repaints }: AftercarePage): Year {
  const first = DateTime.fromISO(now, { zone }).startOf('month').setLocale('en-GB');
  const months = Array.from({ length: MONTHS }, (_, i) => first.plus({ months: i }));
  const [from, to] = [first.toMillis(), first.plus({ months: MONTHS }).toMillis()];
  const nowMs = Date.parse(now);
  const lines = jobs.map((job): YearLine => {
    const own = calls.filter((c) => c.jobId === job.id && c.visitId === null && Date.parse(c.at) < to);
    return {
      job,
      spans: gathered(own)
        .map((c) => ({
          key: callKey(c),
          words: c.words,
          name: c.name,
          from: Math.max(from, Date.parse(c.at)),
          to: Math.min(to, Math.max(Date.parse(c.by), nowMs)),
          past: Date.parse(c.by) < nowMs,
        }))
        .sort((a, b) => a.from - b.from || a.to - b.to),
      visits: visits
        .filter((v) => v.jobId === job.id)
        .map((v) => ({
          id: v.id,
          at: DateTime.fromISO(`${v.onDay}T${v.fromTime}`, { zone }).toMillis(),
          words: v.calls.map((c) => c.words).join('; '),
          fromTime: v.fromTime,
        })),
      repaints: repaints
        .filter((r) => r.jobId === job.id && Date.parse(r.at) >= from && Date.parse(r.at) < to)
        .map((r) => ({ key: r.surfaceId, at: Date.parse(r.at), name: r.name })),
    };
  });
  const firstOf = (l: YearLine) =>
    Math.min(...l.spans.map((s) => s.from), ...l.visits.map((v) => v.at), ...l.repaints.map((r) => r.at));
  return {
    now: nowMs,
    from,
    to,
    months: months.map((m) => ({ at: m.toMillis(), words: m.toFormat(m.month === 1 ? 'LLL yy' : 'LLL') })),
    lines: lines
      .filter((l) => l.spans.length + l.visits.length + l.repaints.length > 0)
      .sort((a, b) => firstOf(a) - firstOf(b) || a.job.title.localeCompare(b.job.title)),
  };
}

/** The same thing on several surfaces of a job, due on the same days, is one bar. */
function gathered(calls: readonly Call[]): Call[] {
  const found = new Map<string, Call>();
  for (const call of calls) {
    const key = `${call.words} ${call.at.slice(0, 10)} ${call.by.slice(0, 10)}`;
    const same = found.get(key);
    found.set(key, same ? { ...same, name: `${same.name}, ${call.name}` } : call);
  }
  return [...found.values()];
}
