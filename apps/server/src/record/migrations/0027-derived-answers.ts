import { ColumnsAndTables } from './columnsAndTables.ts';

/** What is derived from a job's record is kept under the record's mark; lists of jobs are read by how they stand. */
export class DerivedAnswers1766200000027 extends ColumnsAndTables {
  name = 'DerivedAnswers1766200000027';
  protected readonly columns = [];
  protected readonly tables = {
    derived_answer:
      'firm_id CHAR(36) NOT NULL, kind VARCHAR(20) NOT NULL, job_id CHAR(36) NOT NULL, mark CHAR(43) NOT NULL, `release` VARCHAR(36) NOT NULL, turns_at INT NULL, body LONGTEXT NOT NULL, PRIMARY KEY (firm_id, kind, job_id)',
  };
  protected override readonly keys = [
    ['job', 'job_stands', 'firm_id, status, starts_at, id'],
    ['work_log', 'work_pace', 'firm_id, step_kind, usual_min, hands_on_min, withdrawn, id'],
  ] as const;
}
