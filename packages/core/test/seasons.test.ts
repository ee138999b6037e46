import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DateTime } from 'luxon';
import {
  afterWetSeason,
  assessSchema,
  caseOf,
  dayOf,
  CLIMATES,
  dryingSeason,
  isoDay,
  leftToLook,
  plusMonths,
  readBy,
  repaintLook,
  repaintOf,
  visitsOf,
  type Climate,
  type LeftKind,
  type Inspection,
  type SeasonPlace,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const day = (text: string) => DateTime.fromISO(text, { zone: 'utc' });
const date = (days: number) => DateTime.fromMillis(days * 86_400_000, { zone: 'utc' });
const said = ({ from, by }: { from: number; by: number }) => [date(from).toISODate(), date(by).toISODate()];
const at = (hemisphere: SeasonPlace['hemisphere'], climate: Climate = 'mild-coast'): SeasonPlace => ({
  hemisphere,
  climate,
});

/** Written down a second time, month by month and by hemisphere, as a painter of each place would. */
const DRIES: Record<Climate, Record<SeasonPlace['hemisphere'], string>> = {
  'mild-coast': { northern: '....#####...', southern: '###.......##' },
  'cold-winters': { northern: '....#####...', southern: '###.......##' },
  'dry-summers': { northern: '...#######..', southern: '####.....###' },
  'summer-rains': { northern: '####.....###', southern: '...#######..' },
};
const IS_WET: Record<Climate, Record<SeasonPlace['hemisphere'], string>> = {
  'mild-coast': { northern: '###......###', southern: '...######...' },
  'cold-winters': { northern: '####......##', southern: '....######..' },
  'dry-summers': { northern: '###.......##', southern: '....#####...' },
  'summer-rains': { northern: '.....####...', southern: '###........#' },
};
const lies = (row: string, of: DateTime) => row[of.month - 1] === '#';
const anyPlace = fc.record({
  hemisphere: fc.constantFrom('northern' as const, 'southern' as const),
  climate: fc.constantFrom(...CLIMATES),
});
const anyDay = fc.integer({ min: 0, max: 4000 }).map((days) => day('2023-06-01').plus({ days }));

describe('days', () => {
  test('months on are those of a calendar that was written by others, leap years and short months among them', () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: 0, max: 60 }), (from, months) => {
        expect(isoDay(plusMonths(dayOf(from), months))).toBe(from.plus({ months }).toISODate());
        expect(isoDay(dayOf(from))).toBe(from.toISODate());
      }),
    );
  });
});

describe('the drying season', () => {
  test.each([
    ['northern', '2028-02-29', '2028-05-01', '2028-09-30'],
    ['southern', '2028-02-29', '2028-02-29', '2028-03-31'],
    ['southern', '2027-04-10', '2027-11-01', '2028-03-31'],
    ['northern', '2027-12-31', '2028-05-01', '2028-09-30'],
    ['northern', '2028-06-15', '2028-06-15', '2028-09-30'],
  ] as const)('%s, asked on %s, runs from %s to %s', (hemisphere, asked, from, by) => {
    expect(said(dryingSeason(dayOf(day(asked)), at(hemisphere)))).toEqual([from, by]);
  });

  test('at every place and on every day: none is waited for longer than needed, and it is dry from end to end', () => {
    fc.assert(
      fc.property(anyDay, anyPlace, (asked, place) => {
        const row = DRIES[place.climate][place.hemisphere];
        const [from, by] = said(dryingSeason(dayOf(asked), place));
        // Day by day, knowing nothing of months but the row above.
        let first = asked;
        while (!lies(row, first)) first = first.plus({ days: 1 });
        let last = first;
        while (lies(row, last.plus({ days: 1 }))) last = last.plus({ days: 1 });
        expect([from, by]).toEqual([first.toISODate(), last.toISODate()]);
      }),
      { numRuns: 300 },
    );
  });
});

