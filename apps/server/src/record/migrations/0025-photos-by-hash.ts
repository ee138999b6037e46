import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLE_END = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';
/** So many pictures at a time: no statement is larger than a cluster passes on. */
const AT_A_TIME = 20;

/**
 * Pictures lie apart from their rows, each known by its hash; the feeds that are open are counted for all servers.
 * Each step can be done again: a move that is broken off goes on where it was.
 */
export class PhotosByHash1766000000025 implements MigrationInterface {
  name = 'PhotosByHash1766000000025';
  transaction = false;

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE IF NOT EXISTS open_feed (id CHAR(36) PRIMARY KEY, person_id CHAR(36) NOT NULL, at DATETIME(3) NOT NULL, KEY feed_person (person_id)) ${TABLE_END}`,
    );
    await runner.query(
      `CREATE TABLE IF NOT EXISTS photo_content (firm_id CHAR(36) NOT NULL, hash CHAR(64) NOT NULL, content LONGBLOB NOT NULL, at DATETIME(3) NOT NULL, PRIMARY KEY (firm_id, hash)) ${TABLE_END}`,
    );
    for (let last = ''; ;) {
      const ids = (await runner.query('SELECT id FROM photo WHERE id > ? ORDER BY id LIMIT ?', [last, AT_A_TIME])) as {
        id: string;
      }[];
      if (ids.length === 0) break;
      await runner.query(
        'INSERT IGNORE INTO photo_content (firm_id, hash, content, at) SELECT firm_id, hash, content, at FROM photo WHERE id IN (?)',
        [ids.map(({ id }) => id)],
      );
      last = ids.at(-1)!.id;
    }
    await runner.query('ALTER TABLE photo DROP COLUMN content, ADD KEY photo_hash (firm_id, hash)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE photo DROP KEY photo_hash, ADD COLUMN content LONGBLOB NULL');
    await runner.query(
      'UPDATE photo p JOIN photo_content c ON c.firm_id = p.firm_id AND c.hash = p.hash SET p.content = c.content',
    );
    await runner.query('ALTER TABLE photo MODIFY content LONGBLOB NOT NULL');
    await runner.query('DROP TABLE photo_content');
    await runner.query('DROP TABLE open_feed');
  }
}
