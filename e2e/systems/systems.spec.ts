import { oilSkirting } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('a step is skipped in thought: what fails is read, and what a block forbids cannot be signed for', async ({
  page,
}, info) => {
  await signIn(page);
  const { surface } = await oilSkirting(page, `What if, ${info.project.name}`);
  await page.goto(surface);
  await page.getByRole('button', { name: /^Prime all/ }).click();
  await page.getByRole('button', { name: 'left out', exact: true }).click();
  const follows = page.getByRole('region', { name: 'What follows' });
  await expect(follows).toContainText(/Peels within a month, \d+ in 100, £[\d,]+ to put right/);
  await expect(follows).toContainText('Nobody may sign for this.');
  await expect(follows.getByRole('button', { name: 'Sign for it' })).toHaveCount(0);
  if (info.project.name === 'desk')
    await expect(page.getByRole('img', { name: /Section through the paint.*It peels/ }).first()).toBeVisible();
  // Another product instead, and then as it was.
  await page.getByLabel('or done with').selectOption('pva-primer');
  await expect(follows).toContainText('This primer does not grip old oil.');
  await page.getByLabel('or done with').selectOption('bonding-acrylic-primer');
  await expect(follows).not.toContainText('does not grip');
  await expect(follows).not.toContainText('Nobody may sign for this.');
  await follows.getByRole('button', { name: 'As it was' }).click();
  await expect(follows).toHaveCount(0);
});

test('a departure is signed for with its reason; the guarantee is withheld, and the ledger says who', async ({
  page,
}, info) => {
  await signIn(page);
  const { job, surface } = await oilSkirting(page, `Signed, ${info.project.name}`);
  await page.goto(surface);
  const guarantee = page.locator('dl').filter({ hasText: 'Guarantee' });
  await expect(guarantee).toContainText('5 years');
  await page.getByRole('button', { name: /^Dull the gloss/ }).click();
  await page.getByRole('button', { name: 'left out', exact: true }).click();
  await page.getByRole('button', { name: 'Sign for it' }).click();
  // Without a reason and a name it is not sent.
  await page.getByRole('button', { name: 'Sign and settle' }).click();
  await expect(page.getByText(/Signed for by/)).toHaveCount(0);
  await page.getByLabel('Why it is done so').fill('The client wants no solvent in the house.');
  await page.getByLabel('Your name, written out').fill('Ada Thirle');
  await page.getByRole('button', { name: 'Sign and settle' }).click();
  await expect(page.getByText('Signed for by Ada Thirle:')).toBeVisible();
  await expect(guarantee).toContainText('Withheld.');
  await expect(page.getByRole('button', { name: /^Dull the gloss/ })).toHaveCount(0);
  await page.goto(`${job}/ledger`);
  await expect(page.getByRole('table')).toContainText('no solvent in the house. Signed Ada Thirle');
  // The system as it was can be taken again, and the guarantee with it.
  await page.goto(surface);
  await page
    .getByRole('listitem')
    .filter({ hasText: 'as it was composed' })
    .getByRole('button', { name: 'Take this' })
    .click();
  await expect(guarantee).toContainText('5 years');
});

test('a house rule is asked about, shows before and after, and changes nothing until it is accepted', async ({
  page,
}, info) => {
  await signIn(page);
  const { job, surface } = await oilSkirting(page, `Rules, ${info.project.name}`);
  await page.goto(`${job}/rules`);
  const oil = page.getByRole('group', { name: 'Old oil gloss on woodwork' });
  await oil.getByRole('button', { name: 'hybrid enamel direct', exact: true }).click();
  const change = page.getByRole('form', { name: 'What this would change' });
  await expect(change).toContainText('1 of 1 surface would be done otherwise');
  await expect(change.getByRole('listitem')).toContainText('shellac primer');
  await expect(change.getByRole('listitem')).toContainText('waterborne alkyd');
  await change.getByRole('button', { name: 'Leave it' }).click();
  await page.goto(surface);
  await expect(page.getByRole('button', { name: /^Prime all: shellac/ })).toBeVisible();
  await page.goto(`${job}/rules`);
  await oil.getByRole('button', { name: 'hybrid enamel direct', exact: true }).click();
  await change.getByLabel('Why, if it is worth a word').fill('One enamel throughout.');
  await change.getByRole('button', { name: 'Accept' }).click();
  await expect(change).toHaveCount(0);
  await expect(page.locator('footer')).toContainText('1');
  await page.goto(surface);
  await expect(page.getByRole('button', { name: /waterborne alkyd/ }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Prime all/ })).toHaveCount(0);
});

test('the same surface under each school, in one view; one of them is taken for this surface alone', async ({
  page,
}, info) => {
  await signIn(page);
  const { surface } = await oilSkirting(page, `Schools, ${info.project.name}`);
  await page.goto(surface);
  await page.getByRole('link', { name: 'The schools side by side' }).click();
  const table = page.getByRole('table');
  await expect(table.getByRole('columnheader')).toHaveCount(4);
  await expect(table).toContainText('ours');
  await expect(table.getByRole('cell', { name: /Prime all: shellac/ })).toBeVisible();
  const own = table.getByRole('columnheader').filter({ hasText: 'ours' });
  await expect(own).toContainText('Block, then waterborne');
  await page.getByRole('group', { name: 'Rule' }).getByRole('button', { name: 'Which blocker' }).click();
  await expect(own).toContainText('By the situation');
  await page.getByRole('button', { name: 'Work so on this surface' }).last().click();
  await page.getByRole('button', { name: 'Accept' }).click();
  await expect(own).toContainText('Bonding acrylic');
});

test('something looks wrong: the way back as steps, written into the ledger', async ({ page }, info) => {
  await signIn(page);
  const { job, surface } = await oilSkirting(page, `Way back, ${info.project.name}`);
  await page.goto(surface);
  await expect(page.getByRole('heading', { name: 'What goes on it' })).toBeVisible();
  await page.getByRole('button', { name: 'More ▾' }).click();
  await page.getByRole('menuitem', { name: 'It looks wrong' }).click();
  const way = page.getByRole('form', { name: 'The way back' });
  await way.getByRole('button', { name: 'wrinkles' }).click();
  await expect(way).toContainText('Back to: the firm film under the wrinkles.');
  await expect(way.getByRole('listitem').filter({ hasText: 'undoing' }).first()).toBeVisible();
  await way.getByLabel('What was seen').fill('After the second coat.');
  await way.getByRole('button', { name: 'Write it down: Wrinkles' }).click();
  await expect(way).toHaveCount(0);
  await page.goto(`${job}/ledger`);
  await expect(page.getByRole('table')).toContainText('After the second coat.');
});
