import { beforeAll, describe, expect, test } from '@jest/globals';
import type { Step } from '@rustic/core';
import { Client, newJob, signedIn, surfaceBody, uuid } from './client.ts';

let ada: Client;
beforeAll(async () => {
  ada = await signedIn();
});

/** A skirting under old oil gloss, young enough to sand. */
async function oilSkirting() {
  const { jobId, roomId } = await newJob(ada, 1996);
  const surface = surfaceBody(roomId);
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  for (const test of [
    { kind: 'spirit-rub', result: 'no-transfer' },
    { kind: 'sheen-look', result: 'gloss', yellowed: true },
  ])
    await ada.post(`/api/surfaces/${surface.id}/tests`, { id: uuid(), at: new Date().toISOString(), test });
  return { jobId, roomId, surfaceId: surface.id };
}
const page = async (surfaceId: string) => (await ada.get(`/api/surfaces/${surfaceId}`)).body;
const lineOf = (shown: { lines: { step: Step }[] }, kind: string) => shown.lines.findIndex((l) => l.step.kind === kind);
const ledger = async (jobId: string) =>
  (await ada.get(`/api/jobs/${jobId}/ledger`)).body as { kind: string; payload: Record<string, unknown>; by: string }[];

describe('what if', () => {
  test('a skipped primer is answered with its fault, its section, and the block it breaks; nothing is written', async () => {
    const { jobId, surfaceId } = await oilSkirting();
    const shown = await page(surfaceId);
    const before = (await ledger(jobId)).length;
    const answer = await ada.post(`/api/surfaces/${surfaceId}/what-if`, {
      key: shown.key,
      departures: [{ act: 'skip', step: lineOf(shown, 'prime') }],
    });
    expect(answer.status).toBe(200);
    expect(answer.body.consequences[0]).toMatchObject({ fault: 'peels', shows: 'P1M' });
    expect(answer.body.forbidden[0].code).toBe('waterborne-on-oil');
    expect(answer.body.section.some((l: { words: string }) => /shellac/i.test(l.words))).toBe(false);
    expect((await ledger(jobId)).length).toBe(before);
  });
  test.each([
    ['a line that is not there', { act: 'skip', step: 79 }, 'departures[0].step'],
    ['a swap for nothing', { act: 'swap', step: 0 }, 'departures[0].family'],
    ['a move to nowhere', { act: 'move', step: 0 }, 'departures[0].to'],
  ])('%s is told by its path', async (_what, departure, path) => {
    const { surfaceId } = await oilSkirting();
    const { key } = await page(surfaceId);
    const answer = await ada.post(`/api/surfaces/${surfaceId}/what-if`, { key, departures: [departure] });
    expect([answer.status, answer.body.errors?.[0]?.path]).toEqual([400, path]);
  });
  test('a system that has moved on is a conflict, an unknown act a fault', async () => {
    const { surfaceId } = await oilSkirting();
    const url = `/api/surfaces/${surfaceId}/what-if`;
    expect((await ada.post(url, { key: '0123456789abcdef', departures: [] })).body.code).toBe('moved-on');
    const { key } = await page(surfaceId);
    expect((await ada.post(url, { key, departures: [{ act: 'burn', step: 0 }] })).status).toBe(400);
  });
});

