import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Act } from '../page/Act.tsx';
import type { Note } from '../page/notes.tsx';
import { Page } from '../page/Page.tsx';

interface Props {
  title: string;
  above: ReactNode;
  notes?: Note[];
  /** Null at the first stop. */
  onBack: (() => void) | null;
  onNext: () => void;
  /** What the thumb finds next: another stop, or the page that all of it leads back to. */
  next: { words: string; onGo: () => void } | { words: string; to: string };
  footing: ReactNode;
  children: ReactNode;
}

const THUMB = 'min-h-[52px] flex-1 rounded bg-ink px-3 font-semibold text-onink';

/** One stop of a walk, made for one hand: back and on at the foot of a phone, by keys at the desk. */
export function StopPage({ title, above, notes = [], onBack, onNext, next, footing, children }: Props) {
  const back = onBack ?? (() => undefined);
  return (
    <Page
      title={title}
      notes={notes}
      above={above}
      acts={
        <span className="hidden gap-2.5 wide:flex">
          <Act letter="b" words="Back" disabled={!onBack} onAct={back} />
          <Act letter="n" words="Next" main onAct={onNext} />
        </span>
      }
      bar={
        <>
          <button
            type="button"
            disabled={!onBack}
            className="min-h-[52px] rounded border border-strong px-4 disabled:opacity-40"
            onClick={back}
          >
            Back
          </button>
          {'to' in next ? (
            <Link to={next.to} className={`${THUMB} flex items-center justify-center`}>
              {next.words}
            </Link>
          ) : (
            <button type="button" className={THUMB} onClick={next.onGo}>
              {next.words}
            </button>
          )}
        </>
      }
      footing={footing}
    >
      {children}
    </Page>
  );
}
