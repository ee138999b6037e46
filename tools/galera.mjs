import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { secretOf } from './databaseDoor.mjs';
import { CannotStart, EndedEarly, freePort, isRoot, reachableByAll, sqlAt, startMariadb } from './mariadb.mjs';
import { runQuiet } from './run.mjs';
import { temporaryFolder } from './temporary.mjs';

const PROVIDER = '/usr/lib/galera/libgalera_smm.so';
const JOINED_WITHIN_MS = 120_000;
/** How often a node that did not get in tries again: a machine that stands still for seconds parts it from the others. */
const JOINS_AGAIN = 3;
/** Within this time the nodes have noticed who is gone. */
const SETTLED_WITHIN_MS = 20_000;
/** A node that is silent for so long is put out by the others; by default it would be three times that. */
const SUSPECTED_AFTER = [
  'evs.keepalive_period=PT0.5S',
  'evs.inactive_check_period=PT0.5S',
  'evs.suspect_timeout=PT2S',
  'evs.inactive_timeout=PT4S',
];

/** Each node has the same doors for as long as the cluster lives: the others know it by them. */
async function doorsOf(folder, nodes) {
  const file = join(folder, 'cluster.json');
  if (existsSync(file)) return JSON.parse(readFileSync(file, 'utf8'));
  const doors = [];
  for (let i = 0; i < nodes; i++)
    doors.push({ port: await freePort(), group: await freePort(), missed: await freePort(), whole: await freePort() });
  mkdirSync(folder, { recursive: true });
  writeFileSync(file, JSON.stringify(doors));
  return doors;
}

/** Certificates of the cluster's own, so that nobody else on this machine joins it, or listens. */
function certificateOf(folder) {
  const [key, cert] = [join(folder, 'cluster.key'), join(folder, 'cluster.crt')];
  if (!existsSync(cert)) {
    const { status, stderr } = runQuiet('openssl', [
      ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '3650', '-subj', '/CN=rustic-ledger-cluster'],
      ...['-keyout', key, '-out', cert],
    ]);
    if (status !== 0) throw new CannotStart(`The cluster's certificate could not be made.\n${stderr}`);
  }
  return { key, cert };
}

