import { BadRequestException, ConflictException, Injectable } from '@nestjs/common';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import type { Request } from 'express';
import { isIP } from 'node:net';
import { DataSource } from 'typeorm';
import type { Passkey, PersonEntity, SecondLock } from '../record/firmEntities.ts';

/** How long a device may take to answer. */
const ANSWERED_WITHIN_S = 300;
const ALGORITHMS = [-7, -8, -257];

/** Under which name, and as which page, a browser came: a passkey opens under the name that it was made for alone. */
export interface Doorplate {
  name: string;
  page: string;
}

/** The doorplate of a request; null where the caller came by a bare address, for which there are no passkeys. */
export function doorplateOf({ protocol, host }: Pick<Request, 'protocol' | 'host'>): Doorplate | null {
  const { hostname } = new URL(`http://${host}`);
  return isIP(hostname.replaceAll(/[[\]]/g, '')) ? null : { name: hostname, page: `${protocol}://${host}` };
}

const noName = () =>
  new ConflictException({
    code: 'no-name',
    message: 'A passkey needs a name to hold on to: open the application by its name, not by a bare address.',
  });
const notWhole = () =>
  new BadRequestException({
    code: 'key-wrong',
    message: 'That is no answer to what was asked of your device. Nothing was kept; try again.',
  });

/** Passkeys of devices (WebAuthn): asked to be made, and asked to open. Each question is asked once, and answered once. */
@Injectable()
export class Passkeys {
  constructor(private readonly database: DataSource) {}

  /** What a device is asked when it shall make a key for somebody. */
  async askToMake(
    { id, email, name, secondLock }: PersonEntity,
    plate: Doorplate | null,
  ): Promise<PublicKeyCredentialCreationOptionsJSON> {
    if (!plate) throw noName();
    const options = await generateRegistrationOptions({
      rpName: 'Rustic Ledger',
      rpID: plate.name,
      userID: Buffer.from(id),
      userName: email,
      userDisplayName: name,
      attestationType: 'none',
      supportedAlgorithmIDs: ALGORITHMS,
      excludeCredentials: (secondLock?.keys ?? []).map((key) => ({ id: key.id })),
      authenticatorSelection: { residentKey: 'discouraged', userVerification: 'preferred' },
    });
    await this.remember(id, options.challenge);
    return options;
  }

  /** The key that a device made, as it answers; refused where it answers something else. */
  async made(personId: string, name: string, sent: unknown, plate: Doorplate | null, now: Date): Promise<Passkey> {
    if (!plate) throw noName();
    const expectedChallenge = await this.take(personId);
    const answer = await verifyRegistrationResponse({
      response: sent as RegistrationResponseJSON,
      expectedChallenge: expectedChallenge ?? '',
      expectedOrigin: plate.page,
      expectedRPID: plate.name,
      requireUserVerification: false,
      supportedAlgorithmIDs: ALGORITHMS,
    }).catch(() => null);
    if (expectedChallenge === null || !answer?.verified) throw notWhole();
    const { id, publicKey, counter } = answer.registrationInfo.credential;
    return { id, publicKey: Buffer.from(publicKey).toString('base64url'), counter, name, at: now.toISOString() };
  }

  /** What a device is asked when it shall open; null where no key of theirs is for this door. */
  async askToOpen(
    personId: string,
    { keys }: SecondLock,
    plate: Doorplate | null,
  ): Promise<PublicKeyCredentialRequestOptionsJSON | null> {
    if (!plate || keys.length === 0) return null;
    const options = await generateAuthenticationOptions({
      rpID: plate.name,
      allowCredentials: keys.map(({ id }) => ({ id })),
      userVerification: 'preferred',
    });
    await this.remember(personId, options.challenge);
    return options;
  }

  /** The lock after a key has opened it; null where it does not. */
  async openedBy(
    personId: string,
    lock: SecondLock,
    sent: { id: string },
    plate: Doorplate | null,
  ): Promise<SecondLock | null> {
    const key = lock.keys.find((one) => one.id === sent.id);
    const expectedChallenge = await this.take(personId);
    if (!key || !plate || expectedChallenge === null) return null;
    const answer = await verifyAuthenticationResponse({
      response: sent as unknown as AuthenticationResponseJSON,
      expectedChallenge,
      expectedOrigin: plate.page,
      expectedRPID: plate.name,
      requireUserVerification: false,
      credential: { id: key.id, publicKey: Buffer.from(key.publicKey, 'base64url'), counter: key.counter },
    }).catch(() => null);
    if (!answer?.verified) return null;
    const used = { ...key, counter: answer.authenticationInfo.newCounter };
    return { ...lock, keys: lock.keys.map((one) => (one === key ? used : one)) };
  }

  private async remember(personId: string, challenge: string): Promise<void> {
    await this.database.query(
      `REPLACE INTO key_challenge (person_id, challenge, until) VALUES (?, ?, NOW(3) + INTERVAL ${ANSWERED_WITHIN_S} SECOND)`,
      [personId, challenge],
    );
  }

  /** What was asked last, once; null where nothing was, or too long ago. Of two who answer it, one is heard. */
  private async take(personId: string): Promise<string | null> {
    const [asked] = await this.database.query<{ challenge: string }[]>(
      'SELECT challenge FROM key_challenge WHERE person_id = ? AND until > NOW(3)',
      [personId],
    );
    if (!asked) return null;
    const { affectedRows } = await this.database.query<{ affectedRows: number }>(
      'DELETE FROM key_challenge WHERE person_id = ? AND challenge = ?',
      [personId, asked.challenge],
    );
    return affectedRows === 1 ? asked.challenge : null;
  }
}
