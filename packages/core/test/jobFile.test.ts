import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  CHAIN_START,
  chained,
  checkJobFile,
  JOB_FILE_TYPE,
  JOB_FILE_VERSION,
  jobFileJsonSchema,
  UnusableInput,
  verifyJobFile,
  type Entry,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const AT = '2027-03-01T08:00:00Z';

function ledgerOf(payloads: readonly unknown[]): Entry[] {
  let previous = CHAIN_START;
  return payloads.map((payload, i) => {
    const entry = chained(
      { seq: i + 1, jobId: 'j', kind: 'note', subject: null, by: 'Ada Thirle', at: AT, recordedAt: AT, payload },
      previous,
    );
    previous = entry.hash;
    return entry;
  });
}

/** A house with a room, two surfaces, a test and a coat, each witnessed by an entry. */
const whole = () => {
  const test = {
    id: 't',
    test: { kind: 'spirit-rub', result: 'no-transfer' },
    at: AT,
    corrects: null,
    note: '',
  };
  const coat = {
    id: 'c',
    surfaceId: 'b',
    stepId: 's1',
    productId: 'amberstop',
    batch: 'T100',
    startedAt: AT,
    endedAt: '2027-03-01T09:00:00+01:00',
    temperatureC: 18.5,
    relativeHumidityPct: 55,
    litres: 1.2,
  };
  return {
    format: JOB_FILE_TYPE,
    version: JOB_FILE_VERSION,
    job: {
      id: 'j',
      title: 'Reed House',
      place: 'Quay',
      builtYear: 1934,
      status: 'active',
      note: '',
      startsAt: AT,
      temperatureC: 18,
      relativeHumidityPct: 55,
      houseRules: {},
      crewIds: ['p1'],
      racks: 4,
      property: {},
      client: '',
      offers: [],
    },
    rooms: [
      {
        id: 'r',
        name: 'Hall',
        position: 0,
        noDustWhileWet: true,
        backBy: null,
        fumesOutBy: null,
        maxNightsOut: null,
        airFrom: 'reading',
        kind: 'room',
        facing: null,
        sketch: null,
      },
    ],
    surfaces: ['a', 'b'].map((id, position) => ({
      id,
      roomId: 'r',
      name: `Door ${id}`,
      campaign: 'hall gloss',
      facts: { element: 'door', substrate: 'softwood', areaM2: 4 },
      wanted: {},
      position,
      measure: null,
      exclusions: [],
      access: 'floor',
      houseRules: {},
    })),
    tests: [{ ...test, surfaceId: 'a', mark: null, by: 'Ada Thirle' }],
    findings: [],
    choices: [],
    work: [
      {
        ...coat,
        stepKind: 'prime',
        wetFilmUm: null,
        method: 'brush',
        surfaceC: null,
        helper: null,
        note: '',
        instead: null,
        corrects: null,
        withdrawn: false,
        writtenAt: AT,
        usualMin: 60,
        by: 'Ada Thirle',
      },
    ],
    readings: [],
    series: [],
    holds: [],
    troubles: [],
    followUps: [],
    trials: [],
    trialActs: [],
    plans: [],
    documents: [],
    agreements: [],
    photos: [],
    faults: [],
    faultActs: [],
    checks: [],
    products: [],
    ledger: ledgerOf([{ i: 0 }, test, coat]),
  };
};

type File = ReturnType<typeof whole>;
const faultsOf = (file: unknown): string[] => {
  try {
    checkJobFile(file);
    return [];
  } catch (error) {
    return (error as UnusableInput).errors.map((f) => f.path);
  }
};

