import { beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection } from 'mysql2/promise';
import { newJob, secondFirm, signedIn, uuid, type Client } from './client.ts';
import { agree, changeSurface, hallOf, ledgerOf, priceOf, sendQuote, stranger, token, view } from './quoted.ts';

let ada: Client;
let other: Client;
beforeAll(async () => {
  ada = await signedIn();
  other = await secondFirm('Upriver Painters', 'nell@upriver.example');
});

const price = (jobId: string, client = ada) => priceOf(client, jobId);
const ledger = (jobId: string) => ledgerOf(ada, jobId);
const hall = () => hallOf(ada);
const send = (jobId: string, way = token()) => sendQuote(ada, jobId, way);
const change = (surfaceId: string, body: object) => changeSurface(ada, surfaceId, body);
const sum = (lines: { price: number }[]) => lines.reduce((total, l) => total + l.price, 0);

describe('a price', () => {
  test('its lines add up to it, and tax comes on top, to the last minor unit', async () => {
    const { jobId } = await hall();
    const { draft, sums, lines } = await price(jobId);
    expect(draft.lines).toHaveLength(2);
    expect(sum(draft.lines)).toBe(draft.net);
    expect(draft.net).toBe(sums.cost + sums.overhead + sums.margin);
    expect(draft.net + draft.tax).toBe(draft.total);
    expect(draft.tax).toBe(Math.round(draft.net * 0.2));
    expect(lines.map((l: { surfaceId: string }) => l.surfaceId)).toEqual(
      draft.lines.map((l: { surfaceId: string }) => l.surfaceId),
    );
  });

  test('a surface left out whole is priced apart, a part of one is taken off, and an undecided one may be taken', async () => {
    const { jobId, skirting, wall } = await hall();
    const before = await price(jobId);
    const box = { wall: 0, x: 0, y: 0, widthM: 2, heightM: 2.5 };
    await change(wall, {
      exclusions: [{ id: uuid(), words: 'behind the dresser', reason: 'stays-as-it-is', whole: false, box }],
    });
    const part = await price(jobId);
    const wallIn = (p: typeof part) => p.draft.lines.find((l: { surfaceId: string }) => l.surfaceId === wall);
    expect(wallIn(part).areaM2).toBe(25);
    expect(wallIn(part).price).toBeLessThan(wallIn(before).price);
    expect(part.draft.leftOut).toMatchObject([{ surfaceId: wall, whole: false, price: null }]);
    await change(skirting, {
      exclusions: [{ id: uuid(), words: 'all of it', reason: 'client-does-it', whole: true, box: null }],
    });
    const whole = await price(jobId);
    expect(whole.draft.lines).toHaveLength(1);
    const out = whole.draft.leftOut.find((l: { whole: boolean }) => l.whole);
    expect(out).toMatchObject({ surfaceId: skirting, whole: true, reason: 'client-does-it' });
    expect(out.price).toBe(part.draft.net - whole.draft.net);
    await change(skirting, {
      exclusions: [{ id: uuid(), words: 'perhaps', reason: 'undecided', whole: true, box: null }],
    });
    const undecided = await price(jobId);
    expect(undecided.draft.options).toMatchObject([{ surfaceId: skirting, kind: 'extra' }]);
    expect(undecided.draft.options[0].system).toBeUndefined();
  });

  test('what is left out whole is not planned, run or shopped for', async () => {
    const { jobId, skirting, wall } = await hall();
    const whole = async () => (await ada.get(`/api/jobs/${jobId}`)).body;
    const tins = async () =>
      (await ada.get(`/api/jobs/${jobId}/shopping`)).body.items.filter((i: { key: string }) => i.key.startsWith('tin/'))
        .length as number;
    const tinsBefore = await tins();
    const before = await whole();
    await change(skirting, {
      exclusions: [{ id: uuid(), words: 'all of it', reason: 'client-does-it', whole: true, box: null }],
    });
    const after = await whole();
    const cost = (job: typeof after, id: string) => job.surfaces.find((s: { id: string }) => s.id === id).cost;
    expect([cost(after, skirting), cost(after, wall)]).toEqual([0, cost(before, wall)]);
    expect(after.totals.cost).toBe(cost(before, wall));
    await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
    const { plan, surfaces } = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    expect(surfaces.map((s: { id: string }) => s.id)).toEqual([wall]);
    expect(new Set(plan.steps.map((s: { surface: string }) => s.surface))).toEqual(new Set([wall]));
    const today = JSON.stringify((await ada.get('/api/today')).body);
    expect([today.includes(wall), today.includes(skirting)]).toEqual([true, false]);
    expect(await tins()).toBeLessThan(tinsBefore);
  });

  test('how it is reached, what the firm sets, and what stands in the van move it', async () => {
    const { jobId, wall } = await hall();
    const plain = await price(jobId);
    await change(wall, { access: 'stairwell' });
    expect((await price(jobId)).sums.minutes).toBeGreaterThan(plain.sums.minutes);
    expect((await change(wall, { access: 'balloon' })).body.errors[0].path).toBe('access');
    // Another firm sets its own prices; ours stay.
    const { firm } = (await other.get('/api/session')).body;
    const set = (pricing: object) => other.send('PATCH', '/api/firm', { id: uuid(), version: firm.version, pricing });
    expect((await set({ margin: -1 })).body.errors[0].path).toContain('margin');
    expect((await set({ hourCost: 5000, taxName: 'VAT' })).status).toBe(200);
    expect((await price(jobId)).settings.hourCost).toBe(plain.settings.hourCost);
    expect((await other.get(`/api/jobs/${jobId}/price`)).status).toBe(404);
  });

  test('a measure of any shape sets the size; one that cannot be names its place', async () => {
    const { jobId, wall } = await hall();
    const facts = { element: 'wall', substrate: 'drywall', areaM2: 1 };
    const spindles = { shape: 'spindles', section: 'square', heightM: 0.9, thicknessM: 0.04, count: 30 };
    expect((await change(wall, { facts, measure: spindles })).status).toBe(200);
    const line = (await price(jobId)).draft.lines.find((l: { surfaceId: string }) => l.surfaceId === wall);
    expect(line.areaM2).toBe(4.32);
    const wrong = await change(wall, { facts, measure: { ...spindles, section: 'starry', extra: 1 } });
    expect(wrong.status).toBe(400);
    expect(wrong.body.errors.map((e: { path: string }) => e.path).sort()).toEqual(['measure.extra', 'measure.section']);
  });

  test('the simulation is laid out for a worker: figures only, a node for each surface', async () => {
    const { jobId } = await hall();
    const fan = (await ada.get(`/api/jobs/${jobId}/price/fan`)).body;
    expect(fan.surfaces).toHaveLength(2);
    expect(fan.draws).toBe(10_000);
    for (const s of fan.surfaces)
      for (const n of s.nodes) expect(fan.nodes[n].rows.at(-1)).toHaveLength(s.byFinish.length);
    expect(fan.tests.length).toBeGreaterThan(0);
  });

  test('hours that nobody said teach nothing, however long it lies between begun and ended', async () => {
    const { jobId, wall } = await hall();
    await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
    const seen = async () =>
      (await price(jobId)).learned.find((l: { kind: string }) => l.kind === 'protect')?.seen ?? 0;
    const before = await seen();
    const { next } = (await ada.get(`/api/surfaces/${wall}`)).body.standing;
    const log = {
      id: uuid(),
      surfaceId: wall,
      stepId: next.plan.id,
      startedAt: new Date(Date.now() - 7_200_000).toISOString(),
      endedAt: new Date().toISOString(),
    };
    expect((await ada.post(`/api/jobs/${jobId}/work`, log)).body.log.handsOnMin).toBeNull();
    expect(await seen()).toBe(before);
    const bad = await ada.post(`/api/jobs/${jobId}/work`, { ...log, id: uuid(), handsOnMin: 0 });
    expect(bad.status).toBe(400);
  });

  test('logged steps teach the firm its own pace', async () => {
    const { jobId, wall } = await hall();
    await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
    const seenBefore = (await price(jobId)).learned.find((l: { kind: string }) => l.kind === 'protect')?.seen ?? 0;
    const { next } = (await ada.get(`/api/surfaces/${wall}`)).body.standing;
    expect(next.plan.kind).toBe('protect');
    const end = new Date();
    const startedAt = new Date(end.getTime() - 3 * next.plan.minutes * 60_000).toISOString();
    await ada.post(`/api/jobs/${jobId}/work`, {
      id: uuid(),
      surfaceId: wall,
      stepId: next.plan.id,
      startedAt,
      endedAt: end.toISOString(),
      handsOnMin: 3 * next.plan.minutes,
    });
    const learned = (await price(jobId)).learned.find((l: { kind: string }) => l.kind === 'protect');
    expect(learned.seen).toBe(seenBefore + 1);
    expect(learned.pace).toBeGreaterThan(1);
    expect(learned.pace).toBeLessThan(learned.own);
  });
});

