import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** What of a wall a photo shows, so that damage is marked on the photo. */
export class PhotoFrames1767200000037 extends ColumnsAndTables implements MigrationInterface {
  name = 'PhotoFrames1767200000037';
  protected readonly columns = [] as const;
  protected readonly tables = {
    photo_frame: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, surface_id CHAR(36) NOT NULL,
      photo_id CHAR(36) NOT NULL, corners JSON NOT NULL, wall INT NOT NULL, part JSON NOT NULL,
      by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL,
      PRIMARY KEY (firm_id, id), KEY photo_frame_job (firm_id, job_id)`,
  };
}
