import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** Where a firm's van stands. */
export class Yard1765700000022 extends ColumnsAndTables implements MigrationInterface {
  name = 'Yard1765700000022';
  protected readonly columns = [['firm', 'yard JSON NULL']] as const;
  protected readonly tables = {};
}
