import { useEffect, type RefObject } from 'react';

/** Whether the last thing that was done was done by keys: only then is the focus moved, so that no phone opens its keyboard unasked. */
let byKeys = false;
if (typeof window !== 'undefined') {
  window.addEventListener('keydown', () => (byKeys = true), true);
  window.addEventListener('pointerdown', () => (byKeys = false), true);
}

const FIELDS = 'input:not([type=hidden]):not(:disabled), select:not(:disabled), textarea:not(:disabled)';
const BUTTONS = 'button:not(:disabled), a[href]';

const heading = () => document.querySelector<HTMLElement>('h1');

/** The focus is nowhere: what had it is gone. */
const isLost = () => document.activeElement === null || document.activeElement === document.body;

/**
 * What was opened by keys has the focus: its first field, or where it has none its first button. Once it is gone, the
 * focus stands where it was opened from, or at the head of the page.
 */
export function useFocusWhileOpen(where: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    if (!byKeys) return;
    const opener = document.activeElement;
    const whole = where.current;
    if (whole && !whole.contains(opener))
      (whole.querySelector<HTMLElement>(FIELDS) ?? whole.querySelector<HTMLElement>(BUTTONS))?.focus();
    return () => {
      // What follows it may take the focus by itself; only where nothing did is it put back.
      setTimeout(() => {
        if (!isLost()) return;
        if (opener instanceof HTMLElement && opener !== document.body && opener.isConnected) opener.focus();
        else heading()?.focus();
      });
    };
  }, [where]);
}

/** A page that was turned to by keys begins at its heading: the next key goes to its first act. */
export function useFocusAtHead(where: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    if (byKeys) where.current?.focus({ preventScroll: true });
  }, [where]);
}
