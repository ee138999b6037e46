import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

const OWNED = 'id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL';

const COLUMNS: [table: string, column: string][] = [
  ['firm', "pricing JSON NOT NULL DEFAULT '{}'"],
  ['job', "client VARCHAR(200) NOT NULL DEFAULT ''"],
  ['job', "offers JSON NOT NULL DEFAULT '[]'"],
  ['surface', "access VARCHAR(12) NOT NULL DEFAULT 'floor'"],
  ['van_tin', 'colour VARCHAR(20) NULL'],
  ['work_log', 'usual_min INT NULL'],
];

const TABLES: Record<string, string> = {
  document: `${OWNED}, number INT NOT NULL, version INT NOT NULL, quote JSON NOT NULL, changes JSON NOT NULL, hash CHAR(64) NOT NULL, by_name VARCHAR(120) NOT NULL, sent_at DATETIME(3) NOT NULL, UNIQUE KEY document_once (firm_id, number, version), KEY document_job (firm_id, job_id, version)`,
  agreement: `${OWNED}, document_id CHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, options JSON NOT NULL, total BIGINT NOT NULL, at DATETIME(3) NOT NULL, UNIQUE KEY agreed_once (document_id), KEY agreement_job (firm_id, job_id)`,
  client_link: `${OWNED}, token_hash CHAR(64) NOT NULL, expires_at DATETIME(3) NOT NULL, revoked_at DATETIME(3) NULL, by_name VARCHAR(120) NOT NULL, made_at DATETIME(3) NOT NULL, UNIQUE KEY link_token (token_hash), KEY link_job (firm_id, job_id)`,
  client_visit:
    'id CHAR(36) PRIMARY KEY, whose CHAR(64) NOT NULL, at DATETIME(3) NOT NULL, KEY visit_whose (whose, at), KEY visit_at (at)',
  calendar_feed: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, person_id CHAR(36) NOT NULL, token_hash CHAR(64) NOT NULL, made_at DATETIME(3) NOT NULL, UNIQUE KEY feed_token (token_hash), UNIQUE KEY feed_person (firm_id, person_id)`,
  shopping_tick: `${OWNED}, item VARCHAR(160) NOT NULL, had INT NOT NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, UNIQUE KEY tick_once (firm_id, job_id, item)`,
};

/** How a firm prices, what it sends, what a client agrees to, what was bought for it; and calendars that follow its plans. */
export class PriceAndDocuments1764000000004 extends ColumnsAndTables implements MigrationInterface {
  name = 'PriceAndDocuments1764000000004';
  protected readonly columns = COLUMNS;
  protected readonly tables = TABLES;
}
