import { describe, expect, test } from '@jest/globals';
import {
  chained,
  CHAIN_START,
  checkChain,
  hashOf,
  ledgerSaid,
  ledgerText,
  recordCsv,
  replay,
  stepNamesIn,
  wroteRow,
  type Entry,
  type EntryNames,
} from '../src/index.ts';

const at = '2027-03-01T08:00:00.000Z';
const entryOf = (seq: number, previous: string, more: Partial<Entry> = {}) =>
  chained(
    { seq, jobId: 'j', kind: 'job-changed', subject: null, by: 'Ada', at, recordedAt: at, payload: {}, ...more },
    previous,
  );
const first = entryOf(1, CHAIN_START);
const second = entryOf(2, first.hash);

describe('a chain that does not stand says what is wrong with its first bad entry', () => {
  test('a whole one stands, an empty one too', () => {
    expect(checkChain([first, second])).toEqual({ whole: true, entries: 2 });
    expect(checkChain([])).toEqual({ whole: true, entries: 0 });
  });
  test.each<[string, Entry[], number, string]>([
    ['an entry is taken out', [first, entryOf(3, first.hash)], 2, 'number 2 is missing: the entry says 3'],
    [
      'one is put in the place of another',
      [first, entryOf(2, CHAIN_START)],
      2,
      'it does not follow from the entry before it',
    ],
    ['a name is changed', [{ ...first, by: 'Mei' }, second], 1, 'its content is not what was signed for'],
    ['a seal is changed', [first, { ...second, hash: first.hash }], 2, 'its content is not what was signed for'],
  ])('%s', (_what, entries, brokenAt, why) =>
    expect(checkChain(entries)).toEqual({ whole: false, entries: 2, brokenAt, why }),
  );
  test('the seal of a value that cannot be written is that of null, and of no empty text', () => {
    expect(hashOf(undefined)).toBe(hashOf(null));
  });
});

describe('what an entry holds', () => {
  const names: EntryNames = { product: String, step: String, time: String, day: String, date: String };
  test('its own, and neither rows nor what its kind does not say', () => {
    const payload = { title: 'Number 4', net: 120_000, wrote: [wroteRow('job', { id: 'j' })] };
    expect(ledgerSaid({ kind: 'job-opened', payload })).toEqual({ title: 'Number 4' });
    expect(ledgerSaid({ kind: 'job-opened', payload: { title: 3 } })).toEqual({});
    expect(ledgerSaid({ kind: 'of-a-later-release', payload })).toEqual({});
  });
  test('an unknown kind, and a payload that is not its own, say nothing in words', () => {
    expect(ledgerText({ kind: 'of-a-later-release', payload: { title: 'x' } }, names)).toBe('');
    expect(ledgerText({ kind: 'job-opened', payload: { title: 3 } }, names)).toBe('');
  });
  test('a coat without air says none; several things left out are told apart', () => {
    const coat = { stepId: 's3', productId: 'p1', batch: 'B1', temperatureC: null, relativeHumidityPct: null };
    expect(ledgerText({ kind: 'coat-logged', payload: coat }, names)).toBe('s3, p1, batch B1');
    const exclusions = [{ words: 'the brass' }, { words: 'the bell' }];
    expect(ledgerText({ kind: 'exclusions-changed', payload: { exclusions } }, names)).toBe('the brass, the bell');
  });
});

describe('a record as a table', () => {
  test('its columns first, moments in full, nothing for what is not there', () => {
    const csv = recordCsv(['at', 'what', 'figure'], [[new Date(at), 'a "wet" rag, twice', null]]);
    expect(csv).toBe('at,what,figure\r\n2027-03-01T08:00:00.000Z,"a ""wet"" rag, twice",');
  });
  test('a cell that a spreadsheet would run as a formula is only text', () => {
    expect(recordCsv(['note'], [['=1+1']])).toBe('note\r\n"\'=1+1"');
  });
});

describe('entries of before entries carried rows', () => {
  const old = (seq: number, kind: string, payload: object, subject: string | null = 's') =>
    entryOf(seq, CHAIN_START, { kind, subject, payload });
  test('each of their kinds moves what it says of a surface, and nothing else', () => {
    const { rows, since } = replay([
      old(1, 'surface-changed', { name: 'Skirting', note: 'as found' }),
      old(2, 'exclusions-changed', { exclusions: [{ words: 'the brass' }] }),
      old(3, 'test-recorded', { name: 'no surface' }),
      old(4, 'surface-added', { name: 'nobody' }, null),
    ]);
    const row = { id: 's', name: 'Skirting', exclusions: [{ words: 'the brass' }] };
    expect([...rows.surfaces]).toEqual([['s', { row, seq: 2 }]]);
    expect(Object.keys(rows.surfaces.get('s')!.row)).toEqual(['id', 'name', 'exclusions']);
    expect(since).toBeNull();
  });
  test('a change to a row that no entry added begins it', () => {
    const wrote = [{ changed: 'rooms', id: 'r', fields: { name: 'Hall' } }];
    expect(replay([entryOf(1, CHAIN_START, { payload: { wrote } })]).rows.rooms.get('r')).toEqual({
      row: { id: 'r', name: 'Hall' },
      seq: 1,
    });
  });
  test('rows are carried from the entry that added the job, and no sooner', () => {
    const wrote = (...all: object[]) => ({ payload: { wrote: all } });
    const room = wroteRow('rooms', { id: 'r' });
    const changed = { changed: 'job', id: 'j', fields: {} };
    const all = [wrote(room), wrote(changed), wrote(wroteRow('job', { id: 'j' })), wrote(wroteRow('job', { id: 'j' }))];
    expect(replay(all.map((more, i) => entryOf(i + 1, CHAIN_START, more))).since).toBe(3);
  });
});

describe('steps of a system that was settled', () => {
  const rinse = { kind: 'rinse', why: ['x'] };
  const twelve = [...Array.from({ length: 11 }, () => rinse), { kind: 'dust-off', why: ['x'] }];
  const entries = [
    { seq: 4, kind: 'system-overridden', subject: 'a', payload: { steps: twelve } },
    { seq: 5, kind: 'surface-changed', subject: 'a', payload: { steps: [rinse] } },
    { seq: 6, kind: 'system-chosen', subject: 'b', payload: {} },
  ];
  const name = stepNamesIn(entries);
  test('by the entry that settled it, the twelfth line as well, from that entry on', () => {
    expect(name('a', 's12', 4)).toMatch(/^Dust off/);
    expect(name('a', 's12', 7)).toMatch(/^Dust off/);
    expect(name('a', 's12c10', 7)).toMatch(/^Dust off.*, coat 10 of 1$/);
    expect(name('a', 's12', 3)).toBe('s12');
  });
  test('what is no step’s id, and a system without steps, keep the id', () => {
    for (const id of ['s1-old', 'xs1', 's1c', 'plan']) expect(name('a', id, 9)).toBe(id);
    expect(name('b', 's1', 9)).toBe('s1');
  });
});
