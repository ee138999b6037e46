/** Rows of the bench about planning: jobs of several rooms in weather, each with the gap to its proven bound. */
const HOURS = 24 * 90;
const START = Date.parse('2027-04-05T00:00:00Z');
const coat = { chemistry: 'waterborne', dustFreeMin: 60, recoatMin: 240, minTempC: 8, maxRhPct: 88 };
const outside = { ...coat, rainSafeMin: 120, dewMarginC: 3 };
const oil = { chemistry: 'solvent-borne', dustFreeMin: 240, recoatMin: 960, recoatMaxMin: 5760, minTempC: 5 };

/** A job of so many steps, five a surface, in rooms and outside. */
export function job(core, steps) {
  const air = core.stationHours({ name: 'Pellworth Staithe', hemisphere: 'northern' }, START / 60_000, HOURS);
  const surfaces = steps / 5;
  const rooms = Math.ceil(surfaces / 5);
  const coatOf = (i, room) => (room % 3 === 0 ? outside : i % 4 === 2 ? oil : coat);
  return core.readBy(core.planSchema, {
    start: '2027-04-05T08:00:00+01:00',
    timeZone: 'Europe/London',
    crew: [
      { id: 'a', skills: ['spray'] },
      { id: 'b', from: '07:30', to: '15:30' },
      { id: 'c', days: [1, 2, 3, 4] },
      { id: 'd', days: [2, 3, 4, 5, 6] },
    ],
    air: { ...air, from: new Date(START).toISOString() },
    zones: Array.from({ length: rooms }, (_, z) => ({
      id: `z${z}`,
      noDustWhileWet: z % 2 === 0,
      ...(z % 3 ? { air: { kind: 'steady', temperatureC: 17, relativeHumidityPct: 60 } } : {}),
    })),
    racks: 3,
    surfaces: Array.from({ length: surfaces }, (_, i) => {
      const room = Math.floor(i / 5);
      const finish = { drying: coatOf(i, room), onRack: i % 5 === 1 };
      return {
        id: `s${i}`,
        zone: `z${room}`,
        steps: [
          { id: '1', kind: 'wash', minutes: 20 + ((i * 7) % 40), waitMin: 60 },
          { id: '2', kind: 'sand', minutes: 30 + ((i * 13) % 50), dusty: true },
          { id: '3', kind: 'prime', minutes: 40, drying: { ...coat, recoatMin: 45 } },
          { id: '4', kind: 'finish-coat', minutes: 40 + ((i * 11) % 45), ...finish },
          { id: '5', kind: 'finish-coat', minutes: 50, ...finish, people: i % 10 === 7 ? 2 : 1 },
        ],
      };
    }),
  });
}

const gapOf = (plan) => (Date.parse(plan.finish) - Date.parse(plan.lowerBound)) / 3_600_000;
const hoursOf = (plan) => plan.objective.finishMin / 60;

/** Tries of a start that a search of about a minute makes. */
const A_MINUTE = 12_000_000;

export async function planRows(core, timed, unit) {
  const rows = [];
  for (const [steps, runs, aim] of [
    [60, 9, '150 ms'],
    [300, 5, '1 s'],
    [1500, 1, '5 s'],
  ]) {
    const input = job(core, steps);
    core.planRead(input);
    const took = await timed(runs, () => core.planRead(input));
    const plan = core.planRead(input);
    const long = steps === 300 && process.env.BENCH_LONG ? core.planRead(input, { tries: A_MINUTE }) : null;
    const beside = long
      ? `; ${((hoursOf(plan) / hoursOf(long) - 1) * 100).toFixed(1)} % above the best of a minute`
      : '';
    rows.push([
      `plan ${steps} steps`,
      `${took.toFixed(0)} ms`,
      aim,
      `${gapOf(plan).toFixed(1)} h above the bound of ${(hoursOf(plan) - gapOf(plan)).toFixed(0)} h${beside}; ${(took / unit).toFixed(0)} × yardstick`,
    ]);
  }
  rows.push(await replanRow(core, timed, unit));
  const used = process.memoryUsage().rss / 1e6;
  rows.push(['memory after planning 1,500 steps', `${used.toFixed(0)} MB`, '300 MB', 'the whole bench process']);
  return rows;
}

/** A job of 300 steps a day and a half on, with its last primer laid three hours late. */
async function replanRow(core, timed, unit) {
  const input = job(core, 300);
  const posted = core.planRead(input);
  const now = Date.parse(input.start) + 30 * 3_600_000;
  const done = new Map(posted.steps.filter((s) => Date.parse(s.end) <= now).map((s) => [`${s.surface}/${s.id}`, s]));
  const late = [...done.values()]
    .filter((s) => s.id === '3')
    .sort((a, b) => (a.end < b.end ? -1 : 1))
    .at(-1);
  const endOf = (s) => (s === late ? new Date(Date.parse(s.end) + 3 * 3_600_000).toISOString() : s.end);
  const today = {
    ...input,
    start: new Date(now).toISOString(),
    surfaces: input.surfaces.map((surface) => ({
      ...surface,
      steps: surface.steps.map((step) => {
        const was = done.get(`${surface.id}/${step.id}`);
        return was ? { ...step, done: true, start: was.start, end: endOf(was), crew: was.crew } : step;
      }),
    })),
  };
  core.replan(today, posted);
  const took = await timed(7, () => core.replan(today, posted));
  const { moved } = core.differenceOf(posted, core.replan(today, posted), new Set(done.keys()));
  return [
    're-plan 300 steps after a late coat',
    `${took.toFixed(0)} ms`,
    '200 ms',
    `${moved.length} starts moved; ${(took / unit).toFixed(0)} × yardstick`,
  ];
}
