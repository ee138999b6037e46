import { PrimaryColumn } from 'typeorm';

/** Every table that belongs to a firm carries its id, and a row is known by both: a job may stand at two firms; see FirmScope, the only way to query them. */
export abstract class FirmOwned {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
}

/** A row that people change: each change names the version it was made on. */
export interface Versioned extends FirmOwned {
  version: number;
}
