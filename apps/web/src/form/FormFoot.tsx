import type { ReactNode } from 'react';
import { Button } from './Button.tsx';

interface Props {
  /** What is done, in words: Keep, Add, Record it. */
  words: string;
  busy: boolean;
  disabled?: boolean;
  leave?: string;
  /** Where it is no form that is sent: what the main button does. */
  onAct?: () => void;
  /** Where it can be left as it was. */
  onLeave?: () => void;
  className?: string;
  beside?: ReactNode;
}

/** The foot of anything that is filled in: do it, or leave it as it was. */
export function FormFoot({
  words,
  busy,
  disabled = false,
  leave = 'Leave it',
  onAct,
  onLeave,
  className = 'mt-3',
  beside,
}: Props) {
  return (
    <div className={`flex flex-wrap items-center gap-3 ${className}`}>
      <Button look="main" type={onAct ? 'button' : 'submit'} busy={busy} disabled={disabled} onClick={onAct}>
        {words}
      </Button>
      {onLeave && (
        <Button look="plain" onClick={onLeave}>
          {leave}
        </Button>
      )}
      {beside}
    </div>
  );
}
