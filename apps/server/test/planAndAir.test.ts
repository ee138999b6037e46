import { beforeAll, describe, expect, test } from '@jest/globals';
import { brokenRules } from '../../../packages/core/test/planChecker.ts';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let mei: Client;
beforeAll(async () => {
  ada = await signedIn();
  mei = await signedIn('mei');
});

const HOUR = 3_600_000;
const after = (ms: number) => new Promise((then) => setTimeout(then, ms));
const stamp = (at: number) => `${new Date(at).toISOString().slice(0, 19).replace(/[-:]/g, '')}Z`;
const calendar = (...events: string[][]) =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    ...events.flatMap((e) => ['BEGIN:VEVENT', ...e, 'END:VEVENT']),
    'END:VCALENDAR',
  ].join('\r\n');

describe('a calendar that is read in', () => {
  const soon = Math.ceil(Date.now() / HOUR) * HOUR + 30 * HOUR;
  const once = ['UID:a', `DTSTART:${stamp(soon)}`, `DTEND:${stamp(soon + HOUR)}`, 'SUMMARY:Boat club'];
  const weekly = [
    'UID:b',
    `DTSTART:${stamp(soon + 2 * HOUR)}`,
    `DTEND:${stamp(soon + 3 * HOUR)}`,
    'RRULE:FREQ=WEEKLY;COUNT=4',
    'SUMMARY:Evening class',
  ];
  const free = ['UID:c', `DTSTART:${stamp(soon)}`, `DTEND:${stamp(soon + HOUR)}`, 'TRANSP:TRANSPARENT'];
  const called = ['UID:d', `DTSTART:${stamp(soon)}`, `DTEND:${stamp(soon + HOUR)}`, 'STATUS:CANCELLED'];

  test('is laid out event by event, without what is free or called off; a new file takes its place', async () => {
    const ics = calendar(once, weekly, free, called);
    const body = { id: uuid(), ics };
    expect((await mei.post('/api/calendar/busy', body)).body).toEqual({ busy: 5 });
    expect((await mei.post('/api/calendar/busy', body)).body).toEqual({ busy: 5 });
    const { busy, taken } = (await mei.get('/api/calendar')).body;
    expect(busy).toBe(5);
    expect(taken[0]).toMatchObject({ title: 'Boat club', startsAt: new Date(soon).toISOString() });
    expect((await ada.get('/api/calendar')).body.busy).toBe(0);
    const { body: jobs } = await ada.get('/api/jobs');
    const house = jobs.find((j: { title: string }) => j.title.startsWith('Ferrykeeper'));
    const { input, plan } = (await ada.get(`/api/jobs/${house.id}/plan`)).body;
    expect(input.crew.some((c: { busy: object[] }) => c.busy.length >= 5)).toBe(true);
    expect(brokenRules(input, plan)).toEqual([]);
    expect((await mei.post('/api/calendar/busy', { id: uuid(), ics: null })).body).toEqual({ busy: 0 });
  });

  test('is refused whole when it cannot be read, and what was there stays', async () => {
    await mei.post('/api/calendar/busy', { id: uuid(), ics: calendar(once) });
    for (const ics of ['tides', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT', `BEGIN:VCARD\r\nEND:VCARD`]) {
      const answer = await mei.post('/api/calendar/busy', { id: uuid(), ics });
      expect(answer.status).toBe(400);
      expect(answer.body.errors[0]).toMatchObject({ path: 'ics' });
    }
    const endless = calendar([...once, 'RRULE:FREQ=SECONDLY']);
    expect([201, 400]).toContain((await mei.post('/api/calendar/busy', { id: uuid(), ics: endless })).status);
    await mei.post('/api/calendar/busy', { id: uuid(), ics: null });
  });
});

describe('what is asked of a room', () => {
  async function room() {
    const { jobId, roomId } = await newJob(ada, 1995);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
    const page = async () => (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    const ask = async (over: object) => {
      const { rooms } = await page();
      return ada.send('PATCH', `/api/rooms/${roomId}`, { id: uuid(), version: rooms[0].version, ...over });
    };
    return { jobId, roomId, page, ask };
  }

  test('an hour that cannot be met is explained, and the hour that would do holds', async () => {
    const { page, ask } = await room();
    expect((await ask({ backBy: '08:05' })).status).toBe(200);
    const { plan } = await page();
    expect(plan.status).toBe('infeasible');
    const [, clock] = /Back by (\d\d:\d\d) would do/.exec(plan.reasons[0].text) ?? [];
    expect(clock).toBeDefined();
    await ask({ backBy: clock });
    const after = await page();
    expect(after.plan.status).toBe('feasible');
    expect(brokenRules(after.input, after.plan)).toEqual([]);
  });

  test('what is no hour, no number of nights, no source is refused', async () => {
    const { ask } = await room();
    for (const over of [{ backBy: '25:00' }, { maxNightsOut: -1 }, { airFrom: 'guess' }, { fumesOutBy: 'noon' }])
      expect((await ask(over)).status).toBe(400);
  });

  test('its air may come from its sensor, the station, or a file; a bad file changes nothing', async () => {
    const { jobId, roomId, page, ask } = await room();
    for (const airFrom of ['sensor', 'station']) {
      await ask({ airFrom });
      const { input, plan } = await page();
      expect(input.zones[0].air.kind).toBe('hourly');
      expect(brokenRules(input, plan)).toEqual([]);
    }
    const from = Date.now() - 48 * HOUR;
    const lines = Array.from({ length: 96 }, (_, i) => `${new Date(from + i * HOUR).toISOString()},${15 + (i % 4)},55`);
    const csv = ['time,temperature_c,humidity_pct', ...lines].join('\n');
    const sent = await ada.post(`/api/rooms/${roomId}/readings-file`, { id: uuid(), csv });
    expect(sent.body).toMatchObject({ gaps: [] });
    const { input, rooms } = await page();
    expect(rooms[0].airFrom).toBe('file');
    expect(input.zones[0].air.temperatureC.every((t: number) => t >= 15 && t <= 18)).toBe(true);
    const bad = await ada.post(`/api/rooms/${roomId}/readings-file`, { id: uuid(), csv: `${csv}\nsoon,20,50` });
    expect(bad.status).toBe(400);
    expect(bad.body.errors).toEqual([{ path: 'line 98', message: expect.stringContaining('is no time') }]);
    expect((await page()).input.zones[0].air).toEqual(input.zones[0].air);
    const weather = (await ada.get(`/api/jobs/${jobId}/weather`)).body;
    expect(weather.temperatureC.length).toBe(weather.doubtC.length);
    expect(weather.rooms).toHaveLength(1);
  });
});

describe('the firm', () => {
  test('has all its jobs in one plan that keeps every rule, its people in one place at a time', async () => {
    const { input, plan, jobs, cannot } = (await ada.get('/api/plan')).body;
    expect(jobs.length).toBeGreaterThan(1);
    // Other tests leave jobs behind that cannot be planned: each is named, and takes no other with it.
    for (const job of cannot) expect(job.text.length).toBeGreaterThan(10);
    expect(jobs.map((j: { id: string }) => j.id)).not.toContain(cannot[0]?.jobId);
    expect(plan.status).toBe('feasible');
    expect(brokenRules(input, plan)).toEqual([]);
  });

  test('a dragged step is posted where it was put, and stays there', async () => {
    const { jobId, roomId } = await newJob(ada, 1995);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
    const { plan } = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    const { surface, id } = plan.steps[0];
    const to = new Date(Date.parse(plan.steps[0].start) + 50 * HOUR).toISOString();
    const sent = await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid(), drags: [{ surface, step: id, to }] });
    expect(sent.status).toBe(201);
    const moved = sent.body.plan.steps.find((s: { id: string }) => s.id === id);
    expect(Date.parse(moved.start)).toBeGreaterThanOrEqual(Date.parse(to));
    const after = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    expect(after.difference.moved).toEqual([]);
    const bad = { id: uuid(), drags: [{ surface, step: "s1' --", to: 'later' }] };
    expect((await ada.post(`/api/jobs/${jobId}/plan`, bad)).status).toBe(400);
  });
});

