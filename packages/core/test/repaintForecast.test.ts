import { describe, expect, test } from '@jest/globals';
import { randomLcg, randomWeibull } from 'd3-random';
import fc from 'fast-check';
import { EXPOSURES, repaintForecast, type FilmLife } from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const SHAPE = 3;
/** Films whose lives are drawn from a truth, looked at after so many years: those that have not failed by then still stand. */
function seen(count: number, medianYears: number, lookedAtYears: number, seed: number): FilmLife[] {
  const scale = medianYears / Math.LN2 ** (1 / SHAPE);
  const draw = randomWeibull.source(randomLcg(seed))(SHAPE, 0, scale);
  return Array.from({ length: count }, () => {
    const life = draw();
    return { exposure: 'exterior-exposed', years: Math.min(life, lookedAtYears), failed: life <= lookedAtYears };
  });
}
const life = fc.record<FilmLife>({
  exposure: fc.constantFrom(...EXPOSURES),
  years: fc.double({ min: 0, max: 40, noNaN: true }),
  failed: fc.boolean(),
});

describe('when films want painting again', () => {
  test('with nothing of the firm’s own it is the typical value, the interval about it', () => {
    for (const exposure of EXPOSURES) {
      const f = repaintForecast(exposure, []);
      expect(f.medianYears).toBeCloseTo(
        { 'interior-dry': 9, 'interior-hot': 7, 'exterior-sheltered': 7, 'exterior-exposed': 5 }[exposure as string] ??
          6,
        9,
      );
      expect(f.fromYears).toBeLessThan(f.medianYears);
      expect(f.toYears).toBeGreaterThan(f.medianYears);
      expect(f.lookYears).toBeLessThan(f.medianYears);
      expect(f).toMatchObject({ films: 0, failures: 0 });
    }
  });
  test('many films of the firm’s own outweigh it: the truth they were drawn from is found, half of them still standing', () => {
    for (const truth of [3, 5, 8, 12]) {
      const f = repaintForecast('exterior-exposed', seen(600, truth, truth, 7));
      expect(Math.abs(f.medianYears / truth - 1)).toBeLessThan(0.06);
      expect(f.toYears - f.fromYears).toBeLessThan(truth * 0.12);
    }
  });
  test('eight in ten of its intervals hold the truth', () => {
    let held = 0;
    const runs = 400;
    for (let i = 0; i < runs; i++) {
      const f = repaintForecast('exterior-exposed', seen(60, 6, 5, 1000 + i));
      if (f.fromYears <= 6 && f.toYears >= 6) held += 1;
    }
    expect(held / runs).toBeGreaterThan(0.72);
    expect(held / runs).toBeLessThan(0.9);
  });
  test('of a thousand films, about as many fail before the look as it says', () => {
    const f = repaintForecast('exterior-exposed', seen(1000, 6, 30, 3));
    const fresh = seen(4000, 6, 99, 4);
    expect(fresh.filter((l) => l.years < f.lookYears).length / fresh.length).toBeCloseTo(0.15, 1);
  });
  test('a film that failed young brings it nearer, one that still stands puts it off, another exposure’s does nothing', () => {
    const typical = repaintForecast('exterior-exposed', []);
    const with_ = (one: Partial<FilmLife>) =>
      repaintForecast('exterior-exposed', [{ exposure: 'exterior-exposed', years: 2, failed: true, ...one }])
        .medianYears;
    expect(with_({})).toBeLessThan(typical.medianYears);
    expect(with_({ years: 9, failed: false })).toBeGreaterThan(typical.medianYears);
    expect(with_({ exposure: 'interior-dry' })).toBe(typical.medianYears);
  });
  test('whatever the record, its dates are in order and finite', () => {
    fc.assert(
      fc.property(fc.array(life, { maxLength: 60 }), fc.constantFrom(...EXPOSURES), (lives, exposure) => {
        const f = repaintForecast(exposure, lives);
        for (const years of [f.fromYears, f.medianYears, f.toYears, f.lookYears]) {
          expect(Number.isFinite(years)).toBe(true);
          expect(years).toBeGreaterThan(0);
        }
        expect(f.fromYears).toBeLessThan(f.toYears);
        expect(f.lookYears).toBeLessThan(f.medianYears);
      }),
    );
  });
});
