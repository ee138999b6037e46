import { beforeAll, describe, expect, test } from '@jest/globals';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

/* eslint-disable @typescript-eslint/no-explicit-any -- answers and their descriptions are read field by field */

/** One reading of the API for each part that people of a firm have. */
const people: Record<string, Client> = {};
let document: any;
const ids: Record<string, string> = {};

beforeAll(async () => {
  const ada = await signedIn();
  people['owner'] = ada;
  people['estimator'] = await signedIn('rosalind');
  people['painter'] = await signedIn('mei');
  document = (await ada.get('/api/docs-json')).body;
  const jobs = (await ada.get('/api/jobs')).body;
  ids['job'] = jobs.find((j: any) => j.title.startsWith('Ferrykeeper')).id;
  const { surfaces, rooms } = (await ada.get(`/api/jobs/${ids['job']}`)).body;
  const { jobId, roomId } = await newJob(ada);
  const own = surfaceBody(roomId);
  await ada.post(`/api/jobs/${jobId}/surfaces`, own);
  // What is signed for, found and put right has sums of its own: in answers, and in the ledger.
  const at = new Date().toISOString();
  await ada.post(`/api/surfaces/${own.id}/findings`, { id: uuid(), at, conditions: ['rot', 'gaps'] });
  await ada.post(`/api/surfaces/${own.id}/ways-back`, { id: uuid(), fault: 'peels', wet: false });
  const price = (await ada.get(`/api/jobs/${jobId}/price`)).body;
  await ada.post(`/api/jobs/${jobId}/quotes`, { id: uuid(), seen: price.seen, token: 'x'.repeat(43) });
  Object.assign(ids, { surface: surfaces[0].id, room: rooms[0].id, ownJob: jobId, ownSurface: own.id });
  ids['trial'] = (await ada.get('/api/trials')).body[0].id;
});

/** Addresses of a path of the description, with what the demo has in place of its parameters. */
function addresses(path: string): string[] {
  const day = new Date().toISOString().slice(0, 10);
  const fill = (job: string, surface: string) =>
    path
      .replace('/jobs/{jobId}', `/jobs/${job}`)
      .replace('/surfaces/{surfaceId}', `/surfaces/${surface}`)
      .replace('/trials/{trialId}', `/trials/${ids['trial']}`)
      .replace('/rounds/{roundId}', `/rounds/${uuid()}`)
      .replace('{kind}', 'job-pack')
      .replace('as-it-stood', `as-it-stood?day=${day}`)
      .replace('/colour-cards/near', '/colour-cards/near?colour=%2322384d')
      .replace('/api/find', '/api/find?q=e');
  return [...new Set([fill(ids['job']!, ids['surface']!), fill(ids['ownJob']!, ids['ownSurface']!)])];
}

const schemaOf = (operation: any) =>
  Object.entries(operation.responses).find(([, r]: any) => r.content?.['application/json']?.schema)?.[1] as any;
const declared = (operation: any) => schemaOf(operation)?.content['application/json'].schema ?? null;

const resolved = (schema: any): any =>
  schema.$ref ? resolved(document.components.schemas[schema.$ref.split('/').at(-1)]) : schema;

/** Every place of a value that its declaration does not name, or that it marks as a sum. */
function places(value: any, schema: any, path = ''): { undeclared: string[]; sums: string[] } {
  const found = { undeclared: [] as string[], sums: [] as string[] };
  const add = (more: typeof found) => {
    found.undeclared.push(...more.undeclared);
    found.sums.push(...more.sums);
  };
  if (schema.sum) return { undeclared: [], sums: [path] };
  if (schema.$ref) return places(value, document.components.schemas[schema.$ref.split('/').at(-1)], path);
  // What is described by nothing more may hold anything.
  const options = (schema.anyOf ?? [schema]).filter((o: any) => o.type !== 'null').map(resolved);
  const objects = options.filter((o: any) => o.properties);
  const array = options.find((o: any) => o.items);
  if (Array.isArray(value) && array) value.forEach((inner, i) => add(places(inner, array.items, `${path}[${i}]`)));
  else if (value !== null && typeof value === 'object' && objects.length)
    for (const [name, inner] of Object.entries(value)) {
      const own = objects.find((o: any) => name in o.properties);
      if (!own) found.undeclared.push(`${path}.${name}`);
      else add(places(inner, own.properties[name], `${path}.${name}`));
    }
  return found;
}

/** Fields that the one has and the other has not, but for these places. */
function without(less: any, more: any, but: ReadonlySet<string>, path = ''): string[] {
  if (more === null || typeof more !== 'object') return [];
  if (Array.isArray(more)) return more.flatMap((inner, i) => without(less?.[i], inner, but, `${path}[${i}]`));
  return Object.entries(more).flatMap(([name, inner]) => {
    const at = `${path}.${name}`;
    if (but.has(at)) return [];
    if (less === null || typeof less !== 'object' || !(name in less)) return [at.replace(/\[\d+\]/g, '[]')];
    return without(less[name], inner, but, at);
  });
}

