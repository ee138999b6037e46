import { describe, expect, test } from '@jest/globals';
import { measureOf, saidOf } from '../src/surfaceForm/measure.ts';
import { refusalOfUnreadable, unreadableIn } from '../src/outbox/unreadable.ts';
import { readFigure } from '../src/words/readFigure.ts';

describe('a figure as people write it', () => {
  test.each([
    ['2.5', 2.5],
    [' 2,5 ', 2.5],
    ['-3', -3],
    ['.5', 0.5],
    ['0', 0],
  ])('%s', (text, value) => expect(readFigure(text)).toBe(value));
  test.each(['', ' ', 'twelve', '1.2.3', '12 m', '1e3', 'Infinity', '--1', '0x10'])('“%s” cannot be read', (text) =>
    expect(readFigure(text)).toBeNaN(),
  );
});

describe('a figure that cannot be read', () => {
  test('is found wherever it stands, and nothing of it is sent', () => {
    const body = { facts: { areaM2: Number.NaN, extents: { mould: { areaM2: 1 } } }, list: [1, Infinity], at: null };
    expect(unreadableIn(body)).toEqual(['facts.areaM2', 'list.1']);
    expect(refusalOfUnreadable(body)).toMatchObject({ code: 'unreadable' });
    expect(refusalOfUnreadable({ facts: { areaM2: null, name: 'NaN' } })).toBeNull();
    expect(refusalOfUnreadable(undefined)).toBeNull();
  });
  test('is no count of one in a measure', () => {
    const said = saidOf({ widthM: 2, heightM: 2, count: 2, bothSides: false, openings: [] }, 'metric');
    said.text['count'] = 'several';
    expect(measureOf(said, 'metric')).toMatchObject({ fault: expect.stringContaining('cannot be read') });
    said.text['count'] = '';
    expect(measureOf(said, 'metric')).toMatchObject({ count: 1 });
  });
});
