import 'fake-indexeddb/auto';
import { afterAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { WorkStep } from '@rustic/core';
import type { KeptBrief } from '../src/outbox/signal.ts';
import type { TodayLine } from '../src/store/endpoints.ts';
import { measuresOf } from '../src/words/measures.ts';
import { readMinutes } from '../src/words/readMinutes.ts';

// What a browser has and Node has not.
const heard: Record<string, (() => void)[]> = {};
const stage = { addEventListener: (name: string, act: () => void) => (heard[name] ??= []).push(act) };
Object.assign(globalThis, {
  BroadcastChannel: undefined,
  navigator: {},
  window: stage,
  document: { ...stage, visibilityState: 'visible' },
});

const { clockAhead, heardClock, now, putRight } = await import('../src/clock/clock.ts');
const { outbox } = await import('../src/outbox/outbox.ts');
const { beginSending, endSending, outcomeOf, sendKept } = await import('../src/outbox/sender.ts');
const { withUnsent } = await import('../src/today/withUnsent.ts');
const { timesIn } = await import('../src/words/time.ts');
const { groupsOf } = await import('../src/today/groups.ts');
const { logSent, NOTHING_SAID, tinSaid } = await import('../src/today/logSaid.ts');
const { noticesOf } = await import('../src/today/useNotices.ts');

const write = (id: string, more: object = {}) => ({
  id,
  personId: 'mei',
  by: 'Mei',
  at: '2026-03-02T09:00:00Z',
  command: 'logWork' as const,
  method: 'POST',
  path: '/api/jobs/1/work',
  body: JSON.stringify({ id }),
  type: 'application/json',
  ...more,
});
/** A server of the test: answers as it is told, and remembers what came. */
const server = { status: 201, came: [] as string[], answer: {} as object, away: false };
let person: string | null = 'mei';
let told = 0;
globalThis.fetch = (async (_path: string, { body }: { body: string }) => {
  if (server.away) throw new TypeError('no network');
  server.came.push((JSON.parse(body) as { id: string }).id);
  const headers = new Headers({ date: new Date().toUTCString() });
  return { ok: server.status < 300, status: server.status, headers, json: async () => server.answer };
}) as never;

beforeEach(async () => {
  for (const kept of await outbox.all()) await outbox.drop(kept.seq);
  Object.assign(server, { status: 201, came: [], answer: {}, away: false });
  person = 'mei';
  told = 0;
  beginSending({ onSent: () => (told += 1), person: () => person });
  await sendKept();
});
afterAll(() => endSending());

describe('what is written on a device', () => {
  test('goes in the order in which it was written, once each, and is gone from the device', async () => {
    server.away = true;
    for (const id of ['a', 'b', 'c']) await outbox.put(write(id));
    await sendKept();
    expect(server.came).toEqual([]);
    expect(await outbox.all()).toHaveLength(3);
    server.away = false;
    await Promise.all([sendKept(), sendKept(), sendKept()]);
    expect(server.came).toEqual(['a', 'b', 'c']);
    expect(await outbox.all()).toEqual([]);
    expect(told).toBe(3);
  });
  test('stays while the server is away, overrun, or does not know who asks', async () => {
    for (const status of [500, 503, 429, 401]) {
      server.status = status;
      await outbox.put(write(`w${status}`));
      await sendKept();
    }
    expect(await outbox.all()).toHaveLength(4);
    expect((await outbox.all()).every((k) => k.refused === null)).toBe(true);
  });
  test('that the server will not take is kept with what it says, and does not hold up the next', async () => {
    server.status = 409;
    server.answer = { code: 'already-logged', message: 'This step is logged already.', theirs: { id: 't' } };
    const seq = await outbox.put(write('late'));
    await sendKept();
    server.status = 201;
    await outbox.put(write('next'));
    await sendKept();
    const [kept, ...others] = await outbox.all();
    expect(others).toEqual([]);
    expect(kept).toMatchObject({ seq, refused: { code: 'already-logged', theirs: { id: 't' } } });
    await outbox.replace(kept!, { id: 'again', body: JSON.stringify({ id: 'again' }) });
    await sendKept();
    expect(server.came).toEqual(['late', 'next', 'again']);
    expect(await outbox.all()).toEqual([]);
  });
  test('is only sent as the person who wrote it, and waits for them through another’s session', async () => {
    await outbox.put(write('hers'));
    await outbox.put(write('his', { personId: 'tobiah' }));
    person = 'tobiah';
    await sendKept();
    expect(server.came).toEqual(['his']);
    person = null;
    await sendKept();
    expect(await outbox.all()).toHaveLength(1);
    person = 'mei';
    await sendKept();
    expect(server.came).toEqual(['his', 'hers']);
  });
  test('is told to whoever still waits at the form: the answer, the refusal, or that it is still here', async () => {
    server.answer = { opensAt: 5 };
    expect(await outcomeOf(await outbox.put(write('1')), 1000)).toEqual({ sent: true, answer: { opensAt: 5 } });
    server.status = 400;
    server.answer = { code: 'invalid', message: 'no batch' };
    expect(await outcomeOf(await outbox.put(write('2')), 1000)).toMatchObject({ sent: false, status: 400 });
    // Refused at the form, it is the form's to put right: nothing stays behind.
    expect(await outbox.all()).toEqual([]);
    server.away = true;
    expect(await outcomeOf(await outbox.put(write('3')), 1000)).toBeNull();
    expect(await outbox.all()).toHaveLength(1);
  });
});

const step = (id: string, kind: string, drying?: object): WorkStep =>
  ({
    step: 0,
    coat: 1,
    product: drying ? { wetFilmUm: 100 } : null,
    plan: { id, kind, minutes: 30, waitMin: 0, ...(drying ? { drying } : {}) },
  }) as never;
const line = (more: Partial<TodayLine> = {}): TodayLine =>
  ({
    surfaceId: 's',
    name: 'Skirting',
    room: 'Hall',
    standing: 'to-start',
    next: step('s1', 'wash'),
    opensAt: null,
    closesAt: null,
    offered: { batch: null, temperatureC: 23, relativeHumidityPct: 50 },
    work: [
      step('s1', 'wash'),
      step('s2', 'prime', { chemistry: 'waterborne', recoatMin: 120 }),
      step('s3', 'finish-coat'),
    ],
    done: [],
    held: null,
    crew: [],
    plannedStart: '2026-03-02T10:00:00Z',
    ...more,
  }) as never;
const kept = (stepId: string, endedAt: string, more: object = {}): KeptBrief =>
  ({
    command: 'logWork',
    refused: null,
    body: { surfaceId: 's', stepId, startedAt: endedAt, endedAt, ...more },
  }) as never;
const minute = (iso: string) => Date.parse(iso) / 60_000;

describe('the run sheet without a signal', () => {
  const now = minute('2026-03-02T12:00:00Z');
  test('goes on by what is logged here: the next step stands, drying by the air that was read', () => {
    const [after] = withUnsent([line()], [kept('s1', '2026-03-02T11:00:00Z')], now);
    expect(after).toMatchObject({ standing: 'open', next: { plan: { id: 's2' } } });
    const coat = kept('s2', '2026-03-02T11:30:00Z', { temperatureC: 23, relativeHumidityPct: 50 });
    const [drying] = withUnsent([line()], [kept('s1', '2026-03-02T11:00:00Z'), coat], now);
    expect(drying).toMatchObject({ standing: 'drying', opensAt: minute('2026-03-02T13:30:00Z') });
    const [cold] = withUnsent([line()], [{ ...coat, body: { ...coat.body!, temperatureC: 12 } }], now);
    expect(cold!.opensAt!).toBeGreaterThan(drying!.opensAt!);
    const [heavy] = withUnsent([line()], [{ ...coat, body: { ...coat.body!, wetFilmUm: 200 } }], now);
    expect(heavy!.opensAt! - minute('2026-03-02T11:30:00Z')).toBe(4 * 120);
  });
  test('leaves alone what is of another surface, was refused, or is no work', () => {
    const other = kept('s1', '2026-03-02T11:00:00Z', { surfaceId: 'x' });
    const refused = { ...kept('s1', '2026-03-02T11:00:00Z'), refused: { code: 'x', message: '' } };
    const test_ = { ...kept('s1', '2026-03-02T11:00:00Z'), command: 'recordTest' as const };
    expect(withUnsent([line()], [other, refused, test_], now)).toEqual([line()]);
  });
});

describe('a log as it is sent', () => {
  const coat = {
    jobId: 'j',
    surfaceId: 's',
    name: '',
    next: step('s2', 'prime', {}),
    offered: line().offered,
  } as never;
  test('reads figures as people write them, and leaves out what is not said', () => {
    const said = {
      ...NOTHING_SAID,
      productId: 'p',
      batch: ' B7 ',
      t: '18,5',
      rh: '55',
      litres: '0,4',
      minutesAgo: '10',
    };
    const sent = logSent(coat, said, {
      id: 'id',
      now: Date.parse('2026-03-02T12:00:00Z'),
      measures: measuresOf('metric'),
      corrects: 'earlier',
    });
    expect(sent).toEqual({
      id: 'id',
      surfaceId: 's',
      stepId: 's2',
      startedAt: '2026-03-02T11:20:00.000Z',
      endedAt: '2026-03-02T11:50:00.000Z',
      productId: 'p',
      batch: 'B7',
      temperatureC: 18.5,
      relativeHumidityPct: 55,
      litres: 0.4,
      corrects: 'earlier',
    });
  });
  test('in gallons, mils and °F it is sent as the record has it', () => {
    const said = { ...NOTHING_SAID, t: '64', surfaceT: '59', litres: '0.5', wetFilm: '4' };
    const us = { id: 'id', now: 0, measures: measuresOf('us') };
    const sent = logSent(coat, said, us);
    expect(sent).toMatchObject({ temperatureC: 17.8, surfaceC: 15, wetFilmUm: 102 });
    expect(sent.litres).toBeCloseTo(1.893, 3);
    expect(logSent(coat, { ...said, litres: '1 qt' }, us).litres).toBeCloseTo(0.946, 3);
  });
  test('how long it took is sent where somebody says it, as people write it, and begins it so long before', () => {
    const at = { id: 'id', now: Date.parse('2026-03-02T12:00:00Z'), measures: measuresOf('metric') };
    const unsaid = logSent(coat, { ...NOTHING_SAID }, at);
    expect('handsOnMin' in unsaid).toBe(false);
    const sent = logSent(coat, { ...NOTHING_SAID, handsOn: '1 h 20' }, at);
    expect([sent.handsOnMin, sent.startedAt]).toEqual([80, '2026-03-02T10:40:00.000Z']);
  });
  test.each([
    ['80', 80],
    ['1 h 20', 80],
    ['1:20', 80],
    ['1h20', 80],
    ['1.5 h', 90],
    ['1,5 hours', 90],
    ['45 min', 45],
    ['2h', 120],
    ['a while', Number.NaN],
    ['', Number.NaN],
  ])('"%s" is read as %d minutes', (text, minutes) => expect(readMinutes(text)).toBe(minutes));
  test('of a step that is no coat says nothing of paint', () => {
    const said = { ...NOTHING_SAID, productId: 'p', t: '18', helper: 'Tobiah' };
    const sent = logSent({ ...(coat as object), next: step('s1', 'wash') } as never, said, {
      id: 'id',
      now: 0,
      measures: measuresOf('metric'),
    });
    expect(Object.keys(sent).sort()).toEqual(['endedAt', 'helper', 'id', 'startedAt', 'stepId', 'surfaceId']);
  });
  test('a label of ours tells product and batch; any other code tells nothing', () => {
    expect(tinSaid('rustic-ledger:tin?job=j&product=amberstop&batch=F26%2F1')).toEqual({
      productId: 'amberstop',
      batch: 'F26/1',
    });
    expect(tinSaid('rustic-ledger:tin?job=j')).toBeNull();
    expect(tinSaid('https://elsewhere.example/?product=x')).toBeNull();
  });
});

describe('what is told of beforehand', () => {
  test('coats that open, and coats an hour before they close; nothing past, nothing far off', () => {
    const now = 1000;
    const lines = [
      line({ surfaceId: 'a', standing: 'drying', opensAt: 1100, closesAt: 1500 }),
      line({ surfaceId: 'b', standing: 'drying', opensAt: 990 }),
      line({ surfaceId: 'c', standing: 'drying', opensAt: 9000 }),
      line({ surfaceId: 'd', standing: 'done', opensAt: 1100 }),
    ];
    expect(noticesOf(lines, now).map((n) => [n.tag, n.at])).toEqual([
      ['open-a', 1100],
      ['close-a', 1440],
    ]);
  });
});

describe('a clock that is wrong', () => {
  const device = Date.UTC(2027, 2, 5, 9, 0);
  const says = (ms: number) => new Date(ms).toUTCString();
  test('is known by what the server says, and what is noted is put right by it', () => {
    const threeDays = 3 * 86_400_000;
    heardClock(says(device - threeDays), device);
    expect(clockAhead()).toBe(threeDays);
    expect(Math.abs(now() - (Date.now() - threeDays))).toBeLessThan(1000);
    heardClock(says(device + 3_600_000), device);
    expect(clockAhead()).toBe(-3_600_000);
    heardClock(says(device - 4_000), device);
    expect(clockAhead()).toBe(0);
  });
  test('an answer without a time, or with nonsense, tells nothing', () => {
    for (const date of [null, undefined, '', 'yesterday']) heardClock(date, device);
    expect(clockAhead()).toBe(0);
  });
  test('moves the times of a write by the difference, and nothing else of it', () => {
    const body = {
      id: 'a',
      startedAt: '2027-03-08T09:00:00+01:00',
      endedAt: '2027-03-08T09:30:00Z',
      note: 'at 9',
      litres: 1,
    };
    expect(putRight(body, 3 * 86_400_000)).toEqual({
      ...body,
      startedAt: '2027-03-05T08:00:00.000Z',
      endedAt: '2027-03-05T09:30:00.000Z',
    });
  });
});

describe('the run sheet by the clock', () => {
  const at = Date.parse('2027-03-01T10:00:00Z') / 60_000;
  const line = (
    name: string,
    standing: TodayLine['standing'],
    plannedStart: string | null = null,
    opensAt: number | null = null,
  ) => ({ name, standing, plannedStart, opensAt }) as TodayLine;
  test('puts each line under one heading: closing, open, opening, today, tomorrow, later', () => {
    const lines = [
      line('later', 'to-start', '2027-03-04T08:00:00Z'),
      line('unplanned', 'to-start'),
      line('tomorrow b', 'to-start', '2027-03-02T11:00:00Z'),
      line('tomorrow a', 'to-start', '2027-03-02T08:00:00Z'),
      line('today', 'to-start', '2027-03-01T14:00:00Z'),
      line('overdue', 'to-start', '2027-02-27T08:00:00Z'),
      line('second to open', 'drying', null, at + 90),
      line('first to open', 'drying', null, at + 20),
      line('open', 'open'),
      line('closing', 'closing'),
    ];
    const { first, then } = groupsOf(lines, at, timesIn('Europe/London').localDay);
    const said = [...first, ...then].map((g) => [g.words, g.lines.map((l) => l.name)]);
    expect(said).toEqual([
      ['Closing soon', ['closing']],
      ['Hands on now', ['open']],
      ['Opening next', ['first to open', 'second to open']],
      ['To start today', ['overdue', 'today']],
      ['Tomorrow', ['tomorrow a', 'tomorrow b']],
      ['Later', ['later', 'unplanned']],
    ]);
  });
});
