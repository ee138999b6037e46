import { endsFilm, type FilmLife } from '@rustic/core';
import type { FaultMarkEntity } from '../database/punchEntities.ts';
import type { lastCoatOf } from './lastCoat.ts';

const YEAR_MS = 365.25 * 86_400_000;

/** A finished film of the firm's, for its forecasts. */
export type Finished = NonNullable<ReturnType<typeof lastCoatOf>> & { surfaceId: string };

/**
 * How long the firm's own films have lasted: to the first fault that is the end of a film, or until now. A knock or a
 * run says nothing of it.
 */
export function filmLives(finished: readonly Finished[], marks: readonly FaultMarkEntity[], now: Date): FilmLife[] {
  return finished.map(({ surfaceId, c, log }) => {
    const failed = marks
      .filter((m) => m.surfaceId === surfaceId && endsFilm(m.fault) && m.at > log.endedAt)
      .sort((a, b) => a.at.getTime() - b.at.getTime())[0];
    const until = failed?.at ?? now;
    return {
      exposure: c.d.surface.exposure,
      years: (until.getTime() - log.endedAt.getTime()) / YEAR_MS,
      failed: failed !== undefined,
    };
  });
}
