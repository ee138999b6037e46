import { ConflictException, Injectable } from '@nestjs/common';
import { hashOf } from '@rustic/core';
import { DataSource, QueryFailedError, type EntityManager } from 'typeorm';
import { SentWriteEntity } from '../database/entities.ts';
import { FirmScope, type Who } from '../database/firmScope.ts';

const TRIES = 4;
const AGAIN = ['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD'];
const codeOf = (error: unknown) =>
  error instanceof QueryFailedError ? (error.driverError as { code?: string }).code : undefined;

/** All writes go through here: one transaction, tried again on deadlock, done once however often it is sent. */
@Injectable()
export class Writes {
  constructor(private readonly database: DataSource) {}

  /** Reads in the firm's scope, outside a transaction. */
  reading(who: Who): FirmScope {
    return new FirmScope(this.database.manager, who);
  }

  /**
   * Runs `work` in a transaction that also keeps its answer under the client's id. Sent again with the same content
   * it answers the same; with other content it is a conflict.
   */
  async once<T>(who: Who, writeId: string, request: unknown, work: (scope: FirmScope) => Promise<T>): Promise<T> {
    const requestHash = hashOf(JSON.parse(JSON.stringify(request)));
    for (let attempt = 1; ; attempt++) {
      try {
        // Read committed: what is read after a row was waited for is what stands now, not what stood before the wait.
        return await this.database.transaction('READ COMMITTED', (manager) =>
          this.attempt(manager, who, writeId, requestHash, work),
        );
      } catch (error) {
        const code = codeOf(error);
        if (code === 'ER_DUP_ENTRY') {
          const known = await this.answered<T>(who, writeId, requestHash);
          if (known) return known.answer;
          throw new ConflictException({
            code: 'already-there',
            message: 'This is already recorded. Nothing was written twice; reload to see it.',
          });
        }
        if (!code || !AGAIN.includes(code) || attempt >= TRIES) throw error;
        await new Promise((resolve) => setTimeout(resolve, 20 * attempt * attempt));
      }
    }
  }

  private async attempt<T>(
    manager: EntityManager,
    who: Who,
    writeId: string,
    requestHash: string,
    work: (scope: FirmScope) => Promise<T>,
  ): Promise<T> {
    const key = { firmId: who.firmId, writeId };
    await manager.insert(SentWriteEntity, { ...key, requestHash, answer: null, at: who.now } as never);
    const answer = await work(new FirmScope(manager, who));
    await manager.update(SentWriteEntity, key, { answer: JSON.parse(JSON.stringify(answer ?? null)) as never });
    return answer;
  }

  private async answered<T>(who: Who, writeId: string, requestHash: string): Promise<{ answer: T } | null> {
    const sent = await this.database.manager.findOneBy(SentWriteEntity, { firmId: who.firmId, writeId });
    if (!sent) return null;
    if (sent.requestHash !== requestHash) {
      throw new ConflictException({
        code: 'id-used',
        message: 'This id was used for something else. Nothing was written; send it with a new id.',
      });
    }
    return { answer: sent.answer as T };
  }
}
