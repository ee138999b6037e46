import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** How long somebody was at a step, as it was said. What was recorded before nobody had said: it stays without. */
export class HoursAsSaid1764800000013 extends ColumnsAndTables implements MigrationInterface {
  name = 'HoursAsSaid1764800000013';
  protected readonly columns = [['work_log', 'hands_on_min INT NULL']] as const;
  protected readonly tables = {};
}
