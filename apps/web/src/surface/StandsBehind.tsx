import { CONDITION_LABELS } from '@rustic/core';
import { FaultsByTime, WhatMayGoWrong } from '../drawing/FaultsByTime.tsx';
import { sayInHundred, sayTerm } from '../words/consequence.ts';
import { sayPercent, sayRoundMoney, isTold, sayWorth } from '../words/figures.ts';
import type { DoubtPart, SurfacePage } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** What the firm stands behind, what another year would cost, and what was weighed where it is not sure. */
export function StandsBehind({ data }: { data: SurfacePage }) {
  const { inOurWords } = useWords();
  const { guarantee, anotherYear, doubt } = data;
  const { currency } = data.firm;
  // Once work is logged, waiting and choosing are past.
  const open = data.work.length === 0;
  return (
    <dl className="mt-2 grid gap-x-4 gap-y-1 text-[14.5px] wide:grid-cols-[150px_1fr]">
      <dt className="font-semibold">Guarantee</dt>
      <dd>
        {guarantee.months !== null ? (
          <>
            {sayTerm(guarantee.months)}{' '}
            <span className="text-faded">
              ({sayInHundred(guarantee.aYear)} called back in a year
              {guarantee.held.toFixed(1) !== '1.0' &&
                `, ${guarantee.held.toFixed(1)} times the typical by the firm’s own record`}
              )
            </span>
          </>
        ) : (
          <ul>
            {guarantee.withheld.map((why) => (
              <li key={why}>
                <strong className="text-madder">Withheld.</strong> {inOurWords(why)}
              </li>
            ))}
          </ul>
        )}
      </dd>
      {data.holds.faults.length > 0 && (
        <>
          <dt className="font-semibold">May go wrong</dt>
          <dd className="flex flex-wrap items-start gap-x-6 gap-y-1">
            <FaultsByTime faults={data.holds.faults} />
            <ul className="min-w-[240px] flex-1">
              <WhatMayGoWrong faults={data.holds.faults} />
            </ul>
          </dd>
        </>
      )}
      {open && anotherYear.brings.length > 0 && (
        <>
          <dt className="font-semibold">Left another year</dt>
          <dd>
            {isTold(anotherYear.expectedCost)
              ? `about ${sayRoundMoney(anotherYear.expectedCost, currency)} more to do then`
              : 'more to do then'}
            <ul className="text-faded">
              {anotherYear.brings.map((b) => (
                <li key={b.condition}>
                  {CONDITION_LABELS[b.condition]}: {sayInHundred(b.odds)}
                  {isTold(b.addedCost) && b.addedCost > 0 && `, ${sayRoundMoney(b.addedCost, currency)} more`}.{' '}
                  {inOurWords(b.text)}
                </li>
              ))}
            </ul>
          </dd>
        </>
      )}
      {open && doubt && <UnderDoubt doubt={doubt} currency={currency} />}
    </dl>
  );
}

/** The systems for everything it may be, by what each expects to lose. */
function UnderDoubt({ doubt, currency }: { doubt: DoubtPart; currency: string }) {
  const chosen = doubt.options.find((o) => o.chosen)!;
  const likeliest = doubt.options.reduce((best, o) => (o.share > best.share ? o : best));
  return (
    <>
      <dt className="font-semibold">If it is not</dt>
      <dd>
        <table className="w-full max-w-[520px] border-collapse text-[14px]">
          <thead>
            <tr className="text-right text-[13px] text-faded">
              <th scope="col" className="text-left font-normal">
                made for
              </th>
              <th scope="col" className="font-normal">
                chance
              </th>
              {isTold(chosen.cost) && (
                <>
                  <th scope="col" className="font-normal">
                    costs
                  </th>
                  <th scope="col" className="font-normal">
                    expects to lose
                  </th>
                </>
              )}
            </tr>
          </thead>
          <tbody>
            {doubt.options.map((o) => (
              <tr key={o.treatAs} className={`border-t border-rule text-right ${o.chosen ? 'font-semibold' : ''}`}>
                <td className="py-0.5 text-left">
                  {o.words}
                  {o.chosen && ', taken'}
                </td>
                <td>{sayPercent(o.share)}</td>
                {isTold(o.cost) && (
                  <>
                    <td>{sayRoundMoney(o.cost, currency)}</td>
                    <td>{sayRoundMoney(o.expectedLoss, currency)}</td>
                  </>
                )}
              </tr>
            ))}
          </tbody>
        </table>
        {doubt.safer && (
          <p className="mt-1">
            {likeliest.words} is likelier, but its system expects to lose{' '}
            {isTold(likeliest.expectedLoss) &&
              isTold(chosen.expectedLoss) &&
              sayRoundMoney(likeliest.expectedLoss - chosen.expectedLoss, currency)}{' '}
            more: the safer one is worth its price.
          </p>
        )}
        <p className="text-faded">
          {doubt.test
            ? `One more test pays here${sayWorth(doubt.test.expectedSaving, currency)}.`
            : 'No test here is worth its minutes any more.'}
        </p>
      </dd>
    </>
  );
}
