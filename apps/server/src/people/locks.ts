import { ConflictException, Injectable, UnauthorizedException } from '@nestjs/common';
import QRCode from 'qrcode';
import { PersonEntity, type SecondLock } from '../record/firmEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { Writes } from '../record/writes.service.ts';
import { Access } from './access.ts';
import { Passkeys, type Doorplate } from './passkeys.ts';
import { People } from './people.service.ts';
import { steadyNow } from './steadyClock.ts';
import { isClosed, lockAddress, newPapers, newPhone, NO_LOCK, paperDigest, phoneOpenedBy } from './secondLock.ts';

/** The second lock of somebody's own door: set up, closed, opened for good. */
@Injectable()
export class Locks {
  constructor(
    private readonly writes: Writes,
    private readonly people: People,
    private readonly passkeys: Passkeys,
    private readonly access: Access,
  ) {}

  /** What opens one's own second lock now. */
  async stand(who: Who) {
    const { secondLock: lock } = await this.me(who);
    return {
      phone: lock?.phone?.since != null,
      keys: (lock?.keys ?? []).map(({ id, name, at }) => ({ id, name, at })),
      onPaper: lock?.onPaper.length ?? 0,
    };
  }

  /** A phone's secret, which does not open yet: what the phone has to read. */
  async begin(who: Who, password: string, address: string) {
    const person = await this.proved(who, password, address);
    if (person.secondLock?.phone?.since)
      throw new ConflictException({
        code: 'lock-there',
        message: 'A phone opens your second lock already. Take it off first.',
      });
    const { phone, secret } = newPhone(person.id);
    await this.keep(who, person, { ...(person.secondLock ?? NO_LOCK), phone });
    const uri = lockAddress(secret, person.email);
    return { secret, address: uri, picture: await QRCode.toDataURL(uri, { margin: 1, scale: 5 }) };
  }

  /** The phone opens from now on, once it proves that it has the secret. */
  async close(who: Who, code: string) {
    const person = await this.me(who);
    const lock = person.secondLock ?? NO_LOCK;
    const phone = lock.phone && !lock.phone.since ? phoneOpenedBy(lock.phone, code, person.id, who.now) : null;
    if (!phone)
      throw new UnauthorizedException({
        code: 'second-wrong',
        message: 'That is not what the phone shows for this lock. Nothing was closed; try the next figures.',
      });
    return this.closed(who, person, { ...lock, phone: { ...phone, since: who.now.toISOString() } }, 'phone');
  }

  /** What a device is asked, so that it makes a key for this door. */
  async askForKey(who: Who, password: string, address: string, plate: Doorplate | null) {
    const person = await this.proved(who, password, address);
    return { asked: { ...(await this.passkeys.askToMake(person, plate)) } };
  }

  /** The key that a device made opens from now on. */
  async addKey(who: Who, name: string, sent: unknown, plate: Doorplate | null) {
    const person = await this.me(who);
    const lock = person.secondLock ?? NO_LOCK;
    const key = await this.passkeys.made(person.id, name, sent, plate, who.now);
    return this.closed(who, person, { ...lock, keys: [...lock.keys, key] }, `passkey ${name}`);
  }

  /** One key opens no more. */
  async dropKey(who: Who, keyId: string, password: string, address: string) {
    const person = await this.proved(who, password, address);
    const lock = person.secondLock ?? NO_LOCK;
    const left = { ...lock, keys: lock.keys.filter(({ id }) => id !== keyId) };
    await this.keep(who, person, isClosed(left) ? left : null);
    await this.note(who, 'second-lock-opened', 'one passkey');
    return { open: !isClosed(left) };
  }

  /** Codes on paper are told once: with whatever closes the lock first. */
  private async closed(who: Who, person: PersonEntity, lock: SecondLock, by: string) {
    const onPaper = isClosed(person.secondLock) ? [] : newPapers();
    await this.keep(who, person, onPaper.length ? { ...lock, onPaper: onPaper.map(paperDigest) } : lock);
    await this.note(who, 'second-lock-closed', by);
    return { onPaper };
  }

  /** Takes one's own lock off. */
  async open(who: Who, password: string, address: string) {
    await this.keep(who, await this.proved(who, password, address), null);
    await this.note(who, 'second-lock-opened', '');
    return { open: true };
  }

  /** Takes the lock off for somebody who lost phone and paper: an owner does it, for others of the firm. */
  async openFor(who: Who, personId: string) {
    const person = await this.writes.reading(who).one(PersonEntity, personId, 'person');
    if (person.id === who.personId)
      throw new ConflictException({
        code: 'own-lock',
        message: 'Your own lock comes off by your password, on the page of your devices.',
      });
    await this.keep(who, person, null);
    await this.note(who, 'second-lock-opened', person.name);
    return { open: true };
  }

  /** Whether the firm asks its owners for a second lock. */
  async askOwners(who: Who, version: number, needed: boolean) {
    return this.writes.run(who, async (scope) => {
      await scope.changeFirm({ version }, { ownersSecond: needed });
      return { changed: true };
    });
  }

  private me(who: Who): Promise<PersonEntity> {
    return this.writes.reading(who).one(PersonEntity, who.personId, 'person');
  }

  private async proved(who: Who, password: string, address: string): Promise<PersonEntity> {
    const person = await this.me(who);
    await this.people.provePassword(person, password, address, steadyNow());
    return person;
  }

  /** Outside what is kept of a write: no secret is part of an answer that is remembered. */
  private async keep(who: Who, person: PersonEntity, lock: SecondLock | null): Promise<void> {
    await this.writes.run({ ...who, write: null }, async (scope) => {
      await scope.change(PersonEntity, person, person, { secondLock: lock as never });
    });
  }

  private note(who: Who, kind: 'second-lock-closed' | 'second-lock-opened', detail: string) {
    const { firmId, personId, name, now } = who;
    return this.access.note(this.writes.reading(who).manager, {
      firmId,
      personId,
      kind,
      detail,
      byName: name,
      at: now,
    });
  }
}
