import { beforeAll, expect, test } from '@jest/globals';
import { drawDrill } from '@rustic/core';
import { signedIn, uuid, type Client } from './client.ts';

let ada: Client;
let mei: Client;
beforeAll(async () => {
  [ada, mei] = [await signedIn(), await signedIn('tobiah')];
});

const pageOf = async (who: Client) => (await who.get('/api/practice')).body;
const { drill, truths } = drawDrill('door', 7);
const ids = drill.questions.map((q) => q.id);
const other = { 'in-time': 'late', late: 'in-time' } as const;
/** All right but the last. */
const answers = ids.map((question, i) => {
  const truth = truths[question]!.truth as keyof typeof other;
  return { question, says: i < ids.length - 1 ? truth : other[truth], sure: 0.8 };
});
const send = (who: Client, more: object = {}) =>
  who.post('/api/practice/drills', {
    id: uuid(),
    drill: 'door',
    seed: 7,
    answers,
    at: new Date().toISOString(),
    ...more,
  });

test('a drill is judged here, counts for its skill and its odds, and is theirs alone', async () => {
  const before = await pageOf(mei);
  const kept = await send(mei);
  expect(kept.status).toBe(201);
  expect(kept.body.judged.map((j: { right: boolean }) => j.right)).toEqual([true, true, true, false]);
  const after = await pageOf(mei);
  expect(after.drills).toBe(before.drills + 1);
  expect(after.drill.seed).toBe(before.drill.seed + 1);
  const planning = after.standings.find((s: { skill: string }) => s.skill === 'planning');
  expect([planning.tried, planning.right]).toEqual([4, 3]);
  expect(after.calibration.count).toBe(before.calibration.count + 4);
  expect((await pageOf(ada)).drills).toBe(0);
});

test('sent twice it is written once; what answers nothing of it is refused and nothing is kept', async () => {
  const { drills } = await pageOf(ada);
  const id = uuid();
  await send(ada, { id });
  await send(ada, { id });
  expect((await pageOf(ada)).drills).toBe(drills + 1);
  const refused = async (more: object) => (await send(ada, more)).status;
  expect(await refused({ answers: [{ question: 'tin-9', says: 'late', sure: 0.5 }] })).toBe(400);
  expect(await refused({ answers: [answers[0], answers[0]] })).toBe(400);
  expect(await refused({ answers: [] })).toBe(400);
  expect(await refused({ answers: [{ ...answers[0], sure: 2 }] })).toBe(400);
  expect(await refused({ drill: 'juggling' })).toBe(400);
  expect(await refused({ seed: -1 })).toBe(400);
  expect((await pageOf(ada)).drills).toBe(drills + 1);
});

test('figures that are typed are judged as figures', async () => {
  const drawn = drawDrill('by-head', 2);
  const said = drawn.drill.questions.map(({ id }) => ({
    question: id,
    says: (drawn.truths[id]!.truth as number) * 1.02,
    sure: 0.9,
  }));
  const { body } = await send(ada, { drill: 'by-head', seed: 2, answers: said });
  expect(body.judged.every((j: { right: boolean }) => j.right)).toBe(true);
});
