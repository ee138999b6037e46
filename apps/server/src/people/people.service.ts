import { randomBytes } from 'node:crypto';
import { HttpException, Injectable, UnauthorizedException } from '@nestjs/common';
import { DataSource, IsNull, LessThan, MoreThan, type EntityManager } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { FirmEntity, PersonEntity, SessionEntity, SignInFailureEntity } from '../record/firmEntities.ts';
import { Access } from './access.ts';
import { hashPassword, passwordFits } from './passwords.ts';
import { digest } from './tokens.ts';

const SESSION_DAYS = 14;
const MINUTE_MS = 60_000;
/** So many tries are free; each one after that doubles the wait, up to an hour. What is a day old is forgotten. */
const FREE_TRIES = 5;
const LONGEST_WAIT_MIN = 60;
const FORGOTTEN_MS = 24 * 60 * MINUTE_MS;

export interface SignedIn {
  person: PersonEntity;
  firm: FirmEntity;
}

/** The cookie's token, and until when it opens the door. */
export interface Session {
  token: string;
  expiresAt: Date;
}

/** Who is there: sign-in, sessions in the database, and the brake on guessing. */
@Injectable()
export class People {
  /** Verified against when nobody has that address, so that the answer takes as long. */
  private readonly decoy = hashPassword(randomBytes(16).toString('hex'));

  constructor(
    private readonly database: DataSource,
    private readonly access: Access,
  ) {}

  async signIn(email: string, password: string, now: Date): Promise<Session> {
    const { manager } = this.database;
    const address = email.trim().toLowerCase();
    const emailHash = digest(address);
    await this.brake(emailHash, now);
    const person = await manager.findOneBy(PersonEntity, { email: address, leftAt: IsNull() });
    const fits = await passwordFits(person?.passwordHash ?? (await this.decoy), password);
    if (!person || !fits) {
      await manager.insert(SignInFailureEntity, { id: uuid(), emailHash, at: now });
      if (person) await this.noteRefused(person, emailHash, now);
      throw new UnauthorizedException({
        code: 'not-known',
        message: 'That address and password do not go together. Try again, or ask the owner of the firm.',
      });
    }
    await manager.delete(SignInFailureEntity, { emailHash });
    await this.access.note(manager, {
      firmId: person.firmId,
      personId: person.id,
      kind: 'signed-in',
      byName: person.name,
      at: now,
    });
    return this.open(manager, person.id, now);
  }

  /** A new session of a person. */
  async open(manager: EntityManager, personId: string, now: Date): Promise<Session> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(now.getTime() + SESSION_DAYS * 86_400_000);
    await manager.delete(SessionEntity, { expiresAt: LessThan(now) });
    await manager.insert(SessionEntity, { tokenHash: digest(token), personId, madeAt: now, expiresAt });
    return { token, expiresAt };
  }

  private async noteRefused(person: PersonEntity, emailHash: string, now: Date): Promise<void> {
    const { firmId, id, name } = person;
    const locked = (await this.waitFor(emailHash, now)) > 0;
    await this.access.note(this.database.manager, {
      firmId,
      personId: id,
      kind: locked ? 'locked-out' : 'sign-in-refused',
      byName: name,
      at: now,
    });
  }

  /** Milliseconds until the next try for this address is heard. */
  private async waitFor(emailHash: string, now: Date): Promise<number> {
    const since = new Date(now.getTime() - FORGOTTEN_MS);
    const failures = await this.database.manager.find(SignInFailureEntity, {
      where: { emailHash, at: MoreThan(since) },
      order: { at: 'DESC' },
      take: FREE_TRIES + 12,
    });
    if (failures.length < FREE_TRIES) return 0;
    const minutes = Math.min(LONGEST_WAIT_MIN, 2 ** (failures.length - FREE_TRIES));
    return Math.max(0, failures[0]!.at.getTime() + minutes * MINUTE_MS - now.getTime());
  }

  private async brake(emailHash: string, now: Date): Promise<void> {
    const wait = await this.waitFor(emailHash, now);
    if (wait <= 0) return;
    const minutes = Math.ceil(wait / MINUTE_MS);
    throw new HttpException(
      {
        code: 'too-often',
        message: `Too many tries for this address. Wait ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}, then try again; each further miss doubles the wait.`,
      },
      429,
    );
  }

  async whoIs(token: string | undefined, now: Date): Promise<SignedIn | null> {
    if (!token || token.length > 100) return null;
    // Asked on every request: the session, the person and the firm in one question.
    const found = await this.database.manager
      .createQueryBuilder(SessionEntity, 's')
      .innerJoinAndMapOne('s.person', PersonEntity, 'p', 'p.id = s.personId AND p.leftAt IS NULL')
      .innerJoinAndMapOne('s.firm', FirmEntity, 'f', 'f.id = p.firmId')
      .where('s.tokenHash = :tokenHash AND s.expiresAt > :now', { tokenHash: digest(token), now })
      .getOne();
    if (!found) return null;
    const { person, firm } = found as unknown as SignedIn;
    return { person, firm };
  }

  async signOut(token: string | undefined, now: Date): Promise<void> {
    const there = await this.whoIs(token, now);
    if (!token || !there) return;
    await this.database.manager.delete(SessionEntity, { tokenHash: digest(token) });
    const { id, firmId, name } = there.person;
    await this.access.note(this.database.manager, { firmId, personId: id, kind: 'signed-out', byName: name, at: now });
  }
}
