import { fileURLToPath } from 'node:url';
import TJS from 'typescript-json-schema';

const NAMES = fileURLToPath(new URL('../apps/server/src/http/coreTypes.ts', import.meta.url));
const DEFINITIONS = '#/definitions/';

/** The description of what the core computes, from its types, as the server's source has it. */
export const coreSchemas = () =>
  `/** Written by tools/written.mjs from the types of the core; not by hand. */\nexport const coreSchemas: Record<string, object> = ${JSON.stringify(schemas(), null, 1)};\n`;

/** Types as JSON Schema, by name; those without a name of their own stand where they are used. */
function schemas() {
  const program = TJS.getProgramFromFiles([NAMES], {
    strict: true,
    skipLibCheck: true,
    module: 'ESNext',
    moduleResolution: 'Bundler',
    target: 'ES2022',
    allowImportingTsExtensions: true,
    noEmit: true,
    customConditions: ['source'],
  });
  const { definitions, properties } = TJS.generateSchema(program, 'CoreTypes', {
    required: true,
    ref: true,
    topRef: false,
    ignoreErrors: true,
    strictNullChecks: true,
  });
  const isName = (name) => /^[A-Z]\w*$/.test(name);
  const placed = (value) => {
    if (Array.isArray(value)) return value.map(placed);
    if (value === null || typeof value !== 'object') return value;
    if (typeof value.$ref !== 'string')
      return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, placed(inner)]));
    const name = decodeURIComponent(value.$ref.slice(DEFINITIONS.length));
    return isName(name) ? { $ref: `#/components/schemas/${name}` } : placed(definitions[name]);
  };
  const named = Object.fromEntries(
    Object.entries(definitions)
      .filter(([name]) => isName(name))
      .map(([name, schema]) => [name, placed(schema)]),
  );
  for (const [name, schema] of Object.entries(properties)) {
    const own = placed(schema);
    if (own.$ref !== `#/components/schemas/${name}`) named[name] = own;
  }
  return Object.fromEntries(Object.entries(named).sort(([a], [b]) => (a < b ? -1 : 1)));
}
