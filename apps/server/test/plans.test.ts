import { beforeAll, describe, expect, test } from '@jest/globals';
import { checkJobFile, verifyJobFile } from '@rustic/core';
import { brokenRules } from '../../../packages/core/test/planChecker.ts';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let mei: Client;
beforeAll(async () => {
  ada = await signedIn();
  mei = await signedIn('mei');
});

const jobNamed = async (title: string) =>
  (await ada.get('/api/jobs')).body.find((j: { title: string }) => j.title.startsWith(title)) as {
    id: string;
    title: string;
    surfaces: number;
  };

describe('drying plans of the demo', () => {
  test.each(["Ferrykeeper's House", 'Corncrake Granary', 'Number 4 Ropewalk', 'The Net Loft'])(
    '%s: keeps every rule, by a checker that shares no code with the planner',
    async (title) => {
      const job = await jobNamed(title);
      const { input, plan } = (await ada.get(`/api/jobs/${job.id}/plan`)).body;
      expect(plan.status).toBe('feasible');
      expect(brokenRules(input, plan)).toEqual([]);
      expect(Date.parse(plan.finish)).toBeGreaterThanOrEqual(Date.parse(plan.lowerBound));
    },
  );

  test('asked twice at one minute, the plan is the same', async () => {
    const job = await jobNamed('Number 4 Ropewalk');
    const [a, b] = await Promise.all([ada.get(`/api/jobs/${job.id}/plan`), ada.get(`/api/jobs/${job.id}/plan`)]);
    if (a!.body.input.start === b!.body.input.start) expect(a!.body.plan).toEqual(b!.body.plan);
  });

  test('posting settles what is planned, begins the job, and is compared with what holds now', async () => {
    const { jobId, roomId } = await newJob(ada, 1995);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
    const before = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    expect([before.posted, before.difference]).toEqual([null, null]);
    const body = { id: uuid() };
    const posted = await ada.post(`/api/jobs/${jobId}/plan`, body);
    expect(posted.status).toBe(201);
    expect((await ada.post(`/api/jobs/${jobId}/plan`, body)).body).toEqual(posted.body);
    const after = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    expect(after.posted.by).toBe('Ada Thirle');
    expect(after.difference.moved).toEqual([]);
    expect(after.job.status).toBe('planned');
    const kinds = (await ada.get(`/api/jobs/${jobId}/ledger`)).body.map((e: { kind: string }) => e.kind);
    expect(kinds.filter((k: string) => k === 'plan-posted')).toHaveLength(1);
    expect(kinds).toContain('system-chosen');
  });

  test('a job with nothing to do has an empty plan, not an error', async () => {
    const { jobId } = await newJob(ada);
    const page = await ada.get(`/api/jobs/${jobId}/plan`);
    expect(page.status).toBe(200);
    expect(page.body.plan.steps).toEqual([]);
  });
});

