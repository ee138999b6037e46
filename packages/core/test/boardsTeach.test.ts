import { describe, expect, test } from '@jest/globals';
import { randomLcg, randomLogistic, randomNormal } from 'd3-random';
import {
  armOf,
  caseOf,
  crossed,
  familyArm,
  faultsOf,
  layOut,
  NO_PRIMER,
  sayTrialWord,
  SHIPPED_SHELF,
  trialWords,
  type BoardBond,
  type Cell,
  type Family,
  type Step,
  type TrialDesign,
  type TrialLook,
  type TrialWord,
} from '../src/index.ts';
import { firstCoat } from '../src/failure/index.ts';

const RESULTS = ['peels-in-sheet', 'scratches-off', 'marks', 'holds'];
const nail = (cell: string, grade: number, bond: BoardBond | null = null): TrialLook => ({
  cell,
  part: 'cell',
  kind: 'nail-scratch',
  result: RESULTS[grade]!,
  filmAgeHours: 200,
  bond,
});

const melamine = (trials: readonly TrialWord[] = []) =>
  caseOf(
    {
      surface: { element: 'furniture', substrate: 'melamine', areaM2: 5 },
      tests: [],
      wanted: { colour: '#f0ede2', sheen: 'satin' },
    },
    { shelf: SHIPPED_SHELF, trials },
  ).c;
const oilTrim = (trials: readonly TrialWord[] = []) =>
  caseOf(
    {
      surface: { element: 'door', substrate: 'softwood', areaM2: 5, currentFinish: 'oil-alkyd', builtYear: 1995 },
      tests: [],
      wanted: { colour: '#f0ede2', sheen: 'satin' },
    },
    { shelf: SHIPPED_SHELF, trials },
  ).c;

const board = (more: Partial<TrialDesign> = {}): TrialDesign => ({
  preparations: crossed({ dull: [null, 'sanded-220'] }),
  primers: [familyArm('shellac-primer'), familyArm('bonding-acrylic-primer')],
  topcoats: [familyArm('acrylic-trim')],
  leftOut: [],
  replicates: 2,
  seed: 11,
  ...more,
});
const looked = (d: TrialDesign, gradeOf: (c: Cell) => number, bondOf: (c: Cell) => BoardBond | null = () => null) =>
  layOut(d)
    .filter((c) => c.primer !== null)
    .map((c) => nail(c.id, gradeOf(c), bondOf(c)));
const wordsOf = (d: TrialDesign, looks: readonly TrialLook[], c = melamine()) =>
  trialWords(d, layOut(d), looks, c, 'a board');
const of = (words: readonly TrialWord[], family: Family | null, after: TrialWord['after'] = null) =>
  words.find((w) => w.family === family && w.after === after && w.over === null && w.trait === 'grip')?.logOdds ?? 0;

const step = (kind: Step['kind'], more: Partial<Step> = {}): Step => ({ kind, why: ['x'], ...more });
const painted = (family: Family, sanded: boolean): Step[] => [
  ...(sanded ? [step('sand', { grit: 220 }), step('dust-off')] : []),
  step('prime', { family, coats: 1 }),
  step('finish-coat', { family: 'acrylic-trim', coats: 2, sheen: 'satin' }),
];
const peels = (c: ReturnType<typeof melamine>, steps: Step[]) =>
  faultsOf(c, steps).find((f) => f.fault === 'peels')?.odds ?? 0;

