import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';

/** Who has the turn says so anew this often; one who has said nothing for long is gone. */
const SAID_EVERY_MS = 5000;
const GONE_AFTER_S = 30;
const LOOK_EVERY_MS = 300;
const TURN = 'start';

/** Before there is any other table there is this one: who brings the schema forward cannot wait for the schema. */
const TABLE = `CREATE TABLE IF NOT EXISTS start_turn (
  what CHAR(8) PRIMARY KEY, holder CHAR(36) NOT NULL, at DATETIME(3) NOT NULL
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`;

/**
 * Lets one server at a time do what must be done once as servers start: bring the schema and the records forward, lay
 * out the demo. The turn is a row that one of them can insert: it holds on a cluster, where named locks hold on one node.
 */
@Injectable()
export class StartTurn {
  constructor(private readonly database: DataSource) {}

  /** Waits for the turn, and has it while `work` runs. A turn whose holder died in it is taken over. */
  async take(work: () => Promise<void>): Promise<void> {
    const holder = randomUUID();
    await this.database.query(TABLE);
    while (!(await this.isTaken(holder))) await pause(LOOK_EVERY_MS);
    const saying = setInterval(() => void this.sayAnew(holder).catch(() => undefined), SAID_EVERY_MS);
    try {
      await work();
    } finally {
      clearInterval(saying);
      await this.database.query('DELETE FROM start_turn WHERE what = ? AND holder = ?', [TURN, holder]);
    }
  }

  /** Whether the row is ours now: nobody had it, or whoever had it is gone. */
  private async isTaken(holder: string): Promise<boolean> {
    try {
      await this.database.query('INSERT IGNORE INTO start_turn (what, holder, at) VALUES (?, ?, NOW(3))', [
        TURN,
        holder,
      ]);
      await this.database.query(
        `UPDATE start_turn SET holder = ?, at = NOW(3) WHERE what = ? AND at < NOW(3) - INTERVAL ${GONE_AFTER_S} SECOND`,
        [holder, TURN],
      );
    } catch (error) {
      // Another server on another node was first: its row is the one that stands.
      if ((error as { code?: string }).code !== 'ER_LOCK_DEADLOCK') throw error;
    }
    const rows = await this.database.query<{ holder: string }[]>('SELECT holder FROM start_turn WHERE what = ?', [
      TURN,
    ]);
    return rows[0]?.holder === holder;
  }

  private sayAnew(holder: string) {
    return this.database.query('UPDATE start_turn SET at = NOW(3) WHERE what = ? AND holder = ?', [TURN, holder]);
  }
}
