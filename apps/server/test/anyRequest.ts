import fc, { type Arbitrary } from 'fast-check';
import type { Description } from './described.ts';

interface Schema {
  $ref?: string;
  type?: string | string[];
  enum?: unknown[];
  const?: unknown;
  anyOf?: Schema[];
  oneOf?: Schema[];
  allOf?: Schema[];
  properties?: Record<string, Schema>;
  required?: string[];
  items?: Schema;
  additionalProperties?: Schema | boolean;
  format?: string;
  pattern?: string;
  minimum?: number;
  maximum?: number;
  minLength?: number;
  maxItems?: number;
}
interface Parameter {
  name: string;
  in: string;
}
interface Operation {
  parameters?: Parameter[];
  requestBody?: { content: Record<string, { schema: Schema }> };
}

/** A request that may be sent to some route. */
export interface AnyRequest {
  method: string;
  path: string;
  body: unknown;
}

const id = fc.uuid({ version: 7 });
const token = fc.string({ unit: fc.constantFrom(...'abcXYZ019-_'), minLength: 43, maxLength: 43 });

/** What breaks what reads it carelessly: half letters, days that are none, figures past all bounds, things of other kinds. */
const hostile: Arbitrary<unknown> = fc.oneof(
  fc.constantFrom<unknown>(
    '\ud800',
    'a\udfffb',
    '\u0000',
    '2027-13-01T00:00:00Z',
    '2027-02-30',
    '+099999-01-01T00:00:00Z',
    '0000-00-00',
    '24:61',
    1e308,
    -1e308,
    Number.MAX_SAFE_INTEGER + 2,
    -0,
    0.1 + 0.2,
    '',
    ' ',
    null,
    true,
    [],
    {},
    { __proto__: null, constructor: 1 },
    [[[[]]]],
    'x'.repeat(70_000),
    "'; DROP TABLE job; --",
    '%00',
    '../../etc',
    '🎨'.repeat(200),
  ),
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.double(),
  fc.integer(),
);

/** Requests to every route of a description: bodies that it would take, then one part of some made hostile. */
export function anyRequest(
  description: Description,
  known: Readonly<Record<string, readonly string[]>>,
): Arbitrary<AnyRequest> {
  const schemas = description.components.schemas as Record<string, Schema>;
  const routes = Object.entries(description.paths).flatMap(([path, operations]) =>
    Object.entries(operations).map(([method, operation]) =>
      requestTo(path, method, operation as unknown as Operation, schemas, known),
    ),
  );
  return fc.oneof(...routes);
}

function requestTo(
  path: string,
  method: string,
  { parameters = [], requestBody }: Operation,
  schemas: Record<string, Schema>,
  known: Readonly<Record<string, readonly string[]>>,
): Arbitrary<AnyRequest> {
  const holes = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name!);
  const inPath = fc.tuple(
    ...holes.map((name) =>
      fc.oneof(
        { weight: 6, arbitrary: fc.constantFrom(...(known[name] ?? ['0'])) },
        { weight: 1, arbitrary: name === 'token' ? token : id },
        { weight: 1, arbitrary: fc.constantFrom('%', '%ff', '%ED%A0%80', '..', ' ', 'null', '%00', 'x'.repeat(3000)) },
      ),
    ),
  );
  const query = fc.tuple(
    ...parameters
      .filter((p) => p.in === 'query')
      .map(({ name }) =>
        fc
          .option(
            fc.oneof(
              id,
              hostile.map((value) => JSON.stringify(value) ?? ''),
            ),
            { nil: null },
          )
          .map((value) => [name, value] as const),
      ),
  );
  const schema = requestBody?.content['application/json']?.schema;
  const body: Arbitrary<unknown> = schema
    ? fc.oneof(
        { weight: 2, arbitrary: valueOf(schema, schemas) },
        { weight: 4, arbitrary: fc.tuple(valueOf(schema, schemas), hostile, fc.nat()).map(withOneHostile) },
        { weight: 1, arbitrary: hostile },
      )
    : requestBody
      ? fc.uint8Array({ maxLength: 300 })
      : fc.constant(undefined);
  return fc.tuple(inPath, query, body).map(([values, asked, sent]) => {
    let at = 0;
    const filled = path.replaceAll(/\{\w+\}/g, () => values[at++]!);
    const said = asked
      .filter(([, value]) => value !== null)
      .map(([name, value]) => `${name}=${encodeURIComponent(wellFormed(value!))}`);
    return { method: method.toUpperCase(), path: filled + (said.length ? `?${said.join('&')}` : ''), body: sent };
  });
}

