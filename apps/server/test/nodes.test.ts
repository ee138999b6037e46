import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { PoolConnection } from 'mysql2';
import { startMariadb } from '../../../tools/mariadb.mjs';
import { temporaryFolder } from '../../../tools/temporary.mjs';
import { NodePool } from '../src/record/nodes.ts';

let database: Awaited<ReturnType<typeof startMariadb>>;
beforeAll(async () => {
  database = await startMariadb(join(temporaryFolder('nodes'), 'mariadb'), { quick: true });
});
afterAll(async () => {
  await database.stop();
});

const connected = (pool: NodePool) =>
  new Promise<PoolConnection>((done, failed) =>
    pool.getConnection((error, connection) => (error ? failed(error) : done(connection))),
  );
/** This whole process stands still, as on a machine that has no time for it. */
const standStill = (ms: number) => Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);

test('a server that stood still itself takes no node for silent: what runs there is not cut off', async () => {
  const pool = new NodePool([database.url], {});
  const connection = await connected(pool);
  const answer = new Promise((done, failed) =>
    connection.query('SELECT SLEEP(4) AS slept', (error, rows) => (error ? failed(error) : done(rows))),
  );
  // Asked, and answered while nobody listens: longer than a node may be silent.
  const asked = (pool as unknown as { look(): Promise<void> }).look();
  standStill(2600);
  await asked;
  expect(await answer).toEqual([{ slept: 0 }]);
  connection.release();
  await new Promise<void>((done) => pool.end(() => done()));
});
