import type { SketchPlace } from '../model/fields.ts';
import type { TestRecord } from '../model/test.ts';
import type { Damage, WallFeature } from '../vocabulary/index.ts';
import { gripFailed, gripHeld } from '../evidence/conditions.ts';
import type { Look } from './zone.ts';

/** A mark as it was put on the face. */
export interface Marked {
  id: string;
  what: Damage | WallFeature;
  there: boolean;
  place: SketchPlace;
  takesBack: string | null;
}

/** A test with the place at which it was made. */
export interface PlacedTest {
  test: TestRecord;
  mark: SketchPlace | null;
}

/** Marks that stand: neither taken back, nor there only to take one back. */
export function marksThatStand<T extends Pick<Marked, 'id' | 'takesBack'>>(marks: readonly T[]): T[] {
  const gone = new Set(marks.map((m) => m.takesBack));
  return marks.filter((m) => m.takesBack === null && !gone.has(m.id));
}

/** What a test that was made at a place says of damage there: that it is, that it is not, or nothing. */
const SAYS: Partial<Record<Damage, (test: TestRecord) => boolean | null>> = {
  peeling: (test) => (gripFailed(test) ? true : gripHeld(test) ? false : null),
  mould: ({ kind, result }) => (kind === 'bleach-drop' ? (result === 'lightens' ? true : result ? false : null) : null),
  rot: ({ kind, result }) => (kind === 'rot-probe' ? result !== 'firm' : null),
};

/** Every look at one kind of damage: marks that stand, and tests that were made at a place. */
export function looksAt(damage: Damage, marks: readonly Marked[], tests: readonly PlacedTest[]): Look[] {
  const said = tests.flatMap(({ test, mark }): Look[] => {
    const there = mark ? (SAYS[damage]?.(test) ?? null) : null;
    return mark && there !== null ? [{ place: mark, there }] : [];
  });
  const seen = marksThatStand(marks).filter((m) => m.what === damage);
  return [...seen.map(({ place, there }) => ({ place, there })), ...said];
}
