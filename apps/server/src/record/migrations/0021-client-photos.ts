import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** What clients are shown of the photos of a job. */
export class ClientPhotos1765600000021 extends ColumnsAndTables implements MigrationInterface {
  name = 'ClientPhotos1765600000021';
  protected readonly columns = [['job', 'client_photos JSON NULL']] as const;
  protected readonly tables = {};
}
