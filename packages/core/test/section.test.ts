import { expect, test } from '@jest/globals';
import { assessSchema, caseOf, readBy, sectionOf } from '../src/index.ts';

/** What is drawn of a waterborne coat that lets go, and of what a chip showed under it. */
const drawn = (layers: readonly string[]) => {
  const { c } = caseOf(
    readBy(assessSchema, {
      surface: { element: 'trim', substrate: 'softwood', builtYear: 1985, areaM2: 12 },
      tests: [
        { kind: 'spirit-rub', result: 'transfer' },
        { kind: 'chip-look', layers },
        { kind: 'blade-lift', result: 'lifts-in-sheet' },
      ],
    }),
  );
  return sectionOf(c, [], () => null, new Set()).map(({ words, bond }) => [words, bond]);
};

test.each([
  [['waterborne', 'oil'], 'Oil paint'],
  [['waterborne', 'clear'], 'Varnish'],
  [['waterborne', 'oil', 'clear'], 'Oil paint'],
])('a chip that shows %j is drawn as %s under the waterborne coat, and its bond as it was found', (layers, words) => {
  expect(drawn(layers)).toEqual([
    ['Softwood', null],
    [words, null],
    ['Waterborne paint', expect.stringMatching(/weak|gone/)],
  ]);
});
