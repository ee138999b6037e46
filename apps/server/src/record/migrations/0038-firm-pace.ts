import type { QueryRunner } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** A firm's own pace is kept in sum, so that a log does not read what every job of years says of it. */
export class FirmPace1767300000038 extends ColumnsAndTables {
  name = 'FirmPace1767300000038';
  protected readonly columns = [] as const;
  protected readonly tables = {
    firm_pace:
      'firm_id CHAR(36) NOT NULL, step_kind VARCHAR(20) NOT NULL, seen INT NOT NULL, log_sum DOUBLE NOT NULL, PRIMARY KEY (firm_id, step_kind)',
  };

  override async up(runner: QueryRunner): Promise<void> {
    await super.up(runner);
    await runner.query(
      `INSERT INTO firm_pace (firm_id, step_kind, seen, log_sum)
        SELECT firm_id, step_kind, SUM(seen), SUM(log_sum) FROM job_pace GROUP BY firm_id, step_kind`,
    );
  }
}
