import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Sheets say how many years their maker promises; those of before are silent on it. */
export class MakersYears1766900000034 implements MigrationInterface {
  name = 'MakersYears1766900000034';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("UPDATE `product` SET sheet = JSON_SET(sheet, '$.lastsYears', NULL)");
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("UPDATE `product` SET sheet = JSON_REMOVE(sheet, '$.lastsYears')");
  }
}
