import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** The colours of a job by their names, and the colour cards of a firm. */
export class Colours1766300000028 extends ColumnsAndTables implements MigrationInterface {
  name = 'Colours1766300000028';
  protected readonly columns = [['job', 'colours JSON NULL']] as const;
  protected readonly tables = {
    colour_card: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, name VARCHAR(80) NOT NULL, maker VARCHAR(80) NOT NULL,
      colours JSON NOT NULL, kept TINYINT NOT NULL, version INT NOT NULL, PRIMARY KEY (id, firm_id), KEY of_firm (firm_id)`,
  };
}
