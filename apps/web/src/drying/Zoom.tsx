import { useKey } from '../page/keys.tsx';

/** How wide a day is drawn, in pixels: from hours that can be told apart to a month on a page. Null fits the page. */
export const SCALES = { hour: 900, day: 420, fit: null, month: 34 } as const;
export type Scale = keyof typeof SCALES;
const WORDS: Record<Scale, string> = { hour: 'Hours', day: 'Days', fit: 'The whole', month: 'Month' };
const ORDER = Object.keys(SCALES) as Scale[];

/** From an hour to a month. */
export function Zoom({ scale, onScale }: { scale: Scale; onScale: (scale: Scale) => void }) {
  const step = (by: number) => onScale(ORDER[Math.min(ORDER.length - 1, Math.max(0, ORDER.indexOf(scale) + by))]!);
  useKey('-', 'Wider view', () => step(1), true);
  useKey('+', 'Closer view', () => step(-1), true);
  return (
    <div className="no-print mb-1 flex gap-1" role="group" aria-label="How close">
      {ORDER.map((one) => (
        <button
          key={one}
          type="button"
          aria-pressed={scale === one}
          onClick={() => onScale(one)}
          className={`min-h-[44px] rounded px-2.5 text-[13.5px] wide:min-h-[30px] ${scale === one ? 'bg-ink text-onink' : 'border border-rule text-faded hover:border-ink'}`}
        >
          {WORDS[one]}
        </button>
      ))}
    </div>
  );
}
