import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  aftercareOf,
  assessSchema,
  caseOf,
  CHAIN_START,
  chained,
  checkChain,
  colourDifference,
  hashOf,
  jobFileJsonSchema,
  readBy,
  SHIPPED_SHELF,
  type Entry,
} from '../src/index.ts';

// The same cases every run; change the seed to look elsewhere.
fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const chainOf = (payloads: readonly unknown[]): Entry[] => {
  let previous = CHAIN_START;
  return payloads.map((payload, i) => {
    const entry = chained(
      {
        seq: i + 1,
        jobId: 'j',
        kind: 'note',
        subject: null,
        by: 'Ada Thirle',
        at: '2027-01-01T08:00:00Z',
        recordedAt: '2027-01-01T08:00:00Z',
        payload,
      },
      previous,
    );
    previous = entry.hash;
    return entry;
  });
};

describe('the ledger', () => {
  test('hashes the bytes of canonical JSON: a published SHA-256 and key order', () => {
    expect(hashOf('abc')).toBe('6cc43f858fbb763301637b5af970e2a46b46f461f27e5a0f41e009c59b827b25');
    expect(hashOf({ b: 1, a: [1, 2] })).toBe(hashOf({ a: [1, 2], b: 1 }));
  });

  test('stands as written, and breaks at the entry where any character is changed', () => {
    fc.assert(
      fc.property(
        fc.array(fc.jsonValue(), { minLength: 1, maxLength: 6 }),
        fc.nat(),
        fc.nat(),
        (payloads, which, where) => {
          const chain = chainOf(payloads.map((p) => JSON.parse(JSON.stringify(p ?? null))));
          expect(checkChain(chain)).toEqual({ whole: true, entries: chain.length });
          const at = which % chain.length;
          const entry = chain[at]!;
          const fields = ['jobId', 'kind', 'by', 'at', 'recordedAt', 'previousHash', 'hash'] as const;
          const field = fields[where % fields.length]!;
          const changed = chain.map((e, i) => (i === at ? { ...e, [field]: `${entry[field]}x` } : e));
          expect(checkChain(changed)).toMatchObject({ whole: false, brokenAt: at + 1 });
        },
      ),
      { numRuns: 60 },
    );
  });

  test('misses an entry that is gone, and one that was put in', () => {
    const chain = chainOf([1, 2, 3]);
    expect(checkChain([chain[0]!, chain[2]!])).toMatchObject({ whole: false, brokenAt: 2 });
    expect(checkChain([...chain.slice(0, 2), chain[1]!])).toMatchObject({ whole: false, brokenAt: 3 });
  });
});

describe('aftercare', () => {
  const caseFor = (surface: object) =>
    caseOf(
      readBy(assessSchema, {
        surface: { element: 'railing', substrate: 'softwood', exposure: 'exterior-exposed', ...surface },
      }),
    ).c;
  const product = SHIPPED_SHELF.find((p) => p.family === 'exterior-acrylic')!;
  const air = (temperatureC: number) => ({ kind: 'steady' as const, temperatureC, relativeHumidityPct: 55 });
  const items = (thickness = 1, t = 20) =>
    aftercareOf(
      caseFor({ isNew: true }),
      { end: '2027-10-04T15:00:00+01:00', product, thickness },
      air(t),
      'Europe/London',
      { hemisphere: 'northern', climate: 'mild-coast' },
    );
  const when = (list: ReturnType<typeof items>, code: string) => Date.parse(list.find((i) => i.code === code)!.at);

  test('uses open in order, later in cold air and for a thick film', () => {
    const codes = ['touch', 'close', 'load', 'wash', 'cured'];
    const times = codes.map((c) => when(items(), c));
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    expect(when(items(1.4), 'cured')).toBeGreaterThan(when(items(), 'cured'));
    expect(when(items(1, 12), 'cured')).toBeGreaterThan(when(items(), 'cured'));
  });
  test('new timber is looked at after its first full year, and coated in a dry season', () => {
    expect(
      items()
        .find((i) => i.code === 'new-timber')!
        .at.slice(0, 10),
    ).toBe('2028-10-04');
    expect(
      items()
        .find((i) => i.code === 'new-timber-coat')!
        .at.slice(0, 7),
    ).toBe('2029-05');
  });
});

describe('colour difference', () => {
  test('is nothing for the same, small for near, and 100 from black to white', () => {
    expect(colourDifference('#22384d', '#22384d')).toBe(0);
    expect(colourDifference('#efe9d8', '#eee8d7')).toBeLessThan(1);
    expect(colourDifference('#000000', '#ffffff')).toBeCloseTo(100, 0);
  });
});

test('the JSON Schema in the repository is the one the core gives', async () => {
  const { readFile } = await import('node:fs/promises');
  const kept = JSON.parse(await readFile(new URL('../../../docs/job.schema.json', import.meta.url), 'utf8'));
  expect(kept).toEqual(JSON.parse(JSON.stringify(jobFileJsonSchema())));
});
