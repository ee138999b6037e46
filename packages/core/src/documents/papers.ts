import type { SundryNeed } from '../quantities/sundries.ts';
import type { ProductNeed } from '../pricing/jobPrice.ts';
import { sayArea } from '../units/area.ts';
import { makerWords } from '../shelf/typicalShelf.ts';
import { sayVolume } from '../units/volume.ts';
import { colourWords } from '../colours/colourWords.ts';
import type { NamedColour } from '../model/colour.ts';
import type { Supplier } from '../model/records/firm.ts';
import { inTerms, type Terms } from '../vocabulary/index.ts';
import { merchantOf, supplierOf, supplierTimes } from './suppliers.ts';
import { LEFT_OUT_WORDS, quoteColours, quoteTotals, type Quote, type QuoteChange } from './quote.ts';
import { asShown, changesShown, footOf } from './taxIncluded.ts';
import { printMoney, type PaperBlock, type Column, type Paper, type Row } from './paper.ts';

const left = (title: string, width: number): Column => ({ title, align: 'left', width });
const right = (title: string, width: number): Column => ({ title, align: 'right', width });
const signed = (minor: number, currency: string) =>
  minor > 0 ? `+ ${printMoney(minor, currency)}` : printMoney(minor, currency);

/** `shown`: the quote with its prices as its client is told them. */
function priceTable(quote: Quote, shown: Quote, taken: readonly string[]): PaperBlock {
  const { lines, own = [], options, currency } = shown;
  const rows: Row[] = [];
  for (const room of new Set(lines.map((l) => l.room))) {
    rows.push({ cells: [room, ''], weight: 'head' });
    for (const line of lines.filter((l) => l.room === room))
      rows.push({ cells: [`${line.name}. ${line.work}`, printMoney(line.price, currency)] });
  }
  for (const line of own) rows.push({ cells: [line.words, signed(line.price, currency)] });
  for (const o of options.filter((x) => taken.includes(x.id)))
    rows.push({ cells: [`Taken: ${o.room}, ${o.name}. ${o.words}`, signed(o.price, currency)] });
  const foot = footOf(quote, quoteTotals(quote, taken));
  const plain = ([words, sum]: [string, number]): Row => ({ cells: [words, printMoney(sum, currency)] });
  return {
    kind: 'table',
    caption: 'The work and its price',
    columns: [left('What is done', 0.8), right('Price', 0.2)],
    rows: [
      ...rows,
      ...foot.before.map(plain).map((row, i): Row => (i === 0 ? { ...row, weight: 'sum' } : row)),
      { cells: ['To pay', printMoney(foot.toPay, currency)], weight: 'total' },
      ...foot.after.map(plain),
    ],
  };
}

function leftOutBlocks({ leftOut, sketches, currency }: Quote): PaperBlock[] {
  if (leftOut.length === 0) return [];
  return [
    { kind: 'heading', text: 'Left out on purpose', level: 2 },
    {
      kind: 'table',
      caption: 'Left out',
      columns: [left('What', 0.45), left('Why', 0.35), right('It would cost', 0.2)],
      rows: leftOut.map((l) => ({
        cells: [
          `${l.room}, ${l.name}${l.whole ? '' : `: ${l.words}`}`,
          LEFT_OUT_WORDS[l.reason],
          l.price === null ? '' : printMoney(l.price, currency),
        ],
      })),
    },
    ...sketches.map((s): PaperBlock => ({ kind: 'sketch', words: s.room, sketch: s.sketch, excluded: s.excluded })),
  ];
}

const guaranteeOf = (months: number | null, withheld: readonly string[]) =>
  months !== null ? `${months} months` : withheld.length ? `none: ${withheld[0]}` : 'none';

function specification({ lines, units }: Quote): PaperBlock[] {
  return [
    { kind: 'heading', text: 'Specification', level: 1 },
    ...lines.flatMap((line): PaperBlock[] =>
      line.steps.length === 0
        ? []
        : [
            {
              kind: 'heading',
              text: `${line.room}: ${line.name}${line.areaM2 ? `, ${sayArea(line.areaM2, units)}` : ''}`,
              level: 2,
            },
            { kind: 'list', items: line.steps },
            {
              kind: 'text',
              text: `The firm stands behind it: ${guaranteeOf(line.months, line.withheld)}.`,
              tone: 'faded',
            },
          ],
    ),
  ];
}

function swatchesOf(quote: Quote): PaperBlock[] {
  const swatches = quoteColours(quote);
  return swatches.length
    ? [
        { kind: 'heading', text: 'Colours', level: 2 },
        { kind: 'swatches', swatches },
      ]
    : [];
}

