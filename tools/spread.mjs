import { ensureBuild, ensurePackages } from './build.mjs';
import { say } from './say.mjs';
import { costsOf } from './spread/measure.mjs';
import { spreadOf } from './spread/simulate.mjs';

/** `npm run spread`: what firms cost on this machine, act by act, and how many clusters so many of them need. */
ensurePackages();
ensureBuild();
const costs = await costsOf();
const ms = (x) => `${x.toFixed(1)} ms`;
for (const [act, { serverMs, databaseMs, bytes }] of Object.entries(costs))
  say(`${act}: server ${ms(serverMs)}, database ${ms(databaseMs)}, ${Math.round(bytes)} bytes stay`);
say(
  'firms | people | clusters | machines | fullest | moved by one more | writes a second | rows a year | photos a year',
);
for (const n of [100, 1000, 10_000]) {
  const s = spreadOf(n, costs);
  const part = (x) => `${(100 * x).toFixed(0)} %`;
  say(
    [
      n,
      s.people,
      s.clusters,
      s.machines,
      part(s.fullest),
      part(s.moved),
      s.writesASecond.toFixed(1),
      `${s.rowGbAYear.toFixed(1)} GB`,
      `${s.photoTbAYear.toFixed(1)} TB`,
    ].join(' | '),
  );
}
