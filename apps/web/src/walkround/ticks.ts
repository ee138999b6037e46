import { testsThatStand, testWords } from '@rustic/core';
import type { Tick } from '../drawing/RoomSketch.tsx';
import type { WholeJob } from '../store/endpoints.ts';

/** The chalk ticks of a room: tests that stand and photos, each where it was made, numbered in the order of time. */
export function ticksOf(data: Pick<WholeJob, 'surfaces' | 'photos'>, roomId: string): Tick[] {
  const tests = data.surfaces
    .filter((s) => s.roomId === roomId)
    .flatMap((s) =>
      testsThatStand(s.tests)
        .filter((t) => t.mark)
        .map((t) => ({
          id: t.id,
          at: t.at,
          place: t.mark!,
          kind: 'test' as const,
          words: `${s.name}: ${testWords(t.test)}`,
        })),
    );
  const photos = data.photos
    .filter((p) => p.roomId === roomId && p.mark)
    .map((p) => ({
      id: p.id,
      at: p.at,
      place: p.mark!,
      kind: 'photo' as const,
      words: p.note || `photo by ${p.byName}`,
    }));
  return [...tests, ...photos]
    .sort((a, b) => a.at.localeCompare(b.at))
    .map(({ at: _at, ...tick }, i) => ({ ...tick, n: i + 1 }));
}
