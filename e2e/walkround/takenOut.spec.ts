import { openJob, signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('a copy is undone, a surface is taken out and brought back, a test moves to where it was made', async ({
  page,
}, info) => {
  const [wrong, right] = [`Left jamb ${info.project.name}`, `Right jamb ${info.project.name}`];
  await signIn(page);
  await openJob(page, 'Number 4 Ropewalk');
  const add = async (name: string) => {
    await page.getByRole('button', { name: 'Add a surface' }).first().click();
    await page.getByRole('textbox', { name: 'Name' }).fill(name);
    await page.getByLabel('Element').selectOption('trim');
    await page.getByLabel('Made of').selectOption('softwood');
    await page.getByLabel('Size, m²').fill('2');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
  };
  await add(right);
  await page.getByRole('link', { name: 'Number 4 Ropewalk' }).first().click();
  await add(wrong);
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByRole('button', { name: 'Nothing on the rag' }).click();

  // It was the other jamb.
  await page.getByRole('button', { name: 'Spirit rub: nothing on the rag' }).click();
  await page.getByRole('button', { name: 'It was made elsewhere, or not at all' }).click();
  await page.getByLabel('It was made on').selectOption({ label: `${right}, ${await roomOf(page)}` });
  await page.getByLabel('Why it is taken back').fill('The jamb beside it');
  await page.getByRole('button', { name: 'Move it there' }).click();
  await expect(page.getByText('Nothing tested here yet')).toBeVisible();

  // Nothing but that rests on it now: it asks why, and keeps what was typed.
  await page.getByRole('main').getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: 'Take out' }).click();
  const form = page.getByRole('form', { name: `Take out ${wrong}` });
  await form.getByRole('button', { name: 'Take it out' }).click();
  await expect(form.getByRole('alert')).toContainText('the record rests on this surface');
  await form.getByLabel(/^Why/).fill('Entered twice');
  await form.getByRole('button', { name: 'Take it out' }).click();
  await expect(page.getByRole('heading', { name: 'Number 4 Ropewalk', level: 1 })).toBeVisible();
  await expect(page.getByRole('link', { name: wrong, exact: true })).toHaveCount(0);
  const out = page.getByRole('region', { name: 'Taken out' });
  await expect(out).toContainText(`${wrong} · Ada Thirle`);
  await expect(out).toContainText('Entered twice');
  await page.getByRole('link', { name: right, exact: true }).click();
  await expect(page.getByRole('button', { name: 'Spirit rub: nothing on the rag' })).toBeVisible();
  await page.goBack();
  await out.getByRole('listitem').filter({ hasText: wrong }).getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('link', { name: wrong, exact: true })).toBeVisible();

  // A copy by mistake.
  await page.getByRole('button', { name: 'Copy', exact: true }).first().click();
  const another = page.getByRole('heading', { name: /, another/ });
  await expect(another).toBeVisible();
  await page.getByRole('button', { name: 'Undo the copy' }).click();
  await expect(another).toHaveCount(0);
});

const roomOf = async (page: import('@playwright/test').Page) => {
  const path = await page
    .locator('p,div,nav')
    .filter({ hasText: /^Number 4 Ropewalk › / })
    .last()
    .innerText();
  return path.split('›')[1]!.trim();
};
