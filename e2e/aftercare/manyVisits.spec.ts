import { STAITHE } from '@rustic/core';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

const MANY = 18;

test('rounds of more visits than can be tried out are proven in the browser', async ({ page }) => {
  await signIn(page);
  // The firm's own list, and as many houses more as a firm of some years has.
  await page.route('**/api/aftercare', async (route) => {
    const response = await route.fetch();
    const data = await response.json();
    const [call] = data.calls;
    const numbers = Array.from({ length: MANY }, (_, i) => i);
    const jobs = numbers.map((i) => ({
      ...data.jobs[0],
      id: `many-${i}`,
      title: `House ${i}`,
      mapPlace: { x: (STAITHE.widthKm * (i % 6)) / 6, y: (STAITHE.heightKm * Math.floor(i / 6)) / 3 },
    }));
    const from = Date.parse(data.now) + 30 * 86_400_000;
    const when = { at: new Date(from).toISOString(), by: new Date(from + 60 * 86_400_000).toISOString() };
    const calls = numbers.map((i) => ({ ...call, ...when, jobId: `many-${i}`, subject: `many-${i}`, visitId: null }));
    await route.fulfill({
      response,
      json: { ...data, jobs: [...data.jobs, ...jobs], calls: [...data.calls, ...calls] },
    });
  });
  const solver = page.waitForResponse(/highs.*\.wasm/);
  await page.goto('/aftercare/rounds');
  expect((await solver).status()).toBe(200);
  const totals = page.getByLabel('Running totals');
  await expect(totals).toContainText(/at the least\s+\d/, { timeout: 60_000 });
  const [found, least] = await Promise.all(
    ['on the way', 'at the least'].map(async (words) => {
      const [, hours = '0', minutes = '0'] = new RegExp(`${words}\\s*(?:(\\d+) h)?\\s*(\\d+)?`).exec(
        await totals.innerText(),
      )!;
      return 60 * Number(hours) + Number(minutes);
    }),
  );
  expect(least).toBeLessThanOrEqual(found!);
  expect(least).toBeGreaterThan(found! * 0.8);
});
