import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

const OWNED = 'id CHAR(36) PRIMARY KEY, firm_id CHAR(36) NOT NULL';

const COLUMNS: [table: string, column: string][] = [
  ['firm', "planning JSON NOT NULL DEFAULT '{}'"],
  ['person', "skills JSON NOT NULL DEFAULT '[]'"],
  ['room', 'fumes_out_by VARCHAR(5) NULL'],
  ['room', 'max_nights_out INT NULL'],
  ['room', "air_from VARCHAR(8) NOT NULL DEFAULT 'reading'"],
];

const TABLES: Record<string, string> = {
  air_series: `${OWNED}, job_id CHAR(36) NOT NULL, room_id CHAR(36) NOT NULL, readings JSON NOT NULL, by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, KEY series_room (firm_id, job_id, room_id, at)`,
  busy_time: `${OWNED}, person_id CHAR(36) NOT NULL, title VARCHAR(200) NOT NULL, starts_at DATETIME(3) NOT NULL, ends_at DATETIME(3) NOT NULL, KEY busy_person (firm_id, person_id, starts_at)`,
};

/** What the plan asks of rooms, people and visits; times that people are taken; air hour by hour. */
export class PlanAndAir1764100000005 extends ColumnsAndTables implements MigrationInterface {
  name = 'PlanAndAir1764100000005';
  protected readonly columns = COLUMNS;
  protected readonly tables = TABLES;
}
