import { useRef, type ReactNode } from 'react';
import { FormProvider, type FieldValues } from 'react-hook-form';
import { useFocusWhileOpen } from '../page/focus.ts';
import { useKeysRest } from '../page/keys.tsx';
import { Refused } from '../page/Refused.tsx';
import { EditedElsewhere } from './EditedElsewhere.tsx';
import { FormFoot } from './FormFoot.tsx';
import type { Draft } from './useDraft.ts';

/** What came of sending it. */
export type Sent = { data?: unknown; error?: unknown };

interface Props<V extends FieldValues> {
  draft: Draft<V>;
  /** What the form is called, for readers of the page. */
  label?: string;
  /** What its main button does: Keep, Add, Record it. */
  words: string;
  leave?: string;
  busy: boolean;
  disabled?: boolean;
  error?: unknown;
  className?: string;
  footClass?: string;
  /** Sends it; null where what is typed cannot be sent. What was typed stays until it is taken. */
  onSend: (said: V) => Promise<Sent | null> | null;
  /** It was taken. */
  onSent?: () => void;
  /** It is left: what was typed is thrown away. Not given: the form always stands. */
  onLeave?: () => void;
  children: ReactNode;
  /** Beside the buttons. */
  beside?: ReactNode;
}

/** Anything that is filled in and sent: with its foot, what is refused, and what was typed before. */
export function Form<V extends FieldValues>({
  draft,
  label,
  words,
  leave,
  busy,
  disabled,
  error,
  className,
  footClass,
  onSend,
  onSent,
  onLeave,
  children,
  beside,
}: Props<V>) {
  useKeysRest();
  const whole = useRef<HTMLFormElement>(null);
  useFocusWhileOpen(whole);
  const send = draft.form.handleSubmit(async (said) => {
    const sent = await onSend(said);
    if (!sent || 'error' in sent) return;
    onSent?.();
    draft.end();
  });
  const throwAway = () => {
    draft.end();
    onLeave?.();
  };
  return (
    <FormProvider {...draft.form}>
      <form ref={whole} aria-label={label} className={className} onSubmit={(event) => void send(event)}>
        <DraftIsBack draft={draft} />
        {children}
        <Refused error={error} />
        <EditedElsewhere draft={draft} error={error} onTheirs={throwAway} />
        <FormFoot
          words={words}
          busy={busy}
          {...(disabled === undefined ? {} : { disabled })}
          {...(leave === undefined ? {} : { leave })}
          {...(footClass === undefined ? {} : { className: footClass })}
          {...(onLeave ? { onLeave: throwAway } : {})}
          beside={beside}
        />
      </form>
    </FormProvider>
  );
}

/** Said where what stands in the form was typed before. */
export function DraftIsBack<V extends FieldValues>({ draft }: { draft: Draft<V> }) {
  if (!draft.isBack) return null;
  return (
    <p role="status" className="mb-2 w-full text-sm text-faded">
      What you typed before is here again.{' '}
      <button type="button" className="min-h-[44px] underline wide:min-h-[26px]" onClick={draft.end}>
        Begin anew
      </button>
    </p>
  );
}
