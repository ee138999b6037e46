import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What holds without a lock, on every machine of a cluster: a person's version, the mark at which owners who step
 * down at once meet, and the numbers of quotes as rows that only one can insert.
 */
export class WritesThatHold1764600000010 implements MigrationInterface {
  name = 'WritesThatHold1764600000010';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE person ADD COLUMN version INT NOT NULL DEFAULT 1');
    await runner.query('ALTER TABLE firm ADD COLUMN owners_mark INT NOT NULL DEFAULT 0');
    await runner.query(
      'CREATE TABLE quote_number (firm_id CHAR(36) NOT NULL, number INT NOT NULL, job_id CHAR(36) NOT NULL, PRIMARY KEY (firm_id, number)) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci',
    );
    await runner.query(
      'INSERT INTO quote_number (firm_id, number, job_id) SELECT firm_id, number, MIN(job_id) FROM document GROUP BY firm_id, number',
    );
    await runner.query('ALTER TABLE sent_write ADD KEY sent_write_at (at)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE sent_write DROP INDEX sent_write_at');
    await runner.query('DROP TABLE quote_number');
    await runner.query('ALTER TABLE firm DROP COLUMN owners_mark');
    await runner.query('ALTER TABLE person DROP COLUMN version');
  }
}
