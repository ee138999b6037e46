import { useState } from 'react';
import { CAUTION_SHORT, METHOD_CARDS, TEST_LABELS, type TestKind } from '@rustic/core';
import { Timer } from '../page/Timer.tsx';
import { useWords } from '../words/Words.tsx';

/** A wait longer than this is no matter of standing by with a clock. */
const LONGEST_STANDING_BY_SEC = 900;

/** Since when a test waits, in milliseconds, and who is told. */
interface Wait {
  since: number | null;
  onSince: (since: number | null) => void;
}

/** How a test is made and read: the act first, the rest on demand; a clock where it waits. */
export function MethodCard({ kind, wait }: { kind: TestKind; wait?: Wait }) {
  const { inOurWords } = useWords();
  const card = METHOD_CARDS[kind];
  const [more, setMore] = useState(false);
  return (
    <div className="mb-2 max-w-[66ch] text-[14.5px]">
      <p>
        <strong>{TEST_LABELS[kind]}.</strong> {inOurWords(card.how)}{' '}
        <button type="button" aria-expanded={more} className="underline" onClick={() => setMore(!more)}>
          {more ? 'Less' : 'How to read it'}
        </button>
      </p>
      {more && (
        <dl className="mt-1 grid grid-cols-[max-content_1fr] gap-x-3">
          <dt className="text-faded">use</dt>
          <dd>{inOurWords(card.materials.join(', '))}</dd>
          <dt className="text-faded">reads</dt>
          <dd>{inOurWords(card.reads)}</dd>
          <dt className="text-faded">misleads</dt>
          <dd>{inOurWords(card.misleads)}</dd>
          <dt className="text-faded">source</dt>
          <dd>
            <em>{card.source}</em>
          </dd>
        </dl>
      )}
      {card.cautions.map((code) => (
        <p key={code} className="border-l-4 border-madder pl-2 text-sm">
          <strong className="text-madder">Caution.</strong> {CAUTION_SHORT[code]}
        </p>
      ))}
      {wait && card.waitSec > 0 && card.waitSec <= LONGEST_STANDING_BY_SEC && (
        <div className="mt-2">
          <Timer key={kind} seconds={card.waitSec} {...wait} />
        </div>
      )}
    </div>
  );
}
