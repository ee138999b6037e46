import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** What people practised, and who shows it. */
export class Practice1766500000030 extends ColumnsAndTables implements MigrationInterface {
  name = 'Practice1766500000030';
  protected readonly columns = [] as const;
  protected readonly tables = {
    practice_go: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, person_id CHAR(36) NOT NULL, plan VARCHAR(40) NOT NULL, seed INT NOT NULL,
      tests JSON NOT NULL, judged JSON NOT NULL, minutes INT NOT NULL, policy_minutes INT NOT NULL, lost INT NOT NULL,
      engine_lost INT NOT NULL, policy_lost INT NOT NULL, at DATETIME(3) NOT NULL,
      PRIMARY KEY (firm_id, id), KEY practice_go_person (firm_id, person_id, at)`,
    practice_shown: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, shown TINYINT NOT NULL, PRIMARY KEY (firm_id, id)`,
  };
}