/** How a quote is marked: number and version, and who agreed when, where somebody has. */
export interface Marked {
  marked: string;
  changes?: readonly QuoteChange[];
  taken?: readonly string[];
  agreed?: string | null;
  heldUntil: string;
}

/** Specification and quote: the price by surface, options, what is left out, colours, the steps, and cautions. */
export function quotePaper(
  quote: Quote,
  { marked, changes = [], taken = [], agreed = null, heldUntil }: Marked,
): Paper {
  const shown = asShown(quote, taken);
  const { currency, options } = shown;
  const price = quote.taxIncluded ? 'Price' : 'Net';
  const open = options.filter((o) => !taken.includes(o.id));
  return {
    title: changes.length ? 'Variation' : 'Specification and quote',
    about: `${quote.job}, ${quote.place}`,
    firm: quote.firm,
    letterhead: quote.letterhead ?? [],
    ...(quote.logo ? { logo: quote.logo } : {}),
    marked,
    blocks: [
      ...(changes.length
        ? ([
            { kind: 'heading', text: 'What has changed', level: 2 },
            {
              kind: 'table',
              caption: 'Changes',
              columns: [left('What', 0.8), right(price, 0.2)],
              rows: changesShown(quote, changes).map((c) => ({
                cells: [c.words, c.price ? signed(c.price, currency) : ''],
              })),
            },
          ] satisfies PaperBlock[])
        : []),
      ...(quote.client ? [{ kind: 'text' as const, text: `For ${quote.client}`, tone: 'strong' as const }] : []),
      priceTable(quote, shown, taken),
      { kind: 'text', text: agreed ?? `The price is held until ${heldUntil}.`, tone: agreed ? 'strong' : 'faded' },
      ...(open.length
        ? ([
            { kind: 'heading', text: 'To take or leave', level: 2 },
            {
              kind: 'table',
              caption: 'Options',
              columns: [left('What', 0.8), right(price, 0.2)],
              rows: open.map((o) => ({ cells: [`${o.room}, ${o.name}. ${o.words}`, signed(o.price, currency)] })),
            },
          ] satisfies PaperBlock[])
        : []),
      ...leftOutBlocks(shown),
      ...swatchesOf(quote),
      ...(quote.cautions.length
        ? ([
            { kind: 'heading', text: 'Cautions', level: 2 },
            { kind: 'list', items: quote.cautions },
          ] satisfies PaperBlock[])
        : []),
      ...specification(quote),
      ...(quote.terms?.length
        ? ([
            { kind: 'heading', text: 'Terms', level: 1 },
            ...quote.terms.map((text): PaperBlock => ({ kind: 'text', text })),
          ] satisfies PaperBlock[])
        : []),
    ],
  };
}

/** One thing to be had: what, how many, from where, and its price. */
export interface ShoppingItem {
  /** Names it from one look to the next, so that what was ticked stays ticked. */
  key: string;
  supplier: string;
  words: string;
  detail: string;
  count: number;
  price: number;
}

/** What a shopping list asks of the firm: where things are had, and in which sizes it says them. */
export interface Buying {
  suppliers: readonly Supplier[];
  units: Terms['units'];
  /** What the colours of the job are called. */
  colours: readonly NamedColour[] | null;
}

/** Everything to be bought, by where it is had; what is in the van is not on it. */
export function shoppingList(
  products: readonly ProductNeed[],
  sundries: readonly SundryNeed[],
  { suppliers, units, colours }: Buying,
): ShoppingItem[] {
  const merchant = merchantOf(suppliers);
  const paint = products.flatMap(({ product, colour, plan }) =>
    plan.bought.tins.map((tin): ShoppingItem => ({
      key: `tin/${product.id}/${colour ?? ''}/${tin.litres}`,
      supplier: supplierOf(product.maker, suppliers),
      words: `${product.name}, ${sayVolume(tin.litres, units)}`,
      detail: [makerWords(product), colourWords(colour, colours)].filter(Boolean).join(', '),
      count: tin.count,
      price: tin.count * tin.price,
    })),
  );
  const rest = sundries.map((s): ShoppingItem => ({
    key: `sundry/${s.key}`,
    supplier: merchant,
    words: inTerms(s.words, { units }),
    detail: s.unit,
    count: s.count,
    price: s.price,
  }));
  // Paint is fetched first: it is what the work waits for.
  const last = (i: ShoppingItem) => (i.supplier === merchant ? 1 : 0);
  return [...paint, ...rest].sort(
    (a, b) => last(a) - last(b) || a.supplier.localeCompare(b.supplier, 'en') || a.words.localeCompare(b.words, 'en'),
  );
}

export type PaperHead = Pick<Paper, 'about' | 'firm' | 'letterhead' | 'logo' | 'marked'>;

