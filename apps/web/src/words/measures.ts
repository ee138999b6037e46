import {
  inUsMeasures,
  readVolume,
  toFahrenheit,
  toMils,
  toSqFtPerGal,
  type Terms,
  fromFahrenheit,
  fromMils,
  fromSqFtPerGal,
  LITRES_A_GALLON,
} from '@rustic/core';
import { readFigure } from './readFigure.ts';

/** One kind of measure as a person has it: its unit, how a figure of the record is said, how what is typed is read. */
export interface Measure {
  unit: string;
  /** The unit in a word, as it stands over a column. */
  many: string;
  /** The figure alone, as it stands in a field. */
  say: (figure: number) => string;
  /** Not a number where it cannot be read. */
  read: (text: string) => number;
}

/** How whoever is here says and reads what the record has in °C, litres and µm. */
export interface Measures {
  units: Terms['units'];
  temperature: Measure;
  volume: Measure;
  film: Measure;
  spread: Measure;
  /** What the page writes in metric measures, in this person's. */
  inUnits: (text: string) => string;
}

const tenths = (x: number) => String(Math.round(x * 10) / 10);
const volumeRead = (bare: 'l' | 'gal') => (text: string) => readVolume(text, bare) ?? Number.NaN;

const METRIC: Measures = {
  units: 'metric',
  temperature: { unit: '°C', many: '°C', say: tenths, read: readFigure },
  volume: { unit: 'L', many: 'litres', say: tenths, read: volumeRead('l') },
  film: { unit: 'µm', many: 'µm', say: String, read: readFigure },
  spread: { unit: 'm²/L', many: 'm²/L', say: String, read: readFigure },
  inUnits: (text) => text,
};
const US: Measures = {
  units: 'us',
  temperature: {
    unit: '°F',
    many: '°F',
    say: (c) => String(toFahrenheit(c)),
    read: (text) => fromFahrenheit(readFigure(text)),
  },
  volume: { unit: 'gal', many: 'gallons', say: (l) => (l / LITRES_A_GALLON).toFixed(2), read: volumeRead('gal') },
  film: {
    unit: 'mil',
    many: 'mils',
    say: (um) => String(toMils(um)),
    read: (text) => fromMils(readFigure(text)),
  },
  spread: {
    unit: 'sq ft/gal',
    many: 'sq ft/gal',
    say: (m2) => String(toSqFtPerGal(m2)),
    read: (text) => fromSqFtPerGal(readFigure(text)),
  },
  inUnits: inUsMeasures,
};

export const measuresOf = (units: Terms['units']): Measures => (units === 'us' ? US : METRIC);

/** What one litre or gallon costs in a tin of so many litres, in minor units. */
export const pricePerUnit = (price: number, litres: number, { units }: Measures): number =>
  Math.round((price / litres) * (units === 'us' ? LITRES_A_GALLON : 1));
