import { launchChromium, signInOn } from './chromium.mjs';

/** So long the page is watched while it plans and scrolls. */
const WATCHED_MS = 4000;

/** What the drying page is drawn from, for a job of the bench: its surfaces, rooms and people by their ids. */
function sheetOf(core, input, jobId) {
  const rooms = input.zones.map((z, i) => ({
    id: z.id,
    jobId,
    name: `Room ${i + 1}`,
    kind: 'room',
    version: 1,
    airFrom: 'reading',
    noDustWhileWet: z.noDustWhileWet,
    backBy: null,
    fumesOutBy: null,
    maxNightsOut: null,
  }));
  return {
    job: { id: jobId, title: 'A long job' },
    jobs: [{ id: jobId, title: 'A long job' }],
    rooms,
    surfaces: input.surfaces.map((s, i) => ({
      id: s.id,
      jobId,
      roomId: s.zone,
      name: `Surface ${i + 1}`,
      element: 'wall',
    })),
    people: input.crew.map((p) => ({ id: p.id, name: p.id, initials: p.id.toUpperCase(), hours: null })),
    input,
    plan: core.planRead(input),
    now: input.start,
    log: [],
    holds: [],
    reliance: [],
    latestStarts: [],
    posted: null,
    difference: null,
  };
}

/** Frames of the drying page with so many steps on it, while it plans a Saturday and is scrolled from end to end. */
export async function pageRow(core, base, sign, input) {
  const steps = input.surfaces.reduce((n, s) => n + s.steps.length, 0);
  const browser = await launchChromium();
  const page = await browser.newPage({ baseURL: base, viewport: { width: 1280, height: 800 } });
  await signInOn(page, sign);
  const jobId = await page.evaluate(
    async () => (await (await fetch('/api/jobs')).json()).find((j) => j.status === 'active').id,
  );
  const sheet = JSON.stringify(sheetOf(core, input, jobId));
  await page.route('**/plan', (route) => route.fulfill({ contentType: 'application/json', body: sheet }));
  await page.goto(`/drying/${jobId}`);
  await page.getByText('By the clock').waitFor();
  await page.getByRole('button', { name: /What if/ }).click();
  const still = await page.evaluate(framesFor, WATCHED_MS);
  await page.getByRole('button', { name: 'Saturday too' }).click();
  await page.evaluate(scrollUpAndDown);
  const planning = await page.evaluate(framesFor, WATCHED_MS);
  await browser.close();
  return [
    `page of ${steps} steps, frames while it plans and scrolls`,
    `${planning.perSecond.toFixed(0)} a second`,
    '50 a second',
    `${still.perSecond.toFixed(0)} at rest; the longest took ${planning.longest.toFixed(0)} ms`,
  ];
}

/** In the page: as a reader's wheel does. */
function scrollUpAndDown() {
  const main = document.querySelector('main');
  let by = 40;
  setInterval(() => {
    const before = main.scrollTop;
    main.scrollTop += by;
    if (main.scrollTop === before) by = -by;
  }, 16);
}

/** In the page: how many frames it draws a second, and the longest it takes for one. */
async function framesFor(ms) {
  const times = [];
  const begun = performance.now();
  await new Promise((done) => {
    const frame = (t) => {
      times.push(t);
      if (performance.now() - begun < ms) requestAnimationFrame(frame);
      else done();
    };
    requestAnimationFrame(frame);
  });
  const gaps = times.slice(1).map((t, i) => t - times[i]);
  return { perSecond: (1000 * gaps.length) / (times.at(-1) - times[0]), longest: Math.max(...gaps) };
}
