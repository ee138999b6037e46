import { Checkbox, Field as Group, Label } from '@headlessui/react';
import type { ReactNode } from 'react';

interface Props {
  checked: boolean;
  onTick: (on: boolean) => void;
  disabled?: boolean;
  /** How the box and its words lie; side by side where it is not said otherwise. */
  className?: string;
  size?: string;
  children: ReactNode;
}

/** A box that is ticked, with its words beside it. */
export function Tick({ checked, onTick, disabled = false, className = '', size = 'size-5', children }: Props) {
  return (
    <Group
      disabled={disabled}
      className={className || 'flex min-h-[44px] items-center gap-2 text-sm wide:min-h-[30px]'}
    >
      <Checkbox
        checked={checked}
        onChange={onTick}
        className={`tick inline-flex ${size} shrink-0 items-center justify-center rounded-sm border border-ink bg-paper font-bold data-checked:bg-ink data-checked:text-onink`}
      >
        {({ checked: on }) => <span aria-hidden>{on ? '✓' : ''}</span>}
      </Checkbox>
      <Label className="contents cursor-pointer">{children}</Label>
    </Group>
  );
}
