import { randomUUID as uuid } from 'node:crypto';
import type { Browser, Page, TestInfo } from '@playwright/test';
import { oilSkirting, send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { Cable } from './cable.ts';
import { expect, test } from '../test.ts';

test.use({ serviceWorkers: 'allow' });

interface Entry {
  kind: string;
  by: string;
  payload: { id?: string; stepId?: string; withdrawn?: boolean };
}
const read = <T>(page: Page, path: string) =>
  page.evaluate(async (where) => (await (await fetch(`/api/${where}`)).json()) as unknown, path) as Promise<T>;
const workIn = async (page: Page, jobId: string) =>
  (await read<Entry[]>(page, `jobs/${jobId}/ledger`)).filter((e) =>
    /^(coat-logged|step-done|work-corrected)$/.test(e.kind),
  );
const idIn = (path: string, at: number) => path.split('/')[at]!;

/** Today as the phone has it once everything of the day is fetched beforehand. */
async function ready(page: Page, surfaceId: string): Promise<void> {
  await page.goto('/today');
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.reload();
  await expect
    .poll(() => page.evaluate(async (id) => (await caches.match(`/api/surfaces/${id}`)) !== undefined, surfaceId), {
      timeout: 60_000,
    })
    .toBe(true);
}

/** The line of this test's own job: the demo has others. */
const lineOf = (page: Page, title: string) => page.getByRole('listitem').filter({ hasText: title });

/** Logs whatever the next step of the line is, a step that is no coat. */
async function logNext(page: Page, title: string): Promise<void> {
  await lineOf(page, title).getByRole('button').last().click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
}

/** A skirting of its own whose plan is posted, so that it stands on the run sheet. */
async function plannedSkirting(desk: Page, title: string) {
  await signIn(desk);
  const { surface } = await oilSkirting(desk, title);
  const [jobId, surfaceId] = [idIn(surface, 2), idIn(surface, 4)];
  await send(desk, 'POST', `jobs/${jobId}/plan`, { id: uuid() });
  return { jobId, surfaceId, surface };
}

/** A phone whose way to the server can be cut. */
async function phoneOnCable(browser: Browser, { project: { use } }: TestInfo) {
  const cable = await Cable.to(use.baseURL!);
  const { viewport } = use;
  const phone = await browser.newContext({ baseURL: cable.address, ...(viewport ? { viewport } : {}) });
  return { cable, phone };
}

test('a day on site without a signal, closed and opened again, arrives once and in order; both sides of a conflict are kept', async ({
  browser,
  page: desk,
}, info) => {
  const title = `No signal ${info.project.name}`;
  const { jobId, surfaceId, surface } = await plannedSkirting(desk, title);
  const { cable, phone } = await phoneOnCable(browser, info);
  let page = await phone.newPage();
  await signIn(page);
  await ready(page, surfaceId);

  await test.step('with no signal, pages open, and what is logged is kept', async () => {
    await expect(lineOf(page, title)).toBeVisible();
    cable.cut();
    await logNext(page, title);
    await expect(page.getByText('kept on this device')).toBeVisible();
    await page.goto(surface);
    await expect(page.getByRole('heading', { name: 'Skirting', level: 1 })).toBeVisible();
    await expect(page.getByText(/No signal. What you see is of/)).toBeVisible();
  });
  await test.step('a closed tab and a new one lose nothing, and the run sheet has gone on', async () => {
    await page.close();
    page = await phone.newPage();
    await page.goto('/today');
    await expect(page.getByRole('link', { name: '1 not sent yet' })).toBeVisible();
    await logNext(page, title);
    await expect(page.getByRole('link', { name: '2 not sent yet' })).toBeVisible();
    expect(await workIn(desk, jobId)).toEqual([]);
  });
  await test.step('signing out says what would wait', async () => {
    if (info.project.use.viewport!.width < 1000) await page.getByRole('button', { name: 'More' }).click();
    await page
      .getByRole('button', { name: /Ada Thirle/ })
      .filter({ visible: true })
      .first()
      .click();
    await page.getByRole('menuitem', { name: 'Sign out' }).click();
    await expect(page.getByText('They stay on this device')).toBeVisible();
    await page.goto('/today');
  });
  const theirs = await test.step('meanwhile somebody else logs the next step at the desk', async () => {
    const line = (
      await read<{ lines: { surfaceId: string; work: { plan: { id: string } }[] }[] }>(desk, 'today')
    ).lines.find((l) => l.surfaceId === surfaceId)!;
    const stepId = line.work[2]!.plan.id;
    const at = new Date().toISOString();
    await send(desk, 'POST', `jobs/${jobId}/work`, { id: uuid(), surfaceId, stepId, startedAt: at, endedAt: at });
    return stepId;
  });
  await test.step('and the phone logs it too; with the signal back, all of it arrives, once', async () => {
    await logNext(page, title);
    await expect(page.getByRole('link', { name: '3 not sent yet' })).toBeVisible();
    cable.join();
    await page.goto('/unsent');
    await expect(page.getByText('Not taken: yours to decide')).toBeVisible({ timeout: 60_000 });
    await expect(page.getByText('This step is logged already')).toBeVisible();
    await expect(page.getByText('Yours', { exact: true })).toBeVisible();
    await expect(page.getByText(/^Theirs/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Keep both: mine as a correction' }).click();
    await expect(page.getByText('Everything is with the server.')).toBeVisible({ timeout: 30_000 });
  });
  await test.step('the ledger has each once, in the order in which they were made, and its chain holds', async () => {
    const work = await workIn(desk, jobId);
    const kinds = work.map((e) => e.kind);
    expect(kinds).toEqual(['step-done', 'step-done', 'step-done', 'work-corrected']);
    expect(new Set(work.map((e) => e.payload.id)).size).toBe(4);
    expect(work[3]!.payload.stepId).toBe(theirs);
    expect(await read(desk, `jobs/${jobId}/ledger/check`)).toMatchObject({ whole: true });
  });
  await test.step('a log is put right from the surface', async () => {
    await page.goto(surface);
    await page.getByRole('button', { name: 'It was not done' }).first().click();
    await expect(page.getByRole('button', { name: 'It was not done' })).toHaveCount(2);
    expect((await workIn(desk, jobId)).at(-1)!.payload.withdrawn).toBe(true);
  });
  cable.end();
  await phone.close();
});

test('a phone whose clock jumps by days: what is refused for its time goes with the time put right, once', async ({
  browser,
  page: desk,
}, info) => {
  const title = `Jumped ${info.project.name}`;
  const { jobId, surfaceId } = await plannedSkirting(desk, title);
  const { cable, phone } = await phoneOnCable(browser, info);
  const page = await phone.newPage();
  await signIn(page);
  await ready(page, surfaceId);

  const days = 3 * 86_400_000;
  cable.cut();
  await page.clock.setSystemTime(Date.now() + days);
  await logNext(page, title);
  await expect(page.getByText('kept on this device')).toBeVisible();
  cable.join();
  await page.getByRole('link', { name: '1 not sent yet' }).click();
  await expect(page.getByText("This device's clock was")).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/ahead of the clock/).first()).toBeVisible();
  expect(await workIn(desk, jobId)).toEqual([]);
  await page.getByRole('button', { name: 'Send it with the time put right' }).click();
  await expect(page.getByText('Everything is with the server.')).toBeVisible({ timeout: 30_000 });
  // Heard once, the server's clock is what the next log goes by, though the phone's is still wrong.
  await page.getByRole('link', { name: 'Today' }).first().click();
  await logNext(page, title);
  await expect.poll(async () => (await workIn(desk, jobId)).length, { timeout: 30_000 }).toBe(2);
  for (const { payload } of await workIn(desk, jobId))
    expect(Math.abs(Date.parse((payload as { endedAt: string }).endedAt) - Date.now())).toBeLessThan(180_000);
  expect(await read(desk, `jobs/${jobId}/ledger/check`)).toMatchObject({ whole: true });
  cable.end();
  await phone.close();
});

test('two people on one job see each other’s logs within two seconds', async ({ browser, page: mei }, info) => {
  const title = `Side by side ${info.project.name}`;
  const other = await (
    await browser.newContext(info.project.use.baseURL ? { baseURL: info.project.use.baseURL } : {})
  ).newPage();
  await signIn(other);
  const { surface } = await oilSkirting(other, title);
  const jobId = idIn(surface, 2);
  await send(other, 'POST', `jobs/${jobId}/plan`, { id: uuid() });
  await signIn(mei);
  await expect(lineOf(mei, title)).toBeVisible();
  // The page listens once its feed is open.
  await mei.waitForFunction(() => performance.getEntriesByType('resource').some((e) => e.name.endsWith('/api/today')));
  await mei.waitForTimeout(1500);
  const before = await lineOf(mei, title).innerText();
  const line = (
    await read<{ lines: { jobId: string; surfaceId: string; next: { plan: { id: string } } }[] }>(other, 'today')
  ).lines.find((l) => l.jobId === jobId)!;
  const at = new Date().toISOString();
  const stepId = line.next.plan.id;
  await send(other, 'POST', `jobs/${jobId}/work`, {
    id: uuid(),
    surfaceId: line.surfaceId,
    stepId,
    startedAt: at,
    endedAt: at,
  });
  await expect(async () => expect(await lineOf(mei, title).innerText()).not.toBe(before)).toPass({
    timeout: 2000,
    intervals: [100],
  });
  await other.context().close();
});
