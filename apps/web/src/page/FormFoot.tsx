interface Props {
  /** What is done, in words: Keep, Add, Record it. */
  words: string;
  busy: boolean;
  disabled?: boolean;
  leave?: string;
  /** Where it is no form that is sent: what the main button does. */
  onAct?: () => void;
  onLeave: () => void;
  className?: string;
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
}: Props) {
  return (
    <div className={`flex gap-3 ${className}`}>
      <button
        type={onAct ? 'button' : 'submit'}
        disabled={busy || disabled}
        className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink disabled:opacity-50"
        onClick={onAct}
      >
        {busy ? 'Writing …' : words}
      </button>
      <button type="button" className="min-h-[44px] underline" onClick={onLeave}>
        {leave}
      </button>
    </div>
  );
}
