import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { randomLcg, randomLogistic, randomNormal, randomUniform } from 'd3-random';
import {
  armInWords,
  armOf,
  checkIns,
  conclusionOf,
  crossed,
  designFaults,
  designWarnings,
  familyArm,
  gradeOf,
  labelAdvice,
  laidWays,
  layOut,
  NO_PRIMER,
  rankingByParts,
  rankTrial,
  sayCell,
  SCORED_BY,
  SHIPPED_SHELF,
  type TrialDesign,
  type TrialLook,
} from '../src/index.ts';
import {
  fitOrdinal,
  flatten,
  logPosterior,
  walker,
  type Observation,
  type OrdinalModel,
} from '../src/trials/ordinal.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const preparation = armInWords;
const design = (more: Partial<TrialDesign> = {}): TrialDesign => ({
  preparations: ['washed', 'washed and scuffed'].map(preparation),
  primers: (['shellac-primer', 'bonding-acrylic-primer', 'multi-purpose-acrylic-primer'] as const).map((f) =>
    familyArm(f),
  ),
  topcoats: (['acrylic-trim', 'waterborne-alkyd'] as const).map((f) => familyArm(f)),
  replicates: 2,
  leftOut: [],
  seed: 7,
  ...more,
});
const RESULTS = ['peels-in-sheet', 'scratches-off', 'marks', 'holds'];
const nail = (cell: string, grade: number, filmAgeHours = 200): TrialLook => ({
  cell,
  part: 'cell',
  kind: 'nail-scratch',
  result: RESULTS[grade]!,
  filmAgeHours,
});

