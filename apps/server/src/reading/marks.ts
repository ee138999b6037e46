import { createHash } from 'node:crypto';
import { paceOf, rateFrom, type LearnedRate, type StepKind } from '@rustic/core';
import type { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';

/** So many numbers back from a firm's newest event its events are counted: a number is given before it is committed, and an earlier one may come later. */
const NEWEST = 300;

/** What of a firm every one of its jobs is read with: its page, its shelf, its tins, what its trials said; its own pace; and its newest events. */
const OF_FIRM = `SELECT CONCAT_WS('|',
  (SELECT version FROM firm WHERE id = ?),
  (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0)) FROM product WHERE firm_id = ?),
  (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0)) FROM van_tin WHERE firm_id = ?),
  (SELECT COUNT(*) FROM trial_act WHERE firm_id = ? AND kind = 'concluded')) AS kept,
  (SELECT GROUP_CONCAT(CONCAT_WS('/', step_kind, seen, log_sum) ORDER BY step_kind SEPARATOR '|')
    FROM firm_pace WHERE firm_id = ? AND seen > 0) AS pace,
  CONCAT_WS('/',
    (SELECT MAX(id) FROM event WHERE firm_id = ?),
    (SELECT COUNT(*) FROM event WHERE firm_id = ? AND id > (SELECT MAX(id) - ${NEWEST} FROM event WHERE firm_id = ?))) AS feed`;
const TIMES_ASKED = OF_FIRM.split('?').length - 1;

/** How a firm stands: where anything moves, its mark moves. */
export interface FirmMark {
  /** Everything of the firm and of its jobs. */
  whole: string;
  /** What its jobs are reckoned with: products, prices, rules, and its own pace. */
  reckoning: string;
  /** What of it is written on its own pages: products, prices, rules. */
  kept: string;
  /** The firm's own rates, from the hours that somebody said on any of its jobs. */
  learned: LearnedRate[];
}

const short = (text: string) => createHash('sha256').update(text).digest('base64url');

/** Asks how the firm stands: what was made of it counts only while it stands so. */
export async function firmMark(scope: FirmScope): Promise<FirmMark> {
  const asked = Array<string>(TIMES_ASKED).fill(scope.who.firmId);
  const [row] = await scope.manager.query<{ kept: string; pace: string | null; feed: string }[]>(OF_FIRM, asked);
  const { kept, pace, feed } = row!;
  const learned = ratesOf(pace);
  const reckoning = `${kept}|${JSON.stringify(paceOf(learned))}`;
  return { kept, learned, reckoning, whole: `${reckoning}|${feed}` };
}

const ratesOf = (pace: string | null): LearnedRate[] =>
  (pace?.split('|') ?? []).map((one) => {
    const [kind, seen, logSum] = one.split('/');
    return rateFrom(kind as StepKind, Number(seen), Number(logSum));
  });

const MINUTE_MS = 60_000;
/** The minute that it is for somebody, since 1970: what hangs on the clock is good for one. */
export const minuteOf = ({ now }: Who): number => Math.floor(now.getTime() / MINUTE_MS);

/** What of a job its mark goes by. */
export type MarkedJob = Pick<JobEntity, 'id' | 'entries' | 'status'>;
type Marked = Pick<JobEntity, 'id' | 'entries'>;
/** How a job's own record stands: nothing of it is written without an entry of its ledger. */
export const recordMark = ({ id, entries }: Marked): string => short(`${id}|${entries}`);
/** How a job stands with all that it is reckoned with. */
export const jobMark = ({ reckoning }: FirmMark, { id, entries }: Marked): string =>
  short(`${reckoning}|${id}|${entries}`);