describe('a whole job as a file', () => {
  test('is counted, and stands after a turn through text', () => {
    const read = JSON.parse(JSON.stringify(whole())) as unknown;
    expect(checkJobFile(read)).toEqual({ ok: true, surfaces: 2, tests: 1, coats: 1, photos: 0, entries: 3 });
    expect(verifyJobFile(read)).toEqual({ whole: true, entries: 3 });
  });

  test.each<[string, (file: File) => unknown, string]>([
    ['another format', (f) => ({ ...f, format: 'text/plain' }), 'format'],
    ['a version that is not known', (f) => ({ ...f, version: 3 }), 'version'],
    ['a surface in no room', (f) => ({ ...f, rooms: [] }), 'surfaces[0].roomId'],
    ['a test of no surface', (f) => ({ ...f, tests: [{ ...f.tests[0], surfaceId: 'x' }] }), 'tests[0].surfaceId'],
    ['a coat on no surface', (f) => ({ ...f, work: [{ ...f.work[0], surfaceId: 'x' }] }), 'work[0].surfaceId'],
    ['a room that stands twice', (f) => ({ ...f, rooms: [...f.rooms, ...f.rooms] }), 'rooms[1].id'],
    ['an entry of another job', (f) => ({ ...f, job: { ...f.job, id: 'k' } }), 'ledger[0].jobId'],
    ['a time that is none', (f) => ({ ...f, tests: [{ ...f.tests[0], at: 'Monday' }] }), 'tests[0].at'],
    ['a coat that ended on no day', (f) => ({ ...f, work: [{ ...f.work[0], endedAt: '' }] }), 'work[0].endedAt'],
    [
      'an element nobody knows',
      (f) => ({ ...f, surfaces: [{ ...f.surfaces[0], facts: { element: 'moat', substrate: 'brick' } }] }),
      'surfaces[0].facts.element',
    ],
    ['a title longer than a title', (f) => ({ ...f, job: { ...f.job, title: 'x'.repeat(201) } }), 'job.title'],
    ['a hash that is no hash', (f) => ({ ...f, ledger: [{ ...f.ledger[0], hash: 'abc' }] }), 'ledger[0].hash'],
    ['no ledger', ({ ledger: _, ...rest }) => rest, 'ledger'],
  ])('%s is refused with its path', (_what, bend, path) => expect(faultsOf(bend(whole())).join(' ')).toContain(path));

  test('anything that is no file is refused, never thrown at', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(() => checkJobFile(value)).toThrow(UnusableInput);
      }),
    );
  });

  test('every field of every entry is under its hash', () => {
    const fields = ['seq', 'jobId', 'kind', 'subject', 'by', 'at', 'recordedAt', 'payload'] as const;
    const bent: Record<(typeof fields)[number], unknown> = {
      seq: 9,
      jobId: 'k',
      kind: 'other',
      subject: 's',
      by: 'Nobody',
      at: '2027-03-01T08:00:01Z',
      recordedAt: '2027-03-01T08:00:01Z',
      payload: { i: 1, more: true },
    };
    for (const field of fields)
      for (const at of [0, 1, 2]) {
        const file = whole();
        const ledger = file.ledger.map((e, i) => (i === at ? { ...e, [field]: bent[field] } : e));
        expect(verifyJobFile({ ...file, ledger })).toMatchObject({ whole: false, brokenAt: at + 1 });
      }
  });

  test('a ledger cut short at its end still stands, but is seen to be shorter', () => {
    const file = whole();
    expect(verifyJobFile({ ledger: file.ledger.slice(0, 2) })).toEqual({ whole: true, entries: 2 });
    // With its rows beside it the cut is found: the coat stands in no entry any more.
    expect(verifyJobFile({ ...file, ledger: file.ledger.slice(0, 2) })).toMatchObject({ whole: false, brokenAt: null });
    expect(verifyJobFile({ ...file, ledger: file.ledger.slice(1) })).toMatchObject({ whole: false, brokenAt: 1 });
  });

  test('a row that says otherwise than its entry is found, and the entry named', () => {
    const bends: [(file: File) => unknown, number][] = [
      [(f) => (f.tests[0]!.test.result = 'transfer'), 2],
      [(f) => (f.tests[0]!.at = '2027-03-02T08:00:00Z'), 2],
      [(f) => (f.tests[0]!.by = 'Nobody'), 2],
      [(f) => (f.work[0]!.litres = 2.4), 3],
      [(f) => (f.work[0]!.batch = 'T101'), 3],
    ];
    for (const [bend, brokenAt] of bends) {
      const file = whole();
      bend(file);
      expect(verifyJobFile(file)).toMatchObject({ whole: false, brokenAt });
    }
  });

  describe('visits and what was looked at', () => {
    const visit = {
      id: 'v',
      onDay: '2028-02-29',
      fromTime: '09:40',
      minutes: 30,
      calls: [{ what: 'look', id: 'a', code: 'new-timber', words: 'Check the joints', minutes: 30 }],
      personId: null,
      roundId: null,
    };
    const act = { id: 'w', visitId: 'v', kind: 'made', note: '' };
    const look = { id: 'l', subject: 'a', code: 'new-timber', holds: true, note: 'tight' };
    const visited = () => {
      const base = whole();
      const payloads = [...base.ledger.map((e) => e.payload), visit, act, look];
      const by = { by: 'Ada Thirle', at: AT };
      return {
        ...base,
        ledger: ledgerOf(payloads),
        visits: [{ ...visit, ...by }],
        visitActs: [{ ...act, ...by }],
        looks: [{ ...look, ...by }],
      };
    };
    test('are rows like others: they stand, each by its entry', () => {
      expect(faultsOf(visited())).toEqual([]);
      expect(verifyJobFile(visited())).toEqual({ whole: true, entries: 6 });
    });
    test('a file from before there were any is read as one without', () => {
      expect(faultsOf(whole())).toEqual([]);
    });
    test.each<[string, (f: ReturnType<typeof visited>) => void, number]>([
      ['a visit moved to another day', (f) => (f.visits[0]!.onDay = '2028-03-01'), 4],
      ['a visit for something else', (f) => (f.visits[0]!.calls[0]!.words = 'Have tea'), 4],
      ['a visit that was called off, not made', (f) => (f.visitActs[0]!.kind = 'called-off'), 5],
      ['a look that held', (f) => (f.looks[0]!.holds = false), 6],
      ['who looked', (f) => (f.looks[0]!.by = 'Nobody'), 6],
    ])('%s is found by its entry', (_what, bend, brokenAt) => {
      const file = visited();
      bend(file);
      expect(verifyJobFile(file)).toMatchObject({ whole: false, brokenAt });
    });
    test.each<[string, (f: ReturnType<typeof visited>) => unknown, string]>([
      ['an end of no visit', (f) => ({ ...f, visits: [] }), 'visitActs[0].visitId'],
      ['a day that is none', (f) => ({ ...f, visits: [{ ...f.visits[0], onDay: '2027-02-29' }] }), 'visits[0].onDay'],
      [
        'an hour that is none',
        (f) => ({ ...f, visits: [{ ...f.visits[0], fromTime: '24:10' }] }),
        'visits[0].fromTime',
      ],
      [
        'a call of a kind nobody knows',
        (f) => ({ ...f, visits: [{ ...f.visits[0], calls: [{ ...visit.calls[0], what: 'tea' }] }] }),
        'visits[0].calls[0].what',
      ],
      ['a look with more than it has', (f) => ({ ...f, looks: [{ ...f.looks[0], mood: 'good' }] }), 'looks[0]'],
      [
        'a place off every map',
        (f) => ({ ...f, job: { ...f.job, property: { mapPlace: { x: -1, y: 2 } } } }),
        'job.property.mapPlace.x',
      ],
      [
        'a year that goes as no year does',
        (f) => ({ ...f, job: { ...f.job, property: { climate: 'hot' } } }),
        'job.property.climate',
      ],
    ])('%s is refused with its path', (_what, bend, path) =>
      expect(faultsOf(bend(visited())).join(' ')).toContain(path),
    );
  });

  test('the same moment in another offset is the same', () => {
    const file = whole();
    file.work[0]!.endedAt = '2027-03-01T08:00:00.000Z';
    expect(verifyJobFile(file)).toEqual({ whole: true, entries: 3 });
  });

  test('the schema for other programs asks for what the check asks for', () => {
    const schema = jobFileJsonSchema() as { required: string[]; properties: Record<string, { const?: unknown }> };
    expect([...schema.required].sort()).toEqual(Object.keys(whole()).sort());
    expect(schema.properties['version']!.const).toBe(JOB_FILE_VERSION);
  });
});
