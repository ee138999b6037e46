import { Button as Press } from '@headlessui/react';
import type { ButtonHTMLAttributes } from 'react';

const LOOKS = {
  /** What the form is for. */
  main: 'rounded bg-ink px-5 font-semibold text-onink',
  /** Another act beside it. */
  line: 'rounded border border-ink bg-leaf px-4 font-semibold',
  /** A small act within a line. */
  plain: 'underline',
  /** What takes something away. */
  away: 'text-madder underline',
} as const;

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: keyof typeof LOOKS;
  busy?: boolean;
  /** Said while it is written. */
  busyWords?: string;
}

/** A button, large enough for a thumb. */
export function Button({
  look = 'line',
  busy = false,
  busyWords = 'Writing …',
  type = 'button',
  disabled = false,
  className = '',
  children,
  ...rest
}: Props) {
  return (
    <Press
      {...rest}
      type={type}
      disabled={disabled || busy}
      className={`min-h-[44px] disabled:opacity-50 ${LOOKS[look]} ${className}`}
    >
      {busy ? busyWords : children}
    </Press>
  );
}
