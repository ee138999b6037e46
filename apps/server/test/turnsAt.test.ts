import { describe, expect, test } from '@jest/globals';
import { turnsAt, type LineInAir } from '../src/reading/turnsAt.ts';

const STEADY: LineInAir['air'] = { kind: 'steady', temperatureC: 18, relativeHumidityPct: 55 };
const HOURLY: LineInAir['air'] = { kind: 'hourly', from: 0, temperatureC: [], relativeHumidityPct: [] };
const NOW = 10_010;
const line = (
  standing: LineInAir['line']['standing'],
  more: Partial<LineInAir['line']> = {},
  air: LineInAir['air'] = STEADY,
): LineInAir => ({
  line: { standing, opensAt: null, closesAt: null, ...more },
  air,
});

describe('from when the clock alone makes another of where surfaces stand', () => {
  test.each([
    ['nothing is laid', [line('to-start'), line('to-start', {}, HOURLY)], null],
    ['all is done', [line('done', { opensAt: 10_100 }, HOURLY)], null],
    ['a coat dries in steady air: as it opens', [line('drying', { opensAt: 10_100 })], 10_100],
    ['it never dries in steady air', [line('drying')], null],
    [
      'it dries by the hour: at the next hour, or before that as it opens',
      [line('drying', { opensAt: 10_100 }, HOURLY)],
      10_020,
    ],
    ['it opens before the hour is full', [line('drying', { opensAt: 10_015 }, HOURLY)], 10_015],
    ['open without an end', [line('open', { opensAt: 10_000 })], null],
    ['open: as it is about to close, twelve hours before', [line('open', { closesAt: 12_000 })], 12_000 - 720 + 1],
    ['about to close: as it has closed', [line('closing', { closesAt: 10_300 })], 10_301],
    ['closed', [line('closed', { closesAt: 10_000 })], null],
    [
      'several: the first of them',
      [line('drying', { opensAt: 10_300 }), line('closing', { closesAt: 10_050 })],
      10_051,
    ],
  ] as const)('%s', (_what, lines, at) => {
    expect(turnsAt(lines, NOW)).toBe(at);
  });
});
