import { randomUUID as uuid } from 'node:crypto';
import { oilSkirting, send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('what is typed is there again after another page and a reload, until it is thrown away or kept', async ({
  page,
}) => {
  await signIn(page);
  const { job } = await oilSkirting(page, 'Half typed');
  await page.goto(job);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('h');
  const form = page.getByRole('form', { name: 'The house' });
  await form.getByLabel('Who lives there').fill('two cats and a lodger');
  await page.goto('/today');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.goto(job);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('h');
  await expect(form.getByText('What you typed before is here again.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('h');
  await expect(form.getByLabel('Who lives there')).toHaveValue('two cats and a lodger');
  await form.getByRole('button', { name: 'Begin anew' }).click();
  await expect(form.getByLabel('Who lives there')).toHaveValue('');
  await form.getByLabel('Who lives there').fill('a lodger');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form).toHaveCount(0);
  await page.keyboard.press('h');
  await expect(form.getByLabel('Who lives there')).toHaveValue('a lodger');
  await expect(form.getByText('What you typed before is here again.')).toHaveCount(0);
});

test('letters rest while something is filled in, wherever the focus is', async ({ page }) => {
  await signIn(page);
  const { job } = await oilSkirting(page, 'Keys rest');
  await page.goto(job);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('h');
  const form = page.getByRole('form', { name: 'The house' });
  await form.getByRole('button', { name: 'Keep' }).focus();
  await page.keyboard.press('4');
  await page.keyboard.press('p');
  await expect(page).toHaveURL(new RegExp(`${job}$`));
  await expect(form).toBeVisible();
  await form.getByRole('button', { name: 'Leave it' }).click();
  await page.keyboard.press('4');
  await expect(page).toHaveURL(/aftercare/);
});

test('of two who change the same thing, the second keeps what was typed, sees that theirs stands, and decides', async ({
  page,
}) => {
  await signIn(page);
  const { job, surface } = await oilSkirting(page, 'Two at once');
  await page.goto(surface);
  await expect(page.getByRole('heading', { name: 'Skirting', level: 1 })).toBeVisible();
  await page.keyboard.press('e');
  const form = page.getByRole('form', { name: 'Change the surface' });
  await form.getByLabel('Name').fill('Skirting, mine');
  const id = surface.split('/')[4]!;
  await send(page, 'PATCH', `surfaces/${id}`, { id: uuid(), version: 1, name: 'Skirting, theirs' });
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form.getByRole('alert')).toContainText('yours is still on this page');
  await expect(form.getByText('Theirs, Skirting, theirs, stands on the page')).toBeVisible();
  await expect(form.getByLabel('Name')).toHaveValue('Skirting, mine');
  await expect(page.getByRole('heading', { name: 'Skirting, theirs', level: 1 })).toBeVisible();
  await form.getByRole('button', { name: 'Mine goes over it' }).click();
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('heading', { name: 'Skirting, mine', level: 1 })).toBeVisible();
  expect(job).toBeTruthy();
});
