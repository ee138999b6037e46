import type { QueryRunner } from 'typeorm';
import { paceOfAll } from '../jobPace.ts';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** How many entries the ledger of each job has. */
const ENTRIES = `UPDATE job j JOIN (SELECT firm_id, job_id, MAX(seq) AS seq FROM ledger_entry GROUP BY firm_id, job_id) l
  ON l.firm_id = j.firm_id AND l.job_id = j.id SET j.entries = l.seq`;

/** What is derived from a job's record is kept under the record's mark, its pace beside its logs; jobs are listed by how they stand. */
export class DerivedAnswers1766200000027 extends ColumnsAndTables {
  name = 'DerivedAnswers1766200000027';
  protected readonly columns = [['job', 'entries INT NOT NULL DEFAULT 0']] as const;
  protected readonly tables = {
    derived_answer:
      'firm_id CHAR(36) NOT NULL, kind VARCHAR(20) NOT NULL, job_id CHAR(36) NOT NULL, mark CHAR(43) NOT NULL, `release` VARCHAR(36) NOT NULL, turns_at INT NULL, body LONGTEXT NOT NULL, PRIMARY KEY (firm_id, kind, job_id)',
    job_pace:
      'firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, step_kind VARCHAR(20) NOT NULL, seen INT NOT NULL, log_sum DOUBLE NOT NULL, PRIMARY KEY (firm_id, job_id, step_kind)',
  };
  protected override readonly keys = [['job', 'job_stands', 'firm_id, status, starts_at, id']] as const;

  override async up(runner: QueryRunner): Promise<void> {
    await super.up(runner);
    await runner.query(ENTRIES);
    await paceOfAll(runner);
  }
}
