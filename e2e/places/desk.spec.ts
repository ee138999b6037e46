import { readFile } from 'node:fs/promises';
import { checkJobFile, verifyJobFile } from '@rustic/core';
import type { Page } from '@playwright/test';
import { openJob, openNewJob, signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test.beforeEach(async ({ page }, info) => {
  test.skip(info.project.name === 'site', 'what is done at the desk');
  await signIn(page);
});

const fromMenu = async (page: Page, act: string) => {
  await page.getByRole('button', { name: 'Ada Thirle ▾' }).click();
  await page.getByRole('menuitem', { name: act }).click();
};

test('feet and inches are read and shown by who wants them, and the record stays what it was', async ({ page }) => {
  await openNewJob(page, 'Reed House');
  await fromMenu(page, 'Feet and inches');
  await page.getByRole('button', { name: 'Room', exact: true }).click();
  const form = page.getByRole('form', { name: 'A whole room' });
  await form.getByLabel('Room', { exact: true }).fill('Study');
  await form.getByLabel('Length').fill(`13' 1 1/2"`);
  await form.getByLabel('Width').fill('10');
  await form.getByRole('button', { name: 'Add 5 surfaces' }).click();
  const ceiling = page.getByRole('region', { name: 'Study' }).getByRole('listitem').filter({ hasText: 'Ceiling' });
  await expect(ceiling).toContainText('131 sq ft');
  await fromMenu(page, 'Metres');
  await expect(ceiling).toContainText('12.19 m²');
  await page.reload();
  await expect(ceiling).toContainText('12.19 m²');
});

test('the place’s own date for lead lifts the warning or lays it, and two who change it are told', async ({
  page,
  context,
}) => {
  await openNewJob(page, 'Samphire Cottage');
  await page.getByRole('button', { name: 'Room', exact: true }).click();
  const form = page.getByRole('form', { name: 'A whole room' });
  await form.getByLabel('Room', { exact: true }).fill('Kitchen');
  await form.getByLabel('Length').fill('3');
  await form.getByLabel('Width').fill('3');
  await form.getByRole('button', { name: 'Add 5 surfaces' }).click();
  const warning = page.getByText('House of 1934.');
  await expect(warning).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  for (const tab of [page, other]) {
    await expect(tab.getByRole('heading', { name: 'Kitchen' })).toBeVisible();
    await tab.keyboard.press('h');
    await expect(tab.getByRole('form', { name: 'The house' })).toBeVisible();
  }
  const lead = 'Leaded until tested, if built before';
  // Both have begun to write: a form that nobody has touched would follow what the other keeps.
  await other.getByLabel(lead).fill('1992');
  await page.getByLabel(lead).fill('1930');
  await page.getByLabel(/Who lives there/).fill('two adults, a dog');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('form', { name: 'The house' })).toHaveCount(0);
  await expect(warning).toHaveCount(0);
  await other.getByRole('button', { name: 'Keep' }).click();
  await expect(other.getByRole('alert')).toContainText('Somebody changed this');
  await expect(other.getByLabel(lead)).toHaveValue('1992');
  await other.getByRole('button', { name: 'Theirs stays' }).click();
  await expect(other.getByRole('form', { name: 'The house' })).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Kitchen' })).toBeVisible();
  await page.keyboard.press('h');
  await expect(page.getByLabel(/Who lives there/)).toHaveValue('two adults, a dog');
});

test('a room is unfolded, and a window dragged to where it is stays there', async ({ page }) => {
  await openNewJob(page, 'Marsh End');
  await page.getByRole('button', { name: 'Room', exact: true }).click();
  const form = page.getByRole('form', { name: 'A whole room' });
  await form.getByLabel('Room', { exact: true }).fill('Parlour');
  await form.getByLabel('Length').fill('5');
  await form.getByLabel('Width').fill('4');
  await form.getByRole('button', { name: 'Add 5 surfaces' }).click();
  await page.getByRole('button', { name: 'Sketch' }).click();
  const sheet = page.getByRole('img', { name: /Walls unfolded/ });
  await expect(sheet).toBeVisible();
  const opening = sheet.locator('rect.cursor-ew-resize').first();
  const was = (await opening.boundingBox())!;
  await page.mouse.move(was.x + was.width / 2, was.y + was.height / 2);
  await page.mouse.down();
  await page.mouse.move(was.x + was.width / 2 + 30, was.y + was.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect.poll(async () => Math.round((await opening.boundingBox())!.x - was.x)).toBeGreaterThan(20);
  await page.reload();
  await page.getByRole('button', { name: 'Sketch' }).click();
  await expect.poll(async () => Math.round((await opening.boundingBox())!.x - was.x)).toBeGreaterThan(20);
});

test('the shelf is narrowed by name, maker or kind, and says when nothing is left', async ({ page }) => {
  await page.goto('/shelf');
  const rows = page.getByRole('table').getByRole('row');
  await expect(page.getByRole('table')).toBeVisible();
  const all = await rows.count();
  await page.getByLabel('Narrow to').fill('shellac');
  await expect.poll(() => rows.count()).toBeLessThan(all);
  await expect(page.getByRole('table')).toContainText('Amberstop');
  await page.getByLabel('Narrow to').fill('no such tin');
  await expect(page.getByText('Nothing on the shelf by that name.')).toBeVisible();
});

test('the whole job leaves as a file that stands without this application', async ({ page }) => {
  await openJob(page, "Ferrykeeper's House");
  await page.keyboard.press('g');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'without (JSON)' }).click(),
  ]);
  const file: unknown = JSON.parse(await readFile(await download.path(), 'utf8'));
  const shape = checkJobFile(file);
  expect(shape.surfaces).toBeGreaterThanOrEqual(8);
  expect(verifyJobFile(file)).toEqual({ whole: true, entries: shape.entries });
});

test('on paper there is the work and no buttons', async ({ page }) => {
  await openJob(page, "Ferrykeeper's House");
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: 'Stair hall' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add a surface' }).first()).toBeHidden();
  await expect(page.getByRole('link', { name: 'Today', exact: true })).toHaveCount(0);
});

test('signed out is out: the page is shut, in this tab and by the back button', async ({ page }) => {
  await openJob(page, "Ferrykeeper's House");
  const here = page.url();
  await fromMenu(page, 'Sign out');
  await expect(page.getByLabel('Password')).toBeVisible();
  await page.goBack();
  await expect(page.getByText('Panelling below the rail')).toHaveCount(0);
  await page.goto(here);
  await expect(page.getByLabel('Password')).toBeVisible();
});
