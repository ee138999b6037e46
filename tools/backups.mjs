import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { backupTo } from './keeping.mjs';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** It is looked this often whether one is due. */
const LOOKED_MS = 10 * 60_000;
const NAME = /^rustic-ledger-(\d{4}-\d\d-\d\dT\d{6}Z)\.sql\.gz$/;
const STATUS = 'backups.json';

const nameAt = (at) =>
  `rustic-ledger-${at
    .toISOString()
    .slice(0, 19)
    .replaceAll(/(?<=T.*):/g, '')}Z.sql.gz`;

/** How backups go on by themselves: where to, how often, and how many stay. `everyH` 0: none are made. */
export function backupRule(env, usualFolder) {
  const figure = (name, usual) => {
    const said = Number(env[name] ?? usual);
    if (!Number.isFinite(said) || said < 0) throw new Error(`${name} is "${env[name]}"; say a number.`);
    return said;
  };
  return {
    folder: env.BACKUP_DIR ?? usualFolder,
    everyH: figure('BACKUP_EVERY_H', 24),
    keep: Math.max(1, figure('BACKUP_KEEP', 14)),
    days: figure('BACKUP_DAYS', 90),
  };
}

/** The backups in a folder, the newest first, by the time in their names. */
export const backupsIn = (folder) =>
  (existsSync(folder) ? readdirSync(folder) : [])
    .flatMap((name) => {
      const stamp = NAME.exec(name)?.[1];
      return stamp ? [{ name, at: new Date(stamp.replace(/T(\d\d)(\d\d)(\d\d)Z/, 'T$1:$2:$3Z')) }] : [];
    })
    .sort((a, b) => b.at - a.at);

/** Those that go: beyond the number that stays, or too old. The newest stays whatever its age. */
export const goingOf = (backups, { keep, days }, now) =>
  backups.slice(1).filter(({ at }, i) => i + 1 >= keep || now - at > days * DAY_MS);

/** Whether the next is due. What stands in the future, by a clock that was wrong, counts for nothing. */
export const isDue = (backups, { everyH }, now) =>
  everyH > 0 && !backups.some(({ at }) => at <= now && now - at < everyH * HOUR_MS);

/** What is told of backups: the last good one, and what went wrong since. Whole, or as it was. */
function tell(folder, status) {
  const file = join(folder, STATUS);
  writeFileSync(`${file}.part`, JSON.stringify(status), { mode: 0o600 });
  renameSync(`${file}.part`, file);
}
const told = (folder) => {
  try {
    return JSON.parse(readFileSync(join(folder, STATUS), 'utf8'));
  } catch {
    return { last: null, fault: null };
  }
};

/** Makes a backup where one is due, lets the old go, and tells how it went. */
export async function backupIfDue(place, rule, now = new Date()) {
  const { folder } = rule;
  if (!isDue(backupsIn(folder), rule, now)) return null;
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, nameAt(now));
  try {
    const holds = await backupTo(file, place);
    const { size } = statSync(file);
    for (const { name } of goingOf(backupsIn(folder), rule, now)) rmSync(join(folder, name), { force: true });
    tell(folder, { last: { at: now.toISOString(), bytes: size, holds }, fault: null, rule });
    return { file, holds };
  } catch (error) {
    tell(folder, { ...told(folder), fault: { at: now.toISOString(), words: error.message }, rule });
    throw error;
  }
}

/** Makes backups by the rule for as long as this process lives; `say` hears of what went wrong, once for each thing. */
export function keepBackups(placeOf, rule, say) {
  let isRunning = false;
  let said = '';
  const look = async () => {
    if (isRunning) return;
    isRunning = true;
    try {
      if (await backupIfDue(placeOf(), rule)) said = '';
    } catch (error) {
      // An empty database has nothing to keep yet.
      if (error.message !== said && !error.message.includes('no firm'))
        say(`No backup could be made: ${error.message}`);
      said = error.message;
    }
    isRunning = false;
  };
  const timer = setInterval(() => void look(), LOOKED_MS);
  const first = setTimeout(() => void look(), LOOKED_MS / 10);
  return () => {
    clearInterval(timer);
    clearTimeout(first);
  };
}
