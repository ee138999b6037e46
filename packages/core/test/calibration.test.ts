import { describe, expect, test } from '@jest/globals';
import { FINISHES, readHouse, stacksIn, STACKS, type StackKind } from '../src/index.ts';
import { historyHouse, modelHouse, randomOf, type Drawn } from './calibrationHouses.ts';

/** Of what was called so likely, in each tenth: how likely on the mean, how often it was so, and how many there were. */
interface Tenth {
  called: number;
  was: number;
  n: number;
}

/** Something that is so or not, and what it was called. */
type Asked = (lies: readonly number[], truth: StackKind) => [called: number, isSo: boolean][];
const film: Asked = (lies, truth) => {
  const tops = new Map(FINISHES.map((finish) => [finish, 0]));
  lies.forEach((p, i) => tops.set(STACKS[i]!.top, tops.get(STACKS[i]!.top)! + p));
  return [...tops].map(([finish, called]) => [called, truth.top === finish]);
};
const bond: Asked = (lies, truth) => [
  [lies.reduce((sum, p, i) => (STACKS[i]!.bond === 'sound' ? sum : sum + p), 0), truth.bond !== 'sound'],
];
const layer: Asked = (lies, truth) => [
  [
    lies.reduce((sum, p, i) => (STACKS[i]!.under.includes('older-oil') ? sum + p : sum), 0),
    truth.under.includes('older-oil'),
  ],
];

/** What was called of each kind, and how often it was so, in houses drawn one after the other. */
function curvesOf<K extends string>(
  house: (random: () => number) => Drawn[],
  houses: number,
  seed: number,
  asked: Record<K, Asked>,
): Record<K, Tenth[]> {
  const random = randomOf(seed);
  const kinds = Object.keys(asked) as K[];
  const curves = new Map(
    kinds.map((kind) => [kind, Array.from({ length: 10 }, (): Tenth => ({ called: 0, was: 0, n: 0 }))]),
  );
  for (let i = 0; i < houses; i++) {
    const surfaces = house(random);
    const read = readHouse(surfaces.map((s) => s.member));
    for (const { member, truth } of surfaces) {
      const lies = stacksIn(read, member.id);
      for (const kind of kinds)
        for (const [called, isSo] of asked[kind](lies, truth)) {
          const tenth = curves.get(kind)![Math.min(9, Math.floor(called * 10))]!;
          tenth.called += called;
          tenth.was += Number(isSo);
          tenth.n++;
        }
    }
  }
  const means = ([kind, tenths]: [K, Tenth[]]) =>
    [kind, tenths.map(({ called, was, n }) => ({ called: called / n, was: was / n, n }))] as const;
  return Object.fromEntries([...curves].map(means)) as Record<K, Tenth[]>;
}

const apart = (curve: readonly Tenth[]) => curve.map(({ called, was }) => Math.abs(called - was));

describe('what is called so likely is so, that often', () => {
  const { film: films, bond: bonds, layer: layers } = curvesOf(modelHouse, 9000, 20270301, { film, bond, layer });
  test('in houses drawn from the model: within 3 points in every tenth', () => {
    for (const { n } of films) expect(n).toBeGreaterThan(200);
    expect(Math.max(...apart(films))).toBeLessThan(0.03);
  });
  test.each([
    ['that the weakest bond is not sound', bonds],
    ['that older oil lies underneath', layers],
  ])('%s, in houses drawn from the model: within 3 points in every tenth that is often called', (_what, curve) => {
    const often = curve.filter(({ n }) => n > 2500);
    expect(often.length).toBeGreaterThan(1);
    expect(Math.max(...apart(often))).toBeLessThan(0.03);
  });
  test('in houses drawn from a history with rates of its own: no tenth is led far astray', () => {
    // Other rates than the tables have: what the model calls so likely cannot be right to the point.
    const { film: curve } = curvesOf(historyHouse, 6000, 7, { film });
    for (const { n } of curve) expect(n).toBeGreaterThan(200);
    expect(Math.max(...apart(curve))).toBeLessThan(0.16);
    expect(apart(curve)[0]).toBeLessThan(0.01);
  });
});