describe('sending', () => {
  test('numbers run on in the firm, versions in the job; what was sent is never another', async () => {
    const { jobId, wall } = await hall();
    const first = await send(jobId);
    expect(first.answer.status).toBe(201);
    expect(first.answer.body).toMatchObject({ version: 1, linked: true });
    const before = (await ada.get(`/api/documents/${first.answer.body.id}/paper`)).body;
    await change(wall, {
      facts: { element: 'wall', substrate: 'drywall', areaM2: 60, currentFinish: 'waterborne-acrylic' },
    });
    const second = await send(jobId);
    expect(second.answer.body).toMatchObject({ number: first.answer.body.number, version: 2, linked: false });
    expect((await ada.get(`/api/documents/${first.answer.body.id}/paper`)).body).toEqual(before);
    const next = await send((await hall()).jobId);
    expect(next.answer.body).toMatchObject({ number: first.answer.body.number + 1, version: 1 });
    const kinds = (await ledger(jobId)).map((e) => e.kind);
    expect(kinds.filter((k) => k === 'quote-sent')).toHaveLength(2);
  });

  test('only what was looked at is sent; nothing, or the same again, is not; twice sent is once', async () => {
    const { jobId, wall } = await hall();
    const { seen } = await price(jobId);
    await change(wall, { facts: { element: 'wall', substrate: 'drywall', areaM2: 12 } });
    const stale = await ada.post(`/api/jobs/${jobId}/quotes`, { id: uuid(), seen, token: token() });
    expect([stale.status, stale.body.code]).toEqual([409, 'moved-on']);
    const body = { id: uuid(), seen: (await price(jobId)).seen, token: token() };
    const one = await ada.post(`/api/jobs/${jobId}/quotes`, body);
    expect((await ada.post(`/api/jobs/${jobId}/quotes`, body)).body).toEqual(one.body);
    expect((await price(jobId)).sent).toHaveLength(1);
    expect((await send(jobId)).answer.body.code).toBe('same-as-sent');
    const { jobId: empty } = await newJob(ada);
    expect((await send(empty)).answer.body.code).toBe('nothing-to-send');
    expect((await ada.post(`/api/jobs/${jobId}/quotes`, { ...body, id: uuid(), token: 'short' })).status).toBe(400);
    expect((await other.post(`/api/jobs/${jobId}/quotes`, { ...body, id: uuid() })).status).toBe(404);
  });

  test('many at once take one number each', async () => {
    const jobs = await Promise.all(Array.from({ length: 5 }, () => hall()));
    const seen = await Promise.all(jobs.map(({ jobId }) => price(jobId)));
    const sent = await Promise.all(
      jobs.map(({ jobId }, i) =>
        ada.post(`/api/jobs/${jobId}/quotes`, { id: uuid(), seen: seen[i].seen, token: token() }),
      ),
    );
    const numbers = sent.map((s) => s.body.number as number).sort((a, b) => a - b);
    expect(new Set(numbers).size).toBe(5);
    expect(numbers.at(-1)! - numbers[0]!).toBe(4);
  });
});

