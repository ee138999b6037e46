import { randomUUID as uuid } from 'node:crypto';
import { join } from 'node:path';
import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { freePort, startMariadb } from '../../tools/mariadb.mjs';
import { startServer } from '../../tools/serve.mjs';
import { send } from '../setUp.ts';
import { settled } from '../signIn.ts';
import { expect, test } from '../test.ts';
import { temporaryFolder } from '../../tools/temporary.mjs';

const CODE = 'ABCD-EFGH-JKLM';
let database: Awaited<ReturnType<typeof startMariadb>>;
let server: Awaited<ReturnType<typeof startServer>>;
let base: string;

/** A server of its own, with nothing in it. */
test.beforeAll(async () => {
  const folder = temporaryFolder('first-run');
  database = await startMariadb(join(folder, 'mariadb'), { quick: true });
  const port = await freePort();
  const env = { LOG_LEVEL: 'error', DEMO: 'none', FIRST_RUN_CODE: CODE, POST_DIR: join(folder, 'post') };
  server = await startServer({ url: database.url, port, env });
  base = `http://127.0.0.1:${port}`;
});
test.afterAll(async () => {
  await server.stop();
  await database.stop();
});

/** What only the demo has, what only a British firm writes, and figures in metric measures. */
const FOREIGN =
  /Pellworth|Staithe|Saltmarsh|Thirle|Quillbeck|Dunmarrow|Fettlewick|Saltglass|Oxmere|Anchor Yard|£|US\$|\d\s?(?:m²|°C|L|ml|mm|cm|km|µm|m)\b|\blitres?\b/;

/** Everything that can be read of a page, drawings included. */
const wordsOf = (page: Page) =>
  page.evaluate(() =>
    [document.body.innerText, ...[...document.querySelectorAll('svg text')].map((t) => t.textContent)].join('\n'),
  );

async function readsWell(page: Page, path: string): Promise<void> {
  await page.goto(base + path);
  await settled(page);
  expect([path, FOREIGN.exec(await wordsOf(page))?.[0]]).toEqual([path, undefined]);
  const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect([path, over <= 0]).toEqual([path, true]);
}

async function found(page: Page): Promise<void> {
  await page.goto(base);
  await expect(page.getByRole('heading', { name: 'Found your firm' })).toBeVisible();
  await page.getByLabel(/printed it/).fill('not-the-code');
  await page.getByLabel('Name, as it stands on papers').fill('Plains Brush Co.');
  await page.getByLabel('Address, a line each').fill('12 Alder Street\nDenver');
  await page.getByLabel('Time zone').selectOption('America/Denver');
  await page.getByLabel('Hemisphere').selectOption('north');
  await page.getByLabel('Currency').selectOption('USD');
  await page.getByLabel('Measures').selectOption('us');
  await page.getByLabel('What the tax on your work is called').fill('Sales tax');
  await page.getByLabel(/Its rate/).fill('8.81');
  await page.getByLabel('Your name').fill('Wren Abara');
  await page.getByLabel('E-mail that you sign in with').fill('wren@plains.example');
  await page.getByLabel(/A password/).fill('long-grass-and-wind');
  await page.getByRole('button', { name: 'Found the firm' }).click();
  await expect(page.getByRole('alert')).toContainText('not the code');
  // What was typed stays; only the code is typed again.
  await page.getByLabel(/printed it/).fill(CODE.toLowerCase());
  await page.getByRole('button', { name: 'Found the firm' }).click();
  await expect(page.getByRole('heading', { name: 'Begin: Plains Brush Co.' })).toBeVisible();
}

/** The owner comes in by the door. */
async function comeIn(page: Page): Promise<void> {
  await page.goto(base);
  await page.getByLabel('E-mail address').fill('wren@plains.example');
  await page.getByLabel('Password').fill('long-grass-and-wind');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
}