describe('a plan that is sought for some seconds', () => {
  test('is never worse than the one at once, is the same when asked again, and is what is posted', async () => {
    const { jobId, roomId } = await newJob(ada, 1995, new Date(Date.now() + 60 * 24 * HOUR));
    for (let i = 0; i < 7; i++)
      await ada.post(`/api/jobs/${jobId}/surfaces`, { ...surfaceBody(roomId), name: `Skirting ${i}` });
    const page = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    const { plan } = (await ada.get(`/api/jobs/${jobId}/plan/sought`)).body;
    expect(plan.status).toBe('feasible');
    expect(brokenRules(page.input, plan)).toEqual([]);
    expect(plan.objective.finishMin).toBeLessThanOrEqual(page.plan.objective.finishMin);
    expect(Date.parse(plan.lowerBound)).toBeGreaterThanOrEqual(Date.parse(page.plan.lowerBound));
    expect((await mei.get(`/api/jobs/${jobId}/plan/sought`)).body.plan).toEqual(plan);
    const posted = await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid(), sought: true });
    expect(posted.status).toBe(201);
    expect(posted.body.plan).toEqual(plan);
    expect((await ada.get(`/api/jobs/${jobId}/plan`)).body.posted.plan).toEqual(plan);
  });

  test('of a job that is not there is 404', async () => {
    expect((await ada.get(`/api/jobs/${uuid()}/plan/sought`)).status).toBe(404);
  });
});

