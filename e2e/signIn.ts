import { expect, type Page } from '@playwright/test';

/** Signs in as the demo's owner and waits for Today. */
export async function signIn(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Address').fill('ada@saltmarsh-thirle.example');
  await page.getByLabel('Password').fill(process.env['DEMO_PASSWORD'] ?? 'high-water-mark');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
}

/** Opens a job of the demo by its name, sought by it: the jobs of other tests may fill the first fifty. */
export async function openJob(page: Page, title: string): Promise<void> {
  await page.getByRole('link', { name: 'Jobs' }).filter({ visible: true }).first().click();
  await expect(page.getByText('jobs in hand')).toBeVisible();
  const find = page.getByLabel('Find a job');
  if (await find.isVisible()) await find.fill(title);
  // The row moves up once it alone is listed: a press while it moves would meet nothing.
  await expect(page.getByRole('table')).toHaveAttribute('aria-busy', 'false');
  await page.getByRole('link', { name: title, exact: true }).click();
  await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
}

/** Opens a job of its own, so that no test stands on another's record. */
export async function openNewJob(page: Page, title: string): Promise<void> {
  await page.getByRole('link', { name: 'Jobs' }).filter({ visible: true }).first().click();
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByLabel('Job', { exact: true }).fill(title);
  await page.getByRole('textbox', { name: 'Place' }).fill('Pellworth Staithe');
  await page.getByLabel('Year built, if known').fill('1934');
  await page.getByRole('button', { name: 'Open the job' }).click();
  await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
}

/** Once nothing is being fetched any more. The page's feed never rests, so silence cannot be waited for. */
export async function settled(page: Page): Promise<void> {
  await expect(page.getByText(/^(Fetching|Planning)/)).toHaveCount(0);
  await page.waitForTimeout(300);
}
