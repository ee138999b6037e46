import { createHash } from 'node:crypto';
import { paceOf } from '@rustic/core';
import type { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { learnedRates } from './jobRecords.ts';
import { Remembered } from './remembered.ts';

/** So many of the newest events are counted: a number is given before it is committed, and an earlier one may come later. */
const NEWEST = 2000;

/** What of a firm every one of its jobs is read with: its page, its shelf, its tins, what its trials said; and its newest events. */
const OF_FIRM = `SELECT CONCAT_WS('|',
  (SELECT version FROM firm WHERE id = ?),
  (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0)) FROM product WHERE firm_id = ?),
  (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0)) FROM van_tin WHERE firm_id = ?),
  (SELECT COUNT(*) FROM trial_act WHERE firm_id = ? AND kind = 'concluded')) AS kept,
  (SELECT CONCAT(COUNT(*), '/', COALESCE(MAX(id), 0)) FROM event
    WHERE firm_id = ? AND id > (SELECT COALESCE(MAX(id), 0) - ${NEWEST} FROM event)) AS feed`;

/** How a firm stands: where anything moves, its mark moves. */
export interface FirmMark {
  /** Everything of the firm and of its jobs. */
  whole: string;
  /** What its jobs are reckoned with: products, prices, rules, and its own pace. */
  reckoning: string;
}

const short = (text: string) => createHash('sha256').update(text).digest('base64url');

/** The firm's own pace as its jobs are reckoned, summed anew only where something happened. */
const paces = new Remembered<string>();

/** Asks how the firm stands: what was made of it counts only while it stands so. */
export async function firmMark(scope: FirmScope): Promise<FirmMark> {
  const { firmId } = scope.who;
  const [row] = await scope.manager.query<{ kept: string; feed: string }[]>(OF_FIRM, Array(5).fill(firmId));
  const { kept, feed } = row!;
  let pace = paces.get(firmId, feed);
  if (pace === undefined) paces.set(firmId, feed, (pace = JSON.stringify(paceOf(await learnedRates(scope)))));
  const reckoning = `${kept}|${pace}`;
  return { reckoning, whole: `${reckoning}|${feed}` };
}

type Marked = Pick<JobEntity, 'id' | 'entries'>;
/** How a job's own record stands: nothing of it is written without an entry of its ledger. */
export const recordMark = ({ id, entries }: Marked): string => short(`${id}|${entries}`);
/** How a job stands with all that it is reckoned with. */
export const jobMark = ({ reckoning }: FirmMark, { id, entries }: Marked): string =>
  short(`${reckoning}|${id}|${entries}`);
