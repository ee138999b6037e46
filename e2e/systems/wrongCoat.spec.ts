import { oilSkirting } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('the wrong coat: how it comes off by the hour, which way it is now, and what the next one costs', async ({
  page,
}, info) => {
  await signIn(page);
  const { job, surface } = await oilSkirting(page, `Wrong coat, ${info.project.name}`);
  await page.goto(surface);
  await page.locator('main').getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: /It looks wrong/ }).click();
  const form = page.getByRole('form', { name: 'The way back' });
  await form.getByRole('button', { name: 'the wrong coat' }).click();
  const ways = form.getByRole('region', { name: 'How it comes off' });
  await form.getByLabel('What was laid?').selectOption('acrylic-trim');
  await form.getByLabel('How long ago was it laid?').fill('3 h');
  const now = ways.getByRole('listitem').filter({ hasText: 'now' });
  await expect(now).toContainText('alcohol and a rag');
  await expect(now).toContainText(/for another \d+ h/);
  await expect(now).toContainText(/£[\d.]+/);
  await form.getByLabel('How long ago was it laid?').fill('2 days');
  await expect(now).toContainText('alcohol and a scraper');
  await form.getByLabel('How long ago was it laid?').fill('a fortnight');
  await form.getByRole('button', { name: /^Write it down/ }).click();
  await expect(form).toContainText('This cannot be read');
  await form.getByLabel('How long ago was it laid?').fill('2 weeks');
  await expect(now).toContainText('stripper');
  await form.getByRole('button', { name: /^Write it down/ }).click();
  await expect(form).toHaveCount(0);
  await page.goto(`${job}/ledger`);
  await expect(page.getByRole('table')).toContainText(
    'the wrong coat: The coat that was laid last should not be there.',
  );
});

test('a splotchy first coat: three ways on, each with what it adds; the one that is chosen is written down', async ({
  page,
}, info) => {
  await signIn(page);
  const { job, surface } = await oilSkirting(page, `Splotchy, ${info.project.name}`);
  await page.goto(surface);
  await page.locator('main').getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: /It looks wrong/ }).click();
  const form = page.getByRole('form', { name: 'The way back' });
  await form.getByRole('button', { name: 'shows through' }).click();
  const next = form.getByRole('group', { name: /What goes on next/ });
  await expect(next.getByRole('radio')).toHaveCount(3);
  await expect(next).toContainText(/shellac primer again.*\+ \d/);
  await next.getByRole('radio', { name: /over it/ }).check();
  await expect(form).toContainText('The first coat of primer is uneven.');
  await form.getByRole('button', { name: /^Write it down/ }).click();
  await expect(form).toHaveCount(0);
  await page.goto(`${job}/ledger`);
  await expect(page.getByRole('table')).toContainText('shows through: The first coat of primer is uneven.');
});
