import type { BoardBond, TrialActKind } from '../vocabulary/index.ts';
import type { TrialLook } from './ranking.ts';

/** Something done on a board, as far as it says what stands. */
interface Act {
  id: string;
  kind: TrialActKind;
  corrects: string | null;
  body: {
    cell?: string | undefined;
    part?: TrialLook['part'] | undefined;
    test?: Omit<TrialLook, 'cell' | 'part' | 'bond'> | undefined;
    bond?: BoardBond | null | undefined;
  };
}

/** Acts that stand: those that a correction names count no more. */
export function standingActs<A extends Pick<Act, 'id' | 'corrects'>>(acts: readonly A[]): A[] {
  const corrected = new Set(acts.map((a) => a.corrects));
  return acts.filter((a) => !corrected.has(a.id));
}

/** The looks that stand, as the ranking reads them. */
export const standingLooks = (acts: readonly Act[]): TrialLook[] =>
  standingActs(acts)
    .filter((a) => a.kind === 'look')
    .map(({ body }) => ({ cell: body.cell!, part: body.part!, ...body.test!, bond: body.bond ?? null }));
