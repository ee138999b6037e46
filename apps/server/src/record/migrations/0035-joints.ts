import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** Joints of a room as lines on its sketch. */
export class Joints1767000000035 extends ColumnsAndTables implements MigrationInterface {
  name = 'Joints1767000000035';
  protected readonly columns = [] as const;
  protected readonly tables = {
    joint: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, room_id CHAR(36) NOT NULL,
      surface_id CHAR(36) NOT NULL, \`line\` JSON NULL, length_m DOUBLE NULL,
      side VARCHAR(20) NOT NULL, other_side VARCHAR(20) NOT NULL, width_mm DOUBLE NOT NULL, holds VARCHAR(20) NOT NULL,
      state VARCHAR(20) NOT NULL, shine VARCHAR(20) NULL, flex VARCHAR(20) NULL, smell VARCHAR(20) NULL,
      old_paint VARCHAR(20) NULL, dab VARCHAR(20) NULL, moves TINYINT NULL, wet TINYINT NULL, painted TINYINT NULL,
      colour VARCHAR(40) NOT NULL, remedy VARCHAR(20) NULL, note VARCHAR(200) NOT NULL, withdrawn TINYINT NOT NULL,
      by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, version INT NOT NULL DEFAULT 1,
      PRIMARY KEY (firm_id, id), KEY joint_job (firm_id, job_id)`,
  };
}
