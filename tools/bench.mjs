import { readdirSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ensureBuild, ensurePackages } from './build.mjs';
import { careRows } from './benchCare.mjs';
import { pdfRow, priceRows } from './benchPrice.mjs';
import { pageRow } from './benchPage.mjs';
import { pictureRows } from './benchPicture.mjs';
import { paintRows } from './benchPaint.mjs';
import { readingRows } from './benchReading.mjs';
import { siteRows } from './benchSite.mjs';
import { planRows } from './benchPlan.mjs';
import { job as longJob } from './planInstances.mjs';
import { freePort, startMariadb } from './mariadb.mjs';
import { ROOT } from './run.mjs';
import { say } from './say.mjs';
import { startServer } from './serve.mjs';
import { temporaryFolder } from './temporary.mjs';

/** `npm run bench`: figures beside a baseline of the same run, since machines differ and drift. */
ensurePackages();
ensureBuild();
const core = await import('../packages/core/dist/index.js');
const rows = [];
const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

async function timed(runs, act) {
  const times = [];
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    await act(i);
    times.push(performance.now() - start);
  }
  return median(times);
}

/** A fixed piece of work on this machine, to measure the others by: JSON there and back. */
const yardstick = JSON.parse(
  JSON.stringify(Array.from({ length: 400 }, (_, i) => ({ i, text: `line ${i}`, list: [i, i + 1, i + 2] }))),
);
const baseline = () => JSON.parse(JSON.stringify(yardstick));
await timed(300, baseline);
const unit = await timed(300, baseline);

const question = {
  surface: {
    element: 'trim',
    substrate: 'softwood',
    exposure: 'interior-dry',
    conditions: ['glossy'],
    areaM2: 12,
    currentColour: '#efe9d8',
    builtYear: 1931,
  },
  tests: [
    { kind: 'spirit-rub', result: 'no-transfer' },
    { kind: 'sheen-look', result: 'gloss', yellowed: true },
  ],
  neighbours: [{ campaign: 'same', element: 'door', tests: [{ kind: 'spirit-rub', result: 'no-transfer' }] }],
  wanted: { chemistry: 'waterborne', sheen: 'satin', colour: '#22384d' },
};
/** The parts of the bench, each by itself: one that fails says so in its place, and the others go on. */
const PARTS = {
  'one surface': assessed,
  systems,
  evidence,
  'a trial': trial,
  prices: async () => rows.push(...(await priceRows(core, timed, unit))),
  plans: async () => rows.push(...(await planRows(core, timed, unit))),
  pictures: async () => rows.push(...(await pictureRows(core, timed))),
  aftercare: async () => rows.push(...(await careRows(core, timed, unit))),
  'over HTTP': overHttp,
  'people at once': async () => {
    const { DEMO_PASSWORD, DEMO_PEOPLE } = await import('../apps/server/dist/demo/firm.js');
    rows.push(...(await siteRows(DEMO_PEOPLE, DEMO_PASSWORD)));
  },
  'a firm of a thousand jobs': async () => rows.push(...(await readingRows(core))),
  'pages painted': async () => {
    const { DEMO_PASSWORD, DEMO_PEOPLE } = await import('../apps/server/dist/demo/firm.js');
    rows.push(...(await paintRows({ email: DEMO_PEOPLE[0].email, password: DEMO_PASSWORD })));
  },
  'first load': async () => rows.push(firstLoadRow()),
};
const wanted = process.argv.slice(2);
for (const [name, part] of Object.entries(PARTS)) {
  if (wanted.length && !wanted.includes(name)) continue;
  try {
    await part();
  } catch (error) {
    rows.push([name, 'FAILED', '', error.message.split('\n')[0]]);
    process.exitCode = 1;
  }
}
const widths = [0, 1, 2].map((i) => Math.max(...rows.map((r) => r[i].length), 6));
for (const row of [['what', 'median', 'aim', 'beside'], ...rows])
  say(row.map((cell, i) => cell.padEnd(widths[i] ?? 0)).join('   '));
// What a part that failed left running ends with the bench.
process.exit();

async function assessed() {
  await timed(400, () => core.assess(question));
  const assess = await timed(400, () => core.assess(question));
  rows.push([
    'assess one surface',
    `${assess.toFixed(2)} ms`,
    '2 ms',
    `${(assess / unit).toFixed(1)} × JSON yardstick (${unit.toFixed(3)} ms)`,
  ]);
}

/** A shelf of 300 products: the shipped ones, and as many again and again under other names. */
function wholeShelf() {
  const more = Array.from({ length: 3 }, (_, n) =>
    core.SHIPPED_SHELF.map((p) => ({ ...p, id: `${p.id}-${n}`, name: `${p.name} ${n}` })),
  );
  return [...core.SHIPPED_SHELF, ...more.flat()].slice(0, 300);
}

