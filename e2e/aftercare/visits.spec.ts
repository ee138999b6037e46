import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { settled, signIn } from '../signIn.ts';
import { finishedRail } from './houses.ts';
import { expect, test } from '../test.ts';

async function clean(page: Page, where: string) {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => `${where}: ${v.id}: ${v.nodes[0]?.html}`)).toEqual([]);
  const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(over, where).toBeLessThanOrEqual(0);
}

test('a year after hand-over the joints are looked at, and the coat waits for its season', async ({ page }, info) => {
  await signIn(page);
  const title = `Looked at ${info.project.name}`;
  const job = await finishedRail(page, title, 367);
  await page.goto('/aftercare');
  const due = page.getByRole('region', { name: 'Look at now' }).getByRole('listitem').filter({ hasText: title });
  await expect(due).toHaveCount(1);
  await expect(due).toContainText('Check the joints after the first full year');
  await due.getByRole('button', { name: 'Looked at' }).click();
  const form = page.getByRole('form', { name: 'What was seen' });
  await expect(form.getByRole('button', { name: 'Write it down' })).toBeDisabled();
  await form.getByRole('button', { name: 'It does not' }).click();
  await expect(form.getByRole('link', { name: /mark the fault/ })).toBeVisible();
  await form.getByRole('button', { name: 'It holds' }).click();
  await form.getByLabel('What was seen').fill('tight');
  await form.getByRole('button', { name: 'Write it down' }).click();
  await expect(due).toHaveCount(0);
  const toCome = page.getByRole('region', { name: 'Visits to come' }).getByRole('listitem').filter({ hasText: title });
  await expect(toCome.filter({ hasText: 'give the last coat' })).toBeVisible();

  await page.goto(`${job}/papers/care-sheet`);
  await expect(page.getByRole('heading', { name: 'What we look at again' })).toBeVisible();
  await page.goto(`${job}/ledger`);
  await expect(page.getByRole('table').getByText(/it holds: tight/)).toBeVisible();
});

test('what is due is put on the map, grouped into a round, fixed, written to the client, and stands on the calendar', async ({
  page,
}, info) => {
  await signIn(page);
  const title = `Rounded ${info.project.name}`;
  await finishedRail(page, title, 380);
  await page.goto('/aftercare/rounds');
  const unplaced = page
    .getByRole('region', { name: 'Not on the map yet' })
    .getByRole('listitem')
    .filter({ hasText: title });
  await unplaced.getByRole('button', { name: 'Say where it is' }).click();
  const map = page.getByRole('img', { name: `Where ${title} stands` });
  await map.scrollIntoViewIfNeeded();
  await map.click({ position: { x: 120, y: 90 } });
  await expect(unplaced).toHaveCount(0);

  await expect(page.getByRole('heading', { name: /^(One round|\d+ rounds)/ })).toBeVisible({ timeout: 30_000 });
  // Found and proved: nothing moves any more. The round with this stop is the first that is opened and names it.
  await expect(page.getByLabel('Running totals')).toContainText(/at the least\s+\d/, { timeout: 60_000 });
  const stop = page.locator('ol > li').filter({ hasText: title });
  const heads = page.getByRole('button', { name: /on the way/ });
  const many = await heads.count();
  for (let i = 0; i < many; i++) {
    await heads.nth(i).click();
    await expect(heads.nth(i)).toHaveAttribute('aria-expanded', 'true');
    if (await stop.count()) break;
  }
  await settled(page);
  await clean(page, 'rounds');
  await expect(stop).toContainText('Check the joints');
  await page.getByRole('button', { name: 'Fix this round' }).click();
  await page.getByLabel('Who drives it').selectOption({ label: 'Tobiah Lunt' });
  await page.getByRole('button', { name: /^Fix (the visit|all \d+ visits)/ }).click();
  await expect(stop).toHaveCount(0);

  await page.goto('/aftercare');
  const fixed = page.getByRole('region', { name: 'Fixed visits' }).getByRole('listitem').filter({ hasText: title });
  await expect(fixed).toContainText('Tobiah Lunt');
  await clean(page, 'due');
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    fixed.getByRole('link', { name: 'Calendar file' }).click(),
  ]);
  expect(calendar.suggestedFilename()).toBe('visits.ics');
  await fixed.getByRole('link', { name: 'Letters of its round' }).click();
  await expect(page.getByRole('heading', { name: 'Letters of a round' })).toBeVisible();
  await expect(page.getByText(new RegExp(title)).first()).toBeVisible();
  await page.goto('/aftercare');
  await fixed.getByRole('link', { name: 'Letter', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'We would like to look at our work' }).first()).toBeVisible();
  await expect(page.getByText(/check the joints after the first full year: Quay side, Rail/)).toBeVisible();

  await page.goto('/aftercare/calendar');
  await expect(page.getByRole('heading', { name: 'Calendar', level: 1 })).toBeVisible();
  if (info.project.name === 'desk')
    await expect(page.getByRole('img', { name: new RegExp(`${title}.*visit fixed`) })).toBeVisible();
  else await expect(page.getByRole('listitem').filter({ hasText: title }).filter({ hasText: 'fixed' })).toBeVisible();
  await clean(page, 'calendar');

  await page.goto('/aftercare');
  await fixed.getByRole('button', { name: 'Call off' }).click();
  await fixed.getByLabel('Why it is called off').fill('the client is away');
  await fixed.getByRole('button', { name: 'Call it off' }).click();
  await expect(fixed).toHaveCount(0);
});

