import { HttpException, Injectable } from '@nestjs/common';
import { DataSource, In, LessThan, MoreThan, MoreThanOrEqual } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { DoorTryEntity } from '../record/firmEntities.ts';
import { digest } from './tokens.ts';

const MINUTE_MS = 60_000;
/** So many misses of one account are free; each one after that doubles the wait, up to an hour. */
const FREE_MISSES = 5;
const LONGEST_WAIT_MIN = 60;
/** What is a day old is forgotten. */
const FORGOTTEN_MS = 24 * 60 * MINUTE_MS;
/** From one address, whatever the accounts: so many in so long. A yard of painters behind one router stays under it. */
const FROM_ONE = { most: 40, windowMs: 15 * MINUTE_MS };
/** From everywhere together. Past this, only who missed lately has to wait: whoever comes with the right password is let in. */
const FROM_ALL = { most: 600, windowMs: 10 * MINUTE_MS };

/** Whose door is tried, and from where. */
export interface AtTheDoor {
  /** The accounts that may be meant, by their ids: one address may be of several firms. What was typed, where nobody has it. */
  accounts: readonly string[];
  address: string;
}

/** The brake on guessing: by account, by where it comes from, and in all. Kept in the database, so that every server brakes. */
@Injectable()
export class Tries {
  constructor(private readonly database: DataSource) {}

  /**
   * Counts a try before its password is looked at, so that many at once do not slip by; throws where it has to wait.
   * What is refused here counts for nothing: nobody can be kept out by somebody who waits at the door.
   */
  async begin({ accounts, address }: AtTheDoor, now: Date): Promise<DoorTryEntity[]> {
    const tries = accounts.map((account): DoorTryEntity => ({
      id: uuid(),
      account: digest(account),
      address: digest(address),
      at: now,
    }));
    await this.database.manager.insert(DoorTryEntity, tries);
    const waits = await Promise.all(tries.map((one) => this.waitFor(one, tries, now)));
    const wait = Math.max(...waits);
    if (wait <= 0) return tries;
    await this.takeBack(tries);
    throw tooOften(wait);
  }

  /**
   * It was right for one account: what missed before on that is forgotten, and what was tried beside it was no miss. The
   * misses of other accounts stay: nobody lets go the brake of another's door by opening their own.
   */
  async right(opened: DoorTryEntity, tries: readonly DoorTryEntity[]): Promise<void> {
    await this.database.manager.delete(DoorTryEntity, { account: opened.account });
    await this.takeBack(tries);
  }

  /** It was no miss, and nothing was opened yet. */
  async takeBack(tries: readonly DoorTryEntity[]): Promise<void> {
    await this.database.manager.delete(DoorTryEntity, { id: In(tries.map(({ id }) => id)) });
  }

  /** Whether the next try of this account has to wait. */
  async isBraked({ account }: DoorTryEntity, now: Date): Promise<boolean> {
    return this.accountWait(await this.misses({ account }, FORGOTTEN_MS, now), now) > 0;
  }

  /** Forgets what is too old to count. */
  async thin(now: Date): Promise<void> {
    await this.database.manager.delete(DoorTryEntity, { at: LessThan(new Date(now.getTime() - FORGOTTEN_MS)) });
  }

  /** Milliseconds until this try is heard: by those that came before it. */
  private async waitFor(one: DoorTryEntity, own: readonly DoorTryEntity[], now: Date): Promise<number> {
    const earlier = (tries: DoorTryEntity[]) =>
      tries.filter(
        (t) =>
          !own.some((o) => o.id === t.id) && (t.at < one.at || (t.at.getTime() === one.at.getTime() && t.id < one.id)),
      );
    const byAccount = this.accountWait(earlier(await this.misses({ account: one.account }, FORGOTTEN_MS, now)), now);
    if (byAccount > 0) return byAccount;
    const fromHere = earlier(await this.misses({ address: one.address }, FROM_ONE.windowMs, now));
    if (fromHere.length >= FROM_ONE.most)
      return fromHere[FROM_ONE.most - 1]!.at.getTime() + FROM_ONE.windowMs - now.getTime();
    const since = new Date(now.getTime() - FROM_ALL.windowMs);
    const inAll = await this.database.manager.countBy(DoorTryEntity, { at: MoreThan(since) });
    return inAll > FROM_ALL.most && fromHere.length > 0 ? MINUTE_MS : 0;
  }

  private accountWait(misses: readonly DoorTryEntity[], now: Date): number {
    if (misses.length < FREE_MISSES) return 0;
    const minutes = Math.min(LONGEST_WAIT_MIN, 2 ** (misses.length - FREE_MISSES));
    return Math.max(0, misses[0]!.at.getTime() + minutes * MINUTE_MS - now.getTime());
  }

  /** The newest first. */
  private misses(of: Partial<DoorTryEntity>, windowMs: number, now: Date): Promise<DoorTryEntity[]> {
    return this.database.manager.find(DoorTryEntity, {
      where: { ...of, at: MoreThanOrEqual(new Date(now.getTime() - windowMs)) },
      order: { at: 'DESC', id: 'DESC' },
      take: FROM_ONE.most + 20,
    });
  }
}

function tooOften(waitMs: number): HttpException {
  const minutes = Math.ceil(waitMs / MINUTE_MS);
  return new HttpException(
    {
      code: 'too-often',
      message: `Too many tries. Wait ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}, then try again; each further miss doubles the wait.`,
      retryAfterS: Math.ceil(waitMs / 1000),
    },
    429,
  );
}