describe('the client', () => {
  test('sees the newest version without signing in, and agrees to exactly it', async () => {
    const { jobId } = await hall();
    const { way, answer } = await send(jobId);
    const seen = await view(way);
    expect(seen.status).toBe(200);
    expect(seen.headers.get('cache-control')).toContain('no-store');
    expect(seen.body.quote.lines).toHaveLength(2);
    expect(JSON.stringify(seen.body)).not.toMatch(/margin|overhead|hourCost/);
    const agreed = await agree(way, answer.body.id);
    expect(agreed.status).toBe(201);
    expect(agreed.body).toMatchObject({ name: 'Hesper Quill', total: seen.body.quote.total });
    expect((await agree(way, answer.body.id)).body.code).toBe('agreed-already');
    const entry = (await ledger(jobId)).find((e) => e.kind === 'quote-agreed')!;
    expect(entry).toMatchObject({ by: 'Hesper Quill', payload: { version: 1, total: seen.body.quote.total } });
    const brief = ((await ada.get('/api/jobs')).body as { id: string; quote: object }[]).find((j) => j.id === jobId)!;
    expect(brief.quote).toMatchObject({ version: 1, agreedBy: 'Hesper Quill' });
    const { draft, changes, agreement } = await price(jobId);
    expect([changes, draft.total, agreement.name]).toEqual([[], seen.body.quote.total, 'Hesper Quill']);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('a change after it was agreed asks again: what did not change keeps its price', async () => {
    const { jobId, wall, skirting } = await hall();
    const first = await send(jobId);
    await agree(first.way, first.answer.body.id);
    const agreed = await price(jobId);
    await change(wall, {
      facts: { element: 'wall', substrate: 'drywall', areaM2: 44, currentFinish: 'waterborne-acrylic' },
    });
    const moved = await price(jobId);
    const priceOf = (p: typeof moved, id: string) =>
      p.draft.lines.find((l: { surfaceId: string }) => l.surfaceId === id).price;
    expect(moved.changes).toMatchObject([{ surfaceId: wall, price: priceOf(moved, wall) - priceOf(agreed, wall) }]);
    expect(priceOf(moved, skirting)).toBe(priceOf(agreed, skirting));
    expect(sum(moved.draft.lines)).toBe(moved.draft.net);
    // Until it is sent the client still sees what was agreed.
    expect((await view(first.way)).body.agreement.name).toBe('Hesper Quill');
    const second = await send(jobId);
    const asked = (await view(first.way)).body;
    expect(asked).toMatchObject({
      documentId: second.answer.body.id,
      agreement: null,
      before: { name: 'Hesper Quill' },
    });
    expect(asked.changes[0].words).toContain('30 m² is now 44 m²');
    expect((await agree(first.way, first.answer.body.id)).body.code).toBe('newer-version');
    expect((await agree(first.way, second.answer.body.id)).status).toBe(201);
  });

  test('what was found while working is a variation with its price', async () => {
    const { jobId, skirting } = await hall();
    const first = await send(jobId);
    await agree(first.way, first.answer.body.id);
    const found = await ada.post(`/api/surfaces/${skirting}/findings`, {
      id: uuid(),
      at: new Date().toISOString(),
      conditions: ['rot'],
      note: 'behind the pipe',
    });
    expect(found.body.changes.added.length).toBeGreaterThan(0);
    const { changes } = await price(jobId);
    expect(changes).toHaveLength(1);
    expect(changes[0].price).toBeGreaterThan(0);
  });

  test('options taken become work: another way is settled, what was undecided is put back', async () => {
    const { jobId, skirting, wall } = await hall();
    const { alternatives } = (await ada.get(`/api/surfaces/${skirting}`)).body;
    const offer = { id: uuid(), surfaceId: skirting, key: alternatives[0].key };
    const { job } = await price(jobId);
    const put = (version: number, offers: object[]) =>
      ada.send('PUT', `/api/jobs/${jobId}/offers`, { id: uuid(), version, offers });
    expect((await put(job.version, [offer])).status).toBe(200);
    expect((await put(job.version, [])).body.code).toBe('edited-elsewhere');
    await change(wall, { exclusions: [{ id: uuid(), words: 'perhaps', reason: 'undecided', whole: true, box: null }] });
    const { draft } = await price(jobId);
    expect(draft.options.map((o: { kind: string }) => o.kind)).toEqual(['extra', 'instead']);
    const { way, answer } = await send(jobId);
    const options = draft.options.map((o: { id: string }) => o.id);
    expect((await agree(way, answer.body.id, { options: [uuid()] })).body.errors[0].path).toBe('options');
    const agreed = await agree(way, answer.body.id, { options });
    const net = draft.net + draft.options.reduce((total: number, o: { price: number }) => total + o.price, 0);
    expect(agreed.body.total).toBe(net + Math.round(net * 0.2));
    expect((await ada.get(`/api/surfaces/${wall}`)).body.surface.exclusions).toEqual([]);
    expect((await ada.get(`/api/surfaces/${skirting}`)).body.choice).toMatchObject({
      by: 'Hesper Quill',
      differs: 'as the client took it',
    });
    const after = await price(jobId);
    expect(after.changes).toEqual([]);
    expect(after.draft.options).toEqual([]);
    expect(after.draft.lines).toHaveLength(2);
    expect(after.draft.total).toBe(agreed.body.total);
  });

  test('a guessed, a closed and an expired link show nothing, and all answer alike', async () => {
    const { jobId } = await hall();
    const { way } = await send(jobId);
    const answers = [
      await view(token()),
      await view('x'),
      await view(way.slice(0, -1) + (way.endsWith('A') ? 'B' : 'A')),
    ];
    const db = await createConnection(process.env['TEST_DATABASE_URL']!);
    const yesterday = new Date(Date.now() - 86_400_000);
    await db.execute('UPDATE client_link SET expires_at = ? WHERE job_id = ?', [yesterday, jobId]);
    await db.end();
    answers.push(await view(way));
    const renewed = token();
    await ada.post(`/api/jobs/${jobId}/client-link`, { id: uuid(), token: renewed });
    expect((await view(renewed)).status).toBe(200);
    answers.push(await view(way));
    await ada.post(`/api/jobs/${jobId}/client-link`, { id: uuid(), token: null });
    answers.push(await view(renewed), await agree(renewed, uuid()));
    for (const { status, body } of answers)
      expect([status, body.code, body.message]).toEqual([404, 'not-found', answers[0]!.body.message]);
    const kinds = (await ledger(jobId)).map((e) => e.kind);
    expect(kinds.filter((k) => k.startsWith('link-'))).toEqual(['link-made', 'link-made', 'link-revoked']);
    expect(kinds).not.toContain('quote-agreed');
  });

  test('opening and guessing are braked, each by itself', async () => {
    const { way } = await send((await hall()).jobId);
    const many = async (path: string, n: number) => {
      const answers: number[] = [];
      for (let i = 0; i < n; i++) answers.push((await view(path)).status);
      return answers;
    };
    const opened = await many(way, 95);
    expect(opened.slice(0, 90).every((s) => s === 200)).toBe(true);
    expect(opened.at(-1)).toBe(429);
    const guessed = await many(token(), 32);
    expect(guessed[0]).toBe(404);
    expect(guessed.at(-1)).toBe(429);
    // Whoever holds a link comes in all the same, from the very address that others guess from.
    expect((await view((await send((await hall()).jobId)).way)).status).toBe(200);
    // The other tests guess too.
    const db = await createConnection(process.env['TEST_DATABASE_URL']!);
    await db.execute('DELETE FROM client_visit');
    await db.end();
    expect((await view(way)).status).toBe(200);
  });

  test('agreeing twice at once is agreeing once', async () => {
    const { jobId } = await hall();
    const { way, answer } = await send(jobId);
    const both = await Promise.all([agree(way, answer.body.id), agree(way, answer.body.id, { name: 'Another Hand' })]);
    expect(both.map((a) => a.status).sort()).toEqual([201, 409]);
    expect((await ledger(jobId)).filter((e) => e.kind === 'quote-agreed')).toHaveLength(1);
  });

  test('a link opens its own job’s papers and photos, and no others', async () => {
    const { jobId } = await hall();
    const { way } = await send(jobId);
    const pdf = await stranger().get(`/api/client/${way}/paper`);
    expect([pdf.status, pdf.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    expect((await stranger().get(`/api/client/${way}/photos/${uuid()}`)).status).toBe(404);
    expect((await stranger().get(`/api/jobs/${jobId}/price`)).status).toBe(401);
    // A body from elsewhere agrees to nothing.
    const foreign = await stranger().post(`/api/client/${way}/agreement`, {}, { origin: 'http://elsewhere.example' });
    expect(foreign.status).toBe(403);
  });
});

describe('papers', () => {
  test.each(['quote', 'job-pack', 'run-sheet', 'shopping', 'labels', 'care-sheet'])(
    '%s as a page, a PDF and figures',
    async (kind) => {
      const { jobId } = await hall();
      const page = await ada.get(`/api/jobs/${jobId}/papers/${kind}`);
      expect(page.status).toBe(200);
      expect(page.body.blocks.length).toBeGreaterThan(0);
      const pdf = await ada.get(`/api/jobs/${jobId}/papers/${kind}?format=pdf`);
      expect([pdf.status, pdf.headers.get('content-type')]).toEqual([200, 'application/pdf']);
      expect(pdf.headers.get('content-disposition')).toMatch(/^attachment; filename="[\w.-]+\.pdf"$/);
      const csv = await ada.get(`/api/jobs/${jobId}/papers/${kind}?format=csv`);
      expect(csv.headers.get('content-type')).toContain('text/csv');
      expect((await other.get(`/api/jobs/${jobId}/papers/${kind}`)).status).toBe(404);
    },
  );
  test('no other kind and no other format', async () => {
    const { jobId } = await hall();
    expect((await ada.get(`/api/jobs/${jobId}/papers/poster`)).status).toBe(400);
    expect((await ada.get(`/api/jobs/${jobId}/papers/quote?format=doc`)).status).toBe(400);
    expect((await other.get(`/api/documents/${(await send(jobId)).answer.body.id}/paper`)).status).toBe(404);
  });
});

describe('shopping', () => {
  const list = async (jobId: string) => (await ada.get(`/api/jobs/${jobId}/shopping`)).body;
  test('what is ticked stays ticked, and can be taken back', async () => {
    const { jobId } = await hall();
    const [item] = (await list(jobId)).items;
    const tick = (had: number, client = ada) =>
      client.send('PUT', `/api/jobs/${jobId}/shopping/ticks`, { id: uuid(), item: item.key, had });
    expect((await tick(item.count)).status).toBe(200);
    const ticked = (await list(jobId)).items.find((i: { key: string }) => i.key === item.key);
    expect(ticked).toMatchObject({ had: item.count, by: 'Ada Thirle' });
    await tick(0);
    expect((await list(jobId)).items.find((i: { key: string }) => i.key === item.key).had).toBe(0);
    expect((await tick(-1)).status).toBe(400);
    expect((await tick(1, other)).status).toBe(404);
  });
  test('a tin in the van in the right colour comes off the list', async () => {
    const { jobId } = await hall();
    const before = await list(jobId);
    const tin = before.items.find((i: { key: string }) => i.key.includes('/#22384d/'));
    const productId = tin.key.split('/')[1];
    await ada.post('/api/shelf/tins', {
      id: uuid(),
      productId,
      batch: 'V1',
      openedAt: null,
      litres: 20,
      colour: '#22384d',
    });
    const after = await list(jobId);
    expect(after.items.some((i: { key: string }) => i.key === tin.key)).toBe(false);
    expect(after.fromVan).toContainEqual(
      expect.objectContaining({ batch: 'V1', colour: 'very deep greyed blue, not named yet' }),
    );
  });
});