describe('after the wet season', () => {
  test.each([
    ['northern', 'mild-coast', '2027-03-02', '2028-04-01'],
    ['northern', 'mild-coast', '2027-08-15', '2028-04-01'],
    ['southern', 'mild-coast', '2027-08-15', '2028-10-01'],
    ['southern', 'mild-coast', '2027-03-02', '2027-10-01'],
    ['northern', 'summer-rains', '2028-02-29', '2028-10-01'],
    ['southern', 'summer-rains', '2027-12-31', '2028-04-01'],
  ] as const)('%s, %s, laid %s: from %s', (hemisphere, climate, laid, from) => {
    expect(isoDay(afterWetSeason(dayOf(day(laid)), 2, at(hemisphere, climate)).from)).toBe(from);
  });

  test('at every place: the day before is wet and the day itself is not, it has stood two months, and the one before had not', () => {
    fc.assert(
      fc.property(anyDay, anyPlace, (laid, place) => {
        const wet = IS_WET[place.climate][place.hemisphere];
        const span = afterWetSeason(dayOf(laid), 2, place);
        const [from, by] = [date(span.from), date(span.by)];
        expect(lies(wet, from)).toBe(false);
        expect(lies(wet, from.minus({ days: 1 }))).toBe(true);
        expect(from >= laid.plus({ months: 2 })).toBe(true);
        // The ends of wet seasons lie a year apart: a year earlier it had not stood long enough.
        expect(from.minus({ years: 1 }) < laid.plus({ months: 2 })).toBe(true);
        expect(by > from).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});

describe('visits of a finished surface', () => {
  const caseFor = (surface: object) =>
    caseOf(readBy(assessSchema, { surface: { element: 'siding', substrate: 'softwood', ...surface } })).c;
  const visits = (surface: object, laid: string, place: SeasonPlace, looked: Inspection[] = []) =>
    Object.fromEntries(
      visitsOf(caseFor(surface), dayOf(day(laid)), 'utc', place, looked).map((v) => [
        v.code,
        [v.at.slice(0, 10), v.by!.slice(0, 10)],
      ]),
    );

  test('new timber laid on the 29th of February: its first full year ends on the 28th, its coat waits for the season', () => {
    expect(visits({ isNew: true }, '2028-02-29', at('northern'))).toEqual({
      'new-timber': ['2029-02-28', '2029-04-29'],
      'new-timber-coat': ['2029-05-01', '2029-09-30'],
    });
    expect(visits({ isNew: true }, '2028-02-29', at('southern'))).toEqual({
      'new-timber': ['2029-02-28', '2029-04-29'],
      'new-timber-coat': ['2029-02-28', '2029-03-31'],
    });
  });
  test('a year that holds a 29th of February is a full year all the same', () => {
    expect(visits({ isNew: true }, '2027-03-01', at('northern'))['new-timber']).toEqual(['2028-03-01', '2028-04-30']);
  });
  test('looked at and sound, what comes round comes round again, and what is once enough is done', () => {
    const seen = { code: 'wet-season', at: '2028-04-20T10:00:00Z' };
    expect(visits({}, '2027-08-01', at('northern'), [seen])['wet-season']![0]).toBe('2029-04-01');
    const joints = { code: 'new-timber', at: '2028-08-20T10:00:00Z' };
    expect(visits({ isNew: true }, '2027-08-01', at('northern'), [joints])).not.toHaveProperty('new-timber');
  });
  test('a look at the film before this one says nothing of it', () => {
    const old = { code: 'wet-season', at: '2026-04-20T10:00:00Z' };
    expect(visits({}, '2027-08-01', at('northern'), [old])).toEqual(visits({}, '2027-08-01', at('northern')));
  });
});

describe('an ageing film', () => {
  const repaint = repaintOf('exterior-exposed', dayOf(day('2028-02-29')), []);
  test('is looked at before it is due, and a year after each look', () => {
    const first = repaintLook(repaint, null);
    expect([first.at, first.by]).toEqual([repaint.lookAt, repaint.at]);
    expect(first.at < first.by!).toBe(true);
    expect(repaintLook(repaint, '2032-02-29').at).toBe('2033-02-28');
    // A look at a young film puts off nothing.
    expect(repaintLook(repaint, '2028-06-01')).toEqual(first);
  });
  test('past its time it is still looked at, not before today’s look was made', () => {
    const late = repaintLook(repaint, '2040-05-01');
    expect([late.at, late.by]).toEqual(['2041-05-01', '2041-05-01']);
  });
});

describe('what was left is looked at again', () => {
  const left = (kind: LeftKind, lookedAt: string | null = null) =>
    leftToLook([{ kind, id: 'x', words: 'the sill', at: '2028-02-29T09:00:00+00:00', lookedAt }], 'Europe/London');
  test('a month later is the same hour there, where the clocks have been put forward between', () => {
    const [visit] = leftToLook(
      [{ kind: 'test-patch', id: 'x', words: 'the sill', at: '2027-02-20T23:30:00-07:00', lookedAt: null }],
      'America/Denver',
    );
    expect(visit!.at).toBe('2027-03-20T23:30:00-06:00');
  });
  test.each<[LeftKind, string]>([
    ['departure', '2029-02-28'],
    ['left-another-year', '2029-01-29'],
    ['test-patch', '2028-03-29'],
    ['trial-board', '2029-02-28'],
  ])('%s: from %s', (kind, from) => {
    const [visit] = left(kind);
    expect(visit!.at.slice(0, 10)).toBe(from);
    expect(visit!.by > visit!.at).toBe(true);
    expect(visit!.words).toContain('the sill');
  });
  test('a patch is read again once; a decision comes round each year', () => {
    expect(left('test-patch', '2028-04-02T09:00:00+01:00')).toEqual([]);
    expect(left('departure', '2029-03-10T09:00:00+00:00')[0]!.at.slice(0, 10)).toBe('2030-03-10');
  });
});
