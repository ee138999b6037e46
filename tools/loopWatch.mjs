import { monitorEventLoopDelay } from 'node:perf_hooks';

/** Preloaded into a server under load: answers whoever started it with how long its event loop was held up, and its memory. */
const delay = monitorEventLoopDelay({ resolution: 10 });
delay.enable();
process.on('message', (said) => {
  if (said === 'begin') delay.reset();
  if (said !== 'tell') return;
  globalThis.gc?.();
  const ms = (ns) => ns / 1e6;
  process.send({
    p50: ms(delay.percentile(50)),
    p99: ms(delay.percentile(99)),
    longest: ms(delay.max),
    rssMb: process.memoryUsage().rss / 1048576,
    heapMb: process.memoryUsage().heapUsed / 1048576,
  });
});
