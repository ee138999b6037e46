import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

const OF_JOB = 'id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL';
const BY = 'by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, PRIMARY KEY (firm_id, id)';

const TABLES: Record<string, string> = {
  fault_mark: `${OF_JOB}, room_id CHAR(36) NOT NULL, surface_id CHAR(36) NOT NULL, number INT NOT NULL, fault VARCHAR(20) NOT NULL, note VARCHAR(600) NOT NULL, mark JSON NULL, photo_id CHAR(36) NULL, photo_place JSON NULL, size_m2 DOUBLE NOT NULL, view VARCHAR(8) NOT NULL, light VARCHAR(20) NULL, ${BY}, UNIQUE KEY fault_number (firm_id, job_id, number)`,
  fault_act: `${OF_JOB}, mark_id CHAR(36) NOT NULL, kind VARCHAR(10) NOT NULL, way VARCHAR(20) NULL, with_what VARCHAR(300) NOT NULL, note VARCHAR(600) NOT NULL, ${BY}, UNIQUE KEY fault_closed (firm_id, mark_id), KEY fault_act_job (firm_id, job_id)`,
  handover_check: `${OF_JOB}, surface_id CHAR(36) NOT NULL, code VARCHAR(30) NOT NULL, holds BOOLEAN NOT NULL, note VARCHAR(600) NOT NULL, ${BY}, KEY check_job (firm_id, job_id)`,
};

/** Faults marked after the work, what became of them, and what was tried before hand-over. */
export class PunchList1764400000008 extends ColumnsAndTables implements MigrationInterface {
  name = 'PunchList1764400000008';
  protected readonly columns = [];
  protected readonly tables = TABLES;
}
