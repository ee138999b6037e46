import { describe, expect, test } from '@jest/globals';
import { assessSchema, caseOf, estimateSystem, minutesOf, priceJob, readBy, USUAL_SETTINGS } from '../src/index.ts';

const read = (surface: object, wanted: object = {}) => caseOf(readBy(assessSchema, { surface, wanted }));
/** What is squeezed along the joints, by what it is, in cartridges. */
const cartridges = ({ c, made }: Pick<ReturnType<typeof read>, 'c' | 'made'>) =>
  Object.fromEntries(
    priceJob([{ surfaceId: 'a', c, steps: made.steps }], USUAL_SETTINGS)
      .sundries.filter((s) => s.unit === 'cartridge')
      .map((s) => [s.key.replace('/', ''), s.count]),
  );
const TILE = { element: 'wall', substrate: 'ceramic-tile', areaM2: 6 };
const TRIM = {
  element: 'trim',
  substrate: 'softwood',
  areaM2: 20,
  currentFinish: 'waterborne-acrylic',
  builtYear: 2001,
};

describe('joints', () => {
  test.each(['interior-wet', 'interior-grease'])(
    'on tile (%s) are sealed with silicone, and silicone is bought',
    (exposure) => {
      const gaps = { ...TILE, exposure, conditions: ['gaps'], extents: { gaps: { lengthM: 31 } } };
      for (const wanted of [{ leaveBare: true }, { colour: '#ffffff' }]) {
        const found = read(gaps, wanted);
        expect(found.made.steps.filter((s) => s.kind === 'caulk').map((s) => s.family)).toEqual(['silicone-sealant']);
        expect(cartridges(found)).toEqual({ 'silicone-bead': 3 });
      }
    },
  );
  test('each bead is bought by its own metres, and worked along them alone', () => {
    const both = {
      ...TRIM,
      conditions: ['silicone', 'gaps'],
      extents: { silicone: { lengthM: 12 }, gaps: { lengthM: 40 } },
    };
    const found = read(both, { colour: '#ffffff' });
    expect(cartridges(found)).toEqual({ 'acrylic-bead': 3, 'hybrid-bead': 1 });
    const minutesFor = (surface: object, kind: string) => {
      const { c, made } = read(surface, { colour: '#ffffff' });
      return minutesOf(
        made.steps.find((s) => s.kind === kind)!,
        c.d.surface,
      );
    };
    const siliconeOnly = { ...TRIM, conditions: ['silicone'], extents: { silicone: { lengthM: 12 } } };
    expect(minutesFor(both, 'remove-sealant')).toBe(minutesFor(siliconeOnly, 'remove-sealant'));
    const twice = { ...siliconeOnly, extents: { silicone: { lengthM: 24 } } };
    expect(minutesFor(twice, 'remove-sealant')).toBeGreaterThan(minutesFor(siliconeOnly, 'remove-sealant') * 1.5);
  });
  test('unmeasured ones are counted by the face', () => {
    expect(cartridges(read({ ...TRIM, conditions: ['gaps'] }, { colour: '#ffffff' }))).toEqual({ 'acrylic-bead': 1 });
    const { c, made } = read({ ...TRIM, exposure: 'exterior-exposed', conditions: ['gaps'] }, { colour: '#ffffff' });
    expect(cartridges({ c, made })).toEqual({ 'elastic-bead': 1 });
    expect(estimateSystem(made.steps, c.d.surface, c.shelf, c.by)).toHaveLength(made.steps.length);
  });
});
