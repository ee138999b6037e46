import { FigureField } from '../form/fields.tsx';
import { sayLength } from '../words/time.ts';
import { isHandsOn, type HandsOnSaid } from './handsOn.ts';
import { RunningClock } from './RunningClock.tsx';

interface Props {
  words: string;
  /** What it usually takes, in minutes. */
  usual: number;
  said: HandsOnSaid;
  onSay: (more: Pick<HandsOnSaid, 'clockFrom'>) => void;
}

/** The time that somebody was at it: typed, or by a clock that was started. */
export function HandsOn({ words, usual, said, onSay }: Props) {
  return (
    <>
      <FigureField
        name="handsOn"
        words={words}
        placeholder={`${sayLength(usual)} usual`}
        isRead={isHandsOn}
        inputMode="text"
        width="w-40"
      />
      <RunningClock from={said.clockFrom} onSet={(clockFrom) => onSay({ clockFrom })} />
    </>
  );
}
