import type { SHELF_COLUMNS } from '../exchange.ts';

type Column = (typeof SHELF_COLUMNS)[number];

/** What people write over the columns of a price list or a sheet, in small letters and without what is in brackets. */
export const COLUMN_LABELS: Partial<Record<Column, readonly string[]>> = {
  id: ['code', 'sku', 'article'],
  name: ['product', 'product name', 'description'],
  maker: ['brand', 'manufacturer', 'supplier', 'make'],
  family: ['kind', 'type', 'category'],
  spreadM2PerL: ['spread', 'coverage', 'm²/l', 'm2/l', 'm² a litre', 'm² per litre', 'sq ft/gal', 'sq ft a gallon', 'ft²/gal', 'spread, m²/l', 'spread, sq ft/gal'],
  wetFilmUm: ['wet film', 'wft'],
  dryFilmUm: ['dry film', 'dft'],
  cureHours: ['cure', 'cured', 'cured, h', 'full cure'],
  lastsYears: ['lasts', 'lasts, years', 'maker’s years', 'guaranteed years'],
  odour: ['smell', 'odor'],
  vocGPerL: ['voc', 'voc g/l'],
  solidsPct: ['solids', 'volume solids', 'solids %'],
  tints: ['colours', 'colors', 'tinting'],
  sheens: ['sheen', 'finish', 'gloss'],
  refuses: ['not on'],
  tins: ['tin', 'sizes', 'size and price', 'sizes and prices', 'tins with prices', 'containers', 'cans'],
  mix: ['mix ratio', 'mixing'],
  dustFreeMin: ['dust-free', 'dust-free, min', 'touch dry', 'dry to touch'],
  recoatMin: ['opens', 'opens, min', 'recoat', 'recoat min', 'recoat after'],
  recoatMaxMin: ['closes', 'closes, min', 'recoat max', 'recoat until'],
  minTempC: ['least °c', 'least °f', 'min temp', 'minimum temperature', 'min °c', 'min °f'],
  maxTempC: ['most °c', 'most °f', 'max temp', 'maximum temperature'],
  maxRhPct: ['max rh', 'max humidity'],
  rainSafeMin: ['rain-safe', 'rainfast'],
};
