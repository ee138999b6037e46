import type { ColourPart, OutlinePoint } from '../model/colourParts.ts';
import { SHEET_EDGE_MM, SHEET_FOOT_MM, SHEETS_LAP_MM, TEMPLATE_PAPER, type TemplatePaper } from './knowledge/paper.ts';
import { heightOfWave, smoothThrough } from './outlines.ts';

/** A point in mm: on a sheet from its left and its foot. */
export interface Mm {
  x: number;
  y: number;
}

/** One sheet of a template, full size. All of it in mm from the sheet's left and foot. */
export interface TemplateSheet {
  /** Its place among the sheets: row from the foot as a letter, column from the left as a number. */
  label: string;
  row: number;
  column: number;
  /** The line, in as many pieces as cross the sheet. */
  lines: Mm[][];
  /** Marks to join: each is printed at the same place of the drawing on every sheet that has it. */
  crosses: Mm[];
  /** The sheets that it joins, by side. */
  joins: { side: 'left' | 'right' | 'foot' | 'top'; label: string }[];
  /** Where the level line runs over the sheet; null where it does not. */
  levelMm: number | null;
}

/** A line at full size, shared out over sheets of paper. */
export interface Template {
  paper: TemplatePaper;
  /** Size of a sheet as it is turned. */
  widthMm: number;
  heightMm: number;
  rows: number;
  columns: number;
  sheets: TemplateSheet[];
  /** Size of the line that is drawn. */
  lineWidthMm: number;
  lineHeightMm: number;
  /** How high above the floor the level line is, in metres. */
  levelM: number;
  /** The drawing is one repeat of a line that goes on, so long in metres; null where it is all of it. */
  repeatM: number | null;
  /** Where the drawing begins along its wall, in metres from its left; for a repeat, along the first of its walls. */
  startM: number;
}

const POINTS_A_REPEAT = 400;

/** What is drawn: the line in mm, y from the floor, x from where it begins. */
interface Line {
  points: Mm[];
  levelM: number;
  repeatM: number | null;
  startM: number;
}

function lineOf({ shape }: ColourPart): Line | null {
  if (shape.kind === 'wave') {
    const points = Array.from({ length: POINTS_A_REPEAT + 1 }, (_, i) => {
      const along = (shape.lengthM * i) / POINTS_A_REPEAT;
      return { x: along * 1000, y: heightOfWave(shape, shape.startM + along) * 1000 };
    });
    const first = ((shape.startM % shape.lengthM) + shape.lengthM) % shape.lengthM;
    return { points, levelM: shape.heightM, repeatM: shape.lengthM, startM: first };
  }
  if (shape.kind !== 'outline') return null;
  const corners: readonly OutlinePoint[] = shape.round
    ? smoothThrough(shape.points, 60).map(([x, y]) => ({ x, y }))
    : shape.points;
  const startM = Math.min(...corners.map((p) => p.x));
  const points = [...corners, corners[0]!].map(({ x, y }) => ({ x: (x - startM) * 1000, y: y * 1000 }));
  return { points, levelM: Math.min(...corners.map((p) => p.y)), repeatM: null, startM };
}

interface Box {
  left: number;
  foot: number;
  right: number;
  top: number;
}

/** The part of a straight bit that lies in a box; null where none does (Liang–Barsky). */
function within(a: Mm, b: Mm, { left, foot, right, top }: Box): [Mm, Mm] | null {
  let [from, to] = [0, 1];
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  for (const [p, q] of [
    [-dx, a.x - left],
    [dx, right - a.x],
    [-dy, a.y - foot],
    [dy, top - a.y],
  ] as const) {
    if (p === 0) {
      if (q < 0) return null;
      continue;
    }
    const at = q / p;
    if (p < 0) from = Math.max(from, at);
    else to = Math.min(to, at);
  }
  if (from > to) return null;
  const point = (t: number) => ({ x: a.x + t * dx, y: a.y + t * dy });
  return [point(from), point(to)];
}

/** A line cut to a box: its pieces in their order. */
function piecesIn(points: readonly Mm[], box: Box): Mm[][] {
  const pieces: Mm[][] = [];
  for (let i = 1; i < points.length; i++) {
    const bit = within(points[i - 1]!, points[i]!, box);
    if (!bit || (bit[0].x === bit[1].x && bit[0].y === bit[1].y)) continue;
    const end = pieces.at(-1)?.at(-1);
    if (end?.x === bit[0].x && end.y === bit[0].y) pieces.at(-1)!.push(bit[1]);
    else pieces.push([bit[0], bit[1]]);
  }
  return pieces;
}

interface Cell {
  row: number;
  column: number;
  box: Box;
  lines: Mm[][];
}
interface Layout {
  size: { widthMm: number; heightMm: number };
  columns: number;
  rows: number;
  cells: Cell[];
}

