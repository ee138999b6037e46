import { randomUUID } from 'node:crypto';
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { bySocket, DATABASE } from '../databaseDoor.mjs';
import { readBackup } from '../dump.mjs';
import { backupTo, restoreFrom } from '../keeping.mjs';
import { freePort, startMariadb } from '../mariadb.mjs';
import { ROOT } from '../run.mjs';
import { startServer } from '../serve.mjs';
import { temporaryFolder } from '../temporary.mjs';

/** A server on a data folder, and its owner at the door. */
async function open(folder) {
  const database = await startMariadb(folder, { quick: true });
  const port = await freePort();
  const server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'error', NODE_OPTIONS: '' } });
  const base = `http://127.0.0.1:${port}`;
  const headers = { origin: base, 'content-type': 'application/json' };
  const door = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers,
    body: JSON.stringify({ email: 'ada@saltmarsh-thirle.example', password: 'high-water-mark' }),
  });
  const cookie = door.headers.get('set-cookie').split(';')[0];
  return {
    get: async (path) => (await fetch(base + path, { headers: { cookie } })).json(),
    post: async (path, body) =>
      (await fetch(base + path, { method: 'POST', headers: { ...headers, cookie }, body: JSON.stringify(body) }))
        .status,
    close: async () => {
      await server.stop();
      await database.stop();
    },
  };
}
const newJob = (title) => ({
  id: randomUUID(),
  title,
  place: 'Quay',
  builtYear: null,
  startsAt: '2027-03-01T08:00:00Z',
});

describe('a backup', () => {
  test('taken while people write is of one moment, and brings everything back with every chain whole', async () => {
    const home = temporaryFolder('backup');
    const [from, to, file] = [join(home, 'a', 'mariadb'), join(home, 'b', 'mariadb'), join(home, 'all.sql.gz')];
    const there = await open(from);
    const before = await there.get('/api/jobs');
    let writing = true;
    let acknowledged = 0;
    const writers = Array.from({ length: 3 }, async (_, w) => {
      for (let i = 0; writing; i++)
        if ((await there.post('/api/jobs', newJob(`Written ${w} ${i}`))) === 201) acknowledged++;
    });
    const sent = acknowledged;
    const held = await backupTo(file, { folder: from });
    const during = acknowledged;
    writing = false;
    await Promise.all(writers);
    await there.close();

    const { kept, ...brought } = await restoreFrom(file, to);
    expect(kept).toBeNull();
    // What it was said to hold when it was read back is what stands now.
    expect(brought).toEqual(held);
    expect(held).toMatchObject({ firms: 1 });
    const { jobs } = brought;
    const back = await open(to);
    const after = await back.get('/api/jobs');
    expect(after.length).toBe(jobs);
    expect(after.length).toBeGreaterThanOrEqual(before.length + sent);
    expect(after.length).toBeLessThanOrEqual(before.length + during + 3);
    for (const { id } of after) expect(await back.get(`/api/jobs/${id}/ledger/check`)).toMatchObject({ whole: true });
    const ferrykeeper = before.find((j) => j.title.startsWith('Ferrykeeper'));
    expect((await back.get(`/api/jobs/${ferrykeeper.id}`)).surfaces.length).toBe(ferrykeeper.surfaces);
    await back.close();

    // A file that was cut short changes nothing; one that is brought in over something keeps what was there.
    const cut = join(home, 'cut.sql.gz');
    writeFileSync(cut, readFileSync(file).subarray(0, readFileSync(file).length / 2));
    await expect(restoreFrom(cut, to)).rejects.toThrow(/damaged|cut short/);
    await expect(restoreFrom(join(home, 'none.gz'), to)).rejects.toThrow(/no file/);
    const again = await restoreFrom(file, to);
    expect(existsSync(again.kept)).toBe(true);
  });
});

