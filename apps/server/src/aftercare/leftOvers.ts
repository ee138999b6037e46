import { LATER_LOOK_MIN, type LeftOver, type Exclusion, testsThatStand } from '@rustic/core';
import type { TrialActEntity, TrialEntity } from '../record/trialEntities.ts';
import { systemOf } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { lastCoatOf } from '../reading/lastCoat.ts';

/** What is left as it is may want another look; what somebody else does, or takes away, does not. */
const LEFT: readonly Exclusion['reason'][] = ['undecided', 'stays-as-it-is'];

/** Everything on a job that was left by decision, or tried and left to stand, with its surface where it has one. */
export function leftOversOf(
  records: JobRecords,
  trials: readonly TrialEntity[],
  concluded: readonly TrialActEntity[],
): (LeftOver & { surfaceId: string | null })[] {
  const lookedAt = (id: string) => records.looks.findLast((l) => l.subject === id)?.at.toISOString() ?? null;
  const over = (kind: LeftOver['kind'], id: string, words: string, at: Date, surfaceId: string | null) => ({
    kind,
    id,
    words,
    at: at.toISOString(),
    lookedAt: lookedAt(id),
    surfaceId,
  });
  const ended = records.work.at(-1)?.endedAt ?? null;
  return [
    ...records.surfaces.flatMap((surface) => {
      const { choice } = systemOf(records, surface);
      const left = choice?.override ? lastCoatOf(records, surface) : null;
      const patch = testsThatStand(records.tests)
        .filter((t) => t.surfaceId === surface.id && t.test.kind === 'test-patch')
        .at(-1);
      const out = surface.exclusions.find((e) => e.whole && LEFT.includes(e.reason));
      const early =
        patch && (patch.test.minutes ?? 0) < LATER_LOOK_MIN && !records.work.some((w) => w.surfaceId === surface.id);
      return [
        ...(left && choice
          ? [over('departure', choice.id, `${surface.name}: ${choice.differs}`, left.log.endedAt, surface.id)]
          : []),
        ...(early
          ? [over('test-patch', patch.id, `${surface.name}, ${patch.test.place ?? 'the patch'}`, patch.at, surface.id)]
          : []),
        ...(out && ended
          ? [over('left-another-year', out.id, `${surface.name}: ${out.words}`, ended, surface.id)]
          : []),
      ];
    }),
    ...trials.flatMap((trial) => {
      const act = concluded.findLast((a) => a.trialId === trial.id);
      return act ? [over('trial-board', trial.id, trial.title, act.at, trial.surfaceId)] : [];
    }),
  ];
}
