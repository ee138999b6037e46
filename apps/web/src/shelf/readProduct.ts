import { minorUnits, productId, type Family, type ProductGiven } from '@rustic/core';
import { readFigure } from '../words/readFigure.ts';
import type { Measures } from '../words/measures.ts';
import type { KeptProduct } from '../store/endpoints.ts';

/** What is typed of a product. Figures as people write them; empty where what is usual for its kind stands. */
export interface ProductSaid {
  name: string;
  maker: string;
  spread: string;
  dustFree: string;
  opens: string;
  closes: string;
  cure: string;
  leastC: string;
  tins: string;
}

/** In which measures and money a sheet is shown and typed. */
export interface SheetTerms {
  measures: Measures;
  currency: string;
}

type Field = Exclude<keyof ProductSaid, 'name' | 'maker'>;

/** The figures of the form, in the order in which they are asked. */
export const figuresAsked = ({ measures, currency }: SheetTerms): { field: Field; words: string; width: string }[] => [
  { field: 'spread', words: `Spread, ${measures.spread.unit}`, width: 'w-24' },
  { field: 'dustFree', words: 'Dust-free, min', width: 'w-24' },
  { field: 'opens', words: 'Opens, min', width: 'w-24' },
  { field: 'closes', words: 'Closes, min', width: 'w-24' },
  { field: 'cure', words: 'Cured, h', width: 'w-20' },
  { field: 'leastC', words: `Least ${measures.temperature.unit}`, width: 'w-20' },
  { field: 'tins', words: `Tins: ${measures.volume.unit} at price in ${currency}`, width: 'w-64' },
];

const figure = (n: number | null | undefined, say: (n: number) => string = String) => (n == null ? '' : say(n));

export function saidOfProduct(p: KeptProduct | null, { measures, currency }: SheetTerms): ProductSaid {
  const { spread, temperature, volume } = measures;
  const unit = minorUnits(currency);
  return {
    name: p?.name ?? '',
    maker: p?.maker ?? '',
    spread: figure(p?.spreadM2PerL, spread.say),
    dustFree: figure(p?.drying.dustFreeMin),
    opens: figure(p?.drying.recoatMin),
    closes: figure(p?.drying.recoatMaxMin),
    cure: figure(p?.cureHours),
    leastC: figure(p?.drying.minTempC, temperature.say),
    tins: p?.tins.map((t) => `${volume.say(t.litres)} at ${((t.price ?? 0) / unit).toFixed(2)}`).join(', ') ?? '',
  };
}

/** "1 at 19.00, 2.5 at 41", "1 qt at 22": litres and minor units; null where it cannot be read. */
export function readTins(text: string, { measures, currency }: SheetTerms): { litres: number; price: number }[] | null {
  const tins = text
    .split(/[;]|,(?=\s)/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => {
      const [size, price] = part.split(/\s*(?:\bat\b|:|@)\s*/);
      const minor = readFigure((price ?? '').replace(/[^\d.,-]/g, '')) * minorUnits(currency);
      return { litres: measures.volume.read(size ?? ''), price: Math.round(minor) };
    });
  return tins.every((t) => t.litres > 0 && Number.isFinite(t.price) && t.price >= 0) ? tins : null;
}

/** The sheet behind what was typed, over what stood before; or what cannot be read, in words. */
export function readProduct(said: ProductSaid, family: Family, before: KeptProduct | null, terms: SheetTerms): { sheet: ProductGiven | null; fault: string | null } {
  const refuse = (fault: string) => ({ sheet: null, fault });
  for (const { field, words } of figuresAsked(terms))
    if (field !== 'tins' && said[field].trim() && !Number.isFinite(readFigure(said[field]))) return refuse(`${words}: write a figure, or leave it empty.`);
  const shown = before && saidOfProduct(before, terms);
  // What was not touched is not read back from its rounded figure.
  const touched = (field: Field) => said[field].trim() !== '' && said[field] !== shown?.[field];
  const tins = touched('tins') ? readTins(said.tins, terms) : [];
  if (!tins) return refuse('Tins: write them as 1 at 19.00, 2.5 at 41.00.');
  const { spread, temperature } = terms.measures;
  const given = (field: Field, read: (text: string) => number = readFigure) => (touched(field) ? read(said[field]) : undefined);
  const drying = {
    dustFreeMin: given('dustFree'),
    recoatMin: given('opens'),
    recoatMaxMin: given('closes'),
    minTempC: given('leastC', temperature.read),
  };
  const { own: _own, kept: _kept, version: _version, van: _van, notes: _notes, drying: wasDrying, tins: wasTins = [], ...was } = before ?? ({} as KeptProduct);
  const name = before?.name ?? said.name.trim();
  const maker = before?.maker ?? said.maker.trim();
  return {
    fault: null,
    sheet: {
      ...was,
      id: before?.id ?? productId(maker, name),
      name,
      maker,
      family,
      ...(touched('spread') ? { spreadM2PerL: spread.read(said.spread) } : {}),
      ...(touched('cure') ? { cureHours: readFigure(said.cure) } : {}),
      ...(tins.length || before ? { tins: tins.length ? tins : wasTins.map(({ litres, price = 0 }) => ({ litres, price })) } : {}),
      drying: { ...wasDrying, ...Object.fromEntries(Object.entries(drying).filter(([, v]) => v !== undefined)) },
    },
  };
}
