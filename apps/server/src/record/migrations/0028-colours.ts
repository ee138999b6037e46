import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** The colours of a job by their names, the colour cards of a firm, and the patches that were laid. */
export class Colours1766300000028 extends ColumnsAndTables implements MigrationInterface {
  name = 'Colours1766300000028';
  protected readonly columns = [['job', 'colours JSON NULL']] as const;
  protected readonly tables = {
    colour_card: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, name VARCHAR(80) NOT NULL, maker VARCHAR(80) NOT NULL,
      colours JSON NOT NULL, kept TINYINT NOT NULL, version INT NOT NULL, PRIMARY KEY (id, firm_id), KEY of_firm (firm_id)`,
    patch: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, surface_id CHAR(36) NOT NULL, families JSON NOT NULL,
      coats INT NOT NULL, place VARCHAR(200) NOT NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL,
      PRIMARY KEY (firm_id, id), KEY patch_job (firm_id, job_id), KEY patch_surface (firm_id, surface_id)`,
  };
}
