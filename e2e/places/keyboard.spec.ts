import type { Page } from '@playwright/test';
import { expect, test } from '../test.ts';

/** What has the focus, as it is named aloud; with `all`, everything that could have it. */
const named = (page: Page, all: boolean) =>
  page.evaluate((every) => {
    const nameOf = (at: HTMLElement) => {
      const label = (at as HTMLInputElement).labels?.[0]?.innerText;
      return (at.getAttribute('aria-label') ?? label ?? at.innerText).trim().split('\n')[0]!;
    };
    const focusable = 'a[href], button, input, select, textarea, [tabindex]';
    const those = every ? [...document.querySelectorAll<HTMLElement>(focusable)] : [document.activeElement];
    return those.map((at) => (at instanceof HTMLElement ? nameOf(at) : ''));
  }, all);

/**
 * Goes on by Tab until what has the focus is called so: it must be near, since the focus stands where the next act is.
 * The page may still be on its way: that it is there at all is waited for.
 */
async function tabTo(page: Page, name: string, most = 12): Promise<void> {
  await expect.poll(() => named(page, true)).toContain(name);
  if (most === 0) await expect.poll(() => named(page, false)).toEqual([name]);
  const passed: string[] = [];
  for (let i = 0; i <= most; i++) {
    const [at] = await named(page, false);
    if (at === name) return;
    passed.push(at!);
    await page.keyboard.press('Tab');
  }
  throw new Error(`${name} is not within ${most} tabs; passed: ${passed.join(' | ')}`);
}
const type = (page: Page, text: string) => page.keyboard.type(text);

test('a job is opened, walked, settled, priced and sent without a mouse', async ({ page }, info) => {
  test.skip(info.project.name === 'site', 'a phone has no keys');
  await page.goto('/');
  await tabTo(page, 'E-mail address', 4);
  await type(page, 'ada@saltmarsh-thirle.example');
  await tabTo(page, 'Password', 2);
  await type(page, process.env['DEMO_PASSWORD'] ?? 'high-water-mark');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();

  // Places by their figures, acts by their letters; what is opened has the focus.
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'Jobs', level: 1 })).toBeFocused();
  await page.keyboard.press('n');
  await tabTo(page, 'Job', 0);
  await type(page, 'By keys alone');
  await tabTo(page, 'Place', 2);
  await type(page, 'Pellworth Staithe');
  await tabTo(page, 'Year built, if known', 2);
  await type(page, '1996');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'By keys alone', level: 1 })).toBeFocused();

  await page.keyboard.press('r');
  await tabTo(page, 'Room', 3);
  await type(page, 'Hall');
  await tabTo(page, 'Length', 1);
  await type(page, '4');
  await tabTo(page, 'Width', 1);
  await type(page, '3');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Hall', level: 2 })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'By keys alone', level: 1 })).toBeFocused();

  // The walk: the result is the button, and one key goes on.
  await page.keyboard.press('w');
  await expect(page.getByRole('heading', { name: 'Ceiling', level: 1 })).toBeFocused();
  await tabTo(page, 'Colour on the rag', 8);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'is in the ledger' })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Walls', level: 1 })).toBeFocused();

  await tabTo(page, 'By keys alone', 40);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'By keys alone', level: 1 })).toBeFocused();
  await tabTo(page, 'Skirting and trim', 40);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Skirting and trim', level: 1 })).toBeFocused();
  await page.keyboard.press('t');
  await tabTo(page, 'Nothing on the rag', 0);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Spirit rub: nothing on the rag' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Skirting and trim', level: 1 })).toBeFocused();

  // The price, what the client will see, and the sending of it.
  const job = page.url().replace(/\/surfaces.*/, '');
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'Jobs', level: 1 })).toBeFocused();
  await tabTo(page, 'By keys alone', 60);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(job);
  await expect(page.getByRole('heading', { name: 'By keys alone', level: 1 })).toBeFocused();
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { name: 'Price', level: 1 })).toBeFocused();
  await page.keyboard.press('s');
  await expect(page.getByText('This is what the client will see.')).toBeVisible();
  await tabTo(page, 'Send it', 20);
  await page.keyboard.press('Enter');
  await expect(page.getByText('It is sent.')).toBeVisible();
  await tabTo(page, 'E-mail address of the client', 1);
  await type(page, 'hesper@quill.example');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Written to hesper@quill.example.')).toBeVisible();
});
