import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLE_END = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';
const OWNED = 'id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL';
const SIGNED = 'by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL';

const COLUMNS: [table: string, columns: string[]][] = [
  ['job', ["property JSON NOT NULL DEFAULT '{}'"]],
  [
    'room',
    [
      "kind VARCHAR(10) NOT NULL DEFAULT 'room'",
      'facing VARCHAR(5) NULL',
      'sketch JSON NULL',
      'version INT NOT NULL DEFAULT 1',
    ],
  ],
  ['surface', ['measure JSON NULL', "exclusions JSON NOT NULL DEFAULT '[]'"]],
  ['test_record', ['mark JSON NULL']],
];

const TABLES: Record<string, string> = {
  finding: `${OWNED}, surface_id CHAR(36) NOT NULL, conditions JSON NOT NULL, extents JSON NOT NULL, note VARCHAR(1000) NOT NULL, changes JSON NOT NULL, ${SIGNED}, KEY finding_job (firm_id, job_id)`,
  photo: `${OWNED}, room_id CHAR(36) NOT NULL, surface_id CHAR(36) NULL, test_id CHAR(36) NULL, mark JSON NULL, note VARCHAR(400) NOT NULL, width INT NOT NULL, height INT NOT NULL, hash CHAR(64) NOT NULL, content LONGBLOB NOT NULL, ${SIGNED}, KEY photo_job (firm_id, job_id)`,
  trial: `${OWNED}, surface_id CHAR(36) NULL, title VARCHAR(120) NOT NULL, place VARCHAR(200) NOT NULL, design JSON NOT NULL, cells JSON NOT NULL, ${SIGNED}, KEY trial_job (firm_id, job_id)`,
  trial_act: `${OWNED}, trial_id CHAR(36) NOT NULL, kind VARCHAR(12) NOT NULL, body JSON NOT NULL, corrects CHAR(36) NULL, ${SIGNED}, KEY act_trial (firm_id, trial_id, at), KEY act_job (firm_id, job_id)`,
};

/** Walk-round: sketches, measures, exclusions, marks, photos, findings, and trials with their acts. */
export class WalkRound1764000000002 implements MigrationInterface {
  name = 'WalkRound1764000000002';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, columns] of COLUMNS)
      await runner.query(`ALTER TABLE \`${table}\` ${columns.map((c) => `ADD COLUMN ${c}`).join(', ')}`);
    for (const [table, columns] of Object.entries(TABLES))
      await runner.query(`CREATE TABLE \`${table}\` (${columns}) ${TABLE_END}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of Object.keys(TABLES).reverse()) await runner.query(`DROP TABLE \`${table}\``);
    for (const [table, columns] of COLUMNS)
      await runner.query(`ALTER TABLE \`${table}\` ${columns.map((c) => `DROP COLUMN ${c.split(' ')[0]}`).join(', ')}`);
  }
}
