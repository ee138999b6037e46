import { DAMAGE_LABELS, TEST_LABELS, type FanDriver, type FanResult } from '@rustic/core';
import { capital } from '../words/figures.ts';

/** One row under the fan: what could be found out, and the fan that would then be left. */
export interface FanRow {
  key: string;
  words: string;
  minutes: number | null;
  surfaceId: string | null;
  /** The page of the job on which it is found out; null: it is done by hand. */
  to: string | null;
  narrows: number;
  p10: number;
  p90: number;
}

const SHOWN = 6;
/** Under this share of the width nothing is worth a row. */
const WORTH_A_ROW = 0.02;

function wordsOf(driver: FanDriver, nameOf: (id: string) => string): string {
  const on = driver.surfaceId ? nameOf(driver.surfaceId) : '';
  if (driver.kind === 'test') return `${capital(TEST_LABELS[driver.test!])}, ${on}`;
  if (driver.kind === 'measure') return `Measure ${on}`;
  if (driver.kind === 'open') return `${on}: ${driver.how}`;
  if (driver.kind === 'zone') return `${on}: how far it goes (${DAMAGE_LABELS[driver.damage!]})`;
  return 'The crew’s own pace: known as coats are logged';
}

/** A test is walked to; the size of damage is looked for where its page says. */
function pageOf({ kind, surfaceId }: FanDriver): string | null {
  if (kind === 'test') return `walk?surface=${surfaceId}`;
  return kind === 'zone' ? `surfaces/${surfaceId}/damage` : null;
}

/** The drivers worth a row, each with the fan it would leave: as wide as is expected, about the same middle. */
export function fanRows({ fan, drivers }: FanResult, nameOf: (id: string) => string): FanRow[] {
  const width = fan.p90 - fan.p10;
  // Of the tests of one surface the one that tells most: the others are other ways to the same answer.
  const first = (d: FanDriver) =>
    d.kind !== 'test' || d === drivers.find((o) => o.kind === 'test' && o.surfaceId === d.surfaceId);
  return drivers
    .filter((d) => d.narrows > WORTH_A_ROW * width && first(d))
    .slice(0, SHOWN)
    .map((d) => {
      const left = width > 0 ? d.width / width : 0;
      return {
        key: `${d.kind}/${d.surfaceId}/${d.test ?? d.damage}`,
        words: wordsOf(d, nameOf),
        minutes: d.minutes,
        surfaceId: d.surfaceId,
        to: pageOf(d),
        narrows: d.narrows,
        p10: Math.round(fan.p50 - (fan.p50 - fan.p10) * left),
        p90: Math.round(fan.p50 + (fan.p90 - fan.p50) * left),
      };
    });
}