const optionsOf = (doors, i, { key, cert }) => [
  '--wsrep-on=ON',
  `--wsrep-provider=${PROVIDER}`,
  '--wsrep-cluster-name=rustic-ledger',
  `--wsrep-cluster-address=gcomm://${doors.map(({ group }) => `127.0.0.1:${group}`).join(',')}`,
  `--wsrep-node-name=node-${i + 1}`,
  '--wsrep-node-address=127.0.0.1',
  '--wsrep-sst-method=rsync',
  `--wsrep-sst-receive-address=127.0.0.1:${doors[i].whole}`,
  '--binlog-format=ROW',
  '--innodb-autoinc-lock-mode=2',
  `--wsrep-provider-options=${[
    `gmcast.listen_addr=ssl://127.0.0.1:${doors[i].group}`,
    `ist.recv_addr=ssl://127.0.0.1:${doors[i].missed}`,
    `socket.ssl_key=${key}`,
    `socket.ssl_cert=${cert}`,
    `socket.ssl_ca=${cert}`,
    'gcache.size=128M',
    ...SUSPECTED_AFTER,
  ].join(';')}`,
];

/** Where a node's data stands in what the cluster wrote: `id:number`; null where it never was in one. */
function positionOf(folder) {
  const data = join(folder, 'data');
  if (!existsSync(join(data, 'grastate.dat'))) return null;
  const runtime = temporaryFolder('db');
  if (isRoot()) runQuiet('chown', ['mysql', runtime]);
  const { stdout, stderr } = runQuiet('mariadbd', [
    '--no-defaults',
    `--datadir=${data}`,
    `--tmpdir=${runtime}`,
    `--socket=${join(runtime, 'db.sock')}`,
    '--skip-networking',
    '--disable-log-error',
    '--wsrep-recover',
    '--wsrep-on=ON',
    `--wsrep-provider=${PROVIDER}`,
    '--wsrep-cluster-address=gcomm://',
    '--binlog-format=ROW',
    '--innodb-autoinc-lock-mode=2',
    ...(isRoot() ? ['--user=mysql'] : []),
  ]);
  rmSync(runtime, { recursive: true, force: true });
  return /Recovered position:\s*([\da-f-]{36}:-?\d+)/.exec(stdout + stderr)?.[1] ?? null;
}

const writtenUpTo = (position) => Number(position?.split(':')[1] ?? -1);

/** Which node begins a cluster of which none runs: the one that has all that the others have. */
const firstOf = (positions) =>
  positions.reduce((best, at, i) => (writtenUpTo(at) > writtenUpTo(positions[best]) ? i : best), 0);

/**
 * A replicated database of several nodes on loopback, its files in `folder`. The first start makes it; a later one begins
 * with the node that has all. Answers with the folder and the address of each node, with ways to end one, to start it again, and to ask
 * it what its cluster is; `stop` ends all.
 */
export async function startCluster(folder, { nodes = 3, quick = false } = {}) {
  if (isRoot() && !reachableByAll(dirname(folder)))
    throw new CannotStart(
      `As root the nodes run as the user "mysql", which may not walk into ${dirname(folder)}. Set DATA_DIR to a folder that it may walk into.`,
    );
  const doors = await doorsOf(folder, nodes);
  const certificate = certificateOf(folder);
  // Whoever runs the nodes has to read it; nobody else walks in.
  if (isRoot()) runQuiet('chown', ['mysql', folder, certificate.key, certificate.cert]);
  const folders = doors.map((_, i) => join(folder, `node-${i + 1}`));
  const secret = secretOf(folder);
  const running = [];

  async function start(i, isFirst = false) {
    mkdirSync(folders[i], { recursive: true });
    // One account for all: its password is the same on each.
    if (!existsSync(join(folders[i], 'secret'))) writeFileSync(join(folders[i], 'secret'), secret, { mode: 0o600 });
    if (isFirst) allowToBegin(folders[i]);
    running[i] = await (isFirst ? bringUp(i, true) : joinedAt(i));
    return running[i];
  }
  /** Brings a node up among the others; one that was let go, or that ended when it was parted from them, tries again. */
  async function joinedAt(i, again = JOINS_AGAIN) {
    await regained(
      running.filter((node, n) => n !== i && isAlive(node)),
      folders.filter((_, n) => n === i || !isAlive(running[n])),
    );
    return bringUp(i, false).catch((error) => {
      if (again === 0 || !(error instanceof LeftOut || error instanceof EndedEarly)) throw error;
      // What it missed could not be told to it: it takes everything anew from one of the others.
      if (error instanceof LeftOut) rmSync(join(folders[i], 'data', 'grastate.dat'), { force: true });
      return joinedAt(i, again - 1);
    });
  }
  function bringUp(i, isFirst) {
    const position = positionOf(folders[i]);
    const more = [
      ...(position ? [`--wsrep-start-position=${position}`] : []),
      ...(isFirst ? ['--wsrep-new-cluster'] : []),
    ];
    return startMariadb(folders[i], {
      quick,
      port: doors[i].port,
      options: [...optionsOf(doors, i, certificate), ...more],
      servesWhen: joined,
      withinMs: JOINED_WITHIN_MS,
      hasAccount: !isFirst,
    });
  }

  async function stop() {
    for (const node of running) await node?.stop();
  }
  const first = firstOf(folders.map(positionOf));
  try {
    await start(first, true);
    for (const i of doors.keys()) if (i !== first) await start(i);
  } catch (error) {
    await stop();
    throw error;
  }
  const urls = running.map(({ url }) => url);
  return { nodes: running, folders, urls, start, status: (i) => clusterStatus(running[i].socket), stop };
}

const isAlive = (node) => node !== undefined && existsSync(`/proc/${node.pid}/exe`);

/**
 * Nodes that lost the greater part of the others keep nothing, for the others may go on without them. Here all are ours,
 * and those that are not alive are not going on: what is left begins anew, but only where it has all that the others
 * have. `missing` are the folders of those.
 */
async function regained(left, missing) {
  const seen = () => left.map(({ socket }) => clusterStatus(socket));
  await until(() => seen().every(({ size, isPrimary }) => !isPrimary || size <= left.length), SETTLED_WITHIN_MS);
  if (seen().some(({ isPrimary }) => isPrimary)) return;
  const [{ socket }] = left.toSorted((a, b) => clusterStatus(b.socket).written - clusterStatus(a.socket).written);
  const has = clusterStatus(socket).written;
  if (missing.some((folder) => writtenUpTo(positionOf(folder)) > has))
    throw new CannotStart(
      'The nodes that are left lack what the others have. Stop all of them and start again; nothing is lost.',
    );
  sqlAt(socket, "SET GLOBAL wsrep_provider_options = 'pc.bootstrap=YES'");
  await until(() => clusterStatus(socket).isPrimary, SETTLED_WITHIN_MS);
}

/** A cluster that ended whole is begun by whom we name: what each node has is known. */
function allowToBegin(folder) {
  const file = join(folder, 'data', 'grastate.dat');
  if (existsSync(file))
    writeFileSync(file, readFileSync(file, 'utf8').replace(/safe_to_bootstrap: \d/, 'safe_to_bootstrap: 1'));
}

/** What a node says of its cluster: how many it sees, whether they are the greater part, whether it serves. */
function clusterStatus(socket) {
  const rows = sqlAt(socket, "SHOW GLOBAL STATUS LIKE 'wsrep\\_%'");
  const of = Object.fromEntries(rows.map((row) => row.split('\t')));
  return {
    size: Number(of.wsrep_cluster_size),
    written: Number(of.wsrep_last_committed),
    isPrimary: of.wsrep_cluster_status === 'Primary',
    isLeftOut: of.wsrep_connected === 'OFF',
    serves: of.wsrep_ready === 'ON' && of.wsrep_local_state_comment === 'Synced',
  };
}

/** A node that the cluster let go while it was joining. */
class LeftOut extends Error {}

/** Whether a node has joined and serves; throws where it was let go. */
function joined(socket) {
  const { serves, isLeftOut } = clusterStatus(socket);
  if (isLeftOut) throw new LeftOut('The node could not join.');
  return serves;
}

/** Waits until something stands of a node's cluster; says so where it does not within the time. */
export async function until(stands, withinMs = JOINED_WITHIN_MS) {
  for (const end = Date.now() + withinMs; Date.now() < end; await sleep(100)) if (await stands()) return;
  throw new Error('It did not come about in time.');
}