/** Puts something hostile in the place of one part of a value, whichever the number falls on. */
function withOneHostile([value, evil, which]: [unknown, unknown, number]): unknown {
  const places: (readonly [holder: Record<string, unknown>, key: string])[] = [];
  const copy = structuredClone(value);
  const walk = (at: unknown) => {
    if (typeof at !== 'object' || at === null) return;
    for (const key of Object.keys(at)) {
      places.push([at as Record<string, unknown>, key]);
      walk((at as Record<string, unknown>)[key]);
    }
  };
  walk(copy);
  const place = places[which % Math.max(1, places.length)];
  if (!place) return evil;
  place[0][place[1]] = evil;
  return copy;
}

const DEEP = 6;
/** Values that a schema would take, as far as it says. */
function valueOf(schema: Schema, schemas: Record<string, Schema>, depth = 0): Arbitrary<unknown> {
  if (schema.$ref) return valueOf(schemas[schema.$ref.split('/').at(-1)!] ?? {}, schemas, depth + 1);
  if (schema.const !== undefined) return fc.constant(schema.const);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  const either = schema.anyOf ?? schema.oneOf;
  if (either) return fc.oneof(...either.map((one) => valueOf(one, schemas, depth + 1)));
  if (schema.allOf)
    return fc
      .tuple(...schema.allOf.map((one) => valueOf(one, schemas, depth + 1)))
      .map((all) => Object.assign({}, ...all) as unknown);
  const type = Array.isArray(schema.type) ? schema.type[0] : schema.type;
  if (type === 'object') return objectOf(schema, schemas, depth);
  if (type === 'array')
    return fc.array(valueOf(schema.items ?? {}, schemas, depth + 1), {
      maxLength: depth > DEEP ? 0 : Math.min(3, schema.maxItems ?? 3),
    });
  if (type === 'integer') return fc.integer(rangeOf(schema));
  if (type === 'number') return fc.double({ ...rangeOf(schema), noNaN: true });
  if (type === 'boolean') return fc.boolean();
  if (type === 'null') return fc.constant(null);
  return textOf(schema);
}

const rangeOf = ({ minimum = -5, maximum = 500 }: Schema) => ({
  min: Math.max(minimum, -1e6),
  max: Math.max(Math.max(minimum, -1e6), Math.min(maximum, 1e6)),
});

function objectOf(schema: Schema, schemas: Record<string, Schema>, depth: number): Arbitrary<unknown> {
  const properties = schema.properties ?? {};
  const keys = depth > DEEP ? (schema.required ?? []) : Object.keys(properties);
  return fc.record(Object.fromEntries(keys.map((key) => [key, valueOf(properties[key] ?? {}, schemas, depth + 1)])), {
    requiredKeys: schema.required ?? [],
  });
}

function textOf({ format, pattern, minLength = 0 }: Schema): Arbitrary<string> {
  if (format === 'uuid' || pattern?.includes('[0-9a-fA-F]{8}')) return id;
  if (format === 'date-time' || pattern?.includes('T'))
    return fc
      .date({ min: new Date('2020-01-01'), max: new Date('2035-01-01'), noInvalidDate: true })
      .map((d) => d.toISOString());
  if (format === 'date') return fc.constantFrom('2027-03-01', '2026-12-31', '2028-02-29');
  if (format === 'email') return fc.constantFrom('wren@ashby.example', 'juno@reed.example');
  if (pattern?.includes('43')) return token;
  return fc.oneof(
    fc.string({ minLength, maxLength: minLength + 20 }),
    fc.constantFrom('#22384d', '08:00', 'Hall', '2027-03-01'),
  );
}

/** An address carries no half letters: a client could not even send them. */
const wellFormed = (text: string) => text.replaceAll(/\p{Surrogate}/gu, '');
