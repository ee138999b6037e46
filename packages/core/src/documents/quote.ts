import { colourWords } from '../colours/colourWords.ts';
import type { NamedColour } from '../model/colour.ts';
import type { LeftOutReason } from '../vocabulary/index.ts';
import type { RoomSketch } from '../model/records/room.ts';
import type { Step } from '../model/step.ts';
import type { SketchExclusion } from '../walkround/roomSketch.ts';
import { shareOf } from '../pricing/money.ts';
import { sayArea } from '../units/area.ts';

export const LEFT_OUT_WORDS: Record<LeftOutReason, string> = {
  'client-does-it': 'the client does it',
  'to-be-removed': 'it is to be removed',
  undecided: 'the client has not decided',
  'other-trade-first': 'another trade comes first',
  'stays-as-it-is': 'it stays as it is',
};

/** One surface of a quote. */
export interface QuoteLine {
  surfaceId: string;
  room: string;
  name: string;
  /** What is done, in one sentence. */
  work: string;
  steps: string[];
  colour: string | null;
  /** Parts in colours of their own; left out where there are none. */
  parts?: { name: string; colour: string }[];
  areaM2: number | null;
  /** Months the firm stands behind it; null where it is withheld, with why. */
  months: number | null;
  withheld: string[];
  price: number;
  /** True where somebody set its price by hand. */
  byHand?: boolean;
  /** Names the system: what a later version is compared by. */
  key: string;
}

/** A line that is no surface: something else that is charged, or a discount. */
export interface QuoteOwnLine {
  id: string;
  words: string;
  /** Net; below nothing for a discount. */
  price: number;
}

/** Something the client may take or leave, at its own price. */
export interface QuoteOption {
  id: string;
  /** A surface that is not in the price, or another system in place of the one that is. */
  kind: 'extra' | 'instead';
  surfaceId: string;
  room: string;
  name: string;
  words: string;
  /** Added to the net price; below nothing where it saves. */
  price: number;
  key: string;
  /** The system that is taken with it. */
  system: Step[];
}

/** What is left out, why, and what it would cost; drawn at its boundary where it has one. */
export interface QuoteLeftOut {
  surfaceId: string;
  room: string;
  name: string;
  words: string;
  reason: LeftOutReason;
  whole: boolean;
  price: number | null;
}

/** A room of which something is left out, as it is drawn. */
export interface QuoteSketch {
  room: string;
  sketch: RoomSketch;
  excluded: (SketchExclusion & { words: string })[];
}

/** A quote whole: what is kept when it is sent, and agreed to as it stands. Money in minor units. */
export interface Quote {
  firm: string;
  /** What stands under the firm's name: its address, how it is reached, its numbers. */
  letterhead?: string[];
  /** The firm's own picture, as a PNG in a data address. */
  logo?: string;
  /** When what is paid, and the firm's terms, a paragraph each. */
  terms?: string[];
  currency: string;
  job: string;
  place: string;
  /** Who it is for, as it stands on papers; empty where nobody was named. */
  client: string;
  /** In which sizes are said. */
  units: 'metric' | 'us';
  lines: QuoteLine[];
  /** What its colours are called. A version of before colours had names has none. */
  colours?: NamedColour[];
  /** Lines that are no surface. A version of before there were any has none. */
  own?: QuoteOwnLine[];
  options: QuoteOption[];
  leftOut: QuoteLeftOut[];
  sketches: QuoteSketch[];
  photos: { id: string; words: string }[];
  cautions: string[];
  net: number;
  taxName: string;
  /** In 1/100 %. */
  taxShare: number;
  /** Prices are said with the tax in them; kept net all the same. A version of before this could be said is not. */
  taxIncluded?: boolean;
  tax: number;
  total: number;
  /** The last day on which the price is held, ISO date. */
  heldUntil: string;
}

/** Each colour of a quote by its name, with where it goes. */
export function quoteColours({
  lines,
  colours,
}: {
  lines: readonly Pick<QuoteLine, 'colour' | 'room' | 'name' | 'parts'>[];
  colours?: readonly NamedColour[] | undefined;
}): { colour: string; name: string; words: string }[] {
  const where = new Map<string, string[]>();
  const put = (colour: string, place: string) => where.set(colour, [...(where.get(colour) ?? []), place]);
  for (const { colour, room, name, parts = [] } of lines) {
    if (colour) put(colour, `${room}, ${name}`);
    for (const part of parts) put(part.colour.toLowerCase(), `${room}, ${name}: ${part.name}`);
  }
  return [...where].map(([colour, places]) => ({
    colour,
    name: colourWords(colour, colours),
    words: places.join('; '),
  }));
}

