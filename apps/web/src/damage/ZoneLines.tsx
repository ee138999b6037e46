import { DAMAGE_LABELS, sayArea, type Damage } from '@rustic/core';
import { Mark } from '../page/notes.tsx';
import type { DamagePage } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { capital, isTold, sayRoundMoney } from '../words/figures.ts';

interface Props {
  zones: DamagePage['zones'];
  currency: string;
  chosen: string;
  onChoose: (damage: Damage) => void;
}

/** Each kind of damage with how large it may be, and what the surface comes to at either end. */
export function ZoneLines({ zones, currency, chosen, onChoose }: Props) {
  const units = useSight((s) => s.units);
  if (zones.length === 0) return null;
  return (
    <ul aria-label="How large it is" className="mt-3 border-t border-rule">
      {zones.map(({ damage, looks, likelyM2, lowM2, highM2, costLow, costHigh }) => (
        <li key={damage} className={`border-b border-rule ${damage === chosen ? 'bg-tab' : ''}`}>
          <button
            type="button"
            aria-pressed={damage === chosen}
            onClick={() => onChoose(damage)}
            className="flex min-h-[44px] w-full flex-wrap items-center gap-x-4 px-1 text-left"
          >
            <strong className="min-w-32 flex-1 font-semibold">{capital(DAMAGE_LABELS[damage])}</strong>
            <span>
              about {sayArea(likelyM2, units)}
              <Mark n={1} />
            </span>
            <span className="text-sm text-faded">
              {sayArea(lowM2, units)} to {sayArea(highM2, units)}, from {looks} {looks === 1 ? 'look' : 'looks'}
            </span>
            {isTold(costLow) && isTold(costHigh) && (
              <span className="w-full text-right wide:w-44">
                {sayRoundMoney(costLow, currency)} to {sayRoundMoney(costHigh, currency)}
                <Mark n={2} />
              </span>
            )}
          </button>
        </li>
      ))}
    </ul>
  );
}
