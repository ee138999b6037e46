import { describe, expect, test } from '@jest/globals';
import {
  chained,
  CHAIN_START,
  LEDGER_EVENTS,
  ledgerText,
  ledgerTitle,
  replay,
  stepNamesIn,
  verifyJobFile,
  wroteRow,
  type Entry,
  type EntryNames,
  type Wrote,
} from '../src/index.ts';

const names: EntryNames = {
  product: (id) => (id === 'p1' ? 'Harbour White' : id),
  step: (id) => (id === 's3c2' ? 'Finish, coat 2 of 2' : id),
  time: (at) => `time ${at}`,
  day: (at) => `day ${at}`,
  date: (at) => `date ${at}`,
};

describe('what an entry says', () => {
  test.each<[string, object, string]>([
    ['job-opened', { title: 'Number 4' }, 'Number 4'],
    ['test-recorded', { test: { kind: 'spirit-rub', result: 'transfer' } }, 'Spirit rub: colour on the rag'],
    [
      'test-corrected',
      { test: { kind: 'spirit-rub', result: 'softens' }, note: 'a used place' },
      'Spirit rub: softens: a used place',
    ],
    ['trial-look', { cell: 'B2', test: { kind: 'cross-cut', grade: 1 } }, 'B2: Cross-cut: grade 1'],
    ['found-while-working', { conditions: ['rot', 'gaps'], note: 'lower rail' }, 'rot, gaps: lower rail'],
    ['exclusions-changed', { exclusions: [{ words: 'the brass' }] }, 'the brass'],
    ['exclusions-changed', { exclusions: [] }, 'nothing'],
    ['campaign-broken', { before: [{ campaign: 'gloss' }, { campaign: 'gloss' }, { campaign: null }] }, 'gloss'],
    [
      'coat-logged',
      { stepId: 's3c2', productId: 'p1', batch: 'B1', temperatureC: 18, relativeHumidityPct: 55 },
      'Finish, coat 2 of 2, Harbour White, batch B1, 18 °C 55 %',
    ],
    ['step-done', { stepId: 's3c2', note: 'in the rain' }, 'Finish, coat 2 of 2: in the rain'],
    ['work-corrected', { stepId: 's3c2', withdrawn: true }, 'Finish, coat 2 of 2: it was not done'],
    [
      'step-held',
      { stepId: 's1', reason: 'the plasterer', until: '2027-04-08' },
      's1: the plasterer, until time 2027-04-08',
    ],
    ['plan-posted', {}, 'cannot be planned'],
    ['plan-posted', { finish: '2027-04-08' }, 'finish time 2027-04-08'],
    ['quote-sent', { number: 7, version: 2 }, 'Q0007, version 2'],
    ['quote-agreed', { name: 'Hesper Quill', number: 7, version: 2 }, 'Hesper Quill, to Q0007, version 2'],
    ['link-made', { expiresAt: '2027-04-08' }, 'open until date 2027-04-08'],
    ['offers-changed', { offers: [{}] }, 'one other way'],
    ['offers-changed', { offers: [] }, '0 other ways'],
    ['room-added', { name: 'Hall' }, 'Hall'],
    ['photo-kept', { note: 'under the sill' }, 'under the sill'],
    ['fault-mended', { fault: 'knock', number: 3, withWhat: 'filler', note: '' }, 'number 3, knock: filler'],
    ['air-read', { temperatureC: 18, relativeHumidityPct: 55 }, '18 °C 55 %'],
    ['air-read', { hours: 72 }, '72 hours from a file'],
    [
      'system-overridden',
      { differs: 'Dull the gloss left out', override: { reason: 'In a day.', signedAs: 'Ada Thirle' } },
      'Dull the gloss left out: In a day. Signed Ada Thirle',
    ],
    [
      'rules-changed',
      {
        from: { oilTrim: 'stay-oil', rollers: 'wash' },
        to: { rollers: 'wash', silicone: 'bridge' },
        note: 'One day.',
      },
      'Old oil gloss on woodwork: as above it; Silicone in the way: bridge with caulk: One day.',
    ],
    ['way-back-written', { fault: 'peels', cause: 'On oil.', note: '' }, 'peels: On oil.'],
    [
      'visit-planned',
      { onDay: '2027-04-08', fromTime: '09:40', calls: [{ words: 'Check the joints' }, { words: 'Mend number 3' }] },
      'day 2027-04-08 09:40: Check the joints; Mend number 3',
    ],
    ['visit-made', { onDay: '2027-04-08', note: '' }, 'day 2027-04-08'],
    ['visit-called-off', { onDay: '2027-04-08', note: 'away' }, 'day 2027-04-08: away'],
    ['looked-again', { holds: true, note: '' }, 'it holds'],
    ['looked-again', { holds: false, note: 'two joints open' }, 'it does not hold: two joints open'],
  ])('%s %j', (kind, payload, words) => expect(ledgerText({ kind, payload }, names)).toBe(words));

  test('every kind has a title of words, and a payload that is not its own says nothing', () => {
    for (const kind of Object.keys(LEDGER_EVENTS)) {
      expect(ledgerTitle(kind)).toMatch(/^[a-z’, -]+$/);
      expect(typeof ledgerText({ kind, payload: null }, names)).toBe('string');
    }
    expect(ledgerTitle('of-a-later-release')).toBe('of-a-later-release');
  });
});

