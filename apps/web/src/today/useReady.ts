import { useEffect, useRef } from 'react';
import type { TodayLine } from '../store/endpoints.ts';

/** So often what a day on site needs is fetched again while there is a signal. */
const EVERY_MS = 15 * 60_000;
const PAUSE_MS = 150;

/** Everything that a day on site opens: each job, its surfaces, its plan, and the shelf. */
const pathsOf = (lines: readonly TodayLine[]): string[] => [
  '/api/session',
  '/api/shelf',
  '/api/jobs',
  '/api/jobs/sums',
  '/api/jobs/names',
  '/api/trials',
  ...[...new Set(lines.map((l) => l.jobId))].flatMap((id) => [`/api/jobs/${id}`, `/api/jobs/${id}/plan`]),
  ...lines.map((l) => `/api/surfaces/${l.surfaceId}`),
];

/** Fetches today's jobs beforehand, one after another and out of the way, so that they open where there is no signal. */
export function useReady(lines: readonly TodayLine[]): void {
  const last = useRef(0);
  useEffect(() => {
    if (
      lines.length === 0 ||
      !('serviceWorker' in navigator) ||
      !navigator.serviceWorker.controller ||
      Date.now() - last.current < EVERY_MS
    )
      return;
    last.current = Date.now();
    let stopped = false;
    const fetchAll = async () => {
      for (const path of pathsOf(lines)) {
        if (stopped) return;
        // What does not come now is tried again next time.
        await fetch(path).catch(() => null);
        await new Promise((done) => setTimeout(done, PAUSE_MS));
      }
    };
    void fetchAll();
    return () => {
      stopped = true;
    };
  }, [lines]);
}
