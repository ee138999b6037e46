import { spawn } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { fromDebian } from './debian.mjs';
import { secretsKeyOf } from './databaseDoor.mjs';
import { startCluster } from './galera.mjs';
import { keepRunning } from './keepRunning.mjs';
import { freePort } from './mariadb.mjs';
import { boundToUs, ROOT } from './run.mjs';
import { say, stop } from './say.mjs';
import { portIsFree, startServer } from './serve.mjs';

/**
 * `npm run cluster`: the demo on three nodes of one database and two servers, behind a balancer, all on this machine: to
 * try what happens when one of them dies. Each is brought back when it ends. `kill` any of the processes that it names.
 */
const PORT = Number(process.env.PORT ?? 4600);
const FOLDER = join(resolve(process.env.DATA_DIR ?? join(ROOT, '.data')), 'cluster');

if (!(await portIsFree(PORT)))
  stop(`Port ${PORT} is taken. Stop what listens there, or start with another: PORT=${PORT + 1} npm run cluster`);
ensurePackages();
ensureBuild();
fromDebian('mariadb-server');
const haproxy = fromDebian('haproxy');
mkdirSync(FOLDER, { recursive: true });

const kept = [];
let ending = false;
async function end(code) {
  if (ending) return;
  ending = true;
  for (const one of kept.toReversed()) await one.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void end(0));

/** Keeps something running from here on, and says so where it falls. */
const keep = async (name, start, first = null) => {
  const one = await keepRunning({ name, start, first, say: (line) => process.stderr.write(`${line}\n`) });
  kept.push(one);
  return one;
};

/** Any request may go to any server; one that cannot write is sent nobody. */
const balancing = (ports) => `global
  maxconn 2000
defaults
  mode http
  timeout connect 2s
  timeout client 1h
  timeout server 1h
  option forwardfor
  option redispatch
frontend ledger
  bind 127.0.0.1:${PORT}
  default_backend servers
backend servers
  balance roundrobin
  option httpchk
  http-check send meth GET uri /api/ready hdr Host 127.0.0.1
  http-check expect status 200
  default-server check inter 500 fall 2 rise 1 on-marked-down shutdown-sessions
${ports.map((port, i) => `  server server-${i + 1} 127.0.0.1:${port}`).join('\n')}
`;

function startBalancer(config) {
  const [program, ...args] = boundToUs(haproxy, '-q', '-db', '-f', config);
  const child = spawn(program, args, { stdio: 'ignore' });
  const over = new Promise((done) => child.once('exit', done));
  return { child, over, stop: async () => void (child.kill('SIGTERM'), await over) };
}

async function startAll() {
  say('Starting three nodes of the database …');
  const cluster = await startCluster(join(FOLDER, 'nodes'));
  const nodes = [];
  for (const [i, node] of cluster.nodes.entries())
    nodes.push(await keep(`node ${i + 1} of the database`, () => cluster.start(i), node));
  const ports = [await freePort(), await freePort()];
  const [one, two, three] = cluster.urls;
  const orders = [[one, two, three].join(), [two, three, one].join()];
  const env = { TRUSTED_PROXIES: 'loopback', POST_DIR: join(FOLDER, 'post'), SECRETS_KEY: secretsKeyOf(FOLDER) };
  say('Starting two servers …');
  const servers = await Promise.all(
    ports.map((port, i) =>
      keep(`server ${i + 1}`, () =>
        startServer({ url: orders[i], port, env, log: join(FOLDER, `server-${i + 1}.log`) }),
      ),
    ),
  );
  const config = join(FOLDER, 'balancer.cfg');
  writeFileSync(config, balancing(ports));
  const balancer = await keep('balancer', async () => startBalancer(config));
  const pids = [
    ...nodes.map((node, i) => `node ${i + 1} ${node.now().pid}`),
    ...servers.map((server, i) => `server ${i + 1} ${server.now().child.pid}`),
    `balancer ${balancer.now().child.pid}`,
  ];
  say(`\nRustic Ledger is open at http://127.0.0.1:${PORT}, on two servers and three nodes.`);
  const { DEMO_PASSWORD, DEMO_PEOPLE } = await import('../apps/server/dist/demo/firm.js');
  say(`Sign in as ${DEMO_PEOPLE[0].name}: ${DEMO_PEOPLE[0].email}, password ${DEMO_PASSWORD}`);
  say(`Processes: ${pids.join(', ')}. Kill any of them, and it is brought back. Ctrl-C stops all.`);
}

await startAll().catch((error) => {
  process.stderr.write(`${error.message}\n`);
  return end(1);
});