/** What is to be bought, by supplier; with prices for those who see them. */
function shoppingBlocks(
  items: readonly ShoppingItem[],
  currency: string | null,
  suppliers: readonly Supplier[] = [],
): PaperBlock[] {
  const price = (minor: number) => (currency === null ? [] : [printMoney(minor, currency)]);
  return [...new Set(items.map((i) => i.supplier))].map((supplier): PaperBlock => {
    const here = items.filter((i) => i.supplier === supplier);
    const sum = here.reduce((total, i) => total + i.price, 0);
    return {
      kind: 'table',
      caption: [supplier, supplierTimes(supplier, suppliers)].filter(Boolean).join(': '),
      columns: [
        left('What', 0.45),
        left('Maker, colour', 0.25),
        right('How many', 0.12),
        ...(currency === null ? [] : [right('Price', 0.18)]),
      ],
      rows: [
        ...here.map((i) => ({ cells: [i.words, i.detail, String(i.count), ...price(i.price)] })),
        ...(currency === null ? [] : [{ cells: ['', '', '', ...price(sum)], weight: 'total' as const }]),
      ],
    };
  });
}

export const shoppingPaper = (
  items: readonly ShoppingItem[],
  currency: string,
  head: PaperHead,
  suppliers: readonly Supplier[] = [],
): Paper => ({
  title: 'Shopping list',
  ...head,
  blocks: items.length
    ? shoppingBlocks(items, currency, suppliers)
    : [{ kind: 'text', text: 'Nothing is to be bought: the van has it all.' }],
});

/** One line of the run sheet. */
export interface RunSheetLine {
  day: string;
  from: string;
  to: string;
  who: string;
  where: string;
  what: string;
}

function runSheetBlocks(lines: readonly RunSheetLine[]): PaperBlock[] {
  if (lines.length === 0)
    return [{ kind: 'text', text: 'No plan is posted yet. Post one on the drying plan, then print this again.' }];
  return [...new Set(lines.map((l) => l.day))].map((day): PaperBlock => ({
    kind: 'table',
    caption: day,
    columns: [left('From', 0.09), left('To', 0.09), left('Who', 0.1), left('Where', 0.3), left('What', 0.42)],
    rows: lines.filter((l) => l.day === day).map((l) => ({ cells: [l.from, l.to, l.who, l.where, l.what] })),
  }));
}

/** What is left out, without its price: for those who do the work. */
const leftOutForPainters = (quote: Quote) =>
  leftOutBlocks({ ...quote, leftOut: quote.leftOut.map((l) => ({ ...l, price: null })) });

export const runSheetPaper = (lines: readonly RunSheetLine[], quote: Quote, head: PaperHead): Paper => ({
  title: 'Run sheet',
  ...head,
  blocks: [...leftOutForPainters(quote), ...runSheetBlocks(lines)],
});

/** What a painter needs to know of one surface. */
export interface PackSurface {
  room: string;
  name: string;
  about: string;
  steps: { words: string; product: string; litres: string; minutes: number; why: string; tools: string }[];
  cautions: string[];
  wear: string[];
}

/** Everything a job is carried out by: surfaces with their steps and reasons, what is left out, the run sheet, the shopping. */
export function jobPackPaper(
  pack: {
    surfaces: readonly PackSurface[];
    quote: Quote;
    run: readonly RunSheetLine[];
    shopping: readonly ShoppingItem[];
  },
  head: PaperHead,
): Paper {
  return {
    title: 'Job pack',
    ...head,
    blocks: [
      ...leftOutForPainters(pack.quote),
      ...pack.surfaces.flatMap((s): PaperBlock[] => [
        { kind: 'heading', text: `${s.room}: ${s.name}`, level: 1 },
        { kind: 'text', text: s.about, tone: 'faded' },
        ...(s.cautions.length ? [{ kind: 'list' as const, items: s.cautions }] : []),
        ...(s.wear.length
          ? [{ kind: 'text' as const, text: `To wear: ${s.wear.join(', ')}.`, tone: 'strong' as const }]
          : []),
        {
          kind: 'table',
          caption: `Steps, ${s.name}`,
          columns: [left('Step', 0.44), left('With', 0.34), right('Paint', 0.1), right('Hours', 0.12)],
          rows: s.steps.map((x) => ({
            cells: [x.words, [x.product, x.tools].filter(Boolean).join('; '), x.litres, (x.minutes / 60).toFixed(1)],
          })),
        },
        { kind: 'list', items: s.steps.filter((x) => x.why).map((x) => `${x.words.split(':')[0]}: ${x.why}`) },
      ]),
      { kind: 'heading', text: 'Run sheet', level: 1 },
      ...runSheetBlocks(pack.run),
      { kind: 'heading', text: 'Shopping list', level: 1 },
      ...shoppingBlocks(pack.shopping, null),
    ],
  };
}
