import { unfoldedAt, type PaperBlock } from '@rustic/core';
import { BODY_WIDTH, FADED, INK, LEAF, MADDER, need, PAGE, printable, RULE, type Sheet } from './sheet.ts';

type Sketch = Extract<PaperBlock, { kind: 'sketch' }>;
const TALLEST = 130;

/** Walls unfolded, openings cut, what is left out hatched at its boundary. */
export function drawSketch(sheet: Sheet, { words, sketch, excluded }: Sketch): void {
  const row = unfoldedAt(sketch);
  const scale = Math.min(BODY_WIDTH / Math.max(1, row.widthM), TALLEST / Math.max(1, row.heightM));
  need(sheet, row.heightM * scale + 44);
  const top = sheet.y + 14;
  const floor = top + row.heightM * scale;
  const box = (wall: number, x: number, y: number, w: number, h: number) =>
    [PAGE.left + (row.x[wall]! + x) * scale, floor - (y + h) * scale, w * scale, h * scale] as const;
  const alt = `${words}, walls unfolded. Left out: ${excluded.map((e) => e.words).join('; ')}`;
  sheet.addStructure(
    sheet.struct('Figure', { alt }, () => {
      sheet.font('strong').fontSize(9.5).fillColor(INK).text(printable(words), PAGE.left, sheet.y);
      sketch.walls.forEach((wall, i) => {
        sheet
          .rect(...box(i, 0, 0, wall.widthM, wall.heightM))
          .lineWidth(0.8)
          .fillAndStroke(LEAF, RULE);
        for (const o of wall.openings)
          sheet
            .rect(...box(i, o.x, o.y, o.widthM, o.heightM))
            .lineWidth(0.6)
            .fillAndStroke('#ffffff', RULE);
      });
      for (const e of excluded) hatch(sheet, box(e.wall, e.x, e.y, e.widthM, e.heightM));
    }),
  );
  sheet.font('text').fontSize(8.5).fillColor(FADED);
  sheet.text(printable(`Hatched: ${excluded.map((e) => e.words).join('; ')}`), PAGE.left, floor + 6, {
    width: BODY_WIDTH,
  });
  sheet.y += 8;
}

function hatch(sheet: Sheet, [x, y, w, h]: readonly [number, number, number, number]): void {
  sheet.save().rect(x, y, w, h).clip();
  for (let at = -h; at < w; at += 5) sheet.moveTo(x + at, y + h).lineTo(x + at + h, y);
  sheet.lineWidth(0.7).strokeColor(MADDER).stroke().restore();
  sheet.rect(x, y, w, h).lineWidth(0.8).strokeColor(MADDER).stroke();
}
