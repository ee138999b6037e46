import { beforeAll, expect, test } from '@jest/globals';
import { signedIn, surfaceBody, uuid, type Client } from './client.ts';
import { agree, hallOf, priceOf, sendQuote, token } from './quoted.ts';

let ada: Client;
beforeAll(async () => {
  ada = await signedIn();
});

type Booked = { id: string; steps: { minutes: number }[] };

/** Posts the plan of now, and gives its visits with the hours it books on each surface. */
async function post(jobId: string): Promise<{ visits: number; hours: Map<string, number> }> {
  const { input, plan } = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
  expect((await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() })).status).toBe(201);
  const hours = (input.surfaces as Booked[]).map((s) => [s.id, s.steps.reduce((sum, step) => sum + step.minutes, 0)]);
  return { visits: plan.visits, hours: new Map(hours as [string, number][]) };
}

test('once a plan is posted its visits and hours are those of the price; what comes after is added by the day', async () => {
  const { jobId, roomId } = await hallOf(ada);
  const before = await priceOf(ada, jobId);
  expect(before.sums.isPlanned).toBe(false);
  const { visits, hours } = await post(jobId);
  const after = await priceOf(ada, jobId);
  expect(after.sums).toMatchObject({ isPlanned: true, visits });
  for (const { surfaceId, minutes } of after.lines) expect(minutes).toBe(hours.get(surfaceId));
  const { hourCost, visitMinutes, equipmentPerVisit } = after.settings;
  expect(after.sums.labour).toBe(Math.round(((after.sums.minutes + visits * visitMinutes) * hourCost) / 60));
  expect(after.sums.equipment).toBe(visits * equipmentPerVisit);
  const another = await ada.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
  const more = await priceOf(ada, jobId);
  const added = more.lines.find((l: { surfaceId: string }) => l.surfaceId === another.body.id);
  expect(more.sums.visits).toBe(visits + Math.ceil(added.minutes / after.settings.dayMinutes));
});

test('what was agreed keeps its price, whatever is planned afterwards', async () => {
  const { jobId } = await hallOf(ada);
  const { way, answer } = await sendQuote(ada, jobId, token());
  expect((await agree(way, answer.body.id)).status).toBe(201);
  const agreed = await priceOf(ada, jobId);
  await post(jobId);
  const { draft, changes, sums } = await priceOf(ada, jobId);
  expect(sums.isPlanned).toBe(true);
  expect(draft.total).toBe(agreed.draft.total);
  expect(changes).toEqual([]);
});
