import { checkChain } from '@rustic/core';
import { createConnection } from 'mysql2/promise';
import { jobWith } from './door.mjs';
import { longestSilence, peopleWriting } from './writing.mjs';

/** What stands of a job on one node of a database: its tests, and its entries in their order. */
async function standingAt(url, jobId) {
  const db = await createConnection({ uri: url, timezone: 'Z' });
  try {
    // A node answers when all has arrived that was written before it was asked.
    await db.query('SET SESSION wsrep_sync_wait = 1');
    const [tests] = await db.query('SELECT id FROM test_record WHERE job_id = ? ORDER BY id', [jobId]);
    const [entries] = await db.query(
      'SELECT job_id AS jobId, seq, kind, subject, by_name AS `by`, at, recorded_at AS recordedAt, payload, previous_hash AS previousHash, hash FROM ledger_entry WHERE job_id = ? ORDER BY seq',
      [jobId],
    );
    const read = (value) => (typeof value === 'string' ? JSON.parse(value) : value);
    return { tests: tests.map((row) => row.id), entries: entries.map((e) => ({ ...e, payload: read(e.payload) })) };
  } finally {
    await db.end();
  }
}

/** Whether each person's own came in the order in which they were sent: each writes on a place of their own, counting up. */
function cameInOrder(entries) {
  const last = new Map();
  return entries.every(({ payload: { test } }) => {
    if (test?.place === undefined) return true;
    const inOrder = test.value > (last.get(test.place) ?? -1);
    last.set(test.place, test.value);
    return inOrder;
  });
}

const timesIn = (list, value) => list.filter((one) => one === value).length;

/**
 * Holds what people were told against what stands on every node: what was acknowledged and is not there, what is there
 * more than once, what was told that is not so. A chain that does not hold, differs from node to node, or has anybody's
 * own in another order than they were sent, is a loss.
 */
export async function judged({ total, told, acknowledged }, jobId, urls) {
  const nodes = await Promise.all(urls.map((url) => standingAt(url, jobId)));
  const verdict = { sent: total, acknowledged: acknowledged.size, lost: 0, doubled: 0, toldWrongly: 0 };
  for (const { tests, entries } of nodes) {
    const witnessed = entries.filter((e) => e.kind === 'test-recorded').map((e) => e.payload.id);
    for (const id of acknowledged.keys()) {
      if (timesIn(tests, id) === 0 || timesIn(witnessed, id) === 0) verdict.lost++;
      if (timesIn(tests, id) > 1 || timesIn(witnessed, id) > 1) verdict.doubled++;
    }
    // Refused for good, and yet there; or said to be there, and not.
    const refused = told.filter(({ status }) => status >= 400 && status < 500 && status !== 429);
    verdict.toldWrongly += refused.filter(({ id }) => tests.includes(id) || !acknowledged.has(id)).length;
    if (!checkChain(entries).whole || !cameInOrder(entries)) verdict.lost++;
    if (entries.at(-1)?.hash !== nodes[0].entries.at(-1)?.hash) verdict.lost++;
  }
  return verdict;
}

/** So many people write on a job of their own while `fault` happens: the verdict, and how long nothing was acknowledged. */
export async function written({ doors, urls }, writers, each, fault) {
  const job = await jobWith(doors[0], writers);
  const done = await peopleWriting(doors, job, each, fault);
  return { ...(await judged(done, job.jobId, urls)), outMs: longestSilence(done) };
}
