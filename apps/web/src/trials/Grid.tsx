import { isUntreated, sayCell, type Cell, type TrialDesign, type TrialLook } from '@rustic/core';
import { worstOn } from './looks.ts';

const CELL_W = 86;
const CELL_H = 62;
const GAP = 6;
const STRIP_W = 14;
/** Colours of primers and topcoats on the drawn board: the page's own pigments, told apart by pattern as well. */
const COATS = ['#c9bca4', '#8ea6a0', '#a9a0b8', '#b98f6a', '#7f93b8', '#c7b06a'];
const PRIMED = ['#e6cf9a', '#c9c9c5', '#b9c4d6', '#d8b9a4', '#b7c7a8', '#d6c6dd'];

interface Props {
  design: TrialDesign;
  cells: readonly Cell[];
  looks: readonly TrialLook[];
  chosen?: string | null;
  onChoose?: (cell: string) => void;
}

/** The board as it lies: each cell with its strip of bare primer, drawn whole or scratched. */
export function Grid({ design, cells, looks, chosen = null, onChoose }: Props) {
  const columns = Math.max(...cells.map((c) => c.column)) + 1;
  const rows = Math.max(...cells.map((c) => c.row)) + 1;
  const width = columns * (CELL_W + GAP) + GAP;
  const height = rows * (CELL_H + GAP) + GAP;
  return (
    <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="The board">
      <svg viewBox={`0 0 ${width} ${height}`} width={width} height={height} className="block font-sans">
        <rect width={width} height={height} fill="#d9b88a" stroke="#6f5f49" />
        {cells.map((cell) => (
          <CellDrawing
            key={cell.id}
            cell={cell}
            design={design}
            worst={worstOn(looks, cell.id)}
            chosen={chosen === cell.id}
            {...(onChoose ? { onChoose } : {})}
          />
        ))}
      </svg>
    </div>
  );
}

function CellDrawing({
  cell,
  design,
  worst,
  chosen,
  onChoose,
}: {
  cell: Cell;
  design: TrialDesign;
  worst: number | null;
  chosen: boolean;
  onChoose?: (cell: string) => void;
}) {
  const x = GAP + cell.column * (CELL_W + GAP);
  const y = GAP + cell.row * (CELL_H + GAP);
  const words = `${cell.id}: ${sayCell(cell, design)}${worst === null ? '' : `, ${GRADE_WORDS[worst]}`}`;
  const act = onChoose && (() => onChoose(cell.id));
  const untreated = isUntreated(cell, design);
  const primed = hasStrip(cell, design) ? PRIMED[cell.primer! % PRIMED.length]! : null;
  return (
    <g
      role={act ? 'button' : 'img'}
      aria-label={words}
      aria-pressed={act ? chosen : undefined}
      tabIndex={act ? 0 : undefined}
      className={act ? 'cursor-pointer' : ''}
      onClick={act}
      onKeyDown={(e) => {
        if (act && (e.key === 'Enter' || e.key === ' ')) {
          e.preventDefault();
          act();
        }
      }}
    >
      <title>{words}</title>
      <rect x={x} y={y} width={CELL_W} height={CELL_H} fill={COATS[cell.topcoat % COATS.length]} />
      {primed && <rect x={x} y={y} width={STRIP_W} height={CELL_H} fill={primed} />}
      {primed && <path d={`M${x + STRIP_W} ${y}v${CELL_H}`} stroke="#6f5f49" strokeWidth=".8" strokeDasharray="2 2" />}
      {worst !== null && <Marks x={x} y={y} grade={worst} />}
      <rect
        x={x}
        y={y}
        width={CELL_W}
        height={CELL_H}
        fill="none"
        stroke="#26211c"
        strokeWidth={chosen ? 3 : 1}
        strokeDasharray={untreated ? '5 3' : 'none'}
      />
      <text x={x + STRIP_W + 6} y={y + 17} fontSize="13" fontWeight="700" fill="#26211c">
        {cell.id}
      </text>
      {untreated ? (
        <text x={x + STRIP_W + 6} y={y + CELL_H - 8} fontSize="11" fill="#26211c">
          untreated
        </text>
      ) : (
        <text x={x + STRIP_W + 6} y={y + CELL_H - 8} fontSize="11" fill="#26211c">
          {`${(cell.preparation ?? 0) + 1} · ${LETTERS[cell.primer!]} · ${ROMAN[cell.topcoat]}`}
        </text>
      )}
    </g>
  );
}

/** Whether a strip of bare primer is left on a cell. */
export const hasStrip = ({ primer }: Cell, { primers }: TrialDesign): boolean =>
  primer !== null && primers[primer]!.family !== null;

/** How preparations, primers and topcoats are keyed on the board: numbers, letters, strokes. */
export const LETTERS = ['a', 'b', 'c', 'd', 'e', 'f'];
export const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi'];
export const GRADE_WORDS = ['let go', 'weak', 'marked', 'holds'];

/** Scratches by grade: none where it holds, a mark, a scratch, a torn sheet. */
function Marks({ x, y, grade }: { x: number; y: number; grade: number }) {
  const left = x + STRIP_W + 30;
  if (grade === 3) return <path d={`M${left + 6} ${y + 30}l6 7 12-15`} fill="none" stroke="#26211c" strokeWidth="2" />;
  if (grade === 2) return <path d={`M${left} ${y + 38}l34-14`} stroke="#fbf8f1" strokeWidth="1.6" />;
  if (grade === 1)
    return <path d={`M${left - 2} ${y + 42}l38-22M${left + 4} ${y + 46}l34-18`} stroke="#d9b88a" strokeWidth="3" />;
  return (
    <path d={`M${left - 4} ${y + 39}l8-16 7 5 6-11 8 7 9-5-4 20z`} fill="#d9b88a" stroke="#98382c" strokeWidth="1.2" />
  );
}

/** The board as an icon, 24 px tall. */
export function BoardIcon({ cells }: { cells: readonly Cell[] }) {
  const columns = Math.max(...cells.map((c) => c.column)) + 1;
  const rows = Math.max(...cells.map((c) => c.row)) + 1;
  const w = 24 / columns;
  const h = 24 / rows;
  return (
    <svg viewBox="0 0 24 24" aria-hidden className="size-6 shrink-0 wide:size-[180px]">
      <rect width="24" height="24" fill="#d9b88a" />
      {cells.map((c) => (
        <rect
          key={c.id}
          x={c.column * w + 0.4}
          y={c.row * h + 0.4}
          width={w - 0.8}
          height={h - 0.8}
          fill={c.primer === null ? 'none' : PRIMED[c.primer % PRIMED.length]}
          stroke="#6f5f49"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  );
}
