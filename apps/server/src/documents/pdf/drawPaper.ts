import type { Paper, PaperBlock } from '@rustic/core';
import { drawLabels } from './labels.ts';
import { BODY_WIDTH, FADED, filled, INK, need, newSheet, PAGE, printable, RULE, tagged, type Sheet } from './sheet.ts';
import { drawSketch } from './sketch.ts';
import { drawTable } from './table.ts';

const SWATCH = 26;

/** Draws a paper as a PDF: fonts embedded, tagged, numbered pages. */
export async function drawPaper(paper: Paper): Promise<Uint8Array> {
  const sheet = newSheet(paper);
  const done = filled(sheet);
  drawHead(sheet, paper);
  for (const block of paper.blocks) drawBlock(sheet, block);
  drawFeet(sheet, paper);
  sheet.end();
  return done;
}

const LOGO = { width: 150, height: 50 };

/** The firm's own picture above its name; it was made anew when it was taken, and can be drawn. */
function drawLogo(sheet: Sheet, { logo, firm }: Paper): void {
  const picture = logo ? Buffer.from(logo.slice(logo.indexOf(',') + 1), 'base64') : null;
  if (!picture) return;
  sheet.addStructure(
    sheet.struct('Figure', { alt: firm }, () => {
      sheet.image(picture, PAGE.left, PAGE.top, { fit: [LOGO.width, LOGO.height], valign: 'center' });
    }),
  );
  sheet.x = PAGE.left;
  sheet.y = PAGE.top + LOGO.height + 8;
}

function drawHead(sheet: Sheet, paper: Paper): void {
  const { title, about, firm, letterhead = [], marked } = paper;
  sheet.y = PAGE.top;
  drawLogo(sheet, paper);
  tagged(sheet, 'P', () => {
    sheet.font('strong').fontSize(10).fillColor(FADED).text(printable(firm), PAGE.left, sheet.y, { continued: true });
    sheet.font('text').text(printable(marked), { align: 'right' });
  });
  if (letterhead.length)
    tagged(sheet, 'P', () => {
      sheet
        .font('text')
        .fontSize(9)
        .fillColor(FADED)
        .text(printable(letterhead.join('\n')), PAGE.left);
    });
  tagged(sheet, 'H1', () => {
    sheet.moveDown(0.6).font('heading').fontSize(21).fillColor(INK).text(printable(title));
  });
  tagged(sheet, 'P', () => {
    sheet.font('text').fontSize(11).fillColor(FADED).text(printable(about));
  });
  sheet.moveDown(1);
}

function drawBlock(sheet: Sheet, block: PaperBlock): void {
  switch (block.kind) {
    case 'heading':
      need(sheet, block.level === 1 ? 70 : 56);
      tagged(sheet, block.level === 1 ? 'H2' : 'H3', () => {
        sheet.moveDown(block.level === 1 ? 0.5 : 0.2);
        sheet
          .font('heading')
          .fontSize(block.level === 1 ? 15 : 11.5)
          .fillColor(INK)
          .text(printable(block.text));
      });
      sheet.moveDown(0.3);
      return;
    case 'text':
      need(sheet, 20);
      tagged(sheet, 'P', () => {
        sheet.font(block.tone === 'strong' ? 'strong' : 'text').fontSize(9.5);
        sheet
          .fillColor(block.tone === 'faded' ? FADED : INK)
          .text(printable(block.text), PAGE.left, sheet.y, { width: BODY_WIDTH });
      });
      sheet.moveDown(0.5);
      return;
    case 'list':
      drawList(sheet, block.items);
      return;
    case 'table':
      drawTable(sheet, block);
      return;
    case 'swatches':
      for (const swatch of block.swatches) drawSwatch(sheet, swatch);
      sheet.moveDown(0.5);
      return;
    case 'sketch':
      drawSketch(sheet, block);
      return;
    case 'labels':
      drawLabels(sheet, block.labels);
  }
}

function drawList(sheet: Sheet, items: readonly string[]): void {
  const list = sheet.struct('L');
  sheet.addStructure(list);
  items.forEach((item, i) => {
    const number = `${i + 1}`;
    need(sheet, 16);
    list.add(
      sheet.struct('LI', {}, () => {
        const y = sheet.y;
        sheet.font('text').fontSize(9.5).fillColor(FADED).text(number, PAGE.left, y, { width: 16, align: 'right' });
        sheet.fillColor(INK).text(printable(item), PAGE.left + 24, y, { width: BODY_WIDTH - 24 });
      }),
    );
  });
  list.end();
  sheet.x = PAGE.left;
  sheet.moveDown(0.5);
}

function drawSwatch(sheet: Sheet, { colour, name, words }: { colour: string; name: string; words: string }): void {
  need(sheet, SWATCH + 8);
  const y = sheet.y;
  tagged(sheet, 'P', () => {
    sheet
      .rect(PAGE.left, y, SWATCH * 1.6, SWATCH)
      .lineWidth(0.5)
      .fillAndStroke(colour, RULE);
    sheet
      .font('strong')
      .fontSize(9.5)
      .fillColor(INK)
      .text(printable(name), PAGE.left + SWATCH * 1.6 + 10, y + 1);
    sheet
      .font('text')
      .fontSize(9)
      .fillColor(FADED)
      .text(printable(words), { width: BODY_WIDTH - SWATCH * 2 });
  });
  sheet.x = PAGE.left;
  sheet.y = Math.max(sheet.y, y + SWATCH) + 6;
}

/** Firm, mark and page on every sheet, below what is read as the document. */
function drawFeet(sheet: Sheet, { firm, marked }: Paper): void {
  const { start, count } = sheet.bufferedPageRange();
  for (let page = start; page < start + count; page++) {
    sheet.switchToPage(page);
    const y = PAGE.height - 44;
    // Written below the margin: nothing of it may turn the page.
    sheet.page.margins.bottom = 0;
    sheet.markContent('Artifact', { type: 'Pagination' });
    sheet
      .moveTo(PAGE.left, y)
      .lineTo(PAGE.width - PAGE.right, y)
      .lineWidth(0.5)
      .strokeColor(RULE)
      .stroke();
    sheet.font('text').fontSize(8).fillColor(FADED);
    sheet.text(printable(`${firm} · ${marked}`), PAGE.left, y + 6, { lineBreak: false });
    sheet.text(`${page + 1} of ${count}`, PAGE.width - PAGE.right - 60, y + 6, {
      width: 60,
      align: 'right',
      lineBreak: false,
    });
    sheet.endMarkedContent();
  }
}
