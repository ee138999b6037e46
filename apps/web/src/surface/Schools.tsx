import { useState } from 'react';
import { useParams } from 'react-router';
import { HOUSE_RULE_LABELS, type HouseRuleCode } from '@rustic/core';
import { FaultsByTime, WhatMayGoWrong } from '../drawing/FaultsByTime.tsx';
import { Chip } from '../page/Act.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { RuleChange } from '../rules/RuleChange.tsx';
import { sayInHundred, sayTerm } from '../words/consequence.ts';
import { capital, sayHours, sayRoundMoney, isTold } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { schoolRows } from './schoolRows.ts';
import { SurfacePath } from '../page/SurfacePath.tsx';
import { type SchoolPart, useSchoolsQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** The same surface under each school, side by side. */
export default function Schools() {
  const { inOurWords } = useWords();
  const { surfaceId = '' } = useParams();
  const { data, error, refetch } = useSchoolsQuery(surfaceId);
  const [chosen, setChosen] = useState<HouseRuleCode | null>(null);
  const [asked, setAsked] = useState<SchoolPart | null>(null);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const open = data.rules.find((r) => r.rule === chosen) ?? data.rules[0];
  return (
    <Page
      title="The schools side by side"
      wide
      above={<SurfacePath job={data.job} surface={data.surface} />}
      footing={<Total words="rules on which good firms part here" figure={data.rules.length} />}
    >
      {!open && <p className="py-6">On this surface every school does the same.</p>}
      {open && (
        <>
          <div role="group" aria-label="Rule" className="mb-3 flex flex-wrap gap-1.5">
            {data.rules.map(({ rule }) => (
              <Chip
                key={rule}
                pressed={rule === open.rule}
                onPress={() => {
                  setChosen(rule);
                  setAsked(null);
                }}
              >
                {inOurWords(HOUSE_RULE_LABELS[rule].title)}
              </Chip>
            ))}
          </div>
          {asked && (
            <RuleChange
              level="surface"
              subject={surfaceId}
              version={data.surface.version}
              currency={data.currency}
              houseRules={{ ...data.surface.houseRules, [asked.rule]: asked.choice }}
              onDone={() => setAsked(null)}
            />
          )}
          <SideBySide ways={open.ways} currency={data.currency} onTake={setAsked} />
        </>
      )}
    </Page>
  );
}

interface SideProps {
  ways: readonly SchoolPart[];
  currency: string;
  onTake: (way: SchoolPart) => void;
}

function SideBySide({ ways, currency, onTake }: SideProps) {
  const { inOurWords, sayStep } = useWords();
  const figures: [string, (way: SchoolPart) => string][] = [
    ['hours', (w) => sayHours(w.price.minutes)],
    ...(ways.some((w) => isTold(w.price.cost))
      ? [
          ['labour and paint', (w: SchoolPart) => sayRoundMoney(w.price.cost, currency)] as [
            string,
            (w: SchoolPart) => string,
          ],
        ]
      : []),
    ['waiting', (w) => sayLength(w.price.waitingMin)],
    ['smell', (w) => (w.fumes ? 'strong' : 'low')],
    ['called back in a year', (w) => sayInHundred(w.guarantee.aYear)],
    [
      'guarantee',
      (w) =>
        w.guarantee.months === null ? `withheld: ${inOurWords(w.guarantee.withheld[0]!)}` : sayTerm(w.guarantee.months),
    ],
  ];
  return (
    <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Schools">
      <table className="w-full min-w-[720px] table-fixed border-collapse text-[14.5px]">
        <thead>
          <tr className="align-top">
            {ways.map((w) => (
              <th key={w.choice} scope="col" className="border-b-2 border-ink px-2 pb-2 text-left font-normal">
                <strong className="font-serif text-[16px]">{capital(inOurWords(w.words))}</strong>
                {w.ours && <span className="ml-1.5 rounded-sm bg-ink px-1.5 text-[12.5px] text-onink">ours</span>}
                <span className="block text-[13.5px] text-faded">
                  {capital(w.prefers)}: {w.because}.
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {figures.map(([words, say], i) => (
            <tr
              key={words}
              className={`align-top ${i === figures.length - 1 ? 'border-b-4 border-double border-ink' : ''}`}
            >
              {ways.map((w) => (
                <td key={w.choice} className="px-2 py-0.5">
                  <span className="text-[13px] text-faded">{words}</span> <strong>{say(w)}</strong>
                </td>
              ))}
            </tr>
          ))}
          <tr className="border-b border-rule align-top">
            {ways.map((w) => (
              <td key={w.choice} className="px-2 py-1.5">
                <span className="block text-[13px] text-faded">may go wrong</span>
                <FaultsByTime faults={w.holds.faults} />
                <ul className="text-[13.5px]">
                  <WhatMayGoWrong faults={w.holds.faults} />
                </ul>
              </td>
            ))}
          </tr>
        </tbody>
        <tbody>
          {schoolRows(ways).map((row, i) => {
            const alike = row.every((s) => s !== null && sayStep(s) === sayStep(row[0] ?? s));
            return (
              <tr key={i} className={`border-b border-rule align-top ${alike ? 'text-faded' : ''}`}>
                {row.map((step, column) => (
                  <td key={column} className="px-2 py-1">
                    {step ? sayStep(step) : <span aria-label="not done">–</span>}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
        <tfoot>
          <tr className="no-print">
            {ways.map((w) => (
              <td key={w.choice} className="px-2 py-2">
                {!w.ours && (
                  <button
                    type="button"
                    className="min-h-[44px] rounded border border-strong bg-leaf px-3 hover:border-ink wide:min-h-[34px]"
                    onClick={() => onTake(w)}
                  >
                    Work so on this surface
                  </button>
                )}
              </td>
            ))}
          </tr>
        </tfoot>
      </table>
    </div>
  );
}
