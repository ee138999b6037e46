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
  await form.getByRole('button', { name: 'Leave out washed and scuffed' }).click();
  await form.getByLabel('Cells of each way').fill('1');
  await expect(form).toContainText('a slip of the hand looks like a failure');
  await form.getByLabel('Cells of each way').fill('2');
  await expect(form).toContainText('6 cells');
  await form.getByRole('button', { name: 'Lay it out' }).click();

  await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
  await expect(page.getByText(/wipes off a pen/)).toBeVisible();
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

test('a trial that waits is on Today, and leads to its board', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Which primer holds on the foil' }).click();
  await expect(page.getByRole('heading', { name: 'What held' })).toBeVisible();
});
