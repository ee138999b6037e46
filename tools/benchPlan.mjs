import { readFileSync } from 'node:fs';
import { INSTANCES, job } from './planInstances.mjs';

/** Rows of the bench about planning: times by size, and what plans of fixed jobs come to beside the best known of them. */
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
  for (const name of Object.keys(INSTANCES)) rows.push(instanceRow(core, name));
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

/** The best known of each named job, and how it was got: `tools/planBest.mjs`. */
const BEST = JSON.parse(readFileSync(new URL('./planBest.json', import.meta.url), 'utf8'));
/** Larger ones are only planned at once: who asks for them waits long enough. */
const MOST_THOROUGH = 100;

/** One named job: at once, with some seconds, and by the plainest way there is, each against the best known. */
function instanceRow(core, name) {
  const input = INSTANCES[name](core);
  const { finishMin, boundMin } = BEST[name];
  const above = (plan) => `${((plan.objective.finishMin / finishMin - 1) * 100).toFixed(1)} %`;
  const clocked = (options) => {
    const began = performance.now();
    const plan = core.planRead(input, options);
    return { plan, ms: performance.now() - began };
  };
  const once = clocked({});
  const steps = input.surfaces.reduce((n, s) => n + s.steps.length, 0);
  const long = steps <= MOST_THOROUGH ? clocked({ thorough: true }) : null;
  const longer = long
    ? `${above(long.plan)} in ${(long.ms / 1000).toFixed(1)} s${gapOf(long.plan) === 0 ? ', proven' : ''}; `
    : '';
  const best =
    boundMin === finishMin
      ? 'the proven best'
      : `the best known, at most ${((finishMin / boundMin - 1) * 100).toFixed(1)} % above what is possible`;
  return [
    name,
    `${above(once.plan)} in ${once.ms.toFixed(0)} ms`,
    steps <= 60 ? '0 %' : steps <= 300 ? '1 %' : '3 %',
    `${longer}first come first served ${above(clocked({ first: true }).plan)}; above ${best} (${finishMin} min)`,
  ];
}
