import { HttpException, Injectable, NotFoundException } from '@nestjs/common';
import { DataSource, IsNull, LessThan, MoreThan } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { ClientLinkEntity, ClientVisitEntity } from '../record/documentEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { digest, TOKEN } from '../people/tokens.ts';

const LINK_DAYS = 60;
/** Openings are kept this long, so that somebody can see when a client last looked. */
const KEPT_DAYS = 90;
const DAY_MS = 86_400_000;
/** A client may open a page this often in a minute, and a stranger guess this often in a quarter of an hour. */
const MOST_VISITS = 90;
const VISIT_WINDOW_MS = 60_000;
const MOST_GUESSES = 30;
const GUESS_WINDOW_MS = 15 * 60_000;

/** What a wrong, an expired and a revoked link all answer: that there is nothing. */
const nothing = () =>
  new NotFoundException({
    code: 'not-found',
    message: 'There is nothing here. The link may have run out; ask the firm for a new one.',
  });
const tooOften = () =>
  new HttpException(
    { code: 'too-often', message: 'This was opened too often. Wait a while, then open it again.' },
    429,
  );

/** Private ways to a job's papers: unguessable, expiring, revocable, and braked. */
@Injectable()
export class ClientLinks {
  constructor(
    private readonly database: DataSource,
    private readonly ledger: Ledger,
  ) {}

  async current(scope: FirmScope, jobId: string): Promise<ClientLinkEntity | null> {
    const links = await scope.find(
      ClientLinkEntity,
      { jobId, revokedAt: IsNull(), expiresAt: MoreThan(scope.who.now) },
      { madeAt: 'DESC' },
    );
    return links[0] ?? null;
  }

  /** Keeps the link that stands, or makes one with the token given. True where the token given is now a way in. */
  async ensure(scope: FirmScope, jobId: string, token: string): Promise<boolean> {
    if (await this.current(scope, jobId)) return false;
    await this.make(scope, jobId, token);
    return true;
  }

  /** Makes a new link; every other of the job stops working. */
  async make(scope: FirmScope, jobId: string, token: string): Promise<void> {
    await this.revoke(scope, jobId, false);
    await this.add(scope, jobId, token);
  }

  /** One more link beside those that stand: what was written before still opens. */
  async add(scope: FirmScope, jobId: string, token: string): Promise<void> {
    await scope.manager.delete(ClientVisitEntity, {
      at: LessThan(new Date(scope.who.now.getTime() - KEPT_DAYS * DAY_MS)),
    });
    const { now, name } = scope.who;
    const expiresAt = new Date(now.getTime() + LINK_DAYS * DAY_MS);
    const id = uuid();
    await scope.add(ClientLinkEntity, {
      id,
      jobId,
      tokenHash: digest(token),
      expiresAt,
      revokedAt: null,
      byName: name,
      madeAt: now,
    });
    await this.ledger.append(scope, {
      jobId,
      kind: 'link-made',
      subject: id,
      at: now,
      payload: { expiresAt: expiresAt.toISOString() },
    });
  }

  async revoke(scope: FirmScope, jobId: string, said = true): Promise<void> {
    await scope.one(JobEntity, jobId, 'job');
    const { now, firmId } = scope.who;
    const { affected } = await scope.manager.update(
      ClientLinkEntity,
      { firmId, jobId, revokedAt: IsNull() },
      { revokedAt: now },
    );
    if (said && affected)
      await this.ledger.append(scope, { jobId, kind: 'link-revoked', subject: null, at: now, payload: {} });
  }

  /** When the link was opened last. */
  async lastVisit(link: ClientLinkEntity): Promise<Date | null> {
    const visits = await this.database.manager.find(ClientVisitEntity, {
      where: { whose: digest(link.id) },
      order: { at: 'DESC' },
      take: 1,
    });
    return visits[0]?.at ?? null;
  }

  /**
   * The link a token opens; anything else is noted as a guess and answers that there is nothing. `noted` false is for
   * what a page fetches once it is open: its pictures are no visits.
   */
  async open(token: string, from: string, now: Date, noted = true): Promise<ClientLinkEntity> {
    const link = TOKEN.test(token)
      ? await this.database.manager.findOneBy(ClientLinkEntity, {
          tokenHash: digest(token),
          revokedAt: IsNull(),
          expiresAt: MoreThan(now),
        })
      : null;
    // Whoever holds a link is no stranger: others who guess from the same address close nobody's door.
    const guesser = digest(`guess ${from}`);
    if (!link) await this.brake(guesser, MOST_GUESSES, GUESS_WINDOW_MS, now);
    if (link && noted) await this.brake(digest(link.id), MOST_VISITS, VISIT_WINDOW_MS, now);
    if (!link || noted)
      await this.database.manager.insert(ClientVisitEntity, {
        id: uuid(),
        whose: link ? digest(link.id) : guesser,
        at: now,
      });
    if (!link) throw nothing();
    return link;
  }

  private async brake(whose: string, most: number, windowMs: number, now: Date): Promise<void> {
    const since = new Date(now.getTime() - windowMs);
    if ((await this.database.manager.countBy(ClientVisitEntity, { whose, at: MoreThan(since) })) >= most)
      throw tooOften();
  }
}
