import { newId, retentionSchema, type Retention as Rule } from '@rustic/core';
import {
  Body,
  Controller,
  Get,
  Injectable,
  Logger,
  Put,
  Query,
  type OnModuleDestroy,
  type OnModuleInit,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DateTime } from 'luxon';
import { DataSource, In, LessThan } from 'typeorm';
import { PhotoEntity } from '../record/evidenceEntities.ts';
import { FirmEntity } from '../record/firmEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import { AccessNoteEntity } from '../record/peopleEntities.ts';
import { WorkLogEntity } from '../record/siteEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { PhotoStore } from '../record/photos/photoStore.ts';
import { ForOwners } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { Tries } from '../people/tries.ts';
import { Writes } from '../record/writes.service.ts';
import { bodyOf, queryOf } from '../http/bodyOf.ts';
import { Answers } from '../answers/answer.ts';
import { letGoAnswer, retentionPage } from '../answers/firm.ts';

export class RetentionQuery extends queryOf(retentionSchema.shape) {}
export class RetentionBody extends bodyOf({ id: newId, ...retentionSchema.shape }) {}

/** How much a rule lets go at a moment. */
export interface LetGo {
  notes: number;
  photos: number;
}

const EVERY_MS = 6 * 3_600_000;

/**
 * Lets go of what a firm no longer wants to keep: notes of who came in, and photos of jobs long handed over. The
 * record itself is never thinned: of a photo its entry with its hash stays, and another says that it was let go.
 */
@Injectable()
export class Retention implements OnModuleInit, OnModuleDestroy {
  private readonly log = new Logger('retention');
  private timer: NodeJS.Timeout | null = null;

  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly database: DataSource,
    private readonly tries: Tries,
    private readonly photos: PhotoStore,
  ) {}

  onModuleInit(): void {
    this.timer = setInterval(() => void this.sweep(new Date()), EVERY_MS).unref();
  }
  onModuleDestroy(): void {
    if (this.timer) clearInterval(this.timer);
  }

  /** What the rule of now is, and what another would let go at once. */
  async look(who: Who, asked: RetentionQuery): Promise<{ rule: Rule; would: LetGo }> {
    const scope = this.writes.reading(who);
    const { retention } = await scope.firm();
    const { notes, photos } = await this.due(scope, { ...asked });
    return { rule: retention, would: { notes, photos: photos.length } };
  }

  /** Keeps a rule, and acts by it at once. */
  async set(who: Who, { accessMonths, photoYears }: RetentionBody): Promise<LetGo> {
    const rule: Rule = { accessMonths: accessMonths ?? null, photoYears: photoYears ?? null };
    const { gone, ...letGo } = await this.writes.run(who, async (scope) => {
      await scope.manager.update(FirmEntity, { id: who.firmId }, { retention: rule });
      return this.letGo(scope, rule);
    });
    await this.photos.letGo(who.firmId, gone);
    return letGo;
  }

  /** Every firm by its own rule; two servers at it at once let nothing go twice. */
  private async sweep(now: Date): Promise<void> {
    try {
      await this.writes.thin(now);
      await this.tries.thin(now);
      for (const { id: firmId, retention } of await this.database.manager.find(FirmEntity)) {
        const who = { firmId, personId: '', name: 'The firm’s rule', now, write: null };
        const { gone } = await this.writes.run(who, (scope) => this.letGo(scope, retention));
        await this.photos.letGo(firmId, gone);
      }
    } catch (error) {
      this.log.warn({ error: String(error) }, 'nothing was let go this time');
    }
  }

  private async due({ manager, who }: FirmScope, { accessMonths, photoYears }: Rule) {
    const before = (span: { months?: number; years?: number }) => DateTime.fromJSDate(who.now).minus(span).toJSDate();
    const { firmId } = who;
    const oldNotes = accessMonths ? { firmId, at: LessThan(before({ months: accessMonths })) } : null;
    const notes = oldNotes ? await manager.countBy(AccessNoteEntity, oldNotes) : 0;
    if (!photoYears) return { notes, oldNotes, photos: [] as PhotoEntity[] };
    const over = await manager
      .createQueryBuilder(JobEntity, 'j')
      .select('j.id', 'id')
      .innerJoin(WorkLogEntity, 'w', 'w.firm_id = j.firm_id AND w.job_id = j.id')
      .where('j.firm_id = :firmId AND j.status = :over', { firmId, over: 'aftercare' })
      .groupBy('j.id')
      .having('MAX(w.ended_at) < :since', { since: before({ years: photoYears }) })
      .getRawMany<{ id: string }>();
    const photos = over.length
      ? await manager.find(PhotoEntity, { where: { firmId, jobId: In(over.map((j) => j.id)) }, order: { id: 'ASC' } })
      : [];
    return { notes, oldNotes, photos };
  }

  /** Also the hashes of the pictures that no row of these names any more. */
  private async letGo(scope: FirmScope, rule: Rule): Promise<LetGo & { gone: string[] }> {
    const { manager, who } = scope;
    const { notes, oldNotes, photos } = await this.due(scope, rule);
    if (oldNotes) await manager.delete(AccessNoteEntity, oldNotes);
    for (const { id, jobId, roomId, surfaceId, hash } of photos) {
      const gone = await manager.delete(PhotoEntity, { id, firmId: who.firmId });
      if (!gone.affected) continue;
      await this.ledger.append(scope, {
        jobId,
        kind: 'photo-let-go',
        subject: surfaceId ?? roomId,
        at: who.now,
        payload: { photoId: id, hash, note: `kept for ${rule.photoYears} years after the last work` },
      });
    }
    return { notes, photos: photos.length, gone: photos.map(({ hash }) => hash) };
  }
}

@ApiTags('people')
@Controller('api/firm/retention')
export class RetentionController {
  constructor(private readonly retention: Retention) {}

  @ForOwners() @Answers('retention', retentionPage) @Get() look(@Sender() who: Who, @Query() asked: RetentionQuery) {
    return this.retention.look(who, asked);
  }
  @ForOwners() @Answers('setRetention', letGoAnswer) @Put() set(@Sender() who: Who, @Body() body: RetentionBody) {
    return this.retention.set(who, body);
  }
}
