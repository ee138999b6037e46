import { useState, type ReactNode } from 'react';
import { Button } from '../form/Button.tsx';

/** A form that is behind its button: a page of locks asks for a password where somebody acts, and nowhere else. */
export function Behind({ words, children }: { words: string; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <p className="mt-2">
        <Button look="line" onClick={() => setOpen(true)}>
          {words}
        </Button>
      </p>
    );
  return <div className="mt-2 max-w-[640px]">{children}</div>;
}
