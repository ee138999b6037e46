import { randomUUID as uuid } from 'node:crypto';
import type { Page } from '@playwright/test';
import { send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';
import { Cable } from './cable.ts';

test.use({ serviceWorkers: 'allow' });

const TITLE = "Ferrykeeper's House";
const gone = (page: Page) => expect.poll(() => page.evaluate(() => caches.has('ledger-answers'))).toBe(false);
const shown = (page: Page) => page.getByText(TITLE).first();

/** The list of jobs, fetched and kept on the device. */
async function jobsKept(page: Page): Promise<void> {
  await page.goto('/jobs');
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.reload();
  await expect(shown(page)).toBeVisible();
  await expect.poll(() => page.evaluate(async () => (await caches.match('/api/jobs')) !== undefined)).toBe(true);
}

test('what is left on a device without a signal is sealed, goes with the session, and with the day', async ({
  browser,
  page: desk,
}, { project: { use } }) => {
  await signIn(desk);
  const cable = await Cable.to(use.baseURL!);
  const phone = await browser.newContext({
    baseURL: cable.address,
    ...(use.viewport ? { viewport: use.viewport } : {}),
  });
  const page = await phone.newPage();
  await signIn(page);
  await jobsKept(page);

  await test.step('sealed: nobody reads it from the device, and without a signal the page does', async () => {
    const raw = await page.evaluate(async () => {
      const store = await caches.open('ledger-answers');
      const kept = await Promise.all((await store.keys()).map(async (key) => (await store.match(key))!.text()));
      return kept.join('\n');
    });
    expect(raw.length).toBeGreaterThan(1000);
    expect(raw).not.toContain('Ferrykeeper');
    cable.cut();
    await page.goto('/jobs');
    await expect(shown(page)).toBeVisible();
  });

  await test.step('signed out from afar: at the next signal it is gone, and stays gone', async () => {
    await send(desk, 'POST', 'session/everywhere', { id: uuid() });
    cable.join();
    await page.goto('/today');
    await expect(page.getByLabel('E-mail address')).toBeVisible();
    await gone(page);
    cable.cut();
    await page.goto('/jobs');
    await expect(page.getByRole('button').first()).toBeVisible();
    await expect(shown(page)).toBeHidden();
    cable.join();
  });

  await test.step('the key runs out, without any word from the server', async () => {
    await page.goto('/');
    await signIn(page);
    await jobsKept(page);
    // Cut first, so that no answer still on its way lends the key anew; and long past, since a worker has its own clock.
    cable.cut();
    await page.evaluate(
      () =>
        new Promise<void>((done, fail) => {
          const open = indexedDB.open('ledger-lease');
          open.onerror = () => fail(new Error('no lease'));
          open.onsuccess = () => {
            const db = open.result;
            const store = db.transaction('lease', 'readwrite').objectStore('lease');
            const read = store.get('lease');
            read.onsuccess = () => {
              const write = store.put({ ...(read.result as object), until: 0 }, 'lease');
              write.onsuccess = () => {
                db.close();
                done();
              };
            };
          };
        }),
    );
    await page.goto('/jobs');
    await expect(page.getByRole('button').first()).toBeVisible();
    await expect(shown(page)).toBeHidden();
    await gone(page);
  });
  cable.end();
  await phone.close();
});
