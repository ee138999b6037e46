/* eslint-disable @typescript-eslint/no-explicit-any -- answers are read field by field */
import { beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { signedIn, uuid, type Client } from './client.ts';
import { agree, changeSurface, hallOf, ledgerOf, priceOf, sendQuote, stranger, token, view } from './quoted.ts';

let ada: Client;
beforeAll(async () => {
  ada = await signedIn();
});

const price = (jobId: string) => priceOf(ada, jobId);
const ledger = (jobId: string) => ledgerOf(ada, jobId);
const hall = () => hallOf(ada);
const send = (jobId: string, way = token()) => sendQuote(ada, jobId, way);
const change = (surfaceId: string, body: object) => changeSurface(ada, surfaceId, body);

describe('what the client says', () => {
  const reply = (way: string, body: object) =>
    stranger().post(`/api/client/${way}/replies`, { id: uuid(), name: 'Hesper Quill', ...body });
  const onToday = async (jobId: string, who = ada) =>
    ((await who.get('/api/today')).body.clients ?? []).filter((c: { jobId: string }) => c.jobId === jobId);

  test('the one who sends it looks at what the client will see; nothing in it is meant for the firm alone', async () => {
    const { jobId, wall } = await hall();
    await ada.post(`/api/surfaces/${wall}/tests`, {
      id: uuid(),
      at: new Date().toISOString(),
      test: { kind: 'spirit-rub', result: 'slight-transfer' },
    });
    const before = (await ada.get(`/api/jobs/${jobId}/client-view`)).body;
    expect(before).toMatchObject({ documentId: '', marked: 'not sent yet', agreement: null });
    const { way } = await send(jobId);
    const seen = (await view(way)).body;
    expect(seen.quote).toEqual({ ...before.quote, heldUntil: seen.quote.heldUntil });
    expect(JSON.stringify(seen)).not.toMatch(/in 100|odds|before a promise|house rule|[0-9] %.*likel/);
  });

  test('a question reaches the firm, is answered on the link, and stands in the ledger', async () => {
    const { jobId } = await hall();
    const { way, answer } = await send(jobId);
    const documentId = answer.body.id;
    const body = { id: uuid(), documentId, kind: 'question', about: 'Wall', words: 'Is the colour the same as now?' };
    const asked = await reply(way, body);
    expect(asked.status).toBe(201);
    // Sent twice, it is one question.
    expect((await reply(way, body)).status).toBe(201);
    expect((await price(jobId)).replies).toHaveLength(1);
    expect(await onToday(jobId)).toMatchObject([{ kind: 'question', about: 'Wall', name: 'Hesper Quill' }]);
    const mei = await signedIn('mei');
    expect((await mei.get('/api/today')).body.clients).toBeUndefined();
    const said = { id: uuid(), answers: asked.body.id, words: 'Yes, the very tin.' };
    expect((await mei.post(`/api/jobs/${jobId}/replies`, said)).status).toBe(403);
    expect((await ada.post(`/api/jobs/${jobId}/replies`, said)).status).toBe(201);
    expect(await onToday(jobId)).toEqual([]);
    expect((await view(way)).body.replies.map((r: { words: string }) => r.words)).toEqual([body.words, said.words]);
    const kinds = (await ledger(jobId)).map((e) => e.kind);
    expect(kinds).toEqual(expect.arrayContaining(['client-asked', 'client-answered']));
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('a no says why; about an older version, or without words, nothing is written', async () => {
    const { jobId, skirting } = await hall();
    const { way, answer } = await send(jobId);
    const no = { documentId: answer.body.id, kind: 'no', words: 'Too dear this year' };
    expect((await reply(way, { ...no, words: 'x' })).body.errors[0].path).toBe('words');
    expect((await reply(way, { ...no, name: ' ' })).status).toBe(400);
    expect((await reply(way, no)).status).toBe(201);
    expect(await onToday(jobId)).toMatchObject([{ kind: 'no', words: 'Too dear this year' }]);
    await change(skirting, { facts: { element: 'trim', substrate: 'softwood', areaM2: 9 } });
    await send(jobId, way);
    expect((await reply(way, { ...no, id: uuid() })).body.code).toBe('newer-version');
    expect((await reply(token(), no)).status).toBe(404);
    expect((await price(jobId)).replies).toHaveLength(1);
  });
});

describe('prices set by hand', () => {
  const set = async (jobId: string, ownSums: object[], more: object = {}) => {
    const { version } = (await ada.get(`/api/jobs/${jobId}`)).body.job;
    return ada.send('PUT', `/api/jobs/${jobId}/own-sums`, { id: uuid(), version, ownSums, ...more });
  };
  const own = (surfaceId: string | null, amount: number, words = '', note = '') => ({
    id: uuid(),
    surfaceId,
    words,
    amount,
    note,
  });

  test('a line, a discount and a price of its own are in the net price, in the tax, and on what the client reads', async () => {
    const { jobId, skirting, wall } = await hall();
    const before = await price(jobId);
    const priceOf = (page: typeof before, id: string) =>
      page.draft.lines.find((l: { surfaceId: string }) => l.surfaceId === id).price;
    const sums = [
      own(null, 12_000, 'Moving the piano', 'two of us'),
      own(null, -5_000, 'Both rooms at once'),
      own(wall, 40_000),
    ];
    expect((await set(jobId, sums)).status).toBe(200);
    const after = await price(jobId);
    expect(priceOf(after, wall)).toBe(40_000);
    expect(priceOf(after, skirting)).toBe(priceOf(before, skirting));
    expect(after.draft.net).toBe(priceOf(before, skirting) + 40_000 + 12_000 - 5_000);
    expect(after.draft.tax).toBe(Math.round(after.draft.net * 0.2));
    expect(after.sums).toEqual(before.sums);
    const { way } = await send(jobId);
    const seen = (await view(way)).body.quote;
    expect(seen.own.map((l: { words: string; price: number }) => [l.words, l.price])).toEqual([
      ['Moving the piano', 12_000],
      ['Both rooms at once', -5_000],
    ]);
    expect(JSON.stringify(seen)).not.toContain('two of us');
    // No painter reads a sum of it, on the job or in its ledger.
    const mei = await signedIn('mei');
    expect((await mei.get(`/api/jobs/${jobId}`)).body.job.ownSums).toBeUndefined();
    expect(JSON.stringify((await mei.get(`/api/jobs/${jobId}/ledger`)).body)).not.toContain('12000');
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('after an agreement a price set by hand is a change that is asked for again; the rest stays as agreed', async () => {
    const { jobId, skirting, wall } = await hall();
    const { way, answer } = await send(jobId);
    expect((await agree(way, answer.body.id)).status).toBe(201);
    const agreed = await price(jobId);
    await set(jobId, [own(wall, 33_300), own(null, 900, 'A key cut')]);
    const { changes, draft } = await price(jobId);
    expect(changes.map((c: { words: string; price: number }) => [c.words, c.price])).toEqual([
      ['Hall, Wall: another price.', 33_300 - agreed.draft.lines.find((l: any) => l.surfaceId === wall).price],
      ['A key cut: added.', 900],
    ]);
    const line = (page: typeof agreed) => page.draft.lines.find((l: any) => l.surfaceId === skirting).price;
    expect(draft.lines.find((l: any) => l.surfaceId === skirting).price).toBe(line(agreed));
    const second = await send(jobId, way);
    expect((await agree(way, second.answer.body.id)).status).toBe(201);
    expect((await price(jobId)).changes).toEqual([]);
    await set(jobId, []);
    expect((await price(jobId)).changes).toMatchObject([{ words: 'A key cut: taken off.', price: -900 }]);
  });

  test('what cannot be is refused with its place, and of two at once one stands', async () => {
    const { jobId, wall } = await hall();
    const paths = async (sums: object[]) => (await set(jobId, sums)).body.errors.map((e: { path: string }) => e.path);
    expect(await paths([own(null, 10)])).toEqual(['ownSums[0].words']);
    expect(await paths([own(wall, -1)])).toEqual(['ownSums[0].amount']);
    expect(await paths([own(wall, 1), own(wall, 2)])).toEqual(['ownSums[1].surfaceId']);
    expect(await paths([own(null, 1.5, 'half')])).toEqual(['ownSums[0].amount']);
    expect((await set(jobId, [own(uuid(), 5)])).status).toBe(404);
    const { version } = (await ada.get(`/api/jobs/${jobId}`)).body.job;
    const both = await Promise.all([1, 2].map((n) => set(jobId, [own(null, n, 'n')], { version })));
    expect(both.map((b) => b.status).sort()).toEqual([200, 409]);
  });
});

describe('photos for the client', () => {
  const taken = async (jobId: string, roomId: string) => {
    const id = uuid();
    const query = `id=${id}&roomId=${roomId}&at=${encodeURIComponent(new Date().toISOString())}`;
    const image = sharp({ create: { width: 40, height: 30, channels: 3, background: '#336699' } });
    const type = { 'content-type': 'image/jpeg' };
    const kept = await ada.send('POST', `/api/jobs/${jobId}/photos?${query}`, await image.jpeg().toBuffer(), type);
    expect(kept.status).toBe(201);
    return id;
  };
  const choose = (jobId: string, version: number, clientPhotos: object[], who = ada) =>
    who.send('PUT', `/api/jobs/${jobId}/client-photos`, { id: uuid(), version, clientPhotos });

  test('only what is chosen is shown; a later one stands beside the earlier, without sending anew', async () => {
    const { jobId } = await hall();
    const roomId = (await ada.get(`/api/jobs/${jobId}`)).body.rooms[0].id;
    const [before, after, other] = [await taken(jobId, roomId), await taken(jobId, roomId), await taken(jobId, roomId)];
    const { version } = (await price(jobId)).job;
    const pair = { id: uuid(), before, after: null, words: 'The wall' };
    const chosen = await choose(jobId, version, [pair]);
    expect(chosen.status).toBe(200);
    const { way } = await send(jobId);
    const seen = (await view(way)).body;
    expect(seen.quote.photos).toEqual([{ id: before, words: 'The wall' }]);
    expect(seen.pairs).toEqual([]);
    const status = async (id: string) => (await stranger().get(`/api/client/${way}/photos/${id}`)).status;
    expect([await status(before), await status(after), await status(other)]).toEqual([200, 404, 404]);
    const left = { ...pair, after };
    expect((await choose(jobId, (await price(jobId)).job.version, [left])).status).toBe(200);
    expect((await view(way)).body.pairs).toEqual([left]);
    expect([await status(before), await status(after), await status(other)]).toEqual([200, 200, 404]);
    expect((await ledger(jobId)).at(-1)).toMatchObject({
      kind: 'client-photos-chosen',
      payload: { photos: [before] },
    });
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('photos of another job, an old version and a painter are refused', async () => {
    const [one, two] = [await hall(), await hall()];
    const roomId = (await ada.get(`/api/jobs/${two.jobId}`)).body.rooms[0].id;
    const foreign = await taken(two.jobId, roomId);
    const { version } = (await price(one.jobId)).job;
    const pair = { id: uuid(), before: foreign, after: null, words: '' };
    expect((await choose(one.jobId, version, [pair])).status).toBe(404);
    expect((await choose(one.jobId, version + 1, [])).status).toBe(409);
    expect((await choose(one.jobId, version, [], await signedIn('mei'))).status).toBe(403);
    expect((await price(one.jobId)).job.clientPhotos).toBeNull();
  });
});
