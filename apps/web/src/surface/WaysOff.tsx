import { now } from '../clock/clock.ts';
import { isTold, sayHours, sayMoney } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { useMeasures } from '../words/useMeasures.ts';
import { useWords } from '../words/Words.tsx';
import type { WayBackFound, WayOff } from '../store/endpoints.ts';

const HOUR_MS = 3_600_000;

interface Props {
  found: WayBackFound;
  /** Hours since it was laid, where somebody typed it. */
  ageHours: number | null;
  currency: string;
}

/** How the coat comes off by the age of its film, each way dearer than the one before, with the clock that runs. */
export function WaysOff({ found, ageHours, currency }: Props) {
  const { sayTime } = useWords();
  const age = found.laidAt ? (now() - Date.parse(found.laidAt)) / HOUR_MS : ageHours;
  if (found.ways.length === 0) return null;
  return (
    <section aria-label="How it comes off" className="mt-2 max-w-[720px]">
      {found.laidAt && (
        <p className="text-sm text-faded">
          {found.product}, laid {sayTime(found.laidAt)}, {sayLength((age ?? 0) * 60)} ago. Every hour makes it dearer.
        </p>
      )}
      <ol className="mt-1">
        {found.ways.map((way) => (
          <Way key={way.fromHours} way={way} age={age} currency={currency} />
        ))}
      </ol>
    </section>
  );
}

function Way({ way, age, currency }: { way: WayOff; age: number | null; currency: string }) {
  const { inOurWords } = useWords();
  const { volume } = useMeasures();
  const gone = age !== null && way.untilHours !== null && age >= way.untilHours;
  const left = way.isNow && age !== null && way.untilHours !== null ? way.untilHours - age : null;
  return (
    <li
      className={`grid grid-cols-[1fr_auto] gap-x-4 border-b border-rule py-1.5 ${way.isNow ? 'border-l-4 border-l-ink bg-paper pl-3' : ''} ${gone ? 'text-faded line-through' : ''}`}
    >
      <span>
        <strong className="font-semibold">{inOurWords(way.words)}</strong>
        <span className="block text-sm text-faded">
          {way.isNow ? 'now' : `from ${sayLength(way.fromHours * 60)} on`}
          {left !== null && `, for another ${sayLength(left * 60)}`}
        </span>
      </span>
      <span className="text-right whitespace-nowrap">
        {sayHours(way.price.minutes)} h{isTold(way.price.cost) && `, ${sayMoney(way.price.cost, currency)}`}
        {way.price.litres > 0 && (
          <span className="block text-sm text-faded">
            {volume.say(way.price.litres)} {volume.unit}
          </span>
        )}
      </span>
    </li>
  );
}
