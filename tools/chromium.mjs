import { chromium } from '@playwright/test';
import { headlessChromium } from './debian.mjs';

/** Debian's Chromium without a window, for pictures and timings; installed where it is missing. */
export const launchChromium = () =>
  chromium.launch({
    executablePath: headlessChromium(),
    args: [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });

/** Signs somebody in, and waits for their first page. */
export async function signInOn(page, { email, password }) {
  await page.goto('/');
  await page.getByLabel('Address').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('heading', { name: 'Today', level: 1 }).waitFor();
}
