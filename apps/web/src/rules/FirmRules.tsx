import { TERM_CODES, TERM_LABELS, TERMS, USUAL_TERMS, type TermCode } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Coming, Refused } from '../page/Page.tsx';
import { newId, useSessionQuery } from '../store/api.ts';
import { useChangeTermsMutation } from '../store/systemsApi.ts';
import type { Session } from '../store/types.ts';
import { RulesPage } from './RulesPage.tsx';

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
      <Words firm={firm} />
    </RulesPage>
  );
}

/** Where good firms say the same thing otherwise. */
function Words({ firm }: { firm: Session['firm'] }) {
  const [change, { error }] = useChangeTermsMutation();
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
