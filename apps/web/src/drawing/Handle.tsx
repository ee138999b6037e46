import { type KeyboardEvent, type PointerEvent, type RefObject } from 'react';

/** A place in a picture or a drawing, in shares of its width and height from the upper left. */
interface Share {
  x: number;
  y: number;
}

interface Props {
  /** What is set by it. */
  words: string;
  at: Share;
  /** The picture, in whose width and height places are told. */
  picture: RefObject<HTMLElement | null>;
  look: keyof typeof LOOKS;
  onMove: (to: Share) => void;
}

const within = (share: number) => Math.min(1, Math.max(0, share));
const ARROWS: Readonly<Record<string, readonly [right: number, down: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** How far an arrow moves it; ten times as far with Shift. */
const STEP = 0.002;

const LOOKS = {
  corner: 'h-[18px] w-[18px] rounded-full border-2 border-ink bg-leaf',
  point: 'h-[12px] w-[12px] rounded-full border-2 border-ink bg-ochre',
  ring: 'h-[18px] w-[18px] rounded-full border-2 border-ink bg-ochre',
  edge: 'h-[14px] w-[26px] rounded border-2 border-ink bg-ochre',
};

/** Something in a picture or a drawing that is drawn to its place, by finger, mouse or arrows. */
export function Handle({ words, at, picture, look, onMove }: Props) {
  const drag = (e: PointerEvent) => {
    const box = picture.current?.getBoundingClientRect();
    if (!box || !e.currentTarget.hasPointerCapture(e.pointerId)) return;
    onMove({ x: within((e.clientX - box.left) / box.width), y: within((e.clientY - box.top) / box.height) });
  };
  const step = (e: KeyboardEvent) => {
    const arrow = ARROWS[e.key];
    if (!arrow) return;
    e.preventDefault();
    const far = e.shiftKey ? STEP * 10 : STEP;
    onMove({ x: within(at.x + arrow[0] * far), y: within(at.y + arrow[1] * far) });
  };
  return (
    <button
      type="button"
      aria-label={words}
      title={words}
      className="absolute flex h-[44px] w-[44px] -translate-x-1/2 -translate-y-1/2 cursor-move touch-none items-center justify-center"
      style={{ left: `${at.x * 100}%`, top: `${at.y * 100}%` }}
      onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
      onPointerMove={drag}
      onKeyDown={step}
    >
      <span className={LOOKS[look]} aria-hidden />
    </button>
  );
}
