import { rankingByParts, type Cell, type TrialDesign, type TrialLook } from '@rustic/core';

/** Ranks a trial off the page's own thread, telling how far it is after each part. */
self.onmessage = ({
  data,
}: MessageEvent<{ design: TrialDesign; cells: Cell[]; looks: TrialLook[]; draws: number }>) => {
  const parts = rankingByParts(data.design, data.cells, data.looks, { draws: data.draws });
  for (;;) {
    const { done, value } = parts.next();
    if (done) {
      self.postMessage({ ranking: value });
      return;
    }
    self.postMessage({ progress: value });
  }
};
