import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { FAMILY_LABELS, inTerms, SUBSTRATE_LABELS, TERM_CODES, TERM_LABELS, TERMS, USUAL_TERMS } from '../src/index.ts';

describe('the firm’s own words', () => {
  test('every term has its title and a word for each choice; the first is the usual one', () => {
    for (const code of TERM_CODES) {
      expect(Object.keys(TERM_LABELS[code].choices).sort()).toEqual([...TERMS[code]].sort());
      expect(USUAL_TERMS[code]).toBe(TERMS[code][0]);
    }
  });
  test('in the usual words everything is said as it was written', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(inTerms(text, USUAL_TERMS)).toBe(text);
        expect(inTerms(text, {})).toBe(text);
      }),
      { numRuns: 200, seed: 1 },
    );
  });
  test('said in the firm’s words, the usual word is gone, and saying it twice changes nothing more', () => {
    const terms = { board: 'drywall', firstCoat: 'undercoat' } as const;
    for (const words of [...Object.values(FAMILY_LABELS), ...Object.values(SUBSTRATE_LABELS)]) {
      const once = inTerms(words, terms);
      expect(once).not.toMatch(/plasterboard/i);
      expect(inTerms(once, terms)).toBe(once);
    }
    expect(inTerms('Primers on plasterboards', terms)).toBe('Undercoats on drywalls');
  });
  test('a word inside another is left alone, and what tells two products apart stays', () => {
    const terms = { firstCoat: 'undercoat' } as const;
    expect(inTerms('primerless, unprimered', terms)).toBe('primerless, unprimered');
    expect(inTerms('low-odour oil primer', terms)).toBe('low-odour oil primer');
    expect(inTerms('Primer, then undercoat', terms)).toBe('Primer, then undercoat');
    expect(inTerms('A primer grips.', terms)).toBe('An undercoat grips.');
  });
});
