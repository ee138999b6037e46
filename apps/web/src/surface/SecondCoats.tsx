import { SEEN_AT, UNSEEN } from '@rustic/core';
import type { SecondCoat } from '../store/endpoints.ts';
import { isTold, sayHours, sayMoney } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { useWords } from '../words/Words.tsx';

/** What is left of the old colour, as an eye sees it. CIEDE2000. */
const evenness = (left: number) =>
  left < UNSEEN ? 'ends even' : left < SEEN_AT ? 'hardly a shade left' : 'a shade of it stays';

interface Props {
  seconds: readonly SecondCoat[];
  chosen: SecondCoat['code'] | null;
  currency: string;
  onChoose: (code: SecondCoat['code']) => void;
}

/** A splotchy first coat: the same again, a cheaper one over it, or one more of finish, each with what it adds. */
export function SecondCoats({ seconds, chosen, currency, onChoose }: Props) {
  const { inOurWords } = useWords();
  return (
    <fieldset className="mt-2 max-w-[720px]">
      <legend className="font-semibold">It is the first coat of primer. What goes on next?</legend>
      {seconds.map(({ code, words, adds, left }) => (
        <label
          key={code}
          className={`grid min-h-[44px] cursor-pointer grid-cols-[28px_1fr_auto] items-center gap-x-2 border-b border-rule py-1.5 ${chosen === code ? 'bg-paper' : ''}`}
        >
          <input
            type="radio"
            name="second"
            checked={chosen === code}
            onChange={() => onChoose(code)}
            className="size-5"
          />
          <span>
            {inOurWords(words)}
            <span className="block text-sm text-faded">
              {adds.waitingMin > 0 && `waits ${sayLength(adds.waitingMin)} longer, `}
              {evenness(left)}
            </span>
          </span>
          <span className="text-right whitespace-nowrap">
            + {sayHours(adds.minutes)} h{isTold(adds.cost) && `, + ${sayMoney(adds.cost, currency)}`}
          </span>
        </label>
      ))}
    </fieldset>
  );
}
