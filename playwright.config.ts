import { defineConfig } from '@playwright/test';
import { windowless } from './tools/chromium.mjs';
import './tools/setClock.mjs';

/** The real interface, in Debian's Chromium, on the built application. The address comes from the test run. */
export default defineConfig({
  testDir: 'e2e',
  workers: 1,
  retries: 0,
  timeout: 300_000,
  expect: { timeout: 30_000 },
  reporter: [['line'], ['json', { outputFile: process.env['E2E_RESULTS'] ?? 'test-results/e2e.json' }]],
  use: {
    // The worker of a page keeps the whole application and the day's jobs: only tests of a lost signal need one.
    serviceWorkers: 'block',
    baseURL: process.env['E2E_BASE'] ?? 'http://127.0.0.1:4600',
    launchOptions: windowless(
      // A camera that sees a turning disc, and may be used without being asked.
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
    ),
  },
  projects: [
    { name: 'desk', use: { viewport: { width: 1280, height: 800 } } },
    {
      name: 'site',
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
      // What is done sitting down is walked at the desk alone; how every place looks on a phone is held by `places`.
      testIgnore: [
        /founding\/wholeJob/,
        /aftercare\/manyVisits/,
        /people\//,
        /plan\//,
        /price\/(byHand|post)/,
        /record\//,
        /systems\/(shelf|systems)/,
        /colours\/(colours|parts)/,
      ],
    },
  ],
});
