import { beforeAll, describe, expect, test } from '@jest/globals';
import { templateOf, type ColourPart, type Template } from '@rustic/core';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { drawTemplate } from '../src/documents/pdf/drawTemplate.ts';
import { newJob, signedIn, uuid, type Client } from './client.ts';

let ada: Client;
beforeAll(async () => {
  ada = await signedIn();
});

const SKETCH = {
  walls: [
    { name: 'first wall', widthM: 4, heightM: 2.4, openings: [] },
    {
      name: 'second wall',
      widthM: 3,
      heightM: 2.4,
      openings: [{ kind: 'window', x: 1, y: 0.9, widthM: 1, heightM: 1.2 }],
    },
  ],
};
const WAVE: ColourPart = {
  id: 'p1',
  name: 'below the wave',
  colour: '#3f5b4c',
  sheen: null,
  note: '',
  shape: { kind: 'wave', walls: [0, 1], side: 'below', heightM: 0.6, swingM: 0.1, lengthM: 0.5, startM: 0.25 },
};
const RAIL: ColourPart = {
  ...WAVE,
  id: 'p2',
  name: 'the rail',
  colour: '#8a4f3a',
  shape: { kind: 'band', walls: [0], fromM: 1, toM: 1.1 },
};

/** A wall in a room with a sketch, in one colour. */
async function wall() {
  const { jobId, roomId } = await newJob(ada);
  const room = (await ada.get(`/api/jobs/${jobId}`)).body.rooms.find((r: { id: string }) => r.id === roomId);
  await ada.send('PATCH', `/api/rooms/${roomId}`, { id: uuid(), version: room.version, sketch: SKETCH });
  const id = uuid();
  await ada.post(`/api/jobs/${jobId}/surfaces`, {
    id,
    roomId,
    name: 'Walls',
    facts: {
      element: 'wall',
      substrate: 'skim-plaster',
      currentFinish: 'waterborne-acrylic',
      currentColour: '#efe9dc',
      areaM2: 15.6,
    },
    wanted: { colour: '#efe9dc', sheen: 'matt' },
  });
  return { jobId, roomId, id };
}
const partsOf = async (id: string, who = ada) => (await who.get(`/api/surfaces/${id}/parts`)).body;
async function keep(id: string, parts: unknown[] | null, version?: number) {
  const at = version ?? (await partsOf(id)).surface.version;
  return ada.send('PUT', `/api/surfaces/${id}/parts`, {
    id: uuid(),
    version: at,
    colourParts: parts && { face: { kind: 'walls' }, parts },
  });
}

