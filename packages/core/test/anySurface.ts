import fc from 'fast-check';
import { CONDITIONS, ELEMENTS, EXPOSURES, HOUSE_RULES, SUBSTRATES } from '../src/index.ts';

/** A painted surface of any kind: where it is, what it is made of, what is wrong with it. */
export const anySurface = fc.record({
  element: fc.constantFrom(...ELEMENTS),
  substrate: fc.constantFrom(...SUBSTRATES),
  exposure: fc.constantFrom(...EXPOSURES),
  conditions: fc.subarray([...CONDITIONS], { maxLength: 4 }),
  areaM2: fc.integer({ min: 1, max: 60 }),
  builtYear: fc.constantFrom(1905, 1968, 2019),
  currentColour: fc.constantFrom('#f4f1e8', '#22384d'),
});

/** Some house rules, each set to one of its choices; the others are left unsaid. */
export const anyHouseRules = fc.record(
  Object.fromEntries(Object.entries(HOUSE_RULES).map(([rule, choices]) => [rule, fc.constantFrom(...choices)])),
  { requiredKeys: [] },
);
