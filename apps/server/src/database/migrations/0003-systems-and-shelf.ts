import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLE_END = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';
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
export class SystemsAndShelf1764000000003 implements MigrationInterface {
  name = 'SystemsAndShelf1764000000003';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, column] of COLUMNS) await runner.query(`ALTER TABLE \`${table}\` ADD COLUMN ${column}`);
    for (const [table, columns] of Object.entries(TABLES))
      await runner.query(`CREATE TABLE \`${table}\` (${columns}) ${TABLE_END}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of Object.keys(TABLES).reverse()) await runner.query(`DROP TABLE \`${table}\``);
    for (const [table, column] of COLUMNS)
      await runner.query(`ALTER TABLE \`${table}\` DROP COLUMN ${column.split(' ')[0]}`);
  }
}
