import type { Page } from '@playwright/test';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

/** Settles the surface that is open, and opens the next. */
async function settle(page: Page, name: string, treatAs: string, sure: number): Promise<void> {
  const surface = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('button', { name, exact: false }) })
    .first();
  const head = surface.locator('button[aria-expanded]');
  if ((await head.getAttribute('aria-expanded')) === 'false') await head.click();
  await surface.getByLabel('What you would do').selectOption({ label: treatAs });
  await surface.getByLabel(/How sure you are/).fill(String(sure));
  await expect(head).toContainText(`${treatAs}, ${sure} in 100`);
}

test('a room is tested, settled and played forward; what was judged is kept for oneself alone', async ({ page }) => {
  await signIn(page);
  await page.goto('/practice');
  const footer = page.locator('footer');
  await expect(footer).toContainText('minutes of testing 0');
  const play = page.getByRole('button', { name: 'Play it forward' });
  await expect(play).toBeDisabled();
  // A test costs its minutes, and what it showed stands at its surface.
  await page.getByRole('button', { name: /^Spirit rub, \d+ min$/ }).click();
  await expect(footer).toContainText('tests 1');
  await expect(page.getByText(/^Spirit rub: /)).toBeVisible();

  const heads = page.locator('main button[aria-expanded]');
  const count = await heads.count();
  expect(count).toBeGreaterThan(1);
  for (let i = 0; i < count; i += 1) {
    const name = (await heads.nth(i).locator('strong').innerText()).replace(/\d.*$/, '').trim();
    await settle(page, name, 'strip the wax', 80);
  }
  await play.click();
  await expect(footer).toContainText(`of ${count}`);
  await expect(page.getByText(/^You would strip the wax, 80 in 100\./).first()).toBeVisible();
  await expect(page.getByText(/costs about .* against knowing it/).first()).toBeVisible();
  await expect(page.getByText(/^On the same tests the engine would/).first()).toBeVisible();
  const record = page.getByRole('region', { name: 'How you do' });
  await expect(record).toContainText(/of \d/);
  await expect(record).toContainText(/After ten surfaces|You are too sure/);
  await expect(record).toContainText('Nobody but you sees it.');
  await page.reload();
  await expect(record).toContainText(/of \d/);
  await record.getByRole('button', { name: 'Show the others how you do' }).click();
  await expect(record.getByRole('button', { name: 'The others see how you do' })).toBeVisible();
  await record.getByRole('button', { name: 'The others see how you do' }).click();
  await expect(record).toContainText('Nobody but you sees it.');
});

test('another room is another, and the room of the week is the same for all', async ({ page }) => {
  await signIn(page);
  await page.goto('/practice');
  await page.getByRole('button', { name: /^Spirit rub, \d+ min$/ }).click();
  await expect(page.locator('footer')).toContainText('tests 1');
  await page.getByRole('button', { name: 'Another room' }).click();
  await expect(page.locator('footer')).toContainText('tests 0');
  await page.getByRole('button', { name: 'The room of the week' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('the room of the week');
});