describe('what is no good backup', () => {
  let home;
  let file;
  const there = () => join(home, 'there', 'mariadb');
  /** Does something to a database, and answers with a backup of what comes of it. */
  async function backupAfter(name, statement) {
    const database = await startMariadb(there(), { quick: true });
    run(database, statement);
    const out = join(home, `${name}.sql.gz`);
    try {
      await backupTo(out, { url: database.url });
    } finally {
      await database.stop();
    }
    return out;
  }
  const run = ({ socket }, statement) => {
    const { stdout, stderr } = spawnSync('mariadb', ['--no-defaults', ...bySocket(socket), '-N', DATABASE], {
      input: statement,
      encoding: 'utf8',
    });
    expect(stderr).toBe('');
    return stdout.trim();
  };
  const jobsIn = async (folder) => {
    const database = await startMariadb(folder, { quick: true });
    const jobs = run(database, 'SELECT COUNT(*) FROM job');
    await database.stop();
    return Number(jobs);
  };
  beforeAll(async () => {
    home = temporaryFolder('no-backup');
    file = join(home, 'good.sql.gz');
    await (await open(there())).close();
    await backupTo(file, { folder: there() });
  });

  test('a database by its address is the one that is kept; one without a firm is refused, and leaves no file', async () => {
    const byAddress = await backupAfter('by-address', 'SELECT 1');
    expect(await readBackup(byAddress)).toEqual(await readBackup(file));
    const empty = await startMariadb(join(home, 'empty', 'mariadb'), { quick: true });
    const none = join(home, 'none.sql.gz');
    await expect(backupTo(none, { url: empty.url })).rejects.toThrow('no firm');
    await empty.stop();
    expect([existsSync(none), existsSync(`${none}.part`)]).toEqual([false, false]);
  });

  test('a row that its ledger does not have is found, and named; what was there stays', async () => {
    const forged = await backupAfter(
      'forged',
      "UPDATE surface SET name = 'Another wall' WHERE id = (SELECT id FROM (SELECT id FROM surface LIMIT 1) s)",
    );
    await expect(restoreFrom(forged, there())).rejects.toThrow(
      /does not stand: .*surfaces.*name.*nothing was changed/s,
    );
    expect(await jobsIn(there())).toBe((await readBackup(file)).jobs);
    await restoreFrom(file, there());
  });

  test('one of a later release is refused in words', async () => {
    const later = await backupAfter(
      'later',
      "INSERT INTO migrations (timestamp, name) VALUES (9999999999999, 'OfTomorrow9999999999999')",
    );
    await expect(restoreFrom(later, there())).rejects.toThrow('later release');
    await restoreFrom(file, there());
  });

  test('a restore that is killed at any moment leaves one of the two states whole', async () => {
    const { jobs } = await readBackup(file);
    const fewer = await backupAfter('fewer', `CREATE TABLE marked (id INT PRIMARY KEY); INSERT INTO marked VALUES (1)`);
    const states = new Set();
    for (const wait of [400, 2500, 5000]) {
      const child = spawn(process.execPath, [join(ROOT, 'tools/restore.mjs'), wait % 1000 ? file : fewer], {
        cwd: ROOT,
        env: { ...process.env, NODE_OPTIONS: '', DATA_DIR: join(there(), '..') },
        stdio: 'ignore',
      });
      const ended = once(child, 'exit');
      await Promise.race([ended, pause(wait)]);
      child.kill('SIGKILL');
      await ended;
      const database = await startMariadb(there(), { quick: true });
      const tables = run(database, 'SHOW TABLES').split('\n');
      states.add(tables.length);
      expect(run(database, 'SELECT COUNT(*) FROM job')).toBe(String(jobs));
      expect(tables).toEqual(expect.arrayContaining(['firm', 'ledger_entry', 'surface', 'migrations', 'photo']));
      await database.stop();
    }
    expect([...states].every((n) => Math.abs(n - Math.max(...states)) <= 1)).toBe(true);
  });
});
