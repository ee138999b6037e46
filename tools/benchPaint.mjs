import { join } from 'node:path';
import { launchChromium, signInOn } from './chromium.mjs';
import { freePort, startMariadb } from './mariadb.mjs';
import { startServer } from './serve.mjs';
import { temporaryFolder } from './temporary.mjs';

/** A processor so many times slower than this one. */
const SLOWER = 4;
const RUNS = 3;
/** So long nothing happens before a page counts as painted. */
const STILL_MS = 1000;
const WIDTHS = { desk: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } };
const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

const pagesOf = ({ job, surface }) => ({
  Today: '/today',
  Jobs: '/jobs',
  'a job': `/jobs/${job}`,
  'a surface': `/jobs/${job}/surfaces/${surface}`,
  Price: `/jobs/${job}/price`,
  Drying: `/drying/${job}`,
  Ledger: `/jobs/${job}/ledger`,
  Shelf: '/shelf',
  Aftercare: '/aftercare',
});

/** Each main page on the built application with the demo, on a slow processor: its largest paint, longest task and shift. */
export async function paintRows(sign) {
  const database = await startMariadb(join(temporaryFolder('paint'), 'mariadb'), { quick: true });
  const port = await freePort();
  const server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'error' } });
  const browser = await launchChromium();
  const rows = [];
  for (const [width, viewport] of Object.entries(WIDTHS)) {
    const context = await browser.newContext({ baseURL: `http://127.0.0.1:${port}`, viewport });
    const ids = await signedIn(context, sign);
    for (const [name, path] of Object.entries(pagesOf(ids))) {
      const seen = [];
      for (let run = 0; run < RUNS; run++) seen.push(await painted(context, path));
      const [paint, task, shift] = ['paint', 'task', 'shift'].map((what) => median(seen.map((one) => one[what])));
      rows.push([
        `${name} on a ${width}, largest paint at a quarter of the speed`,
        `${(paint / 1000).toFixed(2)} s`,
        '1.5 s',
        `longest task ${task.toFixed(0)} ms (200), shift ${shift.toFixed(3)} (0.02)`,
      ]);
    }
    // What keeps pages for no signal would answer in place of the line.
    const plain = { baseURL: `http://127.0.0.1:${port}`, viewport, serviceWorkers: 'block' };
    const still = await browser.newContext({ ...plain, storageState: await context.storageState() });
    rows.push(await scrolledRow(still, width, ids.job));
    await still.close();
    await context.close();
  }
  await browser.close();
  await server.stop();
  await database.stop();
  return rows;
}

const LONG = 10_000;
/** Pixels a frame, and for how long. */
const FLING = 140;
const FLUNG_MS = 3000;

/** How a ledger of ten thousand entries scrolls under a quick thumb, at full speed. */
async function scrolledRow(context, width, job) {
  const page = await context.newPage();
  await page.route(`**/api/jobs/${job}/ledger`, async (route) => {
    const written = await (await route.fetch()).json();
    await route.fulfill({
      json: Array.from({ length: LONG }, (_, i) => ({ ...written[i % written.length], seq: i + 1 })),
    });
  });
  await page.goto(`/jobs/${job}/ledger`);
  await page.getByRole('cell', { name: String(LONG), exact: true }).waitFor();
  const frames = await page.evaluate(flung, { by: FLING, ms: FLUNG_MS });
  await page.close();
  return [
    `a ledger of ${LONG.toLocaleString('en-GB')} entries scrolled on a ${width}`,
    `${frames.toFixed(0)} frames/s`,
    '50 frames/s',
    `${FLING} pixels a frame for ${FLUNG_MS / 1000} s`,
  ];
}

/** In the page: frames a second while it is scrolled. */
function flung({ by, ms }) {
  const { document, requestAnimationFrame } = globalThis;
  const main = document.querySelector('main');
  return new Promise((resolve) => {
    const began = performance.now();
    let frames = 0;
    const frame = () => {
      frames++;
      main.scrollTop += by;
      const took = performance.now() - began;
      if (took < ms) requestAnimationFrame(frame);
      else resolve((1000 * frames) / took);
    };
    requestAnimationFrame(frame);
  });
}

async function signedIn(context, sign) {
  const page = await context.newPage();
  await signInOn(page, sign);
  const ids = await page.evaluate(async () => {
    const jobs = await (await fetch('/api/jobs')).json();
    const job = jobs.find((j) => j.title.startsWith('Ferrykeeper')).id;
    const { surfaces } = await (await fetch(`/api/jobs/${job}`)).json();
    return { job, surface: surfaces[0].id };
  });
  await page.close();
  return ids;
}

async function painted(context, path) {
  const page = await context.newPage();
  await page.addInitScript(watch);
  const devtools = await context.newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  await page.goto(path);
  await page.waitForFunction((ms) => performance.now() - globalThis.seen.last > ms, STILL_MS, { timeout: 30_000 });
  const seen = await page.evaluate(() => globalThis.seen);
  await page.close();
  return seen;
}

/** In the page: what it paints largest and when, the longest task, and by how much it shifts. */
function watch() {
  const seen = { paint: 0, task: 0, shift: 0, last: performance.now() };
  globalThis.seen = seen;
  const note = (type, take) =>
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) take(entry);
      seen.last = performance.now();
    }).observe({ type, buffered: true });
  note('largest-contentful-paint', (entry) => (seen.paint = entry.startTime));
  note('longtask', (entry) => (seen.task = Math.max(seen.task, entry.duration)));
  note('layout-shift', (entry) => (seen.shift += entry.hadRecentInput ? 0 : entry.value));
}