/** Sheets of one size laid out over a line, the first a share of a step outside it: those that it crosses. */
function laidOut(points: readonly Mm[], size: Layout['size'], shift: { x: number; y: number }): Layout {
  const shownW = size.widthMm - 2 * SHEET_EDGE_MM;
  const shownH = size.heightMm - 2 * SHEET_EDGE_MM - SHEET_FOOT_MM;
  const [stepX, stepY] = [shownW - SHEETS_LAP_MM, shownH - SHEETS_LAP_MM];
  const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
  const left = Math.min(...xs) - SHEETS_LAP_MM - shift.x * stepX;
  const foot = Math.min(...ys) - SHEETS_LAP_MM - shift.y * stepY;
  const columns = Math.max(1, Math.ceil((Math.max(...xs) - left) / stepX));
  const rows = Math.max(1, Math.ceil((Math.max(...ys) - foot) / stepY));
  const cells = Array.from({ length: rows * columns }, (_, n): Cell => {
    const [row, column] = [Math.floor(n / columns), n % columns];
    const [x, y] = [left + column * stepX, foot + row * stepY];
    const box = { left: x, foot: y, right: x + shownW, top: y + shownH };
    // What a sheet shows in its laps its neighbours show as well: by that alone it is not wanted.
    const own = { left: x, foot: y, right: x + stepX, top: y + stepY };
    return { row, column, box, lines: piecesIn(points, own).length ? piecesIn(points, box) : [] };
  });
  return { size, columns, rows, cells: cells.filter((cell) => cell.lines.length > 0) };
}

/** In how many places each way the first sheet is tried. */
const SHIFTS = Array.from({ length: 6 }, (_, i) => i / 6);

/** The fewest sheets that show the whole line, upright or turned. */
function fewestSheets(points: readonly Mm[], paper: TemplatePaper): Layout {
  const { shortMm, longMm } = TEMPLATE_PAPER[paper];
  const sizes = [
    { widthMm: shortMm, heightMm: longMm },
    { widthMm: longMm, heightMm: shortMm },
  ];
  return sizes
    .flatMap((size) => SHIFTS.flatMap((x) => SHIFTS.map((y) => laidOut(points, size, { x, y }))))
    .reduce((best, one) => (one.cells.length < best.cells.length ? one : best));
}

const labelOf = ({ row, column }: { row: number; column: number }) =>
  `${row < 26 ? '' : String.fromCharCode(64 + Math.floor(row / 26))}${String.fromCharCode(65 + (row % 26))}${column + 1}`;

/** True where its line is no level or plumb one: it has a template. */
export const hasTemplate = ({ shape }: ColourPart): boolean => shape.kind === 'wave' || shape.kind === 'outline';

/** More sheets than this nobody tapes together. */
export const MOST_SHEETS = 120;

/**
 * The line of a part at full size, on as few sheets of this paper as it fits: sheets that it does not cross are left
 * out, neighbours lie over each other and have their marks to join in common. Null where its edge is straight.
 */
export function templateOf(part: ColourPart, paper: TemplatePaper): Template | null {
  const line = lineOf(part);
  if (!line) return null;
  const best = fewestSheets(line.points, paper);
  const there = new Set(best.cells.map(labelOf));
  const [xs, ys] = [line.points.map((p) => p.x), line.points.map((p) => p.y)];
  return {
    paper,
    ...best.size,
    rows: best.rows,
    columns: best.columns,
    sheets: best.cells.map((cell) => sheetOf(cell, line.levelM, there)),
    lineWidthMm: Math.max(...xs) - Math.min(...xs),
    lineHeightMm: Math.max(...ys) - Math.min(...ys),
    levelM: line.levelM,
    repeatM: line.repeatM,
    startM: line.startM,
  };
}

const SIDES = [
  { side: 'left', row: 0, column: -1 },
  { side: 'right', row: 0, column: 1 },
  { side: 'foot', row: -1, column: 0 },
  { side: 'top', row: 1, column: 0 },
] as const;

function sheetOf(cell: Cell, levelM: number, there: ReadonlySet<string>): TemplateSheet {
  const { box, row, column } = cell;
  const onSheet = ({ x, y }: Mm): Mm => ({
    x: SHEET_EDGE_MM + x - box.left,
    y: SHEET_EDGE_MM + SHEET_FOOT_MM + y - box.foot,
  });
  const half = SHEETS_LAP_MM / 2;
  // In the middle of each lap: neighbours have these places of the drawing in common.
  const crosses = [box.left + half, box.right - half].flatMap((x) =>
    [box.foot + half, box.top - half].map((y) => onSheet({ x, y })),
  );
  const level = levelM * 1000;
  return {
    label: labelOf(cell),
    row,
    column,
    lines: cell.lines.map((piece) => piece.map(onSheet)),
    crosses,
    joins: SIDES.map((s) => ({
      side: s.side,
      label: labelOf({ row: row + s.row, column: column + s.column }),
      s,
    })).flatMap(({ side, label, s }) =>
      row + s.row >= 0 && column + s.column >= 0 && there.has(label) ? [{ side, label }] : [],
    ),
    levelMm: level >= box.foot && level <= box.top ? onSheet({ x: box.left, y: level }).y : null,
  };
}
