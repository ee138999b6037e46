/** What stands in the demo firm's van, and what it has found out: products of invented makers. */
export const DEMO_TINS = [
  { productId: 'fettlewick-son-amberstop', batch: 'FW-2291', daysOpen: 9, litres: 1.4 },
  { productId: 'quillbeck-handrail', batch: 'Q-7714', daysOpen: 6, litres: 2.1 },
  { productId: 'quillbeck-stillwater-wall', batch: 'Q-7702', daysOpen: 20, litres: 4.5 },
  { productId: 'quillbeck-stillwater-wall', batch: 'Q-7820', daysOpen: null, litres: 5 },
  { productId: 'quillbeck-plainstart', batch: 'Q-6630', daysOpen: 33, litres: 3.2 },
  { productId: 'dunmarrow-overhead-white', batch: 'D-0418', daysOpen: 12, litres: 6 },
  { productId: 'fettlewick-son-dullaway', batch: 'FW-1102', daysOpen: 40, litres: 0.7 },
  { productId: 'quillbeck-sugar-wash', batch: 'Q-5001', daysOpen: 60, litres: 2.5 },
  { productId: 'fettlewick-son-rag-spirit', batch: 'FW-0007', daysOpen: 15, litres: 1.1 },
  { productId: 'quillbeck-gripfast-clear-day', batch: 'Q-8120', daysOpen: null, litres: 2.5 },
  { productId: 'fettlewick-son-longkeel-primer', batch: 'FW-2004', daysOpen: 210, litres: 0.4 },
];

export const DEMO_NOTES = [
  { productId: 'fettlewick-son-amberstop', kind: 'note' as const, text: 'Sands to powder after two hours. Sets a sleeve hard: throw it away.' },
  { productId: 'fettlewick-son-amberstop', kind: 'claim' as const, standing: 'tried' as const, text: 'Grips old gloss unsanded: held on three trials, scratched at three days.' },
  { productId: 'quillbeck-handrail', kind: 'note' as const, text: 'Sprays without thinning. Ordered by Thursday it is at the merchant on Monday.' },
  { productId: 'quillbeck-gripfast-clear-day', kind: 'claim' as const, standing: 'believed' as const, text: 'Holds on bare aluminium.' },
  {
    productId: 'dunmarrow-staywhite',
    kind: 'claim' as const,
    standing: 'refuted' as const,
    text: 'Blocks water stains in one coat: the ring was back by morning in the scullery.',
  },
  { productId: 'dunmarrow-overhead-white', kind: 'note' as const, text: 'Flashes where it is touched up the next day; do a whole bay.' },
];
