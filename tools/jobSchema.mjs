import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { ROOT } from './run.mjs';

/** `node tools/jobSchema.mjs`: writes the JSON Schema of a whole-job file anew, after a record has changed. */
ensurePackages();
ensureBuild();
const { jobFileJsonSchema } = await import('../packages/core/dist/index.js');
writeFileSync(join(ROOT, 'docs/job.schema.json'), `${JSON.stringify(jobFileJsonSchema(), null, 2)}\n`);
