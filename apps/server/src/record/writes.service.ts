import { setTimeout as pause } from 'node:timers/promises';
import { ConflictException, Injectable, ServiceUnavailableException } from '@nestjs/common';
import { DataSource, LessThan, QueryFailedError, type EntityManager } from 'typeorm';
import { SentWriteEntity } from './ledgerEntities.ts';
import { FirmScope, type Who } from './firmScope.ts';
import type { SentWrite } from './sentWrite.ts';

const TRIES = 8;
const PAUSE_MS = 15;
const AGAIN = ['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD'];
const TAKEN = 'ER_DUP_ENTRY';
/** Writes are known for so long; a device that was away for longer is told that its row is there. */
export const KNOWN_DAYS = 90;
const DAY_MS = 86_400_000;

interface DriverError {
  code?: string;
  sqlMessage?: string;
}
const driverError = (error: unknown): DriverError | null =>
  error instanceof QueryFailedError ? (error.driverError as DriverError) : null;

/** The value that was there already, as MariaDB names it: at most its first 64 characters. */
const TAKEN_VALUE = /^Duplicate entry '(.*?)(?:\.\.\.)?' for key /;

/** Whether what stood in the way is the id of the write itself, and not a number that another write took first. */
function isOwnId({ sqlMessage = '' }: DriverError, firmId: string, { id }: SentWrite): boolean {
  const value = TAKEN_VALUE.exec(sqlMessage)?.[1] ?? '';
  return value === id || (value.length > firmId.length + 1 && `${firmId}-${id}`.startsWith(value));
}

/** All writes go through here: one transaction, tried again where another was in its way, done once however often it is sent. */
@Injectable()
export class Writes {
  constructor(private readonly database: DataSource) {}

  /** Reads in the firm's scope, outside a transaction. */
  reading(who: Who): FirmScope {
    return new FirmScope(this.database.manager, who);
  }

  /**
   * Runs `work` in a transaction that also keeps its answer under the write that `who` sends. Sent again it answers
   * the same. Read committed: what is read after a row was waited for is what stands now, not what stood before.
   */
  async run<T>(who: Who, work: (scope: FirmScope) => Promise<T>): Promise<T> {
    for (let attempt = 1; ; attempt++) {
      try {
        return await this.database.transaction('READ COMMITTED', (manager) => this.attempt(manager, who, work));
      } catch (error) {
        const driver = driverError(error);
        const taken = driver?.code === TAKEN;
        if (taken && who.write && isOwnId(driver, who.firmId, who.write))
          return this.answerFor<T>(who.firmId, who.write);
        if (!driver?.code || (!taken && !AGAIN.includes(driver.code))) throw error;
        if (attempt >= TRIES) throw taken ? crowded() : error;
        await pause(PAUSE_MS * attempt * (1 + Math.random()));
      }
    }
  }

  private async attempt<T>(manager: EntityManager, who: Who, work: (scope: FirmScope) => Promise<T>): Promise<T> {
    const scope = new FirmScope(manager, who);
    if (!who.write) return this.recorded(scope, work);
    const { id: writeId, requestHash } = who.write;
    const key = { firmId: who.firmId, writeId };
    await manager.insert(SentWriteEntity, { ...key, requestHash, answer: null, at: who.now } as never);
    const answer = await this.recorded(scope, work);
    await manager.update(SentWriteEntity, key, { answer: JSON.parse(JSON.stringify(answer ?? null)) as never });
    return answer;
  }

  /** Nothing of a job is written without an entry of its ledger that carries it. */
  private async recorded<T>(scope: FirmScope, work: (scope: FirmScope) => Promise<T>): Promise<T> {
    const answer = await work(scope);
    if (scope.unrecorded.size) throw new Error(`Written without an entry: ${JSON.stringify([...scope.unrecorded])}`);
    return answer;
  }

  /** What a write whose id is taken is told: its own answer, or that something else has the id. */
  private async answerFor<T>(firmId: string, write: SentWrite): Promise<T> {
    const known = await this.answered<T>(firmId, write);
    if (known) return known.answer;
    throw new ConflictException({
      code: 'already-there',
      message: 'Something is recorded under this id already. Nothing was written; reload to see it.',
    });
  }

  /** What a write was answered before; null where it was not. The same id sent elsewhere, or with other content, is a conflict. */
  async answered<T>(firmId: string, { id: writeId, requestHash }: SentWrite): Promise<{ answer: T } | null> {
    const sent = await this.database.manager.findOneBy(SentWriteEntity, { firmId, writeId });
    if (!sent) return null;
    if (sent.requestHash !== requestHash)
      throw new ConflictException({
        code: 'id-used',
        message: 'This id was used for something else. Nothing was written; send it with a new id.',
      });
    return { answer: sent.answer as T };
  }

  /** Forgets writes that nobody will send again. */
  async thin(now: Date): Promise<void> {
    const before = new Date(now.getTime() - KNOWN_DAYS * DAY_MS);
    await this.database.manager.delete(SentWriteEntity, { at: LessThan(before) });
  }
}

const crowded = () =>
  new ServiceUnavailableException({
    code: 'busy',
    message: 'Too many write here at this moment. Nothing was written; try again.',
  });
