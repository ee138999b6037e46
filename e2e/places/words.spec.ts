import {
  CONDITIONS,
  FAMILIES,
  FINISHES,
  HOUSE_RULES,
  STEP_KINDS,
  SUBSTRATES,
  TEST_KINDS,
  TEST_RESULTS,
} from '@rustic/core';
import { openJob, signIn, settled } from '../signIn.ts';
import { expect, test } from '../test.ts';

/** Codes that are no words anybody would write: with a hyphen in them, and not how the thing is said. */
const CODES = [
  ...CONDITIONS,
  ...FAMILIES,
  ...FINISHES,
  ...STEP_KINDS,
  ...SUBSTRATES,
  ...TEST_KINDS,
  ...Object.values(TEST_RESULTS).flat(),
  ...Object.values(HOUSE_RULES).flat(),
]
  .filter((code) => code.split('-').length > 2 || /^(oil-alkyd|spirit-rub|cure-hold|finish-coat)$/.test(code))
  // Said so by painters, too.
  .filter((code) => !['low-odour-oil-primer'].includes(code));

/** What slips onto a page when a value is missing or a date cannot be read. */
const SLIPS = /\bundefined\b|\bNaN\b|\bnull\b|\[object|Invalid DateTime|\{\{|\bInfinity\b/;

test('no page says a code, an empty value or a date that is none', async ({ page }, info) => {
  test.skip(info.project.name === 'site', 'the words are the same on both');
  test.setTimeout(600_000);
  await signIn(page);
  const read = async (where: string) => {
    await settled(page);
    const text = await page.locator('body').innerText();
    expect(text.length, where).toBeGreaterThan(60);
    expect(SLIPS.exec(text)?.[0], where).toBeUndefined();
    expect(
      CODES.filter((code) => new RegExp(`(^|[^\\w-])${code}([^\\w-]|$)`).test(text)),
      where,
    ).toEqual([]);
    // What is only heard is read too.
    const heard = await page
      .locator('[aria-label]')
      .evaluateAll((all) => all.map((e) => e.getAttribute('aria-label')!).join('\n'));
    expect(SLIPS.exec(heard)?.[0], `${where}, heard`).toBeUndefined();
  };
  for (const place of [
    'today',
    'jobs',
    'drying',
    'aftercare',
    'aftercare/calendar',
    'aftercare/rounds',
    'aftercare/held',
    'trials',
    'shelf',
    'shelf/coming',
    'shelf/reckon',
    'calendar',
    'practice',
    'rules',
  ]) {
    await page.goto(`/${place}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await read(place);
  }
  for (const title of ["Ferrykeeper's House", 'Corncrake Granary', 'Number 4 Ropewalk', 'The Net Loft']) {
    await openJob(page, title);
    await read(title);
    const job = page.url();
    const surfaces = await page
      .locator('main li a[href*="/surfaces/"]')
      .evaluateAll((links) => [...new Set(links.map((a) => (a as HTMLAnchorElement).href))]);
    expect(surfaces.length).toBeGreaterThan(0);
    for (const surface of surfaces) {
      await page.goto(surface);
      await expect(page.getByRole('heading', { name: 'What goes on it' })).toBeVisible();
      await read(surface);
    }
    await page.goto(`${surfaces[0]}/schools`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await read(`${title}, schools`);
    for (const view of ['ledger', 'walk', 'rules', 'price', 'shopping', 'papers/job-pack', 'papers/labels']) {
      await page.goto(`${job}/${view}`);
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      await read(`${title}, ${view}`);
    }
  }
});
