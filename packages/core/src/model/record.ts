import { z } from 'zod';

/** The fields of a record: their types, limits and meaning. */
export type Fields = Readonly<Record<string, z.ZodType>>;

/**
 * A record, defined once. From its fields come the columns of its table, the bodies that write it, its rows in a job
 * file, and what the pages read.
 */
export interface RecordDefinition<F extends Fields = Fields> {
  /** The name of its table. */
  table: string;
  fields: F;
  /** Columns that are called otherwise than their field. */
  columns: Partial<Record<keyof F, string>>;
  /** Fields that files of an earlier release do not have: nothing was said of them. */
  added?: readonly string[];
}

/** Defines a record. */
export const record = <F extends Fields>(
  table: string,
  fields: F,
  columns: Partial<Record<keyof F, string>> = {},
  added: readonly (keyof F & string)[] = [],
): RecordDefinition<F> => ({ table, fields, columns, added });

/** A field as a row of the database has it: a moment is a `Date`. */
type Stored<S> =
  S extends z.ZodNullable<infer Inner>
    ? Stored<Inner> | null
    : S extends z.ZodISODateTime
      ? Date
      : S extends z.ZodType
        ? z.infer<S>
        : never;

/** A row of the record's own fields, as the database has it. */
export type StoredFields<R> = R extends RecordDefinition<infer F> ? { [K in keyof F]: Stored<F[K]> } : never;

/** Some fields of a record, as they are. */
export function pick<F extends Fields, K extends keyof F & string>(
  { fields }: RecordDefinition<F>,
  ...names: readonly K[]
): Pick<F, K> {
  return Object.fromEntries(names.map((name) => [name, fields[name]])) as Pick<F, K>;
}

/** Some fields of a record that need not be said. */
export function optional<F extends Fields, K extends keyof F & string>(
  { fields }: RecordDefinition<F>,
  ...names: readonly K[]
): { [N in K]: z.ZodOptional<F[N]> } {
  return Object.fromEntries(names.map((name) => [name, fields[name]!.optional()])) as {
    [N in K]: z.ZodOptional<F[N]>;
  };
}

type FileName<K> = K extends 'byName' ? 'by' : K;
type FileFields<F extends Fields> = { [K in keyof F as FileName<K>]: F[K] };

/** A row of the record in a job file: who wrote it is called `by` there; unknown fields are refused. */
export function fileRow<F extends Fields>({ fields, added = [] }: RecordDefinition<F>) {
  const named = Object.entries(fields).map(([name, schema]) => [
    name === 'byName' ? 'by' : name,
    added.includes(name) ? schema.default(null) : schema,
  ]);
  return z.strictObject(Object.fromEntries(named) as FileFields<F>);
}
