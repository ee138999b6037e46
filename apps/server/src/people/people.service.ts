import { randomBytes } from 'node:crypto';
import { Injectable, UnauthorizedException } from '@nestjs/common';
import { DataSource, IsNull, LessThan, type EntityManager } from 'typeorm';
import { FirmEntity, PersonEntity, SessionEntity, type DoorTryEntity } from '../record/firmEntities.ts';
import { Access } from './access.ts';
import { hashPassword, passwordFits } from './passwords.ts';
import { Passkeys, type Doorplate } from './passkeys.ts';
import { isClosed, openedBy } from './secondLock.ts';
import { digest } from './tokens.ts';
import { Tries } from './tries.ts';

/** A session ends after so long, and sooner where it is of no use to anybody. */
const SESSION_DAYS = 14;
const IDLE_DAYS = 4;
const DAY_MS = 86_400_000;
/** That a session is of use is noted no oftener than this. */
const NOTED_EVERY_MS = 15 * 60_000;

/** What the second lock asks for, by what it is opened with at most. */
const SECOND_ASKED = {
  phone: 'The password fits. Now the six figures that your phone shows, or a code from your paper.',
  key: 'The password fits. Now your passkey, or a code from your paper.',
};

/** What is typed at the door. */
export interface AtSignIn {
  email: string;
  password: string;
  /** Of the second lock. */
  code?: string | undefined;
  /** What a device answered with one of its keys. */
  key?: { id: string } | undefined;
}

export interface SignedIn {
  person: PersonEntity;
  /** Of the firm only what says who may do what: it is asked on every request. */
  firm: Pick<FirmEntity, 'id' | 'ownersSecond'>;
}

/** The cookie's token, and until when it opens the door. */
export interface Session {
  token: string;
  expiresAt: Date;
}

/** Who is there: sign-in, and sessions in the database. */
@Injectable()
export class People {
  /** Verified against when nobody has that address, so that the answer takes as long. */
  private readonly decoy = hashPassword(randomBytes(16).toString('hex'));

  constructor(
    private readonly database: DataSource,
    private readonly access: Access,
    private readonly tries: Tries,
    private readonly passkeys: Passkeys,
  ) {}

  async signIn(sent: AtSignIn, address: string, plate: Doorplate | null, now: Date): Promise<Session> {
    const { email, password } = sent;
    const { manager } = this.database;
    const typed = email.trim().toLowerCase();
    // The database takes some letters for others: a door is one door however its address is written.
    const people = await manager.find(PersonEntity, {
      where: { email: typed, leftAt: IsNull() },
      order: { id: 'ASC' },
    });
    const accounts = people.length > 0 ? people.map((one) => one.id) : [typed.normalize('NFKD')];
    const tries = await this.tries.begin({ accounts, address }, now);
    const person = await this.whoHas(people, password);
    if (!person) {
      for (const [i, one] of people.entries()) await this.noteRefused(one, tries[i]!, now);
      throw new UnauthorizedException({
        code: 'not-known',
        message: 'That address and password do not go together. Try again, or ask the owner of the firm.',
      });
    }
    const opened = tries[people.indexOf(person)]!;
    await this.openSecond(person, sent, plate, opened, tries, now);
    await this.tries.right(opened, tries);
    await this.access.note(manager, {
      firmId: person.firmId,
      personId: person.id,
      kind: 'signed-in',
      byName: person.name,
      at: now,
    });
    return this.open(manager, person.id, now);
  }

  /** The second lock, where there is one. A wrong code counts as a wrong password does; to be asked for one counts for nothing. */
  private async openSecond(
    person: PersonEntity,
    { code, key }: AtSignIn,
    plate: Doorplate | null,
    attempt: DoorTryEntity,
    tries: readonly DoorTryEntity[],
    now: Date,
  ) {
    const { secondLock: lock } = person;
    if (!isClosed(lock)) return;
    if (!code && !key) {
      await this.tries.takeBack(tries);
      const passkey = await this.passkeys.askToOpen(person.id, lock, plate);
      throw new UnauthorizedException({
        code: 'second-asked',
        message: SECOND_ASKED[lock.phone?.since ? 'phone' : 'key'],
        ...(passkey ? { passkey } : {}),
      });
    }
    const opened = key
      ? await this.passkeys.openedBy(person.id, lock, key, plate)
      : openedBy(lock, code ?? '', person.id, now);
    // Of two who send one code at once, one opens.
    const { affected } = opened
      ? await this.database.manager.update(
          PersonEntity,
          { id: person.id, version: person.version },
          { secondLock: opened as never },
        )
      : { affected: 0 };
    if (affected === 1) return;
    await this.tries.takeBack(tries.filter((one) => one !== attempt));
    await this.noteRefused(person, attempt, now);
    throw new UnauthorizedException({
      code: 'second-wrong',
      message: 'That code does not open it, or was used already. Wait for the next one on your phone, then try again.',
    });
  }

