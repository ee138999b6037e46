import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { bySocket } from '../databaseDoor.mjs';
import { startMariadb } from '../mariadb.mjs';
import { temporaryFolder } from '../temporary.mjs';

const folder = join(temporaryFolder('door'), 'mariadb');
let database;
beforeAll(async () => {
  database = await startMariadb(folder, { quick: true });
});
afterAll(() => database.stop());

/** Asks for one row as somebody; answers with the exit code. Another user of the machine where we may become one. */
function asks(args, stranger = true) {
  const command = ['mariadb', '--no-defaults', ...args, '-N', '-e', 'SELECT CURRENT_USER()'];
  const become =
    stranger && userInfo().uid === 0 ? ['setpriv', '--reuid=65534', '--regid=65534', '--clear-groups'] : [];
  const [program, ...rest] = [...become, ...command];
  return spawnSync(program, rest, { encoding: 'utf8' }).status;
}

describe('the database that the start command brings up', () => {
  test('lets its owner in by the socket', () => {
    expect(asks(bySocket(database.socket), false)).toBe(0);
  });

  test('lets nobody in without a password, whatever name they give', () => {
    const tcp = ['--protocol=tcp', '--host=127.0.0.1', `--port=${database.port}`];
    for (const name of ['root', 'ledger', 'mysql', 'nobody', 'mariadb.sys', ''])
      expect([name, asks([...tcp, `--user=${name}`])]).toEqual([name, 1]);
    if (userInfo().uid === 0)
      for (const name of ['root', 'nobody']) expect(asks([`--socket=${database.socket}`, `--user=${name}`])).toBe(1);
  });

  test('has no account without a way to know who comes', () => {
    const asked = spawnSync(
      'mariadb',
      ['--no-defaults', ...bySocket(database.socket), '-N', '-e', 'SELECT user, priv FROM mysql.global_priv'],
      { encoding: 'utf8' },
    ).stdout;
    const accounts = asked
      .trim()
      .split('\n')
      .map((line) => line.split('\t'))
      .map(([user, priv]) => [user, JSON.parse(priv)]);
    for (const [user, { plugin, authentication_string: secret, account_locked: locked }] of accounts)
      expect([user, locked === true || plugin === 'unix_socket' || secret.length > 20]).toEqual([user, true]);
    expect(accounts.map(([user]) => user)).toContain('ledger');
  });

  test('keeps its password in one file that only its owner reads, and on no command line', () => {
    const secret = readFileSync(join(folder, 'secret'), 'utf8');
    expect(statSync(join(folder, 'secret')).mode & 0o077).toBe(0);
    expect(statSync(join(database.socket, '..')).mode & 0o077).toBe(0);
    for (const name of readdirSync(join(database.socket, '..')).filter((n) => n.endsWith('.sql')))
      expect(readFileSync(join(database.socket, '..', name), 'utf8')).not.toContain(secret);
    const told = readdirSync('/proc')
      .filter((pid) => /^\d+$/.test(pid) && existsSync(`/proc/${pid}/cmdline`))
      .filter((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(secret));
    expect(told).toEqual([]);
  });
});

test('a folder of an earlier release, whose root had no password, is closed as it is started', async () => {
  const old = join(temporaryFolder('old-door'), 'mariadb');
  mkdirSync(old, { recursive: true });
  const made = spawnSync('mariadb-install-db', [
    '--no-defaults',
    `--datadir=${join(old, 'data')}`,
    '--auth-root-authentication-method=normal',
    ...(userInfo().uid === 0 ? ['--user=root'] : []),
  ]);
  expect(made.status).toBe(0);
  const again = await startMariadb(old, { quick: true });
  const tcp = ['--protocol=tcp', '--host=127.0.0.1', `--port=${again.port}`];
  expect([asks([...tcp, '--user=root']), asks([...tcp, '--user='])]).toEqual([1, 1]);
  expect(asks(bySocket(again.socket), false)).toBe(0);
  await again.stop();
});

test('what a killed process left in the folder for temporary files goes with whoever comes next', () => {
  // A process that has ended: its number is free again.
  const { pid } = spawnSync('true');
  const left = mkdtempSync(join(tmpdir(), `ledger-left-${pid}-`));
  writeFileSync(join(left, 'db.sock'), '');
  const ours = temporaryFolder('kept');
  const script = `import { temporaryFolder } from ${JSON.stringify(new URL('../temporary.mjs', import.meta.url).href)}; temporaryFolder('next');`;
  expect(spawnSync(process.execPath, ['--input-type=module', '-e', script]).status).toBe(0);
  expect([existsSync(left), existsSync(ours)]).toEqual([false, true]);
});
