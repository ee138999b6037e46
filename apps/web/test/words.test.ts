import { describe, expect, test } from '@jest/globals';
import { DateTime } from 'luxon';
import { sayHours, sayMoney, sayPercent, sayWeight } from '../src/words/figures.ts';
import { faultSentence } from '../src/words/fieldWords.ts';
import { workBegins } from '../src/words/workDay.ts';
import { sayFromNow, sayLength } from '../src/words/time.ts';
import { wordsOf } from '../src/words/Words.tsx';
import { moveByKeys } from '../src/drying/moveByKeys.ts';
import { withNames } from '../src/drying/planNames.ts';
import { timeAxis } from '../src/drying/timeAxis.ts';
import { EVERYTHING, filterEntries } from '../src/ledger/filterEntries.ts';
import { chartRows } from '../src/drying/chartRows.ts';
import { planRead, planSchema, readBy } from '@rustic/core';
import type { PlanPage } from '../src/store/endpoints.ts';

const { sayDue, sayStep, sayTime } = wordsOf('Europe/London', {});

test.each([
  ['productId', 'is needed', 'Product is needed.'],
  ['facts.areaM2', 'must be above 0', 'The size must be above 0.'],
  [
    'firm.timeZone',
    'must be a time zone by its name, such as Europe/London',
    'Time zone must be a time zone by its name, such as Europe/London.',
  ],
  ['surfaces.2.name', 'is needed', 'Name, number 3 is needed.'],
  [
    '$',
    'is no job file: neither a zip of one nor its JSON',
    'This file is no job file: neither a zip of one nor its JSON.',
  ],
  ['temperatureC', 'is needed for a coat', 'The temperature is needed for a coat.'],
  ['', 'Something else.', 'Something else.'],
])('a fault of %s is said in a sentence', (path, message, said) => expect(faultSentence({ path, message })).toBe(said));

test('a day’s work begins at eight where the firm works, in summer and in winter', () => {
  expect(workBegins('2027-07-01', 'America/Denver')).toBe('2027-07-01T14:00:00.000Z');
  expect(workBegins('2027-01-15', 'America/Denver')).toBe('2027-01-15T15:00:00.000Z');
  expect(workBegins('2027-01-15', 'Pacific/Auckland')).toBe('2027-01-14T19:00:00.000Z');
});

describe('times as people say them', () => {
  test.each([
    [5, '5 min'],
    [60, '1 h'],
    [80, '1 h 20'],
    [605, '10 h 05'],
    [2880, '2 days'],
  ])('%d minutes', (m, words) => expect(sayLength(m)).toBe(words));
  test('in the zone of the firm, with the date once it is far', () => {
    expect(sayTime('2027-07-01T15:40:00Z', '2027-06-30T10:00:00Z')).toBe('Thu 16:40');
    expect(sayTime('2027-07-21T15:40:00Z', '2027-06-30T10:00:00Z')).toBe('Wed 21 Jul 16:40');
  });
  test('from now', () => {
    expect(sayFromNow(135, 100)).toBe('in 35 min');
    expect(sayFromNow(80, 100)).toBe('20 min ago');
  });
  test('due and past', () => {
    expect(sayDue('2027-01-01T00:00:00Z', '2027-01-01T00:00:00Z')).toBe('today');
    expect(sayDue('2026-11-01T00:00:00Z', '2027-01-01T00:00:00Z')).toContain('past');
  });
});

describe('figures', () => {
  test('a thing that is not certain is never said to be', () => {
    expect(sayPercent(0.998)).toBe('99 %');
    expect(sayPercent(0.003)).toBe('<1 %');
    expect(sayPercent(0.92)).toBe('92 %');
  });
  test('weights for and against', () => {
    expect(sayWeight(11.2)).toBe('11 to 1 for');
    expect(sayWeight(0.25)).toBe('4 to 1 against');
    expect(sayWeight(1.05)).toBe('hardly weighs');
  });
  test('money and hours', () => {
    expect(sayMoney(123450, 'GBP')).toBe('£1,234.50');
    expect(sayMoney(1200, 'GBP')).toBe('£12');
    expect(sayHours(78)).toBe('1.3');
  });
});

