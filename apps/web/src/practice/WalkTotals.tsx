import { rightIn, sayVolume, suppliesUsed } from '@rustic/core';
import { Total } from '../page/Page.tsx';
import { useSight } from '../store/store.ts';
import { sayRoundMoney } from '../words/figures.ts';
import type { Walk } from './useWalk.ts';

/** The running totals of a room. */
export function WalkTotals({ walk, currency }: { walk: Walk; currency: string }) {
  const { room, score, minutes, tests } = walk;
  const used = suppliesUsed(tests);
  const units = useSight((s) => s.units);
  return (
    <>
      <Total words="minutes of testing" figure={score ? `${minutes}, by the book ${score.policy.minutes}` : minutes} />
      <Total words="tests" figure={tests.length} />
      {used.rags > 0 && (
        <Total
          words={used.rags === 1 ? 'rag' : 'rags'}
          figure={`${used.rags}, ${sayVolume(used.solventMl / 1000, units)} of solvent`}
        />
      )}
      {score ? (
        <>
          <Total words="right" figure={`${rightIn(score.surfaces)} of ${room.surfaces.length}`} />
          <Total words="lost, tests and all" figure={sayRoundMoney(score.lost + score.testCost, currency)} />
          <Total words="by the book" figure={sayRoundMoney(score.policy.lost + score.policy.testCost, currency)} />
        </>
      ) : (
        <Total words="settled" figure={`${walk.decisions.length} of ${room.surfaces.length}`} />
      )}
    </>
  );
}