  /** Of the people with one address, each in a firm of their own, the one whose password it is. Nobody's takes as long. */
  private async whoHas(people: readonly PersonEntity[], password: string): Promise<PersonEntity | null> {
    if (people.length === 0) await passwordFits(await this.decoy, password);
    for (const person of people) if (await passwordFits(person.passwordHash, password)) return person;
    return null;
  }

  /**
   * Whether a password opens another firm's door under the same address: one door has one key. To ask it is a try of its
   * own, which nothing takes back: nobody guesses at another firm's door by asking people in to their own.
   */
  async opensElsewhere(email: string, password: string, now: Date): Promise<boolean> {
    // Counted whether there is anybody or not, and beside what is tried at the door.
    await this.tries.begin({ accounts: [`join ${email}`], address: `join ${email}` }, now);
    const people = await this.database.manager.find(PersonEntity, { where: { email, leftAt: IsNull() } });
    return people.length > 0 && (await this.whoHas(people, password)) !== null;
  }

  /** Holds a password that somebody says is theirs against the one that is, braked as the door is; throws where it is not. */
  async provePassword(person: PersonEntity, password: string, address: string, now: Date): Promise<void> {
    const tries = await this.tries.begin({ accounts: [person.id], address }, now);
    if (await passwordFits(person.passwordHash, password)) return this.tries.right(tries[0]!, tries);
    await this.noteRefused(person, tries[0]!, now);
    throw new UnauthorizedException({
      code: 'not-known',
      message: 'That is not your password of now. Nothing was changed.',
    });
  }

  /** A new session of a person. */
  async open(manager: EntityManager, personId: string, now: Date): Promise<Session> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(now.getTime() + SESSION_DAYS * DAY_MS);
    await manager.delete(SessionEntity, { expiresAt: LessThan(now) });
    await manager.insert(SessionEntity, { tokenHash: digest(token), personId, madeAt: now, expiresAt, usedAt: now });
    return { token, expiresAt };
  }

  private async noteRefused(person: PersonEntity, attempt: DoorTryEntity, now: Date): Promise<void> {
    const { firmId, id, name } = person;
    const locked = await this.tries.isBraked(attempt, now);
    await this.access.note(this.database.manager, {
      firmId,
      personId: id,
      kind: locked ? 'locked-out' : 'sign-in-refused',
      byName: name,
      at: now,
    });
  }

  async whoIs(token: string | undefined, now: Date): Promise<SignedIn | null> {
    if (!token || token.length > 100) return null;
    // Asked on every request: the session, the person and what of the firm says who may do what, in one question.
    const found = await this.database.manager
      .createQueryBuilder(SessionEntity, 's')
      .innerJoinAndMapOne('s.person', PersonEntity, 'p', 'p.id = s.personId AND p.leftAt IS NULL')
      .innerJoinAndMapOne('s.firm', FirmEntity, 'f', 'f.id = p.firmId')
      .select(['s', 'p', 'f.id', 'f.ownersSecond'])
      .where('s.tokenHash = :tokenHash AND s.expiresAt > :now AND s.usedAt > :idle', {
        tokenHash: digest(token),
        now,
        idle: new Date(now.getTime() - IDLE_DAYS * DAY_MS),
      })
      .getOne();
    if (!found) return null;
    const { tokenHash, usedAt } = found;
    if (now.getTime() - usedAt.getTime() > NOTED_EVERY_MS)
      await this.database.manager.update(SessionEntity, { tokenHash }, { usedAt: now });
    const { person, firm } = found as unknown as SignedIn;
    return { person, firm };
  }

  /** The firm of somebody who is there, with its pages. */
  firmOf({ firm }: SignedIn): Promise<FirmEntity> {
    return this.database.manager.findOneByOrFail(FirmEntity, { id: firm.id });
  }

  async signOut(token: string | undefined, now: Date): Promise<void> {
    const there = await this.whoIs(token, now);
    if (!token || !there) return;
    await this.database.manager.delete(SessionEntity, { tokenHash: digest(token) });
    const { id, firmId, name } = there.person;
    await this.access.note(this.database.manager, { firmId, personId: id, kind: 'signed-out', byName: name, at: now });
  }
}
