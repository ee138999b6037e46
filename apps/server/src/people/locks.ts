import { ConflictException, Injectable, UnauthorizedException } from '@nestjs/common';
import QRCode from 'qrcode';
import { PersonEntity, type SecondLock } from '../record/firmEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { Writes } from '../record/writes.service.ts';
import { Access } from './access.ts';
import { People } from './people.service.ts';
import { steadyNow } from './steadyClock.ts';
import { lockAddress, newLock, newPapers, openedBy, paperDigest } from './secondLock.ts';

/** The second lock of somebody's own door: set up, closed, opened for good. */
@Injectable()
export class Locks {
  constructor(
    private readonly writes: Writes,
    private readonly people: People,
    private readonly access: Access,
  ) {}

  /** A new lock, not closed yet: what the phone has to read. */
  async begin(who: Who, password: string, address: string) {
    const person = await this.proved(who, password, address);
    if (person.secondLock?.since)
      throw new ConflictException({
        code: 'lock-there',
        message: 'There is a second lock already. Take it off first.',
      });
    const lock = newLock();
    await this.keep(who, person, lock);
    const uri = lockAddress(lock, person.email);
    return { secret: lock.secret, address: uri, picture: await QRCode.toDataURL(uri, { margin: 1, scale: 5 }) };
  }

  /** Closes it once the phone proves that it has it; answers with the codes on paper, which are told this once. */
  async close(who: Who, code: string) {
    const person = await this.writes.reading(who).one(PersonEntity, who.personId, 'person');
    const opened = person.secondLock && !person.secondLock.since ? openedBy(person.secondLock, code, who.now) : null;
    if (!opened)
      throw new UnauthorizedException({
        code: 'second-wrong',
        message: 'That is not what the phone shows for this lock. Nothing was closed; try the next figures.',
      });
    const onPaper = newPapers();
    await this.keep(who, person, { ...opened, since: who.now.toISOString(), onPaper: onPaper.map(paperDigest) });
    await this.note(who, 'second-lock-closed', '');
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

  private async proved(who: Who, password: string, address: string): Promise<PersonEntity> {
    const person = await this.writes.reading(who).one(PersonEntity, who.personId, 'person');
    await this.people.provePassword(person, password, address, steadyNow());
    return person;
  }

  /** Outside what is kept of a write: no secret is part of an answer that is remembered. */
  private async keep(who: Who, person: PersonEntity, lock: SecondLock | null): Promise<void> {
    await this.writes.run({ ...who, write: null }, async (scope) => {
      await scope.set(PersonEntity, person, { secondLock: lock as never });
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
