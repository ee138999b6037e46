import {
  DEFAULT_HOUSE_RULES,
  HOUSE_RULES,
  HOUSE_RULE_CODES,
  HOUSE_RULE_LABELS,
  type HouseRuleCode,
} from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { newId, useChangeRulesMutation, useSessionQuery } from '../store/api.ts';

/** The schools, as this firm works. A tap changes one; systems not yet settled follow at once. */
export default function Rules() {
  const { data, error, refetch } = useSessionQuery();
  const [change, changing] = useChangeRulesMutation();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const rules = { ...DEFAULT_HOUSE_RULES, ...data.firm.houseRules };
  const set = (rule: HouseRuleCode, choice: string) =>
    void change({ id: newId(), version: data.firm.version, houseRules: { ...data.firm.houseRules, [rule]: choice } });
  const departed = HOUSE_RULE_CODES.filter((r) => rules[r] !== DEFAULT_HOUSE_RULES[r]).length;
  return (
    <Page
      title="House rules"
      above={data.firm.name}
      footing={<Total words="set otherwise than usual" figure={departed} />}
      notes={[
        {
          n: 1,
          text: 'Each is a legitimate way of working with its own conditions. The first choice is the usual one: prime where the evidence calls for it.',
        },
        {
          n: 2,
          text: 'Safety comes first, then what the client wants, then these rules. What a rule costs and risks on a surface stands on that surface’s page.',
        },
      ]}
    >
      <Refused error={changing.error} />
      <ul>
        {HOUSE_RULE_CODES.map((rule) => (
          <li
            key={rule}
            className="grid items-center gap-x-4 gap-y-1 border-b border-rule py-1.5 wide:grid-cols-[190px_1fr]"
          >
            <span id={`rule-${rule}`} className="font-semibold">
              {HOUSE_RULE_LABELS[rule].title}
            </span>
            <div className="flex flex-wrap gap-1.5" role="group" aria-labelledby={`rule-${rule}`}>
              {HOUSE_RULES[rule].map((choice) => (
                <Chip key={choice} pressed={rules[rule] === choice} onPress={() => set(rule, choice)}>
                  {HOUSE_RULE_LABELS[rule].choices[choice]}
                </Chip>
              ))}
            </div>
          </li>
        ))}
      </ul>
    </Page>
  );
}