test('a step reads as a painter would write it', () => {
  expect(sayStep({ kind: 'prime', family: 'shellac-primer', coats: 1, tint: 'grey-deep', scope: 'all', why: [] })).toBe(
    'Prime all: shellac primer, deep grey, one coat',
  );
  expect(sayStep({ kind: 'sand', grit: 220, technique: 'wet', why: [] })).toBe('Sand: 220 grit, wet');
  expect(sayStep({ kind: 'rinse', why: [] })).toBe('Rinse');
});

describe('the drawn plan', () => {
  const input = readBy(planSchema, {
    start: '2027-03-01T08:00:00+00:00',
    timeZone: 'Europe/London',
    crew: [{ id: 'p' }],
    air: { kind: 'steady', temperatureC: 15, relativeHumidityPct: 60 },
    zones: [{ id: 'r' }],
    surfaces: [
      {
        id: 's',
        zone: 'r',
        steps: [
          { id: 's1', kind: 'wash', minutes: 30 },
          { id: 's2', kind: 'sand', minutes: 30 },
          {
            id: 's3',
            kind: 'prime',
            minutes: 60,
            drying: { chemistry: 'waterborne', recoatMin: 120, recoatMaxMin: 3000 },
          },
          { id: 's4', kind: 'finish-coat', minutes: 60, drying: { chemistry: 'waterborne', recoatMin: 120 } },
        ],
      },
    ],
  });
  const page = {
    input,
    plan: planRead(input),
    rooms: [{ id: 'r', name: 'Hall' }],
    surfaces: [{ id: 's', roomId: 'r', name: 'Trim', element: 'trim' as const }],
    people: [{ id: 'p', name: 'Ada Thirle', initials: 'AT' }],
    log: [],
    jobs: [{ id: 'j', title: 'Mill' }],
  } as unknown as PlanPage;

  test('joins preparation, numbers coats, runs each wedge down to nothing, opens and flags', () => {
    const [row] = chartRows(page);
    expect(row!.blocks.map((b) => b.coat)).toEqual([null, 1, 2]);
    expect(row!.blocks[0]!.hands).toBe('AT');
    for (const wedge of row!.wedges) {
      expect(wedge.left[0]).toBe(1);
      expect(wedge.left.at(-1)).toBeLessThan(0.02);
      expect([...wedge.left].sort((a, b) => b - a)).toEqual(wedge.left);
    }
    // The second coat starts the minute the first opens: only the last ground lies open.
    expect(row!.open).toHaveLength(1);
    expect(row!.flags).toHaveLength(1);
  });

  test('shows where a block stood before it moved, and only then', () => {
    const { plan } = page;
    if (plan.status !== 'feasible') throw new Error('must stand');
    const earlier = {
      ...plan,
      steps: plan.steps.map((s) => (s.id === 's4' ? { ...s, start: '2027-03-01T15:00:00+00:00' } : s)),
    };
    expect(chartRows(page, plan)[0]!.ghosts).toEqual([]);
    expect(chartRows(page, earlier)[0]!.ghosts.map((g) => g.key)).toEqual(['s4']);
  });

  test('steps, rooms and surfaces are called by their names', () => {
    const surface = '01a212da-f0be-7639-be61-b0cefcaa998a';
    const named = {
      input: { ...input, surfaces: [{ ...input.surfaces[0]!, id: surface }] },
      surfaces: [{ id: surface, jobId: 'j', roomId: 'r', name: 'Trim', element: 'trim' as const }],
      rooms: [{ id: 'room-1', name: 'Hall' }] as PlanPage['rooms'],
    };
    expect(withNames(named, `The coat before it (${surface}/s3) closes; "room-1" is out; ${surface} waits.`)).toBe(
      'The coat before it (Trim, prime) closes; "Hall" is out; Trim waits.',
    );
  });

  test('keys go from block to block by the clock, and move the chosen one by a quarter of an hour', () => {
    const rows = chartRows(page);
    const said: [string, unknown][] = [];
    const press = (key: string, shiftKey: boolean, chosen: string | null) =>
      moveByKeys({ key, shiftKey, preventDefault: () => undefined } as never, {
        rows,
        now: 0,
        chosen,
        onChoose: (name) => said.push(['choose', name]),
        onDrag: (name, to) => said.push([name, to]),
      });
    press('ArrowRight', false, null);
    press('ArrowRight', false, 's/s1');
    press('ArrowRight', true, 's/s3');
    press('Escape', false, 's/s3');
    const coat = rows[0]!.blocks.find((b) => b.key === 's3')!;
    expect(said).toEqual([
      ['choose', 's/s1'],
      ['choose', 's/s3'],
      ['s/s3', coat.start + 15],
      ['choose', null],
    ]);
  });

  test('runs left to right, nights narrow', () => {
    const from = Date.parse('2027-03-26T08:00:00Z') / 60_000;
    const axis = timeAxis(from, from + 4 * 1440, 'Europe/London', 100, 140);
    let last = -1;
    for (let m = from; m < from + 4 * 1440; m += 30) {
      const x = axis.x(m);
      expect(x).toBeGreaterThanOrEqual(last);
      last = x;
    }
    for (const day of axis.days) expect(day.nightX1 - day.x1).toBeLessThan((day.x1 - day.x0) / 3);
  });
});

