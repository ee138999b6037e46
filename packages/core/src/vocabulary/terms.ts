import { inUsMeasures } from '../units/usText.ts';

/**
 * The firm's own words, where good firms say the same thing otherwise. The first of each is the usual one. What the
 * engine says is written in the usual words and put into the firm's on its way to a page or a paper.
 */
export const TERMS = {
  board: ['plasterboard', 'drywall'],
  firstCoat: ['primer', 'undercoat'],
  units: ['metric', 'us'],
} as const;
export type TermCode = keyof typeof TERMS;
export type Terms = { [T in TermCode]: (typeof TERMS)[T][number] };
export const TERM_CODES = Object.keys(TERMS) as TermCode[];
export const USUAL_TERMS = Object.fromEntries(TERM_CODES.map((code) => [code, TERMS[code][0]])) as unknown as Terms;

export const TERM_LABELS: Record<TermCode, { title: string; choices: Record<string, string>; note: string }> = {
  board: {
    title: 'Board on walls',
    choices: { plasterboard: 'plasterboard', drywall: 'drywall' },
    note: 'Two names for one thing.',
  },
  firstCoat: {
    title: 'The coat under the finish',
    choices: { primer: 'primer', undercoat: 'undercoat' },
    note: 'Primer and undercoat are used for one another; an oil undercoat under enamel keeps its name either way.',
  },
  units: {
    title: 'Sizes',
    choices: { metric: 'metric', us: 'US customary' },
    note: 'What a person of the firm sees until he or she chooses otherwise; the record is kept in metres.',
  },
};

/** Whole words that change with a term; what stands in `but` keeps its word. Plural and capital follow. */
const WORDS: Partial<Record<TermCode, { from: string; to: Record<string, string>; but: RegExp }>> = {
  board: { from: 'plasterboard', to: { drywall: 'drywall' }, but: /$^/ },
  // "Primer-undercoat" is one product; a primer named beside an undercoat is told apart from it.
  firstCoat: { from: 'primer', to: { undercoat: 'undercoat' }, but: /primer-undercoat|primer, then undercoat|oil primer/i },
};

const likewise = (model: string, word: string) => (model[0] === model[0]!.toUpperCase() ? word[0]!.toUpperCase() + word.slice(1) : word);

/** What the engine says, in the firm's own words. Text that people wrote is not put through it. */
export function inTerms(text: string, terms: Partial<Terms>): string {
  let said = text;
  for (const code of TERM_CODES) {
    const rule = WORDS[code];
    const to = rule?.to[terms[code] ?? ''];
    if (!rule || !to) continue;
    const pattern = new RegExp(`${rule.but.source}|\\b${rule.from}(?=s?\\b)`, 'gi');
    said = said.replace(pattern, (found) => (found.toLowerCase() === rule.from ? likewise(found, to) : found));
    if (/^[aeiou]/.test(to)) said = said.replace(new RegExp(`\\b(a) (?=${to})`, 'gi'), '$1n ');
  }
  return terms.units === 'us' ? inUsMeasures(said) : said;
}
