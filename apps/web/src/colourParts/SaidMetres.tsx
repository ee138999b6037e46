import { useState } from 'react';
import { Typed } from '../form/atOnce.tsx';
import { useSight } from '../store/store.ts';
import { readTyped, sayMetres } from '../words/length.ts';

interface Props {
  words: string;
  metres: number;
  least?: number;
  onSay: (metres: number) => void;
}

/** A length as people write it, taken when the field is left; what cannot be read is said, and nothing is changed. */
export function SaidMetres({ words, metres, least = 0, onSay }: Props) {
  const units = useSight((s) => s.units);
  const [typed, setTyped] = useState<string | null>(null);
  const [unread, setUnread] = useState(false);
  const take = () => {
    if (typed === null) return;
    const said = readTyped(typed, units);
    const fits = said !== null && said >= least;
    setUnread(!fits);
    if (!fits) return;
    setTyped(null);
    onSay(said);
  };
  return (
    <div>
      <Typed
        words={words}
        value={typed ?? sayMetres(metres, units)}
        onType={setTyped}
        onBlur={take}
        onKeyDown={(e) => {
          if (e.key !== 'Enter') return;
          e.preventDefault();
          take();
        }}
        width="w-28"
        aria-invalid={unread}
      />
      {unread && (
        <p role="alert" className="max-w-[22ch] text-sm text-madder">
          This cannot be read. Write it as {units === 'us' ? '4\' 6"' : '1.35'}; nothing was changed.
        </p>
      )}
    </div>
  );
}
