import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { generateEndpoints } from '@rtk-query/codegen-openapi';
import { apiDescription } from './apiDescription.mjs';
import { ROOT } from './run.mjs';
import { temporaryFolder } from './temporary.mjs';

const CORE_TYPES = join(ROOT, 'apps/server/src/http/coreTypes.ts');
/** Asked with a body, but nothing is written. */
const QUESTIONS = ['whatIf', 'wayBack', 'rulesPreview', 'checkWork', 'tryParts'];

/** What the core has under the same name: it is imported, not written again. */
const ofCore = () => [...readFileSync(CORE_TYPES, 'utf8').matchAll(/^ {2}(\w+): \1;$/gm)].map(([, name]) => name);

/** The web's endpoints as RTK Query has them, with the types of all that is asked and answered. */
export async function webEndpoints() {
  const description = await apiDescription();
  const core = ofCore();
  for (const name of core) description.components.schemas[name] = {};
  const folder = temporaryFolder('api');
  try {
    const schemaFile = join(folder, 'openapi.json');
    writeFileSync(schemaFile, JSON.stringify(description));
    const text = await generateEndpoints({
      schemaFile,
      apiFile: './api.ts',
      apiImport: 'api',
      exportName: 'endpoints',
      hooks: { queries: true, lazyQueries: true, mutations: true },
      flattenArg: true,
      encodePathParams: true,
      filterEndpoints: (name) => !name.includes('Controller'),
      endpointOverrides: [{ pattern: QUESTIONS, type: 'query' }],
      isDataResponse: (code) => code === '2XX',
    });
    return formed(text, core);
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** What the pages say, all of it as one text: hooks that no page uses are left out. */
function pages() {
  const folder = join(ROOT, 'apps/web/src');
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((file) => file.isFile() && /\.tsx?$/.test(file.name) && file.name !== 'endpoints.ts')
    .map((file) => readFileSync(join(file.parentPath, file.name), 'utf8'))
    .join('\n');
}

/** The address and the body in one flat argument, as forms have them; types of the core from the core. */
function formed(text, core) {
  const used = new Set(pages().match(/\buse\w+(Query|Mutation)\b/g));
  const imported = core.filter((name) => text.includes(`export type ${name} = any;\n`)).sort();
  const flat = text
    .replace(/^import .*\n/, '')
    .replace(/export type (\w+) = any;\n/g, (whole, name) => (core.includes(name) ? '' : whole))
    .replace(
      /ApiArg = \{\n((?: {2}(?:\/\*\*.*\*\/ )?\w+: string;\n)+) {2}\w+: (\w+Body|\w+Change|\w+Asked);\n\};/g,
      'ApiArg = {\n$1} & $2;',
    )
    .replace(/^ {2}(use\w+),\n/gm, (whole, hook) => (used.has(hook) ? whole : ''))
    .replace(
      /query: \(queryArg\) => \(\{\s*url: `([^`]*)`,\s*method: "(\w+)",\s*body: queryArg\.\w+,\s*\}\)/g,
      (whole, url, method) => {
        const params = [...url.matchAll(/String\(queryArg\.(\w+)\)/g)].map(([, name]) => name);
        return params.length === 0
          ? whole
          : `query: ({ ${params.join(', ')}, ...body }) => ({ url: \`${url.replaceAll('queryArg.', '')}\`, method: "${method}", body })`;
      },
    );
  return [
    '/** Written by tools/written.mjs from the description of the API; not by hand. */',
    `import type { ${imported.join(', ')} } from '@rustic/core';`,
    "import { api } from './api.ts';",
    flat,
  ].join('\n');
}
