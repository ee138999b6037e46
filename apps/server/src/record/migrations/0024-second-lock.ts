import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** A second lock beside the password, and a way back in for whoever lost it. */
export class SecondLock1765900000024 extends ColumnsAndTables implements MigrationInterface {
  name = 'SecondLock1765900000024';
  protected readonly columns = [
    ['person', 'second_lock JSON NULL'],
    ['firm', 'owners_second BOOLEAN NOT NULL DEFAULT FALSE'],
  ] as const;
  protected readonly tables = {
    recovery_link:
      'token_hash CHAR(64) PRIMARY KEY, person_id CHAR(36) NOT NULL, expires_at DATETIME(3) NOT NULL, KEY recovery_person (person_id)',
  };
}
