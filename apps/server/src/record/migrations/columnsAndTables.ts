import type { QueryRunner } from 'typeorm';

const TABLE_END = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/** New columns, each as its table and its definition, new tables by their columns, and new keys: put there, and taken away again. */
export abstract class ColumnsAndTables {
  protected abstract readonly columns: readonly (readonly [table: string, column: string])[];
  protected abstract readonly tables: Readonly<Record<string, string>>;
  protected readonly keys: readonly (readonly [table: string, key: string, columns: string])[] = [];

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, column] of this.columns) await runner.query(`ALTER TABLE \`${table}\` ADD COLUMN ${column}`);
    for (const [table, columns] of Object.entries(this.tables))
      await runner.query(`CREATE TABLE \`${table}\` (${columns}) ${TABLE_END}`);
    for (const [table, key, columns] of this.keys)
      await runner.query(`ALTER TABLE \`${table}\` ADD KEY ${key} (${columns})`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const [table, key] of this.keys) await runner.query(`ALTER TABLE \`${table}\` DROP INDEX ${key}`);
    for (const table of Object.keys(this.tables).reverse()) await runner.query(`DROP TABLE \`${table}\``);
    for (const [table, column] of this.columns)
      await runner.query(`ALTER TABLE \`${table}\` DROP COLUMN ${column.split(' ')[0]}`);
  }
}