describe('looking for entries', () => {
  const entry = (over: object) =>
    ({ seq: 1, subject: 's', by: 'Ada', kind: 'test-recorded', at: '2026-03-01T10:00:00Z', ...over }) as never;
  const all = [
    entry({ seq: 1 }),
    entry({ seq: 2, by: 'Mei', kind: 'coat-logged', at: '2026-03-02T10:00:00Z' }),
    entry({ seq: 3, subject: 'other', by: 'Mei', at: '2026-03-03T10:00:00Z' }),
  ];
  const seqs = (looked: object) =>
    filterEntries(all, { ...EVERYTHING, ...looked }, (iso) => iso.slice(0, 10)).map((e) => e.seq);
  test('by surface, person, kind and days, both days included, all of them at once', () => {
    expect(seqs({})).toEqual([1, 2, 3]);
    expect(seqs({ subject: 's' })).toEqual([1, 2]);
    expect(seqs({ by: 'Mei' })).toEqual([2, 3]);
    expect(seqs({ from: '2026-03-02', to: '2026-03-02' })).toEqual([2]);
    expect(seqs({ subject: 's', by: 'Mei', kind: 'coat-logged' })).toEqual([2]);
    expect(seqs({ subject: 's', by: 'Nobody' })).toEqual([]);
  });
});

describe('times in a zone', () => {
  const { sayHour, sayDate, sayDay, localDay } = wordsOf('America/New_York', {});
  test('a moment falls on the day of the zone; a day by itself is that day everywhere', () => {
    expect([localDay('2027-03-02T03:30:00Z'), sayDay('2027-03-02T03:30:00Z')]).toEqual(['2027-03-01', 'Mon 1 Mar']);
    expect([localDay('2027-03-02'), sayDay('2027-03-02'), sayDate('2027-03-02')]).toEqual([
      '2027-03-02',
      'Tue 2 Mar',
      '2 Mar 2027',
    ]);
    expect(sayHour('2027-03-02T03:30:00Z', '2027-03-01T15:00:00Z')).toBe('22:30');
    expect(sayHour('2027-03-02T15:30:00Z', '2027-03-01T15:00:00Z')).toBe('Tue 10:30');
  });
  test('minutes since the epoch are moments, and the clock’s change in spring is followed', () => {
    expect(wordsOf('Europe/London', {}).sayHour(Date.parse('2027-03-28T00:30:00Z') / 60_000)).toBe('00:30');
    expect(wordsOf('Europe/London', {}).sayHour(Date.parse('2027-03-28T01:30:00Z') / 60_000)).toBe('02:30');
  });
  test('agrees with the calendar library in every hour of a year, in five zones', () => {
    for (const zone of ['Europe/London', 'America/St_Johns', 'Asia/Kathmandu', 'Pacific/Chatham', 'UTC']) {
      const times = wordsOf(zone, {});
      for (let hour = 0; hour < 24 * 365; hour += 7) {
        const at = DateTime.fromMillis(Date.UTC(2027, 0, 1, hour), { zone }).setLocale('en-GB');
        const said = [times.sayDay(at.toISO()!), times.sayHour(at.toMillis() / 60_000), times.localDay(at.toISO()!)];
        expect(said).toEqual([at.toFormat('ccc d LLL'), at.toFormat('HH:mm'), at.toISODate()]);
      }
    }
  });
});
