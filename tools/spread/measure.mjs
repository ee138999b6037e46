import { readFileSync } from 'node:fs';
import { jobWith, newId } from '../faults/door.mjs';
import { oneMachine } from '../faults/single.mjs';
import { sqlAt } from '../mariadb.mjs';

const TIMES = 150;
const SURFACES = 18;
/** A tick of a process's clock, as Linux counts it. */
const TICK_MS = 10;

/** What a process has used of processors so far, in ms. */
function usedMs(pid) {
  const [user, system] = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1].split(' ').slice(11, 13).map(Number);
  return (user + system) * TICK_MS;
}
const bytesOf = (socket) => {
  const sum = 'SELECT SUM(data_length + index_length) FROM information_schema.tables WHERE engine = "InnoDB"';
  sqlAt(
    socket,
    'ANALYZE TABLE rustic_ledger.test_record, rustic_ledger.ledger_entry, rustic_ledger.sent_write, rustic_ledger.event',
  );
  return Number(sqlAt(socket, sum)[0]);
};

/** What each act costs on this machine, on a job of usual size: processors of server and database, and bytes that stay. */
export async function costsOf() {
  const stack = await oneMachine();
  const [door] = stack.doors;
  const { jobId, surfaceIds } = await jobWith(door, SURFACES);
  const acts = {
    write: (i) =>
      door.post(`/api/surfaces/${surfaceIds[i % SURFACES]}/tests`, {
        id: newId(),
        at: new Date().toISOString(),
        test: { kind: 'moisture-meter', value: 8 + (i % 5) },
      }),
    sheet: () => door.get('/api/today'),
    job: () => door.get(`/api/jobs/${jobId}`),
  };
  const costs = {};
  for (const [name, act] of Object.entries(acts)) {
    await act(0);
    const before = [usedMs(stack.servers[0].child.pid), usedMs(stack.database.pid), bytesOf(stack.database.socket)];
    for (let i = 0; i < TIMES; i++) await act(i);
    const after = [usedMs(stack.servers[0].child.pid), usedMs(stack.database.pid), bytesOf(stack.database.socket)];
    const [serverMs, databaseMs, bytes] = after.map((now, i) => Math.max(0, (now - before[i]) / TIMES));
    costs[name] = { serverMs, databaseMs, bytes: name === 'write' ? bytes : 0 };
  }
  await stack.stop();
  return costs;
}
