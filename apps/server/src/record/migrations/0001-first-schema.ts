import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLE_END = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

const TABLES: Record<string, string> = {
  firm: `id CHAR(36) PRIMARY KEY, name VARCHAR(120) NOT NULL, time_zone VARCHAR(64) NOT NULL, hemisphere VARCHAR(10) NOT NULL, currency CHAR(3) NOT NULL, house_rules JSON NOT NULL, version INT NOT NULL DEFAULT 1`,
  person: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, initials VARCHAR(4) NOT NULL, email VARCHAR(160) NOT NULL, password_hash VARCHAR(200) NOT NULL, role VARCHAR(12) NOT NULL, hours JSON NULL, UNIQUE KEY person_email (email), KEY person_firm (firm_id)`,
  session: `token_hash CHAR(64) PRIMARY KEY, person_id CHAR(36) NOT NULL, expires_at DATETIME(3) NOT NULL, KEY session_person (person_id)`,
  sign_in_failure: `id CHAR(36) PRIMARY KEY, email_hash CHAR(64) NOT NULL, at DATETIME(3) NOT NULL, KEY failure_email (email_hash, at)`,
  sent_write: `firm_id CHAR(36) NOT NULL, write_id VARCHAR(64) NOT NULL, request_hash CHAR(64) NOT NULL, answer JSON NULL, at DATETIME(3) NOT NULL, PRIMARY KEY (firm_id, write_id)`,
  job: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, title VARCHAR(200) NOT NULL, place VARCHAR(200) NOT NULL, built_year INT NULL, status VARCHAR(12) NOT NULL, note VARCHAR(2000) NOT NULL, starts_at DATETIME(3) NOT NULL, temperature_c DECIMAL(5,2) NOT NULL, relative_humidity_pct DECIMAL(5,2) NOT NULL, house_rules JSON NOT NULL, crew_ids JSON NOT NULL, racks INT NOT NULL, version INT NOT NULL DEFAULT 1, KEY job_firm (firm_id)`,
  room: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, position INT NOT NULL, no_dust_while_wet BOOLEAN NOT NULL, back_by VARCHAR(5) NULL, KEY room_job (firm_id, job_id)`,
  surface: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, room_id CHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, campaign VARCHAR(60) NULL, facts JSON NOT NULL, wanted JSON NOT NULL, position INT NOT NULL, version INT NOT NULL DEFAULT 1, KEY surface_job (firm_id, job_id)`,
  test_record: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, surface_id CHAR(36) NOT NULL, test JSON NOT NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, corrects CHAR(36) NULL, note VARCHAR(1000) NOT NULL, KEY test_job (firm_id, job_id), KEY test_surface (firm_id, surface_id)`,
  system_choice: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, surface_id CHAR(36) NOT NULL, steps JSON NOT NULL, differs VARCHAR(1000) NOT NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, KEY choice_job (firm_id, job_id)`,
  posted_plan: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, input JSON NOT NULL, plan JSON NOT NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, KEY plan_job (firm_id, job_id, at)`,
  work_log: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, surface_id CHAR(36) NOT NULL, step_id VARCHAR(40) NOT NULL, step_kind VARCHAR(20) NOT NULL, product_id VARCHAR(80) NULL, batch VARCHAR(80) NULL, started_at DATETIME(3) NOT NULL, ended_at DATETIME(3) NOT NULL, temperature_c DOUBLE NULL, relative_humidity_pct DOUBLE NULL, wet_film_um DOUBLE NULL, litres DOUBLE NULL, by_name VARCHAR(120) NOT NULL, UNIQUE KEY work_step (firm_id, surface_id, step_id), KEY work_job (firm_id, job_id)`,
  air_reading: `id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, room_id CHAR(36) NOT NULL, temperature_c DOUBLE NOT NULL, relative_humidity_pct DOUBLE NOT NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, KEY reading_job (firm_id, job_id, at)`,
  ledger_entry: `job_id CHAR(36) NOT NULL, seq INT NOT NULL, firm_id CHAR(36) NOT NULL, kind VARCHAR(60) NOT NULL, subject CHAR(36) NULL, by_name VARCHAR(120) NOT NULL, at VARCHAR(40) NOT NULL, recorded_at VARCHAR(40) NOT NULL, payload JSON NOT NULL, previous_hash CHAR(64) NOT NULL, hash CHAR(64) NOT NULL, PRIMARY KEY (job_id, seq), KEY entry_firm (firm_id, job_id)`,
};

export class FirstSchema1764000000001 implements MigrationInterface {
  name = 'FirstSchema1764000000001';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, columns] of Object.entries(TABLES))
      await runner.query(`CREATE TABLE \`${table}\` (${columns}) ${TABLE_END}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of Object.keys(TABLES).reverse()) await runner.query(`DROP TABLE \`${table}\``);
  }
}
