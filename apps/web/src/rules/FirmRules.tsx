import {
  TERM_CODES,
  TERM_LABELS,
  TERMS,
  USUAL_TERMS,
  USUAL_WEIGHTS,
  WEIGHT_CODES,
  type TermCode,
  type Weights,
} from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Coming, Refused } from '../page/Page.tsx';
import { RulesPage } from './RulesPage.tsx';
import { newId } from '../store/newId.ts';
import { type Session, useChangeFirmMutation, useSessionQuery } from '../store/endpoints.ts';

/** The schools as this firm works, and the words it uses. */
export default function FirmRules() {
  const { data, error, refetch } = useSessionQuery();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const { firm } = data;
  return (
    <RulesPage
      level="firm"
      version={firm.version}
      currency={firm.currency}
      title="House rules"
      above={firm.name}
      own={firm.houseRules}
      under={{}}
    >
      <WhatMatters firm={firm} />
      <Words firm={firm} />
    </RulesPage>
  );
}

/** Where good firms say the same thing otherwise. */
function Words({ firm }: { firm: Session['firm'] }) {
  const [change, { error }] = useChangeFirmMutation();
  const terms = { ...USUAL_TERMS, ...firm.terms };
  const set = (code: TermCode, choice: string) =>
    void change({ id: newId(), version: firm.version, terms: { [code]: choice } });
  return (
    <section aria-labelledby="words" className="mt-6">
      <h2 id="words" className="text-[19px]">
        Our words
      </h2>
      <Refused error={error} />
      <ul>
        {TERM_CODES.map((code) => (
          <li key={code} className="grid items-start gap-x-4 py-1.5 wide:grid-cols-[190px_1fr]">
            <span id={`term-${code}`} className="pt-1 font-semibold">
              {TERM_LABELS[code].title}
            </span>
            <div>
              <div className="flex flex-wrap gap-1.5" role="group" aria-labelledby={`term-${code}`}>
                {TERMS[code].map((choice) => (
                  <Chip key={choice} pressed={terms[code] === choice} onPress={() => set(code, choice)}>
                    {TERM_LABELS[code].choices[choice]}
                  </Chip>
                ))}
              </div>
              <p className="text-[13.5px] text-faded">{TERM_LABELS[code].note}</p>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

const WEIGHT_WORDS: Record<keyof Weights, { title: string; note: string }> = {
  cost: { title: 'What it costs', note: 'Hours and paint.' },
  time: { title: 'Waiting', note: 'A day of drying weighs as an hour of work, as usual.' },
  fumes: { title: 'Smell', note: 'Strong vapour in a room weighs as an hour and a half of work, as usual.' },
  durability: { title: 'How long it lasts', note: 'Call-backs in five years, by exposure, finish and coats.' },
  risk: { title: 'Being wrong', note: 'The chance that something else is there, and it is done again.' },
};
const HOW_MUCH = [
  [0, 'not at all'],
  [0.5, 'a little'],
  [1, 'as usual'],
  [2, 'much'],
] as const;

/** By what other ways are ranked on every surface. */
function WhatMatters({ firm }: { firm: Session['firm'] }) {
  const [change, { error }] = useChangeFirmMutation();
  const weights = { ...USUAL_WEIGHTS, ...firm.weights };
  return (
    <section aria-labelledby="matters" className="mt-6">
      <h2 id="matters" className="text-[19px]">
        What matters to us
      </h2>
      <p className="text-sm text-faded">Other ways are ranked by it on every surface, in money.</p>
      <Refused error={error} />
      <ul>
        {WEIGHT_CODES.map((code) => (
          <li key={code} className="grid items-start gap-x-4 py-1.5 wide:grid-cols-[190px_1fr]">
            <span id={`weight-${code}`} className="pt-1 font-semibold">
              {WEIGHT_WORDS[code].title}
            </span>
            <div>
              <div className="flex flex-wrap gap-1.5" role="group" aria-labelledby={`weight-${code}`}>
                {HOW_MUCH.map(([weight, words]) => (
                  <Chip
                    key={words}
                    pressed={weights[code] === weight}
                    onPress={() => void change({ id: newId(), version: firm.version, weights: { [code]: weight } })}
                  >
                    {words}
                  </Chip>
                ))}
              </div>
              <p className="text-[13.5px] text-faded">{WEIGHT_WORDS[code].note}</p>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
