import { z } from 'zod';

/** What a schema says of itself, as far as columns, bodies and answers are made from it. */
export interface SchemaParts {
  type: string;
  format?: string;
  innerType?: z.ZodType;
  options?: readonly z.ZodType[];
  element?: z.ZodType;
  valueType?: z.ZodType;
  shape?: Record<string, z.ZodType>;
}

export const partsOf = (schema: z.ZodType): SchemaParts => schema._zod.def as unknown as SchemaParts;
