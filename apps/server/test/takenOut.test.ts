import { beforeAll, describe, expect, test } from '@jest/globals';
import { verifyJobFile } from '@rustic/core';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let pascoe: Client;
beforeAll(async () => {
  ada = await signedIn();
  pascoe = await signedIn('pascoe');
});

const now = () => new Date().toISOString();
const surfaceIn = async (jobId: string, roomId: string, name: string) => {
  const body = { ...surfaceBody(roomId), id: uuid(), name };
  expect((await ada.post(`/api/jobs/${jobId}/surfaces`, body)).status).toBe(201);
  return body.id;
};
const rub = async (surfaceId: string) => {
  const id = uuid();
  const test = { kind: 'spirit-rub', result: 'transfer' };
  expect((await ada.post(`/api/surfaces/${surfaceId}/tests`, { id, at: now(), test })).status).toBe(201);
  return id;
};
const whole = async (jobId: string) => (await ada.get(`/api/jobs/${jobId}`)).body;
const names = async (jobId: string) => (await whole(jobId)).surfaces.map((s: { name: string }) => s.name);
/** Tests of a surface that stand. */
const testsOf = async (id: string) => {
  const { tests } = (await ada.get(`/api/surfaces/${id}`)).body as {
    tests: { id: string; corrects: string | null; withdrawn: boolean | null }[];
  };
  return tests.filter((t) => !t.withdrawn && !tests.some((o) => o.corrects === t.id));
};
const stands = async (jobId: string) => {
  const file = (await ada.get(`/api/jobs/${jobId}/file`)).body;
  expect(verifyJobFile(file)).toMatchObject({ whole: true });
  return file;
};

describe('a surface', () => {
  test('on which nothing rests is taken out without a word, and brought back as it was', async () => {
    const { jobId, roomId } = await newJob(ada);
    const id = await surfaceIn(jobId, roomId, 'Door by mistake');
    await surfaceIn(jobId, roomId, 'Door');
    expect((await ada.post(`/api/surfaces/${id}/withdrawal`, { id: uuid() })).status).toBe(201);
    expect(await names(jobId)).toEqual(['Door']);
    expect((await whole(jobId)).takenOut).toMatchObject([{ what: 'surface', id, name: 'Door by mistake' }]);
    expect((await ada.get('/api/find?q=by%20mistake')).body.surfaces).toEqual([]);
    await stands(jobId);
    expect((await ada.post(`/api/surfaces/${id}/return`, { id: uuid() })).status).toBe(201);
    expect(await names(jobId)).toEqual(['Door by mistake', 'Door']);
    expect((await ada.post(`/api/surfaces/${id}/return`, { id: uuid() })).body.code).toBe('stands-already');
    await stands(jobId);
  });

  test('on which the record rests asks for the reason; nothing of it is rubbed out', async () => {
    const { jobId, roomId } = await newJob(ada);
    const id = await surfaceIn(jobId, roomId, 'Wall');
    await rub(id);
    const bare = await ada.post(`/api/surfaces/${id}/withdrawal`, { id: uuid() });
    expect([bare.status, bare.body.errors[0].path]).toEqual([400, 'reason']);
    expect(await names(jobId)).toEqual(['Wall']);
    const body = { id: uuid(), reason: 'The client paints it' };
    expect((await ada.post(`/api/surfaces/${id}/withdrawal`, body)).status).toBe(201);
    // Sent again, it is the one act.
    expect((await ada.post(`/api/surfaces/${id}/withdrawal`, body)).status).toBe(201);
    expect((await whole(jobId)).totals.minutes).toBe(0);
    const file = await stands(jobId);
    expect(file.tests).toHaveLength(1);
    expect(file.surfaces[0].withdrawn).toMatchObject({ reason: 'The client paints it' });
    const kinds = (await ada.get(`/api/jobs/${jobId}/ledger`)).body.map((e: { kind: string }) => e.kind);
    expect(kinds.filter((k: string) => k === 'surface-withdrawn')).toHaveLength(1);
  });

  test('taken out is written to no more: what was sent is refused, with who took it out', async () => {
    const { jobId, roomId } = await newJob(ada);
    const id = await surfaceIn(jobId, roomId, 'Wall');
    await ada.post(`/api/surfaces/${id}/withdrawal`, { id: uuid(), reason: 'Stays as it is' });
    const test = { kind: 'spirit-rub', result: 'transfer' };
    for (const sent of [
      ada.post(`/api/surfaces/${id}/tests`, { id: uuid(), at: now(), test }),
      ada.send('PATCH', `/api/surfaces/${id}`, { id: uuid(), version: 2, name: 'Other' }),
      ada.get(`/api/surfaces/${id}`),
    ]) {
      const { status, body } = await sent;
      expect([status, body.code]).toEqual([409, 'taken-out']);
      expect(body.message).toContain('Stays as it is');
    }
    expect((await whole(jobId)).takenOut).toHaveLength(1);
  });

  test('is taken out and brought back by who enters surfaces, not by whoever logs coats', async () => {
    const { jobId, roomId } = await newJob(ada);
    const id = await surfaceIn(jobId, roomId, 'Wall');
    expect((await pascoe.post(`/api/surfaces/${id}/withdrawal`, { id: uuid() })).status).toBe(403);
    expect(await names(jobId)).toEqual(['Wall']);
  });

  test('taken out by four at once is taken out once', async () => {
    const { jobId, roomId } = await newJob(ada);
    const id = await surfaceIn(jobId, roomId, 'Wall');
    const sent = await Promise.all([1, 2, 3, 4].map(() => ada.post(`/api/surfaces/${id}/withdrawal`, { id: uuid() })));
    expect(sent.map((s) => s.status).sort()).toEqual([201, 409, 409, 409]);
    await stands(jobId);
  });
});

