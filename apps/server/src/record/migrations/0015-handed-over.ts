import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** Hand-over is an act of its own: when, with whom. Jobs that ended before had none. */
export class HandedOver1765000000015 extends ColumnsAndTables implements MigrationInterface {
  name = 'HandedOver1765000000015';
  protected readonly columns = [['job', 'handed_over JSON NULL']] as const;
  protected readonly tables = {};
}
