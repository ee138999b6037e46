import { randomUUID as uuid } from 'node:crypto';
import type { Page } from '@playwright/test';
import { oilSkirting, send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

const idIn = (path: string, at: number) => path.split('/')[at]!;

/** What a page asks the server from now on, by address. */
function asked(page: Page): string[] {
  const addresses: string[] = [];
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (request.resourceType() === 'fetch' && request.method() === 'GET') addresses.push(pathname);
  });
  return addresses;
}

/** Logs a step of a surface, by its place in the system. */
async function logStep(page: Page, jobId: string, surfaceId: string, place: number): Promise<void> {
  const { steps } = (await page.evaluate(
    async (id) => (await (await fetch(`/api/surfaces/${id}`)).json()) as unknown,
    surfaceId,
  )) as { steps: { plan: { id: string } }[] };
  const at = new Date().toISOString();
  const stepId = steps[place]!.plan.id;
  await send(page, 'POST', `jobs/${jobId}/work`, { id: uuid(), surfaceId, stepId, startedAt: at, endedAt: at });
}

test('what somebody logs on one surface is fetched by the pages that show it, once, and by no other', async ({
  browser,
}) => {
  const context = await browser.newContext();
  const writer = await context.newPage();
  await signIn(writer);
  const [mine, other] = [await oilSkirting(writer, 'Fetched anew'), await oilSkirting(writer, 'Left alone')];
  const [jobId, surfaceId] = [idIn(mine.surface, 2), idIn(mine.surface, 4)];
  const otherId = idIn(other.surface, 4);
  // A browser keeps six connections to a place, and each page keeps one for the feed.
  const desk = await browser.newContext();
  await signIn(await desk.newPage());
  const open = async (path: string, where = context) => {
    const page = await where.newPage();
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.waitForLoadState('networkidle').catch(() => undefined);
    return page;
  };
  const pages = {
    surface: await open(mine.surface),
    job: await open(mine.job),
    otherSurface: await open(other.surface),
    otherJob: await open(other.job, desk),
    shelf: await open('/shelf', desk),
    people: await open('/people', desk),
  };
  const seen = Object.fromEntries(Object.entries(pages).map(([name, page]) => [name, asked(page)])) as Record<
    keyof typeof pages,
    string[]
  >;
  // The first log brings a part of the page with it that was not there; what it shows is fetched for the first time.
  await logStep(writer, jobId, surfaceId, 0);
  await expect.poll(() => seen.surface, { timeout: 30_000 }).toEqual([`/api/surfaces/${surfaceId}`, '/api/shelf']);
  await expect.poll(() => seen.job, { timeout: 30_000 }).toEqual([`/api/jobs/${jobId}`]);
  for (const addresses of Object.values(seen)) addresses.length = 0;
  await logStep(writer, jobId, surfaceId, 1);
  await expect.poll(() => seen.surface, { timeout: 30_000 }).toContain(`/api/surfaces/${surfaceId}`);
  await expect.poll(() => seen.job, { timeout: 30_000 }).toContain(`/api/jobs/${jobId}`);
  // What is written after it is told after everything that the log moved.
  await send(writer, 'POST', `surfaces/${otherId}/tests`, {
    id: uuid(),
    at: new Date().toISOString(),
    test: { kind: 'tape-pull', result: 'holds' },
  });
  await expect.poll(() => seen.otherSurface, { timeout: 30_000 }).toContain(`/api/surfaces/${otherId}`);
  expect(seen.surface).toEqual([`/api/surfaces/${surfaceId}`]);
  expect(seen.job).toEqual([`/api/jobs/${jobId}`]);
  // A test may be a look at a patch.
  await expect.poll(() => seen.otherSurface, { timeout: 30_000 }).toContain(`/api/surfaces/${otherId}/patches`);
  expect([...seen.otherSurface].sort()).toEqual([`/api/surfaces/${otherId}`, `/api/surfaces/${otherId}/patches`]);
  expect(seen.shelf).toEqual([]);
  expect(seen.people).toEqual([]);
  await context.close();
  await desk.close();
});

test('whoever writes is answered once: what it moved is asked for again after it, and not again when the feed tells of it', async ({
  browser,
}) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  await signIn(page);
  const { surface } = await oilSkirting(page, 'Written here');
  const surfaceId = idIn(surface, 4);
  await page.goto(surface);
  await expect(page.getByRole('heading', { name: 'Skirting', level: 1 })).toBeVisible();
  await page.waitForLoadState('networkidle').catch(() => undefined);
  const watcher = await context.newPage();
  await watcher.goto(surface);
  await expect(watcher.getByRole('heading', { name: 'Skirting', level: 1 })).toBeVisible();
  await watcher.waitForLoadState('networkidle').catch(() => undefined);
  const [own, theirs] = [asked(page), asked(watcher)];
  await page.getByRole('button', { name: /^Take/ }).first().click();
  await expect(page.getByText(/^Settled by/)).toBeVisible();
  await expect.poll(() => theirs, { timeout: 30_000 }).toContain(`/api/surfaces/${surfaceId}`);
  expect(own).toEqual([`/api/surfaces/${surfaceId}`]);
  await context.close();
});
