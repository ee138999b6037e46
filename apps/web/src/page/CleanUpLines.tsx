import type { CLEAN_UP } from '@rustic/core';
import { useWords } from '../words/Words.tsx';

const LINES = [
  ['thinner', 'Thinner'],
  ['tools', 'Tools'],
  ['freshSpill', 'Fresh spill'],
  ['oldSpill', 'Old spill'],
  ['throwaway', 'Thrown away'],
  ['storage', 'Kept'],
  ['caution', 'Caution'],
] as const;

/** The card of a chemistry: thinner, tools, spills, storage. */
export function CleanUpLines({ card }: { card: (typeof CLEAN_UP)[keyof typeof CLEAN_UP] }) {
  const { inOurWords } = useWords();
  return (
    <dl className="grid max-w-[640px] grid-cols-[96px_1fr] gap-x-3 gap-y-0.5 pb-1 text-[14px]">
      {LINES.map(([key, words]) => (
        <div key={key} className="contents">
          <dt className={key === 'caution' ? 'font-semibold text-madder' : 'text-faded'}>{words}</dt>
          <dd>{inOurWords(card[key])}</dd>
        </div>
      ))}
    </dl>
  );
}
