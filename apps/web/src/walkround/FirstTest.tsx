import { TEST_LABELS, type TestKind } from '@rustic/core';
import type { ReactNode } from 'react';
import { MethodCard } from '../surface/MethodCard.tsx';

/** The test that a stop begins with: how it is made at the desk, its name on a phone, and what may be pressed. */
export function FirstTest({ kind, children }: { kind: TestKind; children: ReactNode }) {
  return (
    <section aria-label={TEST_LABELS[kind]}>
      <div className="hidden wide:block">
        <MethodCard kind={kind} />
      </div>
      <h2 className="mb-2 text-[18px] wide:hidden">{TEST_LABELS[kind]}</h2>
      {children}
    </section>
  );
}

/** What a test showed, or making it: made for a thumb. */
export function TestButton({
  busy = false,
  onPress,
  children,
}: {
  busy?: boolean;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      disabled={busy}
      onClick={onPress}
      className="min-h-[52px] rounded border-2 border-ink bg-paper px-4 text-left font-semibold hover:bg-wash disabled:opacity-50"
    >
      {children}
    </button>
  );
}