test('an empty server: a firm is founded, and its first house walked, priced, planned and begun in its own words', async ({
  page,
}) => {
  await found(page);
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes[0]?.html}`)).toEqual([]);

  await test.step('its papers', async () => {
    await page.goto(`${base}/firm`);
    const papers = page.getByRole('form', { name: 'On its papers' });
    await papers.getByLabel('When what is paid').fill('Half on agreement, the rest at the end.');
    await expect(page.getByRole('figure', { name: 'As it is printed' })).toContainText('Half on agreement');
    await papers.getByRole('button', { name: 'Keep it' }).click();
    await expect(papers.getByRole('status')).toHaveText('Kept.');
    await page.getByRole('button', { name: 'Another supplier' }).click();
    const form = page.getByRole('form', { name: 'Another supplier' });
    await form.getByLabel('Name').fill('Larimer Paint');
    await form.getByText('Sundries too').click();
    await form.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Larimer Paint' })).toContainText('sundries');
  });

  const [jobId, roomId, trim, walls] = [uuid(), uuid(), uuid(), uuid()] as const;
  await test.step('a house without a product', async () => {
    const startsAt = new Date().toISOString();
    await send(page, 'POST', 'jobs', { id: jobId, title: 'Aspen house', place: 'Denver', builtYear: 1996, startsAt });
    await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Hall' });
    const add = (id: string, name: string, facts: object) =>
      send(page, 'POST', `jobs/${jobId}/surfaces`, { id, roomId, name, facts, wanted: { sheen: 'satin' } });
    await add(trim, 'Baseboard', { element: 'trim', substrate: 'softwood', areaM2: 6 });
    await add(walls, 'Walls', { element: 'wall', substrate: 'drywall', areaM2: 30 });
    await page.goto(`${base}/jobs/${jobId}/surfaces/${trim}`);
    await page.getByRole('button', { name: 'Test', exact: true }).click();
    await page.getByRole('button', { name: 'Nothing on the rag' }).click();
    await expect(page.getByRole('button', { name: 'Spirit rub: nothing on the rag' })).toBeVisible();
    await page.goto(`${base}/jobs/${jobId}/price`);
    await expect(page.getByText(/No product of your own yet for .*primer/)).toBeVisible();
    await expect(page.getByText('Sales tax, 8.81 %')).toBeVisible();
  });

  await test.step('a quote is sent, and read and agreed to by the client', async () => {
    const { seen } = (await page.evaluate(
      async (id) => (await (await fetch(`/api/jobs/${id}/price`)).json()) as unknown,
      jobId,
    )) as { seen: string };
    const token = 'A'.repeat(43);
    await send(page, 'POST', `jobs/${jobId}/quotes`, { id: uuid(), seen, token });
    await page.goto(`${base}/client/${token}`);
    await expect(page.getByText('12 Alder Street')).toBeVisible();
    await expect(page.getByText('Half on agreement, the rest at the end.')).toBeVisible();
    expect(FOREIGN.exec(await wordsOf(page))?.[0]).toBeUndefined();
  });

  await test.step('a plan, and a step logged', async () => {
    await send(page, 'POST', `jobs/${jobId}/plan`, { id: uuid() });
    await page.goto(`${base}/today`);
    const line = page.getByRole('listitem').filter({ hasText: 'Baseboard' });
    await line.getByRole('button').last().click();
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.getByRole('status').filter({ hasText: 'in the ledger' })).toBeVisible();
  });

  await test.step('no page, paper or drawing speaks of the demo, of pounds or of metres', async () => {
    const job = `/jobs/${jobId}`;
    const surfaces = [trim, walls].map((id) => `${job}/surfaces/${id}`);
    const papers = ['quote', 'job-pack', 'run-sheet', 'shopping', 'labels'].map((kind) => `${job}/papers/${kind}`);
    const places = ['/today', '/jobs', '/drying', '/aftercare', '/aftercare/rounds', '/trials', '/shelf', '/practice'];
    const others = ['/shelf/coming', '/shelf/reckon', '/shelf/products/typical-shellac-primer', '/people', '/begin'];
    for (const path of [...places, ...others, job, ...surfaces, `${job}/price`, `${job}/shopping`, ...papers])
      await readsWell(page, path);
  });
});

test('the door of a founded server is the sign-in, and the first-run page is gone', async ({ page }) => {
  await page.goto(`${base}/first-run`);
  await expect(page.getByText('A firm is here already')).toBeVisible();
  await comeIn(page);
});

test('the demo is looked round in and thrown away from the menu', async ({ page }, info) => {
  await comeIn(page);
  await page.goto(`${base}/begin`);
  await page.getByRole('button', { name: 'Into the demo' }).click();
  await expect(page.getByText('This is the demo')).toBeVisible({ timeout: 60_000 });
  await page.goto(`${base}/jobs`);
  await expect(page.getByRole('link', { name: /Ferrykeeper/ }).first()).toBeVisible();
  if (info.project.name === 'site') await page.getByRole('button', { name: 'More' }).click();
  await page
    .getByRole('button', { name: /Ada Thirle/ })
    .filter({ visible: true })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Throw the demo away' }).click();
  await expect(page.getByRole('heading', { name: 'Begin: Plains Brush Co.' })).toBeVisible({ timeout: 30_000 });
  await page.goto(`${base}/jobs`);
  await expect(page.getByRole('link', { name: 'Aspen house' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Ferrykeeper/ })).toHaveCount(0);
});
