import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Every table whose rows are part of a job. */
const OF_JOBS = [
  'job',
  'room',
  'surface',
  'test_record',
  'finding',
  'system_choice',
  'work_log',
  'air_reading',
  'air_series',
  'step_hold',
  'trouble',
  'follow_up',
  'trial',
  'trial_act',
  'posted_plan',
  'document',
  'agreement',
  'photo',
];

/**
 * A job taken over by another firm keeps its ids, which its ledger has hashed: a row is known by its firm and its id.
 * And how long a firm keeps what it need not keep for ever.
 */
export class JobsBetweenFirms1764300000007 implements MigrationInterface {
  name = 'JobsBetweenFirms1764300000007';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of OF_JOBS)
      await runner.query(`ALTER TABLE \`${table}\` DROP PRIMARY KEY, ADD PRIMARY KEY (firm_id, id)`);
    await runner.query('ALTER TABLE ledger_entry DROP PRIMARY KEY, ADD PRIMARY KEY (firm_id, job_id, seq)');
    await runner.query('ALTER TABLE ledger_entry DROP INDEX entry_firm');
    await runner.query(
      'ALTER TABLE work_log DROP INDEX work_corrects, ADD UNIQUE KEY work_corrects (firm_id, corrects)',
    );
    // A paper brought in keeps its number; whoever numbers the firm's own holds its row, so none is given twice.
    await runner.query(
      'ALTER TABLE document DROP INDEX document_once, ADD UNIQUE KEY document_once (firm_id, job_id, version), ADD KEY document_number (firm_id, number)',
    );
    await runner.query(
      'ALTER TABLE agreement DROP INDEX agreed_once, ADD UNIQUE KEY agreed_once (firm_id, document_id)',
    );
    await runner.query("ALTER TABLE firm ADD COLUMN retention JSON NOT NULL DEFAULT '{}'");
  }

  /** Goes back only while no job is at two firms: the database refuses otherwise, and nothing is lost. */
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE firm DROP COLUMN retention');
    await runner.query('ALTER TABLE agreement DROP INDEX agreed_once, ADD UNIQUE KEY agreed_once (document_id)');
    await runner.query(
      'ALTER TABLE document DROP INDEX document_once, DROP INDEX document_number, ADD UNIQUE KEY document_once (firm_id, number, version)',
    );
    await runner.query('ALTER TABLE work_log DROP INDEX work_corrects, ADD UNIQUE KEY work_corrects (corrects)');
    await runner.query('ALTER TABLE ledger_entry ADD KEY entry_firm (firm_id, job_id)');
    await runner.query('ALTER TABLE ledger_entry DROP PRIMARY KEY, ADD PRIMARY KEY (job_id, seq)');
    for (const table of [...OF_JOBS].reverse())
      await runner.query(`ALTER TABLE \`${table}\` DROP PRIMARY KEY, ADD PRIMARY KEY (id)`);
  }
}
