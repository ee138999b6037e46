import { beforeAll, expect, test } from '@jest/globals';
import { drawRoom, planOf, scoreRoom, systemChosen, TREATMENTS, type Departure } from '@rustic/core';
import { newJob, signedIn, uuid, type Client } from './client.ts';

let ada: Client;
let mei: Client;
beforeAll(async () => {
  [ada, mei] = [await signedIn(), await signedIn('mei')];
});

interface Room {
  plan: string;
  seed: number;
}
const pageOf = async (who: Client) => (await who.get('/api/practice')).body;
const decided = ({ plan, seed }: Room, treatAs: (typeof TREATMENTS)[number], sure = 0.8) =>
  drawRoom(planOf(plan)!, seed).surfaces.map(({ id }) => ({ surface: id, treatAs, departures: [], sure }));
const go = (who: Client, room: Room, more: object = {}) =>
  who.post('/api/practice/goes', {
    id: uuid(),
    at: new Date().toISOString(),
    ...room,
    tests: [],
    decisions: decided(room, 'wax'),
    ...more,
  });

test('a room is scored here, not by whoever sends it, and is theirs alone until they show it', async () => {
  const { next, count } = await pageOf(mei);
  const room = drawRoom(planOf(next.plan)!, next.seed);
  const tests = [{ surface: room.surfaces[0]!.id, kind: 'spirit-rub' as const }];
  const decisions = decided(next, 'waterborne');
  const kept = await go(mei, next, { tests, decisions });
  expect(kept.status).toBe(201);
  const score = scoreRoom(room, tests, decisions);
  expect(kept.body).toMatchObject({
    minutes: score.minutes,
    policyMinutes: score.policy.minutes,
    lost: score.lost + score.testCost,
    judged: score.surfaces.map(({ surface, truth, right }) => ({ surface, truth, right })),
  });
  const after = await pageOf(mei);
  expect([after.count, after.goes[0].id]).toEqual([count + 1, kept.body.id]);
  expect(after.calibration.count).toBe(room.surfaces.length);
  expect(after.standings.reduce((sum: number, s: { tried: number }) => sum + s.tried, 0)).toBe(room.surfaces.length);
  // Not even the owner sees it.
  expect((await pageOf(ada)).others).toEqual([]);
  expect((await pageOf(ada)).count).toBe(0);
  await mei.send('PUT', '/api/practice/shown', { id: uuid(), shown: true });
  expect((await pageOf(ada)).others).toEqual([
    expect.objectContaining({ name: 'Mei Okonjo-Hart', tried: room.surfaces.length }),
  ]);
  await mei.send('PUT', '/api/practice/shown', { id: uuid(), shown: false });
  expect((await pageOf(ada)).others).toEqual([]);
});

test('the room of the week is the same for the whole firm; how the others did is told of those who show it', async () => {
  const [mine, theirs] = [(await pageOf(ada)).week, (await pageOf(mei)).week];
  expect([mine.plan, mine.seed]).toEqual([theirs.plan, theirs.seed]);
  await go(mei, { plan: mine.plan, seed: mine.seed });
  expect((await pageOf(ada)).week).toMatchObject({ mine: null, others: [] });
  await mei.send('PUT', '/api/practice/shown', { id: uuid(), shown: true });
  expect((await pageOf(ada)).week.others).toEqual([expect.objectContaining({ name: 'Mei Okonjo-Hart', minutes: 0 })]);
  expect((await pageOf(mei)).week.mine).toMatchObject({ plan: mine.plan });
});

test('what was done otherwise is told by what it does there; what guards people, and no line of the system, is refused', async () => {
  const { next, count } = await pageOf(ada);
  const room = drawRoom(planOf(next.plan)!, next.seed);
  const [first, ...rest] = decided(next, 'oil');
  const { lines } = systemChosen(room, room.surfaces[0]!, [], first!);
  const at = (kind: string) => lines.findIndex(({ step }) => step.kind === kind);
  const otherwise = (...departures: Departure[]) => [{ ...first!, departures }, ...rest];
  const tacked = otherwise({ act: 'skip', step: at('tack-off') });
  const kept = await go(ada, next, { decisions: tacked });
  const score = scoreRoom(room, [], tacked);
  expect(score.surfaces[0]!.otherwise).toBeGreaterThan(0);
  expect([kept.status, kept.body.lost, kept.body.judged[0].lost]).toEqual([201, score.lost, score.surfaces[0]!.lost]);
  const none = 'decisions[0].departures';
  for (const departures of [
    { act: 'skip' as const, step: at('ventilate') },
    { act: 'skip' as const, step: 79 },
  ]) {
    const answer = await go(ada, next, { decisions: otherwise(departures) });
    expect([answer.status, answer.body.errors[0].path]).toEqual([400, none]);
  }
  expect((await pageOf(ada)).count).toBe(count + 1);
});

