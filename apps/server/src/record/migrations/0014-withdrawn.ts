import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** Jobs, rooms and surfaces that were taken out, with the reason; a test that only takes back another. */
export class Withdrawn1764900000014 extends ColumnsAndTables implements MigrationInterface {
  name = 'Withdrawn1764900000014';
  protected readonly columns = [
    ['job', 'withdrawn JSON NULL'],
    ['room', 'withdrawn JSON NULL'],
    ['surface', 'withdrawn JSON NULL'],
    ['test_record', 'withdrawn BOOLEAN NULL'],
  ] as const;
  protected readonly tables = {};
}