describe('what a board teaches', () => {
  test('what came out as expected says hardly anything; a surprise says much', () => {
    const d = board({ preparations: [armOf(['sanded-220'])] });
    const asExpected = wordsOf(
      d,
      looked(d, () => 3),
    );
    const failed = wordsOf(
      d,
      looked(d, (c) => (c.primer === 0 ? 0 : 3)),
    );
    for (const { logOdds } of asExpected) expect(Math.abs(logOdds)).toBeLessThan(0.5);
    expect(of(failed, 'shellac-primer') + of(failed, null, 'sanded')).toBeLessThan(-1);
  });

  test('a shellac cell that held unsanded moves what sanding is worth under it, and nothing else', () => {
    // Expected first: unsanded bonding primer on gloss has less to hold than sanded.
    const unsanded = firstCoat(oilTrim(), [], 'bonding-acrylic-primer', 1).grip;
    const sanded = firstCoat(oilTrim(), [step('sand', { grit: 220 }), step('dust-off')], 'bonding-acrylic-primer', 1);
    expect(sanded.grip).toBeGreaterThan(unsanded + 0.5);
    const d = board({ primers: [familyArm('bonding-acrylic-primer')], replicates: 5 });
    const held = wordsOf(
      d,
      looked(d, () => 3),
      oilTrim(),
    );
    const asTold = wordsOf(
      d,
      looked(d, (c) => (c.preparation === 0 ? 0 : 3)),
      oilTrim(),
    );
    const worth = (words: TrialWord[]) =>
      peels(oilTrim(words), painted('bonding-acrylic-primer', false)) -
      peels(oilTrim(words), painted('bonding-acrylic-primer', true));
    expect(worth(held)).toBeLessThan(worth([]));
    expect(worth(asTold)).toBeGreaterThan(worth([]));
    expect(peels(oilTrim(held), painted('oil-primer', true))).toBeLessThanOrEqual(
      peels(oilTrim(), painted('oil-primer', true)) + 0.01,
    );
  });

  test('a cell whose old film came off says nothing of our primer', () => {
    const d = board({ replicates: 4 });
    const words = wordsOf(
      d,
      looked(
        d,
        () => 0,
        () => 'old-film',
      ),
    );
    expect(words).toEqual([]);
    expect(
      of(
        wordsOf(
          d,
          looked(
            d,
            () => 0,
            () => 'first-coat',
          ),
        ),
        'shellac-primer',
      ),
    ).toBeLessThan(0);
  });

  test('a topcoat that let go of its primer is held against the two together, and not against the ground', () => {
    const d = board({ replicates: 4 });
    const words = wordsOf(
      d,
      looked(
        d,
        (c) => (c.primer === 1 ? 0 : 3),
        (c) => (c.primer === 1 ? 'between-coats' : null),
      ),
    );
    const between = words.find((w) => w.over === 'bonding-acrylic-primer')!;
    expect(between).toMatchObject({ family: 'acrylic-trim', trait: 'grip' });
    expect(between.logOdds).toBeLessThan(-2);
    expect(words.find((w) => w.over === 'shellac-primer')?.logOdds ?? 0).toBeLessThan(0.5);
    expect(peels(melamine(words), painted('bonding-acrylic-primer', true))).toBeGreaterThan(
      peels(melamine(), painted('bonding-acrylic-primer', true)) + 0.1,
    );
    expect(peels(melamine(words), painted('shellac-primer', true))).toBeCloseTo(
      peels(melamine(), painted('shellac-primer', true)),
      1,
    );
  });

  test('colour that came through speaks of blocking and not of grip', () => {
    const d = board({ preparations: [armOf([])], replicates: 3 });
    const looks = layOut(d)
      .filter((c) => c.primer !== null)
      .map((c): TrialLook => ({
        cell: c.id,
        part: 'cell',
        kind: 'test-patch',
        result: c.primer === 0 ? 'covers' : 'bleeds-through',
      }));
    const words = wordsOf(d, looks);
    expect(words.every((w) => w.trait === 'block')).toBe(true);
    expect(words.find((w) => w.family === 'bonding-acrylic-primer')!.logOdds).toBeLessThan(-0.5);
  });

  test('no primer is an arm: the topcoat itself is the first coat', () => {
    const d = board({ primers: [NO_PRIMER, familyArm('bonding-acrylic-primer')], replicates: 3 });
    const words = trialWords(
      d,
      layOut(d),
      layOut(d).map((c) => nail(c.id, 3)),
      melamine(),
      'x',
    );
    expect(of(words, 'acrylic-trim')).toBeGreaterThan(0.5);
  });

  test('a cleaner that helped is said of the cleaner, whatever coat follows', () => {
    const d = board({ preparations: crossed({ clean: [null, 'degreaser'] }), replicates: 3 });
    const words = wordsOf(
      d,
      looked(d, (c) => (c.preparation === 1 ? 3 : 0)),
    );
    expect(of(words, null, 'degreased')).toBeGreaterThan(0.3);
    expect(sayTrialWord(words.find((w) => w.family === null)!)).toMatch(
      /^Any first coat after degreasing lets go \d[.\d]* times as seldom as expected\.$/,
    );
  });

  test('few cells say little, more say more', () => {
    const says = (replicates: number) => {
      const d = board({ replicates, preparations: [armOf(['sanded-220'])] });
      return Math.abs(
        of(
          wordsOf(
            d,
            looked(d, (c) => (c.primer === 0 ? 0 : 3)),
          ),
          'shellac-primer',
        ),
      );
    };
    expect(says(5)).toBeGreaterThan(says(1));
  });

  test('on boards that are drawn, what is learnt lies nearer the truth than the table does', () => {
    const c = oilTrim();
    const d = board({ replicates: 4 });
    let before = 0;
    let after = 0;
    for (let round = 0; round < 80; round++) {
      const source = randomLcg(round / 80);
      const draw = randomNormal.source(source)(0, 1.2);
      const noise = randomLogistic.source(source)(0, 1);
      const truth = d.primers.map(() => draw());
      const level = draw() - 2;
      const known = (cell: Cell) =>
        firstCoat(
          c,
          d.preparations[cell.preparation!]!.does!.length ? [step('sand', { grit: 220 }), step('dust-off')] : [],
          d.primers[cell.primer!]!.family!,
          1,
        ).grip;
      const looks = looked(d, (cell) => {
        const eta = known(cell) + level + truth[cell.primer!]! + noise();
        return [-1.5, 0, 1.2].filter((t) => eta > t).length;
      });
      const words = wordsOf(d, looks, c);
      // A board tells its primers apart; what is common to all of it may be the day.
      const learnt = d.primers.map((p) => of(words, p.family));
      before += (truth[0]! - truth[1]!) ** 2;
      after += (truth[0]! - truth[1]! - (learnt[0]! - learnt[1]!)) ** 2;
    }
    expect(after).toBeLessThan(0.75 * before);
  });
});
