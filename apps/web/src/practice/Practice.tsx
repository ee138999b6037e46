import { useState } from 'react';
import {
  chooseTreatment,
  drillCost,
  drillOf,
  drillTest,
  pricesFor,
  DRILL_TESTS,
  FINISH_LABELS,
  posteriorOdds,
  rankedFinishes,
  TEST_LABELS,
  type Drill,
  type TestRecord,
  type Treatment,
  testWords,
} from '@rustic/core';
import { Odds } from '../drawing/Odds.tsx';
import { Act, Chip } from '../page/Act.tsx';
import { Page, Total } from '../page/Page.tsx';
import { sayRoundMoney } from '../words/figures.ts';

const WORDS: Record<Treatment, string> = {
  bare: 'prime as bare',
  waterborne: 'paint over as waterborne',
  oil: 'dull, prime and go over as oil',
  'over-oil': 'patch and bind as waterborne on oil',
  clear: 'scuff and block as varnish',
  wax: 'strip the wax',
  laminate: 'bond as laminate',
  distemper: 'wash off as distemper',
  primed: 'finish over the primer',
  aerosol: 'block as spray-can paint',
};
const OFFERED: Treatment[] = ['waterborne', 'oil', 'over-oil', 'clear', 'bare', 'wax', 'distemper'];
const begin = () => drillOf(Math.random(), Math.random());

/** Drills: a surface with a hidden finish, minutes to test with, a decision, and what it would have cost. */
export default function Practice() {
  const [drill, setDrill] = useState<Drill>(begin);
  const [tests, setTests] = useState<TestRecord[]>([]);
  const [chosen, setChosen] = useState<Treatment | null>(null);
  const spent = tests.reduce((sum, t) => sum + (DRILL_TESTS.find((d) => d.kind === t.kind)?.minutes ?? 0), 0);
  const odds = posteriorOdds(drill.surface, tests);
  const again = () => {
    setDrill(begin());
    setTests([]);
    setChosen(null);
  };
  const notes = chosen
    ? [
        {
          n: 1,
          head: `It was ${FINISH_LABELS[drill.truth]}.`,
          text:
            drillCost(drill, chosen) === 0
              ? 'Your way was right for it.'
              : `To ${WORDS[chosen]} costs about ${sayRoundMoney(drillCost(drill, chosen), 'GBP')} against knowing it.`,
        },
        {
          n: 2,
          text: `On what you had tested, the engine would ${WORDS[chooseTreatment(odds, pricesFor(drill.surface))]}: the least expected loss, not always the likeliest finish.`,
        },
      ]
    : [
        {
          n: 1,
          text: 'Each test costs minutes. What it shows is drawn from the same table that the diagnosis reads, so a test can mislead here as it does on site.',
        },
      ];
  return (
    <Page
      title="Practice"
      above="what is on it?"
      notes={notes}
      acts={<Act letter="n" words="Another surface" onAct={again} />}
      footing={
        <>
          <Total words="minutes spent" figure={`${spent} of ${drill.budget}`} />
          <Total words="tests" figure={tests.length} />
        </>
      }
    >
      <p className="mb-4 max-w-[60ch] font-serif text-[18px]">{drill.story}</p>
      <h2 className="mb-1 text-[19px]">Test</h2>
      <div className="flex flex-wrap gap-2">
        {DRILL_TESTS.map((t) => (
          <button
            key={t.kind}
            type="button"
            disabled={chosen !== null || spent + t.minutes > drill.budget}
            onClick={() =>
              setTests([...tests, drillTest(t.kind, drill.lies, Math.random(), `place ${tests.length + 1}`)])
            }
            className="min-h-[44px] rounded border border-ink bg-leaf px-3 disabled:border-strong disabled:text-faded"
          >
            {TEST_LABELS[t.kind]}, {t.minutes} min
          </button>
        ))}
      </div>
      <ul className="my-3 flex flex-wrap gap-2" aria-live="polite">
        {tests.map((t, i) => (
          <li key={i} className="rounded-sm border border-strong bg-leaf px-2.5 py-0.5">
            {testWords(t)}
          </li>
        ))}
      </ul>
      <h2 className="mb-1 text-[19px]">Decide</h2>
      <div className="flex flex-wrap gap-2">
        {OFFERED.map((t) => (
          <Chip
            key={t}
            pressed={chosen === t}
            onPress={() => {
              if (!chosen) setChosen(t);
            }}
          >
            {WORDS[t]}
          </Chip>
        ))}
      </div>
      {chosen && (
        <div className="mt-4 border-y-2 border-ink bg-leaf px-4 py-3" role="status">
          <p className="font-semibold">
            {notes[0]!.head} {notes[0]!.text}
          </p>
          <p className="mt-1 wide:hidden">{notes[1]!.text}</p>
          <h3 className="mt-3 font-sans text-sm text-faded">The odds on what you had tested</h3>
          <Odds finish={rankedFinishes(odds)} />
        </div>
      )}
    </Page>
  );
}
