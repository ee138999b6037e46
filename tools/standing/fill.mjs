import { createPool } from 'mysql2/promise';
import { housesOfEachStage } from './house.mjs';

/** Tables whose rows are part of a job, and the job's own. */
const TABLES = ['job', 'room', 'surface', 'test_record', 'work_log', 'air_reading', 'follow_up', 'job_pace'];
/** A firm's pace is the sum of its jobs'. */
const FIRM_PACE = `REPLACE INTO firm_pace (firm_id, step_kind, seen, log_sum)
  SELECT firm_id, step_kind, SUM(seen), SUM(log_sum) FROM job_pace GROUP BY firm_id, step_kind`;
const ID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;
const TIME = /^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d/;
const ENTRIES = 200;
const WEEK_MS = 7 * 86_400_000;
const WEEKS = 260;
/** So many houses are sent in one statement for each table. */
const AT_ONCE = 10;
/** Of hundred houses so many are still to come, and so many under way; the rest is handed over. */
const AHEAD_OF_100 = 4;
const ACTIVE_OF_100 = 1;

/**
 * A firm of some years, as large as it is asked to be: jobs of twenty surfaces with two hundred entries each. Three houses
 * are walked, painted and handed over by the application itself; the rest are the same houses under other ids and in other
 * weeks, their ledgers chained anew.
 */
export async function standingFirm({ url, door, core }) {
  const houses = await housesOfEachStage(door, ENTRIES);
  const pool = createPool({ uri: url, connectionLimit: 2, dateStrings: true });
  const stages = {};
  for (const [stage, id] of Object.entries(houses)) stages[stage] = await rowsOf(pool, id);
  const made = { ahead: [houses.ahead], active: [houses.active], over: [houses.over] };
  let n = 3;
  return {
    made,
    /** Brings the firm to so many jobs. */
    async grow(jobs) {
      while (n < jobs) {
        const batch = {};
        for (let i = 0; i < AT_ONCE && n < jobs; i++, n++) {
          const stage = stageOf(n);
          const house = copyOf(core, stages[stage], n, stage === 'over' ? (n % WEEKS) * WEEK_MS : 0);
          made[stage].push(house.job[0].id);
          for (const [table, rows] of Object.entries(house)) (batch[table] ??= []).push(...rows);
        }
        for (const [table, rows] of Object.entries(batch)) await insert(pool, table, rows);
      }
      await pool.query(FIRM_PACE);
    },
    end: () => pool.end(),
  };
}

function stageOf(n) {
  const place = n % 100;
  return place < AHEAD_OF_100 ? 'ahead' : place < AHEAD_OF_100 + ACTIVE_OF_100 ? 'active' : 'over';
}

async function rowsOf(pool, jobId) {
  const rows = {};
  for (const table of TABLES)
    [rows[table]] = await pool.query(`SELECT * FROM ${table} WHERE ${table === 'job' ? 'id' : 'job_id'} = ?`, [jobId]);
  [rows.ledger_entry] = await pool.query('SELECT * FROM ledger_entry WHERE job_id = ? ORDER BY seq', [jobId]);
  return { firmId: rows.job[0].firm_id, text: JSON.stringify(rows) };
}

/** The same house under new ids, so much earlier. What is hashed says the times of the house that it is a copy of. */
function copyOf(core, { firmId, text }, n, earlierMs) {
  const ids = new Map([[firmId, firmId]]);
  const first = n.toString(16).padStart(8, '0');
  const idOf = (id) => {
    let own = ids.get(id);
    if (!own) ids.set(id, (own = `${first}-0000-7000-8000-${ids.size.toString(16).padStart(12, '0')}`));
    return own;
  };
  const rows = JSON.parse(text.replace(ID, idOf));
  rows.job[0].title = `${rows.job[0].title} ${n}`;
  rows.ledger_entry = chainedAnew(core, rows.ledger_entry);
  if (earlierMs) for (const table of TABLES) for (const row of rows[table]) moveBack(row, earlierMs);
  return rows;
}

function moveBack(row, byMs) {
  for (const [column, value] of Object.entries(row))
    if (typeof value === 'string' && TIME.test(value))
      row[column] = new Date(Date.parse(`${value.replace(' ', 'T')}Z`) - byMs)
        .toISOString()
        .slice(0, 23)
        .replace('T', ' ');
}

function chainedAnew(core, entries) {
  let last = core.CHAIN_START;
  return entries.map((row) => {
    const { seq, job_id: jobId, kind, subject, by_name: by, at, recorded_at: recordedAt } = row;
    const payload = typeof row.payload === 'string' ? JSON.parse(row.payload) : row.payload;
    const { hash, previousHash } = core.chained({ seq, jobId, kind, subject, by, at, recordedAt, payload }, last);
    last = hash;
    return { ...row, payload, previous_hash: previousHash, hash };
  });
}

async function insert(pool, table, rows) {
  if (rows.length === 0) return;
  const columns = Object.keys(rows[0]);
  const value = (cell) => (cell !== null && typeof cell === 'object' ? JSON.stringify(cell) : cell);
  const values = rows.map((row) => columns.map((column) => value(row[column])));
  await pool.query(`INSERT INTO ${table} (${columns.map((c) => `\`${c}\``).join()}) VALUES ?`, [values]);
}
