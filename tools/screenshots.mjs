import { randomBytes, randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { freePort, startMariadb } from './mariadb.mjs';
import { ROOT } from './run.mjs';
import { say } from './say.mjs';
import { startServer } from './serve.mjs';
import { temporaryFolder } from './temporary.mjs';

/** `npm run screenshots`: one picture of each main view, from a demo loaded for it. */
const OUT = join(ROOT, 'docs/screenshots');
const DESK = [
  ['today', '/today'],
  ['jobs', '/jobs'],
  ['job', '/jobs/{Ferrykeeper}'],
  ['surface', '/jobs/{Ferrykeeper}/surfaces/{Panelling}'],
  ['price', '/jobs/{Ferrykeeper}/price'],
  ['drying-plan', '/drying/{Ferrykeeper}'],
  ['aftercare', '/aftercare'],
  ['punch', '/jobs/{Net}/punch'],
  ['trial', '/trials/{trial}'],
  ['shelf', '/shelf'],
  ['practice', '/practice'],
  ['colours', '/jobs/{Ferrykeeper}/colours'],
  ['damage', '/jobs/{Ferrykeeper}/surfaces/{Chimney}/damage'],
  ['joints', '/jobs/{Ferrykeeper}/rooms/{Scullery}/joints'],
  ['colour-parts', '/jobs/{Corncrake}/surfaces/{Curved}/parts'],
  ['ledger', '/jobs/{Ferrykeeper}/ledger'],
];
const SITE = [
  ['site-today', '/today'],
  ['site-walk', '/jobs/{Ferrykeeper}/walk'],
];

ensurePackages();
ensureBuild();
mkdirSync(OUT, { recursive: true });
const { launchChromium, signInOn } = await import('./chromium.mjs');
const { DEMO_PASSWORD, DEMO_PEOPLE } = await import('../apps/server/dist/demo/firm.js');
const folder = temporaryFolder('shots');
const database = await startMariadb(join(folder, 'mariadb'), { quick: true });
const port = await freePort();
const post = { POST_DIR: join(folder, 'post') };
const server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'warn', ...post } });
const browser = await launchChromium();

async function shoot(views, viewport) {
  const page = await (await browser.newContext({ viewport, baseURL: `http://127.0.0.1:${port}` })).newPage();
  await signInOn(page, { email: DEMO_PEOPLE[0].email, password: DEMO_PASSWORD });
  const ids = await page.evaluate(async () => {
    const jobs = await (await fetch('/api/jobs')).json();
    const ferrykeeper = jobs.find((j) => j.title.startsWith('Ferrykeeper')).id;
    const read = async (id) => (await fetch(`/api/jobs/${id}`)).json();
    const whole = await read(ferrykeeper);
    const corncrake = jobs.find((j) => j.title === 'Corncrake Granary').id;
    return {
      Ferrykeeper: ferrykeeper,
      Chimney: whole.surfaces.find((s) => s.name.startsWith('Chimney')).id,
      Panelling: whole.surfaces.find((s) => s.name.startsWith('Panelling')).id,
      Scullery: whole.rooms.find((r) => r.name === 'Scullery').id,
      Corncrake: corncrake,
      Curved: (await read(corncrake)).surfaces.find((s) => s.name.startsWith('Curved')).id,
      Ropewalk: jobs.find((j) => j.title === 'Number 4 Ropewalk').id,
      Net: jobs.find((j) => j.title === 'The Net Loft').id,
      trial: (await (await fetch('/api/trials')).json())[0].id,
    };
  });
  for (const [name, path] of views) {
    await page.goto(path.replace(/\{(\w+)\}/g, (_, key) => ids[key]));
    await page.getByRole('heading', { level: 1 }).waitFor();
    // The page's feed never rests: what is there after a moment is what is drawn.
    await page.waitForTimeout(1_500);
    await page.screenshot({ path: join(OUT, `${name}.png`) });
    say(name);
  }
  return ids;
}

/** What a client sees: a link of its own, opened by nobody who is signed in. */
async function shootClient(jobId) {
  const owner = await (await browser.newContext({ baseURL: `http://127.0.0.1:${port}` })).newPage();
  await owner.goto('/');
  const token = randomBytes(32).toString('base64url');
  await owner.evaluate(
    async ([email, password, id, body]) => {
      const send = (path, what) =>
        fetch(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(what) });
      await send('/api/session', { email, password });
      await send(`/api/jobs/${id}/client-link`, body);
    },
    [DEMO_PEOPLE[0].email, DEMO_PASSWORD, jobId, { id: randomUUID(), token }],
  );
  const viewport = { width: 1280, height: 800 };
  const client = await (await browser.newContext({ viewport, baseURL: `http://127.0.0.1:${port}` })).newPage();
  await client.goto(`/client/${token}`);
  await client.getByRole('button', { name: /^I agree/ }).waitFor();
  await client.screenshot({ path: join(OUT, 'client.png') });
  say('client');
}

const ids = await shoot(DESK, { width: 1280, height: 800 });
await shoot(SITE, { width: 390, height: 844 });
await shootClient(ids.Ropewalk);
await browser.close();
await server.stop();
await database.stop();
