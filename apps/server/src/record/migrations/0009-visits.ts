import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

const OF_JOB = 'id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL';
const BY = 'by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, PRIMARY KEY (firm_id, id)';

const TABLES: Record<string, string> = {
  visit: `${OF_JOB}, on_day CHAR(10) NOT NULL, from_time CHAR(5) NOT NULL, minutes INT NOT NULL, calls JSON NOT NULL, person_id CHAR(36) NULL, round_id CHAR(36) NULL, ${BY}, KEY visit_job (firm_id, job_id), KEY visit_day (firm_id, on_day)`,
  visit_act: `${OF_JOB}, visit_id CHAR(36) NOT NULL, kind VARCHAR(10) NOT NULL, note VARCHAR(600) NOT NULL, ${BY}, UNIQUE KEY visit_ended (firm_id, visit_id), KEY visit_act_job (firm_id, job_id)`,
  look: `${OF_JOB}, subject CHAR(36) NOT NULL, code VARCHAR(30) NOT NULL, holds BOOLEAN NOT NULL, note VARCHAR(600) NOT NULL, ${BY}, KEY look_job (firm_id, job_id)`,
};

/** Visits after hand-over, what was looked at in them, and what the firm lets count of how its work has held. */
export class Visits1764500000009 extends ColumnsAndTables implements MigrationInterface {
  name = 'Visits1764500000009';
  protected readonly columns = [['firm', 'held JSON NULL']] as const;
  protected readonly tables = TABLES;
}
