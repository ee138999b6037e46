import { AxeBuilder } from '@axe-core/playwright';
import { readFileSync } from 'node:fs';
import { oilSkirting } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('a quote is written to the client, read in the post, and reminded of', async ({ page }, info) => {
  await signIn(page);
  const { job } = await oilSkirting(page, `Written to, ${info.project.name}`);
  await page.goto(`${job}/price/client`);
  await page.getByRole('button', { name: 'Send it', exact: true }).click();
  await expect(page.getByText('It is sent.')).toBeVisible();
  const form = page.getByRole('form', { name: 'E-mail it to the client' });
  await form.getByLabel('E-mail address of the client').fill('hesper@quill.example');
  await form.getByLabel(/In your own words/).fill('We could begin on the third.');
  await form.getByRole('button', { name: 'E-mail it to the client' }).click();
  await expect(page.getByText('Written to hesper@quill.example.')).toBeVisible();

  await page.getByRole('link', { name: 'To the post' }).click();
  await expect(page.getByRole('heading', { name: 'Post', level: 1 })).toBeVisible();
  const line = page.getByRole('button', { name: new RegExp(`Written to, ${info.project.name}.*hesper@quill.example`) });
  await line.click();
  await expect(page.getByText('We could begin on the third.')).toBeVisible();
  await expect(page.getByText(/Attached: specification-and-quote/)).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: /as a file/ }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/-quote-[0-9a-f]{8}\.eml$/);
  expect(readFileSync((await download.path())!, 'utf8')).toContain('To: hesper@quill.example');
  const faults = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa', 'best-practice']).analyze();
  expect(faults.violations.map((v) => `${v.id}: ${v.nodes[0]?.html}`)).toEqual([]);

  // Whoever was written to once is written to there again; the reminder says what it is of.
  await page.goto(`${job}/price`);
  await page.getByRole('button', { name: 'Remind the client' }).click();
  await expect(page.getByLabel('E-mail address of the client')).toHaveValue('hesper@quill.example');
  await page.getByRole('button', { name: 'Send the e-mail' }).click();
  await expect(page.getByText('Written to hesper@quill.example.')).toBeVisible();
  await page.goto(`${job}/ledger`);
  await expect(page.getByText(/reminder of a quote, to hesper@quill.example/)).toBeVisible();
});