test('what held is shown with how sure it is, and counts once the owner lets it', async ({ page }) => {
  await signIn(page);
  await page.goto('/aftercare/held');
  await expect(page.getByRole('region', { name: 'By system' }).getByRole('listitem').first()).toContainText(
    'in 100 a year',
  );
  await expect(page.getByRole('region', { name: 'What came back' })).toContainText('Boatyard Stores');
  await clean(page, 'held');
  await page
    .getByRole('button', { name: /^Let it count/ })
    .first()
    .click();
  await expect(page.getByText(/Counts in the choice of systems as it stood/)).toBeVisible();
  await page.getByRole('button', { name: 'Let it count no more' }).click();
  await expect(page.getByText('Does not count in the choice of systems yet.')).toBeVisible();
});

test('a visit of today stands on the run sheet, and is closed there by whoever made it', async ({ page }, info) => {
  await signIn(page);
  const title = `Called on ${info.project.name}`;
  const job = await finishedRail(page, title, 370);
  await page.goto('/aftercare');
  const due = page.getByRole('region', { name: 'Look at now' }).getByRole('listitem').filter({ hasText: title });
  await due.getByRole('button', { name: 'Fix a visit' }).click();
  const form = page.getByRole('form', { name: `A visit to ${title}` });
  await form.getByLabel('Day').fill(new Intl.DateTimeFormat('en-CA', { timeZone: 'Europe/London' }).format(new Date()));
  await form.getByLabel('From').fill('07:15');
  await form.getByRole('checkbox').first().uncheck();
  await expect(form.getByRole('button', { name: 'Fix the visit' })).toBeDisabled();
  await form.getByRole('checkbox').first().check();
  await form.getByRole('button', { name: 'Fix the visit' }).click();
  await expect(form).toHaveCount(0);

  await page.goto('/today');
  const visit = page.getByRole('region', { name: 'Visits' }).getByRole('listitem').filter({ hasText: title });
  await expect(visit).toContainText('today, 07:15');
  await clean(page, 'today');
  await visit.getByRole('button', { name: 'Made', exact: true }).click();
  await visit.getByLabel('What was found').fill('two joints open');
  await visit.getByRole('button', { name: 'It was made' }).click();
  await expect(visit).toHaveCount(0);
  await page.goto(`${job}/ledger`);
  await expect(page.getByRole('table').getByText(/two joints open/)).toBeVisible();
});

test('a house where the rains come in summer is due in its own season', async ({ page }, info) => {
  await signIn(page);
  const title = `Rained on ${info.project.name}`;
  const job = await finishedRail(page, title, 40);
  const coat = async () => {
    await page.goto('/aftercare');
    const line = page.getByRole('region', { name: 'Visits to come' }).getByRole('listitem').filter({ hasText: title });
    return line.filter({ hasText: 'give the last coat' }).innerText();
  };
  const before = await coat();
  await page.goto(job);
  await page.getByRole('button', { name: 'More ▾' }).click();
  await page.getByRole('menuitem', { name: /The house/ }).click();
  const form = page.getByRole('form', { name: 'The house' });
  await form.getByLabel('How its year goes').selectOption({ label: 'Rains in summer, dry in winter' });
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form).toHaveCount(0);
  // In the year after, from the end of its first: October to April is dry there, the summer is not.
  const months = / (Jan|Feb|Mar|Apr|Oct|Nov|Dec) /;
  expect(await coat()).toMatch(months);
  expect(before.length).toBeGreaterThan(0);
});

test('a painter sees what is due and closes visits, but fixes none and lets nothing count', async ({
  page,
  browser,
}, info) => {
  await signIn(page);
  const title = `Watched ${info.project.name}`;
  await finishedRail(page, title, 371);
  const painter = await (await browser.newContext({ viewport: info.project.use.viewport! })).newPage();
  await painter.goto('/');
  await painter.getByLabel('Address').fill('mei@saltmarsh-thirle.example');
  await painter.getByLabel('Password').fill(process.env['DEMO_PASSWORD'] ?? 'high-water-mark');
  await painter.getByRole('button', { name: 'Sign in' }).click();
  await expect(painter.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  await painter.goto('/aftercare');
  const due = painter.getByRole('listitem').filter({ hasText: title }).filter({ hasText: 'Check the joints' });
  await expect(due.getByRole('button', { name: 'Looked at' })).toBeVisible();
  await expect(due.getByRole('button', { name: 'Fix a visit' })).toHaveCount(0);
  await painter.goto('/aftercare/rounds');
  await expect(painter.getByRole('heading', { name: /^(One round|\d+ rounds)/ })).toBeVisible({ timeout: 30_000 });
  await expect(painter.getByRole('button', { name: 'Fix this round' })).toHaveCount(0);
  await expect(painter.getByRole('button', { name: 'Say where it is' })).toHaveCount(0);
  await painter.goto('/aftercare/held');
  await expect(painter.getByRole('region', { name: 'By preparation' })).toBeVisible();
  await expect(painter.getByRole('button', { name: /^Let it count/ })).toHaveCount(0);
  await painter.context().close();
});
