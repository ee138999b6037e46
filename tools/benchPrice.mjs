/** The price of a job under what is unknown, and its tins: rows for the bench. */
export async function priceRows(core, timed, unit) {
  const rows = [];
  const beside = (took, words) => `${words}; ${(took / unit).toFixed(0)} × yardstick`;
  const input = fanInput(core);
  const play = () => core.simulateFan(input);
  await timed(2, play);
  const took = await timed(7, play);
  rows.push([
    `price fan, ${input.draws} draws over ${input.surfaces.length} surfaces`,
    `${took.toFixed(0)} ms`,
    '600 ms',
    beside(took, `${input.tests.length} tests played out`),
  ]);
  const needs = tinNeeds();
  const tins = () => needs.map((n) => core.tinsFor(n.needs, n.sizes, n.van, 0.5));
  await timed(4, tins);
  const bought = await timed(9, tins);
  rows.push([
    `tins for ${needs.length} products, exact`,
    `${bought.toFixed(1)} ms`,
    '50 ms',
    beside(bought, `${needs.reduce((sum, n) => sum + n.needs.length, 0)} surfaces, two batches of each in the van`),
  ]);
  return rows;
}

/** Sixty surfaces in six campaigns, a third of them tested, composed and laid out as the server does. */
function fanInput(core) {
  const elements = ['trim', 'door', 'window', 'wall', 'ceiling', 'stair'];
  const members = Array.from({ length: 60 }, (_, i) => ({
    id: `s${i}`,
    surface: core.surfaceFacts({
      element: elements[i % 6],
      substrate: i % 6 === 3 || i % 6 === 4 ? 'lime-plaster' : 'softwood',
      builtYear: 1908,
      areaM2: 4 + (i % 9),
    }),
    tests: i % 3 === 0 ? [{ kind: 'spirit-rub', result: i % 2 ? 'no-transfer' : 'transfer' }] : [],
    campaign: `campaign ${i % 6}`,
  }));
  const house = core.readHouse(members);
  const { nodes, memberAt } = core.jointOdds(house);
  const open = new Map();
  const asked = members.map((m) => {
    const { element, substrate, builtYear, areaM2 } = m.surface;
    const read = core.readBy(core.assessSchema, { surface: { element, substrate, builtYear, areaM2 }, tests: m.tests });
    const { c, made } = core.caseOf(read, { oddsOf: () => core.stacksIn(house, m.id) });
    open.set(m.id, core.openQuestions(c, made));
    return { surfaceId: m.id, nodes: [memberAt[m.id]], c, steps: made.steps, sized: 'typed', zones: [] };
  });
  const { tests } = core.houseTests(house, (m) => open.get(m.id));
  return core.fanInputOf({
    nodes,
    surfaces: asked.map(core.fanSurfaceOf),
    paintByLitre: asked.reduce((sum, s) => sum + core.priceOn(s.c, s.steps).materials, 0),
    tests: tests.slice(0, 12).map((t) => ({
      ...t,
      surfaceId: t.member,
      node: memberAt[t.member],
      on: members.find((m) => m.id === t.member).surface,
    })),
    price: core.priceJob(asked, core.USUAL_SETTINGS),
    settings: core.USUAL_SETTINGS,
    learned: [],
    seed: 0.618,
    draws: 10_000,
  });
}

function tinNeeds() {
  return Array.from({ length: 40 }, (_, p) => ({
    needs: Array.from({ length: 3 + (p % 12) }, (_, s) => ({
      surfaceId: `${p}/${s}`,
      litres: 0.3 + ((p * 7 + s * 13) % 40) / 10,
    })),
    sizes: [
      { litres: 0.75, price: 1900 + p * 3 },
      { litres: 2.5, price: 4900 + p * 11 },
      { litres: 5, price: 8800 + p * 17 },
    ],
    van: [
      { batch: 'A', litres: 1 + (p % 5) },
      { batch: 'B', litres: 2.5 },
    ],
  }));
}

const PING_EVERY_MS = 5;

/** A job pack as PDF over HTTP, and how long others wait meanwhile: health is asked all the while. */
export async function pdfRow(get, jobId, timed, median) {
  const pdf = async () => Buffer.from(await (await get(`/api/jobs/${jobId}/papers/job-pack?format=pdf`)).arrayBuffer());
  const pages = ((await pdf()).toString('latin1').match(/\/Type \/Page\b/g) ?? []).length;
  const quiet = await timed(40, () => get('/api/health'));
  const waits = [];
  let drawing = true;
  const pinging = (async () => {
    while (drawing) {
      const start = performance.now();
      await get('/api/health');
      waits.push(performance.now() - start);
      await new Promise((next) => setTimeout(next, PING_EVERY_MS));
    }
  })();
  const took = await timed(7, pdf);
  drawing = false;
  await pinging;
  waits.sort((a, b) => a - b);
  const p99 = waits[Math.floor(waits.length * 0.99)];
  return [
    `a job pack of ${pages} pages as PDF, over HTTP`,
    `${took.toFixed(0)} ms`,
    '1500 ms',
    `health meanwhile ${median(waits).toFixed(1)} ms, 99 in 100 under ${p99.toFixed(0)}, longest ${waits.at(-1).toFixed(0)} (quiet ${quiet.toFixed(1)})`,
  ];
}
