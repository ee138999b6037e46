import { useState } from 'react';
import { ShownOnce } from '../form/atOnce.tsx';

/** The private link as it was made: shown once, since nobody keeps it. */
export function GivenOnce({ token }: { token: string }) {
  const [copied, setCopied] = useState(false);
  const link = `${location.origin}/client/${token}`;
  return (
    <div className="my-2 border border-ink bg-leaf p-3">
      <ShownOnce words="Give this to the client and to nobody else. It is shown only now" text={link} />
      <button
        type="button"
        className="min-h-[44px] underline"
        onClick={() => void navigator.clipboard.writeText(link).then(() => setCopied(true))}
      >
        {copied ? 'Copied' : 'Copy it'}
      </button>
    </div>
  );
}
