import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { oilSkirting } from '../setUp.ts';
import { openNewJob, signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

const money = (text: string) => Number(text.replace(/[^\d.]/g, ''));

/** From the tenth to the ninetieth, as the fan says it aloud. */
async function fanWidth(page: Page): Promise<number> {
  const fan = page.getByRole('img', { name: /in eight jobs of ten/ });
  await expect(fan).toBeVisible();
  const said = /Between (\S+) and (\S+) in eight/.exec((await fan.getAttribute('aria-label'))!)!;
  return money(said[2]!) - money(said[1]!);
}

async function measuredHall(page: Page, title: string): Promise<string> {
  await openNewJob(page, title);
  await page.getByRole('button', { name: 'Room', exact: true }).click();
  const form = page.getByRole('form', { name: 'A whole room' });
  await form.getByLabel('Room', { exact: true }).fill('Hall');
  await form.getByLabel('Length').fill('5.4');
  await form.getByLabel('Width').fill('2.6');
  await form.getByRole('button', { name: /^Add \d surfaces/ }).click();
  await expect(page.getByRole('heading', { name: 'Hall' })).toBeVisible();
  return page.url();
}

async function newClient(page: Page, link: string): Promise<Page> {
  const fresh = await page.context().browser()!.newContext({ viewport: page.viewportSize() });
  const client = await fresh.newPage();
  await client.goto(link);
  return client;
}

/** Looks at what the client will see, sends it, and goes back to the price with the link that was given once. */
async function lookAndSend(page: Page): Promise<string> {
  await page.getByRole('button', { name: /^Send/ }).click();
  await expect(page.getByText('This is what the client will see.')).toBeVisible();
  await page.getByRole('button', { name: /^Send it/ }).click();
  const link = await page.getByLabel(/Give this to the client/).inputValue();
  await page.getByRole('link', { name: 'Back to the price' }).click();
  return link;
}

test('from a measured room to an agreement, and a change that asks again', async ({ page }, info) => {
  await signIn(page);
  const job = await measuredHall(page, `Price, ${info.project.name}`);
  // Doors measured by their pattern: the size follows, with how it came about.
  await page.getByRole('button', { name: 'Add a surface' }).click();
  const form = page.getByRole('form', { name: 'Add a surface' });
  await form.getByRole('textbox', { name: 'Name' }).fill('Cupboard doors');
  await form.getByLabel('Element').selectOption('door');
  await form.getByLabel('Made of').selectOption('softwood');
  await form.getByLabel('It is').selectOption('doors');
  await form.getByLabel('Pattern').selectOption('six-panel');
  await form.getByLabel('How many').fill('6');
  await form.getByLabel('both sides').check();
  await expect(form.getByRole('status')).toContainText('six panels');
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Cupboard doors', level: 1 })).toBeVisible();
  const doors = page.url();

  await page.goto(`${job}/price`);
  const wide = await fanWidth(page);
  const total = page.getByRole('contentinfo');
  await expect(total).toContainText('to pay');
  await page.goto(doors);
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByRole('button', { name: 'Nothing on the rag' }).first().click();
  await expect(
    page
      .getByText(/oil paint/i)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
  await page.goto(`${job}/price`);
  expect(await fanWidth(page)).toBeLessThan(wide * 0.97);

  const link = await lookAndSend(page);
  await expect(page.getByText('Not agreed yet.')).toBeVisible();
  // Sent again with nothing changed, it is not sent.
  await page.getByRole('button', { name: 'Send anew' }).click();
  await page.getByRole('button', { name: 'Send it anew' }).click();
  await expect(page.getByRole('alert')).toContainText('Nothing has changed since');

  const client = await newClient(page, link);
  await expect(client.getByRole('heading', { level: 1 })).toHaveText(`Price, ${info.project.name}`);
  const { violations } = await new AxeBuilder({ page: client })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes[0]?.target.join(' ')}`)).toEqual([]);
  expect(await client.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(
    0,
  );
  // Asked first, and answered on the link.
  await client.getByRole('button', { name: 'Ask about something' }).click();
  await client.getByLabel('What would you like to know?').fill('Which day do you begin?');
  await client.getByRole('form', { name: 'Ask' }).getByLabel('Your name').fill('Ottoline Marsh');
  await client.getByRole('button', { name: 'Ask', exact: true }).click();
  await expect(client.getByRole('list', { name: 'Said so far' })).toContainText('Which day do you begin?');
  await page.goto('/today');
  await expect(page.getByRole('region', { name: /Clients to answer/ })).toContainText('Ottoline Marsh asks');
  await page.goto(`${job}/price`);
  await page.getByRole('textbox', { name: /^Answer Ottoline Marsh/ }).fill('On Monday at eight.');
  await page.getByRole('button', { name: 'Answer', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Said so far' })).toContainText('On Monday at eight.');
  await client.reload();
  await expect(client.getByText('On Monday at eight.')).toBeVisible();
  await client.getByLabel('Your name').fill('Ottoline Marsh');
  await client.getByRole('button', { name: /^I agree, / }).click();
  await expect(client.getByRole('status')).toContainText('Ottoline Marsh agreed');

  // A larger door: what was agreed no longer is what would be done.
  await page.goto(doors);
  await page.getByRole('button', { name: 'More ▾' }).click();
  await page.getByRole('menuitem', { name: 'Change' }).click();
  await page.getByLabel('How many').fill('9');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('button', { name: 'Keep' })).toHaveCount(0);
  await page.goto(`${job}/price`);
  await expect(page.getByText(/changed since it was agreed/)).toBeVisible();
  await page.getByRole('button', { name: 'Send anew' }).click();
  await page.getByRole('button', { name: 'Send it anew' }).click();
  await expect(page.getByText('It is sent.')).toBeVisible();
  await client.reload();
  await expect(client.getByRole('heading', { name: 'What has changed since you agreed' })).toBeVisible();
  await expect(client.getByText(/Cupboard doors: .* m² is now /)).toBeVisible();
  await expect(client.getByRole('button', { name: /^I agree, / })).toBeDisabled();
  await client.context().close();
});

test('a guessed link and a closed one show nothing of anybody', async ({ page }, info) => {
  await signIn(page);
  const { job } = await oilSkirting(page, `Link, ${info.project.name}`);
  await page.goto(`${job}/price`);
  const link = await lookAndSend(page);
  const guess = link.slice(0, -4) + (link.endsWith('AAAA') ? 'BBBB' : 'AAAA');
  const client = await newClient(page, guess);
  await expect(client.getByRole('alert')).toContainText('There is nothing here.');
  await expect(client.getByText('Link,')).toHaveCount(0);
  await client.goto(link);
  await expect(client.getByText('Skirting').first()).toBeVisible();
  await page.getByRole('button', { name: 'Close the link' }).click();
  await expect(page.getByText('None is open.')).toBeVisible();
  await client.reload();
  await expect(client.getByRole('alert')).toContainText('There is nothing here.');
  await expect(client.getByText('Skirting')).toHaveCount(0);
  await client.context().close();
});

test('the shopping list is ticked off, and stays so', async ({ page }, info) => {
  test.skip(info.project.name === 'desk', 'it is ticked in the shop, on a phone');
  await signIn(page);
  const { job } = await oilSkirting(page, `Shopping, ${info.project.name}`);
  await page.goto(`${job}/shopping`);
  const first = page.getByRole('checkbox').first();
  const open = page.getByText('still to get');
  await expect(open).toBeVisible();
  const before = Number((await open.locator('strong').innerText()).trim());
  await first.check();
  await expect(open.locator('strong')).toHaveText(String(before - 1));
  const box = (await page.locator('main li').first().boundingBox())!;
  expect(box.height).toBeGreaterThanOrEqual(44);
  await page.reload();
  await expect(page.getByRole('checkbox').first()).toBeChecked();
  await page.getByRole('checkbox').first().uncheck();
  await expect(open.locator('strong')).toHaveText(String(before));
});

test('an option is offered, ticked by the client, and becomes the system', async ({ page }, info) => {
  test.skip(info.project.name === 'site', 'offered at the desk');
  await signIn(page);
  const { job, surface } = await oilSkirting(page, `Options, ${info.project.name}`);
  await page.goto(`${job}/price`);
  await page.getByRole('button', { name: 'Offer another way' }).click();
  await page.getByRole('checkbox').first().click();
  await expect(page.getByRole('checkbox').first()).toBeChecked();
  await expect(page.getByRole('heading', { name: 'Priced apart' })).toBeVisible();
  const client = await newClient(page, await lookAndSend(page));
  const agree = client.getByRole('button', { name: /^I agree, / });
  const plain = money(await agree.innerText());
  await client.getByRole('checkbox').first().check();
  expect(money(await agree.innerText())).not.toBe(plain);
  await client.getByLabel('Your name').fill('Barnaby Fisk');
  await agree.click();
  await expect(client.getByRole('status')).toContainText('Barnaby Fisk agreed');
  await client.context().close();
  await page.goto(surface);
  await expect(page.getByText('Barnaby Fisk').first()).toBeVisible();
});

test('a paper is read, printed and taken away', async ({ page }, info) => {
  test.skip(info.project.name === 'site', 'papers are for the desk');
  await signIn(page);
  const { job } = await oilSkirting(page, `Papers, ${info.project.name}`);
  await page.goto(`${job}/papers/quote`);
  await expect(page.getByRole('heading', { name: 'Specification and quote' }).first()).toBeVisible();
  const [pdf] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'PDF' }).click()]);
  expect(pdf.suggestedFilename()).toMatch(/^specification-and-quote.*\.pdf$/);
  await page.getByRole('button', { name: 'Labels' }).click();
  await expect(page.getByText('Batch ').first()).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('article')).toBeVisible();
});

test('the pocket reckoner says its own arithmetic, in the units of whoever asks', async ({ page }, info) => {
  test.skip(info.project.name === 'site', 'the same cards');
  await signIn(page);
  await page.goto('/shelf/reckon');
  const said = page.getByRole('status');
  await expect(said).toContainText('40 m² × 2 ÷ 11 m² per litre');
  await page.getByLabel('Coats').fill('three');
  await expect(said).toContainText('cannot be read yet');
  for (const card of ['Tins', 'Two-part mix', 'Wet to dry film', 'Dew point', 'Drying in this air', 'Even spacing']) {
    await page.getByRole('button', { name: card }).click();
    await expect(said).toContainText(/\d/);
    await expect(page.locator('main svg').first()).toBeVisible();
  }
  await page.getByLabel('How many').fill('400');
  await expect(said).toContainText('They do not fit');
  await expect(said).toContainText(/At most \d+ fit/);
});
