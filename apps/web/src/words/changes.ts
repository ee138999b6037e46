import { sayHours, sayMoney } from './figures.ts';
import type { Finding } from '../store/endpoints.ts';
import type { OurWords } from './ourWords.ts';

/** What a finding changed, in a sentence. */
export function changesIn(
  { changes }: Pick<Finding, 'changes'>,
  currency: string,
  sayStep: OurWords['sayStep'],
): string {
  const { added, removed, minutes, cost } = changes;
  const parts = [
    added.length ? `adds ${added.map((s) => lower(sayStep(s))).join('; ')}` : '',
    removed.length ? `drops ${removed.map((s) => lower(sayStep(s))).join('; ')}` : '',
    minutes ? `${minutes > 0 ? '+' : '−'}${sayHours(Math.abs(minutes))} h` : '',
    cost ? `${cost > 0 ? '+' : '−'}${sayMoney(Math.abs(cost), currency)}` : '',
  ].filter(Boolean);
  return parts.length ? `It changes the system: ${parts.join(', ')}.` : 'It changes nothing in the system.';
}

const lower = (text: string) => text[0]!.toLowerCase() + text.slice(1);