/** One surface with its alternatives on a long shelf; a job of 200 surfaces; the products that cover it. */
async function systems() {
  const shelf = wholeShelf();
  const read = core.readBy(core.assessSchema, question);
  const one = () => core.assessRead(read, { shelf });
  await timed(200, one);
  const took = await timed(200, one);
  rows.push([
    'one surface with alternatives, 300 products',
    `${took.toFixed(2)} ms`,
    '10 ms',
    `${one().alternatives.length} alternatives; ${(took / unit).toFixed(1)} × yardstick`,
  ]);
  const grounds = ['softwood', 'drywall', 'lime-plaster', 'melamine', 'wallpaper-paper', 'render', 'ferrous-metal'];
  const flags = [['glossy'], [], ['water-stain'], ['greasy'], ['loose-paper'], ['chalking'], ['rust-stain'], ['gaps']];
  const job = Array.from({ length: 200 }, (_, i) =>
    core.readBy(core.assessSchema, {
      ...question,
      surface: {
        ...question.surface,
        element: ['trim', 'wall', 'ceiling', 'door', 'cabinet'][i % 5],
        substrate: grounds[i % 7],
        conditions: flags[i % 8],
        areaM2: 4 + (i % 13),
      },
      tests: i % 3 ? question.tests : [],
      neighbours: [],
    }),
  );
  const whole = () => job.map((q) => core.assessRead(q, { shelf }));
  await timed(2, whole);
  const all = await timed(5, whole);
  rows.push([
    'a job of 200 surfaces, every system',
    `${all.toFixed(0)} ms`,
    '1 s',
    `${(all / unit).toFixed(0)} × yardstick`,
  ]);
  const cover = () => {
    const demands = job.flatMap((q, i) => {
      const { c, made } = core.caseOf(q, { shelf });
      return core.productDemands(c, made, `${i}`);
    });
    return { set: core.smallestSet(demands), demands };
  };
  await timed(1, cover);
  const covered = await timed(3, cover);
  const { set, demands } = cover();
  rows.push([
    'the fewest products for that job, exact',
    `${covered.toFixed(0)} ms`,
    '',
    `${demands.length} lines by ${set.products.length} products; ${(covered / unit).toFixed(0)} × yardstick`,
  ]);
}

/** The odds of one surface, and a whole house with its ranked tests. */
async function evidence() {
  const read = core.readBy(core.assessSchema, question);
  const facts = core.factsOf(read);
  // A surface of its own each time: what was read once is not read again.
  const one = () => core.posteriorOdds({ ...facts }, read.tests, read.neighbours);
  await timed(2000, one);
  const posterior = await timed(2000, one);
  rows.push([
    'odds of one surface',
    `${posterior.toFixed(3)} ms`,
    '1 ms',
    `${(posterior / unit).toFixed(2)} × yardstick`,
  ]);
  const elements = ['trim', 'door', 'window', 'wall', 'ceiling', 'stair'];
  const results = ['no-transfer', 'transfer', 'slight-transfer', 'softens'];
  const members = Array.from({ length: 200 }, (_, i) => ({
    id: `s${i}`,
    surface: core.surfaceFacts({
      element: elements[i % 6],
      substrate: i % 6 === 3 || i % 6 === 4 ? 'lime-plaster' : 'softwood',
      builtYear: 1908,
      areaM2: 4 + (i % 9),
    }),
    tests: i % 5 === 0 ? [{ kind: 'spirit-rub', result: results[(i / 5) % 4] }] : [],
    campaign: `campaign ${i % 12}`,
  }));
  const house = () => core.houseTests(core.readHouse(members));
  await timed(12, house);
  const took = await timed(25, house);
  rows.push([
    'house of 200 surfaces in 12 campaigns, tests ranked',
    `${took.toFixed(0)} ms`,
    '60 ms',
    `${house().tests.length} tests pay; ${(took / unit).toFixed(0)} × yardstick`,
  ]);
  const houseRead = core.readHouse(members);
  const cases = members.map(({ id, surface: { element, substrate, builtYear, areaM2 }, tests }) => {
    const asked = core.readBy(core.assessSchema, { surface: { element, substrate, builtYear, areaM2 }, tests });
    return core.caseOf(asked, { oddsOf: () => core.stacksIn(houseRead, id) });
  });
  const open = () => cases.flatMap(({ c, made }) => core.openQuestions(c, made));
  await timed(3, open);
  rows.push([
    'what else is open on them, each against its own system',
    `${(await timed(9, open)).toFixed(0)} ms`,
    '',
    `${open().filter((t) => t.expectedSaving > 0).length} of ${open().length} questions would change the work`,
  ]);
}

