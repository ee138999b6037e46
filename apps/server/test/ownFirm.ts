import { CHAIN_START, chained, hashOf, type Entry } from '@rustic/core';
import { createConnection, type RowDataPacket } from 'mysql2/promise';
import { v7 as uuid } from 'uuid';

/** What is of a moment, or opens a door: no part of a firm's record. */
const LEFT = [
  'session',
  'sent_write',
  'client_link',
  'calendar_feed',
  'busy_time',
  'invitation',
  'access_note',
  'event',
  'derived_answer',
];

interface Column extends RowDataPacket {
  tableName: string;
  columnName: string;
}

/** The domain at which the people of a suite's own firm are. */
export const DEMO_DOMAIN = 'saltmarsh-thirle.example';

/**
 * Puts a copy of the demo firm beside it, with the same people at a domain of their own, and answers with the domain.
 * A suite that works in its own firm neither sees nor moves what others do at the same time.
 */
export async function copyOfDemoFirm(): Promise<string> {
  const db = await createConnection({ uri: process.env['TEST_DATABASE_URL']!, timezone: 'Z' });
  const [firmId, domain] = [uuid(), `${uuid().slice(-12)}.example`];
  const [[demo]] = await db.query<RowDataPacket[]>(
    'SELECT f.id FROM firm f JOIN person p ON p.firm_id = f.id WHERE p.email = ?',
    [`ada@${DEMO_DOMAIN}`],
  );
  const demoId = demo!['id'] as string;
  const tables = await columnsByTable(db);
  const keyed = await keyedById(db);
  const copy = (table: string, columns: string[], values: Record<string, string>) =>
    db.query(
      `INSERT INTO \`${table}\` (${columns.map((c) => `\`${c}\``).join()}) SELECT ${columns.map((c) => values[c] ?? `\`${c}\``).join()} FROM \`${table}\` WHERE \`${table === 'firm' ? 'id' : 'firm_id'}\` = '${demoId}'`,
    );
  await copy('firm', tables.get('firm')!, { id: `'${firmId}'` });
  const [people] = await db.query<RowDataPacket[]>('SELECT id FROM person WHERE firm_id = ?', [demoId]);
  const ids = new Map(people.map((p) => [p['id'] as string, uuid()]));
  const renamed = (column: string) =>
    [...ids].reduce((sql, [from, to]) => `REPLACE(${sql}, '${from}', '${to}')`, `\`${column}\``);
  for (const [table, columns] of tables) {
    if (table === 'firm' || LEFT.includes(table) || !columns.includes('firm_id')) continue;
    await copy(table, columns, {
      firm_id: `'${firmId}'`,
      ...(table === 'person'
        ? { id: renamed('id'), email: `REPLACE(email, '${DEMO_DOMAIN}', '${domain}')` }
        : keyed.has(table)
          ? { id: 'UUID()' }
          : {}),
      ...(table === 'job' ? { crew_ids: renamed('crew_ids') } : {}),
      ...(table === 'posted_plan' ? { input: renamed('input'), plan: renamed('plan') } : {}),
    });
  }
  await rechain(db, firmId, ids);
  await db.end();
  return domain;
}

/**
 * The people of the copy have ids of their own. Entries that name them are written anew, and so is each chain from
 * there on, so that the copy's record stands as the demo's does.
 */
async function rechain(db: Db, firmId: string, ids: ReadonlyMap<string, string>): Promise<void> {
  const renamed = (text: string) => [...ids].reduce((now, [from, to]) => now.replaceAll(from, to), text);
  const [plans] = await db.query<RowDataPacket[]>(
    'SELECT id, input, plan, by_name AS `by`, at FROM posted_plan WHERE firm_id = ?',
    [firmId],
  );
  const digests = new Map(
    plans.map(({ id, input, plan, by, at }) => [
      id as string,
      hashOf({ id, input: parsed(input), plan: parsed(plan), by, at: (at as Date).toISOString() }),
    ]),
  );
  const [rows] = await db.query<RowDataPacket[]>(
    'SELECT job_id, seq, kind, subject, by_name, at, recorded_at, payload FROM ledger_entry WHERE firm_id = ? ORDER BY job_id, seq',
    [firmId],
  );
  let previous: Entry | null = null;
  for (const row of rows) {
    const text = typeof row['payload'] === 'string' ? row['payload'] : JSON.stringify(row['payload']);
    const payload = JSON.parse(renamed(text)) as { wrote?: { kept?: string; id: string; digest: string }[] };
    for (const one of payload.wrote ?? []) if (one.kept === 'plans') one.digest = digests.get(one.id) ?? one.digest;
    const { job_id: jobId, seq, kind, subject, by_name: by, at, recorded_at: recordedAt } = row as unknown as Stored;
    const before: string = previous?.jobId === jobId ? previous.hash : CHAIN_START;
    previous = chained({ seq, jobId, kind, subject, by, at, recordedAt, payload }, before);
    await db.query(
      'UPDATE ledger_entry SET payload = ?, previous_hash = ?, hash = ? WHERE firm_id = ? AND job_id = ? AND seq = ?',
      [JSON.stringify(payload), before, previous.hash, firmId, jobId, seq],
    );
  }
}

interface Stored {
  job_id: string;
  seq: number;
  kind: string;
  subject: string | null;
  by_name: string;
  at: string;
  recorded_at: string;
}
const parsed = (json: unknown): unknown => (typeof json === 'string' ? JSON.parse(json) : json);

type Db = Awaited<ReturnType<typeof createConnection>>;

async function columnsByTable(db: Db): Promise<Map<string, string[]>> {
  const [rows] = await db.query<Column[]>(
    'SELECT table_name AS tableName, column_name AS columnName FROM information_schema.columns WHERE table_schema = DATABASE()',
  );
  const tables = new Map<string, string[]>();
  for (const { tableName, columnName } of rows) tables.set(tableName, [...(tables.get(tableName) ?? []), columnName]);
  return tables;
}

/** Tables whose rows are known by their id alone, whatever firm they are of. */
async function keyedById(db: Db): Promise<Set<string>> {
  const [rows] = await db.query<Column[]>(
    "SELECT table_name AS tableName, GROUP_CONCAT(column_name) AS columnName FROM information_schema.key_column_usage WHERE table_schema = DATABASE() AND constraint_name = 'PRIMARY' GROUP BY table_name HAVING columnName = 'id'",
  );
  return new Set(rows.map((r) => r.tableName));
}
