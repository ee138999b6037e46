import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('a trial from design to an accepted conclusion', async ({ page }, info) => {
  const title = `Which primer on the sides ${info.project.name}`;
  await signIn(page);
  await page.goto('/trials');
  await page.getByRole('button', { name: 'New trial' }).click();
  const form = page.getByRole('form', { name: 'New trial' });
  await form.getByLabel('What is to be found out').fill(title);
  await form.locator('select').first().selectOption({ label: 'Number 4 Ropewalk' });
  await form.getByLabel('Surface it speaks for').selectOption({ label: 'Wardrobe sides, melamine' });
  await form.getByRole('group', { name: 'Dulled by' }).getByRole('button', { name: 'Sanded 220' }).click();
  await form.getByLabel('Cells of each way').fill('1');
  await expect(form).toContainText('a slip of the hand looks like a failure');
  await form.getByLabel('Cells of each way').fill('2');
  await expect(form).toContainText('6 cells');
  await expect(form).toContainText(/2 cells of each primer tell one that holds in 90 % from one that holds in 50 % on/);
  await form.getByRole('button', { name: 'Lay it out' }).click();

  await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
  await expect(page.getByText(/Pencil the label beside each cell, never with a pen/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Primers are on' }).click();
  await page.getByRole('button', { name: 'Topcoats are on' }).click();
  await expect(page.getByText(/First look: colour through/)).toBeVisible();

  const cells = page.getByRole('group', { name: 'The board' }).getByRole('button');
  await expect(cells).toHaveCount(6);
  for (let i = 0; i < 6; i++) {
    const words = (await cells.nth(i).getAttribute('aria-label'))!;
    await cells.nth(i).click();
    const panel = page.getByRole('region', { name: /^Cell / });
    await panel
      .getByRole('button', { name: words.includes('bonding') ? 'Holds' : 'Peels in a sheet', exact: true })
      .click();
    await expect(panel).toContainText('So far');
    await panel.getByRole('button', { name: /^Done with/ }).click();
  }
  await expect(page.getByRole('heading', { name: 'What held' })).toBeVisible();
  await expect(page.getByRole('row').nth(1)).toContainText('bonding primer');
  await expect(page.getByText(/made on young films/)).toBeVisible();

  await page.getByRole('button', { name: 'Accept this conclusion' }).click();
  await expect(page.getByText(/Concluded by Ada Thirle/)).toBeVisible();
  await page.goto('/trials');
  await expect(page.getByRole('listitem').filter({ hasText: title })).toContainText('concluded');
});

test('remedies for a bead on one board: two lines crossed, with and without a primer, one combination left out', async ({
  page,
}, info) => {
  const title = `What holds on the bead ${info.project.name}`;
  await signIn(page);
  await page.goto('/trials');
  await page.getByRole('button', { name: 'New trial' }).click();
  const form = page.getByRole('form', { name: 'New trial' });
  await form.getByLabel('What is to be found out').fill(title);
  await form.getByLabel('Job').selectOption({ label: 'Number 4 Ropewalk' });
  const press = (line: string, name: string) =>
    form.getByRole('group', { name: line }).getByRole('button', { name, exact: true }).click();
  await press('Cleaner', 'Degreased and rinsed');
  await press('Dulled by', 'None');
  await press('Dulled by', 'Sanded 220');
  await press('Wipe', 'None');
  await press('Wipe', 'Wiped with mineral spirits');
  await press('Bead in the joint', 'None');
  await press('Bead in the joint', 'Hybrid sealant');
  await form.getByRole('button', { name: 'Leave out bonding primer' }).click();
  await form.getByLabel('Add to primers').selectOption({ label: 'no primer' });
  // Four ways of preparing, with shellac and without, twice: nothing with no primer is the untreated cell.
  await expect(form).toContainText('16 cells');
  await form.getByText(/^Every combination is laid/).click();
  await form.getByRole('button', { name: 'wiped with mineral spirits, hybrid sealant; shellac primer' }).click();
  await expect(form).toContainText('14 cells');
  await form.getByLabel('Waits tried after the primer').fill('soon');
  await expect(form).toContainText('Waits: are written as 1 h; 24 h');
  await form.getByLabel('Waits tried after the primer').fill('1 h; 24 h');
  await expect(form).toContainText(/\d\d cells, places/);
  await form.getByLabel('Waits tried after the primer').fill('');
  await form.getByRole('button', { name: 'Lay it out' }).click();
  await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
  await page.getByRole('button', { name: 'Primers are on' }).click();
  await page.getByRole('button', { name: 'Topcoats are on' }).click();
  const cells = page.getByRole('group', { name: 'The board' }).getByRole('button');
  await expect(cells).toHaveCount(14);
  await page
    .getByRole('group', { name: 'The board' })
    .getByRole('button', { name: /nothing done; shellac primer/ })
    .first()
    .click();
  const panel = page.getByRole('region', { name: /^Cell / });
  await panel.getByRole('button', { name: 'our first coat, off what stood there' }).click();
  await panel.getByRole('button', { name: 'Peels in a sheet', exact: true }).click();
  await expect(panel).toContainText('So far');
  await expect(page.getByRole('region', { name: 'What it teaches' })).toContainText(
    /Shellac primer lets go [\d.]+ times as often as expected/,
  );
});

test('a trial that waits is on Today, and leads to its board', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Which primer holds on the foil' }).click();
  await expect(page.getByRole('heading', { name: 'What held' })).toBeVisible();
});
