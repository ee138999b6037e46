import { randomBytes } from 'node:crypto';
import { Injectable, NotFoundException } from '@nestjs/common';
import { recoveryMail } from '@rustic/core';
import { DataSource, IsNull, LessThan, MoreThan } from 'typeorm';
import { log } from '../http/logger.ts';
import { Access } from '../people/access.ts';
import { hashPassword, refuseWeak } from '../people/passwords.ts';
import { digest, TOKEN } from '../people/tokens.ts';
import { Tries } from '../people/tries.ts';
import { FirmEntity, PersonEntity, RecoveryLinkEntity, SessionEntity } from '../record/firmEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { Writes } from '../record/writes.service.ts';
import { Carrier, fileNameOf } from './carrier.ts';
import { mailFile } from './mailFile.ts';

const OPEN_MINUTES = 30;

const noLink = () =>
  new NotFoundException({
    code: 'not-found',
    message: 'This link is not open: it ran out, or was used. Ask for a new one where you sign in.',
  });

/** The way back in for whoever lost their password: a link by mail, that opens once. It is kept in no list of the post. */
@Injectable()
export class Recovery {
  constructor(
    private readonly database: DataSource,
    private readonly writes: Writes,
    private readonly carrier: Carrier,
    private readonly tries: Tries,
    private readonly access: Access,
  ) {}

  /** Asked for at the door. Whether anybody has the address is told to nobody but whoever reads its mail. */
  async ask(email: string, address: string, origin: string, now: Date): Promise<void> {
    const typed = email.trim().toLowerCase();
    await this.tries.begin({ accounts: [`recovery ${typed.normalize('NFKD')}`], address }, now);
    // Beside the answer, which takes as long whether there is anybody or not.
    void this.writeToAll(typed, origin, now);
  }

  private async writeToAll(email: string, origin: string, now: Date): Promise<void> {
    try {
      const people = await this.database.manager.find(PersonEntity, { where: { email, leftAt: IsNull() } });
      for (const person of people) await this.write(person, origin, now);
    } catch (error) {
      log.warn({ error: String(error) }, 'a way back in could not be written');
    }
  }

  /** Sent by an owner to somebody of the firm. */
  async send(who: Who, personId: string, origin: string, now: Date): Promise<void> {
    const person = await this.writes.reading(who).one(PersonEntity, personId, 'person');
    await this.write(person, origin, now);
  }

  private async write(person: PersonEntity, origin: string, now: Date): Promise<void> {
    const { manager } = this.database;
    const { id: personId, firmId, name, email } = person;
    const firm = await manager.findOneByOrFail(FirmEntity, { id: firmId });
    const token = randomBytes(32).toString('base64url');
    await manager.delete(RecoveryLinkEntity, { expiresAt: LessThan(now) });
    await manager.delete(RecoveryLinkEntity, { personId });
    const expiresAt = new Date(now.getTime() + OPEN_MINUTES * 60_000);
    await manager.insert(RecoveryLinkEntity, { tokenHash: digest(token), personId, expiresAt });
    const link = `${origin}/recover/${token}`;
    const words = recoveryMail({ firm: firm.name, name, link, minutes: OPEN_MINUTES });
    const from = { name: firm.name, address: firm.letterhead.email || email };
    const mail = { id: digest(token).slice(0, 32), from, to: email, at: now, attached: null, ...words };
    await this.carrier.outward.send({
      firm: firm.name,
      firmId,
      name: fileNameOf({ at: now, kind: 'password', id: mail.id }),
      from: from.address,
      to: email,
      content: await mailFile(mail),
    });
  }

  /** Whose link it is, before it is used. */
  async look(token: string, now: Date) {
    const { person } = await this.linkOf(token, now);
    const firm = await this.database.manager.findOneByOrFail(FirmEntity, { id: person.firmId });
    return { firm: firm.name, name: person.name, email: person.email };
  }

  /** A new password by the link: once, and every session of before is closed. The second lock stays closed. */
  async use(token: string, password: string, now: Date): Promise<void> {
    const { person, tokenHash } = await this.linkOf(token, now);
    await refuseWeak(password, [person.name, person.email]);
    const passwordHash = await hashPassword(password);
    await this.database.transaction(async (manager) => {
      const { affected } = await manager.delete(RecoveryLinkEntity, { tokenHash });
      if (affected !== 1) throw noLink();
      await manager.update(PersonEntity, { id: person.id }, { passwordHash });
      await manager.delete(SessionEntity, { personId: person.id });
      const { firmId, id: personId, name: byName } = person;
      await this.access.note(manager, { firmId, personId, kind: 'password-recovered', byName, at: now });
    });
  }

  private async linkOf(token: string, now: Date): Promise<{ tokenHash: string; person: PersonEntity }> {
    if (!TOKEN.test(token)) throw noLink();
    const { manager } = this.database;
    const tokenHash = digest(token);
    const link = await manager.findOneBy(RecoveryLinkEntity, { tokenHash, expiresAt: MoreThan(now) });
    const person = link && (await manager.findOneBy(PersonEntity, { id: link.personId, leftAt: IsNull() }));
    if (!person) throw noLink();
    return { tokenHash, person };
  }
}
