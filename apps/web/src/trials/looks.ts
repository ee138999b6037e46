import { gradeOf, type TrialLook } from '@rustic/core';

/** The worst grade seen on a cell, or null where it was not looked at. */
export function worstOn(looks: readonly TrialLook[], cell: string): number | null {
  const grades = looks.filter((l) => l.cell === cell).flatMap((l) => gradeOf(l)?.grade ?? []);
  return grades.length ? Math.min(...grades) : null;
}
