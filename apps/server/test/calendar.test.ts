import { randomBytes } from 'node:crypto';
import { beforeAll, describe, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import { calendarFile } from '../src/calendar/calendarFile.ts';
import { newJob, secondFirm, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let other: Client;
beforeAll(async () => {
  ada = await signedIn();
  other = await secondFirm('Ebbside Painters', 'rook@ebbside.example');
});

interface Read {
  uid: string;
  start: number;
  end: number;
  summary: string;
  location: string;
}
const token = () => randomBytes(32).toString('base64url');
/** Read back by a parser that shares nothing with what wrote it. */
async function calendar(path: string, client?: Client): Promise<{ status: number; type: string; events: Read[] }> {
  const answer = await fetch(ada.base + path, { headers: client ? { cookie: client.cookie } : {} });
  const type = answer.headers.get('content-type') ?? '';
  if (!type.startsWith('text/calendar')) return { status: answer.status, type, events: [] };
  const root = new ICAL.Component(ICAL.parse(await answer.text()) as never);
  const events = root.getAllSubcomponents('vevent').map((v): Read => {
    const e = new ICAL.Event(v);
    return {
      uid: e.uid,
      start: e.startDate.toJSDate().getTime(),
      end: e.endDate.toJSDate().getTime(),
      summary: e.summary,
      location: e.location,
    };
  });
  return { status: answer.status, type, events };
}

interface Ahead {
  id: string;
  jobId: string;
  startsAt: string;
}
interface Planned {
  id: string;
  surface: string;
  start: string;
  end: string;
  crew: string[];
}
async function plannedJob(begins: Date | null = null) {
  const { jobId, roomId } = await newJob(ada, 1995, begins);
  const surface = surfaceBody(roomId);
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
  const { posted } = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
  return { jobId, surfaceId: surface.id, steps: posted.plan.steps as Planned[] };
}

/** Somebody of the firm who has something to do in a plan, signed in. */
async function whoDoes(steps: readonly Planned[]): Promise<{ client: Client; id: string }> {
  for (const name of ['mei', 'ada', 'tobiah', 'pascoe', 'rosalind']) {
    const client = await signedIn(name);
    const { id } = (await client.get('/api/session')).body.person as { id: string };
    if (steps.some((s) => s.crew.includes(id))) return { client, id };
  }
  throw new Error('nobody has anything to do');
}

describe('a job as a calendar', () => {
  test('holds each hands-on step of the posted plan, to the minute', async () => {
    const { jobId, steps } = await plannedJob();
    const { events, type } = await calendar(`/api/jobs/${jobId}/calendar`, ada);
    expect(type).toBe('text/calendar; charset=utf-8');
    const hands = steps.filter((s) => s.crew.length > 0);
    expect(events).toHaveLength(hands.length);
    for (const step of hands) {
      const event = events.find((e) => e.uid === `${step.surface}/${step.id}@rustic-ledger`)!;
      expect([event.start, event.end]).toEqual([Date.parse(step.start), Date.parse(step.end)]);
      expect(event.location).toBe('Test house, Hall, Quay');
      expect(event.summary).toMatch(/^Skirting: [A-Z]/);
    }
  });
  test('keeps its ids when it is posted again, and is empty before it is posted', async () => {
    const { jobId } = await plannedJob();
    const before = (await calendar(`/api/jobs/${jobId}/calendar`, ada)).events.map((e) => e.uid).sort();
    await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
    expect((await calendar(`/api/jobs/${jobId}/calendar`, ada)).events.map((e) => e.uid).sort()).toEqual(before);
    expect(new Set(before).size).toBe(before.length);
    const { jobId: empty } = await newJob(ada);
    expect((await calendar(`/api/jobs/${empty}/calendar`, ada)).events).toEqual([]);
    expect((await calendar(`/api/jobs/${jobId}/calendar`, other)).status).toBe(404);
    expect((await calendar(`/api/jobs/${jobId}/calendar`)).status).toBe(401);
  });
  test('says odd names as they were written', async () => {
    const { jobId, roomId } = await newJob(ada, 1995);
    const name = 'Door; “north”, half: off\nBEGIN:VEVENT';
    await ada.post(`/api/jobs/${jobId}/surfaces`, { ...surfaceBody(roomId), name });
    await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
    const { events } = await calendar(`/api/jobs/${jobId}/calendar`, ada);
    expect(events.length).toBeGreaterThan(0);
    for (const e of events) expect(e.summary.startsWith(`${name}: `)).toBe(true);
  });
});

test('a line break in a name or a title begins no line of its own', () => {
  const breaks = ['\r', '\n', '\r\n', '\u0085', '\u2028', '\v'];
  for (const b of breaks) {
    const evil = `Hall${b}X-EVIL:1${b}BEGIN:VALARM`;
    const when = { start: new Date(0), end: new Date(60_000), stamp: new Date(0) };
    const file = calendarFile(evil, [
      { id: evil, title: evil, place: evil, note: `${evil}${'ü'.repeat(90)}`, ...when },
    ]);
    const lines = file.split(/\r\n|[\r\n\u0085\u2028\v]/);
    expect(lines.filter((line) => /^(X-EVIL|BEGIN:VALARM)/.test(line))).toEqual([]);
    expect(lines.every((line) => Buffer.byteLength(line) <= 75)).toBe(true);
    const [event] = new ICAL.Component(ICAL.parse(file) as never).getAllSubcomponents('vevent');
    expect(new ICAL.Event(event).summary).toContain('X-EVIL:1');
  }
});

describe('a private feed', () => {
  test('shows a person’s own work on every job, follows what is posted, and needs no session', async () => {
    const { jobId, surfaceId, steps } = await plannedJob(new Date());
    // Whomever the planner sends.
    const { client: painter, id } = await whoDoes(steps);
    const way = token();
    expect((await painter.post('/api/calendar', { id: uuid(), token: way })).body).toEqual({ open: true });
    const own = steps.filter((s) => s.crew.includes(id)).length;
    expect(own).toBeGreaterThan(0);
    const { events } = await calendar(`/api/calendar/${way}`);
    expect(events.filter((e) => e.uid.startsWith(surfaceId))).toHaveLength(own);
    expect(events.every((e) => e.end > e.start)).toBe(true);
    // The page shows the same weeks that the feed holds, in their order.
    const { madeAt, work } = (await painter.get('/api/calendar')).body as { madeAt: string; work: Ahead[] };
    expect(madeAt).not.toBeNull();
    const soon = Date.now() + 34 * 86_400_000;
    const inFeed = events.filter((e) => e.end > Date.now() && e.start < soon).map((e) => e.uid);
    expect(work.map((w) => w.id).sort()).toEqual(inFeed.sort());
    expect(work.map((w) => w.startsAt)).toEqual(work.map((w) => w.startsAt).sort());
    const of = (list: readonly Ahead[]) => list.filter((w) => w.id.startsWith(surfaceId));
    expect(of(work).every((w) => w.jobId === jobId)).toBe(true);
    expect(of(work)).toHaveLength(own);
  });
  test('a new address closes the old; a closed or guessed one shows nothing', async () => {
    const [first, second] = [token(), token()];
    await ada.post('/api/calendar', { id: uuid(), token: first });
    await ada.post('/api/calendar', { id: uuid(), token: second });
    expect([
      (await calendar(`/api/calendar/${first}`)).status,
      (await calendar(`/api/calendar/${second}`)).status,
    ]).toEqual([404, 200]);
    await ada.post('/api/calendar', { id: uuid(), token: null });
    for (const way of [second, token(), 'x', 'a'.repeat(43)])
      expect((await calendar(`/api/calendar/${way}`)).status).toBe(404);
    expect((await ada.get('/api/calendar')).body).toMatchObject({ madeAt: null, busy: 0, taken: [] });
    expect((await ada.post('/api/calendar', { id: uuid(), token: 'short' })).status).toBe(400);
  });
  test('holds nothing of another firm', async () => {
    const way = token();
    await other.post('/api/calendar', { id: uuid(), token: way });
    expect((await calendar(`/api/calendar/${way}`)).events).toEqual([]);
    expect((await other.get('/api/calendar')).body.work).toEqual([]);
  });
});
