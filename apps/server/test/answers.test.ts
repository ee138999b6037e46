import { beforeAll, describe, expect, test } from '@jest/globals';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let rosalind: Client;
beforeAll(async () => {
  ada = await signedIn();
  rosalind = await signedIn('rosalind');
});

const now = () => new Date().toISOString();
const rub = (surfaceId: string, result: string) =>
  ada.post(`/api/surfaces/${surfaceId}/tests`, { id: uuid(), at: now(), test: { kind: 'spirit-rub', result } });
const page = async (surfaceId: string) => (await ada.get(`/api/surfaces/${surfaceId}`)).body;

async function skirting(builtYear = 1995) {
  const { jobId, roomId } = await newJob(ada, builtYear);
  const surface = surfaceBody(roomId);
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  return { jobId, roomId, surfaceId: surface.id };
}

describe('settling a system', () => {
  const choose = (surfaceId: string, key: string, client = ada) =>
    client.post(`/api/surfaces/${surfaceId}/choices`, { id: uuid(), key });

  test('a way that is offered is taken, and the page says whose choice it was', async () => {
    const { surfaceId } = await skirting();
    const shown = await page(surfaceId);
    expect(shown.choice).toBeNull();
    const other = shown.alternatives[0];
    const answer = await choose(surfaceId, other.key, rosalind);
    expect(answer.status).toBe(201);
    const settled = await page(surfaceId);
    expect(settled.choice).toMatchObject({ by: 'Rosalind Saltmarsh' });
    expect(settled.choice.differs).toBe(other.differs);
    // What stands is another system than the evidence asked for, and the job counts with it.
    const steps = (p: { lines: { step: object }[] }) => JSON.stringify(p.lines.map((l) => l.step));
    expect(steps(settled)).not.toBe(steps(shown));
    expect(settled.price.cost).not.toBe(shown.price.cost);
  });

  test('one that the evidence has moved away from is not taken unseen', async () => {
    const { surfaceId } = await skirting();
    const stale = (await page(surfaceId)).alternatives[0].key as string;
    for (let i = 0; i < 2; i++) await rub(surfaceId, 'no-transfer');
    const offered = (await page(surfaceId)).alternatives.map((a: { key: string }) => a.key);
    if (!offered.includes(stale)) expect((await choose(surfaceId, stale)).body.code).toBe('moved-on');
    expect((await choose(surfaceId, '0123456789abcdef')).body.code).toBe('moved-on');
    expect((await choose(surfaceId, 'no key')).body.errors[0].path).toBe('key');
    expect((await page(surfaceId)).choice).toBeNull();
  });

  test('once work is logged the system stands', async () => {
    const { jobId, surfaceId } = await skirting();
    await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
    const { next } = (await page(surfaceId)).standing;
    const logged = await ada.post(`/api/jobs/${jobId}/work`, {
      id: uuid(),
      surfaceId,
      stepId: next.plan.id,
      startedAt: now(),
      endedAt: now(),
    });
    expect(logged.status).toBe(201);
    const refused = await choose(surfaceId, '0123456789abcdef');
    expect([refused.status, refused.body.code]).toEqual([409, 'already-begun']);
  });
});

describe('finding', () => {
  const find = async (q: string) => (await ada.get(`/api/find?q=${encodeURIComponent(q)}`)).body;

  test('a job or a surface by any part of its name, whatever the case', async () => {
    const found = await find('KEEPER');
    expect(found.jobs.map((j: { title: string }) => j.title)).toContain("Ferrykeeper's House");
    expect((await find('dado')).surfaces[0]).toMatchObject({ name: 'Dado, embossed paper' });
  });

  test('nothing by a name nobody gave, and no more than a page of what many have', async () => {
    expect(await find('zzzz no such thing')).toEqual({ jobs: [], surfaces: [] });
    const { jobId, roomId } = await newJob(ada);
    for (let i = 0; i < 14; i++)
      await ada.post(`/api/jobs/${jobId}/surfaces`, { ...surfaceBody(roomId), name: `Lintel ${i}` });
    expect((await find('Lintel')).surfaces.length).toBe(12);
  });
});

