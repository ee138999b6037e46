import type { KeyboardEvent } from 'react';
import type { Row } from './chartRows.ts';

/** Blocks move by quarters of an hour. */
const STEP_MIN = 15;
export const snapped = (minute: number) => Math.round(minute / STEP_MIN) * STEP_MIN;

interface ByKeys {
  rows: readonly Row[];
  now: number;
  chosen: string | null;
  onChoose: (name: string | null) => void;
  onDrag: (name: string, to: number) => void;
}

/** Left and right go from block to block by the clock; with Shift they move the chosen one by a quarter of an hour. */
export function moveByKeys(event: KeyboardEvent, { rows, now, chosen, onChoose, onDrag }: ByKeys): void {
  const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
  if (event.key === 'Escape') return onChoose(null);
  if (by === 0) return;
  event.preventDefault();
  const open = rows
    .flatMap((row) => row.blocks.filter((b) => !b.done).map((b) => ({ name: `${row.id}/${b.key}`, start: b.start })))
    .sort((a, b) => a.start - b.start);
  const at = open.findIndex((b) => b.name === chosen);
  if (event.shiftKey && at >= 0)
    onDrag(open[at]!.name, Math.max(snapped(now), snapped(open[at]!.start) + by * STEP_MIN));
  else onChoose(open[Math.min(open.length - 1, Math.max(0, at < 0 ? 0 : at + by))]?.name ?? null);
}
