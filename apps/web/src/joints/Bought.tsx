import { FAMILY_LABELS } from '@rustic/core';
import type { JointsPage } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { capital, isTold, sayMoney } from '../words/figures.ts';
import { sayMetres } from '../words/length.ts';
import { useWords } from '../words/Words.tsx';

/** What is squeezed into the joints of the room, and what that takes. */
export function Bought({ data: { beads, families, currency } }: { data: JointsPage }) {
  const units = useSight((s) => s.units);
  const { inOurWords } = useWords();
  if (beads.length === 0) return null;
  return (
    <section aria-label="What is bought for them" className="mt-4">
      <h2 className="border-b-2 border-ink text-[18px]">What is bought for them</h2>
      <ul>
        {beads.map(({ key, words, unit, count, price }) => (
          <li key={key} className="flex justify-between gap-4 border-b border-rule py-1">
            <span>{inOurWords(capital(words))}</span>
            <span className="whitespace-nowrap">
              {count} {count === 1 ? unit : `${unit}s`}
              {isTold(price) && `, ${sayMoney(price, currency)}`}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-faded">
        {families.map((f) => `${capital(FAMILY_LABELS[f.family])} ${sayMetres(f.metres, units)}`).join(', ')}. They
        stand on the shopping list of the job with the rest.
      </p>
    </section>
  );
}
