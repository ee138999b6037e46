import { simulateFan, type FanInput } from '@rustic/core';

/** Simulates a job off the page's own thread, telling how far it is after each thousand draws. */
self.onmessage = ({ data }: MessageEvent<FanInput>) => {
  const result = simulateFan(data, (done) => self.postMessage({ progress: done / data.draws }));
  self.postMessage({ result });
};
