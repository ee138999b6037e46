import { readFileSync } from 'node:fs';
import { yearOfVisits } from './yearOfVisits.mjs';

/** The prices that prove the bound, and how they were got. */
const BEST = JSON.parse(readFileSync(new URL('./roundBest.json', import.meta.url), 'utf8'));

/** Rows of the bench about aftercare: what follows from many finished surfaces, and a year's visits as rounds. */
export async function careRows(core, timed, unit) {
  const beside = (took, words) => `${words}; ${(took / unit).toFixed(0)} × yardstick`;
  const many = 5000;
  const follows = finishedSurfaces(core, many);
  const all = () =>
    follows.map(({ c, end, place, lives }) => [
      ...core.visitsOf(c, end, 'Europe/London', place, []),
      core.repaintOf(c.d.surface.exposure, end, lives),
    ]);
  await timed(2, all);
  const took = await timed(5, all);
  const found = all().flat();
  const asked = yearOfVisits(core, 150);
  const plan = () => core.planRounds(asked);
  await timed(1, plan);
  const sought = await timed(3, plan);
  const { costMin, rounds } = plan();
  const began = performance.now();
  const bound = core.leastRoundTimeBy(asked, BEST.price);
  const proved = performance.now() - began;
  const gap = ((costMin / bound - 1) * 100).toFixed(1);
  return [
    [
      'follow-ups of 5,000 finished surfaces',
      `${took.toFixed(0)} ms`,
      '300 ms',
      beside(took, `${found.length - many} visits with their seasons, a forecast of the next painting each`),
    ],
    [
      'rounds for 150 visits',
      `${(sought / 1000).toFixed(2)} s`,
      '2 s',
      beside(
        sought,
        `${rounds.length} rounds, ${costMin.toFixed(0)} min on the way and setting out (best known ${BEST.costMin}); no less than ${bound.toFixed(0)} (${gap} % above the bound, proved in ${(proved / 1000).toFixed(1)} s beside it)`,
      ),
    ],
  ];
}

/** Surfaces of every kind that asks for something, finished over five years. */
function finishedSurfaces(core, many) {
  const kinds = [
    { element: 'railing', substrate: 'softwood', exposure: 'exterior-exposed', isNew: true },
    { element: 'siding', substrate: 'softwood', exposure: 'exterior-exposed', conditions: ['weathered-wood'] },
    { element: 'masonry', substrate: 'render', conditions: ['chalking', 'efflorescence'] },
    { element: 'wall', substrate: 'skim-plaster', exposure: 'interior-wet', conditions: ['mould'] },
    { element: 'trim', substrate: 'softwood', conditions: ['knots'] },
    { element: 'wall', substrate: 'drywall' },
  ].map((surface) => core.caseOf(core.readBy(core.assessSchema, { surface })).c);
  const place = { hemisphere: 'northern', climate: 'mild-coast' };
  const lives = Array.from({ length: 400 }, (_, i) => ({
    exposure: i % 2 ? 'exterior-exposed' : 'interior-dry',
    years: 0.5 + (i % 37) / 8,
    failed: i % 7 === 0,
  }));
  return Array.from({ length: many }, (_, i) => ({
    c: kinds[i % kinds.length],
    end: 18_993 + Math.floor(i * 0.36),
    place,
    lives,
  }));
}