/** What a client owes: the lines, the options taken, and tax on both. Minor units. */
export interface QuoteTotals {
  net: number;
  options: number;
  tax: number;
  total: number;
}

/** How a version is called: its number in the firm, and its version in the job. */
export const quoteMark = ({ number, version }: { number: number; version: number }) =>
  `Q${String(number).padStart(4, '0')}, version ${version}`;

/** What a sum asks of a quote: a page that shows one need not have the systems behind its options. */
type Summed = Pick<Quote, 'taxShare'> & {
  lines: readonly Pick<QuoteLine, 'price'>[];
  own?: readonly Pick<QuoteOwnLine, 'price'>[];
  options: readonly Pick<QuoteOption, 'id' | 'price'>[];
};

/** The sum of a quote with the options taken. Options that it does not have are not taken. */
export function quoteTotals(quote: Summed, taken: readonly string[] = []): QuoteTotals {
  const net = [...quote.lines, ...(quote.own ?? [])].reduce((sum, line) => sum + line.price, 0);
  const options = quote.options.filter((o) => taken.includes(o.id)).reduce((sum, o) => sum + o.price, 0);
  const tax = shareOf(net + options, quote.taxShare);
  return { net, options, tax, total: net + options + tax };
}

/** Two options on one surface cannot both be taken: the faults, in words. */
export function optionFault(
  quote: { options: readonly Pick<QuoteOption, 'id' | 'surfaceId'>[] },
  taken: readonly string[],
): string | null {
  const unknown = taken.find((id) => !quote.options.some((o) => o.id === id));
  if (unknown) return 'One of the options is not in this version.';
  const surfaces = quote.options.filter((o) => taken.includes(o.id)).map((o) => o.surfaceId);
  return new Set(surfaces).size < surfaces.length ? 'Two options for one surface cannot both be taken.' : null;
}

/** A quote as it was agreed to: options taken are lines of it, at their price. */
export function asAgreed(quote: Quote, taken: readonly string[]): Quote {
  const chosen = quote.options.filter((o) => taken.includes(o.id));
  const instead = new Map(chosen.filter((o) => o.kind === 'instead').map((o) => [o.surfaceId, o]));
  const lines = quote.lines.map((line) => {
    const other = instead.get(line.surfaceId);
    return other ? { ...line, work: other.words, key: other.key, price: line.price + other.price } : line;
  });
  const extras = chosen
    .filter((o) => o.kind === 'extra')
    .map((o): QuoteLine => ({
      surfaceId: o.surfaceId,
      room: o.room,
      name: o.name,
      work: o.words,
      steps: [],
      colour: null,
      areaM2: null,
      months: null,
      withheld: [],
      price: o.price,
      key: o.key,
    }));
  const whole = {
    ...quote,
    lines: [...lines, ...extras],
    options: quote.options.filter((o) => !chosen.some((c) => c.surfaceId === o.surfaceId)),
    leftOut: quote.leftOut.filter((l) => !extras.some((e) => l.whole && e.surfaceId === l.surfaceId)),
  };
  return { ...whole, ...sums(whole) };
}

const sums = (quote: Pick<Quote, 'lines' | 'own' | 'options' | 'taxShare'>) => {
  const { net, tax, total } = quoteTotals(quote);
  return { net, tax, total };
};

/** One difference between two versions, and what it does to the net price. */
export interface QuoteChange {
  surfaceId: string;
  words: string;
  price: number;
}

/** A line taken up from the options carries no size or colour: there is nothing to compare. */
const sameSize = (a: QuoteLine, b: QuoteLine) => a.areaM2 === null || b.areaM2 === null || a.areaM2 === b.areaM2;
const sameColour = (a: QuoteLine, b: QuoteLine) =>
  a.steps.length === 0 || b.steps.length === 0 || a.colour === b.colour;
const sameWork = (a: QuoteLine, b: QuoteLine) => a.key === b.key && sameSize(a, b) && sameColour(a, b);