describe('a room and a job', () => {
  test('a copy is undone whole, and its surfaces come back with it', async () => {
    const { jobId, roomId } = await newJob(ada);
    await surfaceIn(jobId, roomId, 'First wall');
    const copyId = uuid();
    const body = {
      id: uuid(),
      room: { id: copyId, name: 'Another' },
      surfaces: [{ ...surfaceBody(copyId), id: uuid(), name: 'Copied wall' }],
    };
    expect((await ada.post(`/api/jobs/${jobId}/whole-rooms`, body)).status).toBe(201);
    expect((await ada.post(`/api/rooms/${copyId}/withdrawal`, { id: uuid() })).status).toBe(201);
    expect(await names(jobId)).toEqual(['First wall']);
    const inIt = body.surfaces[0]!.id;
    expect((await ada.get(`/api/surfaces/${inIt}`)).body.code).toBe('taken-out');
    await ada.post(`/api/surfaces/${inIt}/withdrawal`, { id: uuid() });
    expect((await ada.post(`/api/rooms/${copyId}/return`, { id: uuid() })).status).toBe(201);
    expect(await names(jobId)).toEqual(['First wall', 'Copied wall']);
    await stands(jobId);
  });

  test('a job is gone from every list, its surfaces from search and run sheet, and comes back', async () => {
    const { jobId, roomId } = await newJob(ada);
    await surfaceIn(jobId, roomId, 'Quince-coloured wall');
    const job = await whole(jobId);
    expect((await ada.post(`/api/jobs/${jobId}/withdrawal`, { id: uuid(), reason: 'Asked twice' })).status).toBe(201);
    const listed = async () => (await ada.get('/api/jobs')).body.map((j: { id: string }) => j.id);
    expect(await listed()).not.toContain(jobId);
    expect((await ada.get('/api/find?q=Quince')).body.surfaces).toEqual([]);
    expect((await ada.get('/api/jobs/taken-out')).body).toContainEqual(
      expect.objectContaining({ id: jobId, title: job.job.title }),
    );
    expect((await ada.post(`/api/jobs/${jobId}/return`, { id: uuid() })).status).toBe(201);
    expect(await listed()).toContain(jobId);
    await stands(jobId);
  });
});

describe('a test', () => {
  test('of the wrong surface moves to the right one, and says nothing of the first any more', async () => {
    const { jobId, roomId } = await newJob(ada);
    const [wrong, right] = [await surfaceIn(jobId, roomId, 'Left door'), await surfaceIn(jobId, roomId, 'Right door')];
    const made = await rub(wrong);
    const before = (await ada.get(`/api/surfaces/${right}`)).body.finish[0];
    const movedId = uuid();
    const body = { id: uuid(), note: 'It was the right door', movedTo: right, movedId };
    expect((await pascoe.post(`/api/tests/${made}/withdrawal`, body)).status).toBe(201);
    expect(await testsOf(wrong)).toEqual([]);
    expect(await testsOf(right)).toMatchObject([{ id: movedId, test: { result: 'transfer' } }]);
    expect((await ada.get(`/api/surfaces/${right}`)).body.finish[0]).not.toEqual(before);
    const shown = (await whole(jobId)).surfaces.map((s: { tested: boolean }) => s.tested);
    expect(shown).toEqual([false, true]);
    const file = await stands(jobId);
    expect(file.tests).toHaveLength(3);
    expect((await ada.post(`/api/tests/${made}/withdrawal`, { id: uuid(), note: 'again' })).status).toBe(409);
  });

  test('is taken back with a reason, and to no surface of another job', async () => {
    const { jobId, roomId } = await newJob(ada);
    const elsewhere = await newJob(ada);
    const far = await surfaceIn(elsewhere.jobId, elsewhere.roomId, 'Far');
    const id = await surfaceIn(jobId, roomId, 'Door');
    const made = await rub(id);
    const say = (more: object) => ada.post(`/api/tests/${made}/withdrawal`, { id: uuid(), note: 'slip', ...more });
    expect((await say({ note: '' })).body.errors[0].path).toBe('note');
    expect((await say({ movedTo: far, movedId: uuid() })).body.errors[0].path).toBe('movedTo');
    expect((await say({ movedTo: id, movedId: uuid() })).body.errors[0].path).toBe('movedTo');
    expect(await testsOf(id)).toHaveLength(1);
    expect((await say({})).status).toBe(201);
    expect(await testsOf(id)).toEqual([]);
    await stands(jobId);
  });
});
