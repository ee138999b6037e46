import { randomBytes } from 'node:crypto';
import { beforeAll, describe, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import { Client, newJob, secondFirm, signedIn, uuid } from './client.ts';

/* eslint-disable @typescript-eslint/no-explicit-any -- answers are read field by field */
let nell: Client;
let ines: Client;
let other: Client;
/** A firm of its own: rates, plans and what is due are counted over all of a firm. */
beforeAll(async () => {
  nell = await secondFirm('Looked After', 'nell@looked-after.example', [
    { name: 'Ines Holm', initials: 'IH', email: 'ines@looked-after.example' },
    { name: 'Jory Pike', initials: 'JP', email: 'jory@looked-after.example' },
  ]);
  ines = await signedIn('ines@looked-after.example');
  other = await secondFirm('Next Quay', 'next@quay.example');
});

const DAY_MS = 86_400_000;
const now = () => new Date().toISOString();
const inDays = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);
const care = async (who = nell): Promise<any> => (await who.get('/api/aftercare')).body;
const kinds = async (jobId: string): Promise<string[]> =>
  (await nell.get(`/api/jobs/${jobId}/ledger`)).body.map((e: any) => e.kind);

/** A rail of new timber outside whose last coat was laid so many days ago, with its job. */
async function rail(daysAgo: number, more: object = {}) {
  const { jobId, roomId } = await newJob(nell, 2020);
  const surface = {
    id: uuid(),
    roomId,
    name: 'Rail',
    facts: { element: 'railing', substrate: 'softwood', exposure: 'exterior-exposed', isNew: true, areaM2: 5, ...more },
    wanted: { colour: '#f1eee4', sheen: 'satin' },
  };
  await nell.post(`/api/jobs/${jobId}/surfaces`, surface);
  await nell.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
  const { lines } = (await nell.get('/api/today')).body;
  const { work } = lines.find((l: any) => l.surfaceId === surface.id);
  for (const [i, { plan, product }] of work.entries()) {
    const ended = Date.now() - (daysAgo + (work.length - 1 - i) * 3) * DAY_MS;
    const sent = await nell.post(`/api/jobs/${jobId}/work`, {
      id: uuid(),
      surfaceId: surface.id,
      stepId: plan.id,
      startedAt: new Date(ended - 1_800_000).toISOString(),
      endedAt: new Date(ended).toISOString(),
      ...(plan.drying ? { productId: product.id, batch: 'R1', temperatureC: 17, relativeHumidityPct: 60 } : {}),
    });
    if (sent.status !== 201) throw new Error(JSON.stringify(sent.body));
  }
  const handed = { id: uuid(), at: now(), withWhom: 'the client' };
  if ((await nell.post(`/api/jobs/${jobId}/hand-over`, handed)).status !== 201) throw new Error('not handed over');
  return { jobId, surfaceId: surface.id };
}
const looking = (at: { jobId: string; surfaceId: string }, more: object = {}) => ({
  id: uuid(),
  jobId: at.jobId,
  onDay: inDays(9),
  fromTime: '09:40',
  minutes: 30,
  calls: [{ what: 'look', id: at.surfaceId, code: 'new-timber', words: 'Check the joints', minutes: 30 }],
  ...more,
});
const fix = (visits: object[], more: object = {}, who = nell) =>
  who.post('/api/aftercare/visits', { id: uuid(), visits, ...more });
const mineOf = async (jobId: string) => (await care()).calls.filter((c: any) => c.jobId === jobId);

