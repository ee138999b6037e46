import { useEffect, useState, type RefObject } from 'react';

/** A part of a drawing, in pixels from its top and its left. */
export interface Seen {
  top: number;
  bottom: number;
  left: number;
  right: number;
}

const ALL: Seen = { top: 0, bottom: Infinity, left: 0, right: Infinity };
/** So much more than the screen is drawn, and so far it is scrolled before it is drawn anew. */
const AROUND = 400;
const STEP = 200;

/** The part of one direction that is on the screen, in whole steps. */
const part = (start: number, screen: number): [number, number] => [
  Math.max(0, Math.floor((-start - AROUND) / STEP) * STEP),
  Math.ceil((screen - start + AROUND) / STEP) * STEP,
];

/** Which part of a large drawing is on the screen, with some room around it; all of it on paper. */
export function useSeen(drawing: RefObject<Element | null>): Seen {
  const [seen, setSeen] = useState<Seen>(() => ({
    top: 0,
    bottom: window.innerHeight + AROUND,
    left: 0,
    right: window.innerWidth + AROUND,
  }));
  useEffect(() => {
    const look = () => {
      const box = drawing.current?.getBoundingClientRect();
      if (!box) return;
      const [top, bottom] = part(box.top, window.innerHeight);
      const [left, right] = part(box.left, window.innerWidth);
      setSeen((was) =>
        was.top === top && was.bottom === bottom && was.left === left && was.right === right
          ? was
          : { top, bottom, left, right },
      );
    };
    const print = () => setSeen(ALL);
    look();
    // Any part of the page may be what scrolls: heard on its way down.
    document.addEventListener('scroll', look, { capture: true, passive: true });
    window.addEventListener('resize', look);
    window.addEventListener('beforeprint', print);
    window.addEventListener('afterprint', look);
    return () => {
      document.removeEventListener('scroll', look, { capture: true });
      window.removeEventListener('resize', look);
      window.removeEventListener('beforeprint', print);
      window.removeEventListener('afterprint', look);
    };
  });
  return seen;
}
