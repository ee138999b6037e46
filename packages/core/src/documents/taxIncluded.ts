import { shareOf } from '../pricing/money.ts';
import type { Quote, QuoteChange } from './quote.ts';

/** What a paper or a page shows of a quote's prices. */
type Priced = Pick<Quote, 'taxShare' | 'taxIncluded'> & {
  lines: readonly { price: number }[];
  own?: readonly { price: number }[];
  options: readonly { id: string; price: number }[];
  leftOut: readonly { price: number | null }[];
};

/**
 * A quote as its client is shown it: where prices are said with the tax in them, every price has its part of it. Lines,
 * and the options taken after them, add up to the total to the last minor unit: each is rounded with what went before.
 */
export function asShown<Q extends Priced>(quote: Q, taken: readonly string[] = []): Q {
  if (!quote.taxIncluded) return quote;
  const { taxShare } = quote;
  let sum = 0;
  const inOrder = <L extends { price: number }>(line: L): L => {
    const before = withTax(sum, taxShare);
    sum += line.price;
    return { ...line, price: withTax(sum, taxShare) - before };
  };
  const alone = <L extends { price: number }>(line: L): L => ({ ...line, price: withTax(line.price, taxShare) });
  return {
    ...quote,
    lines: quote.lines.map(inOrder),
    ...(quote.own ? { own: quote.own.map(inOrder) } : {}),
    options: quote.options.map((o) => (taken.includes(o.id) ? inOrder(o) : alone(o))),
    leftOut: quote.leftOut.map((l) => (l.price === null ? l : { ...l, price: withTax(l.price, taxShare) })),
  };
}

/** Changes between versions as their client is shown them. */
export const changesShown = <C extends Pick<QuoteChange, 'price'>>(
  { taxShare, taxIncluded }: Pick<Quote, 'taxShare' | 'taxIncluded'>,
  changes: readonly C[],
): readonly C[] => (taxIncluded ? changes.map((c) => ({ ...c, price: withTax(c.price, taxShare) })) : changes);

const withTax = (net: number, taxShare: number) => net + shareOf(net, taxShare);

/** The sums at the foot of a quote, as words and figures in minor units, the last one to pay. */
export function footOf(
  { taxName, taxShare, taxIncluded }: Pick<Quote, 'taxName' | 'taxShare' | 'taxIncluded'>,
  { net, options, tax, total }: { net: number; options: number; tax: number; total: number },
): { before: [words: string, sum: number][]; toPay: number; after: [words: string, sum: number][] } {
  const rate = `${taxName}, ${taxShare / 100} %`;
  return taxIncluded
    ? { before: [], toPay: total, after: [[`in it ${rate}`, tax]] }
    : {
        before: [
          ['Net', net + options],
          [rate, tax],
        ],
        toPay: total,
        after: [],
      };
}
