import { chromium } from '@playwright/test';
import { fromDebian } from './debian.mjs';

/** Debian's Chromium without a window, for pictures and timings; installed where it is missing. */
export const launchChromium = () =>
  chromium.launch({
    executablePath: fromDebian('chromium', 'chromium'),
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