describe('the air of a room', () => {
  test('is kept, and refused where it cannot have been read', async () => {
    const { jobId, roomId } = await newJob(ada);
    const read = (body: object) =>
      ada.post(`/api/rooms/${roomId}/readings`, {
        id: uuid(),
        at: now(),
        temperatureC: 18,
        relativeHumidityPct: 60,
        ...body,
      });
    expect((await read({})).status).toBe(201);
    for (const [body, path] of [
      [{ temperatureC: 80 }, 'temperatureC'],
      [{ relativeHumidityPct: 0 }, 'relativeHumidityPct'],
      [{ relativeHumidityPct: 101 }, 'relativeHumidityPct'],
      [{ at: 'yesterday' }, 'at'],
    ] as const) {
      const answer = await read(body);
      expect(answer.status).toBe(400);
      expect(answer.body.errors.map((e: { path: string }) => e.path)).toContain(path);
    }
    const kinds = (await ada.get(`/api/jobs/${jobId}/ledger`)).body.map((e: { kind: string }) => e.kind);
    expect(kinds.filter((k: string) => k === 'air-read')).toHaveLength(1);
  });
});

describe('the run sheet and aftercare', () => {
  test('a surface stands on Today from its plan on, and no sooner', async () => {
    const { jobId, surfaceId } = await skirting();
    const ofJob = async () => JSON.stringify((await ada.get('/api/today')).body).includes(surfaceId);
    expect(await ofJob()).toBe(false);
    await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
    expect(await ofJob()).toBe(true);
  });

  test('aftercare is of what was finished: its dates are those of its last coat, and follow it', async () => {
    const { calls, uses, repaints } = (await ada.get('/api/aftercare')).body as Record<
      'calls' | 'uses' | 'repaints',
      { surfaceId: string | null; what?: string; at: string }[]
    >;
    expect(repaints.length).toBeGreaterThan(0);
    for (const { surfaceId } of repaints) {
      const work = (await page(surfaceId!)).work as { endedAt: string; productId: string | null }[];
      const last = Math.max(...work.filter((w) => w.productId !== null).map((w) => Date.parse(w.endedAt)));
      const items = [...calls, ...uses, ...repaints].filter((i) => i.surfaceId === surfaceId && i.what !== 'follow-up');
      for (const item of items) expect(Date.parse(item.at)).toBeGreaterThanOrEqual(last - 60_000);
      expect(repaints.filter((r) => r.surfaceId === surfaceId)).toHaveLength(1);
    }
  });
});

describe('what one answer says and another', () => {
  /** Two answers are asked one after the other: what others log meanwhile moves the firm's pace, and every hour a little. */
  const aboutTheSame = (a: number, b: number) => expect(Math.abs(a - b)).toBeLessThanOrEqual(Math.max(2, 0.01 * b));

  test('the list, the job and its surfaces agree on hours, cost and what was tested', async () => {
    const jobs = (await ada.get('/api/jobs')).body as {
      id: string;
      surfaces: number;
      tested: number;
      minutes: number;
      cost: number;
    }[];
    for (const brief of jobs.slice(0, 5)) {
      const whole = (await ada.get(`/api/jobs/${brief.id}`)).body as {
        totals: { minutes: number; cost: number };
        surfaces: { tested: boolean; minutes: number; cost: number }[];
      };
      expect(whole.surfaces).toHaveLength(brief.surfaces);
      expect(whole.surfaces.filter((s) => s.tested)).toHaveLength(brief.tested);
      const sum = (of: 'minutes' | 'cost') => whole.surfaces.reduce((total, s) => total + s[of], 0);
      expect([whole.totals.minutes, whole.totals.cost]).toEqual([sum('minutes'), sum('cost')]);
      aboutTheSame(brief.minutes, sum('minutes'));
      aboutTheSame(brief.cost, sum('cost'));
    }
  });

  test('a surface says by itself what its job says of it', async () => {
    const job = ((await ada.get('/api/jobs')).body as { id: string; title: string }[]).find((j) =>
      j.title.startsWith('Ferrykeeper'),
    )!;
    const whole = (await ada.get(`/api/jobs/${job.id}`)).body as {
      surfaces: { id: string; minutes: number; cost: number; likeliest: { code: string; probability: number } }[];
    };
    for (const brief of whole.surfaces) {
      const own = await page(brief.id);
      aboutTheSame(own.price.minutes, brief.minutes);
      aboutTheSame(own.price.cost, brief.cost);
      expect(own.finish[0].code).toBe(brief.likeliest.code);
      expect(own.finish[0].probability).toBeCloseTo(brief.likeliest.probability, 9);
    }
  });
});
