import { chromium } from '@playwright/test';
import { headlessChromium } from './debian.mjs';

/** How Debian's Chromium is launched without a window, with what is wanted beside; installed where it is missing. */
export const windowless = (...more) => ({
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
    ...more,
  ],
});

/** For pictures and timings. */
export const launchChromium = () => chromium.launch(windowless());

/** Signs somebody in, and waits for their first page. */
export async function signInOn(page, { email, password }) {
  await page.goto('/');
  await page.getByLabel('Address').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('heading', { name: 'Today', level: 1 }).waitFor();
}