describe('an override', () => {
  const sign = (departures: unknown[], more: object = {}) => ({
    departures,
    reason: 'The client wants it done in a day.',
    signedAs: 'Ada Thirle',
    ...more,
  });
  test('is settled with its reason and its name, stands in the ledger, and withholds the guarantee', async () => {
    const { jobId, surfaceId } = await oilSkirting();
    const shown = await page(surfaceId);
    expect(shown.guarantee.months).toBeGreaterThan(0);
    const step = lineOf(shown, 'degloss');
    const skipped = [step, lineOf(shown, 'tack-off')].map((line) => ({ act: 'skip', step: line }));
    const body = { id: uuid(), key: shown.key, override: sign(skipped) };
    const answer = await ada.post(`/api/surfaces/${surfaceId}/choices`, body);
    expect(answer.status).toBe(201);
    const after = await page(surfaceId);
    expect(after.lines).toHaveLength(shown.lines.length - 2);
    expect(lineOf(after, 'degloss')).toBe(-1);
    expect(after.choice.override).toMatchObject({ reason: body.override.reason, signedAs: 'Ada Thirle' });
    expect(after.guarantee).toMatchObject({ months: null });
    expect(after.guarantee.withheld.join()).toContain('Dull the gloss');
    expect(after.settledOther).toBe(false);
    const entry = (await ledger(jobId)).findLast((e) => e.kind === 'system-overridden')!;
    expect(entry.payload).toMatchObject({
      override: { reason: body.override.reason, told: [{ fault: 'dust-in-film' }] },
    });
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.ok ?? true).toBeTruthy();
  });
  test('sent twice it is written once', async () => {
    const { jobId, surfaceId } = await oilSkirting();
    const shown = await page(surfaceId);
    const body = { id: uuid(), key: shown.key, override: sign([{ act: 'skip', step: lineOf(shown, 'degloss') }]) };
    await Promise.all([1, 2, 3].map(() => ada.post(`/api/surfaces/${surfaceId}/choices`, body)));
    expect((await ledger(jobId)).filter((e) => e.kind === 'system-overridden')).toHaveLength(1);
  });
  test('cannot do what a block forbids, however it is signed', async () => {
    const { jobId, surfaceId } = await oilSkirting();
    const shown = await page(surfaceId);
    const answer = await ada.post(`/api/surfaces/${surfaceId}/choices`, {
      id: uuid(),
      key: shown.key,
      override: sign([{ act: 'skip', step: lineOf(shown, 'prime') }]),
    });
    expect([answer.status, answer.body.code]).toEqual([422, 'forbidden']);
    expect(answer.body.message).toContain('Until');
    expect((await page(surfaceId)).choice).toBeNull();
    expect((await ledger(jobId)).some((e) => e.kind.startsWith('system-'))).toBe(false);
  });
  test.each([
    ['no reason', { reason: '' }, 'override.reason'],
    ['no name', { signedAs: '' }, 'override.signedAs'],
    ['no departure', { departures: [] }, 'override.departures'],
  ])('%s is refused', async (_what, more, path) => {
    const { surfaceId } = await oilSkirting();
    const shown = await page(surfaceId);
    const answer = await ada.post(`/api/surfaces/${surfaceId}/choices`, {
      id: uuid(),
      key: shown.key,
      override: sign([{ act: 'skip', step: 0 }], more),
    });
    expect([answer.status, answer.body.errors[0].path]).toEqual([400, path]);
  });
  test('a departure can be departed from, and taking the system again gives the guarantee back', async () => {
    const { surfaceId } = await oilSkirting();
    const shown = await page(surfaceId);
    await ada.post(`/api/surfaces/${surfaceId}/choices`, {
      id: uuid(),
      key: shown.key,
      override: sign([{ act: 'skip', step: lineOf(shown, 'degloss') }]),
    });
    const once = await page(surfaceId);
    await ada.post(`/api/surfaces/${surfaceId}/choices`, {
      id: uuid(),
      key: once.key,
      override: sign([{ act: 'skip', step: lineOf(once, 'tack-off') }]),
    });
    const twice = await page(surfaceId);
    expect(twice.choice.override.said).toEqual(['Dull the gloss (liquid deglosser) left out', 'Tack off left out']);
    expect(twice.guarantee.withheld).toHaveLength(2);
    expect(twice.settledOther).toBe(false);
    await ada.post(`/api/surfaces/${surfaceId}/choices`, { id: uuid(), key: shown.computedKey });
    const back = await page(surfaceId);
    expect(back.lines).toHaveLength(shown.lines.length);
    expect(back.guarantee.months).toBe(shown.guarantee.months);
  });
});

