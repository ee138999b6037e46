import { beforeAll, describe, expect, test } from '@jest/globals';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
beforeAll(async () => {
  ada = await signedIn();
});

const RAIL = { colour: '#22384d', name: 'Slip Lane Rail', code: 'S 301', maker: 'Quillbeck', note: '' };
const BRICK = { colour: '#9a5b46', name: 'Staithe Brick', code: '', maker: '', note: 'as the sample on the door' };

async function coloured(more: object = {}) {
  const { jobId, roomId } = await newJob(ada);
  const surface = surfaceBody(roomId);
  await ada.post(`/api/jobs/${jobId}/surfaces`, { ...surface, ...more });
  return { jobId, roomId, surfaceId: surface.id };
}
const pageOf = async (jobId: string, who = ada) => (await who.get(`/api/jobs/${jobId}/colours`)).body;
async function name(jobId: string, colours: object[], changed: object[] = [], version?: number) {
  const body = { id: uuid(), version: version ?? (await pageOf(jobId)).job.version, colours, changed };
  return ada.send('PUT', `/api/jobs/${jobId}/colours`, body);
}

describe('the colours of a job', () => {
  test('have a line each, with where they go; a name is said on the list, the labels and the quote', async () => {
    const { jobId, surfaceId } = await coloured();
    const before = await pageOf(jobId);
    expect(before.lines).toEqual([
      expect.objectContaining({ colour: '#22384d', named: null, looks: 'very deep greyed blue' }),
    ]);
    expect(before.lines[0].places).toEqual([expect.objectContaining({ surfaceId, room: 'Hall', sheen: 'satin' })]);
    // The demo firm keeps a card with this very swatch.
    expect(before.lines[0].onCard).toMatchObject({ name: 'Slip Lane Rail', code: 'S 301' });
    expect((await name(jobId, [RAIL])).status).toBe(200);
    const list = (await ada.get(`/api/jobs/${jobId}/shopping`)).body;
    expect(list.items.map((i: { detail: string }) => i.detail).join()).toContain('Slip Lane Rail, S 301, Quillbeck');
    for (const kind of ['labels', 'quote', 'job-pack']) {
      const paper = JSON.stringify((await ada.get(`/api/jobs/${jobId}/papers/${kind}`)).body);
      expect(paper).toContain('Slip Lane Rail, S 301, Quillbeck');
    }
    const entries = (await ada.get(`/api/jobs/${jobId}/ledger`)).body as { kind: string }[];
    expect(entries.at(-1)).toMatchObject({ kind: 'colours-named', payload: { colours: [RAIL] } });
  });

  test('are saved in money by the tint of the primer, which a painter is not told', async () => {
    const { jobId } = await coloured({
      facts: { element: 'trim', substrate: 'softwood', areaM2: 18, conditions: ['glossy'], currentColour: '#e3d9b0' },
    });
    const tintFor = async (who: Client) => (await pageOf(jobId, who)).lines[0].places[0].tint;
    const told = await tintFor(ada);
    expect(told).toMatchObject({ tint: 'grey-deep', coats: 2, coatsOverWhite: 3 });
    expect(told.saves).toBeGreaterThan(0);
    expect(told.minutes).toBeGreaterThan(0);
    const { saves, ...untold } = told;
    expect(saves).toBe(told.saves);
    expect(await tintFor(await signedIn('mei'))).toEqual(untold);
  });

  test('a swatch that changes takes its surfaces along, and the chain says so', async () => {
    const { jobId, surfaceId } = await coloured();
    await name(jobId, [RAIL]);
    const now = { ...RAIL, colour: '#1B2A49', name: 'Harbour Ink' };
    expect((await name(jobId, [now], [{ from: '#22384d', to: '#1B2A49' }])).status).toBe(200);
    expect((await ada.get(`/api/surfaces/${surfaceId}`)).body.surface.wanted).toMatchObject({ colour: '#1b2a49' });
    const [line, ...others] = (await pageOf(jobId)).lines;
    expect([line.named.name, line.places.length, others]).toEqual(['Harbour Ink', 1, []]);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
    const stray = await name(jobId, [now], [{ from: '#1b2a49', to: '#ffffff' }]);
    expect([stray.status, stray.body.errors[0].path]).toEqual([400, 'changed[0].to']);
  });

  test('of several who name them on one version one stands, and the others are shown both', async () => {
    const { jobId } = await coloured();
    const { version } = (await pageOf(jobId)).job;
    const sent = await Promise.all([RAIL, BRICK, RAIL, BRICK].map((one) => name(jobId, [one], [], version)));
    expect(sent.map((s) => s.status).sort()).toEqual([200, 409, 409, 409]);
    expect(sent.find((s) => s.status === 409)!.body).toMatchObject({ yours: { version } });
  });

  test('a colour chosen by its name is named with its surface; what has a name keeps it', async () => {
    const { jobId, roomId } = await coloured({ colourNamed: { ...RAIL, colour: '#22384D' } });
    const named = async () => (await pageOf(jobId)).lines.map((l: { named: { name: string } | null }) => l.named?.name);
    expect(await named()).toEqual(['Slip Lane Rail']);
    const again = { ...surfaceBody(roomId), name: 'Door', colourNamed: { ...RAIL, name: 'Another name' } };
    expect((await ada.post(`/api/jobs/${jobId}/surfaces`, again)).status).toBe(201);
    expect(await named()).toEqual(['Slip Lane Rail']);
    const { id } = again;
    const wanted = { colour: '#9a5b46' };
    await ada.send('PATCH', `/api/surfaces/${id}`, { id: uuid(), version: 1, wanted, colourNamed: BRICK });
    expect(await named()).toEqual(['Slip Lane Rail', 'Staithe Brick']);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test.each([
    ['no colour', [{ ...RAIL, colour: 'blue' }], 'colours[0].colour'],
    ['a name twice', [RAIL, { ...BRICK, name: 'slip lane rail' }], 'colours[1].name'],
    ['a colour twice', [RAIL, { ...BRICK, colour: '#22384D' }], 'colours[1].colour'],
    ['no name', [{ ...RAIL, name: '' }], 'colours[0].name'],
  ])('%s is refused by its path', async (_what, colours, path) => {
    const { jobId } = await coloured();
    const answer = await name(jobId, colours);
    expect(answer.status).toBe(400);
    expect(answer.body.errors.map((e: { path: string }) => e.path)).toContain(path);
  });
});

describe('colour cards', () => {
  const card = {
    name: 'Winter card',
    maker: 'Oxmere',
    colours: [{ name: 'Low Sun', code: 'OX 7', colour: '#d9a441' }],
    kept: true,
  };
  const keep = (id: string, body: object) =>
    ada.send('PUT', `/api/colour-cards/${id}`, { id: uuid(), version: null, ...body });
  test('are kept, found by any of their words, changed at their version and put away', async () => {
    const id = uuid();
    expect((await keep(id, card)).body).toEqual({ id, version: 1 });
    const chips = async (words: string) =>
      (await ada.get(`/api/colour-cards/chips?words=${encodeURIComponent(words)}`)).body.chips;
    expect(await chips('oxmere low')).toEqual([
      { name: 'Low Sun', code: 'OX 7', colour: '#d9a441', maker: 'Oxmere', card: 'Winter card' },
    ]);
    expect((await keep(id, card)).status).toBe(409);
    const changed = { ...card, name: 'Summer card', version: 1 };
    const both = await Promise.all([keep(id, changed), keep(id, { ...changed, name: 'Autumn card' })]);
    expect(both.map((b) => b.status).sort()).toEqual([200, 409]);
    expect((await keep(id, { ...card, version: 2, kept: false })).status).toBe(200);
    expect(await chips('oxmere low')).toEqual([]);
    const { cards } = (await ada.get('/api/colour-cards')).body;
    expect(cards.map((one: { id: string }) => one.id)).not.toContain(id);
  });
  test('an empty card, one of another firm and a painter’s hand are refused', async () => {
    expect((await keep(uuid(), { ...card, colours: [] })).status).toBe(400);
    expect((await ada.get(`/api/colour-cards/${uuid()}`)).status).toBe(404);
    const mei = await signedIn('mei');
    const sent = await mei.send('PUT', `/api/colour-cards/${uuid()}`, { id: uuid(), version: null, ...card });
    expect(sent.status).toBe(403);
  });
  test('chips come by how near they lie to a colour; a card that is put away is left out, and a colour that is none is refused', async () => {
    const cardId = uuid();
    const card = { id: uuid(), version: null, name: 'Nearly', maker: 'Oxmere', kept: true };
    const colours = [
      { colour: '#22384e', name: 'Hardly off', code: 'N 1' },
      { colour: '#ffffff', name: 'Far off', code: 'N 2' },
    ];
    expect((await ada.send('PUT', `/api/colour-cards/${cardId}`, { ...card, colours })).status).toBe(200);
    const near = async () =>
      (await ada.get(`/api/colour-cards/near?colour=${encodeURIComponent('#22384d')}`)).body.chips;
    const found = (await near()) as { name: string; difference: number }[];
    expect(found[0]).toMatchObject({ name: 'Slip Lane Rail', difference: 0 });
    expect(found[1]!.name).toBe('Hardly off');
    expect(found[1]!.difference).toBeGreaterThan(0);
    expect(found[1]!.difference).toBeLessThan(1);
    expect(found.map((c) => c.difference)).toEqual(found.map((c) => c.difference).sort((a, b) => a - b));
    await ada.send('PUT', `/api/colour-cards/${cardId}`, { ...card, id: uuid(), version: 1, kept: false, colours });
    expect((await near()).map((c: { name: string }) => c.name)).not.toContain('Hardly off');
    expect((await ada.get('/api/colour-cards/near?colour=blue')).status).toBe(400);
  });
});
