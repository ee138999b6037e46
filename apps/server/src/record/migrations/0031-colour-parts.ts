import type { MigrationInterface } from 'typeorm';
import { ColumnsAndTables } from './columnsAndTables.ts';

/** Parts of a surface in colours of their own. */
export class ColourParts1766600000031 extends ColumnsAndTables implements MigrationInterface {
  name = 'ColourParts1766600000031';
  protected readonly columns = [['surface', 'colour_parts JSON NULL']] as const;
  protected readonly tables = {};
}
