import { useState, type ReactNode } from 'react';
import {
  DEFAULT_HOUSE_RULES,
  HOUSE_RULES,
  HOUSE_RULE_CODES,
  HOUSE_RULE_LABELS,
  SCHOOLS,
  type HouseRuleCode,
  type HouseRules,
} from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Page, Total } from '../page/Page.tsx';
import { capital } from '../words/figures.ts';
import { RuleChange } from './RuleChange.tsx';
import type { RuleLevel } from './level.ts';
import { useWords } from '../words/Words.tsx';

interface Props {
  level: RuleLevel;
  subject?: string;
  version: number;
  currency: string;
  title: string;
  above: ReactNode;
  /** What is set at this level, and what stands where nothing is. */
  own: Partial<HouseRules>;
  under: Partial<HouseRules>;
  children?: ReactNode;
}

/** The schools at one level: the firm's, a job's, a surface's. A tap asks what would change; nothing does until it is accepted. */
export function RulesPage({ level, subject, version, currency, title, above, own, under, children }: Props) {
  const { inOurWords } = useWords();
  const [asked, setAsked] = useState<Partial<HouseRules> | null>(null);
  const usual: HouseRules = { ...DEFAULT_HOUSE_RULES, ...under };
  const rules = { ...usual, ...(asked ?? own) };
  const ask = (rule: HouseRuleCode, choice: string | null) => {
    const others = Object.fromEntries(Object.entries(own).filter(([r]) => r !== rule));
    const next: Partial<HouseRules> = choice === null ? others : { ...others, [rule]: choice };
    setAsked(next[rule] === own[rule] ? null : next);
  };
  const set = Object.keys(own).filter((r) => level !== 'firm' || own[r as HouseRuleCode] !== usual[r as HouseRuleCode]);
  return (
    <Page
      title={title}
      above={above}
      footing={
        <Total words={level === 'firm' ? 'set otherwise than usual' : 'set for itself here'} figure={set.length} />
      }
      notes={[
        {
          n: 1,
          text: 'Each is a legitimate way of working with its own conditions. The first choice is the usual one: prime where the evidence calls for it.',
        },
        {
          n: 2,
          text: 'Safety comes first, then what the client wants, then these rules: a surface’s own over its job’s, a job’s over the firm’s.',
        },
        {
          n: 3,
          text: 'A settled system stands as it was settled. One that is not follows the rule as soon as it is accepted.',
        },
      ]}
    >
      {asked && (
        <RuleChange
          level={level}
          {...(subject ? { subject } : {})}
          version={version}
          currency={currency}
          houseRules={asked}
          onDone={() => setAsked(null)}
        />
      )}
      <ul>
        {HOUSE_RULE_CODES.map((rule) => (
          <li
            key={rule}
            className="grid items-start gap-x-4 gap-y-1 border-b border-rule py-1.5 wide:grid-cols-[190px_1fr]"
          >
            <span id={`rule-${rule}`} className="pt-1 font-semibold">
              {inOurWords(HOUSE_RULE_LABELS[rule].title)}
            </span>
            <div>
              <div className="flex flex-wrap gap-1.5" role="group" aria-labelledby={`rule-${rule}`}>
                {level !== 'firm' && (
                  <Chip pressed={(asked ?? own)[rule] === undefined} onPress={() => ask(rule, null)}>
                    as the {level === 'job' ? 'firm' : 'job'}:{' '}
                    {inOurWords(HOUSE_RULE_LABELS[rule].choices[usual[rule]]!)}
                  </Chip>
                )}
                {HOUSE_RULES[rule].map((choice) => (
                  <Chip
                    key={choice}
                    pressed={rules[rule] === choice && (level === 'firm' || (asked ?? own)[rule] !== undefined)}
                    onPress={() => ask(rule, choice)}
                  >
                    {inOurWords(HOUSE_RULE_LABELS[rule].choices[choice]!)}
                  </Chip>
                ))}
              </div>
              <p className="text-[13.5px] text-faded">
                {capital(SCHOOLS[rule][rules[rule]]!.prefers)}: {SCHOOLS[rule][rules[rule]]!.because}.
              </p>
            </div>
          </li>
        ))}
      </ul>
      {children}
    </Page>
  );
}
