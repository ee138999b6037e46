import { execFile, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { bySocket } from '../../../tools/databaseDoor.mjs';
import { freePort, startMariadb } from '../../../tools/mariadb.mjs';
import { ROOT } from '../../../tools/run.mjs';
import { startServer } from '../../../tools/serve.mjs';
import { Client, newJob, surfaceBody, uuid } from './client.ts';
import { temporaryFolder } from '../../../tools/temporary.mjs';

/* eslint-disable @typescript-eslint/no-explicit-any -- answers are read field by field */
const CODE = 'ABCD-EFGH-JKLM';
let database: Awaited<ReturnType<typeof startMariadb>>;
let server: Awaited<ReturnType<typeof startServer>>;
let base: string;
let wren: Client;

beforeAll(async () => {
  const folder = join(temporaryFolder('founding'), 'mariadb');
  database = await startMariadb(folder, { quick: true });
  const port = await freePort();
  const env = { LOG_LEVEL: 'error', DEMO: 'none', FIRST_RUN_CODE: CODE };
  server = await startServer({ url: database.url, port, env });
  base = `http://127.0.0.1:${port}`;
});
afterAll(async () => {
  await server.stop();
  await database.stop();
});

const firm = (more: object = {}) => ({
  name: 'Plains Brush Co.',
  timeZone: 'America/Denver',
  hemisphere: 'north',
  currency: 'USD',
  units: 'us',
  taxName: 'Sales tax',
  taxPct: 8.81,
  address: '12 Alder Street\nDenver',
  phone: '303 555 0100',
  email: 'hello@plains.example',
  ...more,
});
const owner = (more: object = {}) => ({
  name: 'Wren Abara',
  email: 'Wren@Plains.example',
  password: 'long-grass-and-wind',
  ...more,
});
const founding = (more: object = {}) => ({ id: uuid(), code: CODE, firm: firm(), owner: owner(), ...more });
const paths = (body: any) => (body.errors as { path: string }[]).map(({ path }) => path);

/** What only the demo has: its people, its town, its makers, its merchants. */
const INVENTED = /Saltmarsh|Thirle|Pellworth|Staithe|Quillbeck|Dunmarrow|Fettlewick|Saltglass|Oxmere|Anchor Yard/;

describe('the first run', () => {
  test('an empty server is open to be founded, and nothing else of it is', async () => {
    const nobody = new Client(base);
    expect(await nobody.get('/api/first-run')).toMatchObject({ status: 200, body: { open: true } });
    expect((await nobody.get('/api/jobs')).status).toBe(401);
  });

  test('what cannot be used is named field by field, a wrong code is refused, and nothing is written', async () => {
    const nobody = new Client(base);
    const bad = await nobody.post('/api/first-run', {
      ...founding(),
      firm: firm({ currency: 'USX', timeZone: 'America/Nowhere', hemisphere: 'east', taxPct: 120 }),
      owner: owner({ email: 'wren', password: 'short' }),
      more: 1,
    });
    expect(bad.status).toBe(400);
    expect(paths(bad.body)).toEqual(
      expect.arrayContaining([
        'firm.currency',
        'firm.timeZone',
        'firm.hemisphere',
        'firm.taxPct',
        'owner.email',
        'owner.password',
        'more',
      ]),
    );
    const wrong = await nobody.post('/api/first-run', founding({ code: 'ABCD-EFGH-JKLN' }));
    expect(wrong).toMatchObject({ status: 403, body: { code: 'wrong-code' } });
    expect((await nobody.get('/api/first-run')).body).toEqual({ open: true });
  });

  test('of several who found it at once one does; afterwards the door is shut', async () => {
    const all = await Promise.all(
      Array.from({ length: 6 }, async (_, i) => {
        const client = new Client(base);
        const body = founding({ code: 'abcd efgh jklm', owner: owner({ email: `wren${i}@plains.example` }) });
        return { client, answer: await client.post('/api/first-run', body) };
      }),
    );
    const through = all.filter(({ answer }) => answer.status === 201);
    expect(through).toHaveLength(1);
    expect(all.filter(({ answer }) => answer.status === 404)).toHaveLength(5);
    wren = through[0]!.client;
    const { body } = through[0]!.answer;
    expect(body.person).toMatchObject({ name: 'Wren Abara', initials: 'WA', role: 'owner' });
    expect(body.firm).toMatchObject({
      name: 'Plains Brush Co.',
      timeZone: 'America/Denver',
      hemisphere: 'northern',
      currency: 'USD',
      terms: { units: 'us', board: 'drywall' },
      letterhead: { address: '12 Alder Street\nDenver', phone: '303 555 0100' },
      pricing: { tax: 881, taxName: 'Sales tax' },
    });
    expect((await wren.get('/api/first-run')).status).toBe(404);
    expect((await wren.post('/api/first-run', founding())).status).toBe(404);
  });
});

describe('a firm without a product', () => {
  const jobId = uuid();
  const roomId = uuid();

  test('walks, prices and plans its first job with typical figures of each kind, and nothing of the demo', async () => {
    await wren.post('/api/jobs', {
      id: jobId,
      title: 'Aspen house',
      place: 'Denver',
      builtYear: 1996,
      startsAt: new Date().toISOString(),
    });
    await wren.post(`/api/jobs/${jobId}/rooms`, { id: roomId, name: 'Hall' });
    const surface = surfaceBody(roomId);
    await wren.post(`/api/jobs/${jobId}/surfaces`, surface);
    expect((await wren.post(`/api/jobs/${jobId}/plan`, { id: uuid() })).status).toBe(201);
    const price = (await wren.get(`/api/jobs/${jobId}/price`)).body;
    expect(price.draft).toMatchObject({ currency: 'USD', taxName: 'Sales tax', taxShare: 881 });
    const pages = ['jobs', `jobs/${jobId}`, `jobs/${jobId}/price`, `jobs/${jobId}/shopping`, `surfaces/${surface.id}`];
    const papers = ['quote', 'job-pack', 'shopping', 'run-sheet', 'labels'].map((k) => `jobs/${jobId}/papers/${k}`);
    for (const path of [...pages, ...papers, 'shelf', 'shelf/coming', 'today', 'aftercare', 'trials', 'people']) {
      const { status, body } = await wren.get(`/api/${path}`);
      expect([path, status]).toEqual([path, 200]);
      expect([path, INVENTED.exec(JSON.stringify(body))?.[0]]).toEqual([path, undefined]);
    }
  });

  test('its own picture stands on its papers, made anew, and comes off again', async () => {
    const logo = async () => (await wren.get('/api/firm/logo')).body;
    const put = (body: Uint8Array | string, version: number) =>
      wren.send('PUT', `/api/firm/logo?id=${uuid()}&version=${version}`, body, { 'content-type': 'image/png' });
    const { version } = await logo();
    const picture = sharp({ create: { width: 1800, height: 300, channels: 3, background: '#204060' } });
    expect((await put('<svg onload="alert(1)"/>', version)).status).toBe(415);
    expect((await put('', version)).status).toBe(415);
    const kept = await put(await picture.png().toBuffer(), version);
    expect(kept.status).toBe(200);
    expect(kept.body.logo).toMatch(/^data:image\/png;base64,/);
    const made = await sharp(Buffer.from(kept.body.logo.split(',')[1], 'base64')).metadata();
    expect(made).toMatchObject({ format: 'png', width: 600, height: 100 });
    expect((await put(await picture.png().toBuffer(), version)).status).toBe(409);
    const { jobId, roomId } = await newJob(wren, 1990);
    await wren.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
    const paper = (await wren.get(`/api/jobs/${jobId}/papers/quote`)).body;
    expect(paper.logo).toBe(kept.body.logo);
    expect((await wren.get(`/api/jobs/${jobId}/papers/job-pack`)).body.logo).toBe(kept.body.logo);
    const pdf = await fetch(`${wren.base}/api/jobs/${jobId}/papers/quote?format=pdf`, {
      headers: { cookie: wren.cookie },
    });
    expect(Buffer.from(await pdf.arrayBuffer()).toString('latin1')).toMatch(/\/Subtype \/Image[\s\S]*\/Width 600/);
    const off = await wren.send('PATCH', '/api/firm', { id: uuid(), version: kept.body.version, logo: null });
    expect(off.status).toBe(200);
    expect((await wren.get(`/api/jobs/${jobId}/papers/quote`)).body.logo).toBeUndefined();
  });

  test('the quote carries its letterhead and terms, in its own currency and tax', async () => {
    const { firm: now } = (await wren.get('/api/session')).body;
    const changed = await wren.send('PATCH', '/api/firm', {
      id: uuid(),
      version: now.version,
      letterhead: {
        taxNumber: 'CO-77',
        payment: 'Half on agreement.',
        quoteTerms: 'Good for a month.',
        quotesFrom: 412,
      },
    });
    expect(changed.status).toBe(200);
    const { body: paper } = await wren.get(`/api/jobs/${jobId}/papers/quote`);
    expect(paper.firm).toBe('Plains Brush Co.');
    expect(paper.letterhead).toEqual(['12 Alder Street', 'Denver', '303 555 0100 · hello@plains.example', 'CO-77']);
    const text = JSON.stringify(paper);
    expect(text).toContain('Half on agreement.');
    expect(text).toContain('Good for a month.');
    expect(text).toMatch(/Sales tax, 8\.81 %/);
    expect(text).toMatch(/"\$[\d,]+\.\d\d"/);
    expect(text).not.toMatch(/US\$|£/);
    const { seen } = (await wren.get(`/api/jobs/${jobId}/price`)).body;
    const token = randomBytes(32).toString('base64url');
    const sent = await wren.post(`/api/jobs/${jobId}/quotes`, { id: uuid(), seen, token });
    expect([sent.status, sent.body.number]).toEqual([201, 412]);
  });

  test('a product of its own takes the place of the typical one, and where it is bought heads the list', async () => {
    const sheet = {
      name: 'Prairie Trim',
      maker: 'Longgrass Paint',
      family: 'acrylic-trim',
      tins: [{ litres: 3.785, price: 6400 }],
    };
    const put = await wren.send('PUT', '/api/shelf/products/longgrass-prairie-trim', { id: uuid(), sheet, kept: true });
    expect(put.status).toBe(200);
    const shelf: any[] = (await wren.get('/api/shelf')).body;
    const trim = shelf.filter((p) => p.family === 'acrylic-trim' && p.kept);
    expect(trim.map((p) => p.name)).toEqual(['Prairie Trim']);
    expect(shelf.filter((p) => p.family === 'shellac-primer' && p.kept).map((p) => p.maker)).toEqual(['']);
    const { firm: now } = (await wren.get('/api/session')).body;
    const suppliers = [
      { name: 'Larimer Paint', makers: ['Longgrass Paint'], sundries: true, days: [1, 3], orderBy: '15:30' },
    ];
    await wren.send('PATCH', '/api/firm', { id: uuid(), version: now.version, suppliers });
    const { items } = (await wren.get(`/api/jobs/${jobId}/shopping`)).body;
    expect(new Set(items.map((i: any) => i.supplier))).toEqual(new Set(['Larimer Paint']));
    const paper = JSON.stringify((await wren.get(`/api/jobs/${jobId}/papers/shopping`)).body);
    expect(paper).toContain('Larimer Paint: Mon, Wed; order by 15:30');
  });
});

describe('the demo, lent', () => {
  test('is a firm of its own that is gone into, come back from, and thrown away whole', async () => {
    const before = (await wren.get('/api/session')).body;
    const own = (await wren.get('/api/jobs')).body.map((j: any) => j.title);
    const inside = await wren.post('/api/demo-firm', { id: uuid() });
    expect(inside).toMatchObject({ status: 200, body: { firm: { name: expect.stringContaining('Saltmarsh') } } });
    expect((await wren.get('/api/jobs')).body.length).toBeGreaterThan(3);
    expect((await wren.post('/api/demo-firm', { id: uuid() })).status).toBe(409);
    const back = await wren.post('/api/demo-firm/leave', { id: uuid(), throwAway: false });
    expect(back.body.firm.id).toBe(before.firm.id);
    expect((await wren.get('/api/jobs')).body.map((j: any) => j.title)).toEqual(own);
    // The same demo again, and out of it for good.
    const again = await wren.post('/api/demo-firm', { id: uuid() });
    expect(again.body.firm.id).toBe(inside.body.firm.id);
    const out = await wren.post('/api/demo-firm/leave', { id: uuid(), throwAway: true });
    expect(out.body.firm.id).toBe(before.firm.id);
    const socket = ['--no-defaults', ...bySocket(database.socket), '-N', 'rustic_ledger', '-e'];
    for (const table of ['job', 'person', 'ledger_entry', 'product', 'van_tin', 'event']) {
      const sql = `SELECT COUNT(*) FROM ${table} WHERE firm_id = '${inside.body.firm.id}'`;
      expect([
        table,
        spawnSync('mariadb', [...socket, sql])
          .stdout.toString()
          .trim(),
      ]).toEqual([table, '0']);
    }
    // One's own firm is no demo.
    expect((await wren.post('/api/demo-firm/leave', { id: uuid(), throwAway: true })).status).toBe(409);
    expect((await wren.get('/api/jobs')).body.map((j: any) => j.title)).toEqual(own);
  });
});

describe('a further firm', () => {
  const command = (body: object) => {
    const file = join(temporaryFolder('firm'), 'firm.json');
    writeFileSync(file, JSON.stringify(body));
    const env = { ...process.env, DATABASE_URL: database.url, NODE_OPTIONS: '' };
    return new Promise<{ status: number; stderr: string }>((done) =>
      execFile('node', ['tools/newFirm.mjs', file], { cwd: ROOT, env }, (error, _out, stderr) =>
        done({ status: error ? Number(error.code) : 0, stderr }),
      ),
    );
  };
  const south = firm({ name: 'Koru Finishers', timeZone: 'Pacific/Auckland', hemisphere: 'south', currency: 'NZD' });

  test('is founded by a command, and sees nothing of the first', async () => {
    const body = { firm: south, owner: owner({ name: 'Hemi Rua', email: 'hemi@koru.example' }) };
    expect(await command(body)).toEqual({ status: 0, stderr: '' });
    const hemi = new Client(base);
    const session = await hemi.post('/api/session', { email: 'hemi@koru.example', password: 'long-grass-and-wind' });
    expect(session.body.firm).toMatchObject({ currency: 'NZD', hemisphere: 'southern' });
    expect((await hemi.get('/api/jobs')).body).toEqual([]);
    expect((await hemi.get('/api/shelf')).body.some((p: any) => p.maker !== '')).toBe(false);
    expect((await command(body)).status).toBe(2);
  });

  test('what it cannot use it names, and writes nothing', async () => {
    const refused = await command({ firm: { ...south, currency: 'kiwi' }, owner: owner({ email: 'x@koru.example' }) });
    expect(refused.status).toBe(2);
    expect(refused.stderr).toContain('firm currency');
    expect(refused.stderr).toContain('Nothing was written');
  });
});
