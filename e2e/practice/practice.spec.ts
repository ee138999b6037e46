import type { Page } from '@playwright/test';
import { randomUUID as uuid } from 'node:crypto';
import { openJobOf, send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

/** Walks on to the next stop, or from the last to the room. */
const goOn = (page: Page) =>
  page
    .getByRole('button', { name: /^(Next|To the room)/ })
    .filter({ visible: true })
    .first()
    .click();

/** Settles what the walk stands at: once it has come to a stop that is not settled. */
async function settle(page: Page, treatAs: string, sure: number): Promise<void> {
  const what = page.getByLabel('What you would do');
  await expect(what.locator('option:checked')).toHaveText('not settled yet');
  await what.selectOption({ label: treatAs });
  await page.getByLabel(/How sure you are/).fill(String(sure));
  await expect(page.getByRole('region', { name: 'What goes on it' }).getByRole('row').nth(3)).toBeVisible();
}

/** Walks a whole room and settles each of its surfaces so. */
async function settleAll(page: Page, count: number, treatAs: string, sure: number): Promise<void> {
  await page.getByRole('button', { name: /^Walk it/ }).click();
  for (let i = 0; i < count; i += 1) {
    await settle(page, treatAs, sure);
    await goOn(page);
  }
  await expect(page.getByText(`${treatAs}, ${sure} in 100`)).toHaveCount(count);
}

test('a room is tested, settled and played forward; what was judged is kept for oneself alone', async ({ page }) => {
  await signIn(page);
  await page.goto('/practice');
  const footer = page.locator('footer');
  await expect(footer).toContainText('minutes of testing 0');
  const play = page.getByRole('button', { name: 'Play it forward' });
  await expect(play).toBeDisabled();
  const rows = page.getByRole('main').getByRole('button', { name: /not tested · not settled/ });
  const count = await rows.count();
  expect(count).toBeGreaterThan(1);

  // As on a real walk: a test costs its minutes, and what it showed stands at its surface.
  await page.getByRole('button', { name: /^Walk it/ }).click();
  await page.getByRole('button', { name: /^Rub it, \d+ min$/ }).click();
  await expect(footer).toContainText('tests 1');
  const known = page.getByRole('list', { name: 'Known here' });
  await expect(known).toContainText('Spirit rub: ');
  await page.getByRole('button', { name: 'Another test …' }).click();
  await page.getByRole('group', { name: 'Which test' }).getByRole('button', { name: 'Cross-cut' }).click();
  await page.getByRole('button', { name: /^Cross-cut, \d+ min$/ }).click();
  await expect(known).toContainText('Cross-cut');
  await expect(footer).toContainText('tests 2');

  // What goes on it is one's own choice: a line left out, another product, and what nobody may leave out.
  await settle(page, 'dull, prime and go over as oil', 60);
  const system = page.getByRole('region', { name: 'What goes on it' });
  const line = (name: RegExp) => system.locator('tbody').getByRole('button', { name, expanded: false }).first();
  await line(/^Ventilate/).click();
  await system.getByRole('button', { name: 'left out' }).click();
  await expect(system.getByRole('alert')).toContainText('Nobody may do that.');
  await expect(system.getByText('What it does shows once')).toHaveCount(0);
  await line(/^Sand/).click();
  await system.getByRole('button', { name: 'left out' }).click();
  await line(/^Prime/).click();
  await system.getByLabel('or done with').selectOption({ label: 'Oil primer' });
  await expect(system).toContainText(/Sand left out; Prime.* instead\./);
  await page.reload();
  await expect(system).toContainText(/Sand left out; Prime.* instead\./);
  await expect(footer).toContainText('tests 2');
  // The room's own name, over the surface's.
  await page
    .getByRole('button', { name: /^An? |^Two / })
    .first()
    .click();
  await expect(page.getByText(/dull, prime and go over as oil, 2 lines otherwise, 60 in 100/)).toBeVisible();

  await page.getByRole('button', { name: /^Walk it/ }).click();
  for (let i = 1; i < count; i += 1) {
    await settle(page, 'strip the wax', 80);
    await goOn(page);
  }
  await play.click();
  await expect(footer).toContainText(`of ${count}`);
  await expect(page.getByText(/^You would strip the wax, 80 in 100\./).first()).toBeVisible();
  await expect(page.getByText(/^Sand left out; Prime.* That (costs|saves|made)/)).toBeVisible();
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
  await page.getByRole('button', { name: /^Walk it/ }).click();
  await page.getByRole('button', { name: /^Rub it, \d+ min$/ }).click();
  await expect(page.locator('footer')).toContainText('tests 1');
  await page.goBack();
  await expect(page.getByText(/^Spirit rub: .* · not settled/)).toBeVisible();
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
  await settleAll(page, 2, 'dull, prime and go over as oil', 90);
  await page.getByRole('button', { name: 'Play it forward' }).click();
  await expect(page.getByText('That is right for it.')).toHaveCount(2);
  await expect(cases).toContainText('you: 2 right of 2');
  await cases.getByRole('button', { name: `Put ${name} away` }).click();
  await expect(cases.getByRole('button', { name, exact: true })).toHaveCount(0);
});
