import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { backupIfDue, backupRule, backupsIn, goingOf, isDue } from '../backups.mjs';
import { bySocket, DATABASE } from '../databaseDoor.mjs';
import { holdsInWords } from '../keeping.mjs';
import { startMariadb } from '../mariadb.mjs';
import { runQuiet } from '../run.mjs';
import { temporaryFolder } from '../temporary.mjs';

const NOW = new Date('2027-03-01T09:00:00Z');
const HOUR = 3_600_000;
const daysOld = (...days) =>
  days.map((d) => ({ name: `${d}`, at: new Date(NOW - d * 24 * HOUR) })).sort((a, b) => b.at - a.at);
const names = (list) => list.map((b) => b.name);

describe('what a backup holds', () => {
  const holds = { firms: 1, jobs: 12, entries: 3400, photos: 0, pictures: 0 };
  test('is said in words, and that pictures which lie elsewhere are not in it', () => {
    expect(holdsInWords(holds)).toBe('1 firm, 12 jobs, 3,400 ledger entries, 0 photos');
    expect(holdsInWords({ ...holds, photos: 8, pictures: 7 })).toMatch(/8 photos$/);
    expect(holdsInWords({ ...holds, photos: 8 })).toMatch(
      /8 photos, whose pictures lie elsewhere: keep that place too$/,
    );
  });
});

describe('which backups stay', () => {
  test('so many, none too old, and always the newest', () => {
    expect(names(goingOf(daysOld(0, 1, 2, 3, 4), { keep: 3, days: 90 }, NOW))).toEqual(['3', '4']);
    expect(names(goingOf(daysOld(0, 1, 100, 200), { keep: 14, days: 90 }, NOW))).toEqual(['100', '200']);
    expect(names(goingOf(daysOld(400), { keep: 1, days: 90 }, NOW))).toEqual([]);
    expect(names(goingOf(daysOld(0, 1), { keep: 1, days: 90 }, NOW))).toEqual(['1']);
    expect(goingOf([], { keep: 1, days: 90 }, NOW)).toEqual([]);
  });
  test('one is due when the last is old enough, or when there is none; 0 hours is never', () => {
    const rule = { everyH: 24 };
    expect([isDue([], rule, NOW), isDue(daysOld(0.9), rule, NOW), isDue(daysOld(1), rule, NOW)]).toEqual([
      true,
      false,
      true,
    ]);
    expect(isDue([], { everyH: 0 }, NOW)).toBe(false);
    // One of tomorrow was made by a clock that was wrong.
    expect(isDue(daysOld(-1), rule, NOW)).toBe(true);
  });
  test('the rule is read from settings, and refused where it is no number', () => {
    expect(backupRule({}, '/x')).toEqual({ folder: '/x', everyH: 24, keep: 14, days: 90 });
    expect(backupRule({ BACKUP_DIR: '/y', BACKUP_KEEP: '0', BACKUP_EVERY_H: '6' }, '/x')).toMatchObject({
      folder: '/y',
      keep: 1,
      everyH: 6,
    });
    expect(() => backupRule({ BACKUP_DAYS: 'many' }, '/x')).toThrow('BACKUP_DAYS');
  });
});

test('backups are made as they fall due, the old go, and what went wrong is told beside the last good one', async () => {
  const home = temporaryFolder('backups');
  const folder = join(home, 'kept');
  const database = await startMariadb(join(home, 'mariadb'), { quick: true });
  const sql = (input) => runQuiet('mariadb', ['--no-defaults', ...bySocket(database.socket), DATABASE], { input });
  sql('CREATE TABLE firm (id INT PRIMARY KEY); INSERT INTO firm VALUES (1)');
  const rule = { folder, everyH: 24, keep: 2, days: 90 };
  const after = (hours) => new Date(NOW.getTime() + hours * HOUR);
  const status = () => JSON.parse(readFileSync(join(folder, 'backups.json'), 'utf8'));
  expect(await backupIfDue(database, rule, NOW)).toMatchObject({ holds: { firms: 1 } });
  expect(await backupIfDue(database, rule, after(23))).toBeNull();
  writeFileSync(join(folder, 'mine.txt'), 'stays');
  for (const day of [1, 2, 3]) expect(await backupIfDue(database, rule, after(24 * day))).not.toBeNull();
  expect(backupsIn(folder).map((b) => b.at)).toEqual([after(72), after(48)]);
  expect(existsSync(join(folder, 'mine.txt'))).toBe(true);
  sql('DELETE FROM firm');
  await expect(backupIfDue(database, rule, after(96))).rejects.toThrow('no firm');
  expect(status()).toMatchObject({
    last: { at: after(72).toISOString() },
    fault: { at: after(96).toISOString(), words: expect.stringContaining('no firm') },
  });
  expect(readdirSync(folder).filter((n) => n.endsWith('.part'))).toEqual([]);
  await database.stop();
});