test('the same sent twice is kept once', async () => {
  const { next, count } = await pageOf(ada);
  const id = uuid();
  const at = new Date().toISOString();
  const [one, again] = [await go(ada, next, { id, at }), await go(ada, next, { id, at })];
  expect(again.body).toEqual(one.body);
  expect((await pageOf(ada)).count).toBe(count + 1);
});

test('what is no room, no test of it, or not settled whole is refused by its path, and nothing is kept', async () => {
  const { next, count } = await pageOf(ada);
  const whole = decided(next, 'oil');
  const refused: readonly (readonly [object, string])[] = [
    [{ plan: 'ballroom' }, 'plan'],
    [{ tests: [{ surface: 'chimney', kind: 'spirit-rub' }] }, 'tests[0]'],
    [{ tests: [{ surface: whole[0]!.surface, kind: 'taste' }] }, 'tests[0].kind'],
    [{ decisions: [] }, 'decisions'],
    [{ decisions: whole.slice(1) }, 'decisions'],
    [{ decisions: [...whole, whole[0]] }, 'decisions'],
    [{ decisions: whole.map((d) => ({ ...d, treatAs: 'burn' })) }, 'decisions'],
    [{ decisions: whole.map((d) => ({ ...d, sure: 1.4 })) }, 'decisions[0].sure'],
    [{ seed: -1 }, 'seed'],
  ];
  for (const [more, path] of refused) {
    const answer = await go(ada, next, more);
    expect([answer.status, answer.body.errors[0].path]).toEqual([400, path]);
  }
  expect((await pageOf(ada)).count).toBe(count);
});

test('an owner makes a case of a finished job; no name goes with it, everybody may judge it, and it is put away', async () => {
  const { jobId, roomId } = await newJob(ada, 1934);
  const surface = (name: string) => ({
    id: uuid(),
    roomId,
    name,
    campaign: 'Orla Tench did these',
    facts: { element: 'door', substrate: 'softwood', areaM2: 4 },
    wanted: {},
  });
  const doors = [surface('Door to Fisk’s study'), surface('Other door')];
  for (const one of doors) await ada.post(`/api/jobs/${jobId}/surfaces`, one);
  const made = (who: Client, more: object = {}) =>
    who.post('/api/practice/cases', { id: uuid(), jobId, name: 'Two doors', ...more });
  expect((await made(ada)).body.code).toBe('not-finished');
  const { version } = (await ada.get(`/api/jobs/${jobId}`)).body.job;
  expect((await ada.send('PATCH', `/api/jobs/${jobId}`, { id: uuid(), version, status: 'aftercare' })).status).toBe(
    200,
  );
  expect((await made(ada)).body.code).toBe('nothing-known');
  for (const { id } of doors)
    for (const test of [
      { kind: 'spirit-rub', result: 'no-transfer', place: 'at the foot' },
      { kind: 'sheen-look', result: 'gloss', yellowed: true },
    ])
      await ada.post(`/api/surfaces/${id}/tests`, { id: uuid(), test, at: new Date().toISOString() });
  expect((await made(mei)).status).toBe(403);
  const { body, status } = await made(ada);
  expect(status).toBe(201);
  expect(body.surfaces.map((s: { name: string }) => s.name)).toEqual(['Door', 'Door, 2']);
  expect(JSON.stringify(body)).not.toMatch(/Fisk|Tench/);
  // Judged by a painter, and scored here.
  const decisions = body.surfaces.map((s: { id: string }) => ({ surface: s.id, treatAs: 'oil', sure: 0.9 }));
  const judge = () =>
    mei.post('/api/practice/goes', {
      id: uuid(),
      at: new Date().toISOString(),
      plan: body.id,
      seed: 1,
      tests: [],
      decisions,
    });
  const gone = await judge();
  expect(gone.status).toBe(201);
  expect(gone.body.judged.map((j: { right: boolean }) => j.right)).toEqual([true, true]);
  const seen = (await pageOf(mei)).cases.find((one: { id: string }) => one.id === body.id);
  expect([seen.name, seen.mine.id]).toEqual(['Two doors', gone.body.id]);
  await ada.send('PUT', `/api/practice/cases/${body.id}`, { id: uuid(), withdrawn: true });
  expect((await pageOf(mei)).cases.some((one: { id: string }) => one.id === body.id)).toBe(false);
  expect((await judge()).status).toBe(400);
});
