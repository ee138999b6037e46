import { readFileSync, writeFileSync } from 'node:fs';
import { ensureBuild, ensurePackages } from './build.mjs';
import { INSTANCES } from './planInstances.mjs';
import { say } from './say.mjs';

/**
 * `node tools/planBest.mjs [NAME]`: searches each named job for some minutes and keeps the best end known of it in
 * `planBest.json`: minutes from the start, the bound that is proven, and how both were got. What is kept is never made worse.
 */
ensurePackages();
ensureBuild();
const core = await import('../packages/core/dist/index.js');
const FILE = new URL('./planBest.json', import.meta.url);
const TRIES = Number(process.env.TRIES ?? 40_000_000);
const known = JSON.parse(readFileSync(FILE, 'utf8'));
const only = process.argv[2];
for (const [name, make] of Object.entries(INSTANCES)) {
  if (only && !name.includes(only)) continue;
  const input = make(core);
  const began = performance.now();
  // Longer is another way through, and not always to the better one.
  const plans = [{}, { thorough: true }, { tries: TRIES }].map((how) => core.planRead(input, how));
  const plan = plans.reduce((a, b) => (b.objective.finishMin < a.objective.finishMin ? b : a));
  const minutes = Math.round((performance.now() - began) / 6000) / 10;
  const bound = Math.max(...plans.map((p) => (Date.parse(p.lowerBound) - Date.parse(input.start)) / 60_000));
  const before = known[name];
  const finishMin = Math.min(plan.objective.finishMin, before?.finishMin ?? Infinity);
  const boundMin = Math.max(bound, before?.boundMin ?? 0);
  const moved = !before || finishMin < before.finishMin || boundMin > before.boundMin;
  if (moved)
    known[name] = {
      finishMin,
      boundMin,
      got: `searched and proven by planRead, at once, for some seconds, and with ${TRIES / 1e6} million tries`,
    };
  say(`${name}: ${plan.objective.finishMin}, proven at least ${bound}, ${minutes} min`);
  writeFileSync(FILE, `${JSON.stringify(known, null, 2)}\n`);
}
