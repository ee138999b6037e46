import { NotFoundException } from '@nestjs/common';
import type { EntityManager, EntityTarget, FindOptionsOrder, FindOptionsWhere } from 'typeorm';
import type { FirmOwned } from './firmOwned.ts';

/** Who acts, for which firm, and when: everything a service needs to know of a request. */
export interface Who {
  firmId: string;
  personId: string;
  name: string;
  now: Date;
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

  async one<T extends FirmOwned>(entity: EntityTarget<T>, id: string, what: string): Promise<T> {
    const row = await this.manager.findOne(entity, { where: { id, firmId: this.who.firmId } as FindOptionsWhere<T> });
    if (!row) throw new NotFoundException(`There is no such ${what}.`);
    return row;
  }

  async add<T extends FirmOwned>(entity: EntityTarget<T>, row: Omit<T, 'firmId' | 'version'>): Promise<T> {
    const whole = { ...row, firmId: this.who.firmId } as unknown as T;
    await this.manager.insert(entity, whole as never);
    return whole;
  }
}
