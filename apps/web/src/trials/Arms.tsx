import { useState } from 'react';
import { Choice, Typed, type Option } from '../form/atOnce.tsx';

interface Props<T extends string> {
  words: string;
  options: readonly T[];
  chosen: T[];
  most: number;
  say: (one: T) => string;
  onChoose: (chosen: T[]) => void;
}

/** The arms of one kind: those chosen, and a list to add from. */
export function Arms<T extends string>({ words, options, chosen, most, say, onChoose }: Props<T>) {
  return (
    <Chosen words={words} chosen={chosen} say={say} onChoose={onChoose}>
      {chosen.length < most && (
        <Choice
          words={`Add to ${words.toLowerCase()}`}
          asked="unseen"
          value=""
          options={options.filter((o) => !chosen.includes(o)).map((o): Option => [o, say(o)])}
          unsaid="add …"
          onChoose={(one: string) => {
            if (one) onChoose([...chosen, one as T]);
          }}
        />
      )}
    </Chosen>
  );
}

/** Arms in the painter's own words. */
export function ArmsInWords({ chosen, onChoose }: { chosen: string[]; onChoose: (chosen: string[]) => void }) {
  const [typed, setTyped] = useState('');
  return (
    <Chosen words="Or in your words" chosen={chosen} say={(one) => one} onChoose={onChoose}>
      <Typed
        words="Another preparation, in your words"
        asked="unseen"
        value={typed}
        maxLength={60}
        placeholder="scraped and feathered, then Enter"
        onType={setTyped}
        onKeyDown={(e) => {
          if (e.key !== 'Enter') return;
          e.preventDefault();
          const one = typed.trim();
          if (one && !chosen.includes(one)) onChoose([...chosen, one]);
          setTyped('');
        }}
        width="w-64"
      />
    </Chosen>
  );
}

function Chosen<T extends string>({
  words,
  chosen,
  say,
  onChoose,
  children,
}: Pick<Props<T>, 'words' | 'chosen' | 'say' | 'onChoose'> & { children: React.ReactNode }) {
  return (
    <div className="mt-1.5 grid items-center gap-1.5 text-sm wide:grid-cols-[8rem_1fr]">
      <span>{words}</span>
      <div className="flex flex-wrap items-center gap-1.5">
        {chosen.map((one) => (
          <button
            key={one}
            type="button"
            aria-label={`Leave out ${say(one)}`}
            className="min-h-[44px] rounded border border-ink bg-ink px-3 text-onink wide:min-h-[34px]"
            onClick={() => onChoose(chosen.filter((x) => x !== one))}
          >
            {say(one)} ×
          </button>
        ))}
        {children}
      </div>
    </div>
  );
}
