import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import prettier from 'prettier';
import { ensureBuild, ensurePackages } from './build.mjs';
import * as cluster from './faults/cluster.mjs';
import * as load from './faults/load.mjs';
import * as single from './faults/single.mjs';
import { ROOT } from './run.mjs';
import { say } from './say.mjs';

/** `npm run faults`: every fault for real, and one table of what came of it, written into `docs/faults.md`. */
ensurePackages();
ensureBuild();

const FILE = join(ROOT, 'docs/faults.md');
const HEAD = ['Fault', 'Sent', 'Acknowledged', 'Lost', 'Doubled', 'Told wrongly', 'Out of service'];
const rows = [];

async function tried(words, stack, fault) {
  const { sent, acknowledged, lost, doubled, toldWrongly, outMs } = await fault(stack);
  const out = outMs < 1000 ? `${Math.round(outMs)} ms` : `${(outMs / 1000).toFixed(1)} s`;
  rows.push([words, sent, acknowledged, lost, doubled, toldWrongly, out]);
  say(rows.at(-1).join(' | '));
}

async function on(made, tries) {
  const stack = await made;
  for (const [words, fault] of tries) await tried(words, stack, fault);
  await stack.stop();
}

await on(single.oneMachine(), [
  ['server killed', single.serverKilledAlone],
  ['database killed', single.databaseKilled],
  ['clock two hours ahead, and back', single.clockJumped],
]);
await on(single.oneMachine({ servers: 2 }), [['two servers on one database', single.twoServers]]);
await on(single.oneMachine({ options: single.ROOM.narrow }), [['no room left for 1.5 s', single.diskFull]]);
await on(cluster.clusterOfTwoServers(), [
  ['cluster: burst on one job over two nodes', cluster.burst],
  ['cluster: the same id to two servers at once', cluster.sameIdTwice],
  ['cluster: quotes of two jobs at once', cluster.quoteNumbers],
  ['cluster: two owners step down at once', cluster.ownersStepDown],
  ['cluster: a server killed', cluster.serverKilled],
  ['cluster: a node killed, and joined again', cluster.nodeKilled],
  ['cluster: a node silent, and awake again', cluster.nodeSilent],
  ['cluster: two nodes of three killed, and joined again', cluster.quorumLost],
]);

const { asking, answered, toldLater, failed, aliveMs, p99 } = await load.crowd();
const { heaps, rssMb, ...held } = await load.days();
const ms = (x) => `${Math.round(x)} ms`;
const mb = (x) => `${x.toFixed(1)} MB`;
const loads = [
  [
    `${asking} at once ask for a job for 10 s`,
    `${answered} answered, ${toldLater} told to come later, ${failed} not answered`,
  ],
  ['meanwhile, whether the server lives', `answered within ${ms(aliveMs)}`],
  ['meanwhile, the event loop', `held up under ${ms(p99)} at 99 in 100`],
  [
    `${heaps.length} days of a crew of 25, one after the other`,
    `memory in use after each: ${heaps.map(mb).join(', ')}; ${mb(rssMb)} in all`,
  ],
  ['meanwhile, the event loop', `held up under ${ms(held.p99)} at 99 in 100, ${ms(held.longest)} at most`],
];
const lines = (head, body) => [head, head.map(() => '---'), ...body].map((row) => `| ${row.join(' | ')} |`).join('\n');
loads.forEach((row) => say(row.join(' | ')));

const written = readFileSync(FILE, 'utf8')
  .replace(/\| Fault[^]*?\|\n(?!\|)/, `${lines(HEAD, rows)}\n`)
  .replace(/\| Load[^]*?\|\n(?!\|)/, `${lines(['Load', 'What came of it'], loads)}\n`);
writeFileSync(FILE, await prettier.format(written, { ...(await prettier.resolveConfig(FILE)), filepath: FILE }));
say(`Written into ${FILE}.`);
process.exit(rows.some(([, , , lost, doubled, wrongly]) => lost + doubled + wrongly > 0) ? 1 : 0);
