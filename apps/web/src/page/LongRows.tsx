import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useLayoutEffect, useRef, useState, type ReactNode, type Ref } from 'react';
import { flushSync } from 'react-dom';

interface Props<T> {
  items: readonly T[];
  keyOf: (item: T) => string | number;
  /** Cells of a row of the table. */
  columns: number;
  /** About how high a row is, in pixels. */
  height: number;
  row: (item: T, of: RowOf) => ReactNode;
}

/** What a row hands on to its `tr`, so that it is measured where only some are drawn. */
export interface RowOf {
  ref?: Ref<HTMLTableRowElement>;
  'data-index'?: number;
  'aria-rowindex'?: number;
}

/** Up to so many are simply drawn. */
const DRAWN_WHOLE = 300;
/** So many above and below what is seen. */
const AROUND = 12;

/** The rows of a long table: only those near the window are drawn, and on paper all of them. */
export function LongRows<T>({ items, keyOf, columns, height, row }: Props<T>) {
  const isPrinted = usePrinting();
  if (items.length <= DRAWN_WHOLE || isPrinted) return <tbody>{items.map((item) => row(item, {}))}</tbody>;
  return <NearRows items={items} keyOf={keyOf} columns={columns} height={height} row={row} />;
}

function NearRows<T>({ items, keyOf, columns, height, row }: Props<T>) {
  const body = useRef<HTMLTableSectionElement>(null);
  const [above, setAbove] = useState(0);
  const scrolled = () => body.current?.closest('main') ?? null;
  useLayoutEffect(() => {
    const main = body.current?.closest('main');
    if (!main || !body.current) return;
    const top = body.current.getBoundingClientRect().top - main.getBoundingClientRect().top + main.scrollTop;
    setAbove((now) => (Math.abs(now - top) > 1 ? top : now));
  }, [items]);
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: scrolled,
    estimateSize: () => height,
    getItemKey: (i) => keyOf(items[i]!),
    overscan: AROUND,
    scrollMargin: above,
  });
  const near = rows.getVirtualItems();
  const first = near[0] ? near[0].start - above : 0;
  const rest = rows.getTotalSize() - (near.length ? near.at(-1)!.end - above : 0);
  return (
    <tbody ref={body}>
      <Gap columns={columns} height={first} />
      {near.map(({ index }) =>
        row(items[index]!, { ref: rows.measureElement, 'data-index': index, 'aria-rowindex': index + 2 }),
      )}
      <Gap columns={columns} height={rest} />
    </tbody>
  );
}

/** The room of the rows that are not drawn. */
function Gap({ columns, height }: { columns: number; height: number }) {
  return (
    <tr aria-hidden>
      <td colSpan={columns} className="p-0" style={{ height: Math.max(0, height) }} />
    </tr>
  );
}

function usePrinting(): boolean {
  const [isPrinted, setPrinted] = useState(false);
  useEffect(() => {
    // The browser takes the page as it stands when this returns.
    const before = () => flushSync(() => setPrinted(true));
    const after = () => setPrinted(false);
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', after);
    return () => {
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', after);
    };
  }, []);
  return isPrinted;
}
