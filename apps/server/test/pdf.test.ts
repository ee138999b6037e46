import { describe, expect, test } from '@jest/globals';
import type { Paper, PaperBlock } from '@rustic/core';
import { codeSquares } from '../src/documents/codeSquares.ts';
import { drawPaper } from '../src/documents/pdf/drawPaper.ts';
import { printable } from '../src/documents/pdf/sheet.ts';

const paper = (blocks: PaperBlock[], more: Partial<Paper> = {}): Paper => ({
  title: 'Job pack',
  about: 'Ferrykeeper’s House',
  firm: 'Saltmarsh & Thirle, Decorators',
  marked: 'Q0001, version 1',
  blocks,
  ...more,
});
const drawn = async (blocks: PaperBlock[]) => Buffer.from(await drawPaper(paper(blocks))).toString('latin1');
const pages = (pdf: string) => (pdf.match(/\/Type \/Page\b/g) ?? []).length;
const tags = (pdf: string, tag: string) => (pdf.match(new RegExp(`/S /${tag}\\b`, 'g')) ?? []).length;

const table = (rows: number, weight?: 'total'): PaperBlock => ({
  kind: 'table',
  caption: 'Prices',
  columns: [
    { title: 'What', align: 'left', width: 0.8 },
    { title: 'Price', align: 'right', width: 0.2 },
  ],
  rows: Array.from({ length: rows }, (_, i) => ({
    cells: [`Line ${i}`, '£1.00'],
    ...(weight && i === rows - 1 ? { weight } : {}),
  })),
});

describe('a paper as PDF', () => {
  test('is one that readers know: its title, its language, its fonts inside it', async () => {
    const pdf = await drawn([{ kind: 'text', text: 'A line.' }]);
    expect(pdf.startsWith('%PDF-1.7')).toBe(true);
    expect(pdf.trimEnd().endsWith('%%EOF')).toBe(true);
    for (const part of ['/MarkInfo', '/StructTreeRoot', '/Lang (en-GB)', '/DisplayDocTitle true'])
      expect(pdf).toContain(part);
    for (const font of ['SourceSans3', 'Bitter']) expect(pdf).toMatch(new RegExp(`/FontName /[A-Z]{6}\\+${font}`));
    expect(pdf).toContain('/FontFile2');
  });

  test('is tagged as it is built: headings, lists, tables with their heads', async () => {
    const pdf = await drawn([
      { kind: 'heading', text: 'Hall', level: 1 },
      { kind: 'heading', text: 'Door', level: 2 },
      { kind: 'list', items: ['Wash', 'Prime'] },
      table(2, 'total'),
    ]);
    expect([tags(pdf, 'H1'), tags(pdf, 'H2'), tags(pdf, 'H3')]).toEqual([1, 1, 1]);
    expect([tags(pdf, 'L'), tags(pdf, 'LI')]).toEqual([1, 2]);
    expect([tags(pdf, 'Table'), tags(pdf, 'TH'), tags(pdf, 'TD')]).toEqual([1, 2, 4]);
  });

  test('turns the page where it must, with the head of a table again on each', async () => {
    const long = await drawn([table(140)]);
    expect(pages(long)).toBeGreaterThan(2);
    expect(tags(long, 'TD')).toBe(280);
    expect(tags(long, 'TH')).toBe(2 * pages(long));
    const items = Array.from({ length: 200 }, (_, i) => `Step ${i}`);
    expect(pages(await drawn([{ kind: 'list', items }]))).toBeGreaterThan(2);
    expect(pages(await drawn([table(3)]))).toBe(1);
  });

  test('draws sketches, swatches and labels, each with words for who cannot see them', async () => {
    const wall = {
      name: 'first',
      widthM: 4,
      heightM: 2.4,
      openings: [{ kind: 'door' as const, x: 1, y: 0, widthM: 0.8, heightM: 2 }],
    };
    const squares = codeSquares('rustic-ledger:tin?product=x');
    const pdf = await drawn([
      {
        kind: 'sketch',
        words: 'Hall',
        sketch: { walls: [wall, wall] },
        excluded: [{ wall: 0, x: 2, y: 1, widthM: 1, heightM: 1, words: 'behind the clock' }],
      },
      { kind: 'swatches', swatches: [{ colour: '#22384d', name: 'Slip Lane Rail', words: 'Hall, door' }] },
      {
        kind: 'labels',
        labels: Array.from({ length: 13 }, (_, i) => ({
          title: `Tin ${i}`,
          lines: ['a', 'b'],
          colour: '#22384d',
          code: 'x',
          squares,
        })),
      },
    ]);
    expect(tags(pdf, 'Figure')).toBe(1);
    expect(tags(pdf, 'Sect')).toBe(13);
    expect(pdf).toContain('behind the clock');
    expect(pages(pdf)).toBeGreaterThan(1);
  });

  test('an empty paper is a page, and hostile words are words', async () => {
    expect(pages(await drawn([]))).toBe(1);
    const odd = ['(unbalanced', '\\', '%%EOF', '<script>', 'Größe 漆', '\u0000\u0007', ''].map((text): PaperBlock => ({
      kind: 'text',
      text,
    }));
    const pdf = await drawn(odd);
    expect(pages(pdf)).toBe(1);
    expect(pdf).not.toContain('<script>');
  });
  test('what the fonts lack is written with what they have', () => {
    expect(printable(`3′ 2″ → wall`)).toBe('3’ 2” > wall');
  });
});

describe('square codes', () => {
  test('are square, with the three corners that a camera looks for', () => {
    const squares = codeSquares('rustic-ledger:tin?job=1&product=amberstop&colour=%2322384d');
    const n = squares.length;
    for (const row of squares) expect(row).toMatch(new RegExp(`^[01]{${n}}$`));
    const corner = (x: number, y: number) => squares.slice(y, y + 7).map((row) => row.slice(x, x + 7));
    const finder = ['1111111', '1000001', '1011101', '1011101', '1011101', '1000001', '1111111'];
    expect(corner(0, 0)).toEqual(finder);
    expect(corner(n - 7, 0)).toEqual(finder);
    expect(corner(0, n - 7)).toEqual(finder);
  });
  test('say different things in different squares', () => {
    expect(codeSquares('a')).not.toEqual(codeSquares('b'));
  });
});
