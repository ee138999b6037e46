import { leastRoundTime, planRounds, type RoundsAsked } from '@rustic/core';

/** Finds rounds beside the page, then proves how much shorter they could be at most. */
self.onmessage = ({ data }: MessageEvent<RoundsAsked>) => {
  const rounds = planRounds(data);
  self.postMessage({ rounds });
  self.postMessage({ bound: leastRoundTime(data, rounds.costMin) });
};
