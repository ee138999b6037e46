import { applyDecorators, SetMetadata } from '@nestjs/common';
import { ApiResponse } from '@nestjs/swagger';
import { z } from 'zod';
import { openApiOf, partsOf } from '../http/schemaParts.ts';

/** Marks what only those who see prices are told. */
const SUM = { sum: true };

/** A sum of money, a saving or a rate, in minor units: absent from an answer to whoever does not see prices. */
export const sum = z.number().nullable().optional().meta(SUM);
/** A part of an answer that is about money as a whole. */
export const aboutMoney = z.unknown().optional().meta(SUM);

/** Parts of an answer that carry no money, by name: passed on as they are. */
export const plain = <N extends string>(...names: N[]) =>
  Object.fromEntries(names.map((name) => [name, z.unknown().optional()])) as Record<N, z.ZodOptional<z.ZodUnknown>>;

/** An answer, or a part of one, by the fields that it declares: what it does not declare is not in it. */
export const answer = <S extends z.ZodRawShape>(fields: S) => z.object(fields);

/** A system's steps, a layer, a plan: anything that carries no money anywhere, passed on whole. */
export const whole = z.unknown();

const KEY = 'answer';
export const answerKey = KEY;

/** What a handler answers. Who does not see prices is told what is declared here and is no money, and nothing else. */
export const Answers = (schema: z.ZodType, description = 'as asked') =>
  applyDecorators(
    SetMetadata(KEY, schema),
    ApiResponse({ status: '2XX', description, schema: openApiOf(schema) as never }),
  );

const isSum = (schema: z.ZodType): boolean => schema.meta()?.['sum'] === true;

const unpriced = new WeakMap<z.ZodType, z.ZodType>();
/** The same declaration without its money. */
export function withoutSums(schema: z.ZodType): z.ZodType {
  let found = unpriced.get(schema);
  if (!found) unpriced.set(schema, (found = made(schema)));
  return found;
}

function made(schema: z.ZodType): z.ZodType {
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
    default:
      return schema;
  }
}
