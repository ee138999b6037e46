import type { OpenAPIObject } from '@nestjs/swagger';
import { z } from 'zod';
import { refusal } from './refusal.ts';
import { coreSchemas } from './coreSchemas.ts';

type Json = Record<string, unknown>;
type CoreSchema = { properties?: Record<string, Json>; required?: string[] };
export const schemaOfCore = (name: string): CoreSchema => coreSchemas[name] ?? {};

/** Marks a schema that stands for the whole of what it is found in. */
export const WHOLE = 'x-whole';

const DEFS = '#/$defs/';
const SCHEMAS = '#/components/schemas/';

/**
 * A declaration as the API's description has it. What has a name of its own is a `$ref` to it, and comes along under
 * `$defs` until `withSchemas` puts it in its place.
 */
export function described(schema: z.ZodType): Json {
  if (schema.type === 'void') return {};
  // A name at the root would not be a reference.
  const json = z.toJSONSchema(z.object({ root: schema }), {
    io: 'input',
    unrepresentable: 'any',
    override: ({ jsonSchema }) => {
      const own = jsonSchema as Json & { json?: Json };
      if (own.json) Object.assign(own, own.json);
      delete own.json;
      delete own['id'];
      // Who may change it is not said of an answer.
      delete own['readOnly'];
    },
  }) as unknown as { properties: { root: Json }; $defs?: Json };
  const { root } = json.properties;
  return json.$defs ? { ...root, $defs: json.$defs } : root;
}

/** The description with every schema that has a name among its components, those of the core included; and refusals. */
export function withSchemas(document: OpenAPIObject): OpenAPIObject {
  const named: Json = {};
  const refused = { description: 'refused', content: { 'application/json': { schema: described(refusal) } } };
  for (const path of Object.values(document.paths))
    for (const operation of Object.values(path) as { responses?: Json }[])
      if (operation.responses) Object.assign(operation.responses, { '4XX': refused, '5XX': refused });
  const paths = inPlace(document.paths, named) as OpenAPIObject['paths'];
  const bodies = inPlace(document.components?.schemas ?? {}, named) as Json;
  const schemas = { ...bodies, ...coreSchemas, ...named } as never;
  return { ...document, paths, components: { ...document.components, schemas } };
}

/** Lists of codes by what they hold: wherever one stands, it is the one of the vocabulary. */
const CODES = new Map(
  Object.entries(coreSchemas as Record<string, { enum?: string[] }>).flatMap(([name, schema]) =>
    schema.enum ? [[[...schema.enum].sort().join(), name] as const] : [],
  ),
);
const codesOf = (schema: Json) =>
  Array.isArray(schema['enum']) ? CODES.get([...(schema['enum'] as string[])].sort().join()) : undefined;

function inPlace(value: unknown, named: Json): unknown {
  if (Array.isArray(value)) return value.map((inner) => inPlace(inner, named));
  if (value === null || typeof value !== 'object') return value;
  if (WHOLE in value) return inPlace((value as Json)[WHOLE], named);
  const codes = codesOf(value as Json);
  if (codes) return { $ref: `${SCHEMAS}${codes}` };
  const { $defs, ...rest } = value as Json & { $defs?: Json };
  for (const [name, schema] of Object.entries($defs ?? {})) named[name] ??= inPlace(schema, named);
  return Object.fromEntries(
    Object.entries(rest).map(([key, inner]) => [
      key,
      key === '$ref' && typeof inner === 'string' ? inner.replace(DEFS, SCHEMAS) : inPlace(inner, named),
    ]),
  );
}
