import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** What was measured in photos of patches. */
export class PatchPictures1766400000029 extends ColumnsAndTables implements MigrationInterface {
  name = 'PatchPictures1766400000029';
  protected readonly columns = [] as const;
  protected readonly tables = {
    patch_picture: `id CHAR(36) NOT NULL, firm_id CHAR(36) NOT NULL, job_id CHAR(36) NOT NULL, surface_id CHAR(36) NOT NULL,
      patch_id CHAR(36) NOT NULL, photo_id CHAR(36) NOT NULL, setting JSON NOT NULL, coats INT NOT NULL, shows JSON NOT NULL,
      by_name VARCHAR(120) NOT NULL, at DATETIME(3) NOT NULL, PRIMARY KEY (firm_id, id), KEY patch_picture_job (firm_id, job_id),
      KEY patch_picture_surface (firm_id, surface_id)`,
  };
}