describe('house rules by level', () => {
  test('a preview lists what would change, with before and after, and changes nothing', async () => {
    const { jobId, surfaceId } = await oilSkirting();
    const before = await page(surfaceId);
    const answer = await ada.post('/api/rules/preview', {
      level: 'job',
      subject: jobId,
      houseRules: { oilTrim: 'hybrid-direct' },
    });
    expect(answer.status).toBe(200);
    expect(answer.body.looked).toBe(1);
    const [one] = answer.body.surfaces;
    expect(one).toMatchObject({ surfaceId, settled: false, begun: false });
    expect(one.removed.map((s: Step) => s.kind)).toContain('prime');
    expect(await page(surfaceId)).toMatchObject({ key: before.key, rules: { job: {} } });
  });
  test('the surface’s rule stands over the job’s, and the job’s over the firm’s; each is in the ledger with its note', async () => {
    const { jobId, surfaceId } = await oilSkirting();
    const job = (await ada.get(`/api/jobs/${jobId}`)).body.job;
    const change = {
      id: uuid(),
      version: job.version,
      houseRules: { oilTrim: 'hybrid-direct' },
      note: 'One enamel throughout.',
    };
    expect((await ada.send('PATCH', `/api/jobs/${jobId}/rules`, change)).status).toBe(200);
    const hybrid = await page(surfaceId);
    expect(lineOf(hybrid, 'prime')).toBe(-1);
    await ada.send('PATCH', `/api/surfaces/${surfaceId}/rules`, {
      id: uuid(),
      version: hybrid.surface.version,
      houseRules: { oilTrim: 'block-then-waterborne' },
      note: 'This one is kicked.',
    });
    const own = await page(surfaceId);
    expect(lineOf(own, 'prime')).toBeGreaterThan(0);
    expect(own.rules).toMatchObject({
      job: { oilTrim: 'hybrid-direct' },
      surface: { oilTrim: 'block-then-waterborne' },
    });
    const notes = (await ledger(jobId)).filter((e) => e.kind === 'rules-changed').map((e) => e.payload['note']);
    expect(notes).toEqual(['One enamel throughout.', 'This one is kicked.']);
  });
  test('a settled system stands when a rule changes, and the page says that the evidence asks otherwise', async () => {
    const { jobId, surfaceId } = await oilSkirting();
    const shown = await page(surfaceId);
    await ada.post(`/api/surfaces/${surfaceId}/choices`, { id: uuid(), key: shown.key });
    const job = (await ada.get(`/api/jobs/${jobId}`)).body.job;
    const preview = await ada.post('/api/rules/preview', {
      level: 'job',
      subject: jobId,
      houseRules: { oilTrim: 'hybrid-direct' },
    });
    expect(preview.body.surfaces[0].settled).toBe(true);
    await ada.send('PATCH', `/api/jobs/${jobId}/rules`, {
      id: uuid(),
      version: job.version,
      houseRules: { oilTrim: 'hybrid-direct' },
    });
    const after = await page(surfaceId);
    expect([after.key, after.settledOther]).toEqual([shown.key, true]);
  });
  test('two who change the rules at once: the second sees both', async () => {
    const { jobId } = await oilSkirting();
    const { version } = (await ada.get(`/api/jobs/${jobId}`)).body.job;
    const change = (oilTrim: string) =>
      ada.send('PATCH', `/api/jobs/${jobId}/rules`, { id: uuid(), version, houseRules: { oilTrim } });
    expect((await change('hybrid-direct')).status).toBe(200);
    const second = await change('stay-oil');
    expect(second.status).toBe(409);
    expect(second.body.theirs.houseRules).toEqual({ oilTrim: 'hybrid-direct' });
  });
  test('an unknown rule, a choice of another rule, a level without its subject: each is told', async () => {
    const ask = (body: object) => ada.post('/api/rules/preview', body);
    expect((await ask({ level: 'firm', houseRules: { oilTrim: 'bridge' } })).status).toBe(400);
    expect((await ask({ level: 'firm', houseRules: { colour: 'red' } })).status).toBe(400);
    expect((await ask({ level: 'job', houseRules: {} })).body.errors[0].path).toBe('subject');
    expect((await ask({ level: 'job', subject: uuid(), houseRules: {} })).status).toBe(404);
  });
  test('a rule of the firm stands in the ledger of every job under way, and the firm’s words are kept', async () => {
    const { jobId } = await oilSkirting();
    const firm = (await ada.get('/api/session')).body.firm;
    const changed = await ada.send('PATCH', '/api/firm', {
      id: uuid(),
      version: firm.version,
      houseRules: { ...firm.houseRules, rollers: 'wash' },
      terms: { board: 'drywall' },
    });
    expect(changed.body).toMatchObject({ houseRules: { rollers: 'wash' }, terms: { board: 'drywall' } });
    expect((await ledger(jobId)).some((e) => e.kind === 'rules-changed')).toBe(true);
    const undone = await ada.send('PATCH', '/api/firm', {
      id: uuid(),
      version: changed.body.version,
      houseRules: firm.houseRules,
      terms: { board: 'plasterboard' },
    });
    expect(undone.status).toBe(200);
    const bad = await ada.send('PATCH', '/api/firm', {
      id: uuid(),
      version: undone.body.version,
      terms: { board: 'cheese' },
    });
    expect(bad.status).toBe(400);
  });
});

