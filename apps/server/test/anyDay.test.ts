import { afterEach, describe, expect, test } from '@jest/globals';
import { brokenRules } from '../../../packages/core/test/planChecker.ts';
import { shiftTo } from '../../../tools/clock.mjs';
import { freePort } from '../../../tools/mariadb.mjs';
import { startServer } from '../../../tools/serve.mjs';
import { newJob, secondFirm, signedIn, surfaceBody, uuid } from './client.ts';

/** Every day of the week in the afternoon, and both ends of a day, each on a machine in another zone. */
const MOMENTS: [name: string, weekday: number, hour: number, minute: number, zone: string][] = [
  ['Monday afternoon', 1, 15, 50, 'UTC'],
  ['Tuesday afternoon', 2, 15, 50, 'Asia/Kolkata'],
  ['Wednesday afternoon', 3, 15, 50, 'America/Denver'],
  ['Thursday afternoon', 4, 15, 50, 'Pacific/Auckland'],
  ['Friday afternoon', 5, 15, 50, 'UTC'],
  ['Saturday afternoon', 6, 15, 50, 'Europe/London'],
  ['Sunday afternoon', 7, 15, 50, 'America/St_Johns'],
  ['five past midnight', 2, 0, 5, 'Pacific/Kiritimati'],
  ['five to midnight', 5, 23, 55, 'Pacific/Pago_Pago'],
];
const MINUTE_MS = 60_000;

let server: Awaited<ReturnType<typeof startServer>> | null = null;
afterEach(async () => {
  await server?.stop();
});

describe('a job from its plan to a coat, on any day and at any hour', () => {
  test.each(MOMENTS)('%s', async (name, weekday, hour, minute, zone) => {
    const machine = Date.now() - Number(process.env['CLOCK_SHIFT_MS'] ?? 0);
    const shift = shiftTo(weekday, hour, minute, new Date(machine));
    const now = () => new Date(Date.now() - Number(process.env['CLOCK_SHIFT_MS'] ?? 0) + shift);
    const port = await freePort();
    const env = { LOG_LEVEL: 'error', CLOCK_SHIFT_MS: String(shift), TZ: zone };
    server = await startServer({ url: process.env['TEST_DATABASE_URL']!, port, env });
    const email = `${name.replaceAll(' ', '-').toLowerCase()}@any-day.example`;
    await secondFirm(name, email, [{ name: 'Ivo Tarn', initials: 'IT', email: `ivo-${email}` }]);
    const owner = await signedIn(email, `http://127.0.0.1:${port}`);

    const { jobId, roomId } = await newJob(owner, 1931, now());
    const surface = surfaceBody(roomId);
    expect((await owner.post(`/api/jobs/${jobId}/surfaces`, surface)).status).toBe(201);
    const { input, plan } = (await owner.get(`/api/jobs/${jobId}/plan`)).body;
    expect(plan.status).toBe('feasible');
    expect(brokenRules(input, plan)).toEqual([]);
    expect(Date.parse(plan.steps[0].start)).toBeGreaterThanOrEqual(now().getTime() - 5 * MINUTE_MS);
    expect((await owner.post(`/api/jobs/${jobId}/plan`, { id: uuid() })).status).toBe(201);

    const family = await logToFirstCoat(owner, jobId, surface.id, input.surfaces[0].steps, now());
    const after = (await owner.get(`/api/jobs/${jobId}/plan`)).body;
    expect(after.job.status).toBe('active');
    expect(after.plan.status).toBe('feasible');
    // Laid far too heavy in the cold, the coat opens days after its label says.
    const laid = after.plan.steps.find((s: { id: string }) => s.id === family.stepId);
    const openMin = (Date.parse(laid.recoatFrom) - Date.parse(laid.end)) / MINUTE_MS;
    expect(openMin).toBeGreaterThan(2 * family.recoatMin);
    for (const page of ['today', 'aftercare', `jobs/${jobId}`, `jobs/${jobId}/price`, `surfaces/${surface.id}`])
      expect([page, (await owner.get(`/api/${page}`)).status]).toEqual([page, 200]);
    expect((await owner.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });
});

interface PlannedStep {
  id: string;
  drying?: { family?: string; recoatMin: number };
}

/** Logs everything up to the first coat, and that coat heavy, in cold, damp air. */
async function logToFirstCoat(
  owner: Awaited<ReturnType<typeof signedIn>>,
  jobId: string,
  surfaceId: string,
  steps: readonly PlannedStep[],
  at: Date,
): Promise<{ stepId: string; recoatMin: number }> {
  const products = (await owner.get('/api/shelf')).body as { id: string; family: string }[];
  for (const { id: stepId, drying } of steps) {
    const said = { id: uuid(), surfaceId, stepId, startedAt: at.toISOString(), endedAt: at.toISOString() };
    const product = drying?.family && products.find((p) => p.family === drying.family);
    const coat = product && {
      productId: product.id,
      batch: 'C7',
      temperatureC: 11,
      relativeHumidityPct: 80,
      wetFilmUm: 900,
    };
    const answer = await owner.post(`/api/jobs/${jobId}/work`, { ...said, ...(coat || {}) });
    expect(answer).toMatchObject({ status: 201 });
    if (coat) return { stepId, recoatMin: drying.recoatMin };
  }
  throw new Error('the surface has no coat');
}
