import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** What the firm writes by e-mail, and where its clients are written to. */
export class Post1765300000018 extends ColumnsAndTables implements MigrationInterface {
  name = 'Post1765300000018';
  protected readonly columns = [['job', 'client_email VARCHAR(160) NULL']] as const;
  protected readonly tables = {
    mail: 'id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, kind VARCHAR(20) NOT NULL, job_id CHAR(36) NULL, to_address VARCHAR(160) NOT NULL, from_address VARCHAR(160) NOT NULL, subject VARCHAR(300) NOT NULL, text TEXT NOT NULL, attached VARCHAR(160) NULL, content LONGBLOB NOT NULL, state VARCHAR(10) NOT NULL, fault VARCHAR(400) NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, moved_at DATETIME(3) NOT NULL, PRIMARY KEY (firm_id, id), KEY mail_at (firm_id, at), KEY mail_state (state, moved_at)',
  };
}
