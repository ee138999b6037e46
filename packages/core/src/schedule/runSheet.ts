import { doseBetween, reaches } from '../drying/dose.ts';
import type { Air } from '../drying/air.ts';
import type { WorkStep } from './workOf.ts';

/** A step that was logged. Times are minutes since the epoch; thickness is wet film over the label's, 1 where not measured. */
export interface Done {
  stepId: string;
  start: number;
  end: number;
  thickness: number;
}

/** Where one surface stands by the clock. */
export interface RunLine<W = WorkStep> {
  standing: 'to-start' | 'drying' | 'open' | 'closing' | 'closed' | 'done';
  next: W | null;
  last: W | null;
  lastEnd: number | null;
  /** When the last coat opens for the next, and closes; minutes since the epoch. */
  opensAt: number | null;
  closesAt: number | null;
  /** Share of the way to opening, 0 to 1. */
  dose: number | null;
}

/** A window counts as closing from this many minutes before its end. */
export const CLOSING_SOON_MIN = 12 * 60;

/** Reads a surface's work and log against the clock, in this air. */
export function runLine<W extends Pick<WorkStep, 'plan'>>(
  work: readonly W[],
  done: readonly Done[],
  air: Air,
  now: number,
): RunLine<W> {
  const lastIndex = work.reduce((last, w, i) => (done.some((d) => d.stepId === w.plan.id) ? i : last), -1);
  const next = work[lastIndex + 1] ?? null;
  const last = work[lastIndex] ?? null;
  if (!last)
    return { standing: 'to-start', next, last: null, lastEnd: null, opensAt: null, closesAt: null, dose: null };
  const log = done.find((d) => d.stepId === last.plan.id)!;
  const drying = last.plan.drying;
  const film = drying?.chemistry
    ? { chemistry: drying.chemistry, minTempC: drying.minTempC ?? null, thickness: log.thickness }
    : null;
  const byCoat = film && drying?.recoatMin != null ? reaches(film, air, log.end, drying.recoatMin) : log.end;
  const opensAt = byCoat === null ? null : Math.max(byCoat, log.end + (last.plan.waitMin ?? 0));
  const closesAt = drying?.recoatMaxMin != null ? log.end + drying.recoatMaxMin : null;
  const dose = film && drying?.recoatMin != null ? doseBetween(film, air, log.end, now, drying.recoatMin) : null;
  // Where nothing dries and nothing waits, the minute in which a step ended is not waited out.
  const waits = film !== null || (last.plan.waitMin ?? 0) > 0;
  const standing = !next
    ? 'done'
    : opensAt === null || (waits && now < opensAt)
      ? 'drying'
      : closesAt === null
        ? 'open'
        : now > closesAt
          ? 'closed'
          : now > closesAt - CLOSING_SOON_MIN
            ? 'closing'
            : 'open';
  return { standing, next, last, lastEnd: log.end, opensAt, closesAt, dose };
}
