import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { asShown, changesShown, footOf, quotePaper, quoteTotals, type Quote } from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const line = (price: number, i: number) => ({
  surfaceId: `s${i}`,
  room: 'Hall',
  name: `Line ${i}`,
  work: 'One coat.',
  steps: [],
  colour: null,
  areaM2: null,
  months: null,
  withheld: [],
  price,
  key: 'k',
});
const quoteOf = (prices: number[], taxShare: number, more: Partial<Quote> = {}): Quote => {
  const lines = prices.map(line);
  const { net, tax, total } = quoteTotals({ lines, options: [], taxShare });
  return {
    firm: 'Tui & Bay',
    currency: 'NZD',
    job: 'The bach',
    place: 'The point',
    client: '',
    units: 'metric',
    lines,
    options: [],
    leftOut: [],
    sketches: [],
    photos: [],
    cautions: [],
    net,
    taxName: 'GST',
    taxShare,
    taxIncluded: true,
    tax,
    total,
    heldUntil: '2027-03-01',
    ...more,
  };
};
const sum = (lines: readonly { price: number }[]) => lines.reduce((all, { price }) => all + price, 0);

describe('prices with the tax in them', () => {
  test('what is shown adds up to what is paid, to the last cent, with own lines and options taken', () => {
    const price = fc.integer({ min: 0, max: 900_000 });
    fc.assert(
      fc.property(
        fc.array(price, { minLength: 1, maxLength: 30 }),
        fc.integer({ min: -50_000, max: 50_000 }),
        fc.array(fc.integer({ min: -9000, max: 90_000 }), { maxLength: 4 }),
        fc.integer({ min: 0, max: 2700 }),
        (prices, own, extra, taxShare) => {
          const options = extra.map((p, i) => ({
            ...line(p, 100 + i),
            id: `o${i}`,
            kind: 'extra' as const,
            words: 'More.',
            system: [],
          }));
          const quote = quoteOf(prices, taxShare, { own: [{ id: 'own', words: 'Lift', price: own }], options });
          const taken = options.filter((_o, i) => i % 2 === 0).map((o) => o.id);
          const shown = asShown(quote, taken);
          const { total, tax, net, options: took } = quoteTotals(quote, taken);
          expect(sum(shown.lines) + sum(shown.own!) + sum(shown.options.filter((o) => taken.includes(o.id)))).toBe(
            total,
          );
          expect(total - tax).toBe(net + took);
          shown.lines.forEach((l, i) =>
            expect(Math.abs(l.price - prices[i]! * (1 + taxShare / 10_000))).toBeLessThan(1.01),
          );
        },
      ),
    );
  });

  test('the paper says gross prices, one sum to pay, and the tax that is in it', () => {
    const quote = quoteOf([10_000, 5001], 1500, {
      leftOut: [
        { surfaceId: 'x', room: 'Hall', name: 'Door', words: 'Door', reason: 'undecided', whole: true, price: 2000 },
        {
          surfaceId: 'y',
          room: 'Hall',
          name: 'Sill',
          words: 'the end',
          reason: 'undecided',
          whole: false,
          price: null,
        },
      ],
    });
    const paper = quotePaper(quote, {
      marked: 'Q0001, version 2',
      heldUntil: '1 March 2027',
      changes: [{ surfaceId: 's0', words: 'More.', price: 1000 }],
    });
    const table = (caption: string) =>
      paper.blocks.flatMap((b) => (b.kind === 'table' && b.caption === caption ? b.rows.map((r) => r.cells) : []));
    expect(table('The work and its price')).toEqual([
      ['Hall', ''],
      ['Line 0. One coat.', '$115.00'],
      ['Line 1. One coat.', '$57.51'],
      ['To pay', '$172.51'],
      ['in it GST, 15 %', '$22.50'],
    ]);
    expect(table('Left out').map((row) => row[2])).toEqual(['$23.00', '']);
    expect(table('Changes')).toEqual([['More.', '+ $11.50']]);
    expect(JSON.stringify(paper)).not.toContain('Net');
  });

  test('where prices are net, nothing of it moves', () => {
    const quote = quoteOf([10_000, 5001], 2000, { taxIncluded: false });
    expect(asShown(quote)).toBe(quote);
    const changes = [{ price: 7 }];
    expect(changesShown(quote, changes)).toBe(changes);
    expect(footOf(quote, quoteTotals(quote))).toEqual({
      before: [
        ['Net', 15_001],
        ['GST, 20 %', 3000],
      ],
      toPay: 18_001,
      after: [],
    });
  });
});
