import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** Lines of their own, discounts and prices set by hand. */
export class OwnSums1765200000017 extends ColumnsAndTables implements MigrationInterface {
  name = 'OwnSums1765200000017';
  protected readonly columns = [['job', 'own_sums JSON NULL']] as const;
  protected readonly tables = {};
}
