import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** Drills that people did, and cases made from finished jobs. */
export class Drills1767100000036 extends ColumnsAndTables implements MigrationInterface {
  name = 'Drills1767100000036';
  protected readonly columns = [] as const;
  protected readonly tables = {
    practice_drill: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, person_id CHAR(36) NOT NULL, drill VARCHAR(40) NOT NULL, seed INT NOT NULL,
      judged JSON NOT NULL, at DATETIME(3) NOT NULL,
      PRIMARY KEY (firm_id, id), KEY practice_drill_person (firm_id, person_id, at)`,
    practice_case: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, name VARCHAR(80) NOT NULL, surfaces JSON NOT NULL,
      withdrawn TINYINT NOT NULL, at DATETIME(3) NOT NULL, PRIMARY KEY (firm_id, id)`,
  };
}
