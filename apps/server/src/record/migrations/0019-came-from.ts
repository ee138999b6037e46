import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** From which firm a job was brought in, and how money and sizes are said there. */
export class CameFrom1765400000019 extends ColumnsAndTables implements MigrationInterface {
  name = 'CameFrom1765400000019';
  protected readonly columns = [['job', 'came_from JSON NULL']] as const;
  protected readonly tables = {};
}
