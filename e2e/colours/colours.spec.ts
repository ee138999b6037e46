import { readFile } from 'node:fs/promises';
import { parlour } from '../aftercare/houses.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('a colour is named from a card, and the shopping list orders it by that name', async ({ page }, info) => {
  await signIn(page);
  const job = await parlour(page, `Colours, ${info.project.name}`);
  await page.goto(`${job}/colours`);
  const door = page.getByRole('listitem').filter({ hasText: 'Parlour, Door' }).first();
  await expect(door).toContainText('very deep greyed blue: ask what it is called before it is ordered');
  await expect(page.locator('footer')).toContainText(/not named yet\s*2|2\s*not named yet/);
  // The firm's own card has this very swatch.
  await page.getByRole('button', { name: 'It is Slip Lane Rail, S 301, Quillbeck' }).click();
  await expect(page.getByRole('heading', { name: 'Slip Lane Rail' })).toBeVisible();
  // The other is named by hand, and what cannot be is said beside it.
  await page.getByRole('button', { name: 'Name it' }).click();
  const form = page.getByRole('form', { name: 'Name the colour' });
  await form.getByLabel('Name, as the client says it').fill('slip lane rail');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form).toContainText('is the name of another colour of this job');
  await form.getByLabel('Name, as the client says it').fill('Grandmother’s cream');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('heading', { name: 'Grandmother’s cream' })).toBeVisible();
  await page.getByRole('button', { name: 'Shopping' }).click();
  await expect(page.getByText('Slip Lane Rail, S 301, Quillbeck').first()).toBeVisible();
  await expect(page.getByText('Grandmother’s cream').first()).toBeVisible();
  await expect(page.locator('main')).not.toContainText(/#[0-9a-f]{6}/i);
});

test('a swatch is changed for a chip, and its surface follows', async ({ page }, info) => {
  await signIn(page);
  const job = await parlour(page, `Another blue, ${info.project.name}`);
  await page.goto(`${job}/colours`);
  const door = page.getByRole('listitem').filter({ hasText: 'Parlour, Door' }).first();
  await door.getByRole('button', { name: 'Name it' }).click();
  const form = page.getByRole('form', { name: 'Name the colour' });
  await form.getByRole('combobox', { name: 'From a colour card' }).fill('harbour ink');
  await page.getByRole('option', { name: /Harbour Ink/ }).click();
  await expect(form).toContainText('The swatch changes: its surface follows');
  await form.getByRole('button', { name: 'Keep' }).click();
  const ink = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Harbour Ink' }) });
  await expect(ink).toContainText('Parlour, Door');
});

test('a surface takes its colour by name', async ({ page }, info) => {
  await signIn(page);
  const job = await parlour(page, `By name, ${info.project.name}`);
  await page.goto(job);
  await page
    .getByRole('button', { name: /^(Add a surface|Surface)/ })
    .first()
    .click();
  const form = page.getByRole('form', { name: 'Add a surface' });
  await form.getByLabel('Name', { exact: true }).fill('Picture rail');
  await form.getByRole('combobox', { name: 'Chosen from a card' }).fill('sluice');
  await page.getByRole('option', { name: /Sluice Door/ }).click();
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('heading', { name: 'Picture rail', level: 1 })).toBeVisible();
  await page.goto(`${job}/colours`);
  const sluice = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Sluice Door' }) });
  await expect(sluice).toContainText('Parlour, Picture rail');
});

test('a card is brought in from a file, with what cannot be read named, and taken along as swatches', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/shelf/colours');
  await page.getByLabel('Bring a card in').setInputFiles({
    name: 'Oxmere winter.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('name,code,r,g,b\nLow Sun,OX 7,217,164,65\nNo colour,OX 8,,,\n'),
  });
  const form = page.getByRole('form', { name: 'Keep the card' });
  await expect(form).toContainText('1 entry cannot be read and would be left out');
  await expect(form).toContainText('2: No colour: its colour cannot be read');
  await form.getByLabel('Whose colours').fill('Oxmere');
  await form.getByRole('button', { name: 'Keep 1 colour' }).click();
  const line = page.getByRole('listitem').filter({ hasText: 'Oxmere winter' });
  await expect(line).toContainText('Oxmere, 1 colour');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    line.getByRole('button', { name: 'As swatches (.ase)' }).click(),
  ]);
  const file = await readFile(await download.path());
  expect(file.subarray(0, 4).toString()).toBe('ASEF');
  await line.getByRole('button', { name: 'Put away' }).click();
  await expect(line).toHaveCount(0);
});
