import { sayArea } from './area.ts';
import { sayVolume } from './volume.ts';
import { toFahrenheit, toMils, toSqFtPerGal } from './usFigures.ts';

const FIGURE = String.raw`(\d+(?:\.\d+)?)`;
const SIXTEENTHS = 16;

/** A small length as a rule shows it, to the sixteenth of an inch: 5/16 in, 1 1/2 in. */
function sayInches(mm: number): string {
  // What is longer than a hand is sold by the eighth at the finest.
  const step = mm > 25 ? 2 : 1;
  const parts = Math.max(step, Math.round(mm / 25.4 / (step / SIXTEENTHS)) * step);
  const whole = Math.floor(parts / SIXTEENTHS);
  let [over, under] = [parts % SIXTEENTHS, SIXTEENTHS];
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2];
  return `${[whole || '', over ? `${over}/${under}` : ''].filter(Boolean).join(' ')} in`;
}

const shown = (value: number, places: number) => String(Number(value.toFixed(places)));

/** So many degrees apart. */
const apartF = (celsius: number) => `${Math.round(celsius * 1.8)} °F`;

type Measure = readonly [pattern: RegExp, say: (figure: number) => string];
const measure = (unit: string, say: (figure: number) => string): Measure => [
  new RegExp(String.raw`(?<![\d.,/])${FIGURE}\s?${unit}`, 'g'),
  say,
];

/** In this order: what is written of several units before what it is made of. Source: exact factors, rounded as tradespeople say them. */
const MEASURES: readonly Measure[] = [
  measure(String.raw`m²/L`, (x) => `${toSqFtPerGal(x)} sq ft/gal`),
  measure(String.raw`m² (?:a|per) litre`, (x) => `${toSqFtPerGal(x)} sq ft a gallon`),
  measure(String.raw`m²`, (x) => sayArea(x, 'us')),
  measure(String.raw`km/h`, (x) => `${Math.round(x / 1.609344)} mph`),
  measure(String.raw`m/s`, (x) => `${Math.round(x * 2.23694)} mph`),
  measure(String.raw`km\b`, (x) => `${shown(x / 1.609344, 1)} mi`),
  measure(String.raw`mm\b`, sayInches),
  measure(String.raw`cm\b`, (x) => sayInches(x * 10)),
  measure(String.raw`µm`, (x) => `${toMils(x)} mil`),
  measure(String.raw`ml\b`, (x) => (x < 473 ? `${shown(x / 29.5735, 1)} fl oz` : sayVolume(x / 1000, 'us'))),
  measure(String.raw`L\b`, (x) => sayVolume(x, 'us')),
  measure(String.raw`litres?\b`, (x) => sayVolume(x, 'us')),
  measure(String.raw`m\b`, (x) => `${Math.round(x / 0.3048)} ft`),
  measure(String.raw`metres?\b`, (x) => `${Math.round(x / 0.3048)} feet`),
  // Degrees apart, not a temperature.
  [
    new RegExp(String.raw`(?<![\d.,/])${FIGURE}\s?°C(?= (?:above|below the dew|more|warmer|colder|apart))`, 'g'),
    apartF,
  ],
  [new RegExp(String.raw`(?<=per )${FIGURE}\s?°C`, 'g'), apartF],
  measure('°C', (x) => `${toFahrenheit(x)} °F`),
];

/** Words of measures that stand without a figure. */
const WORDS: readonly (readonly [RegExp, string])[] = [
  [/\bmetres\b/g, 'yards'],
  [/\bmetre\b/g, 'yard'],
  [/\blitres\b/g, 'gallons'],
  [/\blitre\b/g, 'gallon'],
  [/\bmillimetres\b/g, 'sixteenths'],
];

/**
 * Text with metric measures, as the engine writes it, in US customary ones: 40 m² → 431 sq ft, 8 mm → 5/16 in,
 * 10 °C → 50 °F. A difference of temperatures is told by the word behind it. Text that people wrote is not put through it.
 */
export function inUsMeasures(text: string): string {
  let said = text;
  for (const [pattern, say] of MEASURES) said = said.replace(pattern, (_whole, figure: string) => say(Number(figure)));
  for (const [pattern, word] of WORDS) said = said.replace(pattern, word);
  return said;
}
