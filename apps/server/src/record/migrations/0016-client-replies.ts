import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** What clients ask and answer on their link, and what the firm answers. */
export class ClientReplies1765100000016 extends ColumnsAndTables implements MigrationInterface {
  name = 'ClientReplies1765100000016';
  protected readonly columns = [] as const;
  protected readonly tables = {
    client_reply:
      'id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, document_id CHAR(36) NOT NULL, kind VARCHAR(10) NOT NULL, answers CHAR(36) NULL, about VARCHAR(200) NOT NULL, words VARCHAR(2000) NOT NULL, name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, PRIMARY KEY (firm_id, id), KEY client_reply_job (firm_id, job_id)',
  };
}
