import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { OpenFeedEntity } from '../record/ledgerEntities.ts';

/** One person has few pages open; more than this is no person. */
const MOST_EACH = 12;
/** A feed whose server said nothing of it for so long is closed: the server has ended. */
const GONE_AFTER_S = 60;

/**
 * The feeds that are open now, on whatever server: a row each, which its server keeps fresh. By the database's clock, for
 * the servers' may differ.
 */
@Injectable()
export class OpenFeeds {
  constructor(private readonly database: DataSource) {}

  /** Opens one more for a person and answers with its id; null where too many are open. Of many at once the first stand. */
  async open(personId: string): Promise<string | null> {
    const id = uuid();
    await this.database.query('INSERT INTO open_feed (id, person_id, at) VALUES (?, ?, NOW(3))', [id, personId]);
    const first = await this.database.query<{ id: string }[]>(
      `SELECT id FROM open_feed WHERE person_id = ? AND at > NOW(3) - INTERVAL ${GONE_AFTER_S} SECOND ORDER BY id LIMIT ${MOST_EACH}`,
      [personId],
    );
    if (first.some((one) => one.id === id)) return id;
    await this.close(id);
    return null;
  }

  /** Says that a feed is still open. */
  async keep(id: string): Promise<void> {
    await this.database.query('UPDATE open_feed SET at = NOW(3) WHERE id = ?', [id]);
  }

  async close(id: string): Promise<void> {
    await this.database.manager.delete(OpenFeedEntity, { id });
  }

  /** Forgets those of servers that have ended. */
  async thin(): Promise<void> {
    await this.database.query(`DELETE FROM open_feed WHERE at < NOW(3) - INTERVAL ${GONE_AFTER_S} SECOND`);
  }
}
