import type { Mm, Template, TemplateSheet } from '@rustic/core';
import { FADED, filled, INK, MADDER, newDocument, printable, RULE, tagged, type Sheet } from './sheet.ts';

/** A template as it is printed: the line, and what is written with it. */
export interface TemplatePages {
  template: Template;
  title: string;
  about: string;
  firm: string;
  /** How high the level line is, in words. */
  level: string;
  /** How it is put together and up, in the order of the work. */
  words: readonly string[];
}

const PT = 72 / 25.4;
const RULER_MM = 100;
const CROSS_MM = 5;
const TEXT_LEFT = 40;

/** Draws a template: what to do with it and how the sheets lie on the first page, then every sheet at full size. */
export async function drawTemplate(pages: TemplatePages): Promise<Uint8Array> {
  const { template, title, about, firm } = pages;
  const size: [number, number] = [template.widthMm * PT, template.heightMm * PT];
  const sheet = newDocument({ title, about, firm }, { size, margin: 0 });
  const done = filled(sheet);
  drawFirst(sheet, pages, size);
  for (const one of template.sheets) {
    sheet.addPage({ size, margin: 0 });
    drawSheet(sheet, one, pages, size);
  }
  sheet.end();
  return done;
}

function drawFirst(
  sheet: Sheet,
  { template, title, about, firm, words }: TemplatePages,
  [width, height]: [number, number],
) {
  const text = { width: width - 2 * TEXT_LEFT };
  sheet.y = 46;
  tagged(sheet, 'P', () => sheet.font('strong').fontSize(10).fillColor(FADED).text(printable(firm), TEXT_LEFT));
  tagged(sheet, 'H1', () =>
    sheet.font('heading').fontSize(20).fillColor(INK).text(printable(title), TEXT_LEFT, undefined, text),
  );
  tagged(sheet, 'P', () =>
    sheet.font('text').fontSize(11).fillColor(FADED).text(printable(about), TEXT_LEFT, undefined, text),
  );
  sheet.moveDown(0.8);
  words.forEach((line, i) =>
    tagged(sheet, 'P', () =>
      sheet
        .font('text')
        .fontSize(10)
        .fillColor(INK)
        .text(printable(`${i + 1}  ${line}`), TEXT_LEFT, undefined, text),
    ),
  );
  sheet.moveDown(1);
  drawMap(sheet, template, sheet.y, width - 2 * TEXT_LEFT, height - sheet.y - 40);
}

/** How the sheets lie beside one another, small. */
function drawMap(
  sheet: Sheet,
  { sheets, rows, columns, widthMm, heightMm }: Template,
  top: number,
  room: number,
  tall: number,
) {
  const scale = Math.min(room / (columns * widthMm), tall / (rows * heightMm), 0.6);
  const [w, h] = [widthMm * scale, heightMm * scale];
  sheet.addStructure(
    sheet.struct('Figure', { alt: `The sheets as they lie: ${sheets.map((s) => s.label).join(', ')}` }, () => {
      for (const one of sheets) {
        const [left, up] = [TEXT_LEFT + one.column * w, top + (rows - 1 - one.row) * h];
        sheet.rect(left, up, w, h).lineWidth(0.6).strokeColor(RULE).stroke();
        for (const piece of one.lines) path(sheet, piece, ({ x, y }) => [left + x * scale, up + h - y * scale]);
        sheet.lineWidth(0.8).strokeColor(INK).stroke();
        sheet
          .font('strong')
          .fontSize(Math.max(5, Math.min(11, h / 4)))
          .fillColor(MADDER)
          .text(one.label, left + 3, up + 3, { lineBreak: false });
      }
    }),
  );
}

function path(sheet: Sheet, points: readonly Mm[], at: (p: Mm) => readonly [number, number]) {
  points.forEach((p, i) => (i === 0 ? sheet.moveTo(...at(p)) : sheet.lineTo(...at(p))));
}

/** One sheet at full size: the line, its marks to join, what lies beside it, and a ruler to hold a tape against. */
function drawSheet(
  sheet: Sheet,
  one: TemplateSheet,
  { template, title, level }: TemplatePages,
  [width, height]: [number, number],
) {
  const at = ({ x, y }: Mm) => [x * PT, height - y * PT] as const;
  const alt = `Sheet ${one.label} at full size${one.joins.map((j) => `, ${j.label} at its ${j.side}`).join('')}`;
  sheet.addStructure(
    sheet.struct('Figure', { alt }, () => {
      if (one.levelMm !== null) {
        const y = height - one.levelMm * PT;
        sheet
          .moveTo(36, y)
          .lineTo(width - 36, y)
          .dash(6, { space: 4 })
          .lineWidth(0.5)
          .strokeColor(FADED)
          .stroke()
          .undash();
        written(sheet, level, 40, y - 10, FADED);
      }
      for (const cross of one.crosses) {
        const [x, y] = at(cross);
        const arm = CROSS_MM * PT;
        sheet
          .moveTo(x - arm, y)
          .lineTo(x + arm, y)
          .moveTo(x, y - arm)
          .lineTo(x, y + arm);
      }
      sheet.lineWidth(0.4).strokeColor(MADDER).stroke();
      for (const piece of one.lines) path(sheet, piece, at);
      sheet.lineWidth(0.9).strokeColor(INK).stroke();
      for (const { side, label } of one.joins) drawJoin(sheet, side, label, [width, height]);
      drawFoot(sheet, one.label, title, template, [width, height]);
    }),
  );
}

/** Small words beside the drawing; they never turn the page. */
const written = (sheet: Sheet, text: string, x: number, y: number, colour: string, size = 8) =>
  sheet.font('text').fontSize(size).fillColor(colour).text(printable(text), x, y, { lineBreak: false });

function drawJoin(sheet: Sheet, side: TemplateSheet['joins'][number]['side'], label: string, [w, h]: [number, number]) {
  const at = { left: [8, h / 2], right: [w - 24, h / 2], foot: [w / 2, h - 22], top: [w / 2, 10] } as const;
  written(sheet, label, at[side][0], at[side][1], MADDER, 10);
}

function drawFoot(sheet: Sheet, label: string, title: string, { sheets }: Template, [, height]: [number, number]) {
  const y = height - 44;
  const [from, to] = [110, 110 + RULER_MM * PT];
  sheet
    .font('heading')
    .fontSize(18)
    .fillColor(INK)
    .text(label, 40, y - 8, { lineBreak: false });
  sheet
    .moveTo(from, y)
    .lineTo(to, y)
    .moveTo(from, y - 4)
    .lineTo(from, y + 4)
    .moveTo(to, y - 4)
    .lineTo(to, y + 4);
  sheet.lineWidth(0.5).strokeColor(INK).stroke();
  written(sheet, '100 mm: measure it', from + 4, y + 3, FADED);
  written(sheet, `${title}, ${sheets.length} sheets`, to + 12, y - 4, FADED);
}
