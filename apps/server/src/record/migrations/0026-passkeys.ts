import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLE_END = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/** A second lock may be opened by a phone and by passkeys; what a device was asked is kept until it answers. */
export class Passkeys1766100000026 implements MigrationInterface {
  name = 'Passkeys1766100000026';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE IF NOT EXISTS key_challenge (person_id CHAR(36) PRIMARY KEY, challenge VARCHAR(100) NOT NULL, until DATETIME(3) NOT NULL) ${TABLE_END}`,
    );
    await runner.query(`UPDATE person SET second_lock = JSON_OBJECT(
      'phone', JSON_OBJECT('secret', JSON_VALUE(second_lock, '$.secret'), 'since', JSON_VALUE(second_lock, '$.since'), 'lastStep', CAST(JSON_VALUE(second_lock, '$.lastStep') AS INT)),
      'keys', JSON_ARRAY(), 'onPaper', JSON_QUERY(second_lock, '$.onPaper'))
      WHERE JSON_EXISTS(second_lock, '$.secret')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`UPDATE person SET second_lock = JSON_OBJECT(
      'secret', JSON_VALUE(second_lock, '$.phone.secret'), 'since', JSON_VALUE(second_lock, '$.phone.since'), 'lastStep', CAST(JSON_VALUE(second_lock, '$.phone.lastStep') AS INT),
      'onPaper', JSON_QUERY(second_lock, '$.onPaper'))
      WHERE JSON_EXISTS(second_lock, '$.phone.secret')`);
    await runner.query("UPDATE person SET second_lock = NULL WHERE JSON_EXISTS(second_lock, '$.keys')");
    await runner.query('DROP TABLE key_challenge');
  }
}
