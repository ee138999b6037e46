import { Link } from 'react-router';
import { HOUSE_RULE_LABELS } from '@rustic/core';
import { FaultsByTime } from '../drawing/FaultsByTime.tsx';
import { Refused } from '../page/Page.tsx';
import { sayRoundMoney, isTold, type Sum } from '../words/figures.ts';
import { newId } from '../store/newId.ts';
import { type SurfacePage, useChooseSystemMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** What a way costs more or less, for whoever is told; too little to matter is not said. */
const sayAddedCost = (added: Sum, currency: string) =>
  isTold(added) && Math.abs(added) >= 100
    ? ` ${sayRoundMoney(Math.abs(added), currency)} ${added > 0 ? 'more' : 'less'}.`
    : '';

/** How a way stands by what matters to the firm. */
const weighs = (against: number, currency: string) =>
  Math.abs(against) < 100
    ? 'weighs the same by what matters to us'
    : `weighs ${sayRoundMoney(Math.abs(against), currency)} ${against < 0 ? 'less' : 'more'} by what matters to us`;

/** Other complete systems with what each trades, and where good firms part. */
export function OtherWays({ data }: { data: SurfacePage }) {
  const { inOurWords } = useWords();
  const [choose, { isLoading, error }] = useChooseSystemMutation();
  const begun = data.work.length > 0;
  const { currency } = data.firm;
  if (data.alternatives.length === 0 && data.schools.length === 0) return null;
  return (
    <div className="mt-4 text-[14.5px]">
      <h3 className="font-sans font-semibold">Instead</h3>
      <ul>
        {data.alternatives.map((a) => (
          <li key={a.key} className="flex flex-wrap items-start gap-3 border-b border-rule py-1.5 wide:flex-nowrap">
            <span className="flex-1 max-wide:basis-full">
              {inOurWords(a.differs)}
              {sayAddedCost(a.addedCost, currency)}
              {isTold(a.against) && <span className="block text-[13px] text-faded">{weighs(a.against, currency)}</span>}
            </span>
            <FaultsByTime faults={a.holds.faults} />
            {!begun && (
              <button
                type="button"
                disabled={isLoading}
                className="min-h-[44px] shrink-0 rounded border border-strong bg-leaf px-3 hover:border-ink wide:min-h-[30px]"
                onClick={() => void choose({ surfaceId: data.surface.id, id: newId(), key: a.key })}
              >
                Take this
              </button>
            )}
          </li>
        ))}
      </ul>
      {begun && <p className="mt-1 text-faded">Work is logged here, so the system stands.</p>}
      <Refused error={error} />
      {data.schools.length > 0 && (
        <div className="mt-2 flex flex-wrap items-start gap-x-6">
          <details>
            <summary className="cursor-pointer wide:min-h-[36px] wide:py-1.5">
              Where good firms differ here ({data.schools.length})
            </summary>
            <ul className="pl-4">
              {data.schools.map((s) => (
                <li key={s.rule + s.choice} className="py-0.5">
                  <span className="text-faded">{inOurWords(HOUSE_RULE_LABELS[s.rule].title)}:</span>{' '}
                  {inOurWords(s.differs)}
                  {sayAddedCost(s.addedCost, currency)}
                </li>
              ))}
            </ul>
          </details>
          <Link className="font-semibold underline wide:min-h-[36px] wide:py-1.5" to="schools">
            The schools side by side
          </Link>
        </div>
      )}
    </div>
  );
}
