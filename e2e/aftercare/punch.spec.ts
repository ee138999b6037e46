import { AxeBuilder } from '@axe-core/playwright';
import { signIn } from '../signIn.ts';
import { mark, parlour } from './houses.ts';
import { expect, test } from '../test.ts';

test('three faults on a phone are told apart: a spot, a whole face, a cause to be found; one is mended and stands in the ledger', async ({
  page,
}, info) => {
  await signIn(page);
  const job = await parlour(page, `Punched ${info.project.name}`);
  await page.goto(`${job}/punch`);
  await expect(page.getByText('Nothing is marked.')).toBeVisible();
  await mark(page, 'Wall', 'knock', 'a thumb', { x: 120, y: 90 });
  await mark(page, 'Door', 'runs', 'a sheet of paper');
  await mark(page, 'Chimney breast', 'stain', 'a palm');

  const lines = page
    .getByRole('region', { name: 'Parlour' })
    .getByRole('listitem')
    .filter({ hasText: /Close number/ });
  await expect(lines).toHaveCount(3);
  await expect(lines.nth(0).locator('.font-semibold').filter({ hasText: /^spot/ })).toBeVisible();
  await expect(
    lines
      .nth(1)
      .locator('.font-semibold')
      .filter({ hasText: /^corner to corner/ }),
  ).toBeVisible();
  await expect(lines.nth(2)).toContainText('Find the cause before any paint goes on.');
  await expect(lines.nth(2)).toContainText('Water comes from behind.');
  // The tick stands on the sketch under its number.
  await expect(page.locator('svg title').filter({ hasText: '1: knock' })).toHaveCount(1);
  await expect(page.getByRole('heading', { name: /One visit closes them|visits close them/ })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes[0]?.html}`)).toEqual([]);

  await page.getByRole('button', { name: 'Close number 1' }).click();
  await page.getByRole('button', { name: 'It is mended' }).click();
  await expect(page.getByText('Closed, 1')).toBeVisible();
  await expect(lines).toHaveCount(2);

  await test.step('what works is tried before it is handed over', async () => {
    const before = page.getByRole('region', { name: 'Before it is handed over' });
    const closes = before.getByRole('listitem').filter({ hasText: 'closes without sticking' });
    await closes.getByRole('button', { name: /^It does not/ }).click();
    await closes.getByLabel('What is wrong').fill('binds at the head');
    await closes.getByRole('button', { name: 'Write it down' }).click();
    await expect(closes).toContainText('It does not: binds at the head.');
    await closes.getByRole('button', { name: /^It does:/ }).click();
    await expect(closes).toContainText('Tried, it does.');
  });

  await test.step('a visit is fixed for the rest, stands on the plan, and is made', async () => {
    await page.getByRole('button', { name: 'Fix a visit' }).click();
    const form = page.getByRole('form', { name: /^A visit to/ });
    await expect(form.getByRole('checkbox')).toHaveCount(2);
    await expect(form).toContainText('Find the cause of number 3: stain');
    await form.getByLabel('Who goes').selectOption({ label: 'Pascoe Venn' });
    await form.getByRole('button', { name: 'Fix the visit' }).click();
    await expect(page.getByRole('heading', { name: 'The visit is fixed' })).toBeVisible();
    const at = page.url();
    await page.goto(job.replace('/jobs/', '/drying/'));
    await expect(page.getByText('Touch-up 2, Door').first()).toBeVisible();
    await page.goto(at);
    await page.getByRole('button', { name: 'Made', exact: true }).click();
    await page.getByLabel('What was found').fill('the stain is dry');
    await page.getByRole('button', { name: 'It was made' }).click();
    await expect(page.getByRole('heading', { name: 'The visit is fixed' })).toHaveCount(0);
  });

  await page.goto(`${job}/ledger`);
  const entries = page.getByRole('table');
  await expect(entries.getByText('Fault mended')).toBeVisible();
  await expect(entries.getByText('Fault marked')).toHaveCount(3);
  await expect(entries.getByText('Tried at hand-over')).toHaveCount(2);
  await expect(entries.getByText('Visit fixed')).toBeVisible();
  await expect(entries.getByText(/the stain is dry/)).toBeVisible();
  await page.getByRole('button', { name: 'Verify' }).click();
  await expect(page.getByText(/entries stand as they were written/)).toBeVisible();
});
