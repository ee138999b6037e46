import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

const OWNED = 'id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, product_id VARCHAR(80) NOT NULL';

const COLUMNS: [table: string, column: string][] = [
  ['firm', "terms JSON NOT NULL DEFAULT '{}'"],
  ['firm', "weights JSON NOT NULL DEFAULT '{}'"],
  ['surface', "house_rules JSON NOT NULL DEFAULT '{}'"],
  ['system_choice', '`override` JSON NULL'],
];

const TABLES: Record<string, string> = {
  product: `${OWNED}, sheet JSON NOT NULL, kept BOOLEAN NOT NULL, version INT NOT NULL DEFAULT 1, UNIQUE KEY product_once (firm_id, product_id)`,
  van_tin: `${OWNED}, batch VARCHAR(80) NOT NULL, opened_at DATETIME(3) NULL, litres DOUBLE NOT NULL, version INT NOT NULL DEFAULT 1, KEY van_firm (firm_id)`,
  product_note: `${OWNED}, kind VARCHAR(8) NOT NULL, text VARCHAR(600) NOT NULL, standing VARCHAR(8) NULL, trial_id CHAR(36) NULL, job_id CHAR(36) NULL, about CHAR(36) NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, KEY note_product (firm_id, product_id, at)`,
};

/** The firm's own shelf, van and notes; house rules of one surface; departures that were signed for; the firm's words. */
export class SystemsAndShelf1764000000003 extends ColumnsAndTables implements MigrationInterface {
  name = 'SystemsAndShelf1764000000003';
  protected readonly columns = COLUMNS;
  protected readonly tables = TABLES;
}