describe('what matters to the firm', () => {
  test('other ways are ranked by it; out of range it is refused, and left out it stays', async () => {
    const { surfaceId } = await oilSkirting();
    const ranked = async () => {
      const { alternatives } = await page(surfaceId);
      const against = alternatives
        .map((a: { against: number | null }) => a.against)
        .filter((a: number | null) => a !== null);
      expect(against).toEqual([...against].sort((a: number, b: number) => a - b));
      return alternatives.map((a: { differs: string }) => a.differs);
    };
    const weigh = async (weights: object) => {
      const { version } = (await ada.get('/api/session')).body.firm;
      return ada.send('PATCH', '/api/firm', { id: uuid(), version, weights });
    };
    const usual = await ranked();
    expect((await weigh({ time: 4, cost: 0 })).status).toBe(200);
    const hasty = await ranked();
    expect(hasty).not.toEqual(usual);
    expect([...hasty].sort()).not.toHaveLength(0);
    expect((await weigh({ time: 9 })).status).toBe(400);
    expect((await weigh({ beauty: 1 })).status).toBe(400);
    const back = await weigh({ time: 1, cost: 1 });
    expect(back.body.weights).toMatchObject({ time: 1, cost: 1 });
    expect(await ranked()).toEqual(usual);
  });
});

describe('what stands behind a system', () => {
  test('a surface says its term, what another year may bring, and what was weighed', async () => {
    const { jobId, roomId } = await newJob(ada, 1996);
    const sill = {
      ...surfaceBody(roomId),
      name: 'Sill',
      facts: {
        element: 'sill',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        areaM2: 2,
        conditions: ['peeling', 'end-grain'],
      },
    };
    await ada.post(`/api/jobs/${jobId}/surfaces`, sill);
    const shown = await page(sill.id);
    expect(shown.anotherYear.brings.map((b: { condition: string }) => b.condition)).toContain('rot');
    expect(shown.anotherYear.expectedCost).toBeGreaterThan(0);
    expect(shown.guarantee.months === null || shown.guarantee.months <= 30).toBe(true);
    const options = shown.doubt?.options ?? [];
    for (const o of options) expect(o.share).toBeGreaterThan(0);
    for (const line of shown.lines) expect(Array.isArray(line.tools)).toBe(true);
  });
  test('each line that lays a film says what it is done with and what could be taken instead', async () => {
    const { surfaceId } = await oilSkirting();
    const shown = await page(surfaceId);
    const prime = shown.lines[lineOf(shown, 'prime')];
    expect(prime.tools.join()).toMatch(/brush|sleeve/);
    expect(prime.others).toContain('bonding-acrylic-primer');
    expect(prime.others).not.toContain('acrylic-trim');
  });
});

describe('the schools, and the way back', () => {
  test('each rule that parts here is whole on both sides, ours among them', async () => {
    const { surfaceId } = await oilSkirting();
    const { body } = await ada.get(`/api/surfaces/${surfaceId}/schools`);
    const oil = body.rules.find((r: { rule: string }) => r.rule === 'oilTrim');
    expect(oil.ways.filter((w: { ours: boolean }) => w.ours)).toHaveLength(1);
    for (const way of oil.ways)
      expect([way.steps.length > 3, way.price.cost > 0, way.because.length > 5]).toEqual([true, true, true]);
  });
  test('a way back is computed, and written only when it is asked for', async () => {
    const { jobId, surfaceId } = await oilSkirting();
    const asked = { fault: 'peels', wet: false };
    const way = await ada.post(`/api/surfaces/${surfaceId}/way-back`, asked);
    expect(way.body.steps.slice(0, way.body.undoes).map((s: Step) => s.kind)).toContain('scrape');
    expect((await ledger(jobId)).some((e) => e.kind === 'way-back-written')).toBe(false);
    const written = await ada.post(`/api/surfaces/${surfaceId}/ways-back`, {
      ...asked,
      id: uuid(),
      note: 'Came off with the tape.',
    });
    expect(written.status).toBe(201);
    expect((await ledger(jobId)).at(-1)).toMatchObject({
      kind: 'way-back-written',
      payload: { fault: 'peels', note: 'Came off with the tape.' },
    });
    expect((await ada.post(`/api/surfaces/${surfaceId}/way-back`, { fault: 'melts', wet: false })).status).toBe(400);
  });
});
