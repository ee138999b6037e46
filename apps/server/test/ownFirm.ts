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
  const db = await createConnection(process.env['TEST_DATABASE_URL']!);
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
  await db.end();
  return domain;
}

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
