import { randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { backupTo, restoreFrom } from '../keeping.mjs';
import { freePort, startMariadb } from '../mariadb.mjs';
import { startServer } from '../serve.mjs';

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
    const home = mkdtempSync(join(tmpdir(), 'ledger-backup-'));
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
    await backupTo(file, from);
    const during = acknowledged;
    writing = false;
    await Promise.all(writers);
    await there.close();

    const { jobs, kept } = await restoreFrom(file, to);
    expect(kept).toBeNull();
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
  }, 180_000);
});
