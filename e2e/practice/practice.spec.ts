import type { Page } from '@playwright/test';
import { randomUUID as uuid } from 'node:crypto';
import { openJobOf, send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

/** Settles the surface that is open, and opens the next. */
async function settle(page: Page, name: string, treatAs: string, sure: number): Promise<void> {
  const surface = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('button', { name, exact: false }) })
    .first();
  const head = surface.locator('> button[aria-expanded]');
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

  const heads = page.locator('main li > button[aria-expanded]');
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
  await expect(record).toContainText(/After ten answers|You are too sure/);
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

test('drills: what is right is told with why, and is kept', async ({ page }) => {
  await signIn(page);
  await page.goto('/practice');
  const choose = page.getByRole('group', { name: 'What to practise' });
  const record = page.getByRole('region', { name: 'How you do' });

  await choose.getByRole('button', { name: /A door back by evening/ }).click();
  await expect(page.getByRole('heading', { name: 'A door back by evening', level: 1 })).toBeVisible();
  const finish = page.getByRole('button', { name: 'See what is so' });
  await expect(finish).toBeDisabled();
  const inTime = page.getByRole('button', { name: 'In time' });
  await expect(inTime).toHaveCount(4);
  for (let i = 0; i < 4; i += 1) await inTime.nth(i).click();
  await expect(page.locator('footer')).toContainText('answered 4 of 4');
  await finish.click();
  await expect(page.getByText(/^Right: In time/).first()).toBeVisible();
  await expect(page.getByText(/^You said in time. It is Too late/).first()).toBeVisible();
  await expect(page.getByText(/it may hang from/).first()).toBeVisible();
  await expect(record.getByRole('row', { name: /Coats and weather/ })).toContainText(/[123] of \d/);
  await page.getByRole('button', { name: 'Another', exact: true }).click();
  await expect(finish).toBeDisabled();

  // By head, with a comma as people write it.
  await choose.getByRole('button', { name: /By head/ }).click();
  for (const field of await page.getByLabel(/^In /).all()) await field.fill('0,5');
  await expect(page.locator('footer')).toContainText('answered 4 of 4');
  await page.getByLabel(/^In /).first().fill('much');
  await expect(page.locator('footer')).toContainText('answered 3 of 4');
  await page.getByLabel(/^In /).first().fill('7');
  await finish.click();
  await expect(page.getByText(/÷/).first()).toBeVisible();
  await expect(record.getByRole('row', { name: /Reckoning by head/ })).toContainText(/of \d/);

  // Pictures made by the model.
  await choose.getByRole('button', { name: /Patches by eye/ }).click();
  const pictures = page.getByRole('img', { name: /Three patches/ });
  await expect(pictures).toHaveCount(2);
  const painted = await pictures.first().evaluate((canvas: HTMLCanvasElement) => {
    const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
    return new Set(data).size;
  });
  expect(painted).toBeGreaterThan(40);
  const covers = page.getByRole('button', { name: 'It covers' });
  for (let i = 0; i < 3; i += 1) await covers.nth(i).click();
  await finish.click();
  await expect(page.getByText(/^Measured in the same pictures/).first()).toBeVisible();

  // A week of weather: both questions, one of them about which day.
  await choose.getByRole('button', { name: /A week of weather/ }).click();
  await expect(page.getByText(/^Monday$/).first()).toBeVisible();
  for (const day of await page.getByRole('button', { name: 'Thursday' }).all()) await day.click();
  await finish.click();
  await expect(page.getByText(/Coats are begun from 8:00/)).toBeVisible();
});

test('a finished job becomes a case for the whole firm, under another name', async ({ page }, info) => {
  await signIn(page);
  const [jobId, roomId] = [uuid(), uuid()];
  await openJobOf(page, jobId, `Finished, ${info.project.name}`, 1934);
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Hall' });
  for (const name of ['Door to the study', 'Door to the yard']) {
    const id = uuid();
    await send(page, 'POST', `jobs/${jobId}/surfaces`, {
      id,
      roomId,
      name,
      facts: { element: 'door', substrate: 'softwood', areaM2: 4 },
      wanted: {},
    });
    for (const test of [
      { kind: 'spirit-rub', result: 'no-transfer', place: 'at the foot' },
      { kind: 'sheen-look', result: 'gloss', yellowed: true },
    ])
      await send(page, 'POST', `surfaces/${id}/tests`, { id: uuid(), test, at: new Date().toISOString() });
  }
  await send(page, 'PATCH', `jobs/${jobId}`, { id: uuid(), version: 1, status: 'aftercare' });
  await page.goto(`/jobs/${jobId}`);
  await page.getByRole('main').getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: /Make a practice case/ }).click();
  const making = page.getByRole('region', { name: 'A case to practise on' });
  const name = `Two doors, ${info.project.name}`;
  await making.getByLabel('What the case is called').fill(name);
  await making.getByRole('button', { name: 'Make the case' }).click();
  await expect(making).toContainText('2 surfaces to judge');
  await making.getByRole('link', { name: 'Practice' }).click();
  const cases = page.getByRole('region', { name: 'Cases of the firm' });
  await cases.getByRole('button', { name, exact: true }).click();
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
  await expect(page.getByText('A finished job of this firm')).toBeVisible();
  for (const door of ['Door', 'Door, 2']) await settle(page, door, 'dull, prime and go over as oil', 90);
  await page.getByRole('button', { name: 'Play it forward' }).click();
  await expect(page.getByText('That is right for it.')).toHaveCount(2);
  await expect(cases).toContainText('you: 2 right of 2');
  await cases.getByRole('button', { name: `Put ${name} away` }).click();
  await expect(cases.getByRole('button', { name, exact: true })).toHaveCount(0);
});