describe('what is due', () => {
  test('a year after its last coat new timber is due, with its reason, its season and how long it takes', async () => {
    const at = await rail(366);
    const calls = await mineOf(at.jobId);
    const joints = calls.find((c: any) => c.code === 'new-timber');
    expect(joints).toMatchObject({ subject: at.surfaceId, visitId: null, minutes: 30 });
    expect(Date.parse(joints.at)).toBeLessThanOrEqual(Date.now());
    expect(Date.parse(joints.by)).toBeGreaterThan(Date.now());
    const coat = calls.find((c: any) => c.code === 'new-timber-coat');
    expect([5, 6, 7, 8, 9]).toContain(new Date(coat.by).getUTCMonth() + 1);
  });

  test('looked at and sound it is due no more; another firm, or something of another job, is not looked at', async () => {
    const at = await rail(366);
    const look = { id: uuid(), subject: at.surfaceId, code: 'new-timber', holds: true, note: 'tight', at: now() };
    expect((await other.post(`/api/jobs/${at.jobId}/looks`, look)).status).toBe(404);
    const strange = await ines.post(`/api/jobs/${at.jobId}/looks`, { ...look, subject: uuid() });
    expect(strange.status).toBe(400);
    expect(strange.body.errors).toEqual([{ path: 'subject', message: 'is nothing of this job' }]);
    expect((await ines.post(`/api/jobs/${at.jobId}/looks`, look)).status).toBe(201);
    expect((await ines.post(`/api/jobs/${at.jobId}/looks`, look)).status).toBe(201);
    expect((await mineOf(at.jobId)).map((c: any) => c.code)).toEqual(['new-timber-coat']);
    expect((await kinds(at.jobId)).filter((k) => k === 'looked-again')).toHaveLength(1);
  });

  test('a film that ages is looked at before it wants painting again, and a year after that', async () => {
    const at = await rail(4 * 365);
    const aged = async () => (await mineOf(at.jobId)).find((c: any) => c.code === 'repaint');
    const first = await aged();
    expect(Date.parse(first.at)).toBeLessThan(Date.now());
    expect(first.at < first.by).toBe(true);
    const look = { id: uuid(), subject: at.surfaceId, code: 'repaint', holds: true, at: now() };
    expect((await ines.post(`/api/jobs/${at.jobId}/looks`, look)).status).toBe(201);
    expect(Date.parse((await aged()).at) - Date.now()).toBeGreaterThan(360 * DAY_MS);
  });

  test('what was left by decision, an early patch and a trial board are looked at again, each once in its time', async () => {
    const at = await rail(366);
    const patch = {
      id: uuid(),
      at: now(),
      test: { kind: 'test-patch', result: 'covers', family: 'oil-primer', coats: 1, minutes: 60 },
    };
    const { roomId } = (await nell.get(`/api/jobs/${at.jobId}`)).body.surfaces[0];
    const wall = {
      id: uuid(),
      roomId,
      name: 'Wall',
      facts: { element: 'wall', substrate: 'drywall', areaM2: 9 },
      wanted: {},
    };
    await nell.post(`/api/jobs/${at.jobId}/surfaces`, wall);
    expect((await nell.post(`/api/surfaces/${wall.id}/tests`, patch)).status).toBe(201);
    const sill = { ...wall, id: uuid(), name: 'Sill' };
    await nell.post(`/api/jobs/${at.jobId}/surfaces`, sill);
    const exclusion = { id: uuid(), words: 'another year', reason: 'stays-as-it-is', whole: true, box: null };
    const left = await nell.send('PATCH', `/api/surfaces/${sill.id}`, {
      id: uuid(),
      version: 1,
      exclusions: [exclusion],
    });
    expect(left.status).toBe(200);
    const calls = async () =>
      (await mineOf(at.jobId)).filter((c: any) => ['test-patch', 'left-another-year'].includes(c.code));
    expect((await calls()).map((c: any) => [c.code, c.subject, c.words])).toEqual(
      expect.arrayContaining([
        ['test-patch', patch.id, 'Read the patch again: Wall, the patch'],
        ['left-another-year', exclusion.id, 'Left for another year: Sill: another year'],
      ]),
    );
    const look = (subject: string, code: string) =>
      ines.post(`/api/jobs/${at.jobId}/looks`, { id: uuid(), subject, code, holds: true, at: now() });
    expect((await look(patch.id, 'test-patch')).status).toBe(201);
    expect((await look(exclusion.id, 'left-another-year')).status).toBe(201);
    const after = await calls();
    expect(after.map((c: any) => c.code)).toEqual(['left-another-year']);
    expect(Date.parse(after[0].at) - Date.now()).toBeGreaterThan(300 * DAY_MS);
  });

  test('a property whose year goes otherwise is due in its own season', async () => {
    const at = await rail(200);
    const coat = async () => (await mineOf(at.jobId)).find((c: any) => c.code === 'new-timber-coat');
    const { version } = (await nell.get(`/api/jobs/${at.jobId}`)).body.job;
    const body = { id: uuid(), version, property: { climate: 'summer-rains', mapPlace: { x: 4, y: 2 } } };
    expect((await nell.send('PATCH', `/api/jobs/${at.jobId}`, body)).status).toBe(200);
    expect([1, 2, 3, 4, 10, 11, 12]).toContain(new Date((await coat()).by).getUTCMonth() + 1);
    expect((await care()).jobs.find((j: any) => j.id === at.jobId).mapPlace).toEqual({ x: 4, y: 2 });
    // Another part of the house written later leaves its place alone.
    await nell.send('PATCH', `/api/jobs/${at.jobId}`, {
      id: uuid(),
      version: version + 1,
      property: { occupants: 'a dog' },
    });
    expect((await nell.get(`/api/jobs/${at.jobId}`)).body.job.property).toMatchObject({
      mapPlace: { x: 4, y: 2 },
      climate: 'summer-rains',
      occupants: 'a dog',
    });
    const bad = await nell.send('PATCH', `/api/jobs/${at.jobId}`, {
      ...body,
      id: uuid(),
      property: { climate: 'hot' },
    });
    expect(bad.status).toBe(400);
  });
});

