import { productId, type Family, type ProductGiven } from '@rustic/core';
import { readFigure } from '../words/readFigure.ts';
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

/** The figures of the form, in the order in which they are asked. */
export const FIGURES = [
  { field: 'spread', words: 'm² a litre', width: 'w-20' },
  { field: 'dustFree', words: 'Dust-free, min', width: 'w-24' },
  { field: 'opens', words: 'Opens, min', width: 'w-24' },
  { field: 'closes', words: 'Closes, min', width: 'w-24' },
  { field: 'cure', words: 'Cured, h', width: 'w-20' },
  { field: 'leastC', words: 'Least °C', width: 'w-20' },
  { field: 'tins', words: 'Tins: litres at price in {currency}', width: 'w-64' },
] as const satisfies readonly { field: keyof ProductSaid; words: string; width: string }[];

const figure = (n: number | null | undefined) => (n == null ? '' : String(n));

export function saidOfProduct(p: KeptProduct | null): ProductSaid {
  return {
    name: p?.name ?? '',
    maker: p?.maker ?? '',
    spread: figure(p?.spreadM2PerL),
    dustFree: figure(p?.drying.dustFreeMin),
    opens: figure(p?.drying.recoatMin),
    closes: figure(p?.drying.recoatMaxMin),
    cure: figure(p?.cureHours),
    leastC: figure(p?.drying.minTempC),
    tins: p?.tins.map((t) => `${t.litres} at ${((t.price ?? 0) / 100).toFixed(2)}`).join(', ') ?? '',
  };
}

/** "1 at 19.00, 2.5 at 41": money in minor units; null where it cannot be read. */
export function readTins(text: string): { litres: number; price: number }[] | null {
  const tins = text
    .split(/[;]|,(?=\s)/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => {
      const [litres, price] = part.split(/\s*(?:at|:|@)\s*/);
      return { litres: readFigure(litres ?? ''), price: Math.round(readFigure(price ?? '') * 100) };
    });
  return tins.every((t) => t.litres > 0 && Number.isFinite(t.price) && t.price >= 0) ? tins : null;
}

/** The sheet behind what was typed, over what stood before; or what cannot be read, in words. */
export function readProduct(said: ProductSaid, family: Family, before: KeptProduct | null): { sheet: ProductGiven | null; fault: string | null } {
  const refuse = (fault: string) => ({ sheet: null, fault });
  for (const { field, words } of FIGURES)
    if (field !== 'tins' && said[field].trim() && !Number.isFinite(readFigure(said[field]))) return refuse(`${words}: write a figure, or leave it empty.`);
  const tins = readTins(said.tins);
  if (!tins) return refuse('Tins: write them as 1 at 19.00, 2.5 at 41.00.');
  const given = (text: string) => (text.trim() ? readFigure(text) : undefined);
  const drying = {
    dustFreeMin: given(said.dustFree),
    recoatMin: given(said.opens),
    recoatMaxMin: given(said.closes),
    minTempC: given(said.leastC),
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
      ...(given(said.spread) === undefined ? {} : { spreadM2PerL: given(said.spread)! }),
      ...(given(said.cure) === undefined ? {} : { cureHours: given(said.cure)! }),
      ...(tins.length || before ? { tins: tins.length ? tins : wasTins.map(({ litres, price = 0 }) => ({ litres, price })) } : {}),
      drying: { ...wasDrying, ...Object.fromEntries(Object.entries(drying).filter(([, v]) => v !== undefined)) },
    },
  };
}
