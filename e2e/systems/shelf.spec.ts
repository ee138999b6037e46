import { readFile } from 'node:fs/promises';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

const HEADER = 'name,maker,family,spreadM2PerL,tins';

test('a file of products is looked at, its bad rows listed, and taken in only when accepted; again it changes nothing', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/shelf/file');
  const file = {
    name: 'winter.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`${HEADER}\nWinterlee,Oxmere,acrylic-wall,12.5,5: 6200\nWrongun,Oxmere,wallpaint,12,5: 6200\n`),
  };
  const input = page.getByLabel(/A table .CSV. or JSON/);
  await input.setInputFiles(file);
  await expect(page.getByText('winter.csv: 1 new, 0 changed, 0 as they are. Nothing is taken in yet.')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Rows that cannot be read' })).toContainText('Row 2');
  await page.getByRole('button', { name: 'Take the rest in' }).click();
  await expect(page.getByRole('status')).toContainText('1 new, 0 changed, 0 as they were, 1 left out');
  await input.setInputFiles(file);
  await expect(page.getByText('0 new, 0 changed, 1 as they are')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Nothing to take in' })).toBeDisabled();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'As a table (CSV)' }).click(),
  ]);
  expect(await readFile(await download.path(), 'utf8')).toContain('Winterlee');
});

test('a product: a tin is noted and weighed, a claim is believed and then refuted', async ({ page }) => {
  await signIn(page);
  await page.goto('/shelf');
  await page.getByLabel('Narrow to').fill('newel');
  await page.getByRole('link', { name: 'Newel' }).click();
  await page.getByRole('button', { name: 'Note a tin' }).click();
  await page.getByLabel('Batch').fill('SG-77');
  await page.getByLabel('Litres').fill('2,5');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.locator('footer')).toContainText('in the van 2.5 L');
  await page.getByRole('button', { name: 'Weigh it' }).click();
  await page.getByLabel('Litres left').fill('1.1');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.locator('footer')).toContainText('in the van 1.1 L');
  await page.getByRole('button', { name: 'Note a claim' }).click();
  await page.getByLabel('What the label claims').fill('Covers in one.');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('believed, not tried')).toBeVisible();
  await page.getByRole('button', { name: 'It came out so' }).click();
  await page.getByLabel('What was seen').fill('It took three.');
  await page.getByRole('button', { name: 'refuted' }).click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('It took three.')).toBeVisible();
  await page.goto('/shelf');
  await page.keyboard.press('v');
  await expect(page.getByRole('row').filter({ hasText: 'Newel' })).toContainText('a claim refuted');
});

test('the jobs ahead: the fewest products, each with what it is for', async ({ page }) => {
  await signIn(page);
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'For the jobs ahead' }).click();
  await expect(page.getByRole('heading', { name: 'For the jobs ahead' })).toBeVisible();
  const first = page.locator('main details').first();
  await first.locator('summary').click();
  await expect(first.getByRole('listitem').first()).toBeVisible();
  await expect(page.locator('footer')).toContainText(/products \d+/);
});

test('the firm says drywall: so does every page, and nothing that people wrote changes', async ({ page }) => {
  await signIn(page);
  await page.goto('/rules');
  const words = page.getByRole('group', { name: 'Board on walls' });
  await words.getByRole('button', { name: 'drywall' }).click();
  await expect(words.getByRole('button', { name: 'drywall', pressed: true })).toBeVisible();
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Corncrake Granary', exact: true }).click();
  await expect(page.getByText('ceiling, drywall')).toBeVisible();
  await page.goto('/rules');
  await words.getByRole('button', { name: 'plasterboard' }).click();
  await expect(words.getByRole('button', { name: 'plasterboard', pressed: true })).toBeVisible();
});
