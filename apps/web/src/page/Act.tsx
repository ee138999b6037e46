import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { useKey } from './keys.tsx';

type Props = Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'onClick'> & {
  letter?: string;
  words: string;
  main?: boolean;
  busy?: boolean;
  onAct: () => void;
  children?: ReactNode;
};

/** An act of the page: a button that shows its key. */
export function Act({ letter, words, main = false, busy = false, onAct, children, disabled, ...rest }: Props) {
  const look = main ? 'bg-ink text-onink border-ink' : 'bg-leaf text-ink border-ink';
  return (
    <button
      type="button"
      {...rest}
      disabled={disabled || busy}
      onClick={onAct}
      className={`inline-flex min-h-[44px] items-center gap-2 rounded border px-3 py-1.5 font-semibold disabled:opacity-50 wide:min-h-[36px] ${look} ${rest.className ?? ''}`}
    >
      {letter && <Letter letter={letter} words={words} onAct={onAct} on={!disabled && !busy} />}
      {busy ? 'Writing …' : (children ?? words)}
      {letter && (
        <kbd
          aria-hidden
          className={`hidden rounded border px-1 font-sans text-[11px] leading-4 font-normal wide:inline ${main ? 'border-onink/60' : 'border-strong'}`}
        >
          {letter.toUpperCase()}
        </kbd>
      )}
    </button>
  );
}

function Letter({ letter, words, onAct, on }: { letter: string; words: string; onAct: () => void; on: boolean }) {
  useKey(letter, words, onAct, on);
  return null;
}

/** A choice among a few, as a chip that can be pressed in. */
export function Chip({
  pressed,
  onPress,
  children,
  wide = false,
}: {
  pressed?: boolean;
  onPress: () => void;
  children: ReactNode;
  wide?: boolean;
}) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={onPress}
      className={`min-h-[44px] rounded border px-3 py-1 text-left wide:min-h-[34px] ${wide ? 'w-full' : ''} ${pressed ? 'border-ink bg-ink text-onink' : 'border-strong bg-leaf hover:border-ink'}`}
    >
      {children}
    </button>
  );
}
