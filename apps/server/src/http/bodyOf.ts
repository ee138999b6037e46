import { ApiProperty, type ApiPropertyOptions } from '@nestjs/swagger';
import type { Fields } from '@rustic/core';
import { Type } from 'class-transformer';
import { registerDecorator, ValidateIf } from 'class-validator';
import type { z } from 'zod';
import { IsNotedTime } from './checks.ts';
import { described, WHOLE } from './describe.ts';
import { partsOf } from './schemaParts.ts';

/** The name under which class-validator tells that a field does not fit its definition. */
export const FITS = 'fits';
/** Marks a moment that somebody notes: not long past, and not ahead of the clock. */
export const NOTED = { noted: true };
/** When something was noted, as a field of a body. */
export const noted = <S extends z.ZodType>(schema: S): S => schema.meta(NOTED) as S;

type Body<F extends Fields> = new () => z.infer<z.ZodObject<F>>;

/** Holds a value against the definition of its field; the schema goes along, so that every fault can be named. */
const Fits = (schema: z.ZodType) => (target: object, propertyName: string) =>
  registerDecorator({
    name: FITS,
    target: target.constructor,
    propertyName,
    options: { context: schema },
    validator: {
      validate: (value: unknown) => schema.safeParse(value).success,
      defaultMessage: () => `${propertyName} cannot be used`,
    },
  });

const isOptional = (schema: z.ZodType) => schema.safeParse(undefined).success;
/** Nothing was said: whether that may be is for the schema alone. */
const absent = (value: unknown) => value === undefined || value === null;
const isNoted = (schema: z.ZodType): boolean => {
  const inner = (schema as { unwrap?: () => z.ZodType }).unwrap;
  return schema.meta()?.['noted'] === true || (inner !== undefined && isNoted(inner.call(schema)));
};

/**
 * The body of a request, made of the fields of a record: class-validator holds each against its one definition, unknown
 * fields are refused, and the API's description says its limits.
 */
export const bodyOf = <F extends Fields>(fields: F): Body<F> =>
  read(fields, (schema) => property(schema, !isOptional(schema)));

function read<F extends Fields>(fields: F, shown: (schema: z.ZodType) => ApiPropertyOptions): Body<F> {
  class RequestBody {}
  for (const [name, schema] of Object.entries(fields)) {
    Fits(schema)(RequestBody.prototype, name);
    if (isNoted(schema)) IsNotedTime()(RequestBody.prototype, name);
    ValidateIf((_body, value) => !(absent(value) && schema.safeParse(value).success))(RequestBody.prototype, name);
    ApiProperty(shown(schema))(RequestBody.prototype, name);
  }
  return RequestBody as Body<F>;
}

/** The same for what stands in an address, where every value is text: figures are read before they are held. */
export function queryOf<F extends Fields>(fields: F): Body<F> {
  const Query = read(fields, (schema) => property(innermost(schema), !isOptional(schema)));
  for (const [name, schema] of Object.entries(fields))
    if (isFigure(schema)) Type(() => Number)(Query.prototype as object, name);
  return Query;
}

/** What a value is where it is there. */
function innermost(schema: z.ZodType): z.ZodType {
  const { innerType } = partsOf(schema);
  return innerType ? innermost(innerType) : schema;
}
const isFigure = (schema: z.ZodType) => partsOf(innermost(schema)).type === 'number';

/** A field for the API's description: a simple one as it is, any other whole, to be put in its place there. */
function property(schema: z.ZodType, needed: boolean): ApiPropertyOptions {
  const json = described(schema);
  const simple = typeof json['type'] === 'string' && json['type'] !== 'object';
  return (simple ? { ...json, required: needed } : { type: 'object', [WHOLE]: json, selfRequired: needed }) as never;
}
