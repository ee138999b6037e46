import { applyDecorators, SetMetadata } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiResponse } from '@nestjs/swagger';
import { z } from 'zod';
import type { Fields, RecordDefinition } from '@rustic/core';
import { partsOf } from '../http/schemaParts.ts';
import type { CoreTypes } from '../http/coreTypes.ts';
import { described, schemaOfCore } from '../http/describe.ts';

/** Marks what only those who see prices are told. */
const SUM = { sum: true };

/**
 * A part of an answer that is passed on as it is: the compiler holds what a service hands over against `T`, the API's
 * description has it as `json`, and a test holds what is answered against that description.
 */
const part = <T>(json: object): Part<T> => z.custom<T>().meta({ json });
type Part<T> = z.ZodCustom<T, T>;

export const text = part<string>({ type: 'string' });
export const flag = part<boolean>({ type: 'boolean' });
export const figure = part<number>({ type: 'number' });
/** A moment: a `Date` of the database, ISO 8601 on the wire. */
export const moment = part<Date | string>({ type: 'string', format: 'date-time' });
export const none = z.null();
/** An answer without a body. */
export const nothing = z.void();
export const texts = z.array(text);

/** What a schema of the core describes: a field of a record, a code of a list. */
export const like = <S extends z.ZodType>(schema: S) => part<z.input<S>>(described(schema));
/** One of some codes. */
export const oneOf = <const C extends readonly string[]>(codes: C) => like(z.enum(codes));
/** What the core computes, by its name in the description. */
export const core = <K extends keyof CoreTypes>(name: K) =>
  part<CoreTypes[K]>({ $ref: `#/components/schemas/${name}` });

/** Fields of what the core computes, by their names. */
export function from<K extends keyof CoreTypes, F extends keyof CoreTypes[K] & string>(
  name: K,
  ...fields: readonly F[]
): { [N in F]: undefined extends CoreTypes[K][N] ? z.ZodOptional<Part<CoreTypes[K][N]>> : Part<CoreTypes[K][N]> } {
  const { properties = {}, required = [] } = schemaOfCore(name);
  return Object.fromEntries(
    fields.map((field) => {
      const one = part(properties[field]!);
      return [field, required.includes(field) ? one : one.optional()];
    }),
  ) as never;
}

/** A sum of money, a saving or a rate, in minor units: absent from an answer to whoever does not see prices. */
export const sum = figure.optional().meta(SUM);
/** A sum that there may be none of. */
export const sumOrNone = figure.nullable().optional().meta(SUM);
/** A part of an answer that is about money as a whole. */
export const aboutMoney = <S extends z.ZodType>(schema: S) => schema.optional().meta(SUM);

/** An answer, or a part of one, by the fields that it declares: what it does not declare is not in it. */
export const answer = <S extends z.ZodRawShape>(fields: S) => z.object(fields);
/** The same, under a name of its own in the description. */
export const named = <S extends z.ZodRawShape>(id: string, fields: S) => z.object(fields).meta({ id });

/** A field of a record as an answer has it. */
type AsTold<S> =
  S extends z.ZodNullable<infer Inner>
    ? z.ZodNullable<AsTold<Inner> & z.ZodType>
    : S extends z.ZodISODateTime
      ? typeof moment
      : Part<z.input<S & z.ZodType>>;

/** The fields of a record as an answer has them; with names, those alone. */
export function rowOf<F extends Fields, K extends keyof F & string = keyof F & string>(
  { fields }: RecordDefinition<F>,
  ...names: readonly K[]
): { [N in K]: AsTold<F[N]> } {
  const wanted = names.length ? names : (Object.keys(fields) as K[]);
  return Object.fromEntries(wanted.map((name) => [name, toldField(fields[name]!)])) as never;
}

function toldField(schema: z.ZodType): z.ZodType {
  const { type, format, innerType } = partsOf(schema);
  if (type === 'nullable') return toldField(innerType!).nullable();
  return format === 'datetime' ? moment : like(schema);
}

const KEY = 'answer';
export const answerKey = KEY;

/** A handler that answers `Answer`, at once or later. */
type Handler<Answer> = (...given: never[]) => Answer | Promise<Answer>;

const declared = (name: string, schema: z.ZodType) =>
  applyDecorators(
    SetMetadata(KEY, schema),
    ApiOperation({ operationId: name }),
    ApiResponse({ status: '2XX', description: 'as asked', schema: described(schema) as never }),
  );

/**
 * What a handler is called in the description and what it answers: it does not compile where it answers anything else.
 * Who does not see prices is told what is declared here and is no money, and nothing else.
 */
export const Answers =
  <S extends z.ZodType>(name: string, schema: S) =>
  <T extends Handler<z.input<S>>>(target: object, method: string | symbol, handler: TypedPropertyDescriptor<T>): void =>
    declared(name, schema)(target, method, handler as TypedPropertyDescriptor<unknown>);

/** The same for a handler that sends its answer by itself, told to each as it is declared. */
export const Sends = (name: string, schema: z.ZodType) => declared(name, schema);

/** A handler that is sent a file: its body is the file itself. */
export const Sent = () => ApiBody({ schema: { type: 'string', format: 'binary' } });

const isSum = (schema: z.ZodType): boolean => schema.meta()?.['sum'] === true;

const unpriced = new WeakMap<z.ZodType, z.ZodType>();
/** The same declaration without its money. */
export function withoutSums(schema: z.ZodType): z.ZodType {
  let found = unpriced.get(schema);
  if (!found) unpriced.set(schema, (found = unpricedOf(schema)));
  return found;
}

function unpricedOf(schema: z.ZodType): z.ZodType {
  const def = partsOf(schema);
  switch (def.type) {
    case 'object': {
      const kept = Object.entries(def.shape!).filter(([, field]) => !isSum(field));
      return z.object(Object.fromEntries(kept.map(([name, field]) => [name, withoutSums(field)])));
    }
    case 'array':
      return z.array(withoutSums(def.element!));
    case 'record':
      return z.record(z.string(), withoutSums(def.valueType!));
    case 'nullable':
      return withoutSums(def.innerType!).nullable();
    case 'optional':
      return withoutSums(def.innerType!).optional();
    case 'readonly':
      return withoutSums(def.innerType!).readonly();
    case 'union':
      return z.union(def.options!.map(withoutSums));
    default:
      return schema;
  }
}