describe('steps are named by the system that stood then', () => {
  const settled = (seq: number, steps: object[]) => ({
    seq,
    kind: 'system-chosen',
    subject: 'a',
    payload: { differs: '', steps },
  });
  const name = stepNamesIn([
    settled(2, [{ kind: 'wash', family: 'alkaline-cleaner', why: ['x'] }]),
    settled(5, [
      { kind: 'rinse', why: ['x'] },
      { kind: 'finish-coat', family: 'acrylic-trim', sheen: 'satin', coats: 2, why: ['x'] },
    ]),
  ]);
  test('before and after another was settled, coat by coat; unknown steps keep their id', () => {
    expect(name('a', 's1', 3)).toContain('Wash');
    expect(name('a', 's1', 6)).toContain('Rinse');
    expect(name('a', 's2c2', 6)).toMatch(/, coat 2 of 2$/);
    expect(name('a', 's9', 6)).toBe('s9');
    expect(name('b', 's1', 6)).toBe('s1');
    expect(name('a', 's1', 1)).toBe('s1');
  });
});

describe('a job rebuilt from its entries', () => {
  const job = { id: 'j', title: 'Number 4', status: 'walk-round' };
  const room = { id: 'r', name: 'Hall', position: 0 };
  const test1 = { id: 't', note: '', by: 'Ada', test: { kind: 'spirit-rub', result: 'transfer' } };
  const at = '2027-03-01T08:00:00.000Z';
  function chainOf(...wrote: (readonly Wrote[])[]): Entry[] {
    const entries: Entry[] = [];
    wrote.forEach((rows, i) => {
      const body = { seq: i + 1, jobId: 'j', kind: 'job-changed', subject: null, by: 'Ada', at, recordedAt: at };
      entries.push(chained({ ...body, payload: { wrote: rows } }, entries.at(-1)?.hash ?? CHAIN_START));
    });
    return entries;
  }
  const ledger = chainOf(
    [wroteRow('job', job)],
    [wroteRow('rooms', room), wroteRow('tests', test1)],
    [
      { changed: 'rooms', id: 'r', fields: { name: 'Stair hall' } },
      { changed: 'job', id: 'j', fields: { status: 'active' } },
    ],
  );
  const file = {
    ledger,
    job: { ...job, status: 'active' },
    rooms: [{ ...room, name: 'Stair hall' }],
    tests: [test1],
  };

  test('rows stand as their last change left them', () => {
    const { rows, kept, since } = replay(ledger);
    expect(rows.rooms.get('r')).toEqual({ row: { ...room, name: 'Stair hall' }, seq: 3 });
    expect(rows.job.get('j')!.row['status']).toBe('active');
    expect(kept.get('tests/t')!.seq).toBe(2);
    expect(since).toBe(1);
    expect(verifyJobFile(file)).toEqual({ whole: true, entries: 3 });
  });

  test.each<[string, object, number | null, RegExp]>([
    ['the job', { job: { ...file.job, title: 'Number 5' } }, 3, /the job says otherwise: title/],
    ['a room', { rooms: [{ ...room, name: 'Hall' }] }, 3, /rooms \(r\) says otherwise: name/],
    ['a room that no entry wrote', { rooms: [...file.rooms, { ...room, id: 'x' }] }, null, /rooms \(x\) stands in no/],
    ['a room that is missing', { rooms: [] }, 3, /rooms \(r\) is not in the file/],
    ['a field that no entry wrote', { rooms: [{ ...file.rooms[0], backBy: '18:00' }] }, 3, /says otherwise: backBy/],
    [
      'a test, in a field that its entry never said',
      { tests: [{ ...test1, mark: { wall: 1, x: 0, y: 0 } }] },
      2,
      /not the one that was written/,
    ],
    ['who made a test', { tests: [{ ...test1, by: 'Mei' }] }, 2, /says otherwise: by/],
  ])('%s that differs is named with the entry that says so', (_what, change, brokenAt, why) => {
    const check = verifyJobFile({ ...file, ...change });
    expect(check).toMatchObject({ whole: false, brokenAt });
    expect((check as { why: string }).why).toMatch(why);
  });

  test('a chain of before entries carried rows is held against what its entries say, and no more', () => {
    const body = { seq: 1, jobId: 'j', kind: 'surface-added', subject: 's', by: 'Ada', at, recordedAt: at };
    const old = chained({ ...body, payload: { id: 's', name: 'Skirting', facts: { element: 'trim' } } }, CHAIN_START);
    expect(replay([old]).rows.surfaces.get('s')!.row).toMatchObject({ name: 'Skirting' });
    expect(replay([old]).since).toBeNull();
    expect(verifyJobFile({ ledger: [old], job, surfaces: [{ id: 's', name: 'Skirting' }] }).whole).toBe(true);
  });
});
