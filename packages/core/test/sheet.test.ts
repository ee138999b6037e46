import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import { sheetCsv, unguarded } from '../src/model/sheet.ts';

/** Commas are what it is written with: a reader that guesses takes a cell of tabs for its columns. */
const read = (csv: string) => Papa.parse<string[]>(csv, { delimiter: ',' }).data;

describe('a table that leaves', () => {
  test.each([
    '=1+1',
    '+1',
    '-1+1',
    '@SUM(A1)',
    '\n=1+1',
    '\r\n=1+1',
    ' \t =1',
    '\u00a0=1',
    '\u200b=1',
    '\ufeff=1',
    '＝1+1',
    '\t=1',
    '=1\n=2',
    '-cmd|x',
  ])('%j is no formula in it', (cell) => {
    const [[guarded]] = read(sheetCsv([[cell]])) as [[string]];
    expect(guarded[0]).toBe("'");
    expect(unguarded(guarded)).toBe(cell);
  });
  test.each(['-3', '-3.5', '-3,5', 'Hall', '12 m²', '', 'a = b', "'quoted'"])('%j stays as it is', (cell) => {
    expect(read(sheetCsv([[cell, 'x']]))).toEqual([[cell, 'x']]);
  });
  test('figures are figures', () => expect(sheetCsv([[-3, 2.5, 0]])).toBe('-3,2.5,0'));
  test('whatever is written comes back, and no cell begins as a formula does', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.string({ unit: 'binary' }), { minLength: 2, maxLength: 4 }), { minLength: 1 }),
        (rows) => {
          const back = read(sheetCsv(rows));
          const wide = rows.map((r) => r.map((cell) => cell));
          expect(back.map((row) => row.map(unguarded))).toEqual(wide);
          for (const cell of back.flat()) expect(cell).not.toMatch(/^[\s\p{C}]*[=+@]/u);
        },
      ),
    );
  });
});
