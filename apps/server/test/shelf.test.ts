import { beforeAll, describe, expect, test } from '@jest/globals';
import { Client, newJob, secondFirm, signedIn, surfaceBody, uuid } from './client.ts';

let ada: Client;
let other: Client;
beforeAll(async () => {
  ada = await signedIn();
  other = await secondFirm('Downstream Decorators', 'isa@downstream.example');
});

interface Shown {
  id: string;
  name: string;
  maker: string;
  family: string;
  kept: boolean;
  own: boolean;
  version: number | null;
  spreadM2PerL: number;
  van: { id: string; litres: number; version: number }[];
  notes: { id: string; text: string; standing: string | null; about: string | null }[];
}
const shelf = async (client = ada) => (await client.get('/api/shelf')).body as Shown[];
const product = async (id: string, client = ada) => (await shelf(client)).find((p) => p.id === id);
const csv = (...rows: string[]) => ['name,maker,family,spreadM2PerL,tins', ...rows].join('\n');
const look = (text: string, format = 'csv', client = ada) => client.post('/api/shelf/preview', { format, text });

describe('a file of products', () => {
  test('is looked at first: every bad row is listed, nothing is taken in', async () => {
    const text = csv(
      'Tideway Wall,Oxmere,acrylic-wall,13,5: 6200',
      'Tideway Odd,Oxmere,wallpaint,13,5: 6200',
      ',Oxmere,filler,,',
    );
    const { status, body } = await look(text);
    expect(status).toBe(200);
    expect(body.added.map((p: Shown) => p.name)).toEqual(['Tideway Wall']);
    expect(body.faults.map((f: { row: number; path: string }) => [f.row, f.path])).toEqual([
      [2, 'family'],
      [3, 'name'],
    ]);
    expect((await shelf()).some((p) => p.name === 'Tideway Wall')).toBe(false);
  });
  test('accepted, the sound rows are in; taken in again it changes nothing', async () => {
    const text = csv('Tideway Trim,Oxmere,acrylic-trim,12,1: 29.00', 'Tideway Wrong,Oxmere,nothing,1,');
    const { body: seen } = await look(text);
    const taken = await ada.post('/api/shelf/import', { id: uuid(), format: 'csv', text, seen: seen.seen });
    expect(taken.body).toEqual({ added: 1, changed: 0, same: 0, leftOut: 1 });
    expect((await shelf()).filter((p) => p.name === 'Tideway Trim')).toHaveLength(1);
    const again = (await look(text)).body;
    expect([again.added, again.changed, again.same]).toEqual([[], [], 1]);
    const second = await ada.post('/api/shelf/import', { id: uuid(), format: 'csv', text, seen: again.seen });
    expect(second.body).toMatchObject({ added: 0, changed: 0, same: 1 });
  });
  test('only what was looked at is taken in', async () => {
    const { body: seen } = await look(csv('Tideway One,Oxmere,filler,,'));
    const other = csv('Tideway Two,Oxmere,filler,,');
    const answer = await ada.post('/api/shelf/import', { id: uuid(), format: 'csv', text: other, seen: seen.seen });
    expect([answer.status, answer.body.code]).toEqual([409, 'not-seen']);
    expect((await shelf()).some((p) => p.name.startsWith('Tideway One') || p.name === 'Tideway Two')).toBe(false);
  });
  test.each(['csv', 'json'])('the shelf leaves as %s and comes back the same', async (format) => {
    const response = await fetch(`${ada.base}/api/shelf/file?format=${format}`, { headers: { cookie: ada.cookie } });
    expect(response.headers.get('content-disposition')).toContain(`shelf.${format}`);
    const text = await response.text();
    const { body } = await look(text, format);
    expect([body.added, body.changed, body.faults]).toEqual([[], [], []]);
    expect(body.same).toBeGreaterThan(90);
  });
  test('another form is refused, and a file that is none says so', async () => {
    expect((await ada.get('/api/shelf/file?format=exe')).status).toBe(400);
    expect((await look('[{', 'json')).body.faults[0].message).toContain('not JSON');
  });
});

