import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { openJob, signIn, settled } from '../signIn.ts';
import { expect, test } from '../test.ts';

const PLACES = [
  'today',
  'jobs',
  'drying',
  'aftercare',
  'aftercare/calendar',
  'aftercare/rounds',
  'aftercare/held',
  'trials',
  'shelf',
  'shelf/coming',
  'shelf/file',
  'shelf/reckon',
  'shelf/products/fettlewick-son-amberstop',
  'calendar',
  'practice',
  'rules',
];

/** What can be pressed and is lower than a thumb is wide, on the page itself. */
const tooSmall = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('main :is(button, a[href], select, summary)')]
      .filter((one) => one.getClientRects().length > 0 && one.getBoundingClientRect().height < 43.5)
      .map((one) => `${one.tagName} ${one.innerText || one.getAttribute('aria-label')}`),
  );

test('every place reads without fault, in paper and in lamp, and nothing runs off the page', async ({ page }, info) => {
  test.setTimeout(600_000);
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  await signIn(page);
  const check = async (where: string) => {
    const { violations } = await new AxeBuilder({ page })
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
      .analyze();
    expect([where, await page.locator('h1').count()]).toEqual([where, 1]);
    expect(violations.map((v) => `${where}: ${v.id}: ${v.nodes[0]?.target.join(' ')}`)).toEqual([]);
    if (info.project.name === 'site') expect([where, await tooSmall(page)]).toEqual([where, []]);
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
    ).toBeLessThanOrEqual(0);
  };
  for (const place of PLACES) {
    await page.goto(`/${place}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await settled(page);
    await check(place);
  }
  await openJob(page, "Ferrykeeper's House");
  await check('job');
  const job = page.url();
  for (const view of ['price', 'shopping', 'papers/quote', 'papers/job-pack']) {
    await page.goto(`${job}/${view}`);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await check(view);
  }
  await openJob(page, "Ferrykeeper's House");
  for (const open of await page.getByRole('button', { name: 'Sketch' }).all()) await open.click();
  await check('job, walls unfolded');
  await page.getByRole('button', { name: 'Walk round' }).click();
  await expect(page.getByRole('region', { name: 'Spirit rub' })).toBeVisible();
  await check('walk-round');
  await page.goBack();
  await page.getByRole('region', { name: 'Scullery' }).getByRole('link', { name: 'Joints' }).click();
  await page
    .getByRole('button', { name: /Basin or sink to wall/ })
    .last()
    .click();
  await expect(page.getByRole('list', { name: 'What may be done about it' })).toBeVisible();
  await check('joints');
  await page.goto('/practice');
  for (const drill of [/By head/, /A door back/, /A week of weather/, /Patches by eye/]) {
    await page.getByRole('button', { name: drill }).click();
    await expect(page.getByRole('button', { name: 'See what is so' })).toBeVisible();
    await check(`drill ${drill.source}`);
  }
  await page.goto('/trials');
  await page.getByRole('link', { name: 'Which primer holds on the foil' }).click();
  await expect(page.getByRole('heading', { name: 'What held' })).toBeVisible();
  await check('trial');
  await openJob(page, 'The Net Loft');
  await page.getByRole('button', { name: 'More ▾' }).click();
  await page.getByRole('menuitem', { name: 'Season’s round' }).click();
  await expect(page.getByRole('heading', { name: 'South elevation' })).toBeVisible();
  await check('round');
  await openJob(page, "Ferrykeeper's House");
  await page.getByRole('link', { name: 'Panelling below the rail' }).click();
  await expect(page.getByRole('heading', { name: 'What goes on it' })).toBeVisible();
  await check('surface');
  await page.getByRole('button', { name: /^Caulk/ }).click();
  await page.getByRole('button', { name: 'left out', exact: true }).click();
  await expect(page.getByRole('region', { name: 'What follows' })).toContainText('in 100');
  await check('surface, what if');
  await page.getByRole('link', { name: 'The schools side by side' }).click();
  await expect(page.getByRole('heading', { name: 'The schools side by side' })).toBeVisible();
  await check('schools');
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'What goes on it' })).toBeVisible();
  await page.evaluate(() => localStorage.setItem('rustic-ledger-theme', 'lamp'));
  await page.reload();
  await expect(page.getByRole('heading', { name: 'What goes on it' })).toBeVisible();
  await check('surface by the lamp');
  expect(errors).toEqual([]);
});

test('works without a mouse: keys for places and acts, the list, finding', async ({ page }, info) => {
  test.skip(info.project.name === 'site', 'keys are for the desk');
  await signIn(page);
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { name: 'Drying plan', level: 1 })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Find anything');
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: 'Find a job or a surface' }).fill('dado');
  await expect(page.getByRole('option', { name: /Dado/ })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Dado, embossed paper' })).toBeVisible();
  await page.keyboard.press('t');
  await expect(page.getByRole('region', { name: 'Record a test' })).toBeVisible();
});

test('a wrong password and a lost server are said plainly', async ({ page, context }) => {
  await page.goto('/');
  await page.getByLabel('Address').fill('somebody@nowhere.example');
  await page.getByLabel('Password').fill('wrong');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('do not go together');
  await signIn(page);
  await openJob(page, 'Number 4 Ropewalk');
  await page.getByRole('button', { name: 'Room', exact: true }).click();
  await page.getByLabel('Room', { exact: true }).fill('Box room');
  await page.getByLabel('Length').fill('2.4');
  await page.getByLabel('Width').fill('2');
  await context.setOffline(true);
  await page.getByRole('button', { name: /^Add \d surfaces/ }).click();
  await expect(page.getByRole('alert')).toContainText('does not answer');
  await expect(page.getByLabel('Room', { exact: true })).toHaveValue('Box room');
  await context.setOffline(false);
  await page.getByRole('button', { name: /^Add \d surfaces/ }).click();
  await expect(page.getByRole('heading', { name: 'Box room' }).first()).toBeVisible();
});

test('the lamp follows the device until somebody chooses, and then stays as it was chosen', async ({ page }) => {
  const theme = () => page.evaluate(() => document.documentElement.dataset['theme']);
  await page.emulateMedia({ colorScheme: 'dark' });
  await signIn(page);
  expect(await theme()).toBe('lamp');
  await page.emulateMedia({ colorScheme: 'light' });
  await expect.poll(theme).toBe('paper');
  await page.keyboard.press('l');
  await expect.poll(theme).toBe('lamp');
  await page.reload();
  await expect.poll(theme).toBe('lamp');
  await page.emulateMedia({ colorScheme: 'light' });
  expect(await theme()).toBe('lamp');
});
