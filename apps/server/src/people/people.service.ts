import { randomBytes } from 'node:crypto';
import { HttpException, Injectable, UnauthorizedException } from '@nestjs/common';
import { DataSource, LessThan, MoreThan } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { FirmEntity, PersonEntity, SessionEntity, SignInFailureEntity } from '../database/entities.ts';
import { hashPassword, passwordFits } from './passwords.ts';
import { digest } from './tokens.ts';

const SESSION_DAYS = 14;
const MOST_FAILURES = 8;
const FAILURE_WINDOW_MS = 15 * 60_000;

export interface SignedIn {
  person: PersonEntity;
  firm: FirmEntity;
}

/** Who is there: sign-in, sessions in the database, and the brake on guessing. */
@Injectable()
export class People {
  /** Verified against when nobody has that address, so that the answer takes as long. */
  private readonly decoy = hashPassword(randomBytes(16).toString('hex'));

  constructor(private readonly database: DataSource) {}

  async signIn(email: string, password: string, now: Date): Promise<{ token: string; expiresAt: Date }> {
    const address = email.trim().toLowerCase();
    const emailHash = digest(address);
    await this.brake(emailHash, now);
    const person = await this.database.manager.findOneBy(PersonEntity, { email: address });
    const fits = await passwordFits(person?.passwordHash ?? (await this.decoy), password);
    if (!person || !fits) {
      await this.database.manager.insert(SignInFailureEntity, { id: uuid(), emailHash, at: now });
      throw new UnauthorizedException({
        code: 'not-known',
        message: 'That address and password do not go together. Try again, or ask the owner of the firm.',
      });
    }
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(now.getTime() + SESSION_DAYS * 86_400_000);
    await this.database.manager.delete(SessionEntity, { expiresAt: LessThan(now) });
    await this.database.manager.insert(SessionEntity, { tokenHash: digest(token), personId: person.id, expiresAt });
    return { token, expiresAt };
  }

  private async brake(emailHash: string, now: Date): Promise<void> {
    const since = new Date(now.getTime() - FAILURE_WINDOW_MS);
    const failures = await this.database.manager.countBy(SignInFailureEntity, { emailHash, at: MoreThan(since) });
    if (failures >= MOST_FAILURES)
      throw new HttpException(
        { code: 'too-often', message: 'Too many tries for this address. Wait a quarter of an hour, then try again.' },
        429,
      );
  }

  async whoIs(token: string | undefined, now: Date): Promise<SignedIn | null> {
    if (!token || token.length > 100) return null;
    const session = await this.database.manager.findOneBy(SessionEntity, {
      tokenHash: digest(token),
      expiresAt: MoreThan(now),
    });
    const person = session && (await this.database.manager.findOneBy(PersonEntity, { id: session.personId }));
    const firm = person && (await this.database.manager.findOneBy(FirmEntity, { id: person.firmId }));
    return person && firm ? { person, firm } : null;
  }

  async signOut(token: string | undefined): Promise<void> {
    if (token) await this.database.manager.delete(SessionEntity, { tokenHash: digest(token) });
  }
}
