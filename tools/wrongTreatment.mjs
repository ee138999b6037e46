import { format, resolveConfig } from 'prettier';
import { SETTINGS, TREATMENTS, wrongTreatmentCosts } from '../packages/core/dist/index.js';
import { ROOT } from './run.mjs';

const rowsOf = (setting) =>
  wrongTreatmentCosts(setting).map((row, at) => `    // ${TREATMENTS[at]}\n    [${row.join(', ')}],\n`);

const HEAD = `import type { Setting } from './treatments.ts';

/**
 * What it costs, in minor units per m², to treat a surface as the row where it is the column: work that was not
 * needed, or what lets go and is put right. Rows and columns follow TREATMENTS. Written by tools/written.mjs from the
 * systems and from how films fail (comparison/wrongTreatment.ts); not by hand.
 */
export const WRONG_TREATMENT: Readonly<Record<Setting, readonly (readonly number[])[]>> = {
`;

/** The table of what a wrong treatment costs, as the core's source has it. */
export async function wrongTreatmentText() {
  const settings = SETTINGS.map((setting) => `  '${setting}': [\n${rowsOf(setting).join('')}  ],\n`);
  const options = await resolveConfig(`${ROOT}/package.json`);
  return format(`${HEAD}${settings.join('')}};\n`, { ...options, parser: 'typescript' });
}
