import { mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Who made a folder stands in its name, so that whoever comes next knows whether it is still of use. */
const OURS = /^ledger-[a-z-]+-(\d+)-\w+$/;
let swept = false;

/** A folder for as long as this process lives, that only we may open. What ended processes left behind goes. */
export function temporaryFolder(what) {
  if (!swept) removeLeftBehind();
  swept = true;
  return mkdtempSync(join(tmpdir(), `ledger-${what}-${process.pid}-`));
}

/** Removes the folders of makers that are gone: they were killed, and could not do it themselves. */
function removeLeftBehind() {
  for (const name of readdirSync(tmpdir())) {
    const maker = OURS.exec(name)?.[1];
    const path = join(tmpdir(), name);
    if (maker && !lives(Number(maker)) && isOurs(path)) rmSync(path, { recursive: true, force: true });
  }
}

function isOurs(path) {
  const us = process.getuid?.();
  try {
    return us === 0 || statSync(path).uid === us;
  } catch {
    return false;
  }
}

/** Whether a process is there, be it ours or not. */
function lives(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
}
