import type { PaperBlock } from '@rustic/core';
import { BODY_WIDTH, FADED, foot, INK, PAGE, printable, RULE, type Sheet } from './sheet.ts';

type Table = Extract<PaperBlock, { kind: 'table' }>;
type Row = Table['rows'][number];
const PAD = 3;
const GAP = 8;
const SIZE = 9.5;

const font = (weight: Row['weight']) => (weight === 'total' || weight === 'head' ? 'strong' : 'text');

/** A table in ruled lines, figures to the right, its head again on every page, a double rule under a total. */
export function drawTable(sheet: Sheet, { caption, columns, rows }: Table): void {
  const shares = columns.reduce((sum, c) => sum + c.width, 0);
  const widths = columns.map((c) => (c.width / shares) * BODY_WIDTH);
  const lefts = widths.map((_, i) => PAGE.left + widths.slice(0, i).reduce((a, b) => a + b, 0));
  const table = sheet.struct('Table', { alt: caption });
  sheet.addStructure(table);

  const heightOf = (row: Row) =>
    Math.max(
      ...row.cells.map((cell, i) =>
        sheet
          .font(font(row.weight))
          .fontSize(SIZE)
          .heightOfString(printable(cell) || ' ', { width: widths[i]! - GAP }),
      ),
    ) +
    2 * PAD;

  const line = (cells: readonly string[], tag: 'TH' | 'TD', weight: Row['weight'], height: number) => {
    const y = sheet.y + PAD;
    const row = sheet.struct('TR');
    table.add(row);
    cells.forEach((cell, i) =>
      row.add(
        sheet.struct(tag, {}, () => {
          sheet
            .font(tag === 'TH' ? 'text' : font(weight))
            .fontSize(tag === 'TH' ? 8.5 : SIZE)
            .fillColor(tag === 'TH' ? FADED : INK)
            .text(printable(cell), lefts[i]!, y, {
              width: widths[i]! - (i === cells.length - 1 ? 0 : GAP),
              align: columns[i]!.align,
            });
        }),
      ),
    );
    row.end();
    sheet.y = y - PAD + height;
    sheet.x = PAGE.left;
  };

  const rule = (y: number, width: number, colour: string) => {
    sheet.markContent('Artifact', { type: 'Layout' });
    sheet
      .moveTo(PAGE.left, y)
      .lineTo(PAGE.width - PAGE.right, y)
      .lineWidth(width)
      .strokeColor(colour)
      .stroke()
      .endMarkedContent();
  };

  const head = () => {
    if (!columns.some((c) => c.title)) return;
    line(
      columns.map((c) => c.title),
      'TH',
      undefined,
      8.5 * 1.35 + 2 * PAD,
    );
    rule(sheet.y, 0.8, INK);
  };

  if (sheet.y + 60 > foot(sheet)) sheet.addPage();
  head();
  for (const row of rows) {
    const height = heightOf(row);
    if (sheet.y + height > foot(sheet)) {
      sheet.addPage();
      head();
    }
    if (row.weight === 'sum' || row.weight === 'total') rule(sheet.y, 0.8, INK);
    line(row.cells, 'TD', row.weight, height);
    if (row.weight === 'total') {
      rule(sheet.y, 0.8, INK);
      rule(sheet.y + 2, 0.8, INK);
    } else rule(sheet.y, 0.4, RULE);
  }
  table.end();
  sheet.y += 10;
}
