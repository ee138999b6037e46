import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { BackupsController } from '../src/backups/backups.controller.ts';
import { temporaryFolder } from '../../../tools/temporary.mjs';
import { signedIn } from './client.ts';

const RULE = { everyH: 24, keep: 14, days: 90 };
const asked = () => new BackupsController().backups();

describe('what is told of backups', () => {
  let folder: string;
  beforeEach(() => {
    folder = temporaryFolder('told');
    process.env['BACKUP_DIR'] = folder;
  });
  afterEach(() => {
    delete process.env['BACKUP_DIR'];
  });
  const status = (said: object) =>
    writeFileSync(join(folder, 'backups.json'), JSON.stringify({ rule: { ...RULE, folder }, ...said }));

  test('the last good one and what went wrong since, and nothing of what other firms hold', async () => {
    const last = {
      at: '2027-03-01T09:00:00.000Z',
      bytes: 1200,
      holds: { firms: 3, jobs: 40, entries: 900, photos: 2 },
    };
    status({ last, fault: { at: '2027-03-02T09:00:00.000Z', words: 'The disk is full.' } });
    const said = await asked();
    expect(said).toEqual({
      made: true,
      ...RULE,
      folder,
      last: { at: last.at, bytes: 1200 },
      fault: { at: '2027-03-02T09:00:00.000Z', words: 'The disk is full.' },
    });
  });
  test('where none was made yet, or none are made here, that is said', async () => {
    expect(await asked()).toMatchObject({ made: true, folder, last: null, fault: null });
    delete process.env['BACKUP_DIR'];
    expect(await asked()).toMatchObject({ made: false, folder: null, last: null });
  });
  test.each(['{"last":{"at":"2027-', 'null', '[]', ''])('a damaged report says nothing: %j', async (said) => {
    writeFileSync(join(folder, 'backups.json'), said);
    expect(await asked()).toMatchObject({ made: true, folder, last: null, fault: null });
  });
});

test('only owners are told', async () => {
  expect((await (await signedIn('mei')).get('/api/backups')).status).toBe(403);
  expect((await (await signedIn()).get('/api/backups')).body).toMatchObject({ made: false });
});
