import type { Page } from '@playwright/test';
import { oilSkirting } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

const ENTRIES = 4000;

/** The ledger of a job as if its acts had been written a thousand times over. */
async function longLedger(page: Page, job: string): Promise<void> {
  await page.route(`**/api${job}/ledger`, async (route) => {
    const written = (await (await route.fetch()).json()) as { seq: number }[];
    const many = Array.from({ length: ENTRIES }, (_, i) => ({ ...written[i % written.length]!, seq: i + 1 }));
    await route.fulfill({ json: many });
  });
}

test('a ledger of thousands of entries draws those in sight, is read to its end, and prints whole', async ({
  page,
}) => {
  await signIn(page);
  const { job } = await oilSkirting(page, 'Long record');
  await longLedger(page, job);
  await page.goto(`${job}/ledger`);
  const table = page.getByRole('table');
  await expect(table.getByRole('cell', { name: String(ENTRIES), exact: true })).toBeVisible();
  const drawn = () => table.locator('tbody tr').count();
  expect(await drawn()).toBeLessThan(120);
  await expect(table).toHaveAttribute('aria-rowcount', String(ENTRIES + 1));

  // To its very beginning, however high each entry turns out to be.
  await expect
    .poll(async () => {
      await page.evaluate(() => document.querySelector('main')!.scrollTo({ top: 1e9 }));
      return table.getByRole('cell', { name: '1', exact: true }).isVisible();
    })
    .toBe(true);
  expect(await drawn()).toBeLessThan(120);

  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  expect(await drawn()).toBe(ENTRIES);
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect.poll(drawn).toBeLessThan(120);
});
