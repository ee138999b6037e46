import { smellsStrongly } from '../systems/smell.ts';
import { HOUSE_RULES, HOUSE_RULE_CODES, HOUSE_RULE_LABELS, type HouseRuleCode } from '../vocabulary/index.ts';
import { priceOn, type SystemPrice } from '../pricing/price.ts';
import { waysOf, type Ways } from './alternatives.ts';
import { blocksOn, type Block } from '../systems/blocks.ts';
import { recase, type Case } from '../systems/case.ts';
import type { Composed } from '../systems/compose.ts';
import { guaranteeOf, type Guarantee } from '../failure/lasting.ts';
import { ruleReaches } from '../systems/knowledge/ruleReach.ts';
import { holdsOf, type Holds } from './holds.ts';
import { SCHOOLS, type SchoolWord } from './knowledge/schools.ts';
import type { Step } from '../model/step.ts';

/** One school's way on this surface, whole, with what it costs and who works so. */
export interface SchoolWay extends SchoolWord {
  rule: HouseRuleCode;
  choice: string;
  title: string;
  words: string;
  /** The choice that stands now. */
  ours: boolean;
  steps: Step[];
  price: SystemPrice;
  fumes: boolean;
  guarantee: Guarantee;
  holds: Holds;
  blocks: Block['code'][];
}

function wayOf(c: Case, rule: HouseRuleCode, choice: string, made: Composed): SchoolWay {
  const under = recase(c, { [rule]: choice });
  const price = priceOn(under, made.steps);
  return {
    ...SCHOOLS[rule][choice]!,
    rule,
    choice,
    title: HOUSE_RULE_LABELS[rule].title,
    words: HOUSE_RULE_LABELS[rule].choices[choice]!,
    ours: c.rules[rule] === choice,
    steps: made.steps,
    price,
    fumes: smellsStrongly(made.steps),
    guarantee: guaranteeOf(under, made.steps),
    holds: holdsOf(under, made.steps, price),
    blocks: blocksOn(under, made).map((b) => b.code),
  };
}

/**
 * Every rule on which the schools part on this surface, each with all its choices as whole systems, ours among them.
 * A rule whose choices come to the same system here is left out.
 */
export function schoolsSideBySide(c: Case, made: Composed, ways: Ways = waysOf(c)): Map<HouseRuleCode, SchoolWay[]> {
  const found = new Map<HouseRuleCode, SchoolWay[]>();
  const own = ways({}).key;
  for (const rule of HOUSE_RULE_CODES.filter((r) => ruleReaches(r, c))) {
    const choices = (HOUSE_RULES[rule] as readonly string[]).map((choice) => ({ choice, ...ways({ [rule]: choice }) }));
    const apart = choices.filter(({ choice, key }) => choice === c.rules[rule] || key !== own);
    if (apart.length < 2) continue;
    found.set(
      rule,
      apart.map(({ choice, made: other }) => wayOf(c, rule, choice, choice === c.rules[rule] ? made : other)),
    );
  }
  return found;
}
