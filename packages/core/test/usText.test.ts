import { describe, expect, test } from '@jest/globals';
import { inTerms, inUsMeasures, minorUnits, typicalShelf, writeMoney } from '../src/index.ts';

describe('what the engine says, in US customary measures', () => {
  test.each([
    ['dust sheet, 20 m²', 'dust sheet, 215 sq ft'],
    ['low-tack tape, 50 m', 'low-tack tape, 164 ft'],
    ['roller sleeve, 8 mm nap', 'roller sleeve, 5/16 in nap'],
    ['40 mm brush', '1 5/8 in brush'],
    ['50 mm brush', '2 in brush'],
    ['within 30 cm', 'within 11 3/4 in'],
    ['It is laid from 10 °C on.', 'It is laid from 50 °F on.'],
    ['2 °C to 35 °C', '36 °F to 95 °F'],
    ['3 °C above the dew point', '5 °F above the dew point'],
    ['23 °C and 50 %', '73 °F and 50 %'],
    ['about doubling per 15 °C', 'about doubling per 27 °F'],
    ['10 m² a litre', '407 sq ft a gallon'],
    ['12 m²/L', '489 sq ft/gal'],
    ['a film of 100 µm', 'a film of 3.9 mil'],
    ['2.5 L', '2.64 qt'],
    ['5 litres', '1.32 gal'],
    ['250 ml', '8.5 fl oz'],
    ['750 ml', '0.79 qt'],
    ['wind over 10 m/s', 'wind over 22 mph'],
    ['25 km/h, 4 km on', '16 mph, 2.5 mi on'],
    ['one for each door or metre', 'one for each door or yard'],
    ['hours and litres', 'hours and gallons'],
    // No measure, and nothing that only looks like one.
    ['coat 2 of 3; 5 min; grit 220', 'coat 2 of 3; 5 min; grit 220'],
    ['Number 4 Long Lane', 'Number 4 Long Lane'],
  ])('%s', (metric, us) => {
    expect(inUsMeasures(metric)).toBe(us);
    expect(inTerms(metric, { units: 'us' })).toBe(us);
    expect(inTerms(metric, { units: 'metric' })).toBe(metric);
  });
});

describe('money as it is written where it is spent', () => {
  test.each([
    [168469, 'GBP', '£1,684.69', '£1,685'],
    [168469, 'USD', '$1,684.69', '$1,685'],
    [168469, 'NZD', '$1,684.69', '$1,685'],
    [168469, 'EUR', '€1,684.69', '€1,685'],
    [1684, 'JPY', 'JP¥1,684', 'JP¥1,684'],
  ])('%d %s', (minor, currency, exact, whole) => {
    expect(writeMoney(minor, currency)).toBe(exact);
    expect(writeMoney(minor, currency, { whole: true })).toBe(whole);
  });
  test('a yen has no smaller unit', () => expect([minorUnits('USD'), minorUnits('JPY')]).toEqual([100, 1]));
});

describe('a shelf of typical figures', () => {
  const [gbp, usd] = [typicalShelf('GBP', 'metric'), typicalShelf('USD', 'us')];
  test('has one of each kind, without a maker, in the tins that are sold there', () => {
    expect(new Set(gbp.map((p) => p.family)).size).toBe(gbp.length);
    expect(gbp.every((p) => p.maker === '')).toBe(true);
    expect(gbp[0]!.tins.map((t) => t.litres)).toEqual([1, 2.5, 5]);
    expect(usd[0]!.tins.map((t) => Math.round((t.litres / 3.785412) * 4))).toEqual([1, 4, 20]);
  });
  test('costs what such things cost where the currency is spent; a larger tin is cheaper by the litre', () => {
    const litre = (shelf: typeof gbp, family: string) => shelf.find((p) => p.family === family)!.tins[0]!.price;
    expect(litre(gbp, 'shellac-primer')).toBe(3600);
    // A quart, at 1.4 cents a penny and a little less than a litre.
    expect(litre(usd, 'shellac-primer')).toBe(Math.round(3600 * 1.4 * 0.95));
    for (const { tins } of [...gbp, ...usd]) {
      const each = tins.map((t) => t.price / t.litres);
      expect(each).toEqual([...each].sort((a, b) => b - a));
    }
  });
});
