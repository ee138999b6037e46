import { TEST_LABELS, type TestKind } from '@rustic/core';
import type { ReactNode } from 'react';
import { Chip } from '../page/Act.tsx';

interface Props {
  kinds: readonly TestKind[];
  kind: TestKind;
  onKind: (kind: TestKind) => void;
  children?: ReactNode;
}

/** Which test is made. */
export function WhichTest({ kinds, kind, onKind, children }: Props) {
  return (
    <div className="mb-3 flex flex-wrap gap-1.5" role="group" aria-label="Which test">
      {kinds.map((k) => (
        <Chip key={k} pressed={k === kind} onPress={() => onKind(k)}>
          {TEST_LABELS[k]}
        </Chip>
      ))}
      {children}
    </div>
  );
}
