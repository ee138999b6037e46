import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** What a firm says of itself on its papers, where it buys, what its shelf begins with; and who was there first. */
export class AFirmOfItsOwn1764700000012 extends ColumnsAndTables implements MigrationInterface {
  name = 'AFirmOfItsOwn1764700000012';
  protected readonly columns = [
    ['firm', "letterhead JSON NOT NULL DEFAULT '{}'"],
    ['firm', "suppliers JSON NOT NULL DEFAULT '[]'"],
    ['firm', "shelf_from VARCHAR(10) NOT NULL DEFAULT 'demo'"],
    ['firm', 'lent_to CHAR(36) NULL UNIQUE'],
  ] as const;
  protected readonly tables = {
    founding: 'id CHAR(10) PRIMARY KEY, firm_id CHAR(36) NOT NULL, at DATETIME(3) NOT NULL',
  };
}
