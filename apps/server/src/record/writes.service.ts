import { setTimeout as pause } from 'node:timers/promises';
import { ConflictException, Injectable, ServiceUnavailableException } from '@nestjs/common';
import { DataSource, LessThan, type EntityManager } from 'typeorm';
import { databaseFault, isAway, isInTheWay, isOpen, type DatabaseFault } from '../http/databaseFaults.ts';
import { keepPace } from './jobPace.ts';
import { databaseUrls } from './options.ts';
import { SentWriteEntity } from './ledgerEntities.ts';
import { FirmScope, type Who } from './firmScope.ts';
import type { SentWrite } from './sentWrite.ts';
import { writeDown } from './writeDown.ts';

/** How long a write is tried again where others are in its way, or where its node of the database went. */
const TRIED_FOR_MS = 6000;
const FIRST_PAUSE_MS = 10;
const LONGEST_PAUSE_MS = 250;
const TAKEN = 'ER_DUP_ENTRY';
/** Writes are known for so long; a device that was away for longer is told that its row is there. */
export const KNOWN_DAYS = 90;
const DAY_MS = 86_400_000;

/** The value that was there already, as MariaDB names it: at most its first 64 characters. */
const TAKEN_VALUE = /^Duplicate entry '(.*?)(?:\.\.\.)?' for key /;

/** Whether what stood in the way is the id of the write itself, and not a number that another write took first. */
function isOwnId({ words }: DatabaseFault, firmId: string, { id }: SentWrite): boolean {
  const value = TAKEN_VALUE.exec(words)?.[1] ?? '';
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
    const until = performance.now() + TRIED_FOR_MS;
    for (let attempt = 1, isKnown = true; ; attempt++) {
      try {
        return await this.database.transaction('READ COMMITTED', (manager) => this.attempt(manager, who, work));
      } catch (error) {
        const fault = databaseFault(error);
        if (!fault) throw error;
        const taken = fault.code === TAKEN;
        if (taken && who.write && isOwnId(fault, who.firmId, who.write))
          return this.answerFor<T>(who.firmId, who.write);
        isKnown &&= !isOpen(fault);
        if (!taken && !isInTheWay(fault) && !this.isElsewhere(fault, who)) throw isKnown ? error : notKnown();
        if (performance.now() > until) throw isKnown ? crowdedOr(error, fault) : notKnown();
        await pause(Math.min(LONGEST_PAUSE_MS, FIRST_PAUSE_MS * 1.5 ** attempt) * (0.5 + Math.random()));
      }
    }
  }

  /**
   * Whether a write that its node lost goes on at the next: there are several, and it has an id, so that it is done once
   * even where it stands already.
   */
  private isElsewhere(fault: DatabaseFault, { write }: Who): boolean {
    return isAway(fault) && write !== null && databaseUrls().length > 1;
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

  /** Nothing of a job is written without an entry of its ledger that carries it; what its logs say of the pace goes with them. */
  private async recorded<T>(scope: FirmScope, work: (scope: FirmScope) => Promise<T>): Promise<T> {
    const answer = await work(scope);
    if (scope.unrecorded.size) throw new Error(`Written without an entry: ${JSON.stringify([...scope.unrecorded])}`);
    await writeDown(scope);
    for (const jobId of scope.paced) await keepPace(scope.manager, scope.who.firmId, jobId);
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

/** Others were in the way for as long as it is tried. */
const crowdedOr = (error: unknown, fault: DatabaseFault) =>
  isAway(fault)
    ? error
    : new ServiceUnavailableException({
        code: 'busy',
        message: 'Too many write here at this moment. Nothing was written; try again.',
      });

/** Nobody is told that nothing was written where that is not known. */
const notKnown = () =>
  new ServiceUnavailableException({
    code: 'not-known',
    message:
      'The database went away just as this was being kept, so it may stand or not. Send it again: it is written once.',
  });
