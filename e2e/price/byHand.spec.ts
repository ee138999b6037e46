import { oilSkirting } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('a line, a discount and a price of its own, seen by the client, kept through a reload, taken out again', async ({
  page,
}, info) => {
  await signIn(page);
  const { job } = await oilSkirting(page, `By hand, ${info.project.name}`);
  await page.goto(`${job}/price`);
  const put = async (what: RegExp | string, words: string | null, amount: string, note: string) => {
    await page.getByRole('button', { name: 'A line, a discount or a price of your own' }).click();
    const form = page.getByRole('form', { name: 'Set by hand' });
    const option = form.getByRole('option', { name: what });
    await form.getByLabel('What', { exact: true }).selectOption(await option.getAttribute('value'));
    if (words) await form.getByLabel('As it stands on the quote').fill(words);
    await form.getByLabel(/^Net/).fill(amount);
    await form.getByLabel('Why, for the firm alone').fill(note);
    await form.getByRole('button', { name: 'Put it on the quote' }).click();
    await expect(form).toHaveCount(0);
  };
  await put('a line of its own', 'Moving the piano', '120', 'two of us');
  await put('a discount', 'Both rooms in one visit', '50', 'asked nicely');
  await put(/^the price of Skirting/, null, '400', 'as their neighbour had it');
  const quote = page.getByRole('region', { name: 'The work and its price' });
  await expect(quote.getByText('by hand;')).toBeVisible();
  await page.getByLabel('Were it asked at, net').fill('450');
  await page.reload();
  await expect(page.getByLabel('Were it asked at, net')).toHaveValue('450');
  await expect(quote.getByRole('definition').first()).toHaveText('£470.00');

  // The client reads the lines and none of the notes.
  await page.getByRole('button', { name: /^Send/ }).click();
  await expect(page.getByText('This is what the client will see.')).toBeVisible();
  await expect(page.getByText('Moving the piano')).toBeVisible();
  await expect(page.getByText('Both rooms in one visit')).toBeVisible();
  await expect(page.getByText('asked nicely')).toHaveCount(0);
  await page.getByRole('link', { name: 'Back to the price' }).click();
  await page.getByRole('button', { name: 'Take out Moving the piano' }).click();
  await expect(quote.getByRole('definition').first()).toHaveText('£350.00');
});