describe('laying out', () => {
  const anyDesign = fc
    .record({
      p: fc.integer({ min: 1, max: 5 }),
      r: fc.integer({ min: 1, max: 5 }),
      t: fc.integer({ min: 1, max: 3 }),
      replicates: fc.integer({ min: 1, max: 4 }),
      seed: fc.integer({ min: 0, max: 2 ** 31 }),
    })
    .map(({ p, r, t, replicates, seed }): TrialDesign => {
      const arms = (n: number) => Array.from({ length: n }, (_, i) => preparation(`arm ${i}`));
      return { preparations: arms(p), primers: arms(r), topcoats: arms(t), leftOut: [], replicates, seed };
    });

  test('every way as often as asked, an untreated cell for each round, no two cells in one place', () => {
    fc.assert(
      fc.property(anyDesign, (d) => {
        const cells = layOut(d);
        const ways = d.preparations.length * d.primers.length * d.topcoats.length;
        expect(cells).toHaveLength((ways + 1) * d.replicates);
        expect(cells.filter((c) => c.primer === null && c.preparation === null)).toHaveLength(d.replicates);
        expect(new Set(cells.map((c) => c.id)).size).toBe(cells.length);
        expect(new Set(cells.map((c) => `${c.row}/${c.column}`)).size).toBe(cells.length);
        const counted = new Map<string, number>();
        for (const c of cells.filter((x) => x.primer !== null)) {
          const key = `${c.preparation}/${c.primer}/${c.topcoat}`;
          counted.set(key, (counted.get(key) ?? 0) + 1);
        }
        expect(counted.size).toBe(ways);
        expect([...counted.values()].every((n) => n === d.replicates)).toBe(true);
      }),
    );
  });

  test('the same seed lays the same board, another seed another', () => {
    expect(layOut(design())).toEqual(layOut(design()));
    expect(layOut(design({ seed: 8 }))).not.toEqual(layOut(design()));
  });

  test('labels run by row and column, and the largest board still has letters for its rows', () => {
    const arms = (n: number) => Array.from({ length: n }, (_, i) => preparation(`${i}`));
    const largest = design({ preparations: arms(12), primers: arms(6), topcoats: arms(1), replicates: 5 });
    expect(designFaults(largest)).toEqual([]);
    expect(layOut(largest)[0]!.id).toBe('A1');
    for (const cell of layOut(largest)) expect(cell.id).toMatch(/^[A-Z]\d{1,2}$/);
    expect(designFaults({ ...largest, topcoats: arms(2) })[0]!.message).toContain('more than 400');
  });

  test('a cell is said as a painter would', () => {
    const cells = layOut(design());
    expect(
      sayCell(
        cells.find((c) => c.primer === null)!,
        design(),
      ),
    ).toMatch(/^untreated; /);
    const washed = cells.find((c) => c.preparation === 0 && c.primer === 0 && c.topcoat === 1)!;
    expect(sayCell(washed, design())).toBe('washed; shellac primer; waterborne alkyd');
  });

  test('a two by two of cleaner and paper is four preparations, and nothing done is one of them', () => {
    const arms = crossed({ clean: [null, 'degreaser'], dull: [null, 'sanded-220'] });
    expect(arms.map((a) => a.words)).toEqual([
      'nothing done',
      'sanded 220',
      'degreased and rinsed',
      'degreased and rinsed, sanded 220',
    ]);
    expect(crossed({})).toEqual([]);
    expect(crossed({ clean: ['degreaser'], wipe: [] })).toEqual([armOf(['degreaser'])]);
    // Told in the order in which they are done, however they were pressed.
    expect(armOf(['sanded-220', 'degreaser'])).toEqual(armOf(['degreaser', 'sanded-220']));
  });

  test('what is left out is not laid, and nothing done with no primer is the untreated cell', () => {
    const d = design({
      preparations: crossed({ clean: [null, 'degreaser'] }),
      primers: [NO_PRIMER, familyArm('shellac-primer')],
      topcoats: [familyArm('acrylic-trim')],
      leftOut: [{ preparation: 1, primer: 0, topcoat: 0 }],
    });
    const cells = layOut(d);
    expect(cells).toHaveLength(2 * 3);
    expect(cells.some((c) => c.preparation === null)).toBe(false);
    expect(cells.some((c) => c.preparation === 1 && c.primer === 0)).toBe(false);
    const r = rankTrial(
      d,
      cells,
      cells.map((c) => nail(c.id, c.primer === 0 ? 0 : 3)),
      { draws: 2000 },
    );
    const bare = r.ways.find((w) => w.preparation === 0 && w.primer === 0)!;
    expect(r.untreated.mean).toBeCloseTo(bare.holds.mean, 9);
    expect(r.ways[0]!.primer).toBe(1);
  });

  test('arms that share a thing learn from each other: paper that helped twice helps the third time', () => {
    const d = design({
      preparations: crossed({ clean: [null, 'degreaser', 'alkaline-cleaner'], dull: [null, 'sanded-220'] }),
      primers: [familyArm('bonding-acrylic-primer')],
      topcoats: [familyArm('acrylic-trim')],
      replicates: 3,
    });
    const cells = layOut(d);
    // The alkaline wash is looked at nowhere: what paper does is known from the other two.
    const looks = cells
      .filter((c) => c.preparation !== null && !d.preparations[c.preparation]!.does!.includes('alkaline-cleaner'))
      .map((c) => nail(c.id, d.preparations[c.preparation!]!.does!.includes('sanded-220') ? 3 : 0));
    const { ways } = rankTrial(d, cells, looks, { draws: 4000 });
    const holds = (words: string) => ways.find((w) => w.words.startsWith(`${words};`))!.holds.mean;
    expect(holds('alkaline wash, rinsed, sanded 220')).toBeGreaterThan(holds('alkaline wash, rinsed') + 0.2);
  });

  test('labels outlast what is done on the board', () => {
    const d = (...arms: ReturnType<typeof armOf>[]) => design({ preparations: arms });
    expect(labelAdvice(d(armOf([])))).toContain('tape');
    expect(labelAdvice(d(armOf(['degreaser'])))).toContain('Pencil');
    expect(labelAdvice(d(armOf(['degreaser']), armOf(['sanded-220'])))).toContain('Scratch');
    expect(labelAdvice(d(armOf([])))).toContain('never with a pen');
  });

  test('a primer that lies on one preparation only is named: what helped cannot be told', () => {
    const d = design({
      primers: [familyArm('shellac-primer'), familyArm('oil-primer')],
      topcoats: [familyArm('acrylic-trim')],
      leftOut: [{ preparation: 0, primer: 1, topcoat: 0 }],
    });
    expect(designWarnings(d)).toEqual([
      'Oil primer lies on one preparation only: which of the two held cannot be told.',
    ]);
    expect(designFaults({ ...d, leftOut: laidWays({ ...d, leftOut: [] }) })).toEqual([
      { path: 'leftOut', message: 'leaves no way to try' },
    ]);
  });

  test('a wait that is tried stands in the check-ins, beside the one of the same product', () => {
    const d = design({ primers: [familyArm('oil-primer'), familyArm('oil-primer', 1, 120)] });
    expect(designFaults(d)).toEqual([]);
    const waits = checkIns(d, SHIPPED_SHELF).filter((c) => c.kind === 'recoat');
    expect(waits).toHaveLength(2);
    expect(waits[0]).toMatchObject({ at: 120, words: expect.stringContaining('the wait that is tried') });
    const beads = checkIns(design({ preparations: [armOf(['acrylic-bead'])] }), SHIPPED_SHELF);
    expect(beads.some((c) => c.words.startsWith('Acrylic caulk'))).toBe(true);
  });

  test('faults and warnings', () => {
    expect(designFaults(design({ primers: [] }))).toEqual([{ path: 'primers', message: 'names at least one' }]);
    expect(designFaults(design({ replicates: 9 }))[0]!.path).toBe('replicates');
    const twice = [familyArm('oil-primer'), familyArm('oil-primer')];
    expect(designFaults(design({ primers: twice }))[0]!.message).toBe('names one twice');
    expect(designFaults(design())).toEqual([]);
    expect(designWarnings(design())).toEqual([]);
    const unequal = [familyArm('oil-primer', 2), familyArm('shellac-primer', 1)];
    expect(designWarnings(design({ primers: unequal })).join(' ')).toContain('unequal coats');
    expect(designWarnings(design({ replicates: 1 })).join(' ')).toContain('slip of the hand');
  });

  test('each primer has its own wait, and the last look is at cure', () => {
    const checks = checkIns(design(), SHIPPED_SHELF);
    const recoats = checks.filter((c) => c.kind === 'recoat');
    expect(recoats).toHaveLength(3);
    expect(new Set(recoats.map((c) => c.at)).size).toBeGreaterThan(1);
    const cure = checks.find((c) => c.kind === 'cure-look')!;
    expect(cure.at).toBeGreaterThanOrEqual(7 * 1440);
    expect(checks.filter((c) => c.kind !== 'recoat').every((c) => c.at <= cure.at)).toBe(true);
  });
});