/** A sum as prose would say it: with a currency, or as something dearer or cheaper by a figure. */
const PROSE = /[£$€]\s?\d|\d\s?(GBP|USD|EUR)\b|\d+([.,]\d+)?\s+(dearer|cheaper)/;
const prose = (value: any): string[] =>
  typeof value === 'string'
    ? PROSE.test(value)
      ? [value]
      : []
    : value !== null && typeof value === 'object'
      ? Object.values(value).flatMap(prose)
      : [];

/** What is told to some and not to others for another reason than money: addresses, sessions, what is in a payload. */
const OTHERWISE = ['/api/people', '/api/calendar', '/api/session', '/api/jobs/{jobId}/ledger'];
/** Answers that say of themselves for whom they are: files, feeds, calendars, pictures, papers. */
const FILES = /calendar|\/file|\/paper|\/photos|\/records|\/events|health|client|invitations\/|docs/;

describe('every answer of the API, as everybody of the firm', () => {
  test('says no more than it declares, and no sum to whoever does not see prices', async () => {
    const gets = Object.entries(document.paths as Record<string, any>).flatMap(([path, item]) =>
      // The feed of what happens never ends; it names a job and a kind.
      item.get && path !== '/api/events' ? [[path, item.get] as const] : [],
    );
    expect(gets.length).toBeGreaterThan(40);
    let sums = 0;
    const faults: string[] = [];
    for (const [path, operation] of gets) {
      const schema = declared(operation);
      for (const address of addresses(path)) {
        const answers = await Promise.all(['owner', 'estimator', 'painter'].map((role) => people[role]!.get(address)));
        const [owner, , painter] = answers;
        faults.push(...prose(painter!.body).map((words) => `${path}: a painter reads “${words}”`));
        if (painter!.status === 403 || painter!.status === 404 || FILES.test(path)) continue;
        expect([address, ...answers.map((a) => a.status)]).toEqual([address, 200, 200, 200]);
        if (!schema) faults.push(`${path}: not declared`);
        if (!schema) continue;
        const told = places(painter!.body, schema);
        for (const at of [...told.undeclared, ...told.sums]) faults.push(`${path}: a painter is told ${at}`);
        const whole = places(owner!.body, schema);
        for (const at of whole.undeclared) faults.push(`${path}: not declared: ${at.replace(/\[\d+\]/g, '[]')}`);
        sums += whole.sums.length;
        const missing = without(painter!.body, owner!.body, new Set([...whole.sums, ...whole.undeclared]));
        if (OTHERWISE.includes(path)) continue;
        for (const at of missing) faults.push(`${path}: a painter is not told ${at}`);
      }
    }
    expect([...new Set(faults)]).toEqual([]);
    // The test can fail: who makes prices is told them.
    expect(sums).toBeGreaterThan(300);
  });

  test('an entry of the ledger says to a painter what its kind has to say: no total, no cost, no row', async () => {
    const path = `/api/jobs/${ids['ownJob']}/ledger`;
    const [owner, painter] = [(await people['owner']!.get(path)).body, (await people['painter']!.get(path)).body];
    const kinds = owner.map((e: any) => e.kind);
    expect(kinds).toEqual(expect.arrayContaining(['quote-sent', 'found-while-working', 'way-back-written']));
    expect(painter.map((e: any) => e.kind)).toEqual(kinds);
    const keys = (value: any): string[] =>
      value !== null && typeof value === 'object'
        ? Object.entries(value).flatMap(([key, inner]) => [key, ...keys(inner)])
        : [];
    const money = (entries: any[]) =>
      entries.flatMap((e) => keys(e.payload)).filter((k) => /cost|net|total|price|wrote/i.test(k));
    expect(money(owner).length).toBeGreaterThan(5);
    expect(money(painter)).toEqual([]);
    expect(painter.find((e: any) => e.kind === 'quote-sent').payload).toEqual({
      number: expect.any(Number),
      version: 1,
    });
  });

  test('what a painter writes is answered without sums too', async () => {
    const mei = people['painter']!;
    const surface = `/api/surfaces/${ids['ownSurface']}`;
    const { key } = (await mei.get(surface)).body;
    const at = new Date().toISOString();
    const sent = [
      await mei.post(`${surface}/what-if`, { key, departures: [{ act: 'skip', step: 1 }] }),
      await mei.post(`${surface}/way-back`, { fault: 'runs', wet: true }),
      await mei.post(`${surface}/findings`, { id: uuid(), at, conditions: ['damp'] }),
    ];
    for (const { status, body } of sent) {
      expect(status).toBeLessThan(300);
      expect(JSON.stringify(body)).not.toMatch(/"(cost|labour|materials|expectedCost)"/);
      expect(prose(body)).toEqual([]);
    }
  });
});