/** A trial of five preparations, five primers and three topcoats, looked at with thumbnail and eye. */
async function trial() {
  const arms = (families) => families.map((f) => core.familyArm(f));
  const design = {
    preparations: ['a', 'b', 'c', 'd', 'e'].map(core.armInWords),
    leftOut: [],
    primers: arms([
      'shellac-primer',
      'oil-primer',
      'bonding-acrylic-primer',
      'stain-blocking-acrylic-primer',
      'multi-purpose-acrylic-primer',
    ]),
    topcoats: arms(['acrylic-trim', 'waterborne-alkyd', 'oil-enamel']),
    replicates: 1,
    seed: 5,
  };
  const cells = core.layOut(design);
  const looks = cells.flatMap((c, i) => {
    const good = (i * 7 + (c.primer ?? 9) * 3 + (c.preparation ?? 9)) % 4;
    const result = ['holds', 'marks', 'scratches-off', 'peels-in-sheet'][good];
    return [
      { cell: c.id, part: 'cell', kind: 'nail-scratch', result, filmAgeHours: 100 },
      { cell: c.id, part: 'cell', kind: 'test-patch', result: good > 1 ? 'faint-bleed' : 'covers' },
    ];
  });
  const rank = () => core.rankTrial(design, cells, looks, { draws: 10_000 });
  await timed(2, rank);
  const took = await timed(7, rank);
  rows.push([
    'rank a 5 × 5 × 3 trial, 10,000 draws',
    `${took.toFixed(0)} ms`,
    '300 ms',
    `${looks.length} looks, two traits; ${(took / unit).toFixed(0)} × yardstick`,
  ]);
}

/** Reading a whole job over HTTP, against a bare Node and mysql2 endpoint that returns the same job's rows. */
async function overHttp() {
  const database = await startMariadb(join(temporaryFolder('bench'), 'mariadb'), { quick: true });
  const port = await freePort();
  const server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'error' } });
  const { DEMO_PASSWORD, DEMO_PEOPLE } = await import('../apps/server/dist/demo/firm.js');
  const base = `http://127.0.0.1:${port}`;
  const door = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers: { origin: base, 'content-type': 'application/json' },
    body: JSON.stringify({ email: DEMO_PEOPLE[0].email, password: DEMO_PASSWORD }),
  });
  const cookie = door.headers.get('set-cookie').split(';')[0];
  const read = async (path) => (await fetch(base + path, { headers: { cookie } })).json();
  const id = (await read('/api/jobs')).find((j) => j.title.startsWith('Ferrykeeper')).id;

  const { createPool } = await import('mysql2/promise');
  const pool = createPool({ uri: database.url, connectionLimit: 4 });
  const bare = createServer(async (_request, response) => {
    const tables = [
      'job WHERE id',
      'room WHERE job_id',
      'surface WHERE job_id',
      'test_record WHERE job_id',
      'system_choice WHERE job_id',
      'work_log WHERE job_id',
      'air_reading WHERE job_id',
    ];
    const found = await Promise.all(tables.map((table) => pool.query(`SELECT * FROM ${table} = ?`, [id])));
    response.setHeader('content-type', 'application/json').end(JSON.stringify(found.map(([r]) => r)));
  });
  const barePort = await freePort();
  await new Promise((done) => bare.listen(barePort, '127.0.0.1', done));
  const ask = () => read(`/api/jobs/${id}`);
  const askBare = async () => (await fetch(`http://127.0.0.1:${barePort}/`)).json();
  await timed(30, ask);
  await timed(30, askBare);
  const ours = await timed(80, ask);
  const theirs = await timed(80, askBare);
  rows.push([
    'read a job over HTTP',
    `${ours.toFixed(1)} ms`,
    '',
    `${(ours / theirs).toFixed(1)} × bare Node and mysql2 (${theirs.toFixed(1)} ms), eight diagnoses and systems included`,
  ]);
  rows.push(await pdfRow((path) => fetch(base + path, { headers: { cookie } }), id, timed, median));
  rows.push(await pageRow(core, base, { email: DEMO_PEOPLE[0].email, password: DEMO_PASSWORD }, longJob(core, 1500)));
  bare.close();
  await pool.end();
  await server.stop();
  await database.stop();
}

const firstLoadRow = () => [
  'first-load JavaScript, gzipped',
  `${(firstLoad() / 1000).toFixed(0)} kB`,
  '230 kB',
  'the entry and what it imports at once',
];

/** The entry script and every module it preloads. */
function firstLoad() {
  const dist = join(ROOT, 'apps/web/dist');
  const page = readFileSync(join(dist, 'index.html'), 'utf8');
  const named = [...page.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((m) => m[1]);
  if (!named.length) throw new Error(`No script in the page; built files: ${readdirSync(join(dist, 'assets')).length}`);
  return named.reduce((sum, file) => sum + gzipSync(readFileSync(join(dist, file))).length, 0);
}
