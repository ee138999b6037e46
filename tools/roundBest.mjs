import { writeFileSync } from 'node:fs';
import loadHighs from 'highs';
import { ensureBuild, ensurePackages } from './build.mjs';
import { say } from './say.mjs';
import { yearOfVisits } from './yearOfVisits.mjs';

/**
 * `node tools/roundBest.mjs [BOUNDS]`: keeps in `roundBest.json` the best rounds known of the bench's year of visits,
 * and prices of the visits that prove how little any rounds can cost. The first bound takes some minutes, each after it many.
 */
ensurePackages();
ensureBuild();
const core = await import('../packages/core/dist/index.js');
const FILE = new URL('./roundBest.json', import.meta.url);
const EFFORT = 300_000;
const SEEDS = [0.5, 0.1, 0.2, 0.3];

const asked = yearOfVisits(core, 150);
const tried = SEEDS.map((seed) => core.planRounds({ ...asked, seed, effort: EFFORT }));
const best = tried.reduce((a, b) => (b.costMin < a.costMin ? b : a));
say(`found: ${best.costMin.toFixed(1)} min`);
const got = `rounds: the best of ${SEEDS.length} searches of ${EFFORT} turns; prices: leastRoundTimes`;
let left = Number(process.argv[2] ?? 1);
for (const { price } of core.leastRoundTimes(asked, best, await loadHighs())) {
  const kept = price.map((x) => Number(x.toFixed(4)));
  const bound = core.leastRoundTimeBy(asked, kept);
  say(`proven: ${bound.toFixed(1)} min`);
  const known = { costMin: Number(best.costMin.toFixed(1)), boundMin: Number(bound.toFixed(1)), got, price: kept };
  writeFileSync(FILE, `${JSON.stringify(known, null, 2)}\n`);
  if (--left === 0) break;
}