describe('logging', () => {
  async function planned() {
    const { jobId, roomId } = await newJob(ada, 1995);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
    const { next } = (await ada.get(`/api/surfaces/${surface.id}`)).body.standing;
    return { jobId, roomId, surfaceId: surface.id, next };
  }
  const log = (client: Client, jobId: string, body: object) => {
    const at = new Date().toISOString();
    return client.post(`/api/jobs/${jobId}/work`, { id: uuid(), startedAt: at, endedAt: at, ...body });
  };

  test('two who log one step at one moment: one stands, the other is told whose', async () => {
    const { jobId, surfaceId, next } = await planned();
    const body = { surfaceId, stepId: next.plan.id };
    const answers = await Promise.all([log(ada, jobId, body), log(mei, jobId, body)]);
    expect(answers.map((a) => a.status).sort()).toEqual([201, 409]);
    const kinds = (await ada.get(`/api/jobs/${jobId}/ledger`)).body.map((e: { kind: string }) => e.kind);
    expect(kinds.filter((k: string) => k === 'step-done')).toHaveLength(1);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('a step that is none, an end before its start, a product of another family', async () => {
    const { jobId, surfaceId, next } = await planned();
    expect((await log(ada, jobId, { surfaceId, stepId: 's99' })).body.errors[0].path).toBe('stepId');
    const end = new Date(Date.now() - 3_600_000).toISOString();
    const late = { surfaceId, stepId: next.plan.id, startedAt: new Date().toISOString(), endedAt: end };
    expect((await log(ada, jobId, late)).body.errors[0].path).toBe('endedAt');
    const page = (await ada.get(`/api/surfaces/${surfaceId}`)).body;
    const coat = page.lines.findIndex((l: { step: { kind: string } }) => l.step.kind === 'prime');
    const shelf = (await ada.get('/api/shelf')).body as { id: string; family: string }[];
    const wrong = shelf.find((p) => p.family === 'masonry-paint')!;
    const asked = {
      surfaceId,
      stepId: `s${coat + 1}`,
      productId: wrong.id,
      batch: 'B1',
      temperatureC: 18,
      relativeHumidityPct: 55,
    };
    const answer = await log(ada, jobId, asked);
    expect(answer.body.errors[0]).toMatchObject({
      path: 'productId',
      message: expect.stringContaining('masonry paint'),
    });
    expect((await ada.get(`/api/surfaces/${surfaceId}`)).body.work).toEqual([]);
  });

  test('a coat laid too cold is recorded and warned of at once', async () => {
    const { jobId, surfaceId } = await planned();
    const page = (await ada.get(`/api/surfaces/${surfaceId}`)).body;
    const at = page.lines.findIndex((l: { step: { kind: string } }) => l.step.kind === 'prime');
    const answer = await log(ada, jobId, {
      surfaceId,
      stepId: `s${at + 1}`,
      productId: page.lines[at].product.id,
      batch: 'B1',
      temperatureC: -5,
      relativeHumidityPct: 60,
      wetFilmUm: 400,
    });
    expect(answer.status).toBe(201);
    expect(answer.body.warnings.join(' ')).toContain('Laid outside its limits');
    expect(answer.body.warnings.join(' ')).toContain('heavy film');
  });
});

describe('the record of the demo', () => {
  test('every job exports to a file that checks and verifies', async () => {
    for (const { id } of (await ada.get('/api/jobs')).body as { id: string }[]) {
      const file = (await ada.get(`/api/jobs/${id}/file`)).body;
      if (!file) continue;
      expect(checkJobFile(file).ok).toBe(true);
      expect(verifyJobFile(file).whole).toBe(true);
    }
  });
  test('the demo stands in the state its story tells', async () => {
    const { checks, lines } = (await ada.get('/api/today')).body;
    expect(checks.some((c: { title: string }) => c.title === 'Which primer holds on the foil')).toBe(true);
    expect(lines.some((l: { standing: string }) => l.standing === 'drying' || l.standing === 'open')).toBe(true);
    const loft = await jobNamed('The Net Loft');
    const { calls } = (await ada.get('/api/aftercare')).body;
    expect(
      calls.filter((c: { jobId: string; what: string }) => c.jobId === loft.id && c.what === 'look').length,
    ).toBeGreaterThan(0);
  });
});

describe('many jobs', () => {
  test('forty jobs are listed, and the run sheet and aftercare still answer', async () => {
    for (let i = 0; i < 40; i++) await newJob(ada);
    for (const path of ['/api/jobs', '/api/today', '/api/aftercare', '/api/patches', '/api/trials']) {
      const answers = await Promise.all([ada.get(path), ada.get(path), mei.get(path)]);
      expect(answers.map((a) => a.status)).toEqual([200, 200, 200]);
    }
  });
});

describe('house rules of the firm', () => {
  test('an unknown rule or choice is refused; two who change them do not overwrite each other', async () => {
    const { firm } = (await ada.get('/api/session')).body;
    // The same owner, on another device.
    const elsewhere = await signedIn();
    const put = (client: Client, version: number, houseRules: object) =>
      client.send('PATCH', '/api/firm', { id: uuid(), version, houseRules });
    expect((await put(ada, firm.version, { oilTrim: 'hope' })).body.errors[0].path).toBe('houseRules.oilTrim');
    expect((await put(ada, firm.version, { colour: 'red' })).status).toBe(400);
    expect((await put(ada, firm.version, { sanding: 'always' })).status).toBe(200);
    expect((await put(elsewhere, firm.version, { sanding: 'where-needed' })).body.code).toBe('edited-elsewhere');
    const now = (await ada.get('/api/session')).body.firm;
    expect(now.houseRules).toEqual({ sanding: 'always' });
    expect((await put(elsewhere, now.version, {})).status).toBe(200);
  });
});
