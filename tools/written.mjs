/**
 * `npm run written`: writes anew what follows from something else in the repository, after that has changed: how answers
 * describe what the core computes, the web's endpoints, the JSON Schema of a job file, what a wrong treatment costs, what
 * is answered on every situation (which its own suite checks). With `--check` nothing is written; it fails where
 * something is stale, and names it.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensurePackages, ensureServer } from './build.mjs';
import { ROOT, runShown } from './run.mjs';
import { say } from './say.mjs';

ensurePackages();
const { coreSchemas } = await import('./coreSchemas.mjs');
const { webEndpoints } = await import('./webEndpoints.mjs');
const checking = process.argv.includes('--check');
const stale = [];

function put(file, text) {
  const path = join(ROOT, file);
  if (readFileSync(path, 'utf8') === text) return;
  if (checking) stale.push(file);
  else writeFileSync(path, text);
}

put('apps/server/src/http/coreSchemas.ts', coreSchemas());
ensureServer();
put('apps/web/src/store/endpoints.ts', await webEndpoints());
const { jobFileJsonSchema } = await import('../packages/core/dist/index.js');
const { wrongTreatmentText } = await import('./wrongTreatment.mjs');
put('packages/core/src/evidence/knowledge/wrongTreatment.ts', await wrongTreatmentText());
put('docs/job.schema.json', `${JSON.stringify(jobFileJsonSchema(), null, 2)}\n`);
const reference = ['jest', '--selectProjects', 'core', '--testPathPatterns', 'core/test/reference', '--silent', '-u'];
const env = { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --no-warnings' };
if (!checking && runShown('npx', reference, { env }) !== 0) stale.push('packages/core/test/__snapshots__');
for (const file of stale) say(`${file} is stale: npm run written`);
process.exit(stale.length ? 1 : 0);
