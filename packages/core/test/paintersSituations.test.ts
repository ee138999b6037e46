import { describe, test } from '@jest/globals';
import { SITUATIONS } from './situations/all.ts';
import { holdsTo } from './situations/row.ts';

describe.each(SITUATIONS)('%s', (_about, rows) => {
  test.each(rows.map((row) => [row.what, row] as const))('%s', (_what, row) => holdsTo(row));
});
