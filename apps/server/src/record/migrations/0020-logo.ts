import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** A firm's own picture on its papers. */
export class Logo1765500000020 extends ColumnsAndTables implements MigrationInterface {
  name = 'Logo1765500000020';
  protected readonly columns = [['firm', 'logo MEDIUMTEXT NULL']] as const;
  protected readonly tables = {};
}
