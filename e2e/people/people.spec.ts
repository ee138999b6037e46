import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('somebody is asked in by a link, comes in as a painter, and sees what to do but no price', async ({
  page,
  browser,
}, info) => {
  const name = `Perran ${info.project.name}`;
  await signIn(page);
  await page.goto('/people');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('E-mail address').fill(`perran.${info.project.name}@saltmarsh-thirle.example`);
  await page.getByRole('button', { name: 'Ask them in' }).click();
  const link = await page.getByLabel(/The same link, to give by hand/).inputValue();

  const guest = await (await browser.newContext({ viewport: info.project.use.viewport! })).newPage();
  await guest.goto(link);
  await expect(guest.getByText(`Ada Thirle asks you in, ${name}, as painter`)).toBeVisible();
  await guest.getByLabel(/A password of your own/).fill('wet edge first');
  await guest.getByRole('button', { name: 'Come in' }).click();
  await expect(guest.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  await guest.goto('/jobs');
  await guest.getByRole('link', { name: "Ferrykeeper's House", exact: true }).click();
  await expect(guest.getByRole('button', { name: 'Walk round' })).toBeVisible();
  await expect(guest.getByRole('button', { name: 'Price' })).toHaveCount(0);
  expect(await guest.locator('body').innerText()).not.toMatch(/£/);
  await guest.goto(`${guest.url()}/price`);
  await expect(guest.getByText('This is not yours to do or to see')).toBeVisible();

  // A link opens once, and who leaves is out.
  await page.goto(link);
  await expect(page.getByText('This invitation is not open')).toBeVisible();
  await page.goto('/people');
  const line = page.getByRole('listitem').filter({ hasText: name }).first();
  await line.getByRole('button', { name: 'Change' }).click();
  await line.getByRole('button', { name: `${name} has left the firm` }).click();
  await expect(page.getByText(name).first()).toBeHidden();
  await guest.goto('/today');
  await expect(guest.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await guest.context().close();
});
