import type { PaperBlock } from '@rustic/core';
import { BODY_WIDTH, FADED, foot, INK, PAGE, printable, RULE, type Sheet } from './sheet.ts';

type Labels = Extract<PaperBlock, { kind: 'labels' }>['labels'];
const ACROSS = 2;
const HEIGHT = 118;
const CODE = 74;

function drawCode(sheet: Sheet, squares: readonly string[], left: number, top: number): void {
  const unit = CODE / squares.length;
  sheet.fillColor('#000000');
  squares.forEach((row, y) =>
    [...row].forEach((dark, x) => {
      if (dark === '1') sheet.rect(left + x * unit, top + y * unit, unit + 0.02, unit + 0.02);
    }),
  );
  sheet.fill();
}

/** Labels two across, to be cut along their rules: what it is, where it goes, its colour, and its code. */
export function drawLabels(sheet: Sheet, labels: Labels): void {
  const width = BODY_WIDTH / ACROSS;
  labels.forEach((label, i) => {
    const column = i % ACROSS;
    if (column === 0 && i > 0) sheet.y += HEIGHT;
    if (column === 0 && sheet.y + HEIGHT > foot(sheet)) sheet.addPage();
    const left = PAGE.left + column * width;
    const top = sheet.y;
    sheet.addStructure(
      sheet.struct('Sect', { alt: label.title }, () => {
        sheet.rect(left, top, width, HEIGHT).lineWidth(0.5).strokeColor(RULE).stroke();
        drawCode(sheet, label.squares ?? [], left + width - CODE - 8, top + 10);
        const text = width - CODE - 26;
        sheet
          .font('heading')
          .fontSize(11)
          .fillColor(INK)
          .text(printable(label.title), left + 9, top + 8, { width: text });
        sheet.font('text').fontSize(8).fillColor(FADED);
        for (const line of label.lines) sheet.text(printable(line), { width: text });
        if (label.colour?.startsWith('#'))
          sheet
            .rect(left + width - CODE - 8, top + CODE + 16, CODE, 16)
            .fillColor(label.colour)
            .fill();
      }),
    );
    sheet.x = PAGE.left;
    sheet.y = top;
  });
  sheet.y += HEIGHT + 8;
}
