import type { MigrationInterface, QueryRunner } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/**
 * Tries at the door are counted by account and by where they come from; a session ends when it was long unused; one
 * e-mail may belong to people of several firms.
 */
export class Doors1765800000023 extends ColumnsAndTables implements MigrationInterface {
  name = 'Doors1765800000023';
  protected readonly columns = [['session', 'used_at DATETIME(3) NULL']] as const;
  protected readonly tables = {
    door_try:
      'id CHAR(36) PRIMARY KEY, account CHAR(64) NOT NULL, address CHAR(64) NOT NULL, at DATETIME(3) NOT NULL, KEY try_account (account, at), KEY try_address (address, at), KEY try_at (at)',
  };

  override async up(runner: QueryRunner): Promise<void> {
    await super.up(runner);
    await runner.query('UPDATE session SET used_at = made_at WHERE used_at IS NULL');
    await runner.query('ALTER TABLE session MODIFY used_at DATETIME(3) NOT NULL');
    await runner.query('DROP TABLE sign_in_failure');
    await runner.query(
      'ALTER TABLE person DROP KEY person_email, ADD UNIQUE KEY person_of_firm (firm_id, email), ADD KEY person_email (email)',
    );
  }

  override async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE person DROP KEY person_email, DROP KEY person_of_firm, ADD UNIQUE KEY person_email (email)',
    );
    await runner.query(
      'CREATE TABLE sign_in_failure (id CHAR(36) PRIMARY KEY, email_hash CHAR(64) NOT NULL, at DATETIME(3) NOT NULL, KEY failure_email (email_hash, at)) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4',
    );
    await super.down(runner);
  }
}