describe('what could be had instead', () => {
  test('each choice keeps every rule; the one that is asked for is posted; a painter may look', async () => {
    const { jobId, roomId } = await newJob(ada, 1995, new Date(Date.now() + 60 * 24 * HOUR));
    for (let i = 0; i < 5; i++)
      await ada.post(`/api/jobs/${jobId}/surfaces`, { ...surfaceBody(roomId), name: `Skirting ${i}` });
    const { input } = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    const { asItStands, choices } = (await mei.get(`/api/jobs/${jobId}/plan/choices`)).body;
    // In steady air nothing hangs on the weather.
    expect(asItStands.judged).toBeNull();
    expect(choices.length).toBeGreaterThan(0);
    for (const { plan } of choices) expect(brokenRules(input, plan)).toEqual([]);
    const { plan, nights, surer } = choices.at(-1);
    const asked = { visits: plan.visits, nights, surer };
    const posted = await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid(), choice: asked });
    expect(posted.status).toBe(201);
    expect(posted.body.plan).toEqual(plan);
    expect((await ada.get(`/api/jobs/${jobId}/plan`)).body.posted.plan).toEqual(plan);
    const bad = { id: uuid(), choice: { ...asked, nights: -1 } };
    expect((await ada.post(`/api/jobs/${jobId}/plan`, bad)).status).toBe(400);
    expect((await ada.get(`/api/jobs/${uuid()}/plan/choices`)).status).toBe(404);
  });

  test('where its air is forecast, a plan says how often it keeps its day over a hundred drawn weeks', async () => {
    const { jobId, roomId } = await newJob(ada, 1995);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
    const { rooms } = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    const bySensor = { id: uuid(), version: rooms[0].version, airFrom: 'sensor' };
    expect((await ada.send('PATCH', `/api/rooms/${roomId}`, bySensor)).status).toBe(200);
    const { asItStands, choices } = (await ada.get(`/api/jobs/${jobId}/plan/choices`)).body;
    expect(asItStands.judged.weeks).toBe(100);
    expect(asItStands.judged.inTime).toBeGreaterThan(0);
    expect(choices[0].judged.inTime).toBeGreaterThanOrEqual(0);
  });

  test('is told to whoever waits, though the one before went away while theirs was being sought', async () => {
    const { jobId, roomId } = await newJob(ada, 1995);
    for (let i = 0; i < 24; i++)
      await ada.post(`/api/jobs/${jobId}/surfaces`, { ...surfaceBody(roomId), name: `Skirting ${i}` });
    const gone = new AbortController();
    const leaving = { headers: { cookie: ada.cookie }, signal: gone.signal };
    const left = fetch(`${ada.base}/api/jobs/${jobId}/plan/sought`, leaving).catch(() => null);
    // The one thread has begun on what takes seconds; the second waits behind it.
    await after(2500);
    const waits = ada.get(`/api/jobs/${jobId}/plan/choices`);
    await after(500);
    gone.abort();
    expect(await left).toBeNull();
    expect((await waits).body.choices.length).toBeGreaterThan(0);
  });
});
