import { Inject, Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { DataSource, In, LessThan, type FindOptionsWhere } from 'typeorm';
import { log } from '../http/logger.ts';
import { FirmEntity } from '../record/firmEntities.ts';
import { MailEntity } from '../record/postEntities.ts';
import type { Outward } from './outward.ts';

export const OUTWARD = Symbol('how mail leaves');

/** A mail that is on its way for longer than this was dropped by whoever carried it. */
const DROPPED_MS = 5 * 60_000;
/** A mail that waits for longer than this was kept by a server that ended before it carried it. */
const LEFT_LYING_MS = 60_000;
const EVERY_MS = 60_000;
const AT_ONCE = 20;

/** Lets mail leave that is kept: at once, and again where a server ended in between. */
@Injectable()
export class Carrier implements OnModuleInit, OnModuleDestroy {
  private timer: NodeJS.Timeout | null = null;

  constructor(
    private readonly database: DataSource,
    @Inject(OUTWARD) readonly outward: Outward,
  ) {}

  onModuleInit(): void {
    this.timer = setInterval(() => void this.pickUp(new Date()), EVERY_MS).unref();
  }
  onModuleDestroy(): void {
    if (this.timer) clearInterval(this.timer);
  }

  /** Lets one mail leave: by one carrier, whoever else tries. Answers as it then stands. */
  async carry(firmId: string, mailId: string, now: Date): Promise<MailEntity> {
    const { manager } = this.database;
    const own = { id: mailId, firmId };
    const moved = { state: 'going', movedAt: now } as const;
    const claims = [
      await manager.update(MailEntity, { ...own, state: In(['waiting', 'failed']) }, moved),
      await manager.update(MailEntity, { ...own, state: 'going', movedAt: before(now, DROPPED_MS) }, moved),
    ];
    if (claims.some(({ affected }) => affected === 1)) {
      const fault = await this.faultInSending(own);
      await manager.update(MailEntity, own, { state: fault ? 'failed' : 'out', fault, movedAt: now });
    }
    return manager.findOneByOrFail(MailEntity, own);
  }

  /** What was left lying: a server ended between keeping it and carrying it. */
  async pickUp(now: Date): Promise<void> {
    const lying: FindOptionsWhere<MailEntity>[] = [
      { state: 'waiting', movedAt: before(now, LEFT_LYING_MS) },
      { state: 'going', movedAt: before(now, DROPPED_MS) },
    ];
    try {
      const mails = await this.database.manager.find(MailEntity, { where: lying, order: { at: 'ASC' }, take: AT_ONCE });
      for (const { firmId, id } of mails) await this.carry(firmId, id, now);
    } catch (error) {
      log.warn({ error: String(error) }, 'messages that wait could not be looked for');
    }
  }

  /** The file of a mail, as it leaves. */
  async content({ id, firmId }: Pick<MailEntity, 'id' | 'firmId'>): Promise<Buffer> {
    const { content } = await this.database.manager.findOneOrFail(MailEntity, {
      select: { id: true, firmId: true, content: true },
      where: { id, firmId },
    });
    return content;
  }

  /** Sends it; answers with what went wrong, in words, or null. */
  private async faultInSending(own: { id: string; firmId: string }): Promise<string | null> {
    const { manager } = this.database;
    const mail = await manager.findOneByOrFail(MailEntity, own);
    const { name } = await manager.findOneByOrFail(FirmEntity, { id: own.firmId });
    const content = await this.content(own);
    try {
      const { fromAddress: from, toAddress: to } = mail;
      await this.outward.send({ firm: name, firmId: own.firmId, name: fileNameOf(mail), from, to, content });
      return null;
    } catch (error) {
      log.warn({ mail: own.id, code: (error as { code?: string }).code }, 'a message did not leave');
      return faultWords(error);
    }
  }
}

const before = (now: Date, ms: number) => LessThan(new Date(now.getTime() - ms));

/** When and what, so that a folder of them reads in order. */
export const fileNameOf = ({ at, kind, id }: { at: Date; kind: string; id: string }) =>
  `${at.toISOString().slice(0, 16).replace('T', '-').replace(':', '')}-${kind}-${id.slice(-8)}.eml`;

const NO_ANSWER = 'The post office does not answer. The message is kept; send it again later.';
const FAULTS: Readonly<Record<string, string>> = {
  ENOSPC: 'The disk is full. The message is kept; make room, then send it again.',
  EACCES: 'The folder for messages may not be written to. The message is kept.',
  EAUTH: 'The post office refused the password. The message is kept; look at SMTP_URL.',
  ECONNECTION: NO_ANSWER,
  ESOCKET: NO_ANSWER,
  ETIMEDOUT: NO_ANSWER,
  EDNS: 'The post office is not found under its name. The message is kept; look at SMTP_URL.',
  EENVELOPE: 'The post office does not take this address. The message is kept; look at the address.',
};
const faultWords = (error: unknown) =>
  FAULTS[(error as { code?: string }).code ?? ''] ?? 'The message could not be sent. It is kept; send it again later.';
