import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import { DataSource, LessThan, MoreThan } from 'typeorm';
import { EventEntity } from '../record/ledgerEntities.ts';
import { OpenFeeds } from './openFeeds.ts';

/** What open pages are told: what was written on this job, about what, and by which write. */
export interface Happening {
  id: number;
  firmId: string;
  jobId: string;
  kind: string;
  subject: string | null;
  writeId: string | null;
}
type Hear = (happening: Happening) => void;

/** Two on one job see each other's logs within 2 s: the feed is looked at this often, and only while somebody listens. */
const EVERY_MS = 500;
/** Numbers are given before they are committed: so many before the last are looked at again. */
const LOOK_BACK = 200;
const MOST_AT_ONCE = 1000;
const KEPT_MS = 3 * 86_400_000;
const SWEEP_EVERY = 7200;

/** The feed of what is written, read from the database: every server process hears what any of them wrote. */
@Injectable()
export class Events implements OnModuleDestroy {
  private readonly log = new Logger('events');
  private readonly listeners = new Set<{ firmId: string; hear: Hear }>();
  private timer: NodeJS.Timeout | null = null;
  private last = 0;
  private seen = new Set<number>();
  private looks = 0;

  constructor(
    private readonly database: DataSource,
    private readonly feeds: OpenFeeds,
  ) {}

  onModuleDestroy(): void {
    if (this.timer) clearTimeout(this.timer);
    this.timer = null;
    this.listeners.clear();
  }

  /** Hears what a firm writes from now on; the answer stops it. */
  async listen(firmId: string, hear: Hear): Promise<() => void> {
    if (this.listeners.size === 0) await this.begin();
    const listener = { firmId, hear };
    this.listeners.add(listener);
    if (!this.timer) this.wait();
    return () => this.listeners.delete(listener);
  }

  /** What was written since a number; null where that is too far back to tell. */
  async since(firmId: string, id: number): Promise<Happening[] | null> {
    const rows = await this.rows(Math.max(0, id - LOOK_BACK));
    if (rows.length >= MOST_AT_ONCE) return null;
    return rows.filter((row) => row.firmId === firmId);
  }

  private async begin(): Promise<void> {
    const [newest] = await this.database.manager.find(EventEntity, { order: { id: 'DESC' }, take: 1 });
    this.last = newest ? Number(newest.id) : 0;
    // What stands now is known to whoever opens a page now.
    this.seen = new Set((await this.rows(Math.max(0, this.last - LOOK_BACK))).map((row) => row.id));
  }

  private async rows(after: number): Promise<Happening[]> {
    const rows = await this.database.manager.find(EventEntity, {
      where: { id: MoreThan(String(after)) },
      order: { id: 'ASC' },
      take: MOST_AT_ONCE,
    });
    return rows.map(({ id, firmId, jobId, kind, subject, writeId }) => ({
      id: Number(id),
      firmId,
      jobId,
      kind,
      subject,
      writeId,
    }));
  }

  private wait(): void {
    this.timer = setTimeout(() => void this.look(), EVERY_MS);
    this.timer.unref();
  }

  private async look(): Promise<void> {
    this.timer = null;
    if (this.listeners.size === 0) return;
    try {
      const rows = await this.rows(Math.max(0, this.last - LOOK_BACK));
      for (const row of rows) {
        if (this.seen.has(row.id)) continue;
        this.seen.add(row.id);
        this.last = Math.max(this.last, row.id);
        for (const { firmId, hear } of this.listeners) if (firmId === row.firmId) hear(row);
      }
      if (this.seen.size > 4 * LOOK_BACK) this.seen = new Set(rows.map((row) => row.id));
      if (++this.looks % SWEEP_EVERY === 0) await this.sweep();
    } catch (error) {
      // The database is away: pages fetch anew when they reconnect, and the feed goes on when it is back.
      this.log.warn({ error: String(error) }, 'the feed could not be read');
    }
    this.wait();
  }

  private async sweep(): Promise<void> {
    await this.database.manager.delete(EventEntity, { at: LessThan(new Date(Date.now() - KEPT_MS)) });
    await this.feeds.thin();
  }
}
