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
const film: Asked = (lies, truth) =>
  FINISHES.map((finish) => [
    lies.reduce((sum, p, i) => (STACKS[i]!.top === finish ? sum + p : sum), 0),
    truth.top === finish,
  ]);
const bond: Asked = (lies, truth) => [
  [lies.reduce((sum, p, i) => (STACKS[i]!.bond === 'sound' ? sum : sum + p), 0), truth.bond !== 'sound'],
];
const layer: Asked = (lies, truth) => [
  [
    lies.reduce((sum, p, i) => (STACKS[i]!.under.includes('older-oil') ? sum + p : sum), 0),
    truth.under.includes('older-oil'),
  ],
];

function curveOf(house: (random: () => number) => Drawn[], houses: number, seed: number, asked = film): Tenth[] {
  const random = randomOf(seed);
  const tenths = Array.from({ length: 10 }, (): Tenth => ({ called: 0, was: 0, n: 0 }));
  for (let i = 0; i < houses; i++) {
    const surfaces = house(random);
    const read = readHouse(surfaces.map((s) => s.member));
    for (const { member, truth } of surfaces) {
      for (const [called, isSo] of asked(stacksIn(read, member.id), truth)) {
        const tenth = tenths[Math.min(9, Math.floor(called * 10))]!;
        tenth.called += called;
        tenth.was += Number(isSo);
        tenth.n++;
      }
    }
  }
  return tenths.map(({ called, was, n }) => ({ called: called / n, was: was / n, n }));
}

const apart = (curve: readonly Tenth[]) => curve.map(({ called, was }) => Math.abs(called - was));

describe('what is called so likely is so, that often', () => {
  test('in houses drawn from the model: within 3 points in every tenth', () => {
    const curve = curveOf(modelHouse, 9000, 20270301);
    for (const { n } of curve) expect(n).toBeGreaterThan(200);
    expect(Math.max(...apart(curve))).toBeLessThan(0.03);
  });
  test.each([
    ['that the weakest bond is not sound', bond],
    ['that older oil lies underneath', layer],
  ])('%s, in houses drawn from the model: within 3 points in every tenth that is often called', (_what, asked) => {
    const curve = curveOf(modelHouse, 9000, 4, asked).filter(({ n }) => n > 2500);
    expect(curve.length).toBeGreaterThan(1);
    expect(Math.max(...apart(curve))).toBeLessThan(0.03);
  });
  test('in houses drawn from a history with rates of its own: no tenth is led far astray', () => {
    // Other rates than the tables have: what the model calls so likely cannot be right to the point.
    const curve = curveOf(historyHouse, 6000, 7);
    for (const { n } of curve) expect(n).toBeGreaterThan(200);
    expect(Math.max(...apart(curve))).toBeLessThan(0.16);
    expect(apart(curve)[0]).toBeLessThan(0.01);
  });
});
