import wasm from 'highs/runtime?url';
import { leastRoundTimes, leastRoundTimeTriedOut, planRounds, type Rounds, type RoundsAsked } from '@rustic/core';

/** Finds rounds beside the page, then proves, nearer and nearer, how much shorter they could be at most. */
self.onmessage = ({ data }: MessageEvent<RoundsAsked>) => {
  const rounds = planRounds(data);
  self.postMessage({ rounds });
  prove(data, rounds).catch(() => self.postMessage({ bound: 'unknown' }));
};

/** The solver is large, and wanted only where there are more visits than can be tried out. */
async function prove(asked: RoundsAsked, rounds: Rounds): Promise<void> {
  const triedOut = leastRoundTimeTriedOut(asked);
  if (triedOut !== null) return self.postMessage({ bound: Math.min(rounds.costMin, triedOut) });
  const { default: loadHighs } = await import('highs');
  const highs = await loadHighs({ locateFile: () => wasm });
  for (const { bound } of leastRoundTimes(asked, rounds, highs)) self.postMessage({ bound });
}
