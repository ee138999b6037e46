import { describe, expect, test } from '@jest/globals';
import {
  careDay,
  careSheetPaper,
  careUses,
  ELEMENTS,
  paperCsv,
  repaintForecast,
  type CareSurface,
  type FilmLife,
  type PaperBlock,
} from '../src/index.ts';

const ZONE = 'Europe/London';
const NOW = '2027-03-26T10:00:00Z';
const head = { firm: 'Reed & Daughter', about: 'Reed House, Quay', marked: '26 March 2027' };
const surface = (more: Partial<CareSurface> = {}): CareSurface => ({
  id: 'a',
  room: 'Pantry',
  name: 'Shelves',
  element: 'shelf',
  product: 'Handrail',
  colour: '#22384d',
  batch: 'Q2',
  exposure: 'interior-hightouch',
  makerYears: 10,
  firmMonths: 24,
  dates: [
    { code: 'touch', at: '2027-03-26T08:00:00+00:00', why: '' },
    { code: 'close', at: '2027-03-28T09:00:00+01:00', why: '' },
    { code: 'load', at: '2027-04-01T09:30:00+01:00', why: '' },
    { code: 'wash', at: '2027-04-08T15:10:00+01:00', why: 'The air makes it later than the label.' },
    { code: 'cured', at: '2027-04-20T09:00:00+01:00', why: 'The film was laid thick, so it takes longer.' },
  ],
  visits: [{ at: '2027-09-28T08:00:00+01:00', words: 'Look for knots showing' }],
  ...more,
});
const sheet = (...surfaces: CareSurface[]) => careSheetPaper(surfaces, [], NOW, ZONE, head);
const rows = (blocks: readonly PaperBlock[]) =>
  blocks.flatMap((b) => (b.kind === 'table' ? b.rows.map((r) => r.cells) : []));

describe('a client’s sheet', () => {
  test('says in days from when what may be done, what is late, and what it was painted with', () => {
    const { blocks, title } = sheet(surface());
    expect(title).toBe('Looking after it');
    expect(rows(blocks)).toEqual([
      ['Shelves', 'touch', 'now'],
      ['', 'put things on it', 'Thursday 1 April'],
      ['', 'wipe with a damp cloth', 'Friday 9 April'],
      ['Pantry, Shelves', '10 years', '2 years', expect.stringMatching(/^about .* years \(.*\), as is usual$/)],
      ['Pantry, Shelves', 'Handrail', expect.stringContaining('batch Q2')],
    ]);
    const said = JSON.stringify(blocks);
    expect(said).toContain('later than usual, because it was laid thick and the air was cold or damp');
    expect(said).toContain('Look for knots showing, September 2027');
  });
  test('once everything may be done with a surface it says so in a line, and no more of waiting', () => {
    const long = surface({ dates: surface().dates.map((d) => ({ ...d, at: '2026-12-01T09:00:00Z' })) });
    const { blocks } = sheet(long);
    expect(rows(blocks)[0]).toEqual(['Shelves', 'use it, and wipe it with a damp cloth', 'now']);
    expect(JSON.stringify(blocks)).not.toMatch(/Until then|later than usual/);
    expect(JSON.stringify(sheet(long, surface({ id: 'b', name: 'Sill', element: 'sill' })).blocks)).toMatch(
      /Until then/,
    );
  });
  test('what the maker, the firm and the record say of how long it holds stand side by side, each as it is', () => {
    const lastsOf = (more: Partial<CareSurface>, lives: FilmLife[] = []) =>
      rows(careSheetPaper([surface(more)], lives, NOW, ZONE, head).blocks).find((r) => r.length === 4)!;
    expect(lastsOf({ makerYears: null, firmMonths: null }).slice(1, 3)).toEqual(['nothing', 'no term']);
    expect(lastsOf({ makerYears: 1, firmMonths: 18 }).slice(1, 3)).toEqual(['1 year', '18 months']);
    expect(lastsOf({ firmMonths: 12 })[2]).toBe('1 year');
    const { medianYears } = repaintForecast('interior-hightouch', []);
    expect(lastsOf({})[3]).toContain(`about ${medianYears.toFixed(0)} years`);
    // Films of the firm's own that failed young bring the record down, and are counted; another exposure's do not.
    const young = Array.from({ length: 12 }, (): FilmLife => ({
      exposure: 'interior-hightouch',
      years: 2,
      failed: true,
    }));
    expect(lastsOf({}, young)[3]).toMatch(/^about [\d.]+ years \(.*\), moved by 12 of ours$/);
    expect(Number(/about ([\d.]+)/.exec(lastsOf({}, young)[3]!)![1])).toBeLessThan(medianYears - 1);
    expect(lastsOf({ exposure: 'interior-dry' }, young)[3]).toContain('as is usual');
  });
  test('asks of each thing only what is done with it', () => {
    const codes = (element: CareSurface['element']) => careUses(element).map(([, words]) => words);
    expect(codes('door')).toEqual(['touch', 'shut', 'wipe with a damp cloth']);
    expect(codes('wall')).toContain('hang pictures');
    expect(codes('floor')).toContain('walk on it in shoes');
    expect(codes('ceiling')).toEqual(['touch', 'wipe with a damp cloth']);
    for (const element of ELEMENTS) expect(codes(element)[0]).toBe('touch');
  });
  test('a time in the afternoon is the next day, by the clock of the house, also as the clocks change', () => {
    expect(careDay('2027-03-27T11:59:00Z', ZONE).toISODate()).toBe('2027-03-27');
    expect(careDay('2027-03-27T12:00:00Z', ZONE).toISODate()).toBe('2027-03-28');
    // Clocks go forward on the 28th: 11:30 in universal time is half past twelve there.
    expect(careDay('2027-03-28T11:30:00Z', ZONE).toISODate()).toBe('2027-03-29');
    expect(careDay('2028-02-28T23:30:00Z', ZONE).toISODate()).toBe('2028-02-29');
    expect(careDay('2027-03-27T22:30:00Z', 'Australia/Hobart').toISODate()).toBe('2027-03-28');
  });
  test('gathers by room, goes into a table, and says so where nothing is finished', () => {
    const two = sheet(surface(), surface({ id: 'b', room: 'Hall', name: 'Door', element: 'door' }));
    expect(two.blocks.flatMap((b) => (b.kind === 'table' ? [b.caption] : []))).toEqual([
      'Pantry',
      'Hall',
      'How long it holds',
      expect.stringContaining('Keep this'),
    ]);
    expect(paperCsv(two)).toContain('Door');
    expect(JSON.stringify(sheet().blocks)).toContain('Nothing is finished yet');
  });
});