describe('a product of the firm’s own', () => {
  test('its sheet stands over the shipped one, for this firm alone', async () => {
    const before = (await product('quillbeck-handrail'))!;
    const sheet = { name: before.name, maker: before.maker, family: 'acrylic-trim', spreadM2PerL: 9.5 };
    const answer = await ada.send('PUT', '/api/shelf/products/quillbeck-handrail', {
      id: uuid(),
      version: before.version,
      sheet,
      kept: true,
    });
    expect(answer.status).toBe(200);
    expect((await product('quillbeck-handrail'))!).toMatchObject({ spreadM2PerL: 9.5, own: true });
    expect((await product('quillbeck-handrail', other))!.spreadM2PerL).toBe(before.spreadM2PerL);
    const stale = await ada.send('PUT', '/api/shelf/products/quillbeck-handrail', {
      id: uuid(),
      version: null,
      sheet,
      kept: true,
    });
    expect(stale.status).toBe(409);
  });
  test('no longer kept, it is taken for no system, and is still known', async () => {
    const before = (await product('fettlewick-son-ironkeel'))!;
    const sheet = { name: before.name, maker: before.maker, family: before.family };
    await ada.send('PUT', '/api/shelf/products/fettlewick-son-ironkeel', {
      id: uuid(),
      version: null,
      sheet,
      kept: false,
    });
    expect((await product('fettlewick-son-ironkeel'))!.kept).toBe(false);
    const exported = await fetch(`${ada.base}/api/shelf/file?format=csv`, { headers: { cookie: ada.cookie } });
    expect(await exported.text()).not.toContain('Ironkeel');
  });
  test('a sheet that cannot be is told field by field', async () => {
    const answer = await ada.send('PUT', '/api/shelf/products/new-one', {
      id: uuid(),
      version: null,
      sheet: { name: 'New', maker: 'Oxmere', family: 'acrylic-wall', spreadM2PerL: -3, colour: 'red' },
      kept: true,
    });
    expect(answer.status).toBe(400);
    expect(answer.body.errors.map((e: { path: string }) => e.path)).toEqual(
      expect.arrayContaining(['sheet.spreadM2PerL']),
    );
  });
});

describe('the van and the notes', () => {
  test('what is in the van is taken first on a surface', async () => {
    const { jobId, roomId } = await newJob(ada, 1996);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    await ada.post(`/api/surfaces/${surface.id}/tests`, {
      id: uuid(),
      at: new Date().toISOString(),
      test: { kind: 'spirit-rub', result: 'no-transfer' },
    });
    const tin = { id: uuid(), productId: 'saltglass-works-flake-white', batch: 'SG-1', openedAt: null, litres: 2 };
    const primer = async () =>
      (await ada.get(`/api/surfaces/${surface.id}`)).body.lines.find(
        (l: { step: { kind: string } }) => l.step.kind === 'prime',
      ).product.name;
    expect(await primer()).toBe('Amberstop');
    await ada.post('/api/shelf/tins', tin);
    const open = (await product('fettlewick-son-amberstop'))!.van[0]!;
    await ada.send('PATCH', `/api/shelf/tins/${open.id}`, { id: uuid(), version: open.version, litres: 0 });
    expect(await primer()).toBe('Flake White');
    await ada.send('PATCH', `/api/shelf/tins/${open.id}`, {
      id: uuid(),
      version: open.version + 1,
      litres: open.litres,
    });
    await ada.send('PATCH', `/api/shelf/tins/${tin.id}`, { id: uuid(), version: 1, litres: 0 });
  });
  test('a claim is believed until a trial or a call-back says otherwise; notes are added, never changed', async () => {
    const url = '/api/shelf/products/quillbeck-spiritline/notes';
    const claim = { id: uuid(), kind: 'claim', text: 'Blocks knots in one coat.', standing: 'believed' };
    expect((await ada.post(url, claim)).status).toBe(201);
    const trial = (await ada.get('/api/trials')).body[0];
    await ada.post(url, {
      id: uuid(),
      kind: 'claim',
      text: 'A knot was back after a month.',
      standing: 'refuted',
      about: claim.id,
      trialId: trial.id,
    });
    const notes = (await product('quillbeck-spiritline'))!.notes;
    expect(notes.map((n) => [n.standing, n.about])).toEqual([
      ['believed', null],
      ['refuted', claim.id],
    ]);
    expect((await ada.post(url, { id: uuid(), kind: 'claim', text: 'x' })).body.errors[0].path).toBe('standing');
    expect((await ada.post('/api/shelf/products/no-such/notes', { id: uuid(), kind: 'note', text: 'x' })).status).toBe(
      404,
    );
  });
  test('another firm’s tins, notes and products do not exist here', async () => {
    const [mine] = (await product('quillbeck-stillwater-wall'))!.van;
    expect(
      (await other.send('PATCH', `/api/shelf/tins/${mine!.id}`, { id: uuid(), version: 1, litres: 0 })).status,
    ).toBe(404);
    const theirs = await shelf(other);
    expect(theirs.every((p) => p.van.length === 0 && p.notes.length === 0 && !p.own)).toBe(true);
    expect(theirs.some((p) => p.name.startsWith('Tideway'))).toBe(false);
  });
  test('the jobs ahead are covered by few products, each with what it is for', async () => {
    const { body } = await ada.get('/api/shelf/coming');
    expect(body.demands).toBeGreaterThan(20);
    expect(body.products.length).toBeGreaterThan(3);
    expect(body.products.length).toBeLessThan(body.demands / 2);
    for (const p of body.products) expect(p.uses.length).toBeGreaterThan(0);
    expect(Array.isArray(body.uncovered)).toBe(true);
  });
});
