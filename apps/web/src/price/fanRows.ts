import { TEST_LABELS, type FanDriver, type FanResult } from '@rustic/core';
import { capital } from '../words/figures.ts';

/** One row under the fan: what could be found out, and the fan that would then be left. */
export interface FanRow {
  key: string;
  words: string;
  minutes: number | null;
  surfaceId: string | null;
  /** A test can be walked to; anything else is done by hand. */
  leads: boolean;
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
  return 'The crew’s own pace: known as coats are logged';
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
        key: `${d.kind}/${d.surfaceId}/${d.test}`,
        words: wordsOf(d, nameOf),
        minutes: d.minutes,
        surfaceId: d.surfaceId,
        leads: d.kind === 'test',
        narrows: d.narrows,
        p10: Math.round(fan.p50 - (fan.p50 - fan.p10) * left),
        p90: Math.round(fan.p50 + (fan.p90 - fan.p50) * left),
      };
    });
}
