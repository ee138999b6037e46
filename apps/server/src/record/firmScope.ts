import { NotFoundException } from '@nestjs/common';
import { editedElsewhere } from '../http/conflict.ts';
import type { SentWrite } from './sentWrite.ts';
import { isMutable, wroteRow, type Entry, type Wrote } from '@rustic/core';
import type { EntityManager, EntityTarget, FindOptionsOrder, FindOptionsWhere } from 'typeorm';
import type { QueryDeepPartialEntity } from 'typeorm/query-builder/QueryPartialEntity.js';
import { FirmEntity } from './firmEntities.ts';
import { fileRow, rowsOf } from './jobTables.ts';
import type { FirmOwned, Versioned } from './firmOwned.ts';

/** Who acts, for which firm, and when: everything a service needs to know of a request. */
export interface Who {
  firmId: string;
  personId: string;
  name: string;
  now: Date;
  /** The write that is sent; null where something is read, or the program writes by itself. */
  write: SentWrite | null;
}

/**
 * The only way services reach a firm's rows: every query carries the firm's id. What belongs to another firm does
 * not exist here, and answers 404 like anything that was never there.
 */
export class FirmScope {
  readonly who: Who;
  readonly manager: EntityManager;

  constructor(manager: EntityManager, who: Who) {
    this.manager = manager;
    this.who = who;
  }

  /** The firm itself. */
  firm(): Promise<FirmEntity> {
    return this.manager.findOneByOrFail(FirmEntity, { id: this.who.firmId });
  }

  /** The firm's own picture; null: it has none. */
  async logo(): Promise<string | null> {
    const { logo } = await this.manager.findOneOrFail(FirmEntity, {
      select: { id: true, logo: true },
      where: { id: this.who.firmId },
    });
    return logo;
  }

  /** Whether anything was written here: what is read from then on may yet come to nothing. */
  hasWritten = false;

  /** Changes the firm at the version it was read at, as `change` does a row of it. */
  async changeFirm(yours: { version: number }, change: QueryDeepPartialEntity<FirmEntity>): Promise<FirmEntity> {
    this.hasWritten = true;
    const { affected } = await this.manager.update(FirmEntity, { id: this.who.firmId, version: yours.version }, change);
    const now = await this.firm();
    if (affected !== 1) throw editedElsewhere(yours, now);
    return now;
  }

  find<T extends FirmOwned>(
    entity: EntityTarget<T>,
    where: FindOptionsWhere<T> = {},
    order?: FindOptionsOrder<T>,
  ): Promise<T[]> {
    return this.manager.find(entity, {
      where: { ...where, firmId: this.who.firmId } as FindOptionsWhere<T>,
      ...(order ? { order } : {}),
    });
  }

  /** Whether there is any such row. */
  some<T extends FirmOwned>(entity: EntityTarget<T>, where: FindOptionsWhere<T>): Promise<boolean> {
    return this.manager.existsBy(entity, { ...where, firmId: this.who.firmId } as FindOptionsWhere<T>);
  }

  async one<T extends FirmOwned>(entity: EntityTarget<T>, id: string, what: string): Promise<T> {
    const row = await this.manager.findOne(entity, { where: { id, firmId: this.who.firmId } as FindOptionsWhere<T> });
    if (!row) throw new NotFoundException(`There is no such ${what}.`);
    return row;
  }

  async add<T extends FirmOwned>(entity: EntityTarget<T>, row: Omit<T, 'firmId' | 'version' | 'entries'>): Promise<T> {
    this.hasWritten = true;
    const whole = { ...row, firmId: this.who.firmId } as unknown as T;
    await this.manager.insert(entity, whole as never);
    const rows = rowsOf(entity);
    if (rows) this.note(jobOf(whole), wroteRow(rows, fileRow(this.manager, entity, whole)));
    if (rows === 'work' && saysPace(whole)) this.paced.add(jobOf(whole));
    return whole;
  }

  /**
   * Changes a row at the version it was read at: one conditional UPDATE. Of several changes made on one version the
   * first stands; every other is refused with both sides, whatever was read before.
   */
  async change<T extends Versioned>(
    entity: EntityTarget<T>,
    row: T,
    yours: { version: number },
    change: QueryDeepPartialEntity<T>,
  ): Promise<T> {
    this.hasWritten = true;
    const where = { id: row.id, firmId: this.who.firmId } as FindOptionsWhere<T>;
    const { affected } = await this.manager.update(entity, { ...where, version: yours.version }, change);
    const now = await this.manager.findOneOrFail(entity, { where });
    if (affected !== 1) throw editedElsewhere(yours, now);
    this.noteChange(entity, row, pickFrom(now, Object.keys(change)));
    return now;
  }

  /** Sets some fields of a row, whatever its version: for what follows from another act, and overwrites nothing else. */
  async set<T extends FirmOwned>(
    entity: EntityTarget<T>,
    row: Pick<T, 'id'>,
    fields: QueryDeepPartialEntity<T>,
  ): Promise<void> {
    this.hasWritten = true;
    await this.manager.update(entity, { id: row.id, firmId: this.who.firmId } as FindOptionsWhere<T>, fields);
    this.noteChange(entity, row, fields);
  }

  /** Jobs on which work was logged: what they say of the firm's pace is summed up anew with it. */
  readonly paced = new Set<string>();

  /** Entries of this write, in their order: they are written down before it ends. */
  readonly entered: Entry[] = [];

  /** What was written of a job since its last entry: the next entry carries it. */
  readonly unrecorded = new Map<string, Wrote[]>();

  private note(jobId: string, wrote: Wrote): void {
    this.unrecorded.set(jobId, [...(this.unrecorded.get(jobId) ?? []), wrote]);
  }

  private noteChange<T extends FirmOwned>(entity: EntityTarget<T>, row: Pick<T, 'id'>, fields: object): void {
    const changed = rowsOf(entity);
    if (!changed) return;
    if (!isMutable(changed)) throw new Error(`Rows of ${changed} are written once.`);
    this.note(jobOf(row), { changed, id: row.id, fields: fileRow(this.manager, entity, fields) });
  }
}

/** Whether a log says how long something took, or takes the place of one that may have. */
function saysPace(log: object): boolean {
  const { handsOnMin, corrects } = log as { handsOnMin?: number | null; corrects?: string | null };
  return handsOnMin != null || corrects != null;
}

const pickFrom = (row: object, fields: readonly string[]) =>
  Object.fromEntries(fields.map((field) => [field, (row as Record<string, unknown>)[field]]));

/** The job that a row is of: its own where the row is the job. */
const jobOf = (row: { id: string; jobId?: string }): string => row.jobId ?? row.id;