describe('grading', () => {
  test('every result of every scoring test has a grade', () => {
    for (const row of SCORED_BY)
      for (const [result, grade] of Object.entries(row.grades)) {
        const look = row.kind === 'cross-cut' ? { kind: row.kind, grade: Number(result) } : { kind: row.kind, result };
        expect(gradeOf({ cell: 'A1', part: 'cell', ...look })).toEqual({ trait: row.trait, grade });
      }
    expect(gradeOf({ cell: 'A1', part: 'cell', kind: 'spirit-rub', result: 'transfer' })).toBeNull();
  });
});

describe('the ordinal model', () => {
  const model: OrdinalModel = { termSd: [1.5, 1.2], thresholds: [-1.5, 0, 1.2] };
  // Term 0 is a way, term 1 a test.
  const looks: Observation[] = [
    { way: [0], test: 2, grade: 3, weight: 1 },
    { way: [0], test: 2, grade: 3, weight: 1 },
    { way: [0], test: 1, grade: 1, weight: 1 },
    { way: [], test: 1, grade: 0, weight: 0.4 },
    { way: [], test: 1, grade: 2, weight: 1 },
  ];
  const flat = flatten(model, looks);
  const at = (a: number, b: number) => Float64Array.from([a, b, 0]);

  test('its mode is where the slope is flat, measured by small steps', () => {
    const { mode } = fitOrdinal(flat);
    for (const i of [0, 1]) {
      const up = Float64Array.from(mode);
      const down = Float64Array.from(mode);
      up[i]! += 1e-4;
      down[i]! -= 1e-4;
      expect((logPosterior(flat, up) - logPosterior(flat, down)) / 2e-4).toBeCloseTo(0, 5);
      expect(logPosterior(flat, up)).toBeLessThan(logPosterior(flat, mode));
    }
  });

  test('its draws have the mean and the spread of the posterior summed over a grid', () => {
    // An oracle that shares nothing with the walk: the posterior on a fine grid, normalised.
    let total = 0;
    const mean = [0, 0];
    const square = [0, 0];
    for (let a = -6; a <= 6; a += 0.05)
      for (let b = -6; b <= 6; b += 0.05) {
        const p = Math.exp(logPosterior(flat, at(a, b)));
        total += p;
        [a, b].forEach((x, i) => {
          mean[i]! += p * x;
          square[i]! += p * x * x;
        });
      }
    const source = randomLcg(0.42);
    const next = walker(flat, fitOrdinal(flat), randomNormal.source(source)(0, 1), randomUniform.source(source)(0, 1));
    // The walk writes over its steps: each is copied as it is drawn.
    const draws = Array.from({ length: 40_000 }, () => Float64Array.from(next().at));
    for (const i of [0, 1]) {
      const m = draws.reduce((s, d) => s + d[i]!, 0) / draws.length;
      const v = draws.reduce((s, d) => s + (d[i]! - m) ** 2, 0) / draws.length;
      const exact = mean[i]! / total;
      expect(m).toBeCloseTo(exact, 1);
      expect(Math.sqrt(v)).toBeCloseTo(Math.sqrt(square[i]! / total - exact ** 2), 1);
    }
  });

  test('looks that are alike are gathered without changing what they say', () => {
    const twice = flatten(model, [...looks, ...looks]);
    expect(twice.grades.length).toBe(flat.grades.length);
    const x = at(0.3, -0.7);
    const prior = logPosterior(flatten(model, []), x);
    expect(logPosterior(twice, x) - prior).toBeCloseTo(2 * (logPosterior(flat, x) - prior), 9);
  });
});

