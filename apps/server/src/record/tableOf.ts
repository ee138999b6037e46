import type { Fields, RecordDefinition, StoredFields } from '@rustic/core';
import { Column, type ColumnOptions } from 'typeorm';
import type { z } from 'zod';
import { partsOf } from '../http/schemaParts.ts';
import { FirmOwned } from './firmOwned.ts';

/** A row that is part of a job. */
export abstract class JobOwned extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
}

/** What a field that was computed is, where the definition leaves it open. */
type Computed<F> = { [K in keyof F]?: unknown };
type Row<Owner, F extends Fields, C extends Computed<F>> = abstract new () => Owner &
  Omit<StoredFields<RecordDefinition<F>>, keyof C> &
  C;

/** A table of the firm's with a column for every field of a record. `C` says what its computed fields are. */
export function tableOf<F extends Fields, C extends Computed<F> = object>(definition: RecordDefinition<F>) {
  abstract class Table extends FirmOwned {}
  return withColumns(Table, definition) as unknown as Row<FirmOwned, F, C>;
}

/** The same for rows that are part of a job. */
export function jobTableOf<F extends Fields, C extends Computed<F> = object>(definition: RecordDefinition<F>) {
  abstract class Table extends JobOwned {}
  return withColumns(Table, definition) as unknown as Row<JobOwned, F, C>;
}

function withColumns<T extends abstract new () => FirmOwned>(table: T, { fields, columns }: RecordDefinition): T {
  for (const [field, schema] of Object.entries(fields))
    if (field !== 'id')
      Column({ name: columns[field] ?? snake(field), ...columnOf(schema) })(table.prototype as object, field);
  return table;
}

const snake = (field: string) => field.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

/** Numbers come as text from some kinds of column. */
const asNumber = { to: (value: unknown) => value, from: (value: unknown) => (value === null ? null : Number(value)) };

function columnOf(schema: z.ZodType): ColumnOptions {
  const def = partsOf(schema);
  switch (def.type) {
    case 'nullable':
      return { ...columnOf(def.innerType!), nullable: true };
    case 'string':
      return def.format === 'datetime' ? { type: 'datetime', precision: 3 } : { type: 'varchar' };
    case 'enum':
    case 'literal':
      return { type: 'varchar' };
    case 'number':
      return { type: 'double', transformer: asNumber };
    case 'boolean':
      return { type: 'boolean' };
    case 'union':
      return def.options!.every((option) => columnOf(option).type === 'varchar')
        ? { type: 'varchar' }
        : { type: 'json' };
    default:
      return { type: 'json' };
  }
}
