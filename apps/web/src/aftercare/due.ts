import type { Note } from '../page/notes.tsx';
import type { AftercarePage, Call, CareJob, CareUse, Repaint } from '../store/endpoints.ts';

const DAY_MS = 86_400_000;
/** The same thing on several surfaces of a job is one line, where it is due so close together. */
const TOGETHER_MS = 14 * DAY_MS;

/** One line: the same thing to do on one job, on one or several surfaces. */
export interface Due<T extends { at: string }> {
  job: CareJob;
  items: T[];
  /** When the first of them is due, and its reason's number in the margin. */
  at: string;
  n: number;
}

export interface DueLines {
  notes: Note[];
  calls: Due<Call>[];
  uses: Due<CareUse>[];
  repaints: Due<Repaint>[];
}

type DueText = { jobId: string; code: string; at: string; why: string };

/** Gathers what one visit does, then numbers the reasons in the order they are read. */
export function dueLines({ jobs, calls, uses, repaints }: AftercarePage): DueLines {
  const notes: Note[] = [];
  const noted = (why: string): number => {
    const known = notes.find((x) => x.text === why);
    if (known) return known.n;
    notes.push({ n: notes.length + 1, text: why });
    return notes.length;
  };
  const lines = <T extends DueText>(items: readonly T[], gathers: (a: T, b: T) => boolean): Due<T>[] => {
    const found: Due<T>[] = [];
    for (const item of [...items].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))) {
      const same = found.find((l) => gathers(l.items[0]!, item));
      const job = jobs.find((j) => j.id === item.jobId);
      if (same) same.items.push(item);
      else if (job) found.push({ job, items: [item], at: item.at, n: noted(item.why) });
    }
    return found;
  };
  const close = (a: DueText, b: DueText) =>
    a.jobId === b.jobId && a.code === b.code && Date.parse(b.at) - Date.parse(a.at) < TOGETHER_MS;
  return {
    notes,
    calls: lines(calls, (a, b) => a.what === 'look' && b.what === 'look' && a.visitId === b.visitId && close(a, b)),
    uses: lines(uses, () => false),
    repaints: lines(repaints, close),
  };
}
