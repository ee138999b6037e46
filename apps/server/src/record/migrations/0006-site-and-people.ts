import type { MigrationInterface, QueryRunner } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

const OWNED = 'id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL';
const BY = 'by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL';
const ON_SURFACE = `${OWNED}, job_id CHAR(36) NOT NULL, surface_id CHAR(36) NOT NULL`;

const COLUMNS: [table: string, column: string][] = [
  ['person', 'left_at DATETIME(3) NULL'],
  ['session', 'made_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3)'],
  ['work_log', 'method VARCHAR(20) NULL'],
  ['work_log', 'surface_c DOUBLE NULL'],
  ['work_log', 'helper VARCHAR(120) NULL'],
  ['work_log', "note VARCHAR(1000) NOT NULL DEFAULT ''"],
  ['work_log', 'instead VARCHAR(400) NULL'],
  ['work_log', 'corrects CHAR(36) NULL'],
  ['work_log', 'withdrawn BOOLEAN NOT NULL DEFAULT FALSE'],
  ['work_log', 'written_at DATETIME(3) NULL'],
  ['photo', 'work_id CHAR(36) NULL'],
];

const TABLES: Record<string, string> = {
  step_hold: `${ON_SURFACE}, step_id VARCHAR(40) NOT NULL, kind VARCHAR(12) NOT NULL, until DATETIME(3) NULL, reason VARCHAR(400) NOT NULL, releases CHAR(36) NULL, ${BY}, KEY hold_job (firm_id, job_id)`,
  trouble: `${ON_SURFACE}, step_id VARCHAR(40) NOT NULL, fault VARCHAR(20) NOT NULL, note VARCHAR(1000) NOT NULL, photo_id CHAR(36) NULL, rescue JSON NOT NULL, ${BY}, KEY trouble_job (firm_id, job_id)`,
  follow_up: `${ON_SURFACE}, work_id CHAR(36) NULL, kind VARCHAR(30) NOT NULL, words VARCHAR(600) NOT NULL, due_at DATETIME(3) NOT NULL, closed_at DATETIME(3) NULL, closed_by VARCHAR(120) NULL, closed_note VARCHAR(600) NULL, ${BY}, KEY follow_up_job (firm_id, job_id)`,
  invitation: `${OWNED}, email VARCHAR(160) NOT NULL, name VARCHAR(120) NOT NULL, initials VARCHAR(4) NOT NULL, role VARCHAR(12) NOT NULL, token_hash CHAR(64) NOT NULL, expires_at DATETIME(3) NOT NULL, taken_at DATETIME(3) NULL, withdrawn_at DATETIME(3) NULL, ${BY}, UNIQUE KEY invitation_token (token_hash), KEY invitation_firm (firm_id)`,
  access_note: `${OWNED}, person_id CHAR(36) NULL, kind VARCHAR(30) NOT NULL, detail VARCHAR(300) NOT NULL, ${BY}, KEY access_firm (firm_id, at)`,
  event:
    'id BIGINT AUTO_INCREMENT PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, kind VARCHAR(60) NOT NULL, at DATETIME(3) NOT NULL, KEY event_firm (firm_id, id)',
};

/** Work on site in full, what holds a step up, people who come and go, and what has just happened. */
export class SiteAndPeople1764200000006 extends ColumnsAndTables implements MigrationInterface {
  name = 'SiteAndPeople1764200000006';
  protected readonly columns = COLUMNS;
  protected readonly tables = TABLES;

  /** A step may be logged again once its log was corrected; no log is corrected twice. */
  override async up(runner: QueryRunner): Promise<void> {
    await super.up(runner);
    await runner.query(
      'ALTER TABLE work_log DROP INDEX work_step, ADD KEY work_surface (firm_id, surface_id, step_id)',
    );
    await runner.query('ALTER TABLE work_log ADD UNIQUE KEY work_corrects (corrects)');
  }

  override async down(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM work_log WHERE withdrawn');
    await runner.query(
      'DELETE w FROM work_log w JOIN work_log c ON c.surface_id = w.surface_id AND c.step_id = w.step_id AND c.id > w.id',
    );
    await runner.query('ALTER TABLE work_log DROP INDEX work_corrects, DROP INDEX work_surface');
    await runner.query('ALTER TABLE work_log ADD UNIQUE KEY work_step (firm_id, surface_id, step_id)');
    await super.down(runner);
  }
}