function lineChange(before: QuoteLine, after: QuoteLine, units: Quote['units']): string {
  const parts = [
    before.key === after.key ? '' : `done otherwise: ${after.work.replace(/\.$/, '')}`,
    sameSize(before, after) ? '' : `${sayArea(before.areaM2!, units)} is now ${sayArea(after.areaM2!, units)}`,
    sameColour(before, after) ? '' : `another colour`,
  ].filter(Boolean);
  return `${after.room}, ${after.name}: ${parts.join('; ')}.`;
}

const leftOutKey = (l: QuoteLeftOut) => `${l.surfaceId}/${l.words}/${l.reason}/${l.whole}`;

/**
 * What changed from one version to another: surfaces that came or went, other work, sizes or colours, and what is left
 * out. A price alone is no change, but where somebody set it by hand: what was agreed at a price stays at it.
 */
export function quoteChanges(before: Quote, after: Quote): QuoteChange[] {
  if (before.currency === after.currency) return changesIn(before, after);
  // Sums of two currencies have no difference: what changed is said, and that the money is another.
  const money = `Priced in ${after.currency}; the version before it was in ${before.currency}.`;
  return [
    { surfaceId: '', words: money, price: 0 },
    ...changesIn(before, after).map((change) => ({ ...change, price: 0 })),
  ];
}

function changesIn(before: Quote, after: Quote): QuoteChange[] {
  const was = new Map(before.lines.map((l) => [l.surfaceId, l]));
  const is = new Map(after.lines.map((l) => [l.surfaceId, l]));
  const said = new Set(before.leftOut.map(leftOutKey));
  const says = new Set(after.leftOut.map(leftOutKey));
  return [
    ...after.lines.flatMap((line): QuoteChange[] => {
      const old = was.get(line.surfaceId);
      if (!old) return [{ surfaceId: line.surfaceId, words: `${line.room}, ${line.name}: added.`, price: line.price }];
      if (sameWork(old, line) && line.byHand && line.price !== old.price)
        return [
          {
            surfaceId: line.surfaceId,
            words: `${line.room}, ${line.name}: another price.`,
            price: line.price - old.price,
          },
        ];
      return sameWork(old, line)
        ? []
        : [{ surfaceId: line.surfaceId, words: lineChange(old, line, after.units), price: line.price - old.price }];
    }),
    ...before.lines
      .filter((l) => !is.has(l.surfaceId))
      .map((l) => ({ surfaceId: l.surfaceId, words: `${l.room}, ${l.name}: no longer done.`, price: -l.price })),
    ...ownChanges(before.own ?? [], after.own ?? []),
    ...after.leftOut
      .filter((l) => !said.has(leftOutKey(l)) && !l.whole)
      .map((l) => ({ surfaceId: l.surfaceId, words: `${l.room}, ${l.name}: ${l.words} is left out.`, price: 0 })),
    ...before.leftOut
      .filter((l) => !says.has(leftOutKey(l)) && !l.whole)
      .map((l) => ({ surfaceId: l.surfaceId, words: `${l.room}, ${l.name}: ${l.words} is done after all.`, price: 0 })),
  ];
}

/** Lines of their own that came, went, or are called or priced otherwise. */
const ownChanges = (before: readonly QuoteOwnLine[], after: readonly QuoteOwnLine[]): QuoteChange[] => [
  ...after.flatMap((line): QuoteChange[] => {
    const old = before.find((l) => l.id === line.id);
    if (old?.price === line.price && old.words === line.words) return [];
    const how = old ? (old.price === line.price ? 'called otherwise' : 'another price') : 'added';
    return [{ surfaceId: line.id, words: `${line.words}: ${how}.`, price: line.price - (old?.price ?? 0) }];
  }),
  ...before
    .filter((l) => !after.some((line) => line.id === l.id))
    .map((l) => ({ surfaceId: l.id, words: `${l.words}: taken off.`, price: -l.price })),
];

/**
 * A later version of what was agreed: every surface that did not change keeps the price that was agreed for it, only
 * what changed is priced anew. What was agreed in another currency is no price here.
 */
export function atAgreedPrices(draft: Quote, agreed: Quote): Quote {
  if (draft.currency !== agreed.currency) return draft;
  const was = new Map(agreed.lines.map((l) => [l.surfaceId, l]));
  const lines = draft.lines.map((line) => {
    const old = was.get(line.surfaceId);
    return old && !line.byHand && sameWork(old, line) ? { ...line, price: old.price } : line;
  });
  return { ...draft, lines, ...sums({ ...draft, lines }) };
}
