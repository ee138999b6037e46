import { gradeOf, type TrialLook } from '@rustic/core';
import type { Trial } from '../store/endpoints.ts';

/** The looks that stand: corrections take the place of what they name. */
export function standingLooks(trial: Pick<Trial, 'acts'>): TrialLook[] {
  const corrected = new Set(trial.acts.map((a) => a.corrects));
  return trial.acts
    .filter((a) => a.kind === 'look' && !corrected.has(a.id))
    .map(({ body }) => ({ cell: body.cell!, part: body.part!, ...body.test!, bond: body.bond ?? null }));
}

/** The worst grade seen on a cell, or null where it was not looked at. */
export function worstOn(looks: readonly TrialLook[], cell: string): number | null {
  const grades = looks.filter((l) => l.cell === cell).flatMap((l) => gradeOf(l)?.grade ?? []);
  return grades.length ? Math.min(...grades) : null;
}
