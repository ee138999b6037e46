import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** Damage where it is. */
export class DamageMarks1766700000032 extends ColumnsAndTables implements MigrationInterface {
  name = 'DamageMarks1766700000032';
  protected readonly columns = [] as const;
  protected readonly tables = {
    damage_mark: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, surface_id CHAR(36) NOT NULL,
      what VARCHAR(40) NOT NULL, there TINYINT NOT NULL, place JSON NOT NULL, note VARCHAR(200) NOT NULL,
      takes_back CHAR(36) NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL,
      PRIMARY KEY (firm_id, id), KEY damage_mark_job (firm_id, job_id)`,
  };
}