describe('ranking', () => {
  /** Looks at every cell of a board whose truth is known: an effect for each primer, noise from the model itself. */
  function looked(d: TrialDesign, primer: number[], untreated: number, seed: number, age = 200): TrialLook[] {
    const noise = randomLogistic.source(randomLcg(seed))(0, 1);
    return layOut(d).map((c) => {
      const eta = (c.primer === null ? untreated : primer[c.primer]!) + noise();
      return nail(c.id, [-1.5, 0, 1.2].filter((t) => eta > t).length, age);
    });
  }
  const clear = [2.5, 0, -2.5];

  test('the better primer comes first, and the untreated cell holds least', () => {
    const d = design({ replicates: 3 });
    const r = rankTrial(d, layOut(d), looked(d, clear, -4, 3), { draws: 3000 });
    expect(r.ways[0]!.primer).toBe(0);
    expect(r.ways.at(-1)!.primer).toBe(2);
    expect(r.untreated.mean).toBeLessThan(r.ways[0]!.holds.mean);
    expect(r.ways.reduce((s, w) => s + w.best, 0)).toBeCloseTo(1, 6);
    for (const w of r.ways) {
      expect(w.holds.low).toBeLessThanOrEqual(w.holds.mean);
      expect(w.holds.mean).toBeLessThanOrEqual(w.holds.high);
    }
  });

  test('the same looks and the same seed give the same ranking; another seed hardly another', () => {
    const d = design();
    const looks = looked(d, clear, -3, 5);
    const one = rankTrial(d, layOut(d), looks, { draws: 4000, seed: 1 });
    expect(rankTrial(d, layOut(d), looks, { draws: 4000, seed: 1 })).toEqual(one);
    const other = rankTrial(d, layOut(d), looks, { draws: 4000, seed: 2 });
    for (const w of one.ways)
      expect(other.ways.find((o) => o.words === w.words)!.holds.mean).toBeCloseTo(w.holds.mean, 1);
  });

  test('more looks narrow the interval; young looks narrow it less', () => {
    const width = (replicates: number, age: number) => {
      const d = design({ replicates });
      const { ways } = rankTrial(d, layOut(d), looked(d, [1, 0, -1], -3, 9, age), { draws: 3000 });
      return ways.reduce((s, w) => s + w.holds.high - w.holds.low, 0) / ways.length;
    };
    expect(width(5, 200)).toBeLessThan(width(1, 200));
    expect(width(3, 200)).toBeLessThan(width(3, 24));
  });

  test('a primer that bleeds falls, however well it grips', () => {
    const d = design({ preparations: [preparation('washed')], topcoats: [familyArm('acrylic-trim')], replicates: 3 });
    const cells = layOut(d);
    const looks = cells.flatMap((c): TrialLook[] => [
      nail(c.id, 3),
      { cell: c.id, part: 'cell', kind: 'test-patch', result: c.primer === 1 ? 'bleeds-through' : 'covers' },
    ]);
    const r = rankTrial(d, cells, looks, { draws: 3000 });
    expect(r.ways.at(-1)!.primer).toBe(1);
  });

  test('its nine-in-ten intervals hold the truth about nine times in ten, and never much less', () => {
    let held = 0;
    let asked = 0;
    const d = design({ preparations: [preparation('washed')], topcoats: [familyArm('acrylic-trim')], replicates: 4 });
    for (let round = 0; round < 60; round++) {
      const draw = randomNormal.source(randomLcg(round + 1))(0, 1.5);
      const level = draw();
      const truth = d.primers.map(() => level + draw());
      const r = rankTrial(d, layOut(d), looked(d, truth, level + draw(), round + 100), { draws: 800, seed: round + 1 });
      for (const { primer, holds } of r.ways) {
        const real = 1 / (1 + Math.exp(1.2 - truth[primer]!));
        asked += 1;
        held += Number(real >= holds.low && real <= holds.high);
      }
    }
    expect(held / asked).toBeGreaterThan(0.85);
    expect(held / asked).toBeLessThan(1);
  });

  test('goes by parts that rise to the whole, for progress and a stop', () => {
    const d = design();
    const parts = rankingByParts(d, layOut(d), looked(d, clear, -3, 5), { draws: 500 });
    const seen: number[] = [];
    for (;;) {
      const { done, value } = parts.next();
      if (done) break;
      seen.push(value);
    }
    expect(seen.at(-1)).toBe(1);
    expect([...seen].sort((a, b) => a - b)).toEqual(seen);
  });

  test('a conclusion names the best and does not claim more than the looks allow', () => {
    const d = design({ replicates: 5, topcoats: [familyArm('acrylic-trim')] });
    const sure = rankTrial(d, layOut(d), looked(d, [6, -3, -6], -6, 4), { draws: 2000 });
    expect(conclusionOf(sure)).toContain('shellac primer');
    const unsure = rankTrial(d, layOut(d), looked(d, [0, 0, 0], 0, 4), { draws: 2000 });
    expect(conclusionOf(unsure)).toContain('not clearly better');
    expect(conclusionOf(rankTrial(d, layOut(d), [], { draws: 100 }))).toContain('nothing to conclude');
  });
});