describe('a visit', () => {
  test('is fixed, stands by what it is for, is made, and each is an entry', async () => {
    const at = await rail(366);
    const visit = looking(at);
    expect((await fix([visit], {}, ines)).status).toBe(403);
    expect((await fix([visit], {}, other)).status).toBe(404);
    expect((await fix([visit])).status).toBe(201);
    const page = await care();
    expect(page.calls.find((c: any) => c.subject === at.surfaceId && c.code === 'new-timber').visitId).toBe(visit.id);
    expect(page.visits.find((v: any) => v.id === visit.id)).toMatchObject({ onDay: visit.onDay, fromTime: '09:40' });
    const act = { id: uuid(), kind: 'made', note: 'one joint open', at: now() };
    expect((await ines.post(`/api/visits/${visit.id}/acts`, act)).status).toBe(201);
    const again = await nell.post(`/api/visits/${visit.id}/acts`, { ...act, id: uuid(), kind: 'called-off' });
    expect(again.status).toBe(409);
    expect(again.body.message).toContain('made already, by Ines Holm');
    expect((await care()).visits.some((v: any) => v.id === visit.id)).toBe(false);
    expect((await kinds(at.jobId)).slice(-2)).toEqual(['visit-planned', 'visit-made']);
    expect((await nell.get(`/api/jobs/${at.jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('the second instalment of a system stands on the run sheet once its visit is fixed, and is logged there step by step', async () => {
    const at = await rail(400);
    const lineOf = async () =>
      (await nell.get('/api/today')).body.lines.find((l: any) => l.surfaceId === at.surfaceId) as any;
    expect(await lineOf()).toBeUndefined();
    const onDay = inDays(2);
    const calls = [
      { what: 'look', id: at.surfaceId, code: 'new-timber-coat', words: 'Give the last coat', minutes: 150 },
    ];
    expect((await fix([looking(at, { onDay, minutes: 150, calls })])).status).toBe(201);
    const line = await lineOf();
    expect(line).toMatchObject({ standing: 'to-start', plannedStart: expect.stringContaining(onDay) });
    expect(line.work.map((w: any) => w.plan.kind)).toEqual(['fill', 'sand', 'tack-off', 'finish-coat']);
    for (const { plan, product } of line.work) {
      const sent = await nell.post(`/api/jobs/${at.jobId}/work`, {
        id: uuid(),
        surfaceId: at.surfaceId,
        stepId: plan.id,
        startedAt: now(),
        endedAt: now(),
        ...(plan.drying ? { productId: product.id, batch: 'R2', temperatureC: 17, relativeHumidityPct: 60 } : {}),
      });
      expect(sent.status).toBe(201);
    }
    // The film is a new one: what may be done with it counts from today, and the job is still handed over.
    expect(await lineOf()).toMatchObject({ standing: 'done', curing: { words: expect.any(String) } });
    expect((await nell.get(`/api/jobs/${at.jobId}`)).body.job.status).toBe('aftercare');
    expect((await nell.get(`/api/jobs/${at.jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('is not promised twice, nor in the past, nor for something of another job: all are fixed or none', async () => {
    const at = await rail(366);
    const beside = await rail(400);
    expect((await fix([looking(at)])).status).toBe(201);
    const twice = await fix([looking(beside), looking(at)]);
    expect(twice.status).toBe(409);
    expect(twice.body.message).toContain('Check the joints');
    expect((await mineOf(beside.jobId)).every((c: any) => c.visitId === null)).toBe(true);
    const past = await fix([looking(beside, { onDay: inDays(-2) })]);
    expect(past.body.errors).toEqual([{ path: 'visits.0.onDay', message: 'lies in the past' }]);
    const crossed = await fix([looking(beside, { calls: looking(at).calls.map((c) => ({ ...c, code: 'knots' })) })]);
    expect(crossed.body.errors).toEqual([{ path: 'visits.0.calls.0.id', message: 'is nothing of this job' }]);
    for (const more of [{ onDay: '2027-02-30' }, { fromTime: '25:00' }, { minutes: 0 }, { calls: [] }])
      expect((await fix([looking(beside, more)])).status).toBe(400);
    expect(await kinds(beside.jobId)).not.toContain('visit-planned');
  });

  test('two that want the same at once: one is fixed, the other told', async () => {
    const at = await rail(366);
    const answers = await Promise.all(Array.from({ length: 6 }, () => fix([looking(at)])));
    expect(answers.map((a) => a.status).sort()).toEqual([201, 409, 409, 409, 409, 409]);
    expect((await kinds(at.jobId)).filter((k) => k === 'visit-planned')).toHaveLength(1);
  });

  test('stands on the plan like other work, in its hours, and a mended film dries', async () => {
    const at = await rail(366);
    const mark = { id: uuid(), surfaceId: at.surfaceId, fault: 'knock', sizeM2: 0.01, view: 'plain', at: now() };
    await nell.post(`/api/jobs/${at.jobId}/faults`, mark);
    const mend = { what: 'fault', id: mark.id, code: 'knock', words: 'Mend number 1', minutes: 25 };
    const visit = looking(at, { calls: [...looking(at).calls, mend] });
    const jory = (await nell.get('/api/people')).body.people.find((p: any) => p.initials === 'JP').id;
    expect((await fix([visit], { personId: jory })).status).toBe(201);
    const { plan, surfaces, input } = (await nell.get(`/api/jobs/${at.jobId}/plan`)).body;
    expect(plan.status).toBe('feasible');
    const steps = plan.steps.filter((s: any) => [visit.id, mark.id].includes(s.surface));
    expect(steps).toHaveLength(2);
    for (const step of steps) expect(step.start.slice(0, 10) >= visit.onDay).toBe(true);
    expect(steps.find((s: any) => s.surface === mark.id).dustFreeAt).not.toBeNull();
    expect(input.surfaces.map((s: any) => s.id).sort()).toEqual([visit.id, mark.id].sort());
    expect(surfaces.find((s: any) => s.id === mark.id).name).toBe('Touch-up 1, Rail');
    // Elsewhere whoever goes is taken then.
    const { jobId } = await rail(1);
    const there = (await nell.get(`/api/jobs/${jobId}/plan`)).body.input.crew.find((p: any) => p.id === jory);
    expect(there.busy.some((b: any) => b.from.startsWith(visit.onDay))).toBe(true);
    const whole = await nell.get('/api/plan');
    expect(whole.status).toBe(200);
    expect(whole.body.input.surfaces.some((s: any) => s.id === visit.id)).toBe(true);
    // And it is posted, kept and found again.
    expect((await nell.post(`/api/jobs/${at.jobId}/plan`, { id: uuid() })).status).toBe(201);
    const today = (await ines.get('/api/today')).body;
    expect(today.visits.every((v: any) => v.onDay <= inDays(7))).toBe(true);
  });
});

describe('a promise', () => {
  /** A wall of another job whose plan is posted: who is on it, and when. */
  async function postedElsewhere() {
    const { jobId, roomId } = await newJob(nell, 1998);
    const facts = { element: 'wall', substrate: 'drywall', areaM2: 60, isNew: true };
    await nell.post(`/api/jobs/${jobId}/surfaces`, {
      id: uuid(),
      roomId,
      name: 'Wall',
      facts,
      wanted: { colour: '#efe9d8' },
    });
    expect((await nell.post(`/api/jobs/${jobId}/plan`, { id: uuid() })).status).toBe(201);
    const { plan } = (await nell.get(`/api/jobs/${jobId}/plan`)).body;
    const step = plan.steps.find(
      (s: any) => s.crew.length === 1 && Date.parse(s.end) - Date.parse(s.start) >= 30 * 60_000,
    );
    return { jobId, person: step.crew[0] as string, start: step.start as string };
  }

  test('goes before another job’s plan: the visit begins when it was said, and that job is planned round it', async () => {
    const there = await postedElsewhere();
    const at = await rail(366);
    const local = new Date(there.start).toLocaleString('sv-SE', { timeZone: 'Europe/London' });
    const visit = looking(at, { onDay: local.slice(0, 10), fromTime: local.slice(11, 16), minutes: 30 });
    expect((await fix([visit], { personId: there.person })).status).toBe(201);
    const own = (await nell.get(`/api/jobs/${at.jobId}/plan`)).body.plan;
    const step = own.steps.find((s: any) => s.surface === visit.id);
    expect(Date.parse(step.start)).toBe(Math.ceil(Date.parse(there.start) / 60_000) * 60_000);
    const crew = (await nell.get(`/api/jobs/${there.jobId}/plan`)).body.input.crew.find(
      (p: any) => p.id === there.person,
    );
    expect(crew.busy.some((b: any) => Date.parse(b.from) === Date.parse(step.start))).toBe(true);
    // Called off, they are free again.
    await ines.post(`/api/visits/${visit.id}/acts`, { id: uuid(), kind: 'called-off', note: 'away', at: now() });
    const free = (await nell.get(`/api/jobs/${there.jobId}/plan`)).body.input.crew.find(
      (p: any) => p.id === there.person,
    );
    expect(free.busy.some((b: any) => Date.parse(b.from) === Date.parse(step.start))).toBe(false);
  });

  test('stands in the calendar of the job and of whoever goes, and in nobody else’s', async () => {
    const at = await rail(366);
    const people = (await nell.get('/api/people')).body.people;
    const [jp, ih] = ['JP', 'IH'].map((i) => people.find((p: any) => p.initials === i).id);
    const visit = looking(at);
    await fix([visit], { personId: ih });
    const feedOf = async (who: Client) => {
      const token = randomBytes(32).toString('base64url');
      expect((await who.post('/api/calendar', { id: uuid(), token })).status).toBe(201);
      return (await fetch(`${nell.base}/api/calendar/${token}`)).text();
    };
    const jory = await signedIn('jory@looked-after.example');
    expect(jp).not.toBe(ih);
    expect(await feedOf(ines)).toContain(visit.id);
    expect(await feedOf(jory)).not.toContain(visit.id);
    const ofJob = await fetch(`${nell.base}/api/jobs/${at.jobId}/calendar`, { headers: { cookie: nell.cookie } });
    expect(await ofJob.text()).toContain(visit.id);
  });
});

describe('what follows is remembered', () => {
  test('until the record moves: a log, a look, a rule of the firm', async () => {
    const at = await rail(366);
    const codes = async () => (await mineOf(at.jobId)).map((c: any) => `${c.code} ${c.at}`).sort();
    const first = await codes();
    expect(await codes()).toEqual(first);
    const { planning } = (await nell.get('/api/people')).body;
    const put = (more: object) =>
      nell.send('PUT', '/api/firm/planning', {
        id: uuid(),
        setUpMin: 0,
        packUpMin: 0,
        travelMin: 0,
        holidays: [],
        ...planning,
        ...more,
      });
    expect((await put({ climate: 'dry-summers' })).status).toBe(200);
    const coat = (all: string[]) => all.find((c) => c.startsWith('new-timber-coat'));
    const dry = await codes();
    // There the season begins in April, not in May: it may run already, and is never later.
    expect(coat(dry)! <= coat(first)!).toBe(true);
    expect((await put({ climate: 'hot' })).status).toBe(400);
    // Not said again, it stays; and back to what it was.
    expect((await put({ climate: undefined })).status).toBe(200);
    expect(await codes()).toEqual(dry);
    await put({ climate: 'mild-coast' });
    expect(await codes()).toEqual(first);
  });
});

describe('the client', () => {
  test('reads on the private link from when each surface may be used, as a page, a PDF and a calendar file', async () => {
    const at = await rail(2);
    const { seen } = (await nell.get(`/api/jobs/${at.jobId}/price`)).body;
    const token = randomBytes(32).toString('base64url');
    expect((await nell.post(`/api/jobs/${at.jobId}/quotes`, { id: uuid(), seen, token })).status).toBe(201);
    const client = new Client();
    const { care: sheet } = (await client.get(`/api/client/${token}`)).body;
    expect(sheet.title).toBe('Looking after it');
    expect(JSON.stringify(sheet.blocks)).toContain('wipe with a damp cloth');
    const pdf = await client.get(`/api/client/${token}/care`);
    expect([pdf.status, pdf.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    const dates = await client.get(`/api/client/${token}/care-calendar`);
    expect([dates.status, dates.headers.get('content-type')]).toEqual([200, 'text/calendar; charset=utf-8']);
    expect((await client.get(`/api/client/${randomBytes(32).toString('base64url')}/care`)).status).toBe(404);
    // Nothing finished: no sheet.
    const { jobId, roomId } = await newJob(nell);
    await nell.post(`/api/jobs/${jobId}/surfaces`, {
      id: uuid(),
      roomId,
      name: 'Wall',
      facts: { element: 'wall', substrate: 'drywall', areaM2: 9 },
      wanted: {},
    });
    const begun = (await nell.get(`/api/jobs/${jobId}/price`)).body.seen;
    const unfinished = randomBytes(32).toString('base64url');
    await nell.post(`/api/jobs/${jobId}/quotes`, { id: uuid(), seen: begun, token: unfinished });
    expect((await client.get(`/api/client/${unfinished}`)).body.care).toBeNull();
    expect((await client.get(`/api/client/${unfinished}/care`)).status).toBe(404);
  });
});

describe('a round', () => {
  test('is fixed whole, and written to each client on paper and in calendars', async () => {
    const [one, two] = [await rail(366), await rail(380)];
    const round = { id: uuid(), round: true, visits: [looking(one), looking(two, { fromTime: '11:05' })] };
    expect((await nell.post('/api/aftercare/visits', round)).status).toBe(201);
    const letters = (await nell.get(`/api/aftercare/rounds/${round.id}/letters`)).body;
    expect(letters).toHaveLength(2);
    const said = JSON.stringify(letters[1]);
    expect(said).toContain('check the joints');
    expect(said).toContain('between 10:30 and 11:30');
    expect(said).not.toMatch(/undefined|null|NaN/);
    const read = async (path: string, who = nell) => {
      const answer = await fetch(who.base + path, { headers: { cookie: who.cookie } });
      return new ICAL.Component(ICAL.parse(await answer.text()) as any)
        .getAllSubcomponents('vevent')
        .map((e) => new ICAL.Event(e));
    };
    const events = await read(`/api/aftercare/rounds/${round.id}/calendar`);
    expect(events.map((e) => e.duration.toSeconds())).toEqual([1800, 1800]);
    expect((await read(`/api/jobs/${one.jobId}/visit-calendar`)).map((e) => e.uid)).toEqual([
      `${round.visits[0]!.id}@rustic-ledger`,
    ]);
    expect((await nell.get(`/api/jobs/${one.jobId}/papers/visit-letter`)).body.title).toBe(letters[0].title);
    expect((await other.get(`/api/aftercare/rounds/${round.id}/letters`)).body).toEqual([]);
    expect((await other.get(`/api/jobs/${one.jobId}/visit-calendar`)).status).toBe(404);
  });
});

describe('what came back', () => {
  const held = async (who = nell): Promise<any> => (await who.get('/api/aftercare/held')).body;
  test('is counted by system and preparation, each tied to what it was; never by person', async () => {
    const before = await held();
    const at = await rail(400, { isNew: false });
    const between = await held();
    expect(between.films).toBe(before.films + 1);
    const mark = { id: uuid(), surfaceId: at.surfaceId, fault: 'peels', sizeM2: 0.2, view: 'plain', at: now() };
    await nell.post(`/api/jobs/${at.jobId}/faults`, mark);
    const after = await held();
    const sum = (rates: any[]) => rates.reduce((n, r) => n + r.failed, 0);
    for (const by of ['systems', 'preparations', 'limits']) expect(sum(after[by])).toBe(sum(between[by]) + 1);
    const back = after.callBacks.find((c: any) => c.surfaceId === at.surfaceId);
    expect(back).toMatchObject({
      fault: 'peels',
      weather: { temperatureC: 17, relativeHumidityPct: 60 },
      hand: 'Nell Farrow',
    });
    expect(back.finish).toBeTruthy();
    expect(back.schools.length).toBeGreaterThan(0);
    expect(JSON.stringify([after.systems, after.preparations, after.limits])).not.toContain('Farrow');
    expect((await held(other)).films).toBe(0);
  });

  test('counts in the choice once the owner lets it, and no more once it is taken back', async () => {
    const at = await rail(400, { isNew: false });
    const rate = async () => (await nell.get(`/api/surfaces/${at.surfaceId}`)).body.guarantee.aYear;
    const usual = await rate();
    expect((await ines.post('/api/aftercare/held', { id: uuid(), counts: true })).status).toBe(403);
    const said = await nell.post('/api/aftercare/held', { id: uuid(), counts: true });
    expect(said.status).toBe(201);
    const { counts, systems } = await held();
    expect(counts).toMatchObject({ by: 'Nell Farrow', films: expect.any(Number) });
    expect(counts.systems).toHaveLength(systems.length);
    expect(await rate()).not.toBe(usual);
    await nell.post('/api/aftercare/held', { id: uuid(), counts: false });
    expect(await rate()).toBe(usual);
    expect((await held()).counts).toBeNull();
  });
});
