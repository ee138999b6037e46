import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readArea, readLength, readVolume, sayLengthM, sayVolume } from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });
const INCH = 0.0254;

describe('lengths as Americans write them', () => {
  test.each([
    [`13-1/4"`, 13.25],
    [`13 1/4"`, 13.25],
    ['13¼"', 13.25],
    ['¾"', 0.75],
    ['8’ 2”', 98],
    ['8‘2“', 98],
    [`8'-2"`, 98],
    [`8' - 2 1/2"`, 98.5],
    [`8'2½"`, 98.5],
    ['8 ft - 2 in', 98],
    ['12-6', 150],
    ['12 – 6', 150],
    ['12-6 1/2', 150.5],
    ['12-6-1/2', 150.5],
    ['12.5', 150],
    [`12' 6`, 150],
  ])('%s is %f inches', (text, inches) => expect(readLength(text, 'ft')! / INCH).toBeCloseTo(inches, 3));

  test('with its mark a plan’s feet and inches are read in metres too; a bare pair is not guessed at', () => {
    expect(readLength(`12-6"`, 'm')! / INCH).toBeCloseTo(150, 3);
    expect(readLength('12-6', 'm')).toBeNull();
    expect(readLength('3,81', 'm')).toBe(3.81);
  });
  test.each(['-6', '12-', '12-6-3', `6" 12'`, `8'' 2'`, 'twelve', '1/0 ft'])('is refused: %s', (text) =>
    expect(readLength(text, 'ft')).toBeNull(),
  );
  test('what is said is read back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4000 }), (eighths) => {
        const metres = (eighths / 8) * INCH;
        const back = readLength(sayLengthM(metres, 'us'), 'ft')!;
        expect(Math.abs(back - metres)).toBeLessThanOrEqual(INCH / 2 + 1e-6);
      }),
    );
  });
});

describe('volumes and areas as Americans write them', () => {
  test.each([
    ['8 fl oz', 0.2366],
    ['8 fl. oz.', 0.2366],
    ['8oz', 0.2366],
    ['1½ gal', 5.6781],
    ['1-1/2 gal', 5.6781],
    ['2 qt', 1.8927],
    ['1 pint', 0.4732],
  ])('%s', (text, litres) => expect(readVolume(text, 'gal')).toBeCloseTo(litres, 3));
  test('small amounts are said by the ounce, and read back', () => {
    expect(sayVolume(0.2366, 'us')).toBe('8 fl oz');
    expect(sayVolume(0.6, 'us')).toBe('0.63 qt');
    expect(sayVolume(0, 'us')).toBe('0 qt');
    expect(readVolume(sayVolume(0.2366, 'us'), 'gal')).toBeCloseTo(0.2366, 3);
  });
  test.each([
    ['1,250 sq ft', 116.13],
    ['1,250', 116.13],
    ['120 square feet', 11.15],
    ['120 sqft', 11.15],
    ['12 m²', 12],
  ])('%s', (text, m2) => expect(readArea(text, 'us')).toBeCloseTo(m2, 2));
  test('a comma is a decimal point where metres are meant', () => {
    expect(readArea('12,5', 'metric')).toBe(12.5);
    expect(readArea('1,250', 'metric')).toBe(1.25);
  });
});
