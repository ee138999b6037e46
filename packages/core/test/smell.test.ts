import { describe, expect, test } from '@jest/globals';
import { assess } from '../src/index.ts';

const OLD_GLOSS = {
  surface: { element: 'trim', substrate: 'softwood', areaM2: 12, builtYear: 1985 },
  tests: [{ kind: 'spirit-rub', result: 'no-transfer' }],
  wanted: { colour: '#ffffff', lowOdour: true },
};
const lays = (family: string, way: { system: { steps: { family?: string }[] } }) =>
  way.system.steps.some((step) => step.family === family);

describe('what is said of the smell of another way', () => {
  const { system, alternatives } = assess(OLD_GLOSS as never);
  test('where nobody can have it, the first way is without', () => {
    for (const strong of ['shellac-primer', 'oil-primer', 'oil-enamel']) expect(lays(strong, { system })).toBe(false);
  });
  test('a low-odour oil is not said to smell strongly; oil enamel is', () => {
    const said = (family: string) => alternatives.find((way) => lays(family, way))!.differs;
    expect(said('low-odour-oil-primer')).not.toContain('smells strongly');
    expect(said('oil-enamel')).toContain('smells strongly');
  });
});
