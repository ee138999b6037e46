import { endsFilm, type FilmLife, type LaidFilm } from '@rustic/core';
import type { FaultMarkEntity } from '../record/punchEntities.ts';
import type { Finished } from './finished.ts';

const YEAR_MS = 365.25 * 86_400_000;

/**
 * How long a film of the firm's has lasted: to the first fault that is the end of a film, or until now. A knock or a
 * run says nothing of it.
 */
export function lifeOf({ surfaceId, endedAt }: Finished, marks: readonly FaultMarkEntity[], now: Date) {
  const failed = marks
    .filter((m) => m.surfaceId === surfaceId && endsFilm(m.fault) && m.at > endedAt)
    .sort((a, b) => a.at.getTime() - b.at.getTime())[0];
  const until = failed?.at ?? now;
  return { years: (until.getTime() - endedAt.getTime()) / YEAR_MS, failed: failed !== undefined, by: failed ?? null };
}

export const filmLives = (finished: readonly Finished[], marks: readonly FaultMarkEntity[], now: Date): FilmLife[] =>
  finished.map((f) => {
    const { years, failed } = lifeOf(f, marks, now);
    return { exposure: f.exposure, years, failed };
  });

/** The same as films that came back or held, for the rates by system and preparation. */
export const laidFilms = (
  finished: readonly Finished[],
  marks: readonly FaultMarkEntity[],
  outside: ReadonlySet<string>,
  now: Date,
): LaidFilm[] =>
  finished.flatMap((f) => {
    const { years, failed } = lifeOf(f, marks, now);
    const { primer, finish, preparation, exposure, surfaceId } = f;
    if (finish === null) return [];
    return [{ primer, finish, preparation, exposure, outsideLimits: outside.has(surfaceId), years, failed }];
  });