describe('parts of a surface in colours of their own', () => {
  test('are measured, bought, planned, priced and written down; and all of it goes again', async () => {
    const { jobId, id } = await wall();
    const before = (await ada.get(`/api/surfaces/${id}`)).body;
    expect((await keep(id, [WAVE, RAIL])).status).toBe(200);
    const { reckoned } = await partsOf(id);
    // Seven metres of wall to 0.6 m: the swings even out, 14 of them whole.
    expect(reckoned.parts[0].areaM2).toBeCloseTo(7 * 0.6, 1);
    expect(reckoned.parts[1]).toMatchObject({ areaM2: 0.4, tapeM: 8, curvedM: 0 });
    expect(reckoned.adds).toBeGreaterThan(0);
    const after = (await ada.get(`/api/surfaces/${id}`)).body;
    const work = (page: typeof after): string[] => page.steps.map((w: { plan: { id: string } }) => w.plan.id);
    expect(work(after).filter((s) => !/^r\d/.test(s))).toEqual(work(before));
    expect(work(after)).toEqual(expect.arrayContaining(['r1m']));
    expect(after.price.minutes - before.price.minutes).toBe(reckoned.addsMinutes);
    // The job's own page and its price say the same of it, and the quote has every colour with its place.
    const line = (await ada.get(`/api/jobs/${jobId}`)).body.surfaces.find((s: { id: string }) => s.id === id);
    expect(line.minutes).toBe(after.price.minutes);
    const quote = JSON.stringify((await ada.get(`/api/jobs/${jobId}/papers/quote`)).body);
    expect(quote).toContain('Walls: below the wave');
    expect(after.guarantee).toEqual(before.guarantee);
    const list = JSON.stringify((await ada.get(`/api/jobs/${jobId}/shopping`)).body.items);
    for (const looks of ['deep greyed green', 'brown', 'tape for fresh paint']) expect(list).toContain(looks);
    const pack = JSON.stringify((await ada.get(`/api/jobs/${jobId}/papers/job-pack`)).body);
    expect(pack).toContain('below the wave');
    const colours = (await ada.get(`/api/jobs/${jobId}/colours`)).body.lines;
    expect(colours.map((l: { colour: string }) => l.colour)).toEqual(['#efe9dc', '#3f5b4c', '#8a4f3a']);
    expect(colours[1].places).toEqual([expect.objectContaining({ name: 'Walls: below the wave', partId: 'p1' })]);
    expect((await ada.get(`/api/jobs/${jobId}/ledger`)).body.at(-1)).toMatchObject({
      kind: 'parts-coloured',
      payload: { parts: [{ name: 'below the wave' }, { name: 'the rail' }] },
    });
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
    await keep(id, []);
    expect((await partsOf(id)).surface.colourParts).toBeNull();
    expect(work((await ada.get(`/api/surfaces/${id}`)).body)).toEqual(work(before));
  });

  test('tried out they write nothing; a painter is told hours and paint, and no money', async () => {
    const { id } = await wall();
    const { surface } = await partsOf(id);
    const body = { colourParts: { face: { kind: 'walls' }, parts: [WAVE] } };
    const mei = await signedIn('mei');
    const tried = (await mei.post(`/api/surfaces/${id}/parts/tried`, body)).body;
    expect(tried.parts[0].litres).toBeGreaterThan(0);
    expect(tried).not.toHaveProperty('adds');
    expect((await partsOf(id)).surface).toEqual(surface);
    expect(
      (await mei.send('PUT', `/api/surfaces/${id}/parts`, { id: uuid(), version: surface.version, ...body })).status,
    ).toBe(403);
  });

  test('of two who draw at once one stands, and the other is shown both', async () => {
    const { id } = await wall();
    const { version } = (await partsOf(id)).surface;
    const sent = await Promise.all([keep(id, [WAVE], version), keep(id, [RAIL], version)]);
    expect(sent.map((s) => s.status).sort()).toEqual([200, 409]);
    expect(sent.find((s) => s.status === 409)!.body).toMatchObject({ code: 'edited-elsewhere', yours: { version } });
  });

  test('a swatch that changes takes parts along', async () => {
    const { jobId, id } = await wall();
    await keep(id, [WAVE]);
    const { version } = (await ada.get(`/api/jobs/${jobId}/colours`)).body.job;
    const moss = { colour: '#405a30', name: 'Moss', code: '', maker: '', note: '' };
    const changed = [{ from: '#3F5B4C', to: '#405a30' }];
    expect(
      (await ada.send('PUT', `/api/jobs/${jobId}/colours`, { id: uuid(), version, colours: [moss], changed })).status,
    ).toBe(200);
    expect((await partsOf(id)).surface.colourParts.parts[0].colour).toBe('#405a30');
  });

  test.each([
    ['a shape on no wall', [{ ...RAIL, shape: { ...RAIL.shape, walls: [] } }]],
    ['two of one name', [RAIL, { ...WAVE, name: 'The Rail' }]],
    ['no colour', [{ ...RAIL, colour: 'green' }]],
    ['a band upside down', [{ ...RAIL, shape: { ...RAIL.shape, fromM: 1.2 } }]],
    ['a word that is none of ours', [{ ...RAIL, wave: true }]],
  ])('%s is refused, and nothing is kept', async (_what, parts) => {
    const { id } = await wall();
    expect((await keep(id, parts)).status).toBe(400);
    expect((await partsOf(id)).surface.colourParts).toBeNull();
  });

  test('a template comes as a PDF; a straight edge has none, and says so', async () => {
    const { id } = await wall();
    await keep(id, [WAVE, RAIL]);
    const pdf = await ada.get(`/api/surfaces/${id}/parts/p1/template?paper=letter`);
    expect([pdf.status, pdf.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    const straight = await ada.get(`/api/surfaces/${id}/parts/p2/template`);
    expect([straight.status, straight.body.code]).toEqual([404, 'straight']);
    expect((await ada.get(`/api/surfaces/${id}/parts/p9/template`)).status).toBe(404);
    expect((await ada.get(`/api/surfaces/${id}/parts/p1/template?paper=a0`)).status).toBe(400);
  });
});

const MM = 25.4 / 72;
type Point = { x: number; y: number };

/** Every straight bit that is drawn on a page, in mm from its left and foot, as a reader of the file finds it. */
async function linesOn(page: Awaited<ReturnType<Awaited<ReturnType<typeof getDocument>['promise']>['getPage']>>) {
  const { fnArray, argsArray } = await page.getOperatorList();
  const height = page.view[3]! * MM;
  return fnArray.flatMap((fn, i): Point[][] => {
    if (fn !== OPS.constructPath) return [];
    const [acts, figures] = argsArray[i] as [number[], number[]];
    const lines: Point[][] = [];
    acts.forEach((act, k) => {
      // The page is turned upside down before anything is drawn on it.
      const at = { x: figures[2 * k]! * MM, y: height - figures[2 * k + 1]! * MM };
      if (act === OPS.moveTo) lines.push([at]);
      else lines.at(-1)!.push(at);
    });
    return lines;
  });
}

describe('a template, measured in the file that is printed', () => {
  const drawn = async (template: Template) => {
    const pages = {
      template,
      title: 'Template',
      about: 'a wall',
      firm: 'Saltmarsh',
      level: '600 mm',
      words: ['Print it.'],
    };
    return getDocument({ data: new Uint8Array(await drawTemplate(pages)), verbosity: 0 }).promise;
  };

  test.each(['a4', 'letter'] as const)(
    'on %s: sheets of its size, the ruler 100 mm, the wave as long and as high as it is',
    async (paper) => {
      const template = templateOf(WAVE, paper)!;
      const file = await drawn(template);
      expect(file.numPages).toBe(template.sheets.length + 1);
      let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
      for (const [n, sheet] of template.sheets.entries()) {
        const page = await file.getPage(n + 2);
        expect(page.view[2]! * MM).toBeCloseTo(template.widthMm, 3);
        expect(page.view[3]! * MM).toBeCloseTo(template.heightMm, 3);
        const lines = await linesOn(page);
        // The ruler: level, near the foot.
        const ruler = lines.filter((l) => l.length === 2 && Math.abs(l[0]!.x - l[1]!.x) > 90 && l[0]!.y < 20);
        expect(Math.abs(ruler[0]![0]!.x - ruler[0]![1]!.x)).toBeCloseTo(100, 3);
        // Sheets are laid by their place: each a step from the last.
        const [x, y] = [sheet.column * (template.widthMm - 38), sheet.row * (template.heightMm - 50)];
        for (const p of lines.filter((l) => l.length > 4).flat()) {
          [left, right] = [Math.min(left, p.x + x), Math.max(right, p.x + x)];
          [low, high] = [Math.min(low, p.y + y), Math.max(high, p.y + y)];
        }
        // The broken line is half-way between crest and trough.
        const level = lines.find((l) => l.length === 2 && Math.abs(l[0]!.x - l[1]!.x) > 120 && l[0]!.y > 20);
        if (sheet.levelMm !== null) expect(level![0]!.y).toBeCloseTo(sheet.levelMm, 3);
      }
      expect(right - left).toBeCloseTo(500, 2);
      expect(high - low).toBeCloseTo(200, 1);
    },
  );
});
