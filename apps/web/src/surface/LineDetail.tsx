import { chemistryOf, CLEAN_UP, isCoat, sayVolume, type Departure } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { CleanUpLines } from '../page/CleanUpLines.tsx';
import { useSight } from '../store/store.ts';
import { capital } from '../words/figures.ts';
import type { Line } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Choice } from '../form/atOnce.tsx';

interface Props {
  line: Line;
  at: number;
  last: number;
  asked: Departure | undefined;
  /** What stands before the ways it may be done otherwise. */
  words?: string;
  onAsk: (departure: Departure) => void;
}

/** What a line is done with and cleaned up with, and what might be asked of it. */
export function LineDetail({ line, at, last, asked, words = 'What if it is', onAsk }: Props) {
  const { sayFamily } = useWords();
  const { step, tools, others } = line;
  const units = useSight((s) => s.units);
  const card = step.family ? CLEAN_UP[chemistryOf(step.family)] : null;
  return (
    <div className="text-[14.5px]">
      {tools.length > 0 && (
        <p>
          <span className="text-faded">With:</span> {tools.join('; ')}
        </p>
      )}
      {line.thinnerL > 0 && (
        <p>
          <span className="text-faded">Thinned:</span> {sayVolume(line.thinnerL, units)} of water into the first coat,
          which the ground drinks.
        </p>
      )}
      {line.parts && (
        <p>
          <span className="text-faded">Mixed:</span> {sayVolume(line.parts.baseL, units)} of base and{' '}
          {sayVolume(line.parts.hardenerL, units)} of hardener, in {line.pots} {line.pots === 1 ? 'pot' : 'pots'}, none
          larger than is laid before it sets.
        </p>
      )}
      {card && isCoat(step.kind) && (
        <details>
          <summary className="cursor-pointer text-faded wide:min-h-[36px] wide:py-1.5">
            Thinner, cleaning and spills
          </summary>
          <CleanUpLines card={card} />
        </details>
      )}
      <div role="group" aria-label={words} className="mt-1 flex flex-wrap items-center gap-2">
        <span className="font-semibold">{words}</span>
        <Chip pressed={asked?.act === 'skip'} onPress={() => onAsk({ act: 'skip', step: at })}>
          left out
        </Chip>
        {at > 0 && (
          <Chip
            pressed={asked?.act === 'move' && asked.to < at}
            onPress={() => onAsk({ act: 'move', step: at, to: earlier(asked, at) })}
          >
            done earlier
          </Chip>
        )}
        {at < last && (
          <Chip
            pressed={asked?.act === 'move' && asked.to > at}
            onPress={() => onAsk({ act: 'move', step: at, to: later(asked, at, last) })}
          >
            done later
          </Chip>
        )}
        {others.length > 0 && (
          <Choice
            words="or done with"
            asked="before"
            value={asked?.act === 'swap' ? asked.family : ''}
            options={others.map((f) => [f, capital(sayFamily(f))] as const)}
            unsaid="another product"
            onChoose={(family) => family && onAsk({ act: 'swap', step: at, family })}
            width="max-w-[230px]"
          />
        )}
      </div>
    </div>
  );
}

/** Pressed again it moves by one more. */
const earlier = (asked: Departure | undefined, at: number) =>
  Math.max(0, (asked?.act === 'move' && asked.to < at ? asked.to : at) - 1);
const later = (asked: Departure | undefined, at: number, last: number) =>
  Math.min(last, (asked?.act === 'move' && asked.to > at ? asked.to : at) + 1);
